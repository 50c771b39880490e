#include "app/arrange/song_trial_panel.h"

#include "app/arrange/plans_panel.h"
#include "app/base/paths.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/song_loader.h"
#include "app/base/when_shown.h"
#include "app/base/wording.h"
#include "app/widgets/file_asking.h"
#include "app/widgets/panel_parts.h"
#include "app/widgets/plain_table.h"
#include "audio/matching/song_file.h"

#include <QComboBox>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QStandardPaths>

namespace lc::app {

SongTrialPanel::SongTrialPanel(Session& session, PlansPanel& plans, const Theme& theme, QWidget* parent)
    : AskedFor(parent), m_session(session), m_theme(theme), m_worker(session.working()), m_plans(plans) {
    setAccessibleName(tr("The routine tried on another song"));
    auto* all = panelColumn(theme, this);
    auto* row = new QHBoxLayout;
    row->setSpacing(theme.px(8));
    row->addWidget(paragraph(tr("Try it on"), theme.words(13, Weight::Bold), Tone::Ink, this));
    m_typed = new QLineEdit(this);
    setFocusProxy(m_typed);
    m_typed->setObjectName(QStringLiteral("trialStructure"));
    m_typed->setAccessibleName(tr("Another song as structure"));
    m_typed->setPlaceholderText(tr("a song as structure: intro 16 | verse 32 | chorus 32 …"));
    m_typed->setToolTip(tr("Type the sections of another song or edit with their beats, and press Enter"));
    connect(m_typed, &QLineEdit::returnPressed, this, &SongTrialPanel::tryTyped);
    row->addWidget(m_typed, 1);
    auto* file = new QPushButton(tr("A routine's song …"), this);
    file->setToolTip(tr("The song of another saved routine, with its map"));
    connect(file, &QPushButton::clicked, this, [this] {
        const QString path = askWhatToRead(this, m_session, FolderFor::Routines, tr("A routine on the other song"),
                                           tr("Routines and maps (*.liftcount *.txt *.mid *.midi *.csv)"));
        if (!path.isEmpty()) tryFile(path);
    });
    row->addWidget(file);
    m_edits = new QComboBox(this);
    m_edits->setObjectName(QStringLiteral("trialEdits"));
    m_edits->setAccessibleName(tr("Another edit of this song"));
    m_edits->setToolTip(tr("What if the intro were longer, a section left out, or heard twice"));
    connect(m_edits, &QComboBox::activated, this, &SongTrialPanel::tryWhatIf);
    row->addWidget(m_edits);
    row->addWidget(paragraph(tr("or at"), theme.words(13), Tone::Ink2, this));
    m_tempo = new QSpinBox(this);
    m_tempo->setObjectName(QStringLiteral("trialTempo"));
    m_tempo->setRange(50, 150);
    m_tempo->setValue(100);
    m_tempo->setSuffix(tr(" % tempo"));
    m_tempo->setAccessibleName(tr("Tempo of the song in percent"));
    m_tempo->setToolTip(tr("The same song slower or faster: what your own limits say then"));
    connect(m_tempo, &QSpinBox::valueChanged, this, &SongTrialPanel::tryTempo);
    row->addWidget(m_tempo);
    auto* close = new QPushButton(tr("Close"), this);
    close->setObjectName(QStringLiteral("closeTrial"));
    close->setToolTip(tr("Nothing is changed"));
    connect(close, &QPushButton::clicked, this, [this] {
        m_asked.reset();
        m_trial.reset();
        m_worker.drop();
        Q_EMIT closed();
    });
    row->addWidget(close);
    all->addLayout(row);
    auto* below = new QHBoxLayout;
    m_says = paragraph({}, theme.words(13), Tone::Ink2, this);
    below->addWidget(m_says, 1);
    m_take = new QPushButton(tr("Take this song"), this);
    m_take->setObjectName(QStringLiteral("takeSong"));
    m_take->setProperty("main", true);
    m_take->setToolTip(tr("It becomes the routine's song; Undo brings this one back"));
    connect(m_take, &QPushButton::clicked, this, &SongTrialPanel::apply);
    below->addWidget(m_take);
    all->addLayout(below);
    m_table = new PlainTable({tr("pass"), tr("part"), tr("here"), tr("there")}, theme, this);
    m_table->setObjectName(QStringLiteral("trialTable"));
    m_table->setAccessibleName(tr("The passes here and there"));
    m_table->setColumnWidth(0, theme.px(50));
    m_table->setColumnWidth(1, theme.px(70));
    m_table->setColumnWidth(2, theme.px(280));
    m_table->horizontalHeader()->setStretchLastSection(true);
    all->addWidget(m_table, 1);
    m_upToDate = new WhenShown(this, [this] {
        if (m_asked) refresh();
    });
    connect(&session.doc, &DocumentSession::documentChanged, m_upToDate, &WhenShown::ask);
    connect(&session.doc, &DocumentSession::routineReplaced, this, [this] {
        m_asked.reset();
        refresh();
    });
    connect(&m_worker, &Worker::failed, m_says,
            [this](const QString& sentence) { m_says->setText(QStringLiteral("◆ ") + sentence); });
    refresh();
    hide();
}

void SongTrialPanel::begin() {
    m_asked.reset();
    offerWhatIfs();
    refresh();
    QWidget::show();
    m_typed->setFocus(Qt::OtherFocusReason);
}

void SongTrialPanel::show(Result<std::vector<Edit>> edits, const QString& title, bool takeable) {
    m_takeable = takeable;
    m_title = title;
    m_asked.reset();
    if (edits) m_asked = std::move(*edits);
    refresh();
    if (!edits) showTried(tl::unexpected(edits.error()));
}

void SongTrialPanel::tryFile(const QString& path) {
    m_asked.reset();
    refresh();
    m_says->setText(tr("Reading “%1” …").arg(readable(QFileInfo(path).fileName())));
    m_worker.start([file = fileName(path),
                    folder = fileName(heardFolder())](const Task& task) { return documentOfSong(file, folder, task); },
                   [this, path](const Result<SongOfFile>& other) {
                       if (!other) return show(tl::unexpected(other.error()), path);
                       if (other->document.map->beats.empty())
                           return show(fail(ErrorCode::NoPulse, Core::sentence("That routine has no song.")), path);
                       show(songOf(other->document), tr("the song of %1").arg(q(other->document.title)));
                       if (!other->note.empty()) Q_EMIT m_session.messages.told(q(other->note));
                   });
}

void SongTrialPanel::tryTyped() {
    TypedStructure typed;
    typed.text = m_typed->text().toStdString();
    typed.metre = m_session.doc.document().map->metre;
    if (const auto tempo = medianTempo(*m_session.doc.document().map)) typed.bpm = *tempo;
    show(songTyped(typed), tr("another song"));
}

void SongTrialPanel::tryTempo(int percent) {
    const Document& d = m_session.doc.document();
    if (d.map->beats.empty()) return;
    show(std::vector<Edit>{SetMap{std::make_shared<const SongMap>(atTempo(*d.map, percent)), MapOrigin::Imported,
                                  std::nullopt}},
         tr("the song at %1 %").arg(percent), false);
}

void SongTrialPanel::offerWhatIfs() {
    m_whatIfs = whatIfs(*m_session.doc.document().map, m_session.doc.document().scheme);
    m_edits->clear();
    m_edits->addItem(tr("what if …"));
    for (const WhatIf& what : m_whatIfs) m_edits->addItem(q(what.words));
    m_edits->setEnabled(!m_whatIfs.empty());
}

void SongTrialPanel::tryWhatIf(int index) {
    if (index < 1 || static_cast<std::size_t>(index) > m_whatIfs.size()) return;
    const WhatIf& what = m_whatIfs[static_cast<std::size_t>(index) - 1];
    const bool recorded = !m_session.doc.document().song.path.empty(); // the recording itself is not cut by asking
    show(songEdited(m_session.doc.document(), what.song), tr("the song %1").arg(q(what.words)), !recorded);
}

QString SongTrialPanel::says() const { return m_says->text(); }

void SongTrialPanel::apply() {
    if (!m_trial || !m_takeable) return;
    const std::vector<Edit> edits = m_trial->edits;
    m_trial.reset();
    m_asked.reset();
    m_session.doc.edit(edits, m_title);
    Q_EMIT closed();
}

/// What is tried is tried on the routine as it is now.
void SongTrialPanel::refresh() {
    m_trial.reset();
    m_take->hide();
    if (!m_asked) {
        m_worker.drop();
        m_table->clearRows();
        return m_says->setText(tr(
            "Which passes land here, and which there: type a song's structure, take the song of another routine, or another tempo."));
    }
    m_worker.start(
        [document = m_session.doc.document(), landing = m_session.doc.sharedLanding(), edits = *m_asked,
         leave = m_plans.leave()](const Task& task) -> Result<Tried> {
            auto trial = tryOnSong(document, *landing, edits);
            if (!trial) return tl::unexpected(trial.error());
            Tried out{std::move(*trial), {}};
            out.words = trialInWords(out.trial);
            const auto then = applyEdits(document, out.trial.edits);
            if (then && leave && !then->routine.passes.empty() && !task.stopped())
                out.words += bestPlanInWords(*then, out.trial.then.grid, *leave);
            return out;
        },
        [this](Result<Tried> tried) { showTried(std::move(tried)); });
}

void SongTrialPanel::showTried(Result<Tried> tried) {
    m_table->clearRows();
    m_take->setVisible(tried && m_takeable);
    if (!tried) return m_says->setText(QStringLiteral("◆ ") + q(tried.error().message));
    m_trial = std::move(tried->trial);
    m_says->setText(q(tried->words) +
                    (m_takeable
                         ? QString()
                         : QLatin1Char(' ') + tr("The recording stays as it is; what is shown is what would be.")));
    for (const PassOnTwoSongs& pass : m_trial->passes)
        m_table->addRow({QString::number(pass.number), q(pass.part), q(pass.now), q(pass.then)});
}

} // namespace lc::app
