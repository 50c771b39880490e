#pragma once

#include "core/base/result.h"

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// How a routine's file was at an earlier time.
struct EarlierVersion {
    std::string path;    ///< of the copy
    std::int64_t at = 0; ///< milliseconds since 1970, UTC: when it was saved
    bool operator==(const EarlierVersion&) const = default;
};

/// How many saves are kept of a routine, and of how many days the last one besides.
inline constexpr std::size_t keptSaves = 10; // wish of the people who use it: the last ten
inline constexpr std::size_t keptDays = 10;

/// Keeps a copy of what was in the file `routine` at a time, in a folder of its own under `folder`. What is there
/// already as the newest is not kept twice; the oldest go. Error: Unwritable.
[[nodiscard]] Result<void> keepVersion(const std::string& folder, const std::string& routine, std::string_view bytes,
                                       std::int64_t at);

/// The copies of a routine's file, the newest first. O(their number).
[[nodiscard]] std::vector<EarlierVersion> versionsOf(const std::string& folder, const std::string& routine);

/// Those of the times (newest first) that stay: the first keptSaves, and the first of each of the first keptDays days
/// in UTC shifted by `offset` milliseconds.
[[nodiscard]] std::vector<bool> staying(const std::vector<std::int64_t>& times, std::int64_t offset = 0);

} // namespace lc
