#include "core/planning/plan_reason.h"

#include "core/base/list_text.h"
#include "core/landing/inspection.h"
#include "core/planning/exception_rule.h"

#include <algorithm>
#include <cstdlib>
#include <utility>

namespace lc {

namespace {

/// The counts from one start to the next that the plan's passes can take, and those that the music asks for there.
Sentence whereItFails(const CountGrid& grid, const RoutinePlan& plan) {
    const auto missed =
        std::find_if(plan.passes.begin(), plan.passes.end(), [](const PlannedPass& p) { return p.misses; });
    if (missed == plan.passes.end()) return {};
    if (missed == plan.passes.begin())
        return Core::sentence("The first pass begins off a phrase: change where the dance starts.");
    const PlannedPass& before = *std::prev(missed);
    std::vector<AsCount> ahead;
    for (const CountPhrase& phrase : grid.phrases())
        if (const Tick far = counts(phrase.firstCount) - before.start; far > Tick{} && ahead.size() < 3)
            ahead.emplace_back(far);
    const auto pass = missed - plan.passes.begin();
    if (ahead.empty()) return Core::sentence("After pass %1 no phrase begins any more.", pass);
    const Sentence taken = inCounts(missed->start - before.start), there = grid.place(before.start);
    const auto miss = phraseMiss(grid, missed->start);
    if (!miss || *miss == Tick{})
        return Core::sentence(
            "For one, pass %1 begins %2 after pass %3 (%4), where the next phrases begin %5 counts on.", pass + 1,
            taken, pass, there, listed(ahead));
    const Sentence lacks = inCounts(Tick{std::abs(miss->value)});
    return *miss < Tick{}
               ? Core::sentence(
                     "For one, pass %1 begins %2 after pass %3 (%4), where the next phrases begin %5 counts on: %6 more would land it.",
                     pass + 1, taken, pass, there, listed(ahead), lacks)
               : Core::sentence(
                     "For one, pass %1 begins %2 after pass %3 (%4), where the next phrases begin %5 counts on: %6 fewer would land it.",
                     pass + 1, taken, pass, there, listed(ahead), lacks);
}

} // namespace

Text whyNotAllLands(const Document& document, const CountGrid& grid, const RoutinePlanWishes& wishes,
                    const RoutinePlans& plans) {
    if (plans.plans.empty() || plans.plans.front().misses == 0) return {};
    RoutinePlanWishes fewest = wishes;
    fewest.most = 1;
    fewest.costs.miss = 1'000'000; // more than all else together
    fewest.costs.missCount = 0;
    const auto best = planRoutine(document, grid, fewest);
    if (!best) return {};
    const RoutinePlan& plan = best->plans.front();
    if (plan.misses == 0) {
        Text out =
            Core::sentence("Everything could land for %1, but as it is priced a miss is the lesser evil.", plan.cost);
        out += Core::sentence("Make a miss dearer to have it.");
        return out;
    }
    Text out = Core::plural(
        "With all that is allowed, at least one pass misses.|With all that is allowed, at least %n passes miss.",
        nullptr, plan.misses);
    out += whereItFails(grid, plan);
    if (plans.plans.front().misses > plan.misses)
        out += Core::sentence("This plan misses more, since that is cheaper.");
    out += Core::sentence("Allow other tags, bridges or changes.");
    return out;
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
                    price.second += static_cast<std::size_t>(rule.length);
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
