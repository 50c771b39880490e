#pragma once

#include "core/base/ids.h"
#include "core/song/song_map.h"

#include <optional>
#include <string>
#include <string_view>

namespace lc {

/// What a marked moment of the song is; accents of a routine are bound to these.
enum class MomentKind {
    Hit,    ///< an accent of the music
    Stop,   ///< the music stands still
    Entry,  ///< something comes in: strings, the voice
    Change, ///< the music turns to something else
    Lyric,  ///< a line of words begins
    Other,
};

inline constexpr MomentKind allMomentKinds[] = {MomentKind::Hit,    MomentKind::Stop,  MomentKind::Entry,
                                                MomentKind::Change, MomentKind::Lyric, MomentKind::Other};

/// "hit", "stop", "entry", "change", "lyric", "other": as in files.
[[nodiscard]] std::string toString(MomentKind kind);
[[nodiscard]] Result<MomentKind> parseMomentKind(std::string_view text);

/// A place in the song with a name in a person's own words: "the big stop", "strings enter", a line of the lyrics.
struct Moment {
    MomentId id;
    Seconds at = 0;
    MomentKind kind = MomentKind::Hit;
    std::string text;

    bool operator==(const Moment&) const = default;
};

} // namespace lc
