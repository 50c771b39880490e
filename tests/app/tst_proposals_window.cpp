// What could be done, of each kind: seen on the strips first, done by one key, taken back by one.
#include "support/arrange_rig.h"
#include "support/core_support.h"

#include "app/arrange/fill_panel.h"
#include "app/arrange/mend_panel.h"
#include "app/arrange/plans_panel.h"
#include "app/arrange/song_trial_panel.h"
#include "app/arrange/turns_panel.h"

#include <QCheckBox>
#include <QLineEdit>

#include <functional>

using namespace lc;
using test::ArrangeRig;

namespace {

/// Ctrl+Enter does what is seen, Ctrl+Z takes it back, Ctrl+Shift+Z does it again. `known` is what it should come to.
void doneAndUndone(const ArrangeRig& rig, const Document& known) {
    auto& doc = rig.session->doc;
    const Document before = doc.document();
    QVERIFY2(doc.previewDocument() && *doc.previewDocument() == known, "what is seen is not what is proposed");
    const Performance expected = test::danced(known);
    QVERIFY(doc.previewLanding() && test::starts(doc.previewLanding()->performance) == test::starts(expected));
    rig.shortcut(Qt::Key_Return, Qt::ControlModifier);
    QVERIFY2(doc.document() == known, "something else was done");
    rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
    QVERIFY2(doc.document() == before, qPrintable("one step does not take it back: " + doc.redoName()));
    rig.shortcut(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    QVERIFY(doc.document() == known);
    rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(doc.document() == before);
}

/// The first proposals of the page that change something. The page is asked for anew where applying closes it.
void allDoneAndUndone(const ArrangeRig& rig, app::ProposalsPage& page, int atLeast, const std::function<void()>& ask) {
    ask();
    QVERIFY(page.isVisible() && !rig.arrange().findings().isVisible()); // one list at a time
    QTRY_VERIFY(!page.proposals().empty());
    const std::size_t all = page.proposals().size();
    int tried = 0;
    for (std::size_t i = 0; i < std::min<std::size_t>(all, 8); ++i) {
        page.choose(i);
        const app::Proposal proposal = page.proposals()[i];
        if (proposal.edits.empty()) {
            QVERIFY(!rig.session->doc.previewLanding());
            continue;
        }
        const auto known = applyEdits(rig.session->doc.document(), proposal.edits);
        QVERIFY2(known, qPrintable(QString("%1 of %2, %3: %4")
                                       .arg(i)
                                       .arg(page.proposals().size())
                                       .arg(proposal.title, known ? QString() : test::q(known.error().message))));
        doneAndUndone(rig, *known);
        if (QTest::currentTestFailed()) return;
        if (page.isHidden()) ask();
        QTRY_COMPARE(page.proposals().size(), all); // they are found anew
        ++tried;
    }
    QVERIFY2(tried >= atLeast, qPrintable(QString("only %1 could be tried").arg(tried)));
    QTest::keyClick(rig.window->focusWidget(), Qt::Key_Escape);
    QVERIFY(page.isHidden() && rig.arrange().findings().isVisible());
    QVERIFY(!rig.session->doc.previewLanding());
}

} // namespace

class ProposalsWindowTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { test::prepareProgram("lc-proposals-window"); }

    void remediesOfTheFindings() {
        ArrangeRig rig("verse 32 | chorus 34 | verse 48 | chorus 32");
        rig.figure("Walk", {"1-28 walk 29 1/4 L 30-32 walk"});
        rig.order("A x4");
        auto& column = rig.arrange().findings();
        int tried = 0;
        for (int open = 0; open < static_cast<int>(rig.session->doc.landing().findings.size()); ++open) {
            column.openFinding(open);
            for (int r = 0; r < static_cast<int>(column.remedies().size()); ++r) {
                column.openFinding(open); // after an undo the list is made anew
                column.chooseRemedy(r);
                const Remedy remedy = column.remedies()[static_cast<std::size_t>(r)];
                doneAndUndone(rig, test::must(applyEdits(rig.session->doc.document(), remedy.edits)));
                if (QTest::currentTestFailed()) return;
                ++tried;
            }
        }
        QVERIFY2(tried >= 4, qPrintable(QString("only %1 remedies").arg(tried)));
    }
    void plans() {
        ArrangeRig rig("a 32 | b 32 | c 16 | d 32 | e 32");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-27 walk 28 1/4 L 29-32 walk");
        rig.order("A x4");
        allDoneAndUndone(rig, rig.arrange().plans(), 2,
                         [&] { rig.shortcut(Qt::Key_P, Qt::ControlModifier | Qt::ShiftModifier); });
    }
    void waysBackToThe1() {
        ArrangeRig rig("verse 64 | bar 4 | chorus 64 | bar 4 | outro 64", 184);
        QTest::keyClicks(rig.arrange().editor().line(0),
                         "1 break L 2 place R 3 close L 4 wait 5 break R 6 place L 7 close R 8 wait");
        rig.order("A x25");
        rig.clickCount(72);
        allDoneAndUndone(rig, rig.arrange().turns(), 2, [&] { rig.doAnything("get back on the 1"); });
    }
    void fillers() {
        ArrangeRig rig("verse 40 | chorus 40");
        rig.figure("Sixer", {"1-6 walk"});
        rig.figure("Eighter", {"1-8 walk"});
        allDoneAndUndone(rig, rig.arrange().fill(), 4, [&] {
            rig.shortcut(Qt::Key_F, Qt::ControlModifier | Qt::ShiftModifier);
            rig.window->findChild<QCheckBox*>("fillPhraseOwn")->setChecked(true);
        });
    }
    void mendsOfTheMusic() {
        ArrangeRig rig("verse 32 | chorus 36 | verse 32 | chorus 32");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-32 walk");
        rig.order("A x4");
        allDoneAndUndone(rig, rig.arrange().musicMends(), 1, [&] { rig.doAnything("mend the music"); });
    }
    void anotherSongIsTakenAndGivenBack() {
        ArrangeRig rig("verse 32 | quiet 16 | chorus 32 | outro 32");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-32 walk");
        rig.order("A x4");
        const Document before = rig.session->doc.document();
        rig.doAnything("try the routine");
        app::SongTrialPanel& panel = rig.arrange().songTrial();
        QVERIFY(panel.isVisible() && !rig.arrange().strips().isVisible()); // the table has the middle
        auto* typed = rig.window->findChild<QLineEdit*>("trialStructure");
        QTest::keyClicks(typed, "verse 32, chorus 32, verse 32, chorus 32");
        QTest::keyClick(typed, Qt::Key_Return);
        QTRY_VERIFY(panel.trial());
        const Document taken = test::must(applyEdits(before, panel.trial()->edits));
        QVERIFY(rig.session->doc.document() == before && !(taken == before));
        rig.shortcut(Qt::Key_Return, Qt::ControlModifier);
        QVERIFY(rig.session->doc.document() == taken);
        QVERIFY(rig.arrange().strips().isVisible()); // the table gives the middle back
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(rig.session->doc.document() == before);
    }
    /// To find a restart that lands and apply it: three actions at the most. Open the plans, apply the best.
    void aRestartThatLandsIsTwoActions() {
        ArrangeRig rig("a 32 | b 32 | c 16 | d 32 | e 32");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-27 walk 28 1/4 R 29-32 walk");
        rig.order("A x5");
        rig.shortcut(Qt::Key_P, Qt::ControlModifier | Qt::ShiftModifier);
        rig.shortcut(Qt::Key_Return, Qt::ControlModifier);
        QVERIFY(rig.performance().passes[2].cut);
        for (const PassPerformance& pass : rig.performance().passes)
            QVERIFY(lands(rig.session->doc.landing().grid, pass));
    }
};

LIFTCOUNT_TEST(ProposalsWindowTest)
#include "tst_proposals_window.moc"
