// How long the cheapest plans take, by length of the song and by how many cuts are allowed.
#include "core/planning/music_mend.h"
#include "core/planning/routine_plan.h"
#include "core/planning/song_ranking.h"
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
BENCHMARK(bySongLength)
    ->Arg(3)
    ->Arg(5)
    ->Arg(10)
    ->Arg(20)
    ->Arg(30)
    ->Arg(60)
    ->Complexity()
    ->Unit(benchmark::kMillisecond);

void byCutsAllowed(benchmark::State& state) {
    const PhrasePlanAsked a = asked(4, static_cast<int>(state.range(0)));
    for (auto _ : state) benchmark::DoNotOptimize(planPhrases(a));
}
BENCHMARK(byCutsAllowed)->Arg(1)->Arg(3)->Arg(7)->Arg(15)->Arg(31)->Unit(benchmark::kMillisecond);

/// A routine with figures, feet and turns on such a song: A for every phrase of 32 or more, B for the short ones.
Document routineOn(int minutes) {
    std::string structure, order;
    for (const Tick phrase : phrasesOf(minutes)) {
        structure += (structure.empty() ? "verse " : " | verse ") + std::to_string(wholeCounts(phrase));
        order += phrase < counts(32) ? " B" : " A";
    }
    Document d = newDocument();
    d = *applyEdit(d, SetSong{{}, std::make_shared<const SongMap>(*mapFromStructure(structure, 124, {}))});
    d = *applyEdit(d, AddPart{"B"});
    FigureCard card{
        "Figure",
        {{"everyone", "1 side R 2 behind L 3 side R & close L 4 side R 5 side L 6 1/4 R 7 side L 8 close R"}},
        std::nullopt,
        {}};
    d = *applyEdit(d, AddFigure{card, {}});
    for (int i = 0; i < 4; ++i) d = *applyEdit(d, PlaceFigure{d.routine.parts[0].id, d.routine.figures.back().id});
    for (int i = 0; i < 3; ++i) d = *applyEdit(d, PlaceFigure{d.routine.parts[1].id, d.routine.figures.back().id});
    return *applyEdit(d, SetOrder{*readOrder(d.routine, order)});
}

void ofARoutine(benchmark::State& state) {
    const Document d = routineOn(static_cast<int>(state.range(0)));
    const CountGrid grid(*d.map, d.scheme);
    for (auto _ : state) benchmark::DoNotOptimize(planRoutine(d, grid));
}
BENCHMARK(ofARoutine)->Arg(4)->Arg(10)->Arg(30)->Unit(benchmark::kMillisecond);

/// Everything allowed, plans that differ: what the window asks for at most.
void withEverythingAllowed(benchmark::State& state) {
    const Document d = routineOn(static_cast<int>(state.range(0)));
    const CountGrid grid(*d.map, d.scheme);
    RoutinePlanWishes wishes;
    wishes.bridges = {counts(2), counts(4)};
    wishes.figures = wishes.bars = wishes.differ = true;
    wishes.fills = {d.routine.figures.back().id};
    wishes.waits = {counts(8)};
    for (auto _ : state) benchmark::DoNotOptimize(planRoutine(d, grid, wishes));
}
BENCHMARK(withEverythingAllowed)->Arg(4)->Arg(10)->Arg(30)->Unit(benchmark::kMillisecond);

/// One dance on a hundred mapped songs of four minutes, none square.
void rankAHundredSongs(benchmark::State& state) {
    Document dance = newDocument();
    FigureCard card{
        "Figure",
        {{"everyone", "1 side R 2 behind L 3 side R & close L 4 side R 5 side L 6 1/4 R 7 side L 8 close R"}},
        std::nullopt,
        {}};
    dance = *applyEdit(dance, AddFigure{card, {}});
    for (int i = 0; i < 4; ++i)
        dance = *applyEdit(dance, PlaceFigure{dance.routine.parts[0].id, dance.routine.figures.back().id});
    dance = *applyEdit(dance, SetOrder{*readOrder(dance.routine, "A x12")});
    std::vector<Document> songs;
    for (int s = 0; s < 100; ++s) {
        std::string structure;
        int total = 0;
        for (int i = 0; total < 480; ++i) {
            const int length = (i + s) % 5 == 3 ? 36 : (i * 3 + s) % 7 == 5 ? 24 : 32;
            structure += (structure.empty() ? "verse " : " | verse ") + std::to_string(length);
            total += length;
        }
        songs.push_back(*applyEdit(
            newDocument(), SetSong{{}, std::make_shared<const SongMap>(*mapFromStructure(structure, 100 + s, {}))}));
    }
    FitWishes wishes;
    wishes.tempo = *tempoRangeOf("cha-cha");
    for (auto _ : state) {
        std::vector<SongFit> fits;
        for (const Document& song : songs) fits.push_back(fitSong(dance, song, wishes));
        rankFits(fits, wishes);
        benchmark::DoNotOptimize(fits);
    }
}
BENCHMARK(rankAHundredSongs)->Unit(benchmark::kMillisecond);

/// Cuts and repeats of the music, by minutes of the song.
void mendTheMusic(benchmark::State& state) {
    std::string structure, order;
    for (const Tick phrase : phrasesOf(static_cast<int>(state.range(0))))
        structure += (structure.empty() ? "verse " : " | verse ") + std::to_string(wholeCounts(phrase));
    Document d = routineOn(1);
    d = *applyEdit(d, SetSong{{}, std::make_shared<const SongMap>(*mapFromStructure(structure, 124, {}))});
    for (int i = 0; i < 2 * static_cast<int>(state.range(0)); ++i) order += " A";
    d = *applyEdit(d, SetOrder{*readOrder(d.routine, order)});
    const Landing landing = land(d);
    for (auto _ : state) benchmark::DoNotOptimize(mendMusic(d, landing));
}
BENCHMARK(mendTheMusic)->Arg(1)->Arg(2)->Arg(3)->Arg(4)->Unit(benchmark::kMillisecond);

} // namespace

BENCHMARK_MAIN();
