#pragma once

#include "audio/listening/listening_net.h"
#include "audio/listening/onset_functions.h"
#include "audio/listening/spectral_features.h"
#include "audio/sound/resample.h"
#include "audio/sound/song_sound.h"
#include "core/base/task.h"

#include <array>
#include <cstddef>
#include <memory>
#include <vector>

namespace lc {

/// Everything that is heard in a recording before any beat is decided: one pass over the sound, kept for solving again.
struct SongFeatures {
    OnsetFunctions onsets;
    SpectralFrames spectra;
    double seconds = 0;

    // Derived, by prepare(): what is asked for often.
    std::vector<float> flux, low, high,
        complexDomain;          ///< greatest value within 30 ms, as log(1 + x), at the onsets' rate
    std::vector<float> pitch;   ///< rise of pitch classes over 80 ms, at the spectra's step
    std::vector<float> harmony; ///< change of harmony over half a second, at the spectra's step
    HeardPlaces heard;          ///< what the listening net says, at the spectra's step
    /// Computes the derived functions and the running sums of the spectra. To be called once, before anything else
    /// reads them.
    void prepare();
    /// Value of a derived onset function at a moment; 0 outside.
    [[nodiscard]] double at(const std::vector<float>& function, double seconds) const;
    /// Change of harmony at a moment; 0 outside.
    [[nodiscard]] double harmonyAt(double seconds) const;
};

/// Listens to a recording that comes in parts, whatever its rate and channels; the whole of it is held nowhere. Uses
/// two threads in add().
class SongListener {
public:
    SongListener(int sampleRate, int channels);

    void add(const float* interleaved, std::size_t samples);
    [[nodiscard]] SongFeatures finish(); ///< once

private:
    void listen(const float* mono, std::size_t count);

    std::size_t m_channels;
    std::size_t m_frames = 0;
    int m_sampleRate;
    std::unique_ptr<StreamResampler> m_resampler;
    std::vector<float> m_mono;
    OnsetListener m_onsets;
    SpectrumListener m_spectra;
};

/// Features of a recording at hand. Empty onsets when the task was stopped. O(length).
[[nodiscard]] SongFeatures songFeatures(const AudioBuffer& sound, const Task& task = {});
[[nodiscard]] SongFeatures songFeatures(const SongSound& sound, const Task& task = {});

/// What can speak for a beat being the 1 of its bar; one value for each, higher is more, in standard deviations of the
/// song but for the last two.
enum BeatCue : std::size_t {
    HarmonyNear, ///< change of harmony from the beat before to this one
    HarmonyWide, ///< change of harmony from the beats before to the beats from here on, at least half a second each
    BassChange,  ///< the same in the bass register
    LowOnset,    ///< bass or bass drum begins
    Accent,      ///< strength of the onset
    HighOnset,   ///< cymbal or snare begins
    LevelRise,   ///< louder from here on than before
    HeardBeat,   ///< the listening net hears a beat: logarithm of odds
    HeardOne,    ///< it hears a 1
    cueCount
};
using BeatCues = std::array<double, cueCount>;

/// The cues at each of some beats, given in seconds, ascending. O(beats).
[[nodiscard]] std::vector<BeatCues> beatCues(const SongFeatures& song, const std::vector<double>& beats);

/// Which moment is asked for: the 1 of a bar whose beats are steady, the 1 of an uneven bar of eighths, the head of one
/// of its groups.
enum class StrongPlace { One, UnevenOne, UnevenGroup };

/// How much speaks for each beat being such a place: the logarithm of the odds beyond those of any beat. The 1 of
/// steady beats is told by small nets from the cues of seventeen beats, the others by logistic models from those of
/// five; all trained on made-up pieces (bench/listen).
[[nodiscard]] std::vector<double> strongPlaces(const std::vector<BeatCues>& cues, StrongPlace place);

} // namespace lc
