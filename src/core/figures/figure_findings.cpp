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
    FigureFinding& add(const char* code, Severity severity, Sentence headline, Text text, std::string role = {}) {
        m_out.push_back({code, severity, std::move(headline), std::move(text), std::move(role), 0, 0, {}});
        return m_out.back();
    }
    [[nodiscard]] bool several() const { return m_read.roles.size() > 1; }
    /// With the name of the role before it where there are several.
    [[nodiscard]] Text of(const RoleReading& role, const Text& text) const {
        return several() ? Text(Core::sentence("%1: %2", role.role, text)) : text;
    }

    [[nodiscard]] FigureCard withLine(const std::string& role, std::string text) const {
        FigureCard card = m_card;
        for (FigureLine& line : card.lines)
            if (line.role == role) line.text = std::move(text);
        return card;
    }

    void remarks(const RoleReading& role) {
        if (role.line.error) {
            FigureFinding& f =
                add(figure_finding::notation, Severity::Misses, Core::sentence("The line cannot be read to its end"),
                    of(role, Core::sentence("At character %1: %2", characterNumber(role.text, role.line.error->begin),
                                            role.line.error->text)),
                    role.role);
            f.begin = role.line.error->begin;
            f.finish = role.line.error->finish;
        }
        for (const NotationRemark& note : role.line.notes) {
            if (note.kind != RemarkKind::FootNotFree) continue;
            FigureFinding& f = add(figure_finding::footNotFree, Severity::Doubtful,
                                   Core::sentence("A foot is not free"), of(role, note.text), role.role);
            f.begin = note.begin;
            f.finish = note.finish;
            break; // what follows from the first is not said again
        }
        for (const NotationQuestion& question : role.line.questions) {
            std::vector<Argument> meanings;
            for (const NotationAnswer& answer : question.answers) meanings.emplace_back(answer.text);
            FigureFinding& f =
                add(figure_finding::ambiguous, Severity::Doubtful, question.text,
                    of(role, Core::sentence("It may mean: %1.", Argument(std::move(meanings), Joined::Semicolons))),
                    role.role);
            f.begin = question.begin;
            f.finish = question.finish;
            for (const NotationAnswer& answer : question.answers)
                f.remedies.push_back({Core::sentence("It is %1", answer.text),
                                      answer.taken
                                          ? Core::sentence("%1, then the %2 foot is free; read so now",
                                                           inCounts(answer.length), footWord(answer.freeAfter))
                                          : Core::sentence("%1, then the %2 foot is free", inCounts(answer.length),
                                                           footWord(answer.freeAfter)),
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
        const Sentence built =
            Core::sentence("Called %1, adds up to %2", AsCount{*m_card.claimed}, AsCount{m_read.length});
        FigureFinding& f =
            add(figure_finding::claimed, Severity::Misses, built,
                by > Tick{} ? Core::sentence("Its steps fill %1 more than it is said to have.", inCounts(by))
                            : Core::sentence("Its steps fill %1, %2 short.", inCounts(m_read.length), AsCount{-by}));
        if (by < Tick{} && isWhole(by) && wholeCounts(-by) <= 4) {
            const int longer = static_cast<int>(wholeCounts(-by));
            const std::size_t steps = m_read.roles.front().line.actions.size();
            for (std::size_t step = (steps + 1) / 2; step >= 1;
                 --step) // the middle first, as it is least in the way of the joints
                if (auto card = stretched(step, longer)) {
                    f.remedies.push_back({Core::sentence("Let step %1 last %2", step, inCounts(counts(1 + longer))),
                                          Core::sentence("The feet stay as they are."), *card});
                    break;
                }
        }
        FigureCard renamed = m_card;
        renamed.claimed = m_read.length;
        f.remedies.push_back({Core::sentence("Call it a figure of %1", AsCount{m_read.length}), {}, renamed});
        if (by < Tick{})
            f.remedies.push_back({Core::sentence("Add a wait of %1 at its end", inCounts(-by)),
                                  Core::sentence("The feet stay as they are."), filledWithWaits(*m_card.claimed)});
    }

    void unequalRoles() {
        if (!several()) return;
        const auto less = [](const RoleReading& a, const RoleReading& b) { return a.line.length < b.line.length; };
        const auto [shortest, longest] = std::minmax_element(m_read.roles.begin(), m_read.roles.end(), less);
        const Tick by = longest->line.length - shortest->line.length;
        if (by <= Tick{}) return;
        Text text =
            Core::sentence("%1 has %2, %3 %4: +%5, %1 misses the meet point at %4.", longest->role,
                           inCounts(longest->line.length), shortest->role, AsCount{shortest->line.length}, AsCount{by});
        if (longest->changes == shortest->changes)
            text += Core::plural(
                "Both make %n weight change, so the feet agree all the same.|Both make %n weight changes, so the feet agree all the same.",
                nullptr, static_cast<std::int64_t>(longest->changes));
        FigureFinding& f = add(figure_finding::unequalRoles, Severity::Misses,
                               Core::sentence("The roles do not end together"), text, longest->role);
        const NotationReading waits = readSteps(shortest->text, m_read.choices, m_read.length).reading;
        f.remedies.push_back({Core::sentence("%1 waits %2 at the end", shortest->role, inCounts(by)),
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
                end ? Core::sentence("The roles miss each other at the end")
                    : Core::sentence("The roles miss each other at %1", AsCount{point.at + counts(1)}),
                Core::sentence("At this meet point %1.", point.why));
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
                add(figure_finding::hold, Severity::Misses, Core::sentence("Two lines say different holds"),
                    Core::sentence("On %1 %2 says “%3”, %4 “%5”.", AsCount{at + counts(1)}, first.role, toString(a),
                                   other.role, toString(b)),
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
            add(figure_finding::frame, Severity::Doubtful, Core::sentence("No room for a body"),
                Core::sentence("Entry %1 and close %2 fill all of its %3.", AsCount{entry}, AsCount{close},
                               inCounts(m_read.length)));
    }

    void versions() {
        for (const FigureVersion& version : m_card.facts.versions) {
            const FigureReading other = readFigureLines(
                version.lines, m_read.choices, m_read.roles.empty() ? Foot::Left : m_read.roles.front().freeIn);
            if (!other.readable()) {
                add(figure_finding::versionSlot, Severity::Misses, Core::sentence("A version cannot be read"),
                    Core::sentence("The version “%1” has a line that cannot be read to its end.", version.name));
                continue;
            }
            if (other.length != m_read.length)
                add(figure_finding::versionSlot, Severity::Doubtful, Core::sentence("A version has another length"),
                    Core::sentence("The version “%1” has %2, the figure %3. What follows it moves.", version.name,
                                   inCounts(other.length), AsCount{m_read.length}));
            for (std::size_t r = 0; r < std::min(other.roles.size(), m_read.roles.size()); ++r)
                if (other.roles[r].freeOut != m_read.roles[r].freeOut)
                    add(figure_finding::versionSlot, Severity::Misses, Core::sentence("A version leaves another foot"),
                        of(m_read.roles[r],
                           Core::sentence(
                               "The version “%1” leaves the %2 foot free, the figure the %3. Versions that share a place must leave the same foot.",
                               version.name, footWord(other.roles[r].freeOut), footWord(m_read.roles[r].freeOut))));
        }
    }

    void bars() {
        const Tick bar = m_around.bar;
        if (bar <= Tick{} || m_read.length == Tick{} || m_read.length.value % bar.value == 0) return;
        const Tick inBars{m_read.length.value * ticksPerCount / bar.value};
        const bool exact = m_read.length.value * ticksPerCount % bar.value == 0;
        const std::int64_t over = m_read.length.value % bar.value;
        const Sentence left = over * 2 == bar.value ? Core::sentence("half a bar is left over.")
                                                    : Core::sentence("%1 to the next bar.", AsCount{bar - Tick{over}});
        add(figure_finding::halfBar, Severity::Note, Core::sentence("No whole number of bars"),
            exact
                ? Core::sentence("%1 = %2 bars of %3; %4", inCounts(m_read.length), AsCount{inBars}, AsCount{bar}, left)
                : Core::sentence("%1; %2", inCounts(m_read.length), left));
    }

    void pace() {
        for (const RoleReading& role : m_read.roles) {
            const Pace pace = paceOf(role, m_around.tempo);
            const auto& limits = m_around.limits;
            if (limits.shortestStepSeconds && pace.shortestStepSeconds &&
                *pace.shortestStepSeconds < *limits.shortestStepSeconds - 1e-9)
                add(figure_finding::quickStep, Severity::Doubtful, Core::sentence("A step is quicker than your limit"),
                    of(role,
                       Core::sentence("The step on %1 has %2 s at this tempo; your own limit is %3 s.",
                                      AsCount{pace.shortestAt + counts(1)}, AsDecimals{*pace.shortestStepSeconds, 2},
                                      AsDecimals{*limits.shortestStepSeconds, 2})),
                    role.role);
            if (limits.turnDegreesPerSecond && pace.turnDegreesPerSecond &&
                *pace.turnDegreesPerSecond > *limits.turnDegreesPerSecond + 1e-9)
                add(figure_finding::turnSpeed, Severity::Doubtful, Core::sentence("A turn is faster than your limit"),
                    of(role,
                       Core::sentence("The turn on %1 runs at %2°/s at this tempo; your own limit is %3°/s.",
                                      AsCount{pace.fastestTurnAt + counts(1)}, std::llround(*pace.turnDegreesPerSecond),
                                      std::llround(*limits.turnDegreesPerSecond))),
                    role.role);
        }
    }

    void notes() {
        for (const RoleReading& role : m_read.roles) {
            if (role.line.unfinished)
                add(figure_finding::unfinished, Severity::Note, Core::sentence("The tail is not written yet"),
                    of(role, Core::sentence("After %1 the line goes on with “…”.", inCounts(role.line.length))),
                    role.role);
            for (std::size_t i = 0; i < role.line.actions.size(); ++i) {
                const Action& action = role.line.actions[i];
                if (action.kind != ActionKind::Untimed) continue;
                const Foot before = i == 0 ? role.freeIn : role.feet[i - 1].freeAfter;
                const bool even = !action.said || *action.said == before;
                add(figure_finding::untimed, Severity::Note, Core::sentence("Not timed yet"),
                    of(role,
                       even
                           ? Core::sentence(
                                 "What happens in %1 from %2 on has no times yet. It makes an even number of weight changes, for it comes with the %3 foot free and leaves the %4.",
                                 inCounts(action.length), AsCount{action.at + counts(1)}, footWord(before),
                                 footWord(action.said.value_or(before)))
                           : Core::sentence(
                                 "What happens in %1 from %2 on has no times yet. It makes an odd number of weight changes, for it comes with the %3 foot free and leaves the %4.",
                                 inCounts(action.length), AsCount{action.at + counts(1)}, footWord(before),
                                 footWord(action.said.value_or(before)))),
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
