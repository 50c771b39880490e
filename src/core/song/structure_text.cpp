#include "core/song/structure_text.h"

#include "core/base/clock_text.h"
#include "core/base/text_rows.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <optional>
#include <vector>

namespace lc {

namespace {

constexpr Bpm slowestBpm = 10;   // below this a beat lasts over six seconds: surely a typing error
constexpr Bpm fastestBpm = 600;  // above this the number is surely not beats
constexpr int mostBeats = 20000; // a bound against typing slips: over two hours at 140 bpm

struct Word {
    std::string_view text;
    std::size_t at = 0;
};

struct Item {
    std::string name;
    std::size_t at = 0;
    int beats = 0;
    std::optional<Seconds> held; // of a fermata
    std::optional<Bpm> from;
    std::optional<Bpm> to;
};

tl::unexpected<Error> wrong(std::size_t at, const Text& why) {
    return fail(ErrorCode::BadNotation, Core::sentence("Structure, character %1: %2", at + 1, why),
                "character " + std::to_string(at + 1));
}

bool isDigit(char c) { return c >= '0' && c <= '9'; }
bool isSpace(char c) { return c == ' ' || c == '\t' || c == '\r' || c == '\n'; }

/// Where the section that begins at `from` ends. A text without bars may part its sections by lines, or by a comma or
/// semicolon right after a number, as people type lists; in one with bars those belong to the names.
std::size_t sectionEnd(std::string_view text, std::size_t from, bool bars) {
    for (std::size_t i = from; i < text.size(); ++i) {
        const char c = text[i];
        if (bars ? c == '|' : c == '\n') return i;
        const bool number =
            i > from && (isDigit(text[i - 1]) || (i > from + 1 && text[i - 1] == 's' && isDigit(text[i - 2])));
        if (!bars && (c == ',' || c == ';') && number && (i + 1 == text.size() || isSpace(text[i + 1]))) return i;
    }
    return text.size();
}

bool isBlank(std::string_view text) { return std::all_of(text.begin(), text.end(), isSpace); }

std::vector<Word> wordsOf(std::string_view text, std::size_t base) {
    std::vector<Word> words;
    std::size_t i = 0;
    while (i < text.size()) {
        if (isSpace(text[i])) {
            ++i;
            continue;
        }
        std::size_t end = i;
        while (end < text.size() && !isSpace(text[end])) ++end;
        words.push_back({text.substr(i, end - i), base + i});
        i = end;
    }
    return words;
}

Result<Bpm> readTempo(std::string_view text, std::size_t at) {
    const auto bpm = wholeNumber<double>(text);
    if (!bpm || !std::isfinite(*bpm))
        return wrong(at, Core::sentence("after @ comes a tempo such as @112 or @112>90."));
    if (*bpm < slowestBpm || *bpm > fastestBpm)
        return wrong(at, Core::sentence("a tempo lies between 10 and 600 bpm."));
    return *bpm;
}

Result<Item> readItem(std::string_view text, std::size_t base) {
    std::vector<Word> words = wordsOf(text, base);
    if (words.empty())
        return wrong(base,
                     Core::sentence("there is nothing between two bars. Write a section, for example “verse 32”."));
    Item item;
    item.at = words.front().at;
    std::optional<std::size_t> countAt;
    std::size_t i = 0;
    for (; i < words.size(); ++i) {
        const Word& word = words[i];
        if (word.text.front() == '@') {
            const std::string_view tempo = word.text.substr(1);
            const auto arrow = tempo.find('>');
            const auto from = readTempo(tempo.substr(0, arrow), word.at + 1);
            if (!from) return tl::unexpected(from.error());
            item.from = *from;
            if (arrow != std::string_view::npos) {
                const auto to = readTempo(tempo.substr(arrow + 1), word.at + 2 + arrow);
                if (!to) return tl::unexpected(to.error());
                item.to = *to;
            }
            continue;
        }
        // The last whole number of an item is its beats, so that a section may be called "verse 2".
        if (wholeNumber<int>(word.text))
            countAt = i;
        else if (word.text.back() == 's' && wholeNumber<double>(word.text.substr(0, word.text.size() - 1))) {
            item.held = wholeNumber<double>(word.text.substr(0, word.text.size() - 1));
            if (*item.held <= 0 || !std::isfinite(*item.held))
                return wrong(word.at, Core::sentence("a fermata lasts longer than no time."));
        }
    }
    if (!countAt)
        return wrong(base + text.size(),
                     Core::sentence("how many beats? Write a number after the name, for example “verse 32”."));
    item.beats = *wholeNumber<int>(words[*countAt].text);
    if (item.beats < 1 || item.beats > mostBeats)
        return wrong(words[*countAt].at, Core::sentence("a section has 1 to %1 beats.", mostBeats));
    for (std::size_t w = 0; w < *countAt; ++w) {
        if (words[w].text.front() == '@') continue;
        if (!item.name.empty()) item.name += ' ';
        item.name += words[w].text;
    }
    if (item.name.empty())
        return wrong(item.at, Core::sentence("a number needs a name before it, for example “verse 32”."));
    for (std::size_t w = *countAt + 1; w < words.size(); ++w) {
        const bool isHold = item.held && words[w].text.back() == 's';
        if (words[w].text.front() != '@' && !isHold)
            return wrong(words[w].at, Core::sentence("“%1” is one word too many. Part the sections with |.",
                                                     std::string(words[w].text)));
    }
    if (item.name == "fermata" && !item.held)
        return wrong(item.at, Core::sentence("how long is it held? Write for example “fermata 1 3.2s”."));
    if (item.name != "fermata" && item.held)
        return wrong(item.at, Core::sentence("only a fermata has seconds; a section has beats."));
    return item;
}

class Builder {
public:
    Builder(Bpm bpm, Metre metre, Seconds offset) : m_bpm(bpm), m_now(offset) { m_map.metre = std::move(metre); }

    Result<void> add(const Item& item) {
        if (item.from) m_bpm = *item.from;
        const bool extends = item.name == "stop" || item.name == "bar" || item.name == "fermata";
        if (item.name == "pickup") {
            if (!m_map.beats.empty())
                return wrong(item.at, Core::sentence("the pick-up comes before everything else."));
            addBeats(item);
            m_map.pickupBeats = m_map.beats.size();
            m_barRoom = 0;
            return {};
        }
        if (extends && m_map.phrases.empty())
            return wrong(
                item.at,
                Core::sentence("“%1” belongs to a section: name the section first, for example “verse 16 | stop 4”.",
                               item.name));
        if (m_map.beats.size() + static_cast<std::size_t>(item.beats) > mostBeats)
            return wrong(item.at, Core::sentence("the song has more than %1 beats.", mostBeats));
        if (!extends) {
            m_barRoom = 0;
            m_map.phrases.push_back({m_map.bars.size(), 0, capitalised(item.name), true});
        }
        if (item.name == "bar") {
            openBar(false);
            m_barRoom = item.beats;
        }
        const Seconds start = m_now;
        addBeats(item);
        if (item.name == "stop") m_map.stops.push_back({start, m_now, item.beats});
        if (item.name == "bar") m_barRoom = 0;
        return {};
    }

    SongMap finish() {
        m_map.end = m_now;
        for (Bar& bar : m_map.bars) // a bar that did not fill its metre has no grouping
            if (std::accumulate(bar.grouping.begin(), bar.grouping.end(), 0) != bar.beats) bar.grouping.clear();
        return std::move(m_map);
    }

private:
    void openBar(bool regular) {
        m_map.bars.push_back({m_map.beats.size(), 0, regular ? m_map.metre.grouping : std::vector<int>{}, false});
        ++m_map.phrases.back().bars;
    }

    void addBeats(const Item& item) {
        for (int i = 0; i < item.beats; ++i) {
            if (item.name != "pickup") {
                if (m_barRoom == 0) {
                    openBar(true);
                    m_barRoom = m_map.metre.beats;
                }
                --m_barRoom;
                ++m_map.bars.back().beats;
            }
            m_map.beats.push_back({m_now, 1.0, true});
            if (item.to)
                m_bpm = item.beats == 1 ? *item.to : *item.from + (*item.to - *item.from) * i / (item.beats - 1);
            Seconds length = 60.0 / m_bpm;
            if (item.held && i == item.beats - 1) {
                const Seconds held = std::max(*item.held - length * (item.beats - 1), length);
                m_map.fermatas.push_back({m_now, m_now + held, length});
                length = held;
            }
            m_now += length;
        }
    }

    static std::string capitalised(std::string name) {
        if (!name.empty() && name[0] >= 'a' && name[0] <= 'z') name[0] = static_cast<char>(name[0] - 'a' + 'A');
        return name;
    }

    SongMap m_map;
    Bpm m_bpm;
    Seconds m_now;
    int m_barRoom = 0; // beats still missing in the open bar
};

} // namespace

Result<SongMap> mapFromStructure(std::string_view text, Bpm bpm, const Metre& metre, Seconds offset) {
    if (!std::isfinite(bpm) || bpm < slowestBpm || bpm > fastestBpm)
        return fail(ErrorCode::BadValue,
                    Core::sentence("A tempo lies between 10 and 600 bpm, not %1.", numberText(bpm)));
    if (!std::isfinite(offset))
        return fail(ErrorCode::BadValue, Core::sentence("The first beat needs a time in seconds."));
    Builder builder(bpm, metre, offset);
    const bool bars = text.find('|') != std::string_view::npos;
    std::size_t from = 0, sections = 0;
    while (from <= text.size()) {
        const std::size_t end = sectionEnd(text, from, bars);
        const std::string_view words = text.substr(from, end - from);
        const bool emptyLine = !bars && isBlank(words) && (end < text.size() ? text[end] == '\n' : sections > 0);
        if (!emptyLine) {
            const auto item = readItem(words, from);
            if (!item) return tl::unexpected(item.error());
            if (auto added = builder.add(*item); !added) return tl::unexpected(added.error());
            ++sections;
        }
        from = end + 1;
    }
    SongMap map = builder.finish();
    if (auto valid = validate(map); !valid) return tl::unexpected(valid.error());
    return map;
}

} // namespace lc
