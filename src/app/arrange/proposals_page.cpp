#include "app/arrange/proposals_page.h"

#include "app/arrange/proposal_list.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/wording.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/panel_parts.h"

#include <QApplication>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QTimer>
#include <QVBoxLayout>

namespace lc::app {

ProposalsPage::ProposalsPage(const QString& heading, const QString& object, Session& session, const Theme& theme,
                             QWidget* parent)
    : AskedFor(parent), m_session(session), m_theme(theme) {
    setAccessibleName(heading);
    setFixedWidth(theme.findings());
    QString called = object;
    called[0] = called[0].toUpper();
    auto* sides = new QHBoxLayout(this);
    sides->setContentsMargins(0, 0, 0, 0);
    sides->setSpacing(0);
    auto* rule = divider(this, Tone::Rule, 0);
    rule->setMinimumHeight(0);
    rule->setMaximumHeight(QWIDGETSIZE_MAX);
    rule->setFixedWidth(1);
    sides->addWidget(rule);
    auto* all = new QVBoxLayout;
    all->setContentsMargins(theme.px(15), theme.px(7), theme.px(12), theme.px(10));
    all->setSpacing(theme.px(5));
    sides->addLayout(all, 1);
    auto* head = new QHBoxLayout;
    head->addWidget(paragraph(heading, theme.words(15, Weight::Heavy), Tone::Ink, this), 1);
    QPushButton* close = addButton(head, tr("Close"), tr("Back to the findings; nothing is changed (Esc)"), "", this);
    close->setObjectName(QStringLiteral("close") + called);
    close->setProperty("flat", true);
    close->setFixedHeight(theme.px(24)); // the rule below is in one line with that of the findings
    all->addLayout(head);
    all->addWidget(divider(this, Tone::Ink, 2));
    m_scroll = new QScrollArea(this);
    m_scroll->setWidgetResizable(true);
    m_scroll->setFrameShape(QFrame::NoFrame);
    m_scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_scroll->setFocusPolicy(Qt::NoFocus);
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 0, theme.px(4), 0);
    column->setSpacing(theme.px(8));
    m_settings = new QVBoxLayout;
    m_settings->setSpacing(theme.px(6));
    column->addLayout(m_settings);
    m_says = paragraph({}, theme.words(13), Tone::Ink2, page);
    column->addWidget(m_says);
    m_list = new ProposalList(object, theme, page);
    m_list->setAccessibleName(tr("Proposals, the best first"));
    column->addWidget(m_list);
    column->addStretch();
    m_scroll->setWidget(page);
    all->addWidget(m_scroll, 1);
    m_foot = new FlowLayout(theme.px(6));
    all->addLayout(m_foot);
    m_apply = addButton(all, tr("Apply"), tr("Do it (Ctrl+Enter); Undo takes it back"), "", this);
    m_apply->setObjectName(QStringLiteral("apply") + called);
    m_apply->setProperty("main", true);
    connect(m_list, &ProposalList::picked, this, &ProposalsPage::choose);
    connect(m_apply, &QPushButton::clicked, this, &ProposalsPage::apply);
    connect(close, &QPushButton::clicked, this, &AskedFor::closed);
    connect(&session.doc, &DocumentSession::previewChanged, this, [this] {
        if (!m_session.doc.previewLanding()) m_list->hidePages();
    });
    hide();
}

FlowLayout& ProposalsPage::row() {
    auto* row = new FlowLayout(m_theme.px(6));
    m_settings->addLayout(row);
    return *row;
}

void ProposalsPage::begin() {
    m_wantsFocus = true;
    show();
    if (!any()) return;
    m_wantsFocus = false;
    m_list->focusChosen();
}

void ProposalsPage::showEvent(QShowEvent* event) {
    AskedFor::showEvent(event);
    choose(m_chosen);
}

void ProposalsPage::say(const QString& words) {
    m_says->setText(words);
    m_says->setVisible(!words.isEmpty());
}

QString ProposalsPage::said() const { return m_says->text(); }

void ProposalsPage::nothingYet() {
    const QWidget* focus = QApplication::focusWidget();
    if (focus && (focus == m_apply || m_list->isAncestorOf(focus))) m_wantsFocus = true;
    if (previewing()) m_session.doc.endPreview();
    m_proposals.clear();
    m_chosen = 0;
    showMay();
    chose();
}

void ProposalsPage::setProposals(Result<std::vector<Proposal>> proposals) {
    m_list->clear();
    m_proposals.clear();
    if (proposals)
        m_proposals = std::move(*proposals);
    else
        say(QStringLiteral("◆ ") + q(proposals.error().message));
    for (const Proposal& one : m_proposals) m_list->add(one.title, one.price);
    choose(0);
    if (!m_wantsFocus || !isVisible() || !any()) return;
    m_wantsFocus = false;
    m_list->focusChosen();
}

void ProposalsPage::choose(std::size_t index) {
    m_chosen = index;
    m_list->choose(index, any() ? noteOf(index) : QString());
    showMay();
    chose();
    if (isVisible()) tryOn();
}

void ProposalsPage::tryOn() {
    if (!any() || m_proposals[m_chosen].edits.empty()) return m_session.doc.endPreview();
    const Proposal& proposal = m_proposals[m_chosen];
    m_session.doc.preview(proposal.edits, proposal.title);
    if (const Landing* then = m_session.doc.previewLanding()) m_list->showPages(m_session.doc.landing(), *then);
    if (proposal.at) Q_EMIT placeWanted(*proposal.at);
    QTimer::singleShot(0, m_list, [this] { // when it has its place
        if (QWidget* choice = m_list->chosenChoice(); choice && choice->hasFocus())
            m_scroll->ensureWidgetVisible(choice, 0, 0);
    });
}

void ProposalsPage::preview() {
    if (previewing()) return m_session.doc.endPreview();
    tryOn();
}

bool ProposalsPage::previewing() const {
    return isVisible() && any() && m_session.doc.previewLanding() &&
           m_session.doc.previewTitle() == m_proposals[m_chosen].title;
}

void ProposalsPage::showMay() { m_apply->setEnabled(any() && !m_proposals[m_chosen].edits.empty() && may()); }

void ProposalsPage::apply() {
    if (!any()) return;
    if (m_proposals[m_chosen].edits.empty()) return m_session.messages.tell(tr("This is how the routine is already."));
    if (!m_apply->isEnabled()) return;
    const std::vector<Edit> edits = m_proposals[m_chosen].edits;
    m_session.doc.edit(edits, undoName());
}

} // namespace lc::app
