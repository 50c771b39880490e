#include "core/song/counting_scheme.h"

#include <algorithm>
#include <array>
#include <utility>

namespace lc {

namespace {
constexpr std::array<std::pair<CountUnit, const char*>, 5> unitNames{{{CountUnit::Beat, "beat"},
                                                                      {CountUnit::HalfBeat, "half-beat"},
                                                                      {CountUnit::TwoBeats, "two-beats"},
                                                                      {CountUnit::Bar, "bar"},
                                                                      {CountUnit::BarGroup, "bar-group"}}};
constexpr Bpm fastestCounts = 220,
              slowestCounts =
                  46; // a minute: beyond, every second beat or every half is a count (common practice, no source)
} // namespace

std::vector<int> countOnsetsInHalfBeats(const CountingScheme& scheme, const Bar& bar) {
    std::vector<int> onsets;
    const auto every = [&](int halfBeats) {
        for (int at = 0; at < bar.beats * 2; at += halfBeats) onsets.push_back(at);
    };
    switch (scheme.unit) {
    case CountUnit::Beat: every(2); break;
    case CountUnit::HalfBeat: every(1); break;
    case CountUnit::TwoBeats: every(4); break;
    case CountUnit::Bar: onsets.push_back(0); break;
    case CountUnit::BarGroup: {
        int at = 0;
        for (int group : bar.grouping) {
            onsets.push_back(at);
            at += group * 2;
        }
        if (bar.grouping.empty()) onsets.push_back(0);
        break;
    }
    }
    return onsets;
}

std::vector<int> groupsOf(const Metre& metre) {
    if (!metre.grouping.empty() || metre.unit != 8 || metre.beats < 6 || metre.beats % 3 != 0) return metre.grouping;
    return std::vector<int>(static_cast<std::size_t>(metre.beats / 3), 3);
}

Bar withGroups(Bar bar, const Metre& metre) {
    if (!bar.grouping.empty()) return bar;
    if (bar.beats == metre.beats)
        bar.grouping = groupsOf(metre);
    else if (metre.grouping.empty())
        bar.grouping =
            groupsOf({bar.beats, metre.unit, {}}); // an odd bar of threes among such: 3/8 of 6/8 is one group
    else {
        const bool threes =
            std::all_of(metre.grouping.begin(), metre.grouping.end(), [](int group) { return group == 3; });
        const int group = threes ? 3 : 2;
        for (int left = bar.beats; left > 0;) { // of twos the last may be three, so that no eighth stands alone
            bar.grouping.push_back(left < 2 * group && !threes ? left : std::min(left, group));
            left -= bar.grouping.back();
        }
    }
    return bar;
}

CountingScheme usualScheme(const Metre& metre) {
    if (!metre.grouping.empty()) return {CountUnit::BarGroup, 2};
    if (metre.beats <= 2) return {CountUnit::Beat, 4};
    return {CountUnit::Beat, metre.beats <= 4 ? 2 : 1};
}

CountingScheme usualScheme(const SongMap& map) {
    const CountingScheme usual = usualScheme(map.metre);
    const auto bpm = medianTempo(map);
    if (!bpm || usual.unit != CountUnit::Beat) return usual;
    if (*bpm > fastestCounts && map.metre.beats % 2 == 0) return {CountUnit::TwoBeats, 2 * usual.barsPerSet};
    if (*bpm > fastestCounts && map.metre.beats == 3)
        return {CountUnit::Bar, 8}; // a bar of a very fast waltz is one count
    if (*bpm < slowestCounts) return {CountUnit::HalfBeat, std::max(1, usual.barsPerSet / 2)};
    return usual;
}

int regularSet(const CountingScheme& scheme, const Metre& metre) {
    const Bar bar = withGroups({0, metre.beats, metre.grouping, false}, metre);
    return static_cast<int>(countOnsetsInHalfBeats(scheme, bar).size()) * scheme.barsPerSet;
}

namespace {
/// How `n` sets of 2 to 12 counts are called.
Sentence nameOfSets(int counts, int n) {
    switch (counts) {
    case 2: return Core::plural("two|twos", "a set of counts", n);
    case 3: return Core::plural("three|threes", "a set of counts", n);
    case 4: return Core::plural("four|fours", "a set of counts", n);
    case 5: return Core::plural("five|fives", "a set of counts", n);
    case 6: return Core::plural("six|sixes", "a set of counts", n);
    case 7: return Core::plural("seven|sevens", "a set of counts", n);
    case 8: return Core::plural("eight|eights", "a set of counts", n);
    case 9: return Core::plural("nine|nines", "a set of counts", n);
    case 10: return Core::plural("ten|tens", "a set of counts", n);
    case 11: return Core::plural("eleven|elevens", "a set of counts", n);
    case 12: return Core::plural("twelve|twelves", "a set of counts", n);
    default: return {};
    }
}
bool hasName(int counts) { return counts >= 2 && counts <= 12; }
} // namespace

Sentence setName(int counts) { return hasName(counts) ? nameOfSets(counts, 1) : Core::sentence("set of %1", counts); }

Sentence setNames(int counts) { return hasName(counts) ? nameOfSets(counts, 2) : Core::sentence("sets of %1", counts); }

Sentence numberedSet(int counts, int number) {
    return hasName(counts) ? Core::sentence("%1 %2", setName(counts), number) : Core::sentence("set %1", number);
}

std::string toString(CountUnit unit) {
    for (const auto& [value, name] : unitNames)
        if (value == unit) return name;
    return "beat";
}

Result<CountUnit> parseCountUnit(std::string_view text) {
    for (const auto& [value, name] : unitNames)
        if (text == name) return value;
    return fail(
        ErrorCode::BadValue,
        Core::sentence("“%1” is not a way of counting. Known are beat, half-beat, two-beats, bar and bar-group.",
                       std::string(text)));
}

} // namespace lc
