#include "core/exchange/handout_line.h"

#include "core/said/said_words.h"

#include <algorithm>
#include <array>
#include <charconv>

namespace lc::handout {

namespace {

struct Word {
    std::string text; ///< small letters, digits, or one sign
    std::size_t begin = 0, finish = 0;
    std::optional<std::int64_t> number;
};

bool isLetter(char c) { return (c >= 'a' && c <= 'z') || static_cast<unsigned char>(c) >= 0x80; }
bool isDigit(char c) { return c >= '0' && c <= '9'; }

std::vector<Word> wordsOf(const std::string& line) {
    std::vector<Word> out;
    for (std::size_t at = 0; at < line.size();) {
        if (line[at] == ' ' || line[at] == '\t') {
            ++at;
            continue;
        }
        std::size_t end = at + 1;
        const bool letters = isLetter(line[at]), digits = isDigit(line[at]);
        if (line.compare(at, 3, "–") == 0)
            end = at + 3;
        else
            while (end < line.size() && ((letters && isLetter(line[end]) && line.compare(end, 3, "–") != 0) ||
                                         (digits && isDigit(line[end]))))
                ++end;
        Word w{line.substr(at, end - at), at, end, {}};
        if (w.text == "–") w.text = "-";
        std::int64_t value = 0;
        if (digits && std::from_chars(w.text.data(), w.text.data() + w.text.size(), value).ec == std::errc{} &&
            value <= 4096)
            w.number = value;
        out.push_back(std::move(w));
        at = end;
    }
    return out;
}

template <typename List>
bool in(const std::string& word, const List& list) {
    return std::find(list.begin(), list.end(), word) != list.end();
}
bool in(const std::string& word, std::initializer_list<std::string_view> list) {
    return std::find(list.begin(), list.end(), word) != list.end();
}

// Words of hand-outs; common practice, no source.
constexpr std::array countWords{"count", "counts", "schläge", "zählzeiten", "temps", "comptes", "tiempos", "cuentas"};
constexpr std::array wallWords{"wall", "walls", "wand", "wände", "wänden", "mur", "murs", "pared", "paredes"};
constexpr std::array passWords{"wall",    "walls",    "pass",   "passes",    "wand",   "wände",
                               "wänden",  "runde",    "runden", "durchgang", "mur",    "murs",
                               "passage", "passages", "pared",  "paredes",   "vuelta", "vueltas"};
constexpr std::array levelWords{"level", "niveau", "nivel", "stufe"};
constexpr std::array levels{"beginner", "improver",     "intermediate",     "advanced", "newcomer",
                            "anfänger", "mittelstufe",  "fortgeschrittene", "débutant", "intermédiaire",
                            "avancé",   "principiante", "intermedio",       "avanzado"};
constexpr std::array introWords{"intro", "introduction", "einsatz", "vorspiel", "entrada"};
constexpr std::array creditWords{"music",
                                 "song",
                                 "track",
                                 "musik",
                                 "lied",
                                 "musique",
                                 "chanson",
                                 "música",
                                 "musica",
                                 "canción",
                                 "choreographed",
                                 "choreographer",
                                 "choreography",
                                 "choreo",
                                 "formation",
                                 "position",
                                 "aufstellung",
                                 "ausgangsstellung",
                                 "fassung",
                                 "takt",
                                 "formación",
                                 "posición",
                                 "choreographie",
                                 "chorégraphie",
                                 "chorégraphe",
                                 "coreografía",
                                 "coreógrafo",
                                 "artist",
                                 "by",
                                 "von",
                                 "par",
                                 "por"};
constexpr std::array sectionWords{"section", "sect", "sec", "sektion", "abschnitt", "sección", "seccion", "set"};
constexpr std::array partWords{"part", "teil", "partie", "parte"};
constexpr std::array orderWords{"order", "sequence", "reihenfolge", "ablauf",   "folge",
                                "ordre", "séquence", "orden",       "secuencia"};
constexpr std::array restartWords{"restart", "restarts",    "neustart", "neubeginn", "recommencer",
                                  "reprise", "redémarrage", "reinicio", "reiniciar"};
constexpr std::array tagWords{"tag", "tags"};
constexpr std::array bridgeWords{"bridge", "brücke", "pont", "puente"}; // after a pass it is a tag by another name
constexpr std::array startWords{"start",   "starts",   "begin",     "begins",   "starting", "beginn",
                                "beginnt", "beginnen", "commencer", "commence", "empieza",  "empezar"};
constexpr std::array placeWords{"in",   "on",  "at",    "before",  "during", "of", "auf",   "vor",    "während",
                                "dans", "sur", "avant", "pendant", "au",     "en", "antes", "durante"};
constexpr std::array afterWords{"after", "nach", "après", "tras", "después"};
constexpr std::array roleWords{
    "leader", "follower", "lead",   "follow",    "leaders",  "followers", "everyone", "all",   "man",      "lady",
    "herr",   "dame",     "herren", "damen",     "führende", "folgende",  "homme",    "femme", "cavalier", "cavalière",
    "hombre", "mujer",    "líder",  "seguidora", "men",      "women",     "ladies",   "gents", "row",      "line",
    "reihe",  "linie",    "rang",   "ligne",     "fila",     "linea",     "ones",     "twos"};

std::string rest(std::string_view line, std::size_t from) {
    while (from < line.size() &&
           (line[from] == ' ' || line[from] == ':' || line[from] == '.' || line[from] == '-' || line[from] == ')'))
        ++from;
    if (line.compare(from, 3, "–") == 0) return rest(line, from + 3);
    std::string out(line.substr(from));
    while (!out.empty() && (out.back() == ' ' || out.back() == '\t')) out.pop_back();
    return out;
}

class Reader {
public:
    explicit Reader(std::string_view line) : m_line(line), m_small(said::small(line)), m_words(wordsOf(m_small)) {}

    LineSense run() {
        if (m_words.empty()) return kind(LineSense::Kind::Empty);
        if (is(0, {"also"}) && colon(1))
            return kind(LineSense::Kind::Other); // what hand-outs have no words for, as this program writes it
        if (columns() || beginAgain() || role() || order() || restart() || tag() || part() || section() || facts() ||
            credit())
            return std::move(m_out);
        m_out.words = rest(m_line, 0);
        return std::move(m_out);
    }

private:
    LineSense kind(LineSense::Kind k) {
        m_out.kind = k;
        return std::move(m_out);
    }
    const Word* at(std::size_t i) const { return i < m_words.size() ? &m_words[i] : nullptr; }
    template <typename List>
    bool is(std::size_t i, const List& list) const {
        return at(i) && in(m_words[i].text, list);
    }
    bool is(std::size_t i, std::initializer_list<std::string_view> list) const {
        return at(i) && in(m_words[i].text, list);
    }
    bool colon(std::size_t i) const { return at(i) && m_words[i].text == ":"; }

    /// "Repeat", "Start again and enjoy": the dance begins anew, as every dance does.
    bool beginAgain() {
        static constexpr std::array again{"repeat", "again",       "wiederholen", "wiederholung", "von",     "vorn",
                                          "vorne",  "recommencez", "recommencer", "encore",       "repetir", "enjoy"};
        const bool named =
            std::any_of(m_words.begin(), m_words.end(), [](const Word& w) { return in(w.text, again); }) &&
            is(0, {"repeat", "start", "begin", "enjoy", "wiederholen", "wiederholung", "von", "noch", "das", "alles",
                   "recommencez", "recommencer", "repetir", "and", "now"});
        const auto saysHowOften = [](const Word& w) {
            const said::SaidWord* word = said::saidWord(w.text);
            return w.number || (word && word->sense == said::Sense::Times);
        };
        const bool otherSide = std::any_of(m_words.begin(), m_words.end(), [](const Word& w) {
            return in(w.text,
                      {"foot", "side", "mirrored", "fuß", "seite", "gegengleich", "pied", "côté", "pie", "lado"});
        });
        if (!named || otherSide || m_words.size() > 7 || (is(0, {"recommencer"}) && m_words.size() > 2)) return false;
        const bool often = std::any_of(m_words.begin(), m_words.end(), saysHowOften);
        const bool all =
            is(0, {"das", "alles", "von", "noch"}) || std::any_of(m_words.begin(), m_words.end(), [](const Word& w) {
                return in(w.text, {"all", "everything", "dance", "tanz", "top", "beginning", "todo", "tout", "danse"});
            });
        if (often && !all) return false; // "repeat 1-4": steps
        m_out.kind = often ? LineSense::Kind::Again : LineSense::Kind::Credit;
        return true;
    }

    bool role() {
        const std::size_t numbered = at(1) && m_words[1].number && colon(2) ? 1 : 0; // "Row 2:"
        if (!is(0, roleWords) || !colon(1 + numbered)) return false;
        m_out.kind = LineSense::Kind::Role;
        m_out.role = m_words[0].text + (numbered ? " " + std::to_string(*m_words[1].number) : "");
        m_out.words = rest(m_line, m_words[1 + numbered].finish);
        return true;
    }

    /// "Counts <tab> Leader <tab> Follower": the head of a table with a column for each role.
    bool columns() {
        if (m_line.find('\t') == std::string_view::npos) return false;
        std::vector<std::string> found;
        std::size_t roles = 0;
        for (std::size_t from = 0; from <= m_small.size();) {
            const std::size_t end = std::min(m_small.find('\t', from), m_small.size());
            const std::string cell = rest(std::string_view(m_small).substr(0, end), from);
            const auto words = wordsOf(cell);
            const bool isRole = !words.empty() && in(words.front().text, roleWords) &&
                                (words.size() == 1 || (words.size() == 2 && (words[1].number || words[1].text == ":")));
            const bool isCounts = words.empty() || (words.size() == 1 &&
                                                    (in(words.front().text, countWords) ||
                                                     in(words.front().text, {"#", "beat", "beats", "zeit", "schlag"})));
            if (!isRole && !isCounts) return false;
            found.push_back(!isRole ? std::string()
                                    : words.front().text + (words.size() == 2 && words[1].number
                                                                ? " " + std::to_string(*words[1].number)
                                                                : ""));
            roles += isRole;
            from = end + 1;
        }
        if (roles < 2) return false;
        m_out.kind = LineSense::Kind::Columns;
        m_out.columns = std::move(found);
        return true;
    }

    bool order() {
        std::size_t from = 0;
        if (is(0, orderWords)) from = colon(1) ? 2 : 1;
        std::size_t letters = 0;
        for (std::size_t i = from; i < m_words.size(); ++i) {
            const Word& w = m_words[i];
            const bool times = w.text == "x" || w.text == "×" ||
                               (w.number && i > from && (m_words[i - 1].text == "x" || m_words[i - 1].text == "×"));
            const bool letter = w.text.size() == 1 && w.text[0] >= 'a' && w.text[0] <= 'z' && !times &&
                                m_line[w.begin] >= 'A' && m_line[w.begin] <= 'Z';
            if (!letter && !times && w.text != "," && w.text != "-") return false;
            letters += letter;
        }
        if (letters < (from > 0 ? 1U : 3U)) return false;
        const bool feet =
            std::all_of(m_words.begin() + static_cast<std::ptrdiff_t>(from), m_words.end(),
                        [](const Word& w) { return w.text == "l" || w.text == "r" || w.text == "," || w.text == "-"; });
        const bool rhythm =
            std::all_of(m_words.begin() + static_cast<std::ptrdiff_t>(from), m_words.end(),
                        [](const Word& w) { return w.text == "s" || w.text == "q" || w.text == "," || w.text == "-"; });
        if (from == 0 && (feet || rhythm)) return false;
        m_out.kind = LineSense::Kind::Order;
        for (std::size_t i = from; i < m_words.size(); ++i) {
            if (m_words[i].text == "," || m_words[i].text == "-") continue;
            std::string word = m_words[i].text == "×" ? "x" : m_words[i].text;
            if (word.size() == 1 && word != "x" && !m_words[i].number) word[0] = static_cast<char>(word[0] - 'a' + 'A');
            const bool glue = m_words[i].number && i > from;
            m_out.words += (m_out.words.empty() || glue ? "" : " ") + word;
        }
        return true;
    }

    /// The numbers behind a word such as "walls": "2, 4 and 5".
    void passes() {
        for (std::size_t i = 0; i < m_words.size(); ++i) {
            if (!in(m_words[i].text, passWords)) continue;
            if (i > 0 && m_words[i - 1].number) m_out.passes.push_back(*m_words[i - 1].number); // "3 wall"
            if (i > 1 && m_words[i - 2].number && in(m_words[i - 1].text, {"st", "nd", "rd", "th", "."}))
                m_out.passes.push_back(*m_words[i - 2].number); // "3rd wall"
            std::size_t k = i + 1;
            for (; at(k); ++k) {
                if (m_words[k].number)
                    m_out.passes.push_back(*m_words[k].number);
                else if (const said::SaidWord* said = said::saidWord(m_words[k].text);
                         said && said->sense == said::Sense::Count)
                    m_out.passes.push_back(said->value);
                else if (!in(m_words[k].text, {",", "and", "&", "und", "et", "y", "+", "#"}))
                    break;
            }
        }
    }

    void after() {
        for (std::size_t i = 0; i < m_words.size(); ++i) {
            if (!in(m_words[i].text, afterWords)) continue;
            std::size_t k = i + 1;
            while (is(k, {"count", "counts", "schlag", "zählzeit", "le", "temps", "the", "de", "el", "first", "den",
                          "ersten"}))
                ++k;
            if (at(k) && m_words[k].number && !(at(k + 1) && in(m_words[k + 1].text, passWords)))
                m_out.after = m_words[k].number;
        }
        if (m_out.after) return;
        for (std::size_t i = 0; i + 1 < m_words.size(); ++i) // "16 counts into wall 3"
            if (m_words[i].number && in(m_words[i + 1].text, countWords)) m_out.after = m_words[i].number;
    }

    bool restart() {
        const auto found =
            std::find_if(m_words.begin(), m_words.end(), [](const Word& w) { return in(w.text, restartWords); });
        if (found == m_words.end()) return false;
        m_out.kind = LineSense::Kind::Restart;
        passes();
        after();
        return true;
    }

    bool tag() {
        const bool afterPass = whereInTheOrder(afterWords, true) && !whereInTheOrder(placeWords, false);
        const auto found = std::find_if(m_words.begin(), m_words.end(), [&](const Word& w) {
            return in(w.text, tagWords) || (afterPass && in(w.text, bridgeWords));
        });
        if (found == m_words.end() || (found != m_words.begin() && !m_words.front().number)) return false;
        m_out.kind = LineSense::Kind::Tag;
        passes();
        for (std::size_t i = 0; i < m_words.size(); ++i) {
            const Word& w = m_words[i];
            if (w.number && (is(i + 1, countWords) || (is(i + 1, {"-"}) && is(i + 2, countWords))))
                m_out.counts = w.number;
        }
        std::size_t colonAt = m_line.size(); // the last one that is none of a time of day or a length
        while (colonAt-- > found->finish + 1)
            if (m_line[colonAt] == ':' && !(colonAt + 1 < m_line.size() && isDigit(m_line[colonAt + 1]))) {
                m_out.words = rest(m_line, colonAt + 1);
                break;
            }
        const auto behind = wordsOf(said::small(m_out.words));
        if (behind.size() == 2 && behind[0].number && in(behind[1].text, countWords))
            m_out.words.clear(); // "Tag after wall 2: 4 counts"
        return true;
    }

    bool part() {
        const std::size_t dash = is(1, {"-"}) ? 1 : 0; // "A-Teil", "B part"
        const bool turned = m_words[0].text.size() == 1 && !m_words[0].number && is(1 + dash, partWords);
        const std::size_t name = turned ? 0 : 1, behind = turned ? 2 + dash : 2;
        if (!turned && !is(0, partWords)) return false;
        if (!at(name) || m_words[name].text.size() > 2 || m_words[name].number) return false;
        if (at(behind) && !in(m_words[behind].text, {":", "(", "-", "."})) return false;
        m_out.kind = LineSense::Kind::Part;
        m_out.words = m_words[name].text;
        for (char& c : m_out.words)
            if (c >= 'a' && c <= 'z') c = static_cast<char>(c - 'a' + 'A');
        facts();
        m_out.kind = LineSense::Kind::Part;
        return true;
    }

    bool section() {
        std::size_t next = 0;
        if (is(0, sectionWords) && at(1) && m_words[1].number)
            next = 2;
        else if (m_words[0].text == "s" && at(1) && m_words[1].number && m_words[1].begin == m_words[0].finish &&
                 (colon(2) || !at(2)))
            next = 2; // "S2:"
        const bool bracket = at(next) && in(m_words[next].text, {"[", "("});
        const std::size_t r = next + bracket;
        const bool range = at(r + 2) && m_words[r].number && m_words[r + 1].text == "-" && m_words[r + 2].number &&
                           *m_words[r + 2].number - *m_words[r].number >= 3;
        const bool closed = bracket && range && is(r + 3, {"]", ")"});
        if (next == 0 && !(closed && m_words[0].text == "[") && !(range && !bracket && !at(r + 3))) return false;
        m_out.kind = LineSense::Kind::Section;
        if (range && (closed || !bracket)) {
            m_out.from = m_words[r].number;
            next = r + 3 + (closed ? 1 : 0);
        }
        m_out.words = next > 0 && next <= m_words.size() ? rest(m_line, m_words[next - 1].finish) : std::string();
        return true;
    }

    /// "Start after 32 counts": an intro in other words.
    bool startsAfter() {
        if (!is(0, startWords)) return false;
        for (std::size_t i = 1; i + 1 < m_words.size(); ++i) {
            if (!in(m_words[i].text, afterWords) && !in(m_words[i].text, {"on", "auf", "sur", "en"})) continue;
            if (!m_words[i + 1].number || (at(i + 2) && !in(m_words[i + 2].text, countWords))) continue;
            m_out.kind = LineSense::Kind::Facts;
            m_out.intro = m_words[i + 1].number;
            return true;
        }
        return false;
    }

    /// Whether the line speaks of certain passes: "after wall 2", "before the 3rd wall", "in pass 4". `howMany`: also
    /// by how many they are, "after 3 walls"; but "in 4 walls" says how many there are.
    template <typename List>
    bool whereInTheOrder(const List& places, bool howMany) const {
        for (std::size_t i = 0; i < m_words.size(); ++i) {
            if (!in(m_words[i].text, places)) continue;
            std::size_t k = i + 1;
            while (is(k, {"the", "der", "dem", "le", "la", "el"})) ++k;
            if (is(k, passWords) && at(k + 1) && m_words[k + 1].number) return true;
            if (at(k) && m_words[k].number &&
                ((howMany && is(k + 1, passWords)) ||
                 (is(k + 1, {"st", "nd", "rd", "th", "."}) && is(k + 2, passWords))))
                return true;
        }
        return false;
    }

    bool facts() {
        if (startsAfter()) return true;
        if (whereInTheOrder(afterWords, true) || whereInTheOrder(placeWords, false)) return false;
        bool any = false;
        for (std::size_t i = 0; i < m_words.size(); ++i) {
            const std::string& w = m_words[i].text;
            std::optional<std::int64_t> before = i > 0 ? m_words[i - 1].number : std::nullopt;
            if (!before && i > 1 && m_words[i - 1].text == "-") before = m_words[i - 2].number;
            const auto behind = colon(i + 1) && at(i + 2) ? m_words[i + 2].number : std::nullopt;
            if (in(w, introWords)) {
                for (std::size_t k = i + 1; k < m_words.size() && !m_out.intro; ++k) m_out.intro = m_words[k].number;
                if (!m_out.intro && i > 1 && in(m_words[i - 1].text, countWords))
                    m_out.intro = m_words[i - 2].number; // "16 count intro"
                any = any || m_out.intro;
                if (m_out.intro && m_out.counts == m_out.intro) m_out.counts.reset();
                if (m_out.intro) break;
            } else if (in(w, countWords) && before && is(i + 1, {"in"}) &&
                       (!at(i + 2) || in(m_words[i + 2].text, {",", ".", ";", ")"}))) { // "16 counts in"
                m_out.intro = before;
                any = true;
            } else if (in(w, countWords) && (before || behind)) {
                m_out.counts = behind ? behind : before;
                any = true;
            } else if (in(w, wallWords) && (before || behind)) {
                m_out.walls = behind ? behind : before; // "Count: 32 Wall: 4"
                any = true;
            } else if (w == "bpm" && before) {
                m_out.bpm = before;
                any = true;
            } else if (in(w, levelWords) && colon(i + 1) && at(i + 2)) {
                const std::size_t from = m_words[i + 2].begin, to = m_line.find_first_of(",;|/", from);
                m_out.level = rest(m_line.substr(0, to == std::string_view::npos ? m_line.size() : to), from);
                any = true;
            } else if (in(w, levels) && (any || i == 0) && m_out.level.empty() && m_words.size() < 14)
                m_out.level = std::string(m_line.substr(m_words[i].begin, m_words[i].finish - m_words[i].begin));
        }
        if (any) m_out.kind = LineSense::Kind::Facts;
        return any;
    }

    bool credit() {
        const bool named = is(0, creditWords) && (colon(1) || is(1, {"by", "von", "par", "por"}) ||
                                                  in(m_words[0].text, {"by", "choreographed"}));
        if (named) m_out.kind = LineSense::Kind::Credit;
        return named;
    }

    std::string_view m_line;
    std::string m_small;
    std::vector<Word> m_words;
    LineSense m_out;
};

} // namespace

bool numbersPage(std::string_view line) {
    const auto words = wordsOf(said::small(line));
    std::size_t numbers = 0;
    for (const Word& w : words) {
        if (w.number) ++numbers;
        if (!w.number && !in(w.text, {"-", "/", "|", "page", "seite", "página", "of", "von", "sur", "de", "\r"}))
            return false;
    }
    return numbers == 1 || (numbers == 2 && words.size() > 2 && !in(words[1].text, {"-"}));
}

bool namesSection(std::string_view word) { return in(std::string(word), sectionWords); }

LineSense senseOf(std::string_view line) { return Reader(line).run(); }

} // namespace lc::handout
