#include "core/said/said_acts.h"

#include "core/notation/notation_moments.h"
#include "core/notation/notation_print.h"

#include <algorithm>
#include <array>
#include <numeric>

namespace lc::said {

namespace {

std::string joined(const std::vector<std::string>& words) {
    std::string out;
    for (const std::string& word : words) out += (out.empty() ? "" : " ") + word;
    return out;
}

std::string letterOf(Foot foot) { return foot == Foot::Left ? "L" : "R"; }

void add(std::string& body, const std::string& more) {
    if (!more.empty()) body += (body.empty() ? "" : " ") + more;
}

/// "1/2 L"; what is not said is asked.
std::string turnOf(const Chunk& c, Asker& asker) {
    std::int64_t turn = c.turn, over = c.over;
    std::optional<Foot> side = c.side;
    if (turn == 0) {
        static constexpr std::array<std::pair<std::int64_t, std::int64_t>, 4> sizes{{{1, 2}, {1, 4}, {1, 1}, {3, 4}}};
        const auto [t, o] = sizes[asker.ask(c.begin, c.finish, Core::sentence("How far is this turn?"),
                                            {Core::sentence("half"), Core::sentence("a quarter"),
                                             Core::sentence("once round"), Core::sentence("three quarters")})];
        turn = t;
        over = o;
    }
    if (!side)
        side = asker.ask(c.begin, c.finish, Core::sentence("Which way is this turn?"),
                         {Core::sentence("to the left"), Core::sentence("to the right")}) == 0
                   ? Foot::Left
                   : Foot::Right;
    const std::int64_t common = std::gcd(turn, over);
    const std::string size =
        turn == over ? "full" : std::to_string(turn / common) + "/" + std::to_string(over / common);
    return size + " " + letterOf(*side);
}

/// A figure's line with the direction that is said in the place of its own.
std::string lineOf(const Chunk& c, bool shorter, bool toSide = false) {
    const std::string_view line = shorter && !c.figure->shorter.empty() ? c.figure->shorter : c.figure->line;
    std::string out;
    for (std::size_t i = 0; i < line.size(); ++i) {
        if (line[i] != '*') {
            out += line[i];
            continue;
        }
        std::size_t end = i + 1;
        while (end < line.size() && line[end] != ' ') ++end;
        const std::string words = c.direction ? joined(c.words)
                                  : toSide    ? std::string("side")
                                              : std::string(line.substr(i + 1, end - i - 1));
        if (!words.empty() && !out.empty() && out.back() != ' ') out += ' ';
        out += words;
        i = end - 1;
    }
    return out;
}

Acts figureActs(const Chunk& c, const NotationChoices& choices, bool shorter, Asker& asker) {
    notation::Moments read = notation::readMoments(lineOf(c, shorter), choices);
    Acts out;
    std::size_t footed = 0;
    for (const notation::Moment& m : read.moments) footed += joined(m.words) != "wait";
    const std::size_t toSide =
        c.feet.size() == footed + 1 && footed > 1 ? 1 : 0; // "shuffle right R-L-R": the first says where to
    if (toSide > 0) read = notation::readMoments(lineOf(c, shorter, true), choices);
    if (c.feet.size() > 1 && c.feet.size() - toSide != footed)
        asker.refuse(c.begin, c.finish,
                     Core::sentence("%1 feet are said for %2 steps. Say the first foot alone, or all of them.",
                                    c.feet.size(), footed));
    std::size_t feet = toSide;
    for (const notation::Moment& m : read.moments) {
        Act act;
        act.at = m.at;
        act.label = isWhole(m.at) ? "" : m.label;
        act.body = joined(m.words);
        if (act.body != "wait" && feet < c.feet.size())
            add(act.body, letterOf(c.feet[feet++]));
        else if (m.foot && c.feet.empty())
            add(act.body, letterOf(*m.foot));
        if (m.turn != Eighths{}) add(act.body, turnInNotation(m.turn));
        if (c.turns && out.acts.size() == static_cast<std::size_t>(c.figure->turnAt)) add(act.body, turnOf(c, asker));
        if (out.acts.empty() && !c.direction) add(act.body, joined(c.words));
        act.begin = c.begin;
        act.finish = c.finish;
        out.acts.push_back(std::move(act));
    }
    if (!out.acts.empty()) {
        if (!c.beside.empty()) out.acts.front().body += " + " + c.beside;
        add(out.acts.front().body, c.own);
        out.length = counts(wholeCounts(out.acts.back().at) + 1);
    }
    if (c.turns) asker.note(c.begin, c.finish, Core::sentence("The turn is read on step %1.", c.figure->turnAt + 1));
    return out;
}

} // namespace

Acts actsOf(const Chunk& c, const NotationChoices& choices, bool shorter, Asker& asker) {
    if (c.kind == Chunk::Kind::Figure) return figureActs(c, choices, shorter || c.shorter, asker);
    Act act;
    act.begin = c.begin;
    act.finish = c.finish;
    act.body = c.kind == Chunk::Kind::Hold ? "wait" : joined(c.words);
    if (!c.feet.empty()) add(act.body, letterOf(c.feet.front()));
    const bool pivots = std::any_of(c.words.begin(), c.words.end(),
                                    [](const std::string& w) { return w == "pivot" || w == "unwind" || w == "spin"; });
    if (c.turns || pivots) add(act.body, turnOf(c, asker));
    if (!c.beside.empty()) act.body += " + " + c.beside;
    add(act.body, c.own);
    return {{std::move(act)}, counts(1)};
}

Acts actsOf(const std::vector<Chunk>& chunks, const NotationChoices& choices, bool shorter, Asker& asker) {
    Acts out;
    for (const Chunk& chunk : chunks) {
        Acts of = actsOf(chunk, choices, shorter, asker);
        const auto half = letterPlace('&', choices);
        if (chunk.onAnd && half && of.acts.size() == 1 && !out.acts.empty() && isWhole(out.acts.back().at) &&
            out.length == out.acts.back().at + counts(1)) {
            of.acts.front().at = out.acts.back().at + *half;
            of.acts.front().label = "&";
            out.acts.push_back(std::move(of.acts.front()));
            continue;
        }
        for (Act& act : of.acts) {
            act.at += out.length;
            out.acts.push_back(std::move(act));
        }
        out.length += of.length;
    }
    return out;
}

} // namespace lc::said
