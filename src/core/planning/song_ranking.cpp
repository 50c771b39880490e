#include "core/planning/song_ranking.h"

#include "core/base/clock_text.h"
#include "core/base/csv_text.h"
#include "core/planning/plan_words.h"
#include "core/reports/song_trial.h"

#include <algorithm>
#include <cmath>
#include <tuple>

namespace lc {

std::int64_t SongFit::total(std::int64_t percentCost) const {
    return cost + percentCost * std::llround(std::abs(percent - 100));
}

SongFit fitSong(const Document& routine, const Document& song, const FitWishes& wishes) {
    SongFit fit;
    fit.name = song.title;
    fit.metre = toString(song.map->metre);
    fit.stops = song.map->stops.size();
    const int here = routine.map->metre.beats, there = song.map->metre.beats;
    fit.otherBars = !routine.map->beats.empty() && here % there != 0 && there % here != 0;
    if (const auto bpm = medianTempo(*song.map)) fit.bpm = *bpm;
    if (wishes.tempo && fit.bpm > 0) fit.percent = fitTempo(fit.bpm, *wishes.tempo).percent;
    if (song.map->beats.empty()) {
        fit.problem = Core::sentence("It has no beats yet.");
        return fit;
    }
    const auto trial = tryOnSong(routine, land(routine), songOf(song));
    const auto on = trial ? applyEdits(routine, trial->edits) : tl::unexpected(trial.error());
    if (!on) {
        fit.problem = on.error().message;
        return fit;
    }
    if (trial->startLost)
        fit.remark =
            Core::sentence("The place where the dance starts is not there; it is planned from the first phrase.");
    RoutinePlanWishes plan = wishes.plan;
    plan.most = 1;
    plan.differ = false;
    const auto plans = planRoutine(*on, trial->then.grid, plan);
    if (!plans) {
        fit.problem = plans.error().message;
        return fit;
    }
    const RoutinePlan& best = plans->plans.front();
    fit.cost = best.cost;
    fit.misses = best.misses;
    for (std::size_t i = 0; i < best.passes.size(); ++i) {
        const PassExceptions& as = best.as[i];
        fit.exceptions += best.passes[i].cut + as.tag.has_value() +
                          static_cast<int>(as.bridges.size() + as.changes.size()) + (as.ending && as.ending->danced) +
                          (as.wait > Tick{});
    }
    fit.ending = best.ending;
    fit.lastPass = best.passes.back().counts;
    fit.endingFacing = best.endingFacing;
    fit.formation = routine.routine.formation;
    return fit;
}

void rankFits(std::vector<SongFit>& fits, const FitWishes& wishes) {
    std::stable_sort(fits.begin(), fits.end(), [&](const SongFit& a, const SongFit& b) {
        const auto rank = [&](const SongFit& f) {
            return std::tuple(!f.problem.empty(), f.otherBars, f.total(wishes.percentCost), f.misses, f.exceptions,
                              f.name);
        };
        return rank(a) < rank(b);
    });
}

Sentence endingInWords(const SongFit& fit) {
    return endingInWords(fit.formation, fit.ending, fit.lastPass, fit.endingFacing);
}

std::string fitsToCsv(const std::vector<SongFit>& fits) {
    std::string out = csvRow({"name", "file", "bpm", "metre", "tempo_percent", "cost", "exceptions", "misses", "stops",
                              "ending_counts", "last_pass_counts", "ending_facing", "problem"});
    for (const SongFit& f : fits) {
        const bool planned = f.problem.empty();
        const auto number = [&](std::int64_t n) { return planned ? std::to_string(n) : std::string(); };
        out += csvRow({f.name, f.file, decimals(f.bpm, 1), f.metre, decimals(f.percent, 1), number(f.cost),
                       number(f.exceptions), number(f.misses), std::to_string(f.stops),
                       planned ? toCountString(f.ending) : "", planned ? toCountString(f.lastPass) : "",
                       planned ? toClock(f.endingFacing) : "", f.problem.english()});
    }
    return out;
}

} // namespace lc
