#include "core/landing/inspection.h"

#include "core/routine/accents.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>

namespace lc::inspect {

namespace {

/// "2 counts", "½ counts", or of what does not fall on an eighth of a count the nearest: "about ⅜ counts".
Sentence aboutCounts(Tick t) {
    const Tick eighth = countFraction(1, 8);
    const Tick near{(t.value + eighth.value / 2) / eighth.value * eighth.value};
    return near == t ? inCounts(near) : Core::sentence("about %1", inCounts(near));
}

} // namespace

void accents(Inspection& in) {
    const auto& falls = in.accents;
    for (std::size_t i = 0; i < falls.size(); ++i) {
        const AccentFall& fall = falls[i];
        if (fall.met()) continue;
        const BoundAccent& accent = in.routine.accents[i];
        const auto index = indexOfPass(in.routine, accent.pass);
        if (!index) continue;
        const auto pass = std::find_if(in.performance.passes.begin(), in.performance.passes.end(),
                                       [&](const PassPerformance& p) { return p.id == accent.pass; });
        if (pass == in.performance.passes.end()) continue;
        FigureId figure;
        for (const FigureSpan& span : in.performance.readingOf(*pass).figures)
            if (std::find(span.path.begin(), span.path.end(), accent.placement) != span.path.end())
                figure = span.figure;
        const auto moment = std::find_if(in.document.moments.begin(), in.document.moments.end(),
                                         [&](const Moment& m) { return m.id == accent.moment; });
        const Sentence count = Core::sentence("Count %1 of %2 in pass %3", AsCount{accent.at + counts(1)},
                                              in.figureName(figure, pass->part), pass->number);
        Sentence headline, text;
        if (!fall.moment) {
            headline = Core::sentence("%1 waits for a moment that is not there", count);
            text = moment == in.document.moments.end()
                       ? Core::sentence("The song has no such moment any more.")
                       : Core::sentence("“%1” lies outside the counted song.", moment->text);
        } else if (!fall.at) {
            headline = Core::sentence("“%1” has lost its accent", moment->text);
            text = Core::sentence("%1 is not danced: it is left out or cut off.", count);
        } else {
            const bool late = fall.off > Tick{};
            const Sentence by = aboutCounts(late ? fall.off : -fall.off);
            const auto ms = std::llround(std::abs(fall.offSeconds) * 1000);
            headline = late ? Core::sentence("%1 is %2 late for “%3”", count, by, moment->text)
                            : Core::sentence("%1 is %2 early for “%3”", count, by, moment->text);
            text = late ? Core::sentence("It falls %1 ms after the moment at %2.", ms, AsClock{moment->at})
                        : Core::sentence("It falls %1 ms before the moment at %2.", ms, AsClock{moment->at});
        }
        Finding& f = in.addFor(*pass, finding::accent, Severity::Misses,
                               fall.at.value_or(fall.moment.value_or(pass->start)), headline, text);
        f.key.thing = accent.id;
    }
}

} // namespace lc::inspect
