#include "app/arrange/arrange_stage.h"

#include "app/shell/findings_column.h"
#include "app/arrange/part_editor.h"
#include "app/arrange/pass_list.h"
#include "app/shell/session.h"
#include "app/strips/strips_view.h"
#include "app/shell/wording.h"

#include <QHBoxLayout>
#include <QSplitter>

namespace lc::app {

ArrangeStage::ArrangeStage(Session& session, const Theme& theme, QWidget* parent) : QWidget(parent), m_session(session), m_theme(theme) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    auto* column = new QVBoxLayout;
    column->setSpacing(0);
    row->addLayout(column, 1);
    m_editor = new PartEditor(session, theme, this);
    column->addWidget(m_editor);
    column->addWidget(divider(theme, this));
    m_previewLine = paragraph({}, theme.words(13, Weight::Bold), theme.colours().onInk, this);
    m_previewLine->setStyleSheet(m_previewLine->styleSheet() + QStringLiteral("background:%1;padding:4px 16px;").arg(theme.colours().ink.name()));
    m_previewLine->hide();
    column->addWidget(m_previewLine);
    m_splitter = new QSplitter(Qt::Vertical, this);
    m_splitter->setHandleWidth(theme.px(5));
    m_strips = new StripsView(session, theme, StripContent::Arrange, m_splitter);
    m_passes = new PassList(session, theme, m_splitter);
    m_splitter->addWidget(m_strips);
    m_splitter->addWidget(m_passes);
    m_splitter->setStretchFactor(0, 3);
    m_splitter->setStretchFactor(1, 1);
    m_splitter->setCollapsible(0, false);
    column->addWidget(m_splitter, 1);
    m_findings = new FindingsColumn(session, theme, this);
    row->addWidget(m_findings);

    connect(m_strips, &StripsView::passChosen, m_passes, &PassList::selectPass);
    connect(m_passes, &PassList::passChosen, this, &ArrangeStage::goToPass);
    connect(m_findings, &FindingsColumn::placeChosen, this, [this](Tick at) { m_session.setCaret(at); m_strips->showPlace(at); });
    connect(m_strips, &StripsView::contextMenuWanted, this, &ArrangeStage::contextMenuWanted);
    connect(&session, &Session::previewChanged, this, &ArrangeStage::showPreviewLine);
}

void ArrangeStage::setPassesShown(bool shown) { m_passes->setVisible(shown); }
bool ArrangeStage::passesShown() const { return !m_passes->isHidden(); }

void ArrangeStage::showPreviewLine() {
    m_previewLine->setVisible(m_session.previewLanding() != nullptr);
    m_previewLine->setText(tr("Tried on, nothing changed yet: %1   Ctrl+Enter applies it, Esc takes it off.").arg(m_session.previewTitle()));
}

void ArrangeStage::goToPass(PassId pass) {
    for (const PassPerformance& p : m_session.landing().performance.passes)
        if (p.id == pass) {
            m_session.setCaret(p.start);
            m_strips->selectPass(pass);
            m_passes->selectPass(pass);
            m_strips->showPlace(p.start);
            return;
        }
}

std::optional<PassId> ArrangeStage::passAtCaret() const {
    const auto index = passAt(m_session.landing().performance, m_session.now());
    if (!index) return std::nullopt;
    return m_session.landing().performance.passes[*index].id;
}

void ArrangeStage::cutAtCaret() {
    const auto index = passAt(m_session.landing().performance, m_session.now());
    if (!index) return Q_EMIT m_session.told(tr("Put the caret into the pass that is to be cut, on the last count that is danced."));
    const PassPerformance& pass = m_session.landing().performance.passes[*index];
    const Tick after = counts(wholeCounts(m_session.now() - pass.start) + 1);
    if (after >= pass.whole) return Q_EMIT m_session.told(tr("That is the last count of the pass; there is nothing left to cut."));
    m_session.edit(SetRestart{pass.id, Restart{after}});
}

void ArrangeStage::tagAtCaret() {
    const auto index = passAt(m_session.landing().performance, m_session.now());
    if (!index) return Q_EMIT m_session.told(tr("Put the caret into the pass after which the tag is to come."));
    const PassPerformance& pass = m_session.landing().performance.passes[*index];
    setPassesShown(true); // typed in the list, where its number stands; no dialog
    m_passes->editCell(pass.id, PassModel::TagCounts);
}

void ArrangeStage::removePassAtCaret() {
    if (const auto pass = passAtCaret()) m_session.edit(RemovePasses{{*pass}});
    else Q_EMIT m_session.told(tr("There is no pass at the caret."));
}

} // namespace lc::app
