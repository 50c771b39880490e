// Faults of people, files and moments, through the real window: what comes late is dropped, nothing is overwritten
// unasked, keys act where one looks.
#include "support/arrange_rig.h"
#include "support/core_support.h"

#include "app/arrange/plans_panel.h"
#include "app/base/figure_desk.h"
#include "app/base/paths.h"
#include "app/steps/figure_editor.h"
#include "app/steps/steps_stage.h"
#include "app/widgets/figure_list.h"
#include "app/widgets/file_asking.h"
#include "core/document/document_file.h"

#include <QFileDialog>
#include <QListView>
#include <QMessageBox>
#include <QTemporaryDir>
#include <QTimer>

#include <sys/stat.h>

using namespace lc;
using test::ArrangeRig;
using test::WindowRig;

namespace {

/// The window with work in threads, as it runs: for what comes late.
struct ThreadedRig {
    app::Theme theme;
    app::Session session{std::make_unique<SilentOutput>([] { return 0.0; }), Player::Filling::OnPull};
    app::MainWindow window{session, theme};
    ThreadedRig() {
        window.show();
        (void)QTest::qWaitForWindowExposed(&window);
    }
};

QString demoSong() { return QStringLiteral(LIFTCOUNT_SOURCE_DIR "/demo/copper-weathervane.ogg"); }

/// Does something to the next dialog of a kind as soon as it is there.
template <typename Dialog>
void whenShown(const std::function<void(Dialog*)>& what) {
    auto* timer = new QTimer(qApp);
    QObject::connect(timer, &QTimer::timeout, timer, [timer, what] {
        auto* dialog = qobject_cast<Dialog*>(QApplication::activeModalWidget());
        if (!dialog) return;
        timer->deleteLater();
        what(dialog);
    });
    timer->start(20);
}

} // namespace

class FaultsWindowTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;
    QString write(const char* name, const QByteArray& bytes) const {
        QFile file(m_folder.filePath(name));
        if (!file.open(QIODevice::WriteOnly)) qFatal("cannot write");
        file.write(bytes);
        return file.fileName();
    }

private Q_SLOTS:
    void initTestCase() {
        QApplication::setAttribute(Qt::AA_DontUseNativeDialogs);
        test::prepareProgram("tst_faults_window");
    }
    /// A song that is still being read when another routine is opened stays out of it.
    void aSongThatComesLateIsDropped() {
        ThreadedRig rig;
        const QString routine = write(
            "other.txt",
            "Lift Count routine\ntitle: Other\nsong: verse 32\ntempo: 120\nroles: everyone\nfigure: W\n  everyone: 1-8 walk L\npart: A\n  W\norder: A A\n");
        rig.session.song.openSong(demoSong());
        QVERIFY(rig.session.song.loading());
        rig.window.openAny(routine);
        QTRY_COMPARE(QString::fromStdString(rig.session.doc.document().title), "Other");
        QVERIFY(!rig.session.song.loading());
        QTest::qWait(300);
        QTRY_VERIFY(!rig.session.song.loading());
        QVERIFY(rig.session.doc.document().song.path.empty());
        QVERIFY(!rig.session.song.sound());
        rig.session.song.openSong(demoSong());
        rig.session.doc.startNew(); // the same with a new routine
        QTest::qWait(300);
        QVERIFY(rig.session.doc.document() == newDocument());
        rig.session.doc.startNew();
    }
    /// Statements that are made while the song is being worked out again are all worked in, in their order; and undo in
    /// between is respected.
    void statementsWaitForEachOther() {
        ThreadedRig rig;
        rig.session.song.openSong(demoSong());
        QTRY_VERIFY_WITH_TIMEOUT(rig.session.song.heardSong() && !rig.session.song.loading(), 60000);
        const auto& beats = rig.session.doc.document().map->beats;
        const double first = beats[32].time, second = beats[64].time, third = beats[96].time;
        for (const double at : {first, second, third}) rig.session.song.state({PhraseFact{at, std::nullopt}});
        QVERIFY(rig.session.song.solving());
        QTRY_VERIFY_WITH_TIMEOUT(!rig.session.song.solving(), 30000);
        QCOMPARE(rig.session.doc.document().facts.size(), std::size_t(3));
        rig.session.doc.undo(); // each is a step of its own
        QCOMPARE(rig.session.doc.document().facts.size(), std::size_t(2));
        rig.session.song.state({PhraseFact{third, std::nullopt}});
        rig.session.doc.undo(); // while it is worked in: anew around what holds now
        QTRY_VERIFY_WITH_TIMEOUT(!rig.session.song.solving(), 30000);
        QCOMPARE(rig.session.doc.document().facts.size(), std::size_t(2));
        QVERIFY(std::get<PhraseFact>(rig.session.doc.document().facts[1]).at == third);
        rig.session.doc.startNew();
    }
    /// With the plans open a letter typed is in the line at once, though the plans of before are still being laid; the
    /// plans that come are those of the last letter.
    void plansFollowBehindTheTyping() {
        ThreadedRig rig;
        rig.window.openAny(write(
            "plans.txt",
            "Lift Count routine\nsong: verse 36 | chorus 32 | verse 36 | chorus 32\ntempo: 120\nroles: everyone\nfigure: W\n  everyone: 1-8 walk L\npart: A\n  W\n  W\n  W\n  W\norder: A x4\n"));
        QTRY_COMPARE(rig.session.doc.document().routine.passes.size(), std::size_t(4));
        rig.window.stage<app::ArrangeStage>().showPlans();
        auto* plans = rig.window.findChild<app::PlansPanel*>();
        QTRY_VERIFY(plans->plans());
        const auto passes = rig.session.doc.document().routine.passes;
        for (int n = 1; n <= 20; ++n) rig.session.doc.edit(SetTag{passes[0].id, Tag{counts(n)}});
        QVERIFY(!plans->plans()); // nothing old can be applied
        QTRY_VERIFY(plans->plans());
        for (const auto& plan : plans->plans()->plans) QVERIFY(applyEdits(rig.session.doc.document(), plan.edits));
        rig.session.doc.startNew();
    }
    void saveAsAsksBeforeItOverwrites() {
        ArrangeRig rig("song 32");
        const QString there = write("precious.liftcount", "precious");
        QSettings().setValue("routineFolder", m_folder.path());
        int asked = 0;
        whenShown<QFileDialog>([&](QFileDialog* dialog) {
            whenShown<QMessageBox>([&](QMessageBox* box) {
                ++asked;
                whenShown<QFileDialog>(
                    [](QFileDialog* again) { again->reject(); }); // after “Go back” it asks for another name
                box->reject();
            });
            auto* name = dialog->findChild<QLineEdit*>("fileNameEdit");
            name->setText(m_folder.filePath("precious")); // without the ending
            QTest::keyClick(name, Qt::Key_Return);
        });
        QVERIFY(!rig.window->files().saveAs());
        QCOMPARE(asked, 1);
        QFile file(there);
        QVERIFY(file.open(QIODevice::ReadOnly));
        QCOMPARE(file.readAll(), QByteArray("precious"));
    }
    void aTitleStillBeingTypedIsSaved() {
        ArrangeRig rig("song 32");
        const QString path = m_folder.filePath("titled.liftcount");
        QVERIFY(rig.window->files().saveTo(path));
        auto* title = rig.window->findChild<QLineEdit*>("title");
        rig.shortcut(Qt::Key_T, Qt::ControlModifier);
        QTest::keyClicks(title, "Late evening");
        QTest::keyClick(title, Qt::Key_S, Qt::ControlModifier); // no Enter
        QCOMPARE(QString::fromStdString(test::must(loadDocument(path.toStdString())).document.title), "Late evening");
        QVERIFY(rig.session->doc.isSaved());
    }
    /// Ctrl+E goes to the steps from wherever one types, from the name of a figure that is just made as well; a field
    /// would take it for "end of line".
    void aNameOfferedIsPlacedOnceAndLeavesTheFieldEmpty() {
        ArrangeRig rig("verse 32 | chorus 32");
        rig.figure("Long walk", {"1-8 walk"});
        QLineEdit* field = rig.chain().field();
        for (const bool byMouse : {false, true}) {
            rig.shortcutToField();
            QTest::keyClicks(field, "ong wa");
            auto* popup = field->completer()->popup();
            QTRY_VERIFY(popup->isVisible());
            if (byMouse)
                QTest::mouseClick(popup->viewport(), Qt::LeftButton, Qt::NoModifier,
                                  popup->visualRect(popup->model()->index(0, 0)).center());
            else {
                QTest::keyClick(popup, Qt::Key_Down);
                QTest::keyClick(popup, Qt::Key_Return);
            }
            QTRY_COMPARE(rig.routine().parts.front().figures.size(), std::size_t{byMouse ? 3U : 2U});
            QTRY_COMPARE(field->text(), QString());
            QCoreApplication::processEvents();
            QCOMPARE(field->text(), QString());
        }
        QCOMPARE(rig.routine().figures.size(), std::size_t{1});
    }
    void theStepsAreReachedFromAName() {
        WindowRig rig;
        rig.window->openDemo();
        QTRY_VERIFY_WITH_TIMEOUT(rig.session->song.loudness(), 30000);
        rig.window->showStage(app::stage_id::steps);
        auto& desk = rig.window->stage<app::StepsStage>().desk();
        desk.newFigure();
        auto* name = rig.window->stage<app::StepsStage>().findChild<QLineEdit*>("figureName");
        QVERIFY(name);
        name->setFocus();
        QTRY_VERIFY(name->hasFocus());
        QTest::keyClicks(name, "Lantern");
        QTest::keyClick(name, Qt::Key_E, Qt::ControlModifier);
        QWidget* now = rig.window->focusWidget();
        QVERIFY(now && now != name && rig.window->stage<app::StepsStage>().editor().isAncestorOf(now));
        QTest::keyClick(now, Qt::Key_K, Qt::ControlModifier);
        QVERIFY(rig.window->focusWidget() != now);
    }
    void dialogsNeverBeginAtTheRoot() {
        ArrangeRig rig("song 32");
        QSettings().clear();
        for (const auto what :
             {app::FolderFor::Songs, app::FolderFor::Routines, app::FolderFor::Sheets, app::FolderFor::Figures}) {
            const QString folder = app::startFolder(*rig.session, what);
            QVERIFY2(folder != "/" && QFileInfo(folder).isDir(), qPrintable(folder));
        }
        QSettings().setValue("songFolder", "/gone/for/good");
        QVERIFY(QFileInfo(app::startFolder(*rig.session, app::FolderFor::Songs)).isDir());
        QTemporaryDir mine, other; // where the routine is comes before where one was last time
        QVERIFY(rig.session->doc.save(mine.filePath("dance.liftcount")));
        app::settings::setFolder(app::FolderFor::Routines, other.path());
        QCOMPARE(app::startFolder(*rig.session, app::FolderFor::Routines), mine.path());
        QCOMPARE(app::startFolder(*rig.session, app::FolderFor::Sheets, app::Purpose::Write), mine.path());
        rig.session->doc.startNew();
        QCOMPARE(app::startFolder(*rig.session, app::FolderFor::Routines), other.path());
        rig.window->openDemo(); // its folder belongs to the program
        QCOMPARE(app::startFolder(*rig.session, app::FolderFor::Routines), other.path());
        QVERIFY(!rig.session->doc.document().song.path.empty());
        const auto real = [](const QString& folder) { return QFileInfo(folder).canonicalFilePath(); };
        QVERIFY(!real(app::shippedFolder("demo")).isEmpty());
        QVERIFY(real(app::startFolder(*rig.session, app::FolderFor::Songs)) != real(app::shippedFolder("demo")));
    }
    /// Letters typed into the list of figures search it; they neither leave the stage nor state anything of the song.
    void lettersBelongToTheStrips() {
        WindowRig rig;
        rig.window->openDemo();
        QTRY_VERIFY_WITH_TIMEOUT(rig.session->song.loudness(), 30000);
        rig.window->showStage(app::stage_id::steps);
        auto* list = rig.window->stage<app::StepsStage>().list().list();
        list->setFocus();
        QTRY_VERIFY(list->hasFocus());
        const Document before = rig.session->doc.document();
        const int tempo = rig.session->transport.tempoPercent();
        for (const char c : QByteArray("hnkbovpmgst0+-?")) QTest::keyClick(list, c);
        QVERIFY(rig.session->doc.document() == before);
        QVERIFY(rig.window->stage().is(app::stage_id::steps));
        QCOMPARE(rig.session->transport.tempoPercent(), tempo);
        list->clearFocus(); // nor on any other part of a stage, a button of Listen or Arrange too
        const auto lettersDoNothing = [&](const QByteArray& stage) {
            for (const Qt::Key key : {Qt::Key_H, Qt::Key_1, Qt::Key_N, Qt::Key_M, Qt::Key_R, Qt::Key_B, Qt::Key_O,
                                      Qt::Key_V, Qt::Key_Minus, Qt::Key_0})
                rig.shortcut(key);
            QVERIFY2(rig.window->stage().is(stage), stage.constData());
            QVERIFY2(rig.session->doc.document() == before, stage.constData());
            QCOMPARE(rig.session->transport.tempoPercent(), tempo);
        };
        lettersDoNothing(app::stage_id::steps);
        for (const char* stage : {app::stage_id::listen, app::stage_id::arrange, app::stage_id::sheets}) {
            rig.window->showStage(QByteArray(stage));
            for (QPushButton* button : rig.window->stage().findChildren<QPushButton*>()) {
                if (!button->isVisible() || !button->isEnabled() || !(button->focusPolicy() & Qt::TabFocus)) continue;
                button->setFocus();
                lettersDoNothing(stage);
                break;
            }
        }
        // Space presses the button that has the keyboard, and plays elsewhere
        rig.window->showStage(app::stage_id::arrange);
        QVERIFY(!rig.session->transport.player().playing());
        auto* passes = rig.window->findChild<QPushButton*>("newPart");
        QVERIFY(passes && passes->isVisible());
        passes->setFocus();
        rig.shortcut(Qt::Key_Space);
        QVERIFY(!rig.session->transport.player().playing());
        QVERIFY(rig.session->doc.document() != before); // it was pressed
        rig.session->doc.undo();
        rig.window->stage<app::ArrangeStage>().strips().setFocus();
        rig.shortcut(Qt::Key_Space);
        QVERIFY(rig.session->transport.player().playing());
        rig.shortcut(Qt::Key_Space);
        rig.window->showStage(app::stage_id::listen); // on focused strips they do what they did
        rig.window->stage<app::ListenStage>().strips().setFocus();
        rig.session->transport.setCaret(counts(36));
        QTest::keyClick(&rig.window->stage<app::ListenStage>().strips(), 'h');
        QVERIFY(rig.session->doc.document() != before);
    }
    /// Ctrl+Enter acts on what is highlighted: with the plans open on the chosen plan, in the column of findings on the
    /// remedy there.
    void ctrlEnterActsOnWhatIsHighlighted() {
        ArrangeRig rig("verse 36 | chorus 32 | verse 32");
        rig.figure("Walk", {"1-32 walk"});
        rig.order("A A A");
        QVERIFY(!rig.session->doc.landing().findings.empty());
        rig.arrange().showPlans();
        auto* plans = rig.window->findChild<app::PlansPanel*>();
        QVERIFY(plans->plans() && !plans->plans()->plans.front().edits.empty());
        const Document before = rig.session->doc.document(),
                       planned = test::must(applyEdits(before, plans->plans()->plans.front().edits));
        rig.shortcut(Qt::Key_Return, Qt::ControlModifier);
        QVERIFY(rig.session->doc.document() == planned);
        rig.session->doc.undo();
        QVERIFY(plans->isVisible() && !rig.arrange().findings().isVisible()); // one list, and one button that applies
        rig.arrange().showTempi(); // a table takes the middle: the plans are not applied unseen
        QVERIFY(!plans->isVisible());
        rig.shortcut(Qt::Key_Return, Qt::ControlModifier);
        QVERIFY(rig.session->doc.document() == before);
        rig.arrange().showPlans();
        QVERIFY(plans->isVisible());
        rig.arrange().strips().setFocus();
        rig.shortcut(Qt::Key_Escape);
        QVERIFY(!plans->isVisible() && rig.arrange().findings().isVisible());
        QVERIFY(!rig.session->doc.previewLanding());
        auto& findings = rig.arrange().findings();
        std::size_t other = 0; // a remedy that does not do what the plan does
        for (std::size_t open = 0; open < rig.session->doc.landing().findings.size(); ++open) {
            findings.openFinding(static_cast<int>(open));
            for (other = 0; other < findings.remedies().size() &&
                            test::must(applyEdits(before, findings.remedies()[other].edits)) == planned;)
                ++other;
            if (other < findings.remedies().size()) break;
        }
        const auto& remedies = findings.remedies();
        QVERIFY2(other < remedies.size(), qPrintable(rig.findingsShown()));
        const std::vector<Edit> remedyEdits = remedies[other].edits;
        auto* remedy = rig.window->findChild<QAbstractButton*>(QStringLiteral("remedy%1").arg(other));
        QVERIFY(remedy && remedy->isVisible());
        QTest::mouseClick(remedy, Qt::LeftButton);
        remedy->setFocus();
        QVERIFY(rig.arrange().findings().isAncestorOf(rig.window->focusWidget()));
        rig.shortcut(Qt::Key_Return, Qt::ControlModifier);
        QVERIFY(rig.session->doc.document() == test::must(applyEdits(before, remedyEdits)));
    }
    void pipesDoNotFreezeTheWindow() {
        WindowRig rig;
        const QString pipe = m_folder.filePath("pipe.liftcount");
        QCOMPARE(::mkfifo(pipe.toUtf8().constData(), 0600), 0);
        rig.window->openAny(pipe);
        QVERIFY2(rig.window->lastTold().contains("is a pipe"), qPrintable(rig.window->lastTold()));
        const QString song = m_folder.filePath("pipe.ogg");
        QCOMPARE(::mkfifo(song.toUtf8().constData(), 0600), 0);
        rig.window->openAny(song);
        QTRY_VERIFY2(rig.window->lastTold().contains("pipe.ogg") && rig.window->lastTold().contains("is a pipe"),
                     qPrintable(rig.window->lastTold()));
        const QString labels = m_folder.filePath("pipe.csv");
        QCOMPARE(::mkfifo(labels.toUtf8().constData(), 0600), 0);
        rig.window->openAny(labels);
        QTRY_VERIFY2(rig.window->lastTold().contains("pipe.csv"), qPrintable(rig.window->lastTold()));
    }
    void westernLabelsComeThroughToTheExport() {
        WindowRig rig;
        rig.window->openAny(write("labels.txt", "0.5\t8.5\tRefr\xE3o\n8.5\t16.5\tStr\xF3"
                                                "fe\n"));
        QVERIFY2(rig.window->lastTold().contains("not UTF-8"), qPrintable(rig.window->lastTold()));
        QCOMPARE(QString::fromStdString(rig.session->doc.document().map->phrases[0].label), QString("Refrão"));
    }
};

LIFTCOUNT_TEST(FaultsWindowTest)
#include "tst_faults_window.moc"
