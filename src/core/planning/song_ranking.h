#pragma once

#include "core/planning/routine_plan.h"
#include "core/song/tempo_ranges.h"

#include <optional>
#include <string>
#include <vector>

namespace lc {

/// As which of two things files are ranked.
enum class Ranked { Songs, Routines };

/// How a routine fits a song.
struct SongFit {
    std::string name; ///< of the song or the routine, whichever is ranked
    std::string file;
    Bpm bpm = 0; ///< 0 where the song has no beats
    std::string metre;
    bool otherBars =
        false; ///< its bars do not go with those the routine was made for: three beats against four, seven against four
    double percent = 100;   ///< tempo at which it comes into the range asked for
    std::int64_t cost = -1; ///< of the best plan; −1 where there is none
    int exceptions = 0;     ///< restarts, tags and the like of the best plan
    int misses = 0;
    std::size_t stops = 0;
    Tick ending;   ///< counts danced of the last pass when the music ends
    Tick lastPass; ///< counts it has
    Eighths endingFacing;
    Formation formation = Formation::Rows; ///< of the routine: how facings are said
    Text remark;                           ///< what is to be known of the plan; may be empty
    Text problem;                          ///< why it cannot be planned; empty otherwise
    /// Problem and remark, whichever there are.
    [[nodiscard]] Text note() const {
        Text both = problem;
        return both += remark;
    }
    /// What it is ranked by: the plan's cost, and the tempo's.
    [[nodiscard]] std::int64_t total(std::int64_t percentCost) const;
    bool operator==(const SongFit&) const = default;
};

struct FitWishes {
    RoutinePlanWishes plan;
    std::optional<FamilyTempo> tempo; ///< where the dance wants one
    std::int64_t percentCost = 1;     ///< each whole per cent that the tempo has to change
};

/// The routine on the song of another document, planned as is wished. Never fails: what is wrong is the fit's problem.
[[nodiscard]] SongFit fitSong(const Document& routine, const Document& song, const FitWishes& wishes);

/// The best fit first: possible ones before others, those whose bars go with the routine's before others, then the
/// smaller total, fewer misses, fewer exceptions, and by name.
void rankFits(std::vector<SongFit>& fits, const FitWishes& wishes);

/// A table in CSV (RFC 4180):
/// `name,file,bpm,metre,tempo_percent,cost,exceptions,misses,stops,ending_counts,last_pass_counts,ending_facing,problem`.
[[nodiscard]] std::string fitsToCsv(const std::vector<SongFit>& fits);

/// Of its last pass.
[[nodiscard]] Sentence endingInWords(const SongFit& fit);

} // namespace lc
