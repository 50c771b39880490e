#pragma once

#include <string>

namespace lc {

/// How bad a finding is; the worst come first. None of them blocks.
enum class Severity { Misses, Doubtful, Note };

[[nodiscard]] std::string toString(Severity severity); ///< "misses", "doubtful", "note"

} // namespace lc
