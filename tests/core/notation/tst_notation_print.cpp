// A line that is printed reads as the same dance again.
#include "support/core_support.h"

#include "core/notation/notation_print.h"

#include <rapidcheck.h>

using namespace lc;

namespace {

template <typename T>
T oneOf(std::initializer_list<T> all) {
    return *rc::gen::elementOf(std::vector<T>(all));
}

bool chance(int inHundred) { return *rc::gen::inRange(0, 100) < inHundred; }

/// What may be said after a moment.
std::string saidAfter() {
    std::string out;
    if (chance(60))
        out += oneOf<const char*>({" side", " touch", " kick", " hop", " jump", " rock back", " clap", " wait",
                                   " hold breath", " stomp-up", " cross-rock"});
    if (chance(30)) out += oneOf<const char*>({" L", " R", " both"});
    if (chance(10)) out += "!";
    if (chance(8)) out += oneOf<const char*>({" \"go on\"", " “say \"now\"”", " \"é\""});
    if (chance(8)) out += oneOf<const char*>({" @3", " @1:30", " @line", " @wall"});
    if (chance(8))
        out += oneOf<const char*>({" [open]", " [L-R low, closed]", " [no hands]", " [crossed hands high] [same foot]",
                                   " [R-L opposite feet]"});
    if (chance(5)) out += oneOf<const char*>({" #clearance", " #rest #shoes"});
    if (chance(20))
        out += oneOf<const char*>({" 1/4 R", " 1/2 turn L", " ⅜ R", " full L", " 1½ R", " 3/4 R:3", " 1/2 L:1/2",
                                   " round 1/2 R", " round middle 1/4 L", " walk round full R:4 1/4 L"});
    if (chance(8)) out += oneOf<const char*>({" + clap", " + arms up"});
    return out;
}

/// A line in counts, with letters that are in order, numbers left out, and lengths that may reach into later counts.
std::string lineInCounts(Feel feel) {
    const bool thirds = feel != Feel::Straight && feel != Feel::RollingQuarters; // no e
    std::string out;
    if (chance(10)) out += oneOf<const char*>({"[closed] ", "[L-R] ", "[shadow, crossed hands] "});
    if (chance(15)) out += thirds ? "& " : oneOf<const char*>({"& ", "a ", "& a ", "e & a "});
    const int last = *rc::gen::inRange(1, 20);
    for (int n = 1; n <= last; ++n) {
        if (n > 1 && chance(20)) continue; // a silent count
        if (chance(5)) {                   // of a count before it that is silent, or of the last one
            out += (thirds ? "& " : oneOf<const char*>({"& ", "a "})) + std::to_string(n) + " ";
            continue;
        }
        if (chance(6)) { // a run of the dancer's own, or one whose times come later
            out += std::to_string(n) + "-" + std::to_string(n + 2) +
                   oneOf<const char*>({" free", " somehow", " free R", " somehow L 3/4 R"}) + " ";
            n += 2;
            continue;
        }
        out += std::to_string(n);
        if (chance(8)) { // divided evenly
            const int span = oneOf({1, 1, 2, 3});
            if (span > 1) out += ":" + std::to_string(span);
            n += span - 1;
            const int parts = oneOf({2, 3, 5, 7});
            out += "{";
            for (int k = 0; k < parts; ++k) out += (k ? "," : "") + saidAfter();
            out += "} ";
            continue;
        }
        const int kind = *rc::gen::inRange(0, 10);
        if (kind == 0) out += oneOf<const char*>({":1/2", ":1/3", ":3/4"});
        if (kind == 1) out += oneOf<const char*>({":2", ":3/2"}), ++n;
        out += saidAfter();
        if (kind == 2) out += thirds ? " &" : oneOf<const char*>({" &", " a", " e & a", " & a"}), out += saidAfter();
        out += ' ';
    }
    if (chance(5)) out += "…";
    return out;
}

std::string lineInSlowQuick() {
    std::string out;
    const int n = *rc::gen::inRange(1, 16);
    for (int i = 0; i < n; ++i) {
        out += chance(40) ? "S" : "Q";
        if (chance(15)) out += oneOf<const char*>({":1/2", ":3", ":2/3"});
        out += saidAfter() + " ";
    }
    return out;
}

} // namespace

class NotationPrintTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void lettersHaveTheirPlaces() {
        QVERIFY(letterPlace('e', NotationChoices{.feel = Feel::Straight}) == countFraction(1, 4));
        QVERIFY(letterPlace('&', NotationChoices{.feel = Feel::RollingThirds}) == countFraction(1, 3));
        QVERIFY(letterPlace('a', NotationChoices{.feel = Feel::RollingThirds}) == countFraction(2, 3));
        QVERIFY(letterPlace('&', NotationChoices{.feel = Feel::Swing}) ==
                letterPlace('a', NotationChoices{.feel = Feel::Swing}));
        QVERIFY(!letterPlace('e', NotationChoices{.feel = Feel::Swing}));
        QVERIFY(letterPlace('&', NotationChoices{.feel = Feel::RollingQuarters}) == countFraction(1, 2));
    }
    void linesArePrintedPlainly_data() {
        QTest::addColumn<QString>("written");
        QTest::addColumn<QString>("printed");
        const auto row = [](const char* written, const char* printed) { QTest::newRow(written) << written << printed; };
        row("1 side R 2 behind L 3 side R 4 touch", "1 side R 2 behind L 3 side R 4 touch");
        row("1 2 3&4", "1 2 3 & 4");
        row("1 2 3 5 6 7", "1 2 3 5 6 7");
        row("1 2 3 5 6 7 8 wait", "1 2 3 5 6 7 8 wait");
        row("1 2 3 4 5 6 7 8 2 2 3", "1 2 3 4 5 6 7 8 9 10 11");
        row("1-3 walk", "1 walk 2 walk 3 walk");
        row("1:2 3", "1:2 3");
        row("1-8 walk round 1/2 R", "1 walk round 1/2 R:8 2 walk 3 walk 4 walk 5 walk 6 walk 7 walk 8 walk");
        row("1 walk round middle full L 1/4 R", "1 walk round middle 1/1 L 1/4 R");
        row("1 walk round 2 close", "1 walk round 2 close");
        row("a3 step", "1 wait 2 wait a 3 step");
        row("3 step 4 touch", "1 wait 3 step 4 touch");
        row("& 1 2", "& 1 2");
        row("SQQ", "S Q Q");
        row("Q:1/2 Q:1/2 S", "Q:1/2 Q:1/2 S");
        row("4 step ¼ turn R L", "1 wait 4 step L 1/4 R");
        row("1 full L", "1 1/1 L");
        row("1 kick L & ball 2 change", "1 kick L & ball 2 change");
        row("1 2{3} 3", "1 2{,,} 3");
        row("1-2{side R, close, side}", "1:2{side R, close, side}");
        row("1{step,wait,step}", "1{step, wait, step}");
        row("1 touch R 1& step", "1 touch R & step");
        row("5-8 free L 9 step", "1 wait 5:4 free L 9 step");
        row("1-3 walk ¾ R", "1 walk 3/4 R:3 2 walk 3 walk");
        row("1 side + clap [open] 2", "1 side [open] + clap 2");
    }
    void linesArePrintedPlainly() {
        QFETCH(QString, written);
        QFETCH(QString, printed);
        const NotationReading reading = readNotation(written.toStdString());
        QVERIFY(!reading.error);
        const std::string again = printNotation(reading);
        QVERIFY(sameDance(readNotation(again), reading));
        QCOMPARE(test::q(again), printed);
    }
    void whatIsPrintedReadsTheSame() {
        const bool holds = rc::check("read, printed and read again: the same dance", [] {
            NotationChoices choices;
            choices.feel = oneOf({Feel::Straight, Feel::Swing, Feel::RollingThirds, Feel::RollingQuarters, Feel::Own});
            choices.stompTakesWeight = chance(50);
            if (chance(30)) choices = {choices.feel, counts(1), countFraction(1, 2)};
            const std::string line = chance(75) ? lineInCounts(choices.feel) : lineInSlowQuick();
            const NotationReading reading = readNotation(line, choices);
            RC_PRE(!reading.error);
            const std::string again = printNotation(reading, choices);
            RC_LOG() << line << "\n" << again << "\n";
            RC_ASSERT(sameDance(readNotation(again, choices), reading));
        });
        QVERIFY(holds);
    }
    void differentDancesAreTold() {
        const auto read = [](const char* line) { return readNotation(line); };
        QVERIFY(sameDance(read("1 2 3&4"), read("1 2 3 & 4")));
        QVERIFY(sameDance(read("1 2 4"), read("1 2 3 wait 4")));
        for (const char* other : {"1 2 3 4", "1 2 3 a 4", "1 2 3 & 4 L", "1 2 3 & 4 touch", "1 2 3 & 4:2",
                                  "1 2 3 & 4 1/4 R", "1 2 3 & 4 5 wait"})
            QVERIFY2(!sameDance(read("1 2 3 & 4"), read(other)), other);
    }
};

LIFTCOUNT_TEST(NotationPrintTest)
#include "tst_notation_print.moc"
