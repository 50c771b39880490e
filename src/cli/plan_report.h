#pragma once

#include "core/planning/routine_plan.h"

#include <string>

namespace lc::cli {

/// The keys of `plan --json` are a contract; docs/manual/command-line.md lists them.
[[nodiscard]] std::string plansAsJson(const PhrasePlans& plans);
[[nodiscard]] std::string plansAsText(const PhrasePlans& plans);
/// The same of a routine, with what else is changed.
[[nodiscard]] std::string plansAsJson(const Document& document, const RoutinePlans& plans);
[[nodiscard]] std::string plansAsText(const Document& document, const RoutinePlans& plans);

} // namespace lc::cli
