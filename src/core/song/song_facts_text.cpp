// The lines of a facts file.
#include "core/base/clock_text.h"
#include "core/base/text_rows.h"
#include "core/song/song_facts.h"

#include <cmath>
#include <numeric>

namespace lc {

namespace {

std::vector<std::string_view> wordsOf(std::string_view line) {
    std::vector<std::string_view> words;
    while (!line.empty()) {
        const auto from = line.find_first_not_of(" \t\r");
        if (from == std::string_view::npos) break;
        line.remove_prefix(from);
        const auto to = std::min(line.find_first_of(" \t\r"), line.size());
        words.push_back(line.substr(0, to));
        line.remove_prefix(to);
    }
    return words;
}

std::string groupsText(const std::vector<int>& grouping) {
    std::string text;
    for (std::size_t i = 0; i < grouping.size(); ++i) text += (i == 0 ? ":" : "+") + std::to_string(grouping[i]);
    return text;
}

class LineReader {
public:
    LineReader(std::string_view line, std::size_t lineNumber) : m_words(wordsOf(line)), m_line(lineNumber) {}

    Result<std::optional<SongFact>> run() {
        if (m_words.empty()) return std::optional<SongFact>{};
        const std::string_view kind = m_words.front();
        SongFact fact;
        if (kind == "one")
            fact = OneFact{time(1)};
        else if (kind == "beat")
            fact = BeatFact{time(1)};
        else if (kind == "bar")
            fact = bar();
        else if (kind == "tempo") {
            const Bpm bpm = inside(value(1, Core::sentence("Here a tempo in beats a minute is missing.")), 10, 600,
                                   Core::sentence("A tempo lies between 10 and 600 beats a minute."));
            fact = TempoFact{bpm, within(2)};
        } else if (kind == "metre")
            fact = metre();
        else if (kind == "phrase")
            fact = PhraseFact{time(1), m_words.size() > 2 ? std::optional<int>(whole(2)) : std::nullopt};
        else if (kind == "stop")
            fact = stop();
        else if (kind == "fermata") {
            const Seconds from = time(1), to = time(2);
            if (to <= from) say(Core::sentence("A held beat ends after it begins."));
            fact = FermataFact{from, to};
        } else
            say(Core::sentence("“%1” is not a fact. Known are one, bar, beat, tempo, metre, phrase, stop and fermata.",
                               std::string(kind)));
        if (!m_error && m_words.size() > m_most)
            say(Core::sentence("“%1” is more than a %2 needs.", std::string(m_words[m_most]), std::string(kind)));
        if (m_error) return tl::unexpected(*m_error);
        return std::optional<SongFact>(std::move(fact));
    }

private:
    void say(const Text& text) {
        if (!m_error)
            m_error = Error{ErrorCode::BadNotation, Core::sentence("Facts, line %1: %2", m_line, text),
                            "line " + std::to_string(m_line)};
    }
    double value(std::size_t at, const Sentence& what) {
        m_most = std::max(m_most, at + 1);
        const auto read = at < m_words.size() ? wholeNumber<double>(m_words[at]) : std::nullopt;
        if (!read) say(what);
        return read.value_or(0);
    }
    Seconds time(std::size_t at) {
        return inside(value(at, Core::sentence("Here a time in seconds, such as 12.345, is missing.")), 0, 1e6,
                      Core::sentence("A time is not negative."));
    }
    double inside(double number, double from, double to, const Sentence& otherwise) {
        if (number < from || number > to) say(otherwise);
        return number;
    }
    /// The part of the song that words `at` and the next name, if they are there.
    std::optional<SongSpan> within(std::size_t at) {
        if (m_words.size() <= at) return std::nullopt;
        const SongSpan span{time(at), time(at + 1)};
        if (span.to <= span.from) say(Core::sentence("A part of the song ends after it begins."));
        return span;
    }
    int whole(std::size_t at) {
        m_most = std::max(m_most, at + 1);
        const auto read = at < m_words.size() ? wholeNumber<int>(m_words[at]) : std::nullopt;
        if (!read || *read < 1 || *read > 4096) say(Core::sentence("Here a number of beats is missing."));
        return read.value_or(1);
    }
    SongFact bar() {
        BarFact fact{time(1), 0, {}};
        m_most = 3;
        if (m_words.size() <= 2) return OneFact{fact.at};
        const auto colon = m_words[2].find(':');
        const auto metre =
            parseMetre(std::string(m_words[2].substr(0, colon)) + "/4" +
                       std::string(colon == std::string_view::npos ? std::string_view{} : m_words[2].substr(colon)));
        if (!metre)
            say(Core::sentence("A bar has 1 to 24 beats, with groups such as 7:3+2+2."));
        else {
            fact.beats = metre->beats;
            fact.grouping = metre->grouping;
        }
        return fact;
    }
    SongFact metre() {
        m_most = 2;
        const auto read = m_words.size() > 1 ? parseMetre(m_words[1]) : parseMetre("");
        if (!read) say(read.error().message);
        return MetreFact{read.value_or(Metre{}), within(2)};
    }
    SongFact stop() {
        const Seconds from = time(1), to = time(2);
        const int beats = whole(3);
        if (to <= from) say(Core::sentence("A stop ends after it begins."));
        return StopFact{from, to, beats};
    }

    std::vector<std::string_view> m_words;
    std::size_t m_line;
    std::size_t m_most = 1;
    std::optional<Error> m_error;
};

} // namespace

std::optional<std::string> factLine(const SongFact& fact) {
    const auto n = [](double v) { return numberText(std::round(v * 10000) / 10000); };
    const auto part = [&](const std::optional<SongSpan>& span) {
        return span ? " " + n(span->from) + " " + n(span->to) : std::string();
    };
    if (const auto* f = std::get_if<OneFact>(&fact)) return "one " + n(f->at);
    if (const auto* f = std::get_if<BeatFact>(&fact)) return "beat " + n(f->at);
    if (const auto* f = std::get_if<BarFact>(&fact))
        return "bar " + n(f->at) + " " + std::to_string(f->beats) + groupsText(f->grouping);
    if (const auto* f = std::get_if<TempoFact>(&fact)) return "tempo " + n(f->bpm) + part(f->within);
    if (const auto* f = std::get_if<MetreFact>(&fact)) return "metre " + toString(f->metre) + part(f->within);
    if (const auto* f = std::get_if<PhraseFact>(&fact))
        return "phrase " + n(f->at) + (f->beats ? " " + std::to_string(*f->beats) : std::string());
    if (const auto* f = std::get_if<StopFact>(&fact))
        return "stop " + n(f->from) + " " + n(f->to) + " " + std::to_string(f->beats);
    if (const auto* f = std::get_if<FermataFact>(&fact)) return "fermata " + n(f->from) + " " + n(f->to);
    return std::nullopt;
}

Result<std::vector<SongFact>> readFacts(std::string_view text) {
    std::vector<SongFact> facts;
    std::size_t lineNumber = 0;
    while (!text.empty()) {
        const auto end = std::min(text.find('\n'), text.size());
        std::string_view line = text.substr(0, end);
        text.remove_prefix(std::min(text.size(), end + 1));
        line = line.substr(0, line.find('#'));
        auto fact = LineReader(line, ++lineNumber).run();
        if (!fact) return tl::unexpected(fact.error());
        if (*fact) facts = addFact(std::move(facts), **fact);
    }
    if (auto conflict = conflictIn(facts)) return tl::unexpected(*conflict);
    return facts;
}

std::optional<Error> conflictIn(const std::vector<SongFact>& facts) {
    const auto exclude = [](const SongFact& a, const SongFact& b) {
        return Error{
            ErrorCode::BadValue,
            Core::sentence("These exclude each other: %1, and %2. Forget one of them.", describe(a), describe(b)),
            {}};
    };
    for (const SongFact& a : facts)
        for (const SongFact& b : facts) {
            if (&a == &b) continue;
            const auto overlap = [](const std::optional<SongSpan>& x, const std::optional<SongSpan>& y) {
                return x && y && x->from < y->to - 0.07 && y->from < x->to - 0.07;
            };
            if (const auto* x = std::get_if<MetreFact>(&a))
                if (const auto* y = std::get_if<MetreFact>(&b);
                    y && &a < &b && overlap(x->within, y->within) && !(x->metre == y->metre))
                    return exclude(a, b);
            if (const auto* x = std::get_if<TempoFact>(&a))
                if (const auto* y = std::get_if<TempoFact>(&b);
                    y && &a < &b && overlap(x->within, y->within) && x->bpm != y->bpm)
                    return exclude(a, b);
            if (const auto* x = std::get_if<StopFact>(&a)) {
                if (const auto* y = std::get_if<StopFact>(&b); y && &a < &b && x->from < y->to && y->from < x->to)
                    return exclude(a, b);
                if (const auto* y = std::get_if<FermataFact>(&b); y && x->from < y->to && y->from < x->to)
                    return exclude(a, b);
            }
            if (const auto* x = std::get_if<FermataFact>(&a)) {
                const auto inside = [&](Seconds at) { return at > x->from + 0.07 && at < x->to - 0.07; };
                if (const auto* y = std::get_if<OneFact>(&b); y && inside(y->at)) return exclude(a, b);
                if (const auto* y = std::get_if<BeatFact>(&b); y && inside(y->at)) return exclude(a, b);
                if (const auto* y = std::get_if<BarFact>(&b); y && inside(y->at)) return exclude(a, b);
            }
        }
    return std::nullopt;
}

} // namespace lc
