#include "audio/pulse_tracker.h"

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <deque>
#include <limits>

namespace lc {

namespace {

constexpr double fluxWeight = 1.0, complexWeight = 0.7, lowWeight = 0.5, highWeight = 0.3; // tuned on the development half
constexpr double slowest = 1.45, fastest = 0.72; // of the period that is followed
constexpr double slowestEnd = 2.1;    // … where the song may slow down to its end
constexpr double slowingSpread = 0.09; // of ln(period) from beat to beat there
constexpr std::size_t mostPeriods = 40;
constexpr double harmonyWeight = 1.0;
constexpr double nearestPeak = 0.045, hardestRise = 0.06, softestRise = 0.16; // seconds
constexpr double riseToOnset = 0.0; // seconds from the middle of the flux's rise to the onset; median of the development half

std::vector<float> smoothed(const std::vector<float>& in, double spread) {
    const int reach = static_cast<int>(std::ceil(spread * 3));
    std::vector<double> kernel;
    double sum = 0;
    for (int k = -reach; k <= reach; ++k) {
        kernel.push_back(std::exp(-0.5 * k * k / (spread * spread)));
        sum += kernel.back();
    }
    std::vector<float> out(in.size(), 0.0F);
    const auto n = static_cast<int>(in.size());
    for (int i = 0; i < n; ++i) {
        double value = 0;
        for (int k = -reach; k <= reach; ++k)
            if (i + k >= 0 && i + k < n) value += kernel[static_cast<std::size_t>(k + reach)] * static_cast<double>(in[static_cast<std::size_t>(i + k)]);
        out[static_cast<std::size_t>(i)] = static_cast<float>(value / sum);
    }
    return out;
}

/// Mean of windowed autocorrelations at lags up to `lags`, each window's own energy taken as one.
void addAutocorrelation(const std::vector<float>& values, std::size_t window, std::size_t lags, double weight, std::vector<double>& out) {
    if (values.size() < window / 2) return;
    int windows = 0;
    std::vector<double> sum(lags + 1, 0);
    for (std::size_t from = 0; from + window / 2 < values.size(); from += window / 2) {
        const std::size_t to = std::min(values.size(), from + window);
        double mean = 0;
        for (std::size_t i = from; i < to; ++i) mean += static_cast<double>(values[i]);
        mean /= static_cast<double>(to - from);
        std::vector<float> centred(to - from);
        double energy = 1e-9;
        for (std::size_t i = from; i < to; ++i) {
            centred[i - from] = values[i] - static_cast<float>(mean);
            energy += static_cast<double>(centred[i - from] * centred[i - from]);
        }
        for (std::size_t lag = 0; lag <= lags && lag < centred.size(); ++lag) {
            float dot = 0;
            for (std::size_t i = lag; i < centred.size(); ++i) dot += centred[i] * centred[i - lag];
            sum[lag] += static_cast<double>(dot) / energy * static_cast<double>(centred.size()) / static_cast<double>(centred.size() - lag);
        }
        ++windows;
    }
    for (std::size_t lag = 0; lag <= lags; ++lag) out[lag] += weight * sum[lag] / std::max(1, windows);
}

} // namespace

namespace {

std::vector<float> onsetSum(const OnsetFunctions& onsets, double spread) {
    std::vector<float> sum(onsets.size(), 0.0F);
    for (std::size_t i = 0; i < sum.size(); ++i)
        sum[i] = static_cast<float>(fluxWeight * static_cast<double>(onsets.flux[i]) + complexWeight * static_cast<double>(onsets.complexDomain[i]) +
                                    lowWeight * static_cast<double>(onsets.low[i]) + highWeight * static_cast<double>(onsets.high[i]));
    sum = smoothed(sum, spread * onsets.rate);
    for (float& v : sum) v = std::log1p(v); // a crash counts for more than a step, but not for ten
    return sum;
}

void takeMeanAway(std::vector<float>& values, double rate) {
    const std::vector<float> mean = smoothed(values, rate * 0.4);
    for (std::size_t i = 0; i < values.size(); ++i) values[i] -= mean[i];
}

} // namespace

std::vector<float> pulseActivation(const OnsetFunctions& onsets) {
    std::vector<float> sum = onsetSum(onsets, 0.007);
    takeMeanAway(sum, onsets.rate);
    return sum;
}

std::vector<float> softActivation(const OnsetFunctions& onsets, const SpectralFrames& spectra) {
    std::vector<float> sum = onsetSum(onsets, 0.04);
    // How much the pitch classes differ between the 160 ms before and after, every 20 ms.
    std::vector<double> change(spectra.frames.size(), 0);
    double square = 1e-12;
    for (std::size_t i = 0; i < change.size(); ++i) {
        const double at = static_cast<double>(i) * spectra.step;
        change[i] = spectra.pitchRise(at, 0.16);
        square += change[i] * change[i];
    }
    const double scale = std::sqrt(static_cast<double>(std::max<std::size_t>(1, change.size())) / square);
    for (std::size_t i = 0; i < sum.size(); ++i) {
        const double at = onsets.secondsOf(static_cast<double>(i)) / spectra.step;
        const auto k = static_cast<std::size_t>(at);
        if (k + 1 < change.size()) sum[i] += static_cast<float>(harmonyWeight * std::log1p(scale * (change[k] + (at - static_cast<double>(k)) * (change[k + 1] - change[k]))));
    }
    takeMeanAway(sum, onsets.rate);
    return sum;
}

std::vector<double> swayedBeats(const std::vector<float>& activation, const std::vector<double>& beats, double swaySpread) {
    if (beats.size() < 4) return beats;
    constexpr double farthest = 0.16; // of a beat: an eighth of a swung one stays out of reach
    std::vector<double> gaps;
    for (std::size_t i = 1; i < beats.size(); ++i) gaps.push_back(beats[i] - beats[i - 1]);
    std::nth_element(gaps.begin(), gaps.begin() + static_cast<std::ptrdiff_t>(gaps.size() / 2), gaps.end());
    const double period = gaps[gaps.size() / 2];
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
            sum += (1 - part) * std::log1p(static_cast<double>(onsets.flux[i])) + part * std::log1p(static_cast<double>(onsets.flux[i + 1]));
        }
        course.push_back(sum);
    }
    int peak = reach;
    for (int k = reach - frames(nearestPeak); k <= reach + frames(nearestPeak); ++k)
        if (course[static_cast<std::size_t>(k)] > course[static_cast<std::size_t>(peak)]) peak = k;
    int foot = peak;
    for (int k = peak; k > std::max(0, peak - frames(share < 0.5 ? softestRise : hardestRise)); --k)
        if (course[static_cast<std::size_t>(k)] < course[static_cast<std::size_t>(foot)]) foot = k;
    const double wanted = (1 - share) * course[static_cast<std::size_t>(foot)] + share * course[static_cast<std::size_t>(peak)];
    int k = peak;
    while (k > foot && course[static_cast<std::size_t>(k)] > wanted) --k;
    const double below = course[static_cast<std::size_t>(k)], above = course[static_cast<std::size_t>(std::min(k + 1, 2 * reach))];
    return 0.5 * (k - reach + (above > below ? (wanted - below) / (above - below) : 0));
}

std::vector<double> alignedBeats(const OnsetFunctions& onsets, const std::vector<double>& beats) {
    if (beats.size() < 4) return beats;
    const double shift = riseAround(onsets, beats, 0.5) + riseToOnset * onsets.rate;
    std::vector<double> out = beats;
    constexpr int around = 4;
    const double straight = 0.020 * onsets.rate; // beyond it the neighbours do not share a tempo
    const auto n = static_cast<int>(beats.size());
    for (int i = 0; i < n; ++i) {
        const int from = std::max(0, i - around), to = std::min(n - 1, i + around);
        const double count = to - from + 1;
        double sx = 0, sy = 0, sxx = 0, sxy = 0;
        for (int m = from; m <= to; ++m) {
            const double y = beats[static_cast<std::size_t>(m)];
            sx += m; sy += y; sxx += static_cast<double>(m) * m; sxy += m * y;
        }
        const double slope = (count * sxy - sx * sy) / (count * sxx - sx * sx);
        const double offset = (sy - slope * sx) / count;
        double worst = 0;
        for (int m = from; m <= to; ++m) worst = std::max(worst, std::abs(beats[static_cast<std::size_t>(m)] - offset - slope * m));
        if (count >= 5 && worst < straight) out[static_cast<std::size_t>(i)] = offset + slope * i;
    }
    for (double& beat : out) beat += shift;
    return out;
}

std::vector<double> pulsePeriods(const OnsetFunctions& onsets, std::size_t most) {
    // Half the rate is enough for periods and a quarter of the work.
    const auto halved = [](const std::vector<float>& in) {
        std::vector<float> out(in.size() / 2);
        for (std::size_t i = 0; i < out.size(); ++i) out[i] = std::log1p(in[2 * i] + in[2 * i + 1]);
        return out;
    };
    const double rate = onsets.rate / 2;
    const auto lags = static_cast<std::size_t>(6.5 * rate);
    std::vector<double> sum(lags + 2, 0);
    const auto window = static_cast<std::size_t>(12 * rate);
    addAutocorrelation(smoothed(halved(onsets.flux), 1.0), window, lags, 1.0, sum);
    addAutocorrelation(smoothed(halved(onsets.complexDomain), 1.0), window, lags, 0.6, sum);
    addAutocorrelation(smoothed(halved(onsets.low), 1.0), window, lags, 0.6, sum);
    // A period is as strong as its first four multiples together.
    std::vector<std::pair<double, double>> peaks;
    const auto at = [&](double lag) {
        const auto i = static_cast<std::size_t>(lag);
        if (i + 1 >= sum.size()) return 0.0;
        return sum[i] + (lag - static_cast<double>(i)) * (sum[i + 1] - sum[i]);
    };
    const auto comb = [&](double lag) { return at(lag) + 0.7 * at(2 * lag) + 0.4 * at(3 * lag) + 0.5 * at(4 * lag); };
    const double from = 0.12 * rate, to = 1.6 * rate;
    constexpr double fine = 0.25;
    for (double lag = from; lag < to; lag += fine) {
        const double here = comb(lag);
        if (here <= 0 || here < comb(lag - fine) || here < comb(lag + fine)) continue;
        if (at(lag) < at(lag - 2) && at(lag) < at(lag + 2)) continue; // only its multiples are strong
        peaks.emplace_back(here, lag / rate);
    }
    std::sort(peaks.begin(), peaks.end(), [](const auto& a, const auto& b) { return a.first != b.first ? a.first > b.first : a.second < b.second; });
    std::vector<double> out;
    for (const auto& [strength, period] : peaks) {
        const bool near = std::any_of(out.begin(), out.end(), [p = period](double other) { return std::abs(std::log(p / other)) < 0.05; });
        if (!near && out.size() < most) out.push_back(period);
    }
    return out;
}

namespace {

/// Periods on a grid of whole frames and what it costs to go from one to another.
struct PeriodGrid {
    struct Move { std::size_t from; float cost; };

    std::vector<std::ptrdiff_t> periods;
    std::ptrdiff_t step = 1;

    PeriodGrid(double centre, double slowestOf) {
        const auto shortest = std::max<std::ptrdiff_t>(3, std::lround(centre * fastest));
        const auto usualLongest = std::max<std::ptrdiff_t>(shortest + 2, std::lround(centre * slowest));
        step = std::max<std::ptrdiff_t>(1, (usualLongest - shortest + static_cast<std::ptrdiff_t>(mostPeriods) - 1) / static_cast<std::ptrdiff_t>(mostPeriods));
        const auto longest = std::max(usualLongest, static_cast<std::ptrdiff_t>(std::lround(centre * slowestOf)));
        for (std::ptrdiff_t p = shortest; p <= longest; p += step) periods.push_back(p);
    }

    /// Changes that cost less than 4, by state reached.
    [[nodiscard]] std::vector<std::vector<Move>> moves(double spreadFaster, double spreadSlower) const {
        std::vector<std::vector<Move>> out(periods.size());
        for (std::size_t to = 0; to < periods.size(); ++to)
            for (std::size_t from = 0; from < periods.size(); ++from) {
                const double change = std::log(static_cast<double>(periods[to]) / static_cast<double>(periods[from]));
                const double grain = static_cast<double>(step) / static_cast<double>(periods[to]); // a step of the grid is not a change
                const double beyond = std::max(0.0, std::abs(change) - 0.5 * grain) / (change > 0 ? spreadSlower : spreadFaster);
                if (const double cost = 0.5 * beyond * beyond; cost < 4.0) out[to].push_back({from, static_cast<float>(cost)});
            }
        return out;
    }
};

/// The best place to have begun a held beat of one state, when its end moves on frame by frame: the greatest of
/// best[begin] + mass(begin) over a window that moves along.
class HoldWindow {
public:
    HoldWindow(std::ptrdiff_t shortest, std::ptrdiff_t longest) : m_shortest(shortest), m_longest(longest) {}

    template <typename Value>
    void moveTo(std::ptrdiff_t end, const Value& value) {
        if (const std::ptrdiff_t begin = end - m_shortest; begin >= 0) {
            const float v = value(begin);
            while (!m_begins.empty() && m_begins.back().second <= v) m_begins.pop_back();
            m_begins.emplace_back(begin, v);
        }
        while (!m_begins.empty() && m_begins.front().first < end - m_longest) m_begins.pop_front();
    }
    [[nodiscard]] const std::pair<std::ptrdiff_t, float>* best() const { return m_begins.empty() ? nullptr : &m_begins.front(); }

private:
    std::ptrdiff_t m_shortest, m_longest;
    std::deque<std::pair<std::ptrdiff_t, float>> m_begins;
};

} // namespace

PulseTrack trackPulse(const std::vector<float>& activation, double rate, double period, const PulseFreedom& freedom) {
    PulseTrack track;
    const double centre = period * rate;
    const auto n = static_cast<std::ptrdiff_t>(activation.size());
    const PeriodGrid grid(centre, freedom.slowingFrom ? slowestEnd : slowest);
    const std::vector<std::ptrdiff_t>& periods = grid.periods;
    const std::size_t states = periods.size();
    const std::ptrdiff_t longest = periods.back();
    if (n < 4 * longest) return track;

    const auto steadyMoves = grid.moves(freedom.changeSpread, freedom.changeSpread);
    const auto slowingMoves = freedom.slowingFrom ? grid.moves(freedom.changeSpread, slowingSpread) : steadyMoves;
    const auto slowingFrom = freedom.slowingFrom ? static_cast<std::ptrdiff_t>(*freedom.slowingFrom) : n;
    std::vector<float> centreCost(states), slowCost(states);
    for (std::size_t s = 0; s < states; ++s) {
        const double away = std::log(static_cast<double>(periods[s]) / centre);
        centreCost[s] = static_cast<float>(0.5 * away * away / (freedom.periodSpread * freedom.periodSpread));
        slowCost[s] = away > 0 ? 0.2F * centreCost[s] : centreCost[s];
    }
    std::vector<HoldWindow> holds;
    std::vector<float> struck(static_cast<std::size_t>(n) + 1, 0.0F); // what is struck up to a frame
    if (freedom.hold) {
        for (std::ptrdiff_t p : periods) holds.emplace_back(std::lround(1.4 * static_cast<double>(p)), std::lround(3.2 * static_cast<double>(p)));
        for (std::ptrdiff_t t = 0; t < n; ++t)
            struck[static_cast<std::size_t>(t) + 1] = struck[static_cast<std::size_t>(t)] + static_cast<float>(freedom.strikesInHold / (0.1 * centre)) * std::max(0.0F, activation[static_cast<std::size_t>(t)]);
    }

    constexpr float never = -std::numeric_limits<float>::infinity();
    constexpr std::int32_t first = -1;
    std::vector<float> best(static_cast<std::size_t>(n) * states, never);
    std::vector<std::int16_t> from(static_cast<std::size_t>(n) * states, first);
    std::vector<std::int16_t> heldFor(freedom.hold ? static_cast<std::size_t>(n) * states : 0, 0); // frames; 0: not held
    for (std::ptrdiff_t t = 0; t < n; ++t) {
        const float gain = activation[static_cast<std::size_t>(t)];
        float* here = &best[static_cast<std::size_t>(t) * states];
        std::int16_t* origin = &from[static_cast<std::size_t>(t) * states];
        const auto& moves = t >= slowingFrom ? slowingMoves : steadyMoves;
        const auto& away = t >= slowingFrom ? slowCost : centreCost;
        for (std::size_t s = 0; s < states; ++s) {
            const std::ptrdiff_t before = t - periods[s];
            if (freedom.hold) holds[s].moveTo(t, [&](std::ptrdiff_t begin) { return best[static_cast<std::size_t>(begin) * states + s] + struck[static_cast<std::size_t>(begin) + 1]; });
            if (before < 0) { // a path begins within its first period
                here[s] = gain;
                continue;
            }
            float score = never;
            const float* there = &best[static_cast<std::size_t>(before) * states];
            for (const PeriodGrid::Move& move : moves[s]) {
                const float candidate = there[move.from] - move.cost;
                if (candidate > score) {
                    score = candidate;
                    origin[s] = static_cast<std::int16_t>(move.from);
                }
            }
            if (freedom.hold)
                if (const auto* held = holds[s].best(); held) {
                    const float candidate = held->second - struck[static_cast<std::size_t>(t)] - static_cast<float>(*freedom.hold);
                    if (candidate > score) {
                        score = candidate;
                        origin[s] = static_cast<std::int16_t>(s);
                        heldFor[static_cast<std::size_t>(t) * states + s] = static_cast<std::int16_t>(t - held->first);
                    }
                }
            here[s] = score + gain - away[s];
        }
    }
    std::ptrdiff_t endFrame = n - 1;
    std::size_t endState = 0;
    float endScore = never;
    for (std::ptrdiff_t t = n - longest; t < n; ++t)
        for (std::size_t s = 0; s < states; ++s)
            if (best[static_cast<std::size_t>(t) * states + s] > endScore) {
                endScore = best[static_cast<std::size_t>(t) * states + s];
                endFrame = t;
                endState = s;
            }
    std::vector<std::ptrdiff_t> beats, held; // the frames of those that were held
    for (std::ptrdiff_t t = endFrame; t >= 0;) {
        beats.push_back(t);
        const std::size_t at = static_cast<std::size_t>(t) * states + endState;
        const bool holding = freedom.hold && heldFor[at] > 0;
        const std::int16_t origin = from[at];
        t -= holding ? heldFor[at] : periods[endState];
        if (origin < 0) break;
        if (holding) held.push_back(t);
        endState = static_cast<std::size_t>(origin);
    }
    std::reverse(beats.begin(), beats.end());
    for (std::size_t b = 0; b < beats.size(); ++b)
        if (std::find(held.begin(), held.end(), beats[b]) != held.end()) track.held.push_back(b);
    for (std::ptrdiff_t t : beats) { // the peak's own place between frames
        double place = static_cast<double>(t);
        if (t > 0 && t + 1 < n) {
            const double a = static_cast<double>(activation[static_cast<std::size_t>(t - 1)]), b = static_cast<double>(activation[static_cast<std::size_t>(t)]), c = static_cast<double>(activation[static_cast<std::size_t>(t + 1)]);
            const double curve = a - 2 * b + c;
            if (curve < 0) place += std::clamp(0.5 * (a - c) / curve, -0.5, 0.5);
        }
        track.frames.push_back(place);
    }
    track.score = static_cast<double>(endScore) / static_cast<double>(std::max<std::size_t>(1, beats.size()));
    std::vector<double> gaps;
    for (std::size_t i = 1; i < track.frames.size(); ++i) gaps.push_back(track.frames[i] - track.frames[i - 1]);
    if (!gaps.empty()) {
        std::nth_element(gaps.begin(), gaps.begin() + static_cast<std::ptrdiff_t>(gaps.size() / 2), gaps.end());
        track.period = gaps[gaps.size() / 2] / rate;
    }
    return track;
}

} // namespace lc
