#include "audio/playing/player.h"

#include <algorithm>
#include <chrono>
#include <cstring>

namespace lc {

Player::Player(std::unique_ptr<AudioOutput> output, Filling filling)
    : m_output(std::move(output)), m_filling(filling),
      m_renderer(std::make_unique<SongRenderer>(nullptr, usualRate, 0)), m_ring(ringFrames * 2) {
    if (m_filling == Filling::Ahead) m_filler = std::jthread([this](const std::stop_token& stop) { fillLoop(stop); });
}

Player::~Player() {
    m_output->stop();
    if (m_filler.joinable()) {
        m_filler.request_stop();
        m_wake.notify_all();
    }
}

void Player::setSong(std::shared_ptr<const SongSound> song, double silentSeconds) {
    pause();
    change([&] {
        m_renderer = std::make_unique<SongRenderer>(std::move(song), usualRate, silentSeconds);
        m_rendered = 0;
        m_renderer->setClicks(m_clicks);
        m_renderer->setClicksHeard(m_clicksHeard);
        m_renderer->setSpeed(m_speed);
        m_loop.reset();
    });
}

/// Applies a change at the place that is heard now and drops what was rendered ahead.
template <typename Change>
void Player::change(Change&& what) {
    const std::lock_guard lock(m_lock);
    what();
    m_marks.clear();
    m_skipTo.store(m_written.load());
    m_marks.push_back({m_written.load(), m_renderer->place(), m_speed, false});
    m_markShift = m_written.load() - m_rendered;
    m_wake.notify_all();
}

void Player::setClicks(std::vector<Click> clicks) {
    const double here = position();
    m_clicks = std::move(clicks);
    change([&] {
        m_renderer->setClicks(m_clicks);
        m_renderer->seek(here);
    });
}

void Player::setClicksHeard(bool heard) {
    const double here = position();
    m_clicksHeard = heard;
    change([&] {
        m_renderer->setClicksHeard(heard);
        m_renderer->seek(here);
    });
}

void Player::setSpeed(double speed) {
    const double here = position();
    m_speed = std::clamp(speed, 0.25, 2.0);
    change([&] {
        m_renderer->setSpeed(m_speed);
        m_renderer->seek(here);
    });
}

void Player::setLoop(std::optional<LoopSpan> loop) {
    const double here = position();
    m_loop = loop;
    change([&] {
        m_renderer->seek(here);
        m_renderer->setLoop(loop);
    });
}

void Player::seek(double seconds) {
    change([&] { m_renderer->seek(seconds); });
}

bool Player::play() {
    if (m_playing) return true;
    if (atEnd()) seek(m_loop ? m_loop->from : 0);
    m_playing =
        m_output->start(m_renderer->sampleRate(), [this](float* out, std::size_t frames) { pull(out, frames); });
    return m_playing;
}

void Player::pause() {
    if (!m_playing) return;
    const double here = position();
    m_output->stop();
    m_playing = false;
    change([&] { m_renderer->seek(here); });
}

double Player::songSeconds() const {
    const std::lock_guard lock(m_lock);
    return m_renderer->songSeconds();
}

std::optional<PlaceMark> Player::markAt(std::int64_t frame) const {
    std::optional<PlaceMark> found;
    for (const PlaceMark& mark : m_marks)
        if (!found || mark.outputFrame <= frame) found = mark;
    return found;
}

double Player::position() const {
    const std::lock_guard lock(m_lock);
    const int rate = m_renderer->sampleRate();
    const auto latency = m_playing ? static_cast<std::int64_t>(m_output->latencySeconds() * rate) : 0;
    const std::int64_t heard = std::max(m_read.load(), m_skipTo.load()) - latency;
    const auto mark = markAt(heard);
    if (!mark) return m_renderer->place();
    if (mark->ended || heard < mark->outputFrame) return mark->seconds;
    const double here = mark->seconds + static_cast<double>(heard - mark->outputFrame) * mark->speed / rate;
    return std::min(here, m_renderer->songSeconds());
}

bool Player::atEnd() const { return position() >= songSeconds() - 0.001; }

/// The output's callback. With a device: atomics and copying only.
void Player::pull(float* out, std::size_t frames) {
    std::int64_t read = std::max(m_read.load(std::memory_order_relaxed), m_skipTo.load(std::memory_order_acquire));
    std::size_t done = 0;
    while (done < frames) {
        if (m_filling == Filling::OnPull && m_written.load() <= read) {
            const std::lock_guard lock(m_lock);
            fillSome();
            read = std::max(read, m_skipTo.load());
        }
        const std::int64_t ready = m_written.load(std::memory_order_acquire) - read;
        if (ready <= 0) break;
        const std::size_t at = static_cast<std::size_t>(read) % ringFrames;
        const std::size_t now = std::min({frames - done, static_cast<std::size_t>(ready), ringFrames - at});
        std::memcpy(out + done * 2, m_ring.data() + at * 2, now * 2 * sizeof(float));
        done += now;
        read += static_cast<std::int64_t>(now);
    }
    if (done < frames) {
        std::memset(out + done * 2, 0, (frames - done) * 2 * sizeof(float));
        m_missed.fetch_add(static_cast<long long>(frames - done));
    }
    m_read.store(read, std::memory_order_release);
}

/// Renders one block into the ring; false when it is full enough. The lock is held.
bool Player::fillSome() {
    const std::int64_t read = std::max(m_read.load(std::memory_order_acquire), m_skipTo.load());
    const std::int64_t written = m_written.load();
    // Stale frames still lie before m_skipTo until the callback has passed them: their room is not free yet.
    if (written - read >= static_cast<std::int64_t>(aheadFrames)) return false;
    if (written + static_cast<std::int64_t>(blockFrames) - m_read.load() > static_cast<std::int64_t>(ringFrames))
        return false;
    float block[blockFrames * 2];
    std::vector<PlaceMark> marks;
    m_renderer->render(block, blockFrames, marks);
    for (PlaceMark& mark : marks) {
        mark.outputFrame += m_markShift;
        m_marks.push_back(mark);
    }
    while (m_marks.size() > 2 && m_marks[1].outputFrame < read - 2 * m_renderer->sampleRate())
        m_marks.erase(m_marks.begin());
    m_rendered += static_cast<std::int64_t>(blockFrames);
    for (std::size_t i = 0; i < blockFrames; ++i) {
        const std::size_t at = static_cast<std::size_t>(written + static_cast<std::int64_t>(i)) % ringFrames;
        m_ring[at * 2] = block[i * 2];
        m_ring[at * 2 + 1] = block[i * 2 + 1];
    }
    m_written.store(written + static_cast<std::int64_t>(blockFrames), std::memory_order_release);
    return true;
}

void Player::fillLoop(const std::stop_token& stop) {
    std::unique_lock lock(m_lock);
    while (!stop.stop_requested()) {
        if (fillSome()) {
            lock.unlock(); // let the interface in between two blocks
            lock.lock();
            continue;
        }
        m_wake.wait_for(lock, stop, std::chrono::milliseconds(10), [] { return false; });
    }
}

} // namespace lc
