// Edits of the order of passes, their exceptions, accents and muted findings.

#include "core/edits/applier.h"

#include <set>

namespace lc::edits {

namespace {

/// Passes of `order`, taking those of `old` along the longest common subsequence of their parts.
std::vector<Pass> reorder(Routine& routine, const std::vector<PartId>& order) {
    const std::vector<Pass>& old = routine.passes;
    const std::size_t n = old.size();
    const std::size_t m = order.size();
    std::size_t head = 0; // equal ends first, so that the table stays small when one pass is typed or deleted
    while (head < n && head < m && old[head].part == order[head]) ++head;
    std::size_t tail = 0;
    while (tail < n - head && tail < m - head && old[n - 1 - tail].part == order[m - 1 - tail]) ++tail;
    const std::size_t rows = n - head - tail;
    const std::size_t columns = m - head - tail;
    std::vector<std::uint16_t> common((rows + 1) * (columns + 1), 0); // mostPasses fits
    const auto cell = [&](std::size_t i, std::size_t j) -> std::uint16_t& { return common[i * (columns + 1) + j]; };
    for (std::size_t i = rows; i-- > 0;)
        for (std::size_t j = columns; j-- > 0;)
            cell(i, j) = old[head + i].part == order[head + j] ? static_cast<std::uint16_t>(cell(i + 1, j + 1) + 1)
                                                               : std::max(cell(i + 1, j), cell(i, j + 1));
    std::vector<Pass> passes(old.begin(), old.begin() + static_cast<std::ptrdiff_t>(head));
    std::size_t i = 0;
    for (std::size_t j = 0; j < columns;) {
        if (i < rows && old[head + i].part == order[head + j]) {
            passes.push_back(old[head + i++]);
            ++j;
        } else if (i < rows && cell(i + 1, j) >= cell(i, j + 1))
            ++i;
        else
            passes.push_back(Pass{{}, newId<PassTag>(routine), order[head + j++]});
    }
    passes.insert(passes.end(), old.end() - static_cast<std::ptrdiff_t>(tail), old.end());
    return passes;
}

tl::unexpected<Error> tooMany() {
    return fail(ErrorCode::BadValue, Core::sentence("A routine has at most %1 passes.", mostPasses));
}

/// Accents of passes that are no longer there go with them.
void forgetAccents(Routine& routine) {
    std::set<PassId> there;
    for (const Pass& pass : routine.passes) there.insert(pass.id);
    std::erase_if(routine.accents, [&](const BoundAccent& accent) { return there.count(accent.pass) == 0; });
}

/// A placement of the part or of a part inside it.
bool liesIn(const Routine& routine, PartId id, PlacementId placement) {
    const Part* part = findPart(routine, id);
    return part && std::any_of(part->figures.begin(), part->figures.end(), [&](const Placement& p) {
               return p.id == placement || (p.part.valid() && liesIn(routine, p.part, placement));
           });
}

} // namespace

Result<void> Applier::operator()(const SetOrder& e) {
    Routine& r = routine();
    if (e.order.size() > mostPasses) return tooMany();
    for (PartId part : e.order)
        if (!byId(r.parts, part)) return gone(Core::sentence("That part is no longer there; nothing was changed."));
    r.passes = reorder(r, e.order);
    forgetAccents(r);
    return {};
}

Result<void> Applier::operator()(const InsertPass& e) { return (*this)(InsertPasses{e.at, {Pass{{}, {}, e.part}}}); }

Result<void> Applier::operator()(const InsertPasses& e) {
    Routine& r = routine();
    if (r.passes.size() + e.passes.size() > mostPasses) return tooMany();
    auto at = static_cast<std::ptrdiff_t>(std::min(e.at, r.passes.size()));
    for (Pass pass : e.passes) {
        if (!byId(r.parts, pass.part))
            return gone(Core::sentence("That part is no longer there; nothing was changed."));
        if (auto fits = valid(pass, pass.part); !fits) return fits;
        pass.id = newId<PassTag>(r);
        giveIds(pass, true);
        r.passes.insert(r.passes.begin() + at++, std::move(pass));
    }
    return {};
}

Result<void> Applier::operator()(const MovePass& e) {
    auto& passes = routine().passes;
    const auto from = indexOfPass(routine(), e.pass);
    if (!from) return gone(Core::sentence("That pass is no longer there; nothing was changed."));
    Pass moved = passes[*from];
    passes.erase(passes.begin() + static_cast<std::ptrdiff_t>(*from));
    passes.insert(passes.begin() + static_cast<std::ptrdiff_t>(std::min(e.to, passes.size())), std::move(moved));
    return {};
}

Result<void> Applier::operator()(const RemovePasses& e) {
    std::erase_if(routine().passes, [&](const Pass& pass) {
        return std::find(e.passes.begin(), e.passes.end(), pass.id) != e.passes.end();
    });
    forgetAccents(routine());
    return {};
}

Result<void> Applier::operator()(const SetRestart& e) {
    Pass* pass = byId(routine().passes, e.pass);
    if (!pass) return gone(Core::sentence("That pass is no longer there; nothing was changed."));
    if (e.restart && e.restart->after <= Tick{})
        return fail(ErrorCode::BadValue, Core::sentence("A restart comes after at least a part of a count."));
    pass->restart = e.restart;
    return {};
}

Result<void> Applier::operator()(const SetTag& e) {
    Pass* pass = byId(routine().passes, e.pass);
    if (!pass) return gone(Core::sentence("That pass is no longer there; nothing was changed."));
    PassExceptions next = *pass;
    next.tag = e.tag;
    if (auto fits = valid(next, pass->part); !fits) return fits;
    pass->tag = next.tag;
    return {};
}

Result<void> Applier::operator()(const SetLastChangeIsTouch& e) {
    Pass* pass = byId(routine().passes, e.pass);
    if (!pass) return gone(Core::sentence("That pass is no longer there; nothing was changed."));
    pass->lastChangeIsTouch = e.touch;
    return {};
}

Result<void> Applier::valid(PassExceptions& exceptions, PartId of) {
    Routine& r = routine();
    if (exceptions.restart && exceptions.restart->after <= Tick{} && of.valid())
        return fail(ErrorCode::BadValue, Core::sentence("A restart comes after at least a part of a count."));
    if (exceptions.tag) {
        if (exceptions.tag->figure.valid() && !byId(r.figures, exceptions.tag->figure))
            return gone(Core::sentence("That figure is no longer there; nothing was changed."));
        if (exceptions.tag->counts <= Tick{})
            return fail(ErrorCode::BadValue, Core::sentence("A tag is longer than nothing."));
    }
    for (const Bridge& bridge : exceptions.bridges) {
        if (bridge.figure.valid() && !byId(r.figures, bridge.figure))
            return gone(Core::sentence("That figure is no longer there; nothing was changed."));
        if (bridge.counts <= Tick{} || bridge.after < Tick{})
            return fail(ErrorCode::BadValue,
                        Core::sentence("A bridge is longer than nothing, and stands in the pass."));
    }
    std::stable_sort(exceptions.bridges.begin(), exceptions.bridges.end(),
                     [](const Bridge& a, const Bridge& b) { return a.after < b.after; });
    if (exceptions.wait < Tick{})
        return fail(ErrorCode::BadValue, Core::sentence("A wait is not shorter than nothing."));
    for (const FigureChange& change : exceptions.changes) {
        const bool atHead = change.kind == FigureChange::Kind::Add && !change.at.valid();
        if (!atHead && of.valid() && !liesIn(r, of, change.at))
            return gone(Core::sentence("That figure is no longer there; nothing was changed."));
        if (change.kind == FigureChange::Kind::Add)
            if (auto fits = valid(change.added, of); !fits) return fits;
        if (change.kind == FigureChange::Kind::Bars &&
            (change.bars.written < 1 || change.bars.written > 24 || change.bars.danced < 1 || change.bars.danced > 24))
            return fail(ErrorCode::BadValue, Core::sentence("A bar has 1 to 24 counts."));
    }
    if (exceptions.ending) {
        if (!byId(r.parts, exceptions.ending->part))
            return gone(Core::sentence("That part is no longer there; nothing was changed."));
        if (exceptions.ending->after < Tick{})
            return fail(ErrorCode::BadValue, Core::sentence("An ending begins in the pass."));
    }
    if (exceptions.canon) {
        const Canon& canon = *exceptions.canon;
        if (canon.apart <= Tick{} || canon.apart > counts(4096))
            return fail(ErrorCode::BadValue, Core::sentence("In a canon the entries are apart by more than nothing."));
        if (canon.from < Tick{} || (canon.to && *canon.to <= canon.from))
            return fail(ErrorCode::BadValue, Core::sentence("A canon ends after it begins."));
        for (RoleId role : canon.entries)
            if (!byId(r.roles, role)) return gone(Core::sentence("That role is no longer there; nothing was changed."));
        if (std::set<RoleId>(canon.entries.begin(), canon.entries.end()).size() != canon.entries.size())
            return fail(ErrorCode::BadValue, Core::sentence("A role enters a canon once."));
    }
    return {};
}

/// Identities for bridges and added figures that have none; `fresh` replaces those that are there.
void Applier::giveIds(PassExceptions& exceptions, bool fresh) {
    for (Bridge& bridge : exceptions.bridges)
        if (fresh || !bridge.id.valid()) bridge.id = newId<ExceptionTag>(routine());
    for (FigureChange& change : exceptions.changes)
        if (change.kind == FigureChange::Kind::Add && (fresh || !change.added.id.valid()))
            change.added.id = newId<PlacementTag>(routine());
}

Result<void> Applier::operator()(const SetExceptions& e) {
    Pass* pass = byId(routine().passes, e.pass);
    if (!pass) return gone(Core::sentence("That pass is no longer there; nothing was changed."));
    PassExceptions next = e.exceptions;
    if (auto fits = valid(next, pass->part); !fits) return fits;
    giveIds(next, false);
    static_cast<PassExceptions&>(*pass) = std::move(next);
    return {};
}

Result<void> Applier::operator()(const PinPass& e) {
    Pass* pass = byId(routine().passes, e.pass);
    if (!pass) return gone(Core::sentence("That pass is no longer there; nothing was changed."));
    pass->pinned = e.place;
    return {};
}

Result<void> Applier::operator()(const SetMark& e) {
    Pass* pass = byId(routine().passes, e.pass);
    if (!pass) return gone(Core::sentence("That pass is no longer there; nothing was changed."));
    pass->mark = e.mark;
    return {};
}

Result<void> Applier::operator()(const AddMusicException& e) {
    Routine& r = routine();
    if (r.atMusic.size() >= mostExceptions)
        return fail(ErrorCode::BadValue, Core::sentence("A routine has at most 2000 exceptions bound to the music."));
    if (e.what.none())
        return fail(
            ErrorCode::BadValue,
            Core::sentence(
                "Nothing is to be done at this place of the music. Say a restart, a tag or another exception."));
    MusicException exception{newId<ExceptionTag>(r), e.place, e.what, e.mark};
    if (auto fits = valid(exception.what, {}); !fits) return fits;
    giveIds(exception.what, false);
    r.atMusic.push_back(std::move(exception));
    return {};
}

Result<void> Applier::operator()(const ChangeMusicException& e) {
    MusicException* found = byId(routine().atMusic, e.exception.id);
    if (!found) return gone(Core::sentence("That exception is no longer there; nothing was changed."));
    MusicException next = e.exception;
    if (auto fits = valid(next.what, {}); !fits) return fits;
    giveIds(next.what, false);
    *byId(routine().atMusic, e.exception.id) = std::move(next);
    return {};
}

Result<void> Applier::operator()(const RemoveMusicException& e) {
    return std::erase_if(routine().atMusic, [&](const MusicException& m) { return m.id == e.exception; }) == 0
               ? Done(gone(Core::sentence("That exception is no longer there; nothing was changed.")))
               : Done{};
}

Result<void> Applier::operator()(const BindAccent& e) {
    Routine& r = routine();
    const Pass* pass = byId(r.passes, e.pass);
    if (!pass) return gone(Core::sentence("That pass is no longer there; nothing was changed."));
    if (!byId(document.moments, e.moment))
        return gone(Core::sentence("That moment is no longer there; nothing was changed."));
    const auto isAdded = [&](const FigureChange& change) {
        return change.kind == FigureChange::Kind::Add && change.added.id == e.placement;
    };
    if (!liesIn(r, pass->part, e.placement) && std::none_of(pass->changes.begin(), pass->changes.end(), isAdded))
        return gone(Core::sentence("That figure is no longer there; nothing was changed."));
    if (e.at < Tick{}) return fail(ErrorCode::BadValue, Core::sentence("An accent lies in its figure."));
    std::erase_if(r.accents,
                  [&](const BoundAccent& a) { return a.pass == e.pass && a.placement == e.placement && a.at == e.at; });
    if (r.accents.size() >= mostExceptions)
        return fail(ErrorCode::BadValue, Core::sentence("A routine has at most 2000 accents."));
    r.accents.push_back({newId<AccentTag>(r), e.pass, e.placement, e.at, e.moment});
    return {};
}

Result<void> Applier::operator()(const RemoveAccent& e) {
    return std::erase_if(routine().accents, [&](const BoundAccent& a) { return a.id == e.accent; }) == 0
               ? Done(gone(Core::sentence("That accent is no longer there; nothing was changed.")))
               : Done{};
}

Result<void> Applier::operator()(const SetOpening& e) {
    for (const RoleStance& stance : e.opening.roles)
        if (!byId(routine().roles, stance.role))
            return gone(Core::sentence("That role is no longer there; nothing was changed."));
    routine().opening = e.opening;
    return {};
}

Result<void> Applier::operator()(const SetStart& e) {
    routine().startAt = e.at;
    return {};
}

Result<void> Applier::operator()(const MuteFinding& e) {
    auto& muted = routine().muted;
    std::erase_if(muted, [&](const MutedFinding& m) { return m.key == e.key; });
    muted.push_back({e.key, e.reason});
    return {};
}

Result<void> Applier::operator()(const UnmuteFinding& e) {
    std::erase_if(routine().muted, [&](const MutedFinding& m) { return m.key == e.key; });
    return {};
}

} // namespace lc::edits
