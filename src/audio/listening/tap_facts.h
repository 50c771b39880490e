#pragma once

#include "audio/listening/song_solver.h"
#include "core/song/tapping.h"

#include <vector>

namespace lc {

/// What was tapped: every beat, or only the 1s.
enum class TapTarget { Beats, Ones };

/// The fewest facts that make what was heard agree with a person's taps: none where it does already; else the tempo,
/// then a beat, then (tapping 1s) the length of the bars and 1s where the bars still differ, at last every tapped
/// place. `stated` is what was stated before. Errors: as solveSong(), or BadValue when the taps contradict what was
/// stated.
[[nodiscard]] Result<std::vector<SongFact>> factsFromTaps(const HeardSong& song, const std::vector<SongFact>& stated,
                                                          const TapFit& fit, TapTarget target);

/// How much later than the beats of a map the places come, by their median; nothing where fewer than two thirds lie
/// within 0.12 s of one. What a person's hands and the machine's sound are late by.
[[nodiscard]] std::optional<Seconds> lateness(const SongMap& map, const std::vector<Seconds>& places);

} // namespace lc
