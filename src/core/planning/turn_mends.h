#pragma once

#include "core/base/task.h"
#include "core/edits/edits.h"
#include "core/landing/findings.h"

#include <vector>

namespace lc {

/// When a dance that is turned round is put right.
enum class MendTime { AtOnce, Within, Left };

/// A way to put a turned-round dance right, tried on the whole song.
struct TurnMend {
    MendTime when = MendTime::Left;
    bool possible = true;    ///< false where nothing of what may be done mends it then; `title` says so
    Text title;              ///< "At once: begin again on the music's 1, count 1 of Chorus, the last change a touch."
    Text price;              ///< counts spent turned round, what the partner notices, where the breaks then fall
    std::vector<Edit> edits; ///< none where it is left
    Tick at;                 ///< where it is put right; where it comes right by itself, or the end
    Tick turned;             ///< counts spent turned round in the whole dance, from this turn on
    bool partnerNotices = false; ///< a foot, hold or meet point does not fit, or a change becomes a touch
};

/// Three plans for a stretch in which the dance is turned round (index into Landing::turned): put right at once (within
/// a set), within `sets` sets at the place that is noticed least, or left until the music undoes it. What may be done
/// is to begin again on a 1 of the music, the last change a touch where the feet ask for it, and to wait behind a pass
/// and count from 1. Each was carried out and landed: `turned` counts what is still turned round after that, odd bars
/// that come later included. Of places that are equal the one with the fewest counts turned round, then the fewest new
/// findings, then the earliest. Empty for an index that is none, and when stopped. O(places × landing).
[[nodiscard]] std::vector<TurnMend> turnMends(const Document& document, const Landing& landing, std::size_t span,
                                              int sets = 4, const Task& task = {});

/// "leader left on 1 and right on 5, follower right on 1 and left on 5": breaks by music count in [from, to), each foot
/// and count once; empty without breaks.
[[nodiscard]] Sentence breaksInWords(const Document& document, const Landing& landing, Tick from, Tick to);

} // namespace lc
