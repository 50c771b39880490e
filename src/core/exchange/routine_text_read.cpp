#include "core/exchange/routine_text.h"

#include "core/base/text_rows.h"
#include "core/edits/edits.h"
#include "core/exchange/text_tree.h"
#include "core/routine/order_text.h"
#include "core/song/structure_text.h"

#include <algorithm>
#include <map>

namespace lc {

namespace {

using text_tree::commaPieces;
using text_tree::Line;
using text_tree::manyLines;
using text_tree::unquoted;

/// What stands wrong in the text; thrown inside the reader only, and made an error at its one way out.
struct BadLine {
    int number;
    std::string why;
};

[[noreturn]] void bad(const Line& line, const std::string& why) { throw BadLine{line.number, why}; }

template <typename T>
T need(const Line& line, Result<T> result) {
    if (!result) bad(line, result.error().message);
    return std::move(*result);
}

/// "key: rest" with the key outside quotation marks.
std::pair<std::string, std::string> keyed(const Line& line) {
    const auto parts = commaPieces(line.text, ':');
    if (parts.size() < 2) return {line.text, {}};
    std::size_t colon = 0;
    bool inside = false;
    for (; colon < line.text.size(); ++colon) {
        if (line.text[colon] == '\\' && inside) ++colon;
        else if (line.text[colon] == '"') inside = !inside;
        else if (line.text[colon] == ':' && !inside) break;
    }
    return {std::string(trimmed(std::string_view(line.text).substr(0, colon))), std::string(trimmed(std::string_view(line.text).substr(colon + 1)))};
}

/// What follows a word that the text begins with; nothing where it does not.
std::optional<std::string> behind(std::string_view text, std::string_view word) {
    if (text.substr(0, word.size()) != word) return std::nullopt;
    if (text.size() > word.size() && text[word.size()] != ' ') return std::nullopt;
    return std::string(trimmed(text.substr(word.size())));
}

Tick countIn(const Line& line, std::string_view text) { return need(line, parseCount(text)); }

double secondsIn(const Line& line, std::string_view text) {
    text = trimmed(text);
    if (!text.empty() && text.back() == 's') text = trimmed(text.substr(0, text.size() - 1));
    const auto seconds = wholeNumber<double>(text);
    if (!seconds || *seconds > 1e6 || *seconds < -1e6) bad(line, "“" + std::string(text) + "” is no time in seconds. Write for example 12.5 s.");
    return *seconds;
}

int wholeIn(const Line& line, std::string_view text, int least, int most) {
    const auto n = wholeNumber<int>(trimmed(text));
    if (!n || *n < least || *n > most) bad(line, "“" + std::string(text) + "” should be a whole number from " + std::to_string(least) + " to " + std::to_string(most) + ".");
    return *n;
}

NotationChoices choicesIn(const Line& line, const std::string& text) {
    NotationChoices choices;
    const auto all = commaPieces(text);
    choices.feel = need(line, parseFeel(all.front()));
    for (std::size_t i = 1; i < all.size(); ++i) {
        if (const auto slow = behind(all[i], "slow")) choices.slow = countIn(line, *slow);
        else if (const auto quick = behind(all[i], "quick")) choices.quick = countIn(line, *quick);
        else if (const auto both = behind(all[i], "&")) choices.ownAnd = countIn(line, *both);
        else if (const auto a = behind(all[i], "a")) choices.ownA = countIn(line, *a);
        else if (all[i] == "stomp without weight") choices.stompTakesWeight = false;
        else bad(line, "“" + all[i] + "” says nothing about the feel. Known are slow, quick, &, a, stomp without weight.");
    }
    if (choices.slow <= Tick{} || choices.quick <= Tick{} || choices.ownAnd <= Tick{} || choices.ownAnd >= choices.ownA || choices.ownA >= counts(1))
        bad(line, "slow and quick last longer than nothing, and & comes before a inside a count.");
    return choices;
}

class TextReader {
public:
    Document read(std::string_view text) {
        auto tree = text_tree::readTree(text);
        if (!tree) throw BadLine{0, tree.error().message};
        const std::vector<Line>& lines = *tree;
        if (lines.empty() || lines.front().text != routineTextHead) throw BadLine{1, "the text begins with the line “" + std::string(routineTextHead) + "”."};
        for (std::size_t i = 1; i < lines.size(); ++i) sort(lines[i]);
        song();
        head();
        for (const Line* line : m_figures) figure(*line);
        for (const Line* line : m_parts) addPart(*line);
        for (std::size_t i = 0; i < m_parts.size(); ++i) fillPart(*m_parts[i], i);
        for (const Line* line : m_loose) typedSteps(*line);
        finishParts();
        if (m_order) apply(*m_order, SetOrder{need(*m_order, readOrder(routine(), keyed(*m_order).second))});
        for (const Line* line : m_passes) pass(*line);
        for (const Line* line : m_music) music(*line);
        for (const Line* line : m_accents) accent(*line);
        for (const Line* line : m_muted) muted(*line);
        return std::move(m_document);
    }

    /// What the lines say of a pass that is there.
    std::vector<Edit> pass(const Document& document, const Pass& pass, std::string_view text) {
        begin(document);
        PassExceptions e;
        std::optional<MusicPlace> pinned;
        std::string mark;
        for (const Line& one : linesOf(text)) passLine(one, pass.part, e, pinned, mark);
        keepIdentities(pass, e);
        std::vector<Edit> edits;
        if (e != static_cast<const PassExceptions&>(pass)) edits.emplace_back(SetExceptions{pass.id, std::move(e), {}});
        if (pinned != pass.pinned) edits.emplace_back(PinPass{pass.id, pinned});
        if (mark != pass.mark) edits.emplace_back(SetMark{pass.id, mark});
        return edits;
    }

    OpeningStance opening(const Document& document, std::string_view text) {
        begin(document);
        routine().opening = {};
        Line all;
        for (const std::string& piece : commaPieces(text, ';')) {
            if (piece.empty()) continue;
            all.inside.push_back({0, keyed({0, piece, {}}).first == "couple" ? "* " + piece : piece, {}});
        }
        opening(all);
        return routine().opening;
    }

    std::vector<Pass> passes(const Document& document, std::string_view text) {
        begin(document);
        std::vector<Pass> out;
        bool head = false;
        for (const Line& line : linesOf(text)) {
            if (!head) {
                if (line.text != "Lift Count passes") throw BadLine{0, "There are no passes to paste. Copy some first: choose them in the list of passes."};
                head = true;
                continue;
            }
            const auto [key, name] = keyed(line);
            const Part* part = key == "pass" ? findPartNamed(routine(), name) : nullptr;
            if (!part) bad(line, "this routine has no part “" + name + "”.");
            Pass pass{{}, {}, part->id};
            for (const Line& one : line.inside) passLine(one, part->id, pass, pass.pinned, pass.mark);
            out.push_back(std::move(pass));
        }
        if (out.empty()) throw BadLine{0, "There are no passes to paste. Copy some first: choose them in the list of passes."};
        return out;
    }

    std::vector<Edit> music(const Document& document, MusicException m, std::string_view text) {
        begin(document);
        const MusicException before = m;
        m.what = {};
        m.mark.clear();
        for (const Line& one : linesOf(text)) musicLine(one, m.what, m.mark);
        keepIdentities(before.what, m.what);
        if (m.what.none()) return {RemoveMusicException{m.id}};
        if (m == before) return {};
        return {ChangeMusicException{std::move(m)}};
    }

private:
    /// The lines are read against a document that is there; its typed steps have the numbers that the writer gives them.
    void begin(const Document& document) {
        m_document = document;
        const auto number = [&](FigureId id) {
            const Figure* figure = findFigure(routine(), id);
            if (figure && figure->name.empty() && std::find(m_typed.begin(), m_typed.end(), id) == m_typed.end()) m_typed.push_back(id);
        };
        for (const Part& part : document.routine.parts)
            for (const Placement& placed : part.figures) number(placed.figure);
        for (const Figure& figure : document.routine.figures) number(figure.id);
    }

    static std::vector<Line> linesOf(std::string_view text) {
        auto tree = text_tree::readTree(text);
        if (!tree) throw BadLine{0, tree.error().message};
        return std::move(*tree);
    }

    /// Bridges and added figures that were there before keep who they are, so that accents and muted findings stay with them.
    static void keepIdentities(const PassExceptions& before, PassExceptions& e) {
        for (std::size_t i = 0; i < std::min(before.bridges.size(), e.bridges.size()); ++i) e.bridges[i].id = before.bridges[i].id;
        std::vector<PlacementId> added;
        for (const FigureChange& c : before.changes)
            if (c.kind == FigureChange::Kind::Add) added.push_back(c.added.id);
        std::size_t n = 0;
        for (FigureChange& c : e.changes)
            if (c.kind == FigureChange::Kind::Add && n < added.size()) c.added.id = added[n++];
    }

    void passLine(const Line& one, PartId part, PassExceptions& e, std::optional<MusicPlace>& pinned, std::string& mark) {
        const auto [key, rest] = keyed(one);
        if (const auto place = behind(one.text, "pinned to")) pinned = placeIn(one, *place);
        else if (key == "remembered by") mark = manyLines(rest);
        else exception(one, e, part, false);
    }

    void musicLine(const Line& one, PassExceptions& what, std::string& mark) {
        const auto [key, rest] = keyed(one);
        if (key == "remembered by") mark = manyLines(rest);
        else exception(one, what, {}, true);
    }

    Routine& routine() { return m_document.routine; }
    std::uint32_t fresh() { return ++routine().lastId; }

    void apply(const Line& line, const Edit& edit) {
        auto next = applyEdit(m_document, edit);
        if (!next) bad(line, next.error().message);
        m_document = std::move(*next);
    }

    /// Puts a line where it is read; each kind is read when what it needs is known.
    void sort(const Line& line) {
        const auto [key, rest] = keyed(line);
        if (key == "figure") m_figures.push_back(&keep(line));
        else if (key == "part") m_parts.push_back(&keep(line));
        else if (key == "loose steps") m_loose.push_back(&keep(line));
        else if (key == "order") m_order = once(line, m_order);
        else if (behind(key, "pass")) m_passes.push_back(&keep(line));
        else if (key == "in the music") m_music.push_back(&keep(line));
        else if (key == "accent") m_accents.push_back(&keep(line));
        else if (key == "left as it is") m_muted.push_back(&keep(line));
        else if (key == "fact") m_facts.push_back(&keep(line));
        else if (key == "moment") m_moments.push_back(&keep(line));
        else if (key == "title" || key == "level" || key == "song" || key == "tempo" || key == "metre" || key == "first beat" || key == "counting" || key == "feel" || key == "roles" ||
                 key == "formation" || key == "start" || key == "opening")
            m_head[key] = once(line, m_head.count(key) ? m_head[key] : nullptr);
        else
            bad(line, "“" + key + "” is not known here. Lines begin with title, level, song, tempo, metre, first beat, fact, moment, counting, feel, roles, formation, start, opening, "
                      "figure, part, order, pass, in the music, accent, or left as it is.");
    }
    const Line& keep(const Line& line) { return line; }
    const Line* once(const Line& line, const Line* before) {
        if (before) bad(line, "this is said already in line " + std::to_string(before->number) + ".");
        return &line;
    }
    const Line* headLine(const char* key) const {
        const auto found = m_head.find(key);
        return found == m_head.end() ? nullptr : found->second;
    }
    std::string valueOf(const Line& line) const { return keyed(line).second; }

    void song() {
        const Line* line = headLine("song");
        m_document = newDocument();
        if (!line) {
            for (const char* key : {"tempo", "metre", "first beat"})
                if (const Line* other = headLine(key)) bad(*other, "there is no song to which it belongs. Add a line such as “song: intro 16 | verse 32”.");
        } else {
            TypedStructure typed;
            typed.text = valueOf(*line);
            if (const Line* tempo = headLine("tempo")) {
                const auto bpm = wholeNumber<double>(trimmed(valueOf(*tempo)));
                if (!bpm) bad(*tempo, "the tempo is a number of beats a minute, such as 112.");
                typed.bpm = *bpm;
            }
            if (const Line* metre = headLine("metre")) typed.metre = need(*metre, parseMetre(valueOf(*metre)));
            if (const Line* first = headLine("first beat")) typed.offset = secondsIn(*first, valueOf(*first));
            auto map = need(*line, mapFromStructure(typed.text, typed.bpm, typed.metre, typed.offset));
            apply(*line, SetMap{std::make_shared<const SongMap>(std::move(map)), MapOrigin::Typed, typed});
            m_document.scheme = usualScheme(typed.metre);
        }
        for (const Line* fact : m_facts)
            for (const SongFact& one : need(*fact, readFacts(valueOf(*fact)))) apply(*fact, StateFact{one});
        for (const Line* m : m_moments) {
            const auto all = commaPieces(valueOf(*m));
            if (all.size() != 3) bad(*m, "a moment is a time, a kind and a name: “moment: 13 s, hit, the big stop”.");
            apply(*m, AddMoment{secondsIn(*m, all[0]), need(*m, parseMomentKind(all[1])), unquoted(all[2])});
        }
    }

    void head() {
        Routine& r = routine();
        if (const Line* line = headLine("title")) m_document.title = manyLines(valueOf(*line));
        if (const Line* line = headLine("level")) r.level = manyLines(valueOf(*line));
        if (const Line* line = headLine("counting")) {
            const auto all = commaPieces(valueOf(*line));
            m_document.scheme.unit = need(*line, parseCountUnit(all.front()));
            if (all.size() > 2) bad(*line, "the counting is a unit and the bars of a set: “counting: beat, 2 bars”.");
            if (all.size() == 2) m_document.scheme.barsPerSet = wholeIn(*line, all[1].substr(0, all[1].find(' ')), 1, 16);
        }
        if (const Line* line = headLine("feel")) r.choices = choicesIn(*line, valueOf(*line));
        if (const Line* line = headLine("roles")) {
            const auto names = commaPieces(valueOf(*line));
            if (names.size() > 8) bad(*line, "a routine has at most 8 roles.");
            r.roles.clear();
            for (const std::string& name : names) {
                if (unquoted(name).empty()) bad(*line, "a role needs a name.");
                r.roles.push_back({RoleId{fresh()}, unquoted(name)});
                for (std::size_t i = 0; i + 1 < r.roles.size(); ++i)
                    if (r.roles[i].name == r.roles.back().name) bad(*line, "two roles are called “" + r.roles[i].name + "”.");
            }
        }
        r.figures.clear();
        r.parts.clear();
        if (const Line* line = headLine("formation")) r.formation = need(*line, parseFormation(valueOf(*line)));
        if (const Line* line = headLine("start")) r.startAt = secondsIn(*line, valueOf(*line));
        if (const Line* line = headLine("opening")) opening(*line);
    }

    RoleId roleNamed(const Line& line, const std::string& name) {
        for (const Role& role : routine().roles)
            if (role.name == name) return role.id;
        std::string known;
        for (const Role& role : routine().roles) known += (known.empty() ? "" : ", ") + role.name;
        bad(line, "there is no role “" + name + "”. The roles are " + known + ".");
    }

    void opening(const Line& line) {
        for (const Line& one : line.inside) {
            const auto [key, rest] = keyed(one);
            if (key == "* couple") {
                const auto couple = parseCouple(rest);
                if (!couple) bad(one, couple.error().text);
                routine().opening.couple = *couple;
                continue;
            }
            RoleStance stance{roleNamed(one, unquoted(key)), std::nullopt, std::nullopt};
            for (const std::string& piece : commaPieces(rest)) {
                if (piece == "left free") stance.free = Foot::Left;
                else if (piece == "right free") stance.free = Foot::Right;
                else if (piece == "either free") stance.free = Foot::Both;
                else if (const auto facing = behind(piece, "facing")) stance.facing = need(one, parseClock(*facing));
                else if (!piece.empty()) bad(one, "“" + piece + "” is no stance. Write “leader: left free, facing 12”.");
            }
            routine().opening.roles.push_back(stance);
        }
    }

    /// Role lines and facts below a figure.
    void body(const std::vector<Line>& inside, Figure& figure) {
        for (const Role& role : routine().roles) figure.lines.push_back({role.id, ""});
        for (const Line& one : inside) {
            const auto [key, rest] = keyed(one);
            if (const auto fact = behind(key, "*")) {
                factOf(one, *fact, rest, figure);
                continue;
            }
            const std::string role = unquoted(key);
            const bool named = std::any_of(routine().roles.begin(), routine().roles.end(), [&](const Role& r) { return r.name == role; });
            const std::string text = manyLines(rest);
            if (!named && role == "everyone")
                for (RoleLine& l : figure.lines) l.text = text;
            else {
                const RoleId id = roleNamed(one, role);
                for (RoleLine& l : figure.lines)
                    if (l.role == id) l.text = text;
            }
        }
    }

    void factOf(const Line& line, const std::string& key, const std::string& rest, Figure& figure) {
        FigureFacts& f = figure.facts;
        const auto list = [&] {
            std::vector<std::string> out;
            for (const std::string& piece : commaPieces(rest)) out.push_back(unquoted(piece));
            return out;
        };
        if (key == "claimed") figure.claimed = countIn(line, rest);
        else if (key == "also called") f.otherNames = list();
        else if (key == "family") f.family = manyLines(rest);
        else if (key == "description") f.description = manyLines(rest);
        else if (key == "level") f.level = manyLines(rest);
        else if (key == "words") f.words = manyLines(rest);
        else if (key == "cautions") f.cautions = manyLines(rest);
        else if (key == "notes") f.notes = manyLines(rest);
        else if (key == "tags") f.tags = list();
        else if (key == "feel") f.choices = choicesIn(line, rest);
        else if (key == "vocabulary") figure.vocabularyId = manyLines(rest);
        else if (key == "frame") {
            for (const std::string& piece : commaPieces(rest)) {
                if (const auto entry = behind(piece, "entry")) f.entry = countIn(line, *entry);
                else if (const auto close = behind(piece, "close")) f.close = countIn(line, *close);
                else bad(line, "a frame is “entry 2, close 2”.");
            }
        } else if (key == "version") {
            const auto names = commaPieces(rest);
            FigureVersion version{unquoted(names.front()), names.size() > 1 ? unquoted(names[1]) : std::string(), {}};
            for (const Line& l : line.inside) {
                const auto [role, text] = keyed(l);
                version.lines.push_back({unquoted(role), manyLines(text)});
            }
            f.versions.push_back(std::move(version));
        } else
            bad(line, "“" + key + "” is not known of a figure. Known are claimed, also called, family, description, level, words, cautions, notes, tags, feel, frame, vocabulary, version.");
    }

    void figure(const Line& line) {
        Figure figure{FigureId{fresh()}, unquoted(valueOf(line)), {}, std::nullopt, {}, {}};
        if (figure.name.empty()) bad(line, "a figure needs a name: “figure: Vane vine”.");
        body(line.inside, figure);
        routine().figures.push_back(std::move(figure));
    }

    void addPart(const Line& line) {
        const std::string name = valueOf(line);
        if (name.empty() || name.find_first_of(" \t,*;:()[]\"") != std::string::npos) bad(line, "a part is named by one word, such as A or Ending.");
        if (findPartNamed(routine(), name)) bad(line, "there is a part “" + name + "” already.");
        routine().parts.push_back({PartId{fresh()}, name, {}});
    }

    FigureId typedSteps(const Line& line) {
        Figure typed{FigureId{fresh()}, "", {}, std::nullopt, {}, {}};
        body(line.inside, typed);
        m_typed.push_back(typed.id);
        routine().figures.push_back(std::move(typed));
        return m_typed.back();
    }

    FigureId figureNamed(const Line& line, const std::string& text) {
        if (const auto typed = behind(text, "steps")) {
            const auto n = wholeNumber<std::size_t>(*typed);
            if (!n || *n < 1 || *n > m_typed.size()) bad(line, "there are no steps “" + *typed + "” before this line.");
            return m_typed[*n - 1];
        }
        const std::string name = unquoted(text);
        for (const Figure& figure : routine().figures)
            if (figure.name == name && !name.empty()) return figure.id;
        bad(line, "there is no figure “" + name + "” in this text. Add “figure: " + name + "” with its lines.");
    }

    /// "Vane vine, mirrored, in bars of 3 for 4", "part B, exchanged".
    Placement placementIn(const Line& line, const std::string& text) {
        const auto all = commaPieces(text);
        Placement placed{PlacementId{fresh()}, {}};
        if (const auto part = behind(all.front(), "part"); part && all.front().front() != '"') {
            const Part* inner = findPartNamed(routine(), *part);
            if (!inner) bad(line, "there is no part “" + *part + "”.");
            placed.part = inner->id;
        } else if (all.front() == "steps") placed.figure = typedSteps(line);
        else placed.figure = figureNamed(line, all.front());
        for (std::size_t i = 1; i < all.size(); ++i) {
            if (all[i] == "mirrored") placed.mirrored = true;
            else if (all[i] == "exchanged") placed.exchanged = true;
            else if (const auto version = behind(all[i], "version")) placed.version = unquoted(*version);
            else if (const auto bars = behind(all[i], "in bars of")) placed.bars = barsIn(line, *bars);
            else bad(line, "“" + all[i] + "” cannot be done to a placed figure. Known are mirrored, exchanged, version …, in bars of 3 for 4.");
        }
        return placed;
    }

    Rebar barsIn(const Line& line, const std::string& text) {
        const auto split = text.find(" for ");
        if (split == std::string::npos) bad(line, "write the bars as danced and as written: “in bars of 3 for 4”.");
        return {wholeIn(line, text.substr(split + 5), 1, 24), wholeIn(line, text.substr(0, split), 1, 24)};
    }

    void fillPart(const Line& line, std::size_t index) {
        for (const Line& one : line.inside) {
            Placement placed = placementIn(one, one.text);
            if (placed.part.valid() && containsPart(routine(), placed.part, routine().parts[index].id)) bad(one, "the part would lie inside itself.");
            routine().parts[index].figures.push_back(std::move(placed));
        }
    }

    /// A routine has at least one part; a text without parts gives an empty one.
    void finishParts() {
        if (!routine().parts.empty()) return;
        const Line nothing;
        apply(nothing, AddPart{"A"});
    }

    const Pass& passIn(const Line& line, std::string_view number) {
        const int n = wholeIn(line, number, 1, static_cast<int>(std::max<std::size_t>(1, routine().passes.size())));
        if (routine().passes.empty()) bad(line, "there are no passes yet. Say the order of the parts first: “order: A A B”.");
        return routine().passes[static_cast<std::size_t>(n - 1)];
    }

    /// "3" or "3.2" in a part.
    PlacementId placementAt(const Line& line, PartId part, std::string_view path) {
        const Part* in = findPart(routine(), part);
        PlacementId id;
        for (std::string_view piece : pieces(trimmed(path), '.')) {
            if (!in) bad(line, "“figure " + std::string(path) + "” leads into no part.");
            const auto n = wholeNumber<std::size_t>(piece);
            if (!n || *n < 1 || *n > in->figures.size()) bad(line, "part " + in->name + " has no figure " + std::string(piece) + "; it has " + std::to_string(in->figures.size()) + ".");
            const Placement& placed = in->figures[*n - 1];
            id = placed.id;
            in = placed.part.valid() ? findPart(routine(), placed.part) : nullptr;
        }
        return id;
    }

    /// "A 3": the third figure of part A.
    PlacementId placementAddressed(const Line& line, const std::string& text) {
        const auto space = text.find(' ');
        const Part* part = findPartNamed(routine(), text.substr(0, space));
        if (!part || space == std::string::npos) bad(line, "“" + text + "” is no place in a part. Write for example A 3.");
        return placementAt(line, part->id, text.substr(space + 1));
    }

    MusicPlace placeIn(const Line& line, const std::string& text) {
        MusicPlace place;
        bool near = false;
        for (const std::string& piece : commaPieces(text)) {
            if (const auto after = behind(piece, "after")) place.into = countIn(line, *after);
            else if (const auto at = behind(piece, "near")) {
                place.at = secondsIn(line, *at);
                near = true;
            } else if (place.section.empty()) place.section = unquoted(piece);
            else bad(line, "“" + piece + "” says no place. Write “Bridge, after 16”.");
        }
        if (place.section.empty() && !near) bad(line, "name the section of the song: “Bridge, after 16”.");
        return place;
    }

    /// The number behind a word among the words of an exception: "tag of 4", "after 16".
    struct Said {
        const Line& line;
        std::vector<std::string> all;
    };

    /// "4 after 16": the first number, and the one after the word.
    std::pair<Tick, Tick> ofAndAfter(const Line& line, const std::string& text, bool atMusic) {
        const auto split = text.find(" after ");
        if (split == std::string::npos) {
            if (!atMusic) bad(line, "after how many counts? Write for example “after 16”.");
            return {countIn(line, text), Tick{}};
        }
        return {countIn(line, trimmed(std::string_view(text).substr(0, split))), countIn(line, trimmed(std::string_view(text).substr(split + 7)))};
    }

    Tick afterIn(const Line& line, const std::string& text, bool atMusic) {
        if (text.empty() && atMusic) return {};
        const auto after = behind(text, "after");
        if (!after) bad(line, "after how many counts? Write for example “after 16”.");
        return countIn(line, *after);
    }

    /// One exception of a pass or of the music. False where the line is none.
    void exception(const Line& line, PassExceptions& e, PartId part, bool atMusic) {
        using Kind = FigureChange::Kind;
        const auto all = commaPieces(line.text);
        const std::string& first = all.front();
        const auto address = [&](const std::string& text) { return part.valid() ? placementAt(line, part, text) : placementAddressed(line, text); };
        const auto rest = [&](std::size_t from, auto known) {
            for (std::size_t i = from; i < all.size(); ++i)
                if (!known(all[i])) bad(line, "“" + all[i] + "” has no meaning here.");
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
        } else if (first == "last change a touch") e.lastChangeIsTouch = true;
        else if (first == "mirrored") e.mirrored = true;
        else if (first == "exchanged") e.exchanged = true;
        else if (const auto wait = behind(first, "wait")) e.wait = countIn(line, *wait);
        else if (const auto without = behind(first, "without figure")) e.changes.push_back({Kind::Drop, address(*without)});
        else if (const auto ending = behind(first, "ending")) e.ending = endingIn(line, *ending, true, atMusic);
        else if (const auto not_ = behind(first, "not ending")) e.ending = endingIn(line, *not_, false, atMusic);
        else if (const auto add = behind(line.text, "add")) e.changes.push_back(addedIn(line, *add, address));
        else if (const auto canon = behind(first, "canon")) e.canon = canonIn(line, *canon, all);
        else if (const auto figure = behind(first, "figure")) {
            const auto space = figure->find(' ', part.valid() ? 0 : figure->find(' ') + 1);
            if (space == std::string::npos) bad(line, "what of this figure? Write for example “figure 3 mirrored”.");
            const std::string said(trimmed(std::string_view(*figure).substr(space)));
            FigureChange change{Kind::Mirror, address(figure->substr(0, space))};
            if (said == "mirrored") change.kind = Kind::Mirror;
            else if (said == "exchanged") change.kind = Kind::Exchange;
            else if (const auto version = behind(said, "in version")) {
                change.kind = Kind::Version;
                change.version = unquoted(*version);
            } else if (const auto bars = behind(said, "in bars of")) {
                change.kind = Kind::Bars;
                change.bars = barsIn(line, *bars);
            } else bad(line, "“" + said + "” cannot be done to a figure. Known are mirrored, exchanged, in version …, in bars of 3 for 4.");
            e.changes.push_back(std::move(change));
        } else
            bad(line, "“" + first + "” is no exception. Known are restart, tag of, bridge of, last change a touch, without figure, figure, add, mirrored, exchanged, wait, ending, canon, "
                      "pinned to, remembered by.");
    }

    Ending endingIn(const Line& line, const std::string& text, bool danced, bool atMusic) {
        const auto space = std::min(text.find(' '), text.size());
        const Part* part = findPartNamed(routine(), text.substr(0, space));
        if (!part) bad(line, "there is no part “" + text.substr(0, space) + "” to end with.");
        return {afterIn(line, std::string(trimmed(std::string_view(text).substr(space))), atMusic), part->id, danced};
    }

    template <typename Address>
    FigureChange addedIn(const Line& line, const std::string& text, Address address) {
        FigureChange change{FigureChange::Kind::Add, {}};
        const Line said{line.number, text, {}};
        const auto [where, what] = keyed(said);
        if (const auto after = behind(where, "after figure")) change.at = address(*after);
        else if (where != "at the head") bad(line, "where is it added? Write “add after figure 2: Sway” or “add at the head: Sway”.");
        change.added = placementIn(line, what);
        change.added.id = {};
        return change;
    }

    Canon canonIn(const Line& line, const std::string& text, const std::vector<std::string>& all) {
        const auto space = std::min(text.find(' '), text.size());
        if (trimmed(std::string_view(text).substr(space)) != "apart") bad(line, "how far apart do they enter? Write “canon 2 apart”.");
        Canon canon{countIn(line, text.substr(0, space))};
        for (std::size_t i = 1; i < all.size(); ++i) {
            if (all[i] == "ripple") canon.ripple = true;
            else if (all[i] == "together") canon.ripple = false;
            else if (const auto from = behind(all[i], "from")) canon.from = countIn(line, *from);
            else if (const auto to = behind(all[i], "to")) canon.to = countIn(line, *to);
            else if (const auto enters = behind(all[i], "enters")) canon.entries.push_back(roleNamed(line, unquoted(*enters)));
            else bad(line, "“" + all[i] + "” has no meaning in a canon. Known are ripple, together, from, to, enters.");
        }
        return canon;
    }

    void pass(const Line& line) {
        const Pass written = passIn(line, *behind(line.text, "pass"));
        PassExceptions e;
        std::optional<MusicPlace> pinned;
        std::string mark;
        for (const Line& one : line.inside) passLine(one, written.part, e, pinned, mark);
        if (!written.none() || std::count(m_told.begin(), m_told.end(), written.id) > 0) bad(line, "this pass has been told already.");
        m_told.push_back(written.id);
        apply(line, SetExceptions{written.id, e, {}});
        if (pinned) apply(line, PinPass{written.id, pinned});
        if (!mark.empty()) apply(line, SetMark{written.id, mark});
    }

    void music(const Line& line) {
        AddMusicException add{placeIn(line, valueOf(line)), {}, {}};
        for (const Line& one : line.inside) musicLine(one, add.what, add.mark);
        apply(line, add);
    }

    void accent(const Line& line) {
        const auto all = commaPieces(valueOf(line));
        if (all.size() != 4) bad(line, "write “accent: pass 2, figure 1, count 9, moment 1”.");
        const auto number = behind(all[0], "pass");
        const auto count = behind(all[2], "count");
        const auto moment = behind(all[3], "moment");
        if (!number || !count || !moment) bad(line, "write “accent: pass 2, figure 1, count 9, moment 1”.");
        const Pass& in = passIn(line, *number);
        BindAccent bind{in.id, {}, countIn(line, *count) - counts(1), {}};
        if (const auto added = behind(all[1], "added figure")) bind.placement = addedTo(line, in, *added);
        else if (const auto figure = behind(all[1], "figure")) bind.placement = placementAt(line, in.part, *figure);
        const int m = wholeIn(line, *moment, 1, static_cast<int>(std::max<std::size_t>(1, m_document.moments.size())));
        if (m_document.moments.empty()) bad(line, "the song has no moments. Add “moment: 13 s, hit, the big stop”.");
        bind.moment = m_document.moments[static_cast<std::size_t>(m - 1)].id;
        apply(line, bind);
    }

    /// The nth figure that is added to a pass.
    static PlacementId addedTo(const Line& line, const Pass& pass, const std::string& ordinal) {
        int n = wholeIn(line, ordinal, 1, 2000);
        for (const FigureChange& c : pass.changes)
            if (c.kind == FigureChange::Kind::Add && --n == 0) return c.added.id;
        bad(line, "so many figures are not added to that pass.");
    }

    void muted(const Line& line) {
        const std::string value = valueOf(line);
        const Line said{line.number, value, {}};
        const auto [what, reason] = keyed(said);
        MutedFinding muted;
        muted.reason = manyLines(reason);
        const auto all = commaPieces(what);
        muted.key.code = unquoted(all.front());
        for (std::size_t i = 1; i < all.size(); ++i) {
            if (const auto pass = behind(all[i], "pass")) muted.key.pass = passIn(line, *pass).id;
            else if (const auto part = behind(all[i], "part")) {
                const Part* found = findPartNamed(routine(), *part);
                if (!found) bad(line, "there is no part “" + *part + "”.");
                muted.key.part = found->id;
            } else if (const auto role = behind(all[i], "role")) muted.key.role = roleNamed(line, unquoted(*role));
            else if (const auto figure = behind(all[i], "figure")) muted.key.thing = figureNamed(line, *figure).value;
            else if (const auto place = behind(all[i], "place")) muted.key.thing = placementAddressed(line, *place).value;
            else if (const auto added = behind(all[i], "added in pass")) {
                const auto space = std::min(added->find(' '), added->size());
                muted.key.thing = addedTo(line, passIn(line, added->substr(0, space)), added->substr(space)).value;
            } else if (const auto music = behind(all[i], "music")) muted.key.thing = nth(line, *music, routine().atMusic).id.value;
            else if (const auto accent = behind(all[i], "accent")) muted.key.thing = nth(line, *accent, routine().accents).id.value;
            else if (const auto number = behind(all[i], "number")) muted.key.thing = static_cast<std::uint32_t>(wholeIn(line, *number, 1, 2'000'000'000));
            else bad(line, "“" + all[i] + "” does not say which finding is left as it is.");
        }
        routine().muted.push_back(std::move(muted));
    }

    template <typename Item>
    static const Item& nth(const Line& line, const std::string& text, const std::vector<Item>& items) {
        const int n = wholeIn(line, text, 1, static_cast<int>(std::max<std::size_t>(1, items.size())));
        if (items.empty()) bad(line, "there is nothing of this kind above it.");
        return items[static_cast<std::size_t>(n - 1)];
    }

    Document m_document;
    std::map<std::string, const Line*> m_head;
    std::vector<const Line*> m_figures, m_parts, m_loose, m_passes, m_music, m_accents, m_muted, m_facts, m_moments;
    const Line* m_order = nullptr;
    std::vector<FigureId> m_typed;
    std::vector<PassId> m_told;
};

template <typename Read>
auto withLineNamed(Read read) -> Result<decltype(read())> {
    try {
        return read();
    } catch (const BadLine& bad) {
        const std::string place = bad.number > 0 ? "line " + std::to_string(bad.number) : std::string();
        return fail(ErrorCode::BadNotation, (place.empty() ? std::string() : "Line " + std::to_string(bad.number) + ": ") + bad.why, place);
    }
}

} // namespace

Result<Document> routineFromText(std::string_view text) {
    return withLineNamed([&] { return TextReader().read(text); });
}

Result<std::vector<Edit>> passFromText(const Document& document, PassId pass, std::string_view text) {
    const auto index = indexOfPass(document.routine, pass);
    if (!index) return fail(ErrorCode::NotFound, "That pass is no longer there; nothing was changed.");
    return withLineNamed([&] { return TextReader().pass(document, document.routine.passes[*index], text); });
}

Result<std::vector<Pass>> passesFromText(const Document& document, std::string_view text) {
    return withLineNamed([&] { return TextReader().passes(document, text); });
}

Result<Edit> openingFromText(const Document& document, std::string_view text) {
    auto opening = withLineNamed([&] { return TextReader().opening(document, text); });
    if (!opening) return tl::unexpected(opening.error());
    return Edit{SetOpening{std::move(*opening)}};
}

Result<std::vector<Edit>> musicFromText(const Document& document, ExceptionId exception, std::string_view text) {
    for (const MusicException& m : document.routine.atMusic)
        if (m.id == exception) return withLineNamed([&] { return TextReader().music(document, m, text); });
    return fail(ErrorCode::NotFound, "That exception is no longer there; nothing was changed.");
}

} // namespace lc
