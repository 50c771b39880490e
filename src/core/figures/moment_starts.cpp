#include "core/figures/moment_starts.h"

#include "core/figures/fill_orders.h"
#include "core/notation/step_words.h"

namespace lc {

namespace {

bool isWanted(const Action& action, WantedStep wanted, const NotationChoices& choices) {
    if (!action.usesFoot()) return false;
    switch (wanted) {
    case WantedStep::Slow: return action.length > counts(1) || (action.label == "S" && action.length == choices.slow);
    case WantedStep::Quick:
        return action.length < counts(1) ||
               (action.label == "Q" && action.length == choices.quick && choices.quick < choices.slow);
    case WantedStep::Accented: return action.accent;
    case WantedStep::Breaks: return meaningOf(action.words).breaks;
    }
    return false;
}

} // namespace

std::vector<MomentStart> startsThatMeet(const std::vector<NotationReading>& lines, Tick moment, WantedStep wanted,
                                        const NotationChoices& choices, Tick set) {
    std::vector<MomentStart> out;
    for (std::size_t l = 0; l < lines.size(); ++l) {
        std::size_t ordinal = 0;
        for (const Action& action : lines[l].actions) {
            if (!action.usesFoot()) continue;
            ++ordinal;
            const Tick start = moment - action.at;
            if (start < Tick{} || !isWanted(action, wanted, choices)) continue;
            out.push_back({l, ordinal, start, musicCountIn(start, set)});
        }
    }
    return out;
}

std::vector<Tick> breakSteps(const NotationReading& reading) {
    std::vector<Tick> out;
    for (const Action& action : reading.actions)
        if (isWanted(action, WantedStep::Breaks, {})) out.push_back(action.at);
    return out;
}

std::optional<Tick> musicStartForBreak(const NotationReading& reading, Tick breakOn, Tick set) {
    const auto breaks = breakSteps(reading);
    if (breaks.empty()) return std::nullopt;
    const std::int64_t at = (breakOn - counts(1) - breaks.front()).value;
    return musicCountIn(Tick{((at % set.value) + set.value) % set.value}, set);
}

} // namespace lc
