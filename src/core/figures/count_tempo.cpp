#include "core/figures/count_tempo.h"

#include <algorithm>
#include <numeric>

namespace lc {

CountTempo CountTempo::startingOn(Tick musicCount) const {
    CountTempo out = *this;
    if (!out.weights.empty()) {
        const auto n = static_cast<std::int64_t>(out.weights.size());
        std::rotate(out.weights.begin(),
                    out.weights.begin() + static_cast<std::ptrdiff_t>((wholeCounts(musicCount) - 1) % n),
                    out.weights.end());
    }
    return out;
}

double CountTempo::meanCounts(Tick at) const {
    if (weights.empty()) return static_cast<double>(at.value) / static_cast<double>(ticksPerCount);
    const auto n = static_cast<std::int64_t>(weights.size());
    const std::int64_t whole = wholeCounts(at);
    const std::int64_t sets = whole >= 0 ? whole / n : -((-whole + n - 1) / n);
    double sum = static_cast<double>(sets) * std::accumulate(weights.begin(), weights.end(), 0.0);
    for (std::int64_t c = sets * n; c < whole; ++c) sum += weights[static_cast<std::size_t>(c - sets * n)];
    const Tick part = at - counts(whole);
    return sum + static_cast<double>(part.value) / static_cast<double>(ticksPerCount) *
                     weights[static_cast<std::size_t>(whole - sets * n)];
}

} // namespace lc
