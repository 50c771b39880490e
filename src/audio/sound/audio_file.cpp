#include "audio/sound/audio_file.h"

#include "core/base/files.h"

#include <sndfile.h>

#include <algorithm>
#include <filesystem>
#include <memory>

namespace lc {

namespace {

/// Reads a stream to its end. `room` is told before each block how many samples are likely to be there in the end, as
/// far as that may be believed; `take` gets the block.
template <typename Room, typename Take>
Result<void> readThrough(SongStream& stream, const Task& task, Room room, Take take) {
    const auto promised =
        static_cast<std::size_t>(stream.framesPromised()) * static_cast<std::size_t>(stream.channels());
    // What a file says of its length need not be true: room is made for ten minutes before anything was read, then for
    // four times what there is.
    std::size_t believed = std::min(promised, static_cast<std::size_t>(600 * stream.sampleRate() * stream.channels()));
    room(believed);
    std::vector<float> block;
    for (std::size_t read = 0;;) {
        const auto more = stream.next(block);
        if (!more) return tl::unexpected(more.error());
        if (task.stopped()) return fail(ErrorCode::Cancelled, Core::sentence("Reading was stopped."));
        if (!*more) return {};
        read += block.size();
        if (read > believed && believed < promised) room(believed = std::max(read, std::min(promised, 4 * read)));
        take(block);
        if (promised > 0) task.report(std::min(1.0, static_cast<double>(read) / static_cast<double>(promised)));
    }
}

} // namespace

Result<DecodedSong> decodeSong(const std::string& path, const Task& task) {
    auto stream = SongStream::open(path);
    if (!stream) return tl::unexpected(stream.error());
    std::vector<float> samples;
    const auto read = readThrough(
        *stream, task, [&](std::size_t room) { samples.reserve(room); },
        [&](const std::vector<float>& block) { samples.insert(samples.end(), block.begin(), block.end()); });
    if (!read) return tl::unexpected(read.error());
    return DecodedSong{{stream->sampleRate(), stream->channels(), std::move(samples)},
                       stream->title(),
                       stream->artist(),
                       stream->warning()};
}

Result<OpenedSong> openSong(const std::string& path, const Task& task) {
    auto stream = SongStream::open(path);
    if (!stream) return tl::unexpected(stream.error());
    SongSound sound(stream->sampleRate(), stream->channels());
    const auto read = readThrough(
        *stream, task, [&](std::size_t room) { sound.reserve(room); },
        [&](const std::vector<float>& block) { sound.add(block); });
    if (!read) return tl::unexpected(read.error());
    return OpenedSong{std::move(sound), stream->title(), stream->artist(), stream->warning()};
}

Result<void> writeSound(const AudioBuffer& sound, const std::string& path) {
    const std::string ending = std::filesystem::path(path).extension().string();
    SF_INFO info{};
    info.channels = sound.channels;
    info.samplerate = sound.sampleRate;
    info.format = ending == ".flac"  ? SF_FORMAT_FLAC | SF_FORMAT_PCM_16
                  : ending == ".ogg" ? SF_FORMAT_OGG | SF_FORMAT_VORBIS
                                     : SF_FORMAT_WAV | SF_FORMAT_PCM_16;
    return replaceFile(path, [&](const std::string& scrap) -> Result<void> {
        const auto unwritable = [&] {
            return fail(
                ErrorCode::Unwritable,
                Core::sentence(
                    "%1 could not be written. Choose another folder or make room. The file from before is untouched.",
                    shownName(path)),
                path);
        };
        std::unique_ptr<SNDFILE, decltype(&sf_close)> file(sf_open(scrap.c_str(), SFM_WRITE, &info), &sf_close);
        if (!file) return unwritable();
        const auto frames = static_cast<sf_count_t>(sound.frames());
        for (sf_count_t done = 0;
             done < frames;) { // in pieces: libsndfile's encoder of OGG keeps what it is given on the stack
            const sf_count_t now = std::min<sf_count_t>(frames - done, 1 << 14);
            if (sf_writef_float(file.get(), sound.samples.data() + done * sound.channels, now) != now)
                return unwritable();
            done += now;
        }
        if (sf_close(file.release()) != 0) return unwritable();
        return {};
    });
}

} // namespace lc
