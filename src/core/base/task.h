#pragma once

#include <functional>
#include <stop_token>

namespace lc {

/// How a long computation reports and is stopped. Both may be left empty.
struct Task {
    std::function<void(double)> progress; ///< called with 0 to 1, from the computing thread
    std::stop_token stop;

    void report(double part) const {
        if (progress) progress(part);
    }
    [[nodiscard]] bool stopped() const { return stop.stop_requested(); }
    /// The same task for a part of the work, its 0 to 1 laid on [from, to].
    [[nodiscard]] Task part(double from, double to) const {
        if (!progress) return {{}, stop};
        return {[report = progress, from, to](double p) { report(from + (to - from) * p); }, stop};
    }
};

} // namespace lc
