#pragma once

#include <cstddef>
#include <optional>
#include <vector>

namespace lc {

/// A way to cut beats into bars.
struct BarPath {
    std::size_t pickup = 0;   ///< beats before the first bar
    std::vector<int> lengths; ///< beats of each bar, to the last beat
    double score = 0;         ///< evidence gathered, less the prices of odd bars
    int odd = 0;              ///< bars of another than the usual length, the last one aside
};

/// What is known of the bars for certain.
struct BarConstraints {
    std::vector<std::size_t> ones;    ///< beats on which a bar starts, ascending
    std::vector<std::size_t> notOnes; ///< beats on which none does
    struct Length {
        std::size_t beat = 0;
        int beats = 4;
    };
    std::vector<Length> lengths;                          ///< a bar starts there and has that many beats
    std::optional<std::vector<std::size_t>> oddNear = {}; ///< bars of another length, and other metres, begin within a
                                                          ///< bar of these beats only, unless a fact demands it
};

struct BarPrices {
    double half = 5.0;   ///< a bar of half the usual length
    double other = 7.0;  ///< any other length
    double change = 6.0; ///< another usual length from here on, or back
};

/// The best bars of a usual length `usual` (2 to 12 beats): each bar gathers `one[b]`, the evidence for a 1 on its
/// first beat; other lengths from 1 to usual + 3 cost a price, and so does a change of metre (three, four or five beats
/// a bar) for a while; constraints bind hard, and between two of them the price of a length that they demand is paid,
/// not refused. Exact, by dynamic programming. O(beats × longest bar). Nothing when the constraints exclude each other.
[[nodiscard]] std::optional<BarPath> solveBars(const std::vector<double>& one, int usual, const BarPrices& prices = {},
                                               const BarConstraints& known = {});

} // namespace lc
