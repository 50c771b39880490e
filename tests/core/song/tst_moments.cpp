#include "support/core_support.h"

#include "core/document/document_json.h"

using namespace lc;

class MomentsTest : public QObject {
    Q_OBJECT
    const Document m_song = test::documentOn("intro 16 | verse 32 | chorus 32");

private Q_SLOTS:
    void momentsStandInTheOrderOfTime() {
        Document d = test::must(applyEdits(m_song, {AddMoment{20, MomentKind::Stop, "the big stop"},
                                                    AddMoment{8, MomentKind::Entry, "strings enter"},
                                                    AddMoment{12, MomentKind::Hit, "cymbal"}}));
        QCOMPARE(d.moments.size(), std::size_t{3});
        QCOMPARE(test::q(d.moments[0].text), QString("strings enter"));
        const MomentId first = d.moments[0].id;
        d = test::must(applyEdit(d, ChangeMoment{first, 30, MomentKind::Change, "strings leave"}));
        QVERIFY(d.moments[2].id == first); // it keeps its identity, whatever accents are bound to it
        QCOMPARE(d.moments[2].at, 30.0);
        d = test::must(applyEdit(d, RemoveMoment{first}));
        QCOMPARE(d.moments.size(), std::size_t{2});
        QVERIFY(!applyEdit(d, RemoveMoment{first}));
        QVERIFY(!applyEdit(d, ChangeMoment{first, 1, MomentKind::Hit, "x"}));
        QVERIFY(!applyEdit(d, AddMoment{5, MomentKind::Hit, ""}));
        QVERIFY(!applyEdit(d, AddMoment{-5, MomentKind::Hit, "x"}));
    }
    void lyricsReplaceLyricsOnly() {
        Document d = test::must(applyEdit(m_song, AddMoment{20, MomentKind::Stop, "the big stop"}));
        d = test::must(applyEdit(d, SetLyrics{{{4, "first light"}, {9, "round the hall"}}}));
        QCOMPARE(d.moments.size(), std::size_t{3});
        d = test::must(applyEdit(d, SetLyrics{{{5, "second light"}}}));
        QCOMPARE(d.moments.size(), std::size_t{2});
        QCOMPARE(test::q(d.moments[0].text), QString("second light"));
    }
    void theFileKeepsThem() {
        Document d = test::must(applyEdits(m_song, {AddMoment{20.125, MomentKind::Stop, "the big stop"},
                                                    SetLyrics{{{4, "first \xE2\x80\x9Clight\xE2\x80\x9D"}}}}));
        TypedStructure typed{"intro 16 | verse 32", 98.5, {3, 4}, 1.25};
        d = test::must(
            applyEdit(d, SetMap{std::make_shared<const SongMap>(test::song(typed.text, typed.bpm, "3/4", typed.offset)),
                                MapOrigin::Typed, typed}));
        const Document back = test::must(documentFromJson(toJson(d)));
        QVERIFY(back == d);
        QCOMPARE(back.moments.size(), std::size_t{2});
        QVERIFY(back.origin == MapOrigin::Typed);
        QVERIFY(back.typed == typed);
    }
    void damagedMomentsAreNamed() {
        const std::string json = toJson(test::must(applyEdit(m_song, AddMoment{20, MomentKind::Stop, "the big stop"})));
        for (const auto& [from, to, says] : {std::tuple{"\"stop\"", "\"pause\"", "moments[0].kind"},
                                             std::tuple{"\"at_s\": 20.0", "\"at_s\": \"soon\"", "moments[0].at_s"}}) {
            std::string bad = json;
            const auto at = bad.find(from, bad.find("moments"));
            QVERIFY(at != std::string::npos);
            bad.replace(at, std::string(from).size(), to);
            const auto read = documentFromJson(bad);
            QVERIFY(!read);
            QVERIFY2(test::q(read.error().message).contains(says), read.error().message.english().c_str());
        }
    }
    void anotherMapKeepsMomentsAndForgetsFacts() {
        Document d = test::must(applyEdits(m_song, {AddMoment{20, MomentKind::Hit, "hit"}, StateFact{OneFact{0.5}}}));
        d = test::must(applyEdit(d, SetMap{std::make_shared<const SongMap>(test::song("verse 24", 90, "3/4")),
                                           MapOrigin::Imported, std::nullopt}));
        QVERIFY(d.facts.empty());
        QCOMPARE(d.moments.size(), std::size_t{1});
        QCOMPARE(d.map->metre.beats, 3);
        QVERIFY(d.scheme == usualScheme(Metre{3, 4}));
        SongMap broken = test::song("verse 8");
        broken.bars.clear();
        QVERIFY(!applyEdit(d, SetMap{std::make_shared<const SongMap>(broken), MapOrigin::Imported, std::nullopt}));
    }
    void kindsAreReadAndWritten() {
        for (MomentKind kind : allMomentKinds) QVERIFY(test::must(parseMomentKind(toString(kind))) == kind);
        QVERIFY(!parseMomentKind("pause"));
        for (const char* origin : {"heard", "typed", "tapped", "imported", "carried"})
            QCOMPARE(toString(test::must(parseMapOrigin(origin))), std::string(origin));
        QVERIFY(!parseMapOrigin("dreamt"));
    }
};

LIFTCOUNT_TEST(MomentsTest)
#include "tst_moments.moc"
