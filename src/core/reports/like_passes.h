#pragma once

#include "core/landing/findings.h"

namespace lc {

/// Passes danced one after another in the same way, each over the same number of whole phrases.
struct LikePasses {
    std::size_t first = 0; ///< into Performance::passes
    std::size_t last = 0;  ///< inclusive, above first
    int firstPhrase = 0;   ///< into CountGrid::phrases(): where the first begins
    int endPhrase = 0;     ///< behind the last phrase that the last fills
};

/// Runs of at least `least` passes (2 or more) of one part that need no look of their own: danced as written, none with
/// an exception of its own or of the music, each landing, filling whole phrases of the same lengths, with no stop of
/// the music and no finding in it but notes. Ascending. O(passes + phrases + findings).
[[nodiscard]] std::vector<LikePasses> likePasses(const Landing& landing, std::size_t least);

} // namespace lc
