#pragma once

#include "core/base/result.h"

#include <cstdint>
#include <string>
#include <vector>

namespace lc {

/// What a standard MIDI file says about time: the meta events of all its tracks, in the order of time. Notes are
/// skipped; only where the first starts and where the last event stands is kept.
struct MidiTiming {
    struct Tempo {
        std::int64_t tick = 0;
        double secondsPerQuarter = 0.5;
    };
    struct Metre {
        std::int64_t tick = 0;
        int beats = 4;
        int unit = 4;
    };
    struct Words {
        std::int64_t tick = 0;
        std::string text;
    };

    int ticksPerQuarter = 480;
    std::vector<Tempo> tempos;
    std::vector<Metre> metres;
    std::vector<Words> markers;  ///< FF 06
    std::vector<Words> texts;    ///< FF 01
    std::int64_t firstNote = -1; ///< −1 where there is none
    std::int64_t end = 0;        ///< the last event of the longest track
};

/// Reads a standard MIDI file of format 0 or 1 (RP-001, MIDI Manufacturers Association, 1996). Our own reader, because
/// libsmf, which writes our files, ends the program on damaged ones. Errors: Unreadable with the byte at which reading
/// ended. O(bytes).
[[nodiscard]] Result<MidiTiming> readMidiTiming(const std::vector<std::uint8_t>& bytes);

} // namespace lc
