#pragma once

#include "core/notation/own_words.h"
#include "store/vocabulary.h"

#include <QObject>
#include <QStringList>

#include <optional>
#include <vector>

namespace lc::app {

class Session;

/// A word that has a meaning, and where.
struct ShownWord {
    OwnWord word;
    bool inRoutine = false;
    bool inVocabulary = false;
};

/// A word of the vocabulary given a meaning (nothing before), another one, or none any more (nothing after).
struct WordChange {
    std::optional<OwnWord> before, after;
};

/// The words that were given a meaning, of the vocabulary and of the routine, and the figures that can be said by their
/// names.
class WordDesk : public QObject {
    Q_OBJECT
public:
    explicit WordDesk(Session& session, QObject* parent = nullptr);

    /// The vocabulary that keeps them; none while there is none. It must live as long as it is set.
    void setVocabulary(Vocabulary* vocabulary) { m_vocabulary = vocabulary; }
    /// Reads the vocabulary's words anew.
    void read();
    /// The figures that can be said, as words.
    void setFigures(std::vector<OwnWord> figures);
    /// Passes the words on to the session where they, or the routine's, changed.
    void pass();

    /// The routine's words with all of the person's.
    [[nodiscard]] const OwnWords& all() const { return m_all; }
    /// Words and figures that can be said in a line, in small letters, those of the person first.
    [[nodiscard]] const QStringList& sayable() const { return m_sayable; }
    [[nodiscard]] std::vector<ShownWord> shown() const;
    [[nodiscard]] bool isOfRoutine(const OwnWord& word) const;

    /// Makes a change in the vocabulary; false and told where it cannot be.
    bool make(const WordChange& change);
    /// The meaning that the vocabulary has for a word and school.
    [[nodiscard]] std::optional<OwnWord> kept(const OwnWord& word) const;

Q_SIGNALS:
    void changed();
    void told(const QString& sentence);

private:
    [[nodiscard]] bool writable() const { return m_vocabulary && !m_vocabulary->isReadOnly(); }

    Session& m_session;
    Vocabulary* m_vocabulary = nullptr;
    OwnWords m_kept; // of the vocabulary
    std::vector<OwnWord> m_figures;
    bool m_isNew = true; // something was read since they were passed on
    OwnWords m_ofRoutine, m_all;
    QStringList m_sayable;
};

} // namespace lc::app
