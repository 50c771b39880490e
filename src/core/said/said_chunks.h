#pragma once

#include "core/base/feet.h"
#include "core/said/asker.h"
#include "core/said/said_figures.h"
#include "core/said/said_tokens.h"

#include <optional>
#include <span>
#include <string>
#include <vector>

namespace lc::said {

/// One thing that is danced: a step, a figure with a rhythm of its own, a hold, a turn.
struct Chunk {
    enum class Kind { Step, Figure, Gesture, Hold, Turn };
    Kind kind = Kind::Step;
    std::vector<std::string> words; ///< in the notation's words
    std::vector<Foot> feet;         ///< in the order in which they are said; of a step at most one
    const KnownFigure* figure = nullptr;
    std::int64_t turn = 0; ///< `turn` over `over` of a whole turn; 0 = none
    std::int64_t over = 1;
    std::optional<Foot> side; ///< to which the turn goes
    bool turns = false;       ///< a turn is said, of whatever size
    std::string beside;       ///< goes on beside the feet
    std::string own;          ///< in the notation's own signs
    bool verb = false;
    bool direction = false;
    bool leading = false;  ///< the direction was said before the step or figure
    bool footOnly = false; ///< nothing but a foot was said
    bool shorter = false;  ///< a figure whose last touch is said by itself
    bool onAnd = false;    ///< danced on the & of the count of what came before it
    std::size_t begin = 0;
    std::size_t finish = 0;
};

/// A foot that must have the weight at a place, because a remark says so.
struct WeightRemark {
    Foot weight = Foot::Left;
    std::size_t begin = 0;
    std::size_t finish = 0;
};

struct Chunks {
    std::vector<Chunk> chunks;
    std::vector<WeightRemark> weights;
};

/// "vine right, touch": the touch that is said after a figure is the figure's own last one.
void endsFigure(Chunk& figure, const Chunk& next);

/// "walk R, L", "forward left, right": a foot alone goes on with the step before it.
void goesOn(const Chunk& before, Chunk& next);

/// "touch out, in": whether a direction that is said alone behind a touch with one is that touch again. Asks.
void goesOnTouching(const Chunk& before, Chunk& next, Asker& asker);

/// "rock step R, L", "vine R, L": what feet behind a figure say: those of its steps, the figure again on the other
/// foot, or steps of their own. `said`: the counts that are said for all of it, 0 for none; where one way fits them it
/// is taken, else it is asked.
void settleFeet(std::vector<Chunk>& chunks, Asker& asker, std::int64_t said = 0);

/// Parts what is said between two counts into what is danced. Where it can be parted in two ways it asks. `rhythm`: the
/// counts that are said for it, from 1 ("1", "&", "2"), if any.
[[nodiscard]] Chunks chunksOf(std::span<const SaidToken> tokens, Asker& asker,
                              const std::vector<std::string>& rhythm = {});

} // namespace lc::said
