#include "audio/listening/phrase_cues.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace lc {

namespace {

constexpr std::size_t slots = 8; // of a bar, in which its rhythm is heard

/// What a bar sounds like: harmony of its halves, bass, bands, and its rhythm.
std::vector<float> soundOf(const SongFeatures& song, double from, double to) {
    std::vector<float> out;
    for (int half = 0; half < 2; ++half) {
        const double a = from + 0.5 * half * (to - from), b = from + 0.5 * (half + 1) * (to - from);
        const SpectralFrame f = song.spectra.mean(a, b);
        float chroma = 1e-9F, bass = 1e-9F;
        for (std::size_t k = 0; k < 12; ++k) {
            chroma += f.chroma[k];
            bass += f.bass[k];
        }
        for (std::size_t k = 0; k < 12; ++k) out.push_back(f.chroma[k] / chroma);
        for (std::size_t k = 0; k < 12; ++k) out.push_back(f.bass[k] / bass);
        for (float band : f.bands) out.push_back(band);
    }
    for (std::size_t s = 0; s < slots; ++s) {
        const double at = from + static_cast<double>(s) / slots * (to - from);
        out.push_back(static_cast<float>(song.at(song.low, at)));
        out.push_back(static_cast<float>(song.at(song.high, at)));
        out.push_back(static_cast<float>(song.at(song.flux, at)));
    }
    return out;
}

/// Weight of each dimension: harmony, bass, bands and rhythm speak equally loud.
float weightOf(std::size_t dimension) {
    constexpr std::size_t half = 30; // dimensions: 12 pitch classes, 12 of the bass, 6 bands
    if (dimension >= 2 * half) return 1.0F / (3 * slots);
    const std::size_t k = dimension % half;
    return k < 12 ? 1.0F / 24 : k < 24 ? 1.0F / 24 : 1.0F / 12;
}

double noveltyAt(const std::vector<std::vector<float>>& alike, std::size_t k, std::size_t reach) {
    double within = 0, across = 0;
    int w = 0, a = 0;
    const std::size_t from = k >= reach ? k - reach : 0;
    const std::size_t to = std::min(alike.size(), k + reach);
    for (std::size_t i = from; i < to; ++i)
        for (std::size_t j = from; j < i; ++j) {
            const bool same = (i < k) == (j < k);
            (same ? within : across) += static_cast<double>(alike[i][j]);
            ++(same ? w : a);
        }
    return (w ? within / w : 0) - (a ? across / a : 0);
}

} // namespace

std::vector<std::vector<float>> barLikeness(const SongFeatures& song, const std::vector<double>& bars) {
    const std::size_t n = bars.size() < 2 ? 0 : bars.size() - 1;
    std::vector<std::vector<float>> sound;
    for (std::size_t b = 0; b < n; ++b) sound.push_back(soundOf(song, bars[b], bars[b + 1]));
    if (n == 0) return {};
    const std::size_t width = sound.front().size();
    for (std::size_t d = 0; d < width; ++d) { // centred and scaled
        double mean = 0, square = 0;
        for (const auto& s : sound) {
            mean += static_cast<double>(s[d]);
            square += static_cast<double>(s[d]) * static_cast<double>(s[d]);
        }
        mean /= static_cast<double>(n);
        const double deviation = std::sqrt(std::max(0.0, square / static_cast<double>(n) - mean * mean));
        const float scale = deviation > 1e-9 ? std::sqrt(weightOf(d)) / static_cast<float>(deviation) : 0.0F;
        for (auto& s : sound) s[d] = (s[d] - static_cast<float>(mean)) * scale;
    }
    std::vector<float> length(n);
    for (std::size_t b = 0; b < n; ++b) {
        float square = 1e-9F;
        for (float v : sound[b]) square += v * v;
        length[b] = std::sqrt(square);
    }
    std::vector<std::vector<float>> alike(n, std::vector<float>(n, 1.0F));
    for (std::size_t i = 0; i < n; ++i)
        for (std::size_t j = 0; j < i; ++j) {
            float dot = 0;
            for (std::size_t d = 0; d < width; ++d) dot += sound[i][d] * sound[j][d];
            alike[i][j] = alike[j][i] = dot / (length[i] * length[j]);
        }
    return alike;
}

std::vector<PhraseCues> phraseCues(const SongFeatures& song, const std::vector<double>& bars,
                                   const std::vector<int>& beats) {
    const std::size_t n = bars.size() < 2 ? 0 : bars.size() - 1;
    std::vector<PhraseCues> cues(n);
    if (n < 2) return cues;
    const auto alike = barLikeness(song, bars);
    std::map<int, int> lengths;
    for (int b : beats) ++lengths[b];
    const int usual = std::max_element(lengths.begin(), lengths.end(), [](const auto& a, const auto& b) {
                          return a.second < b.second;
                      })->first;
    constexpr std::size_t run = 4; // bars over which a repeat is recognised
    const auto alikeRun = [&](std::size_t i, std::size_t j, std::size_t count) {
        double sum = 0;
        std::size_t k = 0;
        for (; k < count && i + k < n && j + k < n; ++k) sum += static_cast<double>(alike[i + k][j + k]);
        return k ? sum / static_cast<double>(k) : 0;
    };
    std::vector<double> busy(n);
    for (std::size_t b = 0; b < n; ++b) {
        double sum = 0;
        for (int s = 8; s < 16; ++s) { // the bar's second half
            const double at = bars[b] + s / 16.0 * (bars[b + 1] - bars[b]);
            sum += song.at(song.flux, at) + song.at(song.low, at) + song.at(song.high, at);
        }
        busy[b] = sum;
    }
    for (std::size_t b = 1; b < n; ++b) {
        PhraseCues& c = cues[b];
        c[NoveltyShort] = noveltyAt(alike, b, 2);
        c[NoveltyMiddle] = noveltyAt(alike, b, 4);
        c[NoveltyLong] = noveltyAt(alike, b, 8);
        double before = 0, after = 0;
        for (std::size_t j = 0; j < n; ++j) {
            if (j + 2 > b && j < b + 2) continue; // itself and its neighbours
            const double gain = alikeRun(b, j, run) - (j > 0 ? static_cast<double>(alike[b - 1][j - 1]) : 0.0);
            if (alikeRun(b, j, run) < 0.25) continue;
            if (j < b)
                before = std::max(before, gain);
            else
                after = std::max(after, gain);
        }
        c[RepeatBegins] = before;
        c[RepeatLater] = after;
        const double early = std::min(0.5, 0.3 * (bars[b + 1] - bars[b]));
        c[Crash] = static_cast<double>(song.spectra.mean(bars[b] + 0.04, bars[b] + early).bands[5]) -
                   static_cast<double>(song.spectra.mean(bars[b - 1] + 0.04, bars[b - 1] + early).bands[5]);
        c[FillBefore] = busy[b - 1] - 0.5 * (busy[b] + (b >= 2 ? busy[b - 2] : busy[b]));
        const std::size_t from = b >= 4 ? b - 4 : 0, to = std::min(n, b + 4);
        c[LevelStep] = std::abs(std::log((1e-4 + static_cast<double>(song.spectra.mean(bars[b], bars[to]).level)) /
                                         (1e-4 + static_cast<double>(song.spectra.mean(bars[from], bars[b]).level))));
        c[OddBefore] = beats[b - 1] != usual ? 1.0 : 0.0;
        c[HeardPhrase] = song.heard.at(song.heard.phrase, bars[b]);
    }
    for (std::size_t k = 0; k < phraseCueCount; ++k) {
        if (k == OddBefore || k == HeardPhrase) continue;
        double mean = 0, square = 0;
        for (std::size_t b = 1; b < n; ++b) {
            mean += cues[b][k];
            square += cues[b][k] * cues[b][k];
        }
        mean /= static_cast<double>(n - 1);
        const double deviation = std::sqrt(std::max(0.0, square / static_cast<double>(n - 1) - mean * mean));
        for (std::size_t b = 1; b < n; ++b)
            cues[b][k] = deviation > 1e-9 ? std::clamp((cues[b][k] - mean) / deviation, -3.0, 4.0) : 0;
    }
    return cues;
}

} // namespace lc
