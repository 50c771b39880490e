// Choosing, mending and trying songs in the real window.
#include "support/arrange_rig.h"
#include "support/core_support.h"

#include "app/arrange/mend_panel.h"
#include "app/arrange/rank_panel.h"
#include "app/arrange/song_trial_panel.h"
#include "app/arrange/tempo_panel.h"
#include "app/widgets/plain_table.h"
#include "app/window/command_box.h"
#include "audio/sound/audio_file.h"
#include "core/base/csv_text.h"
#include "core/document/document_file.h"
#include "core/exchange/map_import.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFile>
#include <QSpinBox>
#include <QTemporaryDir>

using namespace lc;
using test::ArrangeRig;
using test::must;

namespace {

void write(const QString& path, const QByteArray& bytes) {
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly)) qFatal("cannot write %s", qPrintable(path));
    file.write(bytes);
}

} // namespace

class SongsWindowTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;

private Q_SLOTS:
    void initTestCase() { test::prepareProgram("lc-songs-window"); }

    void songsOfAFolderAreRanked() {
        QTemporaryDir folder;
        for (const auto& [name, structure] :
             {std::pair{"odd", "verse 30 | chorus 34 | verse 30"}, {"square", "verse 32 | chorus 32 | verse 32"}})
            write(folder.filePath(QString("%1.txt").arg(name)),
                  QString("Lift Count routine\ntitle: %1\nsong: %2\ntempo: 122\nroles: everyone\npart: A\n")
                      .arg(name, structure)
                      .toUtf8());
        QFile square(folder.filePath("square.txt")); // as an old editor saves it
        QVERIFY(square.open(QIODevice::Append) && square.write("# f\xFCr alle\n") > 0);
        square.close();
        write(folder.filePath("broken.liftcount"), "{ not a routine");
        write(folder.filePath("notes.md"), "no song");
        ArrangeRig rig("verse 32 | chorus 32");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-32 walk");
        rig.order("A A");
        rig.doAnything("which song"); // its older name finds it
        app::RankPanel& panel = rig.arrange().ranking();
        QVERIFY(panel.isVisible());
        panel.rank(folder.path(), Ranked::Songs);
        QTRY_VERIFY(!panel.busy());
        QCOMPARE(panel.fits().size(), std::size_t{3});
        QCOMPARE(panel.table().rowText(0)[0], "square");
        QCOMPARE(panel.table().rowText(0).mid(4, 4), (QStringList{"0", "0", "0", "0"}));
        QVERIFY2(!panel.table().rowText(2)[9].isEmpty(),
                 qPrintable(panel.table().rowText(2).join('|'))); // the broken one says why
        QVERIFY2(panel.says().startsWith("3 in all"), qPrintable(panel.says()));
        panel.table().selectRow(2);
        const auto* note = panel.findChild<QLabel*>("rankNote");
        QCOMPARE(note->text(), panel.table().rowText(2)[0] + ": " +
                                   panel.table().rowText(2)[9]); // whole, whatever the table cuts off
        panel.table().selectRow(0);
        QVERIFY2(note->text().contains("not UTF-8"), qPrintable(note->text()));
        panel.table().selectRow(1);
        QVERIFY(note->isHidden());
        rig.order("A A A"); // another dance than the one that was planned
        QVERIFY2(panel.says().startsWith("The dance was changed since"), qPrintable(panel.says()));
        rig.session->doc.undo();
        QVERIFY2(panel.says().startsWith("3 in all"), qPrintable(panel.says()));
        auto* family = panel.findChild<QComboBox*>("rankFamily"); // a tempo is wanted
        family->setCurrentIndex(family->findData("waltz"));
        Q_EMIT family->activated(family->currentIndex());
        QTRY_VERIFY(!panel.busy() && panel.fits().size() == 3);
        QVERIFY2(panel.table().rowText(0)[3].endsWith('%'), qPrintable(panel.table().rowText(0).join('|')));
        const QString table = folder.filePath("fits.csv");
        panel.saveTable(table);
        QFile csv(table);
        QVERIFY(csv.open(QIODevice::ReadOnly));
        QCOMPARE(must(parseCsv(csv.readAll().toStdString())).size(), std::size_t{4});
        panel.table().selectRow(0); // tried on the routine, pass by pass
        rig.press("rankTake");
        QVERIFY(rig.arrange().songTrial().isVisible());
        QVERIFY2(rig.arrange().songTrial().says().contains("There every pass lands, here"),
                 qPrintable(rig.arrange().songTrial().says()));
        QVERIFY(!panel.isVisible());
    }
    void dancesOfAFolderAreRankedAndStopped() {
        QTemporaryDir folder;
        for (int n = 0; n < 12; ++n)
            write(
                folder.filePath(QString("dance %1.txt").arg(n, 2, 10, QLatin1Char('0'))),
                QString(
                    "Lift Count routine\ntitle: of %1\nsong: verse 32\ntempo: 120\nroles: everyone\nfigure: Walk\n  everyone: 1-%1 walk\npart: A\n  Walk\norder: A A A\n")
                    .arg(8 * (n + 1))
                    .toUtf8());
        ArrangeRig rig("verse 48 | chorus 48 | verse 48");
        app::RankPanel& panel = rig.arrange().ranking();
        rig.arrange().showRanking();
        panel.rank(folder.path(), Ranked::Routines);
        QTRY_VERIFY(!panel.busy());
        QCOMPARE(panel.fits().size(), std::size_t{12});
        QCOMPARE(panel.fits().front().cost, 0);
        QVERIFY(panel.fits().front().name == "of 48" || panel.fits().front().name == "of 16" ||
                panel.fits().front().name == "of 8" || panel.fits().front().name == "of 24");
        panel.rank(folder.path(), Ranked::Routines);
        panel.cancel();
        QVERIFY(!panel.busy());
        QVERIFY2(panel.says().startsWith("Stopped:") || panel.fits().size() == 12, qPrintable(panel.says()));
        QTemporaryDir empty;
        panel.rank(empty.path(), Ranked::Songs);
        QVERIFY2(panel.says().startsWith("There is no song in"), qPrintable(panel.says()));
    }
    void tempiOfDances() {
        ArrangeRig rig("verse 32 | chorus 32", 124);
        QTest::keyClicks(rig.arrange().editor().line(0), "1-32 walk");
        rig.order("A A");
        rig.doAnything("tempi of dances");
        app::TempoPanel& panel = rig.arrange().tempi();
        QVERIFY(panel.isVisible());
        QCOMPARE(panel.says(), "This song has 124.0 bpm, 4/4.");
        int chaCha = -1, waltz = -1;
        for (int r = 0; r < panel.table().rowCount(); ++r) {
            if (panel.table().rowText(r)[0] == "cha-cha") chaCha = r;
            if (panel.table().rowText(r)[0] == "waltz") waltz = r;
        }
        QVERIFY(chaCha >= 0 && waltz > chaCha); // what suits the bars and fits comes first
        QCOMPARE(panel.table().rowText(chaCha)[4], "100 %, as it is");
        QVERIFY(panel.table().rowText(chaCha)[6].contains("World DanceSport Federation"));
        for (int r = 0; r < panel.table().rowCount(); ++r)
            if (panel.table().rowText(r)[0] == "rumba") {
                QCOMPARE(panel.table().rowText(r)[4], "87.1 %");
                panel.table().selectRow(r);
            }
        QVERIFY2(panel.findChild<QLabel*>("tempoPace")->text().contains("108 steps a minute"),
                 qPrintable(panel.findChild<QLabel*>("tempoPace")->text()));
        rig.press("playAtTempo");
        QCOMPARE(rig.session->transport.tempoPercent(), 87);
    }
    void whatIfTheSongWereEdited() {
        ArrangeRig rig("verse 32 | quiet 16 | chorus 32 | outro 32");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-32 walk");
        rig.order("A x4");
        rig.doAnything("try the routine");
        app::SongTrialPanel& panel = rig.arrange().songTrial();
        auto* edits = panel.findChild<QComboBox*>("trialEdits");
        const int without = edits->findText("without Quiet");
        QVERIFY(without > 0);
        edits->setCurrentIndex(without);
        Q_EMIT edits->activated(without);
        QVERIFY2(panel.says().contains("Best plan there, for 0:"), qPrintable(panel.says()));
        QCOMPARE(rig.session->doc.landing().grid.countsInSong(), 112); // nothing is changed yet
        auto* tempo = panel.findChild<QSpinBox*>("trialTempo");
        tempo->setValue(96); // 4 % slower
        QVERIFY2(panel.says().contains("Best plan there, for 5: One restart"), qPrintable(panel.says()));
    }
    void theMusicIsMended() {
        ArrangeRig rig("verse 32 | chorus 36 | verse 32 | chorus 32");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-32 walk");
        rig.order("A x4");
        rig.doAnything("mend the music");
        app::MendPanel& panel = rig.arrange().musicMends();
        QVERIFY(panel.isVisible());
        QVERIFY2(panel.says().contains("There is no recording"), qPrintable(panel.says()));
        QVERIFY(panel.findChild<app::RemedyChoice*>("mend0")->text().startsWith("One change: without bar "));
        rig.press("applyMend"); // the structure
        QCOMPARE(rig.session->doc.landing().grid.countsInSong(), 128);
        for (const PassPerformance& pass : rig.performance().passes)
            QVERIFY(lands(rig.session->doc.landing().grid, pass));
        QVERIFY2(panel.says().startsWith("The dance lands as it is"), qPrintable(panel.says()));
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(rig.session->doc.landing().grid.countsInSong(), 132);
    }
    void aRecordingIsMendedHeardAndWritten() {
        ArrangeRig rig("verse 32");
        rig.session->doc.startNew(); // nothing is asked about unsaved work
        rig.window->openDemo();
        QTRY_VERIFY_WITH_TIMEOUT(!rig.session->song.loading() && rig.session->song.sound(), 60000);
        rig.window->showStage(app::stage_id::arrange);
        rig.arrange().showMends();
        app::MendPanel& panel = rig.arrange().musicMends();
        QVERIFY(panel.mends() && panel.mends()->mends.front().misses == 0);
        QVERIFY(!rig.button("applyMend")->isEnabled()); // the person says first that they may
        panel.findChild<QCheckBox*>("mayChange")->setChecked(true);
        QVERIFY(rig.button("applyMend")->isEnabled());
        rig.press("hearJoint");
        QVERIFY(rig.session->transport.hearingFigure());
        rig.session->transport.endHearingFigure();
        const QString path = m_folder.filePath("mended.flac");
        const std::string before = rig.session->doc.document().song.path;
        panel.write(QString::fromStdString(before)); // never over the recording itself
        QCOMPARE(rig.session->doc.document().song.path, before);
        panel.write(path);
        QCOMPARE(rig.session->doc.document().song.path, path.toStdString());
        QVERIFY2(QString::fromStdString(rig.session->doc.document().song.title).endsWith(", mended"),
                 rig.session->doc.document().song.title.c_str());
        for (const PassPerformance& pass : rig.performance().passes)
            QCOMPARE(*phraseMiss(rig.session->doc.landing().grid, pass.start), Tick{});
        QFile csv(m_folder.filePath("mended.csv"));
        QVERIFY(csv.open(QIODevice::ReadOnly));
        QCOMPARE(must(importMap(csv.readAll().toStdString(), "mended.csv")).map.beats.size(),
                 rig.session->doc.document().map->beats.size());
        const AudioBuffer sound = must(decodeSong(path.toStdString())).sound;
        QVERIFY(std::abs(sound.seconds() - rig.session->doc.document().map->end) <
                30); // with what sounds behind the last beat
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(rig.session->doc.document().song.path, before);
    }
};

LIFTCOUNT_TEST(SongsWindowTest)
#include "tst_songs_window.moc"
