#pragma once

#include "app/base/theme.h"

#include <QWidget>

class QLabel;
class QProgressBar;
class QPushButton;
class QTimer;

namespace lc::app {

class Session;

/// What a person was told last, or how far the work on the song is, with a button that puts it away or stops the work.
/// Hidden while there is nothing to say.
class MessageLine : public QWidget {
    Q_OBJECT
public:
    MessageLine(Session& session, const Theme& theme, QWidget* parent);
    void tell(const QString& sentence);
    /// The sentence last told.
    [[nodiscard]] QString lastTold() const { return m_lastTold; }

private:
    void showProgress(double part, const QString& what);
    void showSolving();

    Session& m_session;
    QLabel* m_text;
    QProgressBar* m_progress;
    QPushButton* m_button;
    QTimer* m_solvingShown; ///< what is done in a moment needs no word
    bool m_saysSolving = false;
    QString m_lastTold;
};

} // namespace lc::app
