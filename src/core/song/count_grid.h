#pragma once

#include "core/base/tick.h"
#include "core/song/counting_scheme.h"
#include "core/song/song_map.h"

#include <optional>
#include <string>
#include <vector>

namespace lc {

class Sentence;

/// One count of the music.
struct CountCell {
    Seconds start = 0;
    int number = 1;       ///< music count: place in the set, from 1
    int bar = -1;         ///< index into SongMap::bars, −1 in the pick-up
    int beatInBar = 1;    ///< the beat on which the count starts, from 1
    int set = -1;         ///< index into CountGrid::sets(), −1 in the pick-up
    int phrase = -1;      ///< index into CountGrid::phrases(), −1 in the pick-up
    int phraseOffset = 0; ///< counts since the phrase began, from 0
    bool barStart = false;
};

/// The run of counts after which dancers say 1 again.
struct CountSet {
    int firstCount = 0;
    int counts = 0;
    int inPhrase = 0; ///< ordinal within its phrase, from 0
};

/// A phrase in counts.
struct CountPhrase {
    int firstCount = 0;
    int counts = 0;
    int firstSet = 0;
    int sets = 0;
    int usualCounts = 0; ///< the commonest length of its kind, see usualBeats
    Seconds start = 0;
    std::string label;
    bool confirmed = false;
    bool sharesLabel = false; ///< another phrase has the same name
};

struct CountStop {
    Tick start;
    Tick end;
};

/// Labels and seconds of every count of a song: the one way from ticks to seconds. Count 0 is the song's first 1;
/// pick-up counts are negative. Built from a valid map (asserted) in O(beats). Immutable; read from any thread.
class CountGrid {
public:
    CountGrid() = default;
    CountGrid(const SongMap& map, const CountingScheme& scheme);

    [[nodiscard]] int pickupCounts() const { return m_pickup; }
    /// Counts from the first 1 to the end of the song.
    [[nodiscard]] int countsInSong() const { return static_cast<int>(m_cells.size()) - m_pickup; }
    [[nodiscard]] Tick end() const { return counts(countsInSong()); }
    [[nodiscard]] bool empty() const { return m_cells.empty(); }
    /// Counts in the regular set.
    [[nodiscard]] int regularSet() const { return m_regularSet; }
    [[nodiscard]] const CountingScheme& scheme() const { return m_scheme; }

    /// The count with this index, in [-pickupCounts(), countsInSong()); nullptr outside.
    [[nodiscard]] const CountCell* cell(std::int64_t count) const;
    /// The count in which `at` lies; nullptr outside the song.
    [[nodiscard]] const CountCell* cellAt(Tick at) const { return cell(wholeCounts(at)); }
    [[nodiscard]] const std::vector<CountSet>& sets() const { return m_sets; }
    [[nodiscard]] const std::vector<CountPhrase>& phrases() const { return m_phrases; }
    [[nodiscard]] const std::vector<CountStop>& stops() const { return m_stops; }

    /// Seconds at which `at` sounds; half-open [-pick-up, end), the end itself allowed. Between two beats the tempo is
    /// constant; in a fermata sub-beats keep the tempo back from its end. Error OutsideSong. O(log beats).
    [[nodiscard]] Result<Seconds> secondsAt(Tick at) const;
    /// The place that sounds at `time`; the inverse of secondsAt to the nearest tick. Error OutsideSong. O(log beats).
    [[nodiscard]] Result<Tick> tickAt(Seconds time) const;

    /// Index of the phrase that starts nearest to `at`, of two equally near the earlier; nothing without phrases.
    [[nodiscard]] std::optional<int> nearestPhraseStart(Tick at) const;
    /// Index of the phrase in which `at` lies; nothing outside.
    [[nodiscard]] std::optional<int> phraseAt(Tick at) const;
    /// Music count of a place, with its fraction: count 9 of a grid in eights is 1, a half later 3/2.
    [[nodiscard]] std::optional<Tick> musicCountAt(Tick at) const;
    /// "Chorus 2"; "Chorus (0:41)" where several phrases have that name.
    [[nodiscard]] std::string phraseInWords(std::size_t phrase) const;
    /// "count 17 of Chorus 2": the phrase and the 1-based count in it, in words a dancer would say; "(0:41)" behind a
    /// name that several phrases have.
    [[nodiscard]] Sentence place(Tick at) const;
    [[nodiscard]] std::string placeInWords(Tick at) const; ///< the same in English

private:
    struct Node { // corresponding places in counts and in seconds, tempo constant between two
        Tick at;
        Seconds time;
    };
    void buildCells(const SongMap& map);
    void buildSets(const SongMap& map);

    CountingScheme m_scheme;
    int m_pickup = 0;
    int m_regularSet = 8;
    std::vector<CountCell> m_cells;
    std::vector<CountSet> m_sets;
    std::vector<CountPhrase> m_phrases;
    std::vector<CountStop> m_stops;
    std::vector<Node> m_nodes;
};

} // namespace lc
