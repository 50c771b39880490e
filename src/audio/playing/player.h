#pragma once

#include "audio/playing/audio_output.h"
#include "audio/playing/song_renderer.h"

#include <atomic>
#include <condition_variable>
#include <memory>
#include <mutex>
#include <optional>
#include <thread>
#include <vector>

namespace lc {

/// Plays a song with clicks. A filler thread renders ahead into a ring buffer; the output's callback only copies from
/// it (no lock, no allocation). The place shown anywhere follows the frames that were really played: the sample clock.
/// All functions are for one thread, the interface's.
class Player {
public:
    enum class Filling {
        Ahead,  ///< for real devices: a thread of its own keeps the ring buffer full
        OnPull, ///< for the silent output, which has time: rendered when it is asked for
    };

    Player(std::unique_ptr<AudioOutput> output, Filling filling);
    ~Player();
    Player(const Player&) = delete;
    Player& operator=(const Player&) = delete;

    /// Stops and takes another song. Null = clicks alone for `silentSeconds`.
    void setSong(std::shared_ptr<const SongSound> song, double silentSeconds);
    void setClicks(std::vector<Click> clicks);
    void setClicksHeard(bool heard);
    void setSpeed(double speed);                                   ///< 0.25 to 2
    void setVolume(double volume) { m_output->setVolume(volume); } ///< 0 to 1, of everything
    void setLoop(std::optional<LoopSpan> loop);
    void seek(double seconds);
    /// False when the output refuses; problem() says why.
    bool play();
    void pause();

    [[nodiscard]] bool playing() const { return m_playing; }
    [[nodiscard]] bool atEnd() const;
    [[nodiscard]] double speed() const { return m_speed; }
    [[nodiscard]] std::optional<LoopSpan> loop() const { return m_loop; }
    [[nodiscard]] double songSeconds() const;
    /// Seconds in the song of what is heard now.
    [[nodiscard]] double position() const;
    [[nodiscard]] std::string problem() const { return m_output->problem(); }
    /// Frames the output asked for that were not ready.
    [[nodiscard]] long long missedFrames() const { return m_missed.load(); }

private:
    void pull(float* out, std::size_t frames);
    void fillLoop(const std::stop_token& stop);
    bool fillSome();
    template <typename Change>
    void change(Change&& what);
    [[nodiscard]] std::optional<PlaceMark> markAt(std::int64_t frame) const;

    static constexpr std::size_t ringFrames = 1 << 15;  // 0.74 s at 44.1 kHz
    static constexpr std::size_t blockFrames = 512;     // 12 ms at the usual rate
    static constexpr std::size_t aheadFrames = 1 << 13; // rendered ahead at most: 0.19 s

    std::unique_ptr<AudioOutput> m_output;
    Filling m_filling;
    bool m_playing = false;
    double m_speed = 1;
    std::optional<LoopSpan> m_loop;
    bool m_clicksHeard = true;
    std::vector<Click> m_clicks;

    mutable std::mutex m_lock; // guards renderer, marks and the writing side; never taken in the callback of a device
    std::unique_ptr<SongRenderer> m_renderer;
    std::vector<PlaceMark> m_marks; // of frames in the ring and just played
    std::int64_t m_markShift = 0;   // ring frame = renderer frame + shift
    std::int64_t m_rendered = 0;    // renderer's own frame counter

    std::vector<float> m_ring;
    std::atomic<std::int64_t> m_written{0};
    std::atomic<std::int64_t> m_read{0};
    std::atomic<std::int64_t> m_skipTo{0}; // frames before this are stale and are dropped by the callback
    std::atomic<long long> m_missed{0};
    std::condition_variable_any m_wake;
    std::jthread m_filler;
};

} // namespace lc
