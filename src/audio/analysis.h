#pragma once

#include "audio/audio_buffer.h"
#include "audio/song_solver.h"
#include "audio/task.h"
#include "core/base/result.h"

namespace lc {

/// A recording heard, from its sound: features and readings. Errors: NoPulse when it is shorter than four seconds,
/// Cancelled. Deterministic. About linear in the length.
[[nodiscard]] Result<HeardSong> hearSound(const AudioBuffer& sound, const Task& task = {});

/// A recording heard and solved in one go. Errors as hearSound() and solveSong().
[[nodiscard]] Result<SongMap> analyseSong(const AudioBuffer& sound, const Task& task = {});

} // namespace lc
