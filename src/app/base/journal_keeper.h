#pragma once

#include "app/base/session.h"
#include "store/journal.h"

#include <QObject>
#include <QString>

#include <functional>
#include <memory>

class QTimer;

namespace lc::app {

/// Keeps what a window holds and no file has: soon after every change it stands in the window's journal, flushed, and
/// is offered at the next start if the window ends without having saved it.
class JournalKeeper : public QObject {
    Q_OBJECT
public:
    /// `complete` puts in what the session does not know: a title and a figure that are being typed.
    JournalKeeper(Session& session, QString folder, std::function<void(JournalEntry&)> complete,
                  QObject* parent = nullptr);

    /// Where journals are, and where versions are.
    [[nodiscard]] static QString usualFolder();

    /// Something was typed that is in no document yet.
    void changed();
    /// Writes what is there now and waits for it: the window may end at once. False, and told, where it cannot be kept.
    bool writeNow();
    /// The person closes the window, and wants nothing of what is not saved.
    void forget();

Q_SIGNALS:
    void written(); ///< what the session was when it was last asked is on the disk

private:
    [[nodiscard]] JournalEntry entry() const;
    void writeSoon();
    /// The entry as a piece of work for whichever thread; none, and told, where there is no journal to write it to.
    [[nodiscard]] std::function<Result<void>()> writing();
    bool take(const Result<void>& written);

    Session& m_session;
    QString m_folder;
    std::function<void(JournalEntry&)> m_complete;
    std::shared_ptr<Journal> m_journal; ///< opened with the first change; shared with the writing thread
    Worker m_writer;
    QTimer* m_soon;
    std::int64_t m_number = 0; ///< of changes
    bool m_again = false;      ///< something changed while it was being written
    bool m_told = false;       ///< that it cannot be written
};

} // namespace lc::app
