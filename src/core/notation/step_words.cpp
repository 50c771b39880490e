#include "core/notation/step_words.h"

#include <algorithm>
#include <array>

namespace lc {

namespace {

// Common step words of several traditions; common practice, no source.
constexpr std::array<std::string_view, 20> noWeightWords{
    "touch", "tap", "point", "kick", "flick", "hook", "hitch", "brush", "swivel", "stomp-up",
    "scuff", "dig", "drag", "lift", "fan", "sweep", "ronde", "knee", "low-kick", "stamp-up"};
constexpr std::array<std::string_view, 8> waitWords{"wait", "hold", "pause", "silent", "rest", "freeze", "still", "nothing"};
constexpr std::array<std::string_view, 15> gestureWords{"clap", "slap", "snap", "arm", "arms", "head", "look", "breath",
                                                        "breathe", "nod", "shrug", "pose", "settle", "reach", "smile"};

template <std::size_t N>
bool contains(const std::array<std::string_view, N>& words, std::string_view word) {
    return std::find(words.begin(), words.end(), word) != words.end();
}

std::string lower(std::string_view word) {
    std::string text(word);
    for (char& c : text)
        if (c >= 'A' && c <= 'Z') c = static_cast<char>(c - 'A' + 'a');
    return text;
}

template <typename Found>
void eachWord(std::string_view words, Found found) {
    std::size_t at = 0;
    while (at < words.size()) {
        const std::size_t end = std::min(words.find(' ', at), words.size());
        if (end > at) found(lower(words.substr(at, end - at)));
        at = end + 1;
    }
}

struct DirectionWord {
    std::string_view word;
    BodyDirection direction;
};
constexpr std::array<DirectionWord, 20> directionWords{{{"forward", BodyDirection::Forward}, {"fwd", BodyDirection::Forward},
                                                        {"forwards", BodyDirection::Forward}, {"back", BodyDirection::Back},
                                                        {"backward", BodyDirection::Back}, {"backwards", BodyDirection::Back},
                                                        {"side", BodyDirection::Side}, {"sideways", BodyDirection::Side},
                                                        {"across", BodyDirection::Across}, {"cross", BodyDirection::Across},
                                                        {"front", BodyDirection::Across}, {"behind", BodyDirection::Behind},
                                                        {"diagonal", BodyDirection::Diagonal}, {"diag", BodyDirection::Diagonal},
                                                        {"place", BodyDirection::Place}, {"replace", BodyDirection::Place},
                                                        {"together", BodyDirection::Together}, {"close", BodyDirection::Together},
                                                        {"beside", BodyDirection::Together}, {"collect", BodyDirection::Together}}};

} // namespace

ActionKind kindOf(std::span<const std::string> words, const NotationChoices& choices) {
    bool noWeight = false, wait = false, gesture = false, hop = false, jump = false, other = false, free = false, untimed = false;
    for (const std::string& word : words) {
        const std::string w = lower(word);
        if (contains(noWeightWords, w) || (!choices.stompTakesWeight && isStomp(w))) noWeight = true;
        else if (contains(waitWords, w)) wait = true;
        else if (contains(gestureWords, w)) gesture = true;
        else if (w == "hop") hop = true;
        else if (w == "jump") jump = true;
        else if (w == "free") free = true;
        else if (w == "somehow") untimed = true;
        else other = true;
    }
    if (untimed) return ActionKind::Untimed;
    if (free) return ActionKind::Free;
    if (noWeight) return ActionKind::NoWeight;
    if (hop) return ActionKind::Hop;
    if (jump) return ActionKind::Jump;
    if (wait) return ActionKind::Wait;
    if (gesture && !other) return ActionKind::Gesture;
    return ActionKind::Step;
}

StepMeaning meaningOf(std::string_view words) {
    StepMeaning out;
    eachWord(words, [&](const std::string& w) {
        const auto direction = std::find_if(directionWords.begin(), directionWords.end(), [&](const DirectionWord& d) { return d.word == w; });
        if (direction != directionWords.end()) {
            if (!out.direction) out.direction = direction->direction;
        } else if (w == "small" || w == "little" || w == "tiny") out.size = StepSize::Small;
        else if (w == "large" || w == "big" || w == "long" || w == "wide") out.size = StepSize::Large;
        else if (w == "led") out.lead = Lead::Led;
        else if (w == "own") out.lead = Lead::Own;
        else if (w == "break") out.breaks = true;
        else if (w == "meet") out.meets = true;
    });
    return out;
}

bool saysWord(std::string_view words, std::string_view word) {
    bool found = false;
    eachWord(words, [&](const std::string& w) { found = found || w == word; });
    return found;
}

bool isStomp(std::string_view words) { return saysWord(words, "stomp") || saysWord(words, "stamp"); }

} // namespace lc
