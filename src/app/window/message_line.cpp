#include "app/window/message_line.h"

#include "app/base/session.h"
#include "app/base/wording.h"

#include <QHBoxLayout>
#include <QProgressBar>
#include <QPushButton>
#include <QTimer>

#include <utility>

namespace lc::app {

MessageLine::MessageLine(Session& session, const Theme& theme, QWidget* parent) : QWidget(parent), m_session(session) {
    setObjectName(QStringLiteral("message"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(theme.px(16), theme.px(6), theme.px(12), theme.px(6));
    m_text = paragraph({}, theme.words(13, Weight::Medium), Tone::Ink, this);
    m_text->setObjectName(QStringLiteral("messageText"));
    row->addWidget(m_text, 1);
    m_progress = new QProgressBar(this);
    m_progress->setTextVisible(false);
    m_progress->setFixedSize(theme.px(200), theme.px(6));
    row->addWidget(m_progress);
    m_button = new QPushButton(tr("Stop"), this);
    m_button->setObjectName(QStringLiteral("stopLoading"));
    connect(m_button, &QPushButton::clicked, this, [this] {
        if (m_session.song.loading())
            m_session.song.cancelLoading();
        else
            hide();
    });
    row->addWidget(m_button);
    hide();

    m_solvingShown = new QTimer(this);
    m_solvingShown->setSingleShot(true);
    m_solvingShown->setInterval(400);
    connect(m_solvingShown, &QTimer::timeout, this, &MessageLine::showSolving);
    connect(&session.messages, &Messages::told, this, &MessageLine::tell);
    connect(&session.song, &SongSession::loadingProgressed, this, &MessageLine::showProgress);
    connect(&session.song, &SongSession::loadingEnded, this, [this] {
        if (m_progress->isVisible()) hide();
        m_progress->hide();
    });
    connect(&session.song, &SongSession::solvingChanged, this, [this] {
        if (m_session.song.solving() && !m_solvingShown->isActive() && !m_saysSolving) m_solvingShown->start();
        if (m_session.song.solving()) return;
        m_solvingShown->stop();
        if (std::exchange(m_saysSolving, false)) hide();
    });
}

void MessageLine::tell(const QString& sentence) {
    m_saysSolving = false;
    m_lastTold = sentence;
    m_text->setText(sentence);
    m_progress->hide();
    m_button->setText(tr("OK"));
    show();
}

void MessageLine::showProgress(double part, const QString& what) {
    m_text->setText(what + QStringLiteral(" …"));
    m_progress->setValue(static_cast<int>(part * 100));
    m_progress->show();
    m_button->setText(tr("Stop"));
    show();
}

void MessageLine::showSolving() {
    m_text->setText(tr("Working the song out again around what you said …"));
    m_button->setText(tr("OK"));
    m_progress->hide();
    show();
    m_saysSolving = true;
}

} // namespace lc::app
