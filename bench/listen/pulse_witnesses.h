#pragma once

#include "audio/listening/beat_evidence.h"

#include <array>
#include <vector>

namespace lc::bench {

/// Which other tracker is asked.
enum class Witness {
    TempoPath, ///< qm-dsp's: a path of tempi by comb filters, then beats along it (Davies, Plumbley 2007; Ellis 2007;
               ///< Stark, Davies, Plumbley 2009)
    OneTempo,  ///< one tempo for the song, preferred near 120, then beats (Ellis, "Beat tracking by dynamic
               ///< programming", Journal of New Music Research, 2007)
    Agents,    ///< many agents that each believe in a tempo and a beat (Dixon, "Automatic extraction of tempo and beat
               ///< from expressive performances", Journal of New Music Research, 2001)
    Drums      ///< OneTempo on what begins low and high
};
constexpr std::size_t witnesses = 4;

/// Not a part of the program: asked while the judge of readings is trained, to see what their word is worth.
/// Beats in seconds that plain trackers hear, which share nothing with the readings but the sound. Each errs in its own
/// way: where several agree with a reading, its level and its phase are likelier. None is believed alone. Empty where
/// one hears nothing. Deterministic; about linear in the length.
[[nodiscard]] std::array<std::vector<double>, witnesses> pulseWitnesses(const SongFeatures& song);

} // namespace lc::bench
