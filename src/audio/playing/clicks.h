#pragma once

#include "core/song/count_grid.h"

#include <vector>

namespace lc {

enum class ClickKind { Set, Bar, Count }; ///< 1 of a set, 1 of another bar, any other count

struct Click {
    double seconds = 0; ///< in the song
    ClickKind kind = ClickKind::Count;

    bool operator==(const Click&) const = default;
};

/// A click for every count of the song, ascending.
[[nodiscard]] std::vector<Click> clicksFor(const CountGrid& grid);

/// The sound of a click, mono: a short struck tone, higher for a 1. Made here, so it needs no file or licence.
[[nodiscard]] std::vector<float> clickSound(ClickKind kind, int sampleRate);

} // namespace lc
