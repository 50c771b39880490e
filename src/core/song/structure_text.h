#pragma once

#include "core/song/song_map.h"

#include <string>
#include <string_view>

namespace lc {

/// Builds a song map from typed structure, without a recording:
/// `pickup 2 | intro 16 | verse 32 @112 | stop 4 | bar 2 | fermata 1 3.2s | chorus 32 | outro 16 @112>90`.
/// Without a bar (|) in it, a new line, or a comma or semicolon right after a number, parts the sections just as well.
/// Numbers are beats. A name starts a section and a phrase; `stop`, `bar` and `fermata` extend the current one, and a
/// fermata's beats are new beats (of several the last is held). `@` is a tempo that lasts until the next; `@a>b`
/// changes it through the section: the first beat at a, the last at b, linear over the beats.
/// `bpm` 20 to 400 is the tempo before any `@`; `offset` is the time of the first beat, pick-up included.
/// Error BadNotation says which character and what to write instead.
[[nodiscard]] Result<SongMap> mapFromStructure(std::string_view text, Bpm bpm, const Metre& metre, Seconds offset = 0);

/// A song typed as structure; see mapFromStructure().
struct TypedStructure {
    std::string text;
    Bpm bpm = 112;
    Metre metre;
    Seconds offset = 0;

    bool operator==(const TypedStructure&) const = default;
};

/// A map as structure that can be typed: sections, odd bars, stops and held beats as they are, one tempo for each
/// stretch (told where it changes by 0.2 % and more), so that seconds are kept only roughly. Reads back to the same
/// bars and phrases. O(beats × stops).
[[nodiscard]] TypedStructure structureOf(const SongMap& map);

} // namespace lc
