#pragma once

#include "core/base/result.h"
#include "core/base/task.h"
#include "core/document/document.h"
#include "core/planning/song_ranking.h"

#include <string>

namespace lc {

/// The song of a file as a document, and what is to be known of how it was read.
struct SongOfFile {
    Document document;
    Text note; ///< a sentence where the text had to be converted or something reckoned; else empty
};

/// A document with the song of a file: of a routine file or its plain-text form the song with all that was said of it;
/// of a MIDI file, a csv or a label file the map; of a recording the map as analysed (from the folder where it was
/// heard before). Its title is the song's, else the file's name. Errors: those of reading; NoPulse where no beat is
/// found; Cancelled.
[[nodiscard]] Result<SongOfFile> documentOfSong(const std::string& path, const std::string& folder,
                                                const Task& task = {});

/// A file of a folder beside the document: as a song that its routine is planned on, or as a routine that is planned on
/// its song. Never fails: what is wrong is the fit's problem.
[[nodiscard]] SongFit fitFile(const Document& document, const std::string& path, Ranked what, const FitWishes& wishes,
                              const std::string& folder, const Task& task = {});

} // namespace lc
