#include "core/exchange/handout_section.h"

#include "core/notation/notation_print.h"
#include "core/said/said_tokens.h"
#include "core/said/steps_reader.h"

#include <algorithm>

namespace lc::handout {

namespace {

constexpr std::string_view between = ", ";
constexpr int mostWrong = 20; // lines of a section

/// The text with its counts from 1 where they go on from a count before.
std::string renumbered(const std::string& text, std::int64_t before, const OwnWords& words) {
    std::string out;
    std::size_t from = 0;
    for (const said::SaidToken& t : said::saidTokens(text, words)) {
        if (!t.is(said::Sense::Count) || t.spelled || t.value <= before) continue;
        out += text.substr(from, t.begin - from) + std::to_string(t.value - before);
        from = t.finish;
    }
    return out + text.substr(from);
}

NotationReading earlierBy(NotationReading reading, std::int64_t before) {
    std::erase_if(reading.actions, [&](const Action& a) { return a.at < counts(before); });
    for (Action& a : reading.actions) a.at = a.at - counts(before);
    reading.length = reading.length - counts(before);
    return reading;
}

} // namespace

std::string RoleSteps::said() const {
    std::string out;
    for (const Line& line : lines) out.append(out.empty() ? "" : between).append(line.text);
    return out;
}

std::size_t RoleSteps::begin(std::size_t line) const {
    std::size_t at = 0;
    for (std::size_t k = 0; k < line; ++k) at += lines[k].text.size() + between.size();
    return at;
}

std::size_t RoleSteps::at(std::size_t byte) const {
    for (std::size_t k = 0; k + 1 < lines.size(); ++k)
        if (byte < begin(k + 1)) return k;
    return lines.size() - 1;
}

void shareOut(std::vector<RoleSteps>& roles) {
    const auto all =
        std::find_if(roles.begin(), roles.end(), [](const RoleSteps& role) { return role.role == "everyone"; });
    if (all == roles.end() || roles.size() == 1) return;
    const RoleSteps shared = *all;
    roles.erase(all);
    for (RoleSteps& role : roles) {
        role.lines.insert(role.lines.end(), shared.lines.begin(), shared.lines.end());
        std::stable_sort(role.lines.begin(), role.lines.end(),
                         [](const RoleSteps::Line& a, const RoleSteps::Line& b) { return a.place < b.place; });
    }
}

SectionLine readSection(RoleSteps steps, std::optional<std::int64_t> first, const NotationChoices& choices) {
    SectionLine out;
    out.steps = std::move(steps);
    const auto leaveOut = [&](std::size_t k, Text why) {
        out.left.push_back({out.steps.lines[k].place, out.steps.begin(k), std::move(why), out.steps.lines[k].text});
    };
    StepsReading read = readSteps(out.steps.said(), choices);
    while (read.reading.error) {
        if (out.left.size() == mostWrong) {
            for (std::size_t k = 0; k < out.steps.lines.size(); ++k)
                leaveOut(k, Core::sentence("not read, since too much before it could not be"));
            out.steps.lines.clear();
            return out;
        }
        const std::size_t wrong = out.steps.at(read.reading.error->begin);
        leaveOut(wrong, read.reading.error->text);
        out.steps.lines.erase(out.steps.lines.begin() + static_cast<std::ptrdiff_t>(wrong));
        if (out.steps.lines.empty()) return out;
        read = readSteps(out.steps.said(), choices);
    }
    const auto danced = std::find_if(read.reading.actions.begin(), read.reading.actions.end(),
                                     [](const Action& a) { return a.kind != ActionKind::Wait; });
    const std::int64_t waits = danced == read.reading.actions.end() ? 0 : wholeCounts(danced->at);
    const std::int64_t before =
        first && *first > 1 && waits + 1 >= *first ? *first - 1 : waits / 8 * 8; // counts that went before
    if (before > 0) {
        RoleSteps from1 = out.steps;
        for (RoleSteps::Line& line : from1.lines) line.text = renumbered(line.text, before, choices.words);
        const NotationReading meant = earlierBy(read.reading, before);
        StepsReading again = readSteps(from1.said(), choices);
        const bool asks = !again.reading.error && !again.reading.questions.empty();
        if (!asks && !read.reading.questions.empty()) { // what is asked of its counts as they are said would be lost
            for (std::size_t k = 0; k < out.steps.lines.size(); ++k) leaveOut(k, read.reading.questions.front().text);
            out.steps.lines.clear();
            return out;
        }
        if (!asks && !sameDance(again.reading, meant)) { // its counts are not all said in numbers
            from1.lines.resize(1);
            from1.lines[0].text = printNotation(meant, choices);
            again = readSteps(from1.said(), choices);
        }
        for (LeftLine& line : out.left) line.at = std::min(line.at, from1.said().size());
        if (from1.lines.size() == out.steps.lines.size())
            out.steps = std::move(from1);
        else { // all of them say the one line
            for (RoleSteps::Line& line : out.steps.lines) line.text = from1.lines[0].text;
            out.line = from1.lines[0].text;
        }
        read = std::move(again);
    }
    if (out.line.empty()) out.line = out.steps.said();
    out.notation = std::move(read.line);
    out.reading = std::move(read.reading);
    return out;
}

} // namespace lc::handout
