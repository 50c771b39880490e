#include "support/core_support.h"

#include "core/song/song_facts.h"

#include <rapidcheck.h>

using namespace lc;

namespace {
QString barsOf(const SongMap& map) {
    QStringList all;
    if (map.pickupBeats) all << "+" + QString::number(map.pickupBeats);
    for (const Bar& bar : map.bars) all << QString::number(bar.beats);
    return all.join(' ');
}
QString phrasesOf(const SongMap& map) {
    QStringList all;
    for (const Phrase& phrase : map.phrases) all << QString::number(beatsIn(map, phrase));
    return all.join(' ');
}
} // namespace

class SongFactsTest : public QObject {
    Q_OBJECT
    const SongMap m_song = test::song("intro 8 | verse 16 | chorus 16", 60); // beat n at second n

private Q_SLOTS:
    void withoutFactsTheMapStays() { QVERIFY(*withFacts(m_song, {}) == m_song); }
    void theOneCanBeShifted() {
        const SongMap map = *withFacts(m_song, {OneFact{1}});
        QCOMPARE(barsOf(map), "+1 4 4 4 4 4 4 4 4 4 3");
        QCOMPARE(phrasesOf(map), "8 16 15");
        QVERIFY(map.bars[0].confirmedOne);
        QVERIFY(map.beats[1].confirmed);
        QCOMPARE(barsOf(*withFacts(m_song, {OneFact{9}})), "+1 4 4 4 4 4 4 4 4 4 3"); // any 1 shifts the whole song
        QCOMPARE(barsOf(*withFacts(m_song, {OneFact{3}})), "+3 4 4 4 4 4 4 4 4 4 1");
    }
    void aSecondOneMovesOnlyWhatFollows() {
        const SongMap map = *withFacts(m_song, {OneFact{0}, OneFact{18}});
        QCOMPARE(barsOf(map), "4 4 4 4 2 4 4 4 4 4 2");
        QCOMPARE(phrasesOf(map), "8 14 18");
    }
    void aBarCanHaveOtherBeats() {
        const SongMap map = *withFacts(m_song, {BarFact{12, 2, {}}});
        QCOMPARE(barsOf(map), "4 4 4 2 4 4 4 4 4 4 2");
        QCOMPARE(phrasesOf(map), "8 14 18"); // later phrases keep their bars and come sooner
        QCOMPARE(barsOf(*withFacts(m_song, {BarFact{12, 6, {}}})), "4 4 4 6 4 4 4 4 4 2");
    }
    void aPhraseCanStartAnywhere() {
        QCOMPARE(phrasesOf(*withFacts(m_song, {PhraseFact{16, std::nullopt}})), "8 8 8 16");
        const SongMap inBar = *withFacts(m_song, {PhraseFact{18, std::nullopt}});
        QCOMPARE(phrasesOf(inBar), "8 10 6 16");
        QCOMPARE(barsOf(inBar), "4 4 4 4 2 2 4 4 4 4 4"); // a phrase begins with a bar
        QVERIFY(inBar.phrases[2].confirmed);
    }
    void aPhraseOfALengthHasNoOtherInside() {
        QCOMPARE(phrasesOf(*withFacts(m_song, {PhraseFact{8, 32}})), "8 32");
        QCOMPARE(phrasesOf(*withFacts(m_song, {PhraseFact{8, 24}})), "8 24 8");
    }
    void theMetreRebuildsTheBars() {
        const SongMap map = *withFacts(m_song, {MetreFact{{3, 4}}});
        QCOMPARE(barsOf(map), "3 3 2 3 3 3 3 3 1 3 3 3 3 3 1");
        QCOMPARE(phrasesOf(map), "8 16 16");
        QCOMPARE(map.metre.beats, 3);
    }
    void aPartCanHaveItsOwnMetre() {
        const SongMap map = *withFacts(m_song, {MetreFact{{3, 4}, SongSpan{8, 20}}});
        QCOMPARE(barsOf(map), "4 4 3 3 3 3 4 4 4 4 4");
        QCOMPARE(phrasesOf(map), "8 16 16");
        QCOMPARE(map.metre.beats, 4);
        QCOMPARE(barsOf(*withFacts(m_song, {MetreFact{{3, 4}, SongSpan{8, 18}}})),
                 "4 4 3 3 3 1 2 4 4 4 4 4"); // what does not fit stays an odd bar
    }
    void aPartCanHaveItsOwnTempo() {
        const SongMap map = *withFacts(m_song, {TempoFact{90, SongSpan{8, 24}}});
        QCOMPARE(map.beats.size(), std::size_t{48}); // 24 beats where there were 16
        QVERIFY(qAbs(map.beats[9].time - (8 + 60.0 / 90)) < 1e-9);
        QCOMPARE(phrasesOf(map), "8 24 16");
        QVERIFY(*withFacts(m_song, {TempoFact{62, SongSpan{8, 24}}}) == m_song); // it has that tempo already
        QVERIFY(!withFacts(m_song, {TempoFact{90, SongSpan{400, 500}}}));
    }
    void everyBeatCanBeNudged() {
        const auto facts = addFact(addFact({}, NudgeFact{0.010}), NudgeFact{-0.004});
        QCOMPARE(facts.size(), std::size_t{1});
        const SongMap map = *withFacts(m_song, facts);
        QVERIFY(qAbs(map.beats[5].time - 5.006) < 1e-9);
        QVERIFY(qAbs(map.end - m_song.end - 0.006) < 1e-9);
        QVERIFY(addFact(facts, NudgeFact{-0.006}).empty());
        QCOMPARE(std::get<NudgeFact>(addFact(facts, NudgeFact{5}).front()).by, 0.1);
        QCOMPARE(test::q(describe(facts.front())), QString("every beat 6 ms later"));
    }
    void partsThatOverlapExcludeEachOther() {
        QVERIFY(conflictIn({MetreFact{{3, 4}, SongSpan{8, 20}}, MetreFact{{5, 4}, SongSpan{16, 30}}}));
        QVERIFY(
            !conflictIn({MetreFact{{3, 4}, SongSpan{8, 20}}, MetreFact{{5, 4}, SongSpan{20, 30}}, MetreFact{{4, 4}}}));
        QVERIFY(conflictIn({TempoFact{90, SongSpan{8, 20}}, TempoFact{100, SongSpan{16, 30}}}));
    }
    void thePulseCanBeDoubledAndHalved() {
        const SongMap twice = *withFacts(m_song, {PulseFact{2}});
        QCOMPARE(twice.beats.size(), std::size_t{80});
        QCOMPARE(twice.beats[1].time, 0.5);
        QCOMPARE(phrasesOf(twice), "16 32 32");
        const SongMap half = *withFacts(m_song, {PulseFact{-2}});
        QCOMPARE(half.beats.size(), std::size_t{20});
        QCOMPARE(half.beats[1].time, 2.0);
        QCOMPARE(phrasesOf(half), "4 8 8");
    }
    void doublingAndHalvingCancel() {
        auto facts = addFact({}, PulseFact{2});
        facts = addFact(facts, PulseFact{-2});
        QVERIFY(facts.empty());
    }
    void aLaterWordReplacesTheEarlierAtOnePlace() {
        auto facts = addFact({}, BarFact{12, 2, {}});
        facts = addFact(facts, BarFact{12.05, 3, {}});
        QCOMPARE(facts.size(), std::size_t{1});
        QCOMPARE(barsOf(*withFacts(m_song, facts)).left(8), "4 4 4 3 ");
        facts = addFact(facts, BarFact{20, 2, {}});
        QCOMPARE(facts.size(), std::size_t{2});
    }
    void namesStayWithTheirPhrase() {
        const SongMap map = *withFacts(m_song, {NameFact{8, "The quiet one"}, BarFact{4, 2, {}}});
        QCOMPARE(test::q(map.phrases[1].label), "The quiet one");
    }
    void factsThatExcludeEachOtherAreBothNamed() {
        const auto map = withFacts(m_song, {BarFact{8, 6, {}}, OneFact{12}});
        QVERIFY(!map);
        QVERIFY(test::q(map.error().message).contains("exclude each other"));
        QVERIFY(test::q(map.error().message).contains("0:08.0"));
        QVERIFY(test::q(map.error().message).contains("0:12.0"));
    }
    void factsOutsideTheSongAreRefused() {
        QVERIFY(!withFacts(m_song, {OneFact{-20}}));
        QVERIFY(!withFacts(m_song, {PhraseFact{500, std::nullopt}}));
        QVERIFY(!withFacts(m_song, {BarFact{8, 0, {}}}));
        QVERIFY(!withFacts(SongMap{}, {OneFact{0}}));
    }
    void everyFactIsDescribed() {
        QCOMPARE(test::q(describe(SongFact{BarFact{35.2, 2, {}}})), "the bar at 0:35.2 has 2 beats");
        QCOMPARE(test::q(describe(SongFact{PhraseFact{8, 32}})), "a phrase starts at 0:08.0 and has 32 beats");
        QCOMPARE(test::q(describe(SongFact{PulseFact{2}})), "twice as many beats");
    }
    void anyFactsGiveAValidMapOrAnError() {
        QVERIFY(rc::check("withFacts keeps the invariants", [this] {
            const auto time = rc::gen::map(rc::gen::inRange(0, 41), [](int t) { return static_cast<double>(t); });
            std::vector<SongFact> facts;
            const int n = *rc::gen::inRange(0, 6);
            for (int i = 0; i < n; ++i) switch (*rc::gen::inRange(0, 8)) {
                case 0: facts = addFact(facts, OneFact{*time}); break;
                case 1: facts = addFact(facts, BarFact{*time, *rc::gen::inRange(1, 8), {}}); break;
                case 2: facts = addFact(facts, PhraseFact{*time, std::nullopt}); break;
                case 3: facts = addFact(facts, PhraseFact{*time, *rc::gen::inRange(1, 40)}); break;
                case 6: facts = addFact(facts, MetreFact{{*rc::gen::inRange(1, 9), 4}, SongSpan{*time, 45.0}}); break;
                case 7:
                    facts = addFact(facts,
                                    TempoFact{static_cast<double>(*rc::gen::inRange(20, 300)), SongSpan{*time, 42.0}});
                    break;
                case 4: facts = addFact(facts, PulseFact{*rc::gen::element(2, -2)}); break;
                default: facts = addFact(facts, MetreFact{{*rc::gen::inRange(2, 6), 4}}); break;
                }
            const auto map = withFacts(m_song, facts);
            if (!map) return;
            RC_ASSERT(validate(*map).has_value());
            for (const SongFact& fact : facts) // what a person stated holds
                if (const auto* phrase = std::get_if<PhraseFact>(&fact); phrase && !phrase->beats) {
                    bool found = false;
                    for (const Phrase& p : map->phrases)
                        found = found || firstBeatOf(*map, p) == nearestBeat(*map, phrase->at);
                    RC_ASSERT(found);
                }
        }));
    }
};

LIFTCOUNT_TEST(SongFactsTest)
#include "tst_song_facts.moc"
