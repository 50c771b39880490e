#include "core/reports/landing_report.h"

#include "core/base/clock_text.h"
#include "core/base/json_text.h"
#include "core/landing/routine_pace.h"
#include "core/reports/sheet_header.h"
#include "core/routine/music_place.h"

#include <algorithm>

namespace lc {

namespace {

/// What else makes a pass differ, beside restart and tag.
void exceptions(Json& j, const Routine& routine, const Performance& performance, const PassPerformance& pass) {
    const Pass& written = routine.passes[pass.index];
    j["wait"] = toCountString(pass.wait);
    j["bridges"] = Json::array();
    for (const FigureSpan& span : performance.readingOf(pass).figures)
        if (span.bridge)
            j["bridges"].push_back({{"after", toCountString(span.start)}, {"counts", toCountString(span.length)}});
    j["as_written"] = pass.plain;
    j["mirrored"] = pass.exceptions.mirrored;
    j["exchanged"] = pass.exceptions.exchanged;
    j["canon"] = pass.exceptions.canon.has_value();
    j["pinned"] = written.pinned ? Json(toWords(*written.pinned)) : Json();
    j["from_music"] = pass.fromMusic.size();
    j["remembered_by"] = written.mark;
}

Json countOrNull(const std::optional<Tick>& t) { return t ? Json(toCountString(*t)) : Json(); }

/// Columns of text, aligned by characters.
class TextTable {
public:
    void row(std::vector<std::string> cells) { m_rows.push_back(std::move(cells)); }
    [[nodiscard]] std::string text() const {
        std::vector<std::size_t> widths;
        for (const auto& cells : m_rows) {
            widths.resize(std::max(widths.size(), cells.size()));
            for (std::size_t i = 0; i < cells.size(); ++i) widths[i] = std::max(widths[i], width(cells[i]));
        }
        std::string out;
        for (const auto& cells : m_rows) {
            std::string line;
            for (std::size_t i = 0; i < cells.size(); ++i)
                line += cells[i] + std::string(widths[i] - width(cells[i]) + 2, ' ');
            line.erase(line.find_last_not_of(' ') + 1);
            out += line + "\n";
        }
        return out;
    }

private:
    static std::size_t width(const std::string& text) { return characterNumber(text, text.size()) - 1; }
    std::vector<std::vector<std::string>> m_rows;
};

} // namespace

PassRow passRow(const Document& document, const Landing& landing, const PassPerformance& pass) {
    PassRow row;
    const Part* part = findPart(document.routine, pass.part);
    row.partName = part ? part->name : "?";
    if (const auto seconds = landing.grid.secondsAt(pass.start)) row.startSeconds = *seconds;
    row.startClock =
        row.startSeconds ? Core::sentence("%1", AsClock{*row.startSeconds}) : Core::sentence("after the song");
    row.startCount = pass.start + counts(1);
    row.musicCount = landing.grid.musicCountAt(pass.start);
    row.runningCount = runningCount(pass.start, pass.runningFrom, landing.grid.regularSet());
    if (const auto phrase = landing.grid.phraseAt(pass.start)) {
        const CountPhrase& p = landing.grid.phrases()[static_cast<std::size_t>(*phrase)];
        row.phrase = *phrase + 1;
        row.phraseLabel = p.label;
        row.phraseOffset = pass.start - counts(p.firstCount);
    }
    row.phraseMiss = phraseMiss(landing.grid, pass.start);
    if (!pass.roles.empty()) {
        row.facing = pass.roles.front().facingIn;
        row.freeFoot = pass.roles.front().freeIn;
    }
    row.lands = lands(landing.grid, pass);
    return row;
}

Sentence verdict(const PassRow& row) {
    if (row.lands)
        return row.phraseOffset && *row.phraseOffset > Tick{}
                   ? Core::sentence("lands on %1", AsCount{*row.phraseOffset + counts(1)})
                   : Core::sentence("lands");
    if (!row.phrase || !row.phraseMiss) return Core::sentence("no music");
    return *row.phraseMiss > Tick{} ? Core::sentence("%1 over", AsCount{*row.phraseMiss})
                                    : Core::sentence("%1 short", AsCount{-*row.phraseMiss});
}

Sentence passesThatLand(std::int64_t n, std::int64_t total) {
    if (total == 0) return Core::sentence("no pass lands");
    if (total == 1)
        return n == 1 ? Core::sentence("the one pass lands") : Core::sentence("not even the one pass lands");
    if (n == total) return Core::sentence("every pass lands");
    return n == 0 ? Core::sentence("none of %1 passes lands", total)
                  : Core::plural("one of %1 passes lands|%n of %1 passes land", nullptr, n, total);
}

std::string landingAsJson(const Document& document, const Landing& landing) {
    Json out;
    out["passes"] = Json::array();
    for (const PassPerformance& pass : landing.performance.passes) {
        const PassRow row = passRow(document, landing, pass);
        Json j;
        j["id"] = pass.id.value;
        j["pass"] = pass.number;
        j["part"] = row.partName;
        j["start_count"] = toCountString(row.startCount);
        j["counts"] = toCountString(pass.roles.empty() ? pass.counts : pass.roles.front().counts);
        j["start_s"] = row.startSeconds ? Json(*row.startSeconds) : Json();
        j["music_count"] = countOrNull(row.musicCount);
        j["running_count"] = toCountString(row.runningCount);
        j["phrase"] = row.phrase ? Json(*row.phrase) : Json();
        j["phrase_offset"] = countOrNull(row.phraseOffset);
        j["phrase_miss"] = countOrNull(row.phraseMiss);
        j["facing"] = toClock(row.facing);
        j["free_foot"] = footLetter(row.freeFoot);
        j["restart_at"] = pass.cut ? Json(toCountString(pass.counts)) : Json();
        j["tag"] = toCountString(pass.tag);
        j["roles"] = Json::array();
        for (const RoleInPass& role : pass.roles)
            j["roles"].push_back({{"role", findRole(document.routine, role.role)->name},
                                  {"start_count", toCountString(row.startCount + role.entersAfter)},
                                  {"counts", toCountString(role.counts)},
                                  {"free_foot", footLetter(role.freeIn)},
                                  {"facing", toClock(role.facingIn)},
                                  {"place", pass.roles.size() > 1 ? Json(placeInWords(role.orbitIn)) : Json()},
                                  {"place_out", pass.roles.size() > 1 ? Json(placeInWords(role.orbitOut)) : Json()},
                                  {"facing_out", toClock(role.facingOut)},
                                  {"free_foot_out", footLetter(role.freeOut)},
                                  {"trimmed", toCountString(role.trimmed)}});
        exceptions(j, document.routine, landing.performance, pass);
        out["passes"].push_back(std::move(j));
    }
    Tick danced;
    Tick tags;
    for (const PassPerformance& pass : landing.performance.passes) {
        danced += pass.counts;
        tags += pass.tag;
    }
    Json totals{{"passes", landing.performance.passes.size()},
                {"counts", toCountString(landing.performance.end - landing.performance.start)},
                {"danced", toCountString(danced)},
                {"tags", toCountString(tags)},
                {"song_counts", toCountString(landing.grid.end())},
                {"left", toCountString(landing.grid.end() - landing.performance.end)}};
    totals["facing"] = landing.performance.passes.empty() || landing.performance.passes.back().roles.empty()
                           ? Json()
                           : Json(toClock(landing.performance.passes.back().roles.front().facingOut));
    out["totals"] = std::move(totals);
    const RoutinePace pace = routinePace(landing);
    out["pace"] = {{"steps_per_minute", pace.stepsPerMinute}};
    if (pace.shortestStepSeconds)
        out["pace"].update({{"shortest_step_s", *pace.shortestStepSeconds},
                            {"shortest_at_count", toCountString(pace.shortestAt + counts(1))}});
    if (pace.turnDegreesPerSecond)
        out["pace"].update({{"turn_degrees_s", *pace.turnDegreesPerSecond},
                            {"fastest_turn_at_count", toCountString(pace.fastestTurnAt + counts(1))}});
    out["turned_round"] = Json::array();
    for (const TurnedSpan& span : landing.turned)
        out["turned_round"].push_back({{"from_count", toCountString(span.from + counts(1))},
                                       {"counts", toCountString(span.to - span.from)},
                                       {"music_count", toCountString(span.musicCount)},
                                       {"running_count", toCountString(span.runningCount)}});
    const SheetHeader header = sheetHeader(document, landing);
    out["header"] = {{"line", headerLine(header).english()}, {"exceptions", Json::array()}};
    for (const Sentence& exception : header.exceptions) out["header"]["exceptions"].push_back(exception.english());
    out["findings"] = Json::array();
    for (const Finding& f : landing.findings) {
        Json j;
        j["code"] = f.key.code;
        j["severity"] = toString(f.severity);
        j["pass"] = f.passNumber > 0 ? Json(f.passNumber) : Json();
        j["count"] = toCountString(f.at + counts(1));
        const Role* role = findRole(document.routine, f.key.role);
        j["role"] = role ? Json(role->name) : Json();
        j["text"] = f.headline.english() + ". " + f.text.english();
        j["remedies"] = Json::array();
        for (const Remedy& remedy : remediesFor(document, landing, f))
            j["remedies"].push_back({{"text", remedy.title.english()}, {"price", remedy.price.english()}});
        out["findings"].push_back(std::move(j));
    }
    return jsonText(out);
}

std::string landingAsText(const Document& document, const Landing& landing) {
    TextTable table;
    table.row({"pass", "part", "starts", "count", "music", "running", "phrase", "offset", "facing", "free foot",
               "counts", ""});
    for (const PassPerformance& pass : landing.performance.passes) {
        const PassRow row = passRow(document, landing, pass);
        std::string how = verdict(row).english();
        if (pass.cut) how += ", restart after " + toSpokenCount(pass.counts);
        if (pass.tag > Tick{}) how += ", then tag of " + toSpokenCount(pass.tag);
        table.row({std::to_string(pass.number), row.partName, row.startClock.english(), toSpokenCount(row.startCount),
                   row.musicCount ? toSpokenCount(*row.musicCount) : "–", toSpokenCount(row.runningCount),
                   row.phrase ? row.phraseLabel : "–", row.phraseOffset ? toSpokenCount(*row.phraseOffset) : "–",
                   toClock(row.facing), freeFootInWords(row.freeFoot), toSpokenCount(pass.counts), how});
    }
    const SheetHeader header = sheetHeader(document, landing);
    std::string out =
        (document.title.empty() ? std::string("Routine") : document.title) + "\n" + headerLine(header).english() + "\n";
    for (const Sentence& sentence : header.exceptions) out += sentence.english() + ".\n";
    out += "\n" + table.text();
    const bool allLands = std::all_of(landing.findings.begin(), landing.findings.end(),
                                      [](const Finding& f) { return f.severity == Severity::Note; });
    if (allLands) out += "\nEverything lands.\n";
    int number = 0;
    constexpr int withRemedies = 50; // a remedy is tried on the whole dance before it is told
    for (const Finding& f : landing.findings) {
        out += "\n" + std::to_string(++number) + ". " + f.headline.english() + ". " + f.text.english() + "\n";
        if (number == withRemedies + 1)
            out += "   What could be done is told of the first " + std::to_string(withRemedies) +
                   " only; mend those first.\n";
        if (number > withRemedies) continue;
        for (const Remedy& remedy : remediesFor(document, landing, f))
            out += "   - " + remedy.title.english() + (remedy.price.empty() ? "" : " " + remedy.price.english()) + "\n";
    }
    return out;
}

} // namespace lc
