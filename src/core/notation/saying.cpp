#include "core/notation/saying.h"

#include <algorithm>

namespace lc {

std::string toString(SayAs say) {
    switch (say) {
    case SayAs::Music: return "music";
    case SayAs::EightNumber: return "eight-number";
    case SayAs::Figure: return "figure";
    case SayAs::Stepped: return "stepped";
    case SayAs::SlowQuick: return "slow-quick";
    }
    return "music";
}

Sentence sayInWords(SayAs say) {
    switch (say) {
    case SayAs::Music: return Core::sentence("music numbers");
    case SayAs::EightNumber: return Core::sentence("number of the eight on its 1");
    case SayAs::Figure: return Core::sentence("the figure's own numbers");
    case SayAs::Stepped: return Core::sentence("stepped counts only");
    case SayAs::SlowQuick: return Core::sentence("slow and quick");
    }
    return {};
}

std::vector<SaidCount> sayCounts(const NotationReading& reading, SayAs say, const NotationChoices& choices,
                                 Tick musicStart, std::int64_t set) {
    std::vector<SaidCount> out;
    const auto& actions = reading.actions;
    if (say == SayAs::SlowQuick) {
        for (std::size_t i = 0; i < actions.size(); ++i) {
            if (!actions[i].usesFoot()) continue;
            std::size_t next = i + 1;
            while (next < actions.size() && !actions[next].usesFoot()) ++next;
            const Tick length =
                (next < actions.size() ? actions[next].at : std::max(reading.length, actions[i].end())) - actions[i].at;
            out.push_back({actions[i].at, length == choices.slow    ? "S"
                                          : length == choices.quick ? "Q"
                                          : length < choices.quick  ? "&"
                                                                    : toSpokenCount(length)});
        }
        return out;
    }
    const Tick offset = musicStart - counts(1);
    const auto number = [&](std::int64_t whole) { // of the count that begins `whole` counts after the figure's count 1
        if (say == SayAs::Figure) return std::to_string(whole + 1);
        const std::int64_t music = whole + wholeCounts(offset);
        const std::int64_t inSet = ((music % set) + set) % set;
        if (say == SayAs::EightNumber && inSet == 0 && music >= 0) return std::to_string(music / set + 1);
        return std::to_string(inSet + 1);
    };
    for (const Action& action : actions) {
        const bool stepped = action.usesFoot() || action.isRun();
        if (say == SayAs::Stepped && !stepped) continue;
        if (isWhole(action.at)) {
            out.push_back({action.at, number(wholeCounts(action.at))});
            if (say == SayAs::Stepped) continue;
            for (Tick t = action.at + counts(1); t < action.end(); t += counts(1))
                out.push_back({t, number(wholeCounts(t))}); // counts that pass in a long step
        } else {
            if (stepped) out.push_back({action.at, subBeatLetter(action.at, choices)});
            if (say == SayAs::Stepped) continue;
            for (Tick t = counts(wholeCounts(action.at) + 1); t < action.end(); t += counts(1))
                out.push_back({t, number(wholeCounts(t))});
        }
    }
    return out;
}

std::string subBeatLetter(Tick at, const NotationChoices& choices) {
    const Tick part = at - counts(wholeCounts(at));
    for (char letter : {'&', 'a', 'e'})
        if (letterPlace(letter, choices) == part) return std::string(1, letter);
    return "·";
}

std::string saidLine(const std::vector<SaidCount>& said) {
    std::string out;
    for (const SaidCount& count : said) out += (out.empty() ? "" : " ") + count.text;
    return out;
}

} // namespace lc
