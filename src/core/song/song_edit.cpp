#include "core/song/song_edit.h"

#include "core/base/list_text.h"

#include <algorithm>

namespace lc {

namespace {

Seconds barStart(const SongMap& map, std::size_t bar) {
    return bar < map.bars.size() ? map.beats[map.bars[bar].firstBeat].time : map.end;
}

Sentence barsInWords(const SongMap& map, BarSpan span) {
    const auto phrase = phraseOfBar(map, span.first);
    const AsClock at{barStart(map, span.first)};
    const Sentence where = phrase ? Core::sentence("%1, %2", map.phrases[*phrase].label, at) : Core::sentence("%1", at);
    return span.end == span.first + 1 ? Core::sentence("bar %1 (%2)", span.end, where)
                                      : Core::sentence("bars %1 to %2 (%3)", span.first + 1, span.end, where);
}

} // namespace

std::vector<BarSpan> withoutBars(std::size_t bars, BarSpan out) {
    std::vector<BarSpan> spans;
    if (out.first > 0) spans.push_back({0, out.first});
    if (out.end < bars) spans.push_back({out.end, bars});
    return spans;
}

std::vector<BarSpan> withBarsTwice(std::size_t bars, BarSpan again) { return {{0, again.end}, {again.first, bars}}; }

Result<EditedSong> editSong(const SongMap& map, std::vector<BarSpan> spans, Seconds tail) {
    for (const BarSpan& span : spans)
        if (span.first >= span.end || span.end > map.bars.size())
            return fail(ErrorCode::BadValue, Core::sentence("Bars %1 to %2 are not in the song, which has %3.",
                                                            span.first + 1, span.end, map.bars.size()));
    if (spans.empty()) return fail(ErrorCode::BadValue, Core::sentence("Nothing would be left of the song."));
    std::vector<BarSpan> joined;
    for (const BarSpan& span : spans)
        if (!joined.empty() && joined.back().end == span.first)
            joined.back().end = span.end;
        else
            joined.push_back(span);

    EditedSong out;
    SongMap& to = out.map;
    to.metre = map.metre;
    to.swing = map.swing;
    to.pickupBeats = map.pickupBeats;
    const Seconds head = barStart(map, 0); // all before the first 1 stays: silence, a pick-up
    for (std::size_t b = 0; b < map.pickupBeats; ++b) to.beats.push_back(map.beats[b]);
    Seconds at = head;
    std::size_t lastPhrase = map.phrases.size();
    for (std::size_t s = 0; s < joined.size(); ++s) {
        const BarSpan span = joined[s];
        const Seconds from = barStart(map, span.first), until = barStart(map, span.end), shift = at - from;
        if (s > 0) out.joints.push_back(at);
        const bool last = s + 1 == joined.size() && span.end == map.bars.size();
        out.sound.push_back({s == 0 ? from - head : from, until + (last ? tail : 0)});
        if (s == 0 && span.first > 0) { // the head, then the span
            out.sound.back().from = from;
            out.sound.insert(out.sound.end() - 1, {0, head});
            out.joints.insert(out.joints.begin(), at);
        }
        for (std::size_t b = span.first; b < span.end; ++b) {
            Bar bar = map.bars[b];
            const auto phrase = phraseOfBar(map, b);
            const bool enters = b == span.first && s > 0;
            if (phrase) {
                const bool goesOn =
                    !to.phrases.empty() && lastPhrase == *phrase && map.phrases[*phrase].firstBar != b && !enters;
                if (goesOn)
                    ++to.phrases.back().bars;
                else
                    to.phrases.push_back({to.bars.size(), 1, map.phrases[*phrase].label,
                                          map.phrases[*phrase].confirmed && map.phrases[*phrase].firstBar == b});
                if (enters && to.phrases.size() > 1 && map.phrases[*phrase].firstBar != b &&
                    lastPhrase == *phrase) { // the same thought, shorter or longer
                    to.phrases.pop_back();
                    ++to.phrases.back().bars;
                }
                lastPhrase = *phrase;
            }
            const std::size_t first = bar.firstBeat;
            bar.firstBeat = to.beats.size();
            to.bars.push_back(bar);
            for (int k = 0; k < bar.beats; ++k) {
                Beat beat = map.beats[first + static_cast<std::size_t>(k)];
                beat.time += shift;
                to.beats.push_back(beat);
            }
        }
        constexpr Seconds slack = 1e-6; // seconds: rounding of sums of beats
        for (Stop stop : map.stops)
            if (stop.start >= from - slack && stop.start < until - slack) {
                stop.end = std::min(stop.end, until) + shift;
                stop.start += shift;
                to.stops.push_back(stop);
            }
        for (Fermata held : map.fermatas)
            if (held.start >= from - slack && held.start < until - slack) {
                held.start += shift;
                held.end += shift;
                to.fermatas.push_back(held);
            }
        at += until - from;
    }
    to.end = at;
    if (auto valid = validate(to); !valid) return tl::unexpected(valid.error());
    return out;
}

std::optional<Seconds> placeIn(const EditedSong& song, Seconds at) {
    Seconds begin = 0;
    for (const SoundSpan& span : song.sound) {
        if (at >= span.from && at < span.to) return begin + at - span.from;
        begin += span.to - span.from;
    }
    return std::nullopt;
}

std::optional<Seconds> placeFrom(const EditedSong& song, Seconds at) {
    if (const auto there = placeIn(song, at)) return there;
    const SoundSpan* behind = nullptr;
    for (const SoundSpan& span : song.sound)
        if (span.from >= at && (!behind || span.from < behind->from)) behind = &span;
    return behind ? placeIn(song, behind->from) : std::nullopt;
}

Sentence spansInWords(const SongMap& map, const std::vector<BarSpan>& spans) {
    std::vector<Sentence> said;
    const auto without = [&](BarSpan out) { said.push_back(Core::sentence("without %1", barsInWords(map, out))); };
    std::size_t at = 0;
    for (const BarSpan& span : spans) {
        if (span.first > at)
            without({at, span.first});
        else if (span.first < at)
            said.push_back(Core::sentence("%1 again", barsInWords(map, {span.first, at})));
        at = span.end;
    }
    if (at < map.bars.size()) without({at, map.bars.size()});
    return said.empty() ? Core::sentence("as it is") : Core::sentence("%1", listed(said, Joined::Commas));
}

} // namespace lc
