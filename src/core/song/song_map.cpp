#include "core/song/song_map.h"

#include "core/base/quantile.h"
#include "core/base/text_rows.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <cstdlib>
#include <map>
#include <numeric>
#include <optional>

namespace lc {

namespace {

std::string kindOf(const std::string& label) {
    const auto last = label.find_last_not_of(" 0123456789");
    return last == std::string::npos ? label : label.substr(0, last + 1);
}

} // namespace

Result<Metre> parseMetre(std::string_view text) {
    const auto bad = [&](const Text& why) {
        return fail(ErrorCode::BadValue, Core::sentence("“%1” is not a metre: %2", std::string(text), why),
                    std::string(text));
    };
    const auto colon = text.find(':');
    const std::string_view head = text.substr(0, colon);
    const auto slash = head.find('/');
    if (slash == std::string_view::npos) return bad(Core::sentence("write it like 4/4, 3/4, 6/8 or 7/8:3+2+2."));
    const auto beats = wholeNumber<int>(head.substr(0, slash));
    const auto unit = wholeNumber<int>(head.substr(slash + 1));
    if (!beats || *beats < 1 || *beats > 24) return bad(Core::sentence("a bar has 1 to 24 beats."));
    if (!unit || (*unit != 2 && *unit != 4 && *unit != 8 && *unit != 16))
        return bad(Core::sentence("a beat is a 2, 4, 8 or 16."));
    Metre metre{*beats, *unit, {}};
    if (colon != std::string_view::npos) {
        std::string_view rest = text.substr(colon + 1);
        while (!rest.empty()) {
            const auto plus = rest.find('+');
            const auto group = wholeNumber<int>(rest.substr(0, plus));
            if (!group || *group < 1) return bad(Core::sentence("groups are written like 3+2+2."));
            metre.grouping.push_back(*group);
            if (plus == rest.size() - 1) return bad(Core::sentence("a group is missing after the last +."));
            rest = plus == std::string_view::npos ? std::string_view{} : rest.substr(plus + 1);
        }
        if (std::accumulate(metre.grouping.begin(), metre.grouping.end(), 0) != metre.beats)
            return bad(Core::sentence("its groups must add up to %1.", metre.beats));
    }
    return metre;
}

std::string toString(const Metre& metre) {
    std::string text = std::to_string(metre.beats) + "/" + std::to_string(metre.unit);
    for (std::size_t i = 0; i < metre.grouping.size(); ++i)
        text += (i == 0 ? ":" : "+") + std::to_string(metre.grouping[i]);
    return text;
}

Result<void> validate(const SongMap& map) {
    const auto bad = [](Text message) { return fail(ErrorCode::BadValue, std::move(message)); };
    for (std::size_t i = 0; i < map.beats.size(); ++i) {
        if (!std::isfinite(map.beats[i].time)) return bad(Core::sentence("Beat %1 has no time.", i));
        if (i > 0 && map.beats[i].time <= map.beats[i - 1].time)
            return bad(Core::sentence("Beat %1 is not later than the beat before it.", i));
    }
    if (map.pickupBeats > map.beats.size()) return bad(Core::sentence("The pick-up is longer than the song."));
    std::size_t next = map.pickupBeats;
    for (std::size_t i = 0; i < map.bars.size(); ++i) {
        const Bar& bar = map.bars[i];
        if (bar.firstBeat != next) return bad(Core::sentence("Bar %1 does not follow the bar before it.", i + 1));
        if (bar.beats < 1) return bad(Core::sentence("Bar %1 has no beats.", i + 1));
        if (!bar.grouping.empty() && std::accumulate(bar.grouping.begin(), bar.grouping.end(), 0) != bar.beats)
            return bad(Core::sentence("The groups of bar %1 do not add up to its beats.", i + 1));
        next += static_cast<std::size_t>(bar.beats);
    }
    if (next != map.beats.size()) return bad(Core::sentence("The bars do not cover all beats of the song."));
    std::size_t nextBar = 0;
    for (std::size_t i = 0; i < map.phrases.size(); ++i) {
        if (map.phrases[i].firstBar != nextBar || map.phrases[i].bars == 0)
            return bad(Core::sentence("Phrase %1 does not follow the phrase before it.", i + 1));
        nextBar += map.phrases[i].bars;
    }
    if (nextBar != map.bars.size()) return bad(Core::sentence("The phrases do not cover all bars of the song."));
    for (const Stop& stop : map.stops)
        if (!(stop.start < stop.end)) return bad(Core::sentence("A stop ends before it starts."));
    if (!map.beats.empty() && !(map.end > map.beats.back().time))
        return bad(Core::sentence("The song ends before its last beat."));
    return {};
}

std::optional<Bpm> medianTempo(const SongMap& map) {
    if (map.beats.size() < 2) return std::nullopt;
    std::vector<Seconds> gaps(map.beats.size() - 1);
    for (std::size_t i = 0; i < gaps.size(); ++i) gaps[i] = map.beats[i + 1].time - map.beats[i].time;
    return 60.0 / median(std::move(gaps));
}

int pickupBeatInBar(const SongMap& map, std::size_t beat) {
    const int bar = std::max(1, map.metre.beats),
              before = static_cast<int>(map.pickupBeats) - static_cast<int>(beat); // beats to the first 1
    return bar - (before - 1) % bar;
}

int beatsIn(const SongMap& map, const Phrase& phrase) {
    int beats = 0;
    for (std::size_t b = phrase.firstBar; b < phrase.firstBar + phrase.bars; ++b) beats += map.bars[b].beats;
    return beats;
}

std::size_t firstBeatOf(const SongMap& map, const Phrase& phrase) { return map.bars[phrase.firstBar].firstBeat; }

std::size_t nearestBeat(const SongMap& map, Seconds time) {
    assert(!map.beats.empty());
    const auto after = std::lower_bound(map.beats.begin(), map.beats.end(), time,
                                        [](const Beat& beat, Seconds t) { return beat.time < t; });
    if (after == map.beats.begin()) return 0;
    if (after == map.beats.end()) return map.beats.size() - 1;
    const auto before = std::prev(after);
    const auto chosen = time - before->time <= after->time - time ? before : after;
    return static_cast<std::size_t>(chosen - map.beats.begin());
}

std::optional<std::size_t> barOfBeat(const SongMap& map, std::size_t beat) {
    const auto after = std::upper_bound(map.bars.begin(), map.bars.end(), beat,
                                        [](std::size_t b, const Bar& bar) { return b < bar.firstBeat; });
    if (after == map.bars.begin()) return std::nullopt;
    return static_cast<std::size_t>(std::prev(after) - map.bars.begin());
}

std::optional<std::size_t> phraseOfBar(const SongMap& map, std::size_t bar) {
    const auto after = std::upper_bound(map.phrases.begin(), map.phrases.end(), bar,
                                        [](std::size_t b, const Phrase& phrase) { return b < phrase.firstBar; });
    if (after == map.phrases.begin()) return std::nullopt;
    return static_cast<std::size_t>(std::prev(after) - map.phrases.begin());
}

std::vector<BarRun> oddRuns(const SongMap& map) {
    std::vector<BarRun> runs;
    for (std::size_t b = 0; b < map.bars.size(); ++b) {
        const int beats = map.bars[b].beats;
        if (beats == map.metre.beats) continue;
        if (!runs.empty() && runs.back().beats == beats && runs.back().first + runs.back().count == b)
            ++runs.back().count;
        else
            runs.push_back({b, 1, beats});
    }
    return runs;
}

std::vector<int> usualBeats(const SongMap& map) {
    using Lengths = std::map<int, int>; // of each length in beats, how many phrases
    Lengths ofSong;
    std::map<std::string, Lengths, std::less<>> ofKind;
    std::vector<int> usual;
    for (const Phrase& phrase : map.phrases) {
        usual.push_back(beatsIn(map, phrase));
        for (Lengths* lengths : {&ofSong, &ofKind[kindOf(phrase.label)]}) ++(*lengths)[usual.back()];
    }
    // The length that returns most often. Of lengths that are equally common in the kind, the one that is commoner in
    // the song; nothing where none returns.
    const auto commonest = [&](const Lengths& lengths) -> std::optional<int> {
        const auto found = std::max_element(lengths.begin(), lengths.end(), [&](const auto& a, const auto& b) {
            return a.second != b.second ? a.second < b.second : ofSong[a.first] < ofSong[b.first];
        });
        return found != lengths.end() && found->second > 1 ? std::optional(found->first) : std::nullopt;
    };
    const auto ofAll = commonest(ofSong);
    const auto nearestSquare = [](int beats) {
        int best = 16;
        for (int square : {24, 32, 48})
            if (std::abs(beats - square) < std::abs(beats - best)) best = square;
        return best;
    };
    for (std::size_t i = 0; i < usual.size(); ++i) {
        const Lengths& lengths = ofKind[kindOf(map.phrases[i].label)];
        const bool once = lengths.size() == 1 && lengths.begin()->second == 1;
        if (once && usual.size() > 1 && (i == 0 || i + 1 == usual.size()))
            continue; // an intro or an ending has a length of its own
        if (const auto own = commonest(lengths))
            usual[i] = *own;
        else if (ofAll)
            usual[i] = *ofAll;
        else
            usual[i] = nearestSquare(usual[i]);
    }
    return usual;
}

Sentence inBeats(std::size_t n) { return Core::plural("%n beat|%n beats", nullptr, static_cast<std::int64_t>(n)); }

Sentence inBars(std::size_t n) { return Core::plural("%n bar|%n bars", nullptr, static_cast<std::int64_t>(n)); }

Sentence inPhrases(std::size_t n) {
    return Core::plural("%n phrase|%n phrases", nullptr, static_cast<std::int64_t>(n));
}

} // namespace lc
