#include "core/reports/song_trial.h"

#include "core/reports/landing_report.h"
#include "core/routine/music_place.h"

#include <algorithm>

namespace lc {

namespace {

int counting(const Landing& landing) {
    return static_cast<int>(std::count_if(landing.findings.begin(), landing.findings.end(),
                                          [](const Finding& f) { return f.severity != Severity::Note; }));
}

Sentence placed(const Document& document, const Landing& landing, const PassPerformance& pass) {
    const PassRow row = passRow(document, landing, pass);
    return row.phrase ? Core::sentence("%1, %2", landing.grid.place(pass.start), verdict(row)) : verdict(row);
}

/// Where a dance that starts at a place of one song starts on another: at the same second of the same recording,
/// whatever its sections are called; else at the section of that name, where at least half as much music is left behind
/// it as here.
std::optional<Seconds> startOnOther(const Document& document, const Document& other, const CountGrid& now,
                                    const CountGrid& then) {
    if (!document.song.hash.empty() && document.song.hash == other.song.hash) return document.routine.startAt;
    const auto place = musicPlaceAt(now, startOf(document.routine, now));
    const auto at = place && !place->section.empty() ? tickOf(*place, then) : std::nullopt;
    if (!at) return std::nullopt;
    const Tick here = now.end() - startOf(document.routine, now), there = then.end() - *at;
    if (there + there < std::min(here, then.end())) return std::nullopt; // a song whose only verse is its last phrase
    const auto seconds = then.secondsAt(*at);
    return seconds ? std::optional(*seconds) : std::nullopt;
}

} // namespace

Result<SongTrial> tryOnSong(const Document& document, const Landing& now, std::vector<Edit> edits) {
    auto other = applyEdits(document, edits);
    if (!other) return tl::unexpected(other.error());
    SongTrial trial;
    if (document.routine.startAt && !other->routine.startAt) {
        if (const auto start = startOnOther(document, *other, now.grid, CountGrid(*other->map, other->scheme))) {
            edits.emplace_back(SetStart{*start});
            other->routine.startAt = start;
        } else
            trial.startLost = true;
    }
    trial.edits = std::move(edits);
    trial.then = land(*other, now.limits);
    const auto& before = now.performance.passes;
    const auto& after = trial.then.performance.passes;
    for (std::size_t i = 0; i < std::min(before.size(), after.size()); ++i) {
        const Part* part = findPart(document.routine, before[i].part);
        trial.passes.push_back({before[i].number, part ? part->name : "?", placed(document, now, before[i]),
                                placed(*other, trial.then, after[i]), lands(now.grid, before[i]),
                                lands(trial.then.grid, after[i])});
        trial.landNow += trial.passes.back().landsNow;
        trial.landThen += trial.passes.back().landsThen;
    }
    trial.findingsNow = counting(now);
    trial.findingsThen = counting(trial.then);
    trial.leftNow = now.grid.end() - now.performance.end;
    trial.leftThen = trial.then.grid.end() - trial.then.performance.end;
    return trial;
}

std::vector<Edit> songOf(const Document& other) {
    SetCarried carried;
    carried.song = other.song;
    carried.map = other.detected;
    carried.facts = other.facts;
    carried.unmatched = other.unmatched;
    std::vector<Edit> edits{carried, SetScheme{other.scheme}};
    for (const Moment& m : other.moments)
        edits.emplace_back(AddMoment{
            m.at, m.kind, m.text}); // with identities of this routine: an accent must not find another's moment
    return edits;
}

std::vector<Edit> songEdited(const Document& document, const EditedSong& song, std::optional<SongReference> file) {
    SetCarried carried;
    carried.song = file ? std::move(*file) : document.song;
    carried.map = std::make_shared<const SongMap>(song.map);
    for (Moment moment : document.moments)
        if (const auto at = placeIn(song, moment.at)) {
            moment.at = *at;
            carried.moments.push_back(std::move(moment));
        }
    std::stable_sort(carried.moments.begin(), carried.moments.end(),
                     [](const Moment& a, const Moment& b) { return a.at < b.at; });
    if (const auto start = document.routine.startAt) carried.startAt = placeFrom(song, *start);
    return {std::move(carried)};
}

Result<std::vector<Edit>> songTyped(const TypedStructure& typed) {
    auto map = mapFromStructure(typed.text, typed.bpm, typed.metre, typed.offset);
    if (!map) return tl::unexpected(map.error());
    return std::vector<Edit>{SetMap{std::make_shared<const SongMap>(std::move(*map)), MapOrigin::Typed, typed}};
}

SongMap atTempo(SongMap map, double percent) {
    const double by = 100.0 / std::clamp(percent, 25.0, 400.0);
    for (Beat& beat : map.beats) beat.time *= by;
    for (Stop& stop : map.stops) {
        stop.start *= by;
        stop.end *= by;
    }
    for (Fermata& held : map.fermatas) {
        held.start *= by;
        held.end *= by;
        held.beatLength *= by;
    }
    map.end *= by;
    return map;
}

Text trialInWords(const SongTrial& trial) {
    const auto landing = [&](int n) { return passesThatLand(n, static_cast<std::int64_t>(trial.passes.size())); };
    Text text =
        Core::plural("There %1, here %2; %n finding there, %3 here.|There %1, here %2; %n findings there, %3 here.",
                     "%1 and %2: 6 of 7 passes land", trial.findingsThen, landing(trial.landThen),
                     landing(trial.landNow), trial.findingsNow);
    if (trial.leftThen > Tick{})
        text += Core::sentence("%1 of music would be left.", inCounts(trial.leftThen));
    else if (trial.leftThen < Tick{})
        text += Core::sentence("The dance would be %1 too long.", inCounts(-trial.leftThen));
    else
        text += Core::sentence("Dance and song would end together.");
    if (trial.startLost)
        text += Core::sentence("The place where the dance starts is not there: it would start on the first phrase.");
    return text;
}

} // namespace lc
