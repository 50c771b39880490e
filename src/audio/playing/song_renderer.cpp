#include "audio/playing/song_renderer.h"

#include <rubberband/RubberBandStretcher.h>

#include <algorithm>
#include <array>
#include <cmath>

namespace lc {

using RubberBand::RubberBandStretcher;

namespace {
constexpr std::size_t feedFrames = 1024; // that the stretcher is given at once: chosen, no source
constexpr double shortestLoop = 0.05;    // seconds: shorter is a tone, not a loop (20 Hz)
} // namespace

struct SongRenderer::Stretcher {
    Stretcher(int rate, double speed)
        : engine(static_cast<std::size_t>(rate), 2,
                 RubberBandStretcher::OptionProcessRealTime | RubberBandStretcher::OptionEngineFiner, 1.0 / speed,
                 1.0) {
        engine.setMaxProcessSize(feedFrames);
        const std::vector<float> silence(feedFrames, 0.0F);
        const std::array<const float*, 2> channels{silence.data(), silence.data()};
        for (std::size_t pad = engine.getPreferredStartPad(); pad > 0;) {
            const std::size_t now = std::min(pad, feedFrames);
            engine.process(channels.data(), now, false);
            pad -= now;
        }
        skip = engine.getStartDelay();
    }
    RubberBandStretcher engine;
    std::size_t skip = 0; // output frames that belong to the padding
    std::vector<float> left = std::vector<float>(feedFrames);
    std::vector<float> right = std::vector<float>(feedFrames);
};

SongRenderer::SongRenderer(std::shared_ptr<const SongSound> song, int sampleRate, double silentSeconds)
    : m_song(std::move(song)), m_rate(m_song ? m_song->sampleRate() : sampleRate),
      m_songFrames(m_song ? static_cast<std::int64_t>(m_song->frames()) : std::llround(silentSeconds * sampleRate)) {
    for (ClickKind kind : {ClickKind::Set, ClickKind::Bar, ClickKind::Count})
        m_sounds[static_cast<int>(kind)] = clickSound(kind, m_rate);
    restart();
}

SongRenderer::~SongRenderer() = default;

double SongRenderer::place() const {
    if (!m_stretcher) return static_cast<double>(m_read) / m_rate;
    const double input = static_cast<double>(m_output - m_anchorOutput) * m_speed;
    const Segment* at = &m_segments.front();
    for (const Segment& s : m_segments)
        if (static_cast<double>(s.input) <= input) at = &s;
    return std::min(static_cast<double>(m_songFrames),
                    static_cast<double>(at->song) + input - static_cast<double>(at->input)) /
           m_rate;
}

void SongRenderer::restart() {
    m_stretcher.reset();
    m_segments.clear();
    m_inputFed = 0;
    m_anchorOutput = m_output;
    if (m_speed == 1.0) return;
    m_stretcher = std::make_unique<Stretcher>(m_rate, m_speed);
    m_segments.push_back({0, m_read});
}

void SongRenderer::setSpeed(double speed) {
    speed = std::clamp(speed, 0.25, 2.0);
    if (speed == m_speed) return;
    m_read = std::llround(place() * m_rate);
    m_speed = speed;
    restart();
}

void SongRenderer::setLoop(std::optional<LoopSpan> loop) {
    if (loop && loop->to - loop->from < shortestLoop) loop.reset();
    const double here = place();
    m_loop = loop;
    if (loop && (here < loop->from || here >= loop->to))
        seek(loop->from);
    else
        seek(here);
}

void SongRenderer::seek(double seconds) {
    m_read = std::clamp<std::int64_t>(std::llround(seconds * m_rate), 0, m_songFrames);
    m_voices.clear();
    restart();
}

std::int64_t SongRenderer::loopEnd() const {
    if (!m_loop) return m_songFrames;
    return std::clamp<std::int64_t>(std::llround(m_loop->to * m_rate), 0, m_songFrames);
}

/// Frames that can be taken in one go from m_read, after jumping back at the end of the loop. 0 at the song's end.
std::size_t SongRenderer::nextSpan(std::size_t wanted) {
    if (m_loop && m_read >= loopEnd())
        m_read = std::clamp<std::int64_t>(std::llround(m_loop->from * m_rate), 0, m_songFrames);
    const std::int64_t end = m_loop && m_read < loopEnd() ? loopEnd() : m_songFrames;
    return static_cast<std::size_t>(std::clamp<std::int64_t>(end - m_read, 0, static_cast<std::int64_t>(wanted)));
}

void SongRenderer::addSong(float* out, std::int64_t songFrame, std::size_t frames) const {
    if (!m_song || !m_songHeard) return;
    const auto channels = static_cast<std::size_t>(m_song->channels());
    std::size_t in = static_cast<std::size_t>(songFrame) * channels;
    for (std::size_t i = 0; i < frames; ++i, in += channels) {
        out[2 * i] += (*m_song)[in];
        out[2 * i + 1] += (*m_song)[in + channels - 1];
    }
}

void SongRenderer::soundVoices(float* out, std::size_t frames) {
    for (Voice& voice : m_voices) {
        const std::vector<float>& sound = m_sounds[static_cast<int>(voice.kind)];
        for (std::size_t i = 0; i < frames && voice.age < sound.size(); ++i, ++voice.age) {
            out[2 * i] += sound[voice.age];
            out[2 * i + 1] += sound[voice.age];
        }
    }
    std::erase_if(m_voices, [&](const Voice& v) { return v.age >= m_sounds[static_cast<int>(v.kind)].size(); });
}

/// Clicks of the song span that `frames` frames from `fromSeconds` cover, and what still sounds of earlier ones.
void SongRenderer::addClicks(float* out, std::size_t frames, double fromSeconds, double speed) {
    if (!m_clicksHeard) {
        m_voices.clear();
        return;
    }
    soundVoices(out, frames);
    // A click belongs to the frame nearest to it; half a frame makes spans that meet share none and lose none.
    const double half = 0.5 * speed / m_rate;
    const double toSeconds = fromSeconds + static_cast<double>(frames) * speed / m_rate;
    auto click = std::lower_bound(m_clicks.begin(), m_clicks.end(), fromSeconds - half,
                                  [](const Click& c, double t) { return c.seconds < t; });
    for (; click != m_clicks.end() && click->seconds < toSeconds - half; ++click) {
        const auto offset =
            static_cast<std::size_t>(std::max(0L, std::lround((click->seconds - fromSeconds) * m_rate / speed)));
        if (offset >= frames) break;
        Voice voice{click->kind, 0};
        const std::vector<float>& sound = m_sounds[static_cast<int>(voice.kind)];
        for (std::size_t i = offset; i < frames && voice.age < sound.size(); ++i, ++voice.age) {
            out[2 * i] += sound[voice.age];
            out[2 * i + 1] += sound[voice.age];
        }
        if (voice.age < sound.size()) m_voices.push_back(voice);
    }
}

void SongRenderer::render(float* out, std::size_t frames, std::vector<PlaceMark>& marks) {
    std::fill_n(out, frames * 2, 0.0F);
    if (m_stretcher)
        stretched(out, frames, marks);
    else
        plain(out, frames, marks);
    for (std::size_t i = 0; i < frames * 2; ++i) out[i] = std::clamp(out[i], -1.0F, 1.0F);
}

void SongRenderer::plain(float* out, std::size_t frames, std::vector<PlaceMark>& marks) {
    while (frames > 0) {
        const std::size_t span = nextSpan(frames);
        marks.push_back({m_output, static_cast<double>(m_read) / m_rate, 1.0, span == 0});
        const std::size_t now = span == 0 ? frames : span;
        if (span > 0) {
            addSong(out, m_read, span);
            addClicks(out, span, static_cast<double>(m_read) / m_rate, 1.0);
            m_read += static_cast<std::int64_t>(span);
        } else
            soundVoices(out, now);
        out += now * 2;
        m_output += static_cast<std::int64_t>(now);
        frames -= now;
    }
}

void SongRenderer::feed(std::size_t frames) {
    Stretcher& s = *m_stretcher;
    const std::size_t span = nextSpan(frames);
    const std::size_t now = span == 0 ? frames : span;
    std::vector<float> block(now * 2, 0.0F);
    if (span > 0) {
        const Segment& last = m_segments.back();
        if (last.song + (m_inputFed - last.input) != m_read) m_segments.push_back({m_inputFed, m_read});
        addSong(block.data(), m_read, span);
        m_read += static_cast<std::int64_t>(span);
    }
    for (std::size_t i = 0; i < now; ++i) {
        s.left[i] = block[2 * i];
        s.right[i] = block[2 * i + 1];
    }
    const std::array<const float*, 2> channels{s.left.data(), s.right.data()};
    s.engine.process(channels.data(), now, false);
    m_inputFed += static_cast<std::int64_t>(now);
}

void SongRenderer::stretched(float* out, std::size_t frames, std::vector<PlaceMark>& marks) {
    Stretcher& s = *m_stretcher;
    std::array<float*, 2> channels{s.left.data(), s.right.data()};
    float* const begin = out;
    const std::int64_t first = m_output;
    std::size_t done = 0;
    while (done < frames) {
        const int ready = s.engine.available();
        if (ready <= 0) {
            feed(feedFrames);
            continue;
        }
        std::size_t take = std::min({static_cast<std::size_t>(ready), feedFrames, s.skip > 0 ? s.skip : frames - done});
        take = s.engine.retrieve(channels.data(), take);
        if (s.skip > 0) {
            s.skip -= std::min(s.skip, take);
            continue;
        }
        for (std::size_t i = 0; i < take; ++i) {
            out[2 * (done + i)] = s.left[i];
            out[2 * (done + i) + 1] = s.right[i];
        }
        done += take;
    }
    // The song span of each output span: output frame o comes from input (o − anchor) · speed.
    std::size_t at = 0;
    while (at < frames) {
        const double input = static_cast<double>(first + static_cast<std::int64_t>(at) - m_anchorOutput) * m_speed;
        std::size_t k = 0;
        while (k + 1 < m_segments.size() && static_cast<double>(m_segments[k + 1].input) <= input) ++k;
        std::size_t span = frames - at;
        if (k + 1 < m_segments.size())
            span =
                std::min(span, static_cast<std::size_t>(std::max(
                                   1.0, std::ceil((static_cast<double>(m_segments[k + 1].input) - input) / m_speed))));
        const double song = static_cast<double>(m_segments[k].song) + input - static_cast<double>(m_segments[k].input);
        const bool ended = song >= static_cast<double>(m_songFrames);
        marks.push_back({first + static_cast<std::int64_t>(at),
                         std::min(song, static_cast<double>(m_songFrames)) / m_rate, m_speed, ended});
        if (ended)
            soundVoices(begin + at * 2, span);
        else
            addClicks(begin + at * 2, span, song / m_rate, m_speed);
        at += span;
    }
    m_output = first + static_cast<std::int64_t>(frames);
    const double reached = static_cast<double>(m_output - m_anchorOutput) * m_speed;
    while (m_segments.size() > 1 && static_cast<double>(m_segments[1].input) <= reached)
        m_segments.erase(m_segments.begin());
}

} // namespace lc
