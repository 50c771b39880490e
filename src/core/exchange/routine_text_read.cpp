#include "core/exchange/routine_text.h"

#include "core/base/text_rows.h"
#include "core/edits/edits.h"
#include "core/exchange/exception_text.h"
#include "core/figures/figure_fields.h"
#include "core/routine/order_text.h"
#include "core/routine/routine_size.h"
#include "core/song/structure_text.h"

#include <algorithm>
#include <map>
#include <utility>

namespace lc {

namespace {

using text_tree::bad;
using text_tree::BadLine;
using text_tree::behind;
using text_tree::choicesIn;
using text_tree::commaPieces;
using text_tree::countIn;
using text_tree::keyed;
using text_tree::Line;
using text_tree::manyLines;
using text_tree::need;
using text_tree::secondsIn;
using text_tree::unquoted;
using text_tree::wholeIn;
using text_tree::wordIn;

class TextReader {
public:
    Document read(std::string_view text) {
        const std::vector<Line> lines = text_tree::linesOf(text);
        if (lines.empty() || lines.front().text != routineTextHead)
            throw BadLine{1, Core::sentence("the text begins with the line “%1”.", std::string(routineTextHead))};
        for (std::size_t i = 1; i < lines.size(); ++i) sort(lines[i]);
        song();
        head();
        for (const Line* line : m_figures) figure(*line);
        for (const Line* line : m_parts) addPart(*line);
        for (std::size_t i = 0; i < m_parts.size(); ++i) fillPart(*m_parts[i], i);
        if (const auto circle = putsPartInItself(routine()))
            bad(m_parts[circle->part]->inside[circle->figure], Core::sentence("the part would lie inside itself."));
        if (const auto size = checkSize(routine()); !size && !m_parts.empty())
            bad(*m_parts.back(), size.error().message);
        for (const Line* line : m_loose) typedSteps(*line);
        finishParts();
        if (m_order) apply(*m_order, SetOrder{need(*m_order, readOrder(routine(), keyed(*m_order).second))});
        for (const Line* line : m_passes) pass(*line);
        for (const Line* line : m_music) music(*line);
        for (const Line* line : m_accents) accent(*line);
        for (const Line* line : m_unsettled) unsettled(*line);
        for (const Line* line : m_muted) muted(*line);
        return std::move(m_document);
    }

private:
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
        if (key == "figure")
            m_figures.push_back(&line);
        else if (key == "part")
            m_parts.push_back(&line);
        else if (key == "loose steps")
            m_loose.push_back(&line);
        else if (key == "order")
            m_order = once(line, m_order);
        else if (behind(key, "pass"))
            m_passes.push_back(&line);
        else if (key == "in the music")
            m_music.push_back(&line);
        else if (key == "accent")
            m_accents.push_back(&line);
        else if (key == "unsettled")
            m_unsettled.push_back(&line);
        else if (key == "left as it is")
            m_muted.push_back(&line);
        else if (key == "fact")
            m_facts.push_back(&line);
        else if (key == "moment")
            m_moments.push_back(&line);
        else if (key == "word")
            m_words.push_back(&line);
        else if (key == "title" || key == "level" || key == "song" || key == "tempo" || key == "metre" ||
                 key == "first beat" || key == "counting" || key == "feel" || key == "roles" || key == "formation" ||
                 key == "start" || key == "opening")
            m_head[key] = once(line, m_head.count(key) ? m_head[key] : nullptr);
        else
            bad(line,
                Core::sentence(
                    "“%1” is not known here. Lines begin with title, level, song, tempo, metre, first beat, fact, moment, counting, feel, word, roles, formation, start, opening, figure, part, order, pass, in the music, accent, unsettled, or left as it is.",
                    key));
    }
    const Line* once(const Line& line, const Line* before) {
        if (before) bad(line, Core::sentence("this is said already in line %1.", before->number));
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
                if (const Line* other = headLine(key))
                    bad(*other,
                        Core::sentence(
                            "there is no song to which it belongs. Add a line such as “song: intro 16 | verse 32”."));
        } else {
            TypedStructure typed;
            typed.text = valueOf(*line);
            if (const Line* tempo = headLine("tempo")) {
                const auto bpm = wholeNumber<double>(trimmed(valueOf(*tempo)));
                if (!bpm) bad(*tempo, Core::sentence("the tempo is a number of beats a minute, such as 112."));
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
            if (all.size() != 3)
                bad(*m, Core::sentence("a moment is a time, a kind and a name: “moment: 13 s, hit, the big stop”."));
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
            if (all.size() > 2)
                bad(*line, Core::sentence("the counting is a unit and the bars of a set: “counting: beat, 2 bars”."));
            if (all.size() == 2)
                m_document.scheme.barsPerSet = wholeIn(*line, all[1].substr(0, all[1].find(' ')), 1, 16);
        }
        if (const Line* line = headLine("feel")) r.choices = choicesIn(*line, valueOf(*line));
        for (const Line* word : m_words) apply(*word, KeepWord{wordIn(*word, valueOf(*word))});
        if (const Line* line = headLine("roles")) {
            const auto names = commaPieces(valueOf(*line));
            if (names.size() > 8) bad(*line, Core::sentence("a routine has at most 8 roles."));
            r.roles.clear();
            for (const std::string& name : names) {
                if (unquoted(name).empty()) bad(*line, Core::sentence("a role needs a name."));
                r.roles.push_back({RoleId{fresh()}, unquoted(name)});
                for (std::size_t i = 0; i + 1 < r.roles.size(); ++i)
                    if (r.roles[i].name == r.roles.back().name)
                        bad(*line, Core::sentence("two roles are called “%1”.", r.roles[i].name));
            }
        }
        r.figures.clear();
        r.parts.clear();
        if (const Line* line = headLine("formation")) r.formation = need(*line, parseFormation(valueOf(*line)));
        if (const Line* line = headLine("start")) r.startAt = secondsIn(*line, valueOf(*line));
        if (const Line* line = headLine("opening")) opening(*line);
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
            routine().opening.roles.push_back(m_said.stanceIn(one, unquoted(key), rest));
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
            const bool named = std::any_of(routine().roles.begin(), routine().roles.end(),
                                           [&](const Role& r) { return r.name == role; });
            const std::string text = manyLines(rest);
            if (!named && role == "everyone")
                for (RoleLine& l : figure.lines) l.text = text;
            else {
                const RoleId id = m_said.roleNamed(one, role);
                for (RoleLine& l : figure.lines)
                    if (l.role == id) l.text = text;
            }
        }
    }

    static std::string knownOfFigures() {
        std::string all = "claimed";
        for (const FigureField& field : figureFields()) all += ", " + std::string(field.inText);
        return all + ", feel, frame, vocabulary, version";
    }

    void factOf(const Line& line, const std::string& key, const std::string& rest, Figure& figure) {
        FigureFacts& f = figure.facts;
        const auto list = [&] {
            std::vector<std::string> out;
            for (const std::string& piece : commaPieces(rest)) out.push_back(unquoted(piece));
            return out;
        };
        for (const FigureField& field : figureFields()) {
            if (field.inText != key) continue;
            if (field.text)
                f.*field.text = manyLines(rest);
            else
                f.*field.list = list();
            return;
        }
        if (key == "claimed")
            figure.claimed = countIn(line, rest);
        else if (key == "feel")
            f.choices = choicesIn(line, rest);
        else if (key == "vocabulary")
            figure.vocabularyId = manyLines(rest);
        else if (key == "frame") {
            for (const std::string& piece : commaPieces(rest)) {
                if (const auto entry = behind(piece, "entry"))
                    f.entry = countIn(line, *entry);
                else if (const auto close = behind(piece, "close"))
                    f.close = countIn(line, *close);
                else
                    bad(line, Core::sentence("a frame is “entry 2, close 2”."));
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
            bad(line, Core::sentence("“%1” is not known of a figure. Known are %2.", key, knownOfFigures()));
    }

    void figure(const Line& line) {
        Figure figure{FigureId{fresh()}, unquoted(valueOf(line)), {}, std::nullopt, {}, {}};
        if (figure.name.empty()) bad(line, Core::sentence("a figure needs a name: “figure: Vane vine”."));
        body(line.inside, figure);
        routine().figures.push_back(std::move(figure));
    }

    void addPart(const Line& line) {
        const std::string name = valueOf(line);
        if (name.empty() || name.find_first_of(" \t,*;:()[]\"") != std::string::npos)
            bad(line, Core::sentence("a part is named by one word, such as A or Ending."));
        if (findPartNamed(routine(), name)) bad(line, Core::sentence("there is a part “%1” already.", name));
        routine().parts.push_back({PartId{fresh()}, name, {}});
    }

    FigureId typedSteps(const Line& line) {
        Figure typed{FigureId{fresh()}, "", {}, std::nullopt, {}, {}};
        body(line.inside, typed);
        m_typed.push_back(typed.id);
        routine().figures.push_back(std::move(typed));
        return m_typed.back();
    }

    void fillPart(const Line& line, std::size_t index) {
        for (const Line& one : line.inside) {
            const bool typed = commaPieces(one.text).front() == "steps"; // typed here, with their lines below
            if (typed) typedSteps(one);
            Placement placed = m_said.placementIn(one, typed ? "steps " + std::to_string(m_typed.size()) +
                                                                   one.text.substr(std::string_view("steps").size())
                                                             : one.text);
            placed.id = PlacementId{fresh()};
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
        if (routine().passes.empty())
            bad(line, Core::sentence("there are no passes yet. Say the order of the parts first: “order: A A B”."));
        return routine().passes[static_cast<std::size_t>(n - 1)];
    }

    void pass(const Line& line) {
        auto [key, rest] = keyed(line); // "pass 3", and as people also write it "pass: 3", "pass 3: restart after 8"
        std::string number = behind(key, "pass").value_or("");
        if (number.empty()) number = std::exchange(rest, {});
        const Pass written = passIn(line, number);
        PassExceptions e;
        std::optional<MusicPlace> pinned;
        std::string mark;
        if (!rest.empty()) m_said.passLine(Line{line.number, rest, {}}, written.part, e, pinned, mark);
        for (const Line& one : line.inside) m_said.passLine(one, written.part, e, pinned, mark);
        if (!written.none() || std::count(m_told.begin(), m_told.end(), written.id) > 0)
            bad(line, Core::sentence("this pass has been told already."));
        m_told.push_back(written.id);
        apply(line, SetExceptions{written.id, e, {}});
        if (pinned) apply(line, PinPass{written.id, pinned});
        if (!mark.empty()) apply(line, SetMark{written.id, mark});
    }

    void music(const Line& line) {
        AddMusicException add{m_said.placeIn(line, valueOf(line)), {}, {}};
        for (const Line& one : line.inside) m_said.musicLine(one, add.what, add.mark);
        apply(line, add);
    }

    void accent(const Line& line) {
        const auto all = commaPieces(valueOf(line));
        if (all.size() != 4) bad(line, Core::sentence("write “accent: pass 2, figure 1, count 9, moment 1”."));
        const auto number = behind(all[0], "pass");
        const auto count = behind(all[2], "count");
        const auto moment = behind(all[3], "moment");
        if (!number || !count || !moment)
            bad(line, Core::sentence("write “accent: pass 2, figure 1, count 9, moment 1”."));
        const Pass& in = passIn(line, *number);
        BindAccent bind{in.id, {}, countIn(line, *count) - counts(1), {}};
        if (const auto added = behind(all[1], "added figure"))
            bind.placement = m_said.addedTo(line, in, *added);
        else if (const auto figure = behind(all[1], "figure"))
            bind.placement = m_said.placementAt(line, in.part, *figure);
        const int m = wholeIn(line, *moment, 1, static_cast<int>(std::max<std::size_t>(1, m_document.moments.size())));
        if (m_document.moments.empty())
            bad(line, Core::sentence("the song has no moments. Add “moment: 13 s, hit, the big stop”."));
        bind.moment = m_document.moments[static_cast<std::size_t>(m - 1)].id;
        apply(line, bind);
    }

    void unsettled(const Line& line) {
        const auto all = commaPieces(valueOf(line));
        UnsettledLine out;
        out.id = LineId{fresh()};
        out.number = static_cast<std::uint32_t>(wholeIn(line, all.front(), 1, 1'000'000));
        for (std::size_t i = 1; i < all.size(); ++i) {
            if (const auto figure = behind(all[i], "figure"))
                out.figure = m_said.figureNamed(line, *figure);
            else if (const auto role = behind(all[i], "role"))
                out.role = m_said.roleNamed(line, unquoted(*role));
            else if (const auto at = behind(all[i], "at"))
                out.at = static_cast<std::uint32_t>(wholeIn(line, *at, 0, 10'000'000));
            else if (const auto claimed = behind(all[i], "counts"))
                out.counts = wholeIn(line, *claimed, 1, 4096);
            else if (const auto walls = behind(all[i], "walls"))
                out.walls = wholeIn(line, *walls, 1, 4096);
            else
                bad(line, Core::sentence("“%1” does not say where the line of the hand-out stands.", all[i]));
        }
        for (const Line& inside : line.inside) {
            const auto [key, rest] = keyed(inside);
            if (key == "text")
                out.text = manyLines(rest);
            else if (key == "why")
                out.why = manyLines(rest);
            else
                bad(inside,
                    Core::sentence("“%1” is not known here. A line that is not settled has text and why.", key));
        }
        routine().unsettled.push_back(std::move(out));
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
            if (const auto pass = behind(all[i], "pass"))
                muted.key.pass = passIn(line, *pass).id;
            else if (const auto part = behind(all[i], "part")) {
                const Part* found = findPartNamed(routine(), *part);
                if (!found) bad(line, Core::sentence("there is no part “%1”.", *part));
                muted.key.part = found->id;
            } else if (const auto role = behind(all[i], "role"))
                muted.key.role = m_said.roleNamed(line, unquoted(*role));
            else if (const auto figure = behind(all[i], "figure"))
                muted.key.thing = m_said.figureNamed(line, *figure);
            else if (const auto place = behind(all[i], "place"))
                muted.key.thing = m_said.placementAddressed(line, *place);
            else if (const auto added = behind(all[i], "added in pass")) {
                const auto space = std::min(added->find(' '), added->size());
                muted.key.thing = m_said.addedTo(line, passIn(line, added->substr(0, space)), added->substr(space));
            } else if (const auto bridge = behind(all[i], "bridge in pass")) {
                const auto space = std::min(bridge->find(' '), bridge->size());
                muted.key.thing = nth(line, bridge->substr(std::min(space + 1, bridge->size())),
                                      passIn(line, bridge->substr(0, space)).bridges)
                                      .id;
            } else if (const auto music = behind(all[i], "music"))
                muted.key.thing = nth(line, *music, routine().atMusic).id;
            else if (const auto accent = behind(all[i], "accent"))
                muted.key.thing = nth(line, *accent, routine().accents).id;
            else if (const auto ahead = behind(all[i], "ahead"))
                muted.key.thing = CountsAhead{need(line, parseCount(trimmed(*ahead)))};
            else if (const auto time = behind(all[i], "at"))
                muted.key.thing = SongTime{secondsIn(line, *time)};
            else if (const auto handout = behind(all[i], "unsettled"))
                muted.key.thing = nth(line, *handout, routine().unsettled).id;
            else if (const auto number = behind(all[i], "number"))
                muted.key.thing = thingOfNumber(routine(), muted.key.code,
                                                static_cast<std::uint32_t>(wholeIn(line, *number, 1, 2'000'000'000)));
            else
                bad(line, Core::sentence("“%1” does not say which finding is left as it is.", all[i]));
        }
        routine().muted.push_back(std::move(muted));
    }

    template <typename Item>
    static const Item& nth(const Line& line, const std::string& text, const std::vector<Item>& items) {
        const int n = wholeIn(line, text, 1, static_cast<int>(std::max<std::size_t>(1, items.size())));
        if (items.empty()) bad(line, Core::sentence("there is nothing of this kind above it."));
        return items[static_cast<std::size_t>(n - 1)];
    }

    Document m_document;
    std::map<std::string, const Line*> m_head;
    std::vector<const Line*> m_figures, m_parts, m_loose, m_passes, m_music, m_accents, m_muted, m_facts, m_moments,
        m_words, m_unsettled;
    const Line* m_order = nullptr;
    std::vector<FigureId> m_typed;
    ExceptionReader m_said{m_document, m_typed};
    std::vector<PassId> m_told;
};

} // namespace

Result<Document> routineFromText(std::string_view text) {
    return text_tree::withLineNamed([&] { return TextReader().read(text); });
}

} // namespace lc
