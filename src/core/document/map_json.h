#pragma once

#include "core/document/json_field.h"
#include "core/song/song_facts.h"
#include "core/song/song_map.h"

#include <optional>

namespace lc {

[[nodiscard]] Json toJson(const SongMap& map);
[[nodiscard]] Json toJson(const SongFact& fact);

/// These throw BadField for what is wrong; their callers catch it.
[[nodiscard]] SongMap mapFrom(const Field& field);
[[nodiscard]] SongFact factFrom(const Field& field);
/// The part that a field's from_s and to_s say; nothing without them.
[[nodiscard]] std::optional<SongSpan> partFrom(const Field& field);

} // namespace lc
