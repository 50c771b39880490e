#pragma once

#include "audio/beat_evidence.h"
#include "core/base/result.h"

#include <string>

namespace lc {

/// Features kept in a file, so that a song is listened to once only. A file of another version of the analysis, of
/// another machine's kind or damaged is refused (Unreadable): the song is then simply listened to again.
[[nodiscard]] Result<void> saveFeatures(const SongFeatures& song, const std::string& path);
[[nodiscard]] Result<SongFeatures> loadFeatures(const std::string& path);

} // namespace lc
