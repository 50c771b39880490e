// The window's host: another theme, size of text or language while the program runs; preferences and keys.
#include "support/arrange_rig.h"
#include "support/pseudo_language.h"
#include "support/window_rig.h"

#include "app/base/languages.h"
#include "app/base/settings.h"
#include "app/widgets/plain_table.h"
#include "app/window/command_box.h"
#include "app/window/command_table.h"
#include "app/window/help.h"
#include "app/window/preferences.h"
#include "app/window/window_host.h"

#include <QAction>
#include <QComboBox>
#include <QMenu>
#include <QPlainTextEdit>
#include <QRegularExpression>
#include <QSlider>
#include <QTemporaryDir>
#include <QTimer>

using namespace lc;
using namespace lc::app;
using test::must;

namespace {

struct HostRig {
    QTemporaryDir languages;
    Session session{std::make_unique<SilentOutput>([] { return 0.0; }), Player::Filling::OnPull, Worker::Mode::AtOnce};
    std::unique_ptr<WindowHost> host;

    HostRig() {
        QDir(JournalKeeper::usualFolder()).removeRecursively();
        QSettings().clear();
        settings::setLook(settings::LookWanted::Bright);
        settings::setLanguage(QStringLiteral("en"));
        host = std::make_unique<WindowHost>(session, QString(), languages.path());
        host->window().show();
        (void)QTest::qWaitForWindowExposed(&host->window());
    }
    ~HostRig() { (void)speak({"en"}); }
    [[nodiscard]] MainWindow& window() const { return host->window(); }
    [[nodiscard]] Preferences* preferences() const { return window().findChild<Preferences*>(); }
    template <class W>
    [[nodiscard]] W* find(const char* name) const {
        return window().findChild<W*>(QString::fromLatin1(name));
    }
    void choose(const char* box, const QVariant& data) const {
        auto* combo = find<QComboBox>(box);
        const int index =
            data.typeId() == QMetaType::Int && !combo->itemData(0).isValid() ? data.toInt() : combo->findData(data);
        QVERIFY(index >= 0);
        combo->setCurrentIndex(index);
        Q_EMIT combo->activated(index);
    }
    void aRoutine() {
        TypedStructure typed;
        typed.text = "verse 32 | chorus 36 | verse 32";
        typed.bpm = 112;
        QVERIFY(session.song.setStructure(typed));
        const PartId part = session.doc.document().routine.parts.front().id;
        const RoleId role = session.doc.document().routine.roles.front().id;
        QVERIFY(session.doc.edit(SetLine{part, role, "1-32 walk"}));
        QVERIFY(session.doc.edit(SetOrder{{part, part, part}}));
    }
};

} // namespace

class WindowHostTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { test::prepareProgram("lc-window-host"); }
    void cleanupTestCase() { QSettings().clear(); }

    void aThemeIsPutOnAtOnce() {
        const HostRig rig;
        const MainWindow* before = &rig.window();
        rig.window().commands().run("preferences");
        QVERIFY(rig.preferences());
        rig.choose("prefTheme", 2);
        QCOMPARE(rig.host->theme().look(), Look::Dark);
        QCOMPARE(qApp->palette().color(QPalette::Window), paletteOf(Look::Dark).paper);
        QCOMPARE(&rig.window(), before);
        rig.choose("prefTheme", 1);
        QCOMPARE(rig.host->theme().look(), Look::Bright);
    }
    /// The window is another one; what was open, where one was, what is not saved and what can be undone are the same.
    void largerTextAtOnce() {
        HostRig rig;
        rig.aRoutine();
        rig.window().showStage(stage_id::arrange);
        rig.session.view.setMagnification(Magnification::Eight);
        rig.session.transport.setCaret(counts(40));
        const Document before = rig.session.doc.document();
        rig.session.transport.togglePlay(); // it plays on
        QVERIFY(rig.session.transport.player().playing());
        const QPointer<MainWindow> old = &rig.window();
        const int small = rig.window().fontMetrics().height();
        rig.window().commands().run("preferences");
        rig.choose("prefText", 160);
        QTRY_VERIFY(!old);
        QVERIFY(rig.window().isVisible());
        QVERIFY(rig.window().fontMetrics().height() > small);
        QVERIFY(rig.window().stage().is(stage_id::arrange));
        QCOMPARE(rig.session.view.magnification(), Magnification::Eight);
        QVERIFY(rig.session.transport.player().playing());
        const auto timers = rig.window().findChildren<QTimer*>();
        QVERIFY(std::any_of(timers.begin(), timers.end(), [](const QTimer* timer) {
            return timer->isActive() && timer->interval() == 15; // the place is followed
        }));
        rig.session.transport.togglePlay();
        QVERIFY(rig.session.transport.now() == counts(40));
        QVERIFY(rig.session.doc.document() == before);
        QVERIFY(rig.session.doc.canUndo());
        QVERIFY(rig.preferences());                     // open as before
        QVERIFY(rig.window().kept().unsaved().empty()); // its own work is not offered as another's
        QVERIFY(rig.window().kept().keeper().writeNow());
        rig.session.doc.undo();
        QVERIFY(rig.session.doc.document() != before);
        while (rig.session.doc.canUndo()) rig.session.doc.undo();
    }
    void anotherLanguageAtOnce() {
        HostRig rig;
        QVERIFY(test::writePseudoLanguage(rig.languages.path(), "de"));
        rig.aRoutine();
        rig.window().showStage(stage_id::arrange);
        const QPointer<MainWindow> old = &rig.window();
        settings::setLanguage("de");
        Q_EMIT rig.window().anewWanted();
        QTRY_VERIFY(!old);
        QCOMPARE(rig.window().stage().about().name, test::pseudo("Arrange"));
        QVERIFY(!rig.session.doc.landing().findings.empty());
        const QPointer<MainWindow> german = &rig.window();
        settings::setLanguage("en");
        Q_EMIT rig.window().anewWanted();
        QTRY_VERIFY(!german);
        QCOMPARE(rig.window().stage().about().name, "Arrange");
        while (rig.session.doc.canUndo()) rig.session.doc.undo();
    }
    void languagesAreThoseThatAreThere() {
        const QTemporaryDir folder;
        QCOMPARE(languages(folder.path()), QStringList{"en"});
        for (const char* name : {"lift-count_fr.qm", "lift-count_de.qm", "other.qm"}) {
            QFile file(folder.filePath(name));
            QVERIFY(file.open(QIODevice::WriteOnly));
        }
        QCOMPARE(languages(folder.path()), (QStringList{"en", "de", "fr"}));
        QCOMPARE(languageName("en"), "English");
        QCOMPARE(languageName("de"), "Deutsch");
        QCOMPARE(languageName("fr"), "Français");
    }
    void keysCanBeChanged() {
        const HostRig rig;
        CommandTable& commands = rig.window().commands();
        commands.run("preferences");
        Preferences& page = *rig.preferences();
        page.findKey("loop this pass");
        QCOMPARE(page.keys().rowCount(), 1);
        QCOMPARE(page.keys().rowText(0)[0], "O");
        QVERIFY(!page.giveKey(QKeySequence("Ctrl+K"), false)); // another one's
        QCOMPARE(page.saysOfKeys(), "Ctrl+K is the key of “Do anything”. Give that one another key first.");
        QCOMPARE(commands.action("play.loop")->shortcut().toString(), "O");
        QVERIFY(page.giveKey(QKeySequence("Ctrl+Alt+L"), false));
        QCOMPARE(commands.action("play.loop")->shortcut().toString(), "Ctrl+Alt+L");
        QVERIFY(commands.action("play.loop")->toolTip().endsWith("(Ctrl+Alt+L)"));
        QCOMPARE(page.keys().rowText(0)[0], "Ctrl+Alt+L *");
        QVERIFY(page.giveKey(QKeySequence("Ctrl+K"), true)); // and takes it
        QVERIFY(commands.action("box")->shortcut().isEmpty());
        // the next window has them
        Theme theme;
        Session session{std::make_unique<SilentOutput>([] { return 0.0; }), Player::Filling::OnPull,
                        Worker::Mode::AtOnce};
        {
            MainWindow next(session, theme);
            QCOMPARE(next.commands().action("play.loop")->shortcut().toString(), "Ctrl+K");
            QVERIFY(next.commands().action("box")->shortcut().isEmpty());
        }
        // and the usual ones come back
        rig.find<QPushButton>("prefUsualKey")->click();
        QCOMPARE(commands.action("play.loop")->shortcut().toString(), "O");
        page.findKey("do anything");
        rig.find<QPushButton>("prefUsualKey")->click();
        QCOMPARE(commands.action("box")->shortcut().toString(), "Ctrl+K");
        QVERIFY(settings::keys().isEmpty());
    }
    /// No two commands of one place have one key.
    void usualKeysDoNotClash() {
        const HostRig rig;
        for (const CommandTable::Key& one : rig.window().commands().keys())
            if (const auto* other = rig.window().commands().holderOf(one.key, one.id))
                QFAIL(qPrintable(one.name + " and " + other->name + ": " + one.key.toString()));
    }
    void theBoxFindsByOtherWords_data() {
        QTest::addColumn<QString>("typed");
        QTest::addColumn<QString>("found");
        QTest::newRow("dark") << "dark"
                              << "Theme: Dark";
        QTest::newRow("speed") << "speed"
                               << "Slower";
        QTest::newRow("metronome") << "metronome"
                                   << "Clicks on the counts";
        QTest::newRow("voice") << "voice"
                               << "Clicks on the counts";
        QTest::newRow("print") << "print"
                               << "Print the sheet …";
        QTest::newRow("settings") << "settings"
                                  << "Preferences …";
        QTest::newRow("zoom") << "zoom"
                              << "Size of text: 130 %";
        QTest::newRow("plans") << "plans"
                               << "Make it land …";
    }
    void theBoxFindsByOtherWords() {
        QFETCH(QString, typed);
        QFETCH(QString, found);
        const HostRig rig;
        rig.window().commandBox().begin();
        QTest::keyClicks(&rig.window().commandBox(), typed);
        const QStringList shown = rig.window().commandBox().shown();
        QVERIFY2(std::any_of(shown.begin(), shown.end(), [&](const QString& one) { return one.startsWith(found); }),
                 qPrintable(shown.join('\n')));
    }
    void helpIsInsideTheWindow() {
        const HostRig rig;
        const auto help = [&] { return rig.window().findChild<Help*>(); };
        rig.window().showStage(stage_id::arrange);
        rig.window().commands().run("help.stage");
        QVERIFY(help());
        QCOMPARE(help()->shownPage(), "arrange.md");
        QVERIFY(help()->text().contains("proved"));
        rig.window().showStage(stage_id::sheets); // has no page of its own
        rig.window().commands().run("help.stage");
        QCOMPARE(help()->shownPage(), "index.md");
        rig.window().commands().run("help.words");
        QVERIFY(help()->text().contains("turned round"));
        rig.window().commandBox().begin();
        QTest::keyClicks(&rig.window().commandBox(), "help no sound");
        QCOMPARE(rig.window().commandBox().shown().front(), "Help: There is no sound");
        QTest::keyClick(&rig.window().commandBox(), Qt::Key_Return);
        QCOMPARE(help()->shownPage(), "trouble.md");
        for (const Help::Heading& heading : Help::headings()) QVERIFY(!heading.text.isEmpty());
        QVERIFY(Help::headings().size() > 40);
        rig.window().commands().run("help.about");
        auto* about = rig.find<QDialog>("about");
        QVERIFY(about);
        const QString licences = about->findChild<QPlainTextEdit*>()->toPlainText();
        QVERIFY(licences.contains("SIL OPEN FONT LICENSE", Qt::CaseInsensitive));
    }
    /// Every link of the manual leads to a page or a picture that is there.
    void linksOfTheManualLeadSomewhere() {
        const QDir folder(Help::folder());
        static const QRegularExpression link(QStringLiteral("\\]\\(([^)#]+)(#[^)]*)?\\)"));
        int found = 0;
        for (const QString& page : folder.entryList({"*.md"})) {
            QFile file(folder.filePath(page));
            QVERIFY(file.open(QIODevice::ReadOnly));
            const QString text = QString::fromUtf8(file.readAll());
            for (auto it = link.globalMatch(text); it.hasNext(); ++found) {
                const QString target = it.next().captured(1);
                QVERIFY2(target.startsWith("http") || QFileInfo::exists(folder.filePath(target)),
                         qPrintable(page + ": " + target));
            }
        }
        QVERIFY(found > 20);
    }
    void recentFilesAreInTheMenu() {
        HostRig rig;
        rig.aRoutine();
        const QTemporaryDir folder;
        QVERIFY(rig.window().files().saveTo(folder.filePath("harvest.liftcount")));
        QMenu* recent = nullptr;
        for (QMenu* menu : rig.window().findChildren<QMenu*>())
            if (menu->title() == "Recent") recent = menu;
        QVERIFY(recent);
        Q_EMIT recent->aboutToShow();
        QCOMPARE(recent->actions().size(), 1);
        rig.session.doc.startNew();
        recent->actions().front()->trigger();
        QVERIFY(rig.session.doc.path().endsWith("harvest.liftcount"));
    }
    /// A song's structure and its words, dropped together; of two of a kind the first is opened, and that is said.
    void severalFilesAreDropped() {
        HostRig rig;
        const QTemporaryDir folder;
        const auto write = [&](const char* name, const char* text) {
            QFile file(folder.filePath(name));
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(text);
        };
        write(
            "map.csv",
            "time_s,bar_index,beat_in_bar,phrase_index\n0.5,0,1,0\n1,0,2,0\n1.5,0,3,0\n2,0,4,0\n2.5,1,1,0\n3,1,2,0\n3.5,1,3,0\n4,1,4,0\n");
        write("words.lrc", "[00:01.00]first words\n");
        write("other.csv", "time_s,bar_index,beat_in_bar,phrase_index\n");
        rig.window().openDropped(
            {folder.filePath("words.lrc"), folder.filePath("map.csv"), folder.filePath("other.csv")});
        QTRY_COMPARE(rig.session.doc.document().map->beats.size(), std::size_t{8});
        QTRY_COMPARE(rig.session.doc.document().moments.size(), std::size_t{1});
        while (rig.session.doc.canUndo()) rig.session.doc.undo();
    }
    void paperAndVolumeAreRemembered() {
        const HostRig rig;
        rig.window().commands().run("preferences");
        rig.choose("prefPaper", static_cast<int>(QPageSize::A5));
        QCOMPARE(settings::paper(), QPageSize::A5);
        rig.find<QSlider>("prefVolume")->setValue(40);
        QCOMPARE(settings::volume(), 40);
        auto* step = rig.find<QLineEdit>("prefStep");
        step->setText(QLocale().toString(0.4));
        Q_EMIT step->editingFinished();
        QCOMPARE(*rig.window().desk().limits().shortestStepSeconds, 0.4);
        // a window that is made with limits set
        Theme theme;
        Session session{std::make_unique<SilentOutput>([] { return 0.0; }), Player::Filling::OnPull,
                        Worker::Mode::AtOnce};
        MainWindow next(session, theme);
        QCOMPARE(*next.desk().limits().shortestStepSeconds, 0.4);
        rig.window().desk().setLimits({});
    }
};

LIFTCOUNT_TEST(WindowHostTest)
#include "tst_window_host.moc"
