#pragma once

#include "core/base/sentence.h"
#include "core/landing/findings.h"
#include "core/landing/remedies.h"

#include <string>

namespace lc {

/// One pass as people read it: everything the list of passes, the sheet and the command line show of it.
struct PassRow {
    std::string partName;
    Sentence startClock; ///< "1:05.3", or "after the song"
    std::optional<Seconds> startSeconds;
    Tick startCount; ///< 1-based from the song's first 1
    std::optional<Tick> musicCount;
    Tick runningCount;
    std::optional<int> phrase; ///< 1-based
    std::string phraseLabel;
    std::optional<Tick> phraseOffset;
    std::optional<Tick> phraseMiss;
    Eighths facing;
    Foot freeFoot = Foot::Both;
    bool lands = false; ///< see lands()
};

[[nodiscard]] PassRow passRow(const Document& document, const Landing& landing, const PassPerformance& pass);

/// "lands", "lands on 17", "16 over", "4 short": the verdict in the margin.
[[nodiscard]] Sentence verdict(const PassRow& row);

/// "every pass lands", "the one pass lands", "one of 6 passes lands", "3 of 6 passes land", "none of 6 passes lands",
/// "not even the one pass lands"; with `total` 0 "no pass lands".
[[nodiscard]] Sentence passesThatLand(std::int64_t n, std::int64_t total);

/// The `land` report: JSON as in docs/manual/command-line.md, or plain readable text. Remedies are worked out for every
/// finding.
[[nodiscard]] std::string landingAsJson(const Document& document, const Landing& landing);
[[nodiscard]] std::string landingAsText(const Document& document, const Landing& landing);

} // namespace lc
