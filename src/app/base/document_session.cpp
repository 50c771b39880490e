#include "app/base/document_session.h"

#include "app/base/paths.h"
#include "app/base/qtext.h"
#include "core/edits/brought_words.h"
#include "core/edits/dance_on_song.h"
#include "core/exchange/routine_file.h"

#include <QFileInfo>

namespace lc::app {

DocumentSession::DocumentSession(Messages& messages, Worker::Mode working)
    : m_messages(messages), m_landing(std::make_shared<const Landing>()), m_reader(working) {
    connect(&m_reader, &Worker::failed, this, [this](const QString& sentence) { m_messages.tell(sentence); });
    connect(&m_reader, &Worker::ended, this, &DocumentSession::readingEnded);
    refresh();
}

bool DocumentSession::edit(const std::vector<Edit>& edits, const QString& name, Made* made) {
    if (edits.empty()) return true;
    auto next = applyEdits(document(), edits, made);
    if (!next) {
        m_messages.tell(next.error());
        return false;
    }
    *next = withWordsBrought(document(), std::move(*next), m_words);
    endPreview();
    if (*next == document()) return true;
    const Sentence stepName = name.isEmpty() ? describe(edits.front()) : Sentence::verbatim(name.toStdString());
    m_history.push(std::move(*next), stepName, edits.size() == 1 ? mergeKey(edits.front()) : std::string());
    refresh();
    for (const Edit& one : edits)
        if (const auto* kept = std::get_if<KeepWord>(&one)) Q_EMIT wordKept(kept->word);
    return true;
}

void DocumentSession::undo() {
    endPreview();
    m_history.undo();
    refresh();
}

void DocumentSession::redo() {
    endPreview();
    m_history.redo();
    refresh();
}

void DocumentSession::refresh() {
    ++m_revision;
    const bool sameGrid = m_gridOf == document().map && m_gridScheme == document().scheme;
    if (sameGrid)
        m_landing = std::make_shared<const Landing>(land(document(), m_landing->grid, m_limits));
    else {
        m_landing = std::make_shared<const Landing>(land(document(), m_limits));
        m_gridOf = document().map;
        m_gridScheme = document().scheme;
        Q_EMIT gridChanged();
    }
    Q_EMIT revised();
    Q_EMIT documentChanged();
    Q_EMIT fileChanged();
}

void DocumentSession::setLimits(const BodyLimits& limits) {
    if (limits == m_limits) return;
    m_limits = limits;
    endPreview();
    refresh();
}

void DocumentSession::replaceRoutine(Document document) {
    Q_EMIT replacing();
    m_reader.drop();
    endPreview();
    m_history = History<Document>(std::move(document));
    m_handout.clear();
    if (!(this->document() == newDocument())) m_history.markUnsaved(); // until a file is said to hold it
    m_path.clear();
    m_onDisk.reset();
}

void DocumentSession::startWith(Document document, std::vector<HandoutLine> handout) {
    replaceRoutine(std::move(document));
    m_handout = std::move(handout);
    Q_EMIT routineReplaced();
    refresh();
    Q_EMIT routineReady(false);
}

void DocumentSession::bringBack(Document document, const QString& file) {
    replaceRoutine(std::move(document));
    if (const auto onDisk = fingerprintFile(fileName(file)); !file.isEmpty() && onDisk) {
        m_path = file;
        m_onDisk = *onDisk;
    }
    Q_EMIT routineReplaced();
    refresh();
    Q_EMIT routineReady(true);
}

void DocumentSession::takeDance(Document dance, std::vector<HandoutLine> handout) {
    m_handout = std::move(handout);
    takeWhole(danceOnSong(document(), std::move(dance)), tr("take the dance of the hand-out"));
}

void DocumentSession::takeVersion(Document earlier) {
    m_handout.clear();
    takeWhole(std::move(earlier), tr("bring back an earlier version"));
}

void DocumentSession::takeWhole(Document document, const QString& name) {
    endPreview();
    m_history.push(std::move(document), Sentence::verbatim(name.toStdString()));
    m_history.closeMerge();
    refresh();
}

void DocumentSession::open(const QString& path, std::function<bool()> mayReplace) {
    m_reader.start(
        [file = fileName(path), words = m_words](const Task& task) { return readRoutineFile(file, task, words); },
        [this, path, mayReplace = std::move(mayReplace)](Result<RoutineFile> read) {
            if (!read) return m_messages.tell(read.error());
            RoutineFile& file = *read;
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
            Q_EMIT routineReady(true);
            Q_EMIT opened(path);
            if (!file.note.empty()) m_messages.tell(q(file.note));
        });
}

bool DocumentSession::cancelReading() {
    if (!m_reader.busy()) return false;
    m_reader.cancel();
    return true;
}

Result<void> DocumentSession::save(const QString& path, bool evenIfChanged) {
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

void DocumentSession::preview(const std::vector<Edit>& edits, const QString& title) {
    auto then = applyEdits(document(), edits);
    if (!then) return m_messages.tell(then.error());
    const bool sameGrid = then->map == document().map && then->scheme == document().scheme;
    m_preview = sameGrid ? land(*then, m_landing->grid, m_limits) : land(*then, m_limits);
    m_previewDocument = std::move(*then);
    m_previewTitle = title;
    Q_EMIT previewChanged();
}

void DocumentSession::endPreview() {
    if (!m_preview) return;
    m_preview.reset();
    m_previewDocument = {};
    m_previewTitle.clear();
    Q_EMIT previewChanged();
}

std::optional<double> DocumentSession::secondsOf(Tick at) const {
    const auto seconds = m_landing->grid.secondsAt(at);
    return seconds ? std::optional<double>(*seconds) : std::nullopt;
}

} // namespace lc::app
