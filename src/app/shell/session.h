#pragma once

#include "app/shell/song_loader.h"
#include "app/shell/worker.h"
#include "audio/carried_map.h"
#include "audio/player.h"
#include "audio/tap_facts.h"
#include "core/document/document_file.h"
#include "core/edits/edits.h"
#include "core/exchange/handout_settling.h"
#include "core/landing/findings.h"
#include "core/song/song_doubt.h"
#include "core/document/history.h"

#include <QObject>
#include <QString>

#include <deque>
#include <functional>
#include <memory>
#include <optional>
#include <vector>

namespace lc::app {

/// The open routine: its document with undo, what is derived from it, its file, its sound, and where "now" is.
/// Widgets read from it and ask it for edits; they hold view state only.
class Session : public QObject {
    Q_OBJECT
public:
    Session(std::unique_ptr<AudioOutput> output, Player::Filling filling, Worker::Mode working = Worker::Mode::InThread, QObject* parent = nullptr);
    ~Session() override;

    [[nodiscard]] const Document& document() const { return m_history.current(); }
    /// Grid, performance and findings of the current revision.
    [[nodiscard]] const Landing& landing() const { return *m_landing; }
    /// The same to be taken along by long work: it stays as it is.
    [[nodiscard]] std::shared_ptr<const Landing> sharedLanding() const { return m_landing; }
    [[nodiscard]] int revision() const { return m_revision; } ///< counts every change of the document; never the same again, whatever routine is open
    /// How long work is done in this program: for panels that have work of their own.
    [[nodiscard]] Worker::Mode working() const { return m_working; }
    [[nodiscard]] Player& player() { return *m_player; }
    [[nodiscard]] const LoudnessCurve* loudness() const { return m_loudness.get(); }
    [[nodiscard]] std::shared_ptr<const SongSound> sound() const { return m_sound; } ///< of the song; null until it is read, and for a song without a recording
    [[nodiscard]] bool hasSong() const { return !document().map->beats.empty() || m_sound != nullptr; }

    /// Applies edits as one undo step. On an error nothing changes and the sentence is told.
    /// `made` gets the identities of what came in.
    bool edit(const std::vector<Edit>& edits, const QString& name = {}, Made* made = nullptr);
    bool edit(const Edit& one) { return edit(std::vector<Edit>{one}); }
    void undo();
    void redo();
    [[nodiscard]] bool canUndo() const { return m_history.canUndo(); }
    [[nodiscard]] bool canRedo() const { return m_history.canRedo(); }
    [[nodiscard]] QString undoName() const { return QString::fromStdString(m_history.undoName()); }
    [[nodiscard]] QString redoName() const { return QString::fromStdString(m_history.redoName()); }
    void closeTyping() { m_history.closeMerge(); }

    // Files
    [[nodiscard]] QString path() const { return m_path; } ///< empty until saved
    [[nodiscard]] bool isSaved() const { return m_history.isSaved(); }
    void startNew() { startWith(newDocument()); }
    /// A dance for the song that is here and has none yet; a step of undo.
    void takeDance(Document dance, std::vector<HandoutLine> handout);
    void startWith(Document document, std::vector<HandoutLine> handout = {}); ///< unsaved, with nothing to undo; `handout` where it came from one
    /// The lines of the hand-out from which the routine came, where it was read in this window; else those of it that wait to be settled.
    [[nodiscard]] std::vector<HandoutLine> handout() const { return m_handout.empty() ? unsettledLines(document().routine) : m_handout; }
    /// Reads a routine file, or a routine as plain text, in the background; it then takes the place of the routine at hand, and opened() tells. Errors are told.
    /// `mayReplace` is asked when the file has been read and before anything is lost.
    void open(const QString& path, std::function<bool()> mayReplace = {});
    Result<void> save(const QString& path, bool evenIfChanged = false);
    /// Reads and analyses a song in the background; it then becomes the routine's song, as one undo step.
    void openSong(const QString& path);
    /// Reads another recording of the same song and carries the map over to it, with everything stated, as one undo step.
    void carryTo(const QString& path);
    void cancelLoading();
    [[nodiscard]] bool loading() const { return m_loader.busy() || m_reader.busy() || m_carrier.busy(); }

    // What is known of the song, and what is asked
    /// Where the analysis is unsure, the worst first; empty while the song has not been heard.
    [[nodiscard]] const std::vector<SongDoubt>& doubts() const { return m_doubts; }
    [[nodiscard]] bool heardSong() const { return m_heard != nullptr; }
    /// States facts, and forgets those at `forget`: the rest of the song is solved anew around them where it was heard,
    /// otherwise they are put into the map as it is. One undo step. Solving is done in the background, one statement after another in the order in which they
    /// were made; errors are told, and the map is then as it was.
    void state(const std::vector<SongFact>& facts, const QString& name = {}, const std::vector<std::size_t>& forget = {});
    [[nodiscard]] bool solving() const { return !m_statements.empty(); } ///< statements are being worked in
    /// A map that was not heard: typed, or read from a MIDI file, a csv or labels (in the background). Errors are told.
    bool setStructure(const TypedStructure& typed);
    void importMap(const QString& path);
    void importLyrics(const QString& path);
    /// What taps say: facts about a song that was heard, else a map of their own. Tells what came of it; tapsTaken() when they are in the map.
    void stateTaps(const TapFit& fit, TapTarget target, const Metre& metre);
    /// Plays four bars as a doubt's reading has them, with clicks, again and again; nothing is changed.
    void hearReading(std::size_t doubt, std::size_t reading);
    void endHearing();
    /// Plays a sound that is not the song, such as a figure's counts; the song waits where it is. Ends by itself, or by play and pause.
    void hearFigure(std::shared_ptr<const SongSound> sound);
    void endHearingFigure();
    [[nodiscard]] bool hearingFigure() const { return m_hearingFigure; }
    [[nodiscard]] bool hearing() const { return m_hearing; }
    /// May the song be solved anew around facts? Only one that was heard, not one whose map was typed, imported or carried.
    [[nodiscard]] bool solvesAnew() const { return m_heard != nullptr && document().origin == MapOrigin::Heard; }

    /// The person's words: those that a line says come into the routine with it.
    void setWords(const OwnWords& words) { m_words = words; }
    [[nodiscard]] const OwnWords& words() const { return m_words; }

    /// The person's own limits, with which findings are worked out.
    void setLimits(const BodyLimits& limits);

    // A remedy tried on, not applied
    void preview(const std::vector<Edit>& edits, const QString& title);
    void endPreview();
    [[nodiscard]] const Landing* previewLanding() const { return m_preview ? &*m_preview : nullptr; }
    [[nodiscard]] QString previewTitle() const { return m_previewTitle; }

    // Now: the place that plays, or the caret while nothing plays
    [[nodiscard]] Tick now() const;
    void setCaret(Tick at);
    void togglePlay();
    void setLoop(std::optional<std::pair<Tick, Tick>> span);
    [[nodiscard]] std::optional<std::pair<Tick, Tick>> loop() const { return m_loop; }
    void setTempoPercent(int percent); ///< 40 to 150
    [[nodiscard]] int tempoPercent() const { return m_tempoPercent; }
    void setClicksHeard(bool heard);
    [[nodiscard]] bool clicksHeard() const { return m_clicksHeard; }
    /// Looks at the sample clock; emits nowMoved() when the place changed. Called by a timer and by tests.
    void followClock();

Q_SIGNALS:
    void documentChanged(); ///< also after undo, redo, open, new
    void routineReplaced(); ///< before that, after open and new: identities mean other things now
    void fileChanged();     ///< path or saved state
    void previewChanged();
    void nowMoved();
    void playingChanged();
    void songReady();       ///< sound and silhouette are there
    void doubtsChanged();
    void opened(const QString& path); ///< a file took the place of the routine
    void tapsTaken();
    void solvingChanged();
    void loadingProgressed(double part, const QString& what);
    void loadingEnded();
    void wordKept(const OwnWord& word); ///< a word was given a meaning in the routine
    void told(const QString& sentence); ///< something a person should read

private:
    struct Statement { ///< that waits to be worked in
        std::vector<SongFact> facts;
        std::vector<SongFact> forget;
        QString name;
        std::function<void()> then; ///< when it is in the map
    };

    void refresh();
    void replaceRoutine(Document document);
    void dropWork();
    void takeSong(const std::shared_ptr<LoadedSong>& song, bool analysed);
    void takeSound(const LoadedSong& song);
    void ensureSound();
    void passClicks();
    void takeHeard(const QString& path, const std::shared_ptr<const HeardSong>& heard);
    void refreshDoubts();
    void stateThen(const std::vector<SongFact>& facts, const QString& name, const std::vector<SongFact>& forget, std::function<void()> then);
    void workInNext();
    void hearMap(const SongMap& map, Seconds place);
    void tapsIntoMap(const TapFit& fit, TapTarget target, const Metre& metre, const QString& about);
    void carry(const std::shared_ptr<LoadedSong>& song, const std::shared_ptr<const HeardSong>& from);
    void takeCarried(const LoadedSong& song, CarriedMap carried);
    /// Reads a file in the background; `take` gets what `read` made of it, and errors are told.
    template <typename Read, typename Take>
    void readThen(const QString& path, Read read, Take take);
    [[nodiscard]] static SongReference referenceTo(const LoadedSong& song);
    [[nodiscard]] std::optional<double> secondsOf(Tick at) const;

    Worker::Mode m_working;
    History<Document> m_history{newDocument()};
    std::shared_ptr<const Landing> m_landing;
    std::shared_ptr<const SongMap> m_gridOf; // map and scheme of m_landing->grid
    CountingScheme m_gridScheme;
    int m_revision = 0;
    std::unique_ptr<Player> m_player;
    SongLoader m_loader;
    Worker m_reader;  ///< of routines, maps, lines of words
    Worker m_solver;  ///< of statements
    Worker m_doubter; ///< finds the doubts of a map that came back by undo
    Worker m_hearer;  ///< solves a reading that is to be heard
    Worker m_tapper;
    Worker m_carrier;
    QString m_soundPath;
    std::shared_ptr<const SongSound> m_sound;
    std::shared_ptr<const LoudnessCurve> m_loudness;

    std::shared_ptr<const HeardSong> m_heard;
    std::vector<SongDoubt> m_doubts;
    std::optional<std::vector<SongFact>> m_doubtsFor; ///< the facts around which they were found, or are being found
    std::deque<Statement> m_statements; ///< the first is being worked in
    bool m_hearing = false;
    bool m_hearingFigure = false;
    std::optional<std::pair<Tick, Tick>> m_loopBefore;    ///< the person's own, while a reading is heard
    std::shared_ptr<const HeardSong> m_carryFrom;         ///< the recording that the map is to be carried from

    QString m_path;
    std::optional<FileFingerprint> m_onDisk;

    BodyLimits m_limits;
    OwnWords m_words;
    std::vector<HandoutLine> m_handout;
    std::optional<Landing> m_preview;
    QString m_previewTitle;

    Tick m_caret;
    std::optional<std::pair<Tick, Tick>> m_loop;
    int m_tempoPercent = 100;
    bool m_clicksHeard = true;
    double m_lastSeconds = -1;
};

} // namespace lc::app
