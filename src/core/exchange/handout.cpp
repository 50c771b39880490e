#include "core/exchange/handout.h"

#include "core/base/list_text.h"
#include "core/base/number_words.h"
#include "core/base/plain_text.h"
#include "core/base/text_rows.h"
#include "core/edits/brought_words.h"
#include "core/exchange/handout_again.h"
#include "core/exchange/handout_draft.h"
#include "core/exchange/handout_line.h"
#include "core/exchange/handout_section.h"
#include "core/exchange/handout_text.h"
#include "core/exchange/routine_text.h"
#include "core/routine/handout_claims.h"
#include "core/said/steps_reader.h"

#include <algorithm>
#include <map>
#include <set>

namespace lc {

namespace handout {

namespace {

/// Figures, parts and what else a hand-out says, until it becomes a routine.
class Reader {
public:
    explicit Reader(const OwnWords& words) { m_choices.words = words; }

    Result<Handout> read(std::string_view pasted) {
        const std::vector<TextLine> lines = textLines(pasted);
        if (lines.size() > mostLines)
            return fail(ErrorCode::BadNotation,
                        Core::sentence("This hand-out has more than %1 lines. Paste the dance alone.", mostLines));
        for (std::size_t i = 0; i < lines.size(); ++i) {
            m_next = i + 1 < lines.size() ? &lines[i + 1] : nullptr;
            if (lines[i].numbersPage)
                say(lines[i].number, lines[i].text, Core::sentence("the number of a page"));
            else
                take(lines[i].number, lines[i].text);
        }
        closeFigure();
        if (m_draft.figures.empty())
            return fail(
                ErrorCode::BadNotation,
                Core::sentence(
                    "No line of this text could be read as steps. Steps are written with their counts, as in “1-2 rock back L, recover R”, or as a list, as in “walk, walk, triple step”."));
        dropWhatIsNotThere();
        auto document = routineFromText(m_draft.routineText());
        if (!document) return tl::unexpected(document.error());
        m_out.document = withWordsBrought({}, std::move(*document), m_choices.words);
        tellWhatWasTaken();
        keepClaims();
        keepWhatIsOpen();
        return std::move(m_out);
    }

private:
    static constexpr std::size_t mostLines = 4000; // a bound: a book of dances, not one
    /// Where a line stands, until the routine is made.
    struct Stand {
        std::string figure, role;
        bool left = false; ///< steps that were left out
    };
    HandoutLine& say(std::size_t number, std::string_view line, Text understood, bool open = false) {
        m_out.lines.push_back({number, std::string(line), std::move(understood), open});
        return m_out.lines.back();
    }
    /// Says more of a line.
    static void also(HandoutLine& line, const Sentence& more) {
        line.understood = Core::sentence("%1; %2", line.understood, more);
    }

    void take(std::size_t number, std::string_view line) {
        if (!m_columns.empty() && line.find('\t') != std::string_view::npos) return row(number, line);
        line = trimmed(line);
        const LineSense sense = senseOf(line);
        using Kind = LineSense::Kind;
        switch (sense.kind) {
        case Kind::Empty: return;
        case Kind::Facts: return facts(number, line, sense);
        case Kind::Credit: say(number, line, Core::sentence("for people to read")); return;
        case Kind::Again:
            say(number, line,
                Core::sentence("danced several times: write how often in the order, for example “Order: A A A”"), true);
            return;
        case Kind::Section: return section(number, line, sense);
        case Kind::Part: return part(number, line, sense);
        case Kind::Order:
            m_draft.order = sense.words;
            m_orderLine = m_out.lines.size();
            say(number, line, Core::sentence("the order of the parts: %1", m_draft.order));
            return;
        case Kind::Restart: return restart(number, line, sense);
        case Kind::Tag: return tag(number, line, sense);
        case Kind::Role: return steps(number, line, sense.role, sense.words);
        case Kind::Columns:
            m_columns = sense.columns;
            say(number, line, Core::sentence("a column for each role"));
            return;
        case Kind::Other: break;
        }
        other(number, line);
    }

    /// A row of a table with a column for each role; what stands in the column of counts holds for all of them.
    void row(std::size_t number, std::string_view line) {
        std::string counted;
        std::size_t column = 0;
        for (std::size_t from = 0; from <= line.size() && column < m_columns.size(); ++column) {
            const std::size_t end =
                column + 1 == m_columns.size() ? line.size() : std::min(line.find('\t', from), line.size());
            const std::string cell(trimmed(line.substr(from, end - from)));
            from = end + 1;
            if (m_columns[column].empty())
                counted = cell;
            else if (!cell.empty())
                steps(number, cell, m_columns[column], counted.empty() ? cell : counted + " " + cell);
        }
    }

    void facts(std::size_t number, std::string_view line, const LineSense& sense) {
        std::vector<Sentence> told;
        if (sense.counts || sense.walls) m_claims.emplace_back(m_out.lines.size(), sense);
        if (sense.counts) told.push_back(inCounts(counts(*sense.counts)));
        if (sense.walls) {
            m_draft.walls = sense.walls;
            told.push_back(Core::plural("%n wall|%n walls", nullptr, *sense.walls));
        }
        if (!sense.level.empty()) {
            m_draft.level = sense.level;
            told.push_back(Core::sentence("level %1", m_draft.level));
        }
        if (sense.intro) {
            m_draft.intro = sense.intro;
            m_introLine = m_out.lines.size();
            told.push_back(Core::sentence("an intro of %1", inCounts(counts(*sense.intro))));
        }
        if (sense.bpm) {
            m_draft.bpm = sense.bpm;
            told.push_back(Core::sentence("%1 beats a minute", *sense.bpm));
        }
        say(number, line, Core::sentence("%1", listed(told, Joined::Commas)));
    }

    void section(std::size_t number, std::string_view line, const LineSense& sense) {
        closeFigure();
        ++m_sections;
        m_section = Section{};
        m_section->name = sense.words.empty() ? "Section " + std::to_string(m_sections) : sense.words;
        m_section->part = m_part;
        m_section->first = sense.from;
        m_section->heading = m_out.lines.size();
        say(number, line, Core::sentence("the figure “%1”", m_section->name));
    }

    void part(std::size_t number, std::string_view line, const LineSense& sense) {
        closeFigure();
        m_part = sense.words;
        m_sections = 0;
        say(number, line,
            sense.counts ? Core::sentence("part %1 of %2", m_part, inCounts(counts(*sense.counts)))
                         : Core::sentence("part %1", m_part));
    }

    void restart(std::size_t number, std::string_view line, const LineSense& sense) {
        if (sense.passes.empty() || !sense.after) {
            say(number, line,
                sense.passes.empty()
                    ? Core::sentence("a restart, but not in which pass: write “restart in wall 3 after 16”")
                    : Core::sentence("a restart, but not after how many counts: write “after 16”"),
                true);
            return;
        }
        for (const std::int64_t pass : sense.passes)
            m_draft.exceptions.push_back(
                {pass, "restart after " + std::to_string(*sense.after), *sense.after, 0, m_out.lines.size()});
        say(number, line, Core::sentence("restart after %1 in %2", *sense.after, passesSaid(sense.passes)));
    }

    void tag(std::size_t number, std::string_view line, const LineSense& sense) {
        std::string name;
        std::optional<std::int64_t> counts = sense.counts;
        std::vector<Sentence> otherwise;
        if (!sense.words.empty()) {
            const StepsReading read = readSteps(sense.words, m_choices);
            if (!read.reading.error && read.reading.length > Tick{}) {
                name = "Tag steps" + std::string(m_tags > 0 ? " " + std::to_string(m_tags + 1) : "");
                m_draft.figures.push_back({name, {}, {{"everyone", oneLine(sense.words)}}, read.reading.length, true});
                ++m_tags;
                if (!counts && isWhole(read.reading.length)) counts = wholeCounts(read.reading.length);
                if (counts && read.reading.length != lc::counts(*counts))
                    otherwise.push_back(Core::sentence("its steps take %1", inCounts(read.reading.length)));
                for (const NotationQuestion& question : read.reading.questions)
                    otherwise.push_back(Core::sentence("%1", question.text));
            }
        }
        if (sense.passes.empty() || !counts) {
            if (!name.empty()) m_draft.figures.pop_back();
            say(number, line,
                sense.passes.empty()
                    ? Core::sentence("a tag, but not after which pass: write “4-count tag after wall 3”")
                    : Core::sentence("a tag, but not of how many counts: write “4-count tag”"),
                true);
            return;
        }
        for (const std::int64_t pass : sense.passes)
            m_draft.exceptions.push_back({pass, "tag of " + std::to_string(*counts) + (name.empty() ? "" : ", " + name),
                                          0, *counts, m_out.lines.size()});
        const Sentence length = inCounts(lc::counts(*counts)), after = passesSaid(sense.passes);
        HandoutLine& told = say(number, line,
                                name.empty() ? Core::sentence("a tag of %1 after %2", length, after)
                                             : Core::sentence("a tag of %1 after %2, danced as written", length, after),
                                (!sense.words.empty() && name.empty()) || !otherwise.empty());
        if (!sense.words.empty() && name.empty()) also(told, Core::sentence("its steps could not be read"));
        for (const Sentence& more : otherwise) also(told, more);
    }

    static std::string oneLine(std::string_view text) {
        std::string out(text);
        std::replace(out.begin(), out.end(), '\t', ' ');
        return out;
    }

    /// A line of no known form: steps, the title, or kept.
    void other(std::size_t number, std::string_view line) {
        if (sectionAgain(number, line)) return;
        const StepsReading read = readSteps(line, m_choices);
        const bool empty = read.reading.length == Tick{} || read.reading.actions.empty();
        std::size_t unknown = 0;
        for (const NotationQuestion& q : read.reading.questions)
            unknown += std::any_of(q.answers.begin(), q.answers.end(),
                                   [](const NotationAnswer& a) { return a.word.has_value(); });
        const bool counted = line.front() >= '0' && line.front() <= '9';
        const bool prose = unknown > 0 && !counted && unknown * 2 >= read.reading.actions.size();
        if (m_titled && !counted && standsBeforeSteps() &&
            (prose || empty || read.reading.error ||
             !read.reading.questions.empty())) { // "Turn under the arm" above its steps
            LineSense heading;
            heading.words = std::string(trimmed(line));
            while (!heading.words.empty() && (heading.words.back() == ':' || heading.words.back() == '.'))
                heading.words.pop_back();
            return section(number, line, heading);
        }
        if (!read.reading.error && !empty && !prose && (m_titled || counted))
            return steps(number, line, "everyone", std::string(line));
        if (!m_titled) {
            m_titled = true;
            m_draft.title = oneLine(line);
            m_titleLine = m_out.lines.size();
            say(number, line, Core::sentence("the title"));
            return;
        }
        if (counted && read.reading.error)
            return steps(number, line, "everyone", std::string(line)); // it will be left out, in its place
        keep();
        say(number, line, Core::sentence("not understood: are these steps, or a remark?"), true);
    }

    /// A section that is one before it again: that figure is danced a second time.
    bool sectionAgain(std::size_t number, std::string_view line) {
        if (m_section && (!m_section->roles.empty() || !m_section->others.empty()))
            return false; // inside a section the steps say it
        const auto said = placeAgain(m_draft, line, m_part);
        if (!said) return false;
        if (m_section && m_section->heading) m_stands[*m_section->heading].figure = m_draft.figures.back().name;
        m_section.reset();
        m_stands[m_out.lines.size()].figure = m_draft.figures.back().name;
        say(number, line, *said);
        return true;
    }

    /// The next line begins with a count, or with the name of a role.
    [[nodiscard]] bool standsBeforeSteps() const {
        if (!m_next || m_next->numbersPage) return false;
        if (m_next->text.front() >= '0' && m_next->text.front() <= '9')
            return senseOf(m_next->text).kind == LineSense::Kind::Other;
        return senseOf(m_next->text).kind == LineSense::Kind::Role;
    }

    /// The line that is said next stands in the section at hand, or behind the figure before it.
    void keep() {
        if (m_section)
            m_section->others.push_back(m_out.lines.size());
        else if (!m_draft.figures.empty())
            m_stands[m_out.lines.size()].figure = m_draft.figures.back().name;
    }

    void steps(std::size_t number, std::string_view line, std::string role, const std::string& said) {
        if (!m_section) {
            m_section = Section{};
            m_section->part = m_part;
            m_section->name = m_part.empty() ? "Section " + std::to_string(++m_sections) : "Part " + m_part;
        }
        m_titled = true;
        if (role == "everyone" && !m_section->roles.empty())
            role = m_section->roles.back().role; // a line without a name goes on with the role before it
        auto found = std::find_if(m_section->roles.begin(), m_section->roles.end(),
                                  [&](const RoleSteps& r) { return r.role == role; });
        if (found == m_section->roles.end()) {
            m_section->roles.push_back({role, {}});
            found = std::prev(m_section->roles.end());
        }
        std::string text = oneLine(said);
        while (!text.empty() && (text.back() == ',' || text.back() == ';' || text.back() == '.')) text.pop_back();
        found->lines.push_back({m_out.lines.size(), std::move(text)});
        say(number, line, {});
    }

    void closeFigure() {
        if (!m_section) return;
        Section section = std::move(*m_section);
        m_section.reset();
        if (section.roles.empty() &&
            section.heading) { // "Section 2: walk, walk, triple step": the title is what is danced
            if (const auto again = placeAgain(m_draft, section.name, section.part)) { // "Section 3: repeat section 1"
                m_out.lines[*section.heading].understood = *again;
                m_stands[*section.heading].figure = m_draft.figures.back().name;
                return;
            }
            const StepsReading title = readSteps(section.name, m_choices);
            if (title.reading.error || title.reading.length == Tick{} || !title.reading.questions.empty()) {
                m_out.lines[*section.heading].understood = Core::sentence("a heading with no steps below it");
                m_out.lines[*section.heading].open = true;
                return;
            }
            section.roles.push_back({"everyone", {{*section.heading, section.name}}});
        }
        shareOut(section.roles);
        Figure figure{uniqueName(section.name), section.part, {}, {}, false};
        for (const std::size_t place : section.others) m_stands[place].figure = figure.name;
        if (section.heading) m_stands[*section.heading].figure = figure.name;
        for (const RoleSteps& role : section.roles) {
            const auto read = lineOf(role, section.first, figure.name);
            if (!read) continue;
            figure.lines.emplace_back(role.role, read->line);
            figure.length = std::max(figure.length, read->reading.length);
            if (std::find(m_draft.roles.begin(), m_draft.roles.end(), role.role) == m_draft.roles.end())
                m_draft.roles.push_back(role.role);
        }
        if (!figure.lines.empty()) m_draft.figures.push_back(std::move(figure));
    }

    /// A role's line in a figure; tells each line of the hand-out what became of it.
    std::optional<SectionLine> lineOf(const RoleSteps& role, std::optional<std::int64_t> first,
                                      const std::string& figure) {
        SectionLine read = readSection(role, first, m_choices);
        for (const LeftLine& left : read.left) {
            tell(left.place, left.why, true);
            m_stands[left.place] = {figure, role.role, true};
            m_out.lines[left.place].steps = left.text;
            m_out.lines[left.place].begin = m_out.lines[left.place].finish = static_cast<std::uint32_t>(left.at);
        }
        const auto& lines = read.steps.lines;
        if (lines.empty()) return std::nullopt;
        const bool one = lines.front().text == read.line; // all of them say it together
        for (std::size_t k = 0; k < lines.size(); ++k) {
            const Sentence length = inCounts(read.reading.length);
            tell(lines[k].place,
                 k > 0                   ? Core::sentence("goes on")
                 : read.notation.empty() ? Core::sentence("steps, %1", length)
                                         : Core::sentence("steps: %1, %2", read.notation, length),
                 false);
            HandoutLine& told = m_out.lines[lines[k].place];
            told.begin = one ? 0 : static_cast<std::uint32_t>(read.steps.begin(k));
            told.finish = told.begin + static_cast<std::uint32_t>(lines[k].text.size());
            told.steps = lines[k].text;
            m_stands[lines[k].place] = {figure, role.role, false};
        }
        const auto placeOf = [&](std::size_t byte) { return lines[one ? 0 : read.steps.at(byte)].place; };
        for (const NotationQuestion& question : read.reading.questions)
            tell(placeOf(question.begin), question.text, true, true);
        for (const NotationRemark& note : read.reading.notes)
            if (note.kind == RemarkKind::FootNotFree) tell(placeOf(note.begin), note.text, true, true);
        return read;
    }

    /// Lines that are open wait in the routine; questions of steps are asked by their figure.
    void keepWhatIsOpen() {
        Routine& routine = m_out.document.routine;
        for (const auto& [place, stand] : m_stands) {
            HandoutLine& line = m_out.lines[place];
            for (const lc::Figure& figure : routine.figures)
                if (figure.name == stand.figure) line.figure = figure.id;
            for (const Role& role : routine.roles)
                if (!stand.role.empty() && role.name == stand.role) line.role = role.id;
        }
        for (std::size_t place = 0; place < m_out.lines.size(); ++place) {
            const HandoutLine& line = m_out.lines[place];
            if (!line.open || m_asked.count(place) > 0) continue;
            const auto stand = m_stands.find(place);
            const bool left = stand != m_stands.end() && stand->second.left && line.role.valid() && line.figure.valid();
            routine.unsettled.push_back({LineId{++routine.lastId}, static_cast<std::uint32_t>(line.number),
                                         left ? line.steps : line.text, line.understood.english(), line.figure,
                                         left ? line.role : RoleId{}, left ? line.begin : 0});
        }
        std::stable_sort(routine.unsettled.begin(), routine.unsettled.end(),
                         [](const UnsettledLine& a, const UnsettledLine& b) { return a.number < b.number; });
    }

    /// Says something at a line: what it was read as, or what is to be settled; `asked`: by its figure, too.
    void tell(std::size_t place, const Text& words, bool open, bool asked = false) {
        HandoutLine& line = m_out.lines[place];
        if (asked && !line.open) m_asked.insert(place);
        if (line.open && open)
            line.understood += words;
        else if (!line.open)
            line.understood = words;
        line.open = line.open || open;
    }

    std::string uniqueName(std::string name) {
        if (name.size() > 60) name = name.substr(0, name.find(' ', 48));
        const int times = ++m_names[name];
        return times == 1 ? name : name + " (" + std::to_string(times) + ")";
    }

    /// What the head says of counts and walls stays with the routine and is checked against what is written, now and
    /// later.
    void keepClaims() {
        Routine& routine = m_out.document.routine;
        HandoutClaims claims(routine);
        for (const auto& [place, sense] : m_claims) {
            HandoutLine& line = m_out.lines[place];
            UnsettledLine kept{
                LineId{++routine.lastId}, static_cast<std::uint32_t>(line.number), line.text, {}, {}, {}, 0};
            if (m_part.empty()) kept.counts = sense.counts; // else they are those of a part
            kept.walls = sense.walls;
            if (!kept.counts && !kept.walls) continue;
            if (const Sentence broken = claims.broken(kept); !broken.empty()) {
                also(line, broken);
                line.open = true;
            }
            m_asked.insert(place);
            routine.unsettled.push_back(std::move(kept));
        }
    }

    /// What the hand-out leaves open and is taken for it.
    void tellWhatWasTaken() {
        if (m_draft.intro && !m_draft.bpm)
            also(m_out.lines[m_introLine], Core::sentence("at %1 beats a minute while no song is chosen", usualTempo));
        if (m_draft.order.empty() && m_titleLine)
            also(m_out.lines[*m_titleLine],
                 Core::plural(
                     "danced in %n pass until an order is written|danced in %n passes until an order is written",
                     nullptr, static_cast<std::int64_t>(m_out.document.routine.passes.size())));
    }

    /// An order of parts that are not written, and exceptions of passes that are not danced, are told and left out.
    void dropWhatIsNotThere() {
        for (char c : m_draft.order)
            if (c >= 'A' && c <= 'Z' && !m_draft.hasPart(std::string(1, c))) {
                also(m_out.lines[m_orderLine], Core::sentence("but part %1 is not written", std::string(1, c)));
                m_out.lines[m_orderLine].open = true;
            }
        const auto passes = static_cast<std::int64_t>(m_draft.passParts().size());
        std::erase_if(m_draft.exceptions, [&](const Exception& e) {
            if (e.pass >= 1 && e.pass <= passes) return false;
            also(m_out.lines[e.line], Core::plural("but there is %n pass|but there are %n passes", nullptr, passes));
            m_out.lines[e.line].open = true;
            return true;
        });
    }

    Handout m_out;
    Draft m_draft;
    std::string m_part;
    NotationChoices m_choices;             ///< with the person's words
    const TextLine* m_next = nullptr;      ///< the line behind the one at hand
    std::map<std::size_t, Stand> m_stands; ///< of lines, by their place in m_out.lines
    std::set<std::size_t> m_asked;         ///< lines that are open only because their steps are asked about
    bool m_titled = false;
    std::vector<std::pair<std::size_t, LineSense>> m_claims; ///< lines that say counts or walls
    std::size_t m_orderLine = 0, m_introLine = 0;
    std::optional<std::size_t> m_titleLine;
    std::optional<Section> m_section;
    int m_sections = 0, m_tags = 0;
    std::vector<std::string> m_columns; ///< of the table at hand
    std::map<std::string, int> m_names;
};

} // namespace

} // namespace handout

Sentence openLinesInWords(const Handout& handout, std::size_t most) {
    std::vector<Sentence> said;
    std::size_t open = 0;
    for (const HandoutLine& line : handout.lines)
        if (line.open && ++open <= most)
            said.push_back(Core::sentence("Line %1, “%2”: %3", line.number, shown(line.text), line.understood));
    if (open > most)
        said.push_back(
            Core::plural("… and %n line more|… and %n lines more", nullptr, static_cast<std::int64_t>(open - most)));
    return said.empty() ? Sentence() : Core::sentence("%1", listed(said, Joined::Lines));
}

Result<Handout> readHandout(std::string_view text, const OwnWords& words) { return handout::Reader(words).read(text); }

} // namespace lc
