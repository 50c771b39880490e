#include "audio/song_doubts.h"

#include "audio/phrase_path.h"
#include "audio/subdivision.h"
#include "core/base/clock_text.h"
#include "core/base/number_words.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>
#include <tuple>
#include <utility>

namespace lc {

namespace {

constexpr double surely = 1.5;        // logarithm of odds (one to four and a half); beyond it nobody is asked
constexpr double surelyOfAll = 3.5;   // the same for what the whole song hangs on (one to thirty): there a question is cheap and a mistake is not
constexpr double hardlyEver = 5.3;     // one to two hundred
constexpr double asLikelyAsNot = 0;    // of odd bars that were heard in the training half fewer than half were right, and of parts in another metre
constexpr double sameTempo = 0.06;    // of ln
constexpr double sameBars = 0.02;     // of ln: pulses so near have the same bars
constexpr const char* samePulse = "the same";
constexpr std::size_t mostDoubts = 8; // more than a person weighs at once
constexpr std::size_t mostReadings = 4;
constexpr std::size_t mostReadingsOfAll = 6; // of what the whole song hangs on
constexpr double sameStart = 0.1;         // seconds from a stated start to the bar that it moved to
constexpr std::size_t longestAsOne = 8;    // bars; a phrase of more is asked about
constexpr std::size_t fewestOfAPhrase = 2; // bars
constexpr std::size_t fewestOfAMetre = 3; // bars of another length in a row: a part in its own metre

/// Was it stated of the whole song?
template <typename Fact>
bool stated(const std::vector<SongFact>& facts) {
    return std::any_of(facts.begin(), facts.end(), [](const SongFact& f) {
        const auto* fact = std::get_if<Fact>(&f);
        return fact && !fact->within;
    });
}

std::string barsOf(const Metre& metre) { return "bars of " + std::to_string(metre.beats) + ", " + toString(metre); }

class Doubter {
public:
    explicit Doubter(const Decision& decision) : m_d(decision) {
        for (const PulseCandidate& other : m_d.song.metre.pulses) m_called.push_back(nameOf(other));
    }

    std::vector<SongDoubt> run() {
        if (m_d.map.bars.empty()) return {};
        pulse();
        bars();
        parts();
        oddBars();
        stops();
        phrases();
        std::stable_sort(m_doubts.begin(), m_doubts.end(), [](const SongDoubt& a, const SongDoubt& b) { return std::pair(a.ofAll, a.weight) > std::pair(b.ofAll, b.weight); });
        if (m_doubts.size() > mostDoubts) m_doubts.resize(mostDoubts);
        return std::move(m_doubts);
    }

private:
    struct Other {
        std::string text;
        double score; ///< against the chosen one's 0; mostly negative
        std::vector<SongFact> facts;
        bool alike = false; ///< of bars: all of one length
    };

    /// A doubt about what the whole song hangs on: the answers to all others hang on it too.
    void addOfAll(const std::string& about, const std::string& chosen, std::vector<SongFact> chosenFacts, std::vector<Other> others, double impact) {
        add(barStart(0), m_d.map.end, about, chosen, std::move(chosenFacts), std::move(others), impact, true);
    }

    /// A doubt, if one of the others is near enough to the chosen one. `impact`: how much of the song depends on it, 0 to 1.
    void add(Seconds start, Seconds end, const std::string& about, const std::string& chosen, std::vector<SongFact> chosenFacts, std::vector<Other> others, double impact, bool ofAll = false) {
        std::stable_sort(others.begin(), others.end(), [](const Other& a, const Other& b) { return a.score > b.score; });
        if (others.empty() || others.front().score < -(ofAll ? surelyOfAll : surely)) return;
        std::erase_if(others, [&](const Other& o) { return o.score < -(ofAll ? hardlyEver : surely); }); // who is asked about the whole song anyhow may as well give an unlikely answer
        const std::size_t most = ofAll ? mostReadingsOfAll : mostReadings;
        if (others.size() + 1 > most) others.resize(most - 1);
        SongDoubt doubt;
        doubt.ofAll = ofAll;
        doubt.start = start;
        doubt.end = end;
        doubt.about = about;
        double sum = 1;
        for (const Other& o : others) sum += std::exp(std::min(0.0, o.score));
        doubt.readings.push_back({chosen, 1 / sum, std::move(chosenFacts)});
        for (Other& o : others) doubt.readings.push_back({std::move(o.text), std::exp(std::min(0.0, o.score)) / sum, std::move(o.facts)});
        doubt.weight = impact * (1 - doubt.readings.front().share);
        m_doubts.push_back(std::move(doubt));
    }

    Seconds songStart() const { return m_d.map.beats.front().time; }
    Seconds barStart(std::size_t bar) const { return m_d.map.beats[m_d.map.bars[bar].firstBeat].time; }
    Seconds barEnd(std::size_t bar) const { return bar + 1 < m_d.map.bars.size() ? barStart(bar + 1) : m_d.map.end; }
    double bpmOfMap() const { return 60.0 * static_cast<double>(m_d.parts) / m_d.pulse.period; }

    void pulse() {
        if (stated<TempoFact>(m_d.facts)) return;
        std::map<std::string, Other> found; // by what it is called: the readings of one pulse, with whatever bars, speak for it together
        double ours = 0;
        for (const MetreReading& r : m_d.song.metre.readings) {
            const PulseCandidate& other = m_d.song.metre.pulses[r.pulse];
            const double odds = std::exp(r.score - m_d.reading.score);
            const std::string& text = m_called[r.pulse];
            if (r.pulse == m_d.reading.pulse || text == samePulse) ours += odds;
            else if (!text.empty()) {
                Other& o = found[text];
                if (o.text.empty()) { // the likeliest comes first
                    o.text = text;
                    o.facts = factsOf(other);
                }
                o.score += odds;
            }
        }
        std::vector<Other> others;
        for (auto& [text, o] : found) {
            const bool known = std::all_of(o.facts.begin(), o.facts.end(), [&](const SongFact& f) { return std::find(m_d.facts.begin(), m_d.facts.end(), f) != m_d.facts.end(); });
            if (known) continue;
            o.score = std::log(o.score / std::max(ours, 1e-9));
            others.push_back(std::move(o));
        }
        const double bpm = std::round(bpmOfMap() * 10) / 10;
        addOfAll("how fast the beat is, and where it falls", numberText(bpm) + " bpm, as it is counted here", {TempoFact{bpm}, BeatFact{m_d.map.beats[m_d.map.beats.size() / 2].time}}, std::move(others), 1.0);
    }

    /// What states another pulse: its tempo where it has another, and beats that ours has not; three where nothing else tells, so that it is not one beat that is moved.
    std::vector<SongFact> factsOf(const PulseCandidate& other) const {
        std::vector<SongFact> facts;
        if (!hasOurTempo(other)) facts.push_back(TempoFact{std::round(600 / other.period) / 10});
        for (const double part : hasOurTempo(other) ? std::vector{0.5, 0.25, 0.75} : std::vector{0.5})
            if (const auto place = whereTheyDiffer(other.beats, part)) facts.push_back(BeatFact{*place});
        return facts;
    }

    /// What another pulse is called by one who counts ours: by its tempo, or where it is the same, by the part of a beat that it lies later.
    std::string nameOf(const PulseCandidate& other) const {
        const auto near = [&](double factor) { return std::abs(std::log(m_d.pulse.period / other.period / factor)) < sameTempo; };
        for (const auto& [factor, text] : {std::pair{2.0, "twice as fast"}, {0.5, "half as fast"}, {3.0, "three times as fast"}, {1.0 / 3, "a third as fast"}, {1.5, "one and a half times as fast"},
                                           {2.0 / 3, "two thirds as fast"}, {4.0, "four times as fast"}, {0.25, "a quarter as fast"}, {4.0 / 3, "a third faster"}, {0.75, "a quarter slower"}})
            if (near(factor)) return factor > 1 && factor == std::floor(factor) && !holdsOurBeats(other) ? std::string(text) + ", beside these beats" : text;
        if (!hasOurTempo(other)) return {};
        const double shift = laterThanOurs(other.beats);
        for (const auto& [part, text] : {std::pair{0.0, samePulse}, {0.25, "a quarter of a beat later"}, {1.0 / 3, "a third of a beat later"}, {0.5, "half a beat later"}, {2.0 / 3, "two thirds of a beat later"},
                                         {0.75, "a quarter of a beat earlier"}, {1.0, samePulse}})
            if (std::abs(shift - part) < (part == 0.0 || part == 1.0 ? 0.125 : 0.05)) return text;
        return "the beat falls elsewhere";
    }

    bool holdsOurBeats(const PulseCandidate& other) const {
        constexpr double beside = 0.07; // seconds
        const auto& ours = m_d.pulse.beats;
        const auto has = [&](double at) {
            const auto after = std::lower_bound(other.beats.begin(), other.beats.end(), at - beside);
            return after != other.beats.end() && *after <= at + beside;
        };
        return 2 * std::count_if(ours.begin(), ours.end(), has) > static_cast<std::ptrdiff_t>(ours.size());
    }

    bool hasOurTempo(const PulseCandidate& other) const { return std::abs(std::log(m_d.pulse.period / other.period)) < sameTempo; }

    /// By what part of a beat another pulse of our tempo lies later than ours, 0 to 1: the median.
    double laterThanOurs(const std::vector<double>& other) const {
        const auto& ours = m_d.pulse.beats;
        std::vector<double> parts;
        for (double at : other) {
            const auto after = std::upper_bound(ours.begin(), ours.end(), at);
            if (after == ours.begin() || after == ours.end()) continue;
            const double part = (at - *std::prev(after)) / (*after - *std::prev(after));
            parts.push_back(part > 0.875 ? part - 1 : part); // on the beat, a little before or after
        }
        if (parts.empty()) return 0;
        std::nth_element(parts.begin(), parts.begin() + static_cast<std::ptrdiff_t>(parts.size() / 2), parts.end());
        return std::max(0.0, parts[parts.size() / 2]);
    }

    /// A beat of another reading, near a part of the song's length, that ours has not.
    std::optional<Seconds> whereTheyDiffer(const std::vector<double>& other, double part) const {
        const auto& ours = m_d.pulse.beats;
        std::optional<Seconds> place;
        const double middle = songStart() + part * (m_d.map.end - songStart());
        for (double at : other) {
            const auto after = std::lower_bound(ours.begin(), ours.end(), at);
            const double away = std::min(after == ours.end() ? 1e9 : *after - at, after == ours.begin() ? 1e9 : at - *std::prev(after));
            if (away > 0.07 && away < 1e8 && (!place || std::abs(at - middle) < std::abs(*place - middle))) place = at;
        }
        return place;
    }

    /// How long a bar is and where it begins: one question, since a person who counts hears both at once.
    void bars() {
        std::vector<Other> others;
        for (auto& [which, other] : otherBars()) others.push_back(std::move(other));
        const std::size_t first = m_d.reading.bars.pickup;
        addOfAll("how long a bar is, and where the 1 is", barsOf(m_d.map.metre) + ", the 1 is here", {MetreFact{m_d.map.metre}, OneFact{m_d.pulse.beats[first]}}, std::move(others), 0.9);
    }

    /// What the bars are called, how many beats of the pulse after our first 1 they begin, and whether it is said that they are all alike, where ours are not.
    using WhichBars = std::tuple<std::string, std::size_t, bool>;

    /// The other bars on our pulse: those that the judge of readings weighed, and of our length those that it was not asked about.
    std::map<WhichBars, Other> otherBars() const {
        const bool lengthKnown = stated<MetreFact>(m_d.facts), beginKnown = !m_d.known.ones.empty() || !m_d.known.lengths.empty();
        const bool oursAlike = m_d.reading.bars.odd == 0;
        const std::string ours = barsOf(m_d.map.metre);
        std::map<WhichBars, Other> found;
        double sumOfOurs = 0;
        for (const MetreReading& r : m_d.song.metre.readings) {
            const PulseCandidate& other = m_d.song.metre.pulses[r.pulse];
            if (std::abs(std::log(other.period / m_d.pulse.period)) > sameBars || r.grouping.empty() != m_d.reading.grouping.empty() || m_called[r.pulse] != samePulse) continue;
            const double odds = std::exp(r.score - m_d.reading.score);
            const Metre metre = metreOf(r);
            const std::string called = barsOf(metre);
            const bool likeOurs = called == ours;
            const std::size_t later = laterBegin(r);
            if (likeOurs && (r.steady ? later == 0 && oursAlike : true)) sumOfOurs += odds;
            else if (likeOurs ? !beginKnown : !lengthKnown) {
                const bool saidAlike = likeOurs && !oursAlike;
                Other& o = found[{called, later, saidAlike}];
                if (o.text.empty() || (r.steady && !o.alike)) { // the likeliest comes first, and bars that are all alike before others
                    o.alike = r.steady;
                    const std::string length = saidAlike ? "every bar has " + numbered(metre.beats, "beat", "beats") : likeOurs ? "" : called;
                    o.text = later == 0 || beginKnown ? length : length.empty() ? "the 1 is " + laterText(later) : length + ", the 1 " + laterText(later);
                    o.facts = {MetreFact{metre}};
                    if (!beginKnown)
                        for (const SongFact& fact : onesOf(r)) o.facts.push_back(fact);
                }
                o.score += odds;
            }
        }
        for (auto& [which, o] : found) o.score = std::log(o.score / std::max(sumOfOurs, 1e-9));
        for (int later = 1; later < m_d.reading.beatsPerBar && !beginKnown; ++later) {
            const auto at = static_cast<std::size_t>(later);
            if (m_d.reading.bars.pickup + at >= m_d.pulse.beats.size() || found.contains({ours, at, false})) continue;
            if (const auto score = shiftedScore(later)) found[{ours, at, false}] = {"the 1 is " + laterText(at), *score, shiftedBy(at)};
        }
        return found;
    }

    static std::string laterText(std::size_t beats) { return beats == 1 ? "a beat later" : std::to_string(beats) + " beats later"; }

    /// The metre of a reading on our pulse, in our map's unit.
    Metre metreOf(const MetreReading& r) const {
        const int parts = static_cast<int>(m_d.parts);
        Metre metre{r.beatsPerBar * parts, m_d.map.metre.unit, r.grouping};
        if (parts == 3) metre.grouping.assign(static_cast<std::size_t>(r.beatsPerBar), 3);
        return metre;
    }

    /// Our beat at a moment of another candidate of the same beats: ours was followed once more since, perhaps with more beats or fewer.
    std::size_t ourBeatAt(double at) const {
        const auto& ours = m_d.pulse.beats;
        const auto near = static_cast<std::size_t>(std::lower_bound(ours.begin(), ours.end(), at - 0.5 * m_d.pulse.period) - ours.begin());
        return std::min(near, ours.size() - 1);
    }

    /// How many beats after our first 1 the bars of a reading begin, less than one of its bars.
    std::size_t laterBegin(const MetreReading& r) const {
        const auto length = static_cast<std::size_t>(r.beatsPerBar);
        const std::size_t first = ourBeatAt(m_d.song.metre.pulses[r.pulse].beats[r.bars.pickup]);
        return (first + length - m_d.reading.bars.pickup % length) % length;
    }

    /// The beat on which the last bar but one begins: a place near the end for a second statement.
    static std::size_t lateBegin(const BarPath& bars) {
        std::size_t late = bars.pickup;
        for (std::size_t b = 0; b + 2 < bars.lengths.size(); ++b) late += static_cast<std::size_t>(bars.lengths[b]);
        return late;
    }

    /// What states where the bars of a reading are: its first 1, and one of its last. Bars that are all alike are counted on our beats.
    std::vector<SongFact> onesOf(const MetreReading& r) const {
        const auto& ours = m_d.pulse.beats;
        const auto& beats = m_d.song.metre.pulses[r.pulse].beats;
        const std::size_t first = ourBeatAt(beats[r.bars.pickup]);
        std::size_t last = first;
        if (const auto length = static_cast<std::size_t>(r.beatsPerBar); r.steady) {
            if (const std::size_t bars = (ours.size() - first) / length; bars > 2) last += (bars - 2) * length;
        } else last = ourBeatAt(beats[std::min(lateBegin(r.bars), beats.size() - 1)]);
        std::vector<SongFact> facts{OneFact{ours[first]}};
        if (last > first) facts.push_back(OneFact{ours[last]});
        return facts;
    }

    /// Two parts in a beat, or three.
    void parts() {
        if (stated<MetreFact>(m_d.facts) || !m_d.reading.grouping.empty()) return;
        const double three = subdivisionOf(m_d.song.features, m_d.pulse.beats).three;
        const bool asThree = m_d.parts == 3;
        Metre metre{m_d.reading.beatsPerBar, 4, {}};
        if (!asThree) metre = {m_d.reading.beatsPerBar * 3, 8, std::vector<int>(static_cast<std::size_t>(m_d.reading.beatsPerBar), 3)};
        const char* names[] = {"every beat in two", "every beat in three"};
        add(barStart(0), m_d.map.end, "what a beat is made of", names[asThree] + (": " + toString(m_d.map.metre)), {MetreFact{m_d.map.metre}},
            {{names[!asThree] + (": " + toString(metre)), -std::abs(three), {MetreFact{metre}}}}, 0.4);
    }

    /// How much less speaks for the whole song shifted: every 1 may only fall on the shifted places.
    std::optional<double> shiftedScore(int later) const {
        const auto usual = static_cast<std::size_t>(m_d.reading.beatsPerBar);
        const std::size_t at = m_d.reading.bars.pickup + static_cast<std::size_t>(later);
        std::vector<double> one = m_d.one;
        for (std::size_t b = 0; b < one.size(); ++b)
            if ((b + usual * one.size() - at) % usual != 0) one[b] = -6;
        const auto path = solveBars(one, m_d.reading.beatsPerBar, {}, m_d.known);
        if (!path) return std::nullopt;
        constexpr double decisive = 6; // evidence of single bars is not independent: a few bars' worth decides
        const double bars = std::max<double>(1, static_cast<double>(m_d.reading.bars.lengths.size()));
        return (path->score - m_d.reading.bars.score) / bars * decisive;
    }

    /// What states the whole song shifted: its first 1 and its last one.
    std::vector<SongFact> shiftedBy(std::size_t beats) const {
        const std::size_t last = lateBegin(m_d.reading.bars);
        std::vector<SongFact> facts{OneFact{m_d.pulse.beats[m_d.reading.bars.pickup + beats]}};
        if (last > m_d.reading.bars.pickup && last + beats < m_d.pulse.beats.size()) facts.push_back(OneFact{m_d.pulse.beats[last + beats]});
        return facts;
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
        add(part.from, part.to, "the metre of bars " + std::to_string(run.first + 1) + " to " + std::to_string(run.first + run.count), "here " + barsOf(heard), {MetreFact{heard, part}},
            {{"here too " + barsOf(m_d.map.metre), asLikelyAsNot, {MetreFact{m_d.map.metre, part}}}}, 0.6 * (part.to - part.from) / (m_d.map.end - songStart()));
    }

    void oddBar(std::size_t b) {
        const Bar& bar = m_d.map.bars[b];
        if (isStated(bar)) return;
        const std::string place = "bar " + std::to_string(b + 1) + " has ";
        const int other = m_d.map.metre.beats;
        add(barStart(b), barEnd(b), "the length of bar " + std::to_string(b + 1), place + std::to_string(bar.beats) + (bar.beats == 1 ? " beat" : " beats"),
            {BarFact{barStart(b), bar.beats, {}}}, {{place + numbered(other, "beat", "beats") + " like the others", asLikelyAsNot, {BarFact{barStart(b), other, {}}}}},
            0.5 * (m_d.map.end - barStart(b)) / (m_d.map.end - songStart()));
    }

    bool isStated(const Bar& bar) const {
        const Seconds at = m_d.map.beats[bar.firstBeat].time;
        return std::any_of(m_d.facts.begin(), m_d.facts.end(), [&](const SongFact& fact) {
            if (const auto* f = std::get_if<BarFact>(&fact)) return std::abs(f->at - at) <= 0.07;
            if (const auto* f = std::get_if<MetreFact>(&fact); f && f->within) return f->within->from - 0.07 <= at && at < f->within->to;
            return false;
        });
    }

    /// How well the silence holds so many beats, by the tempo around it: a logarithm of odds, 0 where it fits exactly.
    double fit(const Stop& stop, int beats) const {
        constexpr std::size_t around = 8; // beats on either side
        constexpr double spread = 0.08;   // of ln: how freely bands come back from a stop (common practice, no source)
        const std::size_t first = nearestBeat(m_d.map, stop.start), last = nearestBeat(m_d.map, stop.end), n = m_d.map.beats.size();
        std::vector<double> lengths;
        for (std::size_t b = first > around ? first - around : 0; b + 1 < std::min(n, last + around); ++b)
            if (b < first || b >= last) lengths.push_back(m_d.map.beats[b + 1].time - m_d.map.beats[b].time);
        if (lengths.empty()) return 0;
        std::nth_element(lengths.begin(), lengths.begin() + static_cast<std::ptrdiff_t>(lengths.size() / 2), lengths.end());
        const double away = std::log((stop.end - stop.start) / beats / lengths[lengths.size() / 2]) / spread;
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
            const std::string here = "a stop of " + std::to_string(stop.beats) + ", the pulse goes on";
            std::vector<Other> others;
            for (int beats : {stop.beats - 1, stop.beats + 1})
                if (beats > 0) others.push_back({"a stop of " + std::to_string(beats), fit(stop, beats) - fit(stop, stop.beats), {with(beats)}});
            add(stop.start, stop.end, "how long the silence is", here, {with(stop.beats)}, std::move(others), 0.3);
        }
    }

    /// What the phrases from `first` on, so many bars each, gain less what their lengths cost; the first one starts anyhow.
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
        std::vector<Other> others;
        for (int shift : {-1, 1}) { // whose bar is it: the one before the boundary, or the one after
            if ((shift < 0 ? before.bars : phrase.bars) < 2) continue;
            const std::size_t bars = shift < 0 ? before.bars - 1 : before.bars + 1;
            others.push_back({shift < 0 ? "it starts a bar earlier" : "it starts a bar later", worthOf(before.firstBar, {bars, before.bars + phrase.bars - bars}) - now,
                              {PhraseFact{barStart(before.firstBar + bars), std::nullopt}}});
        }
        others.push_back({"no phrase starts here", worthOf(before.firstBar, {before.bars + phrase.bars}) - now,
                          {PhraseFact{barStart(before.firstBar), beatsIn(m_d.map, before) + beatsIn(m_d.map, phrase)}}});
        add(barStart(phrase.firstBar), barEnd(phrase.firstBar), "where a phrase starts", "a phrase starts here, at bar " + std::to_string(phrase.firstBar + 1),
            {PhraseFact{barStart(phrase.firstBar), std::nullopt}}, std::move(others), 0.25);
    }

    /// A phrase that is longer than people mostly count may be two, until its length is stated: where it starts does not say where it ends.
    void inside(const Phrase& phrase) {
        if (phrase.bars <= longestAsOne) return;
        const bool stated = std::any_of(m_d.facts.begin(), m_d.facts.end(), [&](const SongFact& fact) {
            const auto* said = std::get_if<PhraseFact>(&fact);
            return said && said->beats && std::abs(said->at - barStart(phrase.firstBar)) < sameStart;
        });
        if (stated) return;
        const double now = worthOf(phrase.firstBar, {phrase.bars});
        std::vector<Other> others;
        for (std::size_t bars = fewestOfAPhrase; bars + fewestOfAPhrase <= phrase.bars; ++bars)
            others.push_back({"a phrase starts at bar " + std::to_string(phrase.firstBar + bars + 1), worthOf(phrase.firstBar, {bars, phrase.bars - bars}) - now,
                              {PhraseFact{barStart(phrase.firstBar + bars), std::nullopt}}});
        const int beats = beatsIn(m_d.map, phrase);
        add(barStart(phrase.firstBar), barEnd(phrase.firstBar), "how long a phrase is", "one phrase of " + numbered(beats, "beat", "beats") + ", from bar " + std::to_string(phrase.firstBar + 1),
            {PhraseFact{barStart(phrase.firstBar), beats}}, std::move(others), 0.3);
    }

    const Decision& m_d;
    std::vector<std::string> m_called; ///< what each pulse is called by one who counts ours; empty: nothing that is asked about
    std::vector<SongDoubt> m_doubts;
};

} // namespace

std::vector<SongDoubt> findDoubts(const Decision& decision) { return Doubter(decision).run(); }

} // namespace lc
