// Words that were given a meaning: kept, said, asked about once, beside those of schools; in lines, edits, files and
// text.
#include "support/core_support.h"

#include "core/document/document_file.h"
#include "core/edits/brought_words.h"
#include "core/edits/edits.h"
#include "core/exchange/routine_text.h"
#include "core/figures/figure_findings.h"
#include "core/landing/remedies.h"
#include "core/notation/notation_print.h"
#include "core/said/steps_reader.h"
#include "core/said/word_meaning.h"

#include <QTemporaryDir>

using namespace lc;
using test::must;

namespace {

NotationChoices with(const std::vector<OwnWord>& words) {
    NotationChoices choices;
    for (const OwnWord& word : words) choices.words.keep(must(checkedWord(word)));
    return choices;
}

/// "1 R, 1.5 L, 3 R°": the moments with their feet; ° without weight.
QString danced(const NotationReading& reading) {
    QStringList out;
    const auto feet = followFeet(reading.actions, footNeeded(reading.actions).value_or(Foot::Right));
    for (std::size_t i = 0; i < feet.size(); ++i)
        if (const Action& a = reading.actions[i]; a.usesFoot())
            out << QString::number(static_cast<double>(a.at.value) / ticksPerCount + 1) +
                       (feet[i].foot == Foot::Left ? " L" : " R") + (a.changesWeight() ? "" : "°");
    return out.join(", ");
}

QStringList answers(const NotationQuestion& question) {
    QStringList out;
    for (const NotationAnswer& a : question.answers) out << test::q(a.text);
    return out;
}

Document withLine(const std::string& text, const OwnWords& words = {}) {
    Document d = newDocument();
    d = must(applyEdits(d, {AddFigure{{"Row", {{d.routine.roles.front().name, text}}, std::nullopt, {}}, {}}}));
    return withWordsBrought(newDocument(), d, words);
}

} // namespace

class OwnWordsTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void wordsAreKeptByNameAndSchool() {
        OwnWords words;
        QVERIFY(words.empty());
        words.keep({"zwirl", "Hofkreis", "1 step"});
        words.keep({"bogen", "", "1 step 2 step"});
        words.keep({"zwirl", "", "1 touch"});
        const OwnWords before = words;
        words.keep({"zwirl", "Hofkreis", "1 step & step"});
        QCOMPARE(words.all().size(), std::size_t{3});
        QCOMPARE(test::q(words.all()[0].name), "bogen");
        const auto zwirl = words.meanings("zwirl");
        QCOMPARE(zwirl.size(), std::size_t{2});
        QCOMPARE(test::q(zwirl[0].line), "1 touch"); // one's own comes first
        QCOMPARE(test::q(zwirl[1].line), "1 step & step");
        QCOMPARE(test::q(before.meanings("zwirl")[1].line), "1 step"); // a copy stays as it was
        QVERIFY(before != words);
        QVERIFY(words.meanings("zwir").empty());
        QVERIFY(words.forget("zwirl", ""));
        QVERIFY(!words.forget("zwirl", ""));
        QVERIFY(words.forget("zwirl", "Hofkreis") && words.forget("bogen", ""));
        QVERIFY(words.empty() && words == OwnWords{});
    }
    void othersComeOnlyWhereAWordHasNoMeaning() {
        OwnWords mine, theirs;
        mine.keep({"zwirl", "Hofkreis", "1 step"});
        theirs.keep({"zwirl", "", "1 touch"});
        theirs.keep({"bogen", "", ""});
        const OwnWords both = mine.with(theirs);
        QCOMPARE(both.meanings("zwirl").size(), std::size_t{1});
        QCOMPARE(both.meanings("bogen").size(), std::size_t{1});
    }

    void whatCanBeAWord_data() {
        QTest::addColumn<QString>("name");
        QTest::addColumn<QString>("line");
        QTest::addColumn<QString>(
            "comes"); // the kept name and what it means, or a part of the sentence that refuses it
        const auto row = [](const char* name, const char* line, const char* comes) {
            QTest::newRow(qPrintable(QString("%1 = %2").arg(name, line))) << name << line << comes;
        };
        row("Zwirl  Step", "1 step & step 2 step", "zwirl step: 3 steps as 1&2");
        row("Größer-Bogen", "1 step 2 touch", "größer-bogen: 2 steps as 1 2, the last without weight");
        row("heel-dip", "1 touch 2 step 3 touch 4 step", "heel dip: 4 steps as 1 2 3 4, 2 with weight");
        row("sailor step", "1 behind 2 side 3 side",
            "sailor step: 3 steps as 1 2 3"); // a word of the table may have another meaning
        row("zwirl", "", "zwirl: it only says how a step is danced");
        row("zwirl", "1 touch", "zwirl: a touch, without weight");
        row("zwirl", "1 clap", "zwirl: something beside the feet");
        row("left", "1 step", "always means the same");
        row("and", "1 step", "always means the same");
        row("three", "1 step", "always means the same");
        row("", "1 step", "one to four words");
        row("one two three four five", "1 step", "one to four words");
        row("zwirl 3", "1 step", "letters alone");
        row("zwirl, step", "1 step", "letters alone");
        row("zwirl", "2 step", "from count 1");
        row("zwirl", "1 step \"and\"", "counts, steps and turns alone");
        row("zwirl", "[closed] 1 step", "counts, steps and turns alone");
        row("zwirl", "1 step free", "counts, steps and turns alone");
        row("zwirl", "1 step …", "counts, steps and turns alone");
        row("zwirl", "1-65 walk", "at most 64 counts");
        row("zwirl", "step", "cannot be read");
    }
    void whatCanBeAWord() {
        QFETCH(QString, name);
        QFETCH(QString, line);
        QFETCH(QString, comes);
        const auto word = checkedWord({name.toStdString(), {}, line.toStdString()});
        if (word)
            QCOMPARE(test::q(word->name) + ": " + test::q(meaningInWords(*word)), comes);
        else
            QVERIFY2(test::q(word.error().message).contains(comes), word.error().message.english().c_str());
    }

    void linesThatSayThem_data() {
        QTest::addColumn<QString>("line");
        QTest::addColumn<QString>("comes");
        const auto row = [](const char* line, const char* comes) { QTest::newRow(line) << line << comes; };
        row("walk walk zwirl step touch", "1 R, 2 L, 3 R, 3.5 L, 4 R, 5 L°");
        row("5&6 zwirl step R 7 walk 8 walk", "5 R, 5.5 L, 6 R, 7 L, 8 R");
        row("Zwirl Step left, zwirl step right", "1 L, 1.5 R, 2 L, 3 R, 3.5 L, 4 R");
        row("zwirl step x2", "1 R, 1.5 L, 2 R, 3 L, 3.5 R, 4 L");
        row("1 side R 2 tipf 3 side L", "1 R, 2 L°, 3 L");
        row("side, tipf, side, tipf", "1 R, 2 L°, 3 L, 4 R°");
        row("walk flink R, walk", "1 R, 2 L");
        row("bogen links, walk R", "1 L, 2 R, 3 L, 4 R");
        row("1 side R 2 close 3 side", "1 R, 2 L, 3 R"); // says none of them
    }
    void linesThatSayThem() {
        QFETCH(QString, line);
        QFETCH(QString, comes);
        const NotationChoices choices = with({{"zwirl step", "", "1 step & step 2 step"},
                                              {"tipf", "", "1 touch"},
                                              {"flink", "", ""},
                                              {"bogen", "", "1 step 2 step 1/2 R 3 step"}});
        const StepsReading read = readSteps(line.toStdString(), choices);
        QVERIFY2(!read.reading.error && read.reading.questions.empty(),
                 read.reading.error ? read.reading.error->text.english().c_str() : "asks");
        QCOMPARE(danced(read.reading), comes);
        if (!read.line.empty())
            QVERIFY(sameDance(read.reading,
                              readNotation(read.line, choices))); // what is shown is what is meant, without the words
    }
    void aMeaningMaySayTurnsAndDirectionsGoIntoItsBareSteps() {
        const NotationChoices choices = with({{"bogen", "", "1 step 2 step 1/2 R 3 step"}});
        QCOMPARE(test::q(readSteps("bogen forward", choices).line),
                 "1 step forward 2 step forward 1/2 R 3 step forward");
    }

    void anUnknownWordIsAskedAboutOnce_data() {
        QTest::addColumn<QString>("line");
        QTest::addColumn<QString>("name");
        QTest::addColumn<int>("answer");
        QTest::addColumn<QString>("comes");
        QTest::newRow("counts say its rhythm") << "5&6 zwirl R 7 walk"
                                               << "zwirl" << 0 << "5 R, 5.5 L, 6 R, 7 L";
        QTest::newRow("the last without weight") << "5&6 zwirl R 7 walk"
                                                 << "zwirl" << 1 << "5 R, 5.5 L, 6 R°, 7 R";
        QTest::newRow("its step belongs to it") << "walk, zwirl step, walk"
                                                << "zwirl step" << 4 << "1 R, 2 L, 2.5 R, 3 L, 4 R";
        QTest::newRow("only how") << "walk, zwirl step, walk"
                                  << "zwirl" << 2 << "1 R, 2 L, 3 R";
        QTest::newRow("two words") << "1 2 grosser bogen 3 walk"
                                   << "grosser bogen" << 0 << "1 R, 2 L, 3 R";
        QTest::newRow("in the notation, with weight") << "1 side R 2 zwirl 3 side"
                                                      << "zwirl" << 0 << "1 R, 2 L, 3 R";
        QTest::newRow("in the notation, without") << "1 side R 2 zwirl 3 side"
                                                  << "zwirl" << 1 << "1 R, 2 L°, 3 L";
    }
    void anUnknownWordIsAskedAboutOnce() {
        QFETCH(QString, line);
        QFETCH(QString, name);
        QFETCH(int, answer);
        QFETCH(QString, comes);
        const StepsReading asked = readSteps(line.toStdString());
        QCOMPARE(asked.reading.questions.size(), std::size_t{1});
        const NotationQuestion& question = asked.reading.questions.front();
        QVERIFY(static_cast<std::size_t>(answer) < question.answers.size());
        const NotationAnswer& given = question.answers[static_cast<std::size_t>(answer)];
        QVERIFY(given.word.has_value());
        QVERIFY2(must(checkedWord(*given.word)) == *given.word, given.word->line.c_str()); // every answer can be kept
        const StepsReading after = readSteps(line.toStdString(), with({*given.word}));
        QVERIFY(after.reading.questions.empty() && !after.reading.error);
        QCOMPARE(danced(after.reading), comes);
        QCOMPARE(danced(readSteps(given.line).reading), comes);     // and written so it means the same
        if (name == "zwirl" && line.contains("zwirl step")) return; // only the word itself says how
        QCOMPARE(test::q(given.word->name), name);
    }
    /// What no word can be is asked about all the same, and only written.
    void whatCannotBeKeptIsOnlyWritten() {
        for (const char* line : {"walk, zw\x01irl, walk", "walk, \xFF\xFE, walk", "'rl, walk"}) {
            const NotationReading read = readSteps(line).reading;
            QVERIFY2(!read.questions.empty(), line);
            for (const NotationQuestion& question : read.questions)
                for (const NotationAnswer& answer : question.answers) {
                    QVERIFY(!readNotation(answer.line).error);
                    if (answer.word) QVERIFY(checkedWord(*answer.word).has_value());
                }
        }
    }
    void aMisspelledWordIsOfferedItsNearest() {
        const NotationReading said = readSteps("walk, rocck, recover").reading;
        QCOMPARE(said.questions.size(), std::size_t{1});
        QCOMPARE(answers(said.questions[0]).last(), "“rock”");
        QVERIFY(!said.questions[0].answers.back().word); // a slip is mended, not kept
        const NotationReading written = readSteps("1 side R 2 behnd L 3 side R").reading;
        QCOMPARE(written.questions.size(), std::size_t{1});
        QCOMPARE(answers(written.questions[0]).last(), "“behind”");
        QCOMPARE(test::q(written.questions[0].answers.back().line), "1 side R 2 behind L 3 side R");
    }
    void twoSchoolsStandBesideEachOther() {
        const NotationChoices choices = with({{"zwirl", "Hofkreis", "1 step 2 step"},
                                              {"zwirl", "Nordsaal", "1 touch"},
                                              {"sailor step", "Hofkreis", "1 behind 2 side 3 side"}});
        const NotationReading read = readSteps("walk, zwirl, walk", choices).reading;
        QCOMPARE(read.questions.size(), std::size_t{1});
        QCOMPARE(answers(read.questions[0]),
                 (QStringList{"as Hofkreis has it: 2 steps as 1 2", "as Nordsaal has it: a touch, without weight"}));
        QCOMPARE(danced(readNotation(read.questions[0].answers[0].line)), "1 R, 2 L, 3 R, 4 L");
        QCOMPARE(danced(readNotation(read.questions[0].answers[1].line)), "1 R, 2 L°, 3 L");
        const NotationReading usual = readSteps("sailor step, walk", choices).reading;
        QCOMPARE(answers(usual.questions.at(0)),
                 (QStringList{"as Hofkreis has it: 3 steps as 1 2 3", "as it is usual"}));
        QCOMPARE(danced(readNotation(usual.questions[0].answers[1].line)), "1 R, 1.5 L, 2 R, 3 L");
        // one's own meaning, without a school, takes the place of the usual one
        QVERIFY(readSteps("sailor step, walk", with({{"sailor step", "", "1 behind 2 side 3 side"}}))
                    .reading.questions.empty());
    }
    // In a routine
    // --------------------------------------------------------------------------------------------------------------

    void editsKeepAndForget() {
        Document d = must(applyEdit(newDocument(), KeepWord{{"Zwirl", "", "1 step & step 2 step"}}));
        QCOMPARE(test::q(d.routine.choices.words.all()[0].name), "zwirl");
        d = must(applyEdit(d, SetChoices{NotationChoices{.feel = Feel::Swing}}));
        QCOMPARE(d.routine.choices.words.all().size(), std::size_t{1}); // another feel leaves the words
        QVERIFY(!applyEdit(d, KeepWord{{"left", "", "1 step"}}));
        QVERIFY(!applyEdit(d, ForgetWord{"bogen", ""}));
        d = must(applyEdit(d, ForgetWord{"zwirl", ""}));
        QVERIFY(d.routine.choices.words.empty());
    }
    void theyComeWithALineThatSaysThem() {
        OwnWords persons;
        persons.keep({"zwirl", "", "1 step & step 2 step"});
        persons.keep({"bogen", "", "1 touch"});
        const Document d = withLine("walk, zwirl, walk", persons);
        QCOMPARE(d.routine.choices.words.all().size(), std::size_t{1});
        QCOMPARE(test::q(d.routine.choices.words.all()[0].name), "zwirl");
        const Document same = withWordsBrought(d, d, persons); // nothing changed, nothing comes
        QVERIFY(same == d);
    }
    void theyGoThroughFileAndText() {
        Document d = withLine("walk, zwirl, walk");
        d = must(
            applyEdits(d, {KeepWord{{"zwirl", "", "1 step & step 2 step"}},
                           KeepWord{{"bogen", "Verein „Ufer“, Süd = links", "1 touch"}}, KeepWord{{"flink", "", ""}}}));
        const QTemporaryDir folder;
        const std::string path = folder.filePath("words.liftcount").toStdString();
        QVERIFY(saveDocument(d, path).has_value());
        QVERIFY(must(loadDocument(path)).document.routine == d.routine);
        const Document text = must(routineFromText(routineToText(d)));
        QVERIFY(text.routine.choices.words == d.routine.choices.words);
        QVERIFY(!routineFromText("Lift Count routine\nword: zwirl\n"));
        QVERIFY(!routineFromText("Lift Count routine\nword: left = 1 step\n"));
    }
    /// A finding about the word offers the meanings; each keeps the word and leaves the line as it was said.
    void theFindingAboutAWordKeepsIt() {
        Document d = withLine("walk, zwirl, walk, touch");
        const PartId part = d.routine.parts.front().id;
        d = must(applyEdits(d, {PlaceFigure{part, d.routine.figures.back().id}, SetOrder{{part}}}));
        const Landing before = land(d);
        const auto asks = [](const Finding& f) { return f.key.code == figure_finding::ambiguous; };
        const auto finding = std::find_if(before.findings.begin(), before.findings.end(), asks);
        QVERIFY(finding != before.findings.end());
        const auto remedies = remediesFor(d, before, *finding);
        QVERIFY(!remedies.empty());
        const Document after = must(applyEdits(d, remedies.front().edits));
        QCOMPARE(test::q(after.routine.figures.back().lines.front().text), "walk, zwirl, walk, touch");
        QCOMPARE(after.routine.choices.words.all().size(), std::size_t{1});
        const Landing settled = land(after);
        QVERIFY(std::none_of(settled.findings.begin(), settled.findings.end(), asks));
    }
};

LIFTCOUNT_TEST(OwnWordsTest)
#include "tst_own_words.moc"
