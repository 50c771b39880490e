#pragma once

#include "audio/listening/beat_evidence.h"
#include "audio/listening/metre_reading.h"
#include "core/base/result.h"
#include "core/base/task.h"
#include "core/song/song_doubt.h"
#include "core/song/song_map.h"

#include <memory>
#include <vector>

namespace lc {

/// Everything about a recording that does not depend on what a person states: made once, solved again around every
/// fact.
struct HeardSong {
    SongFeatures features;
    MetreReadings metre;
    PulseCandidate refined; ///< the likeliest reading's pulse, followed once more; it is taken by most solutions
    bool pulse = true;      ///< nothing is counted without one, unless a person states a tempo or a beat
};

/// What the analysis makes of a song.
struct SongReading {
    SongMap map;                   ///< with the facts seen in it as stated: names, confirmed places
    SongMap solved;                ///< the same before that; withFacts() makes `map` of it
    std::vector<SongDoubt> doubts; ///< the worst first
};

/// Weighs the readings of a song's pulse and bars. Error: Cancelled.
[[nodiscard]] Result<HeardSong> hearSong(SongFeatures features, const Task& task = {});

/// The map of a song around what a person stated. Facts bind hard: the pulse is the likeliest that has a beat within 70
/// ms of every stated place (a beat is moved there if none has), bars and phrases are the likeliest that keep every
/// stated one, length and start; the rest is solved between them. The order of facts does not matter. Errors: NoPulse
/// when no steady beat is found and none was stated; BadValue when facts exclude each other or lie outside the song.
/// Deterministic. About 100 ms for three minutes.
[[nodiscard]] Result<SongReading> solveSong(const HeardSong& song, const std::vector<SongFact>& facts = {});

} // namespace lc
