#pragma once

#include "core/base/result.h"

#include <cstdint>
#include <memory>
#include <string>

namespace lc {

/// What a file says about its song; empty where it says nothing.
struct SoundTags {
    std::string title;
    std::string artist;
};

/// More channels than this no source gives.
inline constexpr int mostSourceChannels = 64;

/// An opened sound file: its channels and rate are known when it is open and stay the same whatever comes in it;
/// interleaved samples in the order of WAVE's channels, from the first one that is meant to be heard (encoder delay and
/// padding that the file tells of are left out).
class SoundSource {
public:
    virtual ~SoundSource() = default;
    [[nodiscard]] virtual int channels() const = 0;
    [[nodiscard]] virtual int sampleRate() const = 0;
    /// As the file says; nothing where it does not say. What is read may be more or less.
    [[nodiscard]] virtual std::int64_t frames() const = 0;
    [[nodiscard]] virtual SoundTags tags() const = 0;
    /// Fills up to `frames` frames; fewer only at the end, 0 after it or where nothing more can be read.
    [[nodiscard]] virtual std::int64_t read(float* to, std::int64_t frames) = 0;
};

/// Opens with libsndfile: WAV, FLAC, OGG, Opus, MP3, AIFF and their like. Null when it knows no such sound.
[[nodiscard]] std::unique_ptr<SoundSource> openWithSndfile(const std::string& path);

/// Opens with FFmpeg's libav: M4A, WMA, the first sound track of MP4, MKV, WebM … Null when it finds no sound.
[[nodiscard]] std::unique_ptr<SoundSource> openWithLibav(const std::string& path);

} // namespace lc
