#pragma once

#include "audio/listening/beat_evidence.h"

#include <filesystem>
#include <optional>

namespace lc::bench {

/// What is heard of a piece (PIECE.json, which names its sound or lies beside it); kept beside it as PIECE.feat.
[[nodiscard]] std::optional<SongFeatures> featuresOf(std::filesystem::path piece);

} // namespace lc::bench
