#pragma once

#include "audio/listening/beat_evidence.h"
#include "core/base/result.h"

#include <string>

namespace lc {

/// What made features, in 32 letters: the hash of those of a short sound that is always the same. It changes with
/// whatever changes a feature, be it the analysis, a library or the machine's kind, and with nothing else; nobody has
/// to raise a number. Worked out once, when it is first asked for.
[[nodiscard]] const std::string& featuresMaker();

/// Features kept in a file, so that a song is listened to once only. A file that another maker made, or a damaged one,
/// is refused (Unreadable): the song is then simply listened to again.
[[nodiscard]] Result<void> saveFeatures(const SongFeatures& song, const std::string& path);
[[nodiscard]] Result<SongFeatures> loadFeatures(const std::string& path);

} // namespace lc
