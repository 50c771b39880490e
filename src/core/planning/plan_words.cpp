#include "core/planning/plan_words.h"

#include "core/base/list_text.h"
#include "core/base/number_words.h"
#include "core/planning/exception_words.h"
#include "core/reports/sheet_header.h"

#include <algorithm>

namespace lc {

namespace {

/// What happens in several passes is said once: `say` gets what it is, and the passes.
template <typename What, typename Say>
Argument grouped(const std::vector<std::pair<What, std::size_t>>& all, Say say) {
    std::vector<std::pair<What, std::vector<std::size_t>>> groups;
    for (const auto& [what, pass] : all) {
        auto found = std::find_if(groups.begin(), groups.end(), [&](const auto& g) { return g.first == what; });
        if (found == groups.end()) found = groups.insert(found, {what, {}});
        found->second.push_back(pass);
    }
    std::vector<Argument> said;
    for (const auto& [what, passes] : groups) said.emplace_back(say(what, passesSaid(passes)));
    return {std::move(said), Joined::Commas};
}

} // namespace

Sentence planInWords(const Document& document, const Landing& now, const RoutinePlan& plan) {
    struct Cut {
        Tick after;
        bool touch;
        bool operator==(const Cut&) const = default;
    };
    std::vector<std::pair<Cut, std::size_t>> restarts;
    std::vector<std::pair<Tick, std::size_t>> tags;
    std::vector<std::pair<Sentence, std::size_t>> others;
    std::size_t added = 0;
    const std::size_t shift = plan.opened ? 1 : 0; // the pass numbers of `now` do not know the opening
    for (std::size_t i = 0; i < plan.passes.size(); ++i) {
        const PlannedPass& pass = plan.passes[i];
        const PassExceptions& as = plan.as[i];
        if (pass.cut) restarts.emplace_back(Cut{pass.counts, pass.touch}, i + 1);
        if (as.tag && !as.tag->figure.valid() && pass.tag > Tick{}) tags.emplace_back(pass.tag, i + 1);
        for (const OtherException& other :
             otherExceptions(document.routine, as, writtenExceptions(document.routine, pass.pass)))
            others.emplace_back(other.words, i + 1);
        added += !pass.pass.valid();
    }
    std::vector<Sentence> said;
    if (plan.opened && !plan.parts.empty())
        said.push_back(Core::sentence("opening %1 first", findPart(document.routine, plan.parts.front())->name));
    if (!restarts.empty())
        said.push_back(Core::plural(
            "one restart, %1|%2 restarts, %1", "%1: after 16 of pass 3", static_cast<std::int64_t>(restarts.size()),
            grouped(restarts,
                    [](const Cut& cut, const Sentence& passes) {
                        return cut.touch ? Core::sentence("after %1 of %2 with a touch at the end", AsCount{cut.after},
                                                          passes)
                                         : Core::sentence("after %1 of %2", AsCount{cut.after}, passes);
                    }),
            numberSaid(restarts.size())));
    if (!tags.empty())
        said.push_back(Core::plural("one tag, %1|%2 tags, %1", "%1: of 4 after pass 3",
                                    static_cast<std::int64_t>(tags.size()),
                                    grouped(tags,
                                            [](Tick tag, const Sentence& passes) {
                                                return Core::sentence("of %1 after %2", AsCount{tag}, passes);
                                            }),
                                    numberSaid(tags.size())));
    if (!others.empty())
        said.push_back(Core::sentence("%1", grouped(others, [](const Sentence& what, const Sentence& passes) {
                                          return Core::sentence("%1 in %2", what, passes);
                                      })));
    if (said.empty()) said.push_back(Core::sentence("no restart and no tag"));
    if (restarts.size() + tags.size() + others.size() == 1) { // a single exception is worth a name
        const std::size_t pass = (!restarts.empty() ? restarts.front().second
                                  : !tags.empty()   ? tags.front().second
                                                    : others.front().second) -
                                 shift;
        if (pass >= 1 && pass <= now.performance.passes.size())
            if (const auto marks = memoryMarks(document, now, pass - 1); !marks.empty())
                said.back() = Core::sentence("%1 (%2)", said.back(), marks.front());
    }
    if (added > 0)
        said.push_back(
            Core::plural("one more pass|%1 more passes", nullptr, static_cast<std::int64_t>(added), numberSaid(added)));
    said.push_back(plan.misses == 0 ? Core::sentence("every pass then lands")
                                    : Core::plural("one pass does not land|%1 passes do not land", nullptr, plan.misses,
                                                   numberSaid(plan.misses)));
    return Core::sentence("%1.", AsOpening(Core::sentence("%1", listed(said, Joined::Semicolons))));
}

Text proofInWords(const RoutinePlans& plans, std::size_t rank) {
    const std::int64_t cost = plans.plans[rank].cost, best = plans.plans.front().cost;
    const std::int64_t next = rank + 1 < plans.plans.size() ? plans.plans[rank + 1].cost : plans.nextCost;
    Text out = cost == best ? Core::sentence("No plan costs less than %1.", best)
                            : Core::sentence("It costs %1, %2 more than the best.", cost, cost - best);
    if (next < 0)
        out += Core::sentence("There is no other.");
    else
        out +=
            next == cost ? Core::sentence("The next costs the same.") : Core::sentence("The next best costs %1.", next);
    return out;
}

Sentence endingInWords(Formation formation, Tick danced, Tick whole, Eighths facing) {
    const Sentence there = facingSaid(formation, facing);
    return danced >= whole ? Core::sentence("whole, facing %1", there)
                           : Core::sentence("after %1 of %2, facing %3", AsCount{danced}, AsCount{whole}, there);
}

const std::vector<PlanPreset>& planPresets() {
    static const std::vector<PlanPreset> all = [] {
        const auto preset = [](Sentence name, Sentence why, PlanCosts costs, std::vector<int> tags, auto more) {
            PlanPreset p{std::move(name), std::move(why), {}};
            static_cast<PlanCosts&>(p.wishes.costs) = costs;
            p.wishes.tags.clear();
            for (const int tag : tags) p.wishes.tags.push_back(counts(tag));
            more(p.wishes);
            return p;
        };
        return std::vector<PlanPreset>{
            preset(Core::sentence("a line of dancers"),
                   Core::sentence("A restart is as bad as a tag and a half, and every new kind as bad as a tag."),
                   {10, 3, 2, 2}, {2, 4, 8}, [](RoutinePlanWishes&) {}),
            preset(
                Core::sentence("a line of beginners"),
                Core::sentence(
                    "Few kinds, and rather a tag than a restart: everyone must remember them. Nothing in the first quarter, where they still learn it."),
                {10, 5, 3, 6}, {4, 8},
                [](RoutinePlanWishes& w) {
                    w.costs.early = 2;
                    w.costs.figureCut = 3;
                    w.costs.place = 1;
                }),
            preset(Core::sentence("a couple at a social"),
                   Core::sentence(
                       "A wait of two or four is easily led, a restart is not, and a figure may always come twice."),
                   {8, 9, 2, 1}, {2, 4},
                   [](RoutinePlanWishes& w) {
                       w.figures = true;
                       w.costs.change = 2;
                       w.costs.figureCut = 6;
                   }),
            preset(Core::sentence("a stage group"),
                   Core::sentence("It is rehearsed: what matters is that all lands, with the accents."), {30, 2, 2, 1},
                   {1, 2, 4, 6, 8},
                   [](RoutinePlanWishes& w) {
                       w.bridges = {counts(2), counts(4)};
                       w.bars = true;
                       w.costs.accent = 8;
                       w.costs.missCount = 1;
                       w.costs.cutOff = 4;
                   }),
            preset(Core::sentence("a competition"),
                   Core::sentence("Nothing may miss, waits are seen, and the end is seen most."), {60, 2, 4, 1},
                   {2, 4, 8}, [](RoutinePlanWishes& w) {
                       w.costs.accent = 6;
                       w.costs.touch = 1;
                       w.costs.late = 1;
                       w.costs.cutOff = 6;
                   })};
    }();
    return all;
}

} // namespace lc
