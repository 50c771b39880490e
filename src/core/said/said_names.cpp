#include "core/notation/notation_moments.h"
#include "core/said/said_parter.h"
#include "core/said/said_unknown.h"
#include "core/said/word_meaning.h"

#include <utility>

namespace lc::said {

void Parter::figure(const SaidToken& t, const KnownFigure& known) {
    Chunk given;
    const bool part = open() && !m_now->direction && !m_now->words.empty() &&
                      (m_now->words.front() == "heel" || m_now->words.front() == "toe");
    const bool bare = open() && !part && m_now->kind == Chunk::Kind::Step && !m_now->verb && !m_now->turns;
    bool joins = bare && (!m_now->direction || (known.line.find('*') != std::string_view::npos &&
                                                m_now->words.size() == 1 && !in(closings, m_now->words.front())));
    if (joins && m_now->direction && !endsGroup())
        joins = m_asker.ask(
                    m_now->begin, t.finish, Core::sentence("Where does “%1” belong?", m_now->words.front()),
                    {Core::sentence("it says where the figure goes"), Core::sentence("it is a step of its own")}) == 0;
    if (joins) {
        given = std::move(*m_now);
        m_now.reset();
    }
    Chunk& c = begin(t, Chunk::Kind::Figure);
    c.figure = &known;
    if (!joins) return;
    c.feet = std::move(given.feet);
    c.words = std::move(given.words);
    c.direction = given.direction;
    c.leading = given.direction;
    c.begin = given.begin;
}

void Parter::unknown(const SaidToken& t) {
    UnknownWord word;
    word.name = word.bare = t.text;
    std::size_t ahead = 1;
    for (; next(ahead) && next(ahead)->kind == TokenKind::Unknown && ahead < mostWords; ++ahead)
        word.name = word.bare += " " + next(ahead)->text;
    const std::size_t finish = m_tokens[m_at + ahead - 1].finish;
    const bool stepFollows =
        next(ahead) && next(ahead)->is(Sense::Step) && next(ahead)->text == "step" && ahead < mostWords;
    word.besideStep = open() && m_now->kind == Chunk::Kind::Step && (m_now->verb || m_now->direction);
    if (standsAlone(ahead)) word.rhythm = m_rhythm;
    if (stepFollows) word.name += " step";
    const bool asks = !m_asker.full(); // else the first is taken
    const std::string nearest = asks && ahead == 1 ? m_asker.nearest(t.text) : std::string();
    const std::vector<Meaning> meanings = meaningsOf(word, nearest, asks ? 10 : 1);
    const std::size_t pick = m_asker.askMeaning(
        t.begin, finish, Core::sentence("“%1” is not a word that is known here. What does it say?", word.name),
        meanings);
    m_at += ahead - 1;
    SaidToken meant = t;
    meant.finish = finish;
    meant.text = word.bare;
    if (!meanings[pick].word) { // the nearest
        if (const SaidWord* known = saidWord(nearest)) {
            meant.kind = TokenKind::Known;
            meant.sense = known->sense;
            meant.text = known->own;
            meant.value = known->value;
            meant.over = known->over;
            this->known(meant);
        }
        return;
    }
    if (!meanings[pick].word->line.empty() && stepFollows) {
        ++m_at; // it belongs to the name
        meant.finish = m_tokens[m_at].finish;
    }
    mean(meant, *meanings[pick].word);
}

bool Parter::standsAlone(std::size_t words) const {
    for (std::size_t k = 0; k < m_tokens.size(); ++k) {
        const SaidToken& t = m_tokens[k];
        if (k >= m_at && k < m_at + words) continue;
        if (k == m_at + words && t.is(Sense::Step) && t.text == "step") continue;
        if (t.kind == TokenKind::Unknown || t.kind == TokenKind::Own || t.kind == TokenKind::Colon) return false;
        if (t.kind == TokenKind::Known && t.sense != Sense::Foot && t.sense != Sense::Side &&
            t.sense != Sense::Filler && t.sense != Sense::Turning && t.sense != Sense::Fraction)
            return false;
    }
    return true;
}

void Parter::ownWord(const SaidToken& t) {
    const SaidWord* usual = saidWord(t.text);
    const bool onlySchools =
        std::all_of(t.own.begin(), t.own.end(), [](const OwnWord& w) { return !w.school.empty(); });
    if (t.own.size() == 1 && !(usual && onlySchools)) return mean(t, t.own.front());
    std::vector<Sentence> answers;
    for (const OwnWord& word : t.own)
        answers.push_back(word.school.empty() ? Core::sentence("your own: %1", meaningInWords(word))
                                              : Core::sentence("as %1 has it: %2", word.school, meaningInWords(word)));
    if (usual && onlySchools) answers.push_back(Core::sentence("as it is usual"));
    const std::size_t pick =
        m_asker.ask(t.begin, t.finish, Core::sentence("“%1” has several meanings. Which is meant?", t.text), answers);
    if (pick < t.own.size()) return mean(t, t.own[pick]);
    SaidToken known = t;
    known.sense = usual->sense;
    known.text = usual->own;
    known.value = usual->value;
    known.over = usual->over;
    this->known(known);
}

void Parter::mean(const SaidToken& t, const OwnWord& word) {
    if (word.line.empty()) {
        if (!open()) begin(t);
        m_now->words.push_back(t.text);
        m_now->finish = std::max(m_now->finish, t.finish);
        return;
    }
    if (const auto one = singleStep(word.line)) {
        const bool joins =
            open() && m_now->kind == Chunk::Kind::Step && !m_now->verb && !m_now->direction && !m_now->turns;
        Chunk& c = joins ? *m_now : begin(t);
        c.words.insert(c.words.end(), one->begin(), one->end());
        c.verb = true;
        c.finish = std::max(c.finish, t.finish);
        return;
    }
    figure(t, *m_asker.figure(withPlacesForDirections(word.line),
                              static_cast<int>(notation::readMoments(word.line, {}).moments.size()) - 1));
}

} // namespace lc::said
