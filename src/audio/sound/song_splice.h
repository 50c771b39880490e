#pragma once

#include "audio/sound/song_sound.h"
#include "core/song/song_edit.h"

#include <vector>

namespace lc {

/// How long one sound fades into the next before a joint, in seconds. Tuned on the demo songs: shorter is heard as a
/// click in held notes, longer smears the last eighth.
inline constexpr double spliceFade = 0.03;

/// The spans of a recording one after another. Each joint is a crossfade of equal power that is over just before the
/// beat on which the next span begins, so that its attack sounds whole and the time of no beat changes: what is faded
/// in is what stood before it in the recording. Spans are cut to the recording. O(length).
[[nodiscard]] AudioBuffer spliced(const SongSound& sound, const std::vector<SoundSpan>& spans,
                                  double fade = spliceFade);

/// Seconds [joint − before, joint + after) of a song made so, for listening to the joint.
[[nodiscard]] AudioBuffer aroundJoint(const SongSound& sound, const EditedSong& song, std::size_t joint,
                                      double before = 4, double after = 4);

} // namespace lc
