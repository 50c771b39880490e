// Plain lists of beats, and the JSON that the export writes.
#include "core/document/json_field.h"
#include "core/exchange/map_import.h"
#include "core/exchange/map_rows.h"
#include "core/song/map_draft.h"

#include <algorithm>

namespace lc {

namespace {

struct BeatRow {
    Seconds time = 0;
    std::optional<int> beatInBar;
};

/// "12.345", "12.345 1", "12,345;1": a time, and where a second cell stands the number of the beat in its bar. A comma
/// parts the two only where the time has a point; else it is a decimal comma. Nothing for any other line.
std::optional<BeatRow> beatRow(std::string_view line) {
    if (const auto alone = secondsOf(line)) return BeatRow{*alone, {}};
    const std::size_t gap = line.find_first_of(line.find(';') != std::string_view::npos    ? ";"
                                               : line.find('\t') != std::string_view::npos ? "\t"
                                               : line.find(' ') != std::string_view::npos  ? " "
                                                                                           : ",");
    if (gap == std::string_view::npos) return std::nullopt;
    const auto time = secondsOf(line.substr(0, gap));
    const auto beat = wholeNumber<int>(trimmed(line.substr(gap + 1)));
    if (!time || !beat || *beat < 1 || *beat > 24) return std::nullopt;
    return BeatRow{*time, beat};
}

bool isRemark(std::string_view line) { return trimmed(line).empty() || trimmed(line).front() == '#'; }

} // namespace

bool isBeatList(std::string_view text) {
    for (const std::string_view line : textLines(text.substr(0, 4096)))
        if (!isRemark(line)) return beatRow(line).has_value();
    return false;
}

Result<ImportedMap> mapFromBeats(std::string_view text, const ImportHints& hints) {
    MapDraft draft;
    const auto lines = textLines(text);
    bool numbered = false;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        if (isRemark(lines[i])) continue;
        const auto row = beatRow(lines[i]);
        if (!row)
            return inLine(
                Core::sentence("Beats"), i + 1,
                Core::sentence("“%1” is not a time in seconds, alone or with the number of the beat in its bar.",
                               std::string(trimmed(lines[i]))));
        if (!goodTime(row->time))
            return inLine(Core::sentence("Beats"), i + 1,
                          Core::sentence("“%1” is not a time in seconds.", std::string(trimmed(lines[i]))));
        if (!draft.beats.empty() && row->time <= draft.beats.back())
            return inLine(Core::sentence("Beats"), i + 1,
                          Core::sentence("its time does not come after the row before."));
        if (draft.beats.size() >= mostImportedBeats)
            return inLine(Core::sentence("Beats"), i + 1,
                          Core::sentence("that is more than %1 beats.", mostImportedBeats));
        if (!draft.beats.empty() && row->beatInBar.has_value() != numbered)
            return inLine(Core::sentence("Beats"), i + 1,
                          Core::sentence("some rows say the beat in the bar and some do not."));
        numbered = row->beatInBar.has_value();
        if (row->beatInBar == 1) draft.bars.push_back(draft.beats.size());
        draft.beats.push_back(row->time);
    }
    if (draft.beats.size() < 2)
        return fail(ErrorCode::Unreadable, Core::sentence("The list has no beats. It needs at least two times."));
    draft.end = 2 * draft.beats.back() - draft.beats[draft.beats.size() - 2];
    Text note;
    if (numbered) {
        if (draft.bars.empty())
            return fail(ErrorCode::Unreadable, Core::sentence("No row of the list is the 1 of a bar."));
        draft.metre = commonMetre(draft.bars, draft.beats.size(), hints);
    } else {
        draft.metre = hints.metre.value_or(Metre{});
        for (std::size_t beat = 0; beat < draft.beats.size(); beat += static_cast<std::size_t>(draft.metre.beats))
            draft.bars.push_back(beat);
        note = Core::sentence("The list says no bars: bars of %1 were drawn from its first beat.", draft.metre.beats);
    }
    drawPhrases(draft);
    note += Core::sentence("It says no phrases: phrases of %1 bars were drawn.", barsOfADrawnPhrase);
    note += Core::sentence("State where they start.");
    auto map = mapFromDraft(draft);
    if (!map) return tl::unexpected(map.error());
    return ImportedMap{std::move(*map), std::move(note)};
}

bool isMapJson(std::string_view text) {
    const std::size_t at = text.find_first_not_of(" \t\r\n");
    return at != std::string_view::npos && text[at] == '{' && text.find("\"beats\"") != std::string_view::npos &&
           text.find("\"time_s\"") != std::string_view::npos;
}

Result<ImportedMap> mapFromJson(std::string_view text, const ImportHints&) {
    return readJson<ImportedMap>(
        text,
        [](const Json& json) -> Result<ImportedMap> {
            const Field root(json, "");
            MapDraft draft;
            int bar = -1, phrase = -1;
            const auto beats = root["beats"].items();
            if (beats.size() > mostImportedBeats)
                root["beats"].bad(Core::sentence("has more than %1 beats", mostImportedBeats));
            std::vector<std::string> labels;
            for (const Field& one : root["phrases"].items()) labels.push_back(one["label"].text());
            for (const Field& one : beats) {
                const std::size_t beat = draft.beats.size();
                const int ofBar = one["bar"].whole<int>(-1, 1'000'000);
                const int ofPhrase = one["phrase"].whole<int>(-1, 1'000'000);
                if (ofBar != bar) draft.bars.push_back(beat);
                if (ofPhrase != phrase)
                    draft.phrases.push_back({beat, ofPhrase >= 0 && static_cast<std::size_t>(ofPhrase) < labels.size()
                                                       ? labels[static_cast<std::size_t>(ofPhrase)]
                                                       : std::string()});
                bar = ofBar;
                phrase = ofPhrase;
                draft.beats.push_back(one["time_s"].seconds());
            }
            draft.metre = root["metre"].valueOf(parseMetre(root["metre"].text()));
            draft.end = root["end_s"].seconds();
            for (const Field& one : root["stops"].items())
                draft.stops.push_back({one["start_s"].seconds(), one["end_s"].seconds(),
                                       static_cast<int>(wholeCounts(one["counts"].count()))});
            for (const Field& one : root["fermatas"].items())
                draft.fermatas.push_back({one["start_s"].seconds(), one["end_s"].seconds()});
            auto map = mapFromDraft(draft);
            if (!map) return tl::unexpected(map.error());
            const auto bars = root["bars"].items(); // their groups, and how sure the beats are
            for (std::size_t b = 0; b < bars.size() && b < map->bars.size(); ++b) {
                map->bars[b].grouping.clear();
                for (const Field& group : bars[b]["grouping"].items())
                    map->bars[b].grouping.push_back(group.whole<int>(1, 24));
            }
            for (std::size_t i = 0; i < beats.size(); ++i) {
                map->beats[i].confidence =
                    static_cast<decltype(map->beats[i].confidence)>(beats[i]["confidence"].number());
                map->beats[i].confirmed = beats[i]["confirmed"].yes();
            }
            map->swing = root["swing"].number();
            if (const auto valid = validate(*map); !valid) return tl::unexpected(valid.error());
            return ImportedMap{std::move(*map), {}};
        },
        [](const Sentence& where, const Text& why) {
            return fail(ErrorCode::Unreadable, Core::sentence("This song map cannot be read: %1 %2.", where, why));
        });
}

} // namespace lc
