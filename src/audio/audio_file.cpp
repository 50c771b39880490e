#include "audio/audio_file.h"

#include "audio/resample.h"
#include "audio/sound_source.h"

#include <sndfile.h>

#include <algorithm>
#include <cmath>
#include <filesystem>
#include <memory>

namespace lc {

namespace fs = std::filesystem;

namespace {

constexpr int lowestRate = 32000;  // below this treble is missing but playing devices accept it only resampled
constexpr int highestRate = 48000; // above this nothing is heard and everything costs more

std::string shortName(const std::string& path) { return "“" + fs::path(path).filename().string() + "”"; }

tl::unexpected<Error> unreadable(const std::string& path, const std::string& why) {
    return fail(ErrorCode::Unreadable, shortName(path) + " " + why, path);
}

/// Weights of a channel in the left and right of the mix. Order of channels as WAVE has it: L R C LFE Ls Rs …
void addChannels(const float* frame, int channels, float& left, float& right) {
    if (channels == 1) { left = right = frame[0]; return; }
    left = frame[0];
    right = frame[1];
    constexpr float side = 0.7071F; // −3 dB, ITU-R BS.775 down-mix
    for (int c = 2; c < channels; ++c) {
        if (c == 3 && channels >= 6) continue; // the low-frequency effects channel is left out of a down-mix
        if (c == 2 && channels != 4) { left += side * frame[c]; right += side * frame[c]; }
        else (c % 2 == 0 ? left : right) += side * frame[c];
    }
}

} // namespace

Result<DecodedSong> decodeSong(const std::string& path, const Task& task) {
    std::error_code error;
    if (!fs::exists(path, error)) return fail(ErrorCode::NotFound, "There is no file " + shortName(path) + ".", path);
    if (!fs::is_regular_file(path, error)) return unreadable(path, "is not a file.");
    if (fs::file_size(path, error) == 0) return unreadable(path, "is empty.");
    std::unique_ptr<SoundSource> file = openWithSndfile(path);
    if (!file) file = openWithLibav(path);
    if (!file) return unreadable(path, "is not a sound file that can be read. Try WAV, FLAC, OGG, MP3, M4A or a video with sound.");
    const int channels = file->channels();
    const int rate = file->sampleRate();
    if (channels < 1 || channels > 64 || rate < 1000 || rate > 1'000'000)
        return unreadable(path, "has " + std::to_string(channels) + " channels at " + std::to_string(rate) + " Hz, which cannot be played.");
    const auto mostFrames = static_cast<std::int64_t>(longestSongSeconds * rate);
    const std::int64_t promised = file->frames();
    const auto tooLong = [&] {
        return unreadable(path, "is longer than " + std::to_string(static_cast<int>(longestSongSeconds / 60)) +
                                    " minutes. Cut the piece you dance to out of it first.");
    };
    if (promised > mostFrames) return tooLong();

    const int kept = channels == 1 ? 1 : 2;
    DecodedSong song;
    song.sound = {rate, kept, {}};
    song.sound.samples.reserve(static_cast<std::size_t>(promised * kept));
    constexpr std::int64_t blockFrames = 1 << 15;
    std::vector<float> block(static_cast<std::size_t>(blockFrames * channels));
    std::size_t notNumbers = 0;
    std::int64_t read = 0;
    while (const std::int64_t got = file->read(block.data(), blockFrames)) {
        if (task.stopped()) return fail(ErrorCode::Cancelled, "Reading was stopped.");
        read += got;
        if (read > mostFrames) return tooLong();
        for (std::int64_t i = 0; i < got * channels; ++i)
            if (float& value = block[static_cast<std::size_t>(i)]; !std::isfinite(value)) {
                value = 0;
                ++notNumbers;
            }
        for (std::int64_t i = 0; i < got; ++i) {
            float left = 0;
            float right = 0;
            addChannels(&block[static_cast<std::size_t>(i * channels)], channels, left, right);
            song.sound.samples.push_back(std::clamp(left, -8.0F, 8.0F));
            if (kept == 2) song.sound.samples.push_back(std::clamp(right, -8.0F, 8.0F));
        }
        if (promised > 0) task.report(std::min(1.0, static_cast<double>(read) / static_cast<double>(promised)));
    }
    if (read == 0) return unreadable(path, "holds no sound.");
    if (read + rate / 2 < promised) song.warning = shortName(path) + " breaks off: " + std::to_string(read / rate) + " of " +
                                                   std::to_string(promised / rate) + " seconds could be read.";
    if (notNumbers > 0) song.warning = shortName(path) + " has " + std::to_string(notNumbers) + " samples that are not numbers; they are played as silence.";
    if (rate < lowestRate || rate > highestRate) song.sound = resampled(std::move(song.sound), 44100);
    const SoundTags tags = file->tags();
    song.title = tags.title.empty() ? fs::path(path).stem().string() : tags.title;
    song.artist = tags.artist;
    return song;
}

Result<void> writeSound(const AudioBuffer& sound, const std::string& path) {
    const std::string ending = fs::path(path).extension().string();
    SF_INFO info{};
    info.channels = sound.channels;
    info.samplerate = sound.sampleRate;
    info.format = ending == ".flac" ? SF_FORMAT_FLAC | SF_FORMAT_PCM_16 : ending == ".ogg" ? SF_FORMAT_OGG | SF_FORMAT_VORBIS : SF_FORMAT_WAV | SF_FORMAT_PCM_16;
    const std::unique_ptr<SNDFILE, decltype(&sf_close)> file(sf_open(path.c_str(), SFM_WRITE, &info), &sf_close);
    const auto frames = static_cast<sf_count_t>(sound.frames());
    if (!file || sf_writef_float(file.get(), sound.samples.data(), frames) != frames)
        return fail(ErrorCode::Unwritable, shortName(path) + " could not be written. Choose another folder or make room.", path);
    return {};
}

} // namespace lc
