#include "support/core_support.h"

#include "core/notation/notation.h"
#include "core/notation/step_words.h"

#include <rapidcheck.h>

using namespace lc;

namespace {

/// "0 1/2 1" of the actions that are no waits.
QString onsets(const NotationReading& reading) {
    QStringList all;
    for (const Action& a : reading.actions)
        if (a.kind != ActionKind::Wait) all << test::q(toCountString(a.at));
    return all.join(' ');
}

QString feetOf(const NotationReading& reading, Foot free = Foot::Left) {
    QString all;
    const auto footed = followFeet(reading.actions, footNeeded(reading.actions).value_or(free));
    for (std::size_t i = 0; i < footed.size(); ++i) {
        if (!footed[i].foot) {
            all += '-';
            continue;
        }
        const QString letter = test::q(footLetter(*footed[i].foot));
        all += reading.actions[i].kind == ActionKind::NoWeight ? letter.toLower() : letter;
    }
    return all;
}

bool sameActions(const NotationReading& a, const NotationReading& b) {
    return onsets(a) == onsets(b) && feetOf(a) == feetOf(b) && a.length == b.length;
}

} // namespace

class NotationTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void linesAreReadAsDancersSayThem_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("at");
        QTest::addColumn<QString>("length");
        QTest::addColumn<QString>("feet");
        const auto row = [](const char* text, const char* at, const char* length, const char* feet) {
            QTest::newRow(text) << text << at << length << feet;
        };
        row("1 side R 2 behind L 3 side R 4 touch", "0 1 2 3", "4", "RLRl");
        row("1 2 3&4", "0 1 2 5/2 3", "4", "LRLRL");
        row("1 2 3 & 4", "0 1 2 5/2 3", "4", "LRLRL");
        row("1e&a 2", "0 1/4 1/2 3/4 1", "2", "LRLRL");
        row("1 2 a3 4", "0 1 7/4 2 3", "4", "LRLRL");
        row("1 a 2", "0 3/4 1", "2", "LRL");
        row("1 a3", "0 7/4 2", "3", "L-RL"); // a before 3 is the end of a silent 2
        row("1:2 3", "0 2", "3", "LR");
        row("1 2 3 5 6 7", "0 1 2 4 5 6", "7", "LRL-RLR");
        row("S Q Q", "0 2 3", "4", "LRL");
        row("SQQ S", "0 2 3 4", "6", "LRLR");
        row("& 1 2", "-1/2 0 1", "2", "LRL");
        row("&1 2", "-1/2 0 1", "2", "LRL");
        row("1-4 walk 5-8 wait", "0 1 2 3", "8", "LRLR----");
        row("1–2 R walk", "0 1", "2", "RL");
        row("1 2 3 4 5 6 7 8 1 2", "0 1 2 3 4 5 6 7 8 9", "10", "LRLRLRLRLR");
        row("1 2 3 4 5 6 7 8 2 2", "0 1 2 3 4 5 6 7 8 9", "10", "LRLRLRLRLR");
        row("1 2 3 4 5 6 7 8 2 2 3 4 5 6 7 8 3 2", "0 1 2 3 4 5 6 7 8 9 10 11 12 13 14 15 16 17", "18",
            "LRLRLRLRLRLRLRLRLR");
        row("1 2 3 5 6 7 1 2 3 5 6 7", "0 1 2 4 5 6 8 9 10 12 13 14", "15", "LRL-RLR-LRL-RLR");
        row("1 2 3 1 2 3", "0 1 2 3 4 5", "6", "LRLRLR");
        row("1 stomp 2 stomp-up 3 step", "0 1 2", "3", "LrR");
        row("1 hop L 2 step R", "0 1", "2", "LR");
        row("1 jump both 2 step R", "0 1", "2", "BR");
        row("1 step L 2 clap 3 step", "0 1 2", "3", "L-R");
        row("1 step both 2 step R", "0 1", "2", "BR");
        row("3 step 4 touch", "2 3", "4", "--Lr");
        row("1 Cross-Rock R 2 replace", "0 1", "2", "RL");
        row("1 kick-ball R & ball 2 change", "0 1/2 1", "2", "RLR");
        row("1 touch R & touch 2 step", "0 1/2 1", "2", "rrR");
        row("1, 2, 3.", "0 1 2", "3", "LRL");
        row("1 2 | 3 4", "0 1 2 3", "4", "LRLR");
        row("1 right 2 left", "0 1", "2", "RL");
        row("", "", "0", "");
        row("1{3} 2", "0 1/3 2/3 1", "2", "LRLR");
        row("1 2{side R, close L, side R} 3", "0 1 4/3 5/3 2", "3", "LRLRL");
        row("1{5}", "0 1/5 2/5 3/5 4/5", "1", "LRLRL");
        row("1-2{3}", "0 2/3 4/3", "2", "LRL");
        row("1:2{3} 3", "0 2/3 4/3 2", "3", "LRLR");
        row("S{3} Q", "0 2/3 4/3 2", "3", "LRLR");
        row("1{step, wait, step}", "0 2/3", "1", "L-R");
        row("1{,,} 2", "0 1/3 2/3 1", "2", "LRLR");
        row("1-4{7}", "0 4/7 8/7 12/7 16/7 20/7 24/7", "4", "LRLRLRL");
        row("1 touch R 1& step 2", "0 1/2 1", "2", "rRL");
        row("1 2 3 touch 3& kick 4 step", "0 1 2 5/2 3", "4", "LRllL");
        row("1-4 free R 5 side", "0 4", "5", "-R");
        row("1-3 somehow turn 3/4 R 4 L", "0 3", "4", "-L");
        row("1-2 walk R 3-8 own free L", "0 1 2", "8", "RL-");
        row("1 stamp L 2 stamp-up 3 step", "0 1 2", "3", "LrR");
        row("1 hitch R 2 hook R 3 flick R 4 brush R", "0 1 2 3", "4", "rrrr");
        row("[closed] 1 forward L 2 side R 3 close", "0 1 2", "3", "LRL");
        row("1 step [open, L-R low] 2 step [no hands]", "0 1", "2", "LR");
        row("1 \"and go\" 2 “turn”", "0 1", "2", "LR");
        row("1! side L 2 touch + clap", "0 1", "2", "Lr");
        row("1 + arms up 2", "0 1", "2", "LR");
        row("1-4 walk + clap", "0 1 2 3", "4", "LRLR");
        row("1 forward @3 2 @line 3 @window", "0 1 2", "3", "LRL");
        row("1 side small 2 side large led 3 own kick #clearance", "0 1 2", "3", "LRl");
        row("1 2 …", "0 1", "2", "LR");
        row("1 2 ...", "0 1", "2", "LR");
        row("1 3/4 R:3 2 3", "0 1 2", "3", "LRL");
        row("1-3 walk 3/4 R", "0 1 2", "3", "LRL");
        row("1 jump 2 hop R 3 L", "0 1 2", "3", "BRL");
        row("5 6 7 8", "4 5 6 7", "8", "----LRLR");
        row("1:3/2 & 3", "0 3/2 2", "3", "LRL");
    }
    void linesAreReadAsDancersSayThem() {
        QFETCH(QString, text);
        QFETCH(QString, at);
        QFETCH(QString, length);
        QFETCH(QString, feet);
        const NotationReading reading = readNotation(text.toStdString());
        QVERIFY2(!reading.error, reading.error ? reading.error->text.english().c_str() : "");
        QCOMPARE(onsets(reading), at);
        QCOMPARE(test::q(toCountString(reading.length)), length);
        QCOMPARE(feetOf(reading), feet);
    }

    void errorsStandAtTheirCharacter_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("character");
        QTest::addColumn<QString>("says");
        const auto row = [](const char* text, int character, const char* says) {
            QTest::newRow(text) << text << character << says;
        };
        row("1-4096 walk 1-2 walk", 13, "longer than 4096 counts"); // found by the fuzzer: ranges that never end
        row("1-4000 walk 1-4000 walk", 15, "longer than 4096 counts");
        row("1 side s&411111111111", 10, "from 1 to 4096"); // found by the fuzzer: billions of waits before it
        row("1 2 2", 5, "there already");
        row("1 4 3", 5, "comes after 4");
        row("side 1", 1, "needs its count");
        row("L 1", 1, "needs its count");
        row("1 side # 2", 8, "means nothing");
        row("1 {", 3, "not closed");
        row("1{side, close 2 side", 2, "not closed");
        row("1{side, {close}, side}", 2, "not closed");
        row("{side}", 1, "follows its count");
        row("1 side {close}", 8, "follows its count");
        row("1 side } 2", 8, "closes nothing");
        row("1{11}", 2, "does not divide evenly into 11");
        row("1-2{13}", 4, "2 counts do not divide evenly into 13");
        row("1{1}", 2, "2 to 32 parts");
        row("1{}", 2, "2 to 32 parts");
        row("1{99}", 2, "2 to 32 parts");
        row("1{side, 2, side}", 9, "no place inside braces");
        row("1{side, &, side}", 9, "no place inside braces");
        row("1{side, close:2}", 14, "no place inside braces");
        row("1{3}&", 5, "comes before");
        row("1{3}:2", 5, "before the brace");
        row("1 [clsed] 2", 4, "not a position or hold");
        row("1 [open, L-X] 2", 10, "not a position or hold");
        row("1 []", 4, "Nothing stands");
        row("1 [low]", 4, "needs the hands");
        row("1 [L-R L-L]", 8, "held twice");
        row("1 [open 2 step", 3, "Write ] at its end");
        row("1 \"go 2 step", 3, "not closed");
        row("1 “go 2", 3, "not closed");
        row("1 \"\" 2", 3, "Nothing stands");
        row("1 \"go\" \"on\" 2", 8, "called here already");
        row("\"go\" 1", 1, "needs its count");
        row("! 1", 1, "needs its count");
        row("+ clap 1", 1, "needs its count");
        row("1 side + 2", 8, "After +");
        row("1 @8 2", 3, "not a direction");
        row("1 @ 2", 3, "means nothing");
        row("@3 1", 1, "needs its count");
        row("1 #dangerous", 3, "not a care mark");
        row("#clearance 1", 1, "needs its count");
        row("1 … 2", 3, "nothing follows");
        row("1 2 1/4 R:1/11", 10, "divides a count");
        row("1:0 2", 2, "divides a count");
        row("1 & 1&", 6, "already");
        row("1-5000 walk", 3, "goes up");
        row("1 step 1/4", 8, "Which way");
        row("1 step ¼ 2", 8, "Which way");
        row("1 step 1/3 R", 8, "eighths");
        row("1 step 99/4 R", 8, "eighths");
        row("1 step L R", 10, "Two feet");
        row("1 S", 3, "one way of counting");
        row("S 1", 3, "one way of counting");
        row("S &", 3, "its own length");
        row("1-", 2, "range needs");
        row("4-2 walk", 3, "goes up");
        row("- 2", 1, "dash");
        row("1&&2", 3, "already");
        row("1a&2", 3, "order is e & a");
        row("a& 1", 2, "order is e & a");
        row("1:3 2", 1, "lasts 3 counts");
        row("1:2/11", 2, "divides a count");
        row(":2", 1, "follows its count");
        row("0", 1, "from 1 to");
        row("5000", 1, "from 1 to");
        row("99999999999999999999", 1, "from 1 to");
        row("1 (side)", 3, "means nothing");
        row("½ R", 1, "needs its count");
        row("1 zé # 2", 6, "means nothing"); // characters, not bytes
        row("a S", 1, "needs a count");
    }
    void errorsStandAtTheirCharacter() {
        QFETCH(QString, text);
        QFETCH(int, character);
        QFETCH(QString, says);
        const std::string line = text.toStdString();
        const NotationReading reading = readNotation(line);
        QVERIFY(reading.error);
        QVERIFY2(test::q(reading.error->text).contains(says), reading.error->text.english().c_str());
        QCOMPARE(static_cast<int>(characterNumber(line, reading.error->begin)), character);
        QVERIFY(test::q(notationError(line, reading).message).contains("character " + QString::number(character)));
    }

    void whatStandsBeforeAnErrorIsKept() {
        const auto reading = readNotation("1 side R 2 close L 2 side");
        QVERIFY(reading.error);
        QCOMPARE(onsets(reading), "0 1");
    }

    void feelsMoveTheSubBeats_data() {
        QTest::addColumn<int>("feel");
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("at");
        QTest::newRow("straight") << int(Feel::Straight) << "1e&a"
                                  << "0 1/4 1/2 3/4";
        QTest::newRow("quarters") << int(Feel::RollingQuarters) << "1e&a"
                                  << "0 1/4 1/2 3/4";
        QTest::newRow("thirds") << int(Feel::RollingThirds) << "1&a"
                                << "0 1/3 2/3";
        QTest::newRow("swung &") << int(Feel::Swing) << "1&2"
                                 << "0 2/3 1";
        QTest::newRow("swung a") << int(Feel::Swing) << "1a2"
                                 << "0 2/3 1";
    }
    void feelsMoveTheSubBeats() {
        QFETCH(int, feel);
        QFETCH(QString, text);
        QFETCH(QString, at);
        const auto reading = readNotation(text.toStdString(), {static_cast<Feel>(feel), counts(2), counts(1)});
        QVERIFY(!reading.error);
        QCOMPARE(onsets(reading), at);
    }
    void aSwungCountHasOneSubBeat() {
        const NotationChoices swing{Feel::Swing, counts(2), counts(1)};
        QVERIFY(test::q(readNotation("1&a", swing).error->text).contains("2/3"));
        QVERIFY(test::q(readNotation("1e", swing).error->text).contains("no place in a swung"));
        QVERIFY(
            test::q(readNotation("1e", {Feel::RollingThirds, counts(2), counts(1)}).error->text).contains("thirds"));
    }

    void turnsBelongToTheirStep() {
        const auto reading = readNotation("1 step R 2 1/4 R 3 step ½ turn L 4 1½ left 5:2 full turn R");
        QVERIFY2(!reading.error, reading.error ? reading.error->text.english().c_str() : "");
        QCOMPARE(reading.actions.size(), std::size_t{5});
        QCOMPARE(reading.actions[0].turn.value, 0);
        QCOMPARE(reading.actions[1].turn.value, 2);
        QCOMPARE(reading.actions[2].turn.value, -4);
        QCOMPARE(reading.actions[3].turn.value, -12);
        QCOMPARE(reading.actions[4].turn.value, 8);
        QCOMPARE(reading.actions[4].length, counts(2));
    }
    void whatIsAmbiguousIsNoted() {
        const auto reading = readNotation("1 2 3 & 5"); // half of 3, or the end of a silent 4
        QCOMPARE(onsets(reading), "0 1 2 7/2 4");
        QCOMPARE(reading.notes.size(), std::size_t{1});
        QVERIFY(test::q(reading.notes[0].text).contains("silent 4"));
        QVERIFY(readNotation("1 2 3& 4 5").notes.empty());
        QCOMPARE(readNotation("1 2 3 5 6 7 1").notes.size(), std::size_t{1});
        // With words of its own the letter is a step for sure; of which count is asked all the same.
        const NotationReading worded = readNotation("1 side 2 close 3 side & close R 5 across");
        QCOMPARE(worded.questions.size(), std::size_t{1});
        QCOMPARE(worded.questions[0].answers.size(), std::size_t{2});
        QVERIFY(worded.questions[0].answers[1].taken);
        QCOMPARE(test::q(worded.questions[0].answers[0].line), "1 side 2 close 3 side 4 wait & close R 5 across");
        for (const NotationAnswer& answer : worded.questions[0].answers)
            QVERIFY(readNotation(answer.line).questions.empty());
        QVERIFY(readNotation("1 side & close 2 side").questions.empty());
        QVERIFY(readNotation("1 kick R & ball 3 wait").questions.size() == 1);
    }
    void anAmbiguousLetterIsAQuestionWithItsFeet() {
        // S03: "&" before 5 after a silent 4. Said after three steps from the left foot.
        const NotationReading reading = readNotation("1 side L 2 close 3 side & 5 rock");
        QCOMPARE(reading.questions.size(), std::size_t{1});
        const NotationQuestion& question = reading.questions[0];
        QCOMPARE(question.begin, std::size_t{24});
        QCOMPARE(question.answers.size(), std::size_t{3});
        QStringList said;
        for (const NotationAnswer& answer : question.answers) {
            said << test::q(answer.text.english() + ": " + answer.line + " = " + toCountString(answer.length) + " " +
                            footLetter(answer.freeAfter) + (answer.taken ? " *" : ""));
            const NotationReading again = readNotation(answer.line);
            QVERIFY(!again.error && again.questions.empty()); // written so that only this is meant
            QVERIFY(again.length == answer.length);
            if (answer.taken) QVERIFY(sameActions(again, reading));
        }
        QCOMPARE(said, (QStringList{"the end of a silent 4: 1 side L 2 close 3 side 4 wait & 5 rock = 5 R *",
                                    "a part of count 3: 1 side L 2 close 3 side 3& 5 rock = 5 R",
                                    "a filler word, no step: 1 side L 2 close 3 side \"&\" 5 rock = 5 L"}));
    }
    void whatElseALineSays() {
        const NotationReading r = readNotation(
            "[closed, R-L waist] 1 break forward small L! \"out\" @3 [L-R low, same foot] #balance 3/4 R:3 + look 2 side large led 3 own kick meet …");
        QVERIFY2(!r.error, r.error ? r.error->text.english().c_str() : "");
        QVERIFY(r.unfinished);
        QCOMPARE(test::q(toString(r.couple)), "closed, R-L waist");
        const Action& a = r.actions[0];
        QCOMPARE(test::q(a.words), "break forward small");
        QVERIFY(a.accent);
        QCOMPARE(test::q(a.cue), "out");
        QCOMPARE(test::q(a.toward), "3");
        QCOMPARE(test::q(a.beside), "look");
        QCOMPARE(test::q(toString(a.couple)), "L-R low, same foot");
        QCOMPARE(a.care, std::vector<std::string>{"balance"});
        QCOMPARE(a.turn.value, 6);
        QVERIFY(a.turnLength == counts(3));
        QVERIFY(a.turnEnd() == counts(3));
        const StepMeaning first = meaningOf(a.words);
        QVERIFY(first.breaks && first.size == StepSize::Small && first.direction == BodyDirection::Forward);
        const StepMeaning second = meaningOf(r.actions[1].words);
        QVERIFY(second.lead == Lead::Led && second.size == StepSize::Large && second.direction == BodyDirection::Side);
        const StepMeaning third = meaningOf(r.actions[2].words);
        QVERIFY(third.lead == Lead::Own && third.meets);
        QVERIFY(r.actions[2].kind == ActionKind::NoWeight);
    }
    void stompAndStampAreAChoiceOfSchool() {
        QCOMPARE(feetOf(readNotation("1 stomp R 2 step")), "RL");
        QCOMPARE(feetOf(readNotation("1 stomp R 2 step", NotationChoices{.stompTakesWeight = false})), "rR");
        const auto reading = readNotation("1 stomp R 2 step R");
        QCOMPARE(reading.notes.size(), std::size_t{1});
        QVERIFY(test::q(reading.notes[0].text).contains("write stomp-up there"));
    }
    void aTurnOverSeveralCountsIsDoneAtTheirEnd() {
        const auto reading = readNotation("1-3 walk 3/4 R 4 step");
        QCOMPARE(reading.actions[0].turn.value, 6);
        QVERIFY(reading.actions[0].turnEnd() == counts(3));
        QVERIFY(reading.actions[1].turn.value == 0);
    }
    void aFootThatCarriesTheWeightIsNoted() {
        const auto reading = readNotation("1 step R 2 step R");
        QCOMPARE(reading.notes.size(), std::size_t{1});
        QVERIFY(test::q(reading.notes[0].text).contains("right foot"));
        QCOMPARE(reading.notes[0].begin, std::size_t{9});
    }
    void aClaimFillsOrIsContradicted() {
        QCOMPARE(readNotation("1 2 3", {}, counts(8)).length, counts(8));
        QCOMPARE(readNotation("1 2 3", {}, counts(8)).actions.size(), std::size_t{8});
        const auto longer = readNotation("1-5 walk 6-9 walk 10-13 walk", {}, counts(12));
        QCOMPARE(longer.length, counts(13));
        QVERIFY(test::q(longer.notes.at(0).text).contains("Called 12, adds up to 13"));
    }
    void theNextNumberIsKnown() {
        QCOMPARE(test::q(readNotation("1 2 3 4").next), "5");
        QCOMPARE(test::q(readNotation("1-8 walk 2 2 3").next), "4");
        QCOMPARE(test::q(readNotation("1-4 walk").next), "5");
        QCOMPARE(test::q(readNotation("S Q").next), "Q");
    }

    void anyLineIsReadWithoutGapsOrOverlaps() {
        QVERIFY(rc::check("actions follow one another", [] {
            static const std::vector<std::string> pieces{
                "1",    "2",      "3",     "4", "5",    "8",    "&",      "a",     "e",    " ",       " ",      " ",
                "L",    "R",      "touch", "S", "Q",    ":2",   ":1/2",   "1/4 R", "½ L",  "-",       "wait",   "hop",
                "jump", "|",      "é",     "#", "clap", "both", "{3}",    "{",     ",",    "}",       "[open]", "[",
                "]",    "\"go\"", "\"",    "!", "+",    "@3",   "#shoes", "…",     "free", "somehow", "1-4"};
            std::string line;
            for (const auto& piece : *rc::gen::container<std::vector<std::string>>(rc::gen::elementOf(pieces)))
                line += piece;
            const NotationReading reading = readNotation(line);
            Tick at = reading.actions.empty() ? Tick{} : std::min(Tick{}, reading.actions.front().at);
            for (const Action& action : reading.actions) {
                RC_ASSERT(action.at == at);
                RC_ASSERT(action.length > Tick{});
                RC_ASSERT(action.begin <= action.finish && action.finish <= line.size());
                at = action.end();
            }
            RC_ASSERT(reading.length == std::max(at, Tick{}));
            if (reading.error) RC_ASSERT(reading.error->begin < line.size());
        }));
    }
};

LIFTCOUNT_TEST(NotationTest)
#include "tst_notation.moc"
