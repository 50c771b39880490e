#pragma once

#include "core/planning/phrase_plan.h"

#include <string>

namespace lc::cli {

/// The keys of `plan --json` are a contract; docs/manual/command-line.md lists them.
[[nodiscard]] std::string plansAsJson(const PhrasePlans& plans);
[[nodiscard]] std::string plansAsText(const PhrasePlans& plans);

} // namespace lc::cli
