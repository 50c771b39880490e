#include "core/planning/exception_words.h"

#include <algorithm>

namespace lc {

namespace {

std::string nameOf(const Routine& routine, FigureId id) {
    const Figure* figure = findFigure(routine, id);
    return figure && !figure->name.empty() ? figure->name : "a figure";
}

std::string nameAt(const Routine& routine, PlacementId id) {
    for (const Part& part : routine.parts)
        for (const Placement& placed : part.figures)
            if (placed.id == id)
                return placed.part.valid() ? "part " + findPart(routine, placed.part)->name
                                           : nameOf(routine, placed.figure);
    return "a figure";
}

std::string changeInWords(const Routine& routine, const FigureChange& change) {
    using Kind = FigureChange::Kind;
    const std::string at = nameAt(routine, change.at);
    switch (change.kind) {
    case Kind::Drop: return at + " left out";
    case Kind::Add: {
        const std::string added = change.added.part.valid() ? "part " + findPart(routine, change.added.part)->name
                                                            : nameOf(routine, change.added.figure);
        return change.at.valid() ? (added == at ? at + " danced twice" : added + " after " + at)
                                 : added + " at the head";
    }
    case Kind::Version: return at + (change.version.empty() ? " as written" : " as “" + change.version + "”");
    case Kind::Mirror: return at + " to the other side";
    case Kind::Exchange: return "partners exchanged in " + at;
    case Kind::Bars: break;
    }
    return {};
}

} // namespace

std::vector<std::string> otherExceptionsInWords(const Routine& routine, const PassExceptions& what,
                                                const PassExceptions& than) {
    std::vector<std::string> out;
    const auto isNew = [](const auto& one, const auto& known) {
        return std::find(known.begin(), known.end(), one) == known.end();
    };
    if (what.wait > than.wait) out.push_back("wait of " + toSpokenCount(what.wait) + " before count 1");
    for (const Bridge& bridge : what.bridges)
        if (isNew(bridge, than.bridges))
            out.push_back("bridge of " + toSpokenCount(bridge.counts) + " after " + toSpokenCount(bridge.after) +
                          (bridge.figure.valid() ? ", " + nameOf(routine, bridge.figure) : ""));
    bool bars = false;
    for (const FigureChange& change : what.changes) {
        if (!isNew(change, than.changes)) continue;
        if (change.kind == FigureChange::Kind::Bars)
            bars = true;
        else
            out.push_back(changeInWords(routine, change));
    }
    if (bars) out.push_back("shorter bars as the music has them");
    if (what.tag && what.tag->figure.valid() && !(what.tag == than.tag))
        out.push_back(nameOf(routine, what.tag->figure) + " as a tag");
    if (what.ending && what.ending->danced && !(what.ending == than.ending))
        out.push_back("ending " + findPart(routine, what.ending->part)->name + " after " +
                      toSpokenCount(what.ending->after));
    return out;
}

const PassExceptions& writtenExceptions(const Routine& routine, PassId pass) {
    static const PassExceptions none;
    const auto index = indexOfPass(routine, pass);
    return index ? routine.passes[*index] : none;
}

} // namespace lc
