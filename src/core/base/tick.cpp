#include "core/base/tick.h"

#include "core/base/vulgar_fractions.h"

#include <array>
#include <cassert>
#include <charconv>
#include <numeric>

namespace lc {

Tick countFraction(std::int64_t numerator, std::int64_t denominator) {
    assert(denominator != 0 && (numerator * ticksPerCount) % denominator == 0);
    return {numerator * ticksPerCount / denominator};
}

std::string toCountString(Tick t) {
    if (isWhole(t)) return std::to_string(t.value / ticksPerCount);
    const auto g = std::gcd(t.value, ticksPerCount);
    return std::to_string(t.value / g) + "/" + std::to_string(ticksPerCount / g);
}

std::string toSpokenCount(Tick t) {
    if (isWhole(t)) return std::to_string(t.value / ticksPerCount);
    const bool negative = t.value < 0;
    const std::int64_t magnitude = negative ? -t.value : t.value;
    const std::int64_t whole = magnitude / ticksPerCount;
    const std::int64_t rest = magnitude % ticksPerCount;
    std::string fraction = toCountString({rest});
    for (const VulgarFraction& part : vulgarFractions)
        if (rest * part.over == part.value * ticksPerCount) fraction = part.sign;
    std::string text = negative ? "−" : "";
    if (whole != 0) text += std::to_string(whole) + (fraction.find('/') != std::string::npos ? " " : "");
    return text + fraction;
}

Result<Tick> parseCount(std::string_view text) {
    const auto bad = [&](const Sentence& why) { return fail(ErrorCode::BadValue, why, std::string(text)); };
    const auto noCount = [&] {
        return bad(Core::sentence("“%1” is not a count. Write a number such as 12 or 3/4.", text));
    };
    std::int64_t numerator = 0;
    std::int64_t denominator = 1;
    const char* const end = text.data() + text.size();
    auto [rest, error] = std::from_chars(text.data(), end, numerator);
    if (error != std::errc{}) return noCount();
    if (rest != end) {
        if (*rest != '/') return noCount();
        const auto [rest2, error2] = std::from_chars(rest + 1, end, denominator);
        if (error2 != std::errc{} || rest2 != end || denominator <= 0) return noCount();
    }
    constexpr std::int64_t limit = INT64_MAX / ticksPerCount;
    if (numerator > limit || numerator < -limit) return bad(Core::sentence("“%1” is too large for a count.", text));
    if ((numerator * ticksPerCount) % denominator != 0)
        return bad(Core::sentence(
            "“%1” does not divide evenly: a count has 20160 parts. Use halves, thirds, … up to tenths, 12ths, 16ths or 32nds.",
            text));
    return Tick{numerator * ticksPerCount / denominator};
}

std::string countsInWords(Tick t) { return toSpokenCount(t) + (t == counts(1) ? " count" : " counts"); }

} // namespace lc
