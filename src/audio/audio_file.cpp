#include "audio/audio_file.h"

#include "core/base/files.h"

#include <sndfile.h>

#include <algorithm>
#include <filesystem>
#include <memory>

namespace lc {

Result<DecodedSong> decodeSong(const std::string& path, const Task& task) {
    auto stream = SongStream::open(path);
    if (!stream) return tl::unexpected(stream.error());
    DecodedSong song;
    song.sound = {stream->sampleRate(), stream->channels(), {}};
    const auto channels = static_cast<std::size_t>(stream->channels());
    const auto promised = static_cast<std::size_t>(stream->framesPromised());
    // Room is made for ten minutes at most before anything was read: what a file says of its length need not be true.
    song.sound.samples.reserve(std::min(promised, static_cast<std::size_t>(600 * stream->sampleRate())) * channels);
    std::vector<float> block;
    while (true) {
        const auto more = stream->next(block);
        if (!more) return tl::unexpected(more.error());
        if (task.stopped()) return fail(ErrorCode::Cancelled, "Reading was stopped.");
        if (!*more) break;
        auto& samples = song.sound.samples;
        if (samples.size() + block.size() > samples.capacity() && samples.size() < promised * channels) samples.reserve(std::min((promised + 1024) * channels, 4 * samples.size()) + block.size());
        samples.insert(samples.end(), block.begin(), block.end());
        if (promised > 0) task.report(std::min(1.0, static_cast<double>(song.sound.frames()) / static_cast<double>(promised)));
    }
    song.warning = stream->warning();
    song.title = stream->title();
    song.artist = stream->artist();
    return song;
}

Result<void> writeSound(const AudioBuffer& sound, const std::string& path) {
    const std::string ending = std::filesystem::path(path).extension().string();
    SF_INFO info{};
    info.channels = sound.channels;
    info.samplerate = sound.sampleRate;
    info.format = ending == ".flac" ? SF_FORMAT_FLAC | SF_FORMAT_PCM_16 : ending == ".ogg" ? SF_FORMAT_OGG | SF_FORMAT_VORBIS : SF_FORMAT_WAV | SF_FORMAT_PCM_16;
    return replaceFile(path, [&](const std::string& scrap) -> Result<void> {
        const auto unwritable = [&] { return fail(ErrorCode::Unwritable, shownName(path) + " could not be written. Choose another folder or make room. The file from before is untouched.", path); };
        std::unique_ptr<SNDFILE, decltype(&sf_close)> file(sf_open(scrap.c_str(), SFM_WRITE, &info), &sf_close);
        if (!file) return unwritable();
        const auto frames = static_cast<sf_count_t>(sound.frames());
        for (sf_count_t done = 0; done < frames;) { // in pieces: libsndfile's encoder of OGG keeps what it is given on the stack
            const sf_count_t now = std::min<sf_count_t>(frames - done, 1 << 14);
            if (sf_writef_float(file.get(), sound.samples.data() + done * sound.channels, now) != now) return unwritable();
            done += now;
        }
        if (sf_close(file.release()) != 0) return unwritable();
        return {};
    });
}

} // namespace lc
