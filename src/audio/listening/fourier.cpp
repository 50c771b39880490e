#include "audio/listening/fourier.h"

#include <fftw3.h>

#include <algorithm>
#include <cmath>
#include <mutex>
#include <numbers>

namespace lc {

namespace {
std::mutex& plannerLock() { // FFTW's planner is the one part of it that is not safe to call from two threads
    static std::mutex lock;
    return lock;
}
} // namespace

struct RealFourier::Plan {
    explicit Plan(std::size_t window) : in(fftwf_alloc_real(window)), out(fftwf_alloc_complex(window / 2 + 1)) {
        const std::lock_guard lock(plannerLock());
        plan = fftwf_plan_dft_r2c_1d(static_cast<int>(window), in, out, FFTW_ESTIMATE);
    }
    ~Plan() {
        const std::lock_guard lock(plannerLock());
        fftwf_destroy_plan(plan);
        fftwf_free(in);
        fftwf_free(out);
    }
    Plan(const Plan&) = delete;
    Plan& operator=(const Plan&) = delete;
    float* in;
    fftwf_complex* out;
    fftwf_plan plan = nullptr;
};

RealFourier::RealFourier(std::size_t window)
    : m_window(window), m_shape(window), m_plan(std::make_unique<Plan>(window)) {
    for (std::size_t i = 0; i < window; ++i)
        m_shape[i] = static_cast<float>(
            0.5 - 0.5 * std::cos(2 * std::numbers::pi * static_cast<double>(i) / static_cast<double>(window)));
}

RealFourier::~RealFourier() = default;

void RealFourier::transform(const float* samples) {
    for (std::size_t i = 0; i < m_window; ++i) m_plan->in[i] = samples[i] * m_shape[i];
    fftwf_execute(m_plan->plan);
}

const float* RealFourier::spectrum() const { return &m_plan->out[0][0]; }

} // namespace lc
