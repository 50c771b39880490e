#pragma once

#include "core/document/document.h"

namespace lc {

/// `after` with the words of `persons` that its changed or new lines say and that have no meaning in it yet: what a
/// routine says is read the same everywhere.
[[nodiscard]] Document withWordsBrought(const Document& before, Document after, const OwnWords& persons);

} // namespace lc
