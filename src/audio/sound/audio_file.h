#pragma once

#include "audio/sound/audio_buffer.h"
#include "audio/sound/song_sound.h"
#include "audio/sound/song_stream.h"
#include "core/base/result.h"
#include "core/base/task.h"

#include <string>

namespace lc {

struct DecodedSong {
    AudioBuffer sound;  ///< one or two channels at 32 to 48 kHz
    std::string title;  ///< from the file's tags, else its name
    std::string artist; ///< who plays it, from the tags; may be empty
    Sentence warning;   ///< a sentence when something was put right while reading; else empty
};

/// A song as it is kept while it is open.
struct OpenedSong {
    SongSound sound;
    std::string title;
    std::string artist;
    Sentence warning;
};

/// Reads WAV, FLAC, OGG, Opus, MP3, AIFF and what else libsndfile knows, and by FFmpeg's libav the rest: M4A, WMA, the
/// sound of a video. The same song stands at the same time in each. More than two channels are mixed to two, other
/// sample rates are brought to 44.1 kHz, samples that are not numbers become silence (with a warning). Errors:
/// NotFound, Unreadable (not a sound file, cut off, no samples, too long), Cancelled. O(length).
[[nodiscard]] Result<DecodedSong> decodeSong(const std::string& path, const Task& task = {});

/// The same into half the room, for songs that are played and mended.
[[nodiscard]] Result<OpenedSong> openSong(const std::string& path, const Task& task = {});

/// Writes 16-bit sound; the kind follows the file's ending (wav, flac, ogg). A file that is there is replaced whole, or
/// stays. Error Unwritable.
[[nodiscard]] Result<void> writeSound(const AudioBuffer& sound, const std::string& path);

} // namespace lc
