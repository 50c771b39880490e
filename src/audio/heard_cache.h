#pragma once

#include "audio/audio_buffer.h"
#include "audio/song_solver.h"
#include "audio/task.h"
#include "core/base/result.h"
#include "core/document/document.h"

#include <optional>
#include <string>

namespace lc {

/// A sound heard, its features taken from the folder where they were kept by the content of the file, or listened to now and kept there. An empty folder keeps nothing; one that cannot be
/// written costs a second listening, no more. Errors: Cancelled, NoPulse.
[[nodiscard]] Result<HeardSong> hearKept(const AudioBuffer& sound, const std::string& hash, const std::string& folder, const Task& task = {});

/// The same of a file that was heard before, without decoding it; nothing where its features are not in the folder.
[[nodiscard]] std::optional<HeardSong> heardBefore(const std::string& hash, const std::string& folder, const Task& task = {});

/// A document with the song of a file: of a routine file or its plain-text form the song with all that was said of it; of a MIDI file, a csv or a label file the map; of a recording the map as
/// analysed (from the folder where it was heard before). Its title is the song's, else the file's name. Errors: those of reading; NoPulse where no beat is found; Cancelled.
[[nodiscard]] Result<Document> documentOfSong(const std::string& path, const std::string& folder, const Task& task = {});

} // namespace lc
