#pragma once

#include "audio/audio_buffer.h"
#include "audio/beat_evidence.h"
#include "audio/metre_reading.h"
#include "audio/task.h"
#include "core/result.h"
#include "core/song_map.h"

namespace lc {

/// A song mapped from its features: the likeliest reading of pulse and bars, then phrases, stops, ending.
/// Errors: NoPulse when no steady beat is found (silence, speech, noise, too short), Cancelled.
/// Deterministic. About linear in the length.
[[nodiscard]] Result<SongMap> solveSong(const SongFeatures& song, const Task& task = {});

/// Features and map of a recording in one go. Errors as solveSong().
[[nodiscard]] Result<SongMap> analyseSong(const AudioBuffer& sound, const Task& task = {});

} // namespace lc
