// Reading lines and figures, searching and filling. What concerns whole routines is in bench_arrange.
#include "core/exchange/handout.h"
#include "core/figures/figure_findings.h"
#include "core/figures/figure_search.h"
#include "core/figures/fillers.h"
#include "core/said/steps_reader.h"

#include <benchmark/benchmark.h>

using namespace lc;

namespace {

const char* const eight = "1 side R 2 behind L 3 side R 4 touch 5 side L 6 behind R 7 side L 8 touch";

void readALine(benchmark::State& state) {
    for (auto _ : state) benchmark::DoNotOptimize(readNotation(eight).length);
}
BENCHMARK(readALine)->Unit(benchmark::kMicrosecond);

void readALineOfTheNotationAsSaid(benchmark::State& state) { // what a line costs where either may stand
    for (auto _ : state) benchmark::DoNotOptimize(readSteps(eight).reading.length);
}
BENCHMARK(readALineOfTheNotationAsSaid)->Unit(benchmark::kMicrosecond);

void readASaidLine(benchmark::State& state) {
    for (auto _ : state)
        benchmark::DoNotOptimize(
            readSteps("1-2 rock back L, recover R 3&4 shuffle forward L-R-L, 5-8 vine right with a quarter turn right")
                .reading.length);
}
BENCHMARK(readASaidLine)->Unit(benchmark::kMicrosecond);

void readAHandout(benchmark::State& state) { // of 200 lines
    std::string text = "Bench Row\n32 counts, 4 walls\n";
    for (int k = 0; k < 66; ++k)
        text +=
            "Section " + std::to_string(k + 1) + "\n1-2 rock back L, recover R, 3&4 triple step L\n5-8 vine right\n";
    for (auto _ : state) benchmark::DoNotOptimize(readHandout(text));
}
BENCHMARK(readAHandout)->Unit(benchmark::kMillisecond);

} // namespace

void readAndCheckAFigure(benchmark::State& state) { // of a couple: both lines, feet, meet points, findings
    FigureCard card;
    card.name = "Kerb";
    card.lines = {{"leader", "[open, L-R low] 1 side L 2 behind R 3 side L 4 across R 5 side L 1/4 R"},
                  {"follower", "[open, L-R low] 1 side R 2 behind L 3 side R 4 across L 5 side R 1/4 R"}};
    card.claimed = counts(5);
    for (auto _ : state) {
        const FigureReading read = readFigure(card);
        benchmark::DoNotOptimize(inspectFigure(card, read).size());
    }
}
BENCHMARK(readAndCheckAFigure)->Unit(benchmark::kMicrosecond);

/// Figures that differ in words, counts and feet.
std::vector<FigureDigest> digests(int n) {
    std::vector<FigureDigest> all;
    for (int i = 0; i < n; ++i) {
        FigureCard card;
        card.name = "Figure " + std::to_string(i * 7919 % 100003);
        card.lines = {
            {"everyone", "1-" + std::to_string(2 + i % 15) + " walk " + (i % 2 ? "L" : "R") + (i % 3 ? "" : " 1/4 R")}};
        card.facts.description = "One of many figures of the hall, with a line of words that a search looks through.";
        card.facts.tags = {"hall", i % 5 ? "line" : "couple"};
        all.push_back(digestOf(card));
    }
    return all;
}

std::vector<const FigureDigest*> pointersTo(const std::vector<FigureDigest>& all) {
    std::vector<const FigureDigest*> out;
    for (const FigureDigest& digest : all) out.push_back(&digest);
    return out;
}

void searchTheFigures(benchmark::State& state) {
    const auto all = digests(static_cast<int>(state.range(0)));
    for (auto _ : state)
        benchmark::DoNotOptimize(
            searchFigures(pointersTo(all), parseFigureQuery("6 counts, left foot free, hall 77")).size());
    state.SetComplexityN(state.range(0));
}
BENCHMARK(searchTheFigures)->RangeMultiplier(10)->Range(100, 100000)->Complexity()->Unit(benchmark::kMillisecond);

void searchTheFiguresByWords(benchmark::State& state) {
    const auto all = digests(static_cast<int>(state.range(0)));
    for (auto _ : state)
        benchmark::DoNotOptimize(searchFigures(pointersTo(all), parseFigureQuery("hall couple 77")).size());
    state.SetComplexityN(state.range(0));
}
BENCHMARK(searchTheFiguresByWords)
    ->RangeMultiplier(10)
    ->Range(100, 100000)
    ->Complexity()
    ->Unit(benchmark::kMillisecond);

void fillTheCounts(benchmark::State& state) { // bare steps and forty figures, the forty cheapest of all
    std::vector<FillerPiece> pieces = barePieces();
    for (int i = 0; i < 40; ++i)
        pieces.push_back(
            {"f", counts(2 + i % 7), 1 + i % 8, i % 2 == 0, i % 3 ? std::optional<Foot>() : Foot::Left, "", false});
    FillersAsked asked;
    asked.counts = counts(state.range(0));
    asked.leave = Foot::Left;
    for (auto _ : state) benchmark::DoNotOptimize(fillersFor(asked, pieces)->cheapest.size());
    state.SetComplexityN(state.range(0));
}
BENCHMARK(fillTheCounts)->RangeMultiplier(2)->Range(4, 64)->Complexity()->Unit(benchmark::kMillisecond);

BENCHMARK_MAIN();
