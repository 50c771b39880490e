// A line that is printed reads as the same dance again.
#include "support/core_support.h"

#include "core/notation_print.h"

#include <rapidcheck.h>

using namespace lc;

namespace {

template <typename T>
T oneOf(std::initializer_list<T> all) { return *rc::gen::elementOf(std::vector<T>(all)); }

bool chance(int inHundred) { return *rc::gen::inRange(0, 100) < inHundred; }

/// What may be said after a moment.
std::string saidAfter() {
    std::string out;
    if (chance(60)) out += oneOf<const char*>({" side", " touch", " kick", " hop", " jump", " rock back", " clap", " wait", " hold breath", " stomp-up", " cross-rock"});
    if (chance(30)) out += oneOf<const char*>({" L", " R", " both"});
    if (chance(20)) out += oneOf<const char*>({" 1/4 R", " 1/2 turn L", " ⅜ R", " full L", " 1½ R"});
    return out;
}

/// A line in counts, with letters that are in order, numbers left out, and lengths that may reach into later counts.
std::string lineInCounts(Feel feel) {
    const bool thirds = feel == Feel::Swing || feel == Feel::RollingThirds;
    std::string out;
    if (chance(15)) out += thirds ? "& " : oneOf<const char*>({"& ", "a ", "& a ", "e & a "});
    const int last = *rc::gen::inRange(1, 20);
    for (int n = 1; n <= last; ++n) {
        if (n > 1 && chance(20)) continue; // a silent count
        if (chance(5)) { // of a count before it that is silent, or of the last one
            out += (thirds ? "& " : oneOf<const char*>({"& ", "a "})) + std::to_string(n) + " ";
            continue;
        }
        out += std::to_string(n);
        const int kind = *rc::gen::inRange(0, 10);
        if (kind == 0) out += oneOf<const char*>({":1/2", ":1/3", ":3/4"});
        if (kind == 1) out += oneOf<const char*>({":2", ":3/2"}), ++n;
        out += saidAfter();
        if (kind == 2) out += thirds ? " &" : oneOf<const char*>({" &", " a", " e & a", " & a"}), out += saidAfter();
        out += ' ';
    }
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
        QVERIFY(letterPlace('e', Feel::Straight) == countFraction(1, 4));
        QVERIFY(letterPlace('&', Feel::RollingThirds) == countFraction(1, 3));
        QVERIFY(letterPlace('a', Feel::RollingThirds) == countFraction(2, 3));
        QVERIFY(letterPlace('&', Feel::Swing) == letterPlace('a', Feel::Swing));
        QVERIFY(!letterPlace('e', Feel::Swing));
        QVERIFY(letterPlace('&', Feel::RollingQuarters) == countFraction(1, 2));
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
        row("a3 step", "1 wait 2 wait a 3 step");
        row("3 step 4 touch", "1 wait 3 step 4 touch");
        row("& 1 2", "& 1 2");
        row("SQQ", "S Q Q");
        row("Q:1/2 Q:1/2 S", "Q:1/2 Q:1/2 S");
        row("4 step ¼ turn R L", "1 wait 4 step L 1/4 R");
        row("1 full L", "1 1/1 L");
        row("1 kick L & ball 2 change", "1 kick L & ball 2 change");
    }
    void linesArePrintedPlainly() {
        QFETCH(QString, written);
        QFETCH(QString, printed);
        const NotationReading reading = readNotation(written.toStdString());
        QVERIFY(!reading.error);
        const std::string again = printNotation(reading.actions, reading.length);
        QVERIFY(sameDance(readNotation(again), reading));
        QCOMPARE(test::q(again), printed);
    }
    void whatIsPrintedReadsTheSame() {
        const bool holds = rc::check("read, printed and read again: the same dance", [] {
            NotationChoices choices;
            choices.feel = oneOf({Feel::Straight, Feel::Swing, Feel::RollingThirds, Feel::RollingQuarters});
            if (chance(30)) choices = {choices.feel, counts(1), countFraction(1, 2)};
            const std::string line = chance(75) ? lineInCounts(choices.feel) : lineInSlowQuick();
            const NotationReading reading = readNotation(line, choices);
            RC_PRE(!reading.error);
            const std::string again = printNotation(reading.actions, reading.length, choices);
            RC_LOG() << line << "\n" << again << "\n";
            RC_ASSERT(sameDance(readNotation(again, choices), reading));
        });
        QVERIFY(holds);
    }
    void differentDancesAreTold() {
        const auto read = [](const char* line) { return readNotation(line); };
        QVERIFY(sameDance(read("1 2 3&4"), read("1 2 3 & 4")));
        QVERIFY(sameDance(read("1 2 4"), read("1 2 3 wait 4")));
        for (const char* other : {"1 2 3 4", "1 2 3 a 4", "1 2 3 & 4 L", "1 2 3 & 4 touch", "1 2 3 & 4:2", "1 2 3 & 4 1/4 R", "1 2 3 & 4 5 wait"})
            QVERIFY2(!sameDance(read("1 2 3 & 4"), read(other)), other);
    }
};

QTEST_APPLESS_MAIN(NotationPrintTest)
#include "tst_notation_print.moc"
