#include "core/notation/action.h"

#include <algorithm>

namespace lc {

std::optional<Foot> footNeeded(const std::vector<Action>& actions) {
    bool flipped = false; // whether the free foot has changed since the beginning
    for (const Action& action : actions) {
        if (action.isRun() && action.said) return std::nullopt; // whatever came before, it leaves the foot that is said
        if (!action.usesFoot()) continue;
        if (action.kind == ActionKind::Jump) return std::nullopt;
        if (action.said && *action.said != Foot::Both) {
            Foot freeHere = action.kind == ActionKind::Hop ? otherFoot(*action.said) : *action.said;
            return flipped ? otherFoot(freeHere) : freeHere;
        }
        if (action.kind == ActionKind::Step) flipped = !flipped;
    }
    return std::nullopt;
}

FootedAction danceAction(const Action& action, Foot free) {
    FootedAction done;
    done.freeAfter = free;
    switch (action.kind) {
    case ActionKind::Gesture:
    case ActionKind::Wait: return done;
    case ActionKind::Free:
    case ActionKind::Untimed: // without a foot said, an even number of changes is meant
        done.freeAfter = action.said.value_or(free);
        return done;
    case ActionKind::Jump:
        done.foot = Foot::Both;
        done.freeAfter = Foot::Both;
        return done;
    case ActionKind::Hop: {
        const Foot standing = free == Foot::Both ? Foot::Left : otherFoot(free);
        done.foot = action.said.value_or(standing);
        done.conflict = free != Foot::Both && *done.foot != standing;
        done.freeAfter = otherFoot(*done.foot);
        return done;
    }
    case ActionKind::NoWeight:
    case ActionKind::Step: break;
    }
    done.foot = action.said.value_or(free == Foot::Both ? Foot::Left : free);
    if (*done.foot == Foot::Both) { // "step both": weight on both feet
        done.freeAfter = Foot::Both;
        return done;
    }
    done.conflict = free != Foot::Both && *done.foot != free;
    done.freeAfter = action.kind == ActionKind::Step ? otherFoot(*done.foot) : *done.foot;
    return done;
}

std::vector<FootedAction> followFeet(const std::vector<Action>& actions, Foot free) {
    std::vector<FootedAction> all;
    all.reserve(actions.size());
    for (const Action& action : actions) {
        all.push_back(danceAction(action, free));
        free = all.back().freeAfter;
    }
    return all;
}

Foot freeAtEnd(const std::vector<Action>& actions) {
    const auto feet = followFeet(actions, footNeeded(actions).value_or(Foot::Left));
    return feet.empty() ? Foot::Both : feet.back().freeAfter;
}

int weightChanges(const std::vector<Action>& actions) {
    return static_cast<int>(
        std::count_if(actions.begin(), actions.end(), [](const Action& a) { return a.changesWeight(); }));
}

} // namespace lc
