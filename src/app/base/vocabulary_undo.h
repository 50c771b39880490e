#pragma once

#include "app/base/word_desk.h"
#include "store/vocabulary.h"

#include <QObject>

#include <optional>
#include <vector>

namespace lc::app {

/// One change of a figure of the vocabulary: nothing before = added, nothing after = removed.
struct FigureChange {
    std::optional<VocabularyFigure> before, after;
};

/// What one undo takes back: changes of figures, or one of a word.
struct VocabularyStep {
    std::vector<FigureChange> figures;
    std::optional<WordChange> word = {};
};

/// What was done to the vocabulary, to be taken back and done again.
class VocabularyUndo : public QObject {
    Q_OBJECT
public:
    explicit VocabularyUndo(WordDesk& words, QObject* parent = nullptr) : QObject(parent), m_words(words) {}

    /// The vocabulary that it changes; none while there is none. It must live as long as it is set.
    void setVocabulary(Vocabulary* vocabulary) { m_vocabulary = vocabulary; }
    /// Remembers what was done; what was taken back before can no longer be done again.
    void record(VocabularyStep step);
    [[nodiscard]] bool canUndo() const { return !m_undo.empty(); }
    [[nodiscard]] bool canRedo() const { return !m_redo.empty(); }
    /// Takes the last step back. What was really changed: nothing in it where another window was first, which is told;
    /// no value where there is no step.
    std::optional<VocabularyStep> undo();
    std::optional<VocabularyStep> redo();

Q_SIGNALS:
    void told(const QString& sentence);

private:
    VocabularyStep make(const VocabularyStep& step, bool back);
    bool makeWord(const WordChange& change);
    std::optional<FigureChange> makeFigure(const FigureChange& change);

    WordDesk& m_words;
    Vocabulary* m_vocabulary = nullptr;
    std::vector<VocabularyStep> m_undo, m_redo;
};

} // namespace lc::app
