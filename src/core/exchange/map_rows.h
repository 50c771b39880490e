#pragma once

// What the readers of song maps in rows of text share. Private to them.

#include "core/base/text_rows.h"
#include "core/exchange/map_import.h"
#include "core/song/map_draft.h"

#include <string>

namespace lc {

inline constexpr std::size_t mostImportedBeats = 100'000; // a bound against damaged files: eight hours at 200 bpm
inline constexpr Seconds longestImported = 6 * 3600.0;    // a bound against damaged files

/// "CSV, line 3: why".
[[nodiscard]] inline tl::unexpected<Error> inLine(const Sentence& what, std::size_t line, const Text& why) {
    return fail(ErrorCode::Unreadable, Core::sentence("%1, line %2: %3", what, line, why),
                "line " + std::to_string(line));
}

/// Seconds with a point or a decimal comma; nothing for any other text.
[[nodiscard]] inline std::optional<double> secondsOf(std::string_view text) {
    std::string number(trimmed(text));
    if (const auto comma = number.find(','); comma != std::string::npos && number.find('.') == std::string::npos)
        number[comma] = '.';
    return wholeNumber<double>(number);
}

[[nodiscard]] inline bool goodTime(const std::optional<double>& time) {
    return time && *time > -60 && *time < longestImported;
}

/// The commonest bar length; a hinted metre of that length says the rest.
[[nodiscard]] Metre commonMetre(const std::vector<std::size_t>& bars, std::size_t beats, const ImportHints& hints);

} // namespace lc
