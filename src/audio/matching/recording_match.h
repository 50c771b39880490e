#pragma once

#include "audio/listening/beat_evidence.h"
#include "core/song/song_facts.h"

#include <optional>
#include <vector>

namespace lc {

/// Where one recording of a song stands in another: stretches that both have, in the order of both.
class RecordingMatch {
public:
    struct Point {
        Seconds from = 0;
        Seconds to = 0;
    };                                  ///< the same moment in the one and in the other
    using Stretch = std::vector<Point>; ///< ascending, at least two points, straight between them

    explicit RecordingMatch(std::vector<Stretch> stretches = {}) : m_stretches(std::move(stretches)) {}
    [[nodiscard]] const std::vector<Stretch>& stretches() const { return m_stretches; }
    /// The moment in the other recording; nothing where it lacks it.
    [[nodiscard]] std::optional<Seconds> carried(Seconds from) const;
    /// Share of the first recording, `seconds` long, that the other has: 0 to 1.
    [[nodiscard]] double covered(double seconds) const;

private:
    std::vector<Stretch> m_stretches;
};

/// Matches two recordings by what they sound like: harmony, bass and brightness in frames of a tenth of a second or
/// more, the best path with any number of cuts and insertions at a price each (dynamic time warping, Sakoe, Chiba,
/// "Dynamic programming algorithm optimization for spoken word recognition", 1978, with the affine gaps of Gotoh, "An
/// improved algorithm for matching biological sequences", 1982); then to a few milliseconds by their onsets.
/// `tempoRatio`: beats of `to` last that many times those of `from`, about. Another key is tried too. Deterministic.
/// O(length²), at most about 0.3 s. Nothing alike: no stretches.
[[nodiscard]] RecordingMatch matchRecordings(const SongFeatures& from, const SongFeatures& to, double tempoRatio = 1);

} // namespace lc
