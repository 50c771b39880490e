// Laws that hold for every figure, on random ones.
#include "support/core_support.h"

#include "core/figures/body_limits.h"
#include "core/figures/drills.h"
#include "core/figures/figure_findings.h"
#include "core/figures/fillers.h"
#include "core/figures/frames.h"
#include "core/figures/joints.h"
#include "core/figures/travel.h"
#include "core/figures/versions.h"
#include "core/notation/mirror.h"
#include "core/notation/notation_print.h"
#include "core/notation/saying.h"

#include <rapidcheck.h>

#include <cmath>

using namespace lc;

namespace {

bool chance(int inHundred) { return *rc::gen::inRange(0, 100) < inHundred; }

/// A line of `n` counts without a foot said, so that the feet alternate by themselves.
std::string lineOf(int n, bool turns = true) {
    static const std::vector<std::string> words{"side",  "forward",  "back",       "across",       "behind",
                                                "close", "touch",    "kick",       "wait",         "clap",
                                                "hop",   "diagonal", "side large", "forward small"};
    std::string line;
    for (int i = 1; i <= n; ++i) {
        line += (i == 1 ? "" : " ") + std::to_string(i) + " " + *rc::gen::elementOf(words);
        if (turns && chance(25))
            line += *rc::gen::elementOf(std::vector<std::string>{" 1/4 R", " 1/8 L", " 1/2 R", " 3/8 L"});
        if (chance(15)) line += " & step";
    }
    return line;
}

FigureReading figure(const std::string& line, Foot free = Foot::Left) {
    return readFigureLines({{"everyone", line}}, {}, free);
}

int changesOf(const FigureReading& reading) { return reading.roles.front().changes; }

} // namespace

class FigureLawsTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void aMirrorShowsTheOtherSideAndTwoMirrorsTheSame() {
        QVERIFY(rc::check("mirror", [] {
            const FigureReading there = figure(lineOf(*rc::gen::inRange(1, 12)));
            const NotationReading mirror = mirrored(there.roles[0].line);
            RC_ASSERT(sameDance(mirrored(mirror), there.roles[0].line));
            const FigureReading here = figure(printNotation(mirror), Foot::Right);
            RC_ASSERT(here.length == there.length);
            RC_ASSERT(here.roles[0].turn.value == -there.roles[0].turn.value);
            RC_ASSERT(here.roles[0].freeOut == otherFoot(there.roles[0].freeOut));
            const Travel a = travelOf(there.roles[0]), b = travelOf(here.roles[0]);
            RC_ASSERT(std::abs(a.right + b.right) < 1e-9 && std::abs(a.forward - b.forward) < 1e-9);
        }));
    }
    void aChainIsTheSumOfItsFigures() {
        QVERIFY(rc::check("lengths, turns and feet add up", [] {
            std::vector<FigureReading> readings;
            for (int i = *rc::gen::inRange(1, 6); i > 0; --i)
                readings.push_back(figure(lineOf(*rc::gen::inRange(1, 9))));
            std::vector<ChainLink> links;
            for (const FigureReading& reading : readings) links.push_back({"f", &reading});
            const Chain chain = chainFigures(links);
            RC_ASSERT(chain.joints.size() == links.size() + 1);
            RC_ASSERT(chain.whole()); // no foot is said and no hold: nothing can break
            Tick at;
            int turn = 0, changes = 0;
            for (std::size_t i = 0; i < readings.size(); ++i) {
                RC_ASSERT(chain.joints[i].at == at);
                RC_ASSERT(chain.joints[i].roles[0].facing.value == turn);
                RC_ASSERT(chain.joints[i].roles[0].free ==
                          (changes % 2 == 0 ? Foot::Left : Foot::Right)); // parity of the weight changes
                RC_ASSERT(chain.joints[i].musicCount == Tick{at.value % counts(8).value} + counts(1));
                at += readings[i].length;
                turn += readings[i].roles[0].turn.value;
                changes += changesOf(readings[i]);
            }
            RC_ASSERT(chain.length == at);
            RC_ASSERT(chain.joints.back().roles[0].facing.value == turn);
        }));
    }
    void aBodyThatFitsLeavesEverythingElseAsItWas() {
        QVERIFY(rc::check("frames", [] {
            const int body = *rc::gen::inRange(1, 5);
            FigureCard frame;
            frame.lines = {{"everyone", lineOf(2 + body + 2, false)}};
            frame.facts.entry = frame.facts.close = counts(2);
            const FigureReading read = readFigure(frame);
            FigureCard other;
            other.lines = {{"everyone", lineOf(body, false)}};
            const FigureReading bodyRead = readFigure(other);
            const BodyFit fit = bodyFits(frame, read, bodyRead);
            // Without feet said, it fits exactly when the body changes weight as often, odd or even, as the one it
            // replaces.
            int between = 0;
            for (const Action& action : read.roles[0].line.actions)
                if (action.at >= counts(2) && action.at < counts(2 + body)) between += action.changesWeight();
            RC_ASSERT(fit.fits == ((between + changesOf(bodyRead)) % 2 == 0));
            RC_PRE(fit.fits);
            const FigureReading made = readFigure(withBody(frame, read, other, bodyRead));
            RC_ASSERT(made.readable() && made.length == read.length && made.roles[0].freeOut == read.roles[0].freeOut);
            for (const Action& action : read.roles[0].line.actions) {
                if (action.at >= counts(2) && action.at < counts(2 + body)) continue;
                RC_ASSERT(std::any_of(made.roles[0].line.actions.begin(), made.roles[0].line.actions.end(),
                                      [&](const Action& a) {
                                          return a.at == action.at && a.words == action.words && a.kind == action.kind;
                                      }));
            }
        }));
    }
    void aFillerLeavesTheFootThatItSays() {
        QVERIFY(rc::check("fillers, danced", [] {
            const FigureReading read = figure(lineOf(*rc::gen::inRange(1, 7), false));
            const Tick left = counts(8) - read.length;
            const auto pieces = barePieces();
            const Fillers fillers = test::must(
                fillersFor({.counts = left, .free = read.roles[0].freeOut, .leave = Foot::Left, .most = 10}, pieces));
            for (const Filler& filler : fillers.cheapest) {
                NotationReading line = read.roles[0].line;
                for (const std::size_t p : filler.pieces) {
                    for (Action action : readNotation(pieces[p].notation).actions) {
                        action.at += line.length;
                        line.actions.push_back(action);
                    }
                    line.length += pieces[p].length;
                }
                const FigureReading filled = figure(printNotation(line));
                RC_ASSERT(filled.length == counts(8));
                RC_ASSERT(filled.roles[0].freeOut == Foot::Left && filler.leaves == Foot::Left);
                RC_ASSERT(changesOf(filled) == changesOf(read) + filler.changes);
            }
        }));
    }
    void anOddOrnamentDelaysNobody() {
        QVERIFY(rc::check("ornaments", [] {
            const FigureReading read = figure(lineOf(*rc::gen::inRange(1, 8), false));
            const auto& actions = read.roles[0].line.actions;
            const auto step = std::find_if(actions.begin(), actions.end(),
                                           [](const Action& a) { return a.kind == ActionKind::Step; });
            RC_PRE(step != actions.end());
            for (const Ornament& ornament :
                 ornamentsAt(read.roles[0], static_cast<std::size_t>(step - actions.begin()), 0.5, {}, {})) {
                const FigureReading made = figure(ornament.line);
                RC_ASSERT(made.readable() && made.length == read.length);
                RC_ASSERT((made.roles[0].freeOut == read.roles[0].freeOut) == ornament.sameFoot);
                RC_ASSERT(changesOf(made) == changesOf(read) + ornament.changes - 1);
            }
        }));
    }
    void versionsKeepTheStepsAndTheirOrder() {
        QVERIFY(rc::check("versions are the same steps at other times", [] {
            std::string line;
            const auto nameOf = [](int i) { return "word" + std::string(1, static_cast<char>('a' + i)); };
            const int n = *rc::gen::inRange(2, 8);
            for (int i = 1; i <= n; ++i) line += std::to_string(i) + " " + nameOf(i) + " ";
            VersionsAsked asked;
            asked.change = chance(50) ? RhythmChange::Stretch : RhythmChange::Double;
            const auto versions = test::must(rhythmVersions(line, asked));
            for (const RhythmVersion& version : versions) {
                const NotationReading read = readNotation(version.notation);
                RC_ASSERT(!read.error && read.length == version.length);
                std::vector<std::string> words;
                for (const Action& action : read.actions)
                    if (action.usesFoot()) words.push_back(action.words);
                RC_ASSERT(static_cast<int>(words.size()) == n);
                for (int i = 0; i < n; ++i) RC_ASSERT(words[static_cast<std::size_t>(i)] == nameOf(i + 1));
                RC_ASSERT(version.length == (asked.change == RhythmChange::Stretch ? counts(n + 1) : counts(n - 1)));
            }
        }));
    }
    void musicNumbersAreTheFiguresOwnInSets() {
        QVERIFY(rc::check("saying", [] {
            const NotationReading line = readNotation(lineOf(*rc::gen::inRange(1, 20)));
            const std::int64_t set = *rc::gen::elementOf(std::vector<std::int64_t>{6, 8, 12});
            const std::int64_t start = *rc::gen::inRange<std::int64_t>(1, set + 1);
            const auto own = sayCounts(line, SayAs::Figure),
                       music = sayCounts(line, SayAs::Music, {}, counts(start), set),
                       stepped = sayCounts(line, SayAs::Stepped, {}, counts(start), set);
            RC_ASSERT(own.size() == music.size());
            for (std::size_t i = 0; i < own.size(); ++i) {
                RC_ASSERT(own[i].at == music[i].at);
                if (!isWhole(own[i].at))
                    RC_ASSERT(own[i].text == music[i].text && own[i].text == "&");
                else
                    RC_ASSERT(std::stoll(music[i].text) == (std::stoll(own[i].text) - 1 + start - 1) % set + 1);
            }
            for (const SaidCount& said : stepped) RC_ASSERT(std::find(music.begin(), music.end(), said) != music.end());
        }));
    }
    void aBalancedDrillBeginsAsOftenOnEachFoot() {
        QVERIFY(rc::check("both sides", [] {
            std::string line = lineOf(*rc::gen::inRange(1, 6));
            const NotationReading read = readNotation(line);
            RC_PRE(!read.actions.empty() && read.actions.front().kind == ActionKind::Step);
            line.insert(line.find(' ', 2) == std::string::npos ? line.size() : line.find(' ', 2),
                        " L"); // it says that it begins left
            const FigureReading stiff = figure(line);
            RC_PRE(stiff.readable() && stiff.roles[0].needs == Foot::Left);
            const auto balanced = balancedItems({{"as written", *rc::gen::inRange(1, 5), stiff}});
            const Drill drill = makeDrill(balanced);
            RC_ASSERT(drill.startsLeft == drill.startsRight);
        }));
    }
    void everyRemedyOfAClaimRemovesIt() {
        QVERIFY(rc::check("claimed and built agree after each remedy", [] {
            FigureCard card;
            card.name = "f";
            card.lines = {{"everyone", lineOf(*rc::gen::inRange(1, 9))}};
            const FigureReading read = readFigure(card);
            card.claimed = counts(*rc::gen::inRange(1, 12));
            RC_PRE(*card.claimed != read.length);
            const auto findings = inspectFigure(card, read);
            const auto claim = std::find_if(findings.begin(), findings.end(),
                                            [](const FigureFinding& f) { return f.code == figure_finding::claimed; });
            RC_ASSERT(claim != findings.end() && !claim->remedies.empty());
            for (const FigureRemedy& remedy : claim->remedies) {
                const FigureReading after = readFigure(remedy.after);
                RC_ASSERT(after.readable() && after.length == *remedy.after.claimed);
                RC_ASSERT(after.roles[0].freeOut == read.roles[0].freeOut);
            }
        }));
    }
};

LIFTCOUNT_TEST(FigureLawsTest)
#include "tst_figure_laws.moc"
