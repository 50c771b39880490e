// Text formats of song maps, and which format a file has; MIDI has a file of its own.
#include "core/exchange/map_import.h"

#include "core/base/clock_text.h"
#include "core/base/list_text.h"
#include "core/base/plain_text.h"
#include "core/base/quantile.h"
#include "core/exchange/map_formats.h"
#include "core/exchange/map_rows.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace lc {

namespace {

struct LabelRow {
    Seconds start = 0;
    Seconds end = 0;
    std::string label;
};

Sentence pointsAreNoPhrases() {
    return Core::sentence(
        "These labels are points in time; a phrase needs a start and an end. If the points are beats, save them as a list: a time on each line, and after it the number of the beat in its bar.");
}

/// Seconds of a beat that gives the phrases whole bars, near the tempos that people dance to.
Seconds reckonedBeat(const std::vector<LabelRow>& phrases, const std::vector<Stop>& stops, int beatsInBar) {
    if (!stops.empty()) return (stops.front().end - stops.front().start) / stops.front().beats;
    std::vector<Seconds> lengths;
    for (const LabelRow& row : phrases) lengths.push_back(row.end - row.start);
    const Seconds usual = median(lengths);
    Seconds best = 0.5;
    double least = 1e18;
    for (int bars = 1; bars <= 64; ++bars) {
        const Seconds beat = usual / (bars * beatsInBar);
        if (beat < 60.0 / 180 || beat > 60.0 / 70) continue;
        double off = 0;
        for (Seconds length : lengths) {
            const double inBars = length / (beat * beatsInBar);
            off += std::min(1.0, std::abs(inBars - std::round(inBars)) * beatsInBar);
        }
        const double cost = off / static_cast<double>(lengths.size()) + 0.15 * std::abs(std::log2(60 / beat / 115)) +
                            (bars % 8 == 0   ? 0
                             : bars % 4 == 0 ? 0.05
                             : bars % 2 == 0 ? 0.15
                                             : 0.3); // phrases of 8 and 4 bars are the commonest
        if (cost < least) {
            least = cost;
            best = beat;
        }
    }
    return best;
}

} // namespace

Metre commonMetre(const std::vector<std::size_t>& bars, std::size_t beats, const ImportHints& hints) {
    std::map<int, int> lengths;
    const std::size_t whole = bars.size() > 1 ? bars.size() - 1 : bars.size(); // the last one may be cut off
    for (std::size_t i = 0; i < whole; ++i)
        ++lengths[static_cast<int>((i + 1 < bars.size() ? bars[i + 1] : beats) - bars[i])];
    int common = 4;
    int most = 0;
    for (const auto& [length, times] : lengths)
        if (times > most) {
            most = times;
            common = length;
        }
    common = std::clamp(common, 1, 24);
    if (hints.metre && hints.metre->beats == common) return *hints.metre;
    return {common, common == 5 || common >= 6 ? 8 : 4, {}};
}

Result<ImportedMap> mapFromCsv(std::string_view text, const ImportHints& hints) {
    const auto lines = textLines(text);
    const std::string header = "time_s,bar_index,beat_in_bar,phrase_index";
    // Where the comma is the decimal point, tables are written with semicolons.
    const char between = lines.empty() || lines.front().find(';') == std::string_view::npos ? ',' : ';';
    std::string wanted = header;
    std::replace(wanted.begin(), wanted.end(), ',', between);
    if (lines.empty() || lines.front().substr(0, wanted.size()) != wanted)
        return inLine(Core::sentence("CSV"), 1, Core::sentence("the first line should read “%1”.", header));
    MapDraft draft;
    int bar = -1;
    int phrase = -1;
    int beatInBar = 0;
    int pickupBar = 0; // length of a bar, as the pick-up counts it
    for (std::size_t i = 1; i < lines.size(); ++i) {
        if (trimmed(lines[i]).empty()) continue;
        const std::size_t line = i + 1;
        const auto cells = pieces(lines[i], between);
        if (cells.size() < 4)
            return inLine(Core::sentence("CSV"), line,
                          Core::sentence("a row has four columns: time, bar, beat in the bar, phrase."));
        const auto time = secondsOf(cells[0]);
        const auto rowBar = wholeNumber<int>(trimmed(cells[1]));
        const auto rowBeat = wholeNumber<int>(trimmed(cells[2]));
        const auto rowPhrase = wholeNumber<int>(trimmed(cells[3]));
        if (!goodTime(time))
            return inLine(Core::sentence("CSV"), line,
                          Core::sentence("“%1” is not a time in seconds.", std::string(cells[0])));
        if (!rowBar || !rowBeat || !rowPhrase)
            return inLine(Core::sentence("CSV"), line, Core::sentence("bar, beat and phrase are whole numbers."));
        if (!draft.beats.empty() && *time <= draft.beats.back())
            return inLine(Core::sentence("CSV"), line, Core::sentence("its time does not come after the row before."));
        if (draft.beats.size() >= mostImportedBeats)
            return inLine(Core::sentence("CSV"), line,
                          Core::sentence("that is more than %1 beats.", mostImportedBeats));
        const std::size_t beat = draft.beats.size();
        if (*rowBar == bar + 1) {
            if (*rowBeat != 1)
                return inLine(Core::sentence("CSV"), line,
                              Core::sentence("bar %1 begins with beat %2, not with 1.", *rowBar, *rowBeat));
            draft.bars.push_back(beat);
            if (bar == -1 && beat > 0) pickupBar = beatInBar;
        } else if (*rowBar != bar) {
            return inLine(Core::sentence("CSV"), line, Core::sentence("bar %1 does not follow bar %2.", *rowBar, bar));
        } else if (beatInBar != 0 && *rowBeat != beatInBar + 1 && !(bar == -1 && *rowBeat == 1 && beatInBar == 1)) {
            return inLine(Core::sentence("CSV"), line,
                          Core::sentence("beat %1 does not follow beat %2.", *rowBeat, beatInBar));
        }
        if (*rowPhrase != phrase) {
            if (*rowPhrase != phrase + 1 || *rowBar == bar)
                return inLine(Core::sentence("CSV"), line,
                              Core::sentence("phrase %1 does not begin on a bar after phrase %2.", *rowPhrase, phrase));
            draft.phrases.push_back({beat, {}});
        }
        bar = *rowBar;
        beatInBar = *rowBeat;
        phrase = *rowPhrase;
        draft.beats.push_back(*time);
    }
    if (draft.beats.size() < 2)
        return fail(ErrorCode::Unreadable, Core::sentence("The CSV has no beats. It needs one row for each beat."));
    if (draft.bars.empty())
        return fail(ErrorCode::Unreadable,
                    Core::sentence("The CSV has no bars: every row is a pick-up (bar −1). Number the bars from 0."));
    draft.end = 2 * draft.beats.back() - draft.beats[draft.beats.size() - 2];
    draft.metre = commonMetre(draft.bars, draft.beats.size(), hints);
    if (pickupBar > 0 && pickupBar <= 24 && pickupBar != draft.metre.beats && !hints.metre)
        draft.metre = {pickupBar, pickupBar >= 5 ? 8 : 4, {}};
    auto map = mapFromDraft(draft);
    if (!map) return tl::unexpected(map.error());
    return ImportedMap{std::move(*map), {}};
}

Result<ImportedMap> mapFromLabels(std::string_view text, const ImportHints& hints) {
    std::vector<LabelRow> rows;
    MapDraft draft;
    const auto lines = textLines(text);
    for (std::size_t i = 0; i < lines.size(); ++i) {
        if (trimmed(lines[i]).empty() || lines[i].front() == '\\')
            continue; // a backslash: frequencies, which nobody dances
        const auto cells = pieces(lines[i], '\t');
        if (cells.size() == 2 && secondsOf(cells[0]) && !secondsOf(cells[1]))
            return fail(ErrorCode::Unreadable, pointsAreNoPhrases(), "line " + std::to_string(i + 1));
        if (cells.size() < 3)
            return inLine(Core::sentence("Labels"), i + 1,
                          Core::sentence("a line has a start, an end and a label, with tabs between them."));
        const auto start = secondsOf(cells[0]);
        const auto end = secondsOf(cells[1]);
        if (!goodTime(start) || !goodTime(end))
            return inLine(Core::sentence("Labels"), i + 1,
                          Core::sentence("start and end are seconds, such as 12.345."));
        if (*end < *start) return inLine(Core::sentence("Labels"), i + 1, Core::sentence("it ends before it starts."));
        std::string label(lines[i].substr(cells[0].size() + cells[1].size() + 2));
        if (label.rfind("stop ", 0) == 0) {
            const auto beats = wholeNumber<int>(std::string_view(label).substr(5));
            if (!beats || *beats < 1 || *beats > 4096 || *end <= *start)
                return inLine(Core::sentence("Labels"), i + 1,
                              Core::sentence("a stop says its beats, such as “stop 4”, and has a length."));
            draft.stops.push_back({*start, *end, *beats});
        } else
            rows.push_back({*start, *end, std::move(label)});
    }
    if (rows.empty()) return fail(ErrorCode::Unreadable, Core::sentence("The label file names no phrases."));
    std::stable_sort(rows.begin(), rows.end(), [](const LabelRow& a, const LabelRow& b) { return a.start < b.start; });
    const auto points =
        std::count_if(rows.begin(), rows.end(), [](const LabelRow& row) { return row.end <= row.start; });
    if (points == static_cast<std::ptrdiff_t>(rows.size())) return fail(ErrorCode::Unreadable, pointsAreNoPhrases());
    std::erase_if(rows, [](const LabelRow& row) { return row.end <= row.start; });
    std::stable_sort(draft.stops.begin(), draft.stops.end(),
                     [](const Stop& a, const Stop& b) { return a.start < b.start; });
    for (std::size_t i = 0; i + 1 < rows.size(); ++i) rows[i].end = rows[i + 1].start; // a phrase runs to the next
    std::erase_if(rows, [](const LabelRow& row) { return row.end - row.start < 0.05; });
    if (rows.empty()) return fail(ErrorCode::Unreadable, pointsAreNoPhrases());
    draft.metre = hints.metre.value_or(Metre{});
    const Seconds beat = hints.bpm ? 60 / *hints.bpm : reckonedBeat(rows, draft.stops, draft.metre.beats);
    for (const LabelRow& row : rows) {
        const auto beats = static_cast<std::size_t>(std::max(1L, std::lround((row.end - row.start) / beat)));
        if (draft.beats.size() + beats > mostImportedBeats)
            return fail(ErrorCode::Unreadable,
                        Core::sentence("The labels reach over more than %1 beats at this tempo.", mostImportedBeats));
        const std::size_t first = draft.beats.size();
        draft.phrases.push_back({first, row.label});
        for (std::size_t b = 0; b < beats; ++b) {
            if (b % static_cast<std::size_t>(draft.metre.beats) == 0) draft.bars.push_back(first + b);
            draft.beats.push_back(row.start +
                                  static_cast<double>(b) * (row.end - row.start) / static_cast<double>(beats));
        }
    }
    if (draft.beats.size() < 2)
        return fail(ErrorCode::Unreadable, Core::sentence("The labels are over before a second beat."));
    draft.end = rows.back().end;
    auto map = mapFromDraft(draft);
    if (!map) return tl::unexpected(map.error());
    Text note;
    if (points > 0)
        note = Core::plural(
            "One label that is a point in time is left out.|%n labels that are points in time are left out.", nullptr,
            points);
    if (!hints.bpm && draft.stops.empty()) {
        note += Core::sentence("A label file has no beats: %1 bpm in bars of %2 fit its phrases best.",
                               AsDecimals::tenths(60 / beat), draft.metre.beats);
        note += Core::sentence("State the tempo if they should be counted otherwise.");
    }
    return ImportedMap{std::move(*map), std::move(note)};
}

Result<ImportedMap> importMap(const std::string& bytes, const std::string& name, const ImportHints& hints) {
    const auto like = [](std::string_view content, bool binary) -> const MapFormat* {
        for (const MapFormat& format : mapFormats())
            if (format.recognises && format.binary == binary && format.recognises(content)) return &format;
        return nullptr;
    };
    if (const MapFormat* format = like(bytes, true)) return format->read(bytes, hints);
    auto text = readForeignText(bytes, shownName(name));
    if (!text) return tl::unexpected(text.error());
    const MapFormat* format = like(text->text, false);
    if (!format) {
        std::vector<Sentence> known;
        for (const MapFormat& one : mapFormats())
            if (one.recognises) known.push_back(one.described);
        return fail(ErrorCode::Unreadable,
                    Core::sentence("%1 is not a song map. Known are %2.", shownName(name), listed(known)), name);
    }
    auto map = format->read(text->text, hints);
    if (map && text->western) {
        Text note = text->note(shownName(name));
        map->note = note += map->note;
    }
    return map;
}

} // namespace lc
