#include "core/planning/plan_words.h"

#include "core/base/list_text.h"
#include "core/planning/exception_words.h"
#include "core/reports/sheet_header.h"

#include <algorithm>

namespace lc {

namespace {

std::string upper(std::string text) {
    if (!text.empty() && text[0] >= 'a' && text[0] <= 'z') text[0] = static_cast<char>(text[0] - 'a' + 'A');
    return text;
}

std::string number(std::size_t n, const char* one, const char* many) {
    static const char* const words[] = {"no", "one", "two", "three", "four", "five", "six"};
    return (n < 7 ? words[n] : std::to_string(n)) + std::string(" ") + (n == 1 ? one : many);
}

/// An exception: what comes before the number of its pass, and what behind.
struct Told {
    std::string what;
    std::size_t pass;
    std::string how = {};
};

/// The same exception in several passes is said once.
std::string grouped(const std::vector<Told>& all) {
    std::vector<std::pair<Told, std::vector<std::size_t>>> groups;
    for (const Told& told : all) {
        const auto found = std::find_if(groups.begin(), groups.end(), [&](const auto& g) {
            return g.first.what == told.what && g.first.how == told.how;
        });
        if (found == groups.end())
            groups.push_back({told, {told.pass}});
        else
            found->second.push_back(told.pass);
    }
    std::string out;
    for (const auto& [told, passes] : groups)
        out += ", " + told.what + " " + listOf("pass", "passes", passes) + told.how;
    return out;
}

} // namespace

std::string planInWords(const Document& document, const Landing& now, const RoutinePlan& plan) {
    std::vector<Told> restarts, tags, others;
    std::size_t added = 0;
    const std::size_t shift = plan.opened ? 1 : 0; // the pass numbers of `now` do not know the opening
    for (std::size_t i = 0; i < plan.passes.size(); ++i) {
        const PlannedPass& pass = plan.passes[i];
        const PassExceptions& as = plan.as[i];
        if (pass.cut)
            restarts.push_back(
                {"after " + toSpokenCount(pass.counts) + " of", i + 1, pass.touch ? " with a touch at the end" : ""});
        if (as.tag && !as.tag->figure.valid() && pass.tag > Tick{})
            tags.push_back({"of " + toSpokenCount(pass.tag) + " after", i + 1});
        for (const std::string& what :
             otherExceptionsInWords(document.routine, as, writtenExceptions(document.routine, pass.pass)))
            others.push_back({what + " in", i + 1});
        added += !pass.pass.valid();
    }
    std::string out;
    const auto say = [&](const std::string& what) { out += (out.empty() ? "" : "; ") + what; };
    if (plan.opened && !plan.parts.empty())
        say("opening " + findPart(document.routine, plan.parts.front())->name + " first");
    if (!restarts.empty()) say(number(restarts.size(), "restart", "restarts") + grouped(restarts));
    if (!tags.empty()) say(number(tags.size(), "tag", "tags") + grouped(tags));
    if (!others.empty()) say(grouped(others).substr(2));
    if (out.empty()) out = "no restart and no tag";
    if (restarts.size() + tags.size() + others.size() == 1) { // a single exception is worth a name
        const std::size_t pass = (restarts.empty() ? tags.empty() ? others : tags : restarts).front().pass - shift;
        if (pass >= 1 && pass <= now.performance.passes.size())
            if (const auto marks = memoryMarks(document, now, pass - 1); !marks.empty())
                out += " (" + marks.front() + ")";
    }
    if (added > 0) out += "; " + number(added, "more pass", "more passes");
    out += plan.misses == 0
               ? "; every pass then lands"
               : "; " + number(static_cast<std::size_t>(plan.misses), "pass does", "passes do") + " not land";
    return upper(out) + ".";
}

std::string proofInWords(const RoutinePlans& plans, std::size_t rank) {
    const std::int64_t cost = plans.plans[rank].cost, best = plans.plans.front().cost;
    const std::int64_t next = rank + 1 < plans.plans.size() ? plans.plans[rank + 1].cost : plans.nextCost;
    std::string out =
        cost == best ? "No plan costs less than " + std::to_string(best) + "."
                     : "It costs " + std::to_string(cost) + ", " + std::to_string(cost - best) + " more than the best.";
    if (next < 0) return out + " There is no other.";
    return out + (next == cost ? " The next costs the same." : " The next best costs " + std::to_string(next) + ".");
}

std::string endingInWords(Formation formation, Tick danced, Tick whole, Eighths facing) {
    return (danced >= whole ? "whole" : "after " + toSpokenCount(danced) + " of " + toSpokenCount(whole)) +
           ", facing " + facingInWords(formation, facing);
}

const std::vector<PlanPreset>& planPresets() {
    static const std::vector<PlanPreset> all = [] {
        const auto preset = [](const char* name, const char* why, PlanCosts costs, std::vector<int> tags, auto more) {
            PlanPreset p{name, why, {}};
            static_cast<PlanCosts&>(p.wishes.costs) = costs;
            p.wishes.tags.clear();
            for (const int tag : tags) p.wishes.tags.push_back(counts(tag));
            more(p.wishes);
            return p;
        };
        return std::vector<PlanPreset>{
            preset("a line of dancers", "A restart is as bad as a tag and a half, and every new kind as bad as a tag.",
                   {10, 3, 2, 2}, {2, 4, 8}, [](RoutinePlanWishes&) {}),
            preset(
                "a line of beginners",
                "Few kinds, and rather a tag than a restart: everyone must remember them. Nothing in the first quarter, where they still learn it.",
                {10, 5, 3, 6}, {4, 8},
                [](RoutinePlanWishes& w) {
                    w.costs.early = 2;
                    w.costs.figureCut = 3;
                    w.costs.place = 1;
                }),
            preset("a couple at a social",
                   "A wait of two or four is easily led, a restart is not, and a figure may always come twice.",
                   {8, 9, 2, 1}, {2, 4},
                   [](RoutinePlanWishes& w) {
                       w.figures = true;
                       w.costs.change = 2;
                       w.costs.figureCut = 6;
                   }),
            preset("a stage group", "It is rehearsed: what matters is that all lands, with the accents.", {30, 2, 2, 1},
                   {1, 2, 4, 6, 8},
                   [](RoutinePlanWishes& w) {
                       w.bridges = {counts(2), counts(4)};
                       w.bars = true;
                       w.costs.accent = 8;
                       w.costs.missCount = 1;
                       w.costs.cutOff = 4;
                   }),
            preset("a competition", "Nothing may miss, waits are seen, and the end is seen most.", {60, 2, 4, 1},
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
