#include "core/figures/version_bench.h"

#include "core/figures/versions.h"
#include "core/notation/mirror.h"
#include "core/notation/notation_print.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace lc {

namespace {

constexpr std::size_t mostBenchVersions = 2000; // more than anybody scrolls through (chosen, no source)

Tick lastStepOf(const FigureReading& reading) {
    Tick last;
    for (const Action& action : reading.roles.front().line.actions)
        if (action.usesFoot()) last = action.at;
    return last;
}

/// The count that a moment falls in, as it is said: "6", "2 &".
Sentence countOf(Tick at, Tick musicStart, Tick set) {
    const std::int64_t music = (wholeCounts(musicStart) - 1 + wholeCounts(at)) % wholeCounts(set) + 1;
    return isWhole(at) ? Core::sentence("%1", music) : Core::sentence("%1 &", music);
}

/// From the end of something that begins on a music count to the next 1.
Tick remainderOf(Tick length, Tick musicStart, Tick set) {
    const std::int64_t over = (musicStart - counts(1) + length).value % set.value;
    return over == 0 ? Tick{} : set - Tick{over};
}

class BenchMaker {
public:
    BenchMaker(const FigureReading& reading, const BenchAsked& asked) : m_reading(reading), m_asked(asked) {}

    Bench run() {
        if (m_reading.roles.empty() || !m_reading.readable() || m_reading.length == Tick{}) {
            m_out.problem = Core::sentence("Write the figure's counts first; its versions stand here.");
            return std::move(m_out);
        }
        switch (m_asked.kind) {
        case BenchKind::Stretch: rhythm(true); break;
        case BenchKind::Double: rhythm(false); break;
        case BenchKind::StretchOrDouble: {
            rhythm(true);
            Text stretched = std::exchange(m_out.problem, {});
            rhythm(false);
            if (!m_out.versions.empty())
                m_out.problem = {};
            else
                m_out.problem = stretched += m_out.problem;
            break;
        }
        case BenchKind::OtherFeel: feels(); break;
        case BenchKind::OtherFoot:
            each(Core::sentence("the other foot first"),
                 [](const NotationReading& line) { return withOtherFeet(line); });
            break;
        case BenchKind::OtherSide:
            each(Core::sentence("to the other side"), [](const NotationReading& line) { return mirrored(line); });
            break;
        case BenchKind::OtherStart: starts(); break;
        case BenchKind::Ornament: ornaments(); break;
        }
        for (BenchVersion& version : m_out.versions) {
            version.remainder =
                remainderOf(version.reading.length, version.musicStart, m_asked.set); // the start may have been moved
            if (version.note.empty())
                version.note = Core::sentence("last step on %1",
                                              countOf(lastStepOf(version.reading), version.musicStart, m_asked.set));
        }
        return std::move(m_out);
    }

private:
    BenchVersion made(std::vector<FigureLine> lines, const NotationChoices& choices) const {
        BenchVersion version;
        version.lines = std::move(lines);
        version.reading = readFigureLines(version.lines, choices, m_reading.roles.front().freeIn);
        version.musicStart = m_asked.musicStart;
        version.remainder = remainderOf(version.reading.length, version.musicStart, m_asked.set);
        return version;
    }

    void rhythm(bool stretch) {
        const std::size_t before = m_out.versions.size();
        VersionsAsked asked;
        asked.change = stretch ? RhythmChange::Stretch : RhythmChange::Double;
        asked.times = m_asked.times;
        asked.to = m_asked.set;
        std::vector<std::vector<RhythmVersion>> roles;
        for (const RoleReading& role : m_reading.roles) {
            asked.free = role.freeIn;
            auto versions = rhythmVersions(role.text, asked, m_reading.choices);
            if (!versions) {
                m_out.problem = m_reading.roles.size() > 1
                                    ? Text(Core::sentence("%1: %2", role.role, versions.error().message))
                                    : versions.error().message;
                return;
            }
            roles.push_back(std::move(*versions));
        }
        if (roles.front().size() > mostBenchVersions) {
            m_out.problem = Core::sentence("There are %1 versions. Change fewer steps to see them side by side.",
                                           roles.front().size());
            return;
        }
        for (const RhythmVersion& first : roles.front()) {
            std::vector<FigureLine> lines;
            for (std::size_t r = 0; r < roles.size(); ++r) {
                const auto same = std::find_if(roles[r].begin(), roles[r].end(), [&](const RhythmVersion& v) {
                    return v.changedSteps == first.changedSteps;
                });
                if (same == roles[r].end()) break; // this role's rhythm has no such version
                lines.push_back({m_reading.roles[r].role, same->notation});
            }
            if (lines.size() != roles.size()) continue;
            BenchVersion version = made(std::move(lines), m_reading.choices);
            const Sentence steps = stepsSaid(first.changedSteps);
            version.title = stretch ? Core::sentence("%1 stretched", steps) : Core::sentence("%1 in one", steps);
            version.name = first.name;
            version.changed = first.changedSteps;
            m_out.versions.push_back(std::move(version));
        }
        if (m_out.versions.size() == before) {
            m_out.problem = Core::sentence("The roles have no version in common: their steps fall differently.");
            return;
        }
        m_out.heading.push_back(headingFrom(before, stretch));
    }

    /// Of the versions from `before` on: what was changed, how many there are, and what they leave.
    [[nodiscard]] Sentence headingFrom(std::size_t before, bool stretch) const {
        const auto n = static_cast<std::int64_t>(m_out.versions.size() - before);
        const FigureReading& some = m_out.versions[before].reading;
        const Tick left = m_out.versions[before].remainder;
        const Sentence what = stretch
                                  ? Core::plural("one step stretched to two counts|%n steps stretched to two counts",
                                                 nullptr, m_asked.times)
                                  : Core::plural("one pair in one count|%n pairs in one count", nullptr, m_asked.times);
        const Sentence rest =
            left == Tick{} ? Core::sentence("no count left") : Core::sentence("%1 left to the 1", inCounts(left));
        const Sentence all =
            Core::plural("%1: %n version of %2, %3 foot free, %4|%1: %n versions of %2, %3 foot free, %4",
                         "%1: one pair in one count; %4: 2 counts left to the 1", n, what, inCounts(some.length),
                         footWord(some.roles.front().freeOut), rest);
        if (stretch) return all;
        const Tick last = wholeCounts(some.length) > 0 ? counts(wholeCounts(some.length) - 1) : Tick{};
        const auto onLast =
            std::count_if(m_out.versions.begin() + static_cast<std::ptrdiff_t>(before), m_out.versions.end(),
                          [&](const BenchVersion& v) { return lastStepOf(v.reading) == last; });
        return Core::plural("%1; %n ends with a step on %2|%1; %n end with a step on %2", "%1: all that is said before",
                            onLast, all, AsCount{last + counts(1)});
    }

    void feels() {
        for (const Feel feel : {Feel::Straight, Feel::Swing, Feel::RollingThirds, Feel::RollingQuarters, Feel::Own}) {
            if (feel == m_reading.choices.feel) continue;
            NotationChoices choices = m_reading.choices;
            choices.feel = feel;
            std::vector<FigureLine> lines;
            for (const RoleReading& role : m_reading.roles) lines.push_back({role.role, role.text});
            BenchVersion version = made(std::move(lines), choices);
            if (!version.reading.readable()) continue;
            version.title = feelName(feel);
            version.name = Core::sentence("said %1", feelName(feel));
            version.note = feelInWords(choices);
            version.otherFeel = true;
            m_out.versions.push_back(std::move(version));
        }
        m_out.heading = {Core::sentence("the same line in the other feels that it can be said in")};
        if (m_out.versions.empty()) m_out.problem = Core::sentence("The line can be said in its own feel only.");
    }

    template <typename Change>
    void each(const Sentence& title, Change change) {
        std::vector<FigureLine> lines;
        for (const RoleReading& role : m_reading.roles)
            lines.push_back({role.role, printNotation(change(role.line), m_reading.choices)});
        BenchVersion version;
        version.lines = lines;
        version.musicStart = m_asked.musicStart;
        version.reading = readFigureLines(lines, m_reading.choices, otherFoot(m_reading.roles.front().freeIn));
        version.title = version.name = title;
        version.note = Core::sentence("leaves the %1 foot free", footWord(version.reading.roles.front().freeOut));
        m_out.versions.push_back(std::move(version));
        m_out.heading = {title};
    }

    void starts() {
        for (std::int64_t n = 1; n <= wholeCounts(m_asked.set); ++n) {
            if (counts(n) == m_asked.musicStart) continue;
            std::vector<FigureLine> lines;
            for (const RoleReading& role : m_reading.roles) lines.push_back({role.role, role.text});
            BenchVersion version = made(std::move(lines), m_reading.choices);
            version.musicStart = counts(n);
            version.title = version.name = Core::sentence("begun on %1", n);
            const auto breaks = breakSteps(version.reading.roles.front().line);
            version.note =
                breaks.empty()
                    ? Core::sentence("ends before %1", countOf(version.reading.length, counts(n), m_asked.set))
                    : Core::sentence("breaks on %1", countOf(breaks.front(), counts(n), m_asked.set));
            m_out.versions.push_back(std::move(version));
        }
        m_out.heading = {Core::sentence("the same figure begun on another count of the music")};
    }

    void ornaments() {
        const RoleReading& last = m_reading.roles.back(); // the follower, or everyone
        std::size_t ordinal = 0, index = last.line.actions.size();
        for (std::size_t i = 0; i < last.line.actions.size(); ++i)
            if (last.line.actions[i].usesFoot() && ++ordinal == m_asked.step) index = i;
        if (index == last.line.actions.size() || last.line.actions[index].kind != ActionKind::Step) {
            m_out.problem =
                Core::sentence("Step %1 of %2 is not a step with weight. Choose another.", m_asked.step, last.role);
            return;
        }
        for (const Ornament& ornament : ornamentsAt(last, index, m_asked.tempo, m_asked.limits, m_reading.choices)) {
            std::vector<FigureLine> lines;
            for (const RoleReading& role : m_reading.roles)
                lines.push_back({role.role, &role == &last ? ornament.line : role.text});
            BenchVersion version = made(std::move(lines), m_reading.choices);
            const AsDecimals each{ornament.secondsEach, 3};
            version.title = Core::sentence("%1 changes", ornament.changes);
            version.name = Core::sentence("ornament of %1, step %2", ornament.changes, m_asked.step);
            version.note = !ornament.sameFoot      ? Core::sentence("%1 s each, wrong foot", each)
                           : !ornament.withinLimit ? Core::sentence("%1 s each, over your limit", each)
                                                   : Core::sentence("%1 s each, fits", each);
            for (int k = 0; k < ornament.changes; ++k)
                version.changed.push_back(m_asked.step + static_cast<std::size_t>(k));
            m_out.versions.push_back(std::move(version));
        }
        m_out.heading = {
            m_reading.roles.size() > 1
                ? Core::sentence("in the time of step %1 of %2: an odd number of changes leaves the foot as it is",
                                 m_asked.step, last.role)
                : Core::sentence("in the time of step %1: an odd number of changes leaves the foot as it is",
                                 m_asked.step)};
    }

    const FigureReading& m_reading;
    const BenchAsked& m_asked;
    Bench m_out;
};

} // namespace

Bench makeBench(const FigureReading& reading, const BenchAsked& asked) { return BenchMaker(reading, asked).run(); }

} // namespace lc
