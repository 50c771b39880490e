#include "app/shell/session.h"

#include "app/shell/paths.h"
#include "app/shell/session_reading.h"
#include "core/edits/brought_words.h"
#include "core/edits/dance_on_song.h"
#include "core/exchange/routine_file.h"

#include <QFileInfo>

#include <algorithm>

namespace lc::app {

Session::Session(std::unique_ptr<AudioOutput> output, Player::Filling filling, Worker::Mode working, QObject* parent)
    : QObject(parent), m_working(working), m_landing(std::make_shared<const Landing>()), m_player(std::make_unique<Player>(std::move(output), filling)),
      m_reader(working), m_solver(working), m_doubter(working), m_hearer(working), m_tapper(working), m_carrier(working) {
    connect(&m_loader, &SongLoader::progressed, this, &Session::loadingProgressed);
    connect(&m_loader, &SongLoader::loaded, this, &Session::takeSong);
    connect(&m_loader, &SongLoader::heard, this, &Session::takeHeard);
    connect(&m_loader, &SongLoader::failed, this, [this](const QString& sentence, bool) {
        m_carryFrom.reset();
        Q_EMIT loadingEnded();
        Q_EMIT told(sentence);
    });
    for (Worker* worker : {&m_reader, &m_solver, &m_doubter, &m_hearer, &m_tapper, &m_carrier}) connect(worker, &Worker::failed, this, &Session::told);
    connect(&m_solver, &Worker::failed, this, [this] {
        m_statements.clear();
        Q_EMIT solvingChanged();
    });
    connect(&m_reader, &Worker::ended, this, &Session::loadingEnded);
    connect(&m_carrier, &Worker::ended, this, &Session::loadingEnded);
    refresh();
}

Session::~Session() = default;

bool Session::edit(const std::vector<Edit>& edits, const QString& name, Made* made) {
    if (edits.empty()) return true;
    auto next = applyEdits(document(), edits, made);
    if (!next) {
        Q_EMIT told(QString::fromStdString(next.error().message));
        return false;
    }
    *next = withWordsBrought(document(), std::move(*next), m_words);
    endPreview();
    if (*next == document()) return true;
    const std::string stepName = name.isEmpty() ? describe(edits.front()) : name.toStdString();
    m_history.push(std::move(*next), stepName, edits.size() == 1 ? mergeKey(edits.front()) : std::string());
    refresh();
    for (const Edit& one : edits)
        if (const auto* kept = std::get_if<KeepWord>(&one)) Q_EMIT wordKept(kept->word);
    return true;
}

void Session::undo() {
    endPreview();
    m_history.undo();
    refresh();
}

void Session::redo() {
    endPreview();
    m_history.redo();
    refresh();
}

void Session::refresh() {
    ++m_revision;
    const bool sameGrid = m_gridOf == document().map && m_gridScheme == document().scheme;
    if (sameGrid) m_landing = std::make_shared<const Landing>(land(document(), m_landing->grid, m_limits));
    else {
        m_landing = std::make_shared<const Landing>(land(document(), m_limits));
        m_gridOf = document().map;
        m_gridScheme = document().scheme;
        ensureSound();
        passClicks();
    }
    refreshDoubts();
    Q_EMIT documentChanged();
    Q_EMIT fileChanged();
}

void Session::passClicks() {
    m_loop.reset();
    m_player->setLoop(std::nullopt);
    m_player->setClicks(clicksFor(m_landing->grid));
}

void Session::ensureSound() {
    const QString wanted = pathOf(document().song.path);
    if (wanted == m_soundPath && (m_sound || wanted.isEmpty())) {
        if (!m_sound) m_player->setSong(nullptr, document().map->end);
        return;
    }
    m_soundPath = wanted;
    m_heard.reset();
    m_sound.reset();
    m_loudness.reset();
    m_player->setSong(nullptr, document().map->end);
    if (wanted.isEmpty()) return;
    switch (songState(document().song)) {
    case SongState::Missing:
        Q_EMIT told(tr("The song “%1” is not where it was. The counts are all here; use Song, Find the song file to hear it again.").arg(readable(QFileInfo(wanted).fileName())));
        return;
    case SongState::Changed:
        Q_EMIT told(tr("The song file “%1” was changed since this routine was saved, so counts may no longer fit. Open it again from the Song menu to count it anew.").arg(readable(QFileInfo(wanted).fileName())));
        break;
    case SongState::None:
    case SongState::There: break;
    }
    m_loader.load(wanted, false);
}

void Session::openSong(const QString& path) {
    m_carryFrom.reset();
    m_carrier.drop();
    m_loader.load(QFileInfo(path).absoluteFilePath(), true);
}

void Session::cancelLoading() {
    m_loader.cancel();
    for (Worker* worker : {&m_reader, &m_carrier})
        if (worker->busy()) {
            worker->cancel();
            Q_EMIT told(tr("Stopped. Nothing was changed."));
        }
}

/// What is still being worked out for the routine at hand is of no use to another one.
void Session::dropWork() {
    const bool wasLoading = loading();
    m_loader.drop();
    for (Worker* worker : {&m_reader, &m_solver, &m_doubter, &m_hearer, &m_tapper, &m_carrier}) worker->drop();
    m_statements.clear();
    m_carryFrom.reset();
    m_doubtsFor.reset();
    if (wasLoading) Q_EMIT loadingEnded();
    Q_EMIT solvingChanged();
}

void Session::takeSound(const LoadedSong& song) {
    m_sound = song.sound;
    m_loudness = song.loudness;
    m_soundPath = song.path;
    m_player->setSong(m_sound, 0);
    m_player->setSpeed(m_tempoPercent / 100.0);
}

/// A loader's song belongs to the routine for which it was asked: dropWork() sees to that. Sound that was to be found again is taken only while it is this routine's.
void Session::takeSong(const std::shared_ptr<LoadedSong>& song, bool analysed) {
    if (!analysed && song->path != pathOf(document().song.path)) return Q_EMIT loadingEnded();
    if (analysed && m_carryFrom) return carry(song, std::exchange(m_carryFrom, nullptr));
    takeSound(*song);
    if (analysed) {
        const SongReference reference = referenceTo(*song);
        m_heard = song->heard;
        m_doubtsFor.reset();
        auto map = std::make_shared<const SongMap>();
        if (song->reading && *song->reading) map = std::make_shared<const SongMap>((*song->reading)->solved);
        if (song->reading && !*song->reading) Q_EMIT told(QString::fromStdString(song->reading->error().message));
        edit({SetSong{reference, std::move(map)}}, tr("song “%1”").arg(song->title));
        m_caret = m_landing->performance.start;
    }
    passClicks();
    if (!song->warning.isEmpty()) Q_EMIT told(song->warning);
    Q_EMIT songReady();
    Q_EMIT loadingEnded();
}

void Session::setLimits(const BodyLimits& limits) {
    if (limits == m_limits) return;
    m_limits = limits;
    endPreview();
    refresh();
}

void Session::replaceRoutine(Document document) {
    dropWork();
    m_player->pause();
    endPreview();
    m_history = History<Document>(std::move(document));
    m_handout.clear();
    if (!(this->document() == newDocument())) m_history.markUnsaved(); // until a file is said to hold it
    m_path.clear();
    m_onDisk.reset();
    m_caret = {};
}

void Session::startWith(Document document, std::vector<HandoutLine> handout) {
    replaceRoutine(std::move(document));
    m_handout = std::move(handout);
    Q_EMIT routineReplaced();
    refresh();
    Q_EMIT playingChanged();
}

void Session::takeDance(Document dance, std::vector<HandoutLine> handout) {
    endPreview();
    m_handout = std::move(handout);
    m_history.push(danceOnSong(document(), std::move(dance)), tr("take the dance of the hand-out").toStdString());
    m_history.closeMerge();
    refresh();
}

void Session::open(const QString& path, std::function<bool()> mayReplace) {
    readThen(path, [words = m_words](const std::string& file, const Task& task) { return readRoutineFile(file, task, words); },
             [this, path, mayReplace = std::move(mayReplace)](RoutineFile file) {
                 if (!file.handout.empty() && awaitsDance(document())) {
                     takeDance(std::move(file.document), std::move(file.handout));
                     return Q_EMIT opened(path);
                 }
                 if (mayReplace && !mayReplace()) return;
                 replaceRoutine(std::move(file.document));
                 m_handout = std::move(file.handout);
                 if (file.onDisk) {
                     m_path = QFileInfo(path).absoluteFilePath();
                     m_onDisk = file.onDisk;
                     m_history.markSaved();
                 }
                 Q_EMIT routineReplaced();
                 refresh();
                 m_caret = m_landing->performance.start;
                 Q_EMIT nowMoved();
                 Q_EMIT playingChanged();
                 Q_EMIT opened(path);
                 if (!file.note.empty()) Q_EMIT told(QString::fromStdString(file.note));
             });
}

Result<void> Session::save(const QString& path, bool evenIfChanged) {
    const QString absolute = QFileInfo(path).absoluteFilePath();
    const bool same = absolute == m_path && m_onDisk && !evenIfChanged;
    auto written = saveDocument(document(), fileName(absolute), same ? &*m_onDisk : nullptr);
    if (!written) return tl::unexpected(written.error());
    m_path = absolute;
    m_onDisk = *written;
    m_history.markSaved();
    Q_EMIT fileChanged();
    return {};
}

void Session::preview(const std::vector<Edit>& edits, const QString& title) {
    const auto then = applyEdits(document(), edits);
    if (!then) return Q_EMIT told(QString::fromStdString(then.error().message));
    m_preview = land(*then, m_landing->grid, m_limits);
    m_previewTitle = title;
    Q_EMIT previewChanged();
}

void Session::endPreview() {
    if (!m_preview) return;
    m_preview.reset();
    m_previewTitle.clear();
    Q_EMIT previewChanged();
}

std::optional<double> Session::secondsOf(Tick at) const {
    const auto seconds = m_landing->grid.secondsAt(at);
    return seconds ? std::optional<double>(*seconds) : std::nullopt;
}

Tick Session::now() const {
    if (!m_player->playing() || m_hearingFigure) return m_caret;
    const double seconds = m_player->position();
    if (const auto at = m_landing->grid.tickAt(seconds)) return *at;
    const auto first = secondsOf(counts(-m_landing->grid.pickupCounts()));
    return first && seconds < *first ? counts(-m_landing->grid.pickupCounts()) - Tick{1} : m_landing->grid.end();
}

void Session::setCaret(Tick at) {
    if (m_landing->grid.empty()) return;
    m_caret = std::clamp(at, counts(-m_landing->grid.pickupCounts()), m_landing->grid.end() - Tick{1});
    if (const auto seconds = secondsOf(m_caret)) m_player->seek(*seconds);
    m_lastSeconds = -1;
    Q_EMIT nowMoved();
}

void Session::togglePlay() {
    if (m_hearingFigure) return endHearingFigure();
    if (m_hearing) return endHearing();
    if (m_player->playing()) {
        const Tick here = now();
        m_player->pause();
        if (!m_landing->grid.empty()) m_caret = std::clamp(here, counts(-m_landing->grid.pickupCounts()), m_landing->grid.end() - Tick{1});
    } else {
        if (!m_landing->grid.empty())
            if (const auto seconds = secondsOf(m_caret); seconds && std::abs(*seconds - m_player->position()) > 0.02) m_player->seek(*seconds);
        if (!m_player->play()) Q_EMIT told(QString::fromStdString(m_player->problem()));
    }
    Q_EMIT playingChanged();
    Q_EMIT nowMoved();
}

void Session::setLoop(std::optional<std::pair<Tick, Tick>> span) {
    m_loop = span;
    std::optional<LoopSpan> seconds;
    if (span) {
        const auto from = secondsOf(span->first);
        const auto to = secondsOf(std::min(span->second, m_landing->grid.end()));
        if (from && to) seconds = LoopSpan{*from, *to};
        else m_loop.reset();
    }
    m_player->setLoop(seconds);
    if (seconds && !m_player->playing()) {
        if (const auto at = m_landing->grid.tickAt(m_player->position())) m_caret = *at;
    }
    Q_EMIT nowMoved();
    Q_EMIT playingChanged();
}

void Session::setTempoPercent(int percent) {
    m_tempoPercent = std::clamp(percent, 40, 150);
    m_player->setSpeed(m_tempoPercent / 100.0);
    Q_EMIT playingChanged();
}

void Session::setClicksHeard(bool heard) {
    m_clicksHeard = heard;
    m_player->setClicksHeard(heard);
    Q_EMIT playingChanged();
}

void Session::hearFigure(std::shared_ptr<const SongSound> sound) {
    endHearing();
    if (m_player->playing() && !m_hearingFigure) m_caret = now();
    m_hearingFigure = true;
    m_player->setClicksHeard(false);
    m_player->setSong(std::move(sound), 0);
    m_player->setSpeed(1); // it was made at the tempo chosen
    m_player->seek(0);
    if (!m_player->play()) {
        Q_EMIT told(QString::fromStdString(m_player->problem()));
        return endHearingFigure();
    }
    Q_EMIT playingChanged();
}

void Session::endHearingFigure() {
    if (!m_hearingFigure) return;
    m_hearingFigure = false;
    m_player->setSong(m_sound, document().map->end); // pauses
    m_player->setClicksHeard(m_clicksHeard);
    m_player->setSpeed(m_tempoPercent / 100.0);
    setLoop(m_loop);
    if (const auto seconds = secondsOf(m_caret)) m_player->seek(*seconds);
    Q_EMIT playingChanged();
    Q_EMIT nowMoved();
}

void Session::followClock() {
    if (!m_player->playing()) return;
    if (m_hearingFigure) {
        if (m_player->atEnd()) endHearingFigure();
        return;
    }
    if (m_player->atEnd()) {
        togglePlay();
        return;
    }
    const double seconds = m_player->position();
    if (seconds == m_lastSeconds) return;
    m_lastSeconds = seconds;
    Q_EMIT nowMoved();
}

} // namespace lc::app
