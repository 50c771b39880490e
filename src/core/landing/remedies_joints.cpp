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
void proposeLine(Search& in, const Figure& figure, RoleId role, const std::string& title,
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
                "Step instead of the last touch of " + (figure->name.empty() ? "part " + part->name : figure->name) +
                    ".",
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
        if (all.size() > 1) in.propose("End these passes with a touch in place of the last step.", std::move(all));
    }
    if (!before.cut) weightOnLastTouch(in, before);
    in.propose(touch ? "Step again on the last change of " + passName(before.number) + "."
                     : "Make the last change of " + passName(before.number) + " a touch.",
               {SetLastChangeIsTouch{before.id, !touch}});
    for (std::int64_t n = 1; n <= 2 && before.cut; ++n) // a cut a little later or earlier has the other foot
        for (const Tick after : {before.counts + counts(n), before.counts - counts(n)})
            if (after > Tick{} && after < before.whole)
                in.propose("Cut " + passName(before.number) + " after " + toSpokenCount(after) + " instead.",
                           {SetRestart{before.id, Restart{after}}});
}

void turnCut(Search& in) {
    const auto index = in.passIndex();
    if (!index) return;
    const PassPerformance& pass = in.passes[*index];
    for (const CutTurn& turn : pass.cutTurns) {
        if (turn.role != in.finding.key.role) continue;
        const Tick end = counts(wholeCounts(turn.end - Tick{1}) + 1);
        in.propose("Finish the turn: cut " + passName(pass.number) + " after " + toSpokenCount(end) + ".",
                   {SetRestart{pass.id, end < pass.whole ? std::optional(Restart{end}) : std::nullopt}});
        const Tick start = counts(wholeCounts(turn.start));
        if (start > Tick{})
            in.propose("Cut before the turn, after " + toSpokenCount(start) + ".",
                       {SetRestart{pass.id, Restart{start}}});
    }
    if (pass.exceptions.restart && in.passOf(pass).restart)
        in.propose("Turn on into the next pass.",
                   {in.changed(pass, "turn on", [](PassExceptions& e) { e.restart->turnOn = true; })});
    in.propose("Leave the turn out.", {leaveAsItIs(in.finding, "the turn is left out")});
}

void restartPastEnd(Search& in) {
    in.propose("Take the restart out.", {SetRestart{in.finding.key.pass, std::nullopt}});
}

void wrongFootAtJoint(Search& in) {
    const Placement* placed = in.placementOfFinding();
    const Placement* before = placedBefore(in);
    const Figure* figure = before ? findFigure(in.document.routine, before->figure) : nullptr;
    if (figure) {
        const std::string name = figure->name.empty() ? "the typed steps" : figure->name;
        proposeLine(in, *figure, in.finding.key.role, "Step instead of the last touch of " + name + ".",
                    &withLastTouchStepped);
        proposeLine(in, *figure, in.finding.key.role, "Make the last step of " + name + " a touch.",
                    &withLastStepTouched);
        for (const FigureVersion& version : figure->facts.versions) {
            Placement other = *before;
            other.version = version.name;
            if (version.name != before->version)
                in.propose("Dance " + name + " in the version “" + version.name + "”.", {ChangePlacement{other}});
        }
    }
    if (placed) {
        Placement other = *placed;
        other.mirrored = !other.mirrored;
        const Figure* mirroredFigure = findFigure(in.document.routine, placed->figure);
        in.propose("Dance " +
                       (mirroredFigure && !mirroredFigure->name.empty() ? mirroredFigure->name : std::string("it")) +
                       " to the other side.",
                   {ChangePlacement{other}});
    }
}

void relation(Search& in) {
    const Placement* placed = in.placementOfFinding();
    const Figure* figure = placed ? findFigure(in.document.routine, placed->figure) : nullptr;
    if (!figure) return;
    for (const Role& role : in.document.routine.roles) {
        proposeLine(in, *figure, role.id, "Let " + role.name + " end it with a touch.", &withLastStepTouched);
        proposeLine(in, *figure, role.id, "Let " + role.name + " step instead of the last touch.",
                    &withLastTouchStepped);
    }
}

void canonTrim(Search& in) {
    const auto index = in.passIndex();
    if (!index) return;
    if (in.passes[*index].exceptions.canon && in.passes[*index].exceptions.canon->ripple) {
        if (in.passOf(in.passes[*index]).restart)
            in.propose("Let " + passName(in.passes[*index].number) + " be danced whole.",
                       {SetRestart{in.finding.key.pass, std::nullopt}});
    } else if (in.passOf(in.passes[*index]).canon)
        in.propose(
            "Let every role finish; the next pass starts when the last is done.",
            {in.changed(in.passes[*index], "canon as a ripple", [](PassExceptions& e) { e.canon->ripple = true; })});
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
        in.propose("Make the tag " + countsInWords(length) + " long.",
                   {SetTag{pass.id, Tag{length, tag->countFromOne, tag->figure}}});
        in.propose("Let everyone wait in it instead.", {SetTag{pass.id, Tag{tag->counts, tag->countFromOne, {}}}});
    }
    for (const Bridge& bridge : in.passOf(pass).bridges) {
        if (bridge.id != in.thing<ExceptionId>() || !bridge.figure.valid()) continue;
        const Tick length = lengthOf(bridge.figure);
        in.propose("Make the bridge " + countsInWords(length) + " long.",
                   {in.changed(pass, "bridge as long as its figure", [&](PassExceptions& e) {
                       for (Bridge& b : e.bridges)
                           if (b.id == bridge.id) b.counts = length;
                   })});
    }
}

void exceptionUnmet(Search& in) { in.propose("Take it out.", {RemoveMusicException{in.thing<ExceptionId>()}}); }

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
