#pragma once

#include <QObject>

namespace lc {
enum class HandoutManner;
}

namespace lc::app {

class FigureDesk;
class FileDesk;
class Session;

/// The routine as text: copied for a mail or a page, and pasted from one.
class RoutineClipboard : public QObject {
    Q_OBJECT
public:
    RoutineClipboard(Session& session, FigureDesk& desk, FileDesk& files, QObject* parent);
    void copyText();
    void copyHandout(HandoutManner manner);
    /// A routine as text, or a hand-out: laid on the song that waits for its dance, else in the place of the routine.
    /// False where nothing was taken; why is told.
    bool paste();

private:
    Session& m_session;
    FigureDesk& m_desk;
    FileDesk& m_files;
};

} // namespace lc::app
