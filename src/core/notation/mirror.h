#pragma once

#include "core/notation/notation.h"

namespace lc {

/// The line for the other viewing side, or danced to the other side: left and right change places in feet, turns,
/// hands, directions in the room and the words of cues. Mirroring twice gives the same line again.
[[nodiscard]] NotationReading mirrored(const NotationReading& reading);

/// The same line begun with the other foot: the feet that are said change places, directions and turns stay.
[[nodiscard]] NotationReading withOtherFeet(const NotationReading& reading);

} // namespace lc
