#include "audio/listening/heard_cache.h"

#include "audio/listening/features_file.h"

#include <filesystem>

namespace lc {

namespace {

void keep(const SongFeatures& features, const std::string& hash, const std::string& folder) {
    std::error_code error;
    if (!folder.empty() &&
        (std::filesystem::create_directories(folder, error) || std::filesystem::is_directory(folder, error)))
        (void)saveFeatures(features, folder + "/" + hash);
}

} // namespace

std::optional<HeardSong> heardBefore(const std::string& hash, const std::string& folder, const Task& task) {
    auto features = folder.empty() ? tl::unexpected(Error{}) : loadFeatures(folder + "/" + hash);
    if (!features) return std::nullopt;
    auto heard = hearSong(std::move(*features), task);
    return heard ? std::optional(std::move(*heard)) : std::nullopt;
}

Result<HeardSong> hearKept(const SongSound& sound, const std::string& hash, const std::string& folder,
                           const Task& task) {
    if (auto before = heardBefore(hash, folder, task)) return std::move(*before);
    SongFeatures features = songFeatures(sound, task.part(0, 0.6));
    if (task.stopped()) return fail(ErrorCode::Cancelled, Core::sentence("The analysis was stopped."));
    keep(features, hash, folder);
    return hearSong(std::move(features), task.part(0.6, 1));
}

Result<HeardFile> hearFileKept(const std::string& path, const std::string& hash, const std::string& folder,
                               const Task& task) {
    auto stream = SongStream::open(path);
    if (!stream) return tl::unexpected(stream.error());
    auto heard = heardBefore(hash, folder, task);
    if (heard) return HeardFile{std::move(*heard), stream->title(), stream->artist(), {}};
    auto features = listenTo(*stream, task.part(0, 0.6));
    if (!features) return tl::unexpected(features.error());
    keep(*features, hash, folder);
    auto now = hearSong(std::move(*features), task.part(0.6, 1));
    if (!now) return tl::unexpected(now.error());
    return HeardFile{std::move(*now), stream->title(), stream->artist(), stream->warning()};
}

} // namespace lc
