#pragma once

#include <string>

namespace lc {

/// Whether a file's own frame says that its end is missing, where decoders read on without a word: the last page of an
/// OGG stream carries no mark of its end or is not whole (RFC 3533), a WAV or AIFF file is shorter than its head says
/// (RIFF, EA IFF 85). False for everything else and for whatever cannot be told.
[[nodiscard]] bool soundBreaksOff(const std::string& path);

} // namespace lc
