#include "cli/plan_report.h"

#include "core/base/json_text.h"
#include "core/planning/exception_words.h"

namespace lc::cli {

namespace {

/// What a plan of a routine changes besides restarts and waits behind passes: pass, what.
std::vector<std::pair<std::size_t, std::string>> otherChanges(const Document& document, const RoutinePlan& plan) {
    std::vector<std::pair<std::size_t, std::string>> out;
    for (std::size_t i = 0; i < plan.passes.size(); ++i)
        for (const OtherException& other :
             otherExceptions(document.routine, plan.as[i], writtenExceptions(document.routine, plan.passes[i].pass)))
            out.emplace_back(i + 1, other.words.english());
    return out;
}

Json planAsJson(const PhrasePlan& plan) {
    Json j;
    j["cost"] = plan.cost;
    j["misses"] = plan.misses;
    j["restarts"] = j["tags"] = j["passes"] = Json::array();
    for (std::size_t i = 0; i < plan.passes.size(); ++i) {
        const PlannedPass& pass = plan.passes[i];
        if (pass.cut) {
            j["restarts"].push_back({{"pass", i + 1}, {"after", toCountString(pass.counts)}});
            if (pass.touch) j["restarts"].back()["last_change_a_touch"] = true;
        }
        if (pass.tag > Tick{}) j["tags"].push_back({{"pass", i + 1}, {"counts", toCountString(pass.tag)}});
        j["passes"].push_back({{"start", toCountString(pass.start)},
                               {"counts", toCountString(pass.counts)},
                               {"tag", toCountString(pass.tag)},
                               {"facing", toClock(pass.facing)},
                               {"phrase_offset", toCountString(pass.phraseOffset)}});
    }
    j["ending"] = {{"counts", toCountString(plan.ending)}, {"facing", toClock(plan.endingFacing)}};
    return j;
}

std::string allAsJson(Json plans, std::int64_t nextCost) {
    Json out;
    out["plans"] = std::move(plans);
    out["next_cost"] = nextCost < 0 ? Json(nullptr) : Json(nextCost);
    return jsonText(out);
}

std::string planAsText(std::size_t number, const PhrasePlan& plan, const std::string& more) {
    std::string out = std::to_string(number) + ". cost " + std::to_string(plan.cost);
    std::string what = more;
    for (std::size_t i = 0; i < plan.passes.size(); ++i) {
        const PlannedPass& pass = plan.passes[i];
        const std::string pass_ = std::to_string(i + 1);
        if (pass.cut)
            what += ", pass " + pass_ + " restarts after " + toSpokenCount(pass.counts) +
                    (pass.touch ? " (its last change a touch)" : "");
        if (pass.tag > Tick{}) what += ", a tag of " + toSpokenCount(pass.tag) + " after pass " + pass_;
    }
    out += what.empty() ? ", nothing changed" : what;
    out += plan.misses == 0
               ? "; every pass lands"
               : "; " + std::to_string(plan.misses) + (plan.misses == 1 ? " pass does" : " passes do") + " not land";
    out += "\n   starts";
    for (const PlannedPass& pass : plan.passes)
        out += " " + toSpokenCount(pass.start + counts(1)) + (pass.misses ? " (misses)" : "");
    out += ", facing";
    for (const PlannedPass& pass : plan.passes) out += " " + toClock(pass.facing);
    return out + "; ends after " + countsInWords(plan.ending) + " of the last, facing " + toClock(plan.endingFacing) +
           "\n";
}

std::string next(std::int64_t cost) {
    return cost >= 0 ? "The next best plan costs " + std::to_string(cost) + ".\n" : "There is no other plan.\n";
}

} // namespace

std::string plansAsJson(const PhrasePlans& plans) {
    Json all = Json::array();
    for (const PhrasePlan& plan : plans.plans) all.push_back(planAsJson(plan));
    return allAsJson(std::move(all), plans.nextCost);
}

std::string plansAsText(const PhrasePlans& plans) {
    std::string out;
    for (std::size_t n = 0; n < plans.plans.size(); ++n) out += planAsText(n + 1, plans.plans[n], {});
    return out + next(plans.nextCost);
}

std::string plansAsJson(const Document& document, const RoutinePlans& plans) {
    Json all = Json::array();
    for (const RoutinePlan& plan : plans.plans) {
        all.push_back(planAsJson(plan));
        Json& changes = all.back()["changes"] = Json::array();
        for (const auto& [pass, what] : otherChanges(document, plan))
            changes.push_back({{"pass", pass}, {"what", what}});
        all.back()["opening"] = plan.opened;
    }
    return allAsJson(std::move(all), plans.nextCost);
}

std::string plansAsText(const Document& document, const RoutinePlans& plans) {
    std::string out;
    for (std::size_t n = 0; n < plans.plans.size(); ++n) {
        std::string more = plans.plans[n].opened ? ", the opening is danced first" : "";
        for (const auto& [pass, what] : otherChanges(document, plans.plans[n]))
            more += ", pass " + std::to_string(pass) + ": " + what;
        out += planAsText(n + 1, plans.plans[n], more);
    }
    return out + next(plans.nextCost);
}

} // namespace lc::cli
