#include "core/notation/notation.h"

#include "core/notation/notation_moments.h"
#include "core/notation/step_words.h"

#include <algorithm>
#include <cassert>
#include <utility>

namespace lc {

namespace {

using notation::DoubtfulLetter;
using notation::Moment;

std::string joined(const std::vector<std::string>& words) {
    std::string out;
    for (const std::string& word : words) out += (out.empty() ? "" : " ") + word;
    return out;
}

void addWaits(NotationReading& reading, Tick from, Tick to) {
    while (from < to) {
        const Tick end = std::min(to, counts(wholeCounts(from) + 1));
        Action wait;
        wait.at = from;
        wait.length = end - from;
        wait.kind = ActionKind::Wait;
        wait.label = isWhole(from) ? std::to_string(wholeCounts(from) + 1) : "";
        if (!reading.actions.empty()) wait.begin = wait.finish = reading.actions.back().finish;
        reading.actions.push_back(std::move(wait));
        from = end;
    }
}

Action actionOf(Moment&& m, const NotationChoices& choices) {
    Action action;
    action.at = m.at;
    action.kind = kindOf(m.words, choices);
    action.label = std::move(m.label);
    action.words = joined(m.words);
    if (action.usesFoot() || action.isRun()) action.said = m.foot;
    action.turn = m.turn;
    action.turnLength = m.turnLength;
    action.orbit = m.orbit;
    action.orbitLength = m.orbitLength;
    action.roundMiddle = m.roundMiddle;
    action.accent = m.accent;
    action.cue = std::move(m.cue);
    action.beside = joined(m.beside);
    action.toward = std::move(m.toward);
    action.couple = std::move(m.couple);
    action.care = std::move(m.care);
    action.begin = m.begin;
    action.finish = m.finish;
    return action;
}

/// Moments become actions with lengths; gaps become waits, one for each count.
void layOut(NotationReading& reading, std::vector<Moment> moments, const NotationChoices& choices) {
    Tick done = moments.empty() ? Tick{} : std::min(Tick{}, moments.front().at);
    for (std::size_t i = 0; i < moments.size(); ++i) {
        Moment& m = moments[i];
        addWaits(reading, done, m.at);
        done = m.at;
        Tick end = m.length ? m.at + *m.length : counts(wholeCounts(m.at) + 1);
        if (i + 1 < moments.size()) {
            const Tick next = moments[i + 1].at;
            if (!m.length)
                end = std::min(end, next);
            else if (end > next) {
                if (!reading.error)
                    reading.error =
                        NotationRemark{m.begin, m.finish,
                                       Core::sentence("“%1” lasts %2, but the next step comes before that is over.",
                                                      m.label, inCounts(*m.length))};
                break;
            }
        }
        Action action = actionOf(std::move(m), choices);
        action.length = end - action.at;
        if (action.turnLength == action.length) action.turnLength = Tick{};
        if (action.orbitLength == action.length) action.orbitLength = Tick{};
        reading.actions.push_back(std::move(action));
        done = end;
    }
    reading.length = std::max(done, Tick{});
}

void claim(NotationReading& reading, Tick claimed) {
    if (reading.length > claimed)
        reading.notes.push_back({0, 0,
                                 Core::sentence("Called %1, adds up to %2.", AsCount{claimed}, AsCount{reading.length}),
                                 RemarkKind::Length});
    else {
        addWaits(reading, reading.length, claimed);
        reading.length = claimed;
    }
}

void checkFeet(NotationReading& reading) {
    const auto footed = followFeet(reading.actions, footNeeded(reading.actions).value_or(Foot::Both));
    const Action* before = nullptr; // the last action with a foot
    for (std::size_t i = 0; i < footed.size(); ++i) {
        const Action& action = reading.actions[i];
        if (footed[i].conflict) {
            Text text = Core::sentence("Count %1 says the %2 foot, but the %2 foot carries the weight.", action.label,
                                       footWord(*footed[i].foot));
            if (before && isStomp(before->words) && before->kind == ActionKind::Step)
                text += Core::sentence("If the stomp on %1 takes no weight, write stomp-up there.", before->label);
            reading.notes.push_back({action.begin, action.finish, std::move(text), RemarkKind::FootNotFree});
        }
        if (action.usesFoot()) before = &action;
    }
}

NotationReading readLine(std::string_view text, const NotationChoices& choices, std::vector<DoubtfulLetter>& doubtful) {
    notation::Moments read = notation::readMoments(text, choices);
    NotationReading reading;
    reading.couple = std::move(read.couple);
    reading.unfinished = read.unfinished;
    reading.next = std::move(read.next);
    reading.error = std::move(read.error);
    reading.notes = std::move(read.notes);
    doubtful = std::move(read.doubtful);
    layOut(reading, std::move(read.moments), choices);
    if (!reading.error) checkFeet(reading);
    return reading;
}

/// The ways to mean a letter after a silent count: its half, the end of the silent count, or a word that fills the
/// voice.
NotationQuestion askAbout(std::string_view text, const DoubtfulLetter& d, const NotationChoices& choices) {
    NotationQuestion question{
        d.begin, d.finish, Core::sentence("“%1” stands beside a silent %2. Which is meant?", d.letter, d.silent), {}};
    const std::string before(text.substr(0, d.begin));
    const std::string after(text.substr(d.finish));
    const auto offer = [&](Sentence words, const std::string& instead, bool taken) {
        std::string line = before + instead + after;
        std::vector<DoubtfulLetter> still;
        const NotationReading meant = readLine(line, choices, still);
        if (meant.error) return;
        const auto feet = followFeet(meant.actions, footNeeded(meant.actions).value_or(Foot::Left));
        question.answers.push_back({std::move(words), std::move(line), meant.length,
                                    feet.empty() ? Foot::Both : feet.back().freeAfter, taken});
    };
    const std::string said = std::to_string(d.saidLast);
    const std::string silent = std::to_string(d.silent);
    const std::string glue = before.empty() || before.back() == ' ' ? "" : " ";
    offer(Core::sentence("the end of a silent %1", silent), glue + silent + " wait " + d.letter, !d.ofTheSaid);
    offer(Core::sentence("a part of count %1", said), glue + said + d.letter, d.ofTheSaid);
    if (!d.ofTheSaid) offer(Core::sentence("a filler word, no step"), glue + "\"" + d.letter + "\"", false);
    return question;
}

} // namespace

NotationReading readNotation(std::string_view text, const NotationChoices& choices, std::optional<Tick> claimed) {
    std::vector<DoubtfulLetter> doubtful;
    NotationReading reading = readLine(text, choices, doubtful);
    if (reading.error) return reading;
    for (const DoubtfulLetter& d : doubtful)
        if (NotationQuestion question = askAbout(text, d, choices); question.answers.size() > 1)
            reading.questions.push_back(std::move(question));
    if (claimed) claim(reading, *claimed);
    return reading;
}

std::size_t characterNumber(std::string_view text, std::size_t byte) {
    std::size_t number = 1;
    for (std::size_t i = 0; i < std::min(byte, text.size()); ++i)
        if ((static_cast<unsigned char>(text[i]) & 0xC0) != 0x80) ++number;
    return number;
}

Error notationError(std::string_view text, const NotationReading& reading) {
    assert(reading.error);
    const std::size_t place = characterNumber(text, reading.error->begin);
    return {ErrorCode::BadNotation, Core::sentence("Counts, character %1: %2", place, reading.error->text),
            "character " + std::to_string(place)};
}

} // namespace lc
