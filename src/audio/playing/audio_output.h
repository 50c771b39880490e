#pragma once

#include <cstddef>
#include <functional>
#include <string>

namespace lc {

/// Where sound goes: a real device, or a silent one run by a clock.
class AudioOutput {
public:
    /// Fills `frames` interleaved stereo frames. Called from a thread of the output's own, so that nothing the
    /// interface does holds the sound up (Qt's sinks pull in the thread that made them: HostedOutput gives them one);
    /// only a stand-in that is run by hand pulls where its pump() is called.
    using Pull = std::function<void(float* out, std::size_t frames)>;

    AudioOutput() = default;
    AudioOutput(const AudioOutput&) = delete;
    AudioOutput& operator=(const AudioOutput&) = delete;
    virtual ~AudioOutput() = default;

    /// Begins to pull. False when the device refuses; problem() then says why.
    virtual bool start(int sampleRate, Pull pull) = 0;
    virtual void stop() = 0;
    /// Seconds between a frame being pulled and being heard.
    [[nodiscard]] virtual double latencySeconds() const = 0;
    /// 0 to 1 of what is pulled; may be called while it plays.
    virtual void setVolume(double) {}
    [[nodiscard]] virtual std::string problem() const { return {}; }
};

} // namespace lc
