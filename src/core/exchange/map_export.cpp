#include "core/exchange/map_export.h"

#include "core/base/clock_text.h"
#include "core/base/json_text.h"
#include "core/base/number_words.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {

struct BeatPlace {
    int bar = -1;
    int beatInBar = 1;
    int phrase = -1;
};

std::vector<BeatPlace> placesOf(const SongMap& map) {
    std::vector<BeatPlace> places(map.beats.size());
    for (std::size_t i = 0; i < map.pickupBeats; ++i) // bar −1 ends on its last beat
        places[i].beatInBar = pickupBeatInBar(map, i);
    for (std::size_t p = 0; p < map.phrases.size(); ++p)
        for (std::size_t b = map.phrases[p].firstBar; b < map.phrases[p].firstBar + map.phrases[p].bars; ++b)
            for (int k = 0; k < map.bars[b].beats; ++k)
                places[map.bars[b].firstBeat + static_cast<std::size_t>(k)] = {static_cast<int>(b), k + 1,
                                                                               static_cast<int>(p)};
    return places;
}

/// "00:01:05.300"
std::string vttTime(Seconds time) {
    const long long ms = std::llround(std::max(0.0, time) * 1000);
    const auto padded = [](long long value, std::size_t digits) {
        const std::string text = std::to_string(value);
        return std::string(digits > text.size() ? digits - text.size() : 0, '0') + text;
    };
    return padded(ms / 3'600'000, 2) + ":" + padded(ms / 60'000 % 60, 2) + ":" + padded(ms / 1000 % 60, 2) + "." +
           padded(ms % 1000, 3);
}

/// A cue's text: no markup, no arrow, no line of its own inside.
std::string vttText(const std::string& text) {
    std::string out;
    for (char c : text)
        out += c == '&'                 ? "&amp;"
               : c == '<'               ? "&lt;"
               : c == '>'               ? "&gt;"
               : c == '\n' || c == '\r' ? " "
                                        : std::string(1, c);
    return out;
}

Seconds phraseEnd(const SongMap& map, std::size_t p) {
    return p + 1 < map.phrases.size() ? map.beats[firstBeatOf(map, map.phrases[p + 1])].time : map.end;
}

} // namespace

std::string mapToCsv(const SongMap& map) {
    const auto places = placesOf(map);
    std::string out = "time_s,bar_index,beat_in_bar,phrase_index\n";
    for (std::size_t i = 0; i < places.size(); ++i)
        out += numberText(map.beats[i].time) + "," + std::to_string(places[i].bar) + "," +
               std::to_string(places[i].beatInBar) + "," + std::to_string(places[i].phrase) + "\n";
    return out;
}

std::string mapToJson(const SongMap& map, const std::vector<SongDoubt>& doubts) {
    const auto places = placesOf(map);
    Json out;
    const auto tempo = medianTempo(map);
    out["tempo_bpm"] = tempo ? Json(*tempo) : Json();
    out["metre"] = toString(map.metre);
    out["end_s"] = map.end;
    out["swing"] = map.swing;
    out["beats"] = Json::array();
    for (std::size_t i = 0; i < places.size(); ++i)
        out["beats"].push_back({{"time_s", map.beats[i].time},
                                {"bar", places[i].bar},
                                {"beat", places[i].beatInBar},
                                {"phrase", places[i].phrase},
                                {"confidence", map.beats[i].confidence},
                                {"confirmed", map.beats[i].confirmed}});
    out["bars"] = Json::array();
    for (const Bar& bar : map.bars)
        out["bars"].push_back(
            {{"start_s", map.beats[bar.firstBeat].time}, {"beats", bar.beats}, {"grouping", bar.grouping}});
    out["phrases"] = Json::array();
    for (const Phrase& phrase : map.phrases)
        out["phrases"].push_back({{"start_s", map.beats[firstBeatOf(map, phrase)].time},
                                  {"first_beat", firstBeatOf(map, phrase)},
                                  {"beats", beatsIn(map, phrase)},
                                  {"label", phrase.label}});
    out["stops"] = Json::array();
    for (const Stop& stop : map.stops)
        out["stops"].push_back({{"start_s", stop.start}, {"end_s", stop.end}, {"counts", std::to_string(stop.beats)}});
    out["fermatas"] = Json::array();
    for (const Fermata& f : map.fermatas) out["fermatas"].push_back({{"start_s", f.start}, {"end_s", f.end}});
    out["doubts"] = Json::array();
    for (const SongDoubt& doubt : doubts) {
        Json readings = Json::array();
        for (const DoubtReading& reading : doubt.readings) {
            Json facts = Json::array();
            for (const SongFact& fact : reading.facts)
                if (const auto line = factLine(fact)) facts.push_back(*line);
            readings.push_back({{"text", reading.text.english()},
                                {"share", std::round(reading.share * 1000) / 1000},
                                {"facts", facts}});
        }
        out["doubts"].push_back(
            {{"start_s", doubt.start}, {"end_s", doubt.end}, {"about", doubt.about.english()}, {"readings", readings}});
    }
    return jsonText(out);
}

std::string mapToBeats(const SongMap& map) {
    std::string out;
    const auto places = placesOf(map);
    for (std::size_t i = 0; i < places.size(); ++i)
        out += numberText(map.beats[i].time) + "\t" + std::to_string(places[i].beatInBar) + "\n";
    return out;
}

std::string mapToLabels(const SongMap& map) {
    std::string out;
    for (std::size_t p = 0; p < map.phrases.size(); ++p)
        out += numberText(map.beats[firstBeatOf(map, map.phrases[p])].time) + "\t" + numberText(phraseEnd(map, p)) +
               "\t" + map.phrases[p].label + "\n";
    for (const Stop& stop : map.stops)
        out += numberText(stop.start) + "\t" + numberText(stop.end) + "\tstop " + std::to_string(stop.beats) + "\n";
    return out;
}

std::string mapToVtt(const SongMap& map) {
    struct Cue {
        Seconds start, end;
        std::string text;
    };
    std::vector<Cue> cues;
    for (std::size_t p = 0; p < map.phrases.size(); ++p) {
        const int beats = beatsIn(map, map.phrases[p]);
        cues.push_back(
            {map.beats[firstBeatOf(map, map.phrases[p])].time, phraseEnd(map, p),
             vttText(map.phrases[p].label) + "\n" + std::to_string(beats) + (beats == 1 ? " beat" : " beats")});
    }
    for (const Stop& stop : map.stops) cues.push_back({stop.start, stop.end, "stop of " + std::to_string(stop.beats)});
    std::stable_sort(cues.begin(), cues.end(), [](const Cue& a, const Cue& b) { return a.start < b.start; });
    std::string out = "WEBVTT\n";
    for (std::size_t i = 0; i < cues.size(); ++i)
        out += "\n" + std::to_string(i + 1) + "\n" + vttTime(cues[i].start) + " --> " + vttTime(cues[i].end) + "\n" +
               cues[i].text + "\n";
    return out;
}

std::string mapToText(const SongMap& map, const std::vector<SongDoubt>& doubts) {
    std::string out;
    const auto tempo = medianTempo(map);
    if (tempo) out += numberText(std::round(*tempo * 10) / 10) + " bpm, ";
    out += toString(map.metre) + ", " + numbered(map.beats.size(), "beat", "beats") + ", " +
           numbered(map.bars.size(), "bar", "bars") + ", " + numbered(map.phrases.size(), "phrase", "phrases") + "\n";
    if (map.swing > swungFrom)
        out += "swung: the & falls at " + std::to_string(std::lround(100 * map.swing)) + " % of the beat\n";
    if (map.pickupBeats > 0) out += "pick-up of " + numbered(map.pickupBeats, "beat", "beats") + "\n";
    const std::vector<int> usual = usualBeats(map);
    for (std::size_t i = 0; i < map.phrases.size(); ++i) {
        const Phrase& phrase = map.phrases[i];
        const int beats = beatsIn(map, phrase);
        const int more = beats - usual[i];
        out += clockText(map.beats[firstBeatOf(map, phrase)].time) +
               (phrase.bars == 1 ? "  bar " + std::to_string(phrase.firstBar + 1)
                                 : "  bars " + std::to_string(phrase.firstBar + 1) + "–" +
                                       std::to_string(phrase.firstBar + phrase.bars)) +
               "  " + numbered(beats, "beat", "beats");
        if (more != 0) out += more > 0 ? " (+" + std::to_string(more) + ")" : " (−" + std::to_string(-more) + ")";
        out += "  " + phrase.label + "\n";
    }
    for (const Bar& bar : map.bars)
        if (bar.beats != map.metre.beats)
            out += clockText(map.beats[bar.firstBeat].time) + "  a bar of " + std::to_string(bar.beats) + "\n";
    for (const Stop& stop : map.stops)
        out += clockText(stop.start) + "  stop of " + numbered(stop.beats, "beat", "beats") + "\n";
    for (const SongDoubt& doubt : doubts) {
        out += "doubt at " + clockText(doubt.start) + ", " + doubt.about.english() + ": ";
        for (std::size_t r = 0; r < doubt.readings.size(); ++r)
            out += (r == 0 ? "" : "; or ") + doubt.readings[r].text.english() + " (" +
                   std::to_string(std::lround(100 * doubt.readings[r].share)) + " %)";
        out += "\n";
    }
    return out;
}

} // namespace lc
