#pragma once

#include "core/document/json_field.h"
#include "core/routine/exceptions.h"

namespace lc {

/// Writes into an object what a placement, or the exceptions of a pass, says beyond what is usual.
void putInto(Json& out, const Placement& placement);
void putInto(Json& out, const PassExceptions& exceptions);
[[nodiscard]] Json toJson(const MusicPlace& place);

/// The keys that putInto() may write for exceptions, and reading them back. Whether what they point to is there is
/// checked by the caller.
[[nodiscard]] Placement placementFrom(const Field& field);
[[nodiscard]] PassExceptions exceptionsFrom(const Field& field);
[[nodiscard]] MusicPlace placeFrom(const Field& field);

/// Keys of the exceptions of a pass.
inline constexpr const char* exceptionKeys[] = {
    "restart_after", "turn_on", "tag",      "tag_counts_from_one", "tag_figure", "last_change_is_touch",
    "bridges",       "changes", "mirrored", "exchanged",           "wait",       "ending",
    "canon"};

} // namespace lc
