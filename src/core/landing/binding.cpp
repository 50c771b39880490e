#include "core/landing/binding.h"

#include "core/routine/music_place.h"

#include <algorithm>

namespace lc {

using Kind = ExceptionPart::Kind;

std::vector<ExceptionPart> partsOf(const PassExceptions& e) {
    std::vector<ExceptionPart> out;
    if (e.restart) out.push_back({Kind::Restart, 0});
    if (e.tag) out.push_back({Kind::Tag, 0});
    if (e.lastChangeIsTouch) out.push_back({Kind::Touch, 0});
    for (std::size_t i = 0; i < e.bridges.size(); ++i) out.push_back({Kind::Bridge, i});
    for (std::size_t i = 0; i < e.changes.size(); ++i) out.push_back({Kind::Change, i});
    if (e.mirrored) out.push_back({Kind::Mirrored, 0});
    if (e.exchanged) out.push_back({Kind::Exchanged, 0});
    if (e.wait > Tick{}) out.push_back({Kind::Wait, 0});
    if (e.ending) out.push_back({Kind::Ending, 0});
    if (e.canon) out.push_back({Kind::Canon, 0});
    return out;
}

Result<std::vector<Edit>> bindToMusic(const Document& document, const Landing& landing, PassId id,
                                      const ExceptionPart& which) {
    const auto index = indexOfPass(document.routine, id);
    const auto danced = std::find_if(landing.performance.passes.begin(), landing.performance.passes.end(),
                                     [&](const PassPerformance& p) { return p.id == id; });
    if (!index || danced == landing.performance.passes.end())
        return fail(ErrorCode::NotFound, Core::sentence("That pass is no longer there; nothing was changed."));
    PassExceptions rest = document.routine.passes[*index];
    PassExceptions what;
    Tick at = danced->start;
    const auto bridgeStart = [&](std::size_t n) {
        for (const FigureSpan& span : landing.performance.readingOf(*danced).figures)
            if (span.bridge && n-- == 0) return danced->start + span.start;
        return danced->start;
    };
    switch (which.kind) {
    case Kind::Restart:
        what.restart = rest.restart;
        at = danced->start + rest.restart->after;
        rest.restart.reset();
        break;
    case Kind::Tag:
        what.tag = rest.tag;
        at = danced->danceEnd();
        rest.tag.reset();
        break;
    case Kind::Touch: std::swap(what.lastChangeIsTouch, rest.lastChangeIsTouch); break;
    case Kind::Bridge:
        if (which.index >= rest.bridges.size())
            return fail(ErrorCode::NotFound, Core::sentence("That bridge is no longer there; nothing was changed."));
        what.bridges = {rest.bridges[which.index]};
        at = bridgeStart(which.index);
        rest.bridges.erase(rest.bridges.begin() + static_cast<std::ptrdiff_t>(which.index));
        break;
    case Kind::Change:
        if (which.index >= rest.changes.size())
            return fail(ErrorCode::NotFound, Core::sentence("That change is no longer there; nothing was changed."));
        what.changes = {rest.changes[which.index]};
        rest.changes.erase(rest.changes.begin() + static_cast<std::ptrdiff_t>(which.index));
        break;
    case Kind::Mirrored: std::swap(what.mirrored, rest.mirrored); break;
    case Kind::Exchanged: std::swap(what.exchanged, rest.exchanged); break;
    case Kind::Wait:
        std::swap(what.wait, rest.wait);
        at = danced->start - what.wait; // without it the pass begins there, and waits inside
        break;
    case Kind::Ending:
        what.ending = rest.ending;
        at = danced->start + rest.ending->after;
        rest.ending.reset();
        break;
    case Kind::Canon: std::swap(what.canon, rest.canon); break;
    }
    const auto place = musicPlaceAt(landing.grid, at);
    if (!place) return fail(ErrorCode::OutsideSong, Core::sentence("There is no music at that place to bind it to."));
    if (what.restart) what.restart->after = {};
    for (Bridge& bridge : what.bridges) bridge.after = {};
    if (what.ending) what.ending->after = {};
    return std::vector<Edit>{SetExceptions{id, std::move(rest), Core::sentence("bind to the music")},
                             AddMusicException{*place, std::move(what), {}}};
}

Result<std::vector<Edit>> bindToPass(const Document& document, const Landing& landing, ExceptionId id) {
    const auto found = std::find_if(document.routine.atMusic.begin(), document.routine.atMusic.end(),
                                    [&](const MusicException& m) { return m.id == id; });
    for (const PassPerformance& pass : landing.performance.passes) {
        if (found == document.routine.atMusic.end() ||
            std::find(pass.fromMusic.begin(), pass.fromMusic.end(), id) == pass.fromMusic.end())
            continue;
        const auto at = tickOf(found->place, landing.grid);
        PassExceptions e = document.routine.passes[pass.index];
        PartReader reader(document.routine);
        takeUp(found->what, *at - pass.start, id, *reader.pass(pass.part, e), e);
        for (Bridge& bridge : e.bridges)
            if (std::none_of(pass.exceptions.bridges.begin(), pass.exceptions.bridges.end(),
                             [&](const Bridge& b) { return b.id == bridge.id && bridge.id != id; }))
                bridge.id = {};
        return std::vector<Edit>{RemoveMusicException{id},
                                 SetExceptions{pass.id, std::move(e), Core::sentence("keep with the pass")}};
    }
    return fail(ErrorCode::NotFound, Core::sentence("No pass is danced there that could keep it."));
}

} // namespace lc
