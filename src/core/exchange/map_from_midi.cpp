#include "core/exchange/map_import.h"
#include "core/exchange/midi_reader.h"
#include "core/song/map_draft.h"
#include "core/song/song_facts.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace lc {

namespace {

constexpr std::size_t mostMidiBeats = 100'000; // a bound against damaged files: eight hours at 200 bpm

/// Seconds of a tick; ticks are asked for in ascending order.
class TempoClock {
public:
    explicit TempoClock(const MidiTiming& midi) : m_midi(midi) {}

    Seconds at(double tick) {
        while (m_next < m_midi.tempos.size() && static_cast<double>(m_midi.tempos[m_next].tick) <= tick) {
            advance(static_cast<double>(m_midi.tempos[m_next].tick));
            m_secondsPerQuarter = m_midi.tempos[m_next++].secondsPerQuarter;
        }
        return m_seconds + (tick - m_tick) / m_midi.ticksPerQuarter * m_secondsPerQuarter;
    }

private:
    void advance(double tick) {
        m_seconds += (tick - m_tick) / m_midi.ticksPerQuarter * m_secondsPerQuarter;
        m_tick = tick;
    }
    const MidiTiming& m_midi;
    std::size_t m_next = 0;
    double m_tick = 0;
    double m_seconds = 0;
    double m_secondsPerQuarter = 0.5; // 120 quarters a minute until a tempo is named
};

/// What our own export writes as text beside the standard events: groups, stops and held beats.
void takeOwnWords(const MidiTiming& midi, MapDraft& draft) {
    for (const auto& words : midi.texts) {
        const auto facts = readFacts(words.text);
        if (!facts || facts->size() != 1) continue; // somebody's words
        const SongFact& fact = facts->front();
        if (const auto* metre = std::get_if<MetreFact>(&fact)) draft.metre = metre->metre;
        if (const auto* stop = std::get_if<StopFact>(&fact)) draft.stops.push_back({stop->from, stop->to, stop->beats});
        if (const auto* held = std::get_if<FermataFact>(&fact)) {
            const auto at = std::lower_bound(draft.beats.begin(), draft.beats.end(),
                                             held->from - 0.001); // what it would have lasted: as the beat before
            const Seconds usual =
                at != draft.beats.begin() && at != draft.beats.end() ? *at - *std::prev(at) : held->to - held->from;
            if (usual < held->to - held->from) draft.fermatas.push_back({held->from, held->to, usual});
        }
    }
}

} // namespace

Result<ImportedMap> mapFromMidi(const std::vector<std::uint8_t>& bytes, const ImportHints& hints) {
    const auto midi = readMidiTiming(bytes);
    if (!midi) return tl::unexpected(midi.error());
    // Silence before the first beat has no metre: the song begins with the first metre event, if no note sounds before.
    std::int64_t begin = midi->metres.empty() ? 0 : midi->metres.front().tick;
    if (midi->firstNote >= 0 && midi->firstNote < begin) begin = 0;
    MapDraft draft;
    std::map<std::pair<int, int>, int> barsOfMetre;
    TempoClock clock(*midi);
    MidiTiming::Metre metre{begin, 4, 4};
    std::size_t next = 0;
    double tick = static_cast<double>(begin);
    const auto end = static_cast<double>(midi->end);
    int inBar = 0;
    while (tick < end - 1e-6) {
        while (next < midi->metres.size() && static_cast<double>(midi->metres[next].tick) <= tick + 1e-6) {
            metre = midi->metres[next++];
            inBar = 0; // a metre event begins a bar
        }
        if (inBar == 0) {
            draft.bars.push_back(draft.beats.size());
            ++barsOfMetre[{metre.beats, metre.unit}];
        }
        if (draft.beats.size() >= mostMidiBeats)
            return fail(ErrorCode::Unreadable, Core::sentence("The MIDI file has more than %1 beats.", mostMidiBeats));
        draft.beats.push_back(clock.at(tick));
        inBar = (inBar + 1) % metre.beats;
        tick += 4.0 * midi->ticksPerQuarter / metre.unit;
        if (next < midi->metres.size()) tick = std::min(tick, static_cast<double>(midi->metres[next].tick));
    }
    if (draft.beats.size() < 2)
        return fail(ErrorCode::Unreadable, Core::sentence("The MIDI file is over before its second beat."));
    draft.end = clock.at(tick);
    int most = 0;
    for (const auto& [kind, bars] : barsOfMetre)
        if (bars >= most) { // of two equally common the longer: the other may be a pick-up
            most = bars;
            draft.metre = {kind.first, kind.second, {}};
        }
    if (hints.metre) draft.metre = *hints.metre;
    takeOwnWords(*midi, draft);

    Text note;
    TempoClock again(*midi);
    for (const auto& marker : midi->markers) {
        const Seconds at = again.at(static_cast<double>(marker.tick));
        const auto beat = std::lower_bound(draft.beats.begin(), draft.beats.end(), at - 0.001);
        draft.phrases.push_back(
            {static_cast<std::size_t>(std::min(beat, std::prev(draft.beats.end())) - draft.beats.begin()),
             marker.text});
    }
    if (draft.phrases.empty()) {
        drawPhrases(draft);
        note = Core::sentence("The MIDI file has no markers: phrases of %1 bars were drawn.", barsOfADrawnPhrase);
        note += Core::sentence("State where they start.");
    } else if (draft.bars.size() > 1 && draft.phrases.front().beat == draft.bars[1]) {
        draft.bars.erase(
            draft.bars.begin()); // what stands before the first marker and is shorter than a bar is a pick-up
        if (static_cast<int>(draft.phrases.front().beat) >= draft.metre.beats) draft.bars.insert(draft.bars.begin(), 0);
    }
    auto map = mapFromDraft(draft);
    if (!map) return tl::unexpected(map.error());
    return ImportedMap{std::move(*map), std::move(note)};
}

} // namespace lc
