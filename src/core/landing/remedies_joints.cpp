#include "core/landing/remedy_search.h"
#include "core/said/word_meaning.h"

#include <algorithm>

namespace lc::remedy {

namespace {

/// "a figure" as placed before the one that a finding speaks of, in the same part.
const Placement* placedBefore(const Search& in) {
    for (const Part& part : in.document.routine.parts)
        for (std::size_t i = 1; i < part.figures.size(); ++i)
            if (FindingThing(part.figures[i].id) == in.finding.key.thing) return &part.figures[i - 1];
    return nullptr;
}

/// An edit of a figure's line for one role, where the change can be said in it.
void proposeLine(Search& in, const Figure& figure, RoleId role, const Sentence& title,
                 std::optional<std::string> (*change)(const std::string&, const NotationChoices&)) {
    const NotationChoices choices = choicesFor(figure.facts.choices, in.document.routine.choices);
    if (const auto line = change(lineText(figure, role), choices))
        in.propose(title, {SetFigureLine{figure.id, role, *line}});
}

/// A part that ends with a touch and leaves the wrong foot: the touch becomes a step.
void weightOnLastTouch(Search& in, const PassPerformance& pass) {
    const Part* part = findPart(in.document.routine, pass.part);
    if (!part || part->figures.empty()) return;
    const Figure* figure = findFigure(in.document.routine, part->figures.back().figure);
    if (!figure) return;
    proposeLine(in, *figure, in.finding.key.role,
                figure->name.empty() ? Core::sentence("Step instead of the last touch of part %1.", part->name)
                                     : Core::sentence("Step instead of the last touch of %1.", figure->name),
                &withLastTouchStepped);
}

void wrongFoot(Search& in) {
    const auto index = in.passIndex();
    if (!index || *index == 0) return;
    const PassPerformance& before = in.passes[*index - 1];
    const bool touch = in.passOf(before).lastChangeIsTouch;
    if (!before.cut) { // the part itself leaves the wrong foot: mend every pass of it that needs mending
        std::vector<Edit> all;
        for (std::size_t i = 1; i < in.passes.size(); ++i)
            for (const RoleInPass& role : in.passes[i].roles)
                if (role.role == in.finding.key.role && entersOnWrongFoot(role) && !in.passes[i - 1].cut &&
                    in.passes[i - 1].part == before.part)
                    all.emplace_back(
                        SetLastChangeIsTouch{in.passes[i - 1].id, !in.passOf(in.passes[i - 1]).lastChangeIsTouch});
        if (all.size() > 1)
            in.propose(Core::sentence("End these passes with a touch in place of the last step."), std::move(all));
    }
    if (!before.cut) weightOnLastTouch(in, before);
    in.propose(touch ? Core::sentence("Step again on the last change of pass %1.", before.number)
                     : Core::sentence("Make the last change of pass %1 a touch.", before.number),
               {SetLastChangeIsTouch{before.id, !touch}});
    for (std::int64_t n = 1; n <= 2 && before.cut; ++n) // a cut a little later or earlier has the other foot
        for (const Tick after : {before.counts + counts(n), before.counts - counts(n)})
            if (after > Tick{} && after < before.whole)
                in.propose(Core::sentence("Cut pass %1 after %2 instead.", before.number, AsCount{after}),
                           {SetRestart{before.id, Restart{after}}});
}

void turnCut(Search& in) {
    const auto index = in.passIndex();
    if (!index) return;
    const PassPerformance& pass = in.passes[*index];
    for (const CutTurn& turn : pass.cutTurns) {
        if (turn.role != in.finding.key.role) continue;
        const Tick end = counts(wholeCounts(turn.end - Tick{1}) + 1);
        in.propose(Core::sentence("Finish the turn: cut pass %1 after %2.", pass.number, AsCount{end}),
                   {SetRestart{pass.id, end < pass.whole ? std::optional(Restart{end}) : std::nullopt}});
        const Tick start = counts(wholeCounts(turn.start));
        if (start > Tick{})
            in.propose(Core::sentence("Cut before the turn, after %1.", AsCount{start}),
                       {SetRestart{pass.id, Restart{start}}});
    }
    if (pass.exceptions.restart && in.passOf(pass).restart)
        in.propose(Core::sentence("Turn on into the next pass."),
                   {in.changed(pass, Core::sentence("turn on"), [](PassExceptions& e) { e.restart->turnOn = true; })});
    in.propose(Core::sentence("Leave the turn out."), {leaveAsItIs(in.finding, "the turn is left out")});
}

void restartPastEnd(Search& in) {
    in.propose(Core::sentence("Take the restart out."), {SetRestart{in.finding.key.pass, std::nullopt}});
}

void wrongFootAtJoint(Search& in) {
    const Placement* placed = in.placementOfFinding();
    const Placement* before = placedBefore(in);
    const Figure* figure = before ? findFigure(in.document.routine, before->figure) : nullptr;
    if (figure) {
        const Sentence name =
            figure->name.empty() ? Core::sentence("the typed steps") : Sentence::verbatim(figure->name);
        proposeLine(in, *figure, in.finding.key.role, Core::sentence("Step instead of the last touch of %1.", name),
                    &withLastTouchStepped);
        proposeLine(in, *figure, in.finding.key.role, Core::sentence("Make the last step of %1 a touch.", name),
                    &withLastStepTouched);
        for (const FigureVersion& version : figure->facts.versions) {
            Placement other = *before;
            other.version = version.name;
            if (version.name != before->version)
                in.propose(Core::sentence("Dance %1 in the version “%2”.", name, version.name),
                           {ChangePlacement{other}});
        }
    }
    if (placed) {
        Placement other = *placed;
        other.mirrored = !other.mirrored;
        const Figure* mirroredFigure = findFigure(in.document.routine, placed->figure);
        in.propose(mirroredFigure && !mirroredFigure->name.empty()
                       ? Core::sentence("Dance %1 to the other side.", mirroredFigure->name)
                       : Core::sentence("Dance it to the other side."),
                   {ChangePlacement{other}});
    }
}

void relation(Search& in) {
    const Placement* placed = in.placementOfFinding();
    const Figure* figure = placed ? findFigure(in.document.routine, placed->figure) : nullptr;
    if (!figure) return;
    for (const Role& role : in.document.routine.roles) {
        proposeLine(in, *figure, role.id, Core::sentence("Let %1 end it with a touch.", role.name),
                    &withLastStepTouched);
        proposeLine(in, *figure, role.id, Core::sentence("Let %1 step instead of the last touch.", role.name),
                    &withLastTouchStepped);
    }
}

void canonTrim(Search& in) {
    const auto index = in.passIndex();
    if (!index) return;
    if (in.passes[*index].exceptions.canon && in.passes[*index].exceptions.canon->ripple) {
        if (in.passOf(in.passes[*index]).restart)
            in.propose(Core::sentence("Let pass %1 be danced whole.", in.passes[*index].number),
                       {SetRestart{in.finding.key.pass, std::nullopt}});
    } else if (in.passOf(in.passes[*index]).canon)
        in.propose(Core::sentence("Let every role finish; the next pass starts when the last is done."),
                   {in.changed(in.passes[*index], Core::sentence("canon as a ripple"),
                               [](PassExceptions& e) { e.canon->ripple = true; })});
}

/// The tag or bridge as long as the figure danced in it, or without the figure.
void extraLength(Search& in) {
    const auto index = in.passIndex();
    if (!index) return;
    const PassPerformance& pass = in.passes[*index];
    PartReader reader(in.document.routine);
    const auto lengthOf = [&](FigureId figure) { return reader.figure(figure, false, false)->length; };
    if (const auto& tag = in.passOf(pass).tag; tag && tag->figure.valid() && !in.thing<ExceptionId>().valid()) {
        const Tick length = lengthOf(tag->figure);
        in.propose(Core::sentence("Make the tag %1 long.", inCounts(length)),
                   {SetTag{pass.id, Tag{length, tag->countFromOne, tag->figure}}});
        in.propose(Core::sentence("Let everyone wait in it instead."),
                   {SetTag{pass.id, Tag{tag->counts, tag->countFromOne, {}}}});
    }
    for (const Bridge& bridge : in.passOf(pass).bridges) {
        if (bridge.id != in.thing<ExceptionId>() || !bridge.figure.valid()) continue;
        const Tick length = lengthOf(bridge.figure);
        in.propose(Core::sentence("Make the bridge %1 long.", inCounts(length)),
                   {in.changed(pass, Core::sentence("bridge as long as its figure"), [&](PassExceptions& e) {
                       for (Bridge& b : e.bridges)
                           if (b.id == bridge.id) b.counts = length;
                   })});
    }
}

void exceptionUnmet(Search& in) {
    in.propose(Core::sentence("Take it out."), {RemoveMusicException{in.thing<ExceptionId>()}});
}

} // namespace

void forJoints(Search& in) {
    const std::string& code = in.finding.key.code;
    if (code == finding::wrongFoot) wrongFoot(in);
    if (code == finding::wrongFootAtJoint) wrongFootAtJoint(in);
    if (code == finding::relation) relation(in);
    if (code == finding::turnCut) turnCut(in);
    if (code == finding::canonTrim) canonTrim(in);
    if (code == finding::restartPastEnd) restartPastEnd(in);
    if (code == finding::extraLength) extraLength(in);
    if (code == finding::exceptionUnmet) exceptionUnmet(in);
}

} // namespace lc::remedy
