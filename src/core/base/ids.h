#pragma once

#include <compare>
#include <cstdint>

namespace lc {

/// A typed identity. Everything in a document is addressed by these, never by row or ordinal, so inserting a pass
/// cannot move an exception to another pass. 0 means "none".
template <typename Tag>
struct Id {
    std::uint32_t value = 0;
    constexpr auto operator<=>(const Id&) const = default;
    [[nodiscard]] constexpr bool valid() const { return value != 0; }
};

using RoleId = Id<struct RoleTag>;
using FigureId = Id<struct FigureTag>;
using PlacementId = Id<struct PlacementTag>; ///< one use of a figure in a part
using PartId = Id<struct PartTag>;
using PassId = Id<struct PassTag>;
using MomentId = Id<struct MomentTag>;
using ExceptionId = Id<struct ExceptionTag>; ///< of a bridge, or of an exception bound to the music
using AccentId = Id<struct AccentTag>;
using LineId = Id<struct LineTag>; ///< of a line of a hand-out that waits to be settled

} // namespace lc
