#include "core/notation/notation_print.h"

#include <algorithm>
#include <cstdlib>

namespace lc {

namespace {

std::string lengthSuffix(Tick length) { return ":" + toCountString(length); }

/// Everything about a moment but its count and length, each with a space before it. The turn comes after the foot: the
/// L or R behind it is its direction; what goes on beside the feet comes last, for it takes all words that follow.
std::string saidAfter(const Action& action) {
    std::string out;
    const bool plainWait = action.kind == ActionKind::Wait && action.words.empty();
    if (plainWait)
        out += " wait";
    else if (!action.words.empty())
        out += " " + action.words;
    if (action.said) out += *action.said == Foot::Both ? " both" : " " + footLetter(*action.said);
    if (action.accent) out += "!";
    if (!action.cue.empty())
        out += action.cue.find('"') == std::string::npos ? " \"" + action.cue + "\"" : " “" + action.cue + "”";
    if (!action.toward.empty()) out += " @" + action.toward;
    if (!action.couple.empty()) out += " [" + toString(action.couple) + "]";
    for (const std::string& mark : action.care) out += " #" + mark;
    if (action.orbit.value != 0) {
        out += std::string(" round ") + (action.roundMiddle ? "middle " : "") + turnInNotation(action.orbit);
        if (action.orbitLength > Tick{}) out += lengthSuffix(action.orbitLength);
    }
    if (action.turn.value != 0) {
        out += " " + turnInNotation(action.turn);
        if (action.turnLength > Tick{}) out += lengthSuffix(action.turnLength);
    }
    if (!action.beside.empty()) out += " + " + action.beside;
    return out;
}

/// A wait that says nothing besides.
bool isBareWait(const Action& a) {
    return a.kind == ActionKind::Wait && a.words.empty() && a.turn.value == 0 && a.orbit.value == 0 && !a.accent &&
           a.cue.empty() && a.beside.empty() && a.toward.empty() && a.couple.empty() && a.care.empty();
}

/// The line in numbers and letters; nothing where a moment has no letter.
class CountPrinter {
public:
    CountPrinter(const std::vector<Action>& actions, Tick length, const NotationChoices& choices)
        : m_actions(actions), m_length(length), m_choices(choices) {}

    std::optional<std::string> print() {
        for (std::size_t i = 0; i < m_actions.size(); ++i) {
            const Action& a = m_actions[i];
            if (left(i)) continue;
            if (const std::size_t parts = partsFrom(i)) {
                braces(i, parts);
                i += parts - 1;
                continue;
            }
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

    /// A wait that is understood without being written: a whole count between two numbers, or what a length leaves
    /// over.
    bool left(std::size_t i) const {
        const Action& a = m_actions[i];
        if (!isBareWait(a)) return false;
        if (a.end() == m_length) return false; // at the end it is written
        if (isLetter(i)) return i > 0 && m_actions[i - 1].at >= Tick{};
        if (a.length != counts(1)) return false;
        return i > 0 && !isLetter(i - 1) && m_actions[i - 1].end() == a.at && i + 1 < m_actions.size() &&
               !isLetter(i + 1);
    }

    /// How many actions from here divide one to four counts evenly, where letters cannot say so; 0 for none.
    std::size_t partsFrom(std::size_t i) const {
        const Action& first = m_actions[i];
        if (!isWhole(first.at) || first.at < Tick{} || isWhole(first.length)) return 0;
        bool lettered = true; // each has a letter in a count that is said by number
        Tick said = first.at;
        for (std::size_t n = 1; i + n <= m_actions.size() && n <= 32; ++n) {
            const Action& last = m_actions[i + n - 1];
            if (last.length != first.length || last.at != first.at + first.length * static_cast<std::int64_t>(n - 1))
                return 0;
            if (isWhole(last.at)) said = last.at;
            lettered = lettered && labelOf(last) && wholeCounts(last.at) == wholeCounts(said);
            if (isWhole(last.end())) return !lettered && n >= 2 && last.end() - first.at <= counts(4) ? n : 0;
        }
        return 0;
    }

    void braces(std::size_t i, std::size_t parts) {
        const Action& first = m_actions[i];
        const std::int64_t span = wholeCounts(m_actions[i + parts - 1].end() - first.at);
        if (!m_out.empty()) m_out += ' ';
        m_out += std::to_string(wholeCounts(first.at) + 1);
        if (span > 1) m_out += lengthSuffix(counts(span));
        m_out += '{';
        for (std::size_t k = i; k < i + parts; ++k) {
            const std::string said = saidAfter(m_actions[k]);
            if (k > i) m_out += ',';
            m_out += k == i && !said.empty() && said[0] == ' ' ? said.substr(1) : said;
        }
        m_out += '}';
    }

    std::optional<std::string> labelOf(const Action& a) const {
        const std::int64_t whole = wholeCounts(a.at);
        const Tick part = a.at - counts(whole);
        if (part == Tick{}) return whole >= 0 ? std::optional(std::to_string(whole + 1)) : std::nullopt;
        if (whole < -1) return std::nullopt;
        for (char letter : {'&', 'a', 'e'})
            if (letterPlace(letter, m_choices) == part) return std::string(1, letter);
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
    const NotationChoices& m_choices;
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

std::string turnInNotation(Eighths turn) {
    const int eighths = std::abs(turn.value);
    const int over = eighths % 8 == 0 ? 1 : eighths % 4 == 0 ? 2 : eighths % 2 == 0 ? 4 : 8;
    return std::to_string(eighths * over / 8) + "/" + std::to_string(over) + (turn.value > 0 ? " R" : " L");
}

bool sameDance(const NotationReading& a, const NotationReading& b) {
    const auto danced = [](const NotationReading& reading) {
        std::vector<Action> out;
        for (Action action : reading.actions) {
            if (action.words == "wait") action.words.clear();
            if (isBareWait(action)) continue;
            action.label.clear();
            action.begin = action.finish = 0;
            out.push_back(std::move(action));
        }
        return out;
    };
    return !a.error && !b.error && a.length == b.length && a.couple == b.couple && a.unfinished == b.unfinished &&
           danced(a) == danced(b);
}

std::string printNotation(const NotationReading& meant, const NotationChoices& choices) {
    const std::string before = meant.couple.empty() ? "" : "[" + toString(meant.couple) + "] ";
    const auto whole = [&](const std::string& line) { return before + line + (meant.unfinished ? " …" : ""); };
    const bool spoken = std::any_of(meant.actions.begin(), meant.actions.end(),
                                    [](const Action& a) { return a.label == "S" || a.label == "Q"; });
    auto inCounts = CountPrinter(meant.actions, meant.length, choices).print();
    if (!spoken && inCounts && sameDance(readNotation(whole(*inCounts), choices), meant)) return whole(*inCounts);
    std::string inSlows = slowQuickLine(meant.actions, choices);
    if (!inCounts || sameDance(readNotation(whole(inSlows), choices), meant)) return whole(inSlows);
    return whole(*inCounts);
}

std::string printNotation(const std::vector<Action>& actions, Tick length, const NotationChoices& choices) {
    NotationReading meant;
    meant.actions = actions;
    meant.length = length;
    return printNotation(meant, choices);
}

} // namespace lc
