#include "core/rehearsing/tap_statistics.h"

#include "core/base/line_fit.h"
#include "core/base/quantile.h"
#include "core/base/sentence.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>

namespace lc {

namespace {

constexpr std::size_t followed = 5;   // taps whose median lateness says where the next is expected
constexpr std::size_t leastTaps = 4;  // fewer say nothing
constexpr std::size_t leastSlide = 8; // taps on either side of the place from which they slide
constexpr double surelyBetter = 12;   // by how much the slide's BIC must be lower: very strong evidence is 10
                                      // (Kass and Raftery, Bayes Factors, JASA 90, 1995, section 3.2)

/// The usual distance of two places.
Seconds usualDistance(const std::vector<TapPlace>& places) {
    std::vector<double> gaps;
    for (std::size_t i = 1; i < places.size(); ++i) gaps.push_back(places[i].time - places[i - 1].time);
    return median(std::move(gaps));
}

std::size_t nearestPlace(const std::vector<TapPlace>& places, Seconds time) {
    const auto after = std::lower_bound(places.begin(), places.end(), time,
                                        [](const TapPlace& place, Seconds t) { return place.time < t; });
    if (after == places.begin()) return 0;
    if (after == places.end()) return places.size() - 1;
    const auto before = std::prev(after);
    return static_cast<std::size_t>((time - before->time <= after->time - time ? before : after) - places.begin());
}

/// The taps level until one of them, and on a line from there on: sum of squares left over, and the slope. Solved
/// exactly for each bend from the normal equations of 1 and max(0, x − bend).
struct Bend {
    double left = 0, slope = 0;
};
Bend bendAt(const std::vector<MatchedTap>& taps, std::size_t bend) {
    LineFit line;
    for (const MatchedTap& tap : taps) line.add(std::max(0.0, tap.time - taps[bend].time), tap.late);
    return {std::max(line.left(), 1e-12), line.slope()};
}

std::optional<TapSlide> slideIn(const std::vector<MatchedTap>& taps) {
    if (taps.size() < 2 * leastSlide) return std::nullopt;
    double sum = 0, squares = 0;
    for (const MatchedTap& tap : taps) {
        sum += tap.late;
        squares += tap.late * tap.late;
    }
    const auto n = static_cast<double>(taps.size());
    const double level = std::max(squares - sum * sum / n, 1e-12);
    std::size_t best = 0;
    Bend found{level, 0};
    // 200 bends are enough to find the place; the taps around the best are then tried one by one
    const std::size_t step = std::max<std::size_t>(1, taps.size() / 200);
    const auto look = [&](std::size_t bend) {
        if (const Bend now = bendAt(taps, bend); now.left < found.left) {
            found = now;
            best = bend;
        }
    };
    for (std::size_t bend = leastSlide; bend + leastSlide <= taps.size(); bend += step) look(bend);
    if (step > 1)
        for (std::size_t bend = best - std::min(best - leastSlide, step);
             bend <= std::min(best + step, taps.size() - leastSlide); ++bend)
            look(bend);
    // BIC = n ln(RSS / n) + k ln n; two more parameters than a level line (Schwarz, Annals of Statistics 6, 1978)
    const double better = n * std::log(level / found.left) - 2 * std::log(n);
    if (best == 0 || better < surelyBetter) return std::nullopt;
    return TapSlide{best, found.slope * 60};
}

std::vector<TapSlip> slipsIn(const std::vector<MatchedTap>& taps, Seconds period) {
    std::vector<TapSlip> slips;
    const auto level = [&](std::size_t from, std::size_t to) {
        std::vector<double> late;
        for (std::size_t i = from; i < to; ++i) late.push_back(taps[i].late);
        return median(std::move(late));
    };
    for (std::size_t i = 1; i + 1 < taps.size(); ++i) {
        if (std::abs(taps[i].late - taps[i - 1].late) < 0.4 * period) continue; // the pair itself jumps
        const double by = level(i, std::min(taps.size(), i + followed)) - level(i - std::min(i, followed), i);
        if (std::abs(by) < 0.45 * period) continue; // half a distance, as far as scatter lets it be seen
        slips.push_back({i, by});
        i += followed; // its neighbours see the same jump
    }
    return slips;
}

} // namespace

TapSpread spreadOf(const std::vector<Seconds>& late, Seconds period) {
    TapSpread all;
    all.taps = static_cast<int>(late.size());
    if (late.empty() || period <= 0) return all;
    double c = 0, s = 0;
    for (const Seconds one : late) {
        const double angle = 2 * std::numbers::pi * one / period;
        c += std::cos(angle);
        s += std::sin(angle);
    }
    const auto n = static_cast<double>(late.size());
    all.steadiness = std::min(1.0, std::hypot(c, s) / n);
    all.mean = std::atan2(s, c) / (2 * std::numbers::pi) * period;
    all.spread =
        std::sqrt(std::max(0.0, -2 * std::log(std::max(all.steadiness, 1e-300)))) / (2 * std::numbers::pi) * period;
    return all;
}

Result<TapTest> measureTaps(std::vector<TapPlace> places, std::vector<Seconds> taps, Seconds latency) {
    std::erase_if(places, [](const TapPlace& place) { return !std::isfinite(place.time); });
    std::erase_if(taps, [](Seconds tap) { return !std::isfinite(tap); });
    std::sort(places.begin(), places.end(), [](const TapPlace& a, const TapPlace& b) { return a.time < b.time; });
    std::sort(taps.begin(), taps.end());
    if (places.size() < 2)
        return fail(ErrorCode::BadValue, Core::sentence("There is nothing to tap to: choose a place with two counts "
                                                        "and more."));
    const Seconds period = usualDistance(places);
    TapTest test;
    test.period = period;
    std::vector<double> lately;
    for (const Seconds raw : taps) {
        const Seconds tap = raw - latency;
        // after a jump it is the last tap that says where the next is: half a beat off is as near to either place
        Seconds expected = lately.empty() ? 0 : median(lately);
        if (!lately.empty() && std::abs(lately.back() - expected) > 0.3 * period) expected = lately.back();
        const std::size_t place = nearestPlace(places, tap - expected);
        const Seconds late = tap - places[place].time;
        const bool beyond = std::abs(late - expected) > 0.6 * period; // before the first place or after the last
        const bool twice = !test.taps.empty() && test.taps.back().place == place;
        if (twice && !beyond && std::abs(late - expected) < std::abs(test.taps.back().late - expected)) {
            test.extra.push_back(test.taps.back().time); // the second of the two was meant
            test.taps.back() = {place, tap, late};
            lately.back() = late;
        } else if (beyond || twice)
            test.extra.push_back(tap);
        else {
            test.taps.push_back({place, tap, late});
            if (lately.size() == followed) lately.erase(lately.begin());
            lately.push_back(late);
        }
    }
    if (test.taps.size() < leastTaps)
        return fail(ErrorCode::BadValue,
                    Core::sentence("Four taps and more are needed to say how you tap; there were %1.",
                                   static_cast<std::int64_t>(test.taps.size())));
    for (std::size_t i = 1; i < test.taps.size(); ++i)
        for (std::size_t place = test.taps[i - 1].place + 1; place < test.taps[i].place; ++place)
            test.missed.push_back(place);
    std::vector<Seconds> late;
    LineFit drift;
    for (const MatchedTap& tap : test.taps) {
        late.push_back(tap.late);
        drift.add(tap.time - test.taps.front().time, tap.late);
    }
    test.spread = spreadOf(late, period);
    test.driftPerMinute = drift.slope() * 60;
    test.slips = slipsIn(test.taps, period);
    if (test.slips.empty()) test.slide = slideIn(test.taps); // a jump looks like a slide
    return test;
}

std::vector<TapsOnCount> tapsOnCounts(const TapTest& test, const std::vector<Tick>& musicCounts) {
    std::map<Tick, TapsOnCount> found;
    for (std::size_t i = 0; i < test.taps.size(); ++i) {
        TapsOnCount& count = found[musicCounts.at(test.taps[i].place)];
        count.taps.push_back(i);
    }
    std::vector<TapsOnCount> all;
    for (auto& [musicCount, count] : found) {
        std::vector<Seconds> late;
        for (const std::size_t tap : count.taps) late.push_back(test.taps[tap].late);
        count.musicCount = musicCount;
        count.spread = spreadOf(late, test.period);
        all.push_back(std::move(count));
    }
    return all;
}

TappedOne tappedOne(const std::vector<double>& tapped, int set) {
    const TapSpread around = spreadOf(tapped, set);
    double after = std::round(around.mean * 2) / 2;
    if (after < 0) after += set;
    if (after >= set) after -= set;
    return {Tick{static_cast<std::int64_t>(after * 2) * (ticksPerCount / 2)}, around.steadiness};
}

} // namespace lc
