#pragma once

#include "support/core_support.h"

#include "core/routine/music_place.h"

#include <cstdint>
#include <random>
#include <string>
#include <vector>

namespace lc::test {

/// Routines of every kind, made from a seed: figures placed, parts in parts, exceptions of passes and of the music. The
/// same seed makes the same.
class RandomRoutine {
public:
    explicit RandomRoutine(std::uint32_t seed) : m_random(seed) {}

    Document make() {
        static const std::vector<std::string> songs{
            "intro 16 | verse 32 | chorus 32 | bridge 36 | chorus 32 | outro 24",
            "pickup 2 | verse 34 | stop 4 | chorus 32 | bar 2 | bridge 16 | bar 3 | outro 40",
            "verse 68 | chorus 64 | bridge 48 @96 | chorus 64"};
        Document d = documentOn(pick(songs), 120);
        const int roles = chance(40) ? 1 : chance(70) ? 2 : 5;
        for (int r = 2; r <= roles; ++r) d = must(applyEdit(d, AddRole{"row " + std::to_string(r)}));
        if (roles == 2 && chance(50))
            d = must(applyEdit(d, SetFormation{chance(50) ? Formation::Couples : Formation::FacingPairs}));
        const int figures = 2 + upTo(4);
        for (int f = 0; f < figures; ++f) {
            FigureCard card{"Figure " + std::string(1, static_cast<char>('A' + f)), {}, std::nullopt, {}};
            const bool alike = roles == 1 || chance(50);
            const int length = 2 + upTo(8);
            for (int r = 0; r < (alike ? 1 : roles); ++r)
                card.lines.push_back({alike ? "everyone" : d.routine.roles[static_cast<std::size_t>(r)].name,
                                      line(chance(85) ? length : 2 + upTo(8))});
            if (chance(30)) card.claimed = counts(length + upTo(2));
            if (chance(40)) card.facts.versions.push_back({"other, way", "improver", {{"everyone", line(length)}}});
            if (chance(20)) card.facts.notes = "two\nlines, with: a colon and \"quotation\" \\ marks ";
            d = must(applyEdit(d, AddFigure{card, chance(20) ? "v" + std::to_string(f) : ""}));
        }
        m_figures.clear();
        for (const Figure& f : d.routine.figures)
            if (!f.name.empty()) m_figures.push_back(f.id);
        for (const char* name : {"B", "C"}) d = must(applyEdit(d, AddPart{name}));
        for (const Part& part : std::vector<Part>(d.routine.parts)) {
            for (int n = 1 + upTo(4); n > 0; --n) d = must(applyEdit(d, PlaceFigure{part.id, pick(m_figures)}));
            if (chance(25)) d = must(applyEdit(d, SetLine{part.id, d.routine.roles[0].id, line(2 + upTo(6))}));
        }
        if (chance(50)) d = must(applyEdit(d, PlacePart{d.routine.parts[0].id, d.routine.parts[1].id}));
        for (const Part& part : std::vector<Part>(d.routine.parts))
            for (Placement placed : part.figures) {
                if (chance(12)) placed.mirrored = true;
                if (chance(8)) placed.exchanged = true;
                if (chance(8)) placed.bars = {4, chance(50) ? 3 : 5};
                if (chance(8) && placed.figure.valid()) placed.version = "other, way";
                d = must(applyEdit(d, ChangePlacement{placed}));
            }
        std::vector<PartId> order;
        for (int n = 1 + upTo(8); n > 0; --n) order.push_back(d.routine.parts[static_cast<std::size_t>(upTo(3))].id);
        d = must(applyEdit(d, SetOrder{order}));
        const CountGrid grid(*d.map, d.scheme);
        for (const Pass& pass : std::vector<Pass>(d.routine.passes)) {
            if (chance(45)) d = must(applyEdit(d, SetExceptions{pass.id, exceptions(d, pass.part), {}}));
            if (chance(8)) d = must(applyEdit(d, PinPass{pass.id, musicPlaceAt(grid, counts(upTo(120)))}));
            if (chance(8)) d = must(applyEdit(d, SetMark{pass.id, "the one after \"that\" stop"}));
        }
        for (int n = upTo(3); n > 0; --n) {
            PassExceptions what;
            switch (upTo(4)) {
            case 0: what.restart = Restart{}; break;
            case 1: what.tag = Tag{counts(1 + upTo(4))}; break;
            case 2: what.wait = counts(1 + upTo(4)); break;
            default: what.bridges = {Bridge{{}, {}, counts(1 + upTo(4))}};
            }
            d = must(applyEdit(
                d, AddMusicException{*musicPlaceAt(grid, counts(upTo(120))), what, chance(30) ? "drums" : ""}));
        }
        if (chance(40)) {
            d = must(applyEdit(d, AddMoment{10, MomentKind::Hit, "the hit, loud"}));
            const Pass& pass =
                d.routine.passes[static_cast<std::size_t>(upTo(static_cast<int>(d.routine.passes.size())))];
            const Part& part = *findPart(d.routine, pass.part);
            d = must(applyEdit(d, BindAccent{pass.id, part.figures[0].id, counts(upTo(4)), d.moments[0].id}));
        }
        if (chance(30)) d = must(applyEdit(d, SetOpening{{{{d.routine.roles[0].id, Foot::Right, Eighths{2}}}, {}}}));
        if (chance(30))
            d = must(applyEdits(d, {KeepWord{{"zwirl", "", "1 step & step 2 step"}},
                                    KeepWord{{"zwirl", "Verein „Ufer“, links = rechts", ""}}}));
        for (int n = chance(30) ? 1 + upTo(3) : 0; n > 0; --n) { // as they come from a hand-out
            UnsettledLine line{LineId{++d.routine.lastId},
                               static_cast<std::uint32_t>(d.routine.unsettled.size() + 1),
                               "mind the \"lamp\", please: \\ now",
                               "not understood",
                               {},
                               {},
                               0};
            if (chance(60)) line.figure = pick(m_figures);
            if (line.figure.valid() && chance(50)) {
                line.role = d.routine.roles[0].id;
                line.at = static_cast<std::uint32_t>(upTo(30));
            }
            if (chance(30)) line.counts = 1 + upTo(64);
            if (chance(30)) line.walls = 1 + upTo(4);
            d.routine.unsettled.push_back(std::move(line));
        }
        return d;
    }

    int upTo(int n) { return n <= 0 ? 0 : static_cast<int>(m_random() % static_cast<std::uint32_t>(n)); }
    bool chance(int percent) { return upTo(100) < percent; }

    PassExceptions exceptions(const Document& d, PartId part) {
        PassExceptions e;
        std::vector<PlacementId> places;
        for (const Placement& p : findPart(d.routine, part)->figures) places.push_back(p.id);
        const auto figure = [&] { return chance(40) ? pick(m_figures) : FigureId{}; };
        if (chance(30)) e.restart = Restart{counts(1 + upTo(12)), chance(20)};
        if (chance(25)) e.tag = Tag{counts(1 + upTo(6)), chance(40), figure()};
        e.lastChangeIsTouch = chance(15);
        for (int n = chance(20) ? 1 + upTo(2) : 0; n > 0; --n)
            e.bridges.push_back({{}, counts(upTo(12)), counts(1 + upTo(4)), figure()});
        using Kind = FigureChange::Kind;
        for (int n = chance(30) ? 1 + upTo(2) : 0; n > 0; --n) {
            FigureChange c{Kind::Drop, pick(places)};
            switch (upTo(6)) {
            case 0:
                c.kind = Kind::Add;
                c.added = Placement{{}, pick(m_figures), {}, {}, chance(30)};
                if (chance(30)) c.at = {};
                break;
            case 1:
                c.kind = Kind::Version;
                c.version = "other, way";
                break;
            case 2:
                c.kind = Kind::Bars;
                c.bars = {4, 3};
                break;
            case 3: c.kind = Kind::Mirror; break;
            case 4: c.kind = Kind::Exchange; break;
            default: break;
            }
            e.changes.push_back(c);
        }
        e.mirrored = chance(10);
        e.exchanged = chance(10);
        if (chance(10)) e.wait = counts(1 + upTo(4));
        if (chance(10)) e.ending = Ending{counts(upTo(10)), d.routine.parts[2].id, chance(70)};
        if (d.routine.roles.size() > 1 && chance(15))
            e.canon = Canon{counts(1 + upTo(4)),
                            chance(50),
                            {},
                            counts(upTo(3)),
                            chance(30) ? std::optional(counts(4 + upTo(6))) : std::nullopt};
        return e;
    }

private:
    template <typename T>
    const T& pick(const std::vector<T>& all) {
        return all[static_cast<std::size_t>(upTo(static_cast<int>(all.size())))];
    }

    /// A line of n counts with turns, touches, waits, letters and orbits.
    std::string line(int n) {
        static const std::vector<std::string> said{
            "", " side", " touch", " wait", " 1/4 R", " step 1/2 L", " & close", " hop", " round 1/4 R", " L", " clap"};
        std::string text;
        for (int i = 1; i <= n; ++i) {
            const bool two = i < n && chance(10);
            text += (text.empty() ? "" : " ") + std::to_string(i) + (two ? ":2" : "") +
                    said[static_cast<std::size_t>(upTo(static_cast<int>(said.size())))];
            if (two) ++i;
        }
        return text;
    }

    std::mt19937 m_random; // its numbers are the same everywhere, unlike those of the distributions
    std::vector<FigureId> m_figures;
};

} // namespace lc::test
