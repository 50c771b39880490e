#pragma once

// Private to the planner of routines: how each pass can be danced, and what that comes to.

#include "core/planning/plan_graph.h"
#include "core/planning/routine_plan.h"
#include "core/routine/pass_dancer.h"

#include <map>
#include <memory>
#include <optional>
#include <string>
#include <tuple>
#include <unordered_map>
#include <vector>

namespace lc {

/// A way to dance a pass: whole, cut or changed, with nothing, a tag or a figure behind it.
struct PassWay {
    PassExceptions
        what; ///< what then makes it differ; without the figures in the bars of the music, which depend on the place
    Tick tagLength;         ///< 0 where none; a tag's figure says it
    bool inBars = false;    ///< figures follow the bars of the music
    bool ends = false;      ///< with the ending: nothing follows
    bool movesFeet = false; ///< an exception may leave another foot free than the pass as it is written
    PlanEdge charged = {};  ///< what it costs, its kinds, how many exceptions it is
    std::vector<std::optional<Foot>> needs = {}; ///< the foot that each role needs free at its count 1
};

/// Passes that can be danced alike.
struct PassManner {
    Pass pass; ///< as it is written, without identity and mark
    bool kept = false;
    PassExceptions written; ///< what made it differ before it was to be kept otherwise
    bool first = false;     ///< of the routine: it may wait
    bool last = false;      ///< an ending may follow it
    std::shared_ptr<const PartReading> reading;
    std::vector<PassWay>
        ways; ///< shorter ones first, then those with a change inside, then endings; a kept pass has one
};

/// What came of dancing a pass, from its place on.
struct PassDanced {
    Tick length; ///< until the next may begin
    Tick lead;   ///< until its count 1
    Tick counts, whole, tag;
    std::size_t feet = 0; ///< afterwards, see PassManners::feetIndex()
    Eighths turned;       ///< by the first role
    bool turnCut = false;
    bool figureCut = false; ///< a restart lies inside a figure
};

/// A way from a place, whatever the feet.
struct PassStep {
    Tick start;    ///< count 1
    Tick danceEnd; ///< without what is behind it
    Tick end;
    std::int64_t cost = 0; ///< without kinds
    bool miss = false;
    bool possible = false;
};

/// How the dancers stand after a way.
struct PassLeft {
    std::size_t feet = 0;
    Eighths turned;
    bool flipped = false; ///< its last change was made a touch for it, or its touch a change
};

/// The passes of a routine one after another, and the ways there are to dance each. A *stage* is how many came before,
/// as far as that matters: a routine of one part goes on for ever in its last. Beside what is wished, the restart and
/// tag that a pass has already are ways of it, with all that belongs to them.
class PassManners {
public:
    /// `opener` is a pass put before the others that does not say whether the routine is of one part.
    PassManners(const Document& document, const CountGrid& grid, const RoutinePlanWishes& wishes, PassId opener);
    /// Lays out stages and ways. What is wrong with the routine or the wishes, if anything is.
    [[nodiscard]] std::optional<Error> lay();

    [[nodiscard]] const std::vector<const Pass*>& passes() const {
        return m_passes;
    } ///< of the routine, those that have a part
    [[nodiscard]] bool endless() const { return m_endless; }
    [[nodiscard]] std::size_t stages() const { return m_mannerOf.size(); }
    [[nodiscard]] bool danced(std::size_t stage) const { return stage < stages(); }
    [[nodiscard]] std::size_t after(std::size_t stage) const {
        return m_endless ? std::min(stage + 1, stages() - 1) : stage + 1;
    }
    [[nodiscard]] std::size_t mannerOf(std::size_t stage) const { return m_mannerOf[stage]; }
    [[nodiscard]] const std::vector<PassManner>& all() const { return m_manners; }
    /// What each kind of exception costs, those of places among them.
    [[nodiscard]] const std::vector<std::int64_t>& kindCosts() const { return m_kindCosts; }
    /// The kind of an exception's place; nothing where places cost nothing.
    [[nodiscard]] std::optional<std::size_t> placeKind(Tick at);

    [[nodiscard]] Standing opening() const; ///< where the first pass begins
    [[nodiscard]] std::size_t feetIndex(const std::vector<Foot>& feet);
    /// A pass danced so from a place; `touch` turns its last change into a touch, or leaves it a step.
    [[nodiscard]] Pass asDanced(const PassManner& manner, const PassWay& way, Tick at, bool touch) const;
    [[nodiscard]] PassPerformance perform(const Pass& pass, Standing& standing) {
        return m_dancer.dance(pass, standing, standing.at == m_start);
    }
    /// What each way of a manner comes to from a place, whatever the feet; worked out once.
    [[nodiscard]] const std::vector<PassStep>& steps(std::size_t manner, Tick at);
    /// How the dancers stand after a way; and, where that does not suit each way of the next stage, with its last
    /// change made a touch. `next` none: nothing follows.
    [[nodiscard]] std::vector<PassLeft> leftBy(std::size_t manner, std::uint32_t way, Tick at, std::size_t feet,
                                               std::optional<std::size_t> next);
    /// Would a pass danced so begin with the weight on a foot that it needs?
    [[nodiscard]] bool entersWrong(std::size_t manner, std::uint32_t way, std::size_t feet) const;
    /// Whether the pinned start of a stage can be kept by who comes there at a place.
    [[nodiscard]] bool inTime(std::size_t stage, Tick at) const;
    /// Whether a stage may have its count 1 there.
    [[nodiscard]] bool mayStart(std::size_t stage, Tick at) const;
    /// Accents of a stage that do not meet their moments.
    [[nodiscard]] std::int64_t accentsMissed(std::size_t stage, std::uint32_t way, Tick at);

private:
    [[nodiscard]] std::optional<Error> wrongWishes() const;
    [[nodiscard]] std::size_t mannerFor(PassManner manner);
    [[nodiscard]] std::vector<Tick> cutsOf(const PassManner& manner) const;
    [[nodiscard]] std::optional<Error> layWays(PassManner& manner);
    void addInside(const PassManner& manner, std::vector<PassWay>& bodies);
    [[nodiscard]] std::optional<Error> charge(const PassManner& manner, PassWay& way);
    [[nodiscard]] PassStep step(std::size_t manner, std::uint32_t way, Tick at);
    [[nodiscard]] const PassDanced& dance(std::size_t manner, Tick at, std::uint32_t way, bool touch, std::size_t feet);
    [[nodiscard]] std::vector<FigureChange> inBarsOfMusic(const PassManner& manner, Tick start) const;
    [[nodiscard]] std::int64_t ofQuarter(Tick at) const;
    std::size_t kindOf(const std::string& what, std::int64_t cost);

    const Document& m_document;
    const Routine& m_routine;
    const CountGrid& m_grid;
    const RoutinePlanWishes& m_wishes;
    PassId m_opener;
    PassDancer m_dancer;
    std::vector<const Pass*> m_passes;
    std::vector<PassManner> m_manners;
    std::vector<std::size_t> m_mannerOf; ///< by stage
    bool m_endless = false;
    std::map<std::string, std::size_t> m_kinds;
    std::vector<std::int64_t> m_kindCosts;
    std::vector<std::vector<Foot>> m_feet;
    std::map<std::tuple<std::size_t, std::uint32_t, bool, std::size_t>, PassDanced> m_known;
    std::vector<std::unordered_map<std::int64_t, std::vector<PassStep>>> m_steps; ///< by manner and place
    PassDanced m_once; ///< where the music or a pin has a say
    Tick m_start;
    std::size_t m_opening = 0; ///< feet
};

} // namespace lc
