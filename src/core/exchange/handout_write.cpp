#include "core/exchange/handout_write.h"

#include "core/base/number_words.h"
#include "core/exchange/handout_line.h"
#include "core/landing/findings.h"
#include "core/notation/notation_lexer.h"
#include "core/notation/notation_print.h"
#include "core/reports/sheet_header.h"
#include "core/routine/part_reading.h"
#include "core/said/steps_reader.h"

#include <algorithm>

namespace lc {

namespace {

constexpr std::int64_t countsOfLine = 8;
constexpr std::array<const char*, 16> numbers{"one",      "two",      "three",   "four",   "five",   "six",
                                              "seven",    "eight",    "nine",    "ten",    "eleven", "twelve",
                                              "thirteen", "fourteen", "fifteen", "sixteen"};

/// What one role does in one figure, from count 1.
struct Stretch {
    std::vector<Action> actions;
    Tick length;
};

using Lines = std::vector<std::string>;

std::string joined(const Lines& lines) {
    std::string out;
    for (const std::string& line : lines) out += (out.empty() ? "" : ", ") + line;
    return out;
}

/// A line in the notation, divided where a set begins.
Lines inNotation(const Stretch& section, const NotationChoices& choices) {
    const std::string line = printNotation(section.actions, section.length, choices);
    Lines out;
    std::size_t from = 0;
    for (const notation::Token& t : notation::tokens(line)) {
        if (t.kind != notation::TokenKind::Number || t.value <= 1 || t.value % countsOfLine != 1 || t.begin == from)
            continue;
        out.push_back(line.substr(from, t.begin - from - 1));
        from = t.begin;
    }
    out.push_back(line.substr(from));
    return out;
}

/// What is danced at a moment; nothing where a hand-out has no words for it.
std::optional<std::string> bodyOf(const Action& a, bool spelled) {
    if (a.isRun() || a.orbit != Eighths{} || a.turnLength > Tick{} || a.accent || !a.cue.empty() || !a.beside.empty() ||
        !a.toward.empty() || !a.couple.empty() || !a.care.empty() || a.said == Foot::Both)
        return std::nullopt;
    if (a.kind == ActionKind::Wait) return "hold";
    std::string out = a.words.empty() ? "step" : a.words;
    const auto foot = [&](bool left) { return spelled ? (left ? " left" : " right") : (left ? " L" : " R"); };
    if (a.said) out += foot(*a.said == Foot::Left);
    if (a.turn != Eighths{})
        out += " turn " + turnInNotation(a.turn).substr(0, turnInNotation(a.turn).find(' ')) + foot(a.turn.value < 0);
    return out;
}

/// A whole count, and the moments inside it.
struct Beat {
    std::string label; ///< "3", "3&", "3&a"
    std::int64_t count = 0;
    std::vector<std::string> bodies;
};

/// The section by its counts; nothing where it has moments that letters do not say, or steps longer than a count that
/// no wait can stand for.
std::optional<std::vector<Beat>> beatsOf(const Stretch& section, const NotationChoices& choices, bool spelled) {
    std::vector<Beat> out;
    for (std::int64_t n = 1; n <= wholeCounts(section.length); ++n) out.push_back({std::to_string(n), n, {}});
    if (!isWhole(section.length) || out.empty()) return std::nullopt;
    for (const Action& a : section.actions) {
        const std::int64_t whole = wholeCounts(a.at);
        if (a.at < Tick{} || whole >= static_cast<std::int64_t>(out.size())) return std::nullopt;
        Beat& beat = out[static_cast<std::size_t>(whole)];
        const Tick part = a.at - counts(whole);
        const auto body = bodyOf(a, spelled);
        if (!body) return std::nullopt;
        if (part > Tick{}) {
            if (a.kind == ActionKind::Wait) continue; // the rest of a count
            if (beat.bodies.empty()) return std::nullopt;
            const char letter = letterPlace('&', choices) == part   ? '&'
                                : letterPlace('a', choices) == part ? 'a'
                                : letterPlace('e', choices) == part ? 'e'
                                                                    : ' ';
            if (letter == ' ') return std::nullopt;
            beat.label += letter;
        }
        beat.bodies.push_back(*body);
    }
    for (Beat& beat : out)
        if (beat.bodies.empty()) beat.bodies.emplace_back("hold"); // a longer step goes on
    return out;
}

/// "1-4 side R, behind, side, touch" and "5&6 side, close, side": counts of one kind together.
std::optional<Lines> inRanges(const Stretch& section, const NotationChoices& choices) {
    const auto beats = beatsOf(section, choices, false);
    if (!beats) return std::nullopt;
    Lines out;
    for (std::size_t i = 0; i < beats->size();) {
        std::size_t end = i + 1;
        std::string label;
        const auto letters = [&](std::size_t k) { return (*beats)[k].bodies.size() > 1; };
        if (letters(i)) { // with the count behind the letter
            while (end < beats->size() && letters(end) && (*beats)[end].count % countsOfLine != 1) ++end;
            if (end < beats->size() && (*beats)[end].count % countsOfLine != 1) ++end;
            for (std::size_t k = i; k < end; ++k) label += (*beats)[k].label;
        } else {
            while (end < beats->size() && !letters(end) && (*beats)[end].count % countsOfLine != 1) ++end;
            label = (*beats)[i].label + (end - i > 1 ? "-" + (*beats)[end - 1].label : "");
        }
        std::string words;
        for (std::size_t k = i; k < end; ++k)
            for (const std::string& body : (*beats)[k].bodies) words += (words.empty() ? "" : ", ") + body;
        out.push_back(label + " " + words);
        i = end;
    }
    return out;
}

/// "side right, behind, side, touch" where each takes a count; else "one side right and close two side …".
std::vector<Lines> inWords(const Stretch& section, const NotationChoices& choices) {
    const auto beats = beatsOf(section, choices, true);
    std::vector<Lines> out;
    if (!beats) return out;
    const bool plain = std::all_of(beats->begin(), beats->end(), [](const Beat& b) { return b.bodies.size() == 1; });
    if (plain) {
        Lines lines;
        for (const Beat& beat : *beats) {
            if (beat.count % countsOfLine == 1) lines.emplace_back();
            lines.back() += (lines.back().empty() ? "" : ", ") + beat.bodies.front();
        }
        out.push_back(std::move(lines));
    }
    if (beats->size() > numbers.size()) return out;
    Lines lines;
    for (const Beat& beat : *beats) {
        if (beat.count % countsOfLine == 1) lines.emplace_back();
        const std::string letters = beat.label.substr(std::to_string(beat.count).size());
        for (std::size_t k = 0; k < beat.bodies.size(); ++k) {
            const std::string label = k == 0                  ? numbers[static_cast<std::size_t>(beat.count - 1)]
                                      : letters[k - 1] == '&' ? "and"
                                      : letters[k - 1] == 'a' ? "ah"
                                                              : "ee";
            lines.back() += (lines.back().empty() ? "" : " ") + label + " " + beat.bodies[k];
        }
    }
    out.push_back(std::move(lines));
    return out;
}

class Writer {
public:
    Writer(const Document& document, HandoutManner manner)
        : m_document(document), m_routine(document.routine), m_landing(land(document)), m_manner(manner) {}

    std::string write() {
        head();
        std::vector<PartId> parts;
        for (const Pass& pass : m_routine.passes)
            if (std::find(parts.begin(), parts.end(), pass.part) == parts.end()) parts.push_back(pass.part);
        for (const PartId id : parts)
            if (const Part* one = findPart(m_routine, id)) part(*one, parts.size() > 1);
        if (parts.size() > 1 || !m_routine.passes.empty()) order();
        differences();
        return std::move(m_out);
    }

private:
    void line(const std::string& text) { m_out += text + "\n"; }

    static std::string oneLine(std::string text) {
        std::replace(text.begin(), text.end(), '\n', ' ');
        return text;
    }

    void head() {
        line(m_document.title.empty() ? "Dance" : oneLine(m_document.title));
        const auto& passes = m_landing.performance.passes;
        if (!passes.empty()) {
            const Part* first = findPart(m_routine, m_routine.passes.front().part);
            const bool one = std::all_of(m_routine.passes.begin(), m_routine.passes.end(),
                                         [&](const Pass& p) { return p.part == m_routine.passes.front().part; });
            const PartReading reading = readPart(m_routine, *first);
            if (one && isWhole(reading.length) && reading.length > Tick{})
                line(std::to_string(wholeCounts(reading.length)) + " counts" +
                     (m_routine.level.empty() ? "" : ", level: " + oneLine(m_routine.level)));
            if (isWhole(passes.front().start) && passes.front().start > Tick{})
                line("Intro: " + std::to_string(wholeCounts(passes.front().start)) + " counts");
        }
        line("");
    }

    void part(const Part& part, bool named) {
        if (named) line("Part " + letterOf(part.id));
        const PartReading reading = readPart(m_routine, part);
        int number = 0;
        for (const FigureSpan& span : reading.figures) {
            if (span.length <= Tick{}) continue;
            const Figure* figure = findFigure(m_routine, span.figure);
            line("Section " + std::to_string(++number) +
                 (figure && !figure->name.empty() ? ": " + oneLine(figure->name) : ""));
            for (std::size_t r = 0; r < reading.roles.size(); ++r) {
                const Stretch section = cut(reading.roles[r], span);
                const Lines lines = linesOf(section);
                const std::string role = m_routine.roles.size() > 1 ? roleName(r) + ": " : "";
                for (const std::string& one : lines) line(role + one);
            }
            line("");
        }
    }

    /// Parts have letters in a hand-out.
    std::string letterOf(PartId id) const {
        const auto found =
            std::find_if(m_routine.parts.begin(), m_routine.parts.end(), [&](const Part& p) { return p.id == id; });
        return std::string(1, static_cast<char>('A' + std::min<std::ptrdiff_t>(25, found - m_routine.parts.begin())));
    }

    std::string roleName(std::size_t r) const {
        const std::string& name = m_routine.roles[r].name;
        const auto sense = handout::senseOf(name + ": 1 step");
        return sense.kind == handout::LineSense::Kind::Role && sense.role == name ? name
                                                                                  : "row " + std::to_string(r + 1);
    }

    static Stretch cut(const PartRoleReading& role, const FigureSpan& span) {
        Stretch out{{}, span.length};
        for (Action a : role.actions) {
            if (a.anchor() < span.start || a.anchor() >= span.start + span.length) continue;
            a.at = a.at - span.start;
            a.leadsTo.reset();
            out.actions.push_back(std::move(a));
        }
        return out;
    }

    /// Whether a hand-out's reader has the section again, asking nothing.
    bool readsBack(const Stretch& section, const Lines& lines) const {
        NotationReading meant;
        meant.actions = section.actions;
        meant.length = section.length;
        const NotationReading read = readSteps(joined(lines), m_routine.choices).reading;
        if (read.error || !read.questions.empty() || read.length != section.length) return false;
        const auto danced = [](const NotationReading& reading) {
            std::vector<std::tuple<Tick, ActionKind, std::optional<Foot>, Eighths>> out;
            const auto feet = followFeet(reading.actions, footNeeded(reading.actions).value_or(Foot::Left));
            for (std::size_t i = 0; i < feet.size(); ++i)
                if (reading.actions[i].kind != ActionKind::Wait)
                    out.emplace_back(reading.actions[i].at, reading.actions[i].kind, feet[i].foot,
                                     reading.actions[i].turn);
            return out;
        };
        return danced(read) == danced(meant);
    }

    Lines linesOf(const Stretch& section) const {
        if (m_manner == HandoutManner::Words)
            for (const Lines& lines : inWords(section, m_routine.choices))
                if (readsBack(section, lines)) return lines;
        if (m_manner != HandoutManner::Notation)
            if (const auto lines = inRanges(section, m_routine.choices); lines && readsBack(section, *lines))
                return *lines;
        return inNotation(section, m_routine.choices);
    }

    void order() {
        std::string text;
        for (const Pass& pass : m_routine.passes) text += (text.empty() ? "" : " ") + letterOf(pass.part);
        line("Order: " + text);
    }

    /// Restarts, tags and waits in the words of hand-outs, as they come about in the song; for all else that makes
    /// passes differ a hand-out has no words that are read back, and it stands as the sheet says it.
    void differences() {
        Landing left = m_landing;
        for (std::size_t i = 0; i < left.performance.passes.size(); ++i) {
            PassPerformance& pass = left.performance.passes[i];
            const std::string wall = "wall " + std::to_string(pass.number);
            if (i > 0 && pass.wait > Tick{} && isWhole(pass.wait) &&
                m_landing.performance.passes[i - 1].tag == Tick{}) {
                line(std::to_string(wholeCounts(pass.wait)) + "-count tag after wall " +
                     std::to_string(pass.number - 1));
                pass.wait = {};
            }
            if (pass.cut && isWhole(pass.counts)) {
                line("Restart on " + wall + " after " + std::to_string(wholeCounts(pass.counts)) + " counts");
                pass.cut = pass.exceptions.restart && pass.exceptions.restart->turnOn && !pass.cutTurns.empty();
            }
            if (pass.tag > Tick{} && isWhole(pass.tag)) {
                const auto steps = stepsOfTag(pass);
                line(std::to_string(wholeCounts(pass.tag)) + "-count tag after " + wall +
                     (steps ? *steps : std::string()));
                if (steps && !pass.countsFromOneAfter) pass.tag = {};
            }
        }
        for (const Sentence& sentence : sheetHeader(m_document, left).exceptions) line("Also: " + sentence.english());
    }

    /// ": 1 rock L 2 replace …"; empty where everyone waits, nothing where a hand-out cannot say the steps: those of
    /// several roles, and those that take longer or shorter.
    std::optional<std::string> stepsOfTag(const PassPerformance& pass) const {
        if (!pass.tagReading) return std::string();
        const PartReading& reading = *m_landing.performance.readings[*pass.tagReading];
        if (reading.roles.size() != 1 || reading.length != pass.tag) return std::nullopt;
        const Stretch section{reading.roles.front().actions, reading.length};
        return ": " + joined(linesOf(section));
    }

    const Document& m_document;
    const Routine& m_routine;
    const Landing m_landing;
    HandoutManner m_manner;
    std::string m_out;
};

} // namespace

std::string handoutText(const Document& document, HandoutManner manner) { return Writer(document, manner).write(); }

} // namespace lc
