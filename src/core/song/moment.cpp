#include "core/song/moment.h"

namespace lc {

std::string toString(MomentKind kind) {
    switch (kind) {
    case MomentKind::Hit: return "hit";
    case MomentKind::Stop: return "stop";
    case MomentKind::Entry: return "entry";
    case MomentKind::Change: return "change";
    case MomentKind::Lyric: return "lyric";
    case MomentKind::Other: return "other";
    }
    return "other";
}

Result<MomentKind> parseMomentKind(std::string_view text) {
    for (MomentKind kind : allMomentKinds)
        if (text == toString(kind)) return kind;
    return fail(ErrorCode::BadValue,
                Core::sentence("“%1” is not a kind of moment. Known are hit, stop, entry, change, lyric and other.",
                               std::string(text)));
}

} // namespace lc
