#include "core/base/feet.h"

#include "core/base/sentence.h"

namespace lc {

Foot otherFoot(Foot foot) {
    switch (foot) {
    case Foot::Left: return Foot::Right;
    case Foot::Right: return Foot::Left;
    case Foot::Both: break;
    }
    return Foot::Both;
}

std::string footLetter(Foot foot) { return foot == Foot::Left ? "L" : foot == Foot::Right ? "R" : "B"; }

Sentence footWord(Foot foot) {
    return foot == Foot::Left    ? Core::sentence("left")
           : foot == Foot::Right ? Core::sentence("right")
                                 : Core::sentence("either");
}

std::string freeFootInWords(Foot foot) { return footWord(foot).english(); }

} // namespace lc
