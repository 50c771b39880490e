#include "core/figures/figure_search.h"

#include "core/base/text_rows.h"
#include "core/figures/figure_fields.h"

#include <algorithm>

namespace lc {

namespace {

std::string lowered(std::string_view text) {
    std::string out(text);
    for (char& c : out)
        if (c >= 'A' && c <= 'Z') c = static_cast<char>(c - 'A' + 'a');
    return out;
}

std::vector<std::string> wordsOf(std::string_view text) {
    std::vector<std::string> out;
    std::string word;
    for (const char c : lowered(text) + " ") {
        if (c != ' ' && c != ',' && c != '\t' && c != ';') {
            word += c;
            continue;
        }
        if (!word.empty()) out.push_back(std::move(word));
        word.clear();
    }
    return out;
}

std::optional<Foot> footOf(const std::string& word) {
    if (word == "left") return Foot::Left;
    if (word == "right") return Foot::Right;
    return std::nullopt;
}

class QueryReader {
public:
    explicit QueryReader(std::string_view text) : m_words(wordsOf(text)) {}

    FigureQuery run() {
        while (m_at < m_words.size())
            if (!length() && !foot() && !position() && !turn()) m_query.words.push_back(m_words[m_at++]);
        return std::move(m_query);
    }

private:
    [[nodiscard]] std::string word(std::size_t ahead = 0) const {
        return m_at + ahead < m_words.size() ? m_words[m_at + ahead] : std::string();
    }
    void take(std::size_t n, Sentence understood) {
        m_at += n;
        m_query.understood.push_back(std::move(understood));
    }
    bool length() {
        if (word(1) != "counts" && word(1) != "count") return false;
        const auto length = parseCount(word());
        if (!length || *length <= Tick{}) return false;
        m_query.length = *length;
        take(2, inCounts(*length));
        return true;
    }
    bool foot() {
        const bool after = word() == "ends" || word() == "leaves" || word() == "leaving";
        const bool before = word() == "starts" || word() == "begins";
        const std::size_t skip = after || before ? 1 : 0;
        const auto said = footOf(word(skip));
        if (!said) return false;
        std::size_t n = skip + 1;
        if (word(n) == "foot") ++n;
        const bool free = word(n) == "free";
        if (free) ++n;
        if (skip == 0 && n == 1) return false; // "left" alone is a word
        if (after) {
            m_query.freeOut =
                word() == "ends" && !free ? otherFoot(*said) : *said; // to end on a foot is to stand on it
            take(n, Core::sentence("then the %1 foot free", footWord(*m_query.freeOut)));
        } else {
            m_query.freeIn = *said;
            take(n, Core::sentence("%1 foot free before", footWord(*said)));
        }
        return true;
    }
    bool position() {
        const bool ends = word() == "ends", starts = word() == "starts" || word() == "begins";
        if (!ends && !starts) return false;
        for (const std::size_t n : {std::size_t{3}, std::size_t{1}}) {
            std::string said = word(1);
            for (std::size_t i = 2; i <= n; ++i) said += " " + word(i);
            const auto state = parseCouple(said);
            if (!state || !state->position) continue;
            (ends ? m_query.endsIn : m_query.startsIn) = state->position;
            take(n + 1, ends ? Core::sentence("ends %1", toString(*state->position))
                             : Core::sentence("starts %1", toString(*state->position)));
            return true;
        }
        return false;
    }
    bool turn() {
        if (word() == "turns" || (word() == "no" && (word(1) == "turn" || word(1) == "turns"))) {
            m_query.turns = word() == "turns";
            take(word() == "turns" ? 1 : 2,
                 *m_query.turns ? Core::sentence("with a turn") : Core::sentence("without a turn"));
            return true;
        }
        if (word(1) != "r" && word(1) != "l") return false;
        const NotationReading line = readNotation("1 " + word() + (word(1) == "r" ? " R" : " L"));
        if (line.error || line.actions.empty() || line.actions.front().turn.value == 0) return false;
        m_query.turn = line.actions.front().turn;
        take(2, turnSaid(*m_query.turn));
        return true;
    }

    std::vector<std::string> m_words;
    std::size_t m_at = 0;
    FigureQuery m_query;
};

} // namespace

FigureDigest digestOf(const FigureCard& card, const NotationChoices& choices) {
    FigureDigest digest;
    const auto add = [&](const std::string& text) { digest.words += lowered(text) + "\n"; };
    const FigureFacts& facts = card.facts;
    add(card.name);
    for (const FigureField& field : figureFields()) {
        if (field.text)
            add(std::string(field.before) + facts.*field.text);
        else
            for (const std::string& word : facts.*field.list) add(std::string(field.before) + word);
    }
    for (const FigureLine& line : card.lines) add(line.role + " " + line.text);
    for (const FigureVersion& version : facts.versions) add(version.name + " " + version.level);
    digest.name = lowered(card.name);
    const FigureReading read = readFigure(card, choices);
    digest.length = read.length;
    digest.couple = read.roles.size() > 1;
    if (read.roles.empty()) return digest;
    const RoleReading& first = read.roles.front();
    digest.needs = first.needs;
    digest.eitherFoot = !first.needs;
    digest.freeOut = first.freeOut;
    for (auto role = read.roles.rbegin(); role != read.roles.rend(); ++role) {
        digest.coupleIn = digest.coupleIn.then(role->coupleIn);
        digest.coupleOut = digest.coupleOut.then(role->coupleOut);
    }
    for (const RoleReading& role : read.roles)
        if (digest.turn.value == 0) digest.turn = role.turn;
    return digest;
}

FigureQuery parseFigureQuery(std::string_view text) { return QueryReader(text).run(); }

bool matches(const FigureDigest& digest, const FigureQuery& query) {
    if (query.length && digest.length != *query.length) return false;
    if (query.freeIn && !digest.eitherFoot && digest.needs != query.freeIn) return false;
    if (query.freeOut) {
        // A figure for either foot leaves the foot that follows from the one it is begun with.
        const bool flips = digest.freeOut == Foot::Right; // it is read from the left foot
        Foot leaves = digest.freeOut;
        if (digest.eitherFoot && query.freeIn) leaves = flips ? otherFoot(*query.freeIn) : *query.freeIn;
        if (!(digest.eitherFoot && !query.freeIn) && leaves != Foot::Both && leaves != *query.freeOut) return false;
    }
    if (query.startsIn && digest.coupleIn.position != query.startsIn) return false;
    if (query.endsIn && digest.coupleOut.position != query.endsIn) return false;
    if (query.turns && (digest.turn.value != 0) != *query.turns) return false;
    if (query.turn && digest.turn != *query.turn) return false;
    return std::all_of(query.words.begin(), query.words.end(),
                       [&](const std::string& word) { return digest.words.find(word) != std::string::npos; });
}

std::vector<std::size_t> searchFigures(const std::vector<const FigureDigest*>& digests, const FigureQuery& query) {
    std::vector<std::size_t> out;
    for (std::size_t i = 0; i < digests.size(); ++i)
        if (matches(*digests[i], query)) out.push_back(i);
    if (!query.words.empty())
        std::stable_partition(out.begin(), out.end(),
                              [&](std::size_t i) { return digests[i]->name.starts_with(query.words.front()); });
    return out;
}

} // namespace lc
