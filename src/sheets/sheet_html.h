#pragma once

#include "core/base/sentence.h"
#include "core/document/document.h"
#include "core/landing/findings.h"

#include <QString>

namespace lc {

/// What a sheet is for.
enum class SheetKind {
    Floor, ///< one page in large letters: order of passes, restarts, tags, facings
    Full,  ///< the steps of every part with their counts, and every pass with its start
};

/// A hand-out as one self-contained HTML page: no scripts, no outside files, readable black on white. Its words are in
/// `language`, those of the routine as they are.
[[nodiscard]] QString sheetHtml(const Document& document, const Landing& landing, SheetKind kind,
                                const Language& language = Language());

/// The cautions that stand at the foot of every sheet. They claim no medical number.
[[nodiscard]] Text cautions();

} // namespace lc
