#pragma once

#include "core/song/song_doubt.h"

namespace lc {

/// The doubts of a map that was carried to another recording: each stretch that the first one lacked, and each joint,
/// unless a phrase in it was stated. Readings: a phrase of its own, or part of the phrase before.
[[nodiscard]] std::vector<SongDoubt> unmatchedDoubts(const SongMap& map, const std::vector<SongSpan>& unmatched,
                                                     const std::vector<SongFact>& facts);

} // namespace lc
