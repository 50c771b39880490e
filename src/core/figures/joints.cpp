#include "core/figures/joints.h"

#include "core/figures/fill_orders.h"

#include <algorithm>

namespace lc {

namespace {

/// The role of a figure that a name dances: its own, or the only one.
const RoleReading* roleOf(const FigureReading& figure, const std::string& name) {
    for (const RoleReading& role : figure.roles)
        if (role.role == name) return &role;
    return figure.roles.empty() ? nullptr : &figure.roles.front();
}

/// The names of all roles in the chain; "everyone" only where nobody else is named.
std::vector<std::string> rolesOf(const std::vector<ChainLink>& links) {
    std::vector<std::string> out;
    for (const ChainLink& link : links)
        for (const RoleReading& role : link.figure->roles)
            if (role.role != "everyone" && std::find(out.begin(), out.end(), role.role) == out.end())
                out.push_back(role.role);
    if (out.empty()) out.push_back("everyone");
    return out;
}

CoupleState said(const FigureReading& figure, CoupleState RoleReading::*when) {
    CoupleState state;
    for (auto role = figure.roles.rbegin(); role != figure.roles.rend(); ++role)
        state = state.then((*role).*when); // the first role has the last word
    return state;
}

Sentence needsOther(const std::string& figure, const RoleAtJoint& role, bool named) {
    const Sentence why =
        Core::sentence("%1 needs the %2 foot; the %3 is free", figure, footWord(*role.needed), footWord(role.free));
    return named ? Core::sentence("%1: %2", role.role, why) : why;
}

} // namespace

std::vector<Sentence> coupleBreaks(const CoupleState& here, const CoupleState& wanted, const Sentence& name) {
    std::vector<Sentence> breaks;
    if (wanted.hold && here.hold && *wanted.hold != *here.hold)
        breaks.push_back(
            Core::sentence("%1 begins with %2; here it is %3", name, toString(*wanted.hold), toString(*here.hold)));
    if (wanted.position && here.position && *wanted.position != *here.position)
        breaks.push_back(
            Core::sentence("%1 begins %2; here it is %3", name, toString(*wanted.position), toString(*here.position)));
    if (wanted.feet && here.feet && *wanted.feet != *here.feet)
        breaks.push_back(Core::sentence("%1 begins with %2; here it is %3: one role alone changes feet", name,
                                        toString(*wanted.feet), toString(*here.feet)));
    return breaks;
}

bool Chain::whole() const {
    return std::all_of(joints.begin(), joints.end(), [](const Joint& joint) { return joint.breaks.empty(); });
}

Chain chainFigures(const std::vector<ChainLink>& links, Tick set) {
    Chain chain;
    std::vector<RoleAtJoint> roles;
    for (const std::string& name : rolesOf(links)) roles.push_back({name, Foot::Both, std::nullopt, false, {}});
    CoupleState couple;
    for (std::size_t i = 0; i < links.size(); ++i) {
        const FigureReading& figure = *links[i].figure;
        Joint joint{chain.length, musicCountIn(chain.length, set), {}, couple, {}};
        for (RoleAtJoint& role : roles) {
            const RoleReading* danced = roleOf(figure, role.role);
            role.needed = danced ? danced->needs : std::nullopt;
            role.broken =
                role.needed && *role.needed != Foot::Both && role.free != Foot::Both && *role.needed != role.free;
            if (role.broken) joint.breaks.push_back(needsOther(links[i].name, role, roles.size() > 1));
            joint.roles.push_back(role);
            if (!danced) continue;
            const Foot begins = role.free == Foot::Both ? role.needed.value_or(danced->freeIn)
                                : role.broken           ? *role.needed
                                                        : role.free;
            if (role.free == Foot::Both)
                joint.roles.back().free = begins; // nothing before it: the dance begins as it needs
            Foot free = begins;
            for (const FootedAction& done : followFeet(danced->line.actions, begins)) free = done.freeAfter;
            role.free = free;
            role.facing += danced->turn;
        }
        for (Sentence& broken :
             coupleBreaks(couple, said(figure, &RoleReading::coupleIn), Sentence::verbatim(links[i].name)))
            joint.breaks.push_back(std::move(broken));
        for (const MeetPoint& meet : figure.meetPoints)
            if (!meet.met && !meet.why.empty())
                joint.breaks.push_back(
                    Core::sentence("in %1, at %2: %3", links[i].name, AsCount{meet.at + counts(1)}, meet.why));
        couple = couple.then(said(figure, &RoleReading::coupleIn)).then(said(figure, &RoleReading::coupleOut));
        chain.joints.push_back(std::move(joint));
        chain.length += figure.length;
    }
    Joint end{chain.length, musicCountIn(chain.length, set), {}, couple, {}};
    for (RoleAtJoint& role : roles) {
        role.needed.reset();
        role.broken = false;
        end.roles.push_back(role);
    }
    chain.joints.push_back(std::move(end));
    return chain;
}

} // namespace lc
