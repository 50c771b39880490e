// Hand-outs as people write them, to figures, parts, order and exceptions. The sheets are of our own hall; what they
// come to was worked by hand.
#include "support/core_support.h"

#include "core/base/files.h"
#include "core/base/plain_text.h"
#include "core/exchange/handout.h"
#include "core/exchange/handout_settling.h"
#include "core/exchange/routine_file.h"
#include "core/routine/handout_claims.h"

using namespace lc;
using test::must;

namespace {

std::string path(const char* name) { return std::string(LIFTCOUNT_SOURCE_DIR "/tests/data/handouts/") + name; }

Handout sheet(const char* name) {
    return must(readHandout(must(readForeignText(must(readFile(path(name), 1 << 20)), name)).text));
}

QStringList open(const Handout& handout) {
    QStringList out;
    for (const HandoutLine& line : handout.lines)
        if (line.open) out << test::q(line.text);
    return out;
}

/// "1 33 49": where passes start, from count 1 of the dance.
QString starts(const Landing& landing) {
    QStringList out;
    const Tick first = landing.performance.passes.front().start;
    for (const PassPerformance& p : landing.performance.passes)
        out << test::q(toCountString(p.start - first + counts(1)));
    return out.join(' ');
}

QString facings(const Landing& landing) {
    QStringList out;
    for (const PassPerformance& p : landing.performance.passes) out << test::q(toClock(p.roles.front().facingIn));
    return out.join(' ');
}

} // namespace

class HandoutTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// 32 counts, ¼ L at 14, restarts in passes 2 and 5 after 16, 4 counts behind pass 3: passes of 32, 16, 36, 32, 16
    /// and 32 counts.
    void aLineDanceWithRestartsAndATag() {
        const Handout handout = sheet("lantern-row.txt");
        const Routine& routine = handout.document.routine;
        QCOMPARE(test::q(handout.document.title), "Lantern Row");
        QCOMPARE(routine.figures.size(), std::size_t{5}); // four sections and the tag's steps
        const Landing landing = land(handout.document);
        QCOMPARE(starts(landing), "1 33 49 85 117 133");
        QCOMPARE(facings(landing), "12 9 6 3 12 9");
        QCOMPARE(landing.performance.passes[2].tag, counts(4));
        QCOMPARE(open(handout), QStringList{"Have fun with it!"});
        for (const Finding& f : landing.findings)
            QVERIFY2(
                f.severity != Severity::Misses,
                f.headline.english().c_str()); // the song is laid out as the hand-out says: an intro, then the passes
        QCOMPARE(landing.performance.start, counts(16));
        QCOMPARE(routine.unsettled.size(), std::size_t{2}); // what the head claims, which is kept, and a remark
        QVERIFY(!HandoutClaims(routine).isOpen(routine.unsettled[0]));
        QCOMPARE(test::q(routine.unsettled[1].text), "Have fun with it!");
        QCOMPARE(routine.unsettled[1].number, 29U);
    }

    /// German, in windows-1252: parts of 8 counts, A A B A, the third pass cut after 4.
    void partsInGerman() {
        const Handout handout = sheet("hofkreis.txt");
        QCOMPARE(test::q(handout.document.title), "Der Hofkreis");
        QCOMPARE(handout.document.routine.parts.size(), std::size_t{2});
        QCOMPARE(starts(land(handout.document)), "1 9 17 21");
        QVERIFY2(open(handout).isEmpty(), qPrintable(open(handout).join('\n')));
    }

    /// French: half a turn in each pass of 32 counts, the third cut after 16.
    void sectionsInFrench() {
        const Handout handout = sheet("cour.txt");
        const Landing landing = land(handout.document);
        QCOMPARE(starts(landing), "1 33 65 81");
        QCOMPARE(facings(landing), "12 6 12 6");
        QVERIFY2(open(handout).isEmpty(), qPrintable(open(handout).join('\n')));
    }

    void rolesInColumns() {
        const Handout handout = sheet("promenade.txt");
        const Routine& routine = handout.document.routine;
        QCOMPARE(routine.roles.size(), std::size_t{2});
        QCOMPARE(test::q(routine.roles[1].name), "follower");
        const Landing landing = land(handout.document);
        QCOMPARE(landing.performance.passes.front().counts, counts(6));
        QVERIFY(open(handout).isEmpty());
    }

    /// Fourteen sheets of our own, of ten traditions; passes and walls worked by hand.
    void sheetsOfOurOwn_data() {
        QTest::addColumn<QString>("passes"); // starts from count 1 of the dance
        QTest::addColumn<QString>("walls");  // of the last role
        QTest::addColumn<int>("roles");
        QTest::addColumn<int>("open");
        const auto row = [](const char* file, const char* passes, const char* walls, int roles, int lines) {
            QTest::newRow(file) << passes << walls << roles << lines;
        };
        row("lantern-row.txt", "1 33 49 85 117 133", "12 9 6 3 12 9", 1,
            1); // line dance: ¼ L in each pass, cut before it or not: the turn is at 14, the cut after 16
        row("hofkreis.txt", "1 9 17 21", "12 12 12 12", 1, 0);    // German circle, windows-1252
        row("cour.txt", "1 33 65 81", "12 6 12 6", 1, 0);         // French
        row("promenade.txt", "1 7 13 19", "12 12 12 12", 2, 0);   // six-count couple dance
        row("slipway-six.txt", "1 7 13 19", "12 12 12 12", 2, 0); // the follower turns once round in B
        row("mill-waltz.txt", "1 25 49 61", "12 6 12 6", 1, 0);   // waltz: ½ L in counts 7 to 9, the cut after 12
        row("long-gallery.txt", "1 17 33 49 65 81", "12 12 12 12 12 12", 1, 0); // longways, A A B B A B
        row("abendreihe.txt", "1 33 65 81", "12 9 6 6", 1, 0); // German, windows-1252: ¼ L at 18, the cut after 16
        row("plaza.txt", "1 17 33 49 57", "12 9 6 3 3", 1, 0); // Spanish: ¼ L at 11, the cut after 8
        row("harbour-night.txt", "1 7 13 19", "12 12 12 12", 2, 0); // slow and quick
        row("cobbler.txt", "1 17 33", "12 12 12", 1, 0);            // clog, over two pages
        row("harvest-lane.txt", "1 33 69 101 133 149", "12 9 6 3 12 12", 1,
            1); // ¼ L at 22; 4 counts behind pass 2, the cut after 16 leaves the wall. Of an ending in a pass that is
                // not danced it asks
        row("muellerinnen.txt", "1 17", "12 12", 1,
            2); // German circle: the turn without a size is asked about, and how often it is danced
        row("rope-yard.txt", "1 9", "12 12", 2, 1); // two rows in a table
    }
    void sheetsOfOurOwn() {
        QFETCH(QString, passes);
        QFETCH(QString, walls);
        QFETCH(int, roles);
        QFETCH(int, open);
        const Handout handout = sheet(QTest::currentDataTag());
        const Landing landing = land(handout.document);
        QCOMPARE(starts(landing), passes);
        QStringList last;
        for (const PassPerformance& p : landing.performance.passes) last << test::q(toClock(p.roles.back().facingIn));
        QCOMPARE(last.join(' '), walls);
        QCOMPARE(static_cast<int>(handout.document.routine.roles.size()), roles);
        QVERIFY2(::open(handout).size() == open, qPrintable(::open(handout).join('\n')));
        const auto questions = openQuestions(handout.document, handout.lines);
        QCOMPARE(static_cast<int>(std::count_if(questions.begin(), questions.end(),
                                                [](const auto& question) { return question.has_value(); })),
                 open);
        const bool wrong = std::any_of(landing.findings.begin(), landing.findings.end(),
                                       [](const Finding& f) { return f.key.code == finding::wrongFoot; });
        QCOMPARE(wrong, std::string_view(QTest::currentDataTag()) == "hofkreis.txt"); // its cut leaves the other foot
        for (const Finding& f : landing.findings)
            QVERIFY2(f.key.code != finding::notation, f.headline.english().c_str());
    }
    /// Tags by other names and without steps, what only looks like a claim, and the tempo alone.
    void whatIsSaidOfPasses() {
        const auto song = [](const char* last) {
            return must(readHandout(
                std::string("Yard\nIntro 16 counts\nSection 1\n1-4 vine R, 5-8 vine L\nOrder: A A A\n") + last + "\n"));
        };
        const auto tag = [&](const char* line, std::size_t pass) {
            const Handout h = song(line);
            QVERIFY2(!h.lines.back().open, h.lines.back().understood.english().c_str());
            QVERIFY(h.document.routine.passes[pass].tag && h.document.routine.passes[pass].tag->counts == counts(4));
        };
        tag("Bridge: 4 counts after wall 1: rock L, recover, rock back, recover", 0);
        tag("4 count bridge after the 2nd wall", 1);
        tag("Brücke nach Runde 2: 4 Schläge", 1);
        tag("Tag after wall 1: 4 counts", 0);
        QVERIFY(
            !song("Tag after wall 1: 4 counts").document.routine.passes[0].tag->figure.valid()); // no steps are said
        for (const char* line :
             {"wait 4 counts before wall 2", "Also: Restart: pass 3 after 4, the turn danced to its end",
              "4 counts more in wall 2", "repeat the dance 3 times"}) {
            const Handout h = song(line);
            QVERIFY2(h.lines.back().open, line);
            QVERIFY2(h.document.routine.unsettled.size() == 1 && !h.document.routine.unsettled[0].counts &&
                         h.document.routine.passes[2].none(),
                     line);
        }
        const Handout head = must(readHandout(
            "Yard\n8 counts in 4 walls, 16 counts in\nSection 1\n1-4 vine R, 5-8 vine L, turn 1/4 L\n")); // "in 4
                                                                                                          // walls"
                                                                                                          // speaks of
                                                                                                          // all of them
        QCOMPARE(head.document.routine.unsettled.front().counts.value_or(0), 8);
        QCOMPARE(head.document.routine.unsettled.front().walls.value_or(0), 4);
        QCOMPARE(land(head.document).performance.start, counts(16));
        QVERIFY(song("Bridge after 3 walls: 8 counts of walks").lines.back().open); // for 8 counts, or on the 8th
        const Handout tempo = must(readHandout("Yard\n120 bpm\nSection 1\n1-4 vine R, 5-8 vine L\n"));
        const Landing landing = land(tempo.document);
        QCOMPARE(*landing.grid.secondsAt(counts(8)) - *landing.grid.secondsAt(counts(0)), 4.0);
        QCOMPARE(landing.performance.start, Tick{});
    }
    /// Sections that are one before them again are that figure, placed a second time.
    void sectionsThatAreRepeated() {
        const auto danced = [](const char* lines, int open) {
            const Handout h = must(readHandout(
                std::string(
                    "Yard\nSection 1\n1-8 vine R, vine L\nSection 2\n9-12 walk R L R L, 13-16 stomp R L R L\n") +
                lines));
            QStringList out;
            for (const Placement& p : h.document.routine.parts[0].figures)
                out << test::q(findFigure(h.document.routine, p.figure)->name) + (p.mirrored ? " mirrored" : "");
            return ::open(h).size() == open ? out.join(", ") : QString("open: ") + ::open(h).join("; ");
        };
        const QString two = "Section 1, Section 2, ";
        QCOMPARE(danced("Section 3\n17-24 repeat 1-8 on the other foot\n", 0), two + "Section 1 mirrored");
        QCOMPARE(danced("Section 3: 17-24\nRepeat counts 1-8\n", 0), two + "Section 1");
        QCOMPARE(danced("Section 3\nrepeat section 2\nSection 4\nrepeat section 3 on the opposite foot\n", 0),
                 two + "Section 2, Section 2 mirrored");
        QCOMPARE(danced("Section 3\n17-32: repeat 1-16\n", 0), two + "Section 1, Section 2");
        QCOMPARE(danced("Section 3\nwiederholen gegengleich\n", 0), two + "Section 2 mirrored");
        QCOMPARE(danced("S3: 17-24 repeat 9-16 on the other foot\nS4: repeat section 1\n", 0),
                 two + "Section 2 mirrored, Section 1"); // said in the heading
        QCOMPARE(danced("Section 3\n17-24 same again\n", 0), two + "Section 2");
        QCOMPARE(danced("Section 3\n17-24 florble 1-8 again\n", 1).left(4),
                 two.left(4)); // what is asked is not lost where counts go on
        QCOMPARE(danced("Section 3\n17-24 repeat 1-16\n", 1), two.chopped(2)); // counts that do not agree
        QCOMPARE(danced("Section 3\nrepeat section 7\n", 2), two.chopped(2));  // its heading is without steps then
        QCOMPARE(danced("Section 3\n17-20 vine R, 21-24 repeat 17-20 on the other foot\n", 0),
                 two + "Section 3"); // inside a section the steps say it
        const Handout h = must(
            readHandout("Yard\nSection 1\n1-4 walk L R L, touch R\nSection 2\n5-8 repeat 1-4 on the other foot\n"));
        const Landing landing = land(h.document);
        QCOMPARE(landing.performance.passes.front().counts, counts(8));
        QVERIFY(landing.performance.passes.front().roles.front().freeOut == Foot::Left);
        for (const Finding& f : landing.findings)
            QVERIFY2(f.key.code != finding::wrongFoot, f.headline.english().c_str());
    }
    void namesAboveStepsAreTheirHeadings() {
        const Handout handout = must(readHandout(
            "Two Things\nThe turn under the arm:\nLead: 1-2 walk L R\nFollow: 1-2 walk R L\nWhat all do\n1-2 stomp, clap\nLead: 3-4 walk L R\nFollow: 3-4 walk R L\n"));
        const Routine& routine = handout.document.routine;
        QCOMPARE(routine.figures.size(), std::size_t{2});
        QCOMPARE(test::q(routine.figures[0].name), "The turn under the arm");
        QCOMPARE(test::q(lineText(routine.figures[1], routine.roles[1].id)),
                 "1-2 stomp, clap, 3-4 walk R L"); // a line for everyone is danced by each role
        QVERIFY2(open(handout).isEmpty(), qPrintable(open(handout).join('\n')));
    }
    void numbersOfPagesAreNoSteps() {
        const Handout handout = must(readHandout(
            "Long One\n1-4 vine R\n5-8 vine L\nPage 1 of 3\n\f2\n1-4 vine R\n5-8 vine L\n- 2 -\n\f1-4 walk R L R L\n3/3"));
        QCOMPARE(land(handout.document).performance.passes.front().counts, counts(20));
        QVERIFY(open(handout).isEmpty());
    }

    void aLineWithoutANameGoesOnWithTheRoleBeforeIt() {
        const Handout handout = must(readHandout(
            "Pairs\nLead: 1-2 rock back L, recover R\n3&4 triple step L\nFollow: 1-2 rock back R, recover L\n3&4 triple step R\n"));
        const Routine& routine = handout.document.routine;
        QCOMPARE(routine.roles.size(), std::size_t{2});
        const Landing landing = land(handout.document);
        QCOMPARE(landing.performance.passes.front().counts, counts(4));
        for (const RoleInPass& role : landing.performance.passes.front().roles)
            QVERIFY(role.freeOut != role.freeIn); // five changes each
        QVERIFY(open(handout).isEmpty());
    }

    /// What the head says is checked against what is written.
    void claimsThatAreNotKept() {
        const Handout handout = must(readHandout("Short One\n32 counts, 4 walls\n1-4 vine R\n5-8 vine L\n"));
        QCOMPARE(open(handout), QStringList{"32 counts, 4 walls"});
        QVERIFY(handout.lines[1].understood.english().find("32 counts are said, but 8 counts are written") !=
                std::string::npos);
        QVERIFY(handout.lines[1].understood.english().find("4 walls are said, but the turns that are written make 1") !=
                std::string::npos);
        // what is claimed is checked anew when the steps are changed
        Document d = handout.document;
        std::string line;
        for (int n = 1; n <= 32; ++n) line += std::to_string(n) + (n == 8 ? " step 1/4 L " : " step ");
        d = must(applyEdit(d, SetFigureLine{d.routine.figures[0].id, d.routine.roles[0].id, line}));
        QVERIFY(!HandoutClaims(d.routine).isOpen(d.routine.unsettled[0]));
        for (const Finding& f : land(d).findings) QVERIFY(f.key.code != finding::handoutLine);
    }

    void countsThatGoOnFromSectionToSection() {
        const Handout handout = must(readHandout(
            "On And On\nSection 1\n1-8 vine R, vine L\nSection 2\n9-10 rock back R, recover L\n11&12 triple step R\n13-16 jazz box\n"));
        QCOMPARE(land(handout.document).performance.passes.front().counts, counts(16));
        QVERIFY(open(handout).isEmpty());
    }

    /// Parts that are not written and passes that are not danced cost nothing else.
    void whatIsNotThereIsToldAndLeftOut() {
        const Handout handout = must(readHandout(
            "Gaps\nPart A\n1-4 vine R\nPart B\n1-4 vine L\nOrder: A B C A\nRestart on walls 2 and 9 after 2\n"));
        QCOMPARE(open(handout), (QStringList{"Order: A B C A", "Restart on walls 2 and 9 after 2"}));
        QCOMPARE(starts(land(handout.document)), "1 5 7");
    }

    /// As word processors and pages write it, and what is taken where nothing is written.
    void otherSpacesAndWhatIsTaken() {
        const Handout handout = must(readHandout(
            "\uFEFFPlain Row\nIntro:\u00A08 counts\n1-2\u00A0Rock\u00A0step R\n3&4\u202FTriple\u00A0step R\nStart again and enjoy!\nSection\u00A02: steps\n1-4 vine R\nSection 3: part A\n1-4 vine L\n"));
        QVERIFY2(open(handout).isEmpty(), qPrintable(open(handout).join('\n')));
        QCOMPARE(test::q(handout.document.title), "Plain Row");
        QVERIFY(handout.lines[0].understood.english().find("4 passes until an order is written") != std::string::npos);
        QVERIFY(handout.lines[1].understood.english().find("112 beats a minute while no song is chosen") !=
                std::string::npos);
        QCOMPARE(land(handout.document).performance.passes.front().counts, counts(12));
        QVERIFY(openLinesInWords(sheet("lantern-row.txt"), 0).english().find("1 line more") != std::string::npos);
    }

    /// Every line is told of, and what cannot be read is open with the reason and stays in the routine.
    void nothingIsLeftOutInSilence() {
        const char* text =
            "Odd One\n1-4 vine R\n5-6 florble R, step L\n7&8 shuffle L R R\nRestart somewhere\nTag: be merry\nAnd then they all bow deeply to the hall\n";
        const Handout handout = must(readHandout(text));
        QCOMPARE(handout.lines.size(), std::size_t{7});
        for (const HandoutLine& line : handout.lines) QVERIFY2(!line.understood.empty(), line.text.c_str());
        QCOMPARE(open(handout).size(), 5);
    }

    void whatIsNoHandoutIsSaid() {
        for (const char* text :
             {"", "\n\n", "Dear all,\nplease bring shoes to the hall on Friday.\n", "%PDF-1.4 %\xE2\xE3"}) {
            const auto handout = readHandout(text);
            QVERIFY(!handout);
            QVERIFY(handout.error().message.english().find("No line of this text") != std::string::npos);
        }
        std::string longText;
        while (longText.size() < 10'000'000) longText += "1-2 rock back L, recover R\n";
        QVERIFY(!readHandout(longText));
    }

    /// The command line and the window open it as any routine.
    void aFileIsKnownByItsContent() {
        const auto file = must(readRoutineFile(path("lantern-row.txt")));
        QCOMPARE(file.document.routine.passes.size(), std::size_t{6});
        QVERIFY(file.note.english().find("Line 29") != std::string::npos);
        const auto western = must(readRoutineFile(path("hofkreis.txt")));
        QVERIFY(!western.note.empty()); // it was not UTF-8
        QCOMPARE(test::q(western.document.routine.level), "Anfänger");
    }
};

LIFTCOUNT_TEST(HandoutTest)
#include "tst_handout.moc"
