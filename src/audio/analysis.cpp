#include "audio/analysis.h"

#include "audio/resample.h"

namespace lc {

Result<HeardSong> hearSound(const AudioBuffer& sound, const Task& task) {
    if (sound.seconds() < 4) return fail(ErrorCode::NoPulse, "No steady pulse was found in this recording: it is shorter than four seconds. It can still be played.");
    SongFeatures features = songFeatures(resampled(mono(sound), 44100), task.part(0.02, 0.6));
    if (task.stopped()) return fail(ErrorCode::Cancelled, "The analysis was stopped.");
    return hearSong(std::move(features), task.part(0.6, 0.95));
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
