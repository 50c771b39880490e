// The verbs that change or choose the song: rank and mend.
#include "audio/matching/song_file.h"
#include "audio/sound/audio_file.h"
#include "audio/sound/song_splice.h"
#include "cli/verbs.h"
#include "core/base/clock_text.h"
#include "core/base/files.h"
#include "core/base/json_text.h"
#include "core/base/number_words.h"
#include "core/exchange/map_export.h"
#include "core/landing/findings.h"
#include "core/planning/music_mend.h"
#include "core/planning/song_ranking.h"

#include <cmath>
#include <filesystem>

namespace lc::cli {

namespace {

std::string fitsAsJson(const std::vector<SongFit>& fits) {
    Json out;
    out["fits"] = Json::array();
    for (const SongFit& f : fits) {
        Json j{{"name", f.name},  {"file", f.file}, {"bpm", f.bpm}, {"metre", f.metre}, {"tempo_percent", f.percent},
               {"stops", f.stops}};
        if (f.problem.empty())
            j.update({{"cost", f.cost},
                      {"exceptions", f.exceptions},
                      {"misses", f.misses},
                      {"ending",
                       {{"counts", toCountString(f.ending)},
                        {"of", toCountString(f.lastPass)},
                        {"facing", toClock(f.endingFacing)}}}});
        else
            j["problem"] = f.problem.english();
        if (!f.remark.empty()) j["remark"] = f.remark.english();
        out["fits"].push_back(std::move(j));
    }
    return jsonText(out);
}

std::string fitsAsText(const std::vector<SongFit>& fits) {
    std::string out;
    for (std::size_t i = 0; i < fits.size(); ++i) {
        const SongFit& f = fits[i];
        out += std::to_string(i + 1) + ". " + f.name;
        if (f.bpm > 0)
            out += ", " + std::to_string(std::lround(f.bpm)) + " bpm" +
                   (f.percent == 100 ? "" : " (fits at " + decimals(f.percent, 1) + " %)");
        if (f.problem.empty())
            out += ": cost " + std::to_string(f.cost) + ", " + numbered(f.exceptions, "exception", "exceptions") +
                   ", " + numbered(f.misses, "miss", "misses") + ", " + numbered(f.stops, "stop", "stops") +
                   ", last pass " + endingInWords(f).english();
        if (!f.note().empty()) out += (f.problem.empty() ? ". " : ": ") + f.note().english();
        out += "\n";
    }
    return out;
}

} // namespace

Result<Output> runRank(const RankOptions& options) {
    const auto document = readRoutine(options.file);
    if (!document) return tl::unexpected(document.error());
    FitWishes wishes;
    const auto costs = parseRoutineCosts(options.costs);
    if (!costs) return tl::unexpected(costs.error());
    wishes.plan.costs = *costs;
    if (!options.family.empty()) {
        const FamilyTempo* range = tempoRangeOf(options.family);
        if (!range) {
            std::string all;
            for (const FamilyTempo& one : tempoRanges()) all += (all.empty() ? "" : ", ") + one.family;
            return fail(ErrorCode::NotFound,
                        Core::sentence("“%1” is not a dance family that has a tempo here. There are: %2.",
                                       options.family, all));
        }
        wishes.tempo = *range;
    }
    std::vector<SongFit> fits;
    for (const std::string& file : options.files)
        fits.push_back(fitFile(*document, file, options.routines ? Ranked::Routines : Ranked::Songs, wishes, {}));
    rankFits(fits, wishes);
    return Output{options.csv ? fitsToCsv(fits) : options.json ? fitsAsJson(fits) : fitsAsText(fits), {}, options.csv};
}

Result<Output> runMend(const MendOptions& options) {
    const auto document = readRoutine(options.file);
    if (!document) return tl::unexpected(document.error());
    MusicMendWishes wishes;
    wishes.longest = options.longest;
    wishes.most = options.limit;
    const auto mends = mendMusic(*document, land(*document), wishes);
    if (!mends) return tl::unexpected(mends.error());
    std::string notes;
    if (!options.out.empty() && !mends->mends.empty()) {
        if (document->song.path.empty())
            return fail(
                ErrorCode::NotFound,
                Core::sentence(
                    "The routine has no recording, so no sound can be written. Without -o the cuts are listed."));
        std::error_code same;
        if (std::filesystem::equivalent(options.out, document->song.path, same))
            return fail(
                ErrorCode::BadValue,
                Core::sentence("That is the recording itself, which stays as it is. Give another name with -o."));
        const std::string table = std::filesystem::path(options.out).replace_extension(".csv").string();
        if (std::filesystem::exists(table, same) && !options.overwrite)
            return fail(
                ErrorCode::BadValue,
                Core::sentence(
                    "%1 is there already, and the map of the mended song would take its place. Give another name with -o, or add --overwrite.",
                    shownName(table)));
        const auto sound = openSong(document->song.path);
        if (!sound) return tl::unexpected(sound.error());
        const auto song = editSong(*document->map, mends->mends.front().spans,
                                   std::max(0.0, sound->sound.seconds() - document->map->end));
        if (!song) return tl::unexpected(song.error());
        if (const auto written = writeSound(spliced(sound->sound, song->sound), options.out); !written)
            return tl::unexpected(written.error());
        if (const auto saved = writeFileAtomically(table, mapToCsv(song->map)); !saved)
            return tl::unexpected(saved.error());
        notes = options.out + " is written, with its map in " + table + ".\n";
    }
    Json out;
    out["mends"] = Json::array();
    std::string text;
    for (std::size_t i = 0; i < mends->mends.size(); ++i) {
        const MusicMend& mend = mends->mends[i];
        Json j{{"cost", mend.cost},
               {"misses", mend.misses},
               {"joints", mend.joints},
               {"missing_counts", toCountString(mend.missing)},
               {"what", mendInWords(*document->map, mend).english()}};
        for (const BarSpan& span : mend.spans) j["bars"].push_back({{"first", span.first}, {"end", span.end}});
        out["mends"].push_back(std::move(j));
        text += std::to_string(i + 1) + ". cost " + std::to_string(mend.cost) + ". " +
                mendInWords(*document->map, mend).english() + "\n";
    }
    out["next_cost"] = mends->nextCost < 0 ? Json(nullptr) : Json(mends->nextCost);
    if (mends->nextCost >= 0) text += "No other costs less than " + std::to_string(mends->nextCost) + ".\n";
    return Output{options.json ? jsonText(out) : text, std::move(notes)};
}

} // namespace lc::cli
