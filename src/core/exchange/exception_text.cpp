#include "core/exchange/exception_text.h"

#include "core/base/text_rows.h"

#include <algorithm>

namespace lc {

using text_tree::bad;
using text_tree::behind;
using text_tree::commaPieces;
using text_tree::countIn;
using text_tree::keyed;
using text_tree::manyLines;
using text_tree::need;
using text_tree::secondsIn;
using text_tree::unquoted;
using text_tree::wholeIn;

std::vector<FigureId> numberedSteps(const Routine& routine) {
    std::vector<FigureId> out;
    const auto number = [&](const Figure* figure) {
        if (figure && figure->name.empty() && std::find(out.begin(), out.end(), figure->id) == out.end())
            out.push_back(figure->id);
    };
    for (const Part& part : routine.parts)
        for (const Placement& placed : part.figures) number(findFigure(routine, placed.figure));
    for (const Figure& figure : routine.figures) number(&figure);
    return out;
}

void keepIdentities(const PassExceptions& before, PassExceptions& e) {
    for (std::size_t i = 0; i < std::min(before.bridges.size(), e.bridges.size()); ++i)
        e.bridges[i].id = before.bridges[i].id;
    std::vector<PlacementId> added;
    for (const FigureChange& c : before.changes)
        if (c.kind == FigureChange::Kind::Add) added.push_back(c.added.id);
    std::size_t n = 0;
    for (FigureChange& c : e.changes)
        if (c.kind == FigureChange::Kind::Add && n < added.size()) c.added.id = added[n++];
}

RoleId ExceptionReader::roleNamed(const Line& line, const std::string& name) const {
    for (const Role& role : m_document.routine.roles)
        if (role.name == name) return role.id;
    std::string known;
    for (const Role& role : m_document.routine.roles) known += (known.empty() ? "" : ", ") + role.name;
    bad(line, Core::sentence("there is no role “%1”. The roles are %2.", name, known));
}

FigureId ExceptionReader::figureNamed(const Line& line, const std::string& text) const {
    if (const auto typed = behind(text, "steps")) {
        if (typed->empty())
            bad(line, Core::sentence("which steps? Those typed in parts are numbered as they stand there: steps 1."));
        const auto n = wholeNumber<std::size_t>(*typed);
        if (!n || *n < 1 || *n > m_typed.size())
            bad(line, Core::sentence("there are no steps “%1” before this line.", *typed));
        return m_typed[*n - 1];
    }
    const std::string name = unquoted(text);
    for (const Figure& figure : m_document.routine.figures)
        if (figure.name == name && !name.empty()) return figure.id;
    bad(line, Core::sentence("there is no figure “%1” in this text. Add “figure: %2” with its lines.", name, name));
}

Placement ExceptionReader::placementIn(const Line& line, const std::string& text) const {
    const auto all = commaPieces(text);
    Placement placed{{}, {}};
    if (const auto part = behind(all.front(), "part"); part && all.front().front() != '"') {
        const Part* inner = findPartNamed(m_document.routine, *part);
        if (!inner) bad(line, Core::sentence("there is no part “%1”.", *part));
        placed.part = inner->id;
    } else
        placed.figure = figureNamed(line, all.front());
    for (std::size_t i = 1; i < all.size(); ++i) {
        if (all[i] == "mirrored")
            placed.mirrored = true;
        else if (all[i] == "exchanged")
            placed.exchanged = true;
        else if (const auto version = behind(all[i], "version"))
            placed.version = unquoted(*version);
        else if (const auto bars = behind(all[i], "in bars of"))
            placed.bars = barsIn(line, *bars);
        else
            bad(line,
                Core::sentence(
                    "“%1” cannot be done to a placed figure. Known are mirrored, exchanged, version …, in bars of 3 for 4.",
                    all[i]));
    }
    return placed;
}

Rebar ExceptionReader::barsIn(const Line& line, const std::string& text) const {
    const auto split = text.find(" for ");
    if (split == std::string::npos)
        bad(line, Core::sentence("write the bars as danced and as written: “in bars of 3 for 4”."));
    return {wholeIn(line, text.substr(split + 5), 1, 24), wholeIn(line, text.substr(0, split), 1, 24)};
}

PlacementId ExceptionReader::placementAt(const Line& line, PartId part, std::string_view path) const {
    const Part* in = findPart(m_document.routine, part);
    PlacementId id;
    for (std::string_view piece : pieces(trimmed(path), '.')) {
        if (!in) bad(line, Core::sentence("“figure %1” leads into no part.", std::string(path)));
        const auto n = wholeNumber<std::size_t>(piece);
        if (!n || *n < 1 || *n > in->figures.size())
            bad(line, Core::sentence("part %1 has no figure %2; it has %3.", in->name, std::string(piece),
                                     in->figures.size()));
        const Placement& placed = in->figures[*n - 1];
        id = placed.id;
        in = placed.part.valid() ? findPart(m_document.routine, placed.part) : nullptr;
    }
    return id;
}

PlacementId ExceptionReader::placementAddressed(const Line& line, const std::string& text) const {
    const auto space = text.find(' ');
    const Part* part = findPartNamed(m_document.routine, text.substr(0, space));
    if (!part || space == std::string::npos)
        bad(line, Core::sentence("“%1” is not a place in a part. Write for example A 3.", text));
    return placementAt(line, part->id, text.substr(space + 1));
}

MusicPlace ExceptionReader::placeIn(const Line& line, const std::string& text) const {
    MusicPlace place;
    bool near = false;
    for (const std::string& piece : commaPieces(text)) {
        if (const auto after = behind(piece, "after"))
            place.into = countIn(line, *after);
        else if (const auto at = behind(piece, "near")) {
            place.at = secondsIn(line, *at);
            near = true;
        } else if (place.section.empty())
            place.section = unquoted(piece);
        else
            bad(line, Core::sentence("“%1” says no place. Write “Bridge, after 16”.", piece));
    }
    if (place.section.empty() && !near) bad(line, Core::sentence("name the section of the song: “Bridge, after 16”."));
    return place;
}

std::pair<Tick, Tick> ExceptionReader::ofAndAfter(const Line& line, const std::string& text, bool atMusic) const {
    const auto split = text.find(" after ");
    if (split == std::string::npos) {
        if (!atMusic) bad(line, Core::sentence("after how many counts? Write for example “after 16”."));
        return {countIn(line, text), Tick{}};
    }
    return {countIn(line, trimmed(std::string_view(text).substr(0, split))),
            countIn(line, trimmed(std::string_view(text).substr(split + 7)))};
}

Tick ExceptionReader::afterIn(const Line& line, const std::string& text, bool atMusic) const {
    if (text.empty() && atMusic) return {};
    const auto after = behind(text, "after");
    if (!after) bad(line, Core::sentence("after how many counts? Write for example “after 16”."));
    return countIn(line, *after);
}

void ExceptionReader::exception(const Line& line, PassExceptions& e, PartId part, bool atMusic) const {
    using Kind = FigureChange::Kind;
    const auto all = commaPieces(line.text);
    const std::string& first = all.front();
    const auto address = [&](const std::string& text) {
        return part.valid() ? placementAt(line, part, text) : placementAddressed(line, text);
    };
    const auto rest = [&](std::size_t from, auto known) {
        for (std::size_t i = from; i < all.size(); ++i)
            if (!known(all[i])) bad(line, Core::sentence("“%1” has no meaning here.", all[i]));
    };
    if (const auto restart = behind(first, "restart")) {
        e.restart = Restart{afterIn(line, *restart, atMusic), false};
        rest(1, [&](const std::string& word) { return word == "turning on" && (e.restart->turnOn = true); });
    } else if (const auto tag = behind(first, "tag of")) {
        e.tag = Tag{countIn(line, *tag), false};
        rest(1, [&](const std::string& word) {
            if (word == "count from 1") return e.tag->countFromOne = true;
            e.tag->figure = figureNamed(line, word);
            return true;
        });
    } else if (const auto bridge = behind(first, "bridge of")) {
        const auto [n, after] = ofAndAfter(line, *bridge, atMusic);
        Bridge b{{}, after, n};
        rest(1, [&](const std::string& word) {
            b.figure = figureNamed(line, word);
            return true;
        });
        e.bridges.push_back(b);
    } else if (first == "last change a touch")
        e.lastChangeIsTouch = true;
    else if (first == "mirrored")
        e.mirrored = true;
    else if (first == "exchanged")
        e.exchanged = true;
    else if (const auto wait = behind(first, "wait"))
        e.wait = countIn(line, *wait);
    else if (const auto without = behind(first, "without figure"))
        e.changes.push_back({Kind::Drop, address(*without)});
    else if (const auto ending = behind(first, "ending"))
        e.ending = endingIn(line, *ending, true, atMusic);
    else if (const auto not_ = behind(first, "not ending"))
        e.ending = endingIn(line, *not_, false, atMusic);
    else if (const auto add = behind(line.text, "add"))
        e.changes.push_back(addedIn(line, *add, address));
    else if (const auto canon = behind(first, "canon"))
        e.canon = canonIn(line, *canon, all);
    else if (const auto figure = behind(first, "figure")) {
        const auto space = figure->find(' ', part.valid() ? 0 : figure->find(' ') + 1);
        if (space == std::string::npos)
            bad(line, Core::sentence("what of this figure? Write for example “figure 3 mirrored”."));
        const std::string said(trimmed(std::string_view(*figure).substr(space)));
        FigureChange change{Kind::Mirror, address(figure->substr(0, space))};
        if (said == "mirrored")
            change.kind = Kind::Mirror;
        else if (said == "exchanged")
            change.kind = Kind::Exchange;
        else if (const auto version = behind(said, "in version")) {
            change.kind = Kind::Version;
            change.version = unquoted(*version);
        } else if (const auto bars = behind(said, "in bars of")) {
            change.kind = Kind::Bars;
            change.bars = barsIn(line, *bars);
        } else
            bad(line,
                Core::sentence(
                    "“%1” cannot be done to a figure. Known are mirrored, exchanged, in version …, in bars of 3 for 4.",
                    said));
        e.changes.push_back(std::move(change));
    } else
        bad(line,
            Core::sentence(
                "“%1” is not an exception. Known are restart, tag of, bridge of, last change a touch, without figure, figure, add, mirrored, exchanged, wait, ending, canon, pinned to, remembered by.",
                first));
}

Ending ExceptionReader::endingIn(const Line& line, const std::string& text, bool danced, bool atMusic) const {
    const auto space = std::min(text.find(' '), text.size());
    const Part* part = findPartNamed(m_document.routine, text.substr(0, space));
    if (!part) bad(line, Core::sentence("there is no part “%1” to end with.", text.substr(0, space)));
    return {afterIn(line, std::string(trimmed(std::string_view(text).substr(space))), atMusic), part->id, danced};
}

template <typename Address>
FigureChange ExceptionReader::addedIn(const Line& line, const std::string& text, Address address) const {
    FigureChange change{FigureChange::Kind::Add, {}};
    const Line said{line.number, text, {}};
    const auto [where, what] = keyed(said);
    if (const auto after = behind(where, "after figure"))
        change.at = address(*after);
    else if (where != "at the head")
        bad(line, Core::sentence("where is it added? Write “add after figure 2: Sway” or “add at the head: Sway”."));
    change.added = placementIn(line, what);
    return change;
}

Canon ExceptionReader::canonIn(const Line& line, const std::string& text, const std::vector<std::string>& all) const {
    const auto space = std::min(text.find(' '), text.size());
    if (trimmed(std::string_view(text).substr(space)) != "apart")
        bad(line, Core::sentence("how far apart do they enter? Write “canon 2 apart”."));
    Canon canon{countIn(line, text.substr(0, space))};
    for (std::size_t i = 1; i < all.size(); ++i) {
        if (all[i] == "ripple")
            canon.ripple = true;
        else if (all[i] == "together")
            canon.ripple = false;
        else if (const auto from = behind(all[i], "from"))
            canon.from = countIn(line, *from);
        else if (const auto to = behind(all[i], "to"))
            canon.to = countIn(line, *to);
        else if (const auto enters = behind(all[i], "enters"))
            canon.entries.push_back(roleNamed(line, unquoted(*enters)));
        else
            bad(line, Core::sentence("“%1” has no meaning in a canon. Known are ripple, together, from, to, enters.",
                                     all[i]));
    }
    return canon;
}

void ExceptionReader::passLine(const Line& one, PartId part, PassExceptions& e, std::optional<MusicPlace>& pinned,
                               std::string& mark) const {
    const auto [key, rest] = keyed(one);
    if (const auto place = behind(one.text, "pinned to"))
        pinned = placeIn(one, *place);
    else if (key == "remembered by")
        mark = manyLines(rest);
    else
        exception(one, e, part, false);
}

void ExceptionReader::musicLine(const Line& one, PassExceptions& what, std::string& mark) const {
    const auto [key, rest] = keyed(one);
    if (key == "remembered by")
        mark = manyLines(rest);
    else
        exception(one, what, {}, true);
}

PlacementId ExceptionReader::addedTo(const Line& line, const Pass& pass, const std::string& ordinal) {
    int n = wholeIn(line, ordinal, 1, 2000);
    for (const FigureChange& c : pass.changes)
        if (c.kind == FigureChange::Kind::Add && --n == 0) return c.added.id;
    bad(line, Core::sentence("so many figures are not added to that pass."));
}

RoleStance ExceptionReader::stanceIn(const Line& line, const std::string& role, const std::string& words) const {
    RoleStance stance{roleNamed(line, role), std::nullopt, std::nullopt};
    for (const std::string& piece : commaPieces(words)) {
        if (piece == "left free")
            stance.free = Foot::Left;
        else if (piece == "right free")
            stance.free = Foot::Right;
        else if (piece == "either free")
            stance.free = Foot::Both;
        else if (const auto facing = behind(piece, "facing"))
            stance.facing = need(line, parseClock(*facing));
        else if (!piece.empty())
            bad(line, Core::sentence("“%1” is not a stance. Write “leader: left free, facing 12”.", piece));
    }
    return stance;
}

} // namespace lc
