#pragma once

namespace lc::app {

/// Makes the strips readable for assistive tools: the page is a list of lines, a line a list of counts. Call once.
void installStripsAccessibility();

} // namespace lc::app
