#include "support/core_support.h"

#include "core/reports/like_passes.h"

using namespace lc;
using test::must;

namespace {

Document verses(int n, const std::string& odd = {}, int at = -1) {
    std::string structure;
    for (int i = 0; i < n; ++i) structure += (i ? " | " : "") + (i == at ? odd : std::string("verse 32"));
    return test::withOrder(test::withLine(test::documentOn(structure), "A", test::walk(32)), "A x" + std::to_string(n));
}

QString runs(const Landing& landing, std::size_t least = 2) {
    QStringList out;
    for (const LikePasses& run : likePasses(landing, least))
        out << QString("%1-%2:%3-%4").arg(run.first + 1).arg(run.last + 1).arg(run.firstPhrase + 1).arg(run.endPhrase);
    return out.join(' ');
}

} // namespace

class LikePassesTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void allAlikeIsOneRun() {
        QCOMPARE(runs(land(verses(12))), "1-12:1-12");
        QCOMPARE(runs(land(verses(3)), 4), "");
        QCOMPARE(runs(land(verses(1)), 1), ""); // one pass has none beside it
        QCOMPARE(runs(land(newDocument())), "");
    }
    void anExceptionIsNeverAmongThem_data() {
        QTest::addColumn<PassExceptions>("exceptions");
        const auto with = [](auto change) {
            PassExceptions e;
            change(e);
            return e;
        };
        QTest::newRow("mirrored") << with([](auto& e) { e.mirrored = true; });
        QTest::newRow("exchanged") << with([](auto& e) { e.exchanged = true; });
        QTest::newRow("touch") << with([](auto& e) { e.lastChangeIsTouch = true; });
        QTest::newRow("ending not danced") << with([](auto& e) { e.ending = Ending{counts(16), PartId{}, false}; });
        QTest::newRow("canon") << with([](auto& e) { e.canon = Canon{counts(2)}; });
    }
    void anExceptionIsNeverAmongThem() {
        QFETCH(PassExceptions, exceptions);
        Document d = verses(12);
        if (exceptions.ending) exceptions.ending->part = d.routine.parts[0].id;
        test::except(d, 6, exceptions);
        for (const LikePasses& run : likePasses(land(d), 2)) QVERIFY(run.last < 5 || run.first > 5);
        QVERIFY(!likePasses(land(d), 2).empty());
    }
    void whatDoesNotLandOrIsSpokenOfIsSeen() {
        QCOMPARE(runs(land(verses(12, "verse 36", 5))), "1-5:1-5"); // 6 fills 32 of 36, the others begin inside phrases
        const Document mended = test::tagged(verses(12, "verse 36", 5), 6, 4);
        QCOMPARE(runs(land(mended)), "1-5:1-5 7-12:7-12");
        const Document stopped = verses(12, "verse 28 | stop 4", 5);
        QCOMPARE(runs(land(stopped)), "1-5:1-5 7-12:7-12");
    }
    void theMusicsExceptionsCount() {
        Document d = verses(12);
        PassExceptions what;
        what.mirrored = true;
        d = must(applyEdit(d, AddMusicException{{"Verse", counts(4), 16.0 * 4 + 2}, what, {}}));
        const Landing landing = land(d);
        for (const LikePasses& run : likePasses(landing, 2))
            for (std::size_t i = run.first; i <= run.last; ++i)
                QVERIFY(landing.performance.passes[i].fromMusic.empty());
        QVERIFY(runs(landing) != "1-12:1-12");
    }
    void passesOfTwoPhrasesAndOtherPartsAreRunsOfTheirOwn() {
        Document d = test::withLine(verses(16), "B", test::walk(64));
        d = test::withOrder(d, "A A A A B B B A A A");
        QCOMPARE(runs(land(d)), "1-4:1-4 5-7:5-10 8-10:11-13");
    }
};

LIFTCOUNT_TEST(LikePassesTest)
#include "tst_like_passes.moc"
