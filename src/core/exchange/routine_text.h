#pragma once

#include "core/document/document.h"
#include "core/edits/edits.h"

#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// First line of the plain-text form, by which it is known.
inline constexpr std::string_view routineTextHead = "Lift Count routine";

/// The whole routine as text that people can read, write and send: song structure, roles, figures, parts, order,
/// exceptions, accents. The syntax is in docs/routine-text.md. Reads back to the same routine (with other identities),
/// and that writes the same text. Of a song that was heard the structure is kept and the tempo of each section, not the
/// recording and not every beat's second.
[[nodiscard]] std::string routineToText(const Document& document);

/// Reads the plain-text form. Error BadNotation names the line and what to do. A text without a song gives a routine
/// without one.
[[nodiscard]] Result<Document> routineFromText(std::string_view text);

/// Does a file hold the plain-text form rather than JSON?
[[nodiscard]] bool looksLikeRoutineText(std::string_view text);

/// How much of what is said of a pass.
enum class PassWords {
    All,         ///< a line each
    WithoutMark, ///< a line each, but what it is remembered by: that has a field of its own
    Differences, ///< on one line with semicolons, but restart, tag, pinned start and mark: those have columns of their
                 ///< own
};

/// What makes a pass differ, as in the plain-text form: "restart after 16". Empty for a pass as written.
[[nodiscard]] std::string passToText(const Document& document, PassId pass, PassWords words = PassWords::All);

/// Edits that make a pass differ as the text says, and in nothing else; none where it does already. What `words` leave
/// out stays as it is, and what is said again keeps its identity. Error: as routineFromText(), by line of `text`;
/// NotFound when the pass is gone.
[[nodiscard]] Result<std::vector<Edit>> passFromText(const Document& document, PassId pass, std::string_view text,
                                                     PassWords words = PassWords::All);

/// Passes to be copied: their parts by name, each with what makes it differ below it. Read back into a routine that has
/// those parts; identities are given anew.
[[nodiscard]] std::string passesToText(const Document& document, const std::vector<PassId>& passes);
[[nodiscard]] Result<std::vector<Pass>> passesFromText(const Document& document, std::string_view text);

/// Figures of parts to be copied: their names and what is done to each, a line each. Read back into a routine that has
/// those figures; identities are given anew.
[[nodiscard]] std::string placementsToText(const Document& document, const std::vector<PlacementId>& placements);
[[nodiscard]] Result<std::vector<Placement>> placementsFromText(const Document& document, std::string_view text);

/// The opening stance on one line: "leader: right free, facing 3; couple: closed, L-R". Empty where there is none.
[[nodiscard]] std::string openingToText(const Document& document);
/// An edit that takes it; an empty text takes it away. Error: BadNotation.
[[nodiscard]] Result<Edit> openingFromText(const Document& document, std::string_view text);

/// The same of an exception bound to the music; its place is not among the lines.
[[nodiscard]] std::string musicToText(const Document& document, ExceptionId exception);
[[nodiscard]] Result<std::vector<Edit>> musicFromText(const Document& document, ExceptionId exception,
                                                      std::string_view text);

} // namespace lc
