// Nothing is lost: unsaved work of a window that ended, and earlier versions of a file, brought back by hand.
#include "support/arrange_rig.h"
#include "support/core_support.h"
#include "support/window_rig.h"

#include "app/steps/steps_stage.h"
#include "app/window/file_desk.h"
#include "app/window/kept_work.h"
#include "app/window/start_page.h"

#include <QDialog>
#include <QDir>
#include <QLineEdit>
#include <QMessageBox>
#include <QTemporaryDir>

using namespace lc;
using namespace lc::app;
using lc::test::WindowRig;

namespace {

/// A window that was killed: its journal stays and its lock goes.
void leave(const JournalEntry& entry) {
    auto journal = test::must(Journal::open(JournalKeeper::usualFolder().toStdString()));
    test::must(journal->write(entry, 1));
}

JournalEntry evening(const std::string& title, const std::string& file = {}) {
    JournalEntry entry;
    entry.document = test::documentOn("intro 16 | verse 32 | chorus 32");
    entry.document->title = title;
    entry.file = file;
    entry.caret = counts(9);
    return entry;
}

} // namespace

class KeptWorkTest : public QObject {
    Q_OBJECT

    std::unique_ptr<QTemporaryDir> m_folder;
    [[nodiscard]] QString file(const char* name) const { return m_folder->filePath(QString::fromLatin1(name)); }
    static QString title(const WindowRig& rig) { return app::q(rig.session->doc.document().title); }
    static std::vector<LeftBehind> left() { return leftBehind(JournalKeeper::usualFolder().toStdString()); }
    /// What this window would leave if it were killed now: its journal is read as another would after that.
    static JournalEntry wouldLeave(WindowRig& rig) {
        rig.window->kept().keeper().writeNow();
        const std::vector<LeftBehind> others = left();
        for (const QString& name : QDir(JournalKeeper::usualFolder()).entryList({QStringLiteral("*.journal")})) {
            const QString path = JournalKeeper::usualFolder() + QStringLiteral("/") + name;
            if (std::any_of(others.begin(), others.end(),
                            [&](const LeftBehind& other) { return other.path == path.toStdString(); }))
                continue;
            QFile journal(path);
            if (journal.open(QIODevice::ReadOnly))
                return test::must(readJournal(journal.readAll().toStdString())).entry;
        }
        return {};
    }

private Q_SLOTS:
    void initTestCase() { lc::test::prepareProgram("lift-count-kept-test"); }
    void init() { m_folder = std::make_unique<QTemporaryDir>(); }

    /// Every change, by whatever hand, is in the journal soon; a saved routine has none.
    void changesAreKeptAndSavedOnesForgotten() {
        test::ArrangeRig rig("song 32");
        JournalEntry entry = wouldLeave(rig);
        QVERIFY(entry.document == rig.session->doc.document());
        QCOMPARE(app::q(entry.file), "");
        // a title that is still being typed
        rig.shortcut(Qt::Key_T, Qt::ControlModifier);
        auto* titleField = rig.window->findChild<QLineEdit*>("title");
        titleField->selectAll();
        rig.keys(titleField, "Turm im Regen");
        QCOMPARE(title(rig), "");
        entry = wouldLeave(rig);
        QCOMPARE(app::q(entry.document->title), "Turm im Regen");
        QTest::keyClick(titleField, Qt::Key_Return);
        QCOMPARE(title(rig), "Turm im Regen");
        // saved: nothing is left; changed again, with its file
        QVERIFY(rig.window->files().saveTo(file("a.liftcount")));
        rig.window->kept().keeper().writeNow();
        QVERIFY(!wouldLeave(rig).document);
        rig.session->doc.edit(SetTitle{"after"});
        rig.session->transport.setCaret(counts(5));
        entry = wouldLeave(rig);
        QCOMPARE(app::q(entry.file), file("a.liftcount"));
        QVERIFY(entry.caret == counts(5));
        // by itself, after a moment
        rig.session->doc.edit(SetTitle{"by itself"});
        QTRY_COMPARE(app::q(QFile(JournalKeeper::usualFolder()).exists() ? wouldLeaveUnasked() : ""), "by itself");
        // nothing that was undone to the saved state is kept
        while (!rig.session->doc.isSaved()) rig.session->doc.undo();
        QVERIFY(!wouldLeave(rig).document);
    }
    static std::string wouldLeaveUnasked() {
        for (const QString& name : QDir(JournalKeeper::usualFolder()).entryList({QStringLiteral("*.journal")})) {
            QFile journal(JournalKeeper::usualFolder() + QStringLiteral("/") + name);
            if (!journal.open(QIODevice::ReadOnly)) continue;
            const auto read = readJournal(journal.readAll().toStdString());
            if (read && read->entry.document) return read->entry.document->title;
        }
        return {};
    }

    /// A figure whose line is being typed, of the vocabulary, which keeps it a moment later.
    void aFigureThatIsTypedIsKept() {
        WindowRig rig;
        rig.window->showStage(stage_id::steps);
        FigureDesk& desk = rig.window->desk();
        desk.newFigure();
        FigureCard card = desk.card();
        card.lines = {{"everyone", "1 side R 2 cl"}};
        desk.change(card);
        QVERIFY(desk.hasUnkept());
        JournalEntry entry = wouldLeave(rig);
        QVERIFY(!entry.document);
        QVERIFY(entry.figure && entry.figure->card.lines == card.lines);
        desk.keepNow();
        QVERIFY(!wouldLeave(rig).figure);
        // brought back into the figure, and as a new one where that is gone
        entry.figure->card.lines[0].text = "1 side R 2 close L";
        leave(entry);
        rig.window->kept().lookAgain();
        QCOMPARE(rig.window->kept().unsaved().size(), std::size_t(1));
        QVERIFY(rig.window->kept().unsaved()[0].title.startsWith("Figure"));
        const std::size_t many = desk.figures().size();
        rig.window->kept().bringBackUnsaved(0);
        QCOMPARE(desk.figures().size(), many);
        QVERIFY(desk.card().lines == entry.figure->card.lines);
        entry.figure->id = "00000000000000000000000000000000";
        entry.figure->card.name = "Verweht";
        leave(entry);
        rig.window->kept().lookAgain();
        rig.window->kept().bringBackUnsaved(0);
        QCOMPARE(desk.figures().size(), many + 1);
        QCOMPARE(app::q(desk.card().name), "Verweht");
        QVERIFY(left().empty());
    }

    /// The start page offers what a window left; the saved file stays as it is until the person saves.
    void theStartPageOffersWhatWasLeft() {
        const std::string path = file("evening.liftcount").toStdString();
        Document saved = *evening("as saved").document;
        (void)test::must(saveDocument(saved, path));
        WindowRig rig;
        auto* start = rig.window->findChild<StartPage*>();
        QVERIFY(!start->unsaved()->isVisible());
        leave(evening("other"));
        leave(evening("changed", path));
        rig.window->kept().lookAgain();
        QCOMPARE(start->unsaved()->size(), 2);
        QVERIFY(start->unsaved()->isVisible());
        QVERIFY(rig.window->kept().unsaved()[0].about.contains("evening.liftcount"));
        rig.press("bringBack0");
        QTRY_COMPARE(title(rig), "changed");
        QCOMPARE(rig.window->stage().about().id, QByteArray(stage_id::arrange));
        QVERIFY(rig.session->transport.now() == counts(9));
        QVERIFY(!rig.session->doc.isSaved());
        QCOMPARE(rig.session->doc.path(), QString::fromStdString(path));
        QCOMPARE(test::must(loadDocument(path)).document.title, std::string("as saved"));
        QCOMPARE(app::q(wouldLeave(rig).document->title), "changed"); // it is in this window's own journal now
        QCOMPARE(rig.window->kept().unsaved().size(), std::size_t(1));
        // saving writes over the file, as the person said, and keeps what was there
        QVERIFY(rig.window->files().save());
        QCOMPARE(test::must(loadDocument(path)).document.title, std::string("changed"));
        QCOMPARE(rig.window->files().versions().size(), std::size_t(2));
        rig.window->kept().throwAwayUnsaved(0);
        QVERIFY(left().empty());
        QVERIFY(!start->unsaved()->isVisible());
    }

    /// The file was saved again after the journal was written: what is brought back does not take its place.
    void whatWasSavedSinceIsNotOverwritten() {
        const std::string path = file("overtaken.liftcount").toStdString();
        WindowRig rig;
        leave(evening("before", path));
        QTest::qWait(20);
        (void)test::must(saveDocument(*evening("since").document, path));
        rig.window->kept().lookAgain();
        rig.window->kept().bringBackUnsaved(0);
        QCOMPARE(title(rig), "before");
        QCOMPARE(rig.session->doc.path(), "");
        QVERIFY(rig.window->lastTold().contains("was saved again after this"));
        QCOMPARE(test::must(loadDocument(path)).document.title, std::string("since"));
    }
    void moreThanThePageHoldsIsInTheMenu() {
        WindowRig rig;
        for (int i = 0; i < 5; ++i) leave(evening("evening " + std::to_string(i)));
        rig.window->kept().lookAgain();
        QCOMPARE(rig.window->findChild<StartPage*>()->unsaved()->size(), 3);
        QVERIFY(rig.window->commands().run("routine.unsaved"));
        auto* dialog = rig.window->findChild<QDialog*>("keptWork");
        QCOMPARE(dialog->findChild<KeptList*>()->size(), 5);
        Q_EMIT dialog->findChild<KeptList*>()->thrownAway(4);
        QTRY_COMPARE(left().size(), std::size_t(4));
        QTRY_COMPARE(rig.window->findChild<QDialog*>("keptWork")->findChild<KeptList*>()->size(), 4);
    }

    void earlierVersionsComeBack() {
        test::ArrangeRig rig("song 32");
        for (const char* name : {"Montag", "Dienstag", "Mittwoch"}) {
            rig.session->doc.edit(SetTitle{name});
            QVERIFY(rig.window->files().saveTo(file("week.liftcount")));
        }
        QVERIFY(rig.window->files().saveTo(file("week.liftcount"))); // the same once more is no version
        QCOMPARE(rig.window->files().versions().size(), std::size_t(3));
        QVERIFY(rig.window->commands().run("routine.versions"));
        auto* dialog = rig.window->findChild<QDialog*>("keptWork");
        QVERIFY(dialog && dialog->isVisible() && !dialog->isModal());
        auto* list = dialog->findChild<KeptList*>();
        QCOMPARE(list->size(), 2); // what is open is not offered
        Q_EMIT list->broughtBack(1);
        QTRY_COMPARE(title(rig), "Montag");
        QVERIFY(!rig.session->doc.isSaved());
        QCOMPARE(rig.session->doc.path(), file("week.liftcount"));
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier); // and go again
        QCOMPARE(title(rig), "Mittwoch");
        QVERIFY(rig.session->doc.isSaved());
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(title(rig), "Montag");
        QCOMPARE(test::must(loadDocument(file("week.liftcount").toStdString())).document.title,
                 std::string("Mittwoch"));
        QVERIFY(rig.window->files().save());
        QCOMPARE(rig.window->files().versions().size(), std::size_t(4));
        // another routine is opened while the list is there: the version is no step of that one
        QVERIFY(rig.window->commands().run("routine.versions"));
        list = rig.window->findChild<QDialog*>("keptWork")->findChild<KeptList*>();
        rig.session->doc.startNew();
        Q_EMIT list->broughtBack(0);
        QTRY_COMPARE(rig.session->doc.path(), file("week.liftcount"));
        QVERIFY(!rig.session->doc.canUndo());
    }

    /// What the journal cannot be written to is said once; work goes on.
    void aJournalThatCannotBeWrittenIsSaidOnce() {
        test::ArrangeRig rig("song 32");
        QDir(JournalKeeper::usualFolder()).removeRecursively();
        QFile inTheWay(JournalKeeper::usualFolder());
        rig.window->kept().keeper().writeNow();
        QDir(JournalKeeper::usualFolder()).removeRecursively();
        QVERIFY(inTheWay.open(QIODevice::WriteOnly));
        int said = 0;
        connect(&rig.session->messages, &Messages::told, this, [&said](const QString& sentence) {
            said += sentence.contains("cannot be kept for the case that the program ends");
        });
        for (const char* name : {"one", "two", "three"}) {
            rig.session->doc.edit(SetTitle{name});
            rig.window->kept().keeper().writeNow();
        }
        QCOMPARE(said, 1);
        QCOMPARE(title(rig), "three");
        inTheWay.remove();
        QDir().mkpath(JournalKeeper::usualFolder());
        rig.window->kept().keeper().writeNow();
        QCOMPARE(app::q(wouldLeaveUnasked()), "three");
    }

    /// What another window left is not given up before it is in this window's journal.
    void nothingIsGivenUpWhileItIsNowhereElse() {
        test::ArrangeRig rig("song 32");
        QVERIFY(wouldLeave(rig).document.has_value());
        const QDir folder(JournalKeeper::usualFolder());
        const QString own = folder.filePath(folder.entryList({QStringLiteral("*.journal")}, QDir::Files).at(0));
        QVERIFY(QFile::remove(own) && QDir().mkdir(own)); // it cannot be written any more
        leave(evening("left"));
        rig.window->kept().lookAgain();
        rig.session->doc.startNew();
        rig.window->kept().bringBackUnsaved(0);
        QCOMPARE(title(rig), "left");
        QCOMPARE(left().size(), std::size_t(1));
        QVERIFY(QDir().rmdir(own));
        rig.session->doc.startNew();
        rig.window->kept().bringBackUnsaved(0);
        QVERIFY(left().empty());
    }

    /// Closing and throwing away leaves nothing to be offered.
    void whatIsThrownAwayIsNotOffered() {
        test::ArrangeRig rig("song 32");
        QVERIFY(wouldLeave(rig).document.has_value());
        QTimer::singleShot(50, this, [] {
            for (QWidget* widget : QApplication::topLevelWidgets())
                if (auto* box = qobject_cast<QMessageBox*>(widget); box && box->isVisible())
                    for (QAbstractButton* button : box->buttons())
                        if (box->buttonRole(button) == QMessageBox::DestructiveRole) return button->click();
        });
        QVERIFY(rig.window->close());
        QVERIFY(wouldLeaveUnasked().empty());
    }
};

LIFTCOUNT_TEST(KeptWorkTest)
#include "tst_kept_work.moc"
