#include "support/plan_support.h"

#include "core/landing/findings.h"
#include "core/planning/what_if.h"
#include "core/reports/song_trial.h"

using namespace lc;
using test::must;

class WhatIfTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void sectionsAreLeftOutAndRepeated() {
        const SongMap map = test::song("intro 16 | verse 32 | chorus 32 | verse 32");
        QStringList said;
        for (const WhatIf& what : whatIfs(map, {}))
            said << test::q(what.words) + " " + QString::number(what.song.map.beats.size());
        QCOMPARE(said, (QStringList{"Intro 8 counts longer 120", "Intro 16 counts longer 128", "without Intro 96",
                                    "Intro twice 128", "without Verse (0:08.0) 80", "Verse (0:08.0) twice 144",
                                    "without Chorus 80", "Chorus twice 144", "without Verse (0:40.0) 80",
                                    "Verse (0:40.0) twice 144"}));
        QVERIFY(whatIfs({}, {}).empty());
    }
    /// A dance that begins on the verse begins there whatever happens to the intro; where the verse itself goes, on
    /// what comes behind it. Moments go with the music.
    void theDanceStartsWhereItDid() {
        Document d = test::withOrder(
            test::withLine(test::documentOn("intro 16 | verse 32 | chorus 32"), "A", test::walk(32)), "A x2");
        d = must(applyEdits(d, {SetStart{8.0}, AddMoment{26.0, MomentKind::Hit,
                                                         "drum"}})); // 120 bpm: the verse at 8 s, the chorus at 24 s
        const auto begins = [&](const char* words) {
            for (const WhatIf& what : whatIfs(*d.map, d.scheme))
                if (what.words.english() == words) {
                    const Document then = must(applyEdits(d, songEdited(d, what.song)));
                    const Landing landing = land(then);
                    return test::q(landing.grid.placeInWords(landing.performance.start)) +
                           (then.moments.empty() ? QString() : " " + QString::number(then.moments[0].at));
                }
            return QString("not offered");
        };
        QCOMPARE(begins("Intro 8 counts longer"), "count 1 of Verse 30");
        QCOMPARE(begins("without Intro"), "count 1 of Verse 18");
        QCOMPARE(begins("without Verse"), "count 1 of Chorus 10");
        QCOMPARE(begins("Chorus twice"), "count 1 of Verse 26");
        QCOMPARE(begins("without Chorus"), "count 1 of Verse"); // the drum is not heard any more
    }
    void thePlanThereIsSaid() {
        const Document d = test::withOrder(
            test::withLine(test::documentOn("verse 32 | quiet 16 | chorus 32 | outro 32"), "A", test::walk(32)),
            "A x4");
        const auto without = [&](const char* words) {
            for (WhatIf& what : whatIfs(*d.map, d.scheme))
                if (what.words.english() == words) return must(applyEdits(d, songEdited(d, what.song)));
            qFatal("not offered: %s", words);
        };
        const auto plan = [](const Document& then) {
            return test::q(bestPlanInWords(then, CountGrid(*then.map, then.scheme), {}));
        };
        QVERIFY2(plan(d).startsWith("Best plan there, for 5: One restart, after 16 of pass 2"), qPrintable(plan(d)));
        QVERIFY2(plan(without("without Quiet")).startsWith("Best plan there, for 0: No restart and no tag"),
                 qPrintable(plan(without("without Quiet"))));
        QVERIFY2(plan(without("Quiet twice")).startsWith("Best plan there, for 0:"),
                 qPrintable(plan(without("Quiet twice"))));
        QVERIFY(plan(newDocument()).contains("The song has no phrases yet"));
    }
};

LIFTCOUNT_TEST(WhatIfTest)
#include "tst_what_if.moc"
