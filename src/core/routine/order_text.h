#pragma once

#include "core/routine/routine.h"

#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// Reads the order of the parts as dancers write it: "A A B A", "A x4 B", "A*4". Part names are those of the routine;
/// upper and lower case are the same. Error BadNotation with the character.
[[nodiscard]] Result<std::vector<PartId>> readOrder(const Routine& routine, std::string_view text);

/// The order of the passes as text: "A A B A". Reads back to the same order.
[[nodiscard]] std::string orderText(const Routine& routine);

} // namespace lc
