#include "core/figures/frames.h"

#include "core/notation/notation_print.h"

#include <cassert>

namespace lc {

namespace {

const RoleReading* roleIn(const FigureReading& figure, const std::string& name) {
    for (const RoleReading& role : figure.roles)
        if (role.role == name) return &role;
    return figure.roles.size() == 1 ? &figure.roles.front() : nullptr;
}

Tick bodyEnd(const FigureCard& figure, const FigureReading& read) { return read.length - figure.facts.close; }

/// An action reaches over one end of the body, so that the body cannot be taken out.
bool cutsAction(const RoleReading& role, Tick at) {
    for (const Action& action : role.line.actions)
        if (action.at < at && action.end() > at) return true;
    return false;
}

} // namespace

BodyFit bodyFits(const FigureCard& figure, const FigureReading& read, const FigureReading& body) {
    const Tick entry = figure.facts.entry;
    const Tick end = bodyEnd(figure, read);
    const auto not_ = [](Sentence why) { return BodyFit{false, std::move(why)}; };
    if (entry <= Tick{} && figure.facts.close <= Tick{})
        return not_(Core::sentence("the figure has no frame: say how many counts are its entry and close"));
    if (end <= entry) return not_(Core::sentence("entry and close leave no room for a body"));
    if (!body.readable()) return not_(Core::sentence("its line cannot be read to the end"));
    if (body.length != end - entry)
        return not_(Core::sentence("%1, %2 are needed", inCounts(body.length), AsCount{end - entry}));
    for (const RoleReading& role : read.roles) {
        const RoleReading* inside = roleIn(body, role.role);
        if (!inside) return not_(Core::sentence("it has no line for %1", role.role));
        const auto ofRole = [&](Sentence why) {
            return not_(read.roles.size() > 1 ? Core::sentence("%1: %2", role.role, why) : std::move(why));
        };
        if (cutsAction(role, entry) || cutsAction(role, end))
            return ofRole(Core::sentence("a step of the figure reaches over the end of its entry or body"));
        const Foot in = freeFootAt(role, entry);
        const Foot out = freeFootAt(role, end);
        if (inside->needs && in != Foot::Both && *inside->needs != in)
            return ofRole(
                Core::sentence("begins with the %1 foot, the %2 is free", footWord(*inside->needs), footWord(in)));
        Foot leaves = in;
        for (const FootedAction& done : followFeet(inside->line.actions, in)) leaves = done.freeAfter;
        if (leaves != out && leaves != Foot::Both && out != Foot::Both)
            return ofRole(
                Core::sentence("leaves the %1 foot free, the close needs the %2", footWord(leaves), footWord(out)));
        const CoupleState here = coupleAt(role, entry), after = coupleAt(role, end);
        const CoupleState &first = inside->coupleIn, &last = inside->coupleOut;
        if (first.hold && here.hold && *first.hold != *here.hold)
            return not_(Core::sentence("begins with %1, here it is %2", toString(*first.hold), toString(*here.hold)));
        if (first.position && here.position && *first.position != *here.position)
            return not_(
                Core::sentence("begins %1, here it is %2", toString(*first.position), toString(*here.position)));
        if (last.hold && after.hold && *last.hold != *after.hold)
            return not_(Core::sentence("ends with %1, the close has %2", toString(*last.hold), toString(*after.hold)));
        if (last.position && after.position && *last.position != *after.position)
            return not_(
                Core::sentence("ends %1, the close is %2", toString(*last.position), toString(*after.position)));
    }
    return {true, {}};
}

FigureCard withBody(const FigureCard& figure, const FigureReading& read, const FigureCard& body,
                    const FigureReading& bodyRead) {
    FigureCard out = figure;
    const Tick entry = figure.facts.entry;
    const Tick end = bodyEnd(figure, read);
    for (std::size_t r = 0; r < read.roles.size(); ++r) {
        const RoleReading& role = read.roles[r];
        const RoleReading* inside = roleIn(bodyRead, role.role);
        assert(inside);
        NotationReading line = role.line;
        line.actions.clear();
        for (const Action& action : role.line.actions)
            if (action.at < entry) line.actions.push_back(action);
        for (Action action : inside->line.actions) {
            action.at += entry;
            line.actions.push_back(std::move(action));
        }
        for (const Action& action : role.line.actions)
            if (action.at >= end) line.actions.push_back(action);
        out.lines[r].text = printNotation(line, read.choices);
    }
    out.facts.versions.clear(); // they are versions of the old body
    out.facts.description =
        figure.facts.description.empty() ? "With the body of " + body.name + "." : figure.facts.description;
    return out;
}

} // namespace lc
