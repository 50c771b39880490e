#include "audio/listening/bar_path.h"

#include <algorithm>
#include <cstdint>
#include <limits>

namespace lc {

std::optional<BarPath> solveBars(const std::vector<double>& one, int usual, const BarPrices& prices,
                                 const BarConstraints& known) {
    const std::size_t n = one.size();
    if (n == 0 || usual < 1) return std::nullopt;
    constexpr double never = -std::numeric_limits<double>::infinity();
    constexpr double rescue = 1000; // a length that only facts can demand
    enum : std::uint8_t { Free, Must, Not };
    std::vector<std::uint8_t> state(n + 1, Free);
    std::vector<int> demanded(n + 1, 0); // length of the bar that starts here, 0 = any
    for (std::size_t b : known.notOnes)
        if (b < n) state[b] = Not;
    for (std::size_t b : known.ones)
        if (b < n) state[b] = Must;
    for (const auto& bar : known.lengths) {
        if (bar.beat >= n) continue;
        if (state[bar.beat] == Not) return std::nullopt;
        state[bar.beat] = Must;
        demanded[bar.beat] = bar.beats;
    }
    std::vector<std::size_t> nextMust(n + 2, n); // first beat after b that must be a 1
    for (std::size_t b = n; b-- > 0;)
        nextMust[b] = b + 1 < n && state[b + 1] == Must ? b + 1 : b + 1 < n ? nextMust[b + 1] : n;

    const int longest = usual + 3;
    std::vector<std::uint8_t> even(n + 1, 0); // where nothing but a fact makes a bar odd
    if (known.oddNear) {
        std::fill(even.begin(), even.end(), std::uint8_t{1});
        for (std::size_t b : *known.oddNear)
            for (std::size_t k = b > static_cast<std::size_t>(usual) ? b - static_cast<std::size_t>(usual) : 0;
                 k <= std::min(n, b + static_cast<std::size_t>(usual)); ++k)
                even[k] = 0;
    }
    const auto price = [&](std::size_t start, int length) {
        if (length == usual) return 0.0;
        return (even[start] ? rescue : 0.0) + (length * 2 == usual ? prices.half
                                               : length <= longest ? prices.other
                                                                   : rescue * length);
    };
    std::vector<double> best(n + 1, never);
    std::vector<int> from(n + 1, 0);
    // Runs of bars in another metre: run[m][b] is the best way to begin a bar on b after a bar of that length.
    std::vector<int> others;
    for (int m : {3, 4, 5})
        if (usual >= 3 && usual <= 5 && m != usual) others.push_back(m);
    std::vector<std::vector<double>> run(others.size(), std::vector<double>(n + 1, never));
    std::vector<std::vector<std::uint8_t>> fromRun(
        others.size(), std::vector<std::uint8_t>(n + 1, 0)); // the bar before was of the run too
    std::vector<std::int8_t> leftRun(n + 1, -1);             // the run that ended on b
    const std::size_t firstMust = [&] {
        for (std::size_t b = 0; b < n; ++b)
            if (state[b] == Must) return b;
        return n;
    }();
    for (std::size_t b = 0; b < n; ++b) {
        if (state[b] == Not) continue;
        if (b < static_cast<std::size_t>(usual) && b <= firstMust) best[b] = one[b]; // a pick-up is shorter than a bar
        if (b == firstMust && best[b] == never && b < n)
            best[b] = one[b] - rescue; // … unless a fact leaves no other way
        const auto tryFrom = [&](std::size_t start, int length) {
            if (best[start] == never || nextMust[start] < b || (demanded[start] != 0 && demanded[start] != length))
                return;
            const double score = best[start] + one[b] - (demanded[start] == length ? 0 : price(start, length));
            if (score > best[b]) {
                best[b] = score;
                from[b] = length;
            }
        };
        for (int length = 1; length <= longest && static_cast<std::size_t>(length) <= b; ++length)
            tryFrom(b - static_cast<std::size_t>(length), length);
        if (state[b] == Must) { // whatever lies between two facts is a bar, if nothing else can be
            for (std::size_t start = 0; start < b; ++start)
                if (state[start] == Must && nextMust[start] == b && static_cast<int>(b - start) > longest)
                    tryFrom(start, static_cast<int>(b - start));
        }
        if (b > 0)
            for (const auto& bar : known.lengths)
                if (bar.beat < b && bar.beat + static_cast<std::size_t>(bar.beats) == b && bar.beats > longest)
                    tryFrom(bar.beat, bar.beats);
        for (std::size_t m = 0; m < others.size(); ++m) {
            const int length = others[m];
            if (static_cast<std::size_t>(length) > b) continue;
            const std::size_t start = b - static_cast<std::size_t>(length);
            if (nextMust[start] < b || (demanded[start] != 0 && demanded[start] != length)) continue;
            const double entered = best[start] - prices.change - (even[start] ? rescue : 0.0), stayed = run[m][start];
            fromRun[m][b] = stayed >= entered;
            run[m][b] = std::max(stayed, entered) + one[b];
        }
        // A run ends before the bar that begins here is of the usual length again; what is gained on b is counted
        // already.
        for (std::size_t m = 0; m < others.size(); ++m)
            if (run[m][b] - prices.change > best[b]) {
                best[b] = run[m][b] - prices.change;
                leftRun[b] = static_cast<std::int8_t>(m);
            }
    }
    // The last bar runs to the song's end; it may be unfinished.
    BarPath path;
    path.score = never;
    std::size_t last = n;
    for (std::size_t b = 0; b < n; ++b) {
        if (best[b] == never || nextMust[b] < n) continue;
        const int rest = static_cast<int>(n - b);
        const double score = best[b] - (demanded[b] == rest || rest <= usual ? 0 : price(b, rest));
        if (score > path.score) {
            path.score = score;
            last = b;
        }
    }
    if (last == n) return std::nullopt;
    path.lengths.push_back(static_cast<int>(n - last));
    while (leftRun[last] >= 0 || from[last] != 0) {
        if (leftRun[last] < 0) {
            path.lengths.push_back(from[last]);
            last -= static_cast<std::size_t>(from[last]);
            continue;
        }
        const auto m = static_cast<std::size_t>(leftRun[last]);
        for (bool inRun = true; inRun;) {
            inRun = fromRun[m][last] != 0;
            path.lengths.push_back(others[m]);
            last -= static_cast<std::size_t>(others[m]);
        }
    }
    std::reverse(path.lengths.begin(), path.lengths.end());
    path.pickup = last;
    for (std::size_t i = 0; i + 1 < path.lengths.size(); ++i) path.odd += path.lengths[i] != usual;
    return path;
}

} // namespace lc
