#include "audio/listening/pulse_presence.h"

#include "core/base/quantile.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {

// Between what was measured on noise and synthetic speech in six voices (at most 0.108 and 0.115) and on the
// development half of bench/listen, whose choirs come lowest (0.07 and 0.14).
constexpr double fluxReturns = 0.115;
constexpr double complexReturns = 0.125;
// Steady noise and drones vary by 0.02 of their level, the smoothest music of the development half by 0.21.
constexpr double levelVaries = 0.06;
constexpr double window = 12.0;   // seconds
constexpr double shortLag = 0.25; // seconds between beats that are looked for
constexpr double longLag = 2.0;

/// Mean over windows of the highest value of the normalised autocorrelation between the lags.
double returns(const std::vector<float>& function, double rate) {
    const std::size_t size = std::min(function.size(), static_cast<std::size_t>(window * rate));
    const auto first = static_cast<std::size_t>(shortLag * rate);
    const auto last = std::min(static_cast<std::size_t>(longLag * rate), size / 2);
    if (last <= first) return 0;
    double sum = 0;
    std::size_t windows = 0;
    std::vector<double> part(size);
    for (std::size_t start = 0; start + size <= function.size(); start += std::max<std::size_t>(1, size / 2)) {
        double mean = 0;
        for (std::size_t i = 0; i < size; ++i) mean += static_cast<double>(function[start + i]);
        mean /= static_cast<double>(size);
        double power = 0;
        for (std::size_t i = 0; i < size; ++i) {
            part[i] = static_cast<double>(function[start + i]) - mean;
            power += part[i] * part[i];
        }
        ++windows;
        if (power < 1e-9) continue;
        double best = 0;
        for (std::size_t lag = first; lag <= last; ++lag) {
            double product = 0;
            for (std::size_t i = 0; i + lag < size; ++i) product += part[i] * part[i + lag];
            best = std::max(best, product / power);
        }
        sum += best;
    }
    return windows > 0 ? sum / static_cast<double>(windows) : 0;
}

/// Median over windows of four seconds of how much the level varies, as a share of its mean; silent windows left out.
double variation(const std::vector<float>& level, double rate) {
    const auto size = static_cast<std::size_t>(4 * rate);
    std::vector<double> all;
    for (std::size_t start = 0; size > 0 && start + size <= level.size(); start += size) {
        double mean = 0, square = 0;
        for (std::size_t i = 0; i < size; ++i) {
            const double v = static_cast<double>(level[start + i]);
            mean += v / static_cast<double>(size);
            square += v * v / static_cast<double>(size);
        }
        if (mean > 1e-4) all.push_back(std::sqrt(std::max(0.0, square - mean * mean)) / mean);
    }
    if (all.empty()) return 0;
    return median(std::move(all));
}

} // namespace

bool hasPulse(const SongFeatures& song) {
    const OnsetFunctions& onsets = song.onsets;
    if (variation(onsets.level, onsets.rate) < levelVaries) return false;
    return returns(onsets.flux, onsets.rate) >= fluxReturns ||
           returns(onsets.complexDomain, onsets.rate) >= complexReturns;
}

} // namespace lc
