#pragma once

#include <cstddef>
#include <vector>

namespace lc::test {

/// F-measure of moments found against true ones, both ascending, within ±70 ms; each counts once (Davies, Degara,
/// Plumbley, "Evaluation methods for musical audio beat tracking algorithms", 2009).
inline double fMeasure(const std::vector<double>& found, const std::vector<double>& truth, double within = 0.07) {
    if (found.empty() || truth.empty()) return 0;
    std::size_t f = 0;
    int hits = 0;
    for (double t : truth) {
        while (f < found.size() && found[f] < t - within) ++f;
        if (f < found.size() && found[f] <= t + within) {
            ++hits;
            ++f;
        }
    }
    return 2.0 * hits / static_cast<double>(found.size() + truth.size());
}

} // namespace lc::test
