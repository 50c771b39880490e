#include "core/landing/inspection.h"

#include "core/figures/joints.h"

#include <algorithm>
#include <map>
#include <set>

namespace lc::inspect {

namespace {

/// A part that leaves the wrong foot for what follows it is told once, however often it is danced; a cut each time.
void fromPassToPass(Inspection& in) {
    struct Told {
        std::size_t finding;    // index into the findings
        std::vector<int> again; // the passes that it is the same into
    };
    std::map<std::pair<PartId, RoleId>, Told> told;
    const auto& passes = in.performance.passes;
    for (std::size_t i = 1; i < passes.size(); ++i) {
        const PassPerformance& pass = passes[i];
        const PassPerformance& before = passes[i - 1];
        const bool special = before.cut || !before.plain || before.tagReading;
        for (const RoleInPass& role : pass.roles) {
            if (!entersOnWrongFoot(role)) continue;
            const auto same = told.find({before.part, role.role});
            if (!special && same != told.end()) {
                same->second.again.push_back(pass.number);
                continue;
            }
            const Sentence why =
                before.cut ? Core::sentence("The cut of pass %1 after %2", before.number, AsCount{before.counts})
                : before.tagReading ? Core::sentence("The tag after pass %1", before.number)
                                    : Core::sentence("Pass %1", before.number);
            Finding& f = in.addFor(pass, finding::wrongFoot, Severity::Misses, pass.start,
                                   in.ofRole(Core::sentence("Wrong foot into pass %1", pass.number), role.role),
                                   Core::sentence("%1 leaves the %2 foot free; count 1 needs the %3.", why,
                                                  footWord(role.freeIn), footWord(*role.needs)));
            f.key.role = role.role;
            if (!special) told[{before.part, role.role}] = {in.findings.size() - 1, {}};
        }
    }
    for (const auto& [key, same] : told)
        if (!same.again.empty())
            in.findings[same.finding].text += Core::sentence("The same into %1.", passRanges(same.again));
}

/// The free foot of a role before a moment, in one pass.
class FeetOf {
public:
    FeetOf(const Performance& performance, const PassPerformance& pass, std::size_t role)
        : m_actions(performance.roles[role]), m_next(pass.roles[role].firstAction), m_end(pass.roles[role].endAction),
          m_free(pass.roles[role].freeIn) {}
    /// Moments have to ascend.
    Foot before(Tick at) {
        while (m_next < m_end && m_actions[m_next].at < at) m_free = m_actions[m_next++].freeAfter;
        return m_free;
    }

private:
    const std::vector<PerformedAction>& m_actions;
    std::size_t m_next;
    std::size_t m_end;
    Foot m_free;
};

/// Joints between the figures of a pass, each told once: where figure follows figure on the foot that carries the
/// weight.
void fromFigureToFigure(Inspection& in) {
    std::set<std::tuple<PlacementId, RoleId, PlacementId>> told;
    for (const PassPerformance& pass : in.performance.passes) {
        const auto& figures = in.performance.readingOf(pass).figures;
        if (figures.size() < 2 || pass.exceptions.canon) continue;
        for (std::size_t r = 0; r < pass.roles.size(); ++r) {
            FeetOf feet(in.performance, pass, r);
            for (std::size_t i = 0; i < figures.size(); ++i) {
                const FigureSpan& span = figures[i];
                if (span.start >= pass.counts) break;
                const Foot free = feet.before(pass.start + span.start);
                const auto needed = r < span.needs.size() ? span.needs[r] : std::nullopt;
                if (i == 0 || !needed || *needed == Foot::Both || free == Foot::Both || *needed == free) continue;
                const FigureSpan& before = figures[i - 1];
                if (!told.insert({span.placement, pass.roles[r].role, before.placement}).second) continue;
                const Sentence name = in.figureName(span.figure, pass.part);
                Finding& f =
                    in.addFor(pass, finding::wrongFootAtJoint, Severity::Misses, pass.start + span.start,
                              in.ofRole(Core::sentence("Wrong foot into %1", name), pass.roles[r].role),
                              Core::sentence("%1 leaves the %2 foot free; %3 needs the %4, on count %5 of the pass.",
                                             in.figureName(before.figure, pass.part), footWord(free), name,
                                             footWord(*needed), AsCount{span.start + counts(1)}));
                if (pass.plain) f.key.pass = {}; // it is the part's
                f.key.part = pass.part;
                f.key.role = pass.roles[r].role;
                f.key.thing = placedAt(span.placement);
            }
        }
    }
}

/// What is said of the couple, followed through all passes: holds, position and relation at each joint.
void couples(Inspection& in) {
    if (in.routine.roles.size() < 2) return;
    CoupleState state = in.routine.opening.couple;
    std::set<std::pair<PlacementId, std::string>> told;
    std::pair<FigureId, PartId> last; // figures get their names where something is told of them
    bool first = true;
    for (const PassPerformance& pass : in.performance.passes) {
        const PartReading& reading = in.performance.readingOf(pass);
        std::vector<std::size_t> next(reading.roles.size(), 0);
        for (const FigureSpan& span : reading.figures) {
            if (span.start >= pass.counts) break;
            if (!span.wants.empty() && !coupleBreaks(state, span.wants, {}).empty()) {
                const Sentence name = in.figureName(span.figure, pass.part);
                for (const Sentence& broken : coupleBreaks(state, span.wants, name)) {
                    if (!told.insert({span.placement, broken.english()}).second) continue;
                    Finding& f = in.addFor(
                        pass, finding::couple, Severity::Misses, pass.start + span.start,
                        Core::sentence("Hold or position does not fit into %1", name),
                        first ? Core::sentence("%1.", broken)
                              : Core::sentence("%1, after %2.", broken, in.figureName(last.first, last.second)));
                    if (pass.plain) f.key.pass = {};
                    f.key.part = pass.part;
                    f.key.thing = placedAt(span.placement);
                }
            }
            state = state.then(span.wants);
            const Tick end = std::min(span.start + span.length, pass.counts);
            for (std::size_t r = reading.roles.size(); r-- > 0;) { // the first role has the last word
                const auto& actions = reading.roles[r].actions;
                for (; next[r] < actions.size() && actions[next[r]].at < end; ++next[r])
                    state = state.then(actions[next[r]].couple);
            }
            last = {span.figure, pass.part};
            first = false;
        }
    }
}

/// Partners one and two, three and four: their feet at the end of each figure against the relation that is said, and
/// how far each has walked round.
void partners(Inspection& in) {
    if (in.routine.roles.size() < 2) return;
    std::set<PlacementId> toldFeet;
    std::set<PartId> toldPlaces;
    for (const PassPerformance& pass : in.performance.passes) {
        const PartReading& reading = in.performance.readingOf(pass);
        if (pass.exceptions.canon) continue;
        for (std::size_t r = 0; r + 1 < pass.roles.size(); r += 2) {
            const RoleInPass& one = pass.roles[r];
            const RoleInPass& two = pass.roles[r + 1];
            const int apart = facingIndex({one.orbitOut.value - two.orbitOut.value});
            const int apartBefore = facingIndex({one.orbitIn.value - two.orbitIn.value});
            if (apart != apartBefore && toldPlaces.insert(pass.part).second) {
                Finding& f = in.addFor(pass, finding::places, Severity::Misses, pass.danceEnd(),
                                       Core::sentence("Partners do not come to their places in pass %1", pass.number),
                                       Core::sentence("%1 is %2, %3 %4: one of them lacks the counts to walk there.",
                                                      in.roleName(one.role), orbitSaid(one.orbitOut),
                                                      in.roleName(two.role), orbitSaid(two.orbitOut)));
                f.key.role = two.role;
                if (pass.plain && !pass.cut) {
                    f.key.pass = {};
                    f.key.part = pass.part;
                }
            }
            FeetOf first(in.performance, pass, r), second(in.performance, pass, r + 1);
            std::optional<FootRelation> relation = in.routine.opening.couple.feet;
            for (const FigureSpan& span : reading.figures) {
                const Tick end = span.start + span.length;
                if (span.start >= pass.counts || end > pass.counts) break;
                if (span.wants.feet) relation = span.wants.feet;
                const Foot a = first.before(pass.start + end), b = second.before(pass.start + end);
                if (!relation || a == Foot::Both || b == Foot::Both || (relation == FootRelation::Same) == (a == b))
                    continue;
                if (!toldFeet.insert(span.placement).second) continue;
                const std::string oneName = in.roleName(one.role), twoName = in.roleName(two.role);
                Finding& f = in.addFor(
                    pass, finding::relation, Severity::Misses, pass.start + end,
                    Core::sentence("The feet do not answer each other after %1", in.figureName(span.figure, pass.part)),
                    relation == FootRelation::Same
                        ? Core::sentence(
                              "They should be on the same foot; %1 has the %2 free, %3 the %4. One of them alone "
                              "changes feet.",
                              oneName, footWord(a), twoName, footWord(b))
                        : Core::sentence(
                              "They should be on opposite feet; %1 has the %2 free, %3 the %4. One of them alone "
                              "changes feet.",
                              oneName, footWord(a), twoName, footWord(b)));
                if (pass.plain) f.key.pass = {};
                f.key.part = pass.part;
                f.key.thing = placedAt(span.placement);
                break; // what follows from the first is not said again
            }
        }
    }
}

} // namespace

void joints(Inspection& in) {
    fromPassToPass(in);
    fromFigureToFigure(in);
    couples(in);
    partners(in);
}

} // namespace lc::inspect
