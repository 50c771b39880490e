#include "app/arrange/rank_panel.h"

#include "app/arrange/plans_panel.h"
#include "app/base/paths.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/wording.h"
#include "app/widgets/file_asking.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/panel_parts.h"
#include "app/widgets/plain_table.h"
#include "core/document/document_file.h"

#include <QComboBox>
#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QStandardPaths>

#include <cmath>

namespace lc::app {

RankPanel::RankPanel(Session& session, PlansPanel& plans, const Theme& theme, QWidget* parent)
    : AskedFor(parent), m_session(session), m_plans(plans) {
    setAccessibleName(tr("Which song for this dance, which dance for this song"));
    auto* all = panelColumn(theme, this);
    auto* row = new FlowLayout(theme.px(6));
    m_songs = addButton(
        row, tr("Songs of a folder …"),
        tr("Which of them suits this dance best: recordings, routines with a song, MIDI files, structures as text"),
        "rankSongs", this);
    setFocusProxy(m_songs);
    connect(m_songs, &QPushButton::clicked, this, [this] { choose(Ranked::Songs); });
    connect(addButton(row, tr("Dances of a folder …"), tr("Which of these routines suits this song best"),
                      "rankRoutines", this),
            &QPushButton::clicked, this, [this] { choose(Ranked::Routines); });
    addWords(row, tr("danced as"), theme, this);
    m_family = new QComboBox(this);
    m_family->setObjectName(QStringLiteral("rankFamily"));
    m_family->setAccessibleName(tr("Dance family whose tempo is wanted"));
    m_family->addItem(tr("any tempo"));
    for (const FamilyTempo& range : tempoRanges())
        m_family->addItem(tr("%1, %2 to %3 bpm").arg(q(range.name)).arg(range.from).arg(range.to), q(range.family));
    m_family->setMinimumContentsLength(14);
    m_family->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    row->addWidget(m_family);
    row->addStretch();
    m_take = addButton(row, tr("Try it"), tr("The chosen song is opened for this dance, or the chosen dance is opened"),
                       "rankTake", this);
    m_save = addButton(row, tr("Save the table …"), tr("As CSV"), "rankSave", this);
    m_cancel = addButton(row, tr("Stop"), tr("What was read so far stays"), "rankCancel", this);
    auto* close = addButton(row, tr("Close"), {}, "closeRank", this);
    all->addLayout(row);
    auto* below = new QHBoxLayout;
    m_says = paragraph({}, theme.words(13), Tone::Ink2, this);
    below->addWidget(m_says, 1);
    m_progress = new QProgressBar(this);
    m_progress->setFixedWidth(theme.px(180));
    m_progress->setAccessibleName(tr("How far it is"));
    m_progress->hide();
    below->addWidget(m_progress);
    all->addLayout(below);
    m_table = new PlainTable({tr("name"), tr("bpm"), tr("metre"), tr("tempo"), tr("exceptions"), tr("misses"),
                              tr("cost"), tr("stops"), tr("last pass"), tr("note")},
                             theme, this);
    m_table->setObjectName(QStringLiteral("rankTable"));
    m_table->setAccessibleName(tr("The best fit first"));
    all->addWidget(m_table, 1);
    m_note = paragraph({}, theme.words(13), Tone::Ink2, this);
    m_note->setObjectName(QStringLiteral("rankNote"));
    all->addWidget(m_note);
    connect(m_table, &QTableWidget::currentCellChanged, this, &RankPanel::showNote);
    hide();
    connect(m_take, &QPushButton::clicked, this, &RankPanel::apply);
    connect(m_table, &QTableWidget::itemActivated, this, &RankPanel::apply);
    connect(m_save, &QPushButton::clicked, this, [this] { saveTable(); });
    connect(m_cancel, &QPushButton::clicked, this, &RankPanel::cancel);
    connect(close, &QPushButton::clicked, this, [this] {
        cancel();
        Q_EMIT closed();
    });
    connect(m_family, &QComboBox::activated, this, [this] {
        if (!m_folder.isEmpty()) rank(m_folder, m_what);
    });
    connect(&m_worker, &RankWorker::progressed, this, [this](double part, const QString&) {
        m_progress->setValue(static_cast<int>((static_cast<double>(m_fits.size()) + part) * 1000));
    });
    connect(&m_worker, &RankWorker::fitted, this, [this](const SongFit& fit, int done, int of) {
        m_of = of;
        m_fits.push_back(fit);
        rankFits(m_fits, wishes());
        m_progress->setValue(done * 1000);
        showFits();
    });
    connect(&m_worker, &RankWorker::finished, this, [this] {
        m_progress->hide();
        showFits();
    });
    connect(&session.doc, &DocumentSession::documentChanged, this, [this] {
        if (!isHidden()) m_says->setText(says());
    });
    showFits();
}

void RankPanel::begin() {
    show();
    m_says->setText(says());
    m_songs->setFocus(Qt::OtherFocusReason);
}

void RankPanel::choose(Ranked what) {
    const bool songs = what == Ranked::Songs;
    const QString folder = askForFolder(this, m_session, songs ? FolderFor::Songs : FolderFor::Routines,
                                        songs ? tr("A folder of songs") : tr("A folder of routines"));
    if (!folder.isEmpty()) rank(folder, what);
}

FitWishes RankPanel::wishes() const {
    FitWishes wishes;
    if (const auto plan = m_plans.leave()) wishes.plan = *plan;
    if (const FamilyTempo* range = tempoRangeOf(m_family->currentData().toString().toStdString()))
        wishes.tempo = *range;
    return wishes;
}

void RankPanel::rank(const QString& folder, Ranked what) {
    m_worker.cancel();
    m_folder = folder;
    m_what = what;
    m_fits.clear();
    m_asked = m_session.doc.document();
    const QStringList files = RankWorker::filesIn(folder, what);
    m_of = static_cast<int>(files.size());
    m_progress->setRange(0, std::max(1, m_of) * 1000);
    m_progress->setValue(0);
    m_progress->setVisible(m_of > 0);
    if (m_of > 0) m_worker.start(*m_asked, files, what, wishes());
    showFits();
}

bool RankPanel::stale() const {
    if (!m_asked) return false;
    const Document& now = m_session.doc.document();
    return now.scheme != m_asked->scheme ||
           (m_what == Ranked::Songs ? now.routine != m_asked->routine
                                    : now.map != m_asked->map && *now.map != *m_asked->map);
}

QString RankPanel::says() const {
    if (m_folder.isEmpty())
        return tr(
            "Choose a folder: each song is planned for this dance with what the plans may do, and the tempo counts too. Recordings are heard once and remembered.");
    if (m_of == 0)
        return m_what == Ranked::Songs
                   ? tr("There is no song in %1: no recording, routine, MIDI file or text.").arg(m_folder)
                   : tr("There is no routine in %1.").arg(m_folder);
    if (stale())
        return m_what == Ranked::Songs
                   ? tr("The dance was changed since: this is how they fitted it before. Choose the folder again.")
                   : tr("The song was changed since: this is how they fitted it before. Choose the folder again.");
    if (m_worker.busy()) return tr("%1 of %2 read.").arg(m_fits.size()).arg(m_of);
    return m_fits.size() < static_cast<std::size_t>(m_of)
               ? tr("Stopped: %1 of %2 read.").arg(m_fits.size()).arg(m_of)
               : tr("%n in all, the best fit first: by what has to be changed, and each per cent of tempo.", nullptr,
                    m_of);
}

void RankPanel::showFits() {
    const int row = m_table->currentRow();
    m_table->clearRows();
    for (const SongFit& fit : m_fits) {
        const bool planned = fit.problem.empty();
        const QString percent = std::abs(fit.percent - 100) < 0.05
                                    ? (m_family->currentData().isValid() && fit.bpm > 0 ? tr("as it is") : QString())
                                    : tr("%L1 %").arg(fit.percent, 0, 'f', 1);
        const auto number = [&](auto n) { return planned ? QString::number(n) : QString(); };
        m_table->addRow(
            {q(fit.name), fit.bpm > 0 ? QString::number(std::lround(fit.bpm)) : QString(),
             fit.bpm > 0 ? (fit.otherBars ? tr("%1, other bars").arg(q(fit.metre)) : q(fit.metre)) : QString(), percent,
             number(fit.exceptions), number(fit.misses), number(fit.cost), QString::number(fit.stops),
             planned ? q(endingInWords(fit)) : QString(), q(fit.note())},
            !planned);
    }
    if (m_table->rowCount() > 0) m_table->selectRow(std::clamp(row, 0, m_table->rowCount() - 1));
    showNote();
    m_says->setText(says());
    m_cancel->setEnabled(m_worker.busy());
    m_save->setEnabled(!m_fits.empty());
    m_take->setEnabled(!m_fits.empty());
}

/// What is said of the chosen file, whole: a table cuts it short.
void RankPanel::showNote() {
    const int row = m_table->currentRow();
    const bool any = row >= 0 && static_cast<std::size_t>(row) < m_fits.size();
    const SongFit none;
    const SongFit& fit = any ? m_fits[static_cast<std::size_t>(row)] : none;
    const QString note = q(fit.note());
    m_note->setText(note.isEmpty() ? QString() : q(fit.name) + QStringLiteral(": ") + note);
    m_note->setVisible(!note.isEmpty());
}

void RankPanel::apply() {
    const int row = m_table->currentRow();
    if (row < 0 || static_cast<std::size_t>(row) >= m_fits.size()) return;
    const QString file = pathOf(m_fits[static_cast<std::size_t>(row)].file);
    if (m_what == Ranked::Songs)
        Q_EMIT songWanted(file);
    else
        Q_EMIT routineWanted(file);
}

void RankPanel::saveTable(QString path) {
    if (m_fits.empty()) return;
    if (path.isEmpty())
        path = askWhereToWrite(this, m_session, FolderFor::Sheets, tr("Save the table"), QStringLiteral("fits.csv"),
                               {QStringLiteral("csv")}, tr("Tables (*.csv)"));
    if (path.isEmpty()) return;
    const auto written = writeFileAtomically(fileName(path), fitsToCsv(m_fits));
    Q_EMIT m_session.messages.told(written ? tr("The table is in %1.").arg(QFileInfo(path).fileName())
                                           : q(written.error().message));
}

} // namespace lc::app
