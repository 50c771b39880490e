#pragma once

#include <algorithm>
#include <cmath>

namespace lc {

/// A straight line through points by weighted least squares, from running sums. Points on one place have no slope.
struct LineFit {
    double weight = 0, x = 0, y = 0, xx = 0, xy = 0, yy = 0;

    void add(double px, double py, double w = 1) {
        weight += w;
        x += w * px;
        y += w * py;
        xx += w * px * px;
        xy += w * px * py;
        yy += w * py * py;
    }
    [[nodiscard]] double slope() const {
        const double spread = weight * xx - x * x;
        return std::abs(spread) < 1e-9 ? 0 : (weight * xy - x * y) / spread;
    }
    [[nodiscard]] double atZero() const { return weight > 0 ? (y - slope() * x) / weight : 0; }
    /// The weighted sum of the squares that the line leaves over.
    [[nodiscard]] double left() const { return std::max(0.0, yy - atZero() * y - slope() * xy); }
};

} // namespace lc
