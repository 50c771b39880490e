#include "core/exchange/handout_draft.h"

#include "core/base/clock_text.h"
#include "core/exchange/routine_text.h"
#include "core/exchange/text_tree.h"

#include <algorithm>
#include <cstdlib>
#include <map>

namespace lc::handout {

std::string partOf(const Figure& f) { return f.part.empty() ? "A" : f.part; }

bool Draft::hasPart(const std::string& part) const {
    return std::any_of(figures.begin(), figures.end(), [&](const Figure& f) { return !f.ofTag && partOf(f) == part; });
}

std::vector<std::string> Draft::passParts() const {
    std::vector<std::string> out;
    bool known = false;
    for (std::size_t i = 0; i < order.size() && out.size() < 200; ++i) {
        const char c = order[i];
        if (c >= 'A' && c <= 'Z') {
            known = hasPart(std::string(1, c));
            if (known) out.emplace_back(1, c);
        }
        if (c < '0' || c > '9' || out.empty() || !known) continue;
        const int times = std::min(200, std::atoi(order.c_str() + i));
        while (i + 1 < order.size() && order[i + 1] >= '0' && order[i + 1] <= '9') ++i;
        const std::string last = out.back();
        for (int k = 1; k < times; ++k) out.push_back(last);
    }
    if (!out.empty()) return out;
    for (const Figure& f : figures)
        if (!f.ofTag && std::find(out.begin(), out.end(), partOf(f)) == out.end()) out.push_back(partOf(f));
    if (out.size() != 1) return out;
    std::int64_t passes = std::max<std::int64_t>(4, walls.value_or(0));
    for (const Exception& e : exceptions) passes = std::max(passes, e.pass + 1);
    return std::vector<std::string>(static_cast<std::size_t>(std::min<std::int64_t>(passes, 200)), out.front());
}

/// Where an intro or a tempo is told of: the song as the hand-out understands it, a phrase for each pass behind the
/// intro.
std::string Draft::songText() const {
    if (!intro && !bpm) return {};
    const std::int64_t before = intro.value_or(0);
    std::vector<std::string> phrases;
    if (before > 0) phrases.push_back("intro " + std::to_string(before));
    std::int64_t number = 0;
    for (const std::string& part : passParts()) {
        ++number;
        Tick length;
        for (const Figure& f : figures)
            if (!f.ofTag && partOf(f) == part) length = length + f.length;
        for (const Exception& e : exceptions)
            if (e.pass == number && e.restart > 0) length = std::min(length, counts(e.restart));
        for (const Exception& e : exceptions)
            if (e.pass == number) length = length + counts(e.tag);
        if (length <= Tick{}) return {};
        phrases.push_back("dance " + std::to_string(wholeCounts(length) + (isWhole(length) ? 0 : 1)));
    }
    std::string out = "song: ";
    for (const std::string& phrase : phrases) out += (&phrase == &phrases.front() ? "" : " | ") + phrase;
    const double tempo = static_cast<double>(bpm && *bpm >= 20 && *bpm <= 400 ? *bpm : usualTempo);
    out += "\ntempo: " + std::to_string(static_cast<int>(tempo)) + "\n";
    return before > 0 ? out + "start: " + decimals(60 / tempo * static_cast<double>(before), 3) + " s\n" : out;
}

std::string Draft::routineText() const {
    std::string out = std::string(routineTextHead) + "\n\n";
    if (!title.empty()) out += "title: " + title + "\n";
    if (!level.empty()) out += "level: " + level + "\n";
    out += songText();
    const bool several = roles.size() > 1 || (roles.size() == 1 && roles.front() != "everyone");
    if (several) {
        std::string names;
        for (const std::string& role : roles)
            if (role != "everyone") names += (names.empty() ? "" : ", ") + role;
        out += "roles: " + names + "\n";
    }
    std::vector<std::string> parts;
    std::map<std::string, std::string> figuresOf;
    for (const Figure& f : figures) {
        if (!f.again) out += "\nfigure: " + text_tree::quoted(f.name) + "\n";
        for (const auto& [role, line] : f.lines) out += "  " + role + ": " + line + "\n";
        if (f.ofTag) continue;
        const std::string part = partOf(f);
        if (std::find(parts.begin(), parts.end(), part) == parts.end()) parts.push_back(part);
        figuresOf[part] += "  " + text_tree::quoted(f.name) + (f.mirrored ? ", mirrored" : "") + "\n";
    }
    for (const std::string& part : parts) out += "\npart: " + part + "\n" + figuresOf[part];
    std::string passes;
    for (const std::string& part : passParts()) passes += (passes.empty() ? "" : " ") + part;
    out += "\norder: " + passes + "\n";
    std::map<std::int64_t, std::vector<std::string>> ofPass;
    for (const Exception& e : exceptions) ofPass[e.pass].push_back(e.text);
    for (const auto& [pass, lines] : ofPass) {
        out += "\npass " + std::to_string(pass) + "\n";
        for (const std::string& line : lines) out += "  " + line + "\n";
    }
    return out;
}

} // namespace lc::handout
