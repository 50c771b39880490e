#include "app/arrange/arrange_stage.h"

#include "app/arrange/fill_panel.h"
#include "app/arrange/handout_panel.h"
#include "app/arrange/mend_panel.h"
#include "app/arrange/part_chain.h"
#include "app/arrange/part_editor.h"
#include "app/arrange/pass_list.h"
#include "app/arrange/pass_panel.h"
#include "app/arrange/plans_panel.h"
#include "app/arrange/rank_panel.h"
#include "app/arrange/song_trial_panel.h"
#include "app/arrange/step_edit.h"
#include "app/arrange/tempo_panel.h"
#include "app/arrange/turns_panel.h"
#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/wording.h"
#include "app/strips/strips_view.h"
#include "app/widgets/figure_list.h"
#include "app/widgets/findings_column.h"

#include "core/exchange/routine_text.h"
#include "core/routine/music_place.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QHBoxLayout>
#include <QListView>
#include <QSplitter>
#include <QTimer>

namespace lc::app {

ArrangeStage::ArrangeStage(const StageContext& context, QWidget* parent)
    : Stage({.id = stage_id::arrange,
             .name = tr("Arrange"),
             .tip = tr("The routine on the song"),
             .key = 3,
             .menu = tr("&Arrange"),
             .whenBlank = WhenBlank::Leaves},
            context, parent) {
    Session& session = m_session;
    FigureDesk& desk = m_desk;
    const Theme& theme = m_theme;
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    m_vocabulary = new FigureList(desk, theme, this);
    m_vocabulary->hide();
    row->addWidget(m_vocabulary);
    auto* column = new QVBoxLayout;
    column->setSpacing(0);
    row->addLayout(column, 1);
    m_editor = new PartEditor(session, desk, theme, this);
    column->addWidget(m_editor);
    column->addWidget(divider(this));
    m_previewLine = paragraph({}, theme.words(13, Weight::Bold), Tone::OnInk, this);
    setManner(m_previewLine, Manner::Banner);
    m_previewLine->hide();
    column->addWidget(m_previewLine);
    m_splitter = new QSplitter(Qt::Vertical, this);
    m_splitter->setHandleWidth(theme.px(5));
    m_strips = new StripsView(session, theme, StripContent::Arrange, m_splitter);
    m_passes = new PassList(session, theme, m_splitter);
    m_splitter->addWidget(m_strips);
    m_splitter->addWidget(m_passes);
    m_plans = new PlansPanel(session, theme, m_splitter);
    m_songTrial = new SongTrialPanel(session, *m_plans, theme, m_splitter);
    m_splitter->addWidget(m_songTrial);
    m_splitter->addWidget(m_plans);
    m_fill = new FillPanel(session, desk, *m_editor, theme, m_splitter);
    m_splitter->addWidget(m_fill);
    m_turns = new TurnsPanel(session, theme, m_splitter);
    m_splitter->addWidget(m_turns);
    m_ranking = new RankPanel(session, *m_plans, theme, m_splitter);
    m_splitter->addWidget(m_ranking);
    m_tempi = new TempoPanel(session, theme, m_splitter);
    m_splitter->addWidget(m_tempi);
    m_mends = new MendPanel(session, theme, m_splitter);
    m_splitter->addWidget(m_mends);
    m_handout = new HandoutPanel(session, theme, m_splitter);
    m_splitter->addWidget(m_handout);
    const auto turnTo = [this](Tick at) {
        QTimer::singleShot(0, m_strips,
                           [this, at] { m_strips->showPlace(at); }); // when the line of the preview has its room
    };
    connect(m_plans, &PlansPanel::placeWanted, this, turnTo);
    connect(m_turns, &TurnsPanel::placeWanted, this, turnTo);
    m_splitter->setStretchFactor(0, 3);
    m_splitter->setStretchFactor(1, 1);
    m_splitter->setCollapsible(0, false);
    column->addWidget(m_splitter, 1);
    m_findings = new FindingsColumn(session, theme, this);
    auto* right = new QVBoxLayout;
    right->setSpacing(0);
    right->addWidget(m_findings, 1);
    m_passPanel = new PassPanel(session, theme, this);
    right->addWidget(divider(this));
    right->addWidget(m_passPanel);
    row->addLayout(right);
    m_stepEdit = new StepEdit(session, *m_strips, theme);

    connect(m_strips, &StripsView::passChosen, m_passes, &PassList::selectPass);
    connect(m_strips, &StripsView::passChosen, m_passPanel, &PassPanel::showPass);
    connect(m_strips, &StripsView::passChosen, this, &ArrangeStage::followCaret);
    connect(m_strips, &StripsView::editWanted, this,
            [this](Tick at, int role) { m_stepEdit->openAt(at, static_cast<std::size_t>(role)); });
    connect(m_passes, &PassList::passChosen, this, &ArrangeStage::goToPass);
    connect(m_vocabulary->list(), &QAbstractItemView::activated, this, [this](const QModelIndex& index) {
        m_editor->chain().placeShown(index.data(FigureListModel::Key).toString());
    });
    connect(m_findings, &FindingsColumn::placeChosen, this, [this](Tick at) {
        m_session.transport.setCaret(at);
        m_strips->showPlace(at);
    });
    connect(m_strips, &StripsView::figureDropped, this, [this](const QString& key, Tick at) {
        m_session.transport.setCaret(at);
        if (!needPassAtCaret()) return;
        followCaret(); // the figure danced there is chosen: the new one comes behind it
        m_editor->chain().placeShown(key);
    });
    connect(m_strips, &StripsView::contextMenuWanted, this,
            [this](const QPoint& global) { Q_EMIT menuWanted("strips", global); });
    connect(m_ranking, &RankPanel::songWanted, this, &ArrangeStage::trySong);
    connect(m_ranking, &RankPanel::routineWanted, this, &Stage::fileWanted);
    connect(&session.view, &SharedView::changed, this,
            [this] { m_strips->setMagnification(m_session.view.magnification()); });
    connect(&session.doc, &DocumentSession::documentChanged, this, &Stage::stateChanged);
    connect(&session.doc, &DocumentSession::previewChanged, this, &ArrangeStage::showPreviewLine);
}

void ArrangeStage::setPassesShown(bool shown) { m_passes->setVisible(shown); }

void ArrangeStage::showPanel(QWidget* panel) {
    for (QWidget* other :
         std::initializer_list<QWidget*>{m_songTrial, m_plans, m_fill, m_turns, m_ranking, m_tempi, m_mends, m_handout})
        if (other != panel) other->hide();
}

void ArrangeStage::showPlans() {
    showPanel(m_plans);
    m_plans->begin();
}

void ArrangeStage::showFill() {
    showPanel(m_fill);
    m_fill->begin();
}

void ArrangeStage::showHandout() {
    showPanel(m_handout);
    m_handout->begin();
}

void ArrangeStage::showSongTrial() {
    showPanel(m_songTrial);
    m_songTrial->begin();
}

void ArrangeStage::showTurns() {
    showPanel(m_turns);
    m_turns->begin();
}

void ArrangeStage::showRanking() {
    showPanel(m_ranking);
    m_ranking->begin();
}

void ArrangeStage::showMends() {
    showPanel(m_mends);
    m_mends->begin();
}

void ArrangeStage::showTempi() {
    showPanel(m_tempi);
    m_tempi->begin();
}

/// What is tried on; else what is highlighted where the focus is; else in the panel that is open.
void ArrangeStage::applyTriedOn() {
    if (m_plans->previewing()) return m_plans->applyChosen();
    if (m_turns->previewing()) return m_turns->applyChosen();
    const QWidget* focus = focusWidget();
    if (m_session.doc.previewLanding() || (focus && m_findings->isAncestorOf(focus))) return m_findings->applyChosen();
    if (m_plans->isVisible()) return m_plans->applyChosen();
    if (m_turns->isVisible()) return m_turns->applyChosen();
    if (m_fill->isVisible()) return m_fill->applyChosen();
    if (m_songTrial->isVisible()) return m_songTrial->take();
    for (const QWidget* other : std::initializer_list<const QWidget*>{m_ranking, m_tempi, m_mends})
        if (other->isVisible())
            return Q_EMIT m_session.messages.told(
                tr("There is nothing chosen that could be applied. Close what is open below to apply a remedy."));
    m_findings->applyChosen();
}

void ArrangeStage::keepPassInPlans() {
    if (const PassPerformance* pass = needPassAtCaret()) {
        m_plans->keepPass(pass->id);
        showPlans();
    }
}

void ArrangeStage::foldLikePasses() {
    const bool opened = m_strips->folding() && m_strips->anyUnfolded();
    m_strips->setFolding(opened || !m_strips->folding());
    Q_EMIT m_session.messages.told(m_strips->folding()
                                       ? tr("In a routine of more than thirty passes, those danced alike share a line.")
                                       : tr("Every pass has its strips."));
}

bool ArrangeStage::passesShown() const { return !m_passes->isHidden(); }

void ArrangeStage::setFindingsFolded(bool folded) {
    m_findings->setFolded(folded);
    m_passPanel->setVisible(!folded);
}

bool ArrangeStage::findingsFolded() const { return m_findings->folded(); }

void ArrangeStage::resizeEvent(QResizeEvent* event) {
    Stage::resizeEvent(event);
    const bool narrow = window()->width() < m_theme.narrow();
    if (narrow != m_narrow) setFindingsFolded(narrow); // a person may unfold them all the same
    m_narrow = narrow;
}

StageState ArrangeStage::state() const {
    const Landing& landing = m_session.doc.landing();
    const auto open = std::count_if(landing.findings.begin(), landing.findings.end(),
                                    [](const Finding& f) { return f.severity != Severity::Note; });
    const bool danced = !landing.performance.passes.empty();
    return {danced ? static_cast<int>(open) : 0, danced};
}

void ArrangeStage::leave() { m_session.doc.endPreview(); }

QWidget* ArrangeStage::home() { return m_strips; }

void ArrangeStage::showPlace(Tick at) { m_strips->showPlace(at); }

void ArrangeStage::cameIn() {
    if (m_session.doc.handout().empty()) return;
    showHandout();
    if (!m_handout->hasOpen()) m_session.messages.tell(tr("Every line of the hand-out was understood."));
}

QVariantMap ArrangeStage::view() const { return {{QStringLiteral("passes"), passesShown()}}; }

void ArrangeStage::setView(const QVariantMap& view) {
    setPassesShown(view.value(QStringLiteral("passes"), passesShown()).toBool());
}

void ArrangeStage::setVocabularyShown(bool shown) {
    if (shown) m_desk.open();
    m_vocabulary->setVisible(shown);
    if (shown) m_vocabulary->beginSearch();
}

bool ArrangeStage::vocabularyShown() const { return !m_vocabulary->isHidden(); }

void ArrangeStage::showPreviewLine() {
    m_previewLine->setVisible(m_session.doc.previewLanding() != nullptr);
    m_previewLine->setText(tr("Tried on, nothing changed yet: %1   Ctrl+Enter applies it, Esc takes it off.")
                               .arg(m_session.doc.previewTitle()));
}

void ArrangeStage::goToPass(PassId pass) {
    for (const PassPerformance& p : m_session.doc.landing().performance.passes)
        if (p.id == pass) {
            m_session.transport.setCaret(p.start);
            m_strips->selectPass(pass);
            m_passes->selectPass(pass);
            m_passPanel->showPass(pass);
            m_strips->showPlace(p.start);
            return;
        }
}

std::optional<PassId> ArrangeStage::passAtCaret() const {
    const auto index = passAt(m_session.doc.landing().performance, m_session.transport.now());
    if (!index) return std::nullopt;
    return m_session.doc.landing().performance.passes[*index].id;
}

const PassPerformance* ArrangeStage::needPassAtCaret() {
    const auto index = passAt(m_session.doc.landing().performance, m_session.transport.now());
    if (index) return &m_session.doc.landing().performance.passes[*index];
    Q_EMIT m_session.messages.told(tr("There is no pass at the caret. Click a count that is danced."));
    return nullptr;
}

void ArrangeStage::followCaret() {
    const auto index = passAt(m_session.doc.landing().performance, m_session.transport.now());
    if (!index) return;
    const PassPerformance& pass = m_session.doc.landing().performance.passes[*index];
    m_editor->choosePart(pass.part);
    const FigureSpan* span = figureAt(m_session.doc.landing().performance, pass, m_session.transport.now());
    const Part* part = findPart(m_session.doc.document().routine, pass.part);
    const bool inPart = span && part && !span->path.empty() &&
                        std::any_of(part->figures.begin(), part->figures.end(),
                                    [&](const Placement& p) { return p.id == span->path.front(); });
    m_editor->chain().choose(inPart ? std::optional(span->path.front()) : std::nullopt);
}

void ArrangeStage::typeFigureAtCaret() {
    followCaret();
    m_editor->chain().typeFigure();
}

void ArrangeStage::editPassAtCaret() {
    if (const PassPerformance* pass = needPassAtCaret()) {
        setFindingsFolded(false);
        m_passPanel->showPass(pass->id);
        m_passPanel->editLines();
    }
}

void ArrangeStage::changePassAtCaret(const QString& name, const std::function<void(PassExceptions&)>& change) {
    const PassPerformance* pass = needPassAtCaret();
    if (!pass) return;
    PassExceptions exceptions =
        m_session.doc.document().routine.passes[*indexOfPass(m_session.doc.document().routine, pass->id)];
    change(exceptions);
    m_session.doc.edit(SetExceptions{pass->id, std::move(exceptions), Sentence::verbatim(name.toStdString())});
}

void ArrangeStage::pinPassHere() {
    const PassPerformance* pass = needPassAtCaret();
    if (!pass) return;
    const Pass& written =
        m_session.doc.document().routine.passes[*indexOfPass(m_session.doc.document().routine, pass->id)];
    if (written.pinned)
        m_session.doc.edit(PinPass{pass->id, std::nullopt});
    else if (const auto place = musicPlaceAt(m_session.doc.landing().grid, pass->start))
        m_session.doc.edit(PinPass{pass->id, *place});
}

void ArrangeStage::bindAccentAtCaret(MomentId moment) {
    const PassPerformance* pass = needPassAtCaret();
    if (!pass) return;
    const FigureSpan* span = figureAt(m_session.doc.landing().performance, *pass, m_session.transport.now());
    if (!span || !span->placement.valid())
        return Q_EMIT m_session.messages.told(
            tr("No figure is danced there. Put the caret on the count that is to meet the moment."));
    m_session.doc.edit(BindAccent{pass->id, span->placement,
                                  counts(wholeCounts(m_session.transport.now())) - pass->start - span->start, moment});
}

bool ArrangeStage::edit(Editing what, QWidget* focus) {
    if (focus && m_editor->chain().isAncestorOf(focus)) return m_editor->chain().edit(what);
    if (focus != m_strips && focus != m_passes) return false;
    if (what == Editing::SelectAll) {
        setPassesShown(true);
        m_passes->selectAll();
        m_passes->setFocus();
        return true;
    }
    if (what == Editing::Paste) {
        pastePasses();
        return true;
    }
    const std::vector<PassId> passes = passesMeant();
    if (passes.empty()) {
        m_session.messages.tell(tr("Choose passes in the list, or put the caret into one, and try again."));
        return true;
    }
    if (what != Editing::Delete)
        QGuiApplication::clipboard()->setText(q(passesToText(m_session.doc.document(), passes)));
    if (what != Editing::Copy) m_session.doc.edit(RemovePasses{passes});
    const auto many = static_cast<int>(passes.size());
    m_session.messages.tell(what == Editing::Copy
                                ? many == 1 ? tr("One pass copied.") : tr("%1 passes copied.").arg(many)
                            : what == Editing::Cut ? many == 1 ? tr("One pass cut.") : tr("%1 passes cut.").arg(many)
                            : many == 1 ? tr("One pass taken out. Undo brings it back.")
                                                   : tr("%1 passes taken out. Undo brings them back.").arg(many));
    return true;
}

/// Those chosen in the list, where it has the keyboard; else the one at the caret.
std::vector<PassId> ArrangeStage::passesMeant() const {
    if (passesShown() && m_passes->hasFocus())
        if (std::vector<PassId> chosen = m_passes->chosenPasses(); !chosen.empty()) return chosen;
    if (const auto at = passAtCaret()) return {*at};
    return {};
}

void ArrangeStage::pastePasses() {
    const auto passes = passesFromText(m_session.doc.document(), QGuiApplication::clipboard()->text().toStdString());
    if (!passes) return m_session.messages.tell(passes.error());
    std::size_t at = m_session.doc.document().routine.passes.size();
    if (const std::vector<PassId> after = passesMeant(); !after.empty())
        if (const auto index = indexOfPass(m_session.doc.document().routine, after.back())) at = *index + 1;
    m_session.doc.edit(InsertPasses{at, *passes});
}

void ArrangeStage::cutAtCaret() {
    const auto index = passAt(m_session.doc.landing().performance, m_session.transport.now());
    if (!index)
        return Q_EMIT m_session.messages.told(
            tr("Put the caret into the pass that is to be cut, on the last count that is danced."));
    const PassPerformance& pass = m_session.doc.landing().performance.passes[*index];
    const Tick after = counts(wholeCounts(m_session.transport.now() - pass.start) + 1);
    if (after <= Tick{})
        return Q_EMIT m_session.messages.told(
            tr("Everyone still waits there. Put the caret on the last count that is danced."));
    if (after >= pass.whole)
        return Q_EMIT m_session.messages.told(tr("That is the last count of the pass; there is nothing left to cut."));
    m_session.doc.edit(SetRestart{pass.id, Restart{after}});
}

void ArrangeStage::tagAtCaret() {
    const auto index = passAt(m_session.doc.landing().performance, m_session.transport.now());
    if (!index)
        return Q_EMIT m_session.messages.told(tr("Put the caret into the pass after which the tag is to come."));
    const PassPerformance& pass = m_session.doc.landing().performance.passes[*index];
    setPassesShown(true); // typed in the list, where its number stands; no dialog
    m_passes->editCell(pass.id, PassModel::TagCounts);
}

void ArrangeStage::removePassAtCaret() {
    if (const auto pass = passAtCaret())
        m_session.doc.edit(RemovePasses{{*pass}});
    else
        Q_EMIT m_session.messages.told(tr("There is no pass at the caret."));
}

} // namespace lc::app
