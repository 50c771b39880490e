#include "support/core_support.h"

#include "core/landing/routine_pace.h"

using namespace lc;

class RoutinePaceTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// Steps on 1 2 3 5 6 7 at 184 bpm: 6 of 8 counts stepped = 138 steps a minute.
    void s04StepsAMinute() {
        const Document d = test::withOrder(
            test::withLine(test::documentOn("verse 64", 184), "A", "1 2 3 4 wait 5 6 7 8 wait"), "A x8");
        const RoutinePace pace = routinePace(land(d));
        QVERIFY2(qAbs(pace.stepsPerMinute - 138) < 0.01, qPrintable(QString::number(pace.stepsPerMinute)));
        QVERIFY(qAbs(*pace.shortestStepSeconds - 60.0 / 184) < 1e-9);
        QVERIFY(!pace.turnDegreesPerSecond);
        QVERIFY(qAbs(routinePace(land(d), 50).stepsPerMinute - 69) < 0.01); // half as fast
    }
    /// 720° over 3 beats at 120 bpm is 480°/s; a personal limit of 360°/s warns.
    void turnsAndLimits() {
        const Document d = test::withOrder(
            test::withLine(test::documentOn("verse 32", 120), "A", "1-3 walk 2/1 R 4 step 5 & 6 7 8"), "A x4");
        BodyLimits limits;
        limits.turnDegreesPerSecond = 360;
        const Landing landing = land(d, limits);
        QVERIFY2(qAbs(*routinePace(landing).turnDegreesPerSecond - 480) < 0.5,
                 qPrintable(QString::number(*routinePace(landing).turnDegreesPerSecond)));
        QVERIFY2(test::q(paceInWords(landing))
                     .contains("480° a second (count 1 of Verse); beyond your own limit for turns."),
                 paceInWords(landing).english().c_str());
        QVERIFY(!test::q(paceInWords(landing, 70)).contains("beyond"));         // 336° a second
        QVERIFY(qAbs(*routinePace(landing).shortestStepSeconds - 0.25) < 1e-9); // 5 &
    }
    void nothingSteppedIsSaid() { QCOMPARE(test::q(paceInWords(land(newDocument()))), "Nothing is stepped yet."); }
};

LIFTCOUNT_TEST(RoutinePaceTest)
#include "tst_routine_pace.moc"
