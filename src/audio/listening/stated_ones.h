#pragma once

#include "audio/listening/bar_path.h"

#include <cstddef>
#include <vector>

namespace lc {

/// A person who says "this is a 1" where none was heard means that the bars are shifted, or that one bar is odd.
/// Between two statements that shift alike all bars are shifted, odd ones too; where they differ, the odd bars that
/// were heard between them are where the shift ends, or else some bar between them. As far as such an odd bar or the
/// song's end the sound decides: where it speaks hardly less for the shifted 1s they are shifted, more readily where
/// the odd bar is then like the others; else an odd bar leads to those that were heard. `one`: evidence for a 1 on each
/// beat as it was heard; `stated`: beats said to be a 1. Returns the evidence that follows them.
[[nodiscard]] std::vector<double> followedOnes(const std::vector<double>& one, int usual, const BarPrices& prices,
                                               const std::vector<BarConstraints::Length>& lengths,
                                               std::vector<std::size_t> stated);

} // namespace lc
