#pragma once

#include "audio/sound/audio_buffer.h"
#include "core/base/result.h"

#include <cstdint>
#include <memory>
#include <string>

namespace lc {

/// Longest recording that is taken whole, in seconds.
inline constexpr double longestSongSeconds = 90 * 60;

/// A recording being read from its beginning, in blocks, so that what only listens needs no room for the whole of it.
/// What decodeSong() promises of the sound holds for the blocks laid end to end. For one thread.
class SongStream {
public:
    /// Opens it. Nothing beyond `mostSeconds` is read; 0 = the whole song, which then may have longestSongSeconds.
    /// Errors: NotFound, Unreadable (not a file, no permission, no sound, too long).
    [[nodiscard]] static Result<SongStream> open(const std::string& path, double mostSeconds = 0);
    SongStream(SongStream&&) noexcept;
    SongStream& operator=(SongStream&&) noexcept;
    ~SongStream();

    [[nodiscard]] int sampleRate() const; ///< 32 to 48 kHz
    [[nodiscard]] int channels() const;   ///< 1 or 2
    /// Frames that are likely to come, as the file says: for progress and for making room. 0 = it does not say. Never
    /// more than longestSongSeconds.
    [[nodiscard]] std::int64_t framesPromised() const;
    [[nodiscard]] std::string title() const;  ///< from the file's tags, else its name; UTF-8
    [[nodiscard]] std::string artist() const; ///< from the tags; may be empty

    /// Puts the next part of the song in the place of what `samples` held: interleaved, about a second. False at the
    /// end. Errors: Unreadable (too long, no sound at all).
    [[nodiscard]] Result<bool> next(std::vector<float>& samples);
    /// A sentence when something was put right or is missing; to be asked for at the end.
    [[nodiscard]] Sentence warning() const;

private:
    struct State;
    explicit SongStream(std::unique_ptr<State> state);
    std::unique_ptr<State> m_state;
};

} // namespace lc
