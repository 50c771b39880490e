// What makes single passes differ, read against the routine that they are in.

#include "core/exchange/exception_text.h"
#include "core/exchange/routine_text.h"

#include <algorithm>

namespace lc {

namespace {

using text_tree::bad;
using text_tree::BadLine;
using text_tree::commaPieces;
using text_tree::keyed;
using text_tree::Line;
using text_tree::linesOf;
using text_tree::withLineNamed;

/// The routine that lines are read against, with its typed steps numbered.
struct Against {
    explicit Against(const Document& document) : steps(numberedSteps(document.routine)), said(document, steps) {}
    std::vector<FigureId> steps;
    ExceptionReader said;
};

[[noreturn]] void nothingToPaste() {
    throw BadLine{0,
                  Core::sentence("There are no passes to paste. Copy some first: choose them in the list of passes.")};
}

[[noreturn]] void noFiguresToPaste() {
    throw BadLine{0, Core::sentence("There are no figures to paste. Copy some first: choose them in a part.")};
}

std::vector<Edit> editsOf(const Document& document, const Pass& pass, std::string_view text, PassWords words) {
    const Against against(document);
    Pass next{{}, pass.id, pass.part};
    const std::string semicolons(text);
    const std::vector<Line> lines = words == PassWords::Differences ? [&] {
        std::vector<Line> out;
        for (const std::string& piece : commaPieces(semicolons, ';'))
            if (!piece.empty()) out.push_back({0, piece, {}});
        return out;
    }() : linesOf(text);
    if (words != PassWords::All) next.mark = pass.mark;
    if (words == PassWords::Differences) {
        next.restart = pass.restart;
        next.tag = pass.tag;
        next.pinned = pass.pinned;
    }
    for (const Line& one : lines) against.said.passLine(one, pass.part, next, next.pinned, next.mark);
    keepIdentities(pass, next);
    std::vector<Edit> edits;
    const PassExceptions& exceptions = next;
    if (exceptions != static_cast<const PassExceptions&>(pass))
        edits.emplace_back(SetExceptions{pass.id, exceptions, {}});
    if (next.pinned != pass.pinned) edits.emplace_back(PinPass{pass.id, next.pinned});
    if (next.mark != pass.mark) edits.emplace_back(SetMark{pass.id, next.mark});
    return edits;
}

} // namespace

Result<std::vector<Edit>> passFromText(const Document& document, PassId pass, std::string_view text, PassWords words) {
    const auto index = indexOfPass(document.routine, pass);
    if (!index) return fail(ErrorCode::NotFound, Core::sentence("That pass is no longer there; nothing was changed."));
    return withLineNamed([&] { return editsOf(document, document.routine.passes[*index], text, words); });
}

Result<std::vector<Pass>> passesFromText(const Document& document, std::string_view text) {
    return withLineNamed([&] {
        const Against against(document);
        const std::vector<Line> lines = linesOf(text);
        if (lines.size() < 2 || lines.front().text != "Lift Count passes") nothingToPaste();
        std::vector<Pass> out;
        for (std::size_t i = 1; i < lines.size(); ++i) {
            const auto [key, name] = keyed(lines[i]);
            const Part* part = key == "pass" ? findPartNamed(document.routine, name) : nullptr;
            if (!part) bad(lines[i], Core::sentence("this routine has no part “%1”.", name));
            Pass pass{{}, {}, part->id};
            for (const Line& one : lines[i].inside) against.said.passLine(one, part->id, pass, pass.pinned, pass.mark);
            out.push_back(std::move(pass));
        }
        return out;
    });
}

Result<std::vector<Placement>> placementsFromText(const Document& document, std::string_view text) {
    return withLineNamed([&] {
        const Against against(document);
        const std::vector<Line> lines = linesOf(text);
        if (lines.size() < 2 || lines.front().text != "Lift Count figures") noFiguresToPaste();
        std::vector<Placement> out;
        for (std::size_t i = 1; i < lines.size(); ++i) out.push_back(against.said.placementIn(lines[i], lines[i].text));
        return out;
    });
}

Result<std::vector<Edit>> musicFromText(const Document& document, ExceptionId exception, std::string_view text) {
    const auto found = std::find_if(document.routine.atMusic.begin(), document.routine.atMusic.end(),
                                    [&](const MusicException& m) { return m.id == exception; });
    if (found == document.routine.atMusic.end())
        return fail(ErrorCode::NotFound, Core::sentence("That exception is no longer there; nothing was changed."));
    return withLineNamed([&]() -> std::vector<Edit> {
        const Against against(document);
        MusicException next{found->id, found->place, {}, {}};
        for (const Line& one : linesOf(text)) against.said.musicLine(one, next.what, next.mark);
        keepIdentities(found->what, next.what);
        if (next.what.none()) return {RemoveMusicException{next.id}};
        if (next == *found) return {};
        return {ChangeMusicException{std::move(next)}};
    });
}

Result<Edit> openingFromText(const Document& document, std::string_view text) {
    return withLineNamed([&]() -> Edit {
        const Against against(document);
        OpeningStance opening;
        for (const std::string& piece : commaPieces(text, ';')) {
            if (piece.empty()) continue;
            const Line one{0, piece, {}};
            const auto [key, rest] = keyed(one);
            if (key != "couple") {
                opening.roles.push_back(against.said.stanceIn(one, text_tree::unquoted(key), rest));
                continue;
            }
            const auto couple = parseCouple(rest);
            if (!couple) bad(one, couple.error().text);
            opening.couple = *couple;
        }
        return SetOpening{std::move(opening)};
    });
}

} // namespace lc
