#include "app/base/word_desk.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "core/said/said_words.h"

#include <algorithm>

namespace lc::app {

namespace {

std::optional<OwnWord> sameIn(const OwnWords& words, const OwnWord& word) {
    const auto meanings = words.meanings(word.name);
    const auto found =
        std::find_if(meanings.begin(), meanings.end(), [&](const OwnWord& w) { return w.school == word.school; });
    return found == meanings.end() ? std::nullopt : std::optional(*found);
}

} // namespace

WordDesk::WordDesk(Session& session, QObject* parent) : QObject(parent), m_session(session) {
    connect(&session.doc, &DocumentSession::wordKept, this, [this](const OwnWord& word) {
        if (writable()) make({kept(word), word});
    });
}

void WordDesk::read() {
    m_kept = {};
    if (m_vocabulary) {
        auto words = m_vocabulary->words();
        if (words)
            m_kept = std::move(*words);
        else
            Q_EMIT told(q(words.error().message));
    }
    m_isNew = true;
    pass();
    Q_EMIT changed();
}

void WordDesk::setFigures(std::vector<OwnWord> figures) {
    m_figures = std::move(figures);
    m_isNew = true;
    pass();
}

void WordDesk::pass() {
    const OwnWords& routine = m_session.doc.document().routine.choices.words;
    if (!m_isNew && routine == m_ofRoutine) return;
    if (m_isNew) m_session.doc.setWords(m_kept.with(OwnWords(m_figures)));
    m_isNew = false;
    m_ofRoutine = routine;
    m_all = routine.with(m_session.doc.words());
    m_sayable.clear();
    for (const OwnWord& word : m_all.all()) m_sayable << q(word.name);
    static const std::vector<std::string> usual = said::dancedWords();
    for (const std::string& word : usual) m_sayable << q(word);
}

std::vector<ShownWord> WordDesk::shown() const {
    std::vector<ShownWord> out;
    for (const OwnWord& word : m_session.doc.document().routine.choices.words.all()) out.push_back({word, true, false});
    for (const OwnWord& word : m_kept.all()) {
        const auto same = std::find_if(out.begin(), out.end(), [&](const ShownWord& one) { return one.word == word; });
        if (same != out.end())
            same->inVocabulary = true;
        else
            out.push_back({word, false, true});
    }
    std::stable_sort(out.begin(), out.end(),
                     [](const ShownWord& a, const ShownWord& b) { return a.word.name < b.word.name; });
    return out;
}

bool WordDesk::isOfRoutine(const OwnWord& word) const {
    return sameIn(m_session.doc.document().routine.choices.words, word).has_value();
}
std::optional<OwnWord> WordDesk::kept(const OwnWord& word) const { return sameIn(m_kept, word); }

bool WordDesk::make(const WordChange& change) {
    if (!writable()) return false;
    const auto done = change.after ? m_vocabulary->keepWord(*change.after)
                                   : m_vocabulary->forgetWord(change.before->name, change.before->school);
    if (!done && done.error().code != ErrorCode::NotFound) {
        Q_EMIT told(q(done.error().message));
        return false;
    }
    read();
    return true;
}

} // namespace lc::app
