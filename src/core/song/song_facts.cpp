#include "core/song/song_facts.h"

#include "core/base/overloaded.h"
#include "core/song/map_splice.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace lc {

namespace {

constexpr Seconds furthestNudge = 0.1; // beyond it another beat is meant

/// Bar starts as beat indices, with the phrase that begins there; easier to shift than Bar values.
struct BarStart {
    std::ptrdiff_t beat = 0; // may lie before the first beat while shifting
    std::vector<int> grouping;
    bool confirmedOne = false;
    bool phraseStart = false;
    bool phraseConfirmed = false;
    std::string label;
};

struct Working {
    std::vector<BarStart> bars;
    std::ptrdiff_t beatCount = 0;
};

Working unpack(const SongMap& map) {
    Working work;
    work.beatCount = static_cast<std::ptrdiff_t>(map.beats.size());
    for (const Bar& bar : map.bars)
        work.bars.push_back(
            {static_cast<std::ptrdiff_t>(bar.firstBeat), bar.grouping, bar.confirmedOne, false, false, {}});
    for (const Phrase& phrase : map.phrases) {
        BarStart& start = work.bars[phrase.firstBar];
        start.phraseStart = true;
        start.phraseConfirmed = phrase.confirmed;
        start.label = phrase.label;
    }
    return work;
}

/// Drops bars outside the song and bars without beats, gives phrases back to the bars that remain.
void pack(const Working& work, SongMap& map) {
    std::vector<BarStart> kept;
    BarStart pending;
    bool havePending = false;
    for (const BarStart& bar : work.bars) {
        const bool outside = bar.beat < 0 || bar.beat >= work.beatCount;
        const bool empty = !kept.empty() && bar.beat <= kept.back().beat;
        if (outside || empty) {
            if (bar.beat < 0 && bar.phraseStart) {
                pending = bar;
                havePending = true;
            }
            if (empty && bar.phraseStart) {
                kept.back().phraseStart = true;
                kept.back().label = bar.label;
                kept.back().phraseConfirmed |= bar.phraseConfirmed;
            }
            continue;
        }
        kept.push_back(bar);
        if (havePending && !kept.back().phraseStart) {
            kept.back().phraseStart = true;
            kept.back().label = pending.label;
        }
        havePending = false;
    }
    map.bars.clear();
    map.phrases.clear();
    map.pickupBeats = kept.empty() ? map.beats.size() : static_cast<std::size_t>(kept.front().beat);
    for (std::size_t i = 0; i < kept.size(); ++i) {
        const std::ptrdiff_t end = i + 1 < kept.size() ? kept[i + 1].beat : work.beatCount;
        Bar bar{static_cast<std::size_t>(kept[i].beat), static_cast<int>(end - kept[i].beat), kept[i].grouping,
                kept[i].confirmedOne};
        if (std::accumulate(bar.grouping.begin(), bar.grouping.end(), 0) != bar.beats) bar.grouping.clear();
        if (kept[i].phraseStart || i == 0) map.phrases.push_back({i, 0, kept[i].label, kept[i].phraseConfirmed});
        ++map.phrases.back().bars;
        map.bars.push_back(std::move(bar));
    }
}

void applyPulse(SongMap& map, int factor) {
    if (map.beats.size() < 2) return;
    std::vector<Beat> beats;
    if (factor == 2) {
        for (std::size_t i = 0; i < map.beats.size(); ++i) {
            const Seconds next = i + 1 < map.beats.size() ? map.beats[i + 1].time : map.end;
            beats.push_back(map.beats[i]);
            beats.push_back({(map.beats[i].time + next) / 2, map.beats[i].confidence, false});
        }
        map.pickupBeats *= 2;
        for (Bar& bar : map.bars) {
            bar.firstBeat *= 2;
            bar.beats *= 2;
            bar.grouping.clear();
        }
    } else {
        for (std::size_t i = map.pickupBeats % 2; i < map.beats.size(); i += 2) beats.push_back(map.beats[i]);
        map.pickupBeats /= 2;
        Working work = unpack(map);
        for (BarStart& bar : work.bars)
            bar.beat = (bar.beat - static_cast<std::ptrdiff_t>(map.pickupBeats * 2)) / 2 +
                       static_cast<std::ptrdiff_t>(map.pickupBeats);
        work.beatCount = static_cast<std::ptrdiff_t>(beats.size());
        map.beats = std::move(beats);
        pack(work, map);
        return;
    }
    map.beats = std::move(beats);
}

/// Equal bars of the metre from each phrase start, so that phrases stay where they were heard.
void applyMetre(SongMap& map, const Metre& metre) {
    const Working old = unpack(map);
    Working work;
    work.beatCount = old.beatCount;
    for (std::size_t i = 0; i < old.bars.size(); ++i) {
        if (!old.bars[i].phraseStart) continue;
        std::ptrdiff_t end = work.beatCount;
        for (std::size_t j = i + 1; j < old.bars.size(); ++j)
            if (old.bars[j].phraseStart) {
                end = old.bars[j].beat;
                break;
            }
        for (std::ptrdiff_t beat = old.bars[i].beat; beat < end; beat += metre.beats) {
            BarStart bar{beat, metre.grouping, false, false, false, {}};
            if (beat == old.bars[i].beat) {
                bar = old.bars[i];
                bar.grouping = metre.grouping;
            }
            work.bars.push_back(std::move(bar));
        }
    }
    map.metre = metre;
    pack(work, map);
}

struct Anchor {
    std::ptrdiff_t beat = 0;
    const SongFact* fact = nullptr;
};

Result<std::ptrdiff_t> beatAt(const SongMap& map, Seconds at, const SongFact& fact) {
    if (map.beats.empty())
        return fail(ErrorCode::BadValue, Core::sentence("There are no beats yet for: %1.", describe(fact)));
    const Seconds margin = 1.0;
    if (at < map.beats.front().time - margin || at > map.end + margin)
        return fail(ErrorCode::BadValue, Core::sentence("This lies outside the song's beats: %1.", describe(fact)));
    return static_cast<std::ptrdiff_t>(nearestBeat(map, at));
}

/// A stated place within 70 ms of a beat means that beat, otherwise just itself: the nearest beat is then moved there.
/// Two places that mean one beat exclude each other.
Result<void> moveBeats(SongMap& map, const std::vector<SongFact>& facts) {
    std::vector<std::pair<std::ptrdiff_t, const SongFact*>> taken;
    for (const SongFact& fact : facts) {
        std::optional<Seconds> at;
        if (const auto* one = std::get_if<OneFact>(&fact)) at = one->at;
        if (const auto* bar = std::get_if<BarFact>(&fact)) at = bar->at;
        if (const auto* phrase = std::get_if<PhraseFact>(&fact)) at = phrase->at;
        if (const auto* beat = std::get_if<BeatFact>(&fact)) at = beat->at;
        if (!at) continue;
        const auto beat = beatAt(map, *at, fact);
        if (!beat) return tl::unexpected(beat.error());
        Beat& nearest = map.beats[static_cast<std::size_t>(*beat)];
        const auto other = std::find_if(taken.begin(), taken.end(), [&](const auto& t) { return t.first == *beat; });
        if (std::abs(nearest.time - *at) > sameBeat) {
            if (other != taken.end())
                return fail(
                    ErrorCode::BadValue,
                    Core::sentence(
                        "These exclude each other, since there is one beat for both: %1, and %2. Forget one of them.",
                        describe(*other->second), describe(fact)));
            for (Fermata& held : map.fermatas)
                if (std::abs(held.start - nearest.time) < 0.001) held.start = *at;
            nearest.time = *at;
            nearest.confirmed = true;
        }
        if (other == taken.end()) taken.emplace_back(*beat, &fact);
    }
    return {};
}

/// Index of the bar start nearest to `beat`; of two equally near the later.
std::size_t nearestBar(const std::vector<BarStart>& bars, std::ptrdiff_t beat) {
    std::size_t best = 0;
    for (std::size_t i = 1; i < bars.size(); ++i)
        if (std::abs(bars[i].beat - beat) <= std::abs(bars[best].beat - beat)) best = i;
    return best;
}

void shiftFrom(std::vector<BarStart>& bars, std::size_t first, std::ptrdiff_t beats) {
    for (std::size_t i = first; i < bars.size(); ++i) bars[i].beat += beats;
}

/// Bars of the usual length in front of the first one, while whole ones fit.
void fillFront(std::vector<BarStart>& bars, const Metre& metre) {
    while (!bars.empty() && bars.front().beat >= metre.beats) {
        BarStart bar{bars.front().beat - metre.beats, metre.grouping, false,
                     bars.front().phraseStart,        false,          bars.front().label};
        bars.front().phraseStart = false;
        bars.insert(bars.begin(), std::move(bar));
    }
}

/// Bars of the usual length after the last one, so that no bar of the tail swallows the song's end.
void fillBack(std::vector<BarStart>& bars, std::ptrdiff_t beatCount, const Metre& metre) {
    while (!bars.empty() && bars.back().beat + metre.beats < beatCount)
        bars.push_back({bars.back().beat + metre.beats, metre.grouping, false, false, false, {}});
}

Result<void> applyBars(SongMap& map, std::vector<Anchor> anchors) {
    if (anchors.empty()) return {};
    std::stable_sort(anchors.begin(), anchors.end(), [](const Anchor& a, const Anchor& b) { return a.beat < b.beat; });
    for (std::size_t i = 0; i + 1 < anchors.size(); ++i) {
        const auto* bar = std::get_if<BarFact>(anchors[i].fact);
        if (bar && anchors[i + 1].beat > anchors[i].beat && anchors[i + 1].beat < anchors[i].beat + bar->beats)
            return fail(ErrorCode::BadValue,
                        Core::sentence("These exclude each other: %1, and %2. Forget one of them.",
                                       describe(*anchors[i].fact), describe(*anchors[i + 1].fact)));
    }
    Working work = unpack(map);
    if (work.bars.empty()) work.bars.push_back({anchors.front().beat, {}, false, true, false, {}});
    bool first = true;
    for (const Anchor& anchor : anchors) {
        std::size_t at = nearestBar(work.bars, anchor.beat);
        const std::ptrdiff_t move = anchor.beat - work.bars[at].beat;
        shiftFrom(work.bars, first ? 0 : at, move);
        if (!first && at > 0 && work.bars[at - 1].beat >= anchor.beat) { // the bar before is swallowed: drop it
            work.bars[at].phraseStart |= work.bars[at - 1].phraseStart;
            if (work.bars[at].label.empty()) work.bars[at].label = work.bars[at - 1].label;
            work.bars.erase(work.bars.begin() + static_cast<std::ptrdiff_t>(at - 1));
            --at;
        }
        if (std::holds_alternative<OneFact>(*anchor.fact)) work.bars[at].confirmedOne = true;
        if (const auto* fact = std::get_if<BarFact>(anchor.fact)) {
            const std::ptrdiff_t next = at + 1 < work.bars.size() ? work.bars[at + 1].beat : work.beatCount;
            work.bars[at].grouping = fact->grouping;
            shiftFrom(work.bars, at + 1, anchor.beat + fact->beats - next);
        }
        first = false;
        fillBack(work.bars, work.beatCount, map.metre);
    }
    fillFront(work.bars, map.metre);
    pack(work, map);
    return {};
}

Result<void> applyPhrase(SongMap& map, const PhraseFact& fact) {
    const SongFact asFact = fact;
    const auto beat = beatAt(map, fact.at, asFact);
    if (!beat) return tl::unexpected(beat.error());
    Working work = unpack(map);
    const auto startAt = [&](std::ptrdiff_t at) -> BarStart& {
        auto bar = std::find_if(work.bars.begin(), work.bars.end(), [&](const BarStart& b) { return b.beat >= at; });
        if (bar == work.bars.end() || bar->beat != at)
            bar = work.bars.insert(bar, BarStart{at, {}, true, false, false, {}});
        return *bar;
    };
    BarStart& start = startAt(*beat);
    start.phraseStart = true;
    start.phraseConfirmed = true;
    if (fact.beats) {
        const std::ptrdiff_t end = *beat + *fact.beats;
        for (BarStart& bar : work.bars)
            if (bar.beat > *beat && bar.beat < end) {
                bar.phraseStart = false;
                bar.phraseConfirmed = false;
            }
        if (end < work.beatCount) startAt(end).phraseStart = true;
    }
    pack(work, map);
    return {};
}

/// Beats, stops and held beats that were stated: seen as such where the map has them, added where it has not.
void applyPlaces(SongMap& map, const std::vector<SongFact>& facts) {
    for (const SongFact& fact : facts) {
        if (const auto* beat = std::get_if<BeatFact>(&fact); beat && !map.beats.empty()) {
            Beat& nearest = map.beats[nearestBeat(map, beat->at)];
            if (std::abs(nearest.time - beat->at) <= sameBeat) nearest.confirmed = true;
        }
        if (const auto* stop = std::get_if<StopFact>(&fact)) {
            std::erase_if(map.stops, [&](const Stop& s) { return s.start < stop->to && s.end > stop->from; });
            map.stops.push_back({stop->from, stop->to, stop->beats});
            std::sort(map.stops.begin(), map.stops.end(),
                      [](const Stop& a, const Stop& b) { return a.start < b.start; });
        }
        if (const auto* held = std::get_if<FermataFact>(&fact); held && map.beats.size() > 1) {
            const std::size_t at = nearestBeat(map, held->from);
            if (at + 1 >= map.beats.size() || std::abs(map.beats[at].time - held->from) > sameBeat) continue;
            const Seconds usual =
                at > 0 ? map.beats[at].time - map.beats[at - 1].time : map.beats[at + 1].time - map.beats[at].time;
            std::erase_if(map.fermatas,
                          [&](const Fermata& f) { return std::abs(f.start - map.beats[at].time) < 0.001; });
            const Seconds end = map.beats[at + 1].time;
            if (end - map.beats[at].time > usual) map.fermatas.push_back({map.beats[at].time, end, usual});
            std::sort(map.fermatas.begin(), map.fermatas.end(),
                      [](const Fermata& a, const Fermata& b) { return a.start < b.start; });
        }
    }
}

void applyNudge(SongMap& map, Seconds by) {
    for (Beat& beat : map.beats) beat.time += by;
    for (Stop& stop : map.stops) stop.start += by, stop.end += by;
    for (Fermata& held : map.fermatas) held.start += by, held.end += by;
    map.end += by;
}

void numberUnnamedPhrases(SongMap& map) {
    for (std::size_t i = 0; i < map.phrases.size(); ++i)
        if (map.phrases[i].label.empty()) map.phrases[i].label = "Phrase " + std::to_string(i + 1);
}

/// Equal bars of a metre on the beats of a part.
SongMap barsWithin(const SongMap& map, const SongSpan& part, const Metre& metre) {
    SongMap inside = map;
    inside.bars.clear();
    inside.phrases.clear();
    inside.metre = metre;
    std::size_t beat = 0;
    while (beat < map.beats.size() && map.beats[beat].time < part.from - sameBeat) ++beat;
    for (; beat < map.beats.size() && map.beats[beat].time < part.to - sameBeat;
         beat += static_cast<std::size_t>(metre.beats))
        inside.bars.push_back({beat, metre.beats, metre.grouping, false});
    return inside;
}

/// Even beats of a tempo in a part, in bars of the map's metre; nothing when the part has that tempo already.
std::optional<SongMap> beatsWithin(const SongMap& map, const SongSpan& part, Bpm bpm) {
    SongMap inside;
    for (const Beat& beat : map.beats)
        if (beat.time >= part.from - sameBeat && beat.time < part.to - sameBeat) inside.beats.push_back(beat);
    inside.end = part.to;
    constexpr double sameTempo =
        0.08; // of ln: twice the 4 % within which tempi count as the same (Gouyon et al. 2006, from memory)
    if (const auto tempo = medianTempo(inside); tempo && std::abs(std::log(*tempo / bpm)) < sameTempo)
        return std::nullopt;
    const auto beats = static_cast<std::size_t>(std::max(1L, std::lround((part.to - part.from) * bpm / 60)));
    inside.beats.clear();
    for (std::size_t b = 0; b < beats; ++b) {
        if (b % static_cast<std::size_t>(map.metre.beats) == 0)
            inside.bars.push_back({b, 0, map.metre.grouping, false});
        inside.beats.push_back(
            {part.from + static_cast<double>(b) * (part.to - part.from) / static_cast<double>(beats), 1, false});
    }
    return inside;
}

/// Tempo and metre of parts of the song.
Result<void> applyParts(SongMap& map, const std::vector<SongFact>& facts) {
    const auto inSong = [&](const SongSpan& part, const SongFact& fact) -> Result<void> {
        if (map.beats.empty() || part.from > map.end || part.to < map.beats.front().time)
            return fail(ErrorCode::BadValue, Core::sentence("This lies outside the song's beats: %1.", describe(fact)));
        return {};
    };
    for (const SongFact& fact : facts) {
        const auto* tempo = std::get_if<TempoFact>(&fact);
        if (!tempo || !tempo->within) continue;
        if (auto fits = inSong(*tempo->within, fact); !fits) return fits;
        const SongSpan part{std::max(tempo->within->from, map.beats.front().time),
                            std::min(tempo->within->to, map.end)};
        if (const auto inside = beatsWithin(map, part, tempo->bpm)) map = withStretch(map, *inside, part.from, part.to);
    }
    for (const SongFact& fact : facts) {
        const auto* metre = std::get_if<MetreFact>(&fact);
        if (!metre || !metre->within) continue;
        if (auto fits = inSong(*metre->within, fact); !fits) return fits;
        map = withStretch(map, barsWithin(map, *metre->within, metre->metre), metre->within->from, metre->within->to);
    }
    return {};
}

} // namespace

Result<SongMap> withFacts(const SongMap& detected, const std::vector<SongFact>& facts) {
    SongMap map = detected;
    for (const SongFact& fact : facts)
        if (const auto* pulse = std::get_if<PulseFact>(&fact)) applyPulse(map, pulse->factor);
    for (const SongFact& fact : facts)
        if (const auto* metre = std::get_if<MetreFact>(&fact); metre && !metre->within && !(metre->metre == map.metre))
            applyMetre(map, metre->metre);
    if (auto done = applyParts(map, facts); !done) return tl::unexpected(done.error());
    if (auto done = moveBeats(map, facts); !done) return tl::unexpected(done.error());
    std::vector<Anchor> anchors;
    for (const SongFact& fact : facts) {
        const auto* one = std::get_if<OneFact>(&fact);
        const auto* bar = std::get_if<BarFact>(&fact);
        if (!one && !bar) continue;
        if (bar && (bar->beats < 1 || bar->beats > 24))
            return fail(ErrorCode::BadValue, Core::sentence("A bar has 1 to 24 beats, not %1.", bar->beats));
        const auto beat = beatAt(map, one ? one->at : bar->at, fact);
        if (!beat) return tl::unexpected(beat.error());
        anchors.push_back({*beat, &fact});
        map.beats[static_cast<std::size_t>(*beat)].confirmed = true;
    }
    if (auto done = applyBars(map, std::move(anchors)); !done) return tl::unexpected(done.error());
    std::vector<PhraseFact> phrases;
    for (const SongFact& fact : facts)
        if (const auto* phrase = std::get_if<PhraseFact>(&fact)) phrases.push_back(*phrase);
    // Lengths first: a later start inside a stated length is the person's newer word and stands.
    std::stable_sort(phrases.begin(), phrases.end(), [](const PhraseFact& a, const PhraseFact& b) {
        return a.beats.has_value() != b.beats.has_value() ? a.beats.has_value() : a.at < b.at;
    });
    for (const PhraseFact& phrase : phrases)
        if (auto done = applyPhrase(map, phrase); !done) return tl::unexpected(done.error());
    for (const SongFact& fact : facts)
        if (const auto* name = std::get_if<NameFact>(&fact)) {
            const auto beat = beatAt(map, name->at, fact);
            if (!beat) return tl::unexpected(beat.error());
            if (const auto bar = barOfBeat(map, static_cast<std::size_t>(*beat)))
                if (const auto phrase = phraseOfBar(map, *bar)) map.phrases[*phrase].label = name->name;
        }
    applyPlaces(map, facts);
    for (const SongFact& fact : facts)
        if (const auto* nudge = std::get_if<NudgeFact>(&fact)) applyNudge(map, nudge->by);
    numberUnnamedPhrases(map);
    if (auto valid = validate(map); !valid) return tl::unexpected(valid.error());
    return map;
}

std::vector<SongFact> addFact(std::vector<SongFact> facts, const SongFact& fact) {
    if (const auto* pulse = std::get_if<PulseFact>(&fact)) {
        const auto opposite = std::find(facts.begin(), facts.end(), SongFact{PulseFact{-pulse->factor}});
        if (opposite != facts.end())
            facts.erase(opposite);
        else
            facts.push_back(fact);
        return facts;
    }
    constexpr Seconds wholeSong = -1e6; // no place is there
    if (const auto* nudge = std::get_if<NudgeFact>(&fact)) {
        Seconds by = nudge->by;
        for (const SongFact& old : facts)
            if (const auto* before = std::get_if<NudgeFact>(&old)) by += before->by;
        std::erase_if(facts, [](const SongFact& old) { return std::holds_alternative<NudgeFact>(old); });
        by = std::clamp(std::round(by * 1000) / 1000, -furthestNudge, furthestNudge);
        if (by != 0) facts.push_back(NudgeFact{by});
        return facts;
    }
    const auto place = [&](const SongFact& f) -> std::optional<Seconds> {
        return std::visit(Overloaded{[](const PulseFact&) { return std::optional<Seconds>{}; },
                                     [](const NudgeFact&) { return std::optional<Seconds>{}; },
                                     [&](const MetreFact& metre) {
                                         return std::optional<Seconds>{metre.within ? metre.within->from : wholeSong};
                                     },
                                     [&](const TempoFact& tempo) {
                                         return std::optional<Seconds>{tempo.within ? tempo.within->from : wholeSong};
                                     },
                                     [](const StopFact& stop) { return std::optional<Seconds>{stop.from}; },
                                     [](const FermataFact& held) { return std::optional<Seconds>{held.from}; },
                                     [](const auto& other) { return std::optional<Seconds>{other.at}; }},
                          f);
    };
    const auto same = [&](const SongFact& old) {
        return old.index() == fact.index() && std::abs(*place(old) - *place(fact)) <= sameBeat;
    };
    facts.erase(std::remove_if(facts.begin(), facts.end(), same), facts.end());
    facts.push_back(fact);
    return facts;
}

} // namespace lc
