#include "core/figures/fill_orders.h"

#include "core/base/ascending.h"

#include <algorithm>
#include <numeric>

namespace lc {

namespace {

constexpr std::size_t mostCombinations = 100'000; // a bound of time and memory; beyond it the number is not said
constexpr Tick longestFilled = counts(4096);

/// Every combination; false when there are too many.
bool combine(const std::vector<Tick>& lengths, std::size_t at, Tick rest, std::vector<std::int64_t>& times,
             std::vector<FillCombination>& out) {
    if (at + 1 == lengths.size()) {
        if (rest.value % lengths[at].value != 0) return true;
        times[at] = rest.value / lengths[at].value;
        if (out.size() >= mostCombinations) return false;
        out.push_back({times, {}});
        return true;
    }
    for (std::int64_t n = rest.value / lengths[at].value; n >= 0; --n) {
        times[at] = n;
        if (!combine(lengths, at + 1, rest - lengths[at] * n, times, out)) return false;
    }
    return true;
}

/// The multinomial coefficient, as a product of binomials: each step divides exactly.
std::optional<std::uint64_t> ordersOf(const std::vector<std::int64_t>& times) {
    std::uint64_t out = 1, placed = 0;
    for (std::int64_t n : times)
        for (std::int64_t k = 1; k <= n; ++k) {
            std::uint64_t by = ++placed, over = static_cast<std::uint64_t>(k);
            for (std::uint64_t* factor : {&out, &by}) {
                const std::uint64_t shared = std::gcd(*factor, over);
                *factor /= shared;
                over /= shared;
            }
            if (__builtin_mul_overflow(out, by, &out)) return std::nullopt;
        }
    return out;
}

std::int64_t grainOf(const std::vector<Tick>& lengths) {
    std::int64_t grain = 0;
    for (Tick length : lengths) grain = std::gcd(grain, length.value);
    return grain;
}

/// The nearest total that can be filled, going down or up; within the longest length there is one, if any.
std::optional<Tick> nearestFilled(const std::vector<Tick>& lengths, Tick total, bool up) {
    const std::int64_t grain = grainOf(lengths);
    const std::int64_t most = total.value / grain + lengths.back().value / grain + 1;
    std::vector<bool> reached(static_cast<std::size_t>(most) + 1, false);
    reached[0] = true;
    for (std::size_t i = 1; i < reached.size(); ++i)
        for (Tick length : lengths)
            if (const auto n = static_cast<std::size_t>(length.value / grain); i >= n && reached[i - n])
                reached[i] = true;
    const std::int64_t from = total.value / grain;
    for (std::int64_t i = up ? from + 1 : from; up ? i <= most : i > 0; up ? ++i : --i)
        if (reached[static_cast<std::size_t>(i)] && (up ? i * grain > total.value : i * grain < total.value))
            return Tick{i * grain};
    return std::nullopt;
}

void addOrders(const Filling& filling, const FillCombination& combination, std::size_t most,
               std::vector<FillOrder>& out) {
    if (out.size() >= most) return;
    std::vector<std::size_t> which;
    for (std::size_t i = 0; i < combination.times.size(); ++i)
        which.insert(which.end(), static_cast<std::size_t>(combination.times[i]), i);
    do {
        if (out.size() >= most) return;
        FillOrder order;
        Tick at;
        for (std::size_t i : which) {
            order.lengths.push_back(filling.lengths[i]);
            order.starts.push_back(at);
            at += filling.lengths[i];
        }
        out.push_back(std::move(order));
    } while (std::next_permutation(which.begin(), which.end()));
}

} // namespace

Result<Filling> fillCounts(Tick total, std::vector<Tick> lengths, std::size_t mostOrders) {
    if (lengths.empty())
        return fail(ErrorCode::BadValue,
                    Core::sentence("Say the lengths of the figures that may fill the counts, such as 6 and 8."));
    for (Tick length : lengths)
        if (length < countFraction(1, 4))
            return fail(ErrorCode::BadValue, Core::sentence("A figure is at least a quarter of a count long."));
    if (total <= Tick{} || total > longestFilled)
        return fail(ErrorCode::BadValue, Core::sentence("Between one and 4096 counts can be filled."));
    ascending(lengths);
    Filling out;
    out.lengths = std::move(lengths);
    std::vector<std::int64_t> times(out.lengths.size(), 0);
    const bool divides = total.value % grainOf(out.lengths) == 0;
    if (divides && !combine(out.lengths, 0, total, times, out.combinations))
        return fail(
            ErrorCode::BadValue,
            Core::sentence("There are more than 100,000 ways to fill %1 with these lengths. Take fewer of them.",
                           inCounts(total)));
    std::stable_sort(out.combinations.begin(), out.combinations.end(),
                     [](const FillCombination& a, const FillCombination& b) {
                         return std::accumulate(a.times.begin(), a.times.end(), std::int64_t{}) <
                                std::accumulate(b.times.begin(), b.times.end(), std::int64_t{});
                     });
    for (FillCombination& combination : out.combinations) {
        combination.orders = ordersOf(combination.times);
        addOrders(out, combination, mostOrders, out.orders);
    }
    if (out.combinations.empty()) {
        out.below = nearestFilled(out.lengths, total, false);
        out.above = nearestFilled(out.lengths, total, true);
    }
    return out;
}

std::vector<OneMet> onesMet(const std::vector<Tick>& lengths, Tick set, Tick from) {
    std::vector<OneMet> out;
    Tick start;
    Tick one = set - (from - counts(1)); // the next 1
    for (std::size_t f = 0; f < lengths.size(); ++f) {
        for (; one < start + lengths[f]; one += set)
            if (one >= start) out.push_back({one + counts(1), f, one - start + counts(1)});
        start += lengths[f];
    }
    return out;
}

Tick musicCountIn(Tick at, Tick set) { return counts(1) + Tick{((at.value % set.value) + set.value) % set.value}; }

} // namespace lc
