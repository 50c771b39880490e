#include "audio/listening/song_solver.h"

#include "audio/listening/phrase_path.h"
#include "audio/listening/pulse_presence.h"
#include "audio/listening/pulse_refinement.h"
#include "audio/listening/settled_bars.h"
#include "audio/listening/song_doubts.h"
#include "audio/listening/stated_facts.h"
#include "audio/listening/stated_ones.h"
#include "audio/listening/stated_pulse.h"
#include "audio/listening/stop_detection.h"
#include "audio/listening/subdivision.h"
#include "core/base/quantile.h"
#include "core/song/map_splice.h"
#include "core/song/song_facts.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {

constexpr double steadyEnough = 0.25; // median relative change between neighbouring beats, beyond it there is no pulse
constexpr double fastestWithSix =
    0.62; // seconds of a beat of three parts; bars of four of them are then said as two of 6/8
constexpr double coveredTempo = 0.08;      // of ln: what a stated tempo still covers
constexpr double nearTempo = 0.03;         // … and what it means
constexpr double offTempo = 6.0;           // what a reading loses that is only covered
constexpr double besideBeat = 0.2;         // of a beat: nearer to a stated place it only leans
constexpr double besideSoftBeat = 0.3;     // … where notes swell
constexpr double missedBeat = 4.0;         // what a reading loses for stated beats beside its pulse
constexpr double missedPlace = 4.0;        // what a reading loses for each stated place without a beat of its own
constexpr double aOne = 2.0, noOne = -4.0; // logarithms of odds, of beats in bars that were chosen as a whole
constexpr double mostOfSong = 0.6;         // of its length: chosen, no source
constexpr double missedOne = 6.0;          // what a reading loses for each stated 1 that is none of its
constexpr double samePulse = 4.0;          // what a reading gains, when a metre is stated, for the pulse that was heard
constexpr double oddIsRare = 1.5;  // of the prices of odd bars when readings are weighed: tuned on the training half,
                                   // where most that were heard were wrong
constexpr double oddDoubted = 0.5; // of the prices of odd bars, more for each bar that was stated to be like the others
constexpr double heldFrom = 1.35;  // of the beats around: a beat that long is held
constexpr double refused = 1000.0; // what a reading loses for a stated tempo or metre that it does not have

tl::unexpected<Error> noPulse() {
    return fail(
        ErrorCode::NoPulse,
        Core::sentence(
            "No steady pulse was found in this recording. It can still be played; tap along, or type its structure."));
}

std::vector<std::size_t> oddStarts(const BarPath& path, int usual) {
    std::vector<std::size_t> out;
    std::size_t beat = path.pickup;
    for (int length : path.lengths) {
        if (length != usual) out.push_back(beat);
        beat += static_cast<std::size_t>(length);
    }
    return out;
}

bool steady(const std::vector<double>& times) {
    std::vector<double> change;
    for (std::size_t i = 2; i < times.size(); ++i) {
        const double a = times[i - 1] - times[i - 2];
        const double b = times[i] - times[i - 1];
        change.push_back(std::abs(b - a) / std::max(a, b));
    }
    if (change.empty()) return false;
    return median(std::move(change)) < steadyEnough;
}

class Solver {
public:
    Solver(const HeardSong& song, const std::vector<SongFact>& facts)
        : m_song(song), m_facts(facts), m_ownParts(ownParts(facts)), m_stated(factsOutside(m_ownParts, facts)) {}

    Result<SongReading> run() {
        if (auto conflict = conflictIn(m_facts)) return tl::unexpected(*conflict);
        for (double at : m_stated.places)
            if (at > m_song.features.seconds + 1)
                return fail(ErrorCode::BadValue,
                            Core::sentence("A fact lies outside the song, which ends after %1 seconds.",
                                           static_cast<int>(m_song.features.seconds)));
        if (auto drawn = beatsAndBars(); !drawn) return tl::unexpected(drawn.error());
        dropTail();
        for (const OwnPart& part : m_ownParts)
            if (auto done = solvePart(part); !done) return tl::unexpected(done.error());
        phrases();
        if (m_ownParts.empty()) settleBars();
        namePhrases();
        m_map.stops = findStops(m_map, m_song.features);
        auto settled = withFacts(m_map, m_facts); // names, and whatever is left to be seen as stated
        if (!settled) return tl::unexpected(settled.error());
        SongReading reading;
        reading.map = std::move(*settled);
        reading.doubts =
            findDoubts({m_song, m_facts, reading.map, m_reading, m_pulse, m_one, m_parts, m_known, m_phraseEvidence});
        reading.solved = std::move(m_map);
        return reading;
    }

private:
    Result<void> beatsAndBars() {
        if (auto chosen = choose(); !chosen) return chosen;
        followStatedPlaces(m_song.features, m_stated, m_parts, m_pulse);
        placeBeats(m_stated, m_parts, m_pulse);
        if (auto cut = cutBars(); !cut) return cut;
        draft();
        return {};
    }

    /// A part with its own metre or tempo is solved as if the whole song had it, and taken over from its start to its
    /// end.
    Result<void> solvePart(const OwnPart& part) {
        std::vector<SongFact> facts{MetreFact{part.metre.value_or(m_map.metre)}};
        if (part.bpm)
            facts.push_back(TempoFact{*part.bpm});
        else if (const auto tempo = medianTempo(m_map); tempo && part.metre && part.metre->unit == m_map.metre.unit)
            facts.push_back(TempoFact{*tempo});
        for (const SongFact& fact : m_facts)
            if (const auto at = placeOf(fact); at && inside(part, *at)) facts.push_back(fact);
        facts = addFact(std::move(facts), OneFact{part.span.from});
        Solver solver(m_song, facts);
        if (auto drawn = solver.beatsAndBars(); !drawn) return drawn;
        m_map = withStretch(m_map, solver.m_map, part.span.from, part.span.to);
        return {};
    }

    /// Beats a map would have in one beat of this reading's pulse.
    std::size_t partsOf(const PulseCandidate& pulse, const MetreReading& reading) const {
        if (!reading.grouping.empty()) return 1;
        if (m_stated.metre) return m_stated.metre->metre.unit == 8 && m_stated.metre->metre.beats % 3 == 0 ? 3 : 1;
        return subdivisionOf(m_song.features, pulse.beats).three > 0 ? 3 : 1;
    }

    bool fitsMetre(const MetreReading& reading) const {
        const Metre& metre = m_stated.metre->metre;
        if (metre.unit == 8 && metre.beats % 3 == 0 &&
            (metre.grouping.empty() || metre.grouping.front() == 3)) // in groups of three
            return reading.grouping.empty() && reading.beatsPerBar * 3 == metre.beats;
        if (metre.unit == 8 && (metre.beats == 5 || metre.beats == 7 || metre.beats == 9))
            return !reading.grouping.empty() && reading.beatsPerBar == metre.beats &&
                   (metre.grouping.empty() || metre.grouping == reading.grouping);
        return reading.grouping.empty() && reading.beatsPerBar == metre.beats;
    }

    /// How far a stated tempo is from this pulse, as a logarithm; the beats of a map may be thirds of it.
    double awayFromTempo(const PulseCandidate& pulse) const {
        const double bpm = 60 / pulse.period;
        return std::min(std::abs(std::log(m_stated.tempo->bpm / bpm)),
                        std::abs(std::log(m_stated.tempo->bpm / (3 * bpm))));
    }

    /// What a pulse loses for stated places without a beat of its own. A stated beat speaks of the pulse; a single 1 or
    /// phrase may stand where the pulse slipped, and what lies before or after all beats says nothing.
    double missedBy(const PulseCandidate& pulse) const {
        const auto misses = [&](double at) {
            return at > pulse.beats.front() - 0.5 * pulse.period && at < pulse.beats.back() + 0.5 * pulse.period &&
                   std::abs(pulse.beats[nearest(pulse.beats, at)] - at) >
                       std::max(sameBeat, (pulse.soft ? besideSoftBeat : besideBeat) * pulse.period);
        };
        double beats = 0, beatsMissed = 0, places = 0, placesMissed = 0, first = 1e9, last = -1e9;
        for (double at : m_stated.places) {
            const bool beat = std::find(m_stated.beats.begin(), m_stated.beats.end(), at) != m_stated.beats.end();
            (beat ? beats : places) += 1;
            if (!misses(at)) continue;
            (beat ? beatsMissed : placesMissed) += 1;
            first = std::min(first, at);
            last = std::max(last, at);
        }
        const double ofPulse = beatsMissed > 0 ? missedBeat * beatsMissed * beatsMissed / beats : 0;
        double loss = 0;
        if (placesMissed > 1) loss += missedPlace * (placesMissed - 1) * (placesMissed - 1) / (places - 1);
        const double spread = std::max(0.0, last - first) / std::max(1.0, m_song.features.seconds);
        return ofPulse +
               loss * std::min(1.0, 0.25 + 2 * spread); // misses in one corner of the song speak of that corner
    }

    /// How many stated 1s and phrase starts are no 1 of a reading.
    std::size_t missedOnes(const MetreReading& reading, const PulseCandidate& pulse) const {
        std::vector<bool> starts(pulse.beats.size(), false);
        std::size_t start = reading.bars.pickup;
        for (int length : reading.bars.lengths) {
            starts[start] = true;
            start += static_cast<std::size_t>(length);
        }
        const auto misses = [&](const auto& fact) { return !starts[nearest(pulse.beats, fact.at)]; };
        return static_cast<std::size_t>(std::count_if(m_stated.ones.begin(), m_stated.ones.end(), misses) +
                                        std::count_if(m_stated.phrases.begin(), m_stated.phrases.end(), misses));
    }

    /// Do the stated 1s reach over most of the song?
    bool onesSpanSong() const {
        if (m_stated.ones.empty()) return false;
        const auto [first, last] = std::minmax_element(m_stated.ones.begin(), m_stated.ones.end(),
                                                       [](const OneFact& a, const OneFact& b) { return a.at < b.at; });
        return last->at - first->at > mostOfSong * m_song.features.seconds;
    }

    Result<void> choose() {
        const MetreReadings* all = &m_song.metre;
        // A tempo that nobody heard; or one so fast that nobody asked whether the beats are the &s of it.
        const bool fast = m_stated.tempo && 60 / m_stated.tempo->bpm < slowestUneven &&
                          !(m_stated.metre && m_stated.metre->metre.unit == 8);
        if (m_stated.tempo &&
            (fast || std::none_of(all->pulses.begin(), all->pulses.end(),
                                  [&](const PulseCandidate& p) { return awayFromTempo(p) < nearTempo; }))) {
            m_atTempo = readMetre(m_song.features, {}, 60 / m_stated.tempo->bpm);
            if (!m_atTempo.readings.empty()) all = &m_atTempo;
        }
        double best = -1e18;
        const MetreReading* chosen = nullptr;
        double period = 0; // of the pulse that would be followed if no metre was stated: the metre says how long bars
                           // are, not how fast beats
        if (m_stated.metre && !m_stated.tempo) {
            double plain = -1e18;
            for (const MetreReading& r : all->readings)
                if (const double score = r.score - missedBy(all->pulses[r.pulse]);
                    score > plain && all->pulses[r.pulse].beats.size() >= fewestBeats) {
                    plain = score;
                    period = all->pulses[r.pulse].period;
                }
        }
        for (const MetreReading& r : all->readings) {
            const PulseCandidate& pulse = all->pulses[r.pulse];
            if (pulse.beats.size() < fewestBeats || !steady(pulse.beats)) continue;
            double score = r.score;
            score -= missedBy(pulse);
            if (m_stated.metre && !fitsMetre(r)) score -= refused;
            if (period > 0 && std::abs(std::log(pulse.period / period)) < coveredTempo) score += samePulse;
            if (m_stated.tempo && awayFromTempo(pulse) > nearTempo)
                score -= (awayFromTempo(pulse) > coveredTempo ? refused : offTempo) * (1 + awayFromTempo(pulse));
            if (score > best) {
                best = score;
                chosen = &r;
            }
        }
        if (!chosen) return noPulse();
        // A stated 1 says where bars of that length begin, not how long they are; two that lie far from each other,
        // that there is no odd bar between.
        const bool farApart = onesSpanSong();
        const auto here = [&](const MetreReading& r) {
            const std::size_t missed = missedOnes(r, all->pulses[r.pulse]);
            return r.score - missedOne * static_cast<double>(missed) +
                   (missed == 0 && r.steady && farApart ? missedOne : 0);
        };
        for (const MetreReading& r : all->readings)
            if (r.pulse == chosen->pulse && r.beatsPerBar == chosen->beatsPerBar && r.grouping == chosen->grouping &&
                here(r) > here(*chosen))
                chosen = &r;
        m_reading = *chosen;
        m_chosenPulse = all->pulses[chosen->pulse];
        const bool likeliest = all == &m_song.metre && chosen->pulse == m_song.metre.readings.front().pulse;
        m_pulse = likeliest ? m_song.refined : refinedPulse(m_song.features, all->pulses[chosen->pulse]);
        m_parts = partsOf(m_pulse, *chosen);
        m_threes = m_parts == 3;
        if (m_stated.metre && !fitsMetre(m_reading)) { // a metre that no reading has: its bars on the likeliest pulse
            m_reading.beatsPerBar = std::max(1, m_stated.metre->metre.beats / static_cast<int>(m_parts));
            m_reading.grouping.clear();
        }
        return {};
    }

    /// Where the judge chose bars that are all alike, and nothing stated is against it, they stay where it heard the
    /// first, also where the evidence of some bars would have it otherwise.
    void keepBars() {
        const auto usual = static_cast<std::size_t>(m_reading.beatsPerBar);
        const std::size_t first = nearest(m_pulse.beats, m_chosenPulse.beats[m_reading.bars.pickup]) % usual;
        for (std::size_t b = 0; b < m_one.size(); ++b)
            m_one[b] = b % usual == first ? std::max(aOne, m_one[b]) : std::min(noOne, m_one[b]);
    }

    Result<void> cutBars() {
        const auto cues = beatCues(m_song.features, m_pulse.beats);
        m_one = m_reading.grouping.empty() ? strongPlaces(cues, StrongPlace::One)
                                           : strongPlaces(cues, StrongPlace::UnevenOne);
        if (!m_reading.grouping.empty())
            m_one = unevenOnes(m_one, strongPlaces(cues, StrongPlace::UnevenGroup), m_reading.grouping);
        if (m_threes && m_reading.beatsPerBar == 4 && m_pulse.period < fastestWithSix && !m_stated.metre)
            m_reading.beatsPerBar = 2; // 12/8 at a jig's tempo
        m_known = {};
        for (const OneFact& f : m_stated.ones) m_known.ones.push_back(nearest(m_pulse.beats, f.at));
        for (const PhraseFact& f : m_stated.phrases) m_known.ones.push_back(nearest(m_pulse.beats, f.at));
        for (const BarFact& f : m_stated.bars)
            m_known.lengths.push_back({nearest(m_pulse.beats, f.at), std::max(1, f.beats / static_cast<int>(m_parts))});
        std::sort(m_known.ones.begin(), m_known.ones.end());
        const auto isOdd = [&](const BarConstraints::Length& bar) { return bar.beats != m_reading.beatsPerBar; };
        if (m_reading.steady && missedOnes(m_reading, m_chosenPulse) == 0 &&
            std::none_of(m_known.lengths.begin(), m_known.lengths.end(), isOdd))
            keepBars();
        BarPrices prices{oddIsRare * BarPrices{}.half, oddIsRare * BarPrices{}.other};
        if (m_reading.beatsPerBar == 2 || !m_reading.grouping.empty())
            prices = {1.6 * prices.half, 1.6 * prices.other}; // there an odd bar is gained by chance more easily
        if (m_stated.metre)
            prices = {3 * prices.half, 3 * prices.other}; // a person who states the metre means most bars
        m_heardOne = m_one;
        std::vector<std::size_t> ones;
        for (const OneFact& f : m_stated.ones) ones.push_back(nearest(m_pulse.beats, f.at));
        std::vector<BarConstraints::Length> odd;
        for (const BarConstraints::Length& bar : m_known.lengths) { // a bar like the others says where the next 1 is
            if (bar.beats != m_reading.beatsPerBar)
                odd.push_back(bar);
            else if (const std::size_t next = bar.beat + static_cast<std::size_t>(bar.beats);
                     next < m_pulse.beats.size())
                ones.push_back(next);
        }
        // Who says that a bar is like the others, though it was heard as odd, says something about the other odd ones
        // too.
        const auto alike = static_cast<double>(m_known.lengths.size() - odd.size());
        prices = {(1 + oddDoubted * alike) * prices.half, (1 + oddDoubted * alike) * prices.other};
        m_one = followedOnes(m_heardOne, m_reading.beatsPerBar, prices, odd, std::move(ones));
        if (alike > 0) { // what was settled must not come back as another odd bar further on
            BarConstraints before;
            before.lengths = odd;
            if (const auto heard = solveBars(m_heardOne, m_reading.beatsPerBar, prices, before))
                m_known.oddNear = oddStarts(*heard, m_reading.beatsPerBar);
        }
        const auto bars = solveBars(m_one, m_reading.beatsPerBar, prices, m_known);
        if (!bars)
            return fail(ErrorCode::BadValue, Core::sentence("The stated bars exclude each other. Forget one of them."));
        m_reading.bars = *bars;
        return {};
    }

    /// Median length of the beats around one, itself aside.
    static double usualBeatAround(const std::vector<double>& beats, std::size_t beat) {
        constexpr std::size_t around = 6; // beats on either side: a bar and a half of four (chosen, no source)
        std::vector<double> lengths;
        for (std::size_t i = beat > around ? beat - around : 0; i + 1 < beats.size() && i <= beat + around; ++i)
            if (i != beat) lengths.push_back(beats[i + 1] - beats[i]);
        return median(std::move(lengths));
    }

    /// Beats and bars as a map; where every beat has three parts, those are the map's beats.
    void draft() {
        const auto& beats = m_pulse.beats;
        const double last = beats.size() > 1 ? beats.back() - beats[beats.size() - 2] : m_pulse.period;
        const int usual = m_reading.beatsPerBar;
        const int parts = static_cast<int>(m_parts);
        for (std::size_t i = 0; i < beats.size(); ++i) {
            const double next = i + 1 < beats.size() ? beats[i + 1] : beats[i] + last;
            const double strength = m_song.features.at(m_song.features.flux, beats[i]);
            const double confidence = std::clamp(strength / (1 + strength), 0.05, 1.0);
            const double usualLength = usualBeatAround(beats, i);
            const bool held = next - beats[i] > heldFrom * usualLength &&
                              std::any_of(m_pulse.held.begin(), m_pulse.held.end(),
                                          [&](double t) { return std::abs(t - beats[i]) < sameBeat; });
            const double part = (held ? usualLength : next - beats[i]) /
                                parts; // in a held beat the parts keep the tempo, back from its end
            for (int k = 0; k < parts; ++k)
                m_map.beats.push_back({k == 0 ? beats[i] : next - (parts - k) * part, confidence, false});
            if (held) m_map.fermatas.push_back({beats[i], parts == 1 ? next : next - (parts - 1) * part, part});
        }
        m_map.end = beats.back() + last;
        for (double at : m_stated.places) // a stated place has a beat, whatever the pulse
            if (Beat& beat = m_map.beats[nearestBeat(m_map, at)]; std::abs(beat.time - at) > sameBeat && at < m_map.end)
                beat.time = at;
        if (m_stated.metre)
            m_map.metre = m_stated.metre->metre;
        else {
            m_map.metre = {usual * parts, m_threes || !m_reading.grouping.empty() ? 8 : 4, m_reading.grouping};
            if (m_threes) m_map.metre.grouping.assign(static_cast<std::size_t>(usual), 3);
        }
        if (parts == 1 && m_map.metre.unit != 8)
            m_map.swing = std::clamp(subdivisionOf(m_song.features, beats).swing, 0.4, 0.8);
        m_map.pickupBeats = m_reading.bars.pickup * m_parts;
        std::size_t beat = m_map.pickupBeats;
        for (int length : m_reading.bars.lengths) {
            Bar bar{beat, length * parts, {}, false};
            if (bar.beats == m_map.metre.beats) bar.grouping = m_map.metre.grouping;
            m_map.bars.push_back(std::move(bar));
            beat += static_cast<std::size_t>(length * parts);
        }
    }

    /// An unfinished last bar in which nothing is struck any more is the song ringing out, not music to dance to.
    void dropTail() {
        constexpr double struck = 0.35; // of the median onset on beats
        const Bar& last = m_map.bars.back();
        if (m_map.bars.size() < 2 || last.beats >= m_map.metre.beats) return;
        const SongFeatures& song = m_song.features;
        std::vector<double> strengths;
        for (const Beat& beat : m_map.beats) strengths.push_back(song.at(song.flux, beat.time));
        const double needed = struck * median(std::move(strengths));
        const double from = m_map.beats[last.firstBeat].time;
        for (std::size_t b = last.firstBeat; b < m_map.beats.size(); ++b)
            if (song.at(song.flux, m_map.beats[b].time) > needed) return;
        for (double at : m_stated.places)
            if (at > from - sameBeat) return;
        m_map.end = from;
        m_map.beats.resize(last.firstBeat);
        m_map.bars.pop_back();
    }

    void phrases() {
        const std::vector<double> starts = barStarts();
        std::vector<double> times = starts;
        times.push_back(m_map.end);
        std::vector<int> beats;
        for (const Bar& bar : m_map.bars) beats.push_back(bar.beats);
        m_phraseEvidence = phraseStarts(phraseCues(m_song.features, times, beats));
        PhraseConstraints known;
        for (const PhraseFact& fact : m_stated.phrases) {
            const std::size_t bar = nearest(starts, fact.at);
            known.starts.push_back(bar);
            int rest = fact.beats.value_or(0);
            std::size_t b = bar;
            for (; rest > 0 && b < m_map.bars.size(); ++b) {
                rest -= m_map.bars[b].beats;
                if (b > bar) known.notStarts.push_back(b);
            }
            if (fact.beats && b < m_map.bars.size()) known.starts.push_back(b);
        }
        std::size_t bar = 0;
        for (const std::size_t length : solvePhrases(m_phraseEvidence, known)) {
            m_map.phrases.push_back({bar, length, {}, false});
            bar += length;
        }
    }

    /// By the bars as they are settled: what returns is found only where it begins with the same bar.
    void namePhrases() {
        std::vector<double> times = barStarts();
        times.push_back(m_map.end);
        std::vector<std::size_t> lengths;
        for (const Phrase& phrase : m_map.phrases) lengths.push_back(phrase.bars);
        const auto names = phraseNames(lengths, barLikeness(m_song.features, times));
        for (std::size_t p = 0; p < names.size(); ++p) m_map.phrases[p].label = names[p];
    }

    std::vector<double> barStarts() const {
        std::vector<double> times;
        for (const Bar& bar : m_map.bars) times.push_back(m_map.beats[bar.firstBeat].time);
        return times;
    }

    void settleBars() {
        const auto stated = [&](const Bar& bar) {
            const std::size_t pulse = bar.firstBeat / m_parts;
            return std::any_of(m_known.lengths.begin(), m_known.lengths.end(),
                               [&](const auto& l) { return l.beat == pulse; }) ||
                   std::find(m_known.ones.begin(), m_known.ones.end(), pulse) != m_known.ones.end();
        };
        constexpr double sameStart = 0.1; // seconds
        const auto phraseStated = [&](const Phrase& phrase) {
            const Seconds start = m_map.beats[firstBeatOf(m_map, phrase)].time;
            return std::any_of(m_stated.phrases.begin(), m_stated.phrases.end(),
                               [&](const PhraseFact& fact) { return std::abs(fact.at - start) < sameStart; });
        };
        settleOddBars(m_map, {stated, phraseStated, m_heardOne, m_parts});
    }

    const HeardSong& m_song;
    const std::vector<SongFact>& m_facts;
    std::vector<OwnPart> m_ownParts;
    Stated m_stated;
    MetreReadings m_atTempo; ///< readings at a stated tempo that was not among those heard
    MetreReading m_reading;
    PulseCandidate m_chosenPulse; ///< of that reading, as it was judged
    PulseCandidate m_pulse;       ///< … followed once more
    std::size_t m_parts = 1;      ///< beats of the map in a beat of the pulse
    bool m_threes = false;
    std::vector<double> m_one;      ///< evidence for a 1 on each beat of the pulse, following what was stated
    std::vector<double> m_heardOne; ///< … as it was heard
    BarConstraints m_known;
    std::vector<double> m_phraseEvidence;
    SongMap m_map;
};

} // namespace

Result<HeardSong> hearSong(SongFeatures features, const Task& task) {
    HeardSong song;
    song.features = std::move(features);
    song.metre = readMetre(song.features, task);
    if (!song.metre.readings.empty())
        song.refined = refinedPulse(song.features, song.metre.pulses[song.metre.readings.front().pulse]);
    song.pulse = hasPulse(song.features);
    if (task.stopped()) return fail(ErrorCode::Cancelled, Core::sentence("The analysis was stopped."));
    return song;
}

Result<SongReading> solveSong(const HeardSong& song, const std::vector<SongFact>& facts) {
    if (song.features.seconds < 4 || song.metre.readings.empty()) return noPulse();
    const bool stated = std::any_of(facts.begin(), facts.end(), [](const SongFact& f) {
        return std::holds_alternative<TempoFact>(f) || std::holds_alternative<BeatFact>(f) ||
               std::holds_alternative<OneFact>(f);
    });
    if (!song.pulse && !stated) return noPulse();
    return Solver(song, facts).run();
}

} // namespace lc
