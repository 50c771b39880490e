#include "core/said/said_figures.h"

#include <array>

namespace lc::said {

namespace {

constexpr std::array figures{
    KnownFigure{
        "triple step|triple|triples|triple steps|chasse step|polka step|wechselschritt|pas chassé|triple paso|cha cha cha|cha cha",
        "1 step* & close 2 step*", "", 2},
    KnownFigure{"shuffle|shuffle step", "1 step*forward & close 2 step*forward", "", 2},
    KnownFigure{"chasse|chassé|side triple|side shuffle|chassée", "1 *side & close 2 *side", "", 2},
    KnownFigure{"lock step|locking step|locking shuffle|lock shuffle|shuffle lock",
                "1 step*forward & lock 2 step*forward", "", 2},
    KnownFigure{"step lock step", "1 step* 2 lock 3 step*", "1 step* & lock 2 step*", 2},
    KnownFigure{"coaster step|coaster", "1 step back & close 2 step forward", "", 0},
    KnownFigure{"coaster cross", "1 step back & close 2 across", "", 0},
    KnownFigure{"sailor step|sailor|sailor shuffle", "1 behind & side 2 side", "", 1},
    KnownFigure{"mambo|mambo step", "1 rock*forward & replace 2 close", "", 2},
    KnownFigure{"kick ball change", "1 kick & ball 2 step", "", 0},
    KnownFigure{"kick ball step|kick ball cross", "1 kick & ball 2 step", "", 0},
    KnownFigure{"rock step|back rock step|wiegeschritt", "1 rock*back 2 replace", "", 1},
    KnownFigure{"vine|grapevine|weave with touch|grape vine|vigne", "1 side 2 behind 3 side 4 touch",
                "1 side 2 behind 3 side", 2},
    KnownFigure{"weave", "1 across 2 side 3 behind 4 side", "", 3},
    KnownFigure{"jazz box|jazz square", "1 across 2 back 3 side 4 close", "", 2},
    KnownFigure{"rocking chair", "1 rock forward 2 replace 3 rock back 4 replace", "", 3},
    KnownFigure{"toe strut|toe struts", "1 touch toe*forward 2 step heel", "", 1},
    KnownFigure{"heel strut|heel struts", "1 touch heel*forward 2 step toe", "", 1},
    KnownFigure{"scissor step|scissor|scissors", "1 side & close 2 across", "1 side 2 close 3 across 4 wait", 0},
    KnownFigure{"monterey turn|monterey", "1 point side 2 close 3 point side 4 close", "", 1},
    KnownFigure{"box step", "1 side 2 close 3 forward 4 touch", "", 0},
    KnownFigure{"balance step|waltz step|waltz basic|walzerschritt|pas de valse", "1 step*forward 2 step 3 close", "",
                0},
    KnownFigure{"charleston|charleston step", "1 step forward 2 kick forward 3 step back 4 touch back", "", 0},
    KnownFigure{"pas de bourrée|pas de bourree", "1 behind & side 2 forward", "", 1},
    KnownFigure{"ball change", "1 ball & step", "1 ball 2 step", 1},
    KnownFigure{"samba step|botafogo", "1 across a side 2 step", "", 1},
};

} // namespace

std::span<const KnownFigure> knownFigures() { return figures; }

} // namespace lc::said
