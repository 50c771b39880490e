#include "core/figures/figure_reading.h"

#include "core/notation/step_words.h"
#include "core/said/steps_reader.h"
#include "core/said/word_meaning.h"

#include <algorithm>
#include <set>

namespace lc {

namespace {

RoleReading readRole(const FigureLine& line, const NotationChoices& choices) {
    RoleReading role;
    role.role = line.role;
    role.text = line.text;
    StepsReading read = readSteps(line.text, choices);
    role.line = std::move(read.reading);
    role.notation = std::move(read.line);
    role.needs = footNeeded(role.line.actions);
    role.changes = weightChanges(role.line.actions);
    role.coupleIn = role.coupleOut = role.line.couple;
    for (const Action& action : role.line.actions) {
        role.turn += action.turn;
        role.coupleOut = role.coupleOut.then(action.couple);
    }
    return role;
}

void follow(RoleReading& role, Foot free) {
    role.freeIn = free;
    role.feet = followFeet(role.line.actions, free);
    role.freeOut = role.feet.empty() ? free : role.feet.back().freeAfter;
}

std::optional<FootRelation> relationAt(const RoleReading& first, const RoleReading& second, Tick at) {
    CoupleState state = coupleAt(first, at);
    if (!state.feet) state.feet = coupleAt(second, at).feet;
    return state.feet;
}

MeetPoint meetAt(const RoleReading& first, const RoleReading& second, Tick at) {
    MeetPoint point{at, true, {}};
    const auto fail = [&](Sentence why) {
        point.met = false;
        point.why = std::move(why);
    };
    const Foot a = freeFootAt(first, at);
    const Foot b = freeFootAt(second, at);
    if (a == Foot::Both || b == Foot::Both) return point;
    const auto relation = relationAt(first, second, at);
    if (relation == FootRelation::Same && a != b)
        fail(Core::sentence("they should be on the same foot, but %1 has the %2 free and %3 the %4", first.role,
                            footWord(a), second.role, footWord(b)));
    if (relation == FootRelation::Opposite && a == b)
        fail(Core::sentence("they should be on opposite feet, but both have the %1 free", footWord(a)));
    return point;
}

} // namespace

bool FigureReading::readable() const {
    return std::none_of(roles.begin(), roles.end(),
                        [](const RoleReading& role) { return role.line.error.has_value(); });
}

Foot freeFootAt(const RoleReading& role, Tick at) {
    Foot free = role.freeIn;
    for (std::size_t i = 0; i < role.line.actions.size() && role.line.actions[i].at < at; ++i)
        free = role.feet[i].freeAfter;
    return free;
}

CoupleState coupleAt(const RoleReading& role, Tick at) {
    CoupleState state = role.coupleIn;
    for (const Action& action : role.line.actions)
        if (action.at < at) state = state.then(action.couple);
    return state;
}

FigureReading readFigureLines(const std::vector<FigureLine>& lines, const NotationChoices& choices, Foot free) {
    FigureReading out;
    out.choices = choices;
    for (const FigureLine& line : lines) out.roles.push_back(readRole(line, choices));
    if (out.roles.empty()) return out;

    RoleReading& leader = out.roles.front();
    follow(leader, leader.needs.value_or(free));
    for (std::size_t r = 1; r < out.roles.size(); ++r) {
        const auto relation = relationAt(leader, out.roles[r], Tick{});
        const Foot answering = relation == FootRelation::Same ? leader.freeIn : otherFoot(leader.freeIn);
        follow(out.roles[r], out.roles[r].needs.value_or(answering));
    }
    std::set<Tick> meets;
    for (const RoleReading& role : out.roles) {
        out.length = std::max(out.length, role.line.length);
        out.unfinished = out.unfinished || role.line.unfinished;
        for (const Action& action : role.line.actions) {
            out.untimed = out.untimed || action.kind == ActionKind::Untimed;
            if (meaningOf(action.words).meets) meets.insert(action.at);
        }
    }
    std::set<std::string_view> codes;
    for (const RoleReading& role : out.roles)
        for (const CareMark& mark : careFor(role.line.actions, role.coupleIn)) codes.insert(mark.code);
    for (const CareMark& mark : allCareMarks())
        if (codes.count(mark.code)) out.care.push_back(mark);

    if (out.roles.size() < 2 || !out.readable()) return out;
    Tick shortest = out.length;
    for (const RoleReading& role : out.roles) shortest = std::min(shortest, role.line.length);
    meets.insert(shortest);
    for (const Tick at : meets) {
        MeetPoint point = meetAt(out.roles[0], out.roles[1], at);
        for (std::size_t r = 2; r < out.roles.size() && point.met; ++r) point = meetAt(out.roles[0], out.roles[r], at);
        if (at == shortest)
            for (const RoleReading& role : out.roles)
                if (role.line.length != shortest) {
                    point.met = false;
                    point.why =
                        Core::sentence("%1 goes on for %2 more", role.role, inCounts(role.line.length - shortest));
                }
        out.meetPoints.push_back(std::move(point));
    }
    return out;
}

FigureReading readFigure(const FigureCard& card, const NotationChoices& choices, Foot free) {
    return readFigureLines(card.lines, choicesFor(card.facts.choices, choices), free);
}

std::string feetInWords(const RoleReading& role) {
    if (role.needs || role.changes % 2 == 0 || role.freeOut == Foot::Both) {
        const std::string in = role.needs ? freeFootInWords(*role.needs) : "either";
        if (!role.needs && role.freeOut == role.freeIn) return "either, the same";
        return in + " to " + freeFootInWords(role.freeOut);
    }
    return "either, then the other";
}

} // namespace lc
