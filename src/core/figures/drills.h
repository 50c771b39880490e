#pragma once

#include "core/figures/joints.h"

#include <string>
#include <vector>

namespace lc {

/// A figure or version danced several times in a row.
struct DrillItem {
    std::string name; ///< "as written", "6 + 2, step 3"
    int times = 1;    ///< 1 to 64
    FigureReading figure;
};

/// A run of repetitions for practice.
struct Drill {
    Sentence sentence;  ///< "four times as written, twice 6 + 2, step 3, twice as written"
    Chain chain;        ///< one joint for each repetition, and the end
    int startsLeft = 0; ///< repetitions of the first role that begin with the left foot
    int startsRight = 0;
    [[nodiscard]] Foot lessUsed() const; ///< the foot that begins fewer repetitions; Both when balanced
};

/// Lays the items out one after another. Repetitions that begin on the other foot than they say are told at their
/// joint. O(repetitions × actions).
[[nodiscard]] Drill makeDrill(const std::vector<DrillItem>& items, Tick set = counts(8));

/// The drill made balanced: a figure that always begins with the same foot is danced as often on the other side, which
/// is its mirror. Nothing to add when it is balanced, or when the feet alternate by themselves.
[[nodiscard]] std::vector<DrillItem> balancedItems(const std::vector<DrillItem>& items);

/// A set of figures danced a number of times.
struct ScaledSet {
    int times = 1;
    Tick length;
    int changes = 0;                ///< weight changes of the first role
    std::vector<Sentence> findings; ///< what goes wrong at this size
};

/// A set of figures repeated, for example four, two and one times. `turnsOn` says in which repetitions of the set a
/// turn belongs (from 1), empty for none. Told are: another foot at the end than at the beginning, an end inside an
/// eight, and sizes that have none of these repetitions.
[[nodiscard]] std::vector<ScaledSet> scaleSet(const std::vector<ChainLink>& set, const std::vector<int>& times,
                                              const std::vector<int>& turnsOn = {}, Tick eight = counts(8));

} // namespace lc
