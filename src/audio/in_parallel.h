#pragma once

#include <algorithm>
#include <atomic>
#include <cstddef>
#include <thread>
#include <vector>

namespace lc {

/// Calls work(0) … work(n − 1) on as many threads as the machine has, the caller's among them, and returns when all are done.
/// Their order is free, so each may write only what is its own; then the result does not depend on the threads.
/// `told(i)` is called from the caller's thread alone, after each piece that it did itself.
template <typename Work, typename Told>
void inParallel(std::size_t n, const Work& work, const Told& told) {
    std::atomic<std::size_t> next{0};
    const auto run = [&](const auto& after) {
        for (std::size_t i = next++; i < n; i = next++) {
            work(i);
            after(i);
        }
    };
    const std::size_t most = std::min<std::size_t>(n, std::max(1U, std::thread::hardware_concurrency()));
    std::vector<std::jthread> others;
    for (std::size_t t = 1; t < most; ++t) others.emplace_back([&] { run([](std::size_t) {}); });
    run(told);
}

} // namespace lc
