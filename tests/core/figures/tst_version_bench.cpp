// The bench of versions: what is made of a figure, for all its roles.
#include "support/core_support.h"

#include "core/figures/version_bench.h"

using namespace lc;

class VersionBenchTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void benchVersionsAreAllThere() {
        const auto bench = [](const std::string& line, BenchKind kind, int times = 1) {
            FigureCard card;
            card.lines = {{"everyone", line}};
            BenchAsked asked;
            asked.kind = kind;
            asked.times = times;
            return makeBench(readFigure(card), asked);
        };
        QCOMPARE(bench("1-6 walk", BenchKind::Stretch, 2).versions.size(), std::size_t{15}); // C(6,2)
        QCOMPARE(bench("1-5 walk", BenchKind::StretchOrDouble).versions.size(), std::size_t{9});
        QCOMPARE(bench("1 & 2", BenchKind::OtherFeel).versions.size(), std::size_t{4});
        QCOMPARE(bench("1 e & a 2", BenchKind::OtherFeel).versions.size(),
                 std::size_t{1}); // the e has a place by quarters only
        QCOMPARE(bench("1 2", BenchKind::OtherStart).versions.size(), std::size_t{7});
        const Bench side = bench("1 side R 1/4 R", BenchKind::OtherSide);
        QCOMPARE(test::q(side.versions.at(0).lines[0].text), "1 side L 1/4 L");
        QCOMPARE(test::q(bench("1 side R 1/4 R", BenchKind::OtherFoot).versions.at(0).lines[0].text), "1 side L 1/4 R");
        QVERIFY(!bench("", BenchKind::Stretch).problem.empty());
        QVERIFY(!bench("1 step L R", BenchKind::Stretch).problem.empty());
        QCOMPARE(bench("1 step L 2 step", BenchKind::Ornament, 2).versions.size(), std::size_t{5});
        QVERIFY(!bench("1 touch 2 step", BenchKind::Ornament, 1).problem.empty());
    }
    void aCouplesRolesChangeTheSameSteps() {
        FigureCard card;
        card.lines = {{"leader", "1 step L 2 step R 3 step L"}, {"follower", "1 step R 2 step L 3 step R"}};
        const Bench bench = makeBench(readFigure(card), {});
        for (const BenchVersion& version : bench.versions) {
            QCOMPARE(version.lines.size(), std::size_t{2});
            QCOMPARE(version.reading.roles[0].line.length, version.reading.roles[1].line.length);
            QVERIFY(version.reading.meetPoints.back().met);
        }
    }
    /// What is left counts from where the figure begins in the music, and so do the counts that are shown.
    void theStartCountsForWhatIsLeft() {
        FigureCard card;
        card.lines = {{"everyone", "1-5 walk"}};
        BenchAsked asked;
        asked.kind = BenchKind::Stretch;
        asked.musicStart = counts(3); // 3 4 5 6 7 8: a stretched six ends before the 1
        const Bench bench = makeBench(readFigure(card), asked);
        QCOMPARE(bench.versions.at(0).remainder, Tick{});
        QVERIFY2(test::q(bench.heading.at(0)).endsWith("no count left"), bench.heading.at(0).english().c_str());
        QCOMPARE(test::q(bench.versions.at(0).note), "last step on 8");
        asked.kind = BenchKind::OtherStart;
        for (const BenchVersion& version : makeBench(readFigure(card), asked).versions)
            QVERIFY(version.musicStart != counts(3));
    }
    void ornamentsSayTheirSecondsInAnyLocale() {
        FigureCard card;
        card.lines = {{"everyone", "1 step L 2 step"}};
        BenchAsked asked;
        asked.kind = BenchKind::Ornament;
        asked.tempo = 1.0;
        asked.limits = {0.25, std::nullopt};
        const Bench bench = makeBench(readFigure(card), asked);
        QCOMPARE(test::q(bench.versions.at(1).note), "0.333 s each, fits");
        QCOMPARE(test::q(bench.versions.at(2).note), "0.250 s each, wrong foot");
        QCOMPARE(test::q(bench.versions.at(3).note), "0.200 s each, over your limit");
    }
    void feelsAreNamedAsDancersSayThem() {
        FigureCard card;
        card.lines = {{"everyone", "1 & 2"}};
        BenchAsked asked;
        asked.kind = BenchKind::OtherFeel;
        QStringList titles;
        for (const BenchVersion& version : makeBench(readFigure(card), asked).versions)
            titles << test::q(version.title);
        QCOMPARE(titles.join("; "), "swung; rolling by thirds; rolling by quarters; in fractions of its own");
    }
};

LIFTCOUNT_TEST(VersionBenchTest)
#include "tst_version_bench.moc"
