#pragma once

#include "audio/listening/bar_path.h"
#include "audio/listening/beat_evidence.h"

#include <array>
#include <cstddef>
#include <optional>
#include <string>
#include <vector>

namespace lc {

constexpr double slowestUneven = 0.31; ///< seconds of an eighth in an uneven bar; a beat that is shorter is heard in
                                       ///< one way only, unless its tempo is stated

/// One way to hear the pulse of a song: beats in seconds.
struct PulseCandidate {
    double period = 0;         ///< seconds, median
    double trackScore = 0;     ///< what the tracker gathered, a beat
    double later = 0;          ///< part of a beat by which the beats lie after the tracked ones
    bool loose = false;        ///< followed with the freedom of rubato
    bool soft = false;         ///< followed by soft onsets
    std::vector<double> beats; ///< seconds
    std::vector<double> held =
        {}; ///< seconds at which beats that are held begin, ascending; only refinedPulse() finds them
};

constexpr std::size_t readingCues = 100; ///< what speaks for a reading, see reading_cues.h

/// One way to hear a song: a pulse and the bars on it.
struct MetreReading {
    std::size_t pulse = 0;     ///< index of the candidate
    int beatsPerBar = 4;       ///< pulses in a bar
    std::vector<int> grouping; ///< of uneven bars, in pulses
    BarPath bars;
    bool steady = false; ///< all bars have that length; else the likeliest bars, some of another
    std::array<double, readingCues> cues{};
    double score = 0; ///< higher is likelier; differences are logarithms of odds
};

struct MetreReadings {
    std::vector<PulseCandidate> pulses;
    std::vector<MetreReading> readings; ///< the likeliest first
};

/// Beats of every pulse that the recording may have: the periods at which it repeats itself and their half, double,
/// third, triple, two thirds and one and a half, each also a quarter, a third, half … of a beat later.
/// With `only`, the pulses near that period in seconds instead, whatever the recording says.
[[nodiscard]] std::vector<PulseCandidate> pulseCandidates(const SongFeatures& song, const Task& task = {},
                                                          std::optional<double> only = std::nullopt);

/// Every pulse with every bar that people dance to, weighed by the evidence of the whole song: bars that are all alike,
/// beginning on each beat that they may begin on (of long bars the two likeliest), and, where the evidence wants some
/// of another length, those. Deterministic. The judge is trained by bench/listen.
[[nodiscard]] MetreReadings readMetre(const SongFeatures& song, const Task& task = {},
                                      std::optional<double> only = std::nullopt);

/// The evidence for the 1 of an uneven bar of this grouping at each beat: that of the beat itself and of the heads of
/// its groups, less that of the eighths between.
[[nodiscard]] std::vector<double> unevenOnes(const std::vector<double>& one, const std::vector<double>& group,
                                             const std::vector<int>& grouping);

} // namespace lc
