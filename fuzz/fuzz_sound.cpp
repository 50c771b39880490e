// Any bytes as a sound file: a song within its bounds or a sentence, never more. Seeds: a second of a demo song in each
// container.
#include "audio/sound/song_stream.h"

#include <cmath>
#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <string>
#include <sys/mman.h>
#include <unistd.h>
#include <vector>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    static const int file = ::memfd_create("sound", 0); // decoders want a file
    static const std::string path = "/proc/self/fd/" + std::to_string(file);
    if (::ftruncate(file, 0) != 0 || ::pwrite(file, data, size, 0) != static_cast<ssize_t>(size)) return 0;
    auto stream = lc::SongStream::open(path, 30);
    if (!stream) return stream.error().message.empty() ? (std::abort(), 0) : 0;
    const int channels = stream->channels(), rate = stream->sampleRate();
    if (channels < 1 || channels > 2 || rate < 32000 || rate > 48000) std::abort();
    std::vector<float> block;
    while (true) {
        const auto more = stream->next(block);
        if (!more || !*more) break;
        for (const float s : block)
            if (!(std::abs(s) <= 8.5F)) std::abort(); // resampling may overshoot a little
        if (block.size() % static_cast<std::size_t>(channels) != 0 || stream->channels() != channels ||
            stream->sampleRate() != rate)
            std::abort();
    }
    (void)stream->title();
    (void)stream->warning();
    return 0;
}
