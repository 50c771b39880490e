// The figures that a new vocabulary begins with pass every check of the program.
#include "support/core_support.h"

#include "core/figures/figure_findings.h"
#include "core/notation/notation_print.h"
#include "core/notation/step_words.h"
#include "store/starter_figures.h"

#include <map>
#include <set>

using namespace lc;

class StarterFiguresTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void thereAreEnoughOfSeveralTraditions() {
        const auto figures = starterFigures();
        QVERIFY(figures.size() >= 60);
        std::set<std::string> names, families;
        for (const FigureCard& card : figures) {
            names.insert(card.name);
            families.insert(card.facts.family);
            QVERIFY2(!card.facts.description.empty() && card.facts.description.find('\n') == std::string::npos,
                     card.name.c_str());
        }
        QCOMPARE(names.size(), figures.size());
        QVERIFY(families.size() >= 10);
    }
    void eachPassesEveryCheck() {
        for (const FigureCard& card : starterFigures()) {
            const FigureReading read = readFigure(card);
            FigureSurroundings around;
            around.bar = read.length; // half bars are a note about the music at hand, not about the figure
            const auto findings = inspectFigure(card, read, around);
            QVERIFY2(
                findings.empty(),
                (card.name + ": " +
                 (findings.empty() ? "" : findings.front().headline.english() + ". " + findings.front().text.english()))
                    .c_str());
            for (const RoleReading& role : read.roles) {
                QVERIFY2(role.line.notes.empty() && role.line.questions.empty(), card.name.c_str());
                QVERIFY2(sameDance(readNotation(printNotation(role.line, read.choices), read.choices), role.line),
                         card.name.c_str());
            }
        }
    }
    /// No more than a quarter differ from another only by name, side or direction: the same kinds at the same times
    /// with turns of the same size.
    void fewDifferOnlyByNameSideOrDirection() {
        const auto figures = starterFigures();
        std::map<QString, int> shapes;
        for (const FigureCard& card : figures) {
            QString shape;
            for (const RoleReading& role : readFigure(card).roles) {
                for (const Action& a : role.line.actions) {
                    const auto direction = meaningOf(a.words).direction;
                    // forward and back, to the side and across are directions of one another
                    const bool there =
                        direction && *direction != BodyDirection::Place && *direction != BodyDirection::Together;
                    shape += QString("%1 %2 %3 %4 %5 %6|")
                                 .arg(a.at.value)
                                 .arg(int(a.kind))
                                 .arg(std::abs(a.turn.value))
                                 .arg(there)
                                 .arg(a.accent)
                                 .arg(test::q(a.beside));
                }
                shape += "/";
            }
            ++shapes[shape];
        }
        int alike = 0;
        for (const auto& [shape, n] : shapes) alike += n - 1;
        QVERIFY2(alike * 4 <= static_cast<int>(figures.size()),
                 qPrintable(QString("%1 of %2").arg(alike).arg(figures.size())));
    }
};

LIFTCOUNT_TEST(StarterFiguresTest)
#include "tst_starter_figures.moc"
