#include "support/audio_support.h"
#include "support/core_support.h"

#include "audio/playing/player.h"
#include "audio/playing/silent_output.h"

using namespace lc;

namespace {

/// A player on a silent output whose clock the test moves.
struct Rig {
    double now = 100;
    SilentOutput* output = nullptr;
    std::unique_ptr<Player> player;

    explicit Rig(double seconds = 20) {
        auto silent = std::make_unique<SilentOutput>([this] { return now; });
        output = silent.get();
        player = std::make_unique<Player>(std::move(silent), Player::Filling::OnPull);
        player->setSong(std::make_shared<const SongSound>(test::tone(seconds, 220)), 0);
    }
    void pass(double seconds) {
        now += seconds;
        output->pump();
    }
};

} // namespace

class PlayerTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void thePlaceFollowsTheSampleClock() {
        Rig rig;
        QCOMPARE(rig.player->position(), 0.0);
        QVERIFY(rig.player->play());
        rig.pass(1.5);
        QVERIFY(qAbs(rig.player->position() - 1.5) < 1e-4);
        rig.pass(0.25);
        QVERIFY(qAbs(rig.player->position() - 1.75) < 1e-4);
        rig.player->pause();
        rig.pass(5);
        QVERIFY(qAbs(rig.player->position() - 1.75) < 1e-4);
        QVERIFY(rig.player->play());
        rig.pass(1);
        QVERIFY(qAbs(rig.player->position() - 2.75) < 1e-4);
    }
    void seekingMovesAtOnce() {
        Rig rig;
        rig.player->play();
        rig.pass(1);
        rig.player->seek(7.5);
        QCOMPARE(rig.player->position(), 7.5);
        rig.pass(0.5);
        QVERIFY(qAbs(rig.player->position() - 8.0) < 1e-4);
        rig.player->seek(-3);
        QCOMPARE(rig.player->position(), 0.0);
        rig.player->seek(99);
        QCOMPARE(rig.player->position(), 20.0);
    }
    void aLoopComesRoundExactly() {
        Rig rig;
        rig.player->play();
        rig.player->setLoop(LoopSpan{3, 4});
        QCOMPARE(rig.player->position(), 3.0);
        rig.pass(2.3);
        QVERIFY(qAbs(rig.player->position() - 3.3) < 1e-3);
        rig.player->setLoop(std::nullopt);
        rig.pass(2);
        QVERIFY(qAbs(rig.player->position() - 5.3) < 1e-3);
    }
    void aSlowerSongMovesSlower() {
        Rig rig;
        rig.player->setSpeed(0.8);
        rig.player->play();
        rig.pass(5);
        QVERIFY(qAbs(rig.player->position() - 4.0) < 2e-3);
        rig.player->setSpeed(1.0);
        rig.pass(1);
        QVERIFY(qAbs(rig.player->position() - 5.0) < 2e-3);
        rig.player->setSpeed(99);
        QCOMPARE(rig.player->speed(), 2.0);
    }
    void theEndIsTheEndAndPlayBeginsAgain() {
        Rig rig(2);
        rig.player->play();
        rig.pass(3);
        QVERIFY(rig.player->atEnd());
        QCOMPARE(rig.player->position(), 2.0);
        rig.player->pause();
        rig.player->play();
        rig.pass(0.5);
        QVERIFY(qAbs(rig.player->position() - 0.5) < 1e-3);
    }
    void aStructureWithoutSoundPlaysItsClicks() {
        Rig rig;
        rig.player->setSong(nullptr, 10);
        rig.player->setClicks({{1, ClickKind::Set}});
        rig.player->play();
        rig.pass(4);
        QVERIFY(qAbs(rig.player->position() - 4) < 1e-4);
        QCOMPARE(rig.player->songSeconds(), 10.0);
    }
    /// With a filler thread and a consumer of its own pace nothing is missed and the place ascends.
    void theRingBufferIsKeptFull() {
        auto silent = std::make_unique<SilentOutput>(); // its own thread, by the steady clock
        Player player(std::move(silent), Player::Filling::Ahead);
        player.setSong(std::make_shared<const SongSound>(test::tone(30, 220)), 0);
        player.play();
        QTRY_VERIFY(player.position() > 0.2);
        double last = 0;
        for (int i = 0; i < 200; ++i) {
            const double here = player.position();
            QVERIFY(here >= last);
            last = here;
            if (i % 40 == 20) {
                player.seek(last + 1);
                last = player.position();
            }
        }
        const double here = player.position();
        QTRY_VERIFY(player.position() > here + 0.1);
        player.pause();
        const double stopped = player.position();
        QCOMPARE(player.position(), stopped);
    }
};

LIFTCOUNT_TEST(PlayerTest)
#include "tst_player.moc"
