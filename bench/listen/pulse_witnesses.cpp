#include "pulse_witnesses.h"

#include "audio/listening/pulse_activation.h"

#include <dsp/tempotracking/TempoTrackV2.h>

#include <algorithm>
#include <cmath>
#include <limits>

namespace lc::bench {

namespace {

// ---------------------------------------------------------------- a path of tempi

std::vector<double> byTempoPath(const OnsetFunctions& onsets) {
    constexpr int hop = 512, rate = 44100; // what its comb filters are made for: two of our frames
    std::vector<double> function;
    for (std::size_t i = 0; i + 1 < onsets.size(); i += 2)
        function.push_back(static_cast<double>(onsets.complexDomain[i]) +
                           static_cast<double>(onsets.complexDomain[i + 1]));
    if (function.size() < 600) return {};
    std::vector<double> period(function.size(), 0), tempi, beats;
    TempoTrackV2 tracker(rate, hop);
    tracker.calculateBeatPeriod(function, period, tempi);
    tracker.calculateBeats(function, period, beats);
    for (double& beat : beats) beat = beat * hop / rate;
    return beats;
}

// ---------------------------------------------------------------- one tempo

constexpr double preferredBpm = 120, preference = 0.9; // of log2, as its author chose them
constexpr double tightness = 100;

/// The strongest period of a function's autocorrelation, weighed by how people like to tap; frames.
double onePeriod(const std::vector<float>& function, double rate) {
    const auto longest = static_cast<std::size_t>(1.6 * rate), shortest = static_cast<std::size_t>(0.22 * rate);
    double best = 0, period = 0;
    for (std::size_t lag = shortest; lag <= longest && 4 * lag < function.size(); ++lag) {
        double sum = 0;
        for (std::size_t i = lag; i < function.size(); ++i) sum += static_cast<double>(function[i] * function[i - lag]);
        const double away = std::log2(60 * rate / static_cast<double>(lag) / preferredBpm) / preference;
        const double value = sum * std::exp(-0.5 * away * away);
        if (value > best) {
            best = value;
            period = static_cast<double>(lag);
        }
    }
    return period;
}

std::vector<double> byOneTempo(const std::vector<float>& function, double rate) {
    const double period = onePeriod(function, rate);
    if (period <= 0) return {};
    double energy = 0;
    for (float f : function) energy += static_cast<double>(f * f);
    const double unit = std::sqrt(energy / static_cast<double>(function.size())) + 1e-9;
    const auto nearest = static_cast<std::size_t>(std::lround(0.5 * period)),
               farthest = static_cast<std::size_t>(std::lround(2 * period));
    std::vector<double> cost(farthest + 1, 0);
    for (std::size_t lag = nearest; lag <= farthest; ++lag)
        cost[lag] = tightness * std::pow(std::log(static_cast<double>(lag) / period), 2);
    std::vector<double> score(function.size());
    std::vector<std::size_t> before(function.size(), SIZE_MAX);
    for (std::size_t i = 0; i < function.size(); ++i) {
        double best = 0;
        for (std::size_t lag = nearest; lag <= farthest && lag <= i; ++lag)
            if (const double s = score[i - lag] - cost[lag]; s > best) {
                best = s;
                before[i] = i - lag;
            }
        score[i] = static_cast<double>(function[i]) / unit + best;
    }
    const std::size_t tail = function.size() > farthest ? function.size() - farthest : 0;
    auto at = static_cast<std::size_t>(
        std::max_element(score.begin() + static_cast<std::ptrdiff_t>(tail), score.end()) - score.begin());
    std::vector<double> beats;
    for (; at != SIZE_MAX; at = before[at]) beats.push_back(static_cast<double>(at) / rate);
    std::reverse(beats.begin(), beats.end());
    return beats;
}

// ---------------------------------------------------------------- agents

struct Strike {
    double time, strength;
};

std::vector<Strike> strikes(const OnsetFunctions& onsets) {
    const auto& f = onsets.flux;
    std::vector<Strike> out;
    const auto reach = static_cast<std::size_t>(0.05 * onsets.rate);
    for (std::size_t i = reach; i + reach < f.size(); ++i) {
        if (f[i] < 1.0F || *std::max_element(f.begin() + static_cast<std::ptrdiff_t>(i - reach),
                                             f.begin() + static_cast<std::ptrdiff_t>(i + reach + 1)) > f[i])
            continue;
        if (out.empty() || onsets.secondsOf(static_cast<double>(i)) - out.back().time > 0.05)
            out.push_back({onsets.secondsOf(static_cast<double>(i)), std::log1p(static_cast<double>(f[i]))});
    }
    return out;
}

struct Agent {
    double period, last, score;
    std::vector<double> beats;
};

/// Periods that many pairs of strikes are apart, near ones together, those of which others are multiples before others.
std::vector<double> beliefs(const std::vector<Strike>& strikes) {
    struct Cluster {
        double period, weight;
    };
    std::vector<Cluster> clusters;
    for (std::size_t i = 0; i < strikes.size(); ++i)
        for (std::size_t k = i + 1; k < strikes.size() && strikes[k].time - strikes[i].time < 2.5; ++k) {
            const double gap = strikes[k].time - strikes[i].time,
                         weight = std::min(strikes[i].strength, strikes[k].strength);
            if (gap < 0.1) continue;
            const auto near =
                std::min_element(clusters.begin(), clusters.end(), [&](const Cluster& a, const Cluster& b) {
                    return std::abs(a.period - gap) < std::abs(b.period - gap);
                });
            if (near == clusters.end() || std::abs(near->period - gap) > 0.025) {
                clusters.push_back({gap, weight});
                continue;
            }
            near->weight += weight;
            near->period += (gap - near->period) * weight / near->weight;
        }
    std::vector<Cluster> ranked;
    for (const Cluster& c : clusters) {
        if (c.period < 0.25 || c.period > 1.1) continue;
        double worth = 5 * c.weight;
        for (const Cluster& other : clusters)
            for (int n = 2; n <= 4; ++n)
                if (std::abs(other.period / c.period - n) < 0.06 * n ||
                    std::abs(c.period / other.period - n) < 0.06 * n)
                    worth += (6 - n) * other.weight;
        ranked.push_back({c.period, worth});
    }
    std::stable_sort(ranked.begin(), ranked.end(),
                     [](const Cluster& a, const Cluster& b) { return a.weight > b.weight; });
    std::vector<double> out;
    for (const Cluster& c : ranked)
        if (out.size() < 10) out.push_back(c.period);
    return out;
}

std::vector<double> byAgents(const OnsetFunctions& onsets) {
    constexpr double inner = 0.04, early = 0.15, late = 0.3, correction = 0.2; // seconds; of a period
    constexpr double patience = 10;                                            // seconds without a strike on a beat
    constexpr std::size_t most = 60;
    const std::vector<Strike> all = strikes(onsets);
    if (all.size() < 16) return {};
    std::vector<Agent> agents;
    for (double period : beliefs(all))
        for (std::size_t i = 0; i < all.size() && all[i].time < all.front().time + 4 && i < 8; ++i)
            agents.push_back({period, all[i].time, all[i].strength, {all[i].time}});
    for (const Strike& strike : all) {
        std::vector<Agent> born;
        for (Agent& a : agents) {
            if (strike.time <= a.last + 0.02 || strike.time - a.last > patience) continue;
            const double steps = std::max(1.0, std::round((strike.time - a.last) / a.period));
            const double error = strike.time - (a.last + steps * a.period);
            if (error < -early * a.period || error > late * a.period) continue;
            if (std::abs(error) > inner) { // perhaps it was no beat: one that thinks so lives on
                if (agents.size() + born.size() >= most) continue;
                born.push_back(a);
            }
            for (int k = 1; k < static_cast<int>(steps); ++k)
                a.beats.push_back(a.last + k * (steps * a.period + error) / steps);
            a.score += (1 - 0.5 * std::abs(error) / (late * a.period)) * strike.strength - 0.2 * (steps - 1);
            a.last = strike.time;
            a.period += correction * error / steps;
            a.beats.push_back(strike.time);
        }
        agents.insert(agents.end(), born.begin(), born.end());
        std::stable_sort(agents.begin(), agents.end(),
                         [](const Agent& a, const Agent& b) { return a.score > b.score; });
        for (std::size_t i = 0; i < agents.size(); ++i) // of those that have come to agree the best stays
            agents.erase(std::remove_if(agents.begin() + static_cast<std::ptrdiff_t>(i) + 1, agents.end(),
                                        [&](const Agent& b) {
                                            return std::abs(b.period - agents[i].period) < 0.01 &&
                                                   std::abs(b.last - agents[i].last) < 0.02;
                                        }),
                         agents.end());
        agents.erase(std::remove_if(agents.begin(), agents.end(),
                                    [&](const Agent& a) { return strike.time - a.last > patience; }),
                     agents.end());
    }
    // What was struck, for each second a beat takes: a fast agent is not the better for having more beats.
    const auto worth = [](const Agent& a) { return a.score * std::sqrt(a.period); };
    const auto best = std::max_element(agents.begin(), agents.end(),
                                       [&](const Agent& a, const Agent& b) { return worth(a) < worth(b); });
    return best == agents.end() ? std::vector<double>{} : best->beats;
}

} // namespace

std::array<std::vector<double>, witnesses> pulseWitnesses(const SongFeatures& song) {
    const OnsetFunctions& onsets = song.onsets;
    std::vector<float> drums(onsets.size());
    for (std::size_t i = 0; i < drums.size(); ++i) drums[i] = std::log1p(onsets.low[i]) + std::log1p(onsets.high[i]);
    return {byTempoPath(onsets), byOneTempo(pulseActivation(onsets), onsets.rate), byAgents(onsets),
            byOneTempo(drums, onsets.rate)};
}

} // namespace lc::bench
