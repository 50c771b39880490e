// Edits of roles, figures and parts.

#include "core/edits/applier.h"
#include "core/routine/routine_figures.h"

namespace lc::edits {

namespace {

std::string freeLetter(const Routine& routine) {
    for (char c = 'A'; c <= 'Z'; ++c)
        if (!findPartNamed(routine, std::string(1, c))) return std::string(1, c);
    int n = 1;
    while (findPartNamed(routine, "P" + std::to_string(n))) ++n;
    return "P" + std::to_string(n);
}

Result<std::string> partName(const Routine& routine, const std::string& name, PartId except) {
    if (name.empty() || name.find_first_of(" \t\n,*;:()[]\"") != std::string::npos)
        return fail(ErrorCode::BadValue, Core::sentence("A part is named by one word, such as A or Ending."));
    for (const Part& part : routine.parts)
        if (part.name == name && part.id != except)
            return fail(ErrorCode::BadValue, Core::sentence("There is a part “%1” already. Take another name.", name));
    return name;
}

bool saysNothing(const Figure& figure) {
    return figure.name.empty() && std::all_of(figure.lines.begin(), figure.lines.end(),
                                              [](const RoleLine& line) { return line.text.empty(); });
}

std::vector<RoleLine> emptyLines(const Routine& routine) {
    std::vector<RoleLine> lines;
    for (const Role& role : routine.roles) lines.push_back({role.id, ""});
    return lines;
}

/// The part of a placement and its place in it.
struct Found {
    Part* part = nullptr;
    std::vector<Placement>::iterator at;
};

Found findPlacement(Routine& routine, PlacementId id) {
    for (Part& part : routine.parts) {
        const auto at =
            std::find_if(part.figures.begin(), part.figures.end(), [&](const Placement& p) { return p.id == id; });
        if (at != part.figures.end()) return {&part, at};
    }
    return {};
}

bool contains(const std::vector<PlacementId>& ids, PlacementId id) {
    return std::find(ids.begin(), ids.end(), id) != ids.end();
}

} // namespace

Result<void> Applier::operator()(const RenameRole& e) {
    Role* role = byId(routine().roles, e.role);
    if (!role) return gone(Core::sentence("That role is no longer there; nothing was changed."));
    if (e.name.empty())
        return fail(ErrorCode::BadValue, Core::sentence("A role needs a name, such as leader or row 1."));
    role->name = e.name;
    return {};
}

Result<void> Applier::operator()(const AddRole& e) {
    Routine& r = routine();
    if (r.roles.size() >= mostRoles) return fail(ErrorCode::BadValue, Core::sentence("A routine has at most 8 roles."));
    if (e.name.empty())
        return fail(ErrorCode::BadValue, Core::sentence("A role needs a name, such as follower or row 2."));
    const RoleId id = newId<RoleTag>(r);
    r.roles.push_back({id, e.name});
    for (Figure& figure : r.figures) figure.lines.push_back({id, ""});
    return {};
}

Result<void> Applier::operator()(const RemoveRole& e) {
    Routine& r = routine();
    if (r.roles.size() < 2) return fail(ErrorCode::BadValue, Core::sentence("A routine needs at least one role."));
    if (!byId(r.roles, e.role)) return gone(Core::sentence("That role is no longer there; nothing was changed."));
    std::erase_if(r.roles, [&](const Role& role) { return role.id == e.role; });
    for (Figure& figure : r.figures)
        std::erase_if(figure.lines, [&](const RoleLine& line) { return line.role == e.role; });
    std::erase_if(r.opening.roles, [&](const RoleStance& stance) { return stance.role == e.role; });
    const auto forget = [&](PassExceptions& exceptions) {
        if (exceptions.canon) std::erase(exceptions.canon->entries, e.role);
    };
    for (Pass& pass : r.passes) forget(pass);
    for (MusicException& exception : r.atMusic) forget(exception.what);
    for (UnsettledLine& line : r.unsettled)
        if (line.role == e.role) line.role = {};
    return {};
}

Result<void> Applier::operator()(const SetFormation& e) {
    routine().formation = e.formation;
    return {};
}

Result<void> Applier::operator()(const SetLevel& e) {
    routine().level = e.level;
    return {};
}

Result<void> Applier::operator()(const AddFigure& e) {
    Routine& r = routine();
    if (e.card.name.empty()) return fail(ErrorCode::BadValue, Core::sentence("A figure needs a name."));
    if (r.figures.size() >= mostFigures)
        return fail(ErrorCode::BadValue, Core::sentence("A routine has at most 2000 figures."));
    r.figures.push_back({newId<FigureTag>(r), e.card.name, linesForRoles(e.card, r.roles), e.card.claimed, e.card.facts,
                         e.vocabularyId});
    made.figures.push_back(r.figures.back().id);
    return {};
}

Result<void> Applier::operator()(const ChangeFigure& e) {
    Figure* figure = byId(routine().figures, e.figure);
    if (!figure) return gone(Core::sentence("That figure is no longer there; nothing was changed."));
    if (e.card.name.empty() && !figure->name.empty())
        return fail(ErrorCode::BadValue, Core::sentence("A figure needs a name."));
    *figure = {figure->id,     e.card.name,  linesForRoles(e.card, routine().roles),
               e.card.claimed, e.card.facts, figure->vocabularyId};
    return {};
}

Result<void> Applier::operator()(const RemoveFigure& e) {
    Routine& r = routine();
    if (!byId(r.figures, e.figure)) return gone(Core::sentence("That figure is no longer there; nothing was changed."));
    std::erase_if(r.figures, [&](const Figure& f) { return f.id == e.figure; });
    std::vector<PlacementId> placements;
    for (Part& part : r.parts) {
        for (const Placement& p : part.figures)
            if (p.figure == e.figure) placements.push_back(p.id);
        std::erase_if(part.figures, [&](const Placement& p) { return p.figure == e.figure; });
    }
    forgetPlacements(placements);
    const auto forget = [&](PassExceptions& exceptions) { // extra counts stay, as a wait
        if (exceptions.tag && exceptions.tag->figure == e.figure) exceptions.tag->figure = {};
        for (Bridge& bridge : exceptions.bridges)
            if (bridge.figure == e.figure) bridge.figure = {};
        std::erase_if(exceptions.changes, [&](const FigureChange& change) {
            return change.kind == FigureChange::Kind::Add && change.added.figure == e.figure;
        });
    };
    for (Pass& pass : r.passes) forget(pass);
    for (MusicException& exception : r.atMusic) forget(exception.what);
    for (UnsettledLine& line : r.unsettled)
        if (line.figure == e.figure) {
            line.figure = {};
            line.role = {};
        }
    return {};
}

Result<void> Applier::operator()(const SettleLine& e) {
    Routine& r = routine();
    const auto found = std::find_if(r.unsettled.begin(), r.unsettled.end(),
                                    [&](const UnsettledLine& line) { return line.id == e.line; });
    if (found == r.unsettled.end()) return gone(Core::sentence("That line is no longer there; nothing was changed."));
    const UnsettledLine line = *found;
    r.unsettled.erase(found);
    Figure* figure = byId(r.figures, line.figure);
    if (e.how == SettleLine::How::AsRemark) {
        if (!figure)
            return fail(
                ErrorCode::BadValue,
                Core::sentence(
                    "This line stands in no figure's section, so it cannot be a remark of one. Take it out, or write what it says where it belongs."));
        std::string& notes = figure->facts.notes;
        notes += (notes.empty() ? "" : "\n") + line.text;
    } else if (e.how == SettleLine::How::PutBack) {
        if (!figure || !line.role.valid())
            return fail(ErrorCode::BadValue, Core::sentence("The figure of this line is no longer there."));
        auto role = std::find_if(figure->lines.begin(), figure->lines.end(),
                                 [&](const RoleLine& l) { return l.role == line.role; });
        if (role == figure->lines.end()) role = figure->lines.insert(figure->lines.end(), {line.role, {}});
        std::string& text = role->text;
        std::size_t at = std::min<std::size_t>(line.at, text.size());
        while (at < text.size() && at > 0 && text[at - 1] != ' ')
            ++at; // the line may have changed since: between words
        text = text.substr(0, at) + (at > 0 && text[at - 1] != ' ' ? ", " : "") + line.text +
               (at < text.size() ? ", " : "") + text.substr(at);
    }
    return {};
}

Result<void> Applier::operator()(const SetFigureLine& e) {
    Figure* figure = byId(routine().figures, e.figure);
    if (!figure) return gone(Core::sentence("That figure is no longer there; nothing was changed."));
    if (!byId(routine().roles, e.role))
        return gone(Core::sentence("That role is no longer there; nothing was changed."));
    for (RoleLine& line : figure->lines)
        if (line.role == e.role) {
            line.text = e.text;
            return {};
        }
    figure->lines.push_back({e.role, e.text});
    return {};
}

Result<void> Applier::operator()(const AddPart& e) {
    Routine& r = routine();
    const auto name = partName(r, e.name.empty() ? freeLetter(r) : e.name, {});
    if (!name) return tl::unexpected(name.error());
    Figure figure{newId<FigureTag>(r), "", emptyLines(r), std::nullopt, {}, {}};
    r.parts.push_back({newId<PartTag>(r), *name, {{newId<PlacementTag>(r), figure.id}}});
    r.figures.push_back(std::move(figure));
    return {};
}

Result<void> Applier::operator()(const RenamePart& e) {
    Part* part = byId(routine().parts, e.part);
    if (!part) return gone(Core::sentence("That part is no longer there; nothing was changed."));
    const auto name = partName(routine(), e.name, e.part);
    if (!name) return tl::unexpected(name.error());
    part->name = *name;
    return {};
}

Result<void> Applier::operator()(const RemovePart& e) {
    Routine& r = routine();
    const Part* part = byId(r.parts, e.part);
    if (!part) return gone(Core::sentence("That part is no longer there; nothing was changed."));
    if (r.parts.size() < 2) return fail(ErrorCode::BadValue, Core::sentence("A routine needs at least one part."));
    const std::vector<Placement> placements = part->figures;
    std::vector<PlacementId> lost;
    for (const Placement& p : placements) lost.push_back(p.id);
    std::erase_if(r.parts, [&](const Part& p) { return p.id == e.part; });
    for (Part& other : r.parts) {
        for (const Placement& p : other.figures)
            if (p.part == e.part) lost.push_back(p.id);
        std::erase_if(other.figures, [&](const Placement& p) { return p.part == e.part; });
    }
    std::vector<PassId> passes;
    for (const Pass& pass : r.passes)
        if (pass.part == e.part) passes.push_back(pass.id);
    if (auto done = (*this)(RemovePasses{passes}); !done) return done;
    const auto forget = [&](PassExceptions& exceptions) {
        if (exceptions.ending && exceptions.ending->part == e.part) exceptions.ending.reset();
        std::erase_if(exceptions.changes, [&](const FigureChange& change) {
            return change.kind == FigureChange::Kind::Add && change.added.part == e.part;
        });
    };
    for (Pass& pass : r.passes) forget(pass);
    for (MusicException& exception : r.atMusic) forget(exception.what);
    forgetPlacements(lost);
    forgetUnusedTypedFigures(placements);
    return {};
}

Result<void> Applier::operator()(const DuplicatePart& e) {
    Routine& r = routine();
    const Part* part = byId(r.parts, e.part);
    if (!part) return gone(Core::sentence("That part is no longer there; nothing was changed."));
    std::string wanted = e.name.empty() ? part->name + "’" : e.name;
    while (e.name.empty() && findPartNamed(r, wanted)) wanted += "’";
    const auto name = partName(r, wanted, {});
    if (!name) return tl::unexpected(name.error());
    Part copy{newId<PartTag>(r), *name, part->figures};
    for (Placement& placed : copy.figures) {
        placed.id = newId<PlacementTag>(r);
        const Figure* figure = findFigure(r, placed.figure);
        if (!figure || !figure->name.empty()) continue; // typed steps belong to one part: the copy has its own
        Figure own = *figure;
        own.id = newId<FigureTag>(r);
        placed.figure = own.id;
        r.figures.push_back(std::move(own));
    }
    const auto behind = std::find_if(r.parts.begin(), r.parts.end(), [&](const Part& p) { return p.id == e.part; });
    r.parts.insert(behind + 1, std::move(copy));
    return {};
}

Result<void> Applier::operator()(const SetLine& e) {
    Routine& r = routine();
    Part* part = byId(r.parts, e.part);
    if (!part) return gone(Core::sentence("That part is no longer there; nothing was changed."));
    if (!byId(r.roles, e.role)) return gone(Core::sentence("That role is no longer there; nothing was changed."));
    for (const Placement& placed : part->figures)
        if (const Figure* figure = findFigure(r, placed.figure); figure && figure->name.empty())
            return (*this)(SetFigureLine{figure->id, e.role, e.text});
    Figure typed{newId<FigureTag>(r), "", emptyLines(r), std::nullopt, {}, {}};
    part->figures.push_back({newId<PlacementTag>(r), typed.id});
    const FigureId id = typed.id;
    r.figures.push_back(std::move(typed));
    return (*this)(SetFigureLine{id, e.role, e.text});
}

Result<void> Applier::valid(const Placement& placement, PartId in) {
    Routine& r = routine();
    if (placement.part.valid() == placement.figure.valid())
        return fail(ErrorCode::BadValue, Core::sentence("A place holds one figure or one part."));
    if (placement.figure.valid() && !byId(r.figures, placement.figure))
        return gone(Core::sentence("That figure is no longer there; nothing was changed."));
    if (placement.part.valid()) {
        const Part* inner = byId(r.parts, placement.part);
        if (!inner) return gone(Core::sentence("That part is no longer there; nothing was changed."));
        if (in.valid() && containsPart(r, placement.part, in))
            return fail(ErrorCode::BadValue,
                        Core::sentence("Part %1 cannot be put there: it would lie inside itself.", inner->name));
    }
    const auto sane = [](int n) { return n >= 1 && n <= 24; };
    if (!placement.bars.none() && !(sane(placement.bars.written) && sane(placement.bars.danced)))
        return fail(ErrorCode::BadValue, Core::sentence("A bar has 1 to 24 counts."));
    return {};
}

Result<void> Applier::insertPlacement(PartId into, Placement placement, PlacementId before) {
    Routine& r = routine();
    Part* part = byId(r.parts, into);
    if (!part) return gone(Core::sentence("That part is no longer there; nothing was changed."));
    if (auto fits = valid(placement, into); !fits) return fits;
    if (part->figures.size() >= mostFigures)
        return fail(ErrorCode::BadValue, Core::sentence("A part has at most 2000 figures."));
    auto at = part->figures.end();
    if (before.valid()) {
        at = std::find_if(part->figures.begin(), part->figures.end(),
                          [&](const Placement& p) { return p.id == before; });
        if (at == part->figures.end())
            return gone(Core::sentence("That figure is no longer there; nothing was changed."));
    }
    part->figures.insert(at, std::move(placement));
    return {};
}

Result<void> Applier::operator()(const PlaceFigure& e) {
    Routine& r = routine();
    const Part* part = byId(r.parts, e.part);
    if (!part) return gone(Core::sentence("That part is no longer there; nothing was changed."));
    const std::vector<Placement> before = part->figures;
    const Placement placed{newId<PlacementTag>(r), e.figure};
    if (auto done = insertPlacement(e.part, placed, e.before); !done) return done;
    made.placements.push_back(placed.id);
    const Figure* only =
        before.size() == 1 && before.front().figure != e.figure ? findFigure(r, before.front().figure) : nullptr;
    return only && saysNothing(*only) ? (*this)(RemovePlacements{{before.front().id}}) : Done{};
}

Result<void> Applier::operator()(const PlaceFigures& e) {
    std::vector<std::pair<const FigureToPlace*, FigureId>> taken; // cards that have become figures
    for (const FigureToPlace& one : e.figures) {
        FigureId id = one.figure;
        if (!id.valid()) {
            const auto same = std::find_if(taken.begin(), taken.end(), [&](const auto& t) {
                return t.first->vocabularyId == one.vocabularyId &&
                       (!one.vocabularyId.empty() || t.first->card.name == one.card.name);
            });
            if (same != taken.end())
                id = same->second;
            else {
                if (auto done = (*this)(AddFigure{one.card, one.vocabularyId}); !done) return done;
                id = made.figures.back();
                taken.emplace_back(&one, id);
            }
        }
        if (auto done = (*this)(PlaceFigure{e.part, id, e.before}); !done) return done;
    }
    return {};
}

Result<void> Applier::operator()(const PlacePart& e) {
    Routine& r = routine();
    const Part* part = byId(r.parts, e.part);
    if (!part) return gone(Core::sentence("That part is no longer there; nothing was changed."));
    const std::vector<Placement> before = part->figures;
    const Placement placed{newId<PlacementTag>(r), {}, e.inner};
    if (auto done = insertPlacement(e.part, placed, e.before); !done) return done;
    made.placements.push_back(placed.id);
    const Figure* only = before.size() == 1 ? findFigure(r, before.front().figure) : nullptr;
    return only && saysNothing(*only) ? (*this)(RemovePlacements{{before.front().id}}) : Done{};
}

Result<void> Applier::operator()(const ChangePlacement& e) {
    const Found found = findPlacement(routine(), e.placement.id);
    if (!found.part) return gone(Core::sentence("That figure is no longer there; nothing was changed."));
    if (auto fits = valid(e.placement, found.part->id); !fits) return fits;
    const std::vector<Placement> before{*found.at};
    *found.at = e.placement;
    forgetUnusedTypedFigures(before);
    return {};
}

Result<void> Applier::operator()(const RemovePlacements& e) {
    std::vector<Placement> removed;
    for (PlacementId id : e.placements) {
        const Found found = findPlacement(routine(), id);
        if (!found.part) return gone(Core::sentence("That figure is no longer there; nothing was changed."));
        removed.push_back(*found.at);
        found.part->figures.erase(found.at);
    }
    forgetPlacements(e.placements);
    forgetUnusedTypedFigures(removed);
    return {};
}

Result<void> Applier::operator()(const InsertPlacements& e) {
    for (Placement placed : e.placements) {
        placed.id = newId<PlacementTag>(routine());
        if (auto done = insertPlacement(e.part, placed, e.before); !done) return done;
        made.placements.push_back(placed.id);
    }
    return {};
}

Result<void> Applier::operator()(const DuplicatePlacements& e) {
    Routine& r = routine();
    Part* part = nullptr;
    std::vector<Placement> copies;
    std::size_t behind = 0;
    for (PlacementId id : e.placements) {
        const Found found = findPlacement(r, id);
        if (!found.part || (part && part != found.part))
            return gone(Core::sentence("That figure is no longer there; nothing was changed."));
        part = found.part;
        behind = std::max(behind, static_cast<std::size_t>(found.at - part->figures.begin()) + 1);
    }
    if (!part) return gone(Core::sentence("That figure is no longer there; nothing was changed."));
    if (part->figures.size() + e.placements.size() > mostFigures)
        return fail(ErrorCode::BadValue, Core::sentence("A part has at most 2000 figures."));
    for (const Placement& placed : part->figures)
        if (contains(e.placements, placed.id)) copies.push_back(placed);
    for (Placement& copy : copies) copy.id = newId<PlacementTag>(r);
    part->figures.insert(part->figures.begin() + static_cast<std::ptrdiff_t>(behind), copies.begin(), copies.end());
    return {};
}

Result<void> Applier::operator()(const MovePlacements& e) {
    Routine& r = routine();
    if (contains(e.placements, e.before))
        return fail(ErrorCode::BadValue, Core::sentence("Figures cannot be moved before one of themselves."));
    std::vector<Placement> moved;
    for (PlacementId id : e.placements) {
        const Found found = findPlacement(r, id);
        if (!found.part) return gone(Core::sentence("That figure is no longer there; nothing was changed."));
        moved.push_back(*found.at);
        found.part->figures.erase(found.at);
    }
    for (Placement& placement : moved)
        if (auto done = insertPlacement(e.part, placement, e.before); !done) return done;
    return {};
}

Result<void> Applier::operator()(const ReversePlacements& e) {
    Part* part = nullptr;
    std::vector<std::size_t> places;
    for (PlacementId id : e.placements) {
        const Found found = findPlacement(routine(), id);
        if (!found.part || (part && part != found.part))
            return gone(Core::sentence("That figure is no longer there; nothing was changed."));
        part = found.part;
        places.push_back(static_cast<std::size_t>(found.at - part->figures.begin()));
    }
    std::sort(places.begin(), places.end());
    for (std::size_t i = 0; i < places.size() / 2; ++i)
        std::swap(part->figures[places[i]], part->figures[places[places.size() - 1 - i]]);
    return {};
}

void Applier::forgetPlacements(const std::vector<PlacementId>& lost) {
    Routine& r = routine();
    const auto forget = [&](PassExceptions& exceptions) {
        std::erase_if(exceptions.changes,
                      [&](const FigureChange& change) { return change.at.valid() && contains(lost, change.at); });
    };
    for (Pass& pass : r.passes) forget(pass);
    for (MusicException& exception : r.atMusic) forget(exception.what);
    std::erase_if(r.accents, [&](const BoundAccent& accent) { return contains(lost, accent.placement); });
}

/// Typed steps without a name go with their last place.
void Applier::forgetUnusedTypedFigures(const std::vector<Placement>& placements) {
    Routine& r = routine();
    std::erase_if(r.figures, [&](const Figure& f) {
        const auto uses = [&](const std::vector<Placement>& all) {
            return std::any_of(all.begin(), all.end(), [&](const Placement& p) { return p.figure == f.id; });
        };
        return f.name.empty() && uses(placements) &&
               std::none_of(r.parts.begin(), r.parts.end(), [&](const Part& p) { return uses(p.figures); });
    });
}

} // namespace lc::edits
