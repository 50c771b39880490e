#pragma once

#include <cstddef>
#include <memory>
#include <vector>

namespace lc {

/// A short-time transform of real samples with a Hann window of fixed length (FFTW). One object for each thread.
class RealFourier {
public:
    explicit RealFourier(std::size_t window);
    ~RealFourier();
    RealFourier(const RealFourier&) = delete;
    RealFourier& operator=(const RealFourier&) = delete;

    [[nodiscard]] std::size_t bins() const { return m_window / 2 + 1; }
    /// Transforms a window of samples.
    void transform(const float* samples);
    /// Real and imaginary parts of all bins, one after another; valid until the next transform.
    [[nodiscard]] const float* spectrum() const;

private:
    struct Plan;
    std::size_t m_window;
    std::vector<float> m_shape;
    std::unique_ptr<Plan> m_plan;
};

/// Windows of a recording that comes in parts: one centred on every `hop`th sample, silence before and behind the
/// sound.
class SlidingWindow {
public:
    SlidingWindow(std::size_t window, std::size_t hop) : m_window(window), m_hop(hop), m_held(window / 2, 0.0F) {}

    /// Calls frame(samples) for each window that is complete after these samples.
    template <typename Frame>
    void add(const float* samples, std::size_t count, const Frame& frame) {
        m_held.insert(m_held.end(), samples, samples + count);
        m_size += count;
        give(frame);
    }
    /// Calls it for the windows that reach beyond the sound, until `frames` were given in all.
    template <typename Frame>
    void finish(std::size_t frames, const Frame& frame) {
        while (m_given < frames) {
            m_held.resize(m_held.size() + m_hop, 0.0F);
            give(frame);
        }
    }
    [[nodiscard]] std::size_t size() const { return m_size; } ///< samples that came

private:
    template <typename Frame>
    void give(const Frame& frame) {
        std::size_t at = 0;
        for (; m_held.size() - at >= m_window; at += m_hop, ++m_given) frame(m_held.data() + at);
        m_held.erase(m_held.begin(), m_held.begin() + static_cast<std::ptrdiff_t>(at));
    }

    std::size_t m_window, m_hop;
    std::size_t m_size = 0, m_given = 0;
    std::vector<float> m_held;
};

} // namespace lc
