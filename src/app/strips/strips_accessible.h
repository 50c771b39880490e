#pragma once

namespace lc::app {

/// Makes what is painted readable for assistive tools: the page of strips is a list of lines, a line a list of counts;
/// other widgets tell their pieces themselves (widgets/readable.h). Call once.
void installAccessibility();

} // namespace lc::app
