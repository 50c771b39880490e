#pragma once

// Private to the planner of routines: how each pass can be danced, and what that comes to.

#include "core/planning/plan_graph.h"
#include "core/planning/routine_plan.h"
#include "core/routine/pass_dancer.h"

#include <map>
#include <memory>
#include <optional>
#include <tuple>
#include <vector>

namespace lc {

/// A way to dance a pass: whole or cut, with nothing or a tag behind it.
struct PassWay {
    std::optional<Restart> restart;
    std::optional<Tag> tag;
    Tick tagLength;     ///< 0 where none; a tag's figure says it
    bool touch = false; ///< as it is written
    PlanEdge charged;   ///< what it costs, its kinds, how many exceptions it is
};

/// Passes that can be danced alike.
struct PassManner {
    Pass pass; ///< as it is written, without identity and mark
    bool kept = false;
    std::shared_ptr<const PartReading> reading;
    std::vector<PassWay> ways; ///< shorter ones first; a kept pass has one
};

/// What came of dancing a pass, from its place on.
struct PassDanced {
    Tick length; ///< until the next may begin
    Tick lead;   ///< until its count 1
    Tick counts, whole, tag;
    std::size_t feet = 0; ///< afterwards, see PassManners::feetIndex()
    bool turnCut = false;
};

/// A way from a place, whatever the feet.
struct PassStep {
    Tick end;
    std::int64_t cost = 0; ///< without kinds
    bool miss = false;
    bool possible = false;
};

/// The passes of a routine one after another, and the ways there are to dance each. A *stage* is how many came before, as far as that matters: a routine of one part goes on for ever in its last.
/// Beside the cuts and tags that are wished, the restart and tag that a pass has already are ways of it, with all that belongs to them.
class PassManners {
public:
    PassManners(const Routine& routine, const CountGrid& grid, const RoutinePlanWishes& wishes);
    /// Lays out stages and ways. What is wrong with the routine or the wishes, if anything is.
    [[nodiscard]] std::optional<Error> lay();

    [[nodiscard]] const std::vector<const Pass*>& passes() const { return m_passes; } ///< of the routine, those that have a part
    [[nodiscard]] bool endless() const { return m_endless; }
    [[nodiscard]] std::size_t stages() const { return m_mannerOf.size(); }
    [[nodiscard]] bool danced(std::size_t stage) const { return stage < stages(); }
    [[nodiscard]] std::size_t after(std::size_t stage) const { return m_endless ? std::min(stage + 1, stages() - 1) : stage + 1; }
    [[nodiscard]] std::size_t mannerOf(std::size_t stage) const { return m_mannerOf[stage]; }
    [[nodiscard]] const std::vector<PassManner>& all() const { return m_manners; }
    [[nodiscard]] std::size_t kinds() const { return m_kinds.size(); }

    [[nodiscard]] Standing opening() const; ///< where the first pass begins
    [[nodiscard]] std::size_t feetIndex(const std::vector<Foot>& feet);
    /// A pass danced so; `touch` turns its last change into a touch, or leaves it a step.
    [[nodiscard]] static Pass asDanced(const PassManner& manner, const PassWay& way, bool touch);
    [[nodiscard]] PassPerformance perform(const Pass& pass, Standing& standing) { return m_dancer.dance(pass, standing, standing.at == m_start); }
    [[nodiscard]] PassStep step(std::size_t manner, std::uint32_t way, Tick at);
    /// The feet after a way, and whether its last change is to be a touch so that the next stage begins on a foot that is free; nothing where neither helps. `next` none: nothing follows.
    [[nodiscard]] std::optional<std::pair<std::size_t, bool>> feetAfter(std::size_t manner, std::uint32_t way, Tick at, std::size_t feet, std::optional<std::size_t> next);
    /// Whether the pinned start of a stage can be kept by who comes there at a place.
    [[nodiscard]] bool inTime(std::size_t stage, Tick at) const;

private:
    [[nodiscard]] std::size_t mannerFor(const Pass& pass, bool kept);
    [[nodiscard]] std::vector<Tick> cutsOf(const PassManner& manner) const;
    [[nodiscard]] std::optional<Error> layWays(PassManner& manner);
    [[nodiscard]] const PassDanced& dance(std::size_t manner, Tick at, std::uint32_t way, bool touch, std::size_t feet);
    [[nodiscard]] bool wrongFoot(std::size_t stage, std::size_t feet) const;

    const Routine& m_routine;
    const CountGrid& m_grid;
    const RoutinePlanWishes& m_wishes;
    PassDancer m_dancer;
    std::vector<const Pass*> m_passes;
    std::vector<PassManner> m_manners;
    std::vector<std::size_t> m_mannerOf; ///< by stage
    bool m_endless = false;
    std::map<std::pair<bool, Tick>, std::size_t> m_kinds; ///< a tag, of a length
    std::vector<std::vector<Foot>> m_feet;
    std::map<std::tuple<std::size_t, std::uint32_t, bool, std::size_t>, PassDanced> m_known;
    PassDanced m_once; ///< where the music or a pin has a say
    Tick m_start;
    std::size_t m_opening = 0; ///< feet
};

} // namespace lc
