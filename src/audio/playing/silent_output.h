#pragma once

#include "audio/playing/audio_output.h"

#include <atomic>
#include <functional>
#include <mutex>
#include <thread>

namespace lc {

/// An output that makes no sound and is run by a clock: the stand-in for a sound card.
/// With the steady clock it runs by itself; a test gives its own clock and calls pump() after moving it.
class SilentOutput : public AudioOutput {
public:
    using Clock = std::function<double()>; ///< seconds, never going back

    SilentOutput();                     ///< run by the computer's steady clock, in a thread of its own
    explicit SilentOutput(Clock clock); ///< run by pump() alone
    ~SilentOutput() override;

    bool start(int sampleRate, Pull pull) override;
    void stop() override;
    [[nodiscard]] double latencySeconds() const override { return 0; }

    /// Pulls the frames that are due by the clock.
    void pump();

private:
    Clock m_clock;
    bool m_ownThread = false;
    std::mutex m_lock;
    Pull m_pull;
    int m_rate = 0;
    double m_startedAt = 0;
    long long m_pulled = 0;
    std::jthread m_thread;
};

} // namespace lc
