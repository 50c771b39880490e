#include "audio/bar_inference.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

namespace lc {

namespace {

// Tuned on the demo song alone; the Listen work replaces them by values trained on a set.
constexpr double harmonyWeight = 1.0;
constexpr double bassWeight = 0.7;
constexpr double accentWeight = 0.3;
constexpr double backWeight = 0.4;
constexpr double halfBarPrice = 7.0;  // in standard deviations of the evidence: rare, but songs have them
constexpr double otherBarPrice = 9.0;
constexpr double threePrice = 0.15;   // per bar: three-time must be better, not merely as good

std::vector<double> standardised(const std::vector<double>& values) {
    std::vector<double> out(values.size(), 0);
    if (values.empty()) return out;
    double mean = 0;
    for (double v : values) mean += v;
    mean /= static_cast<double>(values.size());
    double variance = 0;
    for (double v : values) variance += (v - mean) * (v - mean);
    const double deviation = std::sqrt(variance / static_cast<double>(values.size()));
    if (deviation < 1e-12) return out;
    for (std::size_t i = 0; i < values.size(); ++i) out[i] = std::clamp((values[i] - mean) / deviation, -3.0, 3.0);
    return out;
}

struct Solution {
    double score = -std::numeric_limits<double>::infinity();
    std::size_t pickup = 0;
    std::vector<int> lengths;
};

double price(int length, int usual) {
    if (length == usual) return 0;
    return length * 2 == usual ? halfBarPrice : otherBarPrice;
}

Solution solve(const std::vector<double>& one, int usual) {
    const std::size_t n = one.size();
    const int longest = usual + 3;
    constexpr double never = -std::numeric_limits<double>::infinity();
    std::vector<double> best(n, never); // best[b]: best score of a song whose last bar so far starts at b
    std::vector<int> from(n, 0);
    for (std::size_t b = 0; b < n; ++b) {
        if (b < static_cast<std::size_t>(usual)) best[b] = one[b]; // a pick-up is shorter than a bar
        for (int length = 2; length <= longest; ++length) {
            if (b < static_cast<std::size_t>(length)) break;
            const double score = best[b - static_cast<std::size_t>(length)] + one[b] - price(length, usual);
            if (score > best[b]) {
                best[b] = score;
                from[b] = length;
            }
        }
    }
    Solution solution;
    std::size_t last = 0;
    for (std::size_t b = n > static_cast<std::size_t>(usual) ? n - static_cast<std::size_t>(usual) : 0; b < n; ++b)
        if (best[b] > solution.score) {
            solution.score = best[b];
            last = b;
        }
    solution.lengths.push_back(static_cast<int>(n - last));
    while (from[last] != 0) {
        solution.lengths.push_back(from[last]);
        last -= static_cast<std::size_t>(from[last]);
    }
    std::reverse(solution.lengths.begin(), solution.lengths.end());
    solution.pickup = last;
    return solution;
}

} // namespace

InferredBars inferBars(const BeatEvidence& evidence) {
    const std::size_t n = evidence.harmony.size();
    InferredBars bars;
    if (n == 0) return bars;
    const auto harmony = standardised(evidence.harmony);
    const auto bass = standardised(evidence.bass);
    const auto accent = standardised(evidence.accent);
    const auto back = standardised(evidence.back);
    std::vector<double> one(n);
    for (std::size_t b = 0; b < n; ++b) {
        const double snare = (b + 1 < n ? back[b + 1] : 0) - back[b];
        one[b] = harmonyWeight * harmony[b] + bassWeight * bass[b] + accentWeight * accent[b] + backWeight * snare;
    }
    one = standardised(one);
    std::array<Solution, 2> solutions{solve(one, 4), solve(one, 3)};
    const auto perBar = [](const Solution& s) { return s.score / static_cast<double>(s.lengths.size()); };
    const double four = perBar(solutions[0]);
    const double three = perBar(solutions[1]) - threePrice;
    const Solution& chosen = solutions[three > four ? 1 : 0];
    bars.beatsPerBar = three > four ? 3 : 4;
    bars.pickup = chosen.pickup;
    bars.lengths = chosen.lengths;
    bars.margin = std::abs(three - four);
    bars.one = one;
    return bars;
}

void settleOddBars(InferredBars& bars, const std::vector<std::size_t>& phrases) {
    constexpr double hardlyMinds = 1.5; // standard deviations; tuned on the demo song
    std::size_t end = 0; // one past the phrase's last bar
    for (std::size_t length : phrases) {
        end += length;
        if (length < 2 || end > bars.lengths.size()) continue;
        int& odd = bars.lengths[end - 2];
        int& last = bars.lengths[end - 1];
        if (odd == bars.beatsPerBar || last != bars.beatsPerBar) continue;
        std::size_t start = bars.pickup; // first beat of the odd bar
        for (std::size_t b = 0; b + 2 < end; ++b) start += static_cast<std::size_t>(bars.lengths[b]);
        const double now = bars.one[start + static_cast<std::size_t>(odd)];
        const double then = bars.one[start + static_cast<std::size_t>(last)];
        if (now - then < hardlyMinds) std::swap(odd, last);
    }
}

} // namespace lc
