#include "app/base/vocabulary_undo.h"

#include "app/base/qtext.h"

#include <algorithm>
#include <utility>

namespace lc::app {

namespace {

constexpr std::size_t mostSteps = 200;

template <typename Change>
Change turnedBack(const Change& change) {
    return {change.after, change.before};
}

bool isEmpty(const VocabularyStep& step) { return step.figures.empty() && !step.word; }

} // namespace

void VocabularyUndo::record(VocabularyStep step) {
    m_undo.push_back(std::move(step));
    m_redo.clear();
    if (m_undo.size() > mostSteps) m_undo.erase(m_undo.begin());
}

std::optional<VocabularyStep> VocabularyUndo::undo() {
    if (m_undo.empty()) return std::nullopt;
    VocabularyStep step = std::move(m_undo.back());
    m_undo.pop_back();
    VocabularyStep done = make(step, true);
    if (!isEmpty(done)) m_redo.push_back(std::move(step));
    return done;
}

std::optional<VocabularyStep> VocabularyUndo::redo() {
    if (m_redo.empty()) return std::nullopt;
    const VocabularyStep step = std::move(m_redo.back());
    m_redo.pop_back();
    VocabularyStep done = make(step, false);
    if (!isEmpty(done)) m_undo.push_back(done);
    return done;
}

VocabularyStep VocabularyUndo::make(const VocabularyStep& step, bool back) {
    if (step.word)
        return makeWord(back ? turnedBack(*step.word) : *step.word) ? VocabularyStep{{}, step.word} : VocabularyStep{};
    std::vector<FigureChange> changes = step.figures;
    if (back) {
        std::reverse(changes.begin(), changes.end());
        for (FigureChange& change : changes) change = turnedBack(change);
    }
    VocabularyStep done;
    for (const FigureChange& change : changes) {
        auto made = makeFigure(change);
        if (!made) break; // what was done before it stands, and is told
        done.figures.push_back(std::move(*made));
    }
    return done;
}

/// False where the word has another meaning by now, which stays and is told.
bool VocabularyUndo::makeWord(const WordChange& change) {
    const OwnWord& word = change.before ? *change.before : *change.after;
    m_words.read();
    if (m_words.kept(word) != change.before) {
        Q_EMIT told(tr("“%1” was given another meaning in the meantime and keeps it.").arg(q(word.name)));
        return false;
    }
    return m_words.make(change);
}

/// The change as it was really made, with the revisions of now; nothing where it cannot be, which is told.
std::optional<FigureChange> VocabularyUndo::makeFigure(const FigureChange& change) {
    if (!m_vocabulary) return std::nullopt;
    const auto refused = [this](const Error& error) -> std::optional<FigureChange> {
        Q_EMIT told(q(error.message));
        return std::nullopt;
    };
    if (change.before && change.after) { // the revision in the file is newer than the one remembered
        const auto there = m_vocabulary->find(change.before->id);
        if (!there) return refused(there.error());
        if (there->card != change.before->card) {
            Q_EMIT told(
                tr("“%1” was changed elsewhere in the meantime and stays as it is.").arg(q(change.before->card.name)));
            return std::nullopt;
        }
        auto changed = m_vocabulary->change(*there, change.after->card);
        if (!changed) return refused(changed.error());
        return FigureChange{*there, std::move(*changed)};
    }
    if (change.after) {
        auto back = m_vocabulary->restore(*change.after);
        if (!back) return refused(back.error());
        return FigureChange{std::nullopt, std::move(*back)};
    }
    if (const auto gone = m_vocabulary->remove(change.before->id); !gone) return refused(gone.error());
    return change;
}

} // namespace lc::app
