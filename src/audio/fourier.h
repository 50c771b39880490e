#pragma once

#include <cstddef>
#include <memory>
#include <vector>

namespace lc {

/// A short-time transform of real samples with a Hann window of fixed length (FFTW). One object for each thread.
class RealFourier {
public:
    explicit RealFourier(std::size_t window);
    ~RealFourier();
    RealFourier(const RealFourier&) = delete;
    RealFourier& operator=(const RealFourier&) = delete;

    [[nodiscard]] std::size_t bins() const { return m_window / 2 + 1; }
    /// Transforms the samples from `first` on, which may lie before or after the sound: silence is put there.
    void transform(const std::vector<float>& samples, std::ptrdiff_t first);
    /// Real and imaginary parts of all bins, one after another; valid until the next transform.
    [[nodiscard]] const float* spectrum() const;

private:
    struct Plan;
    std::size_t m_window;
    std::vector<float> m_shape;
    std::unique_ptr<Plan> m_plan;
};

} // namespace lc
