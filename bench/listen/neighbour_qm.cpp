// Beats by qm-dsp's own tracker, a line each: a neighbour to compare with, not a part of the program.
#include "audio/sound/audio_file.h"
#include "audio/sound/resample.h"

#include <dsp/onsets/DetectionFunction.h>
#include <dsp/tempotracking/TempoTrackV2.h>

#include <algorithm>
#include <cstdio>
#include <vector>

int main(int argc, char** argv) {
    if (argc != 2) return 2;
    const auto song = lc::decodeSong(argv[1]);
    if (!song) return 1;
    const lc::AudioBuffer mono = lc::resampled(lc::mono(song->sound), 44100);
    constexpr int hop = 512;
    constexpr int window = 1024;
    DFConfig config{};
    config.stepSize = hop;
    config.frameLength = window;
    config.DFType = DF_COMPLEXSD;
    config.dbRise = 3;
    config.whiteningRelaxCoeff = -1;
    config.whiteningFloor = -1;
    DetectionFunction detector(config);
    std::vector<double> onsets;
    std::vector<double> frame(window);
    for (std::size_t at = 0; at + window <= mono.samples.size(); at += hop) {
        std::copy_n(mono.samples.begin() + static_cast<std::ptrdiff_t>(at), window, frame.begin());
        onsets.push_back(detector.processTimeDomain(frame.data()));
    }
    if (onsets.size() < 66) return 1;
    const std::vector<double> used(onsets.begin() + 2, onsets.end()); // its authors leave the first frames out
    std::vector<double> period(used.size(), 0), tempi, beats;
    TempoTrackV2 tracker(44100, hop);
    tracker.calculateBeatPeriod(used, period, tempi);
    tracker.calculateBeats(used, period, beats);
    for (double beat : beats) std::printf("%.4f\n", (beat + 2) * hop / 44100);
    return 0;
}
