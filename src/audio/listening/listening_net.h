#pragma once

#include <array>
#include <cstddef>
#include <vector>

namespace lc {

struct SongFeatures;

/// What a net hears in a song: for every SpectralFrames::step how likely a beat, the 1 of a bar, and the start of a
/// phrase are there, as logarithms of odds.
struct HeardPlaces {
    double step = 0.02; ///< seconds
    std::vector<float> beat, one, phrase;

    /// The greatest value within a step of a moment, kept from `never` to `surely`; `never` outside.
    [[nodiscard]] double at(const std::vector<float>& places, double seconds) const;
    static constexpr double never = -6,
                            surely = 4; // logarithms of odds, beyond which the net is not trusted: chosen, no source
};

constexpr std::size_t netInputs = 37; ///< of a frame, see netFrames()
using NetFrame = std::array<float, netInputs>;

/// What the net is given, every SpectralFrames::step: how strongly something begins (four ways), the bands' loudness
/// against the song's, pitch classes of all and of the bass as roots of their shares, the level, and how pitch classes
/// change over 80 ms and half a second. The derived functions must be there. O(length).
[[nodiscard]] std::vector<NetFrame> netFrames(const SongFeatures& song);

/// What the net says: a stack of dilated convolutions that hears 20 s to either side of each moment, after Davies,
/// Böck, "Temporal convolutional networks for musical audio beat tracking", EUSIPCO 2019, much narrower and on our own
/// features; trained by bench/listen/train_net.py. Deterministic. About 35,000 multiplications a frame, a quarter more
/// in long songs, which are heard in stretches: beside the frames about 2 MB, however long the song is.
[[nodiscard]] HeardPlaces hearPlaces(const std::vector<NetFrame>& frames);

} // namespace lc
