#pragma once

#include "core/base/result.h"
#include "core/base/tick.h"

#include <cstdint>
#include <optional>
#include <vector>

namespace lc {

/// How often each length is used to fill some counts.
struct FillCombination {
    std::vector<std::int64_t> times;     ///< in the order of Filling::lengths
    std::optional<std::uint64_t> orders; ///< how many different orders there are; nothing beyond 2^64
};

/// One order of lengths, with where each begins.
struct FillOrder {
    std::vector<Tick> lengths;
    std::vector<Tick> starts; ///< from 0
};

/// Every way to fill some counts with figures of given lengths.
struct Filling {
    std::vector<Tick> lengths;                 ///< ascending, each once
    std::vector<FillCombination> combinations; ///< the fewest figures first
    std::vector<FillOrder> orders;    ///< as many as were asked for: of each combination in turn, shorter figures first
    std::optional<Tick> below, above; ///< where nothing fills: the nearest counts that can be filled
};

/// All combinations of the lengths that add up to `total`, exactly, and the first `mostOrders` orders. Doubles among
/// the lengths count once. Errors: BadValue for lengths or a total that are not above 0, a total beyond 4096 counts, or
/// more than 100,000 combinations.
[[nodiscard]] Result<Filling> fillCounts(Tick total, std::vector<Tick> lengths, std::size_t mostOrders = 0);

/// The music count on which something starts that is `at` from a 1, in sets of `set` counts: 1 to set; a fraction
/// stays.
[[nodiscard]] Tick musicCountIn(Tick at, Tick set = counts(8));

/// Where a 1 of the music falls among figures one after another.
struct OneMet {
    Tick count;             ///< of the filling, from 1: 9, 17, 25
    std::size_t figure = 0; ///< index into the lengths
    Tick inFigure;          ///< its count, from 1
    bool operator==(const OneMet&) const = default;
};

/// The 1s that fall into figures of these lengths behind the first 1, in sets of `set` counts; `from` is the music
/// count on which they begin.
[[nodiscard]] std::vector<OneMet> onesMet(const std::vector<Tick>& lengths, Tick set = counts(8),
                                          Tick from = counts(1));

} // namespace lc
