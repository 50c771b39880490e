#include "core/landing/findings.h"

#include "core/landing/inspection.h"

#include <algorithm>

namespace lc {

bool entersOnWrongFoot(const RoleInPass& role) {
    return role.needs && role.freeIn != Foot::Both && *role.needs != role.freeIn;
}

std::optional<Tick> phraseMiss(const CountGrid& grid, Tick start) {
    const auto nearest = grid.nearestPhraseStart(start);
    if (!nearest) return std::nullopt;
    return start - counts(grid.phrases()[static_cast<std::size_t>(*nearest)].firstCount);
}

bool lands(const CountGrid& grid, const PassPerformance& pass) {
    if (phraseMiss(grid, pass.start) == std::optional(Tick{})) return pass.start < grid.end();
    const auto inside = grid.phraseAt(pass.start);
    if (!inside || pass.whole <= Tick{} || grid.musicCountAt(pass.start) != std::optional(counts(1))) return false;
    if (pass.whole <= counts(grid.regularSet())) return true;
    const CountPhrase& phrase = grid.phrases()[static_cast<std::size_t>(*inside)];
    const Tick offset = pass.start - counts(phrase.firstCount);
    return offset.value % pass.whole.value == 0 && offset + pass.whole <= counts(phrase.counts);
}

Landing land(const Document& document, const BodyLimits& limits) {
    return land(document, CountGrid(*document.map, document.scheme), limits);
}

Landing land(const Document& document, CountGrid grid, const BodyLimits& limits) {
    Landing landing;
    landing.grid = std::move(grid);
    landing.performance = unroll(document.routine, landing.grid);
    landing.limits = limits;
    landing.turned = turnedSpans(landing.performance, landing.grid);
    landing.accents = accentFalls(document.routine, document.moments, landing.performance, landing.grid);
    inspect::Inspection inspection{document,       document.routine, landing.grid, landing.performance,
                                   landing.turned, landing.accents,  limits};
    inspect::parts(inspection);
    inspect::phrases(inspection);
    inspect::joints(inspection);
    inspect::cuts(inspection);
    inspect::accents(inspection);
    inspect::body(inspection);
    std::stable_sort(inspection.findings.begin(), inspection.findings.end(), [](const Finding& a, const Finding& b) {
        return a.severity != b.severity ? a.severity < b.severity : a.at < b.at;
    });
    for (Finding& finding : inspection.findings) {
        const bool muted = std::any_of(document.routine.muted.begin(), document.routine.muted.end(),
                                       [&](const MutedFinding& m) { return m.key == finding.key; });
        (muted ? landing.muted : landing.findings).push_back(std::move(finding));
    }
    return landing;
}

namespace inspect {

Finding& Inspection::add(const char* code, Severity severity, Tick at, Sentence headline, Text text) {
    Finding finding;
    finding.key.code = code;
    finding.severity = severity;
    finding.at = at;
    finding.headline = std::move(headline);
    finding.text = std::move(text);
    findings.push_back(std::move(finding));
    return findings.back();
}

Finding& Inspection::addFor(const PassPerformance& pass, const char* code, Severity severity, Tick at,
                            Sentence headline, Text text) {
    Finding& finding = add(code, severity, at, std::move(headline), std::move(text));
    finding.key.pass = pass.id;
    finding.passNumber = pass.number;
    return finding;
}

std::string Inspection::roleName(RoleId id) const {
    const Role* role = findRole(routine, id);
    return role ? role->name : std::string();
}

Sentence Inspection::ofRole(Sentence headline, RoleId id) const {
    return routine.roles.size() > 1 ? Core::sentence("%1, %2", headline, roleName(id)) : headline;
}

Sentence Inspection::figureName(FigureId id, PartId part) const {
    const Figure* figure = findFigure(routine, id);
    if (figure && !figure->name.empty()) return Sentence::verbatim(figure->name);
    const Part* in = findPart(routine, part);
    return Core::sentence("part %1", in ? in->name : std::string("?"));
}

Tick Inspection::firstPlace(PartId part) const {
    for (const PassPerformance& pass : performance.passes)
        if (pass.part == part) return pass.start;
    return performance.start;
}

Sentence passRange(int first, int last) {
    if (first == last) return Core::sentence("Pass %1", first);
    return last == first + 1 ? Core::sentence("Passes %1 and %2", first, last)
                             : Core::sentence("Passes %1 to %2", first, last);
}

Sentence passRanges(const std::vector<int>& ascending) {
    std::vector<Argument> ranges;
    for (std::size_t i = 0; i < ascending.size(); ++i) {
        const std::size_t first = i;
        while (i + 1 < ascending.size() && ascending[i + 1] == ascending[i] + 1) ++i;
        if (i == first + 1) ranges.emplace_back(ascending[first]); // two in a row are named, three are a range
        if (i > first + 1)
            ranges.emplace_back(Core::sentence("%1 to %2", ascending[first], ascending[i]));
        else
            ranges.emplace_back(ascending[i]);
    }
    if (ascending.size() == 1) return Core::sentence("pass %1", ascending.front());
    return Core::sentence("passes %1", Argument(std::move(ranges), Joined::And));
}

} // namespace inspect

} // namespace lc
