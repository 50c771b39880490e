#include "app/arrange/proposal_list.h"

#include "app/base/wording.h"
#include "app/widgets/mini_page.h"

#include <QApplication>
#include <QKeyEvent>
#include <QLabel>
#include <QVBoxLayout>

#include <algorithm>

namespace lc::app {

ProposalList::ProposalList(const QString& object, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_object(object), m_theme(theme) {
    m_column = new QVBoxLayout(this);
    m_column->setContentsMargins(0, 0, 0, 0);
    m_column->setSpacing(theme.px(6));
    m_more = new QWidget(this);
    auto* more = new QVBoxLayout(m_more);
    more->setContentsMargins(theme.px(8), 0, 0, theme.px(6));
    more->setSpacing(theme.px(4));
    m_note = paragraph({}, theme.words(13), Tone::Ink2, m_more);
    m_note->setObjectName(object + QStringLiteral("Note"));
    more->addWidget(m_note);
    m_column->addWidget(m_more);
    m_more->hide();
}

void ProposalList::clear() {
    if (QWidget* focus = QApplication::focusWidget(); focus && isAncestorOf(focus))
        focus->clearFocus(); // it would wander from choice to choice as they go
    m_more->hide();
    m_column->removeWidget(m_more);
    for (RemedyChoice* choice : m_choices) {
        choice->hide();
        choice->setParent(nullptr);
        choice->deleteLater(); // it may be the sender
    }
    m_choices.clear();
    m_chosen = 0;
}

void ProposalList::add(const QString& title, const QString& price) {
    const std::size_t index = m_choices.size();
    auto* choice = new RemedyChoice(title, price, index == m_chosen, m_theme, this);
    choice->setObjectName(m_object + QString::number(index));
    choice->installEventFilter(this);
    connect(choice, &QAbstractButton::clicked, this, [this, index] { Q_EMIT picked(index); });
    if (!m_choices.empty()) setTabOrder(m_choices.back(), choice);
    m_choices.push_back(choice);
    m_column->insertWidget(static_cast<int>(index), choice);
    choice->show(); // at once: it may be given the keyboard before the layout shows it
}

void ProposalList::choose(std::size_t index, const QString& note) {
    m_chosen = index;
    for (std::size_t i = 0; i < m_choices.size(); ++i) m_choices[i]->setChosen(i == index);
    m_note->setText(note);
    m_note->setVisible(!note.isEmpty());
    m_column->removeWidget(m_more);
    if (index >= m_choices.size()) return m_more->hide();
    m_column->insertWidget(static_cast<int>(index) + 1, m_more);
    m_more->setVisible(!note.isEmpty() || (m_pages && !m_pages->isHidden()));
}

void ProposalList::showPages(const Landing& now, const Landing& then) {
    delete m_pages;
    m_pages = new MiniPages(now, then, m_theme, m_more);
    m_more->layout()->addWidget(m_pages);
    m_pages->show();
    m_more->show();
}

void ProposalList::hidePages() {
    if (m_pages) m_pages->hide();
    m_more->setVisible(m_chosen < m_choices.size() && !m_note->text().isEmpty());
}

QWidget* ProposalList::chosenChoice() const { return m_chosen < m_choices.size() ? m_choices[m_chosen] : nullptr; }

void ProposalList::focusChosen() {
    if (QWidget* choice = chosenChoice()) choice->setFocus(Qt::OtherFocusReason);
}

bool ProposalList::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::KeyPress) return QWidget::eventFilter(watched, event);
    const int key = static_cast<QKeyEvent*>(event)->key();
    if (key != Qt::Key_Up && key != Qt::Key_Down) return false;
    const auto at = std::find(m_choices.begin(), m_choices.end(), watched);
    if (at == m_choices.end()) return false;
    const auto to = static_cast<std::ptrdiff_t>(at - m_choices.begin()) + (key == Qt::Key_Down ? 1 : -1);
    if (to < 0 || to >= static_cast<std::ptrdiff_t>(m_choices.size())) return true;
    m_choices[static_cast<std::size_t>(to)]->setFocus(Qt::TabFocusReason);
    Q_EMIT picked(static_cast<std::size_t>(to));
    return true;
}

} // namespace lc::app
