#include "audio/listening/beat_places.h"

#include "core/base/quantile.h"

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <limits>

namespace lc {

namespace {

constexpr double nearestPeak = 0.045, hardestRise = 0.06, softestRise = 0.16; // seconds
constexpr double riseToOnset =
    0.0015; // seconds from the middle of the flux's rise to the onset: what makes up for a part of the mean on real
            // music (4 ms early) and of that on made-up music (1.4 ms)

} // namespace

std::vector<double> swayedBeats(const std::vector<float>& activation, const std::vector<double>& beats,
                                double swaySpread) {
    if (beats.size() < 4) return beats;
    constexpr double farthest = 0.16; // of a beat: an eighth of a swung one stays out of reach
    std::vector<double> gaps;
    for (std::size_t i = 1; i < beats.size(); ++i) gaps.push_back(beats[i] - beats[i - 1]);
    const double period = median(std::move(gaps));
    const int reach = std::max(1, static_cast<int>(std::lround(farthest * period)));
    const auto states = static_cast<std::size_t>(2 * reach + 1);
    std::vector<float> price(2 * states, 0.0F); // of the difference between the moves of neighbours
    for (std::size_t d = 0; d < price.size(); ++d) {
        const double part = static_cast<double>(d) / period / swaySpread;
        price[d] = static_cast<float>(0.5 * part * part);
    }
    const auto n = static_cast<int>(activation.size());
    std::vector<float> best(states, 0.0F), next(states);
    std::vector<std::int16_t> from(beats.size() * states, 0);
    for (std::size_t b = 0; b < beats.size(); ++b) {
        for (std::size_t s = 0; s < states; ++s) {
            float score = b == 0 ? 0.0F : -std::numeric_limits<float>::infinity();
            for (std::size_t f = 0; b > 0 && f < states; ++f)
                if (const float candidate = best[f] - price[s > f ? s - f : f - s]; candidate > score) {
                    score = candidate;
                    from[b * states + s] = static_cast<std::int16_t>(f);
                }
            const int frame = static_cast<int>(std::lround(beats[b])) + static_cast<int>(s) - reach;
            next[s] = score + (frame >= 0 && frame < n ? activation[static_cast<std::size_t>(frame)] : 0.0F);
        }
        std::swap(best, next);
    }
    std::vector<double> out = beats;
    auto s = static_cast<std::size_t>(std::max_element(best.begin(), best.end()) - best.begin());
    for (std::size_t b = beats.size(); b-- > 0;) {
        out[b] += static_cast<double>(s) - reach;
        s = static_cast<std::size_t>(from[b * states + s]);
    }
    for (std::size_t b = 1; b < out.size(); ++b) out[b] = std::max(out[b], out[b - 1] + 1);
    return out;
}

double riseAround(const OnsetFunctions& onsets, const std::vector<double>& beats, double share) {
    // The mean course of the flux around the beats, every half frame.
    const auto frames = [&](double seconds) { return static_cast<int>(std::lround(seconds * onsets.rate * 2)); };
    const int reach = frames(softestRise + nearestPeak);
    std::vector<double> course;
    for (int lag = -reach; lag <= reach; ++lag) {
        double sum = 0;
        for (double beat : beats) {
            const double at = beat + 0.5 * lag;
            if (at < 0) continue;
            const auto i = static_cast<std::size_t>(at);
            if (i + 1 >= onsets.size()) continue;
            const double part = at - static_cast<double>(i);
            sum += (1 - part) * std::log1p(static_cast<double>(onsets.flux[i])) +
                   part * std::log1p(static_cast<double>(onsets.flux[i + 1]));
        }
        course.push_back(sum);
    }
    int peak = reach;
    for (int k = reach - frames(nearestPeak); k <= reach + frames(nearestPeak); ++k)
        if (course[static_cast<std::size_t>(k)] > course[static_cast<std::size_t>(peak)]) peak = k;
    int foot = peak;
    for (int k = peak; k > std::max(0, peak - frames(share < 0.5 ? softestRise : hardestRise)); --k)
        if (course[static_cast<std::size_t>(k)] < course[static_cast<std::size_t>(foot)]) foot = k;
    const double wanted =
        (1 - share) * course[static_cast<std::size_t>(foot)] + share * course[static_cast<std::size_t>(peak)];
    int k = peak;
    while (k > foot && course[static_cast<std::size_t>(k)] > wanted) --k;
    const double below = course[static_cast<std::size_t>(k)],
                 above = course[static_cast<std::size_t>(std::min(k + 1, 2 * reach))];
    return 0.5 * (k - reach + (above > below ? (wanted - below) / (above - below) : 0));
}

std::vector<double> alignedBeats(const OnsetFunctions& onsets, const std::vector<double>& beats) {
    if (beats.size() < 4) return beats;
    const double shift = riseAround(onsets, beats, 0.5) + riseToOnset * onsets.rate;
    std::vector<double> out = beats;
    constexpr int around = 5;                    // beats on either side
    const double straight = 0.020 * onsets.rate; // beyond it the neighbours do not share a tempo
    const auto n = static_cast<int>(beats.size());
    for (int i = 0; i < n; ++i) {
        const int from = std::max(0, i - around), to = std::min(n - 1, i + around);
        const double count = to - from + 1;
        double sx = 0, sy = 0, sxx = 0, sxy = 0;
        for (int m = from; m <= to; ++m) {
            const double y = beats[static_cast<std::size_t>(m)];
            sx += m;
            sy += y;
            sxx += static_cast<double>(m) * m;
            sxy += m * y;
        }
        const double slope = (count * sxy - sx * sy) / (count * sxx - sx * sx);
        const double offset = (sy - slope * sx) / count;
        double worst = 0;
        for (int m = from; m <= to; ++m)
            worst = std::max(worst, std::abs(beats[static_cast<std::size_t>(m)] - offset - slope * m));
        if (count >= 5 && worst < straight) out[static_cast<std::size_t>(i)] = offset + slope * i;
    }
    for (double& beat : out) beat += shift;
    return out;
}

} // namespace lc
