#pragma once

#include "core/routine/routine.h"

namespace lc {

// What a routine may come to when it is danced: parts lie in parts, so that a few lines can stand for more than any
// memory holds.
inline constexpr int deepestPart = 32; ///< parts in parts in parts; reading and unrolling go as deep
inline constexpr std::int64_t mostFiguresInPart =
    20'000; ///< counted through the parts in it; a dance of an hour has two thousand
inline constexpr std::int64_t mostFiguresDanced = 200'000; ///< over all passes
inline constexpr std::int64_t mostStepsDanced = 2'000'000; ///< over all passes and roles, reckoned by what is written

/// Whether a routine can be danced at all. Error BadValue: a part lies inside itself or too deep in others, or the
/// dance is beyond the sizes above; the sentence names the part. O(what is written).
[[nodiscard]] Result<void> checkSize(const Routine& routine);

/// A place in a part: index of the part, index of what is placed there.
struct PlaceInPart {
    std::size_t part = 0;
    std::size_t figure = 0;
};

/// A place that puts a part inside itself, straight or by way of others; nothing where none does. For readers of files,
/// however deep the parts lie. O(placements).
[[nodiscard]] std::optional<PlaceInPart> putsPartInItself(const Routine& routine);

} // namespace lc
