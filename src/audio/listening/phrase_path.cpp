#include "audio/listening/phrase_path.h"

#include "audio/listening/small_net.h"

#include <algorithm>
#include <limits>
#include <map>
#include <utility>

namespace lc {

namespace {

constexpr std::ptrdiff_t reach = 8; // bars before and after whose cues speak too
#include "audio/listening/phrase_net.inc"

constexpr std::size_t longest = 24;   // bars of a phrase: 16 and half again (chosen, no source)
constexpr double endsEarly = 0.3;     // of its price: what a short last phrase costs
constexpr double saidByLengths = 1.0; // of the odds of any bar: that starts are rare is left to the prices of lengths;
                                      // tuned on sources and styles left out

/// 1 to 399, as people number tunes; unlike the letters that parts of a dance have, and no number that could be its
/// beats.
std::string roman(int number) {
    std::string out;
    for (const auto& [value, letters] :
         {std::pair{100, "C"}, {90, "XC"}, {50, "L"}, {40, "XL"}, {10, "X"}, {9, "IX"}, {5, "V"}, {4, "IV"}, {1, "I"}})
        for (; number >= value; number -= value) out += letters;
    return out;
}

} // namespace

double phraseLengthPrice(std::size_t bars, bool last) {
    if (last && bars < 8) return endsEarly * phraseLengthPrice(bars, false); // songs fade
    switch (bars) {
    case 8: return 0.3;
    case 4: return 1.6;
    case 16: return 1.9;
    case 12: return 2.1;
    case 6: return 2.4;
    case 10: return 2.6;
    case 2: return 2.6;
    case 9: return 2.8;
    case 5:
    case 7: return 3.2;
    default: return bars <= 16 ? 4.0 : 6.0;
    }
}

std::vector<double> phraseStarts(const std::vector<PhraseCues>& cues) {
    const auto n = static_cast<std::ptrdiff_t>(cues.size());
    std::vector<double> out(cues.size(), 0);
    for (std::ptrdiff_t b = 0; b < n; ++b) {
        std::array<double, (2 * reach + 1) * phraseCueCount> around{};
        for (std::ptrdiff_t s = -reach; s <= reach; ++s)
            if (b + s >= 1 && b + s < n)
                std::copy(cues[static_cast<std::size_t>(b + s)].begin(), cues[static_cast<std::size_t>(b + s)].end(),
                          around.begin() + (s + reach) * static_cast<std::ptrdiff_t>(phraseCueCount));
        out[static_cast<std::size_t>(b)] = std::clamp(phraseNets(around) - saidByLengths * phraseNetsOdds, -6.0, 6.0);
    }
    return out;
}

std::vector<std::size_t> solvePhrases(const std::vector<double>& starts, const PhraseConstraints& known) {
    const std::size_t n = starts.size();
    if (n == 0) return {};
    enum : std::uint8_t { Free, Must, Not };
    std::vector<std::uint8_t> state(n + 1, Free);
    for (std::size_t b : known.notStarts)
        if (b < n) state[b] = Not;
    for (std::size_t b : known.starts)
        if (b < n) state[b] = Must;
    constexpr double never = -std::numeric_limits<double>::infinity();
    std::vector<double> best(n + 1, never);
    std::vector<std::size_t> from(n + 1, 0);
    best[0] = 0;
    std::size_t lastMust = 0; // the latest bar before k that must begin a phrase
    for (std::size_t k = 1; k <= n; ++k) {
        if (k > 1 && state[k - 1] == Must) lastMust = k - 1;
        if (k < n && state[k] == Not) continue;
        for (std::size_t start = lastMust; start < k; ++start) {
            const std::size_t length = k - start;
            const bool last = k == n;
            if (length > longest && start != lastMust) continue;
            const double price = phraseLengthPrice(length, last) + (length > longest ? 1000.0 : 0.0);
            const double score = best[start] + (last ? 0 : starts[k]) - price;
            if (score > best[k]) {
                best[k] = score;
                from[k] = length;
            }
        }
    }
    std::vector<std::size_t> lengths;
    for (std::size_t k = n; k > 0; k -= from[k]) lengths.push_back(from[k]);
    std::reverse(lengths.begin(), lengths.end());
    return lengths;
}

std::vector<std::string> phraseNames(const std::vector<std::size_t>& phrases,
                                     const std::vector<std::vector<float>>& alike) {
    constexpr double same = 0.45; // mean likeness of bars in the same places; tuned on the development half
    std::vector<std::size_t> begins;
    std::size_t at = 0;
    for (std::size_t length : phrases) {
        begins.push_back(at);
        at += length;
    }
    std::vector<int> letter(phrases.size(), -1);
    std::vector<int> uses;
    for (std::size_t p = 0; p < phrases.size(); ++p) {
        double best = same;
        for (std::size_t q = 0; q < p; ++q) {
            const std::size_t common = std::min(phrases[p], phrases[q]);
            if (2 * common < std::max(phrases[p], phrases[q])) continue;
            double sum = 0;
            for (std::size_t k = 0; k < common; ++k) sum += static_cast<double>(alike[begins[p] + k][begins[q] + k]);
            sum /= static_cast<double>(common);
            if (sum > best) {
                best = sum;
                letter[p] = letter[q];
            }
        }
        if (letter[p] < 0) {
            letter[p] = static_cast<int>(uses.size());
            uses.push_back(0);
        }
        ++uses[static_cast<std::size_t>(letter[p])];
    }
    std::vector<std::string> names(phrases.size());
    std::map<int, std::string> named;
    std::map<int, int> seen;
    int next = 0;
    for (std::size_t p = 0; p < phrases.size(); ++p) {
        const bool alone = uses[static_cast<std::size_t>(letter[p])] == 1;
        if (p == 0 && alone && phrases.size() > 2) {
            names[p] = "Intro";
            continue;
        }
        if (p + 1 == phrases.size() && alone && phrases.size() > 2 && phrases[p] < phrases[p - 1]) {
            names[p] = "Ending";
            continue;
        }
        if (named.find(letter[p]) == named.end()) named[letter[p]] = "Tune " + roman(++next);
        names[p] = named[letter[p]] + (alone ? "" : " " + std::to_string(++seen[letter[p]]));
    }
    return names;
}

} // namespace lc
