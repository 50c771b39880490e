#pragma once

#include "core/figures/fill_orders.h"
#include "core/figures/versions.h"

#include <string>
#include <vector>

namespace lc::cli {

/// The keys of `versions --json` and `fill --json` are a contract; docs/manual/command-line.md lists them.
[[nodiscard]] std::string versionsAsJson(const std::vector<RhythmVersion>& versions);
[[nodiscard]] std::string versionsAsText(const std::vector<RhythmVersion>& versions);
[[nodiscard]] std::string fillingAsJson(const Filling& filling);
[[nodiscard]] std::string fillingAsText(const Filling& filling);

/// What to say where nothing fills; empty where something does.
[[nodiscard]] std::string nothingFills(const Filling& filling);

} // namespace lc::cli
