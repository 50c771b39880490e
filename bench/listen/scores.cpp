// How right the maps of pieces are, without a decoder or another process between: scores [--each] PIECE.json …
// F of beats and of 1s within 70 ms, F of phrase starts within a beat, fermatas found and wrongly found, for each style
// and over all. The numbers that are published come from measure.py; this one is for tuning.
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

struct Score {
    double pieces = 0, beats = 0, ones = 0, phrases = 0;
    double withBars = 0, withPhrases = 0; ///< pieces whose truth has them
    int held = 0, heldFound = 0, heldWrong = 0;

    void add(const Score& s) {
        pieces += s.pieces;
        withBars += s.withBars;
        withPhrases += s.withPhrases;
        beats += s.beats;
        ones += s.ones;
        phrases += s.phrases;
        held += s.held;
        heldFound += s.heldFound;
        heldWrong += s.heldWrong;
    }
    void show(const std::string& name) const {
        std::printf("%-22s %4.0f  beats %.3f  1s %.3f  phrases %.3f  fermatas %d of %d, wrong %d\n", name.c_str(),
                    pieces, beats / pieces, ones / std::max(1.0, withBars), phrases / std::max(1.0, withPhrases),
                    heldFound, held, heldWrong);
    }
};

std::vector<double> starts(const Json& list, const char* key) {
    std::vector<double> out;
    for (const Json& item : list) out.push_back(item[key]);
    return out;
}

Score scoreOf(const Json& truth, const SongMap& map) {
    std::vector<double> beats, ones, phrases;
    for (const Beat& b : map.beats) beats.push_back(b.time);
    for (const Bar& b : map.bars) ones.push_back(map.beats[b.firstBeat].time);
    for (const Phrase& p : map.phrases) phrases.push_back(map.beats[firstBeatOf(map, p)].time);
    const std::vector<double> trueBeats = starts(truth["beats"], "time_s");
    std::vector<double> gaps;
    for (std::size_t i = 1; i < trueBeats.size(); ++i) gaps.push_back(trueBeats[i] - trueBeats[i - 1]);
    std::sort(gaps.begin(), gaps.end());
    Score s;
    s.pieces = 1;
    s.beats = test::fMeasure(beats, trueBeats);
    if (!truth["bars"].empty()) {
        s.withBars = 1;
        s.ones = test::fMeasure(ones, starts(truth["bars"], "start_s"));
    }
    if (truth["phrases"].size() > 1) {
        s.withPhrases = 1;
        s.phrases = test::fMeasure(phrases, starts(truth["phrases"], "start_s"), std::max(0.5, gaps[gaps.size() / 2]));
    }
    const std::vector<double> held = starts(truth["fermatas"], "start_s");
    s.held = static_cast<int>(held.size());
    for (const Fermata& f : map.fermatas) {
        const bool right = std::any_of(held.begin(), held.end(), [&](double t) { return std::abs(t - f.start) < 0.1; });
        ++(right ? s.heldFound : s.heldWrong);
    }
    return s;
}

} // namespace

int main(int argc, char** argv) {
    const bool each = argc > 1 && std::string(argv[1]) == "--each"; // never for the kept half
    std::map<std::string, Score> styles;
    Score all;
    for (int i = each ? 2 : 1; i < argc; ++i) {
        std::ifstream file(argv[i]);
        const Json truth = Json::parse(file);
        auto features = bench::featuresOf(argv[i]);
        if (!features) continue;
        const auto heard = hearSong(std::move(*features));
        if (!heard) continue;
        const auto reading = solveSong(*heard);
        const Score s = reading ? scoreOf(truth, reading->map) : scoreOf(truth, SongMap{});
        if (each)
            s.show(truth.value("name",
                               truth["style"].get<std::string>() + "-" + std::to_string(truth["seed"].get<int>())));
        styles[truth["style"]].add(s);
        all.add(s);
    }
    for (const auto& [name, s] : styles) s.show(name);
    all.show("all");
    return 0;
}
