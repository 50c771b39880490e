#pragma once

#include "core/base/feet.h"
#include "core/base/result.h"
#include "core/base/tick.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace lc {

/// Something that fills counts: a figure of the vocabulary or a bare step.
struct FillerPiece {
    std::string name;
    Tick length;               ///< above 0, whole counts
    int changes = 0;           ///< weight changes
    bool changesFoot = false;  ///< another foot is free after it than before
    std::optional<Foot> needs; ///< the foot that must be free before it; nothing = either
    std::string notation;      ///< its line from its own count 1; may be empty
    bool bare = false;
};

/// "wait", "touch", "step" of one count, a step of two, a triple of two: the bare pieces.
[[nodiscard]] std::vector<FillerPiece> barePieces();

struct FillersAsked {
    Tick counts;               ///< to fill; above 0, whole, at most 64
    Foot free = Foot::Left;    ///< the foot that is free where the filler begins
    std::optional<Foot> leave; ///< the foot that it must leave free; nothing = either
    std::size_t most = 40;     ///< how many are listed
};

/// One filler: pieces one after another.
struct Filler {
    std::vector<std::size_t> pieces; ///< indices into the pieces that were given
    int changes = 0;
    Foot leaves = Foot::Left;
};

struct Fillers {
    std::vector<Filler> cheapest; ///< fewest pieces first, then fewest weight changes, then in the order of the pieces
    std::optional<std::uint64_t> all; ///< how many there are; nothing beyond 2^64
};

/// Every filler of some counts that ends on the right foot is counted, and the cheapest are listed. Of equal cost the
/// one with the earlier pieces comes first. Errors: BadValue for counts that are not 1 to 64 whole ones. O(counts ×
/// pieces × most × log).
[[nodiscard]] Result<Fillers> fillersFor(const FillersAsked& asked, const std::vector<FillerPiece>& pieces);

/// The name of a filler: "step, touch" or "three-step, wait".
[[nodiscard]] std::string fillerName(const Filler& filler, const std::vector<FillerPiece>& pieces);

} // namespace lc
