#include "audio/listening/other_readings.h"

#include "audio/listening/stated_facts.h"
#include "core/base/quantile.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>
#include <tuple>
#include <utility>

namespace lc {

namespace {

constexpr double ourTempo = 0.06; // of ln
constexpr double sameBars = 0.02; // of ln: pulses so near have the same bars
Sentence theSame() { return Core::sentence("the same"); }

/// What each pulse is called by one who counts ours; empty: nothing that is asked about.
class PulseNames {
public:
    explicit PulseNames(const Decision& decision) : m_d(decision) {
        for (const PulseCandidate& other : m_d.song.metre.pulses) m_called.push_back(nameOf(other));
    }

    const Sentence& of(std::size_t pulse) const { return m_called[pulse]; }

    bool hasOurTempo(const PulseCandidate& other) const {
        return std::abs(std::log(m_d.pulse.period / other.period)) < ourTempo;
    }

private:
    /// What another pulse is called by one who counts ours: by its tempo, or where it is the same, by the part of a
    /// beat that it lies later.
    Sentence nameOf(const PulseCandidate& other) const {
        const auto near = [&](double factor) {
            return std::abs(std::log(m_d.pulse.period / other.period / factor)) < ourTempo;
        };
        for (const auto& [factor, text] : {std::pair{2.0, Core::sentence("twice as fast")},
                                           {0.5, Core::sentence("half as fast")},
                                           {3.0, Core::sentence("three times as fast")},
                                           {1.0 / 3, Core::sentence("a third as fast")},
                                           {1.5, Core::sentence("one and a half times as fast")},
                                           {2.0 / 3, Core::sentence("two thirds as fast")},
                                           {4.0, Core::sentence("four times as fast")},
                                           {0.25, Core::sentence("a quarter as fast")},
                                           {4.0 / 3, Core::sentence("a third faster")},
                                           {0.75, Core::sentence("a quarter slower")}})
            if (near(factor))
                return factor > 1 && factor == std::floor(factor) && !holdsOurBeats(other)
                           ? Core::sentence("%1, beside these beats", text)
                           : text;
        if (!hasOurTempo(other)) return {};
        const double shift = laterThanOurs(other.beats);
        for (const auto& [part, text] : {std::pair{0.0, theSame()},
                                         {0.25, Core::sentence("a quarter of a beat later")},
                                         {1.0 / 3, Core::sentence("a third of a beat later")},
                                         {0.5, Core::sentence("half a beat later")},
                                         {2.0 / 3, Core::sentence("two thirds of a beat later")},
                                         {0.75, Core::sentence("a quarter of a beat earlier")},
                                         {1.0, theSame()}})
            if (std::abs(shift - part) < (part == 0.0 || part == 1.0 ? 0.125 : 0.05)) return text;
        return Core::sentence("the beat falls elsewhere");
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
        return std::max(0.0, median(std::move(parts)));
    }

    const Decision& m_d;
    std::vector<Sentence> m_called;
};

class OtherPulses {
public:
    OtherPulses(const Decision& decision, const PulseNames& names) : m_d(decision), m_names(names) {}

    std::vector<OtherReading> readings() const {
        std::map<std::string, OtherReading>
            found; // by what it is called: the readings of one pulse, with whatever bars, speak for it together
        double ours = 0;
        for (const MetreReading& r : m_d.song.metre.readings) {
            const PulseCandidate& other = m_d.song.metre.pulses[r.pulse];
            const double odds = std::exp(r.score - m_d.reading.score);
            const Sentence& text = m_names.of(r.pulse);
            if (r.pulse == m_d.reading.pulse || text == theSame())
                ours += odds;
            else if (!text.empty()) {
                OtherReading& o = found[text.english()];
                if (o.text.empty()) { // the likeliest comes first
                    o.text = text;
                    o.facts = factsOf(other);
                }
                o.score += odds;
            }
        }
        std::vector<OtherReading> others;
        for (auto& [text, o] : found) {
            const bool known = std::all_of(o.facts.begin(), o.facts.end(), [&](const SongFact& f) {
                return std::find(m_d.facts.begin(), m_d.facts.end(), f) != m_d.facts.end();
            });
            if (known) continue;
            o.score = std::log(o.score / std::max(ours, 1e-9));
            others.push_back(std::move(o));
        }
        return others;
    }

private:
    /// What states another pulse: its tempo where it has another, and beats that ours has not; three where nothing else
    /// tells, so that it is not one beat that is moved.
    std::vector<SongFact> factsOf(const PulseCandidate& other) const {
        std::vector<SongFact> facts;
        if (!m_names.hasOurTempo(other)) facts.push_back(TempoFact{std::round(600 / other.period) / 10});
        for (const double part : m_names.hasOurTempo(other) ? std::vector{0.5, 0.25, 0.75} : std::vector{0.5})
            if (const auto place = whereTheyDiffer(other.beats, part)) facts.push_back(BeatFact{*place});
        return facts;
    }

    /// A beat of another reading, near a part of the song's length, that ours has not.
    std::optional<Seconds> whereTheyDiffer(const std::vector<double>& other, double part) const {
        const auto& ours = m_d.pulse.beats;
        std::optional<Seconds> place;
        const double middle = songStart() + part * (m_d.map.end - songStart());
        for (double at : other) {
            const auto after = std::lower_bound(ours.begin(), ours.end(), at);
            const double away =
                std::min(after == ours.end() ? 1e9 : *after - at, after == ours.begin() ? 1e9 : at - *std::prev(after));
            if (away > 0.07 && away < 1e8 && (!place || std::abs(at - middle) < std::abs(*place - middle))) place = at;
        }
        return place;
    }

    Seconds songStart() const { return m_d.map.beats.front().time; }

    const Decision& m_d;
    const PulseNames& m_names;
};

class OtherBars {
public:
    OtherBars(const Decision& decision, const PulseNames& names) : m_d(decision), m_names(names) {}

    std::vector<OtherReading> readings() const {
        std::vector<OtherReading> others;
        for (auto& [which, other] : found()) others.push_back(std::move(other.reading));
        return others;
    }

private:
    struct Found {
        OtherReading reading;
        bool alike = false; ///< all bars of one length
    };

    /// What the bars are called, how many beats of the pulse after our first 1 they begin, and whether it is said that
    /// they are all alike, where ours are not.
    using WhichBars = std::tuple<std::string, std::size_t, bool>;

    std::map<WhichBars, Found> found() const {
        const bool lengthKnown = Stated(m_d.facts).metre.has_value(),
                   beginKnown = !m_d.known.ones.empty() || !m_d.known.lengths.empty();
        const bool oursAlike = m_d.reading.bars.odd == 0;
        const std::string ours = barsOf(m_d.map.metre).english();
        std::map<WhichBars, Found> found;
        double sumOfOurs = 0;
        for (const MetreReading& r : m_d.song.metre.readings) {
            const PulseCandidate& other = m_d.song.metre.pulses[r.pulse];
            if (std::abs(std::log(other.period / m_d.pulse.period)) > sameBars ||
                r.grouping.empty() != m_d.reading.grouping.empty() || !(m_names.of(r.pulse) == theSame()))
                continue;
            const double odds = std::exp(r.score - m_d.reading.score);
            const Metre metre = metreOf(r);
            const Sentence bars = barsOf(metre);
            const std::string called = bars.english();
            const bool likeOurs = called == ours;
            const std::size_t later = laterBegin(r);
            if (likeOurs && (r.steady ? later == 0 && oursAlike : true))
                sumOfOurs += odds;
            else if (likeOurs ? !beginKnown : !lengthKnown) {
                const bool saidAlike = likeOurs && !oursAlike;
                auto& [o, alike] = found[{called, later, saidAlike}];
                if (o.text.empty() ||
                    (r.steady && !alike)) { // the likeliest comes first, and bars that are all alike before others
                    alike = r.steady;
                    const Sentence length =
                        saidAlike ? Core::plural("every bar has %n beat|every bar has %n beats", nullptr, r.beatsPerBar)
                        : likeOurs ? Sentence()
                                   : bars;
                    o.text = later == 0 || beginKnown ? length
                             : length.empty()         ? oneLater(later)
                                              : Core::plural("%1, beginning a beat later|%1, beginning %n beats later",
                                                             nullptr, static_cast<std::int64_t>(later), length);
                    o.facts = {MetreFact{metre}};
                    if (!beginKnown)
                        for (const SongFact& fact : onesOf(r)) o.facts.push_back(fact);
                }
                o.score += odds;
            }
        }
        for (auto& [which, other] : found)
            other.reading.score = std::log(other.reading.score / std::max(sumOfOurs, 1e-9));
        for (int later = 1; later < m_d.reading.beatsPerBar && !beginKnown; ++later) {
            const auto at = static_cast<std::size_t>(later);
            if (m_d.reading.bars.pickup + at >= m_d.pulse.beats.size() || found.contains({ours, at, false})) continue;
            if (const auto score = shiftedScore(later))
                found[{ours, at, false}] = {{oneLater(at), *score, shiftedBy(at)}};
        }
        return found;
    }

    static Sentence oneLater(std::size_t beats) {
        return Core::plural("the 1 is a beat later|the 1 is %n beats later", nullptr, static_cast<std::int64_t>(beats));
    }

    /// The metre of a reading on our pulse, in our map's unit.
    Metre metreOf(const MetreReading& r) const {
        const int parts = static_cast<int>(m_d.parts);
        Metre metre{r.beatsPerBar * parts, m_d.map.metre.unit, r.grouping};
        if (parts == 3) metre.grouping.assign(static_cast<std::size_t>(r.beatsPerBar), 3);
        return metre;
    }

    /// Our beat at a moment of another candidate of the same beats: ours was followed once more since, perhaps with
    /// more beats or fewer.
    std::size_t ourBeatAt(double at) const {
        const auto& ours = m_d.pulse.beats;
        const auto near = static_cast<std::size_t>(
            std::lower_bound(ours.begin(), ours.end(), at - 0.5 * m_d.pulse.period) - ours.begin());
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

    /// What states where the bars of a reading are: its first 1, and one of its last. Bars that are all alike are
    /// counted on our beats.
    std::vector<SongFact> onesOf(const MetreReading& r) const {
        const auto& ours = m_d.pulse.beats;
        const auto& beats = m_d.song.metre.pulses[r.pulse].beats;
        const std::size_t first = ourBeatAt(beats[r.bars.pickup]);
        std::size_t last = first;
        if (const auto length = static_cast<std::size_t>(r.beatsPerBar); r.steady) {
            if (const std::size_t bars = (ours.size() - first) / length; bars > 2) last += (bars - 2) * length;
        } else
            last = ourBeatAt(beats[std::min(lateBegin(r.bars), beats.size() - 1)]);
        std::vector<SongFact> facts{OneFact{ours[first]}};
        if (last > first) facts.push_back(OneFact{ours[last]});
        return facts;
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
        if (last > m_d.reading.bars.pickup && last + beats < m_d.pulse.beats.size())
            facts.push_back(OneFact{m_d.pulse.beats[last + beats]});
        return facts;
    }

    const Decision& m_d;
    const PulseNames& m_names;
};

} // namespace

Sentence barsOf(const Metre& metre) {
    const std::string plain = std::to_string(metre.beats) + "/" + std::to_string(metre.unit);
    const auto& groups = metre.grouping;
    if (groups.empty()) return Core::sentence("bars of %1, %2", metre.beats, plain);
    if (std::all_of(groups.begin(), groups.end(), [](int group) { return group == 3; }))
        return Core::sentence("bars of %1 in threes, %2", groups.size(), plain);
    std::string sum;
    for (int group : groups) sum += (sum.empty() ? "" : "+") + std::to_string(group);
    return Core::sentence("bars of %1, %2", sum, plain);
}

OtherReadings otherReadings(const Decision& decision) {
    const PulseNames names(decision);
    return {OtherPulses(decision, names).readings(), OtherBars(decision, names).readings()};
}

} // namespace lc
