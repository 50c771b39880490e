#pragma once

#include "audio/playing/clicks.h"
#include "audio/sound/song_sound.h"

#include <cstdint>
#include <memory>
#include <optional>
#include <vector>

namespace lc {

/// A stretch of the song that repeats, in seconds, half-open.
struct LoopSpan {
    double from = 0;
    double to = 0;
    bool operator==(const LoopSpan&) const = default;
};

/// From this output frame on, the song runs from `seconds` at `speed`.
struct PlaceMark {
    std::int64_t outputFrame = 0;
    double seconds = 0;
    double speed = 1;
    bool ended = false; ///< the song is over: silence follows
};

/// Produces what is heard: the song at a speed (pitch kept by Rubber Band's R3 engine), looped, with clicks laid on
/// top after stretching, so that they stay crisp and exactly on their counts. Not safe for use by two threads at once.
class SongRenderer {
public:
    /// `song` may be null: then there are only clicks, for `silentSeconds`.
    SongRenderer(std::shared_ptr<const SongSound> song, int sampleRate, double silentSeconds);
    ~SongRenderer();
    SongRenderer(const SongRenderer&) = delete;
    SongRenderer& operator=(const SongRenderer&) = delete;

    void setClicks(std::vector<Click> clicks) { m_clicks = std::move(clicks); }
    void setClicksHeard(bool heard) { m_clicksHeard = heard; }
    void setSongHeard(bool heard) { m_songHeard = heard; }
    /// 0.25 to 2 times the song's tempo; takes effect from the place reached.
    void setSpeed(double speed);
    /// A loop shorter than 50 ms is ignored. If the place reached lies outside, playing goes on from the loop's start.
    void setLoop(std::optional<LoopSpan> loop);
    void seek(double seconds);

    /// Seconds of the song that the next frame comes from.
    [[nodiscard]] double place() const;
    [[nodiscard]] double songSeconds() const { return static_cast<double>(m_songFrames) / m_rate; }
    [[nodiscard]] int sampleRate() const { return m_rate; }

    /// Writes `frames` interleaved stereo frames to `out` and appends a mark for each change of place.
    void render(float* out, std::size_t frames, std::vector<PlaceMark>& marks);

private:
    struct Voice {
        ClickKind kind;
        std::size_t age;
    };
    struct Segment { // of the stretcher's input: from this input frame on, song frames from here
        std::int64_t input;
        std::int64_t song;
    };
    void restart();
    void plain(float* out, std::size_t frames, std::vector<PlaceMark>& marks);
    void stretched(float* out, std::size_t frames, std::vector<PlaceMark>& marks);
    std::size_t nextSpan(std::size_t wanted);
    void feed(std::size_t frames);
    void addSong(float* out, std::int64_t songFrame, std::size_t frames) const;
    void addClicks(float* out, std::size_t frames, double fromSeconds, double speed);
    void soundVoices(float* out, std::size_t frames);
    [[nodiscard]] std::int64_t loopEnd() const;

    std::shared_ptr<const SongSound> m_song;
    int m_rate;
    std::int64_t m_songFrames;
    std::vector<Click> m_clicks;
    bool m_clicksHeard = true;
    bool m_songHeard = true;
    double m_speed = 1;
    std::optional<LoopSpan> m_loop;

    std::int64_t m_read = 0;   // next song frame to take
    std::int64_t m_output = 0; // frames written since the beginning
    // stretching
    struct Stretcher;
    std::unique_ptr<Stretcher> m_stretcher;
    std::int64_t m_anchorOutput = 0; // output frame of input frame 0
    std::int64_t m_inputFed = 0;
    std::vector<Segment> m_segments;

    std::vector<float> m_sounds[3];
    std::vector<Voice> m_voices;
};

} // namespace lc
