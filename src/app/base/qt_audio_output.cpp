#include "app/base/qt_audio_output.h"

#include "app/base/hosted_output.h"
#include "app/base/settings.h"

#include <QAudioFormat>
#include <QAudioSink>
#include <QIODevice>
#include <QMediaDevices>

#include <algorithm>
#include <atomic>
#include <cstring>
#include <vector>

namespace lc::app {

namespace {

/// Gives Qt the frames it asks for. Its buffer is made once; the callback neither allocates nor locks.
class PullDevice : public QIODevice {
public:
    PullDevice(AudioOutput::Pull pull, bool floats, const std::atomic<float>& volume)
        : m_pull(std::move(pull)), m_floats(floats), m_volume(volume), m_block(2 * blockFrames) {
        open(QIODevice::ReadOnly | QIODevice::Unbuffered);
    }
    bool isSequential() const override { return true; }
    qint64 bytesAvailable() const override { return 1 << 20; }

protected:
    qint64 readData(char* data, qint64 most) override {
        const qint64 frameBytes = m_floats ? 8 : 4;
        qint64 done = 0;
        for (qint64 frames = most / frameBytes; frames > 0;) {
            const auto now = static_cast<std::size_t>(std::min<qint64>(frames, blockFrames));
            m_pull(m_block.data(), now);
            const float volume = m_volume.load(std::memory_order_relaxed);
            for (std::size_t i = 0; i < now * 2; ++i) m_block[i] *= volume;
            if (m_floats)
                std::memcpy(data + done, m_block.data(), now * 8);
            else
                for (std::size_t i = 0; i < now * 2; ++i) {
                    const auto sample = static_cast<qint16>(std::clamp(m_block[i], -1.0F, 1.0F) * 32767.0F);
                    std::memcpy(data + done + static_cast<qint64>(i * 2), &sample, 2);
                }
            done += static_cast<qint64>(now) * frameBytes;
            frames -= static_cast<qint64>(now);
        }
        return done;
    }
    qint64 writeData(const char*, qint64) override { return -1; }

private:
    static constexpr qint64 blockFrames = 1024;
    AudioOutput::Pull m_pull;
    bool m_floats;
    const std::atomic<float>& m_volume;
    std::vector<float> m_block;
};

class QtAudioOutput : public AudioOutput {
public:
    ~QtAudioOutput() override { QtAudioOutput::stop(); }

    bool start(int sampleRate, Pull pull) override {
        stop();
        const QAudioDevice device = wantedDevice();
        if (device.isNull()) {
            m_problem = "This computer has no sound output. The counts still run, silently.";
            return false;
        }
        QAudioFormat format;
        format.setSampleRate(sampleRate);
        format.setChannelCount(2);
        format.setSampleFormat(QAudioFormat::Float);
        if (!device.isFormatSupported(format)) format.setSampleFormat(QAudioFormat::Int16);
        m_device =
            std::make_unique<PullDevice>(std::move(pull), format.sampleFormat() == QAudioFormat::Float, m_volume);
        m_sink = std::make_unique<QAudioSink>(device, format);
        m_sink->setBufferSize(sampleRate / 10 * format.bytesPerFrame()); // 100 ms: safe, and soon enough for a person
        m_sink->start(m_device.get());
        if (m_sink->error() != QAudio::NoError && m_sink->error() != QAudio::UnderrunError) {
            m_problem = "The sound output could not be opened. Another program may hold it.";
            stop();
            return false;
        }
        m_latency = std::max(0.0, static_cast<double>(m_sink->bufferSize()) / format.bytesPerFrame() / sampleRate +
                                      settings::soundLate() / 1000.0);
        return true;
    }
    void stop() override {
        if (m_sink) m_sink->stop();
        m_sink.reset();
        m_device.reset();
    }
    void setVolume(double volume) override { m_volume = static_cast<float>(volume); }
    [[nodiscard]] double latencySeconds() const override { return m_latency; }
    [[nodiscard]] std::string problem() const override { return m_problem; }

private:
    /// The one that was chosen while it is there, else that of the system.
    static QAudioDevice wantedDevice() {
        const QByteArray wanted = settings::soundDevice();
        for (const QAudioDevice& device : QMediaDevices::audioOutputs())
            if (!wanted.isEmpty() && device.id() == wanted) return device;
        return QMediaDevices::defaultAudioOutput();
    }

    std::atomic<float> m_volume{1};
    std::unique_ptr<PullDevice> m_device;
    std::unique_ptr<QAudioSink> m_sink;
    double m_latency = 0;
    std::string m_problem;
};

} // namespace

std::unique_ptr<AudioOutput> makeQtAudioOutput() {
    return std::make_unique<HostedOutput>([] { return std::make_unique<QtAudioOutput>(); });
}

std::vector<SoundDevice> soundDevices() {
    std::vector<SoundDevice> all;
    for (const QAudioDevice& device : QMediaDevices::audioOutputs()) all.push_back({device.id(), device.description()});
    return all;
}

bool hasAudioDevice() { return !QMediaDevices::defaultAudioOutput().isNull(); }

} // namespace lc::app
