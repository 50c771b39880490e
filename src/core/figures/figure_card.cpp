#include "core/figures/figure_card.h"

#include "core/figures/figure_fields.h"

#include <algorithm>

namespace lc {

namespace {

void addMissing(std::vector<std::string>& to, const std::vector<std::string>& from) {
    for (const std::string& text : from)
        if (std::find(to.begin(), to.end(), text) == to.end()) to.push_back(text);
}

} // namespace

std::string lineFor(const std::vector<FigureLine>& lines, std::string_view role) {
    for (const FigureLine& line : lines)
        if (line.role == role) return line.text;
    if (lines.size() == 1 && lines.front().role == "everyone") return lines.front().text;
    if (role == "everyone" && !lines.empty()) return lines.front().text;
    return {};
}

std::vector<Sentence> differencesOf(const FigureCard& a, const FigureCard& b) {
    std::vector<Sentence> out;
    const auto tell = [&](bool differs, Sentence what) {
        if (differs) out.push_back(std::move(what));
    };
    tell(a.name != b.name, Core::sentence("name"));
    for (const FigureLine& line : a.lines) {
        const auto other =
            std::find_if(b.lines.begin(), b.lines.end(), [&](const FigureLine& l) { return l.role == line.role; });
        tell(other == b.lines.end() || other->text != line.text, Core::sentence("line of %1", line.role));
    }
    for (const FigureLine& line : b.lines)
        tell(std::none_of(a.lines.begin(), a.lines.end(), [&](const FigureLine& l) { return l.role == line.role; }),
             Core::sentence("line of %1", line.role));
    tell(a.claimed != b.claimed, Core::sentence("length"));
    const FigureFacts& f = a.facts;
    const FigureFacts& g = b.facts;
    for (const FigureField& field : figureFields())
        tell(field.text ? f.*field.text != g.*field.text : f.*field.list != g.*field.list, field.inWords);
    tell(f.choices != g.choices, Core::sentence("feel"));
    tell(f.entry != g.entry || f.close != g.close, Core::sentence("frame"));
    tell(f.versions != g.versions, Core::sentence("versions"));
    if (out.empty() && a != b) out.push_back(Core::sentence("order of its lines"));
    return out;
}

bool likelySame(const FigureCard& a, const FigureCard& b) {
    const auto lower = [](char c) { return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c; };
    if (std::equal(a.name.begin(), a.name.end(), b.name.begin(), b.name.end(),
                   [&](char x, char y) { return lower(x) == lower(y); }))
        return true;
    return a.lines == b.lines &&
           std::any_of(a.lines.begin(), a.lines.end(), [](const FigureLine& line) { return !line.text.empty(); });
}

FigureCard mergeCards(const FigureCard& kept, const FigureCard& other) {
    FigureCard out = kept;
    FigureFacts& f = out.facts;
    const FigureFacts& g = other.facts;
    if (other.name != kept.name && !other.name.empty()) addMissing(f.otherNames, {other.name});
    for (const FigureField& field : figureFields()) {
        if (field.list) {
            addMissing(f.*field.list, g.*field.list);
            continue;
        }
        std::string& text = f.*field.text;
        const std::string& more = g.*field.text;
        if (text.empty())
            text = more;
        else if (field.merging == Merging::Both && text != more && !more.empty())
            text += "\n" + more;
    }
    std::erase(f.otherNames, out.name);
    for (const FigureLine& line : other.lines)
        if (std::none_of(out.lines.begin(), out.lines.end(), [&](const FigureLine& l) { return l.role == line.role; }))
            out.lines.push_back(line);
    for (const FigureVersion& version : g.versions)
        if (std::find(f.versions.begin(), f.versions.end(), version) == f.versions.end()) f.versions.push_back(version);
    if (!out.claimed) out.claimed = other.claimed;
    if (!f.choices) f.choices = g.choices;
    if (f.entry == Tick{} && f.close == Tick{}) {
        f.entry = g.entry;
        f.close = g.close;
    }
    return out;
}

} // namespace lc
