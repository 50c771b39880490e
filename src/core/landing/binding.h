#pragma once

#include "core/edits/edits.h"
#include "core/landing/findings.h"

#include <vector>

namespace lc {

/// Which of a pass's exceptions is meant.
struct ExceptionPart {
    enum class Kind { Restart, Tag, Touch, Bridge, Change, Mirrored, Exchanged, Wait, Ending, Canon };
    Kind kind = Kind::Restart;
    std::size_t index = 0; ///< of a bridge or change
};

/// The exceptions of a pass one by one, in the order of the lines that say them.
[[nodiscard]] std::vector<ExceptionPart> partsOf(const PassExceptions& exceptions);

/// Edits that take an exception from a pass and bind it to the music where it falls now, so that the dance stays as it
/// is. Errors: NotFound; OutsideSong where there is no music.
[[nodiscard]] Result<std::vector<Edit>> bindToMusic(const Document& document, const Landing& landing, PassId pass,
                                                    const ExceptionPart& which);

/// The other way: what the music brings stays with the pass that it befalls now. Error NotFound where it befalls none.
[[nodiscard]] Result<std::vector<Edit>> bindToPass(const Document& document, const Landing& landing,
                                                   ExceptionId exception);

} // namespace lc
