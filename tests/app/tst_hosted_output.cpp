// The sound does not stop when the interface is held up.
#include "support/test_program.h"

#include "app/base/hosted_output.h"
#include "audio/playing/player.h"

#include <QElapsedTimer>
#include <QTimer>
#include <QtTest>

#include <atomic>
#include <chrono>
#include <thread>
#include <vector>

using namespace lc;

namespace {

/// Pulls as Qt's PulseAudio and ALSA sinks do: by a timer of the thread that started it, as much as a small device
/// buffer has room for. What was due while the timer was late is lost: the device has played silence meanwhile.
class TimedOutput : public AudioOutput {
public:
    explicit TimedOutput(std::atomic<int>& lateMilliseconds, std::atomic<long>& pulled)
        : m_late(lateMilliseconds), m_pulled(pulled) {}
    bool start(int sampleRate, Pull pull) override {
        m_timer = std::make_unique<QTimer>();
        m_timer->setTimerType(Qt::PreciseTimer);
        m_clock.start();
        QObject::connect(m_timer.get(), &QTimer::timeout, m_timer.get(), [this, sampleRate, pull = std::move(pull)] {
            const auto milliseconds = static_cast<int>(m_clock.restart());
            if (milliseconds > 100) m_late += milliseconds - 100; // the buffer of 100 ms had run dry
            const auto frames = static_cast<std::size_t>(sampleRate * std::min(milliseconds, 100) / 1000);
            m_block.resize(frames * 2);
            pull(m_block.data(), frames);
            m_pulled += static_cast<long>(frames);
        });
        m_timer->start(10);
        return true;
    }
    void stop() override { m_timer.reset(); }
    double latencySeconds() const override { return 0.1; }

private:
    std::atomic<int>& m_late;
    std::atomic<long>& m_pulled;
    std::unique_ptr<QTimer> m_timer;
    QElapsedTimer m_clock;
    std::vector<float> m_block;
};

void holdUpTheInterface() {
    std::this_thread::sleep_for(std::chrono::milliseconds(300));
} // no event is handled meanwhile: the stall itself

} // namespace

class HostedOutputTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// In the interface's own thread this would fail each time. A busy machine may hold up the output's thread too, for
    /// a moment that says nothing of the program: then it is tried again.
    void aStallOfTheInterfaceIsNotHeard() {
        bool heard = true;
        for (int attempt = 0; heard && attempt < 8; ++attempt) {
            std::atomic<int> late{0};
            std::atomic<long> pulled{0};
            Player player(
                std::make_unique<app::HostedOutput>([&] { return std::make_unique<TimedOutput>(late, pulled); }),
                Player::Filling::Ahead);
            player.setSong(nullptr, 20);
            QTest::qWait(50); // the filler has filled the ring
            QVERIFY(player.play());
            QTRY_VERIFY(pulled > 1000);
            const long before = pulled;
            holdUpTheInterface();
            heard = pulled - before <= 44100 / 5 || late != 0 || player.missedFrames() != 0 || player.position() <= 0.1;
            player.pause();
            const long after = pulled;
            QTest::qWait(50);
            QCOMPARE(pulled.load(), after);
        }
        QVERIFY2(!heard, "the output slept with the interface");
    }
    /// The same output in the interface's own thread: what the test above would see there.
    void inTheInterfacesThreadItWouldBeHeard() {
        std::atomic<int> late{0};
        std::atomic<long> pulled{0};
        Player player(std::make_unique<TimedOutput>(late, pulled), Player::Filling::Ahead);
        player.setSong(nullptr, 20);
        QVERIFY(player.play());
        QTRY_VERIFY(pulled > 1000);
        holdUpTheInterface();
        QTRY_VERIFY(late > 100);
        player.pause();
    }
    void problemsAreHandedOn() {
        struct Refusing : AudioOutput {
            bool start(int, Pull) override { return false; }
            void stop() override {}
            double latencySeconds() const override { return 0; }
            std::string problem() const override { return "no device"; }
        };
        app::HostedOutput output([] { return std::make_unique<Refusing>(); });
        QVERIFY(!output.start(44100, [](float*, std::size_t) {}));
        QCOMPARE(output.problem(), std::string("no device"));
    }
};

LIFTCOUNT_TEST(HostedOutputTest)
#include "tst_hosted_output.moc"
