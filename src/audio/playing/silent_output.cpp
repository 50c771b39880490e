#include "audio/playing/silent_output.h"

#include <algorithm>
#include <chrono>
#include <vector>

namespace lc {

namespace {
double steadySeconds() {
    return std::chrono::duration<double>(std::chrono::steady_clock::now().time_since_epoch()).count();
}
} // namespace

SilentOutput::SilentOutput() : m_clock(steadySeconds), m_ownThread(true) {}
SilentOutput::SilentOutput(Clock clock) : m_clock(std::move(clock)) {}
SilentOutput::~SilentOutput() { stop(); }

bool SilentOutput::start(int sampleRate, Pull pull) {
    stop();
    {
        const std::lock_guard lock(m_lock);
        m_rate = sampleRate;
        m_pull = std::move(pull);
        m_startedAt = m_clock();
        m_pulled = 0;
    }
    if (m_ownThread)
        m_thread = std::jthread([this](const std::stop_token& stop) {
            while (!stop.stop_requested()) {
                pump();
                std::this_thread::sleep_for(std::chrono::milliseconds(5));
            }
        });
    return true;
}

void SilentOutput::stop() {
    if (m_thread.joinable()) {
        m_thread.request_stop();
        m_thread.join();
    }
    const std::lock_guard lock(m_lock);
    m_pull = nullptr;
}

void SilentOutput::pump() {
    const std::lock_guard lock(m_lock);
    if (!m_pull) return;
    const auto due = static_cast<long long>((m_clock() - m_startedAt) * m_rate + 1e-6);
    std::vector<float> scratch(2048);
    while (m_pulled < due) {
        const long long now = std::min<long long>(due - m_pulled, 1024);
        m_pull(scratch.data(), static_cast<std::size_t>(now));
        m_pulled += now;
    }
}

} // namespace lc
