// Hand-outs that the program writes, in three manners, and reads back: 300 sheets of random dances come to the same
// passes on the same counts, feet and walls. And what is asked of a line is settled.
#include "support/core_support.h"

#include "core/exchange/handout_settling.h"
#include "core/exchange/handout_write.h"
#include "core/landing/remedies.h"
#include "core/said/steps_reader.h"

#include <random>

using namespace lc;
using test::must;

namespace {

class RandomDance {
public:
    explicit RandomDance(unsigned seed) : m_random(seed) {}

    Document make() {
        Document d = newDocument();
        d.title = pick<std::string>({"Lantern Row", "Der Mühlgraben", "La cour", "Harbour no. 3"});
        if (chance(30)) d = must(applyEdit(d, SetLevel{"improver"}));
        const bool couple = chance(30);
        if (couple) d = must(applyEdits(d, {RenameRole{d.routine.roles[0].id, "leader"}, AddRole{"follower"}}));
        const int parts = 1 + upTo(3);
        for (int p = 1; p < parts; ++p) d = must(applyEdit(d, AddPart{{}}));
        std::vector<PartId> order;
        for (int p = 0; p < parts; ++p) {
            const PartId part = d.routine.parts[static_cast<std::size_t>(p)].id;
            for (int f = 0; f < 1 + upTo(3); ++f) {
                const int sets = 1 + upTo(2);
                FigureCard card{pick<std::string>({"Vane vine", "Walks", "Turn about", "Sways and claps", "Kerb"}) +
                                    " " + std::to_string(p) + std::to_string(f),
                                {},
                                std::nullopt,
                                {}};
                for (const Role& role : d.routine.roles) card.lines.push_back({role.name, line(sets * 8)});
                d = must(applyEdit(d, AddFigure{card, {}}));
                d = must(applyEdit(d, PlaceFigure{part, d.routine.figures.back().id}));
            }
            order.push_back(part);
        }
        for (int n = upTo(5); n > 0; --n) order.push_back(order[static_cast<std::size_t>(upTo(parts))]);
        while (order.size() < 2) order.push_back(order.front());
        d = must(applyEdit(d, SetOrder{order}));
        for (const Pass& pass : std::vector<Pass>(d.routine.passes)) {
            if (chance(15))
                d = must(applyEdit(d, SetRestart{pass.id, Restart{counts(4 + upTo(4)), false}}));
            else if (chance(15))
                d = must(applyEdit(d, SetTag{pass.id, Tag{counts(1 + upTo(8)), false, {}}}));
        }
        return d;
    }

private:
    int upTo(int n) { return static_cast<int>(m_random() % static_cast<unsigned>(n)); }
    bool chance(int percent) { return upTo(100) < percent; }
    template <typename T>
    T pick(const std::vector<T>& all) {
        return all[static_cast<std::size_t>(upTo(static_cast<int>(all.size())))];
    }

    /// Steps, touches, claps and holds on counts and halves, with feet and turns where they come.
    std::string line(int length) {
        std::string out;
        for (int n = 1; n <= length; ++n) {
            out += (n > 1 ? " " : "") + std::to_string(n) + " " + step(n == 1);
            if (chance(15)) out += " & " + pick<std::string>({"close", "step", "ball", "lock"});
        }
        return out;
    }
    std::string step(bool first) {
        if (chance(8)) return "wait";
        if (chance(6)) return "clap";
        std::string out = pick<std::string>({"side", "close", "step forward", "back", "behind", "across", "touch",
                                             "rock forward", "replace", "kick", "stomp", "walk", "step"});
        if (first && chance(50)) out += chance(50) ? " L" : " R";
        if (chance(8) && out != "touch" && out != "kick") out += pick<std::string>({" 1/4 L", " 1/4 R", " 1/2 L"});
        return out;
    }

    std::mt19937 m_random;
};

/// All that lands: counts, feet, walls of every pass and role.
QString landed(const Document& d) {
    QStringList out;
    const Landing landing = land(d);
    for (const PassPerformance& p : landing.performance.passes) {
        QString pass = QString("%1+%2").arg(test::q(toCountString(p.start - landing.performance.passes.front().start)),
                                            test::q(toCountString(p.counts)));
        for (const RoleInPass& role : p.roles)
            pass += QString(" %1%2")
                        .arg(test::q(toClock(role.facingIn)))
                        .arg(role.needs ? (role.freeOut == Foot::Left ? "L" : "R") : "-");
        out << pass;
    }
    return out.join("; ");
}

} // namespace

class HandoutWriteTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void threeHundredSheetsComeBack() {
        int inWords = 0, inRanges = 0;
        for (unsigned seed = 1; seed <= 100; ++seed) {
            const Document dance = RandomDance(seed).make();
            const QString wanted = landed(dance);
            for (const HandoutManner manner : handoutManners) {
                const std::string sheet = handoutText(dance, manner);
                const auto read = readHandout(sheet);
                QVERIFY2(read, (std::to_string(seed) + ": " + sheet).c_str());
                QVERIFY2(openLinesInWords(*read).empty(),
                         (std::to_string(seed) + ": " + openLinesInWords(*read).english() + "\n" + sheet).c_str());
                QVERIFY2(landed(read->document) == wanted,
                         qPrintable(QString("%1: %2\nread back as %3\n%4")
                                        .arg(seed)
                                        .arg(wanted, landed(read->document), test::q(sheet))));
                inWords += sheet.find("one ") != std::string::npos;
                inRanges += manner == HandoutManner::Ranges && sheet != handoutText(dance, HandoutManner::Notation);
            }
        }
        QVERIFY2(inWords >= 30,
                 qPrintable(QString::number(inWords))); // the manners differ: not all fall back to the notation
        QVERIFY2(inRanges >= 90, qPrintable(QString::number(inRanges)));
    }
    /// Each manner by hand.
    void mannersByHand() {
        Document d = newDocument();
        d.title = "Kerb";
        d = must(applyEdit(
            d,
            AddFigure{
                {"Vine and shuffle",
                 {{"everyone",
                   "1 side R 2 behind 3 side 4 touch 5 step forward L & close 6 step forward 7 rock forward 8 replace 1/2 L"}},
                 std::nullopt,
                 {}},
                {}}));
        d = must(applyEdits(d, {PlaceFigure{d.routine.parts[0].id, d.routine.figures.back().id},
                                SetOrder{{d.routine.parts[0].id, d.routine.parts[0].id}}}));
        d = must(applyEdits(d, {SetRestart{d.routine.passes[1].id, Restart{counts(4), false}}}));
        const std::string head = "Kerb\n8 counts\n\nSection 1: Vine and shuffle\n",
                          foot = "\n\nOrder: A A\nRestart on wall 2 after 4 counts\n";
        QCOMPARE(
            test::q(handoutText(d, HandoutManner::Notation)),
            test::q(
                head +
                "1 side R 2 behind 3 side 4 touch 5 step forward L & close 6 step forward 7 rock forward 8 replace 1/2 L" +
                foot));
        QCOMPARE(
            test::q(handoutText(d, HandoutManner::Ranges)),
            test::q(
                head +
                "1-4 side R, behind, side, touch\n5&6 step forward L, close, step forward\n7-8 rock forward, replace turn 1/2 L" +
                foot));
        QCOMPARE(
            test::q(handoutText(d, HandoutManner::Words)),
            test::q(
                head +
                "one side right two behind three side four touch five step forward left and close six step forward seven rock forward eight replace turn 1/2 left" +
                foot));
    }

    /// What befalls passes otherwise than by a restart or tag of their own: what hand-outs have words for is read back
    /// as it is danced, the rest is written in sentences that a reader asks about.
    void otherDifferences() {
        Document d = newDocument();
        d = must(
            applyEdit(d, AddFigure{{"Vine",
                                    {{"everyone", "1 side R 2 behind 3 side 4 touch 5 side L 6 behind 7 side 8 touch"}},
                                    std::nullopt,
                                    {}},
                                   {}}));
        const FigureId vine = d.routine.figures.back().id;
        d = must(applyEdits(
            d, {PlaceFigure{d.routine.parts[0].id, vine}, SetOrder{std::vector<PartId>(5, d.routine.parts[0].id)}}));
        const auto pass = [&](std::size_t i) { return d.routine.passes[i].id; };
        const auto written = [&] { return handoutText(d, HandoutManner::Ranges); };
        const auto back = [&] { return must(readHandout(written())); };
        d = must(applyEdit(d, SetTag{pass(0), Tag{counts(8), false, vine}}));
        QVERIFY2(written().find("8-count tag after wall 1: 1-8 side R, behind, side, touch, side L") !=
                     std::string::npos,
                 written().c_str());
        QCOMPARE(landed(back().document), landed(d));
        const auto differ = [&](std::size_t i, const auto& change) {
            PassExceptions exceptions = d.routine.passes[i];
            change(exceptions);
            d = must(applyEdit(d, SetExceptions{pass(i), exceptions, {}}));
        };
        differ(2, [](PassExceptions& e) { e.wait = counts(4); });
        QVERIFY(written().find("4-count tag after wall 2\n") != std::string::npos);
        const auto startsOf = [](const Document& document) {
            std::vector<Tick> out;
            const Landing landing = land(document);
            for (const PassPerformance& p : landing.performance.passes)
                out.push_back(p.start - landing.performance.passes.front().start);
            return out;
        };
        QCOMPARE(startsOf(back().document), startsOf(d));
        QVERIFY(back().document.routine.unsettled.size() <= 1); // the counts of the head
        differ(3, [&](PassExceptions& e) { e.tag = Tag{counts(4), true, vine}; });
        differ(4, [](PassExceptions& e) { e.mirrored = true; });
        QVERIFY2(written().find("\nAlso: Tag: 4 counts after pass 4, Vine, then count from 1\n") != std::string::npos,
                 written().c_str());
        QVERIFY(written().find("\nAlso: To the other side: pass 5\n") != std::string::npos);
        const Handout asked = back();
        QCOMPARE(static_cast<int>(std::count_if(asked.lines.begin(), asked.lines.end(),
                                                [](const HandoutLine& line) { return line.open; })),
                 2);
        QCOMPARE(startsOf(asked.document), startsOf(d));
    }

    /// Paste, settle what is asked, and nothing is open any more: an unknown word, a line that is no steps, steps that
    /// cannot be read.
    void whatIsOpenIsSettled() {
        const Handout handout = must(readHandout(
            "Odd One\n1-4 vine R\n5&6 florble R 7-8 walk L R\nand then they all bow deeply\nRestart somewhere\nSection 2\n1-4 vine L\n5& rock 5 step\n7-8 walk R L\n"));
        Document d = handout.document;
        std::vector<std::string> open;
        for (std::size_t i = 0; i < handout.lines.size(); ++i)
            if (const auto question = openQuestions(d, handout.lines).at(i)) {
                open.push_back(handout.lines[i].text);
                QVERIFY(question->answers.size() >= 1 && !question->text.empty());
            }
        QCOMPARE(open, (std::vector<std::string>{"5&6 florble R 7-8 walk L R", "and then they all bow deeply",
                                                 "Restart somewhere", "5& rock 5 step"}));
        const auto settle = [&](std::size_t line, std::size_t answer) {
            d = must(applyEdits(d, openQuestions(d, handout.lines).at(line)->answers.at(answer).edits));
        };
        settle(2, 0); // three steps
        QCOMPARE(test::q(d.routine.choices.words.all()[0].name), "florble");
        QCOMPARE(land(d).performance.passes.front().counts, counts(8 + 8));
        settle(3, 0); // a remark
        QCOMPARE(test::q(d.routine.figures[0].facts.notes), "and then they all bow deeply");
        settle(4, openQuestions(d, handout.lines).at(4)->answers.size() - 1); // taken out
        settle(7, 0); // back into the figure, where it cannot be read either
        const Figure* second = findFigure(d.routine, handout.lines[7].figure);
        QCOMPARE(test::q(second->lines[0].text), "1-4 vine L, 5& rock 5 step, 7-8 walk R L");
        QVERIFY(d.routine.unsettled.empty());
        d = must(applyEdit(
            d, SetFigureLine{second->id, d.routine.roles[0].id, "1-4 vine L, 5&6 triple step L, 7-8 walk R L"}));
        for (std::size_t i = 0; i < handout.lines.size(); ++i)
            QVERIFY2(!openQuestions(d, handout.lines).at(i), handout.lines[i].text.c_str());
    }
    /// Steps of a role that cannot be read go back without the role's name.
    void stepsOfARoleGoBack() {
        const Handout handout = must(readHandout(
            "Two\nSection 1\nLeader: 1-2 walk L R\nLeader: 3& rock 3 step\nLeader: 5-6 walk L R\nFollower: 1-6 walk R\n"));
        const auto question = openQuestions(handout.document, handout.lines).at(3);
        QVERIFY(question && question->answers.size() == 3);
        const Document back = must(applyEdits(handout.document, question->answers.front().edits));
        QCOMPARE(test::q(back.routine.figures[0].lines[0].text), "1-2 walk L R, 3& rock 3 step, 5-6 walk L R");
    }
    /// Counts that go on from an earlier section begin again at 1, as they are said; what is asked there stays asked.
    void questionsOfCountsThatGoOn() {
        const Handout handout = must(readHandout(
            "On And On\nSection 1\n1-8 vine R, vine L\nSection 2\n9&10 florble R\n11-12 walk R, L\n13-16 vine R\n"));
        const Figure& second = handout.document.routine.figures.back();
        QCOMPARE(test::q(second.lines[0].text), "1&2 florble R, 3-4 walk R, L, 5-8 vine R");
        const auto question = openQuestions(handout.document, handout.lines).at(4);
        QVERIFY(question && question->text.english().find("florble") != std::string::npos);
        const Document settled = must(applyEdits(handout.document, question->answers.front().edits));
        QVERIFY(!openQuestions(settled, handout.lines).at(4));
        QCOMPARE(land(settled).performance.passes.front().counts, counts(16));
    }
    void theRestAreRemarks() {
        const Handout handout = must(readHandout(
            "Odd One\nfor a merry company of friends\n\nSection 1\n1-4 vine R\nbow deeply to the whole hall\nmind the lamp\n"));
        QCOMPARE(handout.document.routine.unsettled.size(), std::size_t{3});
        const Document d = must(applyEdits(handout.document, restAsRemarks(handout.document.routine)));
        QVERIFY(d.routine.unsettled.empty());
        QCOMPARE(test::q(d.routine.figures[0].facts.notes), "bow deeply to the whole hall\nmind the lamp");
    }
    /// They are findings, with the same answers; a figure that goes leaves its lines open.
    void openLinesAreFindings() {
        const Handout handout = must(readHandout("Odd One\n1-4 vine R\nbow deeply to the whole hall\n"));
        const Landing landing = land(handout.document);
        const auto finding = std::find_if(landing.findings.begin(), landing.findings.end(),
                                          [](const Finding& f) { return f.key.code == finding::handoutLine; });
        QVERIFY(finding != landing.findings.end());
        QCOMPARE(test::q(finding->headline), "Line 3 of the hand-out: “bow deeply to the whole hall”");
        const auto remedies = remediesFor(handout.document, landing, *finding);
        QCOMPARE(remedies.size(), std::size_t{2});
        for (const Remedy& remedy : remedies)
            QVERIFY(must(applyEdits(handout.document, remedy.edits)).routine.unsettled.empty());
        const Document gone = must(applyEdit(handout.document, RemoveFigure{handout.document.routine.figures[0].id}));
        QVERIFY(!gone.routine.unsettled[0].figure.valid());
        QVERIFY(!applyEdit(gone, SettleLine{gone.routine.unsettled[0].id, SettleLine::How::AsRemark}));
        QVERIFY(!applyEdit(gone, SettleLine{LineId{999'999}, SettleLine::How::TakeOut}));
    }
};

LIFTCOUNT_TEST(HandoutWriteTest)
#include "tst_handout_write.moc"
