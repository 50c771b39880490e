// A hand-out in the window: pasted, opened from a page or a print, what is open settled, and landed, with keys alone;
// and what helps to type a line.
#include "support/arrange_rig.h"

#include "app/arrange/handout_panel.h"
#include "app/arrange/part_editor.h"
#include "app/base/figure_desk.h"
#include "app/steps/figure_editor.h"
#include "app/steps/steps_stage.h"
#include "app/steps/words_page.h"
#include "app/widgets/notation_edit.h"
#include "app/widgets/plain_table.h"
#include "app/window/command_box.h"
#include "core/exchange/handout.h"
#include "core/song/structure_text.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QPushButton>
#include <QTemporaryDir>

using namespace lc;
using namespace lc::app;
using test::ArrangeRig;

namespace {

constexpr const char* sheet =
    "Lamp Row\n16 counts, 4 walls\nIntro: 16 counts\n\nSection 1\n1-2 rock back L, recover R\n3&4 florble L\n5-8 vine R\nmind the lamp\n\nSection 2\n1-4 vine L\n5-6 step R, pivot 1/4 L\n7-8 walk R, touch L\n\n"
    "Restart on wall 3 after 8 counts\n";

struct HandoutRig : ArrangeRig {
    HandoutRig() : ArrangeRig("song 32 | song 32") { session->doc.startNew(); }
    void paste(const QString& text) const {
        QGuiApplication::clipboard()->setText(text);
        shortcut(Qt::Key_V, Qt::ControlModifier | Qt::ShiftModifier);
    }
    HandoutPanel& panel() const { return arrange().handout(); }
    void press(Qt::Key key) const { QTest::keyClick(window->focusWidget(), key); }
    [[nodiscard]] QString lineText() const { return panel().table().rowText(panel().table().currentRow())[2]; }
    [[nodiscard]] QString isNow() const { return panel().table().rowText(panel().table().currentRow())[1]; }
};

} // namespace

class HandoutWindowTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { test::prepareProgram("lift-count-handout-test"); }

    /// 16 counts a pass, the third cut after 8: passes at 1, 17, 33 and 41 of the dance. The unknown word and the
    /// remark are settled with Enter and arrows.
    void pastedSettledAndLandedByKeys() {
        const HandoutRig rig;
        rig.paste(sheet);
        QCOMPARE(rig.routine().passes.size(), std::size_t{4});
        QVERIFY(rig.panel().isVisible());
        QVERIFY2(rig.panel().says().contains("13 lines, 2 to be settled"), qPrintable(rig.panel().says()));
        QVERIFY(rig.panel().table().hasFocus());
        QCOMPARE(rig.lineText(), "3&4 florble L");
        QCOMPARE(rig.isNow(), "? open");
        QVERIFY(rig.panel()
                    .findChild<QLabel*>("handoutQuestion")
                    ->text()
                    .contains("“florble” is not a word that is known here"));
        QVERIFY2(rig.panel().answers()[0]->text().startsWith("3 steps as 1&&2: 8 counts"),
                 qPrintable(rig.panel().answers()[0]->text()));
        rig.press(Qt::Key_Return); // to the answers
        QVERIFY(rig.panel().answers()[0]->hasFocus());
        rig.press(Qt::Key_Down);
        QVERIFY(rig.panel().answers()[1]->hasFocus());
        rig.press(Qt::Key_Escape); // back
        QVERIFY(rig.panel().table().hasFocus());
        rig.press(Qt::Key_Return);
        rig.press(Qt::Key_Return); // three steps
        QCOMPARE(rig.routine().choices.words.all().size(), std::size_t{1});
        QCOMPARE(rig.panel().open(), 1);
        QVERIFY(rig.panel().table().hasFocus());
        QCOMPARE(rig.lineText(), "mind the lamp");
        rig.press(Qt::Key_Return);
        rig.press(Qt::Key_Return); // a remark of its section
        QCOMPARE(rig.panel().open(), 0);
        QCOMPARE(QString::fromStdString(rig.routine().figures[0].facts.notes), "mind the lamp");
        QVERIFY(rig.panel().says().contains("all settled"));
        const auto& passes = rig.performance().passes;
        QCOMPARE(passes[1].start - passes[0].start, counts(16));
        QCOMPARE(passes[3].start - passes[0].start, counts(40));
        QCOMPARE(rig.facings(), (QStringList{"12", "9", "6", "6"})); // the cut comes before the quarter
        for (const Finding& f : rig.session->doc.landing().findings)
            QVERIFY2(f.key.code != finding::handoutLine && f.severity != Severity::Misses,
                     f.headline.english().c_str());
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier); // each settling is one step back
        QCOMPARE(rig.panel().open(), 1);
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(rig.panel().open(), 2);
    }
    /// A song that waits for its dance keeps its place: the hand-out is danced on it, its intro in the song's own
    /// counts, and undo takes the dance away again.
    void pastedOntoASong() {
        const HandoutRig rig;
        rig.session->doc.startWith(*applyEdits(
            newDocument(),
            {SetMap{std::make_shared<const SongMap>(*mapFromStructure("intro 8 | verse 32 | chorus 32", 90, {})),
                    MapOrigin::Typed,
                    {}}}));
        rig.paste("Lamp Row\nIntro: 8 counts\n\nSection 1\n1-8 vine R, L\nOrder: A A\n");
        QCOMPARE(rig.session->doc.document().title, "Lamp Row");
        QCOMPARE(QString::fromStdString(rig.session->doc.landing().grid.phrases()[1].label), "Verse");
        QCOMPARE(rig.performance().start, counts(8));
        QCOMPARE(rig.performance().passes.size(), std::size_t{2});
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(rig.routine().passes.empty());
        QCOMPARE(QString::fromStdString(rig.session->doc.landing().grid.phrases()[1].label), "Verse");
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(rig.performance().start, counts(8));
    }
    /// The word is kept: in the next hand-out, of another routine, it is known.
    void whatWasKeptIsKnownInTheNext() {
        const HandoutRig rig;
        rig.window->stage<app::StepsStage>().desk().open();
        QVERIFY(rig.window->stage<app::StepsStage>().desk().keepWord({"florble", "", "1 step & step 2 step"}));
        rig.paste(sheet);
        QCOMPARE(rig.panel().open(), 1);
        QCOMPARE(rig.routine().choices.words.all().size(), std::size_t{1}); // it came with the line
        rig.window->stage<app::StepsStage>().desk().forgetWord(rig.routine().choices.words.all()[0]);
        QCOMPARE(rig.panel().open(), 2);
    }
    void allOthersAreRemarks() {
        const HandoutRig rig;
        rig.paste("Lamp Row\n\nSection 1\n1-4 vine R\nmind the lamp\nand the dog\nRestart somewhere\n");
        QCOMPARE(rig.panel().open(), 3);
        QTest::mouseClick(rig.panel().findChild<QPushButton*>("othersAreRemarks"), Qt::LeftButton);
        QCOMPARE(rig.panel().open(), 0);
        QVERIFY(QString::fromStdString(rig.routine().figures[0].facts.notes).startsWith("mind the lamp\nand the dog"));
    }
    /// A page or a print is opened as any routine; a saved routine keeps its open lines.
    void openedFromAFileAndKept() {
        const HandoutRig rig;
        QTemporaryDir folder;
        QFile page(folder.filePath("lamp.html"));
        QVERIFY(page.open(QIODevice::WriteOnly));
        page.write(("<html><body><p>" + QByteArray(sheet).replace("\n", "</p><p>").replace("&", "&amp;") +
                    "</p></body></html>"));
        page.close();
        rig.window->openAny(page.fileName());
        QCOMPARE(rig.panel().open(), 2);
        QVERIFY(rig.session->doc.path().isEmpty()); // saved under a name of its own
        QVERIFY(rig.session->doc.save(folder.filePath("lamp.liftcount")).has_value());
        rig.session->doc.startNew();
        QVERIFY(rig.panel().says().contains("came from no hand-out"));
        rig.window->openAny(folder.filePath("lamp.liftcount"));
        QCOMPARE(rig.session->doc.handout().size(), std::size_t{1}); // what its head claims is kept, and nothing open
        rig.shortcut(Qt::Key_H, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(rig.lineText(), "mind the lamp");
    }
    void copiedAndPastedAgain() {
        const HandoutRig rig;
        rig.paste(
            "Lamp Row\n1-4 vine R\n5&6 shuffle forward L\n7-8 walk R, L\nOrder: A A A\nRestart on wall 2 after 4 counts\n");
        const QStringList starts = rig.starts();
        QCOMPARE(starts.size(), 3);
        rig.shortcut(Qt::Key_K, Qt::ControlModifier);
        QTest::keyClicks(rig.window->focusWidget(), "In words: side");
        QTest::keyClick(rig.window->focusWidget(), Qt::Key_Return);
        QVERIFY2(QGuiApplication::clipboard()->text().startsWith("Lamp Row\n8 counts\n"),
                 qPrintable(QGuiApplication::clipboard()->text()));
        rig.session->doc.startNew();
        rig.shortcut(Qt::Key_V, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(rig.starts(), starts);
    }

    // Typing less
    // ---------------------------------------------------------------------------------------------------------------

    void aWordIsCompletedAndTheFreeFootTold() {
        const HandoutRig rig;
        rig.window->showStage(app::stage_id::steps);
        rig.shortcut(Qt::Key_N, Qt::ControlModifier | Qt::ShiftModifier);
        QTest::keyClicks(rig.window->focusWidget(), "Typed");
        rig.press(Qt::Key_Return);
        NotationEdit* edit = rig.window->stage<app::StepsStage>().editor().line(0);
        QVERIFY(edit->hasFocus());
        QTest::keyClicks(edit, "1 step R 2 beh");
        QCOMPARE(edit->offered(), "ind");
        QCOMPARE(edit->accessibleDescription(),
                 "2, L free; Tab goes on with “ind”"); // also for people who do not see it
        rig.press(Qt::Key_Tab);
        QCOMPARE(edit->toPlainText(), "1 step R 2 behind ");
        QCOMPARE(edit->saysAtCaret(), "3, R free");
        QTest::keyClick(edit, Qt::Key_Home);
        QCOMPARE(edit->saysAtCaret(), "1, R free");
        rig.press(Qt::Key_Tab); // to the end of the first count's words
        QCOMPARE(edit->textCursor().position(), 8);
        QCOMPARE(edit->saysAtCaret(), "1, R free");
        rig.press(Qt::Key_Tab);
        QCOMPARE(edit->textCursor().position(), 17);
        rig.press(Qt::Key_Tab); // the next count is put in
        QCOMPARE(edit->toPlainText(), "1 step R 2 behind 3 ");
        QTest::keyClicks(edit, "tou");
        QCOMPARE(edit->offered(), "ch");
        rig.press(Qt::Key_Down); // another way to go on
        QVERIFY(edit->offered() != "ch");
        rig.press(Qt::Key_Up);
        rig.press(Qt::Key_Right);
        QCOMPARE(edit->toPlainText(), "1 step R 2 behind 3 touch ");
        QTest::keyClicks(edit, "4 si");
        rig.press(Qt::Key_Escape);
        QVERIFY(edit->offered().isEmpty());
        QTest::keyClicks(edit, "de");
        rig.press(Qt::Key_Tab); // 5 is put in,
        rig.press(Qt::Key_Tab); // and goes again, since nothing is said of it
        QCOMPARE(edit->toPlainText(), "1 step R 2 behind 3 touch 4 side");
        QVERIFY(!edit->hasFocus());
    }
    /// A figure of the vocabulary is said by its name: completed, read as it is written, and its meaning comes into the
    /// routine.
    void aFigureIsSaidByItsName() {
        const HandoutRig rig;
        FigureDesk& desk = rig.window->stage<app::StepsStage>().desk();
        desk.open();
        FigureCard card;
        card.name = "Vane vine";
        card.lines = {{"everyone", "1 side 2 behind 3 side 4 touch"}};
        desk.duplicate(card);
        rig.shortcut(Qt::Key_E, Qt::ControlModifier); // from the start page: it gives way
        auto* edit = qobject_cast<NotationEdit*>(rig.window->focusWidget());
        QVERIFY(edit);
        QTest::keyClicks(edit, "1-4 van");
        QCOMPARE(edit->offered(), "e vine");
        rig.press(Qt::Key_Tab);
        QTest::keyClicks(edit, "R 5-8 vane vine L");
        QCOMPARE(rig.routine().choices.words.all().size(), std::size_t{1});
        const PartReading part = readPart(rig.routine(), rig.routine().parts[0]);
        QCOMPARE(part.length, counts(8));
        QCOMPARE(weightChanges(part.roles[0].actions), 6);
    }
    /// Two schools' meanings of a word, given on their page, stand beside each other and are asked about.
    void wordsOnTheirPage() {
        const HandoutRig rig;
        rig.window->showStage(app::stage_id::steps);
        FigureDesk& desk = rig.window->stage<app::StepsStage>().desk();
        rig.shortcut(Qt::Key_7, Qt::AltModifier | Qt::ShiftModifier);
        QCOMPARE(rig.window->stage<app::StepsStage>().page(), StepsStage::Page::Words);
        WordsPage& page = rig.window->stage<app::StepsStage>().words();
        const auto give = [&](const char* word, const char* school, const char* line) {
            page.findChild<QLineEdit*>("wordName")->setText(word);
            page.findChild<QLineEdit*>("wordSchool")->setText(school);
            page.findChild<QLineEdit*>("wordLine")->setText(line);
            QTest::keyClick(page.findChild<QLineEdit*>("wordLine"), Qt::Key_Return);
        };
        const int before = static_cast<int>(desk.words().shown().size());
        give("zwirl", "Hofkreis", "1 step 2 step");
        give("zwirl", "Nordsaal", "1 touch");
        give("left", "", "1 step");
        QVERIFY2(rig.window->lastTold().contains("always means the same"), qPrintable(rig.window->lastTold()));
        QCOMPARE(static_cast<int>(desk.words().shown().size()), before + 2);
        rig.shortcut(Qt::Key_N, Qt::ControlModifier | Qt::ShiftModifier);
        QTest::keyClicks(rig.window->focusWidget(), "Asked");
        rig.press(Qt::Key_Return);
        QTest::keyClicks(rig.window->focusWidget(), "walk, zwirl, walk ");
        const auto& questions = desk.reading().roles[0].line.questions;
        QCOMPARE(questions.size(), std::size_t{1});
        QCOMPARE(app::q(questions[0].answers[1].text), "as Nordsaal has it: a touch, without weight");
        for (int row = page.table().rowCount(); row-- > 0;) {
            if (page.table().rowText(row)[0] != "zwirl") continue;
            page.table().setCurrentCell(row, 0);
            QCOMPARE(page.findChild<QLineEdit*>("wordName")->text(), "zwirl");
            QTest::mouseClick(page.findChild<QPushButton*>("wordForget"), Qt::LeftButton);
        }
        QCOMPARE(static_cast<int>(desk.words().shown().size()), before);
        desk.undo(); // words of the vocabulary come back as its figures do
        QCOMPARE(static_cast<int>(desk.words().shown().size()), before + 1);
        desk.undo();
        QCOMPARE(static_cast<int>(desk.words().shown().size()), before + 2);
        desk.redo();
        QCOMPARE(static_cast<int>(desk.words().shown().size()), before + 1);
    }
};

LIFTCOUNT_TEST(HandoutWindowTest)
#include "tst_handout_window.moc"
