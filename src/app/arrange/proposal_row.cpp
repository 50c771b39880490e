#include "app/arrange/proposal_row.h"

#include "app/base/wording.h"
#include "app/widgets/mini_page.h"

#include <QHBoxLayout>

#include <algorithm>

namespace lc::app {

ProposalRow::ProposalRow(const QString& object, const Theme& theme, QWidget* parent)
    : QScrollArea(parent), m_object(object), m_theme(theme) {
    setWidgetResizable(true);
    setFrameShape(QFrame::NoFrame);
    clear();
}

void ProposalRow::clear() {
    auto* page = new QWidget;
    m_row = new QHBoxLayout(page);
    m_row->setContentsMargins(0, 0, 0, 0);
    m_row->setSpacing(m_theme.px(14));
    m_row->addStretch();
    m_choices.clear();
    m_minis.clear();
    m_chosen = 0;
    setWidget(page);
}

void ProposalRow::add(const QString& title, const QString& price, const Landing& now, Landing then) {
    const std::size_t index = m_choices.size();
    auto* column = new QVBoxLayout;
    column->setSpacing(m_theme.px(4));
    auto* choice = new RemedyChoice(title, price, index == m_chosen, m_theme, widget());
    choice->setObjectName(m_object + QString::number(index));
    fit(*choice);
    connect(choice, &QAbstractButton::clicked, this, [this, index] { Q_EMIT picked(index); });
    auto* mini = new MiniPages(now, std::move(then), m_theme, widget());
    mini->setFixedWidth(columnWidth());
    m_choices.push_back(choice);
    m_minis.push_back(mini);
    column->addWidget(mini);
    column->addWidget(choice);
    column->addStretch();
    m_row->insertLayout(m_row->count() - 1, column);
}

void ProposalRow::fit(RemedyChoice& choice) const {
    choice.setFixedWidth(columnWidth());
    choice.setMinimumHeight(choice.heightForWidth(columnWidth())); // all of its words; the row scrolls
}

int ProposalRow::columnWidth() const {
    return std::clamp((viewport()->width() - 2 * m_theme.px(14)) / 3, m_theme.px(260), m_theme.px(300));
}

void ProposalRow::resizeEvent(QResizeEvent* event) {
    QScrollArea::resizeEvent(event);
    for (RemedyChoice* choice : m_choices) fit(*choice);
    for (MiniPages* mini : m_minis) mini->setFixedWidth(columnWidth());
}

void ProposalRow::choose(std::size_t index) {
    m_chosen = index;
    for (std::size_t i = 0; i < m_choices.size(); ++i) m_choices[i]->setChosen(i == index);
}

} // namespace lc::app
