#pragma once

#include "audio/playing/voice.h"
#include "audio/sound/audio_buffer.h"
#include "core/figures/count_tempo.h"
#include "core/notation/saying.h"

#include <vector>

namespace lc {

struct FigureSoundAsked {
    std::vector<SaidCount> said; ///< spoken counts and cues; may be empty
    std::vector<Tick> steps;     ///< where a step falls: a soft low click
    Tick length;                 ///< of one time through, above 0
    Tick musicStart = counts(1); ///< the music count of count 1, so that the 1s sound like 1s
    std::int64_t set = 8;
    CountTempo tempo = 0.5; ///< from the figure's count 1
    int times = 1;          ///< how often it is heard
    bool countIn = true;    ///< a set of clicks before it
    bool clicks = true;
};

struct FigureSound {
    AudioBuffer sound;       ///< stereo, 44.1 kHz
    double startSeconds = 0; ///< of the figure's count 1
    Text problem;            ///< why there is no voice; empty when all is well
};

/// A figure as clicks, soft step clicks and spoken counts, without a song. What falls before count 1 is heard in the
/// count-in. O(seconds).
[[nodiscard]] FigureSound soundOfFigure(const FigureSoundAsked& asked, Voice& voice);

} // namespace lc
