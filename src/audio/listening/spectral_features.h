#pragma once

#include <array>
#include <cstddef>
#include <memory>
#include <vector>

namespace lc {

/// What is heard in one short frame.
struct SpectralFrame {
    std::array<float, 12> chroma{}; ///< energy of each pitch class, C first
    std::array<float, 12> bass{};   ///< the same below 260 Hz, where the bass plays
    std::array<float, 6> bands{};   ///< log energy: below 150, 400, 1000, 2500, 6000 Hz and above
    float low = 0;                  ///< energy below 150 Hz
    float high = 0;                 ///< energy above 6 kHz
    float level = 0;                ///< root mean square
};

struct SpectralFrames {
    double step = 0.02; ///< seconds between frames
    std::vector<SpectralFrame> frames;

    /// Mean of the frames in a span; an empty frame outside. O(1) after summed().
    [[nodiscard]] SpectralFrame mean(double from, double to) const;
    /// How much pitch classes rise at a moment: the shares gained from the `span` seconds before to those after, 0
    /// to 1.
    [[nodiscard]] double pitchRise(double seconds, double span) const;
    /// Prepares mean(): running sums over all frames. Called once when the frames are there.
    void sumUp();

private:
    std::vector<std::array<double, 33>> m_sums; // of all frames before each
};

/// Short-time spectra (Hann window, FFTW) of a mono recording at 44.1 kHz that comes in parts, folded into pitch
/// classes and bands. Time linear in the samples.
class SpectrumListener {
public:
    SpectrumListener();
    ~SpectrumListener();
    SpectrumListener(const SpectrumListener&) = delete;
    SpectrumListener& operator=(const SpectrumListener&) = delete;

    void add(const float* samples, std::size_t count);
    [[nodiscard]] SpectralFrames finish(); ///< once; mean() is not prepared

private:
    struct State;
    std::unique_ptr<State> m_state;
};

} // namespace lc
