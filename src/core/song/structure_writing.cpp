#include "core/song/structure_text.h"

#include "core/base/clock_text.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {

/// A label as a section's name: no bar, no at-sign, no comma that would end a section, no word that means something
/// else, and not ending in a number that would be its beats.
std::string nameOf(const std::string& label) {
    std::string name;
    for (char c : label) {
        const auto digitAt = [&](std::size_t back) {
            return name.size() >= back && name[name.size() - back] >= '0' && name[name.size() - back] <= '9';
        };
        const bool parts = (c == ',' || c == ';') && (digitAt(1) || (digitAt(2) && name.back() == 's'));
        name += c == '|' || c == '@' || c == '\n' || parts ? ' ' : c;
    }
    if (!name.empty() && name[0] >= 'A' && name[0] <= 'Z') name[0] = static_cast<char>(name[0] - 'A' + 'a');
    if (name.find_first_not_of(' ') == std::string::npos || name == "stop" || name == "bar" || name == "fermata" ||
        name == "pickup")
        name = "section " + name;
    return name;
}

class Writer {
public:
    explicit Writer(const SongMap& map) : m_map(map) {}

    TypedStructure write() {
        TypedStructure out;
        out.metre = m_map.metre;
        if (m_map.beats.empty()) return out;
        out.offset = m_map.beats.front().time;
        out.bpm = m_bpm =
            std::clamp(rounded(tempo(0, std::min<std::size_t>(m_map.beats.size(),
                                                              std::max<std::size_t>(1, m_map.pickupBeats + 8)))),
                       10.0, 600.0);
        if (m_map.pickupBeats > 0) item("pickup " + std::to_string(m_map.pickupBeats), 0, m_map.pickupBeats);
        for (const Phrase& phrase : m_map.phrases) section(phrase);
        out.text = std::move(m_text);
        return out;
    }

private:
    static double rounded(double bpm) { return std::round(bpm * 1000) / 1000; }

    /// Mean tempo of beats [from, to).
    double tempo(std::size_t from, std::size_t to) const {
        const Seconds end = to < m_map.beats.size() ? m_map.beats[to].time : m_map.end;
        const double seconds = end - m_map.beats[from].time;
        return seconds > 0 ? 60.0 * static_cast<double>(to - from) / seconds : m_bpm;
    }

    void item(const std::string& words, std::size_t from, std::size_t to) {
        if (!m_text.empty()) m_text += " | ";
        m_text += words;
        bool held = false;
        for (const Fermata& f : m_map.fermatas)
            held = held || (f.start >= m_map.beats[from].time - 1e-6 &&
                            (to >= m_map.beats.size() || f.start < m_map.beats[to].time - 1e-6));
        const double bpm = rounded(tempo(from, to));
        if (held || bpm < 10 || bpm > 600 || std::abs(bpm / m_bpm - 1) < 0.002) return;
        m_bpm = bpm;
        m_text += " @" + numberText(bpm);
    }

    const Fermata* fermataAt(std::size_t beat) const {
        for (const Fermata& f : m_map.fermatas)
            if (std::abs(f.start - m_map.beats[beat].time) < 1e-6) return &f;
        return nullptr;
    }
    const Stop* stopAt(std::size_t beat) const {
        for (const Stop& s : m_map.stops)
            if (s.beats > 0 && std::abs(s.start - m_map.beats[beat].time) < 1e-6) return &s;
        return nullptr;
    }
    bool special(std::size_t beat) const { return fermataAt(beat) || stopAt(beat); }

    /// A section: first the run of regular bars with its name, then whatever follows bar by bar, stop by stop.
    void section(const Phrase& phrase) {
        const std::size_t begin = firstBeatOf(m_map, phrase);
        const std::size_t end = begin + static_cast<std::size_t>(beatsIn(m_map, phrase));
        std::size_t bar = phrase.firstBar;
        const std::size_t lastBar = phrase.firstBar + phrase.bars;
        std::size_t beat = begin;
        const auto regular = [&](std::size_t b) {
            return m_map.bars[b].beats == m_map.metre.beats ||
                   (b + 1 == lastBar && m_map.bars[b].beats < m_map.metre.beats);
        };
        const auto barEnd = [&](std::size_t b) {
            return m_map.bars[b].firstBeat + static_cast<std::size_t>(m_map.bars[b].beats);
        };
        while (bar < lastBar && regular(bar) && (beat == begin || !special(beat))) {
            std::size_t to = barEnd(bar);
            bool whole = true;
            for (std::size_t k = std::max(beat, begin + 1); k < to; ++k)
                if (special(k)) { // the run ends inside this bar
                    to = k;
                    whole = false;
                    break;
                }
            beat = to;
            if (!whole) break;
            ++bar;
        }
        if (beat == begin) { // begins with a bar of another length
            beat = barEnd(bar);
            ++bar;
        }
        item(nameOf(phrase.label) + " " + std::to_string(beat - begin), begin, beat);
        while (beat < end) {
            if (const Fermata* f = fermataAt(beat)) {
                item("fermata 1 " + numberText(std::round((f->end - f->start) * 1e6) / 1e6) + "s", beat, beat + 1);
                ++beat;
            } else if (const Stop* s = stopAt(beat)) {
                const std::size_t to = std::min(end, beat + static_cast<std::size_t>(s->beats));
                item("stop " + std::to_string(to - beat), beat, to);
                beat = to;
            } else {
                while (bar < lastBar && barEnd(bar) <= beat) ++bar;
                std::size_t to = std::min(end, barEnd(bar));
                for (std::size_t k = beat + 1; k < to; ++k)
                    if (special(k)) to = k;
                item("bar " + std::to_string(to - beat), beat, to);
                beat = to;
            }
        }
    }

    const SongMap& m_map;
    std::string m_text;
    double m_bpm = 120;
};

} // namespace

TypedStructure structureOf(const SongMap& map) { return Writer(map).write(); }

} // namespace lc
