#include "audio/listening/analysis.h"

#include <algorithm>

namespace lc {

namespace {
constexpr double shortestSong = 4; // seconds: less has too few bars to tell a metre by (chosen, no source)
tl::unexpected<Error> tooShort() {
    return fail(
        ErrorCode::NoPulse,
        Core::sentence(
            "No steady pulse was found in this recording: it is shorter than four seconds. It can still be played."));
}
tl::unexpected<Error> stopped() { return fail(ErrorCode::Cancelled, Core::sentence("The analysis was stopped.")); }
} // namespace

Result<HeardSong> hearSound(const AudioBuffer& sound, const Task& task) {
    if (sound.seconds() < shortestSong) return tooShort();
    SongFeatures features = songFeatures(sound, task.part(0.02, 0.6));
    if (task.stopped()) return stopped();
    return hearSong(std::move(features), task.part(0.6, 0.95));
}

Result<SongFeatures> listenTo(SongStream& song, const Task& task) {
    SongListener listener(song.sampleRate(), song.channels());
    const double promised = static_cast<double>(song.framesPromised() * song.channels());
    std::vector<float> block, gathered;
    constexpr std::size_t enough = 1U << 18; // as much as is worth two threads
    double given = 0;
    for (bool more = true; more;) {
        const auto next = song.next(block);
        if (!next) return tl::unexpected(next.error());
        if (task.stopped()) return stopped();
        more = *next;
        gathered.insert(gathered.end(), block.begin(), block.end());
        if (more && gathered.size() < enough) continue;
        listener.add(gathered.data(), gathered.size());
        given += static_cast<double>(gathered.size());
        gathered.clear();
        if (promised > 0) task.report(std::min(1.0, given / promised));
    }
    return listener.finish();
}

Result<HeardFile> hearFile(const std::string& path, double mostSeconds, const Task& task) {
    auto stream = SongStream::open(path, mostSeconds);
    if (!stream) return tl::unexpected(stream.error());
    auto features = listenTo(*stream, task.part(0, 0.6));
    if (!features) return tl::unexpected(features.error());
    if (features->seconds < shortestSong) return tooShort();
    auto heard = hearSong(std::move(*features), task.part(0.6, 0.95));
    if (!heard) return tl::unexpected(heard.error());
    return HeardFile{std::move(*heard), stream->title(), stream->artist(), stream->warning()};
}

Result<SongMap> analyseSong(const AudioBuffer& sound, const Task& task) {
    const auto heard = hearSound(sound, task);
    if (!heard) return tl::unexpected(heard.error());
    auto reading = solveSong(*heard);
    if (!reading) return tl::unexpected(reading.error());
    task.report(1);
    return std::move(reading->map);
}

} // namespace lc
