#include "audio/listening/listening_net.h"

#include "audio/listening/beat_evidence.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {

#include "audio/listening/listening_net.inc"

constexpr std::size_t width = std::size(first_bias);
using Cells = std::vector<std::array<float, width>>;

/// Weights of a convolution as the loops below want them: [tap][in][out]; the training writes [out][in][tap].
template <std::size_t Outputs>
class Convolution {
public:
    template <std::size_t Weights>
    Convolution(const float (&weights)[Weights], const float (&bias)[Outputs], std::size_t taps)
        : m_taps(taps), m_inputs(Weights / Outputs / taps), m_weights(Weights / Outputs) {
        std::copy(std::begin(bias), std::end(bias), m_bias.begin());
        for (std::size_t o = 0; o < Outputs; ++o)
            for (std::size_t i = 0; i < m_inputs; ++i)
                for (std::size_t t = 0; t < taps; ++t)
                    m_weights[t * m_inputs + i][o] = weights[(o * m_inputs + i) * taps + t];
    }

    /// The output at frame `at`; frames outside are silent.
    template <typename Frame>
    [[nodiscard]] std::array<float, Outputs> operator()(const std::vector<Frame>& in, std::size_t at,
                                                        std::size_t dilation) const {
        std::array<float, Outputs> out = m_bias;
        for (std::size_t t = 0; t < m_taps; ++t) {
            const std::ptrdiff_t from = static_cast<std::ptrdiff_t>(at) +
                                        (static_cast<std::ptrdiff_t>(t) - static_cast<std::ptrdiff_t>(m_taps / 2)) *
                                            static_cast<std::ptrdiff_t>(dilation);
            if (from < 0 || from >= static_cast<std::ptrdiff_t>(in.size())) continue;
            const Frame& frame = in[static_cast<std::size_t>(from)];
            for (std::size_t i = 0; i < m_inputs; ++i) {
                const float value = frame[i];
                const auto& row = m_weights[t * m_inputs + i];
                for (std::size_t o = 0; o < Outputs; ++o) out[o] += value * row[o];
            }
        }
        return out;
    }

private:
    std::size_t m_taps, m_inputs;
    std::array<float, Outputs> m_bias{};
    std::vector<std::array<float, Outputs>> m_weights;
};

template <std::size_t N>
void rectify(std::array<float, N>& values) {
    for (float& v : values) v = std::max(0.0F, v);
}

struct Net {
    static constexpr std::size_t taps = 5; // of each convolution: as it was trained (bench/listen/train.py)
    Convolution<width> first{first_weight, first_bias, 3};
    struct Block {
        Convolution<width> wide, mix;
    };
    std::vector<Block> blocks{{{block0_wide_weight, block0_wide_bias, taps}, {block0_mix_weight, block0_mix_bias, 1}},
                              {{block1_wide_weight, block1_wide_bias, taps}, {block1_mix_weight, block1_mix_bias, 1}},
                              {{block2_wide_weight, block2_wide_bias, taps}, {block2_mix_weight, block2_mix_bias, 1}},
                              {{block3_wide_weight, block3_wide_bias, taps}, {block3_mix_weight, block3_mix_bias, 1}},
                              {{block4_wide_weight, block4_wide_bias, taps}, {block4_mix_weight, block4_mix_bias, 1}},
                              {{block5_wide_weight, block5_wide_bias, taps}, {block5_mix_weight, block5_mix_bias, 1}},
                              {{block6_wide_weight, block6_wide_bias, taps}, {block6_mix_weight, block6_mix_bias, 1}},
                              {{block7_wide_weight, block7_wide_bias, taps}, {block7_mix_weight, block7_mix_bias, 1}},
                              {{block8_wide_weight, block8_wide_bias, taps}, {block8_mix_weight, block8_mix_bias, 1}}};
    Convolution<3> last{last_weight, last_bias, 1};

    /// How far to either side of a frame something may lie that it still hears.
    [[nodiscard]] std::size_t reach() const { return 1 + taps / 2 * ((std::size_t{1} << blocks.size()) - 1); }

    /// What is said of the frames from `from` to `to`, put behind what `out` has, when only those from `firstHeard` to
    /// `lastHeard` are heard.
    void hear(const std::vector<NetFrame>& frames, std::size_t firstHeard, std::size_t from, std::size_t to,
              std::size_t lastHeard, HeardPlaces& out) const;
};

void Net::hear(const std::vector<NetFrame>& frames, std::size_t firstHeard, std::size_t from, std::size_t to,
               std::size_t lastHeard, HeardPlaces& out) const {
    const std::size_t n = lastHeard - firstHeard;
    Cells cells(n), next(n);
    for (std::size_t t = 0; t < n; ++t) {
        cells[t] = first(frames, firstHeard + t, 1);
        rectify(cells[t]);
    }
    std::size_t dilation = 1;
    for (const Block& block : blocks) {
        for (std::size_t t = 0; t < n; ++t) {
            next[t] = block.wide(cells, t, dilation);
            rectify(next[t]);
        }
        for (std::size_t t = 0; t < n; ++t) {
            const auto mixed = block.mix(next, t, 1);
            for (std::size_t k = 0; k < width; ++k) cells[t][k] += mixed[k];
        }
        dilation *= 2;
    }
    for (std::size_t t = from - firstHeard; t < to - firstHeard; ++t) {
        rectify(cells[t]);
        const auto said = last(cells, t, 1);
        out.beat.push_back(said[0]);
        out.one.push_back(said[1]);
        out.phrase.push_back(said[2]);
    }
}

constexpr std::size_t stretch =
    8192; // frames that are heard at once, and as far as the net hears to either side of them

} // namespace

double HeardPlaces::at(const std::vector<float>& places, double seconds) const {
    const auto here = static_cast<std::ptrdiff_t>(std::lround(seconds / step));
    double best = never;
    for (std::ptrdiff_t k = here - 1; k <= here + 1; ++k)
        if (k >= 0 && k < static_cast<std::ptrdiff_t>(places.size()))
            best = std::max(best, static_cast<double>(places[static_cast<std::size_t>(k)]));
    return std::min(best, surely);
}

std::vector<NetFrame> netFrames(const SongFeatures& song) {
    const auto& frames = song.spectra.frames;
    std::vector<NetFrame> out(frames.size());
    if (frames.empty()) return out;
    std::array<double, 6> bands{};
    double level = 0;
    const auto loud = [](const SpectralFrame& f) { return std::log(1e-4 + static_cast<double>(f.level)); };
    for (const SpectralFrame& f : frames) {
        for (std::size_t k = 0; k < bands.size(); ++k)
            bands[k] += static_cast<double>(f.bands[k]) / static_cast<double>(frames.size());
        level += loud(f) / static_cast<double>(frames.size());
    }
    const double perFrame = song.spectra.step * song.onsets.rate;
    const auto strongest = [&](const std::vector<float>& function, std::size_t i) {
        const auto from = static_cast<std::size_t>(std::max(0.0, (static_cast<double>(i) - 0.5) * perFrame)),
                   to = std::min(function.size(), static_cast<std::size_t>((static_cast<double>(i) + 0.5) * perFrame));
        float best = 0;
        for (std::size_t k = from; k < to; ++k) best = std::max(best, function[k]);
        return std::log1p(best);
    };
    const auto shares = [](const std::array<float, 12>& energy, float* to) {
        float sum = 1e-9F;
        for (float e : energy) sum += e;
        for (std::size_t k = 0; k < 12; ++k) to[k] = std::sqrt(energy[k] / sum);
    };
    for (std::size_t i = 0; i < frames.size(); ++i) {
        NetFrame& o = out[i];
        o[0] = strongest(song.onsets.flux, i);
        o[1] = strongest(song.onsets.low, i);
        o[2] = strongest(song.onsets.high, i);
        o[3] = strongest(song.onsets.complexDomain, i);
        for (std::size_t k = 0; k < 6; ++k)
            o[4 + k] =
                std::clamp(0.5F * static_cast<float>(static_cast<double>(frames[i].bands[k]) - bands[k]), -3.0F, 3.0F);
        shares(frames[i].chroma, &o[10]);
        shares(frames[i].bass, &o[22]);
        o[34] = std::clamp(static_cast<float>(loud(frames[i]) - level), -3.0F, 3.0F);
        o[35] = 3 * song.pitch[i];
        o[36] = 3 * song.harmony[i];
    }
    return out;
}

HeardPlaces hearPlaces(const std::vector<NetFrame>& frames) {
    static const Net net;
    const std::size_t n = frames.size(), reach = net.reach();
    HeardPlaces out;
    for (std::vector<float>* places : {&out.beat, &out.one, &out.phrase}) places->reserve(n);
    for (std::size_t from = 0; from < n; from += stretch) {
        const std::size_t to = std::min(n, from + stretch);
        net.hear(frames, from > reach ? from - reach : 0, from, to, std::min(n, to + reach), out);
    }
    return out;
}

} // namespace lc
