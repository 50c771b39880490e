// How long a song takes from its file to its map, and to be solved again after a fact: medians of five in one run, and
// the memory at the end.
#include "audio/listening/analysis.h"
#include "audio/sound/audio_file.h"
#include "audio/sound/resample.h"

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <fstream>
#include <string>
#include <vector>

namespace {

using Clock = std::chrono::steady_clock;

double median(std::vector<double> values) {
    std::sort(values.begin(), values.end());
    return values[values.size() / 2];
}

double residentMegabytes() {
    std::ifstream status("/proc/self/status");
    for (std::string line; std::getline(status, line);)
        if (line.rfind("VmHWM:", 0) == 0) return std::stod(line.substr(6)) / 1024;
    return 0;
}

} // namespace

int main(int argc, char** argv) {
    const char* path = argc > 1 ? argv[1] : LIFTCOUNT_SOURCE_DIR "/demo/copper-weathervane.ogg";
    std::vector<double> decoding, features, readings, solving;
    double minutes = 0;
    for (int run = 0; run < 5; ++run) {
        const auto start = Clock::now();
        const auto song = lc::decodeSong(path);
        if (!song) {
            std::fprintf(stderr, "%s\n", song.error().message.english().c_str());
            return 1;
        }
        const auto decoded = Clock::now();
        lc::SongFeatures heardFeatures = lc::songFeatures(lc::resampled(lc::mono(song->sound), 44100));
        const auto listened = Clock::now();
        const auto heard = lc::hearSong(std::move(heardFeatures));
        if (!heard) return 1;
        const auto read = Clock::now();
        const auto reading = lc::solveSong(*heard, {lc::OneFact{30}});
        if (!reading) return 1;
        const auto solved = Clock::now();
        const auto seconds = [](auto a, auto b) { return std::chrono::duration<double>(b - a).count(); };
        minutes = song->sound.seconds() / 60;
        decoding.push_back(seconds(start, decoded));
        features.push_back(seconds(decoded, listened));
        readings.push_back(seconds(listened, read));
        solving.push_back(seconds(read, solved));
    }
    std::printf(
        "%.2f minutes of sound: reading %.2f s, features %.2f s, readings %.2f s, solving around a fact %.3f s (medians of 5)\n",
        minutes, median(decoding), median(features), median(readings), median(solving));
    std::printf("from file to map %.2f s, %.2f s a minute; at most %.0f MB\n",
                median(decoding) + median(features) + median(readings) + median(solving),
                (median(decoding) + median(features) + median(readings) + median(solving)) / minutes,
                residentMegabytes());
    return 0;
}
