// How many actions of a person who sees the truth make a map right: actions PIECE.json …
//
// The person looks at beats and bars. While the map is not right (F of beats and F of 1s at least .95 within 70 ms; the
// rest is what a song's end rings out) the person answers the worst doubt about them, if one of its readings is true
// and not the one shown; otherwise states the most useful fact: the tempo where the beats are at another level, the
// metre where the bars have another length, a beat where the beats lie beside the true ones, else the first true 1
// where no bar starts, or the metre of its part where at least three bars there have another length. At most twelve
// actions. Pieces whose bars nobody knows are right with their beats.
//
// The last line tells for how many pieces the first map, or what answers to its first two doubts make of it, has the
// right level, phase and bars (F of both at least .9).
#include "piece.h"

#include "audio/listening/song_solver.h"
#include "support/beat_measure.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <fstream>
#include <map>
#include <string>
#include <vector>

using namespace lc;
using Json = nlohmann::json;

namespace {

constexpr int mostActions = 12;
constexpr double right = 0.95;
constexpr double held = 0.9; // of a reading: what single beats lack is not its fault

double medianGap(const std::vector<double>& times) {
    std::vector<double> gaps;
    for (std::size_t i = 1; i < times.size(); ++i) gaps.push_back(times[i] - times[i - 1]);
    std::nth_element(gaps.begin(), gaps.begin() + static_cast<std::ptrdiff_t>(gaps.size() / 2), gaps.end());
    return gaps[gaps.size() / 2];
}

bool inThrees(const Metre& metre) {
    return metre.unit == 8 && !metre.grouping.empty() &&
           std::all_of(metre.grouping.begin(), metre.grouping.end(), [](int g) { return g == 3; });
}

struct Truth {
    std::vector<double> beats, ones;
    std::vector<int> barBeats;
    std::vector<double> phrases;
    Metre metre;

    explicit Truth(const Json& json) : metre{json["metre"][0], json["metre"][1], json["metre"][2]} {
        for (const Json& b : json["beats"]) beats.push_back(b["time_s"]);
        for (const Json& b : json["bars"]) {
            ones.push_back(b["start_s"]);
            barBeats.push_back(b["beats"]);
        }
        for (const Json& p : json["phrases"]) phrases.push_back(p["start_s"]);
    }
    [[nodiscard]] bool threes() const { return inThrees(metre); }
};

bool has(const std::vector<double>& times, double at) {
    return std::any_of(times.begin(), times.end(), [&](double t) { return std::abs(t - at) <= 0.07; });
}

bool holds(const Truth& truth, const SongFact& fact) {
    if (const auto* f = std::get_if<OneFact>(&fact)) return has(truth.ones, f->at);
    if (const auto* f = std::get_if<BeatFact>(&fact)) return has(truth.beats, f->at);
    if (const auto* f = std::get_if<PhraseFact>(&fact)) return has(truth.phrases, f->at);
    if (const auto* f = std::get_if<TempoFact>(&fact)) {
        const double bpm = 60 / medianGap(truth.beats);
        return std::abs(std::log(f->bpm / bpm)) < 0.05 ||
               (truth.threes() && std::abs(std::log(3 * f->bpm / bpm)) < 0.05);
    }
    if (const auto* f = std::get_if<MetreFact>(&fact)) {
        if (!f->within) return f->metre.beats == truth.metre.beats && f->metre.unit == truth.metre.unit;
        for (std::size_t b = 0; b < truth.ones.size(); ++b) // all bars of the part, and it starts with one
            if (truth.ones[b] > f->within->from - 0.07 && truth.ones[b] < f->within->to - 0.07 &&
                truth.barBeats[b] != f->metre.beats)
                return false;
        return has(truth.ones, f->within->from);
    }
    if (const auto* f = std::get_if<BarFact>(&fact)) {
        for (std::size_t b = 0; b < truth.ones.size(); ++b)
            if (std::abs(truth.ones[b] - f->at) <= 0.07) return truth.barBeats[b] == f->beats;
    }
    return false;
}

bool ofBeatsOrBars(const SongDoubt& doubt) {
    for (const DoubtReading& r : doubt.readings)
        for (const SongFact& f : r.facts)
            if (std::holds_alternative<PhraseFact>(f) || std::holds_alternative<StopFact>(f)) return false;
    return true;
}

/// The facts of one action; nothing when the person would not know what to do.
std::vector<SongFact> nextAction(const Truth& truth, const SongReading& reading) {
    for (const SongDoubt& doubt : reading.doubts) {
        if (!ofBeatsOrBars(doubt)) continue;
        for (std::size_t r = 1; r < doubt.readings.size(); ++r)
            if (std::all_of(doubt.readings[r].facts.begin(), doubt.readings[r].facts.end(),
                            [&](const SongFact& f) { return holds(truth, f); }))
                return doubt.readings[r].facts;
        break; // only the worst is looked at
    }
    std::vector<double> beats, ones;
    for (const Beat& b : reading.map.beats) beats.push_back(b.time);
    for (const Bar& b : reading.map.bars) ones.push_back(reading.map.beats[b.firstBeat].time);
    const double gap = medianGap(truth.beats);
    const Metre& shown =
        reading.map.metre; // a person counts the groups of threes, and sees there that single beats are of two parts
    const bool asThrees = !truth.threes() && shown.unit == 8 && !shown.grouping.empty() && beats.size() > 1 &&
                          std::abs(std::log(3 * medianGap(beats) / gap)) < 0.06;
    if (asThrees) return {MetreFact{truth.metre}};
    if (beats.size() < 2 || std::abs(std::log(medianGap(beats) / gap)) > 0.06)
        return {TempoFact{std::round(600 / gap) / 10}};
    if (!truth.ones.empty() &&
        (reading.map.metre.beats != truth.metre.beats || reading.map.metre.unit != truth.metre.unit))
        return {MetreFact{truth.metre}};
    if (test::fMeasure(beats, truth.beats) < 0.6) return {BeatFact{truth.beats[truth.beats.size() / 2]}};
    const double now = test::fMeasure(ones, truth.ones);
    for (int later = 1; later < truth.metre.beats && ones.size() > 3 && !truth.ones.empty();
         ++later) { // every 1 some beats later: one command, of two statements
        std::vector<double> shifted;
        for (const Bar& bar : reading.map.bars)
            if (bar.firstBeat + static_cast<std::size_t>(later) < beats.size())
                shifted.push_back(beats[bar.firstBeat + static_cast<std::size_t>(later)]);
        if (test::fMeasure(shifted, truth.ones) <= now + 0.3) continue;
        std::erase_if(shifted, [&](double at) { return !has(truth.ones, at); }); // the person hears which are 1s
        return {OneFact{shifted.front()}, OneFact{shifted[shifted.size() > 1 ? shifted.size() - 2 : 0]}};
    }
    for (std::size_t b = 0; b < truth.ones.size(); ++b) {
        if (has(ones, truth.ones[b])) continue;
        std::size_t same = b; // a run of bars of another length than the metre's has a metre of its own
        while (same < truth.ones.size() && truth.barBeats[same] == truth.barBeats[b]) ++same;
        std::size_t first = b;
        while (first > 0 && truth.barBeats[first - 1] == truth.barBeats[b]) --first;
        if (truth.barBeats[b] != truth.metre.beats && same - first >= 3)
            return {MetreFact{
                Metre{truth.barBeats[b], truth.metre.unit, {}},
                SongSpan{truth.ones[first], same < truth.ones.size() ? truth.ones[same] : truth.beats.back() + gap}}};
        return {OneFact{truth.ones[b]}};
    }
    for (double beat : truth.beats)
        if (!has(beats, beat)) return {BeatFact{beat}};
    return {};
}

/// Beats and 1s of a map; what rings out beside the truth is nobody's mistake. Who hears threes where the score writes
/// beats feels the same beats: the starts of the threes.
std::pair<std::vector<double>, std::vector<double>> timesOf(const Truth& truth, const SongMap& map) {
    std::vector<double> beats, ones;
    if (inThrees(map.metre) && !truth.threes()) {
        for (const Bar& bar : map.bars)
            for (int b = 0; b < bar.beats; b += 3)
                beats.push_back(map.beats[bar.firstBeat + static_cast<std::size_t>(b)].time);
    } else
        for (const Beat& b : map.beats) beats.push_back(b.time);
    for (const Bar& b : map.bars) ones.push_back(map.beats[b.firstBeat].time);
    const auto outside = [&](double t) { return t < truth.beats.front() - 0.1 || t > truth.beats.back() + 0.1; };
    std::erase_if(beats, outside);
    std::erase_if(ones, outside);
    return {beats, ones};
}

bool isRight(const Truth& truth, const SongMap& map, double least) {
    const auto [beats, ones] = timesOf(truth, map);
    return test::fMeasure(beats, truth.beats) >= least &&
           (truth.ones.empty() || test::fMeasure(ones, truth.ones) >= least);
}

/// Whether some answers to the first two doubts make the map right. The second is the one that stands first once the
/// first is answered, or, where that was shown right, the next.
bool doubtsHoldTheTruth(const Truth& truth, const HeardSong& heard) {
    const auto holdsWith = [&](const std::vector<SongFact>& facts, const SongReading& shown, std::size_t doubt,
                               int more, const auto& self) -> bool {
        if (isRight(truth, shown.map, held)) return true;
        if (more == 0 || doubt >= shown.doubts.size()) return false;
        for (std::size_t r = 1; r < shown.doubts[doubt].readings.size(); ++r) {
            std::vector<SongFact> stated = facts;
            for (const SongFact& fact : shown.doubts[doubt].readings[r].facts)
                stated = addFact(std::move(stated), fact);
            const auto answered = solveSong(heard, stated);
            if (answered && self(stated, *answered, 0, more - 1, self)) return true;
        }
        return self(facts, shown, doubt + 1, more - 1, self);
    };
    const auto shown = solveSong(heard, {});
    return shown && holdsWith({}, *shown, 0, 2, holdsWith);
}

int actionsFor(const Truth& truth, const HeardSong& heard, bool told) {
    std::vector<SongFact> facts;
    for (int actions = 0; actions < mostActions; ++actions) {
        auto reading = solveSong(heard, facts);
        if (!reading) {
            facts = {TempoFact{std::round(600 / medianGap(truth.beats)) / 10}};
            continue;
        }
        if (isRight(truth, reading->map, right)) return actions;
        const auto action = nextAction(truth, *reading);
        if (told) {
            const auto [beats, ones] = timesOf(truth, reading->map);
            std::printf("   beats %.3f 1s %.3f  %s:", test::fMeasure(beats, truth.beats),
                        test::fMeasure(ones, truth.ones), toString(reading->map.metre).c_str());
            for (const SongFact& fact : action) std::printf(" %s;", describe(fact).english().c_str());
            std::printf("\n");
        }
        const std::vector<SongFact> before = facts;
        for (const SongFact& fact : action) facts = addFact(std::move(facts), fact);
        if (facts == before) return mostActions;
    }
    return mostActions;
}

void show(const std::string& name, std::vector<int> all) {
    if (all.empty()) return;
    std::sort(all.begin(), all.end());
    const auto within = [&](int most) {
        return 100.0 * static_cast<double>(std::upper_bound(all.begin(), all.end(), most) - all.begin()) /
               static_cast<double>(all.size());
    };
    std::printf(
        "%-24s %4zu   median %d   nine in ten %d   none %.0f %%   one %.0f %%   three %.0f %%   never %.0f %%\n",
        name.c_str(), all.size(), all[all.size() / 2], all[std::min(all.size() - 1, all.size() * 9 / 10)], within(0),
        within(1), within(3), 100 - within(mostActions - 1));
}

} // namespace

int main(int argc, char** argv) {
    std::map<std::string, std::vector<int>> groups;
    int pieces = 0, holding = 0;
    const bool each = argc > 1 && std::string(argv[1]) == "--each"; // never for the kept half
    for (int i = each ? 2 : 1; i < argc; ++i) {
        std::ifstream file(argv[i]);
        const Json json = Json::parse(file);
        const Truth truth(json);
        auto features = bench::featuresOf(argv[i]);
        if (!features) continue;
        const auto heard = hearSong(std::move(*features));
        if (!heard) continue;
        const int actions = actionsFor(truth, *heard, each);
        const bool held = doubtsHoldTheTruth(truth, *heard);
        ++pieces;
        holding += held;
        if (each) std::printf("%2d %s%s\n", actions, argv[i], held ? "" : "  not among the first two doubts");
        const double bpm = 60 / medianGap(truth.beats) / (truth.threes() ? 3 : 1);
        const bool uneven = !truth.threes() && (truth.metre.unit == 8 || truth.metre.beats == 5);
        groups["all"].push_back(actions);
        groups[truth.threes()           ? "six-eight"
               : uneven                 ? "uneven"
               : truth.metre.beats == 3 ? "three-time"
                                        : "two and four"]
            .push_back(actions);
        if (bpm < 90 && !uneven) groups["below 90 bpm"].push_back(actions);
        if (bpm > 150 && !uneven) groups["above 150 bpm"].push_back(actions);
        if (json["changing"].get<bool>()) groups["changing"].push_back(actions);
        if (!json["drums"].get<bool>()) groups["without drums"].push_back(actions);
    }
    for (const auto& [name, all] : groups) show(name, all);
    if (pieces > 0) std::printf("in the first two doubts  %d of %d\n", holding, pieces);
    return 0;
}
