#pragma once

#include "core/base/result.h"

#include <string>
#include <string_view>

namespace lc {

/// Whether all of it is UTF-8 (RFC 3629: shortest forms, no surrogates, up to U+10FFFF). O(length).
[[nodiscard]] bool isUtf8(std::string_view text);

/// Words that came from outside, as they may be shown anywhere: what is not UTF-8 becomes U+FFFD, control characters
/// (C0 but for tab and line end, DEL, C1) their pictures (U+2400 and on), so that no name can steer a terminal. Text
/// without such things stays as it is. O(length).
[[nodiscard]] std::string shown(std::string_view text);

/// The last name of a path, to be shown, in quotation marks.
[[nodiscard]] std::string shownName(const std::string& path);

/// Text that came from a file or another program.
struct ForeignText {
    std::string text;     ///< UTF-8, without a byte order mark
    bool western = false; ///< it was not UTF-8 and was read as Western European (windows-1252, which holds ISO 8859-1)

    /// The sentence that says so; empty where it was UTF-8.
    [[nodiscard]] Text note(const std::string& name) const;
};

/// The boundary for text: checks bytes that come in. UTF-8 stays; UTF-16 with a byte order mark is converted; text of
/// single bytes is read as windows-1252 (the WHATWG Encoding Standard's index), of which the person is told by note().
/// Error Unreadable, with `name` and the line: bytes that are no text (a null, other controls), UTF-8 that was damaged.
/// O(length).
[[nodiscard]] Result<ForeignText> readForeignText(std::string_view bytes, const std::string& name);

} // namespace lc
