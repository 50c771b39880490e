#pragma once

#include "core/document/document.h"

namespace lc {

/// Whether a document is a song that waits for its dance: a song, typed or heard, and no steps and no passes.
[[nodiscard]] bool awaitsDance(const Document& document);

/// The dance of one document on the song of another: routine and words are the dance's, and the title where the song's
/// document has none; song, map, moments and counting the song's. It begins after as many counts as before, or at the
/// first phrase where the song is shorter.
[[nodiscard]] Document danceOnSong(const Document& song, Document dance);

} // namespace lc
