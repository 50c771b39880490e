#include "core/landing/inspection.h"

#include "core/base/clock_text.h"
#include "core/routine/accents.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>

namespace lc::inspect {

namespace {

/// "2 counts", "1/2 count", or of what does not fall on an eighth of a count the nearest: "about 3/8 count".
std::string aboutCounts(Tick t) {
    const Tick eighth = countFraction(1, 8);
    const Tick near{(t.value + eighth.value / 2) / eighth.value * eighth.value};
    return (near == t ? "" : "about ") + countsInWords(near);
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
        const std::string count = "Count " + toSpokenCount(accent.at + counts(1)) + " of " +
                                  in.figureName(figure, pass->part) + " in pass " + std::to_string(pass->number);
        std::string headline;
        std::string text;
        if (!fall.moment) {
            headline = count + " waits for a moment that is not there";
            text = moment == in.document.moments.end() ? "The song has no such moment any more."
                                                       : "“" + moment->text + "” lies outside the counted song.";
        } else if (!fall.at) {
            headline = "“" + moment->text + "” has lost its accent";
            text = count + " is not danced: it is left out or cut off.";
        } else {
            const bool late = fall.off > Tick{};
            const Tick by = late ? fall.off : -fall.off;
            headline = count + " is " + aboutCounts(by) + (late ? " late for “" : " early for “") + moment->text + "”";
            text = "It falls " + std::to_string(std::llround(std::abs(fall.offSeconds) * 1000)) + " ms " +
                   (late ? "after" : "before") + " the moment at " + clockText(moment->at) + ".";
        }
        Finding& f = in.addFor(*pass, finding::accent, Severity::Misses,
                               fall.at.value_or(fall.moment.value_or(pass->start)), headline, text);
        f.key.thing = accent.id;
    }
}

} // namespace lc::inspect
