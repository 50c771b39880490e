#include "core/base/feet.h"

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

std::string freeFootInWords(Foot foot) {
    return foot == Foot::Left ? "left" : foot == Foot::Right ? "right" : "either";
}

} // namespace lc
