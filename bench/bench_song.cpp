// How long the demo song takes from its file to its map, five times in one run, and per minute of sound.
#include "audio/analysis.h"
#include "audio/audio_file.h"

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <vector>

int main(int argc, char** argv) {
    const char* path = argc > 1 ? argv[1] : LIFTCOUNT_SOURCE_DIR "/demo/copper-weathervane.ogg";
    std::vector<double> decode, analyse;
    double minutes = 0;
    for (int run = 0; run < 5; ++run) {
        using clock = std::chrono::steady_clock;
        const auto start = clock::now();
        const auto song = lc::decodeSong(path);
        if (!song) {
            std::fprintf(stderr, "%s\n", song.error().message.c_str());
            return 1;
        }
        const auto decoded = clock::now();
        const auto map = lc::analyseSong(song->sound);
        const auto done = clock::now();
        if (!map) return 1;
        minutes = song->sound.seconds() / 60;
        decode.push_back(std::chrono::duration<double>(decoded - start).count());
        analyse.push_back(std::chrono::duration<double>(done - decoded).count());
    }
    std::sort(decode.begin(), decode.end());
    std::sort(analyse.begin(), analyse.end());
    std::printf("%.2f minutes of sound: reading %.2f s, mapping %.2f s (medians of 5); %.2f s a minute\n", minutes, decode[2], analyse[2], (decode[2] + analyse[2]) / minutes);
    return 0;
}
