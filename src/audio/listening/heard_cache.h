#pragma once

#include "audio/listening/analysis.h"
#include "audio/listening/song_solver.h"
#include "audio/sound/song_sound.h"
#include "core/base/result.h"
#include "core/base/task.h"

#include <optional>
#include <string>

namespace lc {

/// A sound heard, its features taken from the folder where they were kept by the content of the file, or listened to
/// now and kept there. An empty folder keeps nothing; one that cannot be written costs a second listening, no more.
/// Errors: Cancelled, NoPulse.
[[nodiscard]] Result<HeardSong> hearKept(const SongSound& sound, const std::string& hash, const std::string& folder,
                                         const Task& task = {});

/// The same of a file that is read for it alone; `path` is its file and `hash` that of its bytes. Errors: those of
/// hearFile().
[[nodiscard]] Result<HeardFile> hearFileKept(const std::string& path, const std::string& hash,
                                             const std::string& folder, const Task& task = {});

/// The same of a file that was heard before, without decoding it; nothing where its features are not in the folder.
[[nodiscard]] std::optional<HeardSong> heardBefore(const std::string& hash, const std::string& folder,
                                                   const Task& task = {});

} // namespace lc
