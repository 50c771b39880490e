// Figures as JSON and as a table.
#include "support/core_support.h"

#include "core/base/csv_text.h"
#include "core/exchange/figure_file.h"

#include <rapidcheck.h>

using namespace lc;

namespace {

std::string anyText() {
    return *rc::gen::container<std::string>(rc::gen::elementOf(std::string("ab ,;\"\n\r{}[]:é1&")));
}
std::string wordText() {
    return *rc::gen::nonEmpty(rc::gen::container<std::string>(rc::gen::elementOf(std::string("abcdefg"))));
}

FigureCard anyCard() {
    FigureCard card;
    card.name = "n" + anyText();
    for (const char* role : {"leader", "follower"})
        if (*rc::gen::inRange(0, 3) > 0) card.lines.push_back({role, "x" + anyText()});
    if (*rc::gen::inRange(0, 2)) card.claimed = counts(*rc::gen::inRange(1, 64));
    FigureFacts& f = card.facts;
    for (auto* text : {&f.family, &f.description, &f.level, &f.words, &f.cautions, &f.notes}) *text = anyText();
    for (int i = *rc::gen::inRange(0, 3); i > 0; --i) f.tags.push_back(wordText());
    for (int i = *rc::gen::inRange(0, 2); i > 0; --i) f.otherNames.push_back(wordText());
    if (*rc::gen::inRange(0, 2))
        f.choices = NotationChoices{*rc::gen::element(Feel::Straight, Feel::Own),
                                    counts(1),
                                    countFraction(1, 2),
                                    countFraction(1, 5),
                                    countFraction(2, 5),
                                    *rc::gen::inRange(0, 2) == 0};
    if (*rc::gen::inRange(0, 2)) f.entry = countFraction(3, 2);
    if (*rc::gen::inRange(0, 2)) f.versions = {{anyText(), anyText(), {{"leader", anyText()}}}};
    return card;
}

} // namespace

class FigureFileTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void figuresComeBackAsTheyWere() {
        QVERIFY(rc::check("JSON, CSV and the vocabulary's own form are read back exactly", [] {
            std::vector<FigureCard> cards;
            for (int i = *rc::gen::inRange(0, 4); i > 0; --i) {
                cards.push_back(anyCard());
                // bytes that are no UTF-8 do not come from a window; JSON would replace them
                for (auto* text : {&cards.back().name, &cards.back().facts.notes})
                    RC_PRE(QString::fromStdString(*text).toStdString() == *text);
            }
            const auto clean = [](const FigureCard& card) { return test::must(cardFromJson(cardToJson(card))); };
            for (FigureCard& card : cards) card = clean(card);
            RC_ASSERT(test::must(figuresFromText(figuresToJson(cards))) == cards);
            for (const FigureCard& card : cards) RC_ASSERT(clean(card) == card);
            // A table has no empty cells apart from nothing: carriage returns inside cells stay.
            RC_ASSERT(test::must(figuresFromText(figuresToCsv(cards))) == cards);
        }));
    }
    void wrongJsonIsNamedByItsPlace_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("says");
        const auto row = [](const char* text, const char* says) { QTest::newRow(text) << text << says; };
        row("{", "byte");
        row("{}", "not a file of figures");
        row(R"({"format":"liftcount"})", "not a file of figures");
        row(R"({"format":"liftcount-figures","version":9,"figures":[]})", "newer Lift Count");
        row(R"({"format":"liftcount-figures","version":1})", "figures");
        row(R"({"format":"liftcount-figures","version":1,"figures":[{}]})", "figures[0] has no field “name”");
        row(R"({"format":"liftcount-figures","version":1,"figures":[{"name":"a","lines":[{"role":"","text":""}]}]})",
            "figures[0].lines[0].role is empty");
        row(R"({"format":"liftcount-figures","version":1,"figures":[{"name":"a","lines":[{"role":"x","text":""},{"role":"x","text":""}]}]})",
            "stands twice");
        row(R"({"format":"liftcount-figures","version":1,"figures":[{"name":"a","lines":[],"claimed":"0"}]})",
            "figures[0].claimed");
        row(R"({"format":"liftcount-figures","version":1,"figures":[{"name":"a","lines":[],"facts":{"colour":"red"}}]})",
            "unknown field “colour”");
        row(R"({"format":"liftcount-figures","version":1,"figures":[{"name":"a","lines":[],"facts":{"choices":{"feel":"slippery","slow":"2","quick":"1"}}}]})",
            "is not a feel");
        row(R"({"format":"liftcount-figures","version":1,"figures":[{"name":"a","lines":[],"facts":{"choices":{"feel":"own","slow":"2","quick":"1","own_and":"4/5","own_a":"1/5"}}}]})",
            "own_and before own_a");
    }
    void wrongJsonIsNamedByItsPlace() {
        QFETCH(QString, text);
        QFETCH(QString, says);
        const auto result = figuresFromText(text.toStdString());
        QVERIFY(!result);
        QVERIFY2(test::q(result.error().message).contains(says), result.error().message.english().c_str());
    }
    void wrongTablesAreNamedByRowAndColumn_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("says");
        const auto row = [](const char* text, const char* says) { QTest::newRow(text) << text << says; };
        row("", "empty");
        row("line of everyone\n1 2\n", "no column “name”");
        row("name,colour\na,b\n", "Column 2 of the table is called “colour”");
        row("name,name\na,b\n", "stands twice");
        row("name,tags\na\n", "Row 2 of the table has 1 cells");
        row("name,tags\n,b\n", "a figure needs a name");
        row("name,claimed\na,much\n", "Row 2 of the table: claimed");
        row("name,feel\na,odd\n", "is not a feel");
        row("name,versions\na,no\n", "no JSON text");
        row("name\n\"a\n", "not closed");
        row("name\n\"a\"b\n", "after a closed quotation mark");
    }
    void wrongTablesAreNamedByRowAndColumn() {
        QFETCH(QString, text);
        QFETCH(QString, says);
        const auto result = figuresFromCsv(text.toStdString());
        QVERIFY(!result);
        QVERIFY2(test::q(result.error().message).contains(says), result.error().message.english().c_str());
    }
    void aPlainTableIsEnough() {
        const auto cards = test::must(
            figuresFromCsv("\xEF\xBB\xBFname,line of everyone,tags\r\nVine,1 side R 2 behind L,hall; line\r\n"));
        QCOMPARE(cards.size(), std::size_t{1});
        QCOMPARE(test::q(cards[0].name), "Vine");
        QCOMPARE(cards[0].facts.tags, (std::vector<std::string>{"hall", "line"}));
        QVERIFY(!cards[0].facts.choices);
    }
    /// Examples of RFC 4180 (Shafranovich, Common Format and MIME Type for CSV Files, 2005), section 2.
    void csvAsTheStandardSays() {
        QVERIFY(test::must(parseCsv("aaa,bbb,ccc\r\nzzz,yyy,xxx")) ==
                (std::vector<std::vector<std::string>>{{"aaa", "bbb", "ccc"}, {"zzz", "yyy", "xxx"}}));
        QVERIFY(test::must(parseCsv("\"aaa\",\"b\r\nbb\",\"ccc\"\r\n")) ==
                (std::vector<std::vector<std::string>>{{"aaa", "b\r\nbb", "ccc"}}));
        QVERIFY(test::must(parseCsv("\"aaa\",\"b\"\"bb\",\"ccc\"")) ==
                (std::vector<std::vector<std::string>>{{"aaa", "b\"bb", "ccc"}}));
    }
    /// A cell that a spreadsheet would take for a formula is written as text (OWASP, "CSV Injection": fields that begin
    /// with =, +, -, @, tab or carriage return); numbers stay numbers, and whatever is written comes back as it was.
    void noCellIsAFormula() {
        QCOMPARE(test::q(csvRow({"=1+2", "+49 30", "-x", "@SUM(A1)", "-3.5", "+7", "a=b", "'tis"})),
                 "'=1+2,'+49 30,'-x,'@SUM(A1),-3.5,+7,a=b,'tis\r\n");
        QCOMPARE(test::q(csvRow({"\tx", "=\"a\""})), "'\tx,\"'=\"\"a\"\"\"\r\n");
        QVERIFY(rc::check("cells come back", [](const std::vector<std::string>& tails) {
            std::vector<std::string> cells{"'=1", "''-x", "'-5", "-", "'"};
            for (const std::string& tail : tails)
                cells.push_back(std::string(1, *rc::gen::element('=', '+', '-', '@', '\t', '\'', 'a')) + tail);
            RC_ASSERT(test::must(parseCsv(csvRow(cells))) == std::vector<std::vector<std::string>>{cells});
        }));
    }
};

LIFTCOUNT_TEST(FigureFileTest)
#include "tst_figure_file.moc"
