#pragma once

#include "app/base/qtext.h"
#include "app/base/vocabulary_undo.h"
#include "app/base/worker.h"
#include "core/edits/edits.h"
#include "core/figures/figure_findings.h"
#include "core/figures/figure_search.h"
#include "core/notation/saying.h"
#include "core/routine/routine.h"
#include "store/journal.h"
#include "store/vocabulary.h"

#include <QObject>
#include <QString>
#include <QStringList>

#include <memory>
#include <optional>
#include <vector>

class QTimer;

namespace lc::app {

class Session;

/// A figure in the list: of the vocabulary, or of the routine.
struct ShownFigure {
    VocabularyFigure kept; ///< with an empty id for one of the routine
    FigureId figure;       ///< in the routine; none for one of the vocabulary alone
    FigureCard card;
    FigureDigest digest;
    int used = 0;          ///< how often the routine dances it
    bool likeKept = false; ///< of one that is in both: they are alike
    QStringList differs;   ///< of one that is in both: what the routine has otherwise

    [[nodiscard]] bool inRoutine() const { return figure.valid(); }
    [[nodiscard]] FigureToPlace toPlace() const {
        return inRoutine() ? FigureToPlace{figure, {}, {}} : FigureToPlace{{}, card, kept.id};
    }
    [[nodiscard]] QString key() const { return inRoutine() ? QStringLiteral("r%1").arg(figure.value) : q(kept.id); }
};

/// The figures at hand: the vocabulary's and the routine's, which one is chosen, what was typed into it, and its undo.
class FigureDesk : public QObject {
    Q_OBJECT
public:
    FigureDesk(Session& session, const QString& vocabularyPath, QObject* parent = nullptr);
    ~FigureDesk() override;

    /// Opens the vocabulary where that has not been done; a new one begins with the starter figures.
    void open();
    /// Reads the vocabulary anew where another window has changed it.
    void lookAgain();
    [[nodiscard]] bool hasVocabulary() const { return m_vocabulary != nullptr; }
    [[nodiscard]] bool readOnly() const { return m_vocabulary && m_vocabulary->isReadOnly(); }
    /// Why there is no vocabulary; empty when there is one.
    [[nodiscard]] QString problem() const { return m_problem; }

    [[nodiscard]] const std::vector<ShownFigure>& figures() const { return m_figures; }
    void search(const QString& text);
    [[nodiscard]] const std::vector<std::size_t>& found() const { return m_found; } ///< indices into figures()
    [[nodiscard]] QString understood() const;
    [[nodiscard]] QString searchText() const { return m_searchText; }

    void choose(const QString& key);
    [[nodiscard]] const ShownFigure* chosen() const;
    [[nodiscard]] const ShownFigure* figureWith(const QString& key) const; ///< null where there is none (any more)
    /// The chosen figure as it stands now, with what is typed and not yet kept.
    [[nodiscard]] const FigureCard& card() const { return m_card; }
    [[nodiscard]] const FigureReading& reading() const { return m_reading; }
    [[nodiscard]] const std::vector<FigureFinding>& findings() const { return m_findings; }

    /// Changes the chosen figure; kept at once in the routine, after a moment in the vocabulary.
    void change(const FigureCard& card, const QString& what = {});
    void keepNow(); ///< writes what is typed
    /// What is typed and not in the vocabulary; none where all is.
    [[nodiscard]] std::optional<TypedFigure> typed() const;
    /// Lines that were being typed when the program ended: into their figure, or as a new one where that is gone.
    /// False, and told, where there is no place for it.
    bool bringBack(const TypedFigure& figure);
    [[nodiscard]] bool hasUnkept() const { return m_dirty; } ///< something typed that is not in the file
    void newFigure();
    void duplicate(const FigureCard& as);
    void removeChosen();
    void mergeWith(const QString& otherKey); ///< the chosen one stays
    void takeIntoRoutine();
    void placeInPart(PartId part); ///< at the part's end
    void takeFromVocabulary();     ///< the routine's copy becomes as the vocabulary has it
    void giveToVocabulary();       ///< the other way
    void importFile(const QString& path);
    [[nodiscard]] QString chosenAsText() const; ///< as its file would be; empty where none is chosen
    void addFromText(const QString& text);      ///< figures that were copied so
    void exportFile(const QString& path);       ///< JSON, or a table where the name ends in .csv
    /// Another figure of the vocabulary with the chosen one's name or lines; null for none.
    [[nodiscard]] const ShownFigure* twin() const;

    [[nodiscard]] bool canUndo() const { return m_dirty || m_history.canUndo(); }
    [[nodiscard]] bool canRedo() const { return m_history.canRedo(); }
    void undo();
    void redo();

    // What figures are looked at with
    [[nodiscard]] NotationChoices choices() const; ///< of the chosen figure, or the routine's
    [[nodiscard]] const WordDesk& words() const { return m_words; }
    /// Gives a word a meaning: in the vocabulary, and in the routine where the chosen figure is the routine's or the
    /// routine knows the word. False and told where it cannot be.
    bool keepWord(const OwnWord& word);
    void forgetWord(const OwnWord& word);         ///< in both
    [[nodiscard]] double secondsPerCount() const; ///< of the song at the tempo chosen; 112 bpm without one
    [[nodiscard]] std::int64_t set() const;       ///< counts of the music's set
    /// How long each count of the set lasts against the mean, where the counting scheme makes them differ (3+2+2
    /// counted by groups); empty otherwise.
    [[nodiscard]] std::vector<double> countWeights() const;
    /// The tempo from the chosen figure's count 1.
    [[nodiscard]] CountTempo tempo() const {
        return CountTempo(secondsPerCount(), countWeights()).startingOn(m_musicStart);
    }
    [[nodiscard]] FigureSurroundings around() const;
    [[nodiscard]] BodyLimits limits() const { return m_limits; }
    void setLimits(const BodyLimits& limits);
    [[nodiscard]] SayAs sayAs() const { return m_say; }
    void setSayAs(SayAs say);
    [[nodiscard]] Tick musicStart() const { return m_musicStart; }
    void setMusicStart(Tick start); ///< the music count of the figure's count 1
    [[nodiscard]] bool mirrored() const { return m_mirrored; }
    void setMirrored(bool mirrored);

Q_SIGNALS:
    void listChanged();
    void chosenChanged(); ///< another figure
    void cardChanged();   ///< its lines, or what it is looked at with
    void told(const QString& sentence);

private:
    void readVocabulary();                    ///< all of it, from the file
    void put(const VocabularyFigure& figure); ///< into what was read: new, or changed
    void drop(const std::string& id);
    void reload(); ///< the list, from what was read and the routine
    void read();
    void keep(const VocabularyStep& step); ///< into what was read
    /// All of them, as one step of undo; false, and told, where they cannot be kept.
    bool addCards(const std::vector<FigureCard>& cards);
    void record(VocabularyStep step); ///< that, and for undo
    void show(const std::optional<VocabularyStep>& done);
    void tellProblem(const Error& error);
    void passFigures(); ///< on to the words, where figures changed
    /// The routine's choices, for a figure of the vocabulary with its words.
    [[nodiscard]] NotationChoices choicesAround(bool inRoutine) const;
    bool keepBesides(const VocabularyFigure& before, FigureCard typed, const Error& why);

    Session& m_session;
    QString m_path;
    std::unique_ptr<Vocabulary> m_vocabulary;
    Worker m_importer; ///< reads a file of figures
    QString m_problem;
    bool m_opened = false;
    struct Kept {
        VocabularyFigure figure;
        FigureDigest digest;
        std::optional<OwnWord> word; ///< as which it can be said in a line
    };
    std::vector<Kept> m_kept; ///< the vocabulary as it was read last
    WordDesk m_words;
    VocabularyUndo m_history;
    bool m_figuresChanged = true;     ///< since they were passed on as words
    NotationChoices m_keptWith;       ///< the choices that its digests were made with
    std::int64_t m_othersChanges = 0; ///< of the vocabulary when it was read
    std::vector<ShownFigure> m_figures;
    QString m_searchText;
    FigureQuery m_query;
    std::vector<std::size_t> m_found;
    QString m_chosen;
    FigureCard m_card;
    FigureReading m_reading;
    std::vector<FigureFinding> m_findings;
    bool m_dirty = false;
    QTimer* m_keep;
    BodyLimits m_limits;
    SayAs m_say = SayAs::Music;
    Tick m_musicStart = counts(1);
    bool m_mirrored = false;
};

} // namespace lc::app
