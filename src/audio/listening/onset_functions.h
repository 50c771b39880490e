#pragma once

#include <cstddef>
#include <memory>
#include <vector>

namespace lc {

/// How strongly something begins, at every frame of a recording, heard in four ways. All four have the same length, are
/// not negative, and are levelled: each is divided by its own local strength, so that a quiet verse speaks as clearly
/// as a loud chorus.
struct OnsetFunctions {
    double rate = 0;                  ///< frames a second
    std::vector<float> flux;          ///< rise of a logarithmic spectrum, slides of pitch taken out
    std::vector<float> complexDomain; ///< change of amplitude and phase against steady sound
    std::vector<float> low;           ///< rise below 180 Hz: bass and bass drum
    std::vector<float> high;          ///< rise above 5 kHz: cymbals and snares
    std::vector<float> level;         ///< root mean square of the frame, not levelled

    [[nodiscard]] std::size_t size() const { return flux.size(); }
    [[nodiscard]] double secondsOf(double frame) const { return frame / rate; }
};

/// Onset functions of a mono recording at 44.1 kHz that comes in parts; frame k is centred on k / rate seconds.
/// Flux: Böck, Widmer, "Maximum filter vibrato suppression for onset detection", DAFx 2013. Complex domain, rising half
/// only: Dixon, "Onset detection revisited", DAFx 2006. Time linear in the samples; until finish() some 60 kB are held
/// for each second.
class OnsetListener {
public:
    OnsetListener();
    ~OnsetListener();
    OnsetListener(const OnsetListener&) = delete;
    OnsetListener& operator=(const OnsetListener&) = delete;

    void add(const float* samples, std::size_t count);
    [[nodiscard]] OnsetFunctions finish(); ///< once

private:
    struct State;
    std::unique_ptr<State> m_state;
};

} // namespace lc
