#include "core/planning/exception_words.h"

#include <algorithm>

namespace lc {

namespace {

Sentence nameOf(const Routine& routine, FigureId id) {
    const Figure* figure = findFigure(routine, id);
    return figure && !figure->name.empty() ? Sentence::verbatim(figure->name) : Core::sentence("a figure");
}

Sentence nameOf(const Routine& routine, const Placement& placed) {
    return placed.part.valid() ? Core::sentence("part %1", findPart(routine, placed.part)->name)
                               : nameOf(routine, placed.figure);
}

Sentence nameAt(const Routine& routine, PlacementId id) {
    for (const Part& part : routine.parts)
        for (const Placement& placed : part.figures)
            if (placed.id == id) return nameOf(routine, placed);
    return Core::sentence("a figure");
}

Sentence changeInWords(const Routine& routine, const FigureChange& change) {
    using Kind = FigureChange::Kind;
    const Sentence at = nameAt(routine, change.at);
    switch (change.kind) {
    case Kind::Drop: return Core::sentence("%1 left out", at);
    case Kind::Add: {
        const Sentence added = nameOf(routine, change.added);
        if (!change.at.valid()) return Core::sentence("%1 at the head", added);
        return added == at ? Core::sentence("%1 danced twice", at) : Core::sentence("%1 after %2", added, at);
    }
    case Kind::Version:
        return change.version.empty() ? Core::sentence("%1 as written", at)
                                      : Core::sentence("%1 as “%2”", at, change.version);
    case Kind::Mirror: return Core::sentence("%1 to the other side", at);
    case Kind::Exchange: return Core::sentence("partners exchanged in %1", at);
    case Kind::Bars: break;
    }
    return {};
}

} // namespace

std::vector<OtherException> otherExceptions(const Routine& routine, const PassExceptions& what,
                                            const PassExceptions& than) {
    std::vector<OtherException> out;
    const auto add = [&](Sentence words, bool ofPlace = false) { out.push_back({std::move(words), ofPlace}); };
    const auto isNew = [](const auto& one, const auto& known) {
        return std::find(known.begin(), known.end(), one) == known.end();
    };
    if (what.wait > than.wait) add(Core::sentence("wait of %1 before count 1", AsCount{what.wait}), true);
    for (const Bridge& bridge : what.bridges)
        if (isNew(bridge, than.bridges)) {
            const AsCount length{bridge.counts}, after{bridge.after};
            add(bridge.figure.valid()
                    ? Core::sentence("bridge of %1 after %2, %3", length, after, nameOf(routine, bridge.figure))
                    : Core::sentence("bridge of %1 after %2", length, after));
        }
    bool bars = false;
    for (const FigureChange& change : what.changes) {
        if (!isNew(change, than.changes)) continue;
        if (change.kind == FigureChange::Kind::Bars)
            bars = true;
        else
            add(changeInWords(routine, change));
    }
    if (bars) add(Core::sentence("shorter bars as the music has them"));
    if (what.tag && what.tag->figure.valid() && !(what.tag == than.tag))
        add(Core::sentence("%1 as a tag", nameOf(routine, what.tag->figure)));
    if (what.ending && what.ending->danced && !(what.ending == than.ending))
        add(Core::sentence("ending %1 after %2", findPart(routine, what.ending->part)->name,
                           AsCount{what.ending->after}),
            true);
    return out;
}

const PassExceptions& writtenExceptions(const Routine& routine, PassId pass) {
    static const PassExceptions none;
    const auto index = indexOfPass(routine, pass);
    return index ? routine.passes[*index] : none;
}

} // namespace lc
