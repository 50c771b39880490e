#pragma once

namespace lc {

/// Several functions as one, for std::visit.
template <typename... F>
struct Overloaded : F... {
    using F::operator()...;
};
template <typename... F>
Overloaded(F...) -> Overloaded<F...>;

} // namespace lc
