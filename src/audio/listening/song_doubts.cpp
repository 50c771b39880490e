#include "audio/listening/song_doubts.h"

#include "audio/listening/other_readings.h"
#include "audio/listening/phrase_path.h"
#include "audio/listening/stated_facts.h"
#include "audio/listening/subdivision.h"
#include "core/base/quantile.h"

#include <algorithm>
#include <cmath>
#include <optional>
#include <utility>

namespace lc {

namespace {

constexpr double surely = 1.5; // logarithm of odds (one to four and a half); beyond it nobody is asked
constexpr double surelyOfAll =
    3.5; // the same for what the whole song hangs on (one to thirty): there a question is cheap and a mistake is not
constexpr double hardlyEver = 5.3; // one to two hundred
constexpr double asLikelyAsNot =
    0; // of odd bars that were heard in the training half fewer than half were right, and of parts in another metre
constexpr std::size_t mostDoubts = 8;        // more than a person weighs at once
constexpr std::size_t mostReadings = 4;      // more than that nobody reads through (chosen, no source)
constexpr std::size_t mostReadingsOfAll = 6; // of what the whole song hangs on
constexpr double sameStart = 0.1;            // seconds from a stated start to the bar that it moved to
constexpr std::size_t longestAsOne = 8;      // bars; a phrase of more is asked about
constexpr std::size_t fewestOfAPhrase = 2;   // bars
constexpr std::size_t fewestOfAMetre = 3;    // bars of another length in a row: a part in its own metre

class Doubter {
public:
    explicit Doubter(const Decision& decision) : m_d(decision), m_stated(decision.facts) {}

    std::vector<SongDoubt> run() {
        if (m_d.map.bars.empty()) return {};
        OtherReadings others = otherReadings(m_d);
        pulse(std::move(others.pulses));
        bars(std::move(others.bars));
        parts();
        oddBars();
        stops();
        phrases();
        std::stable_sort(m_doubts.begin(), m_doubts.end(), [](const SongDoubt& a, const SongDoubt& b) {
            return std::pair(a.ofAll, a.weight) > std::pair(b.ofAll, b.weight);
        });
        if (m_doubts.size() > mostDoubts) m_doubts.resize(mostDoubts);
        return std::move(m_doubts);
    }

private:
    /// A doubt about what the whole song hangs on: the answers to all others hang on it too.
    void addOfAll(const Sentence& about, const Sentence& chosen, std::vector<SongFact> chosenFacts,
                  std::vector<OtherReading> others, double impact) {
        add(barStart(0), m_d.map.end, about, chosen, std::move(chosenFacts), std::move(others), impact, true);
    }

    /// A doubt, if one of the others is near enough to the chosen one. `impact`: how much of the song depends on it, 0
    /// to 1.
    void add(Seconds start, Seconds end, const Sentence& about, const Sentence& chosen,
             std::vector<SongFact> chosenFacts, std::vector<OtherReading> others, double impact, bool ofAll = false) {
        std::stable_sort(others.begin(), others.end(),
                         [](const OtherReading& a, const OtherReading& b) { return a.score > b.score; });
        if (others.empty() || others.front().score < -(ofAll ? surelyOfAll : surely)) return;
        std::erase_if(others, [&](const OtherReading& o) {
            return o.score < -(ofAll ? hardlyEver : surely);
        }); // who is asked about the whole song anyhow may as well give an unlikely answer
        const std::size_t most = ofAll ? mostReadingsOfAll : mostReadings;
        if (others.size() + 1 > most) others.resize(most - 1);
        SongDoubt doubt;
        doubt.ofAll = ofAll;
        doubt.start = start;
        doubt.end = end;
        doubt.about = about;
        double sum = 1;
        for (const OtherReading& o : others) sum += std::exp(std::min(0.0, o.score));
        doubt.readings.push_back({chosen, 1 / sum, std::move(chosenFacts)});
        for (OtherReading& o : others)
            doubt.readings.push_back({std::move(o.text), std::exp(std::min(0.0, o.score)) / sum, std::move(o.facts)});
        doubt.weight = impact * (1 - doubt.readings.front().share);
        m_doubts.push_back(std::move(doubt));
    }

    Seconds songStart() const { return m_d.map.beats.front().time; }
    Seconds barStart(std::size_t bar) const { return m_d.map.beats[m_d.map.bars[bar].firstBeat].time; }
    Seconds barEnd(std::size_t bar) const { return bar + 1 < m_d.map.bars.size() ? barStart(bar + 1) : m_d.map.end; }

    void pulse(std::vector<OtherReading> others) {
        if (m_stated.tempo) return;
        const double bpm = std::round(600.0 * static_cast<double>(m_d.parts) / m_d.pulse.period) / 10;
        addOfAll(
            Core::sentence("how fast the beat is, and where it falls"),
            m_d.parts == 3 // a jig is counted by its threes
                ? Core::sentence("%1 bpm in threes, as it is counted here", AsDecimals::tenths(60 / m_d.pulse.period))
                : Core::sentence("%1 bpm, as it is counted here", AsDecimals::tenths(bpm)),
            {TempoFact{bpm}, BeatFact{m_d.map.beats[m_d.map.beats.size() / 2].time}}, std::move(others), 1.0);
    }

    /// How long a bar is and where it begins: one question, since a person who counts hears both at once.
    void bars(std::vector<OtherReading> others) {
        const std::size_t first = m_d.reading.bars.pickup;
        addOfAll(Core::sentence("how long a bar is, and where the 1 is"),
                 Core::sentence("%1, the 1 is here", barsOf(m_d.map.metre)),
                 {MetreFact{m_d.map.metre}, OneFact{m_d.pulse.beats[first]}}, std::move(others), 0.9);
    }

    /// Two parts in a beat, or three.
    void parts() {
        if (m_stated.metre || !m_d.reading.grouping.empty()) return;
        const double three = subdivisionOf(m_d.song.features, m_d.pulse.beats).three;
        const bool asThree = m_d.parts == 3;
        Metre metre{m_d.reading.beatsPerBar, 4, {}};
        if (!asThree)
            metre = {m_d.reading.beatsPerBar * 3, 8,
                     std::vector<int>(static_cast<std::size_t>(m_d.reading.beatsPerBar), 3)};
        const auto made = [](bool threes, const Metre& m) {
            const std::string plain = std::to_string(m.beats) + "/" + std::to_string(m.unit);
            return threes ? Core::sentence("every beat in three: %1", plain)
                          : Core::sentence("every beat in two: %1", plain);
        };
        add(barStart(0), m_d.map.end, Core::sentence("what a beat is made of"), made(asThree, m_d.map.metre),
            {MetreFact{m_d.map.metre}}, {{made(!asThree, metre), -std::abs(three), {MetreFact{metre}}}}, 0.4);
    }

    void oddBars() {
        const std::size_t last = m_d.map.bars.size() - 1; // may be unfinished
        for (const BarRun& run : oddRuns(m_d.map)) {
            const std::size_t b = run.first;
            const Bar& bar = m_d.map.bars[b];
            if (b == last || isStated(bar)) continue;
            if (run.count >= fewestOfAMetre) {
                otherMetre(run);
                continue;
            }
            for (std::size_t odd = b; odd < std::min(last, b + run.count); ++odd) oddBar(odd);
        }
    }

    /// A part that was heard in another metre.
    void otherMetre(const BarRun& run) {
        const SongSpan part{barStart(run.first), barEnd(run.first + run.count - 1)};
        const Metre heard{run.beats, m_d.map.metre.unit, m_d.map.bars[run.first].grouping};
        add(part.from, part.to, Core::sentence("the metre of bars %1 to %2", run.first + 1, run.first + run.count),
            Core::sentence("here %1", barsOf(heard)), {MetreFact{heard, part}},
            {{Core::sentence("here too %1", barsOf(m_d.map.metre)), asLikelyAsNot, {MetreFact{m_d.map.metre, part}}}},
            0.6 * (part.to - part.from) / (m_d.map.end - songStart()));
    }

    void oddBar(std::size_t b) {
        const Bar& bar = m_d.map.bars[b];
        if (isStated(bar)) return;
        const int other = m_d.map.metre.beats;
        add(barStart(b), barEnd(b), Core::sentence("the length of bar %1", b + 1),
            Core::plural("bar %1 has %n beat|bar %1 has %n beats", nullptr, bar.beats, b + 1),
            {BarFact{barStart(b), bar.beats, {}}},
            {{Core::plural("bar %1 has %n beat like the others|bar %1 has %n beats like the others", nullptr, other,
                           b + 1),
              asLikelyAsNot,
              {BarFact{barStart(b), other, {}}}}},
            0.5 * (m_d.map.end - barStart(b)) / (m_d.map.end - songStart()));
    }

    bool isStated(const Bar& bar) const {
        const Seconds at = m_d.map.beats[bar.firstBeat].time;
        return std::any_of(m_d.facts.begin(), m_d.facts.end(), [&](const SongFact& fact) {
            if (const auto* f = std::get_if<BarFact>(&fact)) return std::abs(f->at - at) <= 0.07;
            if (const auto* f = std::get_if<MetreFact>(&fact); f && f->within)
                return f->within->from - 0.07 <= at && at < f->within->to;
            return false;
        });
    }

    /// How well the silence holds so many beats, by the tempo around it: a logarithm of odds, 0 where it fits exactly.
    double fit(const Stop& stop, int beats) const {
        constexpr std::size_t around = 8; // beats on either side
        constexpr double spread = 0.08;   // of ln: how freely bands come back from a stop (common practice, no source)
        const std::size_t first = nearestBeat(m_d.map, stop.start), last = nearestBeat(m_d.map, stop.end),
                          n = m_d.map.beats.size();
        std::vector<double> lengths;
        for (std::size_t b = first > around ? first - around : 0; b + 1 < std::min(n, last + around); ++b)
            if (b < first || b >= last) lengths.push_back(m_d.map.beats[b + 1].time - m_d.map.beats[b].time);
        if (lengths.empty()) return 0;
        const double away = std::log((stop.end - stop.start) / beats / median(std::move(lengths))) / spread;
        return -0.5 * away * away;
    }

    void stops() {
        for (const Stop& stop : m_d.map.stops) {
            const bool known = std::any_of(m_d.facts.begin(), m_d.facts.end(), [&](const SongFact& f) {
                const auto* s = std::get_if<StopFact>(&f);
                return s && s->from < stop.end && s->to > stop.start;
            });
            if (known) continue;
            const auto with = [&](int beats) { return StopFact{stop.start, stop.end, beats}; };
            const Sentence here = Core::sentence("a stop of %1, the pulse goes on", stop.beats);
            std::vector<OtherReading> others;
            for (int beats : {stop.beats - 1, stop.beats + 1})
                if (beats > 0)
                    others.push_back({Core::sentence("a stop of %1", beats),
                                      fit(stop, beats) - fit(stop, stop.beats),
                                      {with(beats)}});
            add(stop.start, stop.end, Core::sentence("how long the silence is"), here, {with(stop.beats)},
                std::move(others), 0.3);
        }
    }

    /// What the phrases from `first` on, so many bars each, gain less what their lengths cost; the first one starts
    /// anyhow.
    double worthOf(std::size_t first, std::initializer_list<std::size_t> lengths) const {
        double sum = 0;
        std::size_t bar = first;
        for (std::size_t bars : lengths) {
            sum += bar == first ? 0 : m_d.phraseEvidence[bar];
            bar += bars;
            sum -= phraseLengthPrice(bars, bar == m_d.phraseEvidence.size());
        }
        return sum;
    }

    void phrases() {
        const SongMap& map = m_d.map;
        for (std::size_t p = 0; p < map.phrases.size(); ++p) {
            const Phrase& phrase = map.phrases[p];
            if (phrase.firstBar + phrase.bars > m_d.phraseEvidence.size()) continue;
            inside(phrase);
            if (p > 0 && !phrase.confirmed && !map.phrases[p - 1].confirmed) between(map.phrases[p - 1], phrase);
        }
    }

    void between(const Phrase& before, const Phrase& phrase) {
        const double now = worthOf(before.firstBar, {before.bars, phrase.bars});
        std::vector<OtherReading> others;
        for (int shift : {-1, 1}) { // whose bar is it: the one before the boundary, or the one after
            if ((shift < 0 ? before.bars : phrase.bars) < 2) continue;
            const std::size_t bars = shift < 0 ? before.bars - 1 : before.bars + 1;
            others.push_back(
                {shift < 0 ? Core::sentence("it starts a bar earlier") : Core::sentence("it starts a bar later"),
                 worthOf(before.firstBar, {bars, before.bars + phrase.bars - bars}) - now,
                 {PhraseFact{barStart(before.firstBar + bars), std::nullopt}}});
        }
        others.push_back(
            {Core::sentence("no phrase starts here"),
             worthOf(before.firstBar, {before.bars + phrase.bars}) - now,
             {PhraseFact{barStart(before.firstBar), beatsIn(m_d.map, before) + beatsIn(m_d.map, phrase)}}});
        add(barStart(phrase.firstBar), barEnd(phrase.firstBar), Core::sentence("where a phrase starts"),
            Core::sentence("a phrase starts here, at bar %1", phrase.firstBar + 1),
            {PhraseFact{barStart(phrase.firstBar), std::nullopt}}, std::move(others), 0.25);
    }

    /// A phrase that is longer than people mostly count may be two, until its length is stated: where it starts does
    /// not say where it ends.
    void inside(const Phrase& phrase) {
        if (phrase.bars <= longestAsOne) return;
        const bool stated = std::any_of(m_d.facts.begin(), m_d.facts.end(), [&](const SongFact& fact) {
            const auto* said = std::get_if<PhraseFact>(&fact);
            return said && said->beats && std::abs(said->at - barStart(phrase.firstBar)) < sameStart;
        });
        if (stated) return;
        const double now = worthOf(phrase.firstBar, {phrase.bars});
        std::vector<OtherReading> others;
        for (std::size_t bars = fewestOfAPhrase; bars + fewestOfAPhrase <= phrase.bars; ++bars)
            others.push_back({Core::sentence("a phrase starts at bar %1", phrase.firstBar + bars + 1),
                              worthOf(phrase.firstBar, {bars, phrase.bars - bars}) - now,
                              {PhraseFact{barStart(phrase.firstBar + bars), std::nullopt}}});
        const int beats = beatsIn(m_d.map, phrase);
        add(barStart(phrase.firstBar), barEnd(phrase.firstBar), Core::sentence("how long a phrase is"),
            Core::plural("one phrase of %n beat, from bar %1|one phrase of %n beats, from bar %1", nullptr, beats,
                         phrase.firstBar + 1),
            {PhraseFact{barStart(phrase.firstBar), beats}}, std::move(others), 0.3);
    }

    const Decision& m_d;
    const Stated m_stated;
    std::vector<SongDoubt> m_doubts;
};

} // namespace

std::vector<SongDoubt> findDoubts(const Decision& decision) { return Doubter(decision).run(); }

} // namespace lc
