#pragma once

#include "audio/audio_buffer.h"
#include "audio/task.h"

#include <vector>

namespace lc {

/// How strongly something begins, at every frame of a recording, heard in four ways. All four have the same length, are
/// not negative, and are levelled: each is divided by its own local strength, so that a quiet verse speaks as clearly as
/// a loud chorus.
struct OnsetFunctions {
    double rate = 0;              ///< frames a second
    std::vector<float> flux;      ///< rise of a logarithmic spectrum, slides of pitch taken out
    std::vector<float> complexDomain; ///< change of amplitude and phase against steady sound
    std::vector<float> low;       ///< rise below 180 Hz: bass and bass drum
    std::vector<float> high;      ///< rise above 5 kHz: cymbals and snares
    std::vector<float> level;     ///< root mean square of the frame, not levelled

    [[nodiscard]] std::size_t size() const { return flux.size(); }
    [[nodiscard]] double secondsOf(double frame) const { return frame / rate; }
};

/// Onset functions of a mono recording at 44.1 kHz (asserted); frame k is centred on k / rate seconds.
/// Flux: Böck, Widmer, "Maximum filter vibrato suppression for onset detection", DAFx 2013. Complex domain, rising half
/// only: Dixon, "Onset detection revisited", DAFx 2006. O(length). Empty when the task was stopped.
[[nodiscard]] OnsetFunctions onsetFunctions(const AudioBuffer& mono, const Task& task = {});

} // namespace lc
