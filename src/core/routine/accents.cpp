#include "core/routine/accents.h"

#include <algorithm>

namespace lc {

bool AccentFall::met() const {
    const Tick near = countFraction(1, 16);
    return at && moment && off <= near && -off <= near;
}

std::vector<AccentFall> accentFalls(const Routine& routine, const std::vector<Moment>& moments,
                                    const Performance& performance, const CountGrid& grid) {
    std::vector<AccentFall> out;
    for (const BoundAccent& accent : routine.accents) {
        AccentFall fall;
        fall.accent = accent.id;
        const auto pass = std::find_if(performance.passes.begin(), performance.passes.end(),
                                       [&](const PassPerformance& p) { return p.id == accent.pass; });
        if (pass != performance.passes.end()) fall.at = placeOf(performance, *pass, accent.placement, accent.at);
        const auto moment =
            std::find_if(moments.begin(), moments.end(), [&](const Moment& m) { return m.id == accent.moment; });
        if (moment != moments.end())
            if (const auto at = grid.tickAt(moment->at)) {
                fall.moment = *at;
                if (fall.at) {
                    fall.off = *fall.at - *at;
                    if (const auto seconds = grid.secondsAt(*fall.at)) fall.offSeconds = *seconds - moment->at;
                }
            }
        out.push_back(fall);
    }
    return out;
}

} // namespace lc
