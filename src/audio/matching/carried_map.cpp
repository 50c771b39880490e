#include "audio/matching/carried_map.h"

#include "core/song/map_splice.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {

constexpr double fewestInCommon = 0.25; // share of the shorter recording

/// The ratio between one and a half and two thirds that is the same up to doubling: half as fast may only be another
/// reading.
double folded(double ratio) {
    while (ratio > 1.42) ratio /= 2;
    while (ratio < 0.71) ratio *= 2;
    return ratio;
}

/// The map as the other recording has it, beats on those that were heard there; only where the recordings match.
SongMap warped(const SongMap& map, const RecordingMatch& match, const SongMap& heardThere) {
    SongMap out = map;
    out.stops.clear();
    out.fermatas.clear();
    for (Beat& beat : out.beats) {
        const auto there = match.carried(beat.time);
        beat.time = there.value_or(-1);
        if (!there || heardThere.beats.empty()) continue;
        const Seconds heard = heardThere.beats[nearestBeat(heardThere, *there)].time;
        if (std::abs(heard - *there) <= sameBeat) beat.time = heard;
    }
    for (const Stop& stop : map.stops)
        if (const auto a = match.carried(stop.start), b = match.carried(stop.end); a && b && *b > *a)
            out.stops.push_back({*a, *b, stop.beats});
    for (const Fermata& held : map.fermatas)
        if (const auto a = match.carried(held.start), b = match.carried(held.end); a && b && *b > *a)
            out.fermatas.push_back({*a, *b, held.beatLength * (*b - *a) / (held.end - held.start)});
    return out;
}

/// The beats of `map` from index `from` to before `to` with their bars and phrases; a bar that is cut keeps what there
/// is.
SongMap piece(const SongMap& map, std::size_t from, std::size_t to) {
    SongMap out;
    out.metre = map.metre;
    out.swing = map.swing;
    out.stops = map.stops;
    out.fermatas = map.fermatas;
    out.beats.assign(map.beats.begin() + static_cast<std::ptrdiff_t>(from),
                     map.beats.begin() + static_cast<std::ptrdiff_t>(to));
    out.end = 2 * out.beats.back().time - out.beats[out.beats.size() - 2].time;
    for (const Bar& bar : map.bars)
        if (bar.firstBeat >= from && bar.firstBeat < to) {
            out.bars.push_back(bar);
            out.bars.back().firstBeat -= from;
        }
    std::size_t firstBar = 0;
    while (firstBar < map.bars.size() && map.bars[firstBar].firstBeat < from) ++firstBar;
    for (const Phrase& phrase : map.phrases) {
        if (phrase.firstBar < firstBar || phrase.firstBar >= firstBar + out.bars.size()) continue;
        out.phrases.push_back({phrase.firstBar - firstBar, 0, phrase.label, phrase.confirmed});
    }
    return out;
}

/// A fact at its place in the other recording; nothing when that lacks it, or when it is already in the map.
std::optional<SongFact> moved(SongFact fact, const RecordingMatch& match, double ratio, bool& lost) {
    const auto to = [&](Seconds& at) {
        const auto there = match.carried(at);
        lost = lost || !there;
        at = there.value_or(at);
    };
    const auto part = [&](std::optional<SongSpan>& span) {
        if (!span) return;
        to(span->from);
        to(span->to);
    };
    if (auto* one = std::get_if<OneFact>(&fact))
        to(one->at);
    else if (auto* bar = std::get_if<BarFact>(&fact))
        to(bar->at);
    else if (auto* phrase = std::get_if<PhraseFact>(&fact))
        to(phrase->at);
    else if (auto* name = std::get_if<NameFact>(&fact))
        to(name->at);
    else if (auto* beat = std::get_if<BeatFact>(&fact))
        to(beat->at);
    else if (auto* stop = std::get_if<StopFact>(&fact))
        to(stop->from), to(stop->to);
    else if (auto* held = std::get_if<FermataFact>(&fact))
        to(held->from), to(held->to);
    else if (auto* metre = std::get_if<MetreFact>(&fact))
        part(metre->within);
    else if (auto* tempo = std::get_if<TempoFact>(&fact)) {
        tempo->bpm /= ratio;
        part(tempo->within);
    } else
        return std::nullopt; // how fast the beats are, and nudges: the map that is carried has them in it
    return lost ? std::nullopt : std::optional<SongFact>(fact);
}

} // namespace

Result<CarriedMap> carryMap(const SongMap& map, const std::vector<SongFact>& facts, const SongFeatures& from,
                            const HeardSong& to) {
    CarriedMap out;
    const auto alone = solveSong(to);
    const auto tempo = medianTempo(map);
    const auto tempoThere = alone ? medianTempo(alone->map) : std::nullopt;
    const double ratio = tempo && tempoThere ? folded(*tempo / *tempoThere) : 1.0;
    out.match = matchRecordings(from, to.features, ratio);
    if (out.match.covered(std::min(from.seconds, to.features.seconds)) < fewestInCommon)
        return fail(
            ErrorCode::BadValue,
            Core::sentence(
                "The two recordings have too little in common to carry the map over. Open the other one as a song of its own."));

    // What the other recording has of its own is solved in it, at the metre and the tempo to be expected.
    const auto& stretches = out.match.stretches();
    std::vector<SongFact> known{MetreFact{map.metre}};
    double slope = 0;
    for (const auto& s : stretches) slope = std::max(slope, s.back().from - s.front().from);
    for (const auto& s : stretches) // the longest stretch tells the tempo
        if (s.back().from - s.front().from == slope && tempo)
            known.push_back(TempoFact{*tempo * (s.back().from - s.front().from) / (s.back().to - s.front().to)});
    auto there = solveSong(to, known);
    if (!there && !alone) return tl::unexpected(there.error());
    SongMap result = there ? there->solved : alone->solved;
    const SongMap carried = warped(map, out.match, result);

    Seconds reached = 0;      // in the other recording
    Seconds reachedFirst = 0; // in the first
    const Seconds bar = result.bars.size() > 1
                            ? result.beats[result.bars[1].firstBeat].time - result.beats[result.bars[0].firstBeat].time
                            : 2;
    const auto gap = [&](Seconds a, Seconds b, Seconds fromA, Seconds fromB) {
        if (fromB - fromA > bar) out.missing.push_back({fromA, fromB});
        if (b - a > bar)
            out.unmatched.push_back({a, b});
        else if (fromB - fromA > bar && a > 0 && b < to.features.seconds - bar)
            out.unmatched.push_back({a, a + bar}); // a joint where something was cut out
    };
    for (const auto& stretch : stretches) {
        std::size_t first = 0;
        while (first < carried.beats.size() && carried.beats[first].time < stretch.front().to - sameBeat) ++first;
        std::size_t last = first;
        while (last < carried.beats.size() && carried.beats[last].time >= 0 &&
               carried.beats[last].time <= stretch.back().to + sameBeat)
            ++last;
        if (last - first < 2) continue;
        const SongMap inside = piece(carried, first, last);
        result = withStretch(result, inside, inside.beats.front().time, inside.end);
        gap(reached, stretch.front().to, reachedFirst, stretch.front().from);
        reached = stretch.back().to;
        reachedFirst = stretch.back().from;
    }
    gap(reached, std::min(result.end, to.features.seconds), reachedFirst, std::min(map.end, from.seconds));
    for (const SongFact& fact : facts) {
        bool lost = false;
        const auto fits = moved(fact, out.match, ratio, lost);
        if (fits)
            out.facts = addFact(std::move(out.facts), *fits);
        else if (lost)
            out.lost.push_back(fact);
    }
    if (auto valid = validate(result); !valid) return tl::unexpected(valid.error());
    out.map = std::move(result);
    return out;
}

} // namespace lc
