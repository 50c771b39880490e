#pragma once

#include "audio/listening/metre_reading.h"
#include "audio/listening/stated_facts.h"

namespace lc {

constexpr std::size_t fewestBeats = 8; ///< of a pulse that says anything

/// A beat near a stated place leans to it, and those around it less. Where the pulse slipped by a part of a beat, one
/// statement brings the whole stretch back and closes the slip. Else a pulse that has no beat near where one was stated
/// is followed again through all stated places, as far as where the two ways meet again. `parts`: beats of the map in
/// one of the pulse (1 or 3). Left as it is where that brings no stated place nearer.
void followStatedPlaces(const SongFeatures& song, const Stated& stated, std::size_t parts, PulseCandidate& pulse);

/// Stops and held beats change the beats themselves; a stated place without a beat moves its nearest one, and beyond
/// what was heard the pulse goes on as far as something was stated.
void placeBeats(const Stated& stated, std::size_t parts, PulseCandidate& pulse);

} // namespace lc
