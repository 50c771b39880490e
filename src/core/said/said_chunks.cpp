#include "core/said/said_parter.h"

#include <utility>

namespace lc::said {

namespace {

constexpr std::array<std::string_view, 7> travelling{"rock",  "step",  "walk", "run",
                                                     "lunge", "press", "slide"}; // a direction may stand before them
bool lifts(std::string_view word) {
    const StepWord* known = stepWord(word);
    return known && known->lifts;
}
bool swings(std::string_view word) {
    const StepWord* known = stepWord(word);
    return known && known->swings;
}

Foot footOf(const SaidToken& t) { return t.text == "L" ? Foot::Left : Foot::Right; }

} // namespace

Chunks Parter::run() {
    for (m_at = 0; m_at < m_tokens.size(); ++m_at) take(m_tokens[m_at]);
    close();
    return std::move(m_out);
}

Chunk& Parter::begin(const SaidToken& t, Chunk::Kind kind) {
    close();
    m_now = Chunk{};
    m_now->kind = kind;
    m_now->onAnd = std::exchange(m_onAnd, false);
    m_now->begin = t.begin;
    m_now->finish = t.finish;
    return *m_now;
}

void Parter::close() {
    if (!m_now) return;
    Chunk& c = *m_now;
    c.footOnly = c.kind == Chunk::Kind::Step && c.words.empty() && !c.feet.empty() && !c.turns;
    if (!m_out.chunks.empty()) goesOn(m_out.chunks.back(), c);
    if (c.kind == Chunk::Kind::Step && !c.verb && !c.direction && !c.footOnly && c.turns)
        c.kind = Chunk::Kind::Turn;
    else if (c.kind == Chunk::Kind::Step && !c.verb && !c.direction && !c.footOnly)
        onlyHow(c);
    if (!m_out.chunks.empty()) {
        endsFigure(m_out.chunks.back(), c);
        goesOnTouching(m_out.chunks.back(), c, m_asker);
    }
    m_out.chunks.push_back(std::move(c));
    m_now.reset();
}

void Parter::onlyHow(Chunk& c) {
    const bool weight =
        m_asker.ask(
            c.begin, c.finish,
            Core::sentence("“%1” says how something is danced, not what. Is it a touch or a step?", c.words.front()),
            {Core::sentence("a touch, without weight"), Core::sentence("a step, with weight")}) == 1;
    c.words.insert(c.words.begin(), weight ? "step" : "touch");
    c.verb = true;
}

void Parter::take(const SaidToken& t) {
    switch (t.kind) {
    case TokenKind::Break:
        close();
        m_group = m_out.chunks.size();
        m_reference = false;
        m_weight = nullptr;
        return;
    case TokenKind::Colon: heading(); return;
    case TokenKind::Clock: return;
    case TokenKind::Remark: remark(t); return;
    case TokenKind::Own:
        if (open()) {
            m_now->own += (m_now->own.empty() ? "" : " ") + t.text;
            m_now->finish = t.finish;
        } else if (!m_out.chunks.empty())
            m_out.chunks.back().own += (m_out.chunks.back().own.empty() ? "" : " ") + t.text;
        return;
    case TokenKind::Dash: close(); return; // "L-R-L"
    case TokenKind::Unknown: unknown(t); return;
    case TokenKind::OwnOnly:
    case TokenKind::Silent: return; // never among the words
    case TokenKind::Known: break;
    }
    known(t);
    if (open() && t.sense != Sense::Filler) m_now->finish = std::max(m_now->finish, t.finish);
}

void Parter::known(const SaidToken& t) {
    switch (t.sense) {
    case Sense::Foot: foot(t); break;
    case Sense::Side:
        if (open() && m_now->kind == Chunk::Kind::Step && !m_now->feet.empty() && !(m_now->turns && !m_now->side)) {
            if (!m_now->direction) m_now->words.push_back("side");
            m_now->direction = true;
        } else
            foot(t);
        break;
    case Sense::Step: step(t); break;
    case Sense::Direction: direction(t); break;
    case Sense::Manner: manner(t); break;
    case Sense::Gesture: gesture(t); break;
    case Sense::Hold:
        begin(t, Chunk::Kind::Hold);
        close();
        break;
    case Sense::Figure: figure(t, knownFigures()[static_cast<std::size_t>(t.value)]); break;
    case Sense::Own: ownWord(t); break;
    case Sense::Fraction: fraction(t); break;
    case Sense::Turning: turning(t); break;
    case Sense::And: conjunction(t); break;
    case Sense::Slow:
    case Sense::Quick: break; // among counts they only say how
    case Sense::Reference: m_reference = true; break;
    case Sense::Filler:
        if (t.text == "weight" || t.text == "gewicht" || t.text == "poids" || t.text == "peso") m_weight = &t;
        m_with = t.text == "with" || t.text == "mit" || t.text == "avec" || t.text == "con";
        return;
    case Sense::Letter: conjunction(t); break;
    case Sense::Count:
    case Sense::Times:
    case Sense::Repeat:
    case Sense::OtherFoot: break; // the reader's own
    }
    m_with = false;
}

void Parter::foot(const SaidToken& t) {
    if (m_weight) { // "weight on left"
        m_out.weights.push_back({footOf(t), m_weight->begin, t.finish});
        m_weight = nullptr;
        return;
    }
    if (open() && m_now->turns && !m_now->side) {
        m_now->side = footOf(t);
        return;
    }
    if (m_reference && open()) {
        m_reference = false;
        return;
    } // "next to L"
    if (open() && m_now->kind == Chunk::Kind::Figure) {
        m_now->feet.push_back(footOf(t));
        return;
    }
    if (open() && m_now->kind == Chunk::Kind::Step && m_now->feet.empty() && !(m_now->turns && m_now->words.empty())) {
        m_now->feet.push_back(footOf(t));
        return;
    }
    const SaidToken* before = m_at > 0 ? &m_tokens[m_at - 1] : nullptr;
    if (open() && before && before->is(Sense::Direction) && !m_now->feet.empty())
        return; // "cross L behind R": where the other stands
    if (open() && before && before->is(Sense::Manner) && before->text == "over" && !m_now->feet.empty()) return;
    begin(t).feet.push_back(footOf(t));
}

void Parter::step(const SaidToken& t) {
    const bool joins = open() && m_now->kind == Chunk::Kind::Step && !m_now->verb && joinsStep(t);
    Chunk& c = joins ? *m_now : begin(t);
    c.leading = joins && c.direction;
    c.words.push_back(t.text);
    c.verb = true;
}

bool Parter::joinsStep(const SaidToken& t) {
    const Chunk& c = *m_now;
    if (c.turns && c.words.empty()) return true;
    if (c.direction) {
        if (c.words.size() == 1 && in(closings, c.words.front())) return false;
        if (swings(t.text) && c.feet.empty() && (c.words.back() == "forward" || c.words.back() == "back"))
            return m_asker.ask(
                       m_now->begin, t.finish,
                       Core::sentence("“%1 %2” can be one step or two. Which is meant?", c.words.back(), t.text),
                       {Core::sentence("one: %1 %2", t.text, c.words.back()),
                        Core::sentence("two: %1, then %2", c.words.back(), t.text)}) == 0;
        if (!in(travelling, t.text)) return false;
        if (t.text == "rock" || (t.text == "step" && endsGroup())) return true;
        return m_asker.ask(c.begin, t.finish,
                           Core::sentence("“%1 %2” can be one step or two. Which is meant?", c.words.back(), t.text),
                           {Core::sentence("one: %1 %2", t.text, c.words.back()),
                            Core::sentence("two: %1, then %2", c.words.back(), t.text)}) == 0;
    }
    if (!c.feet.empty() && c.words.empty()) {                                    // a foot, then a step
        if (!m_out.chunks.empty() && m_out.chunks.back().footOnly) return false; // "left right left touch"
        if (noWeight(t.text))
            return m_asker.ask(c.begin, t.finish,
                               Core::sentence("A foot and “%1” can be one step or two. Which is meant?", t.text),
                               {Core::sentence("one: a %1 of that foot", t.text),
                                Core::sentence("two: a step, then a %1", t.text)}) == 0;
        return true;
    }
    if (t.text == "point" && (c.words.back() == "heel" || c.words.back() == "toe")) return false;
    return !c.words.empty(); // "small step", "heel touch"
}

bool Parter::endsGroup() const {
    std::size_t ahead = 1;
    while (next(ahead) && next(ahead)->is(Sense::Foot)) ++ahead;
    return !next(ahead) || next(ahead)->kind == TokenKind::Break;
}

bool Parter::splitsBefore(const SaidToken& t) {
    Chunk& c = *m_now;
    if (!c.leading || c.words.empty()) return false;
    const std::string first = c.words.front();
    if (m_asker.ask(c.begin, t.finish, Core::sentence("Where does “%1” belong?", first),
                    {Core::sentence("it is a step of its own"), Core::sentence("it goes with what follows it")}) == 1)
        return false;
    Chunk lead;
    lead.words = {first};
    lead.feet = std::exchange(c.feet, {});
    lead.direction = true;
    lead.begin = c.begin;
    lead.finish = c.begin + first.size();
    lead.onAnd = std::exchange(c.onAnd, false);
    c.words.erase(c.words.begin());
    c.begin = lead.finish;
    c.direction = false;
    c.leading = false;
    Chunk rest = std::move(*m_now);
    m_now = std::move(lead);
    close();
    m_now = std::move(rest);
    return true;
}

void Parter::direction(const SaidToken& t) {
    if (open() && (m_now->verb || m_now->kind == Chunk::Kind::Figure)) splitsBefore(t);
    const SaidToken* after = next();
    const bool footFollows = after && after->is(Sense::Foot);
    if (open() && m_now->kind == Chunk::Kind::Figure && !m_now->direction &&
        m_now->figure->line.find('*') != std::string_view::npos) {
        m_now->words.push_back(t.text);
        m_now->direction = true;
        return;
    }
    bool joins = false;
    if (open() && m_now->kind == Chunk::Kind::Step) {
        Chunk& c = *m_now;
        if (c.verb && t.text == "cross" && lifts(c.words.back()))
            joins = false; // "scuff hitch cross touch"
        else if (c.verb && !c.direction && besideATouch(t))
            joins = false;
        else if (c.verb && !c.direction)
            joins = (c.feet.empty() || !footFollows || refers(t)) && !closesAfterStep(t);
        else if (c.verb)
            joins = c.words.back() == "diagonal" || crossesInto(t);
        else if (c.direction)
            joins = c.words.back() == "diagonal" || crossesInto(t) || (!c.feet.empty() && footFollows && refers(t));
        else if (!c.feet.empty() && c.words.empty())
            joins = (m_out.chunks.empty() || !m_out.chunks.back().footOnly) && !stepsThenCloses(t);
        else
            joins = true;
    }
    Chunk& c = joins ? *m_now : begin(t);
    c.words.push_back(t.text);
    c.direction = true;
}

bool Parter::crossesInto(const SaidToken& t) {
    if (m_now->words.back() != "cross" || in(closings, t.text) || t.text == "side" || t.text == "out" ||
        t.text == "in" || t.text == "cross")
        return false; // "cross side behind"
    if (t.text != "back" && t.text != "forward") return true;
    return m_asker.ask(
               m_now->begin, t.finish, Core::sentence("“cross %1” can be one step or two. Which is meant?", t.text),
               {Core::sentence("two: a cross, then %1", t.text), Core::sentence("one: a cross %1", t.text)}) == 1;
}

bool Parter::stepsThenCloses(const SaidToken& t) {
    if (!in(closings, t.text) || t.text == "in place" || t.text == "place" || m_rhythm.size() == 1) return false;
    const bool before = m_at < 2 || m_tokens[m_at - 2].kind == TokenKind::Break,
               behind = !next() || next()->kind == TokenKind::Break;
    if ((before && behind) || (next() && next()->is(Sense::Foot) && footOf(*next()) != m_now->feet.front()))
        return false; // "side R, L close, side R"; the foot that closes is said behind it
    const std::string side = m_now->feet.front() == Foot::Left ? "left" : "right";
    if (m_asker.ask(m_now->begin, t.finish,
                    Core::sentence("“%1 %2” can be one step or two. Which is meant?", side, t.text),
                    {Core::sentence("two: a step to the %1, then %2", side, t.text),
                     Core::sentence("one: the %1 foot closes", side)}) == 1)
        return false;
    m_now->words = {"side"};
    m_now->direction = true;
    return true;
}

bool Parter::besideATouch(const SaidToken& t) {
    const Chunk& c = *m_now;
    if (!c.feet.empty() || !noWeight(c.words.back()) || (t.text != "side" && t.text != "forward" && t.text != "back") ||
        m_out.chunks.size() <= m_group)
        return false;
    const bool alternates = m_out.chunks.back().direction && !m_out.chunks.back().verb;
    const Sentence one = Core::sentence("one: a %1 %2", c.words.back(), t.text),
                   two = Core::sentence("two: a %1, then %2", c.words.back(), t.text);
    const auto pick = m_asker.ask(
        c.begin, t.finish, Core::sentence("“%1 %2” can be one step or two. Which is meant?", c.words.back(), t.text),
        alternates ? std::vector{two, one} : std::vector{one, two});
    return (pick == 0) == alternates;
}

bool Parter::closesAfterStep(const SaidToken& t) {
    if (!in(closings, t.text) || t.text == "in place" || t.text == "place") return false;
    if (m_now->words.back() != "step" || !m_now->feet.empty()) return false;
    return m_asker.ask(
               m_now->begin, t.finish, Core::sentence("“step %1” can be one step or two. Which is meant?", t.text),
               {Core::sentence("two: a step, then %1", t.text), Core::sentence("one: the step that closes")}) == 0;
}

void Parter::manner(const SaidToken& t) {
    const bool another = open() && m_now->kind == Chunk::Kind::Step && !m_now->verb && !m_now->direction &&
                         !m_now->words.empty(); // "heel toe heel toe"
    if (!open() || another || (m_now->kind != Chunk::Kind::Step && m_now->kind != Chunk::Kind::Figure)) begin(t);
    m_now->words.push_back(t.text);
}

void Parter::gesture(const SaidToken& t) {
    if (m_with && open()) {
        m_now->beside += (m_now->beside.empty() ? "" : " ") + t.text;
        return;
    }
    begin(t, Chunk::Kind::Gesture).words.push_back(t.text);
}

void Parter::fraction(const SaidToken& t) {
    if (!open()) begin(t);
    m_now->turn = t.value;
    m_now->over = t.over;
    if (!m_now->turns) m_now->side.reset(); // "turn left 1/2": the side is said already
    m_now->turns = true;
}

void Parter::turning(const SaidToken& t) {
    if (!open()) begin(t);
    if (!m_now->turns) m_now->side.reset();
    m_now->turns = true;
}

void Parter::conjunction(const SaidToken& t) {
    const SaidToken* after = next();
    if (after && after->is(Sense::Gesture) && (open() || !m_out.chunks.empty())) { // "touch and clap"
        m_with = true;
        return;
    }
    const bool half =
        m_asker.ask(t.begin, t.finish, Core::sentence("Does “and” join two steps, or is it a half count?"),
                    {Core::sentence("it only joins them"),
                     Core::sentence("the step after it is danced on the half count")}) == 1;
    close();
    m_onAnd = half;
}

void Parter::heading() {
    if (open() && m_now->kind == Chunk::Kind::Figure && next() && m_out.chunks.size() == m_group)
        m_now.reset();
    else
        close();
    m_group = m_out.chunks.size();
}

void Parter::remark(const SaidToken& t) {
    const std::string words = small(t.text);
    const bool weight = words.find("weight") != std::string::npos || words.find("gewicht") != std::string::npos ||
                        words.find("poids") != std::string::npos || words.find("peso") != std::string::npos;
    if (!weight) return;
    for (const SaidToken& inside : saidTokens(t.text))
        if (inside.is(Sense::Foot)) {
            m_out.weights.push_back({footOf(inside), t.begin, t.finish});
            return;
        }
}

void endsFigure(Chunk& figure, const Chunk& next) {
    if (figure.kind != Chunk::Kind::Figure || next.kind != Chunk::Kind::Step || next.words.empty()) return;
    if (figure.figure->shorter.empty() || figure.figure->line.find("touch") == std::string_view::npos) return;
    if (noWeight(next.words.front()) || in(closings, next.words.front())) figure.shorter = true;
}

void goesOn(const Chunk& before, Chunk& next) {
    if (!next.footOnly || before.kind != Chunk::Kind::Step || before.turns || before.words.empty()) return;
    if (!before.verb && before.words.front() != "forward" && before.words.front() != "back")
        return; // "side left, right" is to either side
    next.words = before.words;
    next.verb = before.verb;
    next.direction = before.direction;
    next.footOnly = false;
}

void goesOnTouching(const Chunk& before, Chunk& next, Asker& asker) {
    if (before.kind != Chunk::Kind::Step || !before.verb || !before.direction || before.words.empty() ||
        !noWeight(before.words.front()))
        return;
    if (next.kind != Chunk::Kind::Step || next.verb || !next.direction || next.turns || !next.feet.empty() ||
        in(closings, next.words.front()))
        return;
    const std::string& verb = before.words.front();
    if (asker.ask(next.begin, next.finish, Core::sentence("Is this another %1, or a step?", verb),
                  {Core::sentence("a %1 %2", verb, next.words.front()),
                   Core::sentence("a step %1", next.words.front())}) == 1)
        return;
    next.words.insert(next.words.begin(), verb);
    next.verb = true;
}

Chunks chunksOf(std::span<const SaidToken> tokens, Asker& asker, const std::vector<std::string>& rhythm) {
    return Parter(tokens, asker, rhythm).run();
}

} // namespace lc::said
