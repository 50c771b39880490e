// Sentences as data: put into words last, in English or in any language.
#include "support/core_support.h"

#include "core/base/feet.h"
#include "core/base/sentence.h"

using namespace lc;
using lc::test::q;

namespace {

/// Whatever it says is in brackets, numbers have dots, and it has three forms: of one, of two to four, of more.
class Brackets : public Language {
public:
    [[nodiscard]] std::string message(const char* english, const char* comment,
                                      std::optional<std::int64_t> n) const override {
        ++asked;
        if (comment) comments.emplace_back(comment);
        const std::string form = !n ? "" : *n == 1 ? "1" : *n < 5 ? "2" : "5";
        return "[" + form + Language::message(english, comment, n) + "]";
    }
    [[nodiscard]] std::string number(std::int64_t n) const override { return std::to_string(n) + "."; }
    [[nodiscard]] std::string decimals(double value, int digits) const override {
        std::string text = Language::decimals(value, digits);
        std::replace(text.begin(), text.end(), '.', ',');
        return text;
    }
    mutable int asked = 0;
    mutable std::vector<std::string> comments;
};

} // namespace

class SentenceTest : public QObject {
    Q_OBJECT

private Q_SLOTS:
    void valuesStandInTheirPlaces() {
        const std::string name = "Vane vine";
        QCOMPARE(q(Core::sentence("Pass %1 starts %2 into %3.", 4, inCounts(counts(16)), std::string("Chorus"))),
                 "Pass 4 starts 16 counts into Chorus.");
        QCOMPARE(q(Core::sentence("%2 before %1", std::string("b"), std::string("a"))), "a before b"); // in any order
        QCOMPARE(q(Core::sentence("%1 and %1", name)), "Vane vine and Vane vine");
        QCOMPARE(q(Core::sentence("the %1 foot", footWord(Foot::Left))), "the left foot");
        QCOMPARE(q(Core::sentence("at %1, on %2, for %3 s", AsClock{65.3}, AsCount{counts(5) + countFraction(1, 2)},
                                  AsDecimals{0.254, 2})),
                 "at 1:05.3, on 5½, for 0.25 s");
    }

    void whatIsNoPlaceStays() {
        QCOMPARE(q(Core::sentence("100 % of %1", 3)), "100 % of 3");
        QCOMPARE(q(Core::sentence("%2 is not there", 3)), "%2 is not there");
        QCOMPARE(q(Core::sentence("%n is no number here")), "%n is no number here");
        QCOMPARE(q(Core::sentence("ends with %")), "ends with %");
        QCOMPARE(q(Core::sentence("%1", std::string("50 %1 %n"))), "50 %1 %n"); // a name is not read again
        QCOMPARE(q(Core::sentence("either | or")), "either | or");              // one form only
    }

    void oneAndSeveral() {
        const auto passes = [](int n) { return Core::plural("%n pass of %1|%n passes of %1", nullptr, n, 7); };
        QCOMPARE(q(passes(1)), "1 pass of 7");
        QCOMPARE(q(passes(0)), "0 passes of 7");
        QCOMPARE(q(passes(5)), "5 passes of 7");
        QCOMPARE(q(inCounts(counts(1))), "1 count");
        QCOMPARE(q(inCounts(counts(32))), "32 counts");
        QCOMPARE(q(inCounts(counts(2) + countFraction(1, 2))), "2½ counts");
    }

    void lists() {
        const auto list = [](std::vector<Argument> values, Joined how) {
            return q(Core::sentence("%1", Argument(std::move(values), how)));
        };
        QCOMPARE(list({}, Joined::And), "");
        QCOMPARE(list({1}, Joined::And), "1");
        QCOMPARE(list({1, 2}, Joined::And), "1 and 2");
        QCOMPARE(list({1, inCounts(counts(2)), std::string("x")}, Joined::And), "1, 2 counts and x");
        QCOMPARE(list({1, 2, 3}, Joined::Commas), "1, 2, 3");
    }

    void aTextIsItsSentences() {
        Text text;
        QVERIFY(text.empty());
        text += Sentence();
        QVERIFY(text.empty() && text.english().empty());
        text += Core::sentence("One.");
        text += Sentence();
        text += Core::sentence("Two.");
        QCOMPARE(q(text), "One. Two.");
        QVERIFY(text == text);
        QVERIFY(!(text == Text(Core::sentence("One."))));
    }

    void equalWhereAllIsEqual() {
        const auto one = [](int n) { return Core::sentence("%1 of %2", n, Core::sentence("inner %1", n)); };
        QVERIFY(one(3) == one(3));
        QVERIFY(!(one(3) == one(4)));
        QVERIFY(!(Core::sentence("a") == Core::sentence("b")));
        QVERIFY(!(Core::sentence("a") == Sentence::verbatim("a"))); // the one is translated, the other is not
        QVERIFY(Sentence::verbatim("a") == Sentence::verbatim("a"));
        QVERIFY(Sentence::verbatim("") == Sentence() && Sentence().empty());
        QVERIFY(!(Core::plural("x|y", nullptr, 1) == Core::plural("x|y", nullptr, 2)));
    }

    /// In another language all messages come from it, the innermost too; names stay.
    void anotherLanguage() {
        const Brackets other;
        const Sentence sentence = Core::sentence("Wrong foot into %1, %2", std::string("Kerb"), footWord(Foot::Right));
        QCOMPARE(q(sentence.inWords(other)), "[Wrong foot into Kerb, [right]]");
        QCOMPARE(other.asked, 2);
        QCOMPARE(q(Sentence::verbatim("Kerb").inWords(other)), "Kerb");
        QCOMPARE(q(Core::plural("%n more|%n more ones", "of passes", 1200).inWords(other)), "[51200. more ones]");
        QCOMPARE(other.comments, std::vector<std::string>{"of passes"});
        QCOMPARE(q(Core::plural("%n more|%n more ones", nullptr, 3).inWords(other)), "[23. more ones]");
        QCOMPARE(q(Core::sentence("%1 s", AsDecimals{1.5, 1}).inWords(other)), "[1,5 s]");
        QCOMPARE(q(Sentence::kept("not understood").inWords(other)), "[not understood]"); // as a file has it
        QCOMPARE(q(Sentence::kept("not understood")), "not understood");
        QVERIFY(Sentence::kept("").empty() && !(Sentence::kept("a") == Sentence::verbatim("a")));
        QCOMPARE(q(Core::sentence("%1.", AsOpening(footWord(Foot::Right))).inWords(other)), "[[right].]");
        const Sentence list = Core::sentence("%1", Argument({1, 2, 3}, Joined::And));
        QCOMPARE(q(list.inWords(other)), "[[[1., 2.] and 3.]]"); // how values are joined is the language's, too
    }
};

LIFTCOUNT_TEST(SentenceTest)
#include "tst_sentence.moc"
