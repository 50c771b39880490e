#include "audio/sound/song_stream.h"

#include "audio/sound/resample.h"
#include "audio/sound/sound_ending.h"
#include "audio/sound/sound_source.h"
#include "core/base/files.h"

#include <algorithm>
#include <cmath>
#include <filesystem>
#include <fstream>
#include <vector>

namespace lc {

namespace fs = std::filesystem;

namespace {

constexpr int lowestRate = 32000;  // below this treble is missing but playing devices accept it only resampled
constexpr int highestRate = 48000; // above this nothing is heard and everything costs more
constexpr std::int64_t blockFrames = 1 << 15;

tl::unexpected<Error> unreadable(const std::string& path, Sentence why) {
    return fail(ErrorCode::Unreadable, std::move(why), path);
}

/// Weights of a channel in the left and right of the mix. Order of channels as WAVE has it: L R C LFE Ls Rs …
void addChannels(const float* frame, int channels, float& left, float& right) {
    if (channels == 1) {
        left = right = frame[0];
        return;
    }
    left = frame[0];
    right = frame[1];
    constexpr float side = 0.7071F; // −3 dB, ITU-R BS.775 down-mix
    for (int c = 2; c < channels; ++c) {
        if (c == 3 && channels >= 6) continue; // the low-frequency effects channel is left out of a down-mix
        if (c == 2 && channels != 4) {
            left += side * frame[c];
            right += side * frame[c];
        } else
            (c % 2 == 0 ? left : right) += side * frame[c];
    }
}

} // namespace

namespace {

/// MP3, by its first bytes: a tag, or the twelve bits that begin a frame. libsndfile's reader of it tells of each fault
/// on standard error, where nobody should find it.
bool isMpegAudio(const std::string& path) {
    unsigned char head[3] = {};
    std::ifstream in(path, std::ios::binary);
    in.read(reinterpret_cast<char*>(head), sizeof head);
    return (head[0] == 'I' && head[1] == 'D' && head[2] == '3') || (head[0] == 0xFF && (head[1] & 0xE0) == 0xE0);
}

} // namespace

struct SongStream::State {
    std::string path;
    std::unique_ptr<SoundSource> file;
    int fromChannels = 0;
    int fromRate = 0;
    std::int64_t promised = 0; ///< frames at the file's rate, within what is read; 0 = unknown
    std::int64_t most = 0;     ///< frames after which reading ends
    bool mostIsAnError = false;
    std::int64_t read = 0;
    std::size_t notNumbers = 0;
    bool ended = false;
    int channels = 0;
    int rate = 0;
    std::vector<float> block;
    std::unique_ptr<StreamResampler> resampler;
};

SongStream::SongStream(std::unique_ptr<State> state) : m_state(std::move(state)) {}
SongStream::SongStream(SongStream&&) noexcept = default;
SongStream& SongStream::operator=(SongStream&&) noexcept = default;
SongStream::~SongStream() = default;

Result<SongStream> SongStream::open(const std::string& path, double mostSeconds) {
    if (const auto regular = checkRegularFile(path); !regular) return tl::unexpected(regular.error());
    std::error_code error;
    if (fs::file_size(path, error) == 0) return unreadable(path, Core::sentence("%1 is empty.", shownName(path)));
    auto state = std::make_unique<State>();
    state->path = path;
    if (!isMpegAudio(path)) state->file = openWithSndfile(path);
    if (!state->file) state->file = openWithLibav(path);
    if (!state->file) state->file = openWithSndfile(path);
    if (!state->file)
        return unreadable(
            path, Core::sentence(
                      "%1 is not a sound file that can be read. Try WAV, FLAC, OGG, MP3, M4A or a video with sound.",
                      shownName(path)));
    state->fromChannels = state->file->channels();
    state->fromRate = state->file->sampleRate();
    if (state->fromChannels < 1 || state->fromChannels > mostSourceChannels || state->fromRate < 1000 ||
        state->fromRate > 1'000'000)
        return unreadable(path, Core::sentence("%1 has %2 channels at %3 Hz, which cannot be played.", shownName(path),
                                               state->fromChannels, state->fromRate));
    const bool limited = mostSeconds > 0 && mostSeconds < longestSongSeconds;
    state->mostIsAnError = !limited;
    state->most = static_cast<std::int64_t>((limited ? mostSeconds : longestSongSeconds) * state->fromRate);
    state->promised = std::max<std::int64_t>(0, state->file->frames());
    if (state->promised > state->most) {
        // What a file says of its length is believed when its bytes could hold it: no codec for music needs less than a
        // bit for ten samples.
        const double couldHold = static_cast<double>(fs::file_size(path, error)) * 80;
        if (!limited && static_cast<double>(state->promised) <= couldHold)
            return unreadable(
                path, Core::sentence("%2 is longer than %1 minutes. Cut the piece you dance to out of it first.",
                                     static_cast<int>(longestSongSeconds / 60), shownName(path)));
        state->promised = state->most;
    }
    state->channels = state->fromChannels == 1 ? 1 : 2;
    state->rate = state->fromRate < lowestRate || state->fromRate > highestRate ? usualRate : state->fromRate;
    state->block.resize(static_cast<std::size_t>(blockFrames * state->fromChannels));
    if (state->rate != state->fromRate)
        state->resampler = std::make_unique<StreamResampler>(state->fromRate, state->rate, state->channels);
    return SongStream(std::move(state));
}

int SongStream::sampleRate() const { return m_state->rate; }
int SongStream::channels() const { return m_state->channels; }
std::int64_t SongStream::framesPromised() const {
    return static_cast<std::int64_t>(static_cast<double>(m_state->promised) * m_state->rate / m_state->fromRate);
}

std::string SongStream::title() const {
    const std::string tagged = shown(m_state->file->tags().title);
    return tagged.empty() ? shown(fs::path(m_state->path).stem().string()) : tagged;
}
std::string SongStream::artist() const { return shown(m_state->file->tags().artist); }

Result<bool> SongStream::next(std::vector<float>& samples) {
    State& s = *m_state;
    samples.clear();
    while (!s.ended && samples.empty()) { // a resampler may need more before it gives any
        const std::int64_t asked = std::min(blockFrames, s.most - s.read + (s.mostIsAnError ? 1 : 0));
        const std::int64_t got =
            asked > 0 ? std::clamp<std::int64_t>(s.file->read(s.block.data(), asked), 0, asked) : 0;
        s.read += got;
        if (s.mostIsAnError && s.read > s.most)
            return unreadable(
                s.path, Core::sentence("%2 is longer than %1 minutes. Cut the piece you dance to out of it first.",
                                       static_cast<int>(longestSongSeconds / 60), shownName(s.path)));
        s.ended = got == 0;
        if (s.ended && s.read == 0) return unreadable(s.path, Core::sentence("%1 holds no sound.", shownName(s.path)));
        for (std::int64_t i = 0; i < got * s.fromChannels; ++i)
            if (float& value = s.block[static_cast<std::size_t>(i)]; !std::isfinite(value)) {
                value = 0;
                ++s.notNumbers;
            }
        for (std::int64_t i = 0; i < got; ++i) {
            float left = 0;
            float right = 0;
            addChannels(&s.block[static_cast<std::size_t>(i * s.fromChannels)], s.fromChannels, left, right);
            samples.push_back(std::clamp(left, -8.0F, 8.0F));
            if (s.channels == 2) samples.push_back(std::clamp(right, -8.0F, 8.0F));
        }
        if (s.resampler) samples = s.resampler->next(samples, s.ended);
    }
    return !samples.empty();
}

Sentence SongStream::warning() const {
    const State& s = *m_state;
    const std::string name = shownName(s.path);
    if (s.notNumbers > 0)
        return Core::plural(
            "%1 has %n sample that is not a number; it is played as silence.|%1 has %n samples that are not numbers; they are played as silence.",
            nullptr, static_cast<std::int64_t>(s.notNumbers), name);
    if (s.read + s.fromRate / 2 < s.promised)
        return Core::sentence("%1 breaks off: %2 of %3 seconds could be read.", name, s.read / s.fromRate,
                              s.promised / s.fromRate);
    if (s.read >= s.most && !s.mostIsAnError) return {};
    if (!soundBreaksOff(s.path)) return {};
    return Core::sentence("%1 breaks off after %2 seconds: its end is missing.", name, s.read / s.fromRate);
}

} // namespace lc
