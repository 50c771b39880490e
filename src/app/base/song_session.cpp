#include "app/base/song_session.h"

#include "app/base/paths.h"
#include "app/base/qtext.h"
#include "core/base/files.h"
#include "core/exchange/lyrics_file.h"
#include "core/exchange/map_import.h"
#include "core/song/structure_text.h"
#include "core/song/unmatched_doubts.h"

#include <QFileInfo>

#include <algorithm>

namespace lc::app {

SongSession::SongSession(DocumentSession& doc, Transport& transport, Messages& messages, Worker::Mode working)
    : m_doc(doc), m_transport(transport), m_messages(messages), m_reader(working), m_solver(working),
      m_doubter(working), m_hearer(working), m_tapper(working), m_carrier(working) {
    connect(&m_loader, &SongLoader::progressed, this, &SongSession::loadingProgressed);
    connect(&m_loader, &SongLoader::loaded, this, &SongSession::takeSong);
    connect(&m_loader, &SongLoader::heard, this, &SongSession::takeHeard);
    connect(&m_loader, &SongLoader::failed, this, [this](const QString& sentence, bool) {
        m_carryFrom.reset();
        Q_EMIT loadingEnded();
        tell(sentence);
    });
    for (Worker* worker : {&m_reader, &m_solver, &m_doubter, &m_hearer, &m_tapper, &m_carrier})
        connect(worker, &Worker::failed, this, [this](const QString& sentence) { tell(sentence); });
    connect(&m_solver, &Worker::failed, this, [this] {
        m_statements.clear();
        Q_EMIT solvingChanged();
    });
    connect(&m_reader, &Worker::ended, this, &SongSession::loadingEnded);
    connect(&m_carrier, &Worker::ended, this, &SongSession::loadingEnded);
    connect(&doc, &DocumentSession::readingEnded, this, &SongSession::loadingEnded);
    connect(&doc, &DocumentSession::replacing, this, &SongSession::dropWork);
    connect(&doc, &DocumentSession::revised, this, &SongSession::refreshDoubts);
    connect(&doc, &DocumentSession::gridChanged, this, &SongSession::ensureSound);
    connect(&transport, &Transport::hearingEnded, &m_hearer, &Worker::drop);
}

template <typename Read, typename Take>
void SongSession::readThen(const QString& path, Read read, Take take) {
    m_reader.start([file = fileName(path), read](const Task& task) { return read(file, task); },
                   [this, take](auto made) {
                       if (!made) return m_messages.tell(made.error());
                       take(std::move(*made));
                   });
}

void SongSession::ensureSound() {
    const QString wanted = pathOf(document().song.path);
    if (wanted == m_soundPath && (m_sound || wanted.isEmpty())) return;
    m_soundPath = wanted;
    m_heard.reset();
    m_sound.reset();
    m_loudness.reset();
    m_transport.setSound(nullptr);
    if (wanted.isEmpty()) return;
    switch (songState(document().song)) {
    case SongState::Missing:
        tell(
            tr("The song “%1” is not where it was. The counts are all here; use Song, Find the song file to hear it again.")
                .arg(readable(QFileInfo(wanted).fileName())));
        return;
    case SongState::Changed:
        tell(
            tr("The song file “%1” was changed since this routine was saved, so counts may no longer fit. Open it again from the Song menu to count it anew.")
                .arg(readable(QFileInfo(wanted).fileName())));
        break;
    case SongState::None:
    case SongState::There: break;
    }
    m_loader.load(wanted, false);
}

void SongSession::openSong(const QString& path) {
    m_carryFrom.reset();
    m_carrier.drop();
    m_loader.load(QFileInfo(path).absoluteFilePath(), true);
}

void SongSession::cancelLoading() {
    m_loader.cancel();
    if (m_doc.cancelReading()) tell(tr("Stopped. Nothing was changed."));
    for (Worker* worker : {&m_reader, &m_carrier})
        if (worker->busy()) {
            worker->cancel();
            tell(tr("Stopped. Nothing was changed."));
        }
}

/// What is still being worked out for the routine at hand is of no use to another one.
void SongSession::dropWork() {
    const bool wasLoading = loading();
    m_loader.drop();
    for (Worker* worker : {&m_reader, &m_solver, &m_doubter, &m_hearer, &m_tapper, &m_carrier}) worker->drop();
    m_statements.clear();
    m_carryFrom.reset();
    m_doubtsFor.reset();
    if (wasLoading) Q_EMIT loadingEnded();
    Q_EMIT solvingChanged();
}

void SongSession::takeSound(const LoadedSong& song) {
    m_sound = song.sound;
    m_loudness = song.loudness;
    m_soundPath = song.path;
    m_transport.setSound(m_sound);
}

/// A loader's song belongs to the routine for which it was asked: dropWork() sees to that. Sound that was to be found
/// again is taken only while it is this routine's.
void SongSession::takeSong(const std::shared_ptr<LoadedSong>& song, bool analysed) {
    if (!analysed && song->path != pathOf(document().song.path)) return Q_EMIT loadingEnded();
    if (analysed && m_carryFrom) return carry(song, std::exchange(m_carryFrom, nullptr));
    takeSound(*song);
    if (analysed) {
        const SongReference reference = referenceTo(*song);
        m_heard = song->heard;
        m_doubtsFor.reset();
        auto map = std::make_shared<const SongMap>();
        if (song->reading && *song->reading) map = std::make_shared<const SongMap>((*song->reading)->solved);
        if (song->reading && !*song->reading) m_messages.tell(song->reading->error());
        m_doc.edit({SetSong{reference, std::move(map)}}, tr("song “%1”").arg(song->title));
        m_transport.caretToStart();
    }
    m_transport.passClicks();
    if (!song->warning.isEmpty()) tell(song->warning);
    Q_EMIT songReady();
    Q_EMIT loadingEnded();
}

void SongSession::endHearing() {
    m_hearer.drop();
    m_transport.endHearing();
}

void SongSession::takeHeard(const QString& path, const std::shared_ptr<const HeardSong>& heard) {
    if (path != pathOf(document().song.path)) return;
    m_heard = heard;
    m_doubtsFor.reset();
    refreshDoubts();
}

/// The doubts belong to the facts: found again when those change, be it by undo. About 100 ms for three minutes of
/// music; those of before stand meanwhile.
void SongSession::refreshDoubts() {
    if (!solvesAnew()) {
        m_doubter.drop();
        m_doubtsFor.reset();
        auto doubts = unmatchedDoubts(*document().map, document().unmatched, document().facts);
        if (doubts == m_doubts) return;
        m_doubts = std::move(doubts);
        return Q_EMIT doubtsChanged();
    }
    if (m_doubtsFor == document().facts) return;
    m_doubtsFor = document().facts;
    m_doubter.start([heard = m_heard, facts = document().facts](const Task&) { return solveSong(*heard, facts); },
                    [this](Result<SongReading> reading) {
                        m_doubts = reading ? std::move(reading->doubts) : std::vector<SongDoubt>{};
                        Q_EMIT doubtsChanged();
                    });
}

void SongSession::state(const std::vector<SongFact>& facts, const QString& name,
                        const std::vector<std::size_t>& forget) {
    std::vector<SongFact> forgotten;
    for (const std::size_t i : forget)
        if (i < document().facts.size()) forgotten.push_back(document().facts[i]);
    stateThen(facts, name, forgotten, {});
}

void SongSession::stateThen(const std::vector<SongFact>& facts, const QString& name,
                            const std::vector<SongFact>& forget, std::function<void()> then) {
    endHearing();
    m_statements.push_back({facts, forget, name, std::move(then)});
    if (m_statements.size() == 1) workInNext();
    Q_EMIT solvingChanged();
}

/// Works in the first of the statements that wait. They are worked in one after another: each around all that were
/// worked in before it.
void SongSession::workInNext() {
    while (!m_statements.empty()) {
        const Statement& statement = m_statements.front();
        std::vector<SongFact> all;
        for (const SongFact& fact : document().facts)
            if (std::find(statement.forget.begin(), statement.forget.end(), fact) == statement.forget.end())
                all.push_back(fact);
        for (const SongFact& fact : statement.facts) all = addFact(std::move(all), fact);
        const auto finish = [this](bool done) {
            const Statement finished = std::move(m_statements.front());
            m_statements.pop_front();
            if (done && finished.then) finished.then();
            Q_EMIT solvingChanged();
        };
        if (!solvesAnew()) { // the map is typed, imported or carried: what is stated is put into it
            std::vector<Edit> edits;
            for (std::size_t i = document().facts.size(); i-- > 0;)
                if (std::find(statement.forget.begin(), statement.forget.end(), document().facts[i]) !=
                    statement.forget.end())
                    edits.emplace_back(ForgetFact{i});
            for (const SongFact& fact : statement.facts) edits.emplace_back(StateFact{fact});
            finish(m_doc.edit(edits, statement.name));
            continue;
        }
        m_solver.start([heard = m_heard, all](const Task&) { return solveSong(*heard, all); },
                       [this, finish, all, heard = m_heard, before = document().facts](Result<SongReading> reading) {
                           if (heard != m_heard || before != document().facts)
                               return workInNext(); // the song was changed meanwhile, by undo or otherwise: anew around
                                                    // what holds now
                           if (!reading) {
                               m_messages.tell(reading.error());
                               finish(false);
                               return workInNext();
                           }
                           m_doubter.drop();
                           m_doubts = std::move(reading->doubts);
                           m_doubtsFor = all;
                           const bool done = m_doc.edit(
                               {SolveAround{all, std::make_shared<const SongMap>(std::move(reading->solved))}},
                               m_statements.front().name);
                           if (!done) m_doubtsFor.reset();
                           Q_EMIT doubtsChanged();
                           finish(done);
                           workInNext();
                       });
        return;
    }
}

void SongSession::hearReading(std::size_t doubt, std::size_t reading) {
    if (doubt >= m_doubts.size() || reading >= m_doubts[doubt].readings.size()) return;
    std::vector<SongFact> facts = document().facts;
    for (const SongFact& fact : m_doubts[doubt].readings[reading].facts) facts = addFact(std::move(facts), fact);
    m_hearer.start(
        [heard = solvesAnew() ? m_heard : nullptr, detected = document().detected,
         facts](const Task&) -> Result<SongMap> {
            if (!heard) return withFacts(*detected, facts);
            auto solved = solveSong(*heard, facts);
            if (!solved) return tl::unexpected(solved.error());
            return std::move(solved->map);
        },
        [this, start = m_doubts[doubt].start](const Result<SongMap>& solved) {
            if (!solved) return m_messages.tell(solved.error());
            m_transport.hearMap(*solved, start);
        });
}

bool SongSession::setStructure(const TypedStructure& typed) {
    auto map = mapFromStructure(typed.text, typed.bpm, typed.metre, typed.offset);
    if (!map) {
        m_messages.tell(map.error());
        return false;
    }
    return m_doc.edit({SetMap{std::make_shared<const SongMap>(std::move(*map)), MapOrigin::Typed, typed}},
                      tr("typed structure"));
}

void SongSession::importMap(const QString& path) {
    const auto read = [](const std::string& file, const Task& task) -> Result<ImportedMap> {
        const auto bytes = readFile(file, mostTextBytes, task);
        if (!bytes) return tl::unexpected(bytes.error());
        return lc::importMap(*bytes, file);
    };
    readThen(path, read, [this, path](ImportedMap imported) {
        const auto phrases = static_cast<int>(imported.map.phrases.size());
        if (!m_doc.edit(
                {SetMap{std::make_shared<const SongMap>(std::move(imported.map)), MapOrigin::Imported, std::nullopt}},
                tr("imported map")))
            return;
        const auto beats = document().map->beats.size();
        tell(imported.note.empty() ? tr("%1 beats in %2 were read from “%3”.")
                                         .arg(beats)
                                         .arg(phrases == 1 ? tr("one phrase") : tr("%1 phrases").arg(phrases),
                                              readable(QFileInfo(path).fileName()))
                                   : q(imported.note));
    });
}

void SongSession::importLyrics(const QString& path) {
    struct Lines {
        std::vector<LyricLine> lines;
        Text note;
    };
    const auto read = [](const std::string& file, const Task& task) -> Result<Lines> {
        const auto text = readTextFile(file, mostTextBytes, task);
        if (!text) return tl::unexpected(text.error());
        auto lines = readLyrics(text->text);
        if (!lines) return tl::unexpected(lines.error());
        return Lines{std::move(*lines), text->note(shownName(file))};
    };
    readThen(path, read, [this](const Lines& got) {
        if (!m_doc.edit({SetLyrics{got.lines}}, tr("lines of words"))) return;
        const QString done = got.lines.size() == 1
                                 ? tr("One line of words is marked in the song.")
                                 : tr("%1 lines of words are marked in the song.").arg(got.lines.size());
        tell(got.note.empty() ? done : done + QLatin1Char(' ') + q(got.note));
    });
}

void SongSession::stateTaps(const TapFit& fit, TapTarget target, const Metre& metre) {
    const QString about =
        tr("%1 bpm tapped")
            .arg(QLocale().toString(60 / fit.period * (target == TapTarget::Ones ? metre.beats : 1), 'f', 1));
    if (!solvesAnew() || document().map->beats.empty()) return tapsIntoMap(fit, target, metre, about);
    m_tapper.start([heard = m_heard, stated = document().facts, fit,
                    target](const Task&) { return factsFromTaps(*heard, stated, fit, target); },
                   [this, about](const Result<std::vector<SongFact>>& facts) {
                       if (!facts) return m_messages.tell(facts.error());
                       if (facts->empty()) {
                           tell(tr("Your taps agree with what was heard (%1).").arg(about));
                           return Q_EMIT tapsTaken();
                       }
                       stateThen(*facts, tr("taps"), {}, [this, about, n = facts->size()] {
                           tell(n == 1
                                    ? tr("One statement made the song agree with your taps (%1).").arg(about)
                                    : tr("%1 statements made the song agree with your taps (%2).").arg(n).arg(about));
                           Q_EMIT tapsTaken();
                       });
                   });
}

/// A song that was not heard is counted by the taps alone.
void SongSession::tapsIntoMap(const TapFit& fit, TapTarget target, const Metre& metre, const QString& about) {
    const Seconds end = m_sound ? m_sound->seconds() : fit.places.back() + fit.period;
    auto map = mapFromTaps(fit, target == TapTarget::Ones ? metre.beats : 1, metre, end);
    if (!map) return m_messages.tell(map.error());
    if (!m_doc.edit({SetMap{std::make_shared<const SongMap>(std::move(*map)), MapOrigin::Tapped, std::nullopt}},
                    tr("taps")))
        return;
    tell(tr("The song is counted by your taps (%1), %2 counts in all.")
             .arg(about)
             .arg(m_doc.landing().grid.countsInSong()));
    Q_EMIT tapsTaken();
}

SongReference SongSession::referenceTo(const LoadedSong& song) {
    return {fileName(song.path),   song.print.bytes,         song.print.hash,
            song.sound->seconds(), song.title.toStdString(), song.artist.toStdString()};
}

void SongSession::carryTo(const QString& path) {
    if (!m_heard)
        return tell(tr(
            "The recording at hand has not been heard, so nothing can be matched with it. Find its file first (Song, Find the song file)."));
    m_carryFrom = m_heard;
    m_loader.load(QFileInfo(path).absoluteFilePath(), true);
}

/// Works out the map on the recording just read. About a third of a second for songs of three minutes. Should the map
/// or what is stated change meanwhile, it is worked out anew.
void SongSession::carry(const std::shared_ptr<LoadedSong>& song, const std::shared_ptr<const HeardSong>& from) {
    m_carrier.start([song, from, map = document().map, facts = document().facts](
                        const Task&) { return carryMap(*map, facts, from->features, *song->heard); },
                    [this, song, from, map = document().map, facts = document().facts](Result<CarriedMap> carried) {
                        if (map != document().map || facts != document().facts) return carry(song, from);
                        if (!carried) return m_messages.tell(carried.error());
                        takeCarried(*song, std::move(*carried));
                    });
}

void SongSession::takeCarried(const LoadedSong& song, CarriedMap carried) {
    SetCarried change{referenceTo(song),
                      std::make_shared<const SongMap>(std::move(carried.map)),
                      std::move(carried.facts),
                      {},
                      std::move(carried.unmatched),
                      {}};
    int lost = static_cast<int>(carried.lost.size());
    for (Moment moment : document().moments) {
        const auto at = carried.match.carried(moment.at);
        if (!at)
            ++lost;
        else {
            moment.at = *at;
            change.moments.push_back(std::move(moment));
        }
    }
    if (const auto start = document().routine.startAt) change.startAt = carried.match.carried(*start);
    Seconds missing = 0;
    for (const SongSpan& span : carried.missing) missing += span.to - span.from;
    QString sentence = tr("The map was carried over to “%1”.").arg(song.title);
    if (missing > 0)
        sentence += QLatin1Char(' ') + tr("It lacks %1 s of the other recording.").arg(std::lround(missing));
    const auto add = [&](const Sentence& more) { sentence += QLatin1Char(' ') + q(more); };
    if (const auto n = static_cast<std::int64_t>(change.unmatched.size()); n > 0)
        add(Core::plural(
            "One place could not be matched: see the doubts.|%n places could not be matched: see the doubts.", nullptr,
            n));
    if (lost > 0)
        add(Core::plural(
            "One statement about music that is not there was left behind.|%n statements about music that is not there were left behind.",
            nullptr, static_cast<std::int64_t>(lost)));
    takeSound(song);
    m_heard = song.heard;
    m_doubtsFor.reset();
    m_doc.edit({std::move(change)}, tr("another recording of the song"));
    m_transport.caretToStart();
    m_transport.passClicks();
    tell(song.warning.isEmpty() ? sentence : sentence + QLatin1Char(' ') + song.warning);
    Q_EMIT songReady();
}

} // namespace lc::app
