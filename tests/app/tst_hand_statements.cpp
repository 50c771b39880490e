// Everything that is said about a song by hand, through the window: what it changes, that it is one step, and that it
// is taken back.
#include "support/core_support.h"
#include "support/window_rig.h"

#include "app/listen/hand_statements.h"
#include "app/listen/song_column.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QSettings>
#include <QSpinBox>

using namespace lc;
using namespace lc::app;
using namespace lc::test;

class HandStatementsTest : public QObject {
    Q_OBJECT

    /// One song, heard once for all tests; each takes back what it said.
    std::unique_ptr<WindowRig> m_rig;
    std::vector<SongFact> m_facts;

    HandStatements& hand() const { return m_rig->window->stage<app::ListenStage>().hand(); }
    const SongMap& map() const { return *m_rig->session->doc.document().map; }
    Seconds barStart(std::size_t bar) const { return map().beats[map().bars[bar].firstBeat].time; }
    void caretTo(Seconds at) const {
        m_rig->session->transport.setCaret(test::must(m_rig->session->doc.landing().grid.tickAt(at)));
    }
    std::vector<Seconds> ones() const {
        std::vector<Seconds> out;
        for (std::size_t b = 0; b < map().bars.size(); ++b) out.push_back(barStart(b));
        return out;
    }
    QStringList told() const {
        QStringList all;
        for (auto* label : m_rig->window->stage<app::ListenStage>().column().findChildren<QLabel*>())
            all << label->text();
        return all;
    }

private Q_SLOTS:
    void initTestCase() {
        prepareProgram("lift-count-hand-test");
        m_rig = std::make_unique<WindowRig>();
        m_rig->window->openDemo();
        QTRY_VERIFY_WITH_TIMEOUT(m_rig->session->song.heardSong(), 60000);
        m_rig->shortcut(Qt::Key_1, Qt::AltModifier);
        m_rig->window->stage<app::ListenStage>().strips().setFocus();
    }
    void cleanupTestCase() { m_rig.reset(); }
    void init() { m_facts = m_rig->session->doc.document().facts; }
    void cleanup() { QVERIFY(m_rig->session->doc.document().facts == m_facts); } // each test takes back what it said

    /// Each statement is one undo step and leaves the document as it was when it is undone.
    void everyStatementIsOneStep_data() {
        using Say = std::function<void(HandStatements&, const SongMap&)>;
        QTest::addColumn<Say>("say");
        const auto beat = [](const SongMap& map, std::size_t b) { return map.beats[b].time; };
        QTest::newRow("this is a 1") << Say([](HandStatements& h, const SongMap&) { h.thisIsAOne(); });
        QTest::newRow("every 1 later") << Say([](HandStatements& h, const SongMap&) { h.shiftOne(1); });
        QTest::newRow("every 1 earlier") << Say([](HandStatements& h, const SongMap&) { h.shiftOne(-1); });
        QTest::newRow("a bar of 2") << Say([](HandStatements& h, const SongMap&) { h.thisBarHas(2); });
        QTest::newRow("a phrase") << Say([](HandStatements& h, const SongMap&) { h.phraseStartsHere(); });
        QTest::newRow("no phrase") << Say([](HandStatements& h, const SongMap&) { h.noPhraseStartsHere(); });
        QTest::newRow("a beat") << Say([](HandStatements& h, const SongMap&) { h.aBeatIsHere(); });
        QTest::newRow("half as fast") << Say([](HandStatements& h, const SongMap&) { h.halfAsFast(); });
        QTest::newRow("twice as fast") << Say([](HandStatements& h, const SongMap&) { h.twiceAsFast(); });
        QTest::newRow("in threes") << Say([](HandStatements& h, const SongMap&) { h.setMetre("3/4"); });
        QTest::newRow("a name") << Say([](HandStatements& h, const SongMap&) { h.namePhrase("the loud one"); });
        QTest::newRow("a nudge") << Say([](HandStatements& h, const SongMap&) { h.nudge(-15); });
        QTest::newRow("a stop") << Say(
            [beat](HandStatements& h, const SongMap& m) { h.stop(beat(m, 60), beat(m, 64), 4); });
        QTest::newRow("a held beat") << Say(
            [beat](HandStatements& h, const SongMap& m) { h.heldBeat(beat(m, 63), beat(m, 66)); });
        QTest::newRow("a part in threes")
            << Say([beat](HandStatements& h, const SongMap& m) { h.metreWithin(beat(m, 64), beat(m, 88), "3/4"); });
        QTest::newRow("a part at its tempo")
            << Say([beat](HandStatements& h, const SongMap& m) { h.tempoWithin(beat(m, 64), beat(m, 96), 200); });
        QTest::newRow("a moment") << Say(
            [](HandStatements& h, const SongMap&) { h.markMoment(MomentKind::Hit, "the crash"); });
    }
    void everyStatementIsOneStep() {
        QFETCH(std::function<void(HandStatements&, const SongMap&)>, say);
        const Document before = m_rig->session->doc.document();
        const auto phrase = before.map->phrases[3];
        caretTo(before.map->beats[firstBeatOf(*before.map, phrase)].time);
        say(hand(), *before.map);
        QVERIFY(m_rig->session->doc.document() != before);
        m_rig->shortcut(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(m_rig->session->doc.document() == before);
        m_rig->shortcut(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(m_rig->session->doc.document() != before);
        m_rig->shortcut(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(m_rig->session->doc.document() == before);
    }
    void everyOneMovesByABeatAndBack() {
        const Document start = m_rig->session->doc.document();
        const auto before = ones();
        hand().shiftOne(1);
        const auto later = ones();
        for (std::size_t b = 2; b + 3 < std::min(before.size(), later.size());
             ++b) { // an odd bar may stand a bar beside its place
            const std::size_t was = nearestBeat(map(), before[b]);
            if (was + 1 < map().beats.size() && map().bars[b].beats == 4 && map().bars[b - 1].beats == 4)
                QVERIFY2(std::any_of(later.begin(), later.end(),
                                     [&](Seconds t) { return std::abs(t - map().beats[was + 1].time) < 0.02; }) ||
                             before[b] > 70,
                         qPrintable(QString::number(before[b])));
        }
        hand().shiftOne(-1);
        const auto back = ones();
        std::size_t same = 0;
        for (Seconds one : before)
            same += std::any_of(back.begin(), back.end(), [&](Seconds t) { return std::abs(t - one) < 0.02; });
        QVERIFY2(same + 2 >= before.size(), qPrintable(QString("%1 of %2").arg(same).arg(before.size())));
        hand().forgetAll();
        const auto heard = ones();
        QCOMPARE(heard.size(), before.size());
        for (std::size_t b = 0; b < heard.size(); ++b)
            QVERIFY2(std::abs(heard[b] - before[b]) < 0.005, qPrintable(QString("%1: %2").arg(before[b]).arg(
                                                                 heard[b] - before[b]))); // the demo's map is a file's
        while (m_rig->session->doc.document() != start) m_rig->session->doc.undo();
    }
    void aHeldBeatHasNoOthersInIt() {
        const Seconds from = map().beats[63].time, to = map().beats[66].time;
        const std::size_t beats = map().beats.size();
        caretTo(from);
        m_rig->window->stage<app::ListenStage>().spanFromHereAs(1);
        QVERIFY(m_rig->button("stateSpan")->isVisible());
        QVERIFY(!m_rig->window->stage<app::ListenStage>().findChild<QSpinBox*>("spanCounts")->isVisible());
        caretTo(to);
        m_rig->press("stateSpan");
        QCOMPARE(map().beats.size(), beats - 2);
        QCOMPARE(map().fermatas.size(), std::size_t{1});
        for (const Beat& b : map().beats) QVERIFY(b.time <= from + 0.001 || b.time >= to - 0.001);
        QVERIFY(told().join('\n').contains("held"));
        m_rig->session->doc.undo();
        QVERIFY(map().fermatas.empty());
    }
    void aPartIsCountedAtItsOwnTempo() {
        const Seconds from = barStart(16), to = barStart(24);
        caretTo(from);
        m_rig->window->stage<app::ListenStage>().spanFromHereAs(3);
        auto* bpm = m_rig->window->stage<app::ListenStage>().findChild<QDoubleSpinBox*>("spanBpm");
        QVERIFY(bpm->isVisible());
        QVERIFY(qAbs(bpm->value() - *medianTempo(map())) < 0.1); // as it is, until something else is typed
        bpm->setValue(2 * bpm->value());
        caretTo(to);
        m_rig->press("stateSpan");
        const auto within = std::count_if(map().beats.begin(), map().beats.end(),
                                          [&](const Beat& b) { return b.time > from - 0.05 && b.time < to - 0.05; });
        QVERIFY2(qAbs(within - 64) <= 1, qPrintable(QString::number(within)));
        QVERIFY(qAbs(map().beats[4].time - map().beats[3].time - 0.6) < 0.02); // outside nothing is changed
        m_rig->session->doc.undo();
    }
    void aMetreThatIsNoneIsSaid() {
        caretTo(barStart(16));
        m_rig->window->stage<app::ListenStage>().spanFromHereAs(2);
        m_rig->window->stage<app::ListenStage>().findChild<QComboBox*>("spanMetre")->setCurrentText("four");
        caretTo(barStart(18));
        QSignalSpy spy(&m_rig->session->messages, &Messages::told);
        const Document before = m_rig->session->doc.document();
        m_rig->press("stateSpan");
        QCOMPARE(spy.count(), 1);
        QVERIFY(spy[0][0].toString().contains("four"));
        QVERIFY(m_rig->session->doc.document() == before);
    }
    void escapeClosesTheStripAndChangesNothing() {
        const Document before = m_rig->session->doc.document();
        caretTo(barStart(10));
        m_rig->shortcut(Qt::Key_S);
        QVERIFY(m_rig->button("stateSpan")->isVisible());
        QTest::keyClick(m_rig->window->stage<app::ListenStage>().findChild<QSpinBox*>("spanCounts"), Qt::Key_Escape);
        QVERIFY(!m_rig->button("stateSpan")->isVisible());
        QVERIFY(m_rig->session->doc.document() == before);
    }
    void theFirstPhraseHasNoneBefore() {
        caretTo(barStart(0));
        QSignalSpy spy(&m_rig->session->messages, &Messages::told);
        const Document before = m_rig->session->doc.document();
        hand().noPhraseStartsHere();
        QCOMPARE(spy.count(), 1);
        QVERIFY(m_rig->session->doc.document() == before);
    }
    void twoPhrasesBecomeOneAndApartAgain() {
        const std::size_t phrases = map().phrases.size();
        const Seconds start = map().beats[firstBeatOf(map(), map().phrases[2])].time;
        caretTo(start);
        hand().noPhraseStartsHere();
        QVERIFY(std::none_of(map().phrases.begin(), map().phrases.end(), [&](const Phrase& p) {
            return std::abs(map().beats[firstBeatOf(map(), p)].time - start) < 0.02;
        }));
        caretTo(start);
        hand().phraseStartsHere();
        QVERIFY(std::any_of(map().phrases.begin(), map().phrases.end(), [&](const Phrase& p) {
            return std::abs(map().beats[firstBeatOf(map(), p)].time - start) < 0.02 && p.confirmed;
        }));
        m_rig->session->doc.undo();
        m_rig->session->doc.undo();
        QCOMPARE(map().phrases.size(), phrases);
    }
    void everythingSaidIsForgottenInOneStep() {
        const Document before = m_rig->session->doc.document();
        caretTo(barStart(20));
        hand().thisIsAOne();
        hand().nudge(12);
        hand().namePhrase("ours");
        const Document said = m_rig->session->doc.document();
        const auto has = [&](const SongFact& fact) {
            return std::find(said.facts.begin(), said.facts.end(), fact) != said.facts.end();
        };
        QVERIFY(has(OneFact{before.map->beats[before.map->bars[20].firstBeat].time}) && has(NudgeFact{0.012}));
        hand().forgetAll();
        QVERIFY(m_rig->session->doc.document().facts.empty());
        m_rig->session->doc.undo();
        QVERIFY(m_rig->session->doc.document() == said);
        for (int k = 0; k < 3; ++k) m_rig->session->doc.undo();
        QVERIFY(m_rig->session->doc.document() == before);
    }
};

LIFTCOUNT_TEST(HandStatementsTest)
#include "tst_hand_statements.moc"
