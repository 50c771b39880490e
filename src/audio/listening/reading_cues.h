#pragma once

#include "audio/listening/metre_reading.h"

#include <array>
#include <vector>

namespace lc {

/// Moments that tell where the beat is by themselves: where anything is first heard, the first and the last clear
/// onset, and where the song changes most.
struct TellingMoments {
    double begins = 0, first = 0, last = 0;
    std::vector<double> changes;
};

[[nodiscard]] TellingMoments tellingMoments(const SongFeatures& song);

/// How much people like to count at a tempo, 1 at the best: the effective resonance of van Noorden, Moelants,
/// "Resonance in the perception of musical pulse", Journal of New Music Research, 1999, with its peak near two beats a
/// second. `bpm` above 0.
[[nodiscard]] double pulseResonance(double bpm);

/// What speaks for a pulse, whatever its bars.
struct PulseEvidence {
    std::vector<double> one, unevenOne, unevenGroup; ///< of each beat, as strongPlaces() says
    std::vector<double> likeness;                    ///< how alike the song is to itself so many beats later
    std::array<double, 22> cues{};
    std::array<double, 7> moments{};
    std::array<double, 8> heard{};     ///< what the listening net says of the beats and of what lies between
    std::vector<double> heardOnes;     ///< and of each beat being a 1: logarithms of odds
    std::array<double, 9> onesAgain{}; ///< how alike its word for a 1 is to itself so many beats later: correlations
    std::vector<BeatCues> beats;       ///< of each beat
    std::vector<double> phraseStarts;  ///< the net's word for a phrase that begins on each beat: odds, 0 to 1
    std::vector<int> telling;          ///< beats on which the song changes most
    int begins = -1, first = -1, last = -1; ///< the beats of what is heard first, of the first and of the last clear
                                            ///< onset; −1 where that lies beside the beats
    std::vector<double> returns;            ///< how alike what sounds is to itself so many beats later
    std::array<double, 4> counted{};        ///< how people like to count at its tempo
    double alternation = 0;                 ///< low on every second beat, high on the others
};
[[nodiscard]] PulseEvidence evidenceOf(const SongFeatures& song, const PulseCandidate& pulse,
                                       const TellingMoments& telling);

/// The cues of bars on a pulse. `uneven`: its beats are the eighths of uneven bars. `best`: the score of the best bars
/// of that length.
[[nodiscard]] std::array<double, readingCues> cuesOf(const PulseEvidence& evidence, const PulseCandidate& pulse,
                                                     const BarPath& bars, int beatsPerBar, bool uneven, double best);

} // namespace lc
