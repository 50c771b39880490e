// Writes the rows by which the models of the song analysis are trained, from pieces with truth (make_set.py):
//   training_rows beats|readings|phrases|witnesses|frames PIECE.json …
// What was heard of a piece is kept beside it, as PIECE.feat; `frames` writes what the listening net hears beside that,
// as PIECE.frames (floats, frame by frame).
#include "further_cues.h"
#include "piece.h"

#include "audio/listening/listening_net.h"
#include "audio/listening/metre_reading.h"
#include "audio/listening/phrase_cues.h"
#include "support/beat_measure.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <cstring>
#include <filesystem>
#include <fstream>
#include <optional>
#include <string>
#include <vector>

using namespace lc;
using bench::featuresOf;
using test::fMeasure;
namespace fs = std::filesystem;
using Json = nlohmann::json;

namespace {

template <typename Cues>
void row(const std::string& name, std::initializer_list<double> labels, const Cues& cues) {
    std::printf("%s", name.c_str());
    for (double l : labels) std::printf(",%.4g", l);
    for (double c : cues) std::printf(",%.4f", c);
    std::printf("\n");
}

bool inThrees(const Json& truth) {
    const std::vector<int> groups = truth["metre"][2];
    return !groups.empty() && std::all_of(groups.begin(), groups.end(), [](int g) { return g == 3; });
}

/// Music by others may have bars that nothing in its notes speaks for; they are no truth.
bool barsKnown(const Json& truth) { return truth.value("bars_known", true); }

void beatRows(const std::string& name, const Json& truth, const SongFeatures& song) {
    if (!barsKnown(truth)) return;
    std::vector<double> beats;
    std::vector<int> numbers;
    const bool threes = inThrees(truth); // whose pulse has a beat for every three
    for (const Json& b : truth["beats"]) {
        if (threes && (b["beat"].get<int>() - 1) % 3 != 0) continue;
        beats.push_back(b["time_s"]);
        numbers.push_back(b["beat"]);
    }
    const std::vector<int> groups = truth["metre"][2];
    const auto cues = beatCues(song, beats);
    for (std::size_t k = 0; k < cues.size(); ++k) {
        const int beat = numbers[k];
        bool head = beat == 1;
        int at = 1;
        for (int g : groups) {
            head = head || beat == at;
            at += g;
        }
        row(name, {beat == 1 ? 1.0 : 0.0, head ? 1.0 : 0.0}, cues[k]);
    }
}

void readingRows(const std::string& name, const Json& truth, const SongFeatures& song) {
    const bool threes = inThrees(truth);
    std::vector<double> beats, ones;
    for (const Json& b : truth["beats"]) {
        const int beat = b["beat"];
        if (beat == 1) ones.push_back(b["time_s"]);
        if (!threes || (beat - 1) % 3 == 0) beats.push_back(b["time_s"]);
    }
    const MetreReadings all = readMetre(song);
    const auto heard = bench::pulseWitnesses(song);
    for (const MetreReading& r : all.readings) {
        const PulseCandidate& pulse = all.pulses[r.pulse];
        std::vector<double> starts, cues(r.cues.begin(), r.cues.end());
        const auto further = bench::furtherCuesOf(pulse, heard);
        cues.insert(cues.end(), further.begin(), further.end());
        std::size_t b = r.bars.pickup;
        for (int length : r.bars.lengths) {
            starts.push_back(pulse.beats[b]);
            b += static_cast<std::size_t>(length);
        }
        row(name, {fMeasure(pulse.beats, beats), barsKnown(truth) ? fMeasure(starts, ones) : -1}, cues);
    }
}

/// How right the other trackers are by themselves, and how far their beats lie from the true ones in the mean
/// (seconds).
void witnessRows(const std::string& name, const Json& truth, const SongFeatures& song) {
    std::vector<double> beats;
    for (const Json& b : truth["beats"])
        if (!inThrees(truth) || (b["beat"].get<int>() - 1) % 3 == 0) beats.push_back(b["time_s"]);
    for (const auto& heard : bench::pulseWitnesses(song)) {
        double off = 0;
        for (double t : heard)
            off += t - *std::min_element(beats.begin(), beats.end(),
                                         [&](double a, double b) { return std::abs(a - t) < std::abs(b - t); });
        row(name, {fMeasure(heard, beats), heard.empty() ? 0 : off / static_cast<double>(heard.size())},
            std::vector<double>{static_cast<double>(heard.size()), static_cast<double>(beats.size())});
    }
}

void phraseRows(const std::string& name, const Json& truth, const SongFeatures& song) {
    if (!barsKnown(truth) || truth["phrases"].size() < 3) return;
    std::vector<double> bars;
    std::vector<int> beats;
    for (const Json& b : truth["bars"]) {
        bars.push_back(b["start_s"]);
        beats.push_back(b["beats"]);
    }
    bars.push_back(truth["end_s"]);
    const auto cues = phraseCues(song, bars, beats);
    for (std::size_t b = 1; b < cues.size(); ++b) {
        bool starts = false;
        for (const Json& p : truth["phrases"]) starts = starts || std::abs(p["start_s"].get<double>() - bars[b]) < 0.05;
        row(name, {starts ? 1.0 : 0.0}, cues[b]);
    }
}

void writeFrames(fs::path piece, const SongFeatures& song) {
    const auto frames = netFrames(song);
    std::ofstream(piece.replace_extension(".frames"), std::ios::binary)
        .write(reinterpret_cast<const char*>(frames.data()),
               static_cast<std::streamsize>(frames.size() * sizeof(NetFrame)));
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 3) return 2;
    for (int i = 2; i < argc; ++i) {
        std::ifstream file(argv[i]);
        const Json truth = Json::parse(file);
        const auto song = featuresOf(argv[i]);
        if (!song) continue;
        const std::string name = fs::path(argv[i]).stem().string();
        if (std::strcmp(argv[1], "beats") == 0)
            beatRows(name, truth, *song);
        else if (std::strcmp(argv[1], "readings") == 0)
            readingRows(name, truth, *song);
        else if (std::strcmp(argv[1], "frames") == 0)
            writeFrames(argv[i], *song);
        else if (std::strcmp(argv[1], "witnesses") == 0)
            witnessRows(name, truth, *song);
        else
            phraseRows(name, truth, *song);
    }
    return 0;
}
