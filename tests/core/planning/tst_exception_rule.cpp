#include "support/plan_support.h"

#include "core/planning/exception_rule.h"
#include "core/planning/routine_plan.h"

#include <QRegularExpression>

#include <random>

using namespace lc;
using test::must;

namespace {

Document lines(const std::string& song, int passes, const std::string& turn = "1/4 R") {
    return test::withOrder(test::withLine(test::documentOn(song), "A", test::walk(32, {{28, turn}})),
                           "A x" + std::to_string(passes));
}

QString said(const Document& d) {
    QStringList all;
    for (const ExceptionRule& rule : exceptionRules(d, land(d))) all << test::q(ruleInWords(rule));
    return all.join(' ');
}

/// Reads a sentence as a dancer would, and says in which passes it holds: nothing of the search is used.
std::vector<int> passesMeant(const QString& sentence, const Landing& landing) {
    std::vector<int> out;
    std::vector<const PassPerformance*> passes;
    for (const PassPerformance& p : landing.performance.passes)
        if (p.start < landing.grid.end()) passes.push_back(&p);
    const auto section = [&](const PassPerformance* p) -> const CountPhrase& {
        const CountPhrase* here = nullptr;
        for (const CountPhrase& phrase : landing.grid.phrases())
            if (counts(phrase.firstCount) <= p->start) here = &phrase;
        return *here;
    };
    const auto kind = [](const CountPhrase& phrase) {
        return test::q(phrase.label).remove(QRegularExpression(" [0-9]+$")).toLower();
    };
    const auto has = [&](const char* pattern) { return QRegularExpression(pattern).match(sentence); };
    for (std::size_t i = 0; i < passes.size(); ++i) {
        bool holds = true;
        if (const auto m = has("every (second|third|fourth) pass"); m.hasMatch())
            holds &= (i + 1) % (m.captured(1) == "second" ? 2 : m.captured(1) == "third" ? 3 : 4) == 0;
        if (has("the first pass").hasMatch()) holds &= i == 0;
        if (has("the last pass").hasMatch()) holds &= i + 1 == passes.size();
        if (const auto m = has("facing ([0-9:]+)"); m.hasMatch())
            holds &= m.captured(1) == test::q(toClock(passes[i]->roles[0].facingIn));
        if (const auto m = has("in (?:a|an) ([a-z]+)"); m.hasMatch())
            holds &= m.captured(1) == kind(section(passes[i]));
        if (const auto m = has("in ([A-Z][a-z]*(?: [0-9]+)?)"); m.hasMatch())
            holds &= m.captured(1) == test::q(section(passes[i]).label);
        if (const auto m = has("after (?:a|an) ([a-z]+)"); m.hasMatch())
            holds &= i > 0 && m.captured(1) == kind(section(passes[i - 1]));
        if (const auto m = has("on a phrase of ([0-9]+)"); m.hasMatch())
            holds &= m.captured(1).toInt() == section(passes[i]).counts;
        if (holds) out.push_back(passes[i]->number);
    }
    return out;
}

} // namespace

class ExceptionRuleTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void restartWheneverYouStartAtSixInAChorus() {
        Document d = lines(
            "verse 32 | chorus 32 | chorus 16 | verse 32 | verse 32 | chorus 32 | chorus 32 | verse 32 | chorus 32 | verse 32",
            10);
        d = test::cut(d, 3, 16); // facing 6
        QCOMPARE(said(d), "Restart after 16 whenever you start on a phrase of 16.");
        Document two = lines(
            "verse 32 | verse 32 | chorus 32 | verse 32 | verse 32 | chorus 32 | chorus 32 | verse 32 | verse 32 | chorus 32 | verse 32",
            11);
        two = test::tagged(test::tagged(two, 3, 4), 7,
                           4); // both in a chorus at 6; other choruses at 3 and 9, other passes at 6 in verses
        QCOMPARE(said(two), "A tag of 4 whenever you start facing 6 in a chorus.");
    }
    void oneConditionIsShorterThanTwo() {
        Document d = lines("verse 32 | bridge 32 | verse 32 | verse 32", 4);
        QCOMPARE(said(test::tagged(d, 2, 4)), "A tag of 4 whenever you start facing 3.");
        QCOMPARE(said(test::tagged(lines("verse 32 | bridge 32 | verse 32 | verse 32", 4, "1/2 R"), 2, 4)),
                 "A tag of 4 whenever you start in a bridge.");
        QCOMPARE(said(d), "");
    }
    void whatHappensOnceIsNoHabit() {
        Document d =
            lines("intro 32 | verse 32 | verse 32 | intro 32 | verse 32 | verse 32 | verse 32 | verse 32 | verse 32", 9,
                  "1/1 R");
        const QString sixth = said(test::tagged(
            d, 6,
            4)); // the only multiple of both two and three; every third pass and in a verse say it of the ninth as well
        QVERIFY2(!sixth.contains("every"), qPrintable(sixth));
        QCOMPARE(said(test::tagged(test::tagged(test::tagged(d, 3, 4), 6, 4), 9, 4)),
                 "A tag of 4 in every third pass.");
        QCOMPARE(said(test::tagged(test::tagged(d, 2, 4), 8, 4)),
                 "A tag of 4 in passes 2 and 8; there is no short rule for it.");
        QCOMPARE(said(test::tagged(d, 9, 4)), "A tag of 4 in the last pass.");
        Document mixed = lines(
            "verse 32 | chorus 32 | verse 32 | verse 32 | verse 32 | chorus 32 | verse 32 | verse 32", 8, "1/1 R");
        QCOMPARE(said(test::tagged(test::tagged(mixed, 4, 4), 8, 4)), "A tag of 4 in every fourth pass.");
        QCOMPARE(said(test::tagged(test::tagged(test::tagged(mixed, 4, 4), 8, 4), 2, 4)),
                 "A tag of 4 in passes 2, 4 and 8; there is no short rule for it.");
    }
    void whereThereIsNoRuleTheyAreListed() {
        Document d =
            lines("verse 32 | verse 32 | verse 32 | verse 32 | verse 32 | verse 32 | verse 32 | verse 32", 8, "1/2 R");
        d = test::tagged(test::tagged(test::tagged(d, 2, 4), 5, 4), 6, 4);
        QCOMPARE(said(d), "A tag of 4 in passes 2, 5 and 6; there is no short rule for it.");
    }
    void ruleAndEvaluatorAgreeOnRandomRoutines() {
        std::mt19937 dice(3);
        int found = 0, none = 0;
        for (int n = 0; n < 400; ++n) {
            std::string song;
            const int phrases = 4 + static_cast<int>(dice() % 10);
            for (int p = 0; p < phrases; ++p)
                song += (p ? " | " : "") +
                        std::string(std::array{"verse ", "chorus ", "bridge ", "outro "}[dice() % 4]) +
                        std::to_string(std::array{32, 32, 36, 16}[dice() % 4]);
            Document d = lines(song, phrases, std::array{"1/4 R", "1/2 L", "1/8 R"}[dice() % 3]);
            for (std::size_t p = 1; p <= d.routine.passes.size(); ++p) {
                if (dice() % 5 == 0) d = test::cut(d, p, dice() % 3 == 0 ? 8 : 16);
                if (dice() % 6 == 0) d = test::tagged(d, p, 4);
            }
            const Landing landing = land(d);
            for (const ExceptionRule& rule : exceptionRules(d, landing)) {
                if (rule.when.empty()) {
                    ++none;
                    continue;
                }
                ++found;
                QVERIFY2(passesMeant(test::q(rule.when), landing) == rule.passes, ruleInWords(rule).english().c_str());
            }
        }
        qInfo("%d rules, %d without one", found, none);
        QVERIFY(found > 200 && none > 50);
    }
};

LIFTCOUNT_TEST(ExceptionRuleTest)
#include "tst_exception_rule.moc"
