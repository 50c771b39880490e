#include "core/base/severity.h"

namespace lc {

std::string toString(Severity severity) {
    switch (severity) {
    case Severity::Misses: return "misses";
    case Severity::Doubtful: return "doubtful";
    case Severity::Note: return "note";
    }
    return "note";
}

} // namespace lc
