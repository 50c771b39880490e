#include "app/window/heading.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/wording.h"
#include "app/window/command_box.h"
#include "app/window/command_table.h"

#include <QAction>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QStyle>

#include <cmath>

#include <algorithm>

namespace lc::app {

Heading::Heading(Session& session, CommandTable& commands, std::function<std::vector<Place>(const QString&)> places,
                 const Theme& theme, QWidget* parent)
    : QWidget(parent), m_session(session), m_commands(commands), m_theme(theme) {
    setFixedHeight(theme.heading());
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(theme.px(16), 0, theme.px(16), 0);
    row->setSpacing(theme.px(10));
    m_title = new QLineEdit(this);
    m_title->setObjectName(QStringLiteral("title"));
    m_title->setPlaceholderText(tr("New routine"));
    m_title->setAccessibleName(tr("Title of the routine"));
    m_title->setToolTip(tr("What the routine is called; click to change it (Ctrl+T)"));
    m_title->setFocusPolicy(Qt::ClickFocus);
    m_title->setFont(theme.words(18, Weight::Heavy));
    setManner(m_title, Manner::Quiet);
    m_title->setStyleSheet(QStringLiteral("font-size:%1px;font-weight:800;").arg(theme.px(18)));
    const auto fit = [this] {
        const QString shown = m_title->text().isEmpty() ? m_title->placeholderText() : m_title->text();
        m_title->setFixedWidth(
            std::min(m_theme.px(420), QFontMetrics(m_title->font()).horizontalAdvance(shown) + m_theme.px(24)));
    };
    connect(m_title, &QLineEdit::textChanged, this, fit);
    fit();
    connect(m_title, &QLineEdit::textEdited, this, &Heading::titleTyped);
    connect(m_title, &QLineEdit::editingFinished, this, &Heading::takeTitle);
    connect(m_title, &QLineEdit::returnPressed, this, &Heading::titleDone);
    row->addWidget(m_title);
    m_about = paragraph({}, theme.words(13), Tone::Ink2, this);
    m_about->setWordWrap(false);
    row->addWidget(m_about);
    row->addStretch();
    m_buttonRow = new QHBoxLayout;
    m_buttonRow->setSpacing(theme.px(10));
    row->addLayout(m_buttonRow);
    m_box = new CommandBox(theme, std::move(places), this);
    m_box->setFixedWidth(theme.px(228));
    row->addWidget(m_box);
    connect(&commands, &CommandTable::ran, this, &Heading::refresh);
    connect(&session.view, &SharedView::changed, this, &Heading::refresh);
    connect(&session.doc, &DocumentSession::documentChanged, this, &Heading::refresh);
}

QPushButton* Heading::buttonFor(const QByteArray& id) {
    QPushButton*& button = m_buttons[id];
    if (button) return button;
    const QAction* action = m_commands.action(id);
    button = new QPushButton(m_commands.buttonText(id), this);
    button->setProperty("flat", true);
    if (action) button->setToolTip(action->toolTip());
    button->setFocusPolicy(Qt::TabFocus);
    connect(button, &QPushButton::clicked, this, [this, id] { m_commands.run(id); });
    return button;
}

void Heading::setStage(const Stage& stage) {
    m_shown = stage.heading();
    for (QPushButton* button : std::as_const(m_buttons)) {
        m_buttonRow->removeWidget(button);
        button->hide();
    }
    QWidget* before = m_title;
    for (const QByteArray& id : m_shown) {
        QPushButton* button = buttonFor(id);
        m_buttonRow->addWidget(button);
        button->show();
        setTabOrder(before, button);
        before = button;
    }
    setTabOrder(before, m_box);
    refresh();
}

void Heading::refresh() {
    const Document& document = m_session.doc.document();
    if (!m_title->hasFocus() || document.title != m_title->text().toStdString()) m_title->setText(q(document.title));
    refreshAbout();
    for (const QByteArray& id : m_shown) {
        QPushButton* button = m_buttons.value(id);
        const bool chosen = m_commands.isChosen(id);
        if (button->property("chosen").toBool() == chosen) continue;
        button->setProperty("chosen", chosen);
        button->style()->unpolish(button);
        button->style()->polish(button);
    }
}

void Heading::refreshAbout() {
    const Document& document = m_session.doc.document();
    QStringList about;
    if (!document.song.title.empty()) about << tr("to “%1”").arg(q(document.song.title));
    if (const auto tempo = medianTempo(*document.map))
        about << tr("%1 bpm").arg(std::lround(*tempo)) << q(toString(document.map->metre))
              << tr("counted in %1").arg(q(setNames(m_session.doc.landing().grid.regularSet())));
    // Buttons have the room they need; then the box has its own, and what is left is for this.
    int room = width() - 2 * m_theme.px(16) - m_title->width();
    for (const QByteArray& id : m_shown) room -= m_buttons.value(id)->sizeHint().width() + m_theme.px(10);
    const int box = std::clamp(room - 2 * m_theme.px(10), m_theme.px(110), m_theme.px(228));
    m_box->setFixedWidth(box);
    room -= box + 4 * m_theme.px(10);
    const QString whole = window()->width() < m_theme.narrow() ? QString() : about.join(QStringLiteral(", "));
    m_about->setText(room < m_theme.px(80) ? QString()
                                           : m_about->fontMetrics().elidedText(whole, Qt::ElideRight, room));
    m_about->setToolTip(m_about->text() == whole ? QString() : whole);
}

void Heading::editTitle() {
    m_title->setFocus(Qt::ShortcutFocusReason);
    m_title->selectAll();
}

QString Heading::typedTitle() const { return m_title->text().trimmed(); }

void Heading::takeTitle() { m_session.doc.edit(SetTitle{typedTitle().toStdString()}); }

void Heading::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    refreshAbout();
}

} // namespace lc::app
