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
    if (entry <= Tick{} && figure.facts.close <= Tick{})
        return {false, "the figure has no frame: say how many counts are its entry and close"};
    if (end <= entry) return {false, "entry and close leave no room for a body"};
    if (!body.readable()) return {false, "its line cannot be read to the end"};
    if (body.length != end - entry)
        return {false, countsInWords(body.length) + ", " + toSpokenCount(end - entry) + " are needed"};
    for (const RoleReading& role : read.roles) {
        const RoleReading* inside = roleIn(body, role.role);
        const std::string whose = read.roles.size() > 1 ? role.role + ": " : std::string();
        if (!inside) return {false, "it has no line for " + role.role};
        if (cutsAction(role, entry) || cutsAction(role, end))
            return {false, whose + "a step of the figure reaches over the end of its entry or body"};
        const Foot in = freeFootAt(role, entry);
        const Foot out = freeFootAt(role, end);
        if (inside->needs && in != Foot::Both && *inside->needs != in)
            return {false, whose + "begins with the " + freeFootInWords(*inside->needs) + " foot, the " +
                               freeFootInWords(in) + " is free"};
        Foot leaves = in;
        for (const FootedAction& done : followFeet(inside->line.actions, in)) leaves = done.freeAfter;
        if (leaves != out && leaves != Foot::Both && out != Foot::Both)
            return {false, whose + "leaves the " + freeFootInWords(leaves) + " foot free, the close needs the " +
                               freeFootInWords(out)};
        const CoupleState here = coupleAt(role, entry), after = coupleAt(role, end);
        if (inside->coupleIn.hold && here.hold && *inside->coupleIn.hold != *here.hold)
            return {false, "begins with " + toString(*inside->coupleIn.hold) + ", here it is " + toString(*here.hold)};
        if (inside->coupleIn.position && here.position && *inside->coupleIn.position != *here.position)
            return {false,
                    "begins " + toString(*inside->coupleIn.position) + ", here it is " + toString(*here.position)};
        if (inside->coupleOut.hold && after.hold && *inside->coupleOut.hold != *after.hold)
            return {false,
                    "ends with " + toString(*inside->coupleOut.hold) + ", the close has " + toString(*after.hold)};
        if (inside->coupleOut.position && after.position && *inside->coupleOut.position != *after.position)
            return {false,
                    "ends " + toString(*inside->coupleOut.position) + ", the close is " + toString(*after.position)};
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
