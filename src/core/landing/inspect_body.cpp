#include "core/landing/inspection.h"

#include "core/figures/figure_reading.h"
#include "core/notation/care.h"
#include "core/notation/step_words.h"
#include "core/routine/routine_figures.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

namespace lc::inspect {

namespace {

struct Place {
    std::size_t pass = 0;
    Tick at;
    double value = 0;
};

/// Steps and turns at the song's tempo where they are danced, against the person's own limits. The worst of each role
/// is told.
void limits(Inspection& in) {
    const auto& own = in.limits;
    if (!own.shortestStepSeconds && !own.turnDegreesPerSecond) return;
    for (std::size_t r = 0; r < in.performance.roles.size(); ++r) {
        std::optional<Place> quick, fast, large;
        const auto& all = in.performance.roles[r];
        for (std::size_t p = 0; p < in.performance.passes.size(); ++p) {
            const PassPerformance& pass = in.performance.passes[p];
            for (std::size_t i = pass.roles[r].firstAction; i < pass.roles[r].endAction; ++i) {
                const PerformedAction& a = all[i];
                if (!a.action) continue;
                const auto from = in.grid.secondsAt(a.at);
                if (!from) continue;
                if (own.turnDegreesPerSecond && a.action->turn.value != 0)
                    if (const auto to = in.grid.secondsAt(a.at + (a.action->turnEnd() - a.action->at));
                        to && *to > *from) {
                        const double speed = std::abs(a.action->turn.value) * 45.0 / (*to - *from);
                        if (speed > *own.turnDegreesPerSecond + 1e-9) {
                            if (!fast || speed > fast->value) fast = Place{p, a.at, speed};
                            if (!large && meaningOf(a.action->words).size == StepSize::Large)
                                large = Place{p, a.at, speed};
                        }
                    }
                if (!own.shortestStepSeconds || !a.action->usesFoot()) continue;
                std::size_t next = i + 1; // a step has time until the next one with a foot
                while (next < all.size() && !(all[next].action && all[next].action->usesFoot())) ++next;
                const auto until = in.grid.secondsAt(next < all.size() ? all[next].at : a.at + a.length);
                if (until && *until - *from < *own.shortestStepSeconds - 1e-9 &&
                    (!quick || *until - *from < quick->value))
                    quick = Place{p, a.at, *until - *from};
            }
        }
        const auto tell = [&](const std::optional<Place>& place, const char* code, const Sentence& headline,
                              const Sentence& text) {
            const PassPerformance& pass = in.performance.passes[place->pass];
            Finding& f =
                in.addFor(pass, code, Severity::Doubtful, place->at, in.ofRole(headline, in.routine.roles[r].id),
                          Core::sentence("In pass %1 on count %2 %3", pass.number,
                                         AsCount{place->at - pass.start + counts(1)}, text));
            f.key.pass = {};
            f.key.role = in.routine.roles[r].id;
        };
        if (quick)
            tell(quick, finding::quickStep, Core::sentence("A step is quicker than your limit"),
                 Core::sentence("it has %1 s at the song's tempo; your own limit is %2 s.", AsDecimals{quick->value, 2},
                                AsDecimals{*own.shortestStepSeconds, 2}));
        if (fast)
            tell(fast, finding::turnSpeed, Core::sentence("A turn is faster than your limit"),
                 Core::sentence("it runs at %1°/s at the song's tempo; your own limit is %2°/s.",
                                std::lround(fast->value), std::lround(*own.turnDegreesPerSecond)));
        if (large)
            tell(large, finding::largeStep, Core::sentence("A large step in a fast turn"),
                 Core::sentence("a large step is taken while turning at %1°/s. Make it smaller, or turn less.",
                                std::lround(large->value)));
    }
}

/// Is a figure demanding, by its steps alone? A whole turn and more within four counts, or more weight changes than
/// three in two counts (a rule of thumb, common practice, no source).
bool isDemanding(const PartReading& reading, const FigureSpan& span) {
    for (const PartRoleReading& role : reading.roles) {
        const auto first = std::lower_bound(role.actions.begin(), role.actions.end(), span.start,
                                            [](const Action& a, Tick t) { return a.at < t; });
        const auto last = std::lower_bound(first, role.actions.end(), span.start + span.length,
                                           [](const Action& a, Tick t) { return a.at < t; });
        int changes = 0;
        for (auto a = first; a != last; ++a) {
            if (a->changesWeight()) ++changes;
            int eighths = 0;
            for (auto b = a; b != last && b->at < a->at + counts(4); ++b) eighths += std::abs(b->turn.value);
            if (eighths >= 8) return true;
        }
        if (span.length >= counts(4) && Tick{changes * ticksPerCount * 2} > span.length * std::int64_t{3}) return true;
    }
    return false;
}

/// Does something calm come within four counts: a wait, a touch, a held or balanced step?
bool calmFollows(const Inspection& in, std::size_t role, Tick from) {
    const auto& all = in.performance.roles[role];
    auto a = std::lower_bound(all.begin(), all.end(), from, [](const PerformedAction& x, Tick t) { return x.at < t; });
    for (; a != all.end() && a->at < from + counts(4); ++a) {
        if (a->kind == ActionKind::Wait || a->kind == ActionKind::NoWeight || a->length >= counts(2)) return true;
        if (a->action && (a->action->words.find("balance") != std::string::npos ||
                          a->action->words.find("sway") != std::string::npos))
            return true;
    }
    return a == all.end();
}

void demanding(Inspection& in) {
    std::set<PlacementId> told;
    std::map<std::pair<FigureId, std::string>, bool> known;
    for (const PassPerformance& pass : in.performance.passes) {
        const PartReading& reading = in.performance.readingOf(pass);
        for (const FigureSpan& span : reading.figures) {
            if (!span.figure.valid() || span.start + span.length > pass.counts || told.count(span.placement) > 0)
                continue;
            const auto [entry, isNew] = known.try_emplace({span.figure, span.version}, false);
            if (isNew)
                entry->second =
                    span.length <= counts(16) && isDemanding(reading, span); // a long typed part is no one figure
            if (!entry->second) continue;
            for (std::size_t r = 0; r < in.performance.roles.size(); ++r) {
                if (calmFollows(in, r, pass.start + span.start + span.length)) continue;
                told.insert(span.placement);
                Finding& f = in.addFor(
                    pass, finding::noBalance, Severity::Note, pass.start + span.start,
                    Core::sentence("Nothing calm follows %1", in.figureName(span.figure, pass.part)),
                    Core::sentence("It is demanding, and no wait, touch or balance comes within four counts after it. "
                                   "A breath there helps to stay on balance."));
                if (pass.plain) f.key.pass = {};
                f.key.thing = placedAt(span.placement);
                break;
            }
        }
    }
}

/// Words of caution that the danced figures ask for, one finding for each, and figures that need a corner of the room.
void cautions(Inspection& in) {
    std::map<std::string_view, std::vector<Argument>> asked;
    std::vector<Argument> corners;
    std::set<FigureId> seen;
    Tick cornerAt;
    for (const PassPerformance& pass : in.performance.passes) {
        const PartReading& reading = in.performance.readingOf(pass);
        for (const FigureSpan& span : reading.figures) {
            if (!span.figure.valid()) continue;
            const Figure* figure = findFigure(in.routine, span.figure);
            const bool corner =
                std::find(figure->facts.tags.begin(), figure->facts.tags.end(), "corner") != figure->facts.tags.end();
            if (corner && span.start < pass.counts) {
                if (corners.empty()) cornerAt = pass.start + span.start;
                corners.emplace_back(Core::sentence("pass %1 count %2", pass.number, AsCount{span.start + counts(1)}));
            }
            if (!seen.insert(span.figure).second) continue;
            const Sentence name = in.figureName(span.figure, pass.part);
            std::set<std::string_view> codes;
            for (const PartRoleReading& role : reading.roles) {
                const auto first = std::lower_bound(role.actions.begin(), role.actions.end(), span.start,
                                                    [](const Action& a, Tick t) { return a.at < t; });
                const auto last = std::lower_bound(first, role.actions.end(), span.start + span.length,
                                                   [](const Action& a, Tick t) { return a.at < t; });
                for (const CareMark& mark : careFor(std::vector<Action>(first, last), span.wants))
                    codes.insert(mark.code);
            }
            for (std::string_view code : codes) asked[code].emplace_back(name);
        }
    }
    for (const CareMark& mark : allCareMarks()) {
        const auto found = asked.find(mark.code);
        if (found == asked.end()) continue;
        Finding& f = in.add(finding::care, Severity::Note, in.performance.start,
                            Core::sentence("Take care: %1", Argument(found->second, Joined::And)), mark.sentence);
        f.key.code = std::string(finding::care) + "-" + std::string(mark.code);
    }
    if (!corners.empty()) {
        if (corners.size() > 4) {
            const auto more = static_cast<std::int64_t>(corners.size()) - 3;
            corners.resize(3, Argument(0));
            corners.emplace_back(Core::plural("%n more place|%n more places", nullptr, more));
        }
        in.add(finding::corner, Severity::Note, cornerAt, Core::sentence("A figure needs a corner of the room"),
               Core::sentence("It is danced in %1. See on the floor that the couple is in a corner there.",
                              Argument(std::move(corners), Joined::And)));
    }
}

} // namespace

void body(Inspection& in) {
    limits(in);
    demanding(in);
    cautions(in);
}

} // namespace lc::inspect
