#include "core/landing/inspection.h"

#include "core/base/number_words.h"
#include "core/figures/figure_findings.h"
#include "core/routine/handout_claims.h"
#include "core/routine/routine_figures.h"
#include "core/said/steps_reader.h"

#include <algorithm>
#include <set>
#include <unordered_set>

namespace lc::inspect {

namespace {

void remarks(Inspection& in, const PartReading& reading, const Part& part) {
    std::set<std::pair<FigureId, RoleId>> told;
    for (const PartLineRemark& remark : reading.remarks) {
        const bool error = remark.remark.kind == RemarkKind::Error;
        if (!error && remark.remark.kind != RemarkKind::FootNotFree)
            continue; // readings of ambiguous marks stand under the line itself
        if (!told.insert({remark.figure, remark.role}).second) continue;
        const Figure* figure = findFigure(in.routine, remark.figure);
        const std::string text = figure ? lineText(*figure, remark.role) : std::string();
        const bool named = figure && !figure->name.empty();
        const Sentence what = named ? Sentence::verbatim(figure->name) : Core::sentence("Part %1", part.name);
        const auto character = characterNumber(text, remark.remark.begin);
        Finding& f =
            in.add(error ? finding::notation : finding::footInPart, error ? Severity::Misses : Severity::Doubtful,
                   in.firstPlace(part.id),
                   error ? Core::sentence("%1 cannot be read to its end", what)
                         : Core::sentence("%1 says a foot that is not free", what),
                   in.routine.roles.size() > 1 ? Core::sentence("At %1, character %2: %3", in.roleName(remark.role),
                                                                character, remark.remark.text)
                                               : Core::sentence("At character %1: %2", character, remark.remark.text));
        f.key.part = part.id;
        f.key.role = remark.role;
        if (named) f.key.thing = figure->id;
    }
}

void lengths(Inspection& in, const PartReading& reading, const Part& part) {
    for (std::size_t r = 0; r < reading.roles.size(); ++r) {
        const Role& role = in.routine.roles[r];
        for (const ShortLine& shorter : reading.shorts) {
            if (shorter.role != role.id) continue;
            const Figure& figure = *findFigure(in.routine, shorter.figure);
            const bool named = !figure.name.empty();
            Text text(Core::sentence("%1 has %2, %3 has %4.", in.roleName(shorter.longest), inCounts(shorter.length),
                                     role.name, AsCount{shorter.length - shorter.missing}));
            text += named ? Core::sentence("They do not meet at the end of the figure.")
                          : Core::sentence("They do not meet at the end of the part.");
            if (const Tick all = reading.length - reading.roles[r].length; all != shorter.missing)
                text += Core::sentence("In the whole part %1 is %2 short.", role.name, AsCount{all});
            Finding& f = in.add(finding::unequalRoles, Severity::Misses, in.firstPlace(part.id),
                                Core::sentence("In %1 %2 is %3 short", in.figureName(figure.id, part.id), role.name,
                                               AsCount{shorter.missing}),
                                text);
            f.key.part = part.id;
            f.key.role = role.id;
            if (named) f.key.thing = figure.id;
            break; // the first tells it; the others are in the sum
        }
    }
}

/// Figures by themselves: claimed and built length, meet points, holds, versions, tails that are not written.
void figures(Inspection& in, const PartReading& reading, std::set<FigureId>& told) {
    static const std::set<std::string> saidElsewhere{figure_finding::notation, figure_finding::footNotFree,
                                                     figure_finding::unequalRoles, figure_finding::quickStep,
                                                     figure_finding::turnSpeed};
    for (const FigureSpan& span : reading.figures) {
        if (!span.figure.valid() || !told.insert(span.figure).second) continue;
        const Figure* figure = findFigure(in.routine, span.figure);
        const bool plain = figure->name.empty() && figure->facts == FigureFacts{} && !figure->claimed;
        const bool asked = std::any_of(figure->lines.begin(), figure->lines.end(), [&](const RoleLine& l) {
            return !readSteps(l.text, in.routine.choices).reading.questions.empty();
        });
        if (plain && in.routine.roles.size() < 2 && !reading.unfinished && !asked)
            continue; // nothing that could be said
        FigureSurroundings around;
        around.choices = in.routine.choices;
        if (!in.grid.empty())
            around.bar = counts(std::max(1, in.grid.regularSet() / std::max(1, in.grid.scheme().barsPerSet)));
        const FigureCard card = cardOf(in.routine, *figure);
        for (const FigureFinding& one : inspectFigure(card, readFigure(card, in.routine.choices), around)) {
            if (saidElsewhere.count(one.code) > 0) continue;
            const Sentence name = in.figureName(figure->id, reading.part);
            Finding& f = in.add(finding::ofFigure, one.severity, in.firstPlace(reading.part),
                                Core::sentence("%1: %2", name, one.headline), one.text);
            f.key.code = one.code;
            f.key.thing = figure->id;
            if (const auto role = std::find_if(in.routine.roles.begin(), in.routine.roles.end(),
                                               [&](const Role& r) { return r.name == one.role; });
                role != in.routine.roles.end())
                f.key.role = role->id;
        }
    }
}

/// Lines of the hand-out that nobody has settled.
void unsettled(Inspection& in) {
    HandoutClaims claims(in.routine, in.performance.parts);
    for (const UnsettledLine& line : in.routine.unsettled) {
        if (!claims.isOpen(line)) continue;
        const Sentence broken = claims.broken(line);
        const char last = line.why.empty() ? '.' : line.why.back();
        const Sentence why = Core::sentence("%1", AsOpening(Sentence::kept(line.why)));
        PartId part;
        for (const Part& one : in.routine.parts)
            if (!part.valid() && std::any_of(one.figures.begin(), one.figures.end(), [&](const Placement& p) {
                    return p.figure.valid() && p.figure == line.figure;
                }))
                part = one.id;
        Finding& f = in.add(finding::handoutLine, Severity::Doubtful, in.firstPlace(part),
                            Core::sentence("Line %1 of the hand-out: “%2”", line.number, line.text),
                            !broken.empty()              ? Core::sentence("%1.", AsOpening(broken))
                            : last == '?' || last == '.' ? why
                                                         : Core::sentence("%1.", why));
        f.key.part = part;
        f.key.thing = line.id;
    }
}

} // namespace

void parts(Inspection& in) {
    unsettled(in);
    std::set<FigureId> told;
    std::unordered_set<std::uint32_t> danced; // placements, also those in parts inside other parts
    for (const auto& reading : in.performance.readings)
        for (const FigureSpan& span : reading->figures)
            for (PlacementId id : span.path) danced.insert(id.value);
    for (const auto& reading : in.performance.parts) {
        const Part& part = *findPart(in.routine, reading->part);
        remarks(in, *reading, part);
        lengths(in, *reading, part);
        const bool inOrder = std::any_of(in.routine.passes.begin(), in.routine.passes.end(),
                                         [&](const Pass& p) { return p.part == part.id; });
        const bool somewhere = std::any_of(part.figures.begin(), part.figures.end(),
                                           [&](const Placement& p) { return danced.count(p.id.value) > 0; });
        if (inOrder || somewhere) figures(in, *reading, told);
        if (inOrder && reading->length == Tick{} && reading->remarks.empty())
            in.add(
                  finding::emptyPart, Severity::Doubtful, in.firstPlace(part.id),
                  Core::sentence("Part %1 has no steps yet", part.name),
                  Core::sentence(
                      "It is in the order but takes no counts. Place figures in it, or type its counts, for example %1.",
                      std::string("“1 side R 2 close L 3 side R 4 touch”")))
                .key.part = part.id;
    }
    std::set<PlacementId> lost;
    for (const PassPerformance& pass : in.performance.passes)
        for (const LostSteps& steps : in.performance.readingOf(pass).lost) {
            if (!lost.insert(steps.placement).second) continue;
            Finding& f = in.addFor(
                pass, finding::lostSteps, Severity::Misses, pass.start,
                Core::sentence("Steps of %1 have no count", in.figureName(steps.figure, pass.part)),
                Core::sentence("Danced in bars of another length it loses %1: they stand on counts that "
                               "these bars do not have.",
                               in.ofRole(Core::plural("%n step|%n steps", nullptr, steps.steps), steps.role)));
            f.key.thing = placedAt(steps.placement);
        }
}

} // namespace lc::inspect
