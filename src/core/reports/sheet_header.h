#pragma once

#include "core/base/sentence.h"
#include "core/landing/findings.h"

#include <optional>
#include <string>
#include <vector>

namespace lc {

/// What stands at the head of a sheet, in words that are always true: each is worked out from the routine on its song.
struct SheetHeader {
    Sentence length;   ///< "32 counts", "A 32 counts, B 24 counts"
    Sentence walls;    ///< "4 walls", "one wall"; empty while nothing is danced, and where nobody dances in lines
    std::string level; ///< as written; may be empty
    Sentence tempo;    ///< "116 bpm"; empty without a song
    Sentence intro;    ///< "intro 16 counts (0:08.3)"; empty where the dance begins on the song's first 1
    std::vector<Sentence> exceptions; ///< "Restart: pass 3 after 16 (begins facing 6, leaves facing 9)": one
                                      ///< sentence a kind, without a full stop
};

[[nodiscard]] SheetHeader sheetHeader(const Document& document, const Landing& landing);

/// The header's first line: length, walls, level, tempo and intro, divided by commas.
[[nodiscard]] Sentence headerLine(const SheetHeader& header);

/// The exceptions of all passes in sentences; empty when there are none.
[[nodiscard]] Text exceptionsInWords(const Document& document, const Landing& landing);

/// How many passes of the part danced most until the facing returns: 1, 2, 4 or 8. Nothing while no pass is danced
/// whole.
[[nodiscard]] std::optional<int> wallsOf(const Performance& performance);

/// What a pass's exception could be remembered by, the clearest first: the section it lies in, what happens just before
/// it, its facing where no other pass has it, its place among the passes of its part. Never more than five.
[[nodiscard]] std::vector<Sentence> memoryMarks(const Document& document, const Landing& landing, std::size_t pass);

} // namespace lc
