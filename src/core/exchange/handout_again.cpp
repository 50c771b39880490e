#include "core/exchange/handout_again.h"

#include "core/base/list_text.h"
#include "core/exchange/handout_line.h"
#include "core/said/said_tokens.h"

#include <algorithm>

namespace lc::handout {

std::optional<Again> againOf(std::string_view line) {
    using said::Sense;
    const std::vector<said::SaidToken> tokens = said::saidTokens(line);
    Again out;
    bool repeats = false, ofSection = false;
    for (std::size_t i = 0; i < tokens.size(); ++i) {
        const said::SaidToken& t = tokens[i];
        if (t.is(Sense::Count)) {
            const bool range =
                i + 2 < tokens.size() && tokens[i + 1].kind == said::TokenKind::Dash && tokens[i + 2].is(Sense::Count);
            const Again::Range counts{t.value, tokens[range ? i + 2 : i].value};
            if (ofSection && !range && !out.section && !out.of)
                out.section = t.value;
            else if (ofSection || !range || counts.second < counts.first)
                return std::nullopt;
            else if (!repeats && !out.on)
                out.on = counts;
            else if (repeats && !out.of && !out.section)
                out.of = counts;
            else
                return std::nullopt;
            ofSection = false;
            if (range) i += 2;
        } else if (t.is(Sense::Repeat))
            repeats = true;
        else if (t.is(Sense::OtherFoot))
            out.mirrored = true;
        else if (repeats && namesSection(said::small(line.substr(t.begin, t.finish - t.begin))))
            ofSection = true;
        else if (t.kind != said::TokenKind::Colon && t.kind != said::TokenKind::Break &&
                 t.kind != said::TokenKind::Clock && !t.is(Sense::Filler))
            return std::nullopt;
    }
    return repeats && !ofSection ? std::optional(out) : std::nullopt;
}

std::vector<std::size_t> figuresMeant(const Draft& draft, const std::string& part, const Again& again) {
    std::vector<std::size_t> all, out;
    for (std::size_t i = 0; i < draft.figures.size(); ++i)
        if (!draft.figures[i].ofTag && draft.figures[i].part == part) all.push_back(i);
    const auto take = [&](std::size_t from, std::size_t to) {
        out.assign(all.begin() + static_cast<std::ptrdiff_t>(from), all.begin() + static_cast<std::ptrdiff_t>(to));
    };
    if (again.section && *again.section >= 1 && *again.section <= static_cast<std::int64_t>(all.size()))
        take(static_cast<std::size_t>(*again.section - 1), static_cast<std::size_t>(*again.section));
    else if (again.of) {
        std::size_t first = all.size();
        Tick at;
        for (std::size_t k = 0; k < all.size(); ++k) {
            if (at == counts(again.of->first - 1)) first = k;
            at += draft.figures[all[k]].length;
            if (first <= k && at == counts(again.of->second)) {
                take(first, k + 1);
                break;
            }
        }
    } else if (!again.section && !all.empty())
        take(all.size() - 1, all.size());
    Tick length;
    for (const std::size_t i : out) length += draft.figures[i].length;
    if (again.on && length != counts(again.on->second - again.on->first + 1)) out.clear();
    return out;
}

std::optional<Sentence> placeAgain(Draft& draft, std::string_view text, const std::string& part) {
    const auto again = againOf(text);
    if (!again) return std::nullopt;
    const auto meant = figuresMeant(draft, part, *again);
    if (meant.empty()) return std::nullopt;
    std::vector<Sentence> names;
    for (const std::size_t i : meant) {
        Figure figure = draft.figures[i];
        figure.lines.clear();
        figure.again = true;
        figure.mirrored = figure.mirrored != again->mirrored;
        names.push_back(Core::sentence("“%1”", figure.name));
        draft.figures.push_back(std::move(figure));
    }
    return again->mirrored ? Core::sentence("%1 again, to the other side", listed(names))
                           : Core::sentence("%1 again", listed(names));
}

} // namespace lc::handout
