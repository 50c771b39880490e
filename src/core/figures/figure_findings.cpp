#include "core/figures/figure_findings.h"

#include "core/base/clock_text.h"
#include "core/figures/versions.h"
#include "core/notation/notation_print.h"
#include "core/said/steps_reader.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {

class Inspector {
public:
    Inspector(const FigureCard& card, const FigureReading& read, const FigureSurroundings& around)
        : m_card(card), m_read(read), m_around(around) {}

    std::vector<FigureFinding> run() {
        for (const RoleReading& role : m_read.roles) remarks(role);
        if (m_read.readable()) {
            claim();
            unequalRoles();
            meets();
            holds();
            frame();
            versions();
            pace();
        }
        notes();
        if (m_read.readable()) bars();
        std::stable_sort(m_out.begin(), m_out.end(),
                         [](const FigureFinding& a, const FigureFinding& b) { return a.severity < b.severity; });
        return std::move(m_out);
    }

private:
    FigureFinding& add(const char* code, Severity severity, std::string headline, std::string text,
                       std::string role = {}) {
        if (!text.empty() && text[0] >= 'a' && text[0] <= 'z' && !several())
            text[0] = static_cast<char>(text[0] - 'a' + 'A'); // no role's name stands before it
        m_out.push_back({code, severity, std::move(headline), std::move(text), std::move(role), 0, 0, {}});
        return m_out.back();
    }
    [[nodiscard]] bool several() const { return m_read.roles.size() > 1; }
    [[nodiscard]] std::string of(const RoleReading& role) const { return several() ? role.role + ": " : std::string(); }

    [[nodiscard]] FigureCard withLine(const std::string& role, std::string text) const {
        FigureCard card = m_card;
        for (FigureLine& line : card.lines)
            if (line.role == role) line.text = std::move(text);
        return card;
    }

    void remarks(const RoleReading& role) {
        if (role.line.error) {
            FigureFinding& f =
                add(figure_finding::notation, Severity::Misses, "The line cannot be read to its end",
                    of(role) + "at character " + std::to_string(characterNumber(role.text, role.line.error->begin)) +
                        ": " + role.line.error->text,
                    role.role);
            f.begin = role.line.error->begin;
            f.finish = role.line.error->finish;
        }
        for (const NotationRemark& note : role.line.notes) {
            if (note.kind != RemarkKind::FootNotFree) continue;
            FigureFinding& f = add(figure_finding::footNotFree, Severity::Doubtful, "A foot is not free",
                                   of(role) + note.text, role.role);
            f.begin = note.begin;
            f.finish = note.finish;
            break; // what follows from the first is not said again
        }
        for (const NotationQuestion& question : role.line.questions) {
            std::string text = of(role) + "it may mean";
            for (std::size_t i = 0; i < question.answers.size(); ++i)
                text += (i == 0 ? ": " : "; ") + question.answers[i].text;
            FigureFinding& f = add(figure_finding::ambiguous, Severity::Doubtful, question.text, text + ".", role.role);
            f.begin = question.begin;
            f.finish = question.finish;
            for (const NotationAnswer& answer : question.answers)
                f.remedies.push_back({"It is " + answer.text,
                                      countsInWords(answer.length) + ", then the " + freeFootInWords(answer.freeAfter) +
                                          " foot is free" + (answer.taken ? "; read so now" : ""),
                                      withLine(role.role, answer.line), answer.word});
        }
    }

    /// Every role's line made longer by stretching the same step; nothing where one of them has no such step.
    [[nodiscard]] std::optional<FigureCard> stretched(std::size_t step, int by) const {
        FigureCard card = m_card;
        for (std::size_t r = 0; r < m_read.roles.size(); ++r) {
            auto made = rhythmVersions(m_read.roles[r].text, {RhythmChange::Stretch, by, by + 1, counts(8), {}},
                                       m_read.choices);
            if (!made) return std::nullopt;
            const auto found = std::find_if(made->begin(), made->end(), [&](const RhythmVersion& v) {
                return v.changedSteps == std::vector<std::size_t>{step};
            });
            if (found == made->end()) return std::nullopt;
            card.lines[r].text = found->notation;
        }
        return card;
    }

    [[nodiscard]] FigureCard filledWithWaits(Tick to) const {
        FigureCard card = m_card;
        for (std::size_t r = 0; r < m_read.roles.size(); ++r) {
            const NotationReading line = readSteps(m_read.roles[r].text, m_read.choices, to).reading;
            card.lines[r].text = printNotation(line, m_read.choices);
        }
        return card;
    }

    void claim() {
        if (!m_card.claimed || *m_card.claimed == m_read.length || m_read.length == Tick{}) return;
        const Tick by = m_read.length - *m_card.claimed;
        const std::string built =
            "Claimed " + toSpokenCount(*m_card.claimed) + ", built " + toSpokenCount(m_read.length);
        FigureFinding& f =
            add(figure_finding::claimed, Severity::Misses, built,
                by > Tick{} ? "Its steps fill " + countsInWords(by) + " more than it is called."
                            : "Its steps fill " + countsInWords(m_read.length) + ", " + toSpokenCount(-by) + " short.");
        if (by < Tick{} && isWhole(by) && wholeCounts(-by) <= 4) {
            const int longer = static_cast<int>(wholeCounts(-by));
            const std::size_t steps = m_read.roles.front().line.actions.size();
            for (std::size_t step = (steps + 1) / 2; step >= 1;
                 --step) // the middle first, as it is least in the way of the joints
                if (auto card = stretched(step, longer)) {
                    f.remedies.push_back(
                        {"Let step " + std::to_string(step) + " last " + countsInWords(counts(1 + longer)),
                         "The feet stay as they are.", *card});
                    break;
                }
        }
        FigureCard renamed = m_card;
        renamed.claimed = m_read.length;
        f.remedies.push_back({"Call it a figure of " + toSpokenCount(m_read.length), {}, renamed});
        if (by < Tick{})
            f.remedies.push_back({"Add a wait of " + countsInWords(-by) + " at its end", "The feet stay as they are.",
                                  filledWithWaits(*m_card.claimed)});
    }

    void unequalRoles() {
        if (!several()) return;
        const auto less = [](const RoleReading& a, const RoleReading& b) { return a.line.length < b.line.length; };
        const auto [shortest, longest] = std::minmax_element(m_read.roles.begin(), m_read.roles.end(), less);
        const Tick by = longest->line.length - shortest->line.length;
        if (by <= Tick{}) return;
        std::string text = longest->role + " has " + countsInWords(longest->line.length) + ", " + shortest->role + " " +
                           toSpokenCount(shortest->line.length) + ": +" + toSpokenCount(by) + ", " + longest->role +
                           " misses the meet point at " + toSpokenCount(shortest->line.length) + ".";
        if (longest->changes == shortest->changes)
            text +=
                " Both make " + std::to_string(longest->changes) + " weight changes, so the feet agree all the same.";
        FigureFinding& f =
            add(figure_finding::unequalRoles, Severity::Misses, "The roles do not end together", text, longest->role);
        const NotationReading waits = readSteps(shortest->text, m_read.choices, m_read.length).reading;
        f.remedies.push_back({shortest->role + " waits " + countsInWords(by) + " at the end",
                              {},
                              withLine(shortest->role, printNotation(waits, m_read.choices))});
    }

    void meets() {
        for (const MeetPoint& point : m_read.meetPoints) {
            const bool end = std::all_of(m_read.roles.begin(), m_read.roles.end(),
                                         [&](const RoleReading& r) { return r.line.length == point.at; });
            const bool lengthsDiffer = std::any_of(m_read.roles.begin(), m_read.roles.end(), [&](const RoleReading& r) {
                return r.line.length != m_read.length;
            });
            if (point.met || (lengthsDiffer && &point == &m_read.meetPoints.back())) continue; // told by unequalRoles()
            add(figure_finding::meet, Severity::Misses,
                end ? "The roles miss each other at the end"
                    : "The roles miss each other at " + toSpokenCount(point.at + counts(1)),
                "At this meet point " + point.why + ".");
        }
    }

    void holds() {
        if (!several()) return;
        const RoleReading& first = m_read.roles[0];
        for (std::size_t r = 1; r < m_read.roles.size(); ++r) {
            const RoleReading& other = m_read.roles[r];
            const auto differ = [](const CoupleState& a, const CoupleState& b) {
                return (a.hold && b.hold && *a.hold != *b.hold) ||
                       (a.position && b.position && *a.position != *b.position) ||
                       (a.feet && b.feet && *a.feet != *b.feet);
            };
            const auto tell = [&](Tick at, const CoupleState& a, const CoupleState& b) {
                add(figure_finding::hold, Severity::Misses, "Two lines say different holds",
                    "On " + toSpokenCount(at + counts(1)) + " " + first.role + " says “" + toString(a) + "”, " +
                        other.role + " “" + toString(b) + "”.",
                    other.role);
            };
            if (differ(first.coupleIn, other.coupleIn)) {
                tell(Tick{}, first.coupleIn, other.coupleIn);
                continue;
            }
            for (const Action& action : first.line.actions) {
                const auto same = std::find_if(other.line.actions.begin(), other.line.actions.end(),
                                               [&](const Action& a) { return a.at == action.at; });
                if (same == other.line.actions.end() || !differ(action.couple, same->couple)) continue;
                tell(action.at, action.couple, same->couple);
                break;
            }
        }
    }

    void frame() {
        const Tick entry = m_card.facts.entry, close = m_card.facts.close;
        if (entry == Tick{} && close == Tick{}) return;
        if (entry + close >= m_read.length)
            add(figure_finding::frame, Severity::Doubtful, "No room for a body",
                "Entry " + toSpokenCount(entry) + " and close " + toSpokenCount(close) + " fill all of its " +
                    countsInWords(m_read.length) + ".");
    }

    void versions() {
        for (const FigureVersion& version : m_card.facts.versions) {
            const FigureReading other = readFigureLines(
                version.lines, m_read.choices, m_read.roles.empty() ? Foot::Left : m_read.roles.front().freeIn);
            const std::string named = "version “" + version.name + "”";
            if (!other.readable()) {
                add(figure_finding::versionSlot, Severity::Misses, "A version cannot be read",
                    "The " + named + " has a line that cannot be read to its end.");
                continue;
            }
            if (other.length != m_read.length)
                add(figure_finding::versionSlot, Severity::Doubtful, "A version has another length",
                    "The " + named + " has " + countsInWords(other.length) + ", the figure " +
                        toSpokenCount(m_read.length) + ". What follows it moves.");
            for (std::size_t r = 0; r < std::min(other.roles.size(), m_read.roles.size()); ++r)
                if (other.roles[r].freeOut != m_read.roles[r].freeOut)
                    add(figure_finding::versionSlot, Severity::Misses, "A version leaves another foot",
                        of(m_read.roles[r]) + "the " + named + " leaves the " +
                            freeFootInWords(other.roles[r].freeOut) + " foot free, the figure the " +
                            freeFootInWords(m_read.roles[r].freeOut) +
                            ". Versions that share a place must leave the same foot.");
        }
    }

    void bars() {
        const Tick bar = m_around.bar;
        if (bar <= Tick{} || m_read.length == Tick{} || m_read.length.value % bar.value == 0) return;
        const Tick inBars{m_read.length.value * ticksPerCount / bar.value};
        const bool exact = m_read.length.value * ticksPerCount % bar.value == 0;
        const std::int64_t over = m_read.length.value % bar.value;
        add(figure_finding::halfBar, Severity::Note, "No whole number of bars",
            countsInWords(m_read.length) +
                (exact ? " = " + toSpokenCount(inBars) + " bars of " + toSpokenCount(bar) : std::string()) + "; " +
                (over * 2 == bar.value ? "half a bar is left over."
                                       : toSpokenCount(bar - Tick{over}) + " to the next bar."));
    }

    void pace() {
        for (const RoleReading& role : m_read.roles) {
            const Pace pace = paceOf(role, m_around.tempo);
            const auto& limits = m_around.limits;
            if (limits.shortestStepSeconds && pace.shortestStepSeconds &&
                *pace.shortestStepSeconds < *limits.shortestStepSeconds - 1e-9)
                add(figure_finding::quickStep, Severity::Doubtful, "A step is quicker than your limit",
                    of(role) + "the step on " + toSpokenCount(pace.shortestAt + counts(1)) + " has " +
                        decimals(*pace.shortestStepSeconds, 2) + " s at this tempo; your own limit is " +
                        decimals(*limits.shortestStepSeconds, 2) + " s.",
                    role.role);
            if (limits.turnDegreesPerSecond && pace.turnDegreesPerSecond &&
                *pace.turnDegreesPerSecond > *limits.turnDegreesPerSecond + 1e-9)
                add(figure_finding::turnSpeed, Severity::Doubtful, "A turn is faster than your limit",
                    of(role) + "the turn on " + toSpokenCount(pace.fastestTurnAt + counts(1)) + " runs at " +
                        std::to_string(std::llround(*pace.turnDegreesPerSecond)) +
                        "°/s at this tempo; your own limit is " +
                        std::to_string(std::llround(*limits.turnDegreesPerSecond)) + "°/s.",
                    role.role);
        }
    }

    void notes() {
        for (const RoleReading& role : m_read.roles) {
            if (role.line.unfinished)
                add(figure_finding::unfinished, Severity::Note, "The tail is not written yet",
                    of(role) + "after " + countsInWords(role.line.length) + " the line goes on with “…”.", role.role);
            for (std::size_t i = 0; i < role.line.actions.size(); ++i) {
                const Action& action = role.line.actions[i];
                if (action.kind != ActionKind::Untimed) continue;
                const Foot before = i == 0 ? role.freeIn : role.feet[i - 1].freeAfter;
                const bool even = !action.said || *action.said == before;
                add(figure_finding::untimed, Severity::Note, "Not timed yet",
                    of(role) + "what happens in " + countsInWords(action.length) + " from " +
                        toSpokenCount(action.at + counts(1)) + " on has no times yet. It makes an " +
                        (even ? "even" : "odd") + " number of weight changes, for it comes with the " +
                        freeFootInWords(before) + " foot free and leaves the " +
                        freeFootInWords(action.said.value_or(before)) + ".",
                    role.role);
                break;
            }
        }
    }

    const FigureCard& m_card;
    const FigureReading& m_read;
    const FigureSurroundings& m_around;
    std::vector<FigureFinding> m_out;
};

} // namespace

std::vector<FigureFinding> inspectFigure(const FigureCard& card, const FigureReading& read,
                                         const FigureSurroundings& around) {
    return Inspector(card, read, around).run();
}

} // namespace lc
