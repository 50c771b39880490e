#include "app/arrange/mend_panel.h"

#include "app/base/paths.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/when_shown.h"
#include "app/base/wording.h"
#include "app/widgets/file_asking.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/page_parts.h"
#include "app/widgets/panel_parts.h"
#include "audio/sound/audio_file.h"
#include "audio/sound/song_splice.h"
#include "core/base/files.h"
#include "core/exchange/map_export.h"
#include "core/reports/landing_report.h"
#include "core/reports/song_trial.h"

#include <QCheckBox>
#include <QFileInfo>
#include <QFormLayout>
#include <QPushButton>
#include <QSpinBox>
#include <QStandardPaths>

#include <algorithm>

namespace lc::app {

MendPanel::MendPanel(Session& session, const Theme& theme, QWidget* parent)
    : ProposalsPage(tr("Edits of the music"), QStringLiteral("mend"), session, theme, parent),
      m_worker(session.working()), m_writer(session.working()) {
    auto* allowed = new QFormLayout;
    allowed->setHorizontalSpacing(theme.px(8));
    allowed->setVerticalSpacing(theme.px(3));
    settings().addLayout(allowed);
    const auto field = [&](const QString& label, const char* name, const QString& what, int least, int most,
                           int value) {
        auto* spin = numberField(name, what, least, most, theme, this);
        spin->setValue(value);
        allowed->addRow(label, spin);
        connect(spin, &QSpinBox::valueChanged, this, &MendPanel::refresh);
        return spin;
    };
    m_longest =
        field(tr("at most, in bars"), "mendLongest", tr("Bars that one cut or repeat takes at most"), 1, 32, 16);
    m_joint = field(tr("a joint costs"), "mendJoint", tr("Cost of a joint"), 0, 99, 10);
    m_bar = field(tr("each bar costs"), "mendBar", tr("Cost of each bar left out or played again"), 0, 99, 1);
    m_mayChange = new QCheckBox(tr("I may change this recording"), this);
    m_mayChange->setObjectName(QStringLiteral("mayChange"));
    m_mayChange->setToolTip(tr(
        "Whoever has the rights in a recording says what may be done with it. You say that you may; the recording itself stays as it is."));
    foot().addWidget(m_mayChange);
    m_hear = addButton(&foot(), tr("Hear the joint"), tr("Some seconds before and after it; again the next joint"),
                       "hearJoint", this);
    m_upToDate = new WhenShown(this, [this] { refresh(); });
    connect(m_mayChange, &QCheckBox::toggled, this, &MendPanel::chose);
    connect(m_hear, &QPushButton::clicked, this, &MendPanel::hearJoint);
    connect(&session.doc, &DocumentSession::documentChanged, m_upToDate, &WhenShown::ask);
    connect(&session.song, &SongSession::songReady, m_upToDate, &WhenShown::ask);
    m_upToDate->ask(); // when it is opened first
}

void MendPanel::hideEvent(QHideEvent* event) {
    m_session.transport.endHearingFigure();
    ProposalsPage::hideEvent(event);
}

void MendPanel::apply() { write(); }

QString MendPanel::undoName() const { return tr("mend the music"); }

void MendPanel::refresh() {
    if (isHidden()) return;
    MusicMendWishes wishes;
    wishes.longest = static_cast<std::size_t>(m_longest->value());
    wishes.joint = m_joint->value();
    wishes.bar = m_bar->value();
    wishes.most = 4;
    m_mends.reset();
    nothingYet();
    m_worker.start([document = m_session.doc.document(), landing = m_session.doc.sharedLanding(),
                    wishes](const Task& task) { return compare(document, *landing, wishes, task); },
                   [this](Result<Compared> compared) { showCompared(std::move(compared)); });
}

Result<MendPanel::Compared> MendPanel::compare(const Document& document, const Landing& landing,
                                               const MusicMendWishes& wishes, const Task& task) {
    auto mends = mendMusic(document, landing, wishes, task);
    if (!mends) return tl::unexpected(mends.error());
    Compared out{std::move(*mends), {}};
    for (const MusicMend& mend : out.mends.mends) {
        const auto song = editSong(*document.map, mend.spans);
        if (!song) break;
        std::vector<Edit> edits = songEdited(document, *song);
        const auto then = applyEdits(document, edits);
        if (!then) break;
        const Landing landed = land(*then, landing.limits);
        const auto& passes = landed.performance.passes;
        const auto begun = std::count_if(passes.begin(), passes.end(),
                                         [&](const PassPerformance& p) { return p.start < landed.grid.end(); });
        const auto good = std::count_if(passes.begin(), passes.end(), [&](const PassPerformance& p) {
            return p.start < landed.grid.end() && lands(landed.grid, p);
        });
        const std::int64_t best = out.mends.mends.front().cost;
        Text price = mend.cost == best
                         ? Core::sentence("No mend of the music costs less than %1.", best)
                         : Core::sentence("It costs %1, %2 more than the best.", mend.cost, mend.cost - best);
        price += Core::sentence("The song is %1 then; %2.", inCounts(landed.grid.end()), passesThatLand(good, begun));
        if (mend.joints == 0) edits.clear();
        out.rows.push_back({mendInWords(*document.map, mend), std::move(price), std::move(edits)});
    }
    out.mends.mends.resize(out.rows.size()); // the row and the list stay alike
    return out;
}

void MendPanel::showCompared(Result<Compared> compared) {
    if (!compared) return setProposals(tl::unexpected(compared.error()));
    m_mends = std::move(compared->mends);
    say(says());
    std::vector<Proposal> proposals;
    for (Tried& row : compared->rows) proposals.push_back({q(row.title), q(row.price), std::move(row.edits)});
    setProposals(std::move(proposals));
}

QString MendPanel::says() const {
    if (!m_mends) return said();
    if (!m_mends->mends.empty() && m_mends->mends.front().joints == 0)
        return tr("The dance lands as it is: the music need not be mended.");
    if (recorded() && !m_session.song.sound())
        return tr(
            "The recording is not read yet, or not where it was: its joints can be heard and written when it is.");
    return recorded()
               ? tr("The dance stays as it is. Listen to every joint before you decide: the arithmetic does not hear the singer.")
               : tr("The dance stays as it is. There is no recording: only the song's structure is changed.");
}

bool MendPanel::may() const {
    return m_mends && !m_writing && (!recorded() || (m_mayChange->isChecked() && m_session.song.sound()));
}

void MendPanel::chose() {
    m_nextJoint = 0;
    m_hear->setEnabled(m_mends && any() && m_mends->mends[chosen()].joints > 0 && m_session.song.sound());
    m_hear->setVisible(recorded());
    m_mayChange->setVisible(recorded());
    QPushButton& write = applyButton();
    showMay();
    write.setText(recorded() ? tr("Write the new song …") : tr("Take the new structure"));
    write.setToolTip(
        any() && recorded() && !m_mayChange->isChecked()
            ? tr("Say first that you may change this recording")
            : tr("A new file with the joints faded on the beat, and its map beside it; it becomes the routine's song. The recording stays as it is."));
}

bool MendPanel::recorded() const { return !m_session.doc.document().song.path.empty(); }

Result<EditedSong> MendPanel::chosenSong() const {
    const auto sound = m_session.song.sound();
    const SongMap& map = *m_session.doc.document().map;
    return editSong(map, m_mends->mends[chosen()].spans, sound ? std::max(0.0, sound->seconds() - map.end) : 0);
}

void MendPanel::hearJoint() {
    if (!m_hear->isEnabled()) return;
    const auto song = chosenSong();
    if (!song || song->joints.empty()) return;
    const std::size_t joint = m_nextJoint++ % song->joints.size();
    m_session.transport.hearFigure(
        std::make_shared<const SongSound>(aroundJoint(*m_session.song.sound(), *song, joint)));
    m_session.messages.tell(tr("Joint %1 of %2.").arg(joint + 1).arg(song->joints.size()));
}

void MendPanel::write(QString path) {
    if (!applyButton().isEnabled()) return;
    auto song = chosenSong();
    if (!song) return m_session.messages.tell(q(song.error().message));
    const QString title = q(m_session.doc.document().song.title.empty() ? m_session.doc.document().title
                                                                        : m_session.doc.document().song.title);
    if (!recorded()) {
        m_session.doc.edit(songEdited(m_session.doc.document(), *song), tr("mend the music"));
        return;
    }
    if (path.isEmpty())
        path = askWhereToWrite(this, m_session, FolderFor::Songs, tr("Write the mended song"),
                               tr("%1 mended").arg(QString(title).remove(QLatin1Char('/'))),
                               {QStringLiteral("flac"), QStringLiteral("wav"), QStringLiteral("ogg")},
                               tr("Sound (*.flac *.wav *.ogg)"));
    if (path.isEmpty()) return;
    if (fileName(path) == m_session.doc.document().song.path)
        return m_session.messages.tell(tr("That is the recording itself, which stays as it is. Choose another name."));
    QString table =
        QFileInfo(path).path() + QLatin1Char('/') + QFileInfo(path).completeBaseName() + QStringLiteral(".csv");
    for (int n = 2; QFileInfo::exists(table); ++n) // another's table is not written over
        table = QFileInfo(path).path() + QLatin1Char('/') + QFileInfo(path).completeBaseName() +
                QStringLiteral(" %1.csv").arg(n);
    m_writing = true;
    showMay();
    m_writer.start(
        [sound = m_session.song.sound(), song = *song, file = fileName(path),
         csv = fileName(table)](const Task&) -> Result<FileFingerprint> {
            if (const auto written = writeSound(spliced(*sound, song.sound), file); !written)
                return tl::unexpected(written.error());
            if (const auto saved = writeFileAtomically(csv, mapToCsv(song.map)); !saved)
                return tl::unexpected(saved.error());
            return fingerprintFile(file);
        },
        [this, song = *song, path, table, title,
         revision = m_session.doc.revision()](const Result<FileFingerprint>& print) {
            m_writing = false;
            showMay();
            if (!print) return m_session.messages.tell(q(print.error().message));
            const QString done = tr("%1 is written, with its map in %2.")
                                     .arg(readable(QFileInfo(path).fileName()), readable(QFileInfo(table).fileName()));
            if (revision != m_session.doc.revision())
                return m_session.messages.tell(
                    done + QLatin1Char(' ') +
                    tr("The routine was changed meanwhile, so its song stays. Open the new one from the Song menu."));
            const SongReference file{fileName(path),
                                     print->bytes,
                                     print->hash,
                                     song.map.end,
                                     tr("%1, mended").arg(title).toStdString(),
                                     m_session.doc.document().song.artist};
            m_session.doc.edit(songEdited(m_session.doc.document(), song, file), tr("mend the music"));
            m_session.messages.tell(done);
        });
}

} // namespace lc::app
