#include "core/song/count_grid.h"

#include "core/base/clock_text.h"
#include "core/base/sentence.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <unordered_map>

namespace lc {

namespace {

/// Onsets of the pick-up's counts in half-beats from its first beat, laid out back from the first 1, since a pick-up
/// ends on its bar's last beat.
std::vector<int> pickupOnsets(const CountingScheme& scheme, const Metre& metre, int beats) {
    std::vector<int> lengths;
    switch (scheme.unit) {
    case CountUnit::Beat: lengths = {2}; break;
    case CountUnit::HalfBeat: lengths = {1}; break;
    case CountUnit::TwoBeats: lengths = {4}; break;
    case CountUnit::Bar: lengths = {metre.beats * 2}; break;
    case CountUnit::BarGroup:
        for (const int group : groupsOf(metre)) lengths.insert(lengths.begin(), group * 2);
        if (lengths.empty()) lengths = {metre.beats * 2};
        break;
    }
    std::vector<int> onsets;
    int at = beats * 2;
    for (std::size_t i = 0; at > 0; ++i) {
        at = std::max(0, at - lengths[i % lengths.size()]);
        onsets.insert(onsets.begin(), at);
    }
    return onsets;
}

} // namespace

CountGrid::CountGrid(const SongMap& map, const CountingScheme& scheme)
    : m_scheme(scheme), m_regularSet(std::max(1, lc::regularSet(scheme, map.metre))) {
    assert(validate(map));
    if (map.beats.empty()) return;
    buildCells(map);
    buildSets(map);
    for (const Stop& stop : map.stops) {
        const auto start = tickAt(stop.start);
        const auto end = tickAt(std::min(stop.end, map.end));
        if (start && end) m_stops.push_back({*start, *end});
    }
}

void CountGrid::buildCells(const SongMap& map) {
    std::vector<int> onsets; // of every count, in half-beats from the first beat of the song
    const int pickupBeats = static_cast<int>(map.pickupBeats);
    for (int at : pickupOnsets(m_scheme, map.metre, pickupBeats)) {
        CountCell cell;
        cell.beatInBar = pickupBeatInBar(map, static_cast<std::size_t>(at / 2));
        onsets.push_back(at);
        m_cells.push_back(cell);
    }
    m_pickup = static_cast<int>(onsets.size());
    for (int i = 0; i < m_pickup; ++i)
        m_cells[static_cast<std::size_t>(i)].number = std::max(2, m_regularSet - m_pickup + i + 1);
    for (std::size_t b = 0; b < map.bars.size(); ++b) {
        const Bar bar = withGroups(map.bars[b], map.metre);
        for (int at : countOnsetsInHalfBeats(m_scheme, bar)) {
            CountCell cell;
            cell.bar = static_cast<int>(b);
            cell.beatInBar = at / 2 + 1;
            cell.barStart = at == 0;
            onsets.push_back(static_cast<int>(bar.firstBeat) * 2 + at);
            m_cells.push_back(cell);
        }
    }
    const int endHalfBeats = static_cast<int>(map.beats.size()) * 2;
    onsets.push_back(endHalfBeats);

    std::size_t nextFermata = 0;
    for (std::size_t k = 0; k + 1 < onsets.size(); ++k) {
        const Tick start = counts(static_cast<std::int64_t>(k) - m_pickup);
        const int span = onsets[k + 1] - onsets[k];
        for (int half = onsets[k] + onsets[k] % 2; half < onsets[k + 1]; half += 2) {
            const Beat& beat = map.beats[static_cast<std::size_t>(half / 2)];
            const Tick at = start + Tick{(half - onsets[k]) * ticksPerCount / span};
            m_nodes.push_back({at, beat.time});
            while (nextFermata < map.fermatas.size() && map.fermatas[nextFermata].start < beat.time - 0.001)
                ++nextFermata;
            if (nextFermata < map.fermatas.size() && map.fermatas[nextFermata].start <= beat.time + 0.001) {
                const Fermata& held = map.fermatas[nextFermata];
                m_nodes.push_back({at + Tick{1}, held.end - held.beatLength});
            }
        }
    }
    m_nodes.push_back({counts(static_cast<std::int64_t>(m_cells.size()) - m_pickup), map.end});
    for (std::size_t k = 0; k < m_cells.size(); ++k)
        m_cells[k].start = secondsAt(counts(static_cast<std::int64_t>(k) - m_pickup)).value_or(0);
}

void CountGrid::buildSets(const SongMap& map) {
    std::vector<int> firstCountOfBar(map.bars.size() + 1, countsInSong());
    for (int c = countsInSong() - 1; c >= 0; --c)
        firstCountOfBar[static_cast<std::size_t>(m_cells[static_cast<std::size_t>(c + m_pickup)].bar)] = c;
    const int regularBar = m_regularSet / std::max(1, m_scheme.barsPerSet);
    const std::vector<int> usual = usualBeats(map);
    for (std::size_t i = 0; i < map.phrases.size(); ++i) {
        const Phrase& phrase = map.phrases[i];
        CountPhrase spans;
        spans.firstCount = firstCountOfBar[phrase.firstBar];
        spans.counts = firstCountOfBar[phrase.firstBar + phrase.bars] - spans.firstCount;
        spans.firstSet = static_cast<int>(m_sets.size());
        spans.start = cell(spans.firstCount)->start;
        spans.label = phrase.label;
        spans.confirmed = phrase.confirmed;
        const int beats = std::max(1, beatsIn(map, phrase));
        spans.usualCounts = static_cast<int>(std::lround(static_cast<double>(usual[i]) * spans.counts / beats));
        int barsInSet = 0;
        for (std::size_t b = phrase.firstBar; b < phrase.firstBar + phrase.bars; ++b) {
            const int barCounts = firstCountOfBar[b + 1] - firstCountOfBar[b];
            const bool first = b == phrase.firstBar;
            const bool runEnds = b + 1 == phrase.firstBar + phrase.bars || map.bars[b + 1].confirmedOne;
            const bool full = !first && barsInSet >= m_scheme.barsPerSet;
            const bool shortRemainder = full && runEnds && barCounts < regularBar && !map.bars[b].confirmedOne;
            if (first || map.bars[b].confirmedOne || (full && !shortRemainder)) {
                m_sets.push_back({firstCountOfBar[b], 0, static_cast<int>(m_sets.size()) - spans.firstSet});
                barsInSet = 0;
            }
            m_sets.back().counts += barCounts;
            ++barsInSet;
        }
        spans.sets = static_cast<int>(m_sets.size()) - spans.firstSet;
        m_phrases.push_back(std::move(spans));
    }
    std::unordered_map<std::string, int> named;
    for (const CountPhrase& p : m_phrases) ++named[p.label];
    for (CountPhrase& p : m_phrases) p.sharesLabel = named[p.label] > 1;
    for (std::size_t p = 0; p < m_phrases.size(); ++p)
        for (int s = m_phrases[p].firstSet; s < m_phrases[p].firstSet + m_phrases[p].sets; ++s) {
            const CountSet& set = m_sets[static_cast<std::size_t>(s)];
            for (int i = 0; i < set.counts; ++i) {
                CountCell& cell = m_cells[static_cast<std::size_t>(set.firstCount + i + m_pickup)];
                cell.number = i + 1;
                cell.set = s;
                cell.phrase = static_cast<int>(p);
                cell.phraseOffset = set.firstCount + i - m_phrases[p].firstCount;
            }
        }
}

const CountCell* CountGrid::cell(std::int64_t count) const {
    const std::int64_t index = count + m_pickup;
    if (index < 0 || index >= static_cast<std::int64_t>(m_cells.size())) return nullptr;
    return &m_cells[static_cast<std::size_t>(index)];
}

Result<Seconds> CountGrid::secondsAt(Tick at) const {
    if (m_nodes.empty() || at < m_nodes.front().at || at > m_nodes.back().at)
        return fail(ErrorCode::OutsideSong,
                    Core::sentence("Count %1 lies outside the song.", toSpokenCount(at + counts(1))));
    auto after =
        std::upper_bound(m_nodes.begin(), m_nodes.end(), at, [](Tick t, const Node& node) { return t < node.at; });
    if (after == m_nodes.end()) return m_nodes.back().time;
    const Node& a = *std::prev(after);
    const Node& b = *after;
    return a.time +
           (b.time - a.time) * static_cast<double>((at - a.at).value) / static_cast<double>((b.at - a.at).value);
}

Result<Tick> CountGrid::tickAt(Seconds time) const {
    if (m_nodes.empty() || !(time >= m_nodes.front().time) || time > m_nodes.back().time)
        return fail(ErrorCode::OutsideSong,
                    Core::sentence("That moment lies before the first beat or after the last."));
    auto after = std::upper_bound(m_nodes.begin(), m_nodes.end(), time,
                                  [](Seconds t, const Node& node) { return t < node.time; });
    if (after == m_nodes.end()) return m_nodes.back().at;
    const Node& a = *std::prev(after);
    const Node& b = *after;
    const double part = (time - a.time) / (b.time - a.time);
    return a.at + Tick{std::llround(part * static_cast<double>((b.at - a.at).value))};
}

std::optional<int> CountGrid::nearestPhraseStart(Tick at) const {
    if (m_phrases.empty()) return std::nullopt;
    const auto start = [](const CountPhrase& phrase) { return counts(phrase.firstCount); };
    const auto from = [&](Tick t) {
        return std::lower_bound(m_phrases.begin(), m_phrases.end(), t,
                                [&](const CountPhrase& phrase, Tick place) { return start(phrase) < place; });
    };
    const auto behind = from(at); // starts ascend
    if (behind == m_phrases.begin()) return 0;
    const Tick before = start(*std::prev(behind));
    if (behind != m_phrases.end() && start(*behind) - at < at - before)
        return static_cast<int>(behind - m_phrases.begin());
    return static_cast<int>(from(before) - m_phrases.begin());
}

std::optional<int> CountGrid::phraseAt(Tick at) const {
    const CountCell* found = cellAt(at);
    if (!found || found->phrase < 0) return std::nullopt;
    return found->phrase;
}

std::optional<Tick> CountGrid::musicCountAt(Tick at) const {
    const CountCell* found = cellAt(at);
    if (!found) return std::nullopt;
    return counts(found->number) + (at - counts(wholeCounts(at)));
}

std::string CountGrid::phraseInWords(std::size_t phrase) const {
    const CountPhrase& p = m_phrases[phrase];
    return p.label + (p.sharesLabel ? " (" + clockText(p.start) + ")" : "");
}

Sentence CountGrid::place(Tick at) const {
    const auto phrase = phraseAt(at);
    if (!phrase) return at < Tick{} ? Core::sentence("the pick-up") : Core::sentence("after the song");
    const CountPhrase& p = m_phrases[static_cast<std::size_t>(*phrase)];
    return Core::sentence("count %1 of %2", AsCount{at - counts(p.firstCount) + counts(1)},
                          phraseInWords(static_cast<std::size_t>(*phrase)));
}

std::string CountGrid::placeInWords(Tick at) const { return place(at).english(); }

} // namespace lc
