#include "core/notation/step_words.h"

#include <algorithm>
#include <unordered_map>

namespace lc {

namespace {

constexpr StepWord none(std::string_view word, std::string_view care = {}) {
    return {.word = word, .kind = ActionKind::NoWeight, .care = care};
}
constexpr StepWord toe(std::string_view word, bool lifts = false, bool swings = false) {
    return {.word = word, .kind = ActionKind::NoWeight, .canStep = true, .lifts = lifts, .swings = swings};
}
constexpr StepWord leg(std::string_view word, std::string_view care = {}, bool swings = false) {
    return {.word = word, .kind = ActionKind::NoWeight, .care = care, .lifts = true, .swings = swings};
}
constexpr StepWord wait(std::string_view word) { return {.word = word, .kind = ActionKind::Wait}; }
constexpr StepWord gesture(std::string_view word) { return {.word = word, .kind = ActionKind::Gesture}; }
constexpr StepWord step(std::string_view word, std::string_view care) {
    return {.word = word, .kind = ActionKind::Step, .care = care};
}
constexpr StepWord stomp(std::string_view word) {
    return {.word = word, .kind = ActionKind::Step, .care = "dry-floor shoes", .weightBySchool = true};
}
constexpr StepWord to(std::string_view word, BodyDirection direction, bool lifts = false, std::string_view brief = {}) {
    return {.word = word, .kind = {}, .direction = direction, .lifts = lifts, .brief = brief};
}
constexpr StepWord sized(std::string_view word, StepSize size) { return {.word = word, .kind = {}, .size = size}; }
constexpr StepWord other(std::string_view word, ActionKind kind, std::string_view care = {}) {
    return {.word = word, .kind = kind, .care = care};
}

constexpr StepWord words[] = {
    toe("touch"),
    toe("tap"),
    toe("point", false, true),
    toe("brush", true, true),
    leg("kick", "clearance", true),
    leg("flick", "clearance", true),
    leg("sweep", "clearance"),
    leg("hook"),
    leg("hitch"),
    leg("scuff"),
    none("ronde", "clearance"),
    none("lift", "clearance"),
    none("low-kick", "clearance"),
    none("swivel"),
    none("dig"),
    none("drag"),
    none("fan"),
    none("knee"),
    none("stomp-up"),
    none("stamp-up"),
    stomp("stomp"),
    stomp("stamp"),
    step("leap", "dry-floor shoes"),
    step("slide", "dry-floor shoes"),
    {.word = "recover", .kind = ActionKind::Step, .lifts = true, .brief = "rec"},
    other("hop", ActionKind::Hop),
    other("jump", ActionKind::Jump, "dry-floor shoes"),
    other("free", ActionKind::Free),
    other("somehow", ActionKind::Untimed),
    wait("wait"),
    wait("hold"),
    wait("pause"),
    wait("silent"),
    wait("rest"),
    wait("freeze"),
    wait("still"),
    wait("nothing"),
    gesture("clap"),
    gesture("slap"),
    gesture("snap"),
    gesture("arm"),
    gesture("arms"),
    gesture("head"),
    gesture("look"),
    gesture("breath"),
    gesture("breathe"),
    gesture("nod"),
    gesture("shrug"),
    gesture("pose"),
    gesture("settle"),
    gesture("reach"),
    gesture("smile"),
    to("forward", BodyDirection::Forward, false, "fwd"),
    to("fwd", BodyDirection::Forward),
    to("forwards", BodyDirection::Forward, false, "fwd"),
    to("back", BodyDirection::Back),
    to("backward", BodyDirection::Back, false, "back"),
    to("backwards", BodyDirection::Back, false, "back"),
    to("side", BodyDirection::Side),
    to("sideways", BodyDirection::Side, false, "side"),
    to("across", BodyDirection::Across, false, "acr"),
    to("cross", BodyDirection::Across),
    to("front", BodyDirection::Across),
    to("behind", BodyDirection::Behind, false, "bhd"),
    to("diagonal", BodyDirection::Diagonal, false, "diag"),
    to("diag", BodyDirection::Diagonal),
    to("place", BodyDirection::Place),
    to("replace", BodyDirection::Place, true, "rep"),
    to("together", BodyDirection::Together, false, "tog"),
    to("close", BodyDirection::Together),
    to("beside", BodyDirection::Together),
    to("collect", BodyDirection::Together),
    sized("small", StepSize::Small),
    sized("little", StepSize::Small),
    sized("tiny", StepSize::Small),
    sized("large", StepSize::Large),
    sized("big", StepSize::Large),
    sized("long", StepSize::Large),
    sized("wide", StepSize::Large),
};

std::string lower(std::string_view word) {
    std::string text(word);
    for (char& c : text)
        if (c >= 'A' && c <= 'Z') c = static_cast<char>(c - 'A' + 'a');
    return text;
}

/// Each piece of a text that is divided by spaces.
template <typename Found>
void eachPiece(std::string_view text, Found found) {
    std::size_t at = 0;
    while (at < text.size()) {
        const std::size_t end = std::min(text.find(' ', at), text.size());
        if (end > at) found(text.substr(at, end - at));
        at = end + 1;
    }
}

template <typename Found>
void eachWord(std::string_view text, Found found) {
    eachPiece(text, [&](std::string_view word) { found(lower(word)); });
}

} // namespace

std::span<const StepWord> stepWords() { return words; }

const StepWord* stepWord(std::string_view word) {
    const std::string small = lower(word);
    static const std::unordered_map<std::string_view, const StepWord*> known = [] {
        std::unordered_map<std::string_view, const StepWord*> all;
        for (const StepWord& entry : words) all.emplace(entry.word, &entry);
        return all;
    }();
    const auto found = known.find(small);
    return found == known.end() ? nullptr : found->second;
}

ActionKind kindOf(std::span<const std::string> said, const NotationChoices& choices) {
    bool kinds[static_cast<std::size_t>(ActionKind::Untimed) + 1] = {};
    bool other = false; // words that name a step
    for (const std::string& word : said) {
        const StepWord* entry = stepWord(word);
        if (!entry || !entry->kind || *entry->kind == ActionKind::Step) {
            if (entry && entry->weightBySchool && !choices.stompTakesWeight)
                kinds[static_cast<std::size_t>(ActionKind::NoWeight)] = true;
            else
                other = true;
        } else
            kinds[static_cast<std::size_t>(*entry->kind)] = true;
    }
    for (const ActionKind kind : {ActionKind::Untimed, ActionKind::Free, ActionKind::NoWeight, ActionKind::Hop,
                                  ActionKind::Jump, ActionKind::Wait})
        if (kinds[static_cast<std::size_t>(kind)]) return kind;
    return kinds[static_cast<std::size_t>(ActionKind::Gesture)] && !other ? ActionKind::Gesture : ActionKind::Step;
}

StepMeaning meaningOf(std::string_view said) {
    StepMeaning out;
    eachWord(said, [&](const std::string& w) {
        if (const StepWord* entry = stepWord(w)) {
            if (entry->direction && !out.direction) out.direction = entry->direction;
            if (entry->size != StepSize::Normal) out.size = entry->size;
        } else if (w == "led")
            out.lead = Lead::Led;
        else if (w == "own")
            out.lead = Lead::Own;
        else if (w == "break")
            out.breaks = true;
        else if (w == "meet")
            out.meets = true;
    });
    return out;
}

bool saysWord(std::string_view said, std::string_view word) {
    bool found = false;
    eachWord(said, [&](const std::string& w) { found = found || w == word; });
    return found;
}

std::vector<std::string_view> careOfWords(std::string_view said) {
    std::vector<std::string_view> codes;
    eachWord(said, [&](const std::string& w) {
        if (const StepWord* entry = stepWord(w))
            eachPiece(entry->care, [&](std::string_view code) { codes.push_back(code); });
    });
    return codes;
}

bool isStomp(std::string_view said) {
    bool found = false;
    eachWord(said, [&](const std::string& w) {
        const StepWord* entry = stepWord(w);
        found = found || (entry && entry->weightBySchool);
    });
    return found;
}

std::string briefWords(std::string_view words) {
    std::string out;
    eachPiece(words, [&](std::string_view word) {
        const StepWord* known = stepWord(word);
        if (!out.empty()) out += ' ';
        out += known && !known->brief.empty() ? known->brief : word;
    });
    return out;
}

} // namespace lc
