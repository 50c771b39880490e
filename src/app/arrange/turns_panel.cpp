#include "app/arrange/turns_panel.h"

#include "app/arrange/proposal_row.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/when_shown.h"
#include "app/base/wording.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/page_parts.h"
#include "app/widgets/panel_parts.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>

namespace lc::app {

TurnsPanel::TurnsPanel(Session& session, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_session(session), m_worker(session.working()) {
    setAccessibleName(tr("When to put a turned-round dance right"));
    auto* all = panelColumn(theme, this);
    auto* row = new FlowLayout(theme.px(6));
    addWords(row, tr("Turned round"), theme, this, true);
    m_span = new QComboBox(this);
    m_span->setObjectName(QStringLiteral("turnedSpan"));
    m_span->setAccessibleName(tr("Where the dance is turned round"));
    row->addWidget(m_span);
    addWords(row, tr("put right at once, within"), theme, this);
    m_sets = numberField("turnSets", tr("Sets within which it is put right"), 1, 32, theme, this);
    m_sets->setValue(4);
    row->addWidget(m_sets);
    addWords(row, tr("sets, or left"), theme, this);
    row->addStretch();
    m_preview =
        addButton(row, tr("Preview"), tr("Show it on the strips without changing anything"), "previewTurn", this);
    m_apply = addButton(row, tr("Apply"), tr("Do it; Undo takes it back"), "applyTurn", this);
    m_apply->setProperty("main", true);
    auto* close = addButton(row, tr("Close"), {}, "closeTurns", this);
    all->addLayout(row);
    m_says = paragraph({}, theme.words(13), Tone::Ink2, this);
    all->addWidget(m_says);
    m_row = new ProposalRow(QStringLiteral("turn"), theme, this);
    m_row->setAccessibleName(tr("Three ways to go on"));
    all->addWidget(m_row, 1);
    setMinimumHeight(theme.px(290));
    hide();
    m_upToDate = new WhenShown(this, [this] { refresh(); });
    connect(m_span, &QComboBox::activated, this, &TurnsPanel::refresh);
    connect(m_sets, &QSpinBox::valueChanged, this, &TurnsPanel::refresh);
    connect(m_row, &ProposalRow::picked, this, &TurnsPanel::choose);
    connect(m_preview, &QPushButton::clicked, this, &TurnsPanel::previewChosen);
    connect(m_apply, &QPushButton::clicked, this, &TurnsPanel::applyChosen);
    connect(close, &QPushButton::clicked, this, [this] {
        m_session.doc.endPreview();
        hide();
    });
    connect(&session.doc, &DocumentSession::documentChanged, m_upToDate, &WhenShown::ask);
}

void TurnsPanel::begin() {
    show();
    refresh();
    const auto& turned = m_session.doc.landing().turned;
    for (std::size_t i = 0; i < turned.size(); ++i)
        if (m_session.transport.now() >= turned[i].from && m_session.transport.now() < turned[i].to) {
            m_span->setCurrentIndex(static_cast<int>(i));
            refresh();
        }
    m_span->setFocus(Qt::OtherFocusReason);
}

void TurnsPanel::refresh() {
    const Landing& landing = m_session.doc.landing();
    const int chosen = m_span->currentIndex();
    m_span->clear();
    for (const TurnedSpan& span : landing.turned)
        m_span->addItem(tr("from %1 on, %2").arg(q(landing.grid.place(span.from)), q(inCounts(span.to - span.from))));
    m_span->setCurrentIndex(
        std::clamp(chosen, landing.turned.empty() ? -1 : 0, static_cast<int>(landing.turned.size()) - 1));
    m_mends.clear();
    for (QPushButton* needs : {m_preview, m_apply}) needs->setEnabled(false);
    if (m_session.doc.previewLanding()) m_session.doc.endPreview();
    if (m_span->currentIndex() < 0) {
        m_worker.drop();
        return showTried({});
    }
    m_worker.start(
        [document = m_session.doc.document(), now = m_session.doc.sharedLanding(),
         span = static_cast<std::size_t>(m_span->currentIndex()), sets = m_sets->value()](const Task& task) {
            std::vector<Tried> tried;
            for (TurnMend& mend : turnMends(document, *now, span, sets, task)) { // each was carried out already
                const auto then = applyEdits(document, mend.edits);
                Landing landed = then ? land(*then, now->grid, now->limits) : *now;
                tried.push_back({std::move(mend), std::move(landed)});
            }
            return tried;
        },
        [this](std::vector<Tried> tried) { showTried(std::move(tried)); });
}

void TurnsPanel::showTried(std::vector<Tried> tried) {
    const Landing& landing = m_session.doc.landing();
    m_row->clear();
    m_row->setVisible(!tried.empty());
    for (Tried& one : tried) {
        m_row->add(q(one.mend.title), q(one.mend.price), landing, std::move(one.then));
        m_mends.push_back(std::move(one.mend));
    }
    const int index = m_span->currentIndex();
    if (m_mends.empty() || index < 0 || static_cast<std::size_t>(index) >= landing.turned.size())
        m_says->setText(tr("The dancers' count and the music's agree all through: nothing is turned round."));
    else {
        const TurnedSpan& span = landing.turned[static_cast<std::size_t>(index)];
        m_says->setText(tr("The dancers who count on say %1 where the music says %2.")
                            .arg(q(toSpokenCount(span.runningCount)), q(toSpokenCount(span.musicCount))));
    }
    choose(0);
}

void TurnsPanel::choose(std::size_t index) {
    const bool previewing = this->previewing();
    m_row->choose(index);
    const bool can = index < m_mends.size() && !m_mends[index].edits.empty();
    m_preview->setEnabled(can);
    m_apply->setEnabled(can);
    if (previewing && can) previewChosen();
}

QString TurnsPanel::titleOfChosen() const {
    return m_row->chosen() < m_mends.size() ? q(m_mends[m_row->chosen()].title) : QString();
}

bool TurnsPanel::previewing() const {
    return isVisible() && m_session.doc.previewLanding() && m_session.doc.previewTitle() == titleOfChosen();
}

void TurnsPanel::previewChosen() {
    if (m_row->chosen() >= m_mends.size() || m_mends[m_row->chosen()].edits.empty()) return;
    if (previewing()) return m_session.doc.endPreview();
    m_session.doc.preview(m_mends[m_row->chosen()].edits, titleOfChosen());
    Q_EMIT placeWanted(m_mends[m_row->chosen()].at);
}

void TurnsPanel::applyChosen() {
    if (m_row->chosen() >= m_mends.size() || m_mends[m_row->chosen()].edits.empty()) return;
    const std::vector<Edit> edits = m_mends[m_row->chosen()].edits;
    m_session.doc.edit(edits, tr("put right what is turned round"));
}

} // namespace lc::app
