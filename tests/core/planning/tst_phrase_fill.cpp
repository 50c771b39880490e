// Filling a phrase with figures: against trying every order, and published counts.
#include "support/plan_support.h"

#include "core/figures/fill_orders.h"
#include "core/planning/phrase_fill.h"

#include <functional>
#include <random>
#include <set>

using namespace lc;
using test::must;
using test::ticks;

namespace {

/// Figures that keep their readings.
struct Figures {
    std::vector<std::unique_ptr<FigureReading>> readings;
    std::vector<PhraseFigure> all;
    void add(const std::string& name, std::vector<FigureLine> lines, const std::string& level = {}) {
        readings.push_back(std::make_unique<FigureReading>(readFigure({name, std::move(lines), std::nullopt, {}})));
        all.push_back({name, level, readings.back().get()});
    }
    void add(const std::string& name, const std::string& line, const std::string& level = {}) {
        add(name, std::vector<FigureLine>{{"everyone", line}}, level);
    }
};

QStringList namesOf(const Figures& figures, const PhraseFills& fills) {
    QStringList out;
    for (const PhraseFill& fill : fills.fills) {
        QStringList one;
        for (const std::size_t f : fill.figures) one << test::q(figures.all[f].name);
        out << one.join(' ');
    }
    return out;
}

/// Every order whose joints do not break, by dancing each step by step: nothing of the filler is used.
std::set<std::vector<std::size_t>> everyOrder(const Figures& figures, const PhraseFillAsked& asked) {
    std::set<std::vector<std::size_t>> out;
    std::vector<std::size_t> so;
    const std::function<void(Tick)> on = [&](Tick left) {
        if (left == Tick{}) {
            Foot free = asked.free[0];
            int turn = 0;
            for (const std::size_t f : so) {
                const RoleReading& role = figures.all[f].reading->roles[0];
                if (free != Foot::Both && role.needs && *role.needs != free) return;
                for (const Action& action : role.line.actions)
                    free = danceAction(action, free == Foot::Both ? role.needs.value_or(Foot::Both) : free).freeAfter;
                turn += role.turn.value;
            }
            if (!asked.leave.empty() && asked.leave[0] && free != Foot::Both && free != *asked.leave[0]) return;
            if (asked.turn && facingIndex({turn}) != facingIndex(*asked.turn)) return;
            out.insert(so);
            return;
        }
        for (std::size_t f = 0; f < figures.all.size(); ++f)
            if (figures.all[f].reading->length <= left) {
                so.push_back(f);
                on(left - figures.all[f].reading->length);
                so.pop_back();
            }
    };
    on(asked.length);
    return out;
}

} // namespace

class PhraseFillTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// 40 counts from sixes and eights: the order 6 6 8 6 6 8 and the counts that meet the 1s.
    void s12WhichCountsMeetTheOnes() {
        const auto ones = onesMet(ticks({6, 6, 8, 6, 6, 8}));
        QCOMPARE(ones, (std::vector<OneMet>{{counts(9), 1, counts(3)},
                                            {counts(17), 2, counts(5)},
                                            {counts(25), 3, counts(5)},
                                            {counts(33), 5, counts(1)}})); // figures 1 and 5 meet none
        QCOMPARE(onesMet(ticks({6, 6}), counts(8), counts(5)),
                 (std::vector<OneMet>{{counts(5), 0, counts(5)}})); // begun on the 5
    }
    void s12FromTheVocabulary() {
        Figures figures;
        figures.add("Six", "1-6 walk");
        figures.add("Eight", "1-8 walk");
        PhraseFillAsked asked;
        asked.length = counts(40);
        const PhraseFills fills = must(fillPhrase(asked, figures.all));
        QCOMPARE(*fills.all, 16U); // 5 × 8, and 4 × 6 + 2 × 8 in 15 orders
        QVERIFY(fills.listedAll);
        QCOMPARE(namesOf(figures, fills).first(), "Eight Eight Eight Eight Eight");
        QVERIFY(namesOf(figures, fills).contains("Six Six Eight Six Six Eight"));
    }
    /// G. Pólya, "On picture-writing", American Mathematical Monthly 63 (1956): a dollar can be changed in 292 ways
    /// with coins of 1, 5, 10, 25 and 50 cents, and fifty cents in 50 ways. Values from memory. And the partitions of
    /// n, sequence A000041 of the On-Line Encyclopedia of Integer Sequences, values from memory: p(10) = 42, p(20) =
    /// 627, p(30) = 5604.
    void publishedNumbersOfCombinations() {
        QCOMPARE(must(fillCounts(counts(100), ticks({1, 5, 10, 25, 50}))).combinations.size(), std::size_t{292});
        QCOMPARE(must(fillCounts(counts(50), ticks({1, 5, 10, 25, 50}))).combinations.size(), std::size_t{50});
        for (const auto& [n, partitions] : {std::pair{5, 7U}, {10, 42U}, {20, 627U}, {30, 5604U}}) {
            std::vector<int> lengths;
            for (int k = 1; k <= n; ++k) lengths.push_back(k);
            QCOMPARE(must(fillCounts(counts(n), ticks(lengths))).combinations.size(), std::size_t{partitions});
        }
    }
    /// Orders of ones and twos that make n are Fibonacci numbers (Pingala's and Hemachandra's count of metres, in D.
    /// Knuth, "The Art of Computer Programming" 1, 1.2.8; from memory): 89 for 10; of any lengths there are 2^(n−1)
    /// compositions.
    void publishedNumbersOfOrders() {
        Figures two;
        two.add("short", "1 L & close R");
        two.add("long", "1 L & R 2 L & R");
        PhraseFillAsked asked;
        asked.length = counts(10);
        QCOMPARE(*must(fillPhrase(asked, two.all)).all, 89U);
        Figures any;
        for (int n = 1; n <= 10; ++n) any.add("of " + std::to_string(n), test::walk(n));
        QCOMPARE(*must(fillPhrase(asked, any.all)).all, 512U);
    }
    void feetTurnsAndHoldsFit() {
        std::mt19937 dice(3);
        int full = 0;
        for (int n = 0; n < 150; ++n) {
            Figures figures;
            for (int f = 0; f < 4; ++f) {
                std::string line;
                const int length = 1 + static_cast<int>(dice() % 4);
                for (int c = 1; c <= length; ++c)
                    line += std::to_string(c) + (c == 1 && dice() % 2 == 0 ? dice() % 2 == 0 ? " step L " : " step R "
                                                 : dice() % 4 == 0         ? " touch "
                                                 : dice() % 5 == 0         ? " step 1/4 R "
                                                                           : " step ");
                figures.add(std::string(1, static_cast<char>('a' + f)), line);
            }
            PhraseFillAsked asked;
            asked.length = counts(3 + static_cast<int>(dice() % 6));
            asked.free = {dice() % 2 == 0 ? Foot::Left : Foot::Right};
            if (dice() % 2 == 0) asked.leave = {dice() % 2 == 0 ? Foot::Left : Foot::Right};
            if (dice() % 2 == 0) asked.turn = Eighths{2 * static_cast<int>(dice() % 4)};
            asked.most = 100'000;
            const auto wanted = everyOrder(figures, asked);
            const PhraseFills fills = must(fillPhrase(asked, figures.all));
            QCOMPARE(*fills.all, wanted.size());
            std::set<std::vector<std::size_t>> mine;
            for (const PhraseFill& fill : fills.fills) mine.insert(fill.figures);
            QVERIFY(mine == wanted);
            full += wanted.size() > 3;
        }
        QVERIFY(full > 30);
    }
    void aHoldMustFit() {
        Figures figures;
        figures.add("Open basic", {{"leader", "[open L-R] 1 L 2 R 3 L 4 R"}, {"follower", "1 R 2 L 3 R 4 L"}});
        figures.add("Close in", {{"leader", "[open L-R] 1 L 2 R [closed] 3 L 4 R"}, {"follower", "1 R 2 L 3 R 4 L"}});
        figures.add("Closed basic", {{"leader", "[closed] 1 L 2 R 3 L 4 R"}, {"follower", "1 R 2 L 3 R 4 L"}});
        for (const PhraseFigure& figure : figures.all) QVERIFY2(figure.reading->readable(), figure.name.c_str());
        PhraseFillAsked asked;
        asked.length = counts(8);
        asked.roles = {"leader", "follower"};
        asked.free = {Foot::Left, Foot::Right};
        asked.couple.position = Position::Open;
        asked.coupleAfter.position = Position::Closed;
        QCOMPARE(namesOf(figures, must(fillPhrase(asked, figures.all))),
                 (QStringList{"Open basic Close in", "Close in Closed basic"}));
        asked.free = {Foot::Left, Foot::Left}; // the follower's foot is not free
        QCOMPARE(must(fillPhrase(asked, figures.all)).fills.size(), std::size_t{0});
    }
    /// A part of three changes ends on the other foot; mirrored it needs and leaves the other way round, and in a part
    /// inside a part it is the same.
    void aFillingBeginsWhereThePartEnds() {
        Document d = test::documentOn("verse 32");
        const FigureId three = test::addFigure(d, "Three", {"1 step L 2 step R 3 step L 4 touch R"});
        d = must(applyEdit(d, PlaceFigure{d.routine.parts[0].id, three}));
        const auto behind = [](const Document& x, std::size_t part = 0) {
            return fillBehind(x.routine, readPart(x.routine, x.routine.parts[part]));
        };
        QVERIFY(behind(d).free == std::vector<Foot>{Foot::Right});
        QVERIFY(behind(d).leave == std::vector<std::optional<Foot>>{Foot::Left});
        Placement mirrored = d.routine.parts[0].figures[0];
        mirrored.mirrored = true;
        d = must(applyEdit(d, ChangePlacement{mirrored}));
        QVERIFY(behind(d).free == std::vector<Foot>{Foot::Left});
        QVERIFY(behind(d).leave == std::vector<std::optional<Foot>>{Foot::Right});
        d = must(applyEdit(d, AddPart{"B"}));
        d = must(applyEdit(d, PlacePart{d.routine.parts[1].id, d.routine.parts[0].id}));
        QVERIFY(behind(d, 1).free == std::vector<Foot>{Foot::Left});
        Document couple = test::documentOn("verse 32");
        couple = must(applyEdits(couple, {RenameRole{couple.routine.roles[0].id, "leader"}, AddRole{"follower"}}));
        const FigureId in =
            test::addFigure(couple, "Close in", {"[open L-R] 1 L 2 R [closed] 3 L 4 R", "1 R 2 L 3 R 4 L"});
        couple = must(applyEdit(couple, PlaceFigure{couple.routine.parts[0].id, in}));
        QVERIFY(behind(couple).free == (std::vector<Foot>{Foot::Left, Foot::Right}));
        QVERIFY(behind(couple).couple.position == Position::Closed);
        QVERIFY(behind(test::documentOn("verse 32")).free == std::vector<Foot>{Foot::Both}); // nothing yet
    }
    void varietyAndLevelAreKept() {
        Figures figures;
        figures.add("One", "1-4 walk", "first steps");
        figures.add("Two", "1-4 walk", "improver");
        figures.add("Three", "1-4 walk", "first steps");
        PhraseFillAsked asked;
        asked.length = counts(16);
        QCOMPARE(*must(fillPhrase(asked, figures.all)).all, 81U);
        asked.mostTimes = 2;
        asked.twiceInARow = false;
        const PhraseFills varied = must(fillPhrase(asked, figures.all));
        for (const PhraseFill& fill : varied.fills)
            for (std::size_t i = 0; i < fill.figures.size(); ++i) {
                QVERIFY(std::count(fill.figures.begin(), fill.figures.end(), fill.figures[i]) <= 2);
                QVERIFY(i == 0 || fill.figures[i] != fill.figures[i - 1]);
            }
        QCOMPARE(varied.fills.size(),
                 std::size_t{24}); // 3 × 2 × 2 × 2: none can come three times without neighbours alike
        asked.levels = {"first steps"};
        QCOMPARE(must(fillPhrase(asked, figures.all)).fills.size(),
                 std::size_t{2}); // One Three One Three, and the other way round
    }
    void manyAreShownFromAllOver() {
        Figures figures;
        for (int f = 0; f < 12; ++f) figures.add(std::string(1, static_cast<char>('a' + f)), "1-2 walk");
        PhraseFillAsked asked;
        asked.length = counts(64);
        asked.most = 50;
        const PhraseFills fills = must(fillPhrase(asked, figures.all));
        QVERIFY(!fills.all); // 12^32
        QVERIFY(!fills.listedAll);
        asked.length = counts(12);
        const PhraseFills fewer = must(fillPhrase(asked, figures.all));
        QCOMPARE(*fewer.all, 2985984U);
        QCOMPARE(fewer.fills.size(), std::size_t{50});
        std::set<std::size_t> begin;
        for (const PhraseFill& fill : fewer.fills) begin.insert(fill.figures.front());
        QCOMPARE(begin.size(), std::size_t{12}); // not only those that begin with the first figure
    }
    void badInputIsASentence() {
        Figures figures;
        figures.add("One", "1-4 walk");
        PhraseFillAsked asked;
        const auto says = [&](const char* words) {
            const auto fills = fillPhrase(asked, figures.all);
            return !fills && test::q(fills.error().message).contains(words);
        };
        QVERIFY(says("Between one and 256 counts"));
        asked.length = counts(8);
        asked.lengths = ticks({6});
        QVERIFY(says("No figure at hand may be used"));
        asked.lengths.clear();
        asked.mostTimes = 0;
        QVERIFY(says("at least once"));
    }
};

LIFTCOUNT_TEST(PhraseFillTest)
#include "tst_phrase_fill.moc"
