// Holds, positions and foot relations as they are written; the words of steps.
#include "support/core_support.h"

#include "core/notation/care.h"
#include "core/notation/couple.h"
#include "core/notation/step_words.h"

#include <rapidcheck.h>

using namespace lc;

class CoupleTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void whatStandsInBracketsIsRead_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("printed");
        const auto row = [](const char* text, const char* printed) { QTest::newRow(text) << text << printed; };
        row("closed", "closed");
        row("open, L-R low", "open, L-R low");
        row("L-R", "L-R");
        row("R-L L-R", "both hands");
        row("both hands", "both hands");
        row("R-R L-L", "crossed hands");
        row("crossed hands high", "crossed hands high");
        row("no hands", "no hands");
        row("back to back", "back to back");
        row("counter-promenade", "counter-promenade");
        row("promenade,shadow", "shadow"); // the last word counts
        row("same foot", "same foot");
        row("same feet", "same foot");
        row("opposite feet , outside", "outside, opposite feet");
        row("R-R shoulder closed same foot", "closed, R-R shoulder, same foot");
    }
    void whatStandsInBracketsIsRead() {
        QFETCH(QString, text);
        QFETCH(QString, printed);
        const auto state = parseCouple(text.toStdString());
        QVERIFY2(state.has_value(), state ? "" : state.error().text.english().c_str());
        QCOMPARE(test::q(toString(*state)), printed);
        QVERIFY(parseCouple(toString(*state)).value() == *state);
    }
    void whatMeansNothingIsNamedByItsPlace_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("begin");
        QTest::addColumn<int>("finish");
        QTest::addColumn<QString>("says");
        const auto row = [](const char* text, int begin, int finish, const char* says) {
            QTest::newRow(text) << text << begin << finish << says;
        };
        row("", 0, 0, "Nothing stands");
        row(" , ", 0, 3, "Nothing stands");
        row("opened", 0, 6, "“opened” is not a position");
        row("open L-M", 5, 8, "“L-M” is not a position");
        row("L-R R-R", 4, 7, "held twice");
        row("L-R L-L", 4, 7, "held twice");
        row("closed low", 7, 10, "needs the hands");
        row("no hands low", 9, 12, "needs the hands");
        row("both", 0, 4, "not a position");
        row("L-RR", 0, 4, "not a position");
    }
    void whatMeansNothingIsNamedByItsPlace() {
        QFETCH(QString, text);
        QFETCH(int, begin);
        QFETCH(int, finish);
        QFETCH(QString, says);
        const auto state = parseCouple(text.toStdString());
        QVERIFY(!state);
        QVERIFY2(test::q(state.error().text).contains(says), state.error().text.english().c_str());
        QCOMPARE(static_cast<int>(state.error().begin), begin);
        QCOMPARE(static_cast<int>(state.error().finish), finish);
    }
    void whatIsNotSaidStaysAsItWas() {
        const CoupleState before = *parseCouple("closed, R-L waist, opposite feet");
        QCOMPARE(test::q(toString(before.then(*parseCouple("open")))), "open, R-L waist, opposite feet");
        QCOMPARE(test::q(toString(before.then(*parseCouple("no hands same foot")))), "closed, no hands, same foot");
        QVERIFY(before.then({}) == before);
        QVERIFY(CoupleState{}.empty() && !before.empty());
    }
    void anyTextIsReadOrRefusedInsideItself() {
        QVERIFY(rc::check("no text breaks the reader", [] {
            static const std::vector<std::string> pieces{"open",  "closed", "L-R",   "R-L", "L-",
                                                         "-R",    " ",      ",",     "low", "no hands",
                                                         "hands", "same",   " foot", "é",   "back to back"};
            std::string text;
            for (const auto& piece : *rc::gen::container<std::vector<std::string>>(rc::gen::elementOf(pieces)))
                text += piece;
            const auto state = parseCouple(text);
            if (state)
                RC_ASSERT(parseCouple(toString(*state)).value() == *state);
            else
                RC_ASSERT(state.error().begin <= state.error().finish && state.error().finish <= text.size() &&
                          !state.error().text.empty());
        }));
    }
    void kindsOfSteps_data() {
        QTest::addColumn<QString>("words");
        QTest::addColumn<int>("kind");
        const auto row = [](const char* words, ActionKind kind) {
            QTest::newRow(words) << words << static_cast<int>(kind);
        };
        row("side", ActionKind::Step);
        row("Rock", ActionKind::Step);
        row("replace", ActionKind::Step);
        row("leap", ActionKind::Step);
        row("touch", ActionKind::NoWeight);
        row("TAP", ActionKind::NoWeight);
        row("low-kick", ActionKind::NoWeight);
        row("kick low", ActionKind::NoWeight);
        row("stamp-up", ActionKind::NoWeight);
        row("hop", ActionKind::Hop);
        row("jump", ActionKind::Jump);
        row("wait", ActionKind::Wait);
        row("hold", ActionKind::Wait);
        row("clap", ActionKind::Gesture);
        row("clap hands side", ActionKind::Step); // a step named so
        row("free", ActionKind::Free);
        row("somehow turn", ActionKind::Untimed);
        row("", ActionKind::Step);
    }
    void kindsOfSteps() {
        QFETCH(QString, words);
        QFETCH(int, kind);
        std::vector<std::string> all;
        for (const QString& word : words.split(' ', Qt::SkipEmptyParts)) all.push_back(word.toStdString());
        QCOMPARE(static_cast<int>(kindOf(all, {})), kind);
    }
    void meaningsOfWords() {
        QVERIFY(!meaningOf("waltz").direction);
        QVERIFY(meaningOf("Forward").direction == BodyDirection::Forward);
        QVERIFY(meaningOf("rock back large led").direction == BodyDirection::Back);
        QVERIFY(meaningOf("rock back large led").size == StepSize::Large);
        QVERIFY(meaningOf("rock back large led").lead == Lead::Led);
        QVERIFY(meaningOf("side behind").direction == BodyDirection::Side); // the first word counts
        QVERIFY(saysWord("one Two", "two") && !saysWord("one two", "tw"));
        QVERIFY(isStomp("Stomp") && isStomp("hard stamp") && !isStomp("stomp-up"));
    }
    void everyCareMarkHasASentence() {
        QVERIFY(allCareMarks().size() >= 8);
        for (const CareMark& mark : allCareMarks()) {
            QVERIFY(careMark(mark.code) == &mark);
            const std::string sentence = mark.sentence.english();
            QVERIFY(sentence.size() > 20);
            for (const char c : sentence) QVERIFY(c < '0' || c > '9'); // no medical number is claimed
        }
        QVERIFY(!careMark("danger"));
    }
};

LIFTCOUNT_TEST(CoupleTest)
#include "tst_couple.moc"
