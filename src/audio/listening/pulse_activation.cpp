#include "audio/listening/pulse_activation.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {

constexpr double fluxWeight = 1.0, complexWeight = 0.7, lowWeight = 0.5,
                 highWeight = 0.3;    // tuned on the development half
constexpr double harmonyWeight = 1.0; // chosen, no source

std::vector<float> smoothed(const std::vector<float>& in, double spread) {
    const int reach = static_cast<int>(std::ceil(spread * 3));
    std::vector<double> kernel;
    double sum = 0;
    for (int k = -reach; k <= reach; ++k) {
        kernel.push_back(std::exp(-0.5 * k * k / (spread * spread)));
        sum += kernel.back();
    }
    std::vector<float> out(in.size(), 0.0F);
    const auto n = static_cast<int>(in.size());
    for (int i = 0; i < n; ++i) {
        double value = 0;
        for (int k = -reach; k <= reach; ++k)
            if (i + k >= 0 && i + k < n)
                value += kernel[static_cast<std::size_t>(k + reach)] *
                         static_cast<double>(in[static_cast<std::size_t>(i + k)]);
        out[static_cast<std::size_t>(i)] = static_cast<float>(value / sum);
    }
    return out;
}

/// Mean of windowed autocorrelations at lags up to `lags`, each window's own energy taken as one.
void addAutocorrelation(const std::vector<float>& values, std::size_t window, std::size_t lags, double weight,
                        std::vector<double>& out) {
    if (values.size() < window / 2) return;
    int windows = 0;
    std::vector<double> sum(lags + 1, 0);
    for (std::size_t from = 0; from + window / 2 < values.size(); from += window / 2) {
        const std::size_t to = std::min(values.size(), from + window);
        double mean = 0;
        for (std::size_t i = from; i < to; ++i) mean += static_cast<double>(values[i]);
        mean /= static_cast<double>(to - from);
        std::vector<float> centred(to - from);
        double energy = 1e-9;
        for (std::size_t i = from; i < to; ++i) {
            centred[i - from] = values[i] - static_cast<float>(mean);
            energy += static_cast<double>(centred[i - from] * centred[i - from]);
        }
        for (std::size_t lag = 0; lag <= lags && lag < centred.size(); ++lag) {
            float dot = 0;
            for (std::size_t i = lag; i < centred.size(); ++i) dot += centred[i] * centred[i - lag];
            sum[lag] += static_cast<double>(dot) / energy * static_cast<double>(centred.size()) /
                        static_cast<double>(centred.size() - lag);
        }
        ++windows;
    }
    for (std::size_t lag = 0; lag <= lags; ++lag) out[lag] += weight * sum[lag] / std::max(1, windows);
}

std::vector<float> onsetSum(const OnsetFunctions& onsets, double spread) {
    std::vector<float> sum(onsets.size(), 0.0F);
    for (std::size_t i = 0; i < sum.size(); ++i)
        sum[i] = static_cast<float>(fluxWeight * static_cast<double>(onsets.flux[i]) +
                                    complexWeight * static_cast<double>(onsets.complexDomain[i]) +
                                    lowWeight * static_cast<double>(onsets.low[i]) +
                                    highWeight * static_cast<double>(onsets.high[i]));
    sum = smoothed(sum, spread * onsets.rate);
    for (float& v : sum) v = std::log1p(v); // a crash counts for more than a step, but not for ten
    return sum;
}

void takeMeanAway(std::vector<float>& values, double rate) {
    const std::vector<float> mean = smoothed(values, rate * 0.4);
    for (std::size_t i = 0; i < values.size(); ++i) values[i] -= mean[i];
}

} // namespace

std::vector<float> pulseActivation(const OnsetFunctions& onsets) {
    std::vector<float> sum = onsetSum(onsets, 0.007);
    takeMeanAway(sum, onsets.rate);
    return sum;
}

std::vector<float> softActivation(const OnsetFunctions& onsets, const SpectralFrames& spectra) {
    std::vector<float> sum = onsetSum(onsets, 0.04);
    // How much the pitch classes differ between the 160 ms before and after, every 20 ms.
    std::vector<double> change(spectra.frames.size(), 0);
    double square = 1e-12;
    for (std::size_t i = 0; i < change.size(); ++i) {
        const double at = static_cast<double>(i) * spectra.step;
        change[i] = spectra.pitchRise(at, 0.16);
        square += change[i] * change[i];
    }
    const double scale = std::sqrt(static_cast<double>(std::max<std::size_t>(1, change.size())) / square);
    for (std::size_t i = 0; i < sum.size(); ++i) {
        const double at = onsets.secondsOf(static_cast<double>(i)) / spectra.step;
        const auto k = static_cast<std::size_t>(at);
        if (k + 1 < change.size())
            sum[i] += static_cast<float>(
                harmonyWeight *
                std::log1p(scale * (change[k] + (at - static_cast<double>(k)) * (change[k + 1] - change[k]))));
    }
    takeMeanAway(sum, onsets.rate);
    return sum;
}

std::vector<double> pulsePeriods(const OnsetFunctions& onsets, std::size_t most) {
    // Half the rate is enough for periods and a quarter of the work.
    const auto halved = [](const std::vector<float>& in) {
        std::vector<float> out(in.size() / 2);
        for (std::size_t i = 0; i < out.size(); ++i) out[i] = std::log1p(in[2 * i] + in[2 * i + 1]);
        return out;
    };
    const double rate = onsets.rate / 2;
    const auto lags = static_cast<std::size_t>(6.5 * rate);
    std::vector<double> sum(lags + 2, 0);
    const auto window = static_cast<std::size_t>(12 * rate);
    addAutocorrelation(smoothed(halved(onsets.flux), 1.0), window, lags, 1.0, sum);
    addAutocorrelation(smoothed(halved(onsets.complexDomain), 1.0), window, lags, 0.6, sum);
    addAutocorrelation(smoothed(halved(onsets.low), 1.0), window, lags, 0.6, sum);
    // A period is as strong as its first four multiples together.
    std::vector<std::pair<double, double>> peaks;
    const auto at = [&](double lag) {
        const auto i = static_cast<std::size_t>(lag);
        if (i + 1 >= sum.size()) return 0.0;
        return sum[i] + (lag - static_cast<double>(i)) * (sum[i + 1] - sum[i]);
    };
    const auto comb = [&](double lag) { return at(lag) + 0.7 * at(2 * lag) + 0.4 * at(3 * lag) + 0.5 * at(4 * lag); };
    const double from = 0.12 * rate, to = 1.6 * rate;
    constexpr double fine = 0.25; // steps between lags that are tried: chosen, no source
    for (double lag = from; lag < to; lag += fine) {
        const double here = comb(lag);
        if (here <= 0 || here < comb(lag - fine) || here < comb(lag + fine)) continue;
        if (at(lag) < at(lag - 2) && at(lag) < at(lag + 2)) continue; // only its multiples are strong
        peaks.emplace_back(here, lag / rate);
    }
    std::sort(peaks.begin(), peaks.end(), [](const auto& a, const auto& b) {
        return a.first != b.first ? a.first > b.first : a.second < b.second;
    });
    std::vector<double> out;
    for (const auto& [strength, period] : peaks) {
        const bool near = std::any_of(out.begin(), out.end(),
                                      [p = period](double other) { return std::abs(std::log(p / other)) < 0.05; });
        if (!near && out.size() < most) out.push_back(period);
    }
    return out;
}

} // namespace lc
