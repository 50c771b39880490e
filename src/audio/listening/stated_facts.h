#pragma once

#include "core/song/song_facts.h"

#include <cstddef>
#include <optional>
#include <vector>

namespace lc {

/// Index of the time that is nearest to `at`; `times` ascending, not empty.
[[nodiscard]] std::size_t nearest(const std::vector<double>& times, double at);

/// A part of the song that a person gave its own metre or tempo.
struct OwnPart {
    SongSpan span;
    std::optional<Metre> metre;
    std::optional<Bpm> bpm;
};

/// The parts in the order of the song; metre and tempo of the same part are one.
[[nodiscard]] std::vector<OwnPart> ownParts(const std::vector<SongFact>& facts);

/// The time a fact speaks of, or nothing when it is of the whole song or of a part.
[[nodiscard]] std::optional<Seconds> placeOf(const SongFact& fact);

/// Is the time in the part? Its start is, its end is not.
[[nodiscard]] bool inside(const OwnPart& part, Seconds at);

/// Facts about the song outside its own parts: those inside bind there.
[[nodiscard]] std::vector<SongFact> factsOutside(const std::vector<OwnPart>& parts, std::vector<SongFact> facts);

/// What was stated of the whole song, sorted by what it speaks of.
struct Stated {
    std::vector<double> places; ///< beats fall here, ascending
    std::vector<double> beats;  ///< those stated as beats only
    std::vector<OneFact> ones;
    std::vector<BarFact> bars;
    std::vector<PhraseFact> phrases;
    std::vector<StopFact> stops;
    std::vector<FermataFact> fermatas;
    std::optional<TempoFact> tempo;
    std::optional<MetreFact> metre;

    explicit Stated(const std::vector<SongFact>& facts);
};

} // namespace lc
