#pragma once

#include "audio/audio_buffer.h"
#include "audio/task.h"
#include "core/result.h"
#include "core/song_map.h"

namespace lc {

/// A first reading of a recording: beats, bars of three or four with single odd bars, phrases, stops.
/// Errors: NoPulse when no steady beat is found (silence, speech, too short), Cancelled.
/// Deterministic. About linear in the length.
[[nodiscard]] Result<SongMap> analyseSong(const AudioBuffer& sound, const Task& task = {});

} // namespace lc
