#include "support/core_support.h"

#include "core/rehearsing/practice_times.h"

using namespace lc;

namespace {
CountGrid gridOf(const std::string& structure, double bpm, const std::string& metre = "4/4", double offset = 0) {
    const SongMap map = test::song(structure, bpm, metre, offset);
    return {map, usualScheme(map)};
}
} // namespace

class PracticeTimesTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// Worked examples of the trade, reckoned by hand.
    void examples() {
        // count 1 at 1.200 s, 104 bpm: eight counts take 4.615 s, so 3.415 s of silence stand in front
        const auto in = countIn(gridOf("verse 32", 104, "4/4", 1.200), counts(0), 8);
        QVERIFY(in);
        QVERIFY2(qAbs(in->silence - 3.415) < 0.0005, qPrintable(QString::number(in->silence, 'f', 4)));
        // eight counts with a lead of four at 90 bpm, six times: 48.0 s
        const auto six = practiceSeconds(gridOf("verse 32", 90), counts(0), counts(8), {100, 6}, 4);
        QVERIFY(six && qAbs(*six - 48.0) < 1e-9);
        // 64 counts at 138 bpm and 80 %: 34.78 s
        const auto slow = practiceSeconds(gridOf("verse 64", 138), counts(0), counts(64), {80, 1});
        QVERIFY(slow && qAbs(*slow - 34.78) < 0.005);
    }
    void countsBeforeAPlaceAreTheSongsOwn() {
        const CountGrid grid = gridOf("pickup 2 | verse 16 @120 | chorus 16 @60", 120);
        const auto chorus = countIn(grid, counts(16), 4); // the verse is faster
        QVERIFY(chorus);
        QCOMPARE(chorus->silence, 0.0);
        QCOMPARE(chorus->counted.size(), std::size_t{4});
        for (int k = 0; k < 4; ++k)
            QCOMPARE(chorus->counted[static_cast<std::size_t>(k)], *grid.secondsAt(counts(12 + k)));
        const auto first = countIn(grid, counts(0), 8); // two of the pick-up, six before it at the same tempo
        QVERIFY(first);
        QVERIFY(qAbs(first->silence - 3.0) < 1e-9);
        QVERIFY(std::is_sorted(first->counted.begin(), first->counted.end()));
        QCOMPARE(first->counted[7], *grid.secondsAt(counts(-1)));
        for (std::size_t k = 1; k < 8; ++k) QVERIFY(qAbs(first->counted[k] - first->counted[k - 1] - 0.5) < 1e-9);
    }
    void countInsThatCannotBeAreRefused() {
        const CountGrid grid = gridOf("verse 32", 100);
        QVERIFY(countIn(grid, counts(0), 0)->counted.empty());
        for (const int lead : {-1, 65}) QVERIFY(countIn(grid, counts(0), lead).error().code == ErrorCode::BadValue);
        QVERIFY(!countIn(grid, counts(32), 4)); // nothing follows
        QVERIFY(!countIn(grid, counts(99), 4));
        QVERIFY(!countIn(CountGrid(), counts(0), 4));
    }
    void ladders_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("rungs");
        const auto row = [](const char* text, const char* rungs) { QTest::newRow(text) << text << rungs; };
        row("60:100:10", "60x1 70x1 80x1 90x1 100x1");
        row("60:100:15x2", "60x2 75x2 90x2 100x2"); // the last is the end
        row("100:70:10", "100x1 90x1 80x1 70x1");
        row("80:80:5x3", "80x3");
        row("97.5:100:2.5", "97.5x1 100x1");
        row("60:100:0", "");
        row("60:100", "");
        row("60:100:5x0", "");
        row("10:100:5", "");
        row("60:300:5", "");
        row("60:100:0.1", ""); // 401 rungs
        row("sixty", "");
        row("", "");
    }
    void ladders() {
        QFETCH(QString, text);
        QFETCH(QString, rungs);
        const auto ladder = readLadder(text.toStdString());
        QStringList all;
        if (ladder)
            for (const Rung& rung : *ladder) all << QString("%1x%2").arg(rung.percent).arg(rung.times);
        QCOMPARE(all.join(' '), rungs);
        if (!ladder) QVERIFY(!ladder.error().message.english().empty());
    }
    /// A ladder takes as long as its rungs.
    void slowerTakesLonger() {
        const CountGrid grid = gridOf("verse 32 | chorus 32", 120);
        double all = 0;
        const auto ladder = readLadder("50:100:50x2");
        for (const Rung& rung : *ladder) all += *practiceSeconds(grid, counts(0), counts(64), rung);
        QVERIFY(qAbs(all - 2 * (64.0 + 32.0)) < 1e-9);
        QVERIFY(!practiceSeconds(grid, counts(8), counts(8), {100, 1}));
        QVERIFY(!practiceSeconds(grid, counts(0), counts(8), {0, 1}));
    }
};

LIFTCOUNT_TEST(PracticeTimesTest)
#include "tst_practice_times.moc"
