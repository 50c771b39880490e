#include "cli/plan_report.h"

#include <nlohmann/json.hpp>

namespace lc::cli {

namespace {
using Json = nlohmann::ordered_json;
}

std::string plansAsJson(const PhrasePlans& plans) {
    Json out;
    out["plans"] = Json::array();
    for (const PhrasePlan& plan : plans.plans) {
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
        out["plans"].push_back(std::move(j));
    }
    out["next_cost"] = plans.nextCost < 0 ? Json(nullptr) : Json(plans.nextCost);
    return out.dump(1) + "\n";
}

std::string plansAsText(const PhrasePlans& plans) {
    std::string out;
    for (std::size_t n = 0; n < plans.plans.size(); ++n) {
        const PhrasePlan& plan = plans.plans[n];
        out += std::to_string(n + 1) + ". cost " + std::to_string(plan.cost);
        std::string what;
        for (std::size_t i = 0; i < plan.passes.size(); ++i) {
            const PlannedPass& pass = plan.passes[i];
            const std::string number = std::to_string(i + 1);
            if (pass.cut) what += ", pass " + number + " restarts after " + toSpokenCount(pass.counts) + (pass.touch ? " (its last change a touch)" : "");
            if (pass.tag > Tick{}) what += ", a tag of " + toSpokenCount(pass.tag) + " after pass " + number;
        }
        out += what.empty() ? ", nothing changed" : what;
        out += plan.misses == 0 ? "; every pass lands" : "; " + std::to_string(plan.misses) + (plan.misses == 1 ? " pass does" : " passes do") + " not land";
        out += "\n   starts";
        for (const PlannedPass& pass : plan.passes) out += " " + toSpokenCount(pass.start + counts(1)) + (pass.misses ? " (misses)" : "");
        out += ", facing";
        for (const PlannedPass& pass : plan.passes) out += " " + toClock(pass.facing);
        out += "; ends after " + countsInWords(plan.ending) + " of the last, facing " + toClock(plan.endingFacing) + "\n";
    }
    if (plans.nextCost >= 0) out += "The next best plan costs " + std::to_string(plans.nextCost) + ".\n";
    else out += "There is no other plan.\n";
    return out;
}

} // namespace lc::cli
