// The tables of stages and commands: what the window makes of them, shown with a stage that does nothing.
#include "empty_stage.h"
#include "support/core_support.h"
#include "support/window_rig.h"

#include "app/window/command_box.h"
#include "app/window/command_table.h"
#include "app/window/rail.h"

#include <QFile>
#include <QMenu>
#include <QMenuBar>
#include <QTemporaryDir>

using namespace lc;
using namespace lc::app;
using lc::test::EmptyStage;
using lc::test::WindowRig;

namespace {

/// The window with one line more in its table of stages.
struct StagesRig : WindowRig {
    StagesRig() : WindowRig(withOneMore()) {}
    static std::vector<StageMaker> withOneMore() {
        std::vector<StageMaker> stages = allStages();
        stages.push_back(
            [](const StageContext& context, QWidget* parent) -> Stage* { return new EmptyStage(context, parent); });
        return stages;
    }
    EmptyStage& empty() const { return window->stage<EmptyStage>(); }
    Rail& rail() const { return *window->findChild<Rail*>(); }
    QStringList menus() const {
        QStringList all;
        for (const QAction* menu : window->menuBar()->actions()) all << QString(menu->text()).remove('&');
        return all;
    }
    QMenu* menu(const QString& title) const {
        for (const QAction* menu : window->menuBar()->actions())
            if (QString(menu->text()).remove('&') == title) return menu->menu();
        return nullptr;
    }
    QStringList found(const QString& typed) const {
        shortcut(Qt::Key_K, Qt::ControlModifier);
        QTest::keyClicks(&window->commandBox(), typed);
        const QStringList shown = window->commandBox().shown();
        QTest::keyClick(&window->commandBox(), Qt::Key_Escape);
        return shown;
    }
};

bool hasColour(const QImage& image, const QColor& colour) {
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            if (image.pixelColor(x, y) == colour) return true;
    return false;
}

QString keysOfTheManual(const std::vector<CommandTable::Key>& keys) {
    QString text = QStringLiteral(
        "# Keys\n\nWhat every command has in its menu. The words of a command find it in the box as well (Ctrl+K). This page is written from the program's own table.\n");
    QString menu;
    for (const CommandTable::Key& key : keys) {
        if (key.key.isEmpty()) continue;
        if (key.menu != menu)
            text += QStringLiteral("\n## %1\n\n| key | what it does |\n|---|---|\n").arg(menu = key.menu);
        text += QStringLiteral("| %1 | %2 |\n")
                    .arg(key.key.toString(QKeySequence::NativeText).replace('|', "\\|"), key.name);
    }
    return text;
}

} // namespace

class StagesTest : public QObject {
    Q_OBJECT

private Q_SLOTS:
    void initTestCase() { lc::test::prepareProgram("lift-count-stages-test"); }

    void aStageIsOneFolderAndOneLine() {
        StagesRig rig;
        EmptyStage& empty = rig.empty();
        QCOMPARE(rig.window->stages().size(), allStages().size() + 1);
        QVERIFY(rig.window->stages().back() == &empty);
        // its key, its menu, its place in the menu of views
        QVERIFY(!empty.isVisible());
        rig.shortcut(Qt::Key_9, Qt::AltModifier);
        QVERIFY(empty.isVisible());
        QCOMPARE(empty.entered, 1);
        QCOMPARE(rig.window->focusWidget(), empty.field);
        QCOMPARE(rig.menus(), (QStringList{"Routine", "Edit", "Song", "Figures", "Arrange", "Empty", "Play", "Findings",
                                           "View", "Help"}));
        QVERIFY(rig.menu("Empty")->actions().front()->text() == "Do nothing");
        const auto views = rig.menu("View")->actions();
        QVERIFY(std::any_of(views.begin(), views.end(), [](const QAction* action) {
            return action->text() == "Empty" && action->shortcut() == QKeySequence(Qt::ALT | Qt::Key_9);
        }));
        // its legend in the rail, and its state
        QVERIFY(hasColour(rig.rail().grab().toImage(), QColor(255, 0, 255)));
        const QImage before = rig.rail().grab().toImage();
        empty.open = 3;
        Q_EMIT empty.stateChanged();
        QVERIFY(rig.rail().grab().toImage() != before);
        // Escape takes the keyboard home; the next stage is left to
        rig.window->setFocus();
        rig.shortcut(Qt::Key_Escape);
        QCOMPARE(rig.window->focusWidget(), empty.field);
        rig.shortcut(Qt::Key_2, Qt::AltModifier);
        QCOMPARE(empty.left, 1);
        QVERIFY(!empty.isVisible());
        QVERIFY(!hasColour(rig.rail().grab().toImage(), QColor(255, 0, 255)));
    }

    void itsCommandsAreFoundEverywhere() {
        StagesRig rig;
        EmptyStage& empty = rig.empty();
        rig.shortcut(Qt::Key_N, Qt::ControlModifier | Qt::AltModifier); // from another stage: it is brought first
        QCOMPARE(empty.done, 1);
        QVERIFY(empty.isVisible());
        QCOMPARE(rig.found("do noth"), QStringList{"Do nothing"});
        QCOMPARE(rig.found("idle"), QStringList{"Do nothing"}); // by another word
        QVERIFY(rig.found("void").contains("void 1"));
        QVERIFY(rig.found("no such thing at all").isEmpty());
        // as a button over the stage, which shows whether it is so
        QPushButton* button = nullptr;
        for (auto* one : rig.window->findChildren<QPushButton*>())
            if (one->text() == "Nothing") button = one;
        QVERIFY(button && button->isVisible());
        QVERIFY(button->property("chosen").toBool());
        QTest::mouseClick(button, Qt::LeftButton);
        QCOMPARE(empty.done, 2);
        QVERIFY(!button->property("chosen").toBool());
        rig.shortcut(Qt::Key_3, Qt::AltModifier);
        QVERIFY(!button->isVisible());
        // in the menu of the strips, and as a menu of choices
        const auto strips = rig.window->commands().menu("strips")->actions();
        QVERIFY(std::any_of(strips.begin(), strips.end(),
                            [](const QAction* action) { return action->text() == "Do nothing"; }));
        QMenu* choose = rig.menu("Empty")->actions().back()->menu();
        QVERIFY(choose);
        Q_EMIT choose->aboutToShow();
        QCOMPARE(choose->actions().size(), 1);
        choose->actions().front()->trigger();
        QCOMPARE(empty.done, 3);
        // in the list of keys
        const auto keys = rig.window->commands().keys();
        QVERIFY(std::any_of(keys.begin(), keys.end(), [](const CommandTable::Key& key) {
            return key.menu == "Empty" && key.name == "Do nothing" && key.key == QKeySequence("Ctrl+Alt+N");
        }));
    }

    /// Several stages answer one command: the one that is shown does.
    void theShownStageAnswers() {
        StagesRig rig;
        rig.shortcut(Qt::Key_3, Qt::AltModifier);
        const bool folded = rig.window->stage<ArrangeStage>().findingsFolded();
        rig.shortcut(Qt::Key_F6);
        QCOMPARE(rig.empty().folded, 0);
        QCOMPARE(rig.window->stage<ArrangeStage>().findingsFolded(), !folded);
        rig.shortcut(Qt::Key_9, Qt::AltModifier);
        rig.shortcut(Qt::Key_F6);
        QCOMPARE(rig.empty().folded, 1);
        QCOMPARE(rig.window->stage<ArrangeStage>().findingsFolded(), !folded);
        QVERIFY(!rig.window->commands().run("no.such-command"));
    }

    void itsViewIsKeptWithTheRoutine() {
        QTemporaryDir folder;
        const QString path = folder.filePath("kept.liftcount");
        {
            StagesRig rig;
            rig.session->doc.startNew();
            QVERIFY(rig.session->doc.edit(SetTitle{"Kept"}));
            rig.shortcut(Qt::Key_9, Qt::AltModifier);
            rig.empty().kept = 7;
            rig.session->view.setMagnification(Magnification::Page);
            QVERIFY(rig.window->files().saveTo(path));
        }
        StagesRig rig;
        QCOMPARE(rig.empty().kept, 0);
        rig.window->openAny(path);
        QTRY_COMPARE(rig.session->doc.path(), path);
        QCOMPARE(rig.empty().kept, 7);
        QVERIFY(rig.empty().isVisible());
        QVERIFY(rig.session->view.magnification() == Magnification::Page);
    }

    void everyCommandIsWhole() {
        WindowRig rig;
        QSet<QString> names;
        for (const QAction* action : rig.window->commands().actions()) {
            QVERIFY(!action->text().isEmpty());
            QVERIFY2(!names.contains(action->text()),
                     qPrintable(action->text())); // in the box they could not be told apart
            names.insert(action->text());
        }
        for (const Stage* stage : rig.window->stages())
            for (const QByteArray& id : stage->heading()) QVERIFY2(rig.window->commands().action(id), id.constData());
    }

    /// Keys that every desktop program has mean here what they mean there.
    void everydayKeysAreTheUsualOnes() {
        WindowRig rig;
        const std::pair<const char*, const char*> keys[] = {
            {"routine.new", "Ctrl+N"},  {"routine.open", "Ctrl+O"},
            {"routine.save", "Ctrl+S"}, {"routine.save-as", "Ctrl+Shift+S"},
            {"window.close", "Ctrl+W"}, {"window.quit", "Ctrl+Q"},
            {"edit.undo", "Ctrl+Z"},    {"edit.redo", "Ctrl+Shift+Z"},
            {"edit.cut", "Ctrl+X"},     {"edit.copy", "Ctrl+C"},
            {"edit.paste", "Ctrl+V"},   {"edit.delete", "Del"},
            {"edit.all", "Ctrl+A"},     {"figure.search", "Ctrl+F"},
            {"view.full", "F11"}};
        for (const auto& [id, key] : keys) QCOMPARE(rig.window->commands().action(id)->shortcut().toString(), key);
    }

    /// The manual's list of keys is the table's. LIFTCOUNT_WRITE_MANUAL=1 writes it anew.
    void theManualHasTheKeys() {
        WindowRig rig;
        const QString keys = keysOfTheManual(rig.window->commands().keys());
        QFile manual(QStringLiteral(LIFTCOUNT_SOURCE_DIR "/docs/manual/keys.md"));
        if (qEnvironmentVariableIsSet("LIFTCOUNT_WRITE_MANUAL")) {
            QVERIFY(manual.open(QIODevice::WriteOnly));
            manual.write(keys.toUtf8());
            manual.close();
        }
        QVERIFY(manual.open(QIODevice::ReadOnly));
        QCOMPARE(QString::fromUtf8(manual.readAll()), keys);
    }
};

LIFTCOUNT_TEST(StagesTest)
#include "tst_stages.moc"
