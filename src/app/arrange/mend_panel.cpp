#include "app/arrange/mend_panel.h"

#include "app/arrange/panel_parts.h"
#include "app/arrange/proposal_row.h"
#include "app/shell/session.h"
#include "app/shell/when_shown.h"
#include "app/shell/wording.h"
#include "app/steps/page_parts.h"
#include "audio/audio_file.h"
#include "audio/song_splice.h"
#include "core/document/document_file.h"
#include "core/exchange/map_export.h"
#include "core/landing/song_trial.h"

#include <QCheckBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QSettings>
#include <QSpinBox>

#include <algorithm>

namespace lc::app {

namespace {
QString q(const std::string& text) { return QString::fromStdString(text); }
} // namespace

MendPanel::MendPanel(Session& session, const Theme& theme, QWidget* parent) : QWidget(parent), m_session(session) {
    setAccessibleName(tr("Mend the music instead of the dance"));
    auto* all = panelColumn(theme, this);
    auto* row = new QHBoxLayout;
    const auto field = [&](const char* name, const QString& what, int least, int most, int value) {
        auto* spin = numberField(name, what, least, most, theme, this);
        spin->setValue(value);
        row->addWidget(spin);
        connect(spin, &QSpinBox::valueChanged, this, &MendPanel::refresh);
        return spin;
    };
    addWords(row, tr("Mend the music"), theme, this, true);
    addWords(row, tr("by at most"), theme, this);
    m_longest = field("mendLongest", tr("Bars that one cut or repeat takes at most"), 1, 32, 16);
    addWords(row, tr("bars; a joint costs"), theme, this);
    m_joint = field("mendJoint", tr("Cost of a joint"), 0, 99, 10);
    addWords(row, tr("each bar"), theme, this);
    m_bar = field("mendBar", tr("Cost of each bar left out or played again"), 0, 99, 1);
    row->addStretch();
    m_hear = addButton(row, tr("Hear the joint"), tr("Some seconds before and after it; again the next joint"), "hearJoint", this);
    m_write = addButton(row, tr("Write the new song …"), {}, "writeMend", this);
    m_write->setProperty("main", true);
    auto* close = addButton(row, tr("Close"), {}, "closeMends", this);
    all->addLayout(row);
    auto* below = new QHBoxLayout;
    m_says = paragraph({}, theme.words(13), theme.colours().ink2, this);
    below->addWidget(m_says, 1);
    m_mayChange = new QCheckBox(tr("I may change this recording"), this);
    m_mayChange->setObjectName(QStringLiteral("mayChange"));
    m_mayChange->setToolTip(tr("Whoever has the rights in a recording says what may be done with it. You say that you may; the recording itself stays as it is."));
    below->addWidget(m_mayChange);
    all->addLayout(below);
    m_row = new ProposalRow(QStringLiteral("mend"), theme, this);
    m_row->setAccessibleName(tr("Mends of the music, the best first"));
    all->addWidget(m_row, 1);
    setMinimumHeight(theme.px(310));
    hide();
    m_upToDate = new WhenShown(this, [this] { refresh(); });
    connect(m_row, &ProposalRow::picked, this, &MendPanel::choose);
    connect(m_mayChange, &QCheckBox::toggled, this, [this] { choose(m_row->chosen()); });
    connect(m_hear, &QPushButton::clicked, this, &MendPanel::hearJoint);
    connect(m_write, &QPushButton::clicked, this, [this] { write(); });
    connect(close, &QPushButton::clicked, this, [this] {
        m_session.endHearingFigure();
        hide();
    });
    connect(&session, &Session::documentChanged, m_upToDate, &WhenShown::ask);
    connect(&session, &Session::songReady, m_upToDate, &WhenShown::ask);
}

void MendPanel::begin() {
    show();
    refresh();
    m_longest->setFocus(Qt::OtherFocusReason);
}

void MendPanel::refresh() {
    if (isHidden()) return;
    const Document& document = m_session.document();
    const Landing& landing = m_session.landing();
    MusicMendWishes wishes;
    wishes.longest = static_cast<std::size_t>(m_longest->value());
    wishes.joint = m_joint->value();
    wishes.bar = m_bar->value();
    wishes.most = 4;
    auto mends = mendMusic(document, landing, wishes);
    m_mends.reset();
    m_row->clear();
    if (mends) m_mends = std::move(*mends);
    else m_says->setText(QStringLiteral("◆ ") + q(mends.error().message));
    for (std::size_t i = 0; m_mends && i < m_mends->mends.size(); ++i) {
        const MusicMend& mend = m_mends->mends[i];
        const auto song = editSong(*document.map, mend.spans);
        const auto then = song ? applyEdits(document, songEdited(document, *song)) : tl::unexpected(song.error());
        if (!then) { // the row and the list stay alike
            m_mends->mends.resize(i);
            break;
        }
        Landing landed = land(*then, landing.limits);
        const auto& passes = landed.performance.passes;
        const auto begun = std::count_if(passes.begin(), passes.end(), [&](const PassPerformance& p) { return p.start < landed.grid.end(); });
        const auto good = std::count_if(passes.begin(), passes.end(), [&](const PassPerformance& p) { return p.start < landed.grid.end() && lands(landed.grid, p); });
        const std::int64_t best = m_mends->mends.front().cost;
        QString price = mend.cost == best ? tr("No mend of the music costs less than %1.").arg(best) : tr("It costs %1, %2 more than the best.").arg(mend.cost).arg(mend.cost - best);
        price += tr(" The song is %1 then; %2 of %3 passes land.").arg(q(countsInWords(landed.grid.end()))).arg(good).arg(begun);
        m_row->add(q(mendInWords(*document.map, mend)), price, landing, std::move(landed));
    }
    if (m_mends) m_says->setText(says());
    choose(0);
}

QString MendPanel::says() const {
    if (!m_mends) return m_says->text();
    if (!m_mends->mends.empty() && m_mends->mends.front().joints == 0) return tr("The dance lands as it is: the music need not be mended.");
    if (recorded() && !m_session.sound()) return tr("The recording is not read yet, or not where it was: its joints can be heard and written when it is.");
    return recorded() ? tr("The dance stays as it is. Listen to every joint before you decide: the arithmetic does not hear the singer.") : tr("The dance stays as it is. There is no recording: only the song's structure is changed.");
}

void MendPanel::choose(std::size_t index) {
    m_row->choose(index);
    m_nextJoint = 0;
    const bool can = m_mends && index < m_mends->mends.size() && m_mends->mends[index].joints > 0;
    m_hear->setEnabled(can && m_session.sound());
    m_write->setEnabled(can && (recorded() ? m_mayChange->isChecked() && m_session.sound() : true));
    m_write->setText(recorded() ? tr("Write the new song …") : tr("Take the new structure"));
    m_write->setToolTip(can && !m_write->isEnabled() ? tr("Say first that you may change this recording") : tr("A new file with the joints faded on the beat, and its map beside it; it becomes the routine's song. The recording stays as it is."));
    m_mayChange->setVisible(recorded());
}

bool MendPanel::recorded() const { return !m_session.document().song.path.empty(); }

Result<EditedSong> MendPanel::chosenSong() const {
    const auto sound = m_session.sound();
    const SongMap& map = *m_session.document().map;
    return editSong(map, m_mends->mends[m_row->chosen()].spans, sound ? std::max(0.0, sound->seconds() - map.end) : 0);
}

void MendPanel::hearJoint() {
    if (!m_hear->isEnabled()) return;
    const auto song = chosenSong();
    if (!song || song->joints.empty()) return;
    const std::size_t joint = m_nextJoint++ % song->joints.size();
    m_session.hearFigure(std::make_shared<const AudioBuffer>(aroundJoint(*m_session.sound(), *song, joint)));
    Q_EMIT m_session.told(tr("Joint %1 of %2.").arg(joint + 1).arg(song->joints.size()));
}

void MendPanel::write(QString path) {
    if (!m_write->isEnabled()) return;
    auto song = chosenSong();
    if (!song) return Q_EMIT m_session.told(q(song.error().message));
    const QString title = q(m_session.document().song.title.empty() ? m_session.document().title : m_session.document().song.title);
    if (!recorded()) {
        m_session.edit(songEdited(m_session.document(), *song), tr("mend the music"));
        return;
    }
    if (path.isEmpty()) path = QFileDialog::getSaveFileName(this, tr("Write the mended song"), QSettings().value(QStringLiteral("songFolder")).toString() + QStringLiteral("/%1 mended.flac").arg(title), tr("Sound (*.flac *.wav *.ogg)"));
    if (path.isEmpty()) return;
    if (path == q(m_session.document().song.path)) return Q_EMIT m_session.told(tr("That is the recording itself, which stays as it is. Choose another name."));
    const auto written = writeSound(spliced(*m_session.sound(), song->sound), path.toStdString());
    if (!written) return Q_EMIT m_session.told(q(written.error().message));
    QString table = QFileInfo(path).path() + QLatin1Char('/') + QFileInfo(path).completeBaseName() + QStringLiteral(".csv");
    for (int n = 2; QFileInfo::exists(table); ++n) // another's table is not written over
        table = QFileInfo(path).path() + QLatin1Char('/') + QFileInfo(path).completeBaseName() + QStringLiteral(" %1.csv").arg(n);
    if (const auto saved = writeFileAtomically(table.toStdString(), mapToCsv(song->map)); !saved) return Q_EMIT m_session.told(q(saved.error().message));
    const auto print = fingerprintFile(path.toStdString());
    if (!print) return Q_EMIT m_session.told(q(print.error().message));
    const SongReference file{path.toStdString(), print->bytes, print->hash, song->map.end, (title + tr(", mended")).toStdString(), m_session.document().song.artist};
    m_session.edit(songEdited(m_session.document(), *song, file), tr("mend the music"));
    Q_EMIT m_session.told(tr("%1 is written, with its map in %2.").arg(QFileInfo(path).fileName(), QFileInfo(table).fileName()));
}

} // namespace lc::app
