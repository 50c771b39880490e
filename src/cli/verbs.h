#pragma once

#include "core/base/result.h"
#include "core/document/document.h"

#include <optional>
#include <string>
#include <vector>

namespace lc::cli {

/// What a verb printed, or the file it wrote.
struct Output {
    std::string text;  ///< for standard output
    std::string notes; ///< for standard error
    bool data =
        false; ///< bytes for another program, given as they are; words are cleared of what could steer a terminal
};

struct MapOptions {
    std::string audio;
    std::string structure;
    std::string importFile; ///< MIDI, csv or labels; empty = none
    double bpm = 0;         ///< 0 = not given
    std::string metre = "auto";
    std::string tempo = "auto";
    std::string confirm;     ///< file of facts; empty = none
    double secondsLimit = 0; ///< 0 = the whole song
    double offset = 0;
    std::string format = "text"; ///< text, json, csv, labels, midi, vtt
    std::string outFile;
};
[[nodiscard]] Result<Output> runMap(const MapOptions& options);

struct CountOptions {
    std::string notation;
    std::string feel = "straight";
    std::string slow = "2";
    std::string quick = "1";
    std::string length;
    std::string foot;
    double bpm = 0;          ///< counts a minute, for milliseconds and pace; 0 = none
    std::string bar = "4";   ///< counts of a bar of the music
    double shortestStep = 0; ///< the person's own limits: seconds, degrees a second; 0 = none
    double turnSpeed = 0;
    bool json = false;
};
[[nodiscard]] Result<Output> runCount(const CountOptions& options);

struct VersionsOptions {
    std::string notation;
    int stretch = 0; ///< exactly one of stretch and twice is not 0
    int twice = 0;
    int longest = 2;
    std::string to = "8";
    std::string feel = "straight";
    std::string slow = "2";
    std::string quick = "1";
    std::string foot;
    bool json = false;
};
[[nodiscard]] Result<Output> runVersions(const VersionsOptions& options);

struct FillOptions {
    std::string counts;
    std::string lengths; ///< with commas
    std::size_t orders = 0;
    bool json = false;
};
[[nodiscard]] Result<Output> runFill(const FillOptions& options);

struct FillersOptions {
    std::string counts;
    std::string file; ///< a routine whose figures may be used too; empty = bare steps alone
    std::string foot = "L";
    std::string leave; ///< the foot that must be free afterwards; empty = either
    std::size_t most = 20;
    bool json = false;
};
/// What fills counts, by feet.
[[nodiscard]] Result<Output> runFillers(const FillersOptions& options);

struct BodiesOptions {
    std::string file;
    std::string figure; ///< that has an entry and a close
    bool json = false;
};
/// Which figures of a routine fit between the entry and the close of one.
[[nodiscard]] Result<Output> runBodies(const BodiesOptions& options);

struct MeetOptions {
    std::string notation;
    std::string moment;        ///< count of the music, from 1
    std::string step = "slow"; ///< slow, quick, accented, break
    std::string set = "8";
    int stretch = 0, twice = 0; ///< versions that are tried too, as of runVersions()
    bool json = false;
};
/// Which version, begun where, puts such a step on a moment.
[[nodiscard]] Result<Output> runMeet(const MeetOptions& options);

/// A routine file, or the plain-text form of one. What must be told of it goes to standard error at once.
[[nodiscard]] Result<Document> readRoutine(const std::string& file);

struct PlanOptions {
    std::string file;    ///< a routine; empty = phrases and dance are given
    std::string phrases; ///< lengths with commas
    std::string dance;
    std::string cuts; ///< with commas; empty = every eight counts, "none" = none
    std::string tags = "2,4,8";
    std::string turns;
    std::string costs;
    std::size_t limit = 5;
    bool json = false;
    // of a routine only
    std::string waits, bridges;  ///< lengths with commas
    std::string fills;           ///< names of figures with commas
    std::string opening, ending; ///< names of parts
    std::string facing;          ///< wanted at the end, a clock number
    std::string kept;            ///< numbers of passes with commas
    std::string starts;          ///< "3@65": pass 3 begins on count 65; several with commas
    bool versions = false, figures = false, bars = false, differ = false;
};
[[nodiscard]] Result<Output> runPlan(const PlanOptions& options);

struct RankOptions {
    std::string file;               ///< a routine
    std::vector<std::string> files; ///< songs; routines where `routines`
    bool routines = false;
    std::string family; ///< whose tempo is wanted; empty = any
    std::string costs;
    bool json = false, csv = false;
};
/// Songs for a routine, or routines for its song, the best fit first.
[[nodiscard]] Result<Output> runRank(const RankOptions& options);

struct MendOptions {
    std::string file;       ///< a routine
    std::string out;        ///< sound to write, of the best mend; empty = none
    bool overwrite = false; ///< a table beside it that is there may be replaced
    std::size_t longest = 16;
    std::size_t limit = 5;
    bool json = false;
};
/// Cuts and repeats of whole bars of the song on which the dance lands.
[[nodiscard]] Result<Output> runMend(const MendOptions& options);

struct LandOptions {
    std::string file;
    double shortestStep = 0; ///< the person's own limits: seconds, degrees a second; 0 = none
    double turnSpeed = 0;
    bool json = false;
};
[[nodiscard]] Result<Output> runLand(const LandOptions& options);

struct SheetOptions {
    std::string file;
    std::string kind = "floor";
    std::string format; ///< empty = by the ending of outFile
    std::string outFile;
};
[[nodiscard]] Result<Output> runSheet(const SheetOptions& options);

} // namespace lc::cli
