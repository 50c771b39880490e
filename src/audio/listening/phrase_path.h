#pragma once

#include "audio/listening/phrase_cues.h"

#include <cstddef>
#include <string>
#include <vector>

namespace lc {

/// How much speaks for a phrase beginning with each bar: the logarithm of the odds beyond those of any bar. Small
/// nets hear the bar's cues and those of its neighbours, trained on the development half (bench/listen).
[[nodiscard]] std::vector<double> phraseStarts(const std::vector<PhraseCues>& cues);

/// What a phrase of so many bars (1 or more) costs against the evidence for its start: −0.7 times the logarithm of how
/// common the length is, by the development half and, for what it has not, by guess; less for a short one that is the
/// song's last.
[[nodiscard]] double phraseLengthPrice(std::size_t bars, bool last);

/// What is known of the phrases for certain, in bars.
struct PhraseConstraints {
    std::vector<std::size_t> starts;    ///< a phrase starts with this bar
    std::vector<std::size_t> notStarts; ///< none does
};

/// Phrases of a song as numbers of bars: each gathers the evidence of its first bar, less the price of its length (8
/// bars cheapest, then 4 and 16; none is forbidden). Constraints bind hard. Exact, by dynamic programming. O(bars ×
/// 24).
[[nodiscard]] std::vector<std::size_t> solvePhrases(const std::vector<double>& starts,
                                                    const PhraseConstraints& known = {});

/// A name for each phrase: "Tune I", "Tune II" … in order of appearance, the same where the music returns, numbered
/// ("Tune I 2"); unlike the names of a dance's parts. "Intro" for an opening that never returns and "Ending" for a
/// short last phrase that never did. `alike` is barLikeness().
[[nodiscard]] std::vector<std::string> phraseNames(const std::vector<std::size_t>& phrases,
                                                   const std::vector<std::vector<float>>& alike);

} // namespace lc
