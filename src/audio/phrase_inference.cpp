#include "audio/phrase_inference.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace lc {

namespace {

// Tuned on the demo song alone.
constexpr double freshWeight = 0.8;
constexpr double afterShortBar = 1.5;

double priceOf(std::size_t bars) {
    switch (bars) {
    case 8: return 0.2;
    case 4: return 0.9;
    case 16: return 2.2;
    case 9: return 1.3; // eight and one bar that the music adds
    case 6:
    case 12: return 1.6;
    case 5:
    case 7:
    case 10: return 2.2;
    default: return 3.4;
    }
}

double similarity(const BarSound& a, const BarSound& b) {
    double dot = 0, na = 0, nb = 0;
    for (std::size_t i = 0; i < a.size(); ++i) {
        dot += a[i] * b[i];
        na += a[i] * a[i];
        nb += b[i] * b[i];
    }
    return na > 0 && nb > 0 ? dot / std::sqrt(na * nb) : 0;
}

/// Each dimension centred and scaled, so that level and harmony weigh the same.
std::vector<BarSound> centred(std::vector<BarSound> bars) {
    for (std::size_t d = 0; d < bars.front().size(); ++d) {
        double mean = 0, variance = 0;
        for (const BarSound& bar : bars) mean += bar[d];
        mean /= static_cast<double>(bars.size());
        for (const BarSound& bar : bars) variance += (bar[d] - mean) * (bar[d] - mean);
        const double deviation = std::sqrt(variance / static_cast<double>(bars.size()));
        for (BarSound& bar : bars) bar[d] = deviation > 1e-9 ? (bar[d] - mean) / deviation : 0;
    }
    return bars;
}

/// Checkerboard kernel of `reach` bars at the boundary before bar k.
double noveltyAt(const std::vector<std::vector<double>>& alike, std::size_t k, std::size_t reach) {
    double within = 0, across = 0;
    int w = 0, a = 0;
    const std::size_t from = k >= reach ? k - reach : 0;
    const std::size_t to = std::min(alike.size(), k + reach);
    for (std::size_t i = from; i < to; ++i)
        for (std::size_t j = from; j < i; ++j) {
            const bool same = (i < k) == (j < k);
            (same ? within : across) += alike[i][j];
            ++(same ? w : a);
        }
    return (w ? within / w : 0) - (a ? across / a : 0);
}

void scaleToUnit(std::vector<double>& values) {
    double mean = 0, variance = 0;
    for (double v : values) mean += v;
    mean /= static_cast<double>(std::max<std::size_t>(1, values.size()));
    for (double v : values) variance += (v - mean) * (v - mean);
    const double deviation = std::sqrt(variance / static_cast<double>(std::max<std::size_t>(1, values.size())));
    for (double& v : values) v = deviation > 1e-9 ? (v - mean) / deviation : 0;
}

} // namespace

std::vector<std::size_t> inferPhrases(const std::vector<BarSound>& bars, const std::vector<double>& freshness, const std::vector<int>& beats) {
    const std::size_t n = bars.size();
    if (n == 0) return {};
    const std::vector<BarSound> sound = centred(bars);
    std::vector<std::vector<double>> alike(n, std::vector<double>(n, 0));
    for (std::size_t i = 0; i < n; ++i)
        for (std::size_t j = i >= 16 ? i - 16 : 0; j <= i; ++j) alike[i][j] = similarity(sound[i], sound[j]);
    std::vector<double> boundary(n, 0);
    for (std::size_t k = 1; k < n; ++k) boundary[k] = noveltyAt(alike, k, 4);
    scaleToUnit(boundary);
    std::vector<double> fresh = freshness;
    scaleToUnit(fresh);
    for (std::size_t k = 1; k < n; ++k) {
        boundary[k] += freshWeight * std::clamp(fresh[k], -1.0, 3.0);
        if (beats[k - 1] < beats[k]) boundary[k] += afterShortBar;
    }
    std::vector<double> best(n + 1, -std::numeric_limits<double>::infinity());
    std::vector<std::size_t> from(n + 1, 0);
    best[0] = 0;
    for (std::size_t k = 1; k <= n; ++k)
        for (std::size_t length = 1; length <= std::min<std::size_t>(16, k); ++length) {
            const bool last = k == n; // the last phrase may be any length: songs fade
            const double score = best[k - length] + (last ? 0 : boundary[k]) - priceOf(length) * (last && length < 8 ? 0.3 : 1.0);
            if (score > best[k]) {
                best[k] = score;
                from[k] = length;
            }
        }
    std::vector<std::size_t> lengths;
    for (std::size_t k = n; k > 0; k -= from[k]) lengths.push_back(from[k]);
    std::reverse(lengths.begin(), lengths.end());
    return lengths;
}

} // namespace lc
