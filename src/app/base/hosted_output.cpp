#include "app/base/hosted_output.h"

#include <QMetaObject>

namespace lc::app {

HostedOutput::HostedOutput(std::function<std::unique_ptr<AudioOutput>()> make) {
    m_thread.setObjectName(QStringLiteral("sound"));
    m_thread.start(QThread::TimeCriticalPriority); // where the system allows it; no more than copying is done there
    m_home = new QObject;
    m_home->moveToThread(&m_thread);
    there([&] { m_output = make(); });
}

HostedOutput::~HostedOutput() {
    there([&] { m_output.reset(); });
    m_thread.quit();
    m_thread.wait();
    delete m_home;
}

template <typename What>
void HostedOutput::there(const What& what) {
    QMetaObject::invokeMethod(m_home, what, Qt::BlockingQueuedConnection);
}

bool HostedOutput::start(int sampleRate, Pull pull) {
    bool started = false;
    there([&] {
        started = m_output->start(sampleRate, std::move(pull));
        m_latency = m_output->latencySeconds();
        m_problem = m_output->problem();
    });
    return started;
}

void HostedOutput::stop() {
    there([&] { m_output->stop(); });
}

void HostedOutput::setVolume(double volume) {
    there([&] { m_output->setVolume(volume); });
}

} // namespace lc::app
