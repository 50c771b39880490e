// How long the cheapest plans take, by length of the song and by how many cuts are allowed.
#include "core/planning/routine_plan.h"
#include "core/routine/order_text.h"

#include <benchmark/benchmark.h>

using namespace lc;

namespace {

/// Phrases of a song of `minutes` at 124 bpm, not square: every fifth 4 longer, every seventh 8 shorter.
std::vector<Tick> phrasesOf(int minutes) {
    std::vector<Tick> out;
    int total = 0;
    for (int i = 0; total < minutes * 124; ++i) {
        out.push_back(counts(i % 5 == 3 ? 36 : i % 7 == 5 ? 24 : 32));
        total += static_cast<int>(wholeCounts(out.back()));
    }
    return out;
}

PhrasePlanAsked asked(int minutes, int cuts) {
    PhrasePlanAsked a;
    a.phrases = phrasesOf(minutes);
    a.dance = counts(32);
    a.tags = {counts(2), counts(4), counts(8)};
    for (int c = 1; c <= cuts; ++c) a.cuts.push_back(counts(32 * c / (cuts + 1)));
    return a;
}

void bySongLength(benchmark::State& state) {
    const PhrasePlanAsked a = asked(static_cast<int>(state.range(0)), 3);
    for (auto _ : state) benchmark::DoNotOptimize(planPhrases(a));
    state.SetComplexityN(state.range(0));
}
BENCHMARK(bySongLength)->Arg(3)->Arg(5)->Arg(10)->Arg(20)->Arg(30)->Arg(60)->Complexity()->Unit(benchmark::kMillisecond);

void byCutsAllowed(benchmark::State& state) {
    const PhrasePlanAsked a = asked(4, static_cast<int>(state.range(0)));
    for (auto _ : state) benchmark::DoNotOptimize(planPhrases(a));
}
BENCHMARK(byCutsAllowed)->Arg(1)->Arg(3)->Arg(7)->Arg(15)->Arg(31)->Unit(benchmark::kMillisecond);

/// A routine with figures, feet and turns on such a song: A for every phrase of 32 or more, B for the short ones.
void ofARoutine(benchmark::State& state) {
    std::string structure, order;
    for (const Tick phrase : phrasesOf(static_cast<int>(state.range(0)))) {
        structure += (structure.empty() ? "verse " : " | verse ") + std::to_string(wholeCounts(phrase));
        order += phrase < counts(32) ? " B" : " A";
    }
    Document d = newDocument();
    d = *applyEdit(d, SetSong{{}, std::make_shared<const SongMap>(*mapFromStructure(structure, 124, {}))});
    d = *applyEdit(d, AddPart{"B"});
    FigureCard card{"Figure", {{"everyone", "1 side R 2 behind L 3 side R & close L 4 side R 5 side L 6 1/4 R 7 side L 8 close R"}}, std::nullopt, {}};
    d = *applyEdit(d, AddFigure{card, {}});
    for (int i = 0; i < 4; ++i) d = *applyEdit(d, PlaceFigure{d.routine.parts[0].id, d.routine.figures.back().id});
    for (int i = 0; i < 3; ++i) d = *applyEdit(d, PlaceFigure{d.routine.parts[1].id, d.routine.figures.back().id});
    d = *applyEdit(d, SetOrder{*readOrder(d.routine, order)});
    const CountGrid grid(*d.map, d.scheme);
    for (auto _ : state) benchmark::DoNotOptimize(planRoutine(d, grid));
}
BENCHMARK(ofARoutine)->Arg(4)->Arg(10)->Arg(30)->Unit(benchmark::kMillisecond);

} // namespace

BENCHMARK_MAIN();
