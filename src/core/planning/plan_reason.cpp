#include "core/planning/plan_reason.h"

#include "core/base/list_text.h"
#include "core/landing/inspection.h"
#include "core/planning/exception_rule.h"

#include <algorithm>
#include <cstdlib>
#include <utility>

namespace lc {

namespace {

std::string misses(int n) { return n == 1 ? "one pass misses" : std::to_string(n) + " passes miss"; }

/// The counts from one start to the next that the plan's passes can take, and those that the music asks for there.
std::string whereItFails(const CountGrid& grid, const RoutinePlan& plan) {
    const auto missed =
        std::find_if(plan.passes.begin(), plan.passes.end(), [](const PlannedPass& p) { return p.misses; });
    if (missed == plan.passes.begin() || missed == plan.passes.end())
        return missed == plan.passes.end() ? "" : " The first pass begins off a phrase: change where the dance starts.";
    const PlannedPass& before = *std::prev(missed);
    std::vector<std::string> ahead;
    for (const CountPhrase& phrase : grid.phrases())
        if (const Tick far = counts(phrase.firstCount) - before.start; far > Tick{} && ahead.size() < 3)
            ahead.push_back(toSpokenCount(far));
    const std::string pass = std::to_string(missed - plan.passes.begin());
    if (ahead.empty()) return " After pass " + pass + " no phrase begins any more.";
    const auto miss = phraseMiss(grid, missed->start);
    const std::string lacks = !miss || *miss == Tick{} ? ""
                                                       : ": " + countsInWords(Tick{std::abs(miss->value)}) +
                                                             (*miss < Tick{} ? " more" : " fewer") + " would land it";
    return " For one, pass " + std::to_string(missed - plan.passes.begin() + 1) + " begins " +
           countsInWords(missed->start - before.start) + " after pass " + pass + " (" +
           grid.placeInWords(before.start) + "), where the next phrases begin " + listOf(ahead) + " counts on" + lacks +
           ".";
}

} // namespace

std::string whyNotAllLands(const Document& document, const CountGrid& grid, const RoutinePlanWishes& wishes,
                           const RoutinePlans& plans) {
    if (plans.plans.empty() || plans.plans.front().misses == 0) return {};
    RoutinePlanWishes fewest = wishes;
    fewest.most = 1;
    fewest.costs.miss = 1'000'000; // more than all else together
    fewest.costs.missCount = 0;
    const auto best = planRoutine(document, grid, fewest);
    if (!best) return {};
    const RoutinePlan& plan = best->plans.front();
    if (plan.misses == 0)
        return "Everything could land for " + std::to_string(plan.cost) +
               ", but as it is priced a miss is the lesser evil. Make a miss dearer to have it.";
    return "With all that is allowed, at least " + misses(plan.misses) + "." + whereItFails(grid, plan) +
           (plans.plans.front().misses > plan.misses ? " This plan misses more, since that is cheaper." : "") +
           " Allow other tags, bridges or changes.";
}

std::optional<std::int64_t> priceOfKeeping(const Document& document, const CountGrid& grid,
                                           const RoutinePlanWishes& wishes, const RoutinePlans& plans) {
    if ((wishes.kept.empty() && wishes.starts.empty()) || plans.plans.empty()) return std::nullopt;
    RoutinePlanWishes free = wishes;
    free.kept.clear();
    free.starts.clear();
    free.most = 1;
    const auto best = planRoutine(document, grid, free);
    if (!best) return std::nullopt;
    return plans.plans.front().cost - best->plans.front().cost;
}

void rankByRule(const Document& document, const CountGrid& grid, RoutinePlans& plans) {
    std::vector<std::pair<std::pair<std::size_t, std::size_t>, RoutinePlan>> all; // without a rule, length of the rules
    for (RoutinePlan& plan : plans.plans) {
        std::pair<std::size_t, std::size_t> price;
        if (const auto then = applyEdits(document, plan.edits))
            for (const ExceptionRule& rule : exceptionRules(*then, land(*then, grid))) {
                if (rule.when.empty())
                    price.first += rule.passes.size();
                else
                    price.second += static_cast<std::size_t>(std::count(rule.when.begin(), rule.when.end(), ' '));
            }
        all.emplace_back(price, std::move(plan));
    }
    std::stable_sort(all.begin(), all.end(), [](const auto& a, const auto& b) {
        return a.second.cost != b.second.cost ? a.second.cost < b.second.cost : a.first < b.first;
    });
    plans.plans.clear();
    for (auto& [price, plan] : all) plans.plans.push_back(std::move(plan));
}

} // namespace lc
