// Figures as values: their differences, their merger, and their way into a routine and back.
#include "support/core_support.h"

#include "core/document/document_json.h"
#include "core/figures/figure_findings.h"
#include "core/routine/routine_figures.h"

#include <rapidcheck.h>

using namespace lc;

namespace {

FigureCard vine() {
    FigureCard card;
    card.name = "Vine";
    card.lines = {{"everyone", "1 side R 2 behind L 3 side R 4 touch L"}};
    card.claimed = counts(4);
    card.facts.family = "vines";
    card.facts.tags = {"hall"};
    return card;
}

FigureCard box() {
    FigureCard card;
    card.name = "Box";
    card.lines = {{"leader", "S forward L Q side R Q close L"}, {"follower", "S back R Q side L Q close R"}};
    return card;
}

Document withRoles(std::initializer_list<const char*> names) {
    Document d = newDocument();
    bool first = true;
    for (const char* name : names) {
        d = first ? test::must(applyEdit(d, RenameRole{d.routine.roles[0].id, name}))
                  : test::must(applyEdit(d, AddRole{name}));
        first = false;
    }
    return d;
}

QStringList linesIn(const Document& d, const FigureCard& card) {
    QStringList all;
    for (const RoleLine& line : linesForRoles(card, d.routine.roles)) all << test::q(line.text);
    return all;
}

} // namespace

class FigureCardTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void differencesAreNamed() {
        QVERIFY(differencesOf(vine(), vine()).empty());
        FigureCard other = vine();
        other.name = "Grape";
        other.lines[0].text += " 5 step";
        other.facts.notes = "mine";
        other.facts.choices = NotationChoices{.feel = Feel::Swing};
        QCOMPARE(test::q(differencesOf(vine(), other)), (QStringList{"name", "line of everyone", "notes", "feel"}));
        QCOMPARE(test::q(differencesOf(box(), vine())).at(1), "line of leader");
        FigureCard turned = box();
        std::swap(turned.lines[0], turned.lines[1]);
        QCOMPARE(test::q(differencesOf(box(), turned)), QStringList{"order of its lines"});
    }
    void whatTheOtherKnowsIsKept() {
        FigureCard other = vine();
        other.name = "Grapevine of old";
        other.facts.tags = {"line", "hall"};
        other.facts.level = "improver";
        other.facts.family = "another";
        other.facts.notes = "from grandmother";
        other.facts.versions = {{"slow", "", {{"everyone", "1:2 side R 3 behind L 4 side R"}}}};
        other.lines.push_back({"row 2", "1 wait"});
        FigureCard mine = vine();
        mine.facts.notes = "mine";
        const FigureCard merged = mergeCards(mine, other);
        QCOMPARE(test::q(merged.name), "Vine");
        QCOMPARE(merged.facts.otherNames, std::vector<std::string>{"Grapevine of old"});
        QCOMPARE(merged.facts.tags, (std::vector<std::string>{"hall", "line"}));
        QCOMPARE(test::q(merged.facts.family), "vines"); // what was there stays
        QCOMPARE(test::q(merged.facts.level), "improver");
        QCOMPARE(test::q(merged.facts.notes), "mine\nfrom grandmother");
        QCOMPARE(merged.facts.versions.size(), std::size_t{1});
        QCOMPARE(merged.lines.size(), std::size_t{2});
        QVERIFY(mergeCards(merged, other) == merged || mergeCards(merged, other).facts.notes != merged.facts.notes);
        QVERIFY(mergeCards(vine(), vine()) == vine());
    }
    void likelyDuplicatesAreFound() {
        const auto card = [](const char* name, const char* line) {
            return FigureCard{name, {{"everyone", line}}, std::nullopt, {}};
        };
        const std::vector<FigureCard> figures{card("Vine", "1 side R"),  card("vine", "1 side L"),
                                              card("Other", "1 side R"), card("Third", "1 hop R"),
                                              card("Empty", ""),         card("Blank", "")};
        std::vector<std::pair<std::size_t, std::size_t>> pairs;
        for (std::size_t i = 0; i < figures.size(); ++i)
            for (std::size_t j = i + 1; j < figures.size(); ++j)
                if (likelySame(figures[i], figures[j])) pairs.emplace_back(i, j);
        QCOMPARE(pairs.size(), std::size_t{2});
        QVERIFY(pairs[0] == std::make_pair(std::size_t{0}, std::size_t{1}));
        QVERIFY(pairs[1] == std::make_pair(std::size_t{0}, std::size_t{2}));
    }
    void aFigureFindsItsRoles() {
        QCOMPARE(linesIn(withRoles({"everyone"}), vine()), QStringList{test::q(vine().lines[0].text)});
        QCOMPARE(linesIn(withRoles({"leader", "follower"}), vine()),
                 (QStringList{test::q(vine().lines[0].text), test::q(vine().lines[0].text)}));
        QCOMPARE(linesIn(withRoles({"follower", "leader"}), box()),
                 (QStringList{test::q(box().lines[1].text), test::q(box().lines[0].text)}));
        QCOMPARE(linesIn(withRoles({"row 1", "row 2", "row 3"}), box()),
                 (QStringList{test::q(box().lines[0].text), test::q(box().lines[1].text), QString()}));
        QCOMPARE(linesIn(withRoles({"everyone"}), box()), QStringList{test::q(box().lines[0].text)});
    }
    void figuresGoIntoARoutineAndAreDanced() {
        Document d = withRoles({"leader", "follower"});
        d = test::must(applyEdit(d, AddFigure{box(), "abc"}));
        const FigureId id = d.routine.figures.back().id;
        QVERIFY(cardOf(d.routine, d.routine.figures.back()) == box());
        QCOMPARE(timesDanced(d.routine, id), 0);
        d = test::must(applyEdit(d, PlaceFigure{d.routine.parts[0].id, id}));
        d = test::must(applyEdit(d, PlaceFigure{d.routine.parts[0].id, id}));
        d = test::withOrder(d, "A A A");
        QCOMPARE(timesDanced(d.routine, id), 6);
        QCOMPARE(readPart(d.routine, d.routine.parts[0]).length, counts(8));
        QCOMPARE(land(d).performance.end - land(d).performance.start, counts(24));
        FigureCard longer = box();
        for (FigureLine& line : longer.lines) line.text += " S step";
        d = test::must(applyEdit(d, ChangeFigure{id, longer}));
        QCOMPARE(readPart(d.routine, d.routine.parts[0]).length, counts(12));
        QCOMPARE(test::q(findFigure(d.routine, id)->vocabularyId), "abc");
        d = test::must(applyEdit(d, RemoveFigure{id}));
        QCOMPARE(readPart(d.routine, d.routine.parts[0]).length, Tick{});
        QVERIFY(applyEdit(d, ChangeFigure{id, longer}).error().code == ErrorCode::NotFound);
        QVERIFY(applyEdit(d, PlaceFigure{d.routine.parts[0].id, id}).error().code == ErrorCode::NotFound);
        QVERIFY(applyEdit(d, RemoveFigure{id}).error().code == ErrorCode::NotFound);
        QVERIFY(applyEdit(d, AddFigure{FigureCard{}, {}}).error().code == ErrorCode::BadValue);
    }
    /// S05: two figures of one routine in different feels.
    void aFigureKeepsItsOwnFeel() {
        Document d = newDocument();
        FigureCard rolled = vine();
        rolled.lines[0].text = "1 a 2";
        rolled.facts.choices = NotationChoices{.feel = Feel::RollingThirds};
        FigureCard straight = vine();
        straight.lines[0].text = "1 & 2";
        for (const FigureCard& card : {rolled, straight}) {
            d = test::must(applyEdit(d, AddFigure{card, {}}));
            d = test::must(applyEdit(d, PlaceFigure{d.routine.parts[0].id, d.routine.figures.back().id}));
        }
        QStringList at;
        const PartReading part = readPart(d.routine, d.routine.parts[0]);
        for (const Action& a : part.roles[0].actions) at << test::q(toCountString(a.at));
        QCOMPARE(at.join(' '), "0 2/3 1 2 5/2 3");
    }
    void everythingOfAFigureIsInTheFile() {
        Document d = newDocument();
        FigureCard card = vine();
        card.facts = {
            {"other"},
            "f",
            "d",
            "l",
            "w",
            "c",
            "n\nn",
            {"t"},
            NotationChoices{Feel::Own, counts(1), countFraction(1, 2), countFraction(1, 4), countFraction(2, 3), false},
            counts(1),
            counts(2),
            {{"v", "advanced", {{"everyone", "1 step"}}}}};
        d = test::must(applyEdit(d, AddFigure{card, "0123"}));
        const Document again = test::must(documentFromJson(toJson(d)));
        QVERIFY(again == d);
        QVERIFY(cardOf(again.routine, again.routine.figures.back()).facts == card.facts);
    }
    /// S03: three figures claimed as "twelve", built as 5 + 4 + 4.
    void s03ClaimedTwelveBuiltThirteen() {
        FigureCard card;
        card.name = "Twelve";
        card.lines = {
            {"everyone", "1 side L 2 close 3 side & 5 rock 1 back 2 back 3 back 4 touch 1 walk 2 walk 3 walk 4 walk"}};
        card.claimed = counts(12);
        const FigureReading read = readFigure(card);
        QCOMPARE(read.length, counts(13));
        const auto findings = inspectFigure(card, read);
        QCOMPARE(test::q(findings.at(0).headline), "Called 12, adds up to 13");
        QVERIFY(test::q(findings[0].text).contains("1 count more"));
        const auto question = std::find_if(findings.begin(), findings.end(),
                                           [](const FigureFinding& f) { return f.code == figure_finding::ambiguous; });
        QVERIFY(question != findings.end());
        QStringList feet;
        for (const FigureRemedy& remedy : question->remedies) {
            const FigureReading meant = readFigure(remedy.after);
            feet << test::q(remedy.text) + ": " + test::q(footLetter(meant.roles[0].freeOut)) +
                        test::q(toCountString(meant.length));
        }
        // From the left: twelve changes with the & (11 steps and it), eleven without; a touch changes nothing.
        QCOMPARE(feet, (QStringList{"It is the end of a silent 4: L13", "It is a part of count 3: L13",
                                    "It is a filler word, no step: R13"}));
    }
    void anyTwoCardsMergeIntoOneThatKnowsBoth() {
        QVERIFY(rc::check("no name, tag or role is lost", [] {
            const auto card = [] {
                FigureCard c;
                c.name = *rc::gen::elementOf(std::vector<std::string>{"a", "b", "c"});
                for (const char* role : {"leader", "follower"})
                    if (*rc::gen::inRange(0, 2))
                        c.lines.push_back({role, *rc::gen::elementOf(std::vector<std::string>{"1 step", "1 hop"})});
                for (const char* tag : {"x", "y"})
                    if (*rc::gen::inRange(0, 2)) c.facts.tags.push_back(tag);
                return c;
            };
            const FigureCard a = card(), b = card(), merged = mergeCards(a, b);
            const auto has = [](const std::vector<std::string>& all, const std::string& one) {
                return std::find(all.begin(), all.end(), one) != all.end();
            };
            RC_ASSERT(merged.name == a.name);
            RC_ASSERT(b.name == a.name || has(merged.facts.otherNames, b.name));
            for (const auto& tag : b.facts.tags) RC_ASSERT(has(merged.facts.tags, tag));
            for (const FigureLine& line : a.lines) RC_ASSERT(lineFor(merged.lines, line.role) == line.text);
            for (const FigureLine& line : b.lines)
                RC_ASSERT(std::any_of(merged.lines.begin(), merged.lines.end(),
                                      [&](const FigureLine& l) { return l.role == line.role; }));
        }));
    }
};

LIFTCOUNT_TEST(FigureCardTest)
#include "tst_figure_card.moc"
