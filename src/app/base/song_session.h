#pragma once

#include "app/base/song_loader.h"
#include "app/base/transport.h"
#include "audio/listening/tap_facts.h"
#include "audio/matching/carried_map.h"
#include "core/song/song_doubt.h"

#include <QObject>
#include <QString>

#include <deque>
#include <functional>
#include <memory>
#include <optional>
#include <vector>

namespace lc::app {

/// What is known of the routine's song, and what is asked: its recording, how it was heard, the doubts, what a person
/// states.
class SongSession : public QObject {
    Q_OBJECT
public:
    SongSession(DocumentSession& doc, Transport& transport, Messages& messages, Worker::Mode working);

    [[nodiscard]] const LoudnessCurve* loudness() const { return m_loudness.get(); }
    [[nodiscard]] std::shared_ptr<const SongSound> sound() const {
        return m_sound;
    } ///< null until it is read, and for a song without a recording
    [[nodiscard]] bool hasSong() const { return !m_doc.document().map->beats.empty() || m_sound != nullptr; }

    /// Reads and analyses a song in the background; it then becomes the routine's song, as one undo step.
    void openSong(const QString& path);
    /// Reads another recording of the same song and carries the map over to it, with everything stated, as one undo
    /// step.
    void carryTo(const QString& path);
    void cancelLoading(); ///< also of a routine file
    [[nodiscard]] bool loading() const {
        return m_loader.busy() || m_reader.busy() || m_carrier.busy() || m_doc.reading();
    }

    /// Where the analysis is unsure, the worst first; empty while the song has not been heard.
    [[nodiscard]] const std::vector<SongDoubt>& doubts() const { return m_doubts; }
    [[nodiscard]] bool heardSong() const { return m_heard != nullptr; }
    /// May the song be solved anew around facts? Only one that was heard, not one whose map was typed, imported or
    /// carried.
    [[nodiscard]] bool solvesAnew() const { return m_heard != nullptr && m_doc.document().origin == MapOrigin::Heard; }
    /// States facts, and forgets those at `forget`: the rest of the song is solved anew around them where it was heard,
    /// otherwise they are put into the map as it is. One undo step. Solving is done in the background, one statement
    /// after another in the order in which they were made; errors are told, and the map is then as it was.
    void state(const std::vector<SongFact>& facts, const QString& name = {},
               const std::vector<std::size_t>& forget = {});
    [[nodiscard]] bool solving() const { return !m_statements.empty(); } ///< statements are being worked in
    /// A map that was not heard: typed, or read from a MIDI file, a csv or labels (in the background). Errors are told.
    bool setStructure(const TypedStructure& typed);
    void importMap(const QString& path);
    void importLyrics(const QString& path);
    /// What taps say: facts about a song that was heard, else a map of their own. Tells what came of it; tapsTaken()
    /// when they are in the map.
    void stateTaps(const TapFit& fit, TapTarget target, const Metre& metre);
    /// Plays four bars as a doubt's reading has them, with clicks, again and again; nothing is changed.
    void hearReading(std::size_t doubt, std::size_t reading);
    void endHearing();

Q_SIGNALS:
    void songReady(); ///< sound and silhouette are there
    void doubtsChanged();
    void tapsTaken();
    void solvingChanged();
    void loadingProgressed(double part, const QString& what);
    void loadingEnded();

private:
    struct Statement { ///< that waits to be worked in
        std::vector<SongFact> facts;
        std::vector<SongFact> forget;
        QString name;
        std::function<void()> then; ///< when it is in the map
    };

    [[nodiscard]] const Document& document() const { return m_doc.document(); }
    void tell(const QString& sentence) { m_messages.tell(sentence); }
    void dropWork();
    void takeSong(const std::shared_ptr<LoadedSong>& song, bool analysed);
    void takeSound(const LoadedSong& song);
    void ensureSound();
    void takeHeard(const QString& path, const std::shared_ptr<const HeardSong>& heard);
    void refreshDoubts();
    void stateThen(const std::vector<SongFact>& facts, const QString& name, const std::vector<SongFact>& forget,
                   std::function<void()> then);
    void workInNext();
    void tapsIntoMap(const TapFit& fit, TapTarget target, const Metre& metre, const QString& about);
    void carry(const std::shared_ptr<LoadedSong>& song, const std::shared_ptr<const HeardSong>& from);
    void takeCarried(const LoadedSong& song, CarriedMap carried);
    /// Reads a file in the background; `take` gets what `read` made of it, and errors are told.
    template <typename Read, typename Take>
    void readThen(const QString& path, Read read, Take take);
    [[nodiscard]] static SongReference referenceTo(const LoadedSong& song);

    DocumentSession& m_doc;
    Transport& m_transport;
    Messages& m_messages;
    SongLoader m_loader;
    Worker m_reader;  ///< of maps and lines of words
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
    std::deque<Statement> m_statements;               ///< the first is being worked in
    std::shared_ptr<const HeardSong> m_carryFrom;     ///< the recording that the map is to be carried from
};

} // namespace lc::app
