// The verb that plans.
#include "cli/plan_report.h"
#include "cli/verbs.h"
#include "core/base/text_rows.h"
#include "core/landing/findings.h"
#include "core/planning/plan_reason.h"
#include "core/planning/routine_plan.h"

#include <algorithm>

namespace lc::cli {

namespace {

/// The pass with this number among those that are danced.
Result<PassId> passNumbered(const Document& document, std::string_view text) {
    const auto number = wholeNumber<std::size_t>(trimmed(text));
    std::size_t n = 0;
    for (const Pass& pass : document.routine.passes)
        if (findPart(document.routine, pass.part) && number && ++n == *number) return pass.id;
    return fail(ErrorCode::BadValue,
                Core::sentence("There is no pass “%1”. Passes are numbered from 1; the routine has %2.",
                               std::string(trimmed(text)), document.routine.passes.size()));
}

Result<std::optional<PartId>> partNamed(const Document& document, const std::string& name) {
    if (name.empty()) return std::optional<PartId>{};
    if (const Part* part = findPartNamed(document.routine, name)) return std::optional(part->id);
    return fail(ErrorCode::NotFound, Core::sentence("The routine has no part “%1”.", name));
}

Result<RoutinePlanWishes> wishesOf(const PlanOptions& options, const Document& document) {
    RoutinePlanWishes wishes;
    wishes.most = options.limit;
    wishes.differ = options.differ;
    wishes.versions = options.versions;
    wishes.figures = options.figures;
    wishes.bars = options.bars;
    if (!options.cuts.empty()) wishes.cuts.emplace();
    std::vector<Tick> none;
    for (const auto& [text, target] : {std::pair{&options.cuts, wishes.cuts ? &*wishes.cuts : &none},
                                       {&options.tags, &wishes.tags},
                                       {&options.waits, &wishes.waits},
                                       {&options.bridges, &wishes.bridges}}) {
        auto lengths = parseLengths(*text);
        if (!lengths) return tl::unexpected(lengths.error());
        *target = std::move(*lengths);
    }
    for (const std::string_view piece : pieces(options.fills, ',')) {
        const std::string name(trimmed(piece));
        if (name.empty()) continue;
        const auto& figures = document.routine.figures;
        const auto figure =
            std::find_if(figures.begin(), figures.end(), [&](const Figure& f) { return f.name == name; });
        if (figure == figures.end())
            return fail(ErrorCode::NotFound, Core::sentence("The routine has no figure “%1”.", name));
        wishes.fills.push_back(figure->id);
    }
    for (const auto& [name, target] :
         {std::pair{&options.opening, &wishes.opening}, {&options.ending, &wishes.ending}}) {
        const auto part = partNamed(document, *name);
        if (!part) return tl::unexpected(part.error());
        *target = *part;
    }
    const auto costs = parseRoutineCosts(options.costs);
    if (!costs) return tl::unexpected(costs.error());
    wishes.costs = *costs;
    if (!options.facing.empty()) {
        const auto facing = parseClock(options.facing);
        if (!facing) return tl::unexpected(facing.error());
        wishes.endFacing = *facing;
    }
    for (const std::string_view piece : pieces(options.kept, ',')) {
        if (trimmed(piece).empty()) continue;
        const auto pass = passNumbered(document, piece);
        if (!pass) return tl::unexpected(pass.error());
        wishes.kept.emplace_back(*pass);
    }
    for (const std::string_view piece : pieces(options.starts, ',')) {
        if (trimmed(piece).empty()) continue;
        const auto at = piece.find('@');
        const auto pass = passNumbered(document, piece.substr(0, at));
        if (!pass) return tl::unexpected(pass.error());
        const auto count =
            at == std::string_view::npos
                ? fail(ErrorCode::BadValue,
                       Core::sentence("“%1” says no count. Write 3@65: pass 3 begins on count 65.", std::string(piece)))
                : parseCount(trimmed(piece.substr(at + 1)));
        if (!count) return tl::unexpected(count.error());
        wishes.starts.push_back({*pass, *count - counts(1)});
    }
    return wishes;
}

Result<Output> planOfRoutine(const PlanOptions& options) {
    const auto document = readRoutine(options.file);
    if (!document) return tl::unexpected(document.error());
    const auto wishes = wishesOf(options, *document);
    if (!wishes) return tl::unexpected(wishes.error());
    const CountGrid grid(*document->map, document->scheme);
    const auto plans = planRoutine(*document, grid, *wishes);
    if (!plans) return tl::unexpected(plans.error());
    Text said = whyNotAllLands(*document, grid, *wishes, *plans);
    if (const auto price = priceOfKeeping(*document, grid, *wishes, *plans))
        said += Core::sentence("What is kept costs %1.", *price);
    std::string notes = said.english();
    if (!notes.empty()) notes += "\n";
    return Output{options.json ? plansAsJson(*document, *plans) : plansAsText(*document, *plans), std::move(notes)};
}

} // namespace

Result<Output> runPlan(const PlanOptions& options) {
    if (!options.file.empty()) return planOfRoutine(options);
    PhrasePlanAsked asked;
    asked.most = options.limit;
    const auto dance = parseCount(options.dance);
    if (!dance) return tl::unexpected(dance.error());
    asked.dance = *dance;
    if (options.cuts.empty())
        for (Tick cut = counts(8); cut < *dance && asked.cuts.size() < 64; cut += counts(8)) asked.cuts.push_back(cut);
    for (const auto& [text, target] :
         {std::pair{&options.phrases, &asked.phrases}, {&options.cuts, &asked.cuts}, {&options.tags, &asked.tags}}) {
        if (text == &options.cuts && text->empty()) continue;
        auto read = parseLengths(*text);
        if (!read) return tl::unexpected(read.error());
        *target = std::move(*read);
    }
    const auto turns = parseTurns(options.turns);
    if (!turns) return tl::unexpected(turns.error());
    asked.turns = *turns;
    const auto costs = parseCosts(options.costs);
    if (!costs) return tl::unexpected(costs.error());
    asked.costs = *costs;
    Tick song;
    for (const Tick phrase : asked.phrases) song += phrase;
    std::string notes;
    if (asked.dance > song && song > Tick{})
        notes = "The dance of " + countsInWords(asked.dance) + " is longer than the song of " + countsInWords(song) +
                ": it is cut off by the end of the music.\n";
    if (asked.cuts.empty() && asked.tags.empty())
        notes += "Neither cuts nor tags are allowed, so nothing can be put right.\n";
    const auto plans = planPhrases(std::move(asked));
    if (!plans) return tl::unexpected(plans.error());
    return Output{options.json ? plansAsJson(*plans) : plansAsText(*plans), std::move(notes)};
}

} // namespace lc::cli
