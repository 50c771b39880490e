#pragma once

// Private to the readers of the plain-text form: what makes a pass differ, and what is named on the way there.

#include "core/document/document.h"
#include "core/exchange/text_words.h"

namespace lc {

/// Reads exceptions against a routine whose roles, figures and parts are known. What is wrong is thrown as BadLine.
class ExceptionReader {
public:
    using Line = text_tree::Line;
    /// Both have to outlive the reader. `typed` are the typed steps without a name, as they are numbered.
    ExceptionReader(const Document& document, const std::vector<FigureId>& typed)
        : m_document(document), m_typed(typed) {}

    /// A line of a pass: an exception, its pinned start, or what it is remembered by.
    void passLine(const Line& one, PartId part, PassExceptions& e, std::optional<MusicPlace>& pinned,
                  std::string& mark) const;
    /// A line of what is bound to the music.
    void musicLine(const Line& one, PassExceptions& what, std::string& mark) const;
    [[nodiscard]] RoleId roleNamed(const Line& line, const std::string& name) const;
    [[nodiscard]] FigureId figureNamed(const Line& line, const std::string& text) const;
    /// "Vane vine, mirrored, in bars of 3 for 4", "part B, exchanged".
    [[nodiscard]] Placement placementIn(const Line& line, const std::string& text) const;
    /// "3" or "3.2" in a part.
    [[nodiscard]] PlacementId placementAt(const Line& line, PartId part, std::string_view path) const;
    /// "A 3": the third figure of part A.
    [[nodiscard]] PlacementId placementAddressed(const Line& line, const std::string& text) const;
    /// "Bridge, after 16, near 61.4 s".
    [[nodiscard]] MusicPlace placeIn(const Line& line, const std::string& text) const;
    /// The nth figure that is added to a pass.
    [[nodiscard]] static PlacementId addedTo(const Line& line, const Pass& pass, const std::string& ordinal);
    /// "left free", "facing 12" of a role.
    [[nodiscard]] RoleStance stanceIn(const Line& line, const std::string& role, const std::string& words) const;

private:
    [[nodiscard]] Rebar barsIn(const Line& line, const std::string& text) const;
    /// "4 after 16": the first number, and the one after the word.
    [[nodiscard]] std::pair<Tick, Tick> ofAndAfter(const Line& line, const std::string& text, bool atMusic) const;
    [[nodiscard]] Tick afterIn(const Line& line, const std::string& text, bool atMusic) const;
    /// One exception of a pass or of the music.
    void exception(const Line& line, PassExceptions& e, PartId part, bool atMusic) const;
    [[nodiscard]] Ending endingIn(const Line& line, const std::string& text, bool danced, bool atMusic) const;
    template <typename Address>
    [[nodiscard]] FigureChange addedIn(const Line& line, const std::string& text, Address address) const;
    [[nodiscard]] Canon canonIn(const Line& line, const std::string& text, const std::vector<std::string>& all) const;

    const Document& m_document;
    const std::vector<FigureId>& m_typed;
};

/// Typed steps without a name in the order in which the plain-text form numbers them: as they stand in the parts, then
/// those that stand in none.
[[nodiscard]] std::vector<FigureId> numberedSteps(const Routine& routine);

/// Bridges and added figures that were there before keep who they are, so that accents and muted findings stay with
/// them.
void keepIdentities(const PassExceptions& before, PassExceptions& e);

} // namespace lc
