#pragma once

#include "audio/listening/song_solver.h"

namespace lc {

/// What the solver knew when it decided, for asking where it could have decided otherwise.
struct Decision {
    const HeardSong& song;
    const std::vector<SongFact>& facts;
    const SongMap& map; ///< as shown
    const MetreReading& reading;
    const PulseCandidate& pulse;
    const std::vector<double>& one; ///< evidence for a 1 on each beat of the pulse
    std::size_t parts;              ///< beats of the map in a beat of the pulse
    const BarConstraints& known;
    const std::vector<double>& phraseEvidence;
};

/// Places where the second-best reading costs little more than the best, each with its readings and the facts that
/// state them; the worst first, at most eight. What was stated is not doubted.
[[nodiscard]] std::vector<SongDoubt> findDoubts(const Decision& decision);

} // namespace lc
