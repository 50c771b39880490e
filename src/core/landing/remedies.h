#pragma once

#include "core/edits/edits.h"
#include "core/landing/findings.h"

#include <string>
#include <vector>

namespace lc {

/// A way to put a finding right: an edit, and what it costs.
struct Remedy {
    Sentence title; ///< "Cut pass 2 after 16."
    Text price;     ///< what it changes besides, in a sentence; empty when nothing
    std::vector<Edit> edits;
    int newFindings = 0; ///< findings that it brings, counted
};

/// The remedies of a finding, the least costly first: cuts after every count that makes the pass land, the shortest
/// tag, and so on. Each was tried on the document: only those that remove the finding are offered, and `price` tells
/// what they bring instead. O(remedies × landing).
[[nodiscard]] std::vector<Remedy> remediesFor(const Document& document, const Landing& landing, const Finding& finding);

/// The remedy that is always there: leave it, and say why.
[[nodiscard]] Edit leaveAsItIs(const Finding& finding, std::string reason);

} // namespace lc
