#include "support/core_support.h"

#include "core/document/document_json.h"
#include "core/exchange/routine_text.h"
#include "core/routine/routine_size.h"

using namespace lc;
using test::must;

namespace {

/// A part K1 of one figure, and `levels` parts above it, each of which places the one below so many times.
std::string tower(int levels, int times) {
    std::string text =
        "Lift Count routine\nsong: verse 64\ntempo: 120\nfigure: K\n  everyone: 1-8 walk L\npart: P0\n  K\n";
    for (int i = 1; i <= levels; ++i) {
        text += "part: P" + std::to_string(i) + "\n";
        for (int k = 0; k < times; ++k) text += "  part P" + std::to_string(i - 1) + "\n";
    }
    return text + "order: P" + std::to_string(levels) + "\n";
}

QString refused(const std::string& text) {
    const auto read = routineFromText(text);
    return read ? QString() : test::q(read.error().message);
}

/// Parts as a routine file has them: part i places the parts that are listed.
Routine routineOf(const std::vector<std::vector<std::size_t>>& places) {
    Routine routine = newRoutine();
    routine.parts.clear();
    for (std::size_t i = 0; i < places.size(); ++i)
        routine.parts.push_back({PartId{static_cast<std::uint32_t>(100 + i)}, "P" + std::to_string(i), {}});
    std::uint32_t id = 100'000'000;
    for (std::size_t i = 0; i < places.size(); ++i)
        for (const std::size_t inner : places[i]) {
            Placement placed;
            placed.id = PlacementId{id++};
            placed.part = PartId{static_cast<std::uint32_t>(100 + inner)};
            routine.parts[i].figures.push_back(placed);
        }
    return routine;
}

} // namespace

class RoutineSizeTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void partsThatDoubleAreRefusedBeforeTheyAreUnrolled() {
        QCOMPARE(refused(tower(10, 2)), QString()); // 1024 figures are danced
        QVERIFY2(refused(tower(18, 2)).contains("more than 20000 figures"), qPrintable(refused(tower(18, 2))));
        QVERIFY(refused(tower(31, 8)).contains("more than 20000 figures"));
        QVERIFY(refused(tower(60, 2)).contains("more than 20000 figures")); // what comes first
    }
    void partsLieSoDeepAndNoDeeper() {
        QCOMPARE(refused(tower(deepestPart - 1, 1)), QString());
        QVERIFY(refused(tower(deepestPart, 1)).contains("32 deep"));
        QVERIFY(refused(tower(20'000, 1)).contains("32 deep")); // neither the stack nor the clock runs out
        std::vector<std::vector<std::size_t>> chain(
            100'000); // part 0 places part 1 and so on: each is looked at before the one that it places
        for (std::size_t i = 0; i + 1 < chain.size(); ++i) chain[i] = {i + 1};
        const auto size = checkSize(routineOf(chain));
        QVERIFY(!size && test::q(size.error().message).contains("deep"));
        QVERIFY(!putsPartInItself(routineOf(chain)));
        chain.back() = {50'000};
        const auto circle = putsPartInItself(routineOf(chain));
        QVERIFY(circle);
        QCOMPARE(circle->part, chain.size() - 1);
        QCOMPARE(circle->figure, std::size_t(0));
    }
    void aPartInItselfIsFoundWhereverItIs() {
        QVERIFY(putsPartInItself(routineOf({{0}})));
        QVERIFY(!putsPartInItself(routineOf({{1, 1, 2}, {2}, {}}))); // one part in two others is none of it
        const auto circle = putsPartInItself(routineOf({{1}, {3, 2}, {3, 1}, {}}));
        QVERIFY(circle);
        QCOMPARE(circle->part, std::size_t(2));
        QCOMPARE(circle->figure, std::size_t(1));
        QVERIFY(
            refused(
                "Lift Count routine\nsong: verse 64\ntempo: 120\nfigure: K\n  everyone: 1-8 walk L\npart: A\n  K\n  part B\npart: B\n  K\n  part A\norder: A\n")
                .startsWith("Line 11:"));
    }
    void passesAreCountedTogether() {
        Document d = must(routineFromText(tower(14, 2))); // 16,384 figures a pass
        std::vector<PartId> order(13, d.routine.parts.back().id);
        const auto many = applyEdit(d, SetOrder{order});
        QVERIFY(!many);
        QVERIFY2(test::q(many.error().message).contains("take passes out"), many.error().message.english().c_str());
        order.resize(2);
        QVERIFY(applyEdit(d, SetOrder{order}));
    }
};

LIFTCOUNT_TEST(RoutineSizeTest)
#include "tst_routine_size.moc"
