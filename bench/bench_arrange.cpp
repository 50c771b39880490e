// How long an edit of an arranged routine takes until its findings are there, by number of steps, and what a landing
// weighs.
#include "core/edits/edits.h"
#include "core/exchange/routine_text.h"
#include "core/landing/findings.h"
#include "core/landing/remedies.h"

#include <benchmark/benchmark.h>

#include <malloc.h>

using namespace lc;

namespace {

constexpr int stepsInAPass = 32; // of one role

/// Couples: four figures of eight in a part, danced until there are `steps` steps of both roles; every seventh pass
/// differs.
Document arranged(int steps, int roles = 2) {
    const int passes = std::max(1, steps / (stepsInAPass * roles));
    std::string structure = "intro 32";
    for (int p = 0; p <= passes; ++p) structure += " | verse " + std::to_string(p % 7 == 3 ? 34 : 32);
    Document d = newDocument();
    const auto map = mapFromStructure(structure, 120, {});
    if (map) d = *applyEdit(d, SetSong{{}, std::make_shared<const SongMap>(*map)});
    for (int r = 1; r < roles; ++r) d = *applyEdit(d, AddRole{"role " + std::to_string(r + 1)});
    const PartId part = d.routine.parts[0].id;
    for (int f = 0; f < 4; ++f) {
        FigureCard card{
            "Figure " + std::to_string(f),
            {{"everyone", "1 side R 2 behind L 3 side R & close L 4 side R 5 side L 6 1/4 R 7 side L 8 close R"}},
            std::nullopt,
            {}};
        d = *applyEdit(d, AddFigure{card, {}});
        d = *applyEdit(d, PlaceFigure{part, d.routine.figures.back().id});
    }
    d = *applyEdit(d, SetOrder{std::vector<PartId>(static_cast<std::size_t>(std::min(passes, 5000)), part)});
    for (std::size_t i = 0; i < d.routine.passes.size(); i += 7) {
        PassExceptions e;
        e.mirrored = i % 2 == 0;
        e.tag = Tag{counts(2)};
        e.bridges = {Bridge{{}, counts(8), counts(4)}};
        d = *applyEdit(d, SetExceptions{d.routine.passes[i].id, e, {}});
    }
    return d;
}

void arrangedEditToFindings(benchmark::State& state) {
    const Document d = arranged(static_cast<int>(state.range(0)));
    Landing landing = land(d);
    const PassId middle = d.routine.passes[d.routine.passes.size() / 2].id;
    int after = 1;
    for (auto _ : state) {
        const auto edited = applyEdit(d, SetRestart{middle, Restart{counts(after = after % 31 + 1)}});
        landing = land(*edited, std::move(landing.grid));
        benchmark::DoNotOptimize(landing.findings.size());
    }
    state.SetComplexityN(state.range(0));
}
BENCHMARK(arrangedEditToFindings)
    ->Arg(1000)
    ->Arg(2500)
    ->Arg(5000)
    ->Arg(10000)
    ->Arg(25000)
    ->Arg(50000)
    ->Arg(100000)
    ->Complexity()
    ->Unit(benchmark::kMillisecond);

void remediesOfTheWorst(benchmark::State& state) {
    const Document d = arranged(static_cast<int>(state.range(0)));
    const Landing landing = land(d);
    for (auto _ : state) benchmark::DoNotOptimize(remediesFor(d, landing, landing.findings.front()).size());
}
BENCHMARK(remediesOfTheWorst)->Arg(1000)->Arg(10000)->Unit(benchmark::kMillisecond);

void eightRolesTwentyThousandSteps(benchmark::State& state) {
    const Document d = arranged(20000, 8);
    Landing landing = land(d);
    const auto before = mallinfo2().uordblks;
    const Landing kept = land(d);
    state.counters["MB"] = static_cast<double>(mallinfo2().uordblks - before) / 1e6;
    for (auto _ : state) {
        landing = land(d, std::move(landing.grid));
        benchmark::DoNotOptimize(landing.findings.size());
    }
}
BENCHMARK(eightRolesTwentyThousandSteps)->Unit(benchmark::kMillisecond);

void textOfARoutine(benchmark::State& state) { // written and read back
    const Document d = arranged(static_cast<int>(state.range(0)));
    for (auto _ : state) benchmark::DoNotOptimize(routineFromText(routineToText(d)).has_value());
}
BENCHMARK(textOfARoutine)->Arg(5000)->Arg(50000)->Unit(benchmark::kMillisecond);

} // namespace

BENCHMARK_MAIN();
