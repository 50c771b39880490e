#pragma once

#include "core/base/facing.h"
#include "core/base/feet.h"
#include "core/base/tick.h"
#include "core/notation/couple.h"

#include <optional>
#include <string>
#include <vector>

namespace lc {

/// What an action does with the weight.
enum class ActionKind {
    Step,     ///< puts the weight on the other foot (step, rock, replace, check, stomp, stamp, leap)
    NoWeight, ///< the free foot does something and stays free (touch, tap, point, kick, flick, hook, hitch, brush, …)
    Hop,      ///< keeps the foot that has the weight
    Jump,     ///< lands on both feet; the next foot is said
    Gesture,  ///< no foot: clap, arm, head, look, breath
    Wait,     ///< nothing is danced; always written, never a gap
    Free,     ///< the dancer's own steps: length and the foot free at the end are fixed
    Untimed,  ///< a run of steps whose times are not written yet: the length and the foot free at the end are fixed
};

/// What one role does at a moment of a figure.
struct Action {
    Tick at;     ///< from the figure's count 1; negative before it
    Tick length; ///< half-open: the action ends where at + length begins
    ActionKind kind = ActionKind::Step;
    std::string label; ///< as dancers say the moment: "3", "&", "S"
    std::string words; ///< what to do, in the dancer's words; may be empty
    std::optional<Foot>
        said;         ///< the foot that was written, if any; of a free or untimed run the foot that is free after it
    Eighths turn;     ///< rotation danced from `at` to `turnEnd()`
    Tick turnLength;  ///< how long the turn takes; zero = as long as the action
    Eighths orbit;    ///< angle walked round the partner (or the middle) from `at` to `orbitEnd()`; turns no body
    Tick orbitLength; ///< how long that takes; zero = as long as the action
    bool roundMiddle = false;      ///< the orbit is about the middle of the formation
    bool accent = false;           ///< wants to coincide with a marked moment of the song
    std::string cue;               ///< said aloud here, in the dancer's words; may be empty
    std::string beside;            ///< what goes on beside the feet at this moment, a layer of its own: "clap"
    std::string toward;            ///< direction in the room: "3", "1:30", "line", "wall", "window"; may be empty
    CoupleState couple;            ///< hold, position and foot relation from here on
    std::vector<std::string> care; ///< care marks that were written, see careMarks()
    std::optional<Tick> leadsTo;   ///< in a part that is read: the count 1 of the figure before which it is danced. It
                                   ///< comes and goes with that figure
    std::size_t begin = 0;         ///< the bytes of the notation that say it, half-open
    std::size_t finish = 0;

    [[nodiscard]] Tick end() const { return at + length; }
    /// The count by which it is told to which figure it belongs.
    [[nodiscard]] Tick anchor() const { return leadsTo.value_or(at); }
    /// Where the turn is done.
    [[nodiscard]] Tick turnEnd() const { return turnLength > Tick{} ? at + turnLength : end(); }
    /// Where the orbit is done.
    [[nodiscard]] Tick orbitEnd() const { return orbitLength > Tick{} ? at + orbitLength : end(); }
    /// One foot does something that is known.
    [[nodiscard]] bool usesFoot() const {
        return kind == ActionKind::Step || kind == ActionKind::NoWeight || kind == ActionKind::Hop ||
               kind == ActionKind::Jump;
    }
    /// A run of steps that are not written one by one.
    [[nodiscard]] bool isRun() const { return kind == ActionKind::Free || kind == ActionKind::Untimed; }
    [[nodiscard]] bool changesWeight() const { return kind == ActionKind::Step || kind == ActionKind::Jump; }
    bool operator==(const Action&) const = default;
};

/// One action with the foot that really does it.
struct FootedAction {
    std::optional<Foot> foot; ///< nothing for gestures, waits and runs
    Foot freeAfter = Foot::Both;
    bool conflict = false; ///< the foot said carries the weight, so it cannot be the one that moves
};

/// Which foot the actions need free at their beginning: said, or followed back from the first foot that is said.
/// Nothing when no foot is said anywhere, so that either will do.
[[nodiscard]] std::optional<Foot> footNeeded(const std::vector<Action>& actions);

/// Does one action from a free foot. With either foot free and none said the left foot moves.
[[nodiscard]] FootedAction danceAction(const Action& action, Foot free);

/// Follows the feet through all actions: one entry for each. O(n).
[[nodiscard]] std::vector<FootedAction> followFeet(const std::vector<Action>& actions, Foot free);

/// The foot that is free behind the last of them, from the foot that they need; both where there are none.
[[nodiscard]] Foot freeAtEnd(const std::vector<Action>& actions);

/// Number of weight changes that are written (steps and jumps).
[[nodiscard]] int weightChanges(const std::vector<Action>& actions);

} // namespace lc
