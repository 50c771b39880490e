#include "core/figures/versions.h"

#include "core/base/list_text.h"
#include "core/notation/notation_print.h"
#include "core/said/steps_reader.h"

#include <algorithm>
#include <functional>

namespace lc {

namespace {

constexpr std::size_t mostVersions = 20'000; // a bound of time and memory

/// The steps that may change: indices of actions with a foot that last one count.
std::vector<std::size_t> changeable(const std::vector<Action>& actions) {
    std::vector<std::size_t> out;
    for (std::size_t i = 0; i < actions.size(); ++i)
        if (actions[i].usesFoot() && actions[i].length == counts(1)) out.push_back(i);
    return out;
}

/// What is chosen for one version: for each changeable step the counts added, or whether a pair begins with it.
using Choice = std::vector<int>;

/// Every way to spread `times` over the steps, each at most `most`; calls back with each, in order of the earliest
/// changed step. False when stopped.
bool spread(Choice& choice, std::size_t from, int times, int most, const std::function<bool(const Choice&)>& found) {
    if (times == 0) return found(choice);
    if (times > most * static_cast<int>(choice.size() - from))
        return true; // no room left: every branch that is followed finds a way
    for (int here = std::min(most, times); here >= 0; --here) {
        choice[from] = here;
        if (!spread(choice, from + 1, times - here, most, found)) return false;
    }
    choice[from] = 0;
    return true;
}

/// The most pairs of neighbours, none in two, that begin with each step or later.
std::vector<int> mostPairs(const std::vector<bool>& hasNext) {
    std::vector<int> out(hasNext.size() + 2, 0);
    for (std::size_t i = hasNext.size(); i-- > 0;) out[i] = std::max(out[i + 1], hasNext[i] ? 1 + out[i + 2] : 0);
    return out;
}

/// Every way to choose `times` pairs of neighbours, no step in two of them. `room` as mostPairs() tells.
bool pairUp(Choice& choice, const std::vector<bool>& hasNext, const std::vector<int>& room, std::size_t from, int times,
            const std::function<bool(const Choice&)>& found) {
    if (times == 0) return found(choice);
    for (std::size_t i = from; i < choice.size() && room[i] >= times; ++i) {
        if (!hasNext[i]) continue;
        choice[i] = 1;
        const bool go = pairUp(choice, hasNext, room, i + 2, times - 1, found);
        choice[i] = 0;
        if (!go) return false;
    }
    return true;
}

class Maker {
public:
    Maker(NotationReading reading, const VersionsAsked& asked, const NotationChoices& choices)
        : m_line(std::move(reading)), m_asked(asked), m_choices(choices), m_steps(changeable(m_line.actions)) {
        for (std::size_t k = 0; k < m_steps.size(); ++k)
            m_hasNext.push_back(k + 1 < m_steps.size() && m_steps[k + 1] == m_steps[k] + 1 &&
                                m_line.actions[m_steps[k + 1]].at == m_line.actions[m_steps[k]].end());
    }

    Result<std::vector<RhythmVersion>> run() {
        std::size_t count = 0;
        const auto counting = [&](const Choice&) { return ++count <= mostVersions; };
        each(counting);
        if (count == 0) return fail(ErrorCode::BadValue, tooFew());
        if (count > mostVersions)
            return fail(
                ErrorCode::BadValue,
                Core::sentence(
                    "There are more than 20,000 versions of this line. Change fewer steps, or a shorter line."));
        std::vector<RhythmVersion> out;
        out.reserve(count);
        each([&](const Choice& choice) {
            out.push_back(version(choice));
            return true;
        });
        return out;
    }

private:
    void each(const std::function<bool(const Choice&)>& found) const {
        Choice choice(m_steps.size(), 0);
        if (m_asked.change == RhythmChange::Stretch)
            spread(choice, 0, m_asked.times, m_asked.longest - 1, found);
        else
            pairUp(choice, m_hasNext, mostPairs(m_hasNext), 0, m_asked.times, found);
    }

    [[nodiscard]] Sentence tooFew() const {
        if (m_steps.empty())
            return Core::sentence(
                "No step of this line lasts exactly one count; only such steps are stretched or doubled.");
        if (m_asked.change == RhythmChange::Double) {
            const int most = mostPairs(m_hasNext).front();
            return most == 0
                       ? Core::sentence(
                             "No two steps of one count follow each other in this line, so none can share a count.")
                       : Core::plural(
                             "At most one pair of this line can share a count. Ask for no more than that.|At most %n pairs of this line can share a count. Ask for no more than that.",
                             nullptr, most);
        }
        const int most = static_cast<int>(m_steps.size()) * (m_asked.longest - 1);
        return Core::plural(
            "The steps of this line can be stretched by one count at most. Ask for no more than that.|The steps of this line can be stretched by %n counts at most. Ask for no more than that.",
            nullptr, most);
    }

    [[nodiscard]] RhythmVersion version(const Choice& choice) const {
        RhythmVersion out;
        std::vector<Tick> lengths;
        for (const Action& a : m_line.actions) lengths.push_back(a.length);
        const Tick firstHalf = *letterPlace('&', m_choices);
        std::vector<bool> changed(m_line.actions.size(), false);
        for (std::size_t k = 0; k < choice.size(); ++k) {
            if (choice[k] == 0) continue;
            changed[m_steps[k]] = true;
            if (m_asked.change == RhythmChange::Stretch)
                lengths[m_steps[k]] += counts(choice[k]);
            else {
                lengths[m_steps[k]] = firstHalf;
                lengths[m_steps[k + 1]] = counts(1) - firstHalf;
                changed[m_steps[k + 1]] = true;
            }
        }
        Tick at = m_line.actions.empty() ? Tick{} : m_line.actions.front().at;
        std::size_t ordinal = 0;
        for (std::size_t i = 0; i < m_line.actions.size(); ++i) {
            Action a = m_line.actions[i];
            a.at = at;
            a.length = lengths[i];
            if (a.label != "S" && a.label != "Q") a.label.clear(); // a line in slow and quick stays one
            at += a.length;
            if (a.usesFoot()) {
                ++ordinal;
                if (changed[i]) out.changedSteps.push_back(ordinal);
                out.lastStepAt = a.at;
            }
            out.actions.push_back(std::move(a));
        }
        out.length = at;
        const Foot free = m_asked.free.value_or(footNeeded(m_line.actions).value_or(Foot::Left));
        for (const FootedAction& done : followFeet(out.actions, free))
            if (done.foot) out.feet.push_back(*done.foot);
        const std::int64_t over = out.length.value % m_asked.to.value;
        out.remainder = over == 0 ? Tick{} : m_asked.to - Tick{over};
        NotationReading changedLine = m_line;
        changedLine.actions = out.actions;
        changedLine.length = out.length;
        out.notation = printNotation(changedLine, m_choices);
        const Sentence steps = stepsSaid(out.changedSteps);
        out.name = over == 0 ? Core::sentence("%1, %2", AsCount{out.length}, steps)
                             : Core::sentence("%1 + %2, %3", AsCount{out.length}, AsCount{out.remainder}, steps);
        return out;
    }

    NotationReading m_line;
    const VersionsAsked& m_asked;
    const NotationChoices& m_choices;
    std::vector<std::size_t> m_steps;
    std::vector<bool> m_hasNext;
};

} // namespace

Sentence stepsSaid(const std::vector<std::size_t>& ordinals) {
    return Core::plural("step %1|steps %1", nullptr, static_cast<std::int64_t>(ordinals.size()), listed(ordinals));
}

Result<std::vector<RhythmVersion>> rhythmVersions(std::string_view line, const VersionsAsked& asked,
                                                  const NotationChoices& choices) {
    if (asked.times < 1 || asked.longest < 2 || asked.to <= Tick{})
        return fail(
            ErrorCode::BadValue,
            Core::sentence(
                "A version changes one step or more, stretches it to two counts or more, and fills more than nothing."));
    NotationReading reading = readSteps(line, choices).reading;
    if (reading.error) return tl::unexpected(notationError(line, reading));
    return Maker(std::move(reading), asked, choices).run();
}

} // namespace lc
