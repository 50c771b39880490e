// How long an edit of a routine takes until its findings are there, by number of passes; and reading a line of counts.
#include "core/routine/edits.h"
#include "core/routine/findings.h"
#include "core/routine/order_text.h"
#include "core/routine/remedies.h"
#include "core/song/structure_text.h"

#include <benchmark/benchmark.h>

using namespace lc;

namespace {

const char* const eight = "1 side R 2 behind L 3 side R 4 touch 5 side L 6 behind R 7 side L 8 touch";

Document routineOf(int passes) {
    std::string structure = "intro 32";
    for (int p = 0; p <= passes; ++p) structure += " | verse " + std::to_string(p % 7 == 3 ? 34 : 32);
    const auto map = mapFromStructure(structure.substr(0, structure.size()), 120, {});
    std::string line;
    for (int i = 0; i < 4; ++i) line += std::string(eight) + " ";
    Document d = newDocument();
    if (map) d = *applyEdit(d, SetSong{{}, std::make_shared<const SongMap>(*map)});
    d = *applyEdit(d, SetLine{d.routine.parts[0].id, d.routine.roles[0].id, line});
    return *applyEdit(d, SetOrder{std::vector<PartId>(static_cast<std::size_t>(passes), d.routine.parts[0].id)});
}

void editToFindings(benchmark::State& state) {
    const Document d = routineOf(static_cast<int>(state.range(0)));
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
BENCHMARK(editToFindings)->RangeMultiplier(2)->Range(10, 2000)->Complexity()->Unit(benchmark::kMillisecond);

void remediesOfTheWorst(benchmark::State& state) {
    const Document d = routineOf(static_cast<int>(state.range(0)));
    const Landing landing = land(d);
    for (auto _ : state) benchmark::DoNotOptimize(remediesFor(d, landing, landing.findings.front()).size());
}
BENCHMARK(remediesOfTheWorst)->Arg(10)->Arg(200)->Unit(benchmark::kMillisecond);

void readALine(benchmark::State& state) {
    for (auto _ : state) benchmark::DoNotOptimize(readNotation(eight).length);
}
BENCHMARK(readALine)->Unit(benchmark::kMicrosecond);

} // namespace

BENCHMARK_MAIN();
