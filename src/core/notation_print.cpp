#include "core/notation_print.h"

#include <algorithm>
#include <cstdlib>

namespace lc {

namespace {

std::string lengthSuffix(Tick length) { return ":" + toCountString(length); }

/// Words, foot and turn, each with a space before it. The turn comes last: the L or R after it is its direction.
std::string saidAfter(const Action& action) {
    std::string out;
    const bool plainWait = action.kind == ActionKind::Wait && action.words.empty();
    if (plainWait) out += " wait";
    else if (!action.words.empty()) out += " " + action.words;
    if (action.said) out += *action.said == Foot::Both ? " both" : " " + footLetter(*action.said);
    if (action.turn.value != 0) {
        const int eighths = std::abs(action.turn.value);
        const int over = eighths % 8 == 0 ? 1 : eighths % 4 == 0 ? 2 : eighths % 2 == 0 ? 4 : 8;
        out += " " + std::to_string(eighths * over / 8) + "/" + std::to_string(over) + (action.turn.value > 0 ? " R" : " L");
    }
    return out;
}

/// The line in numbers and letters; nothing where a moment has no letter.
class CountPrinter {
public:
    CountPrinter(const std::vector<Action>& actions, Tick length, Feel feel) : m_actions(actions), m_length(length), m_feel(feel) {}

    std::optional<std::string> print() {
        for (std::size_t i = 0; i < m_actions.size(); ++i) {
            const Action& a = m_actions[i];
            if (left(i)) continue;
            const auto label = labelOf(a);
            if (!label) return std::nullopt;
            if (!m_out.empty()) m_out += ' ';
            m_out += *label;
            if (a.end() != usualEnd(i)) m_out += lengthSuffix(a.length);
            m_out += saidAfter(a);
        }
        return m_out;
    }

private:
    bool isLetter(std::size_t i) const { return !isWhole(m_actions[i].at); }

    /// A wait that is understood without being written: a whole count between two numbers, or what a length leaves over.
    bool left(std::size_t i) const {
        const Action& a = m_actions[i];
        if (a.kind != ActionKind::Wait || !a.words.empty()) return false;
        if (a.end() == m_length) return false; // at the end it is written
        if (isLetter(i)) return i > 0 && m_actions[i - 1].at >= Tick{};
        if (a.length != counts(1)) return false;
        return i > 0 && !isLetter(i - 1) && m_actions[i - 1].end() == a.at && i + 1 < m_actions.size() && !isLetter(i + 1);
    }

    std::optional<std::string> labelOf(const Action& a) const {
        const std::int64_t whole = wholeCounts(a.at);
        const Tick part = a.at - counts(whole);
        if (part == Tick{}) return whole >= 0 ? std::optional(std::to_string(whole + 1)) : std::nullopt;
        if (whole < -1) return std::nullopt;
        for (char letter : {'&', 'a', 'e'})
            if (letterPlace(letter, m_feel) == part) return std::string(1, letter);
        return std::nullopt;
    }

    /// Where an action ends when nothing is said: with its count, or where the next one begins.
    Tick usualEnd(std::size_t i) const {
        Tick end = counts(wholeCounts(m_actions[i].at) + 1);
        for (std::size_t next = i + 1; next < m_actions.size(); ++next)
            if (!left(next)) return std::min(end, m_actions[next].at);
        return end;
    }

    const std::vector<Action>& m_actions;
    Tick m_length;
    Feel m_feel;
    std::string m_out;
};

/// The line in slow and quick, every other length said. It begins on count 1.
std::string slowQuickLine(const std::vector<Action>& actions, const NotationChoices& choices) {
    std::string out;
    for (const Action& a : actions) {
        if (a.at < Tick{}) continue;
        if (!out.empty()) out += ' ';
        out += a.length == choices.slow ? "S" : "Q";
        if (a.length != choices.slow && a.length != choices.quick) out += lengthSuffix(a.length);
        out += saidAfter(a);
    }
    return out;
}

} // namespace

bool sameDance(const NotationReading& a, const NotationReading& b) {
    const auto danced = [](const NotationReading& reading) {
        std::vector<Action> out;
        for (Action action : reading.actions) {
            if (action.kind == ActionKind::Wait && (action.words.empty() || action.words == "wait") && action.turn.value == 0) continue;
            action.label.clear();
            action.begin = action.finish = 0;
            out.push_back(std::move(action));
        }
        return out;
    };
    return !a.error && !b.error && a.length == b.length && danced(a) == danced(b);
}

std::string printNotation(const std::vector<Action>& actions, Tick length, const NotationChoices& choices) {
    NotationReading meant;
    meant.actions = actions;
    meant.length = length;
    const bool spoken = std::any_of(actions.begin(), actions.end(), [](const Action& a) { return a.label == "S" || a.label == "Q"; });
    auto inCounts = CountPrinter(actions, length, choices.feel).print();
    if (!spoken && inCounts && sameDance(readNotation(*inCounts, choices), meant)) return *inCounts;
    std::string inSlows = slowQuickLine(actions, choices);
    if (!inCounts || sameDance(readNotation(inSlows, choices), meant)) return inSlows;
    return *inCounts;
}

} // namespace lc
