#pragma once

#include "audio/beat_evidence.h"

#include <filesystem>
#include <optional>

namespace lc::bench {

/// What is heard of a made-up piece (PIECE.json beside its sound); kept beside it as PIECE.feat.
[[nodiscard]] std::optional<SongFeatures> featuresOf(std::filesystem::path piece);

} // namespace lc::bench
