#include "core/song/tapping.h"

#include "core/base/line_fit.h"
#include "core/base/quantile.h"
#include "core/song/map_draft.h"

#include <algorithm>
#include <cmath>
#include <random>

namespace lc {

namespace {

constexpr double doubleTap = 0.35;        // of the usual distance: nearer taps are one
constexpr std::size_t fewestTaps = 4;     // three distances: fewer show no scatter
constexpr Seconds fastestTap = 0.12;      // nobody taps eight times a second
constexpr std::size_t fewestSmoothed = 8; // four places on either side of one
constexpr int longestGap = 4;             // places a person may leave out in a row
constexpr double wrongTap = 5.0;          // price of leaving a tap out, in squared standard deviations
constexpr double missedPlace = 2.0;       // … of filling a place in
constexpr double scatterOfPeriod = 0.08;  // what a tap may be off, of the distance between taps; at least …
constexpr Seconds leastScatter = 0.030; // … this (tapping along scatters by 20 to 30 ms: common practice, no source)
constexpr Seconds steady = 0.040;       // residuals of one line, below which the tempo is taken to hold
constexpr int neighbours = 4;           // places on either side that a drifting place is fitted through
constexpr std::size_t barsOfADraftPhrase = 8; // of four: a phrase of 32 counts (common practice, no source)

std::vector<double> gapsOf(const std::vector<Seconds>& taps) {
    std::vector<double> gaps;
    for (std::size_t i = 1; i < taps.size(); ++i) gaps.push_back(taps[i] - taps[i - 1]);
    return gaps;
}

/// Distance of the places around each tap: the median of the gaps near it, each divided by the places it spans.
std::vector<double> localPeriods(const std::vector<Seconds>& taps) {
    const std::vector<double> gaps = gapsOf(taps);
    const double usual = median(gaps);
    std::vector<double> periods;
    for (std::size_t i = 0; i < taps.size(); ++i) {
        const std::size_t from = i > 8 ? i - 8 : 0;
        const std::size_t to = std::min(gaps.size(), i + 8);
        std::vector<double> near;
        for (std::size_t g = from; g < to; ++g) {
            const double places = std::max(1.0, std::round(gaps[g] / usual));
            if (places <= longestGap && std::abs(gaps[g] / places / usual - 1) < 0.3) near.push_back(gaps[g] / places);
        }
        periods.push_back(near.empty() ? usual : median(near));
    }
    return periods;
}

/// A tap that counts, and which place it marks.
struct Placed {
    Seconds time = 0;
    int place = 0;
};

/// The cheapest way to number the taps: each counts for a place some steps after the one before, or is left out.
std::vector<Placed> numbered(const std::vector<Seconds>& taps) {
    const std::vector<double> periods = localPeriods(taps);
    const std::size_t n = taps.size();
    std::vector<double> cost(n);
    std::vector<std::ptrdiff_t> from(n, -1);
    std::vector<int> step(n, 0);
    for (std::size_t i = 0; i < n; ++i) {
        cost[i] = wrongTap * static_cast<double>(i); // everything before left out
        for (std::size_t j = i > 12 ? i - 12 : 0; j < i; ++j)
            for (int k = 1; k <= longestGap; ++k) {
                const double period = 0.5 * (periods[i] + periods[j]);
                const double spread = std::max(leastScatter, scatterOfPeriod * period) * std::sqrt(2.0);
                const double off = (taps[i] - taps[j] - k * period) / spread;
                const double price =
                    cost[j] + off * off + missedPlace * (k - 1) + wrongTap * static_cast<double>(i - j - 1);
                if (price < cost[i]) {
                    cost[i] = price;
                    from[i] = static_cast<std::ptrdiff_t>(j);
                    step[i] = k;
                }
            }
    }
    std::size_t last = 0;
    for (std::size_t i = 0; i < n; ++i)
        if (cost[i] + wrongTap * static_cast<double>(n - 1 - i) <
            cost[last] + wrongTap * static_cast<double>(n - 1 - last))
            last = i;
    std::vector<Placed> path;
    for (auto i = static_cast<std::ptrdiff_t>(last);; i = from[static_cast<std::size_t>(i)]) {
        path.push_back({taps[static_cast<std::size_t>(i)], step[static_cast<std::size_t>(i)]});
        if (from[static_cast<std::size_t>(i)] < 0) break;
    }
    std::reverse(path.begin(), path.end());
    int place = 0;
    for (Placed& tap : path) tap.place = place += std::exchange(tap.place, 0);
    return path;
}

struct Line {
    double start = 0;
    double slope = 0;
    [[nodiscard]] Seconds at(double place) const { return start + slope * place; }
};

/// Least squares, each tap weighing less the further its place is from `around`; all alike without a reach.
Line lineThrough(const std::vector<Placed>& taps, double around, double reach) {
    LineFit fit;
    for (const Placed& tap : taps) {
        const double d = reach > 0 ? std::abs(tap.place - around) / reach : 0;
        if (d >= 1) continue;
        const double weight =
            std::pow(1 - d * d * d, 3); // tricube (Cleveland, "Robust locally weighted regression", 1979)
        fit.add(tap.place, tap.time, weight);
    }
    return {fit.atZero(), fit.slope()};
}

double rootMeanSquare(const std::vector<Placed>& taps, const std::vector<Seconds>& places) {
    double sum = 0;
    for (const Placed& tap : taps) sum += std::pow(tap.time - places[static_cast<std::size_t>(tap.place)], 2);
    return std::sqrt(sum / static_cast<double>(taps.size()));
}

} // namespace

Result<TapFit> fitTaps(std::vector<Seconds> taps, Seconds latency) {
    const auto tooFew = [] {
        return fail(
            ErrorCode::BadValue,
            Core::sentence("Too few taps agree with each other. Tap at least four, better sixteen, one on each beat."));
    };
    std::sort(taps.begin(), taps.end());
    if (taps.size() < fewestTaps) return tooFew();
    TapFit fit;
    if (median(gapsOf(taps)) < fastestTap) return tooFew();
    const std::vector<Placed> kept = numbered(taps);
    if (kept.size() < fewestTaps || 2 * kept.size() < taps.size()) return tooFew();
    const double usual = median(gapsOf(taps));
    for (Seconds tap : taps) {
        double nearest = 1e9;
        for (const Placed& other : kept) nearest = std::min(nearest, std::abs(other.time - tap));
        if (nearest > 0) ++(nearest < doubleTap * usual ? fit.doubled : fit.outvoted);
    }
    const int last = kept.back().place;
    fit.missed = last + 1 - static_cast<int>(kept.size());
    if (kept.size() < fewestSmoothed) {
        for (std::size_t i = 0; i < kept.size(); ++i) {
            if (i > 0)
                for (int k = kept[i - 1].place + 1; k < kept[i].place; ++k)
                    fit.places.push_back(kept[i - 1].time + (kept[i].time - kept[i - 1].time) *
                                                                (k - kept[i - 1].place) /
                                                                (kept[i].place - kept[i - 1].place));
            fit.places.push_back(kept[i].time);
        }
    } else {
        const Line whole = lineThrough(kept, 0, 0);
        for (int k = 0; k <= last; ++k) fit.places.push_back(whole.at(k));
        std::vector<Seconds> local;
        for (int k = 0; k <= last; ++k) {
            double reach = neighbours + 1; // wide enough for three taps at least
            const auto near = [&] {
                return std::count_if(kept.begin(), kept.end(),
                                     [&](const Placed& tap) { return std::abs(tap.place - k) < reach; });
            };
            while (near() < 3 && reach < last + 1) reach *= 2;
            local.push_back(lineThrough(kept, k, reach).at(k));
        }
        const double around = rootMeanSquare(kept, fit.places);
        if (around > steady && around > 1.2 * rootMeanSquare(kept, local)) fit.places = std::move(local);
    }
    fit.scatter = rootMeanSquare(kept, fit.places);
    for (Seconds& place : fit.places) place -= latency;
    fit.period = median(gapsOf(fit.places));
    return fit;
}

Result<SongMap> mapFromTaps(const TapFit& fit, int beatsInTap, const Metre& metre, Seconds end) {
    if (fit.places.size() < 2 || beatsInTap < 1)
        return fail(ErrorCode::BadValue, Core::sentence("There are no taps to count by."));
    std::vector<Seconds> beats;
    for (std::size_t i = 0; i + 1 < fit.places.size(); ++i)
        for (int k = 0; k < beatsInTap; ++k)
            beats.push_back(fit.places[i] + (fit.places[i + 1] - fit.places[i]) * k / beatsInTap);
    beats.push_back(fit.places.back());
    std::erase_if(beats, [](Seconds t) { return t < 0; });
    if (beats.size() < 2) return fail(ErrorCode::BadValue, Core::sentence("The taps lie before the song."));
    const Seconds first = beats[1] - beats[0];
    const Seconds last = beats.back() - beats[beats.size() - 2];
    std::size_t before = 0;
    while (beats.front() - static_cast<double>(before + 1) * first >= 0 && before < 20'000) ++before;
    std::vector<Seconds> all;
    for (std::size_t k = before; k > 0; --k) all.push_back(beats.front() - static_cast<double>(k) * first);
    all.insert(all.end(), beats.begin(), beats.end());
    while (all.back() + 2 * last <= end && all.size() < 100'000) all.push_back(all.back() + last);

    MapDraft draft;
    const auto inBar = static_cast<std::size_t>(metre.beats);
    for (std::size_t b = before % inBar; b < all.size(); b += inBar) draft.bars.push_back(b);
    for (std::size_t bar = before / inBar % barsOfADraftPhrase; bar < draft.bars.size(); bar += barsOfADraftPhrase)
        draft.phrases.push_back({draft.bars[bar], {}});
    draft.end = all.back() + last;
    draft.beats = std::move(all);
    draft.metre = metre;
    return mapFromDraft(draft);
}

std::vector<Seconds> simulatedTaps(const std::vector<Seconds>& beats, const TapHabits& habits, std::uint32_t seed) {
    std::mt19937 random(seed);
    std::normal_distribution<double> off(habits.late, habits.scatter);
    std::uniform_real_distribution<double> chance(0, 1);
    std::vector<Seconds> taps;
    for (std::size_t i = 0; i < beats.size(); ++i) {
        const Seconds gap = i + 1 < beats.size() ? beats[i + 1] - beats[i] : i > 0 ? beats[i] - beats[i - 1] : 0.5;
        if (chance(random) >= habits.missed) taps.push_back(beats[i] + off(random));
        if (chance(random) < habits.doubled) taps.push_back(beats[i] + off(random) + 0.12 * gap);
        if (chance(random) < habits.wrong) taps.push_back(beats[i] + chance(random) * gap);
    }
    std::sort(taps.begin(), taps.end());
    return taps;
}

} // namespace lc
