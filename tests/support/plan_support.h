#pragma once

#include "support/core_support.h"

#include "core/planning/phrase_plan.h"
#include "core/planning/routine_plan.h"

namespace lc::test {

inline std::vector<Tick> ticks(const std::vector<int>& all) {
    std::vector<Tick> out;
    for (int n : all) out.push_back(counts(n));
    return out;
}

inline CountGrid gridOf(const Document& d) { return {*d.map, d.scheme}; }

inline RoutinePlans plansOf(const Document& d, const RoutinePlanWishes& wishes = {}) {
    return must(planRoutine(d, gridOf(d), wishes));
}

/// "0:32 32:16+4 …": start, counts and tag of each pass.
inline QString passesOf(const PhrasePlan& plan) {
    QStringList out;
    for (const PlannedPass& p : plan.passes) {
        out << q(toCountString(p.start)) + ":" + q(toCountString(p.counts));
        if (p.tag > Tick{}) out.back() += "+" + q(toCountString(p.tag));
    }
    return out.join(' ');
}

inline QString facingsOf(const PhrasePlan& plan) {
    QStringList out;
    for (const PlannedPass& p : plan.passes) out << q(toClock(p.facing));
    return out.join(' ');
}

} // namespace lc::test
