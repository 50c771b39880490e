#include "support/arrange_rig.h"

#include "app/arrange/fill_panel.h"
#include "app/arrange/plans_panel.h"
#include "app/arrange/turns_panel.h"
#include "app/window/command_box.h"

#include <QCheckBox>
#include <QComboBox>
#include <QSpinBox>

using namespace lc;
using test::ArrangeRig;

namespace {

app::PlansPanel& plansOf(const ArrangeRig& rig) { return rig.arrange().plans(); }

QString titleOf(const ArrangeRig& rig, int plan) {
    auto* choice = plansOf(rig).findChild<app::RemedyChoice*>(QStringLiteral("plan%1").arg(plan));
    return choice ? choice->text() : QString();
}

int missed(const ArrangeRig& rig) {
    int n = 0;
    for (const PassPerformance& p : rig.performance().passes) n += !lands(rig.session->doc.landing().grid, p);
    return n;
}

} // namespace

class PlansWindowTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { test::prepareProgram("lc-plans-window"); }

    void makeItLand() {
        ArrangeRig rig("a 32 | b 32 | c 16 | d 32 | e 32");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-27 walk 28 1/4 L 29-32 walk");
        rig.order("A x4");
        QVERIFY(missed(rig) > 0);
        rig.shortcut(Qt::Key_P, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(plansOf(rig).isVisible());
        QVERIFY2(titleOf(rig, 0).startsWith("One restart, after 16 of pass 3 (the one in C); one more pass"),
                 qPrintable(titleOf(rig, 0)));
        QVERIFY2(titleOf(rig, 0).contains("every pass then lands"), qPrintable(titleOf(rig, 0)));
        auto* first = plansOf(rig).findChild<app::RemedyChoice*>("plan0");
        QVERIFY2(first->accessibleDescription().contains("No plan costs less than 5") &&
                     first->accessibleDescription().contains("Restart after 16 whenever you start in a c."),
                 qPrintable(first->accessibleDescription()));
        QVERIFY(plansOf(rig).previewing()); // the best is seen on the strips at once, nothing changed
        QCOMPARE(missed(rig) > 0, true);
        rig.shortcut(Qt::Key_Return, Qt::ControlModifier); // applies what is tried on, which is the plan
        QCOMPARE(missed(rig), 0);
        QCOMPARE(rig.starts(), (QStringList{"1", "33", "65", "81", "113"}));
        QCOMPARE(rig.facings(), (QStringList{"12", "9", "6", "6", "3"}));
        QCOMPARE(plansOf(rig).says(), "Every pass lands as it is.");
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier); // one step
        QCOMPARE(rig.starts(), (QStringList{"1", "33", "65", "97"}));
    }
    /// A 48-count dance, ¼ R with 12, ½ L with 40, on phrases 48 48 24 48: pass 3 restarts after 24; facings 12 9 6 9,
    /// starts 1 49 97 121.
    void s19ByAPlan() {
        ArrangeRig rig("song 48 | song 48 | song 24 | song 48");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-11 walk 12 1/4 R 13-39 walk 40 1/2 L 41-48 walk");
        rig.order("A A A A");
        rig.shortcut(Qt::Key_P, Qt::ControlModifier | Qt::ShiftModifier);
        rig.press("applyPlan");
        QCOMPARE(rig.facings(), (QStringList{"12", "9", "6", "9"}));
        QCOMPARE(rig.starts(), (QStringList{"1", "49", "97", "121"}));
        QCOMPARE(rig.danced(), (QStringList{"48", "48", "24", "48"}));
    }
    void costsAndLeaveAreTheirOwn() {
        ArrangeRig rig("a 32 | b 32 | c 16 | d 32 | e 32");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-32 walk");
        rig.order("A x5");
        rig.shortcut(Qt::Key_P, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(plansOf(rig).plans()->plans.front().cost, 5);
        auto* restart = rig.window->findChild<QSpinBox*>("cost_restart");
        restart->setValue(30);
        QVERIFY(plansOf(rig).plans()->plans.front().passes[2].cut == false); // tags, or a miss, are cheaper now
        restart->setValue(3);
        rig.window->findChild<QCheckBox*>("planCuts")->setChecked(false); // no restarts
        for (const RoutinePlan& plan : plansOf(rig).plans()->plans)
            for (const PlannedPass& pass : plan.passes) QVERIFY(!pass.cut);
        rig.window->findChild<QCheckBox*>("planCuts")->setChecked(true);
        auto* preset = rig.window->findChild<QComboBox*>("planPreset");
        preset->setCurrentIndex(2);
        Q_EMIT preset->activated(2);
        QCOMPARE(restart->value(), 9);
        auto* tags = rig.window->findChild<QLineEdit*>("planTags");
        QCOMPARE(tags->text(), "2, 4");
        tags->selectAll();
        QTest::keyClicks(tags, "four");
        QTest::keyClick(tags, Qt::Key_Return);
        QVERIFY(!plansOf(rig).plans());
        QVERIFY(!rig.button("applyPlan")->isEnabled());
    }
    void aPassIsKept() {
        ArrangeRig rig("a 32 | b 32 | c 16 | d 32 | e 32");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-32 walk");
        rig.order("A x5");
        rig.clickPass(2);
        rig.passLines({"restart after 8"});
        rig.clickPass(2);
        rig.arrange().keepPassInPlans();
        QVERIFY(plansOf(rig).isVisible());
        QCOMPARE(plansOf(rig).plans()->plans.front().passes[1].counts, counts(8));
        QVERIFY2(plansOf(rig).says().contains("What is kept costs 14."), qPrintable(plansOf(rig).says()));
        const std::int64_t kept = plansOf(rig).plans()->plans.front().cost;
        rig.arrange().keepPassInPlans();
        QVERIFY(plansOf(rig).plans()->plans.front().cost < kept);
        rig.clickPass(2);
        rig.arrange().keepPassInPlans();
        rig.session->doc.startNew(); // identities mean other passes there
        QVERIFY(!plansOf(rig).says().contains("kept"));
        TypedStructure typed;
        typed.text = "a 32 | b 16 | c 32";
        typed.bpm = 120;
        QVERIFY(rig.session->song.setStructure(typed));
        QTest::keyClicks(rig.arrange().editor().line(0), "1-32 walk");
        rig.order("A x3");
        QVERIFY(plansOf(rig).plans());
        QVERIFY2(!plansOf(rig).says().contains("kept"), qPrintable(plansOf(rig).says()));
    }
    /// 40 counts from figures of 6 and 8: five eights, or four sixes and two eights; 6 6 8 6 6 8 starts on 1 7 5 5 3 1,
    /// and the 9, 17, 25 and 33 fall on the 3, 5, 5 and 1 of figures 2, 3, 4 and 6.
    void s12ThroughTheWindow() {
        ArrangeRig rig("verse 40 | chorus 40");
        rig.figure("Sixer", {"1-6 walk"});
        rig.figure("Eighter", {"1-8 walk"});
        for (const Placement& placed : std::vector<Placement>(rig.routine().parts[0].figures)) {
            rig.chain().choose(placed.id);
            rig.chain().removeChosen();
        }
        rig.shortcut(Qt::Key_F, Qt::ControlModifier | Qt::ShiftModifier);
        app::FillPanel& fill = rig.arrange().fill();
        QVERIFY(fill.isVisible());
        QCOMPARE(rig.window->findChild<QSpinBox*>("fillPhraseCounts")->value(),
                 40); // the empty part, to the end of the phrase
        auto* times = rig.window->findChild<QSpinBox*>("fillPhraseTimes");
        times->setValue(5);
        rig.window->findChild<QCheckBox*>("fillPhraseOwn")->setChecked(true);
        auto* lengths = rig.window->findChild<QLineEdit*>("fillPhraseLengths");
        QTest::keyClicks(lengths, "6, 8");
        QTest::keyClick(lengths, Qt::Key_Return);
        QVERIFY2(fill.says().startsWith("40 counts from these lengths: 5 × 8, or 4 × 6 + 2 × 8. "),
                 qPrintable(fill.says()));
        std::size_t row = 0;
        while (row < fill.proposals().size() &&
               fill.proposals()[row].title != "Sixer, Sixer, Eighter, Sixer, Sixer, Eighter")
            ++row;
        QVERIFY(row < fill.proposals().size());
        QCOMPARE(fill.proposals()[row].price,
                 "Different figures: 2. Lengths: 6 6 8 6 6 8. They start on: 1 7 5 5 3 1.");
        fill.choose(row);
        QVERIFY(fill.previewing());
        const QString ones = fill.findChild<QLabel*>("fillNote")->text();
        QCOMPARE(
            ones,
            "The 1s of the music: count 9 on the 3 of figure 2, count 17 on the 5 of figure 3, count 25 on the 5 of figure 4, count 33 on the 1 of figure 6. None in figure 5.");
        rig.press("applyFill");
        QCOMPARE(rig.routine().parts[0].figures.size(), std::size_t{6});
        QCOMPARE(rig.danced(), (QStringList{"40"}));
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(rig.routine().parts[0].figures.size(), std::size_t{0});
    }
    /// One extra bar of 4 after beat 64: at beat 69 the dancers say 5 and the music 1. Put right at once with a touch
    /// for both, or left: the same at the next odd bar undoes it.
    void s13ThroughTheWindow() {
        ArrangeRig rig("verse 64 | bar 4 | chorus 64 | bar 4 | outro 64", 184);
        QTest::keyClicks(rig.arrange().editor().line(0),
                         "1 break L 2 place R 3 close L 4 wait 5 break R 6 place L 7 close R 8 wait");
        rig.order("A x25");
        rig.clickCount(72);
        rig.doAnything("get back on the 1");
        app::TurnsPanel& turns = rig.arrange().turns();
        QVERIFY(turns.isVisible());
        QCOMPARE(turns.mends().size(), 3U);
        const auto choice = [&](int n) { return turns.findChild<app::RemedyChoice*>(QStringLiteral("turn%1").arg(n)); };
        QVERIFY2(choice(0)->text().contains("begin again on the music's 1, count 1 of Chorus, the last change a touch"),
                 qPrintable(choice(0)->text()));
        QVERIFY2(choice(0)->accessibleDescription().contains("The breaks are again left on 1 and right on 5"),
                 qPrintable(choice(0)->accessibleDescription()));
        QVERIFY2(choice(2)->text().contains("Leave it: at count 1 of Outro the music undoes it"),
                 qPrintable(choice(2)->text()));
        QVERIFY2(choice(2)->accessibleDescription().startsWith("68 counts danced turned round"),
                 qPrintable(choice(2)->accessibleDescription()));
        QVERIFY(turns.previewing());
        rig.shortcut(Qt::Key_Return, Qt::ControlModifier);
        QCOMPARE(rig.performance().passes[9].start, counts(68));
        QVERIFY(rig.session->doc.landing().turned.front().from == counts(136)); // the next odd bar turns it again
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QTest::mouseClick(choice(2), Qt::LeftButton);
        QVERIFY(!rig.button("applyTurn")->isEnabled()); // to leave it changes nothing
        QVERIFY(!rig.session->doc.previewLanding());
    }
    void nothingToPlanIsSaid() {
        ArrangeRig rig("a 32");
        rig.shortcut(Qt::Key_P, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(!plansOf(rig).plans());
        QVERIFY(plansOf(rig).findChild<QLabel*>());
        QStringList all;
        for (auto* label : plansOf(rig).findChildren<QLabel*>()) all << label->text();
        QVERIFY2(all.join('|').contains("The routine has no passes yet"), qPrintable(all.join('|')));
        rig.press("closePlan");
        QVERIFY(plansOf(rig).isHidden());
    }
};

LIFTCOUNT_TEST(PlansWindowTest)
#include "tst_plans_window.moc"
