#include "app/base/journal_keeper.h"

#include "app/base/paths.h"

#include <QStandardPaths>
#include <QTimer>

namespace lc::app {

namespace {
constexpr int soon = 600; // ms; chosen, no source: well below the 2 s that may be lost, and seldom enough for a disk
} // namespace

JournalKeeper::JournalKeeper(Session& session, QString folder, std::function<void(JournalEntry&)> complete,
                             QObject* parent)
    : QObject(parent), m_session(session), m_folder(std::move(folder)), m_complete(std::move(complete)),
      m_writer(session.working()), m_soon(new QTimer(this)) {
    m_soon->setSingleShot(true);
    m_soon->setInterval(soon);
    connect(m_soon, &QTimer::timeout, this, &JournalKeeper::writeSoon);
    connect(&m_writer, &Worker::ended, this, [this] {
        if (std::exchange(m_again, false)) m_soon->start();
    });
    connect(&session.doc, &DocumentSession::fileChanged, this, &JournalKeeper::changed);
    connect(&session.transport, &Transport::nowMoved, this, [this] {
        if (m_journal && !m_session.transport.player().playing() && !m_session.doc.isSaved()) changed();
    });
}

QString JournalKeeper::usualFolder() {
    return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/journal");
}

JournalEntry JournalKeeper::entry() const {
    JournalEntry now;
    now.file = fileName(m_session.doc.path());
    now.caret = m_session.transport.now();
    if (!m_session.doc.isSaved() && !(m_session.doc.document() == newDocument()))
        now.document = m_session.doc.document();
    m_complete(now);
    return now;
}

void JournalKeeper::changed() {
    ++m_number;
    if (m_writer.busy())
        m_again = true;
    else if (!m_soon->isActive())
        m_soon->start();
}

std::function<Result<void>()> JournalKeeper::writing() {
    JournalEntry now = entry();
    const bool saved = !now.document && !now.figure;
    if (!m_journal) {
        if (saved) return [] { return Result<void>(); };
        auto opened = Journal::open(fileName(m_folder));
        if (!opened) {
            take(tl::unexpected(opened.error()));
            return {};
        }
        m_journal = std::move(*opened);
    }
    return [journal = m_journal, now = std::move(now), saved, number = m_number] {
        return saved ? journal->clear(number) : journal->write(now, number);
    };
}

void JournalKeeper::writeSoon() {
    if (auto write = writing())
        m_writer.start([write = std::move(write)](const Task&) { return write(); },
                       [this](const Result<void>& written) { take(written); });
}

bool JournalKeeper::writeNow() {
    m_soon->stop();
    ++m_number;
    const auto write = writing();
    return write && take(write());
}

void JournalKeeper::forget() {
    m_soon->stop();
    m_again = false;
    if (m_journal) take(m_journal->clear(++m_number));
}

/// Tells once that it cannot be written, until it can again.
bool JournalKeeper::take(const Result<void>& written) {
    if (written) {
        m_told = false;
        Q_EMIT this->written();
        return true;
    }
    if (!std::exchange(m_told, true))
        m_session.messages.tell(
            tr("What is not saved cannot be kept for the case that the program ends: %1 Work can go on; save it now and then.")
                .arg(q(written.error().message)));
    m_again = false;
    return false;
}

} // namespace lc::app
