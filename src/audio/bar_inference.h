#pragma once

#include <cstddef>
#include <vector>

namespace lc {

/// What speaks for a 1 at each beat; higher is more. Each list has one entry for each beat.
struct BeatEvidence {
    std::vector<double> harmony; ///< how much the harmony changes at the beat
    std::vector<double> bass;    ///< how much low sound begins there
    std::vector<double> accent;  ///< how strong the beat's onset is
    std::vector<double> back;    ///< how much bright noise (a snare) sounds on it; strong on 2 and 4
};

struct InferredBars {
    int beatsPerBar = 4;
    std::size_t pickup = 0;    ///< beats before the first bar
    std::vector<int> lengths;  ///< beats of each bar, to the last beat
    double margin = 0;         ///< how much better than the best other metre, per bar
    std::vector<double> one;   ///< evidence for a 1 at each beat, in standard deviations
};

/// Bars of a song: the usual length is 3 or 4 beats, whichever explains the evidence better; other lengths are
/// possible at a price. Solved exactly by dynamic programming over beats. O(beats × longest bar).
[[nodiscard]] InferredBars inferBars(const BeatEvidence& evidence);

/// An odd bar just before a phrase's last bar is moved to the phrase's end where the evidence hardly minds: music adds
/// or drops beats at the end of a thought far more often (common practice, no source). `phrases` in bars. O(phrases).
void settleOddBars(InferredBars& bars, const std::vector<std::size_t>& phrases);

} // namespace lc
