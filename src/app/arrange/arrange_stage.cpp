#include "app/arrange/arrange_stage.h"

#include "app/arrange/asked_for.h"
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
#include <QLabel>
#include <QListView>
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
    m_previewLine = new QLabel(this);
    m_previewLine->setTextFormat(Qt::PlainText);
    m_previewLine->setFont(theme.words(13, Weight::Bold));
    m_previewLine->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
    setTone(m_previewLine, Tone::OnInk);
    setManner(m_previewLine, Manner::Banner);
    m_previewLine->hide();
    column->addWidget(m_previewLine);
    m_middle = new QVBoxLayout;
    m_middle->setSpacing(0);
    column->addLayout(m_middle, 1);
    m_strips = new StripsView(session, theme, StripContent::Arrange, this);
    m_middle->addWidget(m_strips, 1);
    m_passes = new PassList(session, theme, this);
    m_passes->hide();
    m_middle->addWidget(m_passes, 1);
    m_shown = m_strips;
    m_findings = new FindingsColumn(session, theme, this);
    m_passPanel = new PassPanel(session, theme, this);
    m_betweenRight = divider(this);
    m_right = new QVBoxLayout;
    m_right->setSpacing(0);
    m_right->addWidget(m_findings, 1);
    m_right->addWidget(m_betweenRight);
    m_right->addWidget(m_passPanel);
    row->addLayout(m_right);
    keepPage(m_plans = new PlansPanel(session, theme, this), m_right);
    keepPage(m_fill = new FillPanel(session, desk, *m_editor, theme, this), m_right);
    keepPage(m_turns = new TurnsPanel(session, theme, this), m_right);
    keepPage(m_mends = new MendPanel(session, theme, this), m_right);
    keepPage(m_songTrial = new SongTrialPanel(session, *m_plans, theme, this), m_middle);
    keepPage(m_ranking = new RankPanel(session, *m_plans, theme, this), m_middle);
    keepPage(m_tempi = new TempoPanel(session, theme, this), m_middle);
    keepPage(m_handout = new HandoutPanel(session, theme, this), m_middle);
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
    connect(&session.view, &SharedView::changed, this, [this] {
        m_strips->setMagnification(m_session.view.magnification());
        setPassesShown(false);
    });
    connect(&session.doc, &DocumentSession::documentChanged, this, &Stage::stateChanged);
    connect(&session.doc, &DocumentSession::previewChanged, this, &ArrangeStage::showPreviewLine);
}

void ArrangeStage::keepPage(AskedFor* page, QLayout* where) {
    page->hide();
    where->addWidget(page);
    connect(page, &AskedFor::closed, this, [this, page] { close(*page); });
    connect(page, &AskedFor::placeWanted, this, [this](Tick at) {
        QTimer::singleShot(0, m_strips,
                           [this, at] { m_strips->showPlace(at); }); // when the line of the preview has its room
    });
}

void ArrangeStage::showMiddle(QWidget* what) {
    if (what == m_shown) return;
    const bool hadKeyboard = m_shown->isAncestorOf(focusWidget()) || m_shown == focusWidget();
    m_shown->hide();
    m_shown = what;
    m_shown->show();
    if (hadKeyboard) m_shown->setFocus(Qt::OtherFocusReason);
    Q_EMIT stateChanged();
}

void ArrangeStage::showRight() {
    for (QWidget* standing : std::initializer_list<QWidget*>{m_findings, m_betweenRight, m_passPanel})
        standing->setVisible(!m_proposals && (standing != m_passPanel || !findingsFolded()));
}

void ArrangeStage::setPassesShown(bool shown) {
    m_shownBefore = nullptr;
    showMiddle(shown ? static_cast<QWidget*>(m_passes) : m_strips);
}

void ArrangeStage::ask(ProposalsPage& page) {
    if (m_proposals && m_proposals != &page) m_proposals->hide();
    m_proposals = &page;
    showRight();
    setPassesShown(false); // where it is seen what would change
    page.begin();
}

void ArrangeStage::ask(AskedFor& table) {
    if (m_proposals) close(*m_proposals); // one thing is asked for at a time, and applied by one key
    if (!m_shownBefore) m_shownBefore = m_shown;
    showMiddle(&table);
    table.begin();
}

void ArrangeStage::close(AskedFor& asked) {
    const bool hadKeyboard = asked.isAncestorOf(focusWidget());
    if (&asked == m_proposals) {
        m_session.doc.endPreview();
        m_proposals->hide();
        m_proposals = nullptr;
        showRight();
    } else if (&asked == m_shown)
        setPassesShown(m_shownBefore == m_passes);
    if (hadKeyboard) m_shown->setFocus(Qt::OtherFocusReason);
}

AskedFor* ArrangeStage::asked() const { return m_proposals ? m_proposals : dynamic_cast<AskedFor*>(m_shown); }

bool ArrangeStage::goBack() {
    if (AskedFor* open = asked()) {
        close(*open);
        return true;
    }
    if (!m_session.doc.previewLanding()) return false;
    m_session.doc.endPreview();
    return true;
}

void ArrangeStage::showPlans() { ask(*m_plans); }
void ArrangeStage::showFill() { ask(*m_fill); }
void ArrangeStage::showTurns() { ask(*m_turns); }
void ArrangeStage::showMends() { ask(*m_mends); }
void ArrangeStage::showHandout() { ask(*m_handout); }
void ArrangeStage::showSongTrial() { ask(*m_songTrial); }
void ArrangeStage::showRanking() { ask(*m_ranking); }
void ArrangeStage::showTempi() { ask(*m_tempi); }

void ArrangeStage::applyChosen() {
    if (AskedFor* open = asked()) return open->apply();
    m_findings->applyChosen();
}

void ArrangeStage::previewChosen() {
    if (m_proposals) return m_proposals->preview();
    m_findings->previewChosen();
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

bool ArrangeStage::passesShown() const { return m_shown == m_passes; }

void ArrangeStage::setFindingsFolded(bool folded) {
    m_findings->setFolded(folded);
    showRight();
}

bool ArrangeStage::findingsFolded() const { return m_findings->folded(); }

void ArrangeStage::resizeEvent(QResizeEvent* event) {
    Stage::resizeEvent(event);
    const bool narrow = window()->width() < m_theme.narrow();
    if (narrow != m_narrow) setFindingsFolded(narrow); // a person may unfold them all the same
    m_narrow = narrow;
    showPreviewLine();
}

StageState ArrangeStage::state() const {
    const Landing& landing = m_session.doc.landing();
    const auto open = std::count_if(landing.findings.begin(), landing.findings.end(),
                                    [](const Finding& f) { return f.severity != Severity::Note; });
    const bool danced = !landing.performance.passes.empty();
    return {danced ? static_cast<int>(open) : 0, danced};
}

void ArrangeStage::leave() { m_session.doc.endPreview(); }

QWidget* ArrangeStage::home() { return m_shown; }

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
    const QString title = m_session.doc.previewTitle();
    const int room = m_shown->width() - 2 * m_theme.px(16) - m_theme.px(8);
    m_previewLine->setText(m_previewLine->fontMetrics().elidedText(tr("Preview (not applied): %1").arg(title),
                                                                   Qt::ElideRight, room)); // all of it is in the column
    m_previewLine->setToolTip(tr("%1 Ctrl+Enter applies it, Esc takes it off.").arg(title));
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
        if (m_proposals) close(*m_proposals);
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
