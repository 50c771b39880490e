#pragma once

#include <algorithm>
#include <atomic>
#include <cstddef>
#include <thread>
#include <vector>

namespace lc {

constexpr unsigned mostThreads = 4; ///< each piece of work has memory of its own

/// Calls work(0) … work(n − 1) on up to four threads, as the machine has them, the caller's among them, and returns
/// when all are done. Their order is free, so each may write only what is its own; then the result does not depend on
/// the threads. Work must not throw. `told(i)` is called from the caller's thread alone, after each piece that it did
/// itself.
template <typename Work, typename Told>
void inParallel(std::size_t n, const Work& work, const Told& told) {
    std::atomic<std::size_t> next{0};
    const auto run = [&](const auto& after) {
        for (std::size_t i = next++; i < n; i = next++) {
            work(i);
            after(i);
        }
    };
    const std::size_t most = std::min<std::size_t>(n, std::clamp(std::thread::hardware_concurrency(), 1U, mostThreads));
    std::vector<std::jthread> others;
    for (std::size_t t = 1; t < most; ++t) others.emplace_back([&] { run([](std::size_t) {}); });
    run(told);
}

} // namespace lc
