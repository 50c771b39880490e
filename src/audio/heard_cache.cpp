#include "audio/heard_cache.h"

#include "audio/features_file.h"
#include "audio/resample.h"

#include <filesystem>

namespace lc {

namespace {

std::string keptAt(const std::string& hash, const std::string& folder) { return folder + "/" + hash; }

} // namespace

std::optional<HeardSong> heardBefore(const std::string& hash, const std::string& folder, const Task& task) {
    auto features = folder.empty() ? tl::unexpected(Error{}) : loadFeatures(keptAt(hash, folder));
    if (!features) return std::nullopt;
    auto heard = hearSong(std::move(*features), task);
    return heard ? std::optional(std::move(*heard)) : std::nullopt;
}

Result<HeardSong> hearKept(const AudioBuffer& sound, const std::string& hash, const std::string& folder, const Task& task) {
    if (auto before = heardBefore(hash, folder, task)) return std::move(*before);
    SongFeatures features = songFeatures(resampled(mono(sound), 44100), task.part(0, 0.6));
    if (task.stopped()) return fail(ErrorCode::Cancelled, "The analysis was stopped.");
    std::error_code error;
    if (!folder.empty() && (std::filesystem::create_directories(folder, error) || std::filesystem::is_directory(folder, error))) (void)saveFeatures(features, keptAt(hash, folder));
    return hearSong(std::move(features), task.part(0.6, 1));
}

} // namespace lc
