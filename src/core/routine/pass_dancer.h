#pragma once

#include "core/routine/performance.h"

#include <memory>
#include <vector>

namespace lc {

/// How the dancers stand between two passes.
struct Standing {
    Tick at;                     ///< the count of the song that comes next
    std::vector<Foot> free;      ///< of each role, in the order of Routine::roles
    std::vector<Eighths> facing; ///< of each role
    bool operator==(const Standing&) const = default;
};

/// Dances single passes from wherever the dancers stand, as unroll() does: for asking what would be, many times over.
/// Parts are read once. Keeps references to routine and grid.
class PassDancer {
public:
    PassDancer(const Routine& routine, const CountGrid& grid);
    ~PassDancer();

    /// Before the first pass.
    [[nodiscard]] Standing opening() const;
    /// Dances `pass` (not necessarily one of the routine) and moves the dancers to its end. `first` in the routine.
    /// `number`, `index` and `runningFrom` of what it gives mean nothing, nor do its ranges of actions.
    [[nodiscard]] PassPerformance dance(const Pass& pass, Standing& standing, bool first);
    /// Whether an exception of the music stands in [from, to].
    [[nodiscard]] bool musicSpeaks(Tick from, Tick to) const;
    /// What the pass would read like: figures, length, feet needed.
    [[nodiscard]] std::shared_ptr<const PartReading> reading(const Pass& pass);

private:
    struct Inside;
    std::unique_ptr<Inside> m_inside;
};

} // namespace lc
