#pragma once

#include "core/figures/figure_card.h"
#include "core/figures/figure_reading.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// What a search looks at: made once for each figure.
struct FigureDigest {
    std::string words; ///< all texts in lower case, divided by line ends
    std::string name;  ///< in lower case
    Tick length;
    std::optional<Foot> needs; ///< of the first role
    Foot freeOut = Foot::Both;
    bool eitherFoot = false; ///< begins with whichever foot is free
    CoupleState coupleIn;
    CoupleState coupleOut;
    Eighths turn;        ///< of the first role that turns
    bool couple = false; ///< more than one role
};

[[nodiscard]] FigureDigest digestOf(const FigureCard& card, const NotationChoices& choices = {});

/// What was typed into the search, understood.
struct FigureQuery {
    std::vector<std::string> words; ///< each must stand somewhere, in lower case
    std::optional<Tick> length;
    std::optional<Foot> freeIn; ///< the foot that is free before it
    std::optional<Foot> freeOut;
    std::optional<Position> startsIn;
    std::optional<Position> endsIn;
    std::optional<bool> turns; ///< with a turn, or without
    std::optional<Eighths> turn;
    std::vector<Sentence> understood; ///< in words: "6 counts", "left foot free", …
};

/// Understands "6 counts, left foot free, ends open, ¼ R": lengths ("6 counts"), the foot before ("left foot free",
/// "starts left") and after ("ends left", "leaves right free"), positions ("starts closed", "ends open"), turns
/// ("turns", "no turn", "1/4 R"); everything else are words that any field may hold. Never fails.
[[nodiscard]] FigureQuery parseFigureQuery(std::string_view text);

[[nodiscard]] bool matches(const FigureDigest& digest, const FigureQuery& query);

/// Indices of the figures that match (none null), those whose name begins with the first word first, then in the order
/// given. O(bytes of the digests).
[[nodiscard]] std::vector<std::size_t> searchFigures(const std::vector<const FigureDigest*>& digests,
                                                     const FigureQuery& query);

} // namespace lc
