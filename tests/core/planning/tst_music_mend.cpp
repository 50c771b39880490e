#include "support/plan_support.h"

#include "core/planning/music_mend.h"
#include "core/reports/song_trial.h"

#include <functional>
#include <random>

using namespace lc;
using test::must;

namespace {

Document danceOn(const std::string& song, int length, int passes) {
    return test::withOrder(test::withLine(test::documentOn(song), "A", test::walk(length)),
                           "A x" + std::to_string(passes));
}

Document mended(const Document& d, const MusicMend& mend) {
    return must(applyEdit(d, SetMap{std::make_shared<const SongMap>(must(editSong(*d.map, mend.spans)).map),
                                    MapOrigin::Imported, std::nullopt}));
}

} // namespace

class MusicMendTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void anOddBarIsCut() {
        const Document d = danceOn("verse 32 | chorus 36 | verse 32 | chorus 32", 32, 4);
        const MusicMends mends = must(mendMusic(d, land(d)));
        QCOMPARE(mends.mends.front().misses, 0);
        QCOMPARE(mends.mends.front().joints, 1);
        QVERIFY2(test::q(mendInWords(*d.map, mends.mends.front())).startsWith("One change: without bar "),
                 mendInWords(*d.map, mends.mends.front()).english().c_str());
        const Document then = mended(d, mends.mends.front());
        const Landing landing = land(then);
        QCOMPARE(landing.grid.countsInSong(), 128);
        for (const PassPerformance& pass : landing.performance.passes) QVERIFY(lands(landing.grid, pass));
        QVERIFY(mends.nextCost >= mends.mends.back().cost);
    }
    void aShortPhraseIsPlayedAgain() {
        const Document d = danceOn("verse 32 | chorus 32 | quiet 16 | verse 32 | chorus 32", 32, 5);
        MusicMendWishes wishes;
        const MusicMends mends = must(mendMusic(d, land(d), wishes));
        const MusicMend& best = mends.mends.front();
        QCOMPARE(best.joints, 1); // the four quiet bars out, or twice
        QCOMPARE(best.cost, 14);
        const Landing landing = land(mended(d, best));
        for (const PassPerformance& pass : landing.performance.passes)
            if (pass.start < landing.grid.end()) QCOMPARE(*phraseMiss(landing.grid, pass.start), Tick{});
    }
    void theDanceIsToBeFinished() {
        const Document d = danceOn("verse 32 | quiet 16 | chorus 32 | verse 16", 32,
                                   3); // the same is missing or left over, whatever is done with the quiet bars
        MusicMendWishes many;
        many.most = 40;
        const MusicMends mends = must(mendMusic(d, land(d), many));
        QCOMPARE(mends.mends[0].cost, 14); // the quiet bars twice: 112 counts of 96
        QCOMPARE(mends.mends[0].missing, Tick{});
        MusicMendWishes free;
        free.unfinished = 0;
        const MusicMends either = must(mendMusic(d, land(d), free));
        QCOMPARE(either.mends[1].cost, 14); // left out: 80 counts
        QVERIFY(either.mends[0].missing == counts(16) || either.mends[1].missing == counts(16));
        const MusicMend& cut = either.mends[0].missing == counts(16) ? either.mends[0] : either.mends[1];
        QVERIFY2(test::q(mendInWords(*d.map, cut)).endsWith("The music ends 16 counts before the dance."),
                 mendInWords(*d.map, cut).english().c_str());
        QVERIFY(std::any_of(mends.mends.begin(), mends.mends.end(), [&](const MusicMend& m) {
            return m.spans == cut.spans && m.cost == 14 + 2 * MusicMendWishes{}.unfinished;
        })); // two sets of it
    }
    /// Four passes and no more: bar 17 left out lands them all, whether the order is A A A A or A B A B; an ending that
    /// is 32 counts short costs more than one that is 4 short.
    void theDanceIsKeptWhole() {
        const std::string song = "verse 32 | chorus 36 | verse 32 | chorus 24 | outro 32";
        for (const char* order : {"A A A A", "A B A B"}) {
            Document d =
                test::withLine(test::withLine(test::documentOn(song), "A", test::walk(32)), "B", test::walk(32));
            d = test::withOrder(d, order);
            MusicMendWishes wishes;
            wishes.most = 20;
            const MusicMends mends = must(mendMusic(d, land(d), wishes));
            const std::vector<BarSpan> without17 = withoutBars(d.map->bars.size(), {16, 17});
            const auto found = std::find_if(mends.mends.begin(), mends.mends.end(),
                                            [&](const MusicMend& m) { return m.spans == without17; });
            QVERIFY2(found != mends.mends.end(), order);
            const Landing landing = land(mended(d, *found));
            for (const PassPerformance& pass : landing.performance.passes) QVERIFY(lands(landing.grid, pass));
        }
        for (const auto& [phrases, missing] : {std::pair{"verse 32 | chorus 28", 4}, {"verse 32", 32}}) {
            const Document d = danceOn(phrases, 32, 2);
            MusicMendWishes none;
            none.longest = 1;
            none.joint = 99;
            const MusicMend best = must(mendMusic(d, land(d), none)).mends.front();
            QCOMPARE(best.missing, counts(missing));
            QCOMPARE(best.cost, none.unfinished * (missing == 4 ? 1 : 4));
        }
    }
    void nothingIsCutWhereItLands() {
        const Document d = danceOn("verse 32 | chorus 32", 32, 2);
        const MusicMend best = must(mendMusic(d, land(d))).mends.front();
        QCOMPARE(best.cost, 0);
        QCOMPARE(best.spans, (std::vector<BarSpan>{{0, 16}}));
        QCOMPARE(test::q(mendInWords(*d.map, best)), "No cut and no repeat; every pass then starts a phrase.");
    }
    /// Every way to play the bars with at most four joints, tried one by one: the cheapest agree.
    void againstEveryWayWithFewJoints() {
        std::mt19937 dice(2);
        int two = 0, compared = 0;
        for (int n = 0; n < 60; ++n) {
            std::string song;
            for (int p = 0; p < 3; ++p)
                song += (song.empty() ? "" : " | ") + std::string("part") + std::to_string(p) + " " +
                        std::to_string(4 * (1 + static_cast<int>(dice() % 4)));
            const int passes = 1 + static_cast<int>(dice() % 4);
            const Document d = danceOn(song, 4 * (1 + static_cast<int>(dice() % 3)), passes);
            MusicMendWishes wishes;
            wishes.longest = 2;
            wishes.unfinished = static_cast<std::int64_t>(dice() % 6);
            wishes.joint = 3;
            wishes.rough = static_cast<std::int64_t>(dice() % 3);
            wishes.seam = static_cast<std::int64_t>(dice() % 2);
            wishes.miss = 9;
            wishes.most = 1;
            const Landing landing = land(d);
            const auto& grid = landing.grid;
            const int bars = static_cast<int>(d.map->bars.size());
            const int length =
                static_cast<int>(wholeCounts(landing.performance.passes.front().whole)) / 4; // of a pass, in bars
            std::vector<bool> phrase(static_cast<std::size_t>(bars)), set(static_cast<std::size_t>(bars) + 1, true);
            for (int b = 0; b < bars; ++b) {
                phrase[static_cast<std::size_t>(b)] = *phraseMiss(grid, counts(4 * b)) == Tick{};
                set[static_cast<std::size_t>(b)] = *grid.musicCountAt(counts(4 * b)) == counts(1);
            }
            std::int64_t best = 1'000'000;
            int joints = 0;
            const std::function<void(int, int, std::int64_t, int)> play = [&](int next, int danced, std::int64_t cost,
                                                                              int used) {
                if (cost >= best) return;
                if (next == bars) {
                    if (const int missing = length * passes - danced; missing > 0)
                        cost += wishes.unfinished * ((missing + 1) / 2); // each set of two bars that has no music
                    if (cost >= best) return;
                    best = cost;
                    joints = used;
                    return;
                }
                for (int bar = std::max(0, next - 2); bar <= std::min(bars - 1, next + 2); ++bar) {
                    if ((danced == 0 || used == 4) && bar != next) continue;
                    std::int64_t price =
                        bar == next ? 0
                                    : 3 + std::abs(bar - next) +
                                          (set[static_cast<std::size_t>(next)] && set[static_cast<std::size_t>(bar)]
                                               ? 0
                                               : wishes.rough) +
                                          (bar == next || ((next == bars || phrase[static_cast<std::size_t>(next)]) &&
                                                           phrase[static_cast<std::size_t>(bar)])
                                               ? 0
                                               : wishes.seam);
                    if (danced < length * passes && danced % length == 0 && !phrase[static_cast<std::size_t>(bar)] &&
                        !(length <= 2 && set[static_cast<std::size_t>(bar)]))
                        price += 9;
                    play(bar + 1, danced + 1, cost + price, used + (bar != next));
                }
            };
            play(0, 0, 0, 0);
            const auto mends = mendMusic(d, landing, wishes);
            QVERIFY2(mends, mends ? "" : mends.error().message.english().c_str());
            if (mends->mends.front().joints > 4) continue; // more than were tried
            QCOMPARE(mends->mends.front().cost, best);
            ++compared;
            two += joints > 1;
        }
        QVERIFY2(two > 3 && compared > 40,
                 qPrintable(QString::number(two) + QLatin1Char(' ') + QString::number(compared)));
    }
    void theMapFollows() {
        const SongMap map =
            test::song("pickup 2 | intro 8 | verse 16 @120 | stop 4 | bar 3 | fermata 1 2s | chorus 8 @90", 120);
        const std::size_t bars = map.bars.size();
        const EditedSong same = must(editSong(map, {{0, bars}}));
        QVERIFY(same.map == map); // beats, bars, phrases, stops, fermatas
        QVERIFY(same.joints.empty());
        const EditedSong shorter = must(editSong(map, withoutBars(bars, {2, 4}))); // two bars of the verse
        QCOMPARE(shorter.map.beats.size(), map.beats.size() - 8);
        QCOMPARE(shorter.joints.size(), std::size_t{1});
        QCOMPARE(shorter.map.phrases.size(), map.phrases.size());
        QCOMPARE(beatsIn(shorter.map, shorter.map.phrases[1]), beatsIn(map, map.phrases[1]) - 8);
        QVERIFY(qAbs(shorter.map.end - (map.end - 4)) < 1e-9); // eight beats of half a second
        QCOMPARE(shorter.map.stops.size(), map.stops.size());
        QVERIFY(qAbs(shorter.map.stops[0].start - (map.stops[0].start - 4)) < 1e-9);
        QCOMPARE(shorter.map.fermatas.size(), map.fermatas.size());
        const EditedSong longer = must(editSong(map, withBarsTwice(bars, {0, 2}))); // the intro twice
        QCOMPARE(longer.map.phrases.size(), map.phrases.size() + 1);
        QCOMPARE(longer.map.phrases[1].label, map.phrases[0].label);
        QCOMPARE(longer.map.pickupBeats, std::size_t{2});
        for (const EditedSong* song : {&shorter, &longer})
            for (std::size_t b = 1; b < song->map.beats.size(); ++b)
                QVERIFY(song->map.beats[b].time > song->map.beats[b - 1].time);
        Seconds all = 0;
        for (const SoundSpan& span : longer.sound) all += span.to - span.from;
        QVERIFY(qAbs(all - longer.map.end) < 1e-9); // sound and map are equally long
    }
    void momentsFollow() {
        const SongMap map = test::song("verse 32 | chorus 32", 120); // bars of two seconds
        const EditedSong cut = must(editSong(map, withoutBars(16, {4, 6}))),
                         twice = must(editSong(map, withBarsTwice(16, {4, 6})));
        QCOMPARE(*placeIn(cut, 3.0), 3.0);
        QCOMPARE(*placeIn(cut, 13.0), 9.0);
        QVERIFY(!placeIn(cut, 9.0));         // left out
        QCOMPARE(*placeIn(twice, 9.0), 9.0); // heard first there
        QCOMPARE(*placeIn(twice, 13.0), 17.0);
    }
    void spansHaveWords() {
        const SongMap map = test::song("verse 32 | chorus 32", 120);
        QCOMPARE(test::q(spansInWords(map, {{0, 16}})), "as it is");
        QCOMPARE(test::q(spansInWords(map, withoutBars(16, {8, 10}))), "without bars 9 to 10 (Chorus, 0:16.0)");
        QCOMPARE(test::q(spansInWords(map, withBarsTwice(16, {7, 8}))), "bar 8 (Verse, 0:14.0) again");
    }
    void badInputIsASentence() {
        const auto says = [](const Document& d, const char* words, MusicMendWishes wishes = {}) {
            const auto mends = mendMusic(d, land(d), wishes);
            return !mends && test::q(mends.error().message).contains(words);
        };
        QVERIFY(says(newDocument(), "The song has no bars yet"));
        QVERIFY(says(test::documentOn("verse 32"), "The routine has no passes yet"));
        MusicMendWishes wishes;
        wishes.joint = -1;
        QVERIFY(says(danceOn("verse 32", 32, 1), "The cost of a joint is -1", wishes));
        Document inside = danceOn("verse 32", 32, 1);
        inside = must(applyEdit(inside, SetStart{1.0})); // the second beat
        QVERIFY(says(inside, "does not begin with a bar"));
        QVERIFY(!editSong(test::song("verse 32"), {{4, 4}}));
        QVERIFY(!editSong(test::song("verse 32"), {{0, 99}}));
        QVERIFY(!editSong(test::song("verse 32"), {}));
    }
};

LIFTCOUNT_TEST(MusicMendTest)
#include "tst_music_mend.moc"
