#pragma once

#include "core/song/song_map.h"

#include <optional>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

namespace lc {

// What a person stated about the song. Places are seconds, since bars and beats renumber when other facts change.
// A time means the beat within 70 ms of it, otherwise the nearest beat.

/// Part of a song, half-open.
struct SongSpan {
    Seconds from = 0;
    Seconds to = 0;
    bool operator==(const SongSpan&) const = default;
};

struct OneFact {
    Seconds at = 0;
    bool operator==(const OneFact&) const = default;
};               ///< a bar and a set start here
struct BarFact { ///< this bar has n beats
    Seconds at = 0;
    int beats = 4;
    std::vector<int> grouping = {};
    bool operator==(const BarFact&) const = default;
};
struct PhraseFact { ///< a phrase starts here
    Seconds at = 0;
    std::optional<int> beats; ///< with a length, no other phrase starts inside
    bool operator==(const PhraseFact&) const = default;
};
struct MetreFact { ///< of the whole song, or of a part
    Metre metre;
    std::optional<SongSpan> within = {};
    bool operator==(const MetreFact&) const = default;
};
struct BeatFact {
    Seconds at = 0;
    bool operator==(const BeatFact&) const = default;
};                 ///< a beat falls here
struct TempoFact { ///< of the whole song or a part, within 8 %
    Bpm bpm = 0;
    std::optional<SongSpan> within = {};
    bool operator==(const TempoFact&) const = default;
};
struct StopFact { ///< silence for n counts
    Seconds from = 0;
    Seconds to = 0;
    int beats = 0;
    bool operator==(const StopFact&) const = default;
};
struct FermataFact {
    Seconds from = 0;
    Seconds to = 0;
    bool operator==(const FermataFact&) const = default;
}; ///< one beat is held
/// Take every second beat, or put one between every two. 2 doubles, 1/2 (-2) halves.
struct PulseFact {
    int factor = 2;
    bool operator==(const PulseFact&) const = default;
};
struct NameFact {
    Seconds at = 0;
    std::string name;
    bool operator==(const NameFact&) const = default;
}; ///< of a phrase

/// Every beat that much later; several add up, to a tenth of a second at most.
struct NudgeFact {
    Seconds by = 0;
    bool operator==(const NudgeFact&) const = default;
};

using SongFact = std::variant<PulseFact, MetreFact, OneFact, BarFact, PhraseFact, NameFact, BeatFact, TempoFact,
                              StopFact, FermataFact, NudgeFact>;

/// A fact in words: "bar at 0:35.2 has 2 beats".
[[nodiscard]] Sentence describe(const SongFact& fact);

/// The map as detected with the facts put into it, without a new analysis:
/// pulse facts first, then the metre, then bars, phrases and names in the order of time.
/// A OneFact or BarFact moves the bars from itself to the next such fact by the fewest beats that make it true; the
/// first one governs the bars before it as well, so that "shift the 1" moves the whole song. Phrases keep their bars.
/// A stated place beyond 70 ms of every beat moves the nearest beat there.
/// The metre of a part cuts equal bars from its start to its end; the tempo of a part lays its beats evenly, unless it
/// has that tempo already. Errors: BadValue when two facts exclude each other (both are named) or a fact lies outside
/// the song. Never returns a map that validate() refuses. O(n · facts).
[[nodiscard]] Result<SongMap> withFacts(const SongMap& detected, const std::vector<SongFact>& facts);

/// A fact as a line of a facts file: `one 12.345`, `bar 12.345 7:3+2+2`, `phrase 30.2 32`. Nothing for names, pulses
/// and nudges, which have no line.
[[nodiscard]] std::optional<std::string> factLine(const SongFact& fact);

/// Reads a facts file: one fact a line, seconds as decimals, `#` begins a remark. `one T`, `bar T [N[:g+g]]`, `beat T`,
/// `tempo BPM [FROM TO]`, `metre M [FROM TO]`, `phrase T [N]`, `stop A B N`, `fermata A B`. Error BadNotation names the
/// line.
[[nodiscard]] Result<std::vector<SongFact>> readFacts(std::string_view text);

/// Two facts that exclude each other, in one sentence that names both; nothing when they agree.
[[nodiscard]] std::optional<Error> conflictIn(const std::vector<SongFact>& facts);

/// `facts` with `fact` added; a fact of the same kind at the same place (within 70 ms) is replaced. PulseFacts and
/// NudgeFacts add up.
[[nodiscard]] std::vector<SongFact> addFact(std::vector<SongFact> facts, const SongFact& fact);

} // namespace lc
