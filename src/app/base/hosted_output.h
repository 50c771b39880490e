#pragma once

#include "audio/playing/audio_output.h"

#include <QThread>

#include <functional>
#include <memory>

namespace lc::app {

/// An output in a thread of its own with an event loop. Qt's sinks pull sound by a timer in the thread that made them:
/// in the interface's they would be silent whenever a menu, a dialog or a long repaint holds it up.
class HostedOutput : public AudioOutput {
public:
    /// `make` is called once, in the new thread; what it makes is used and deleted there.
    explicit HostedOutput(std::function<std::unique_ptr<AudioOutput>()> make);
    ~HostedOutput() override;

    bool start(int sampleRate, Pull pull) override;
    void stop() override;
    [[nodiscard]] double latencySeconds() const override { return m_latency; }
    void setVolume(double volume) override;
    [[nodiscard]] std::string problem() const override { return m_problem; }

private:
    template <typename What>
    void there(const What& what); ///< in the other thread, and waits for it

    QThread m_thread;
    QObject* m_home = nullptr; ///< lives there
    std::unique_ptr<AudioOutput> m_output;
    double m_latency = 0; // of the last start(); this thread's
    std::string m_problem;
};

} // namespace lc::app
