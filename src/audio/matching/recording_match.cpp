#include "audio/matching/recording_match.h"

#include "core/base/quantile.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdint>

namespace lc {

namespace {

constexpr std::size_t dimensions = 30;   // 12 pitch classes, 12 of the bass, 6 bands
constexpr std::size_t mostFrames = 3000; // of each recording: nine million cells
constexpr double shortestFrame = 0.1;    // seconds
constexpr double cut = 5.0;              // seconds of full likeness that a cut or an insertion must be worth
constexpr double bend = 0.15;            // price of a frame at double or half tempo
constexpr double shortestStretch = 4.0;  // seconds; shorter ones are chance
constexpr double alike =
    0.35; // of full likeness above chance, on average: other songs reach 0.28, a slower edit has 0.63
constexpr double otherKey = 1.03; // how much more alike another key must make the two
constexpr Seconds reach = 0.2;    // how far onsets may correct a moment
constexpr Seconds window = 3.0;   // on either side of a moment, for its onsets

using Frame = std::array<float, dimensions>;

std::vector<Frame> framesOf(const SongFeatures& song, double step, int key) {
    const auto n = static_cast<std::size_t>(song.seconds / step);
    std::vector<Frame> frames(n);
    std::array<double, 6> mean{}, square{};
    for (std::size_t i = 0; i < n; ++i) {
        const double t = static_cast<double>(i) * step;
        const SpectralFrame f = song.spectra.mean(t, t + std::max(step, 0.2));
        float chroma = 1e-6F, bass = 1e-6F;
        for (float v : f.chroma) chroma += v;
        for (float v : f.bass) bass += v;
        for (std::size_t c = 0; c < 12; ++c) {
            const std::size_t to = (c + static_cast<std::size_t>(key)) % 12;
            frames[i][to] = std::sqrt(f.chroma[c] / chroma);
            frames[i][12 + to] = 0.7F * std::sqrt(f.bass[c] / bass);
        }
        for (std::size_t b = 0; b < 6; ++b) {
            frames[i][24 + b] = f.bands[b];
            mean[b] += static_cast<double>(f.bands[b]);
            square[b] += static_cast<double>(f.bands[b]) * static_cast<double>(f.bands[b]);
        }
    }
    for (std::size_t b = 0; b < 6; ++b) {
        const double m = mean[b] / static_cast<double>(std::max<std::size_t>(1, n));
        const double s =
            std::sqrt(std::max(1e-6, square[b] / static_cast<double>(std::max<std::size_t>(1, n)) - m * m));
        for (Frame& frame : frames)
            frame[24 + b] =
                0.35F * static_cast<float>(std::clamp((static_cast<double>(frame[24 + b]) - m) / s, -2.0, 2.0));
    }
    for (Frame& frame : frames) {
        float sum = 1e-9F;
        for (float v : frame) sum += v * v;
        for (float& v : frame) v /= std::sqrt(sum);
    }
    return frames;
}

float likeness(const Frame& a, const Frame& b) {
    float sum = 0;
    for (std::size_t d = 0; d < dimensions; ++d) sum += a[d] * b[d];
    return sum;
}

/// How alike two frames must be to speak for each other: three quarters of chance pairs are less.
float threshold(const std::vector<Frame>& a, const std::vector<Frame>& b) {
    std::vector<float> pairs;
    for (std::size_t i = 0; i < a.size(); i += 7)
        for (std::size_t j = (i * 13) % 11; j < b.size(); j += 11) pairs.push_back(likeness(a[i], b[j]));
    if (pairs.empty()) return 1;
    return std::min(0.97F, quantile(std::move(pairs), 3, 4));
}

struct Path {
    double score = 0;
    std::vector<std::pair<std::size_t, std::size_t>> cells; // ascending in both
    std::vector<float> gains;                               // of each cell: 1 is full likeness, 0 chance
};

/// The best way through both: in step, or leaving out a piece of either at the price of a cut. The ends are free.
Path bestPath(const std::vector<Frame>& a, const std::vector<Frame>& b, double step) {
    enum : std::uint8_t { Start, Straight, TwoOfA, TwoOfB, Jump };
    const std::size_t n = a.size(), m = b.size();
    const float needed = threshold(a, b);
    const auto price = static_cast<float>(cut / step);
    std::vector<std::uint8_t> from(n * m, Start);
    std::vector<std::int32_t> jump(n * m, -1); // the cell a jump came from
    // Rows of scores: matched here; the best matched cell above and left of here, for jumps.
    std::vector<std::vector<float>> rows(3, std::vector<float>(m, 0));
    std::vector<float> bestBefore(m + 1, 0); // best score of any cell in rows before, columns before j
    std::vector<std::int32_t> bestCell(m + 1, -1);
    Path path;
    std::size_t last = n * m;
    float top = 0;
    for (std::size_t i = 0; i < n; ++i) {
        std::vector<float>& row = rows[i % 3];
        const std::vector<float>& one = rows[(i + 2) % 3];
        const std::vector<float>& two = rows[(i + 1) % 3];
        float rowBest = 0;
        std::int32_t rowCell = -1;
        std::vector<float> nextBefore = bestBefore;
        std::vector<std::int32_t> nextCell = bestCell;
        for (std::size_t j = 0; j < m; ++j) {
            const float here = std::max(-1.0F, (likeness(a[i], b[j]) - needed) / (1.001F - needed));
            float best = 0;
            std::uint8_t how = Start;
            const auto offer = [&](float score, std::uint8_t by) {
                if (score > best) {
                    best = score;
                    how = by;
                }
            };
            if (i > 0 && j > 0) offer(one[j - 1], Straight);
            if (i > 1 && j > 0) offer(two[j - 1] - static_cast<float>(bend), TwoOfA);
            if (i > 0 && j > 1) offer(one[j - 2] - static_cast<float>(bend), TwoOfB);
            if (bestBefore[j] - price > best) {
                best = bestBefore[j] - price;
                how = Jump;
                jump[i * m + j] = bestCell[j];
            }
            row[j] = best + here;
            from[i * m + j] = how;
            if (row[j] > rowBest) {
                rowBest = row[j];
                rowCell = static_cast<std::int32_t>(i * m + j);
            }
            if (rowBest > nextBefore[j + 1]) {
                nextBefore[j + 1] = rowBest;
                nextCell[j + 1] = rowCell;
            }
            if (row[j] > top) {
                top = row[j];
                last = i * m + j;
            }
        }
        bestBefore = std::move(nextBefore);
        bestCell = std::move(nextCell);
    }
    path.score = static_cast<double>(top);
    if (last == n * m) return path;
    for (std::size_t cell = last;;) {
        path.cells.emplace_back(cell / m, cell % m);
        path.gains.push_back((likeness(a[cell / m], b[cell % m]) - needed) / (1.001F - needed));
        const std::uint8_t how = from[cell];
        if (how == Start) break;
        if (how == Straight)
            cell -= m + 1;
        else if (how == TwoOfA)
            cell -= 2 * m + 1;
        else if (how == TwoOfB)
            cell -= m + 2;
        else
            cell = static_cast<std::size_t>(jump[cell]);
    }
    std::reverse(path.cells.begin(), path.cells.end());
    std::reverse(path.gains.begin(), path.gains.end());
    return path;
}

/// How much later than `guess` the onsets around `at` are found in the other recording.
Seconds onsetShift(const SongFeatures& a, const SongFeatures& b, Seconds at, Seconds guess, double slope) {
    double best = 0;
    Seconds found = 0;
    for (int k = -40; k <= 40; ++k) {
        const Seconds shift = k * reach / 40;
        double sum = 0;
        for (double u = -window; u <= window; u += 0.01)
            sum += a.at(a.flux, at + u) * b.at(b.flux, guess + shift + u * slope);
        sum *= 1 - 0.15 * std::abs(shift) / reach; // of alike ones the nearest
        if (sum > best) {
            best = sum;
            found = shift;
        }
    }
    return found;
}

RecordingMatch::Stretch refined(const SongFeatures& a, const SongFeatures& b, const RecordingMatch::Stretch& coarse) {
    const auto slopeAt = [&](std::size_t k) {
        const auto& before = coarse[k > 4 ? k - 4 : 0];
        const auto& after = coarse[std::min(coarse.size() - 1, k + 4)];
        return std::clamp((after.to - before.to) / std::max(1e-6, after.from - before.from), 0.4, 2.5);
    };
    std::vector<Seconds> shifts;
    for (std::size_t k = 0; k < coarse.size(); ++k)
        shifts.push_back(onsetShift(a, b, coarse[k].from, coarse[k].to, slopeAt(k)));
    RecordingMatch::Stretch out;
    for (std::size_t k = 0; k < coarse.size(); ++k) {
        // A line through the neighbours' corrected moments, by the median: one wrong correction among five changes
        // nothing.
        std::vector<Seconds> votes;
        for (std::size_t v = k > 2 ? k - 2 : 0; v < std::min(coarse.size(), k + 3); ++v)
            votes.push_back(coarse[v].to + shifts[v] + (coarse[k].from - coarse[v].from) * slopeAt(k));
        const RecordingMatch::Point point{coarse[k].from, median(std::move(votes))};
        if (out.empty() || (point.from > out.back().from && point.to > out.back().to)) out.push_back(point);
    }
    return out;
}

} // namespace

std::optional<Seconds> RecordingMatch::carried(Seconds from) const {
    for (const Stretch& stretch : m_stretches) {
        if (from < stretch.front().from - 0.001 || from > stretch.back().from + 0.001) continue;
        auto after = std::lower_bound(stretch.begin(), stretch.end(), from,
                                      [](const Point& p, Seconds t) { return p.from < t; });
        if (after == stretch.begin()) ++after;
        if (after == stretch.end()) --after;
        const Point& a = *std::prev(after);
        const Point& b = *after;
        return a.to + (from - a.from) * (b.to - a.to) / (b.from - a.from);
    }
    return std::nullopt;
}

double RecordingMatch::covered(double seconds) const {
    double sum = 0;
    for (const Stretch& stretch : m_stretches) sum += stretch.back().from - stretch.front().from;
    return seconds > 0 ? std::min(1.0, sum / seconds) : 0;
}

RecordingMatch matchRecordings(const SongFeatures& from, const SongFeatures& to, double tempoRatio) {
    const double ratio = std::clamp(tempoRatio, 0.5, 2.0);
    const double step = std::max({shortestFrame, from.seconds / mostFrames, to.seconds / (mostFrames * ratio)});
    const std::vector<Frame> a = framesOf(from, step, 0);
    Path best;
    if (a.empty() || to.seconds < step) return RecordingMatch{};
    // The key whose mean harmony is nearest; the written one unless another is clearly nearer.
    const auto meanOf = [](const std::vector<Frame>& frames) {
        Frame sum{};
        for (const Frame& f : frames)
            for (std::size_t d = 0; d < 12; ++d) sum[d] += f[d] / static_cast<float>(frames.size());
        return sum;
    };
    const Frame mean = meanOf(a);
    int key = 0;
    float nearest = 0;
    for (int k = 0; k < 12; ++k) {
        const float near =
            likeness(mean, meanOf(framesOf(to, 10 * step, k))) / (k == 0 ? 1.0F : static_cast<float>(otherKey));
        if (near > nearest) {
            nearest = near;
            key = k;
        }
    }
    best = bestPath(a, framesOf(to, step * ratio, key), step);

    std::vector<RecordingMatch::Stretch> stretches;
    RecordingMatch::Stretch stretch;
    double gain = 0;
    std::size_t cells = 0;
    const auto close = [&] {
        if (stretch.size() > 2 && gain >= alike * static_cast<double>(cells) &&
            stretch.back().from - stretch.front().from >= shortestStretch)
            stretches.push_back(refined(from, to, stretch));
        stretch.clear();
        gain = 0;
        cells = 0;
    };
    std::pair<std::size_t, std::size_t> before{};
    const auto every = static_cast<std::size_t>(std::max(1.0, 1.0 / step)); // a moment a second
    for (std::size_t k = 0; k < best.cells.size(); ++k) {
        const auto& cell = best.cells[k];
        const bool jumped = k > 0 && (cell.first - before.first > 2 || cell.second - before.second > 2);
        const bool ends = k + 1 == best.cells.size() || best.cells[k + 1].first - cell.first > 2 ||
                          best.cells[k + 1].second - cell.second > 2;
        if (jumped) close();
        gain += static_cast<double>(best.gains[k]);
        ++cells;
        before = cell;
        if (stretch.empty() || ends || cell.first % every == 0) {
            const RecordingMatch::Point point{static_cast<double>(cell.first) * step,
                                              static_cast<double>(cell.second) * step * ratio};
            if (stretch.empty() || point.from > stretch.back().from + 0.3) stretch.push_back(point);
        }
    }
    close();
    return RecordingMatch{std::move(stretches)};
}

} // namespace lc
