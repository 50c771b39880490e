#pragma once

#include "audio/listening/song_solver.h"
#include "audio/sound/audio_buffer.h"
#include "audio/sound/song_stream.h"
#include "core/base/result.h"
#include "core/base/task.h"

namespace lc {

/// A recording heard, from its sound: features and readings. Errors: NoPulse when it is shorter than four seconds,
/// Cancelled. Deterministic. About linear in the length.
[[nodiscard]] Result<HeardSong> hearSound(const AudioBuffer& sound, const Task& task = {});

/// What a recording in a file gave to who only listens.
struct HeardFile {
    HeardSong heard;
    std::string title;
    std::string artist;
    Sentence warning; ///< a sentence when something was put right or is missing; else empty
};

/// Features of a recording while it is read; the whole sound is held nowhere. Errors: those of SongStream, Cancelled.
[[nodiscard]] Result<SongFeatures> listenTo(SongStream& song, const Task& task = {});

/// A recording heard from its file, up to `mostSeconds` of it (0 = the whole). Errors: those of SongStream; NoPulse;
/// Cancelled. Memory: about 0.1 MB for each second, however many channels and whatever the rate.
[[nodiscard]] Result<HeardFile> hearFile(const std::string& path, double mostSeconds = 0, const Task& task = {});

/// A recording heard and solved in one go. Errors as hearSound() and solveSong().
[[nodiscard]] Result<SongMap> analyseSong(const AudioBuffer& sound, const Task& task = {});

} // namespace lc
