#include "core/exchange/routine_text.h"

#include "core/base/clock_text.h"
#include "core/base/text_rows.h"
#include "core/exchange/exception_text.h"
#include "core/figures/figure_fields.h"
#include "core/routine/order_text.h"
#include "core/song/structure_text.h"

#include <algorithm>
#include <set>

namespace lc {

namespace {

using text_tree::oneLine;
using text_tree::quoted;

std::string choicesText(const NotationChoices& c) {
    const NotationChoices usual;
    std::string out = toString(c.feel) + ", slow " + toCountString(c.slow) + ", quick " + toCountString(c.quick);
    if (c.ownAnd != usual.ownAnd) out += ", & " + toCountString(c.ownAnd);
    if (c.ownA != usual.ownA) out += ", a " + toCountString(c.ownA);
    if (!c.stompTakesWeight) out += ", stomp without weight";
    return out;
}

std::string placeText(const MusicPlace& place) {
    std::string out;
    if (!place.section.empty())
        out = quoted(place.section) + (place.into != Tick{} ? ", after " + toCountString(place.into) : "") + ", ";
    return out + "near " + numberText(place.at) + " s";
}

class TextWriter {
public:
    explicit TextWriter(const Document& document) : m_document(document), m_routine(document.routine) {}

    std::string write() {
        m_out = std::string(routineTextHead) + "\n\n";
        head();
        figures();
        parts();
        if (!m_routine.passes.empty()) {
            line(0, "");
            line(0, "order: " + orderText(m_routine));
        }
        passes();
        music();
        accents();
        unsettled();
        muted();
        return std::move(m_out);
    }

    std::string pass(PassId id, PassWords words) {
        const auto index = indexOfPass(m_routine, id);
        if (!index) return {};
        Pass said = m_routine.passes[*index];
        if (words != PassWords::All) said.mark.clear();
        if (words == PassWords::Differences) {
            said.restart.reset();
            said.tag.reset();
            said.pinned.reset();
        }
        passLines(said);
        std::string out = margins();
        if (words != PassWords::Differences) return out;
        std::string line;
        for (std::string_view one : textLines(out)) line += (line.empty() ? "" : "; ") + std::string(one);
        return line;
    }

    std::string opening() const {
        std::string out;
        for (const std::string& words : stances()) out += (out.empty() ? "" : "; ") + words;
        if (!m_routine.opening.couple.empty())
            out += (out.empty() ? "" : "; ") + std::string("couple: ") + toString(m_routine.opening.couple);
        return out;
    }

    std::string some(const std::vector<PassId>& ids) {
        m_out = "Lift Count passes\n";
        for (const Pass& pass : m_routine.passes) {
            if (std::find(ids.begin(), ids.end(), pass.id) == ids.end()) continue;
            line(0, "pass: " + findPart(m_routine, pass.part)->name);
            passLines(pass);
        }
        return std::move(m_out);
    }

    std::string some(const std::vector<PlacementId>& ids) {
        m_out = "Lift Count figures\n";
        for (const Part& part : m_routine.parts)
            for (const Placement& p : part.figures)
                if (std::find(ids.begin(), ids.end(), p.id) != ids.end()) line(0, placed(p));
        return std::move(m_out);
    }

    std::string music(ExceptionId id) {
        for (const MusicException& m : m_routine.atMusic)
            if (m.id == id) musicLines(m);
        return margins();
    }

private:
    /// The lines written, back at the margin.
    std::string margins() const {
        std::string out;
        for (std::string_view one : textLines(m_out)) out += std::string(trimmed(one)) + "\n";
        return out;
    }

    void line(int depth, const std::string& text) {
        m_out += (text.empty() ? std::string() : std::string(static_cast<std::size_t>(depth) * 2, ' ') + text) + "\n";
    }
    void field(const char* key, const std::string& value) {
        if (!value.empty()) line(0, std::string(key) + ": " + oneLine(value));
    }

    void head() {
        field("title", m_document.title);
        field("level", m_routine.level);
        if (!m_document.map->beats.empty()) {
            const bool typed = m_document.typed && m_document.origin == MapOrigin::Typed &&
                               std::all_of(m_document.facts.begin(), m_document.facts.end(),
                                           [](const SongFact& fact) { return factLine(fact).has_value(); });
            const TypedStructure song = typed ? *m_document.typed : structureOf(*m_document.map);
            if (!typed)
                line(0, "# The song was heard or read from a file: its structure and tempo, not each beat's second.");
            line(0, "song: " + song.text);
            line(0, "tempo: " + numberText(song.bpm));
            line(0, "metre: " + toString(song.metre));
            if (song.offset != 0) line(0, "first beat: " + numberText(song.offset) + " s");
            if (typed)
                for (const SongFact& fact : m_document.facts)
                    if (const auto text = factLine(fact)) line(0, "fact: " + *text);
            for (const Moment& m : m_document.moments)
                line(0, "moment: " + numberText(m.at) + " s, " + toString(m.kind) + ", " + quoted(m.text));
        }
        line(0, "counting: " + toString(m_document.scheme.unit) + ", " + std::to_string(m_document.scheme.barsPerSet) +
                    (m_document.scheme.barsPerSet == 1 ? " bar" : " bars"));
        line(0, "feel: " + choicesText(m_routine.choices));
        for (const OwnWord& word : m_routine.choices.words.all())
            line(0, "word: " + word.name + (word.school.empty() ? "" : ", " + quoted(word.school)) + " = " +
                        oneLine(word.line));
        std::string roles;
        for (const Role& role : m_routine.roles) roles += (roles.empty() ? "" : ", ") + quoted(role.name);
        line(0, "roles: " + roles);
        line(0, "formation: " + toString(m_routine.formation));
        if (m_routine.startAt) line(0, "start: " + numberText(*m_routine.startAt) + " s");
        if (m_routine.opening != OpeningStance{}) {
            line(0, "opening");
            for (const std::string& words : stances()) line(1, words);
            if (!m_routine.opening.couple.empty()) line(1, "* couple: " + toString(m_routine.opening.couple));
        }
    }

    std::vector<std::string> stances() const {
        std::vector<std::string> all;
        for (const RoleStance& stance : m_routine.opening.roles) {
            std::string words = quoted(roleName(stance.role)) + ":";
            if (stance.free)
                words += *stance.free == Foot::Left    ? " left free"
                         : *stance.free == Foot::Right ? " right free"
                                                       : " either free";
            if (stance.facing) words += std::string(stance.free ? "," : "") + " facing " + toClock(*stance.facing);
            all.push_back(std::move(words));
        }
        return all;
    }

    std::string roleName(RoleId id) const {
        const Role* role = findRole(m_routine, id);
        return role ? role->name : std::string("?");
    }

    void lines(int depth, const std::vector<RoleLine>& all) {
        for (const Role& role : m_routine.roles)
            for (const RoleLine& l : all)
                if (l.role == role.id && !l.text.empty()) line(depth, quoted(role.name) + ": " + oneLine(l.text));
    }

    void facts(int depth, const Figure& figure) {
        const FigureFacts& f = figure.facts;
        const auto text = [&](const std::string& key, const std::string& value) {
            if (!value.empty()) line(depth, "* " + key + ": " + oneLine(value));
        };
        const auto list = [&](const std::string& key, const std::vector<std::string>& values) {
            std::string all;
            for (const std::string& value : values) all += (all.empty() ? "" : ", ") + quoted(value);
            if (!values.empty()) line(depth, "* " + key + ": " + all);
        };
        if (figure.claimed) line(depth, "* claimed: " + toCountString(*figure.claimed));
        for (const FigureField& field : figureFields()) {
            if (field.text)
                text(std::string(field.inText), f.*field.text);
            else
                list(std::string(field.inText), f.*field.list);
        }
        if (f.choices) line(depth, "* feel: " + choicesText(*f.choices));
        if (f.entry != Tick{} || f.close != Tick{})
            line(depth, "* frame: entry " + toCountString(f.entry) + ", close " + toCountString(f.close));
        text("vocabulary", figure.vocabularyId);
        for (const FigureVersion& version : f.versions) {
            line(depth,
                 "* version: " + quoted(version.name) + (version.level.empty() ? "" : ", " + quoted(version.level)));
            for (const FigureLine& l : version.lines) line(depth + 1, quoted(l.role) + ": " + oneLine(l.text));
        }
    }

    void figures() {
        for (const Figure& figure : m_routine.figures) {
            if (figure.name.empty()) continue;
            line(0, "");
            line(0, "figure: " + quoted(figure.name));
            lines(1, figure.lines);
            facts(1, figure);
        }
    }

    static std::string done(const Placement& p) {
        std::string out;
        if (!p.version.empty()) out += ", version " + quoted(p.version);
        if (p.mirrored) out += ", mirrored";
        if (p.exchanged) out += ", exchanged";
        if (!p.bars.none())
            out += ", in bars of " + std::to_string(p.bars.danced) + " for " + std::to_string(p.bars.written);
        return out;
    }

    std::string figureName(FigureId id) const {
        const Figure* figure = findFigure(m_routine, id);
        if (!figure) return "?";
        if (!figure->name.empty()) return quoted(figure->name);
        const auto known = std::find(m_typed.begin(), m_typed.end(), id);
        return "steps " + std::to_string(known - m_typed.begin() + 1);
    }

    std::string placed(const Placement& p) const {
        if (p.part.valid()) {
            const Part* part = findPart(m_routine, p.part);
            return "part " + (part ? part->name : std::string("?")) + done(p);
        }
        return figureName(p.figure) + done(p);
    }

    void parts() {
        std::set<FigureId> told;
        for (const Part& part : m_routine.parts) {
            line(0, "");
            line(0, "part: " + part.name);
            for (const Placement& p : part.figures) {
                const Figure* figure = findFigure(m_routine, p.figure);
                const bool typed = figure && figure->name.empty() &&
                                   told.insert(figure->id).second; // where they stand first their lines stand too
                line(1, typed ? "steps" + done(p) : placed(p));
                if (!typed) continue;
                lines(2, figure->lines);
                facts(2, *figure);
            }
        }
        for (const Figure& figure : m_routine.figures) { // typed steps that only a tag or an exception dances
            if (!figure.name.empty() || told.count(figure.id) > 0) continue;
            line(0, "");
            line(0, "loose steps");
            lines(1, figure.lines);
            facts(1, figure);
        }
    }

    /// The ordinals of the placements that lead to one: "3", "3.2". Nothing where it does not lie in the part.
    std::optional<std::string> pathTo(PartId in, PlacementId id) const {
        const Part* part = findPart(m_routine, in);
        for (std::size_t i = 0; part && i < part->figures.size(); ++i) {
            const std::string here = std::to_string(i + 1);
            if (part->figures[i].id == id) return here;
            if (!part->figures[i].part.valid()) continue;
            if (const auto inner = pathTo(part->figures[i].part, id)) return here + "." + *inner;
        }
        return std::nullopt;
    }

    /// Any placement of the routine, by its part: "A 3".
    std::optional<std::string> addressOf(PlacementId id) const {
        for (const Part& part : m_routine.parts)
            for (std::size_t i = 0; i < part.figures.size(); ++i)
                if (part.figures[i].id == id) return part.name + " " + std::to_string(i + 1);
        return std::nullopt;
    }

    void exceptions(const PassExceptions& e, PartId part, bool atMusic) {
        const auto after = [&](Tick t) { return atMusic ? std::string() : " after " + toCountString(t); };
        const auto extra = [&](FigureId figure) { return figure.valid() ? ", " + figureName(figure) : std::string(); };
        if (e.restart) line(1, "restart" + after(e.restart->after) + (e.restart->turnOn ? ", turning on" : ""));
        if (e.tag)
            line(1, "tag of " + toCountString(e.tag->counts) + extra(e.tag->figure) +
                        (e.tag->countFromOne ? ", count from 1" : ""));
        if (e.lastChangeIsTouch) line(1, "last change a touch");
        for (const Bridge& b : e.bridges)
            line(1, "bridge of " + toCountString(b.counts) + after(b.after) + extra(b.figure));
        using Kind = FigureChange::Kind;
        for (const FigureChange& c : e.changes) {
            const std::string figure = "figure " + (part.valid() ? pathTo(part, c.at) : addressOf(c.at)).value_or("?");
            if (c.kind == Kind::Add)
                line(1,
                     (c.at.valid() ? "add after " + figure : std::string("add at the head")) + ": " + placed(c.added));
            if (c.kind == Kind::Drop) line(1, "without " + figure);
            if (c.kind == Kind::Version) line(1, figure + " in version " + quoted(c.version));
            if (c.kind == Kind::Bars)
                line(1, figure + " in bars of " + std::to_string(c.bars.danced) + " for " +
                            std::to_string(c.bars.written));
            if (c.kind == Kind::Mirror) line(1, figure + " mirrored");
            if (c.kind == Kind::Exchange) line(1, figure + " exchanged");
        }
        if (e.mirrored) line(1, "mirrored");
        if (e.exchanged) line(1, "exchanged");
        if (e.wait != Tick{}) line(1, "wait " + toCountString(e.wait));
        if (e.ending)
            line(1, std::string(e.ending->danced ? "" : "not ") + "ending " +
                        findPart(m_routine, e.ending->part)->name + after(e.ending->after));
        if (e.canon) {
            std::string words =
                "canon " + toCountString(e.canon->apart) + " apart" + (e.canon->ripple ? ", ripple" : ", together");
            if (e.canon->from != Tick{}) words += ", from " + toCountString(e.canon->from);
            if (e.canon->to) words += ", to " + toCountString(*e.canon->to);
            for (RoleId role : e.canon->entries) words += ", enters " + quoted(roleName(role));
            line(1, words);
        }
    }

    void passes() {
        for (std::size_t i = 0; i < m_routine.passes.size(); ++i) {
            const Pass& pass = m_routine.passes[i];
            if (pass.none() && !pass.pinned && pass.mark.empty()) continue;
            line(0, "");
            line(0, "pass " + std::to_string(i + 1));
            passLines(pass);
        }
    }

    void passLines(const Pass& pass) {
        exceptions(pass, pass.part, false);
        if (pass.pinned) line(1, "pinned to " + placeText(*pass.pinned));
        if (!pass.mark.empty()) line(1, "remembered by: " + oneLine(pass.mark));
    }

    void musicLines(const MusicException& m) {
        exceptions(m.what, {}, true);
        if (!m.mark.empty()) line(1, "remembered by: " + oneLine(m.mark));
    }

    void music() {
        for (const MusicException& m : m_routine.atMusic) {
            line(0, "");
            line(0, "in the music: " + placeText(m.place));
            musicLines(m);
        }
    }

    std::optional<std::size_t> ordinalOf(PassId id) const {
        const auto index = indexOfPass(m_routine, id);
        return index ? std::optional(*index + 1) : std::nullopt;
    }

    void accents() {
        bool first = true;
        for (const BoundAccent& a : m_routine.accents) {
            const auto pass = ordinalOf(a.pass);
            const auto moment = std::find_if(m_document.moments.begin(), m_document.moments.end(),
                                             [&](const Moment& m) { return m.id == a.moment; });
            if (!pass || moment == m_document.moments.end()) continue;
            const Pass& in = m_routine.passes[*pass - 1];
            std::string figure;
            if (const auto path = pathTo(in.part, a.placement)) figure = "figure " + *path;
            int added = 0;
            for (const FigureChange& c : in.changes) {
                if (c.kind != FigureChange::Kind::Add) continue;
                ++added;
                if (c.added.id == a.placement) figure = "added figure " + std::to_string(added);
            }
            if (figure.empty()) continue;
            if (first) line(0, "");
            first = false;
            line(0, "accent: pass " + std::to_string(*pass) + ", " + figure + ", count " +
                        toCountString(a.at + counts(1)) + ", moment " +
                        std::to_string(moment - m_document.moments.begin() + 1));
        }
    }

    /// What else a muted finding speaks of, by name, place or time.
    std::string thing(const FindingThing& thing) const {
        if (const auto* figure = std::get_if<FigureId>(&thing); figure && findFigure(m_routine, *figure))
            return ", figure " + figureName(*figure);
        if (const auto* placement = std::get_if<PlacementId>(&thing)) {
            if (const auto place = addressOf(*placement)) return ", place " + *place;
            for (std::size_t i = 0; i < m_routine.passes.size(); ++i) {
                int added = 0;
                for (const FigureChange& c : m_routine.passes[i].changes)
                    if (c.kind == FigureChange::Kind::Add && (++added, c.added.id == *placement))
                        return ", added in pass " + std::to_string(i + 1) + " " + std::to_string(added);
            }
        }
        const auto numberIn = [](const auto& all, const auto& id, const char* kind) {
            const auto found = std::find_if(all.begin(), all.end(), [&](const auto& one) { return one.id == id; });
            return found == all.end() ? std::string() : kind + std::to_string(1 + (found - all.begin()));
        };
        if (const auto* exception = std::get_if<ExceptionId>(&thing)) {
            for (std::size_t i = 0; i < m_routine.passes.size(); ++i)
                if (const std::string bridge = numberIn(m_routine.passes[i].bridges, *exception, ""); !bridge.empty())
                    return ", bridge in pass " + std::to_string(i + 1) + " " + bridge;
            return numberIn(m_routine.atMusic, *exception, ", music ");
        }
        if (const auto* accent = std::get_if<AccentId>(&thing))
            return numberIn(m_routine.accents, *accent, ", accent ");
        if (const auto* ahead = std::get_if<CountsAhead>(&thing)) return ", ahead " + toCountString(ahead->by);
        if (const auto* time = std::get_if<SongTime>(&thing)) return ", at " + numberText(time->at) + " s";
        if (const auto* handout = std::get_if<LineId>(&thing))
            return numberIn(m_routine.unsettled, *handout, ", unsettled ");
        return {};
    }

    /// Lines of the hand-out that wait to be settled.
    void unsettled() {
        if (!m_routine.unsettled.empty()) line(0, "");
        for (const UnsettledLine& one : m_routine.unsettled) {
            std::string words = std::to_string(one.number);
            if (findFigure(m_routine, one.figure)) words += ", figure " + figureName(one.figure);
            if (findRole(m_routine, one.role))
                words += ", role " + quoted(roleName(one.role)) + ", at " + std::to_string(one.at);
            if (one.counts) words += ", counts " + std::to_string(*one.counts);
            if (one.walls) words += ", walls " + std::to_string(*one.walls);
            line(0, "unsettled: " + words);
            line(1, "text: " + oneLine(one.text));
            line(1, "why: " + oneLine(one.why));
        }
    }

    void muted() {
        if (!m_routine.muted.empty()) line(0, "");
        for (const MutedFinding& m : m_routine.muted) {
            std::string words = quoted(m.key.code);
            if (m.key.pass.valid()) {
                const auto pass = ordinalOf(m.key.pass);
                if (!pass) continue; // of a pass that is no longer there
                words += ", pass " + std::to_string(*pass);
            }
            if (m.key.part.valid()) {
                const Part* part = findPart(m_routine, m.key.part);
                if (!part) continue;
                words += ", part " + part->name;
            }
            if (m.key.role.valid()) {
                if (!findRole(m_routine, m.key.role)) continue;
                words += ", role " + quoted(roleName(m.key.role));
            }
            const std::string what = thing(m.key.thing);
            if (what.empty() && !std::holds_alternative<std::monostate>(m.key.thing))
                continue; // of something that is no longer there
            words += what;
            line(0, "left as it is: " + words + ": " + oneLine(m.reason));
        }
    }

    const Document& m_document;
    const Routine& m_routine;
    std::vector<FigureId> m_typed = numberedSteps(m_routine);
    std::string m_out;
};

} // namespace

std::string routineToText(const Document& document) { return TextWriter(document).write(); }
std::string passToText(const Document& document, PassId pass, PassWords words) {
    return TextWriter(document).pass(pass, words);
}
std::string passesToText(const Document& document, const std::vector<PassId>& passes) {
    return TextWriter(document).some(passes);
}
std::string placementsToText(const Document& document, const std::vector<PlacementId>& placements) {
    return TextWriter(document).some(placements);
}
std::string openingToText(const Document& document) { return TextWriter(document).opening(); }
std::string musicToText(const Document& document, ExceptionId exception) {
    return TextWriter(document).music(exception);
}

bool looksLikeRoutineText(std::string_view text) {
    if (text.substr(0, 3) == "\xEF\xBB\xBF") text.remove_prefix(3);
    return text.substr(0, routineTextHead.size()) == routineTextHead;
}

} // namespace lc
