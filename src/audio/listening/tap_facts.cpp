#include "audio/listening/tap_facts.h"

#include "core/base/quantile.h"

#include <algorithm>
#include <cmath>
#include <cstdint>

namespace lc {

namespace {

constexpr double enough = 0.85;      // share of the places that must agree; the rest are the tapper's own
constexpr double sameTempo = 0.08;   // of ln: as song_facts has it
constexpr std::size_t mostOnes = 32; // facts a person can look through (chosen, no source)

/// Map beats between two tapped places of which both are on a beat, if it is the same number nearly everywhere; 0
/// otherwise.
std::size_t beatsInTap(const SongMap& map, const std::vector<Seconds>& places) {
    std::vector<std::size_t> steps;
    for (std::size_t i = 1; i < places.size(); ++i)
        steps.push_back(nearestBeat(map, places[i]) -
                        std::min(nearestBeat(map, places[i]), nearestBeat(map, places[i - 1])));
    std::sort(steps.begin(), steps.end());
    const std::size_t usual = steps[steps.size() / 2];
    const auto same = std::count(steps.begin(), steps.end(), usual);
    return static_cast<double>(same) >= enough * static_cast<double>(steps.size()) ? usual : 0;
}

double shareOnBeats(const SongMap& map, const std::vector<Seconds>& places) {
    const auto on = std::count_if(places.begin(), places.end(), [&](Seconds at) {
        return std::abs(map.beats[nearestBeat(map, at)].time - at) <= sameBeat;
    });
    return static_cast<double>(on) / static_cast<double>(places.size());
}

/// Beats of the map in one beat that is danced: three where every beat has three parts.
std::size_t partsOf(const Metre& metre) {
    const bool threes = metre.unit == 8 && !metre.grouping.empty() &&
                        std::all_of(metre.grouping.begin(), metre.grouping.end(), [](int g) { return g == 3; });
    return threes ? 3 : 1;
}

class TapReader {
public:
    TapReader(const HeardSong& song, const std::vector<SongFact>& stated, const TapFit& fit)
        : m_song(song), m_stated(stated), m_places(fit.places), m_period(fit.period) {}

    Result<std::vector<SongFact>> beats() {
        if (auto solved = solve(); solved && agree()) return m_new;
        if (!m_solved || std::abs(std::log(tempoHere() * m_period / 60)) > sameTempo) {
            state(TempoFact{std::round(600 / m_period) / 10});
            if (auto solved = solve(); solved && agree()) return m_new;
        }
        state(BeatFact{m_places[m_places.size() / 2]});
        if (auto solved = solve(); solved && agree()) return m_new;
        for (Seconds at : m_places) state(BeatFact{at});
        return finish();
    }

    Result<std::vector<SongFact>> ones() {
        if (auto solved = solve(); !solved) return tl::unexpected(solved.error());
        const std::size_t step = beatsInTap(*m_solved, m_places);
        const std::size_t parts = partsOf(m_solved->metre);
        if (step == 0 || shareOnBeats(*m_solved, m_places) < enough) {
            // Another pulse, or none that these bars fit: bars of four at the tapped length are the likeliest for a
            // dance.
            const double beatSeconds = m_period / 4;
            state(TempoFact{std::round(600 / beatSeconds) / 10});
            state(MetreFact{{4, 4}});
            state(OneFact{m_places.front()});
            if (auto solved = solve(); !solved) return tl::unexpected(solved.error());
        } else if (static_cast<int>(step) != m_solved->metre.beats && step <= 24) {
            Metre metre{static_cast<int>(step), m_solved->metre.unit, {}};
            if (parts == 3 && step % 3 == 0) metre.grouping.assign(step / 3, 3);
            state(MetreFact{metre});
            if (auto solved = solve(); !solved) return tl::unexpected(solved.error());
        }
        if (const std::ptrdiff_t move = commonMove();
            move != 0) { // every 1 is that many beats later: the first and the last say so
            const auto& bars = m_solved->bars;
            const auto at = [&](std::size_t bar) { return static_cast<std::ptrdiff_t>(bars[bar].firstBeat) + move; };
            std::size_t first = 0;
            while (first + 2 < bars.size() && at(first) < 0) ++first;
            for (std::size_t bar : {first, bars.size() - 2})
                if (at(bar) >= 0 && at(bar) < static_cast<std::ptrdiff_t>(m_solved->beats.size()))
                    state(OneFact{m_solved->beats[static_cast<std::size_t>(at(bar))].time});
            if (auto solved = solve(); !solved) return tl::unexpected(solved.error());
        }
        for (std::size_t k = 0; k < mostOnes; ++k) { // a 1 wherever the bars still differ, from the first on
            const auto differs =
                std::find_if(m_places.begin(), m_places.end(), [&](Seconds at) { return !isBarStart(at); });
            if (differs == m_places.end()) break;
            const auto before = m_new.size();
            state(OneFact{m_solved->beats[nearestBeat(*m_solved, *differs)].time});
            if (auto solved = solve(); !solved || m_new.size() == before) break;
        }
        return finish();
    }

private:
    void state(const SongFact& fact) { m_new = addFact(std::move(m_new), fact); }

    Result<void> solve() {
        std::vector<SongFact> all = m_stated;
        for (const SongFact& fact : m_new) all = addFact(std::move(all), fact);
        auto reading = solveSong(m_song, all);
        if (!reading) return tl::unexpected(reading.error());
        m_solved = std::move(reading->map);
        return {};
    }

    Result<std::vector<SongFact>> finish() {
        if (auto solved = solve(); !solved) return tl::unexpected(solved.error());
        return m_new;
    }

    /// Danced beats a minute around the tapped places.
    double tempoHere() const {
        std::vector<Seconds> inside;
        for (const Beat& beat : m_solved->beats)
            if (beat.time > m_places.front() - sameBeat && beat.time < m_places.back() + sameBeat)
                inside.push_back(beat.time);
        if (inside.size() < 2) return 1;
        return 60.0 * static_cast<double>(inside.size() - 1) / (inside.back() - inside.front()) /
               static_cast<double>(partsOf(m_solved->metre));
    }

    bool agree() const {
        const std::size_t step = beatsInTap(*m_solved, m_places);
        return step == partsOf(m_solved->metre) && shareOnBeats(*m_solved, m_places) >= enough;
    }

    /// Beats by which nearly all tapped 1s come after the heard ones; 0 where they do not agree, or where they are the
    /// heard ones.
    std::ptrdiff_t commonMove() const {
        if (m_solved->bars.size() < 4) return 0;
        std::vector<std::ptrdiff_t> moves;
        for (Seconds at : m_places) {
            const auto beat = static_cast<std::ptrdiff_t>(nearestBeat(*m_solved, at));
            std::ptrdiff_t move = PTRDIFF_MAX;
            for (const Bar& bar : m_solved->bars)
                if (const std::ptrdiff_t away = beat - static_cast<std::ptrdiff_t>(bar.firstBeat);
                    std::abs(away) < std::abs(move))
                    move = away;
            moves.push_back(move);
        }
        std::sort(moves.begin(), moves.end());
        const std::ptrdiff_t usual = moves[moves.size() / 2];
        const auto same = std::count(moves.begin(), moves.end(), usual);
        return static_cast<double>(same) >= enough * static_cast<double>(moves.size()) ? usual : 0;
    }

    bool isBarStart(Seconds at) const {
        const std::size_t beat = nearestBeat(*m_solved, at);
        return std::any_of(m_solved->bars.begin(), m_solved->bars.end(),
                           [&](const Bar& bar) { return bar.firstBeat == beat; });
    }

    const HeardSong& m_song;
    const std::vector<SongFact>& m_stated;
    const std::vector<Seconds>& m_places;
    Seconds m_period;
    std::vector<SongFact> m_new;
    std::optional<SongMap> m_solved;
};

} // namespace

Result<std::vector<SongFact>> factsFromTaps(const HeardSong& song, const std::vector<SongFact>& stated,
                                            const TapFit& fit, TapTarget target) {
    if (fit.places.size() < 2) return fail(ErrorCode::BadValue, Core::sentence("There are no taps to count by."));
    TapReader reader(song, stated, fit);
    return target == TapTarget::Beats ? reader.beats() : reader.ones();
}

std::optional<Seconds> lateness(const SongMap& map, const std::vector<Seconds>& places) {
    constexpr Seconds furthest = 0.12; // a quarter of a beat at 125 bpm: farther off it is another beat
    if (map.beats.empty() || places.empty()) return std::nullopt;
    std::vector<Seconds> off;
    for (Seconds at : places)
        if (const Seconds d = at - map.beats[nearestBeat(map, at)].time; std::abs(d) <= furthest) off.push_back(d);
    if (3 * off.size() < 2 * places.size()) return std::nullopt;
    return median(std::move(off));
}

} // namespace lc
