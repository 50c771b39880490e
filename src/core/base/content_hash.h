#pragma once

#include "core/base/result.h"

#include <cstdint>
#include <string>
#include <string_view>

namespace lc {

struct FileFingerprint {
    std::uint64_t bytes = 0;
    std::string hash; ///< XXH3-128, 32 hexadecimal digits

    bool operator==(const FileFingerprint&) const = default;
};

/// Size and XXH3-128 (xxHash 0.8 specification) of a file's bytes. Errors: NotFound, Unreadable. Linear in its size.
[[nodiscard]] Result<FileFingerprint> fingerprintFile(const std::string& path);

[[nodiscard]] FileFingerprint fingerprintBytes(std::string_view bytes);

} // namespace lc
