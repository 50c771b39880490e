#pragma once

#include "core/base/task.h"
#include "core/base/result.h"
#include "core/document/document.h"

#include <string>

namespace lc {

/// A document with the song of a file: of a routine file or its plain-text form the song with all that was said of it; of a MIDI file, a csv or a label file the map; of a recording the map as
/// analysed (from the folder where it was heard before). Its title is the song's, else the file's name. Errors: those of reading; NoPulse where no beat is found; Cancelled.
[[nodiscard]] Result<Document> documentOfSong(const std::string& path, const std::string& folder, const Task& task = {});

} // namespace lc
