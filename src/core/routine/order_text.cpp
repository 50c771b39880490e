#include "core/routine/order_text.h"

#include <algorithm>
#include <charconv>

namespace lc {

namespace {

constexpr int mostPasses = 5000; // a bound against typing slips: an evening long

std::string lower(std::string_view text) {
    std::string out(text);
    std::transform(out.begin(), out.end(), out.begin(),
                   [](char c) { return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c; });
    return out;
}

const Part* partNamed(const Routine& routine, std::string_view word) {
    for (const Part& part : routine.parts)
        if (lower(part.name) == lower(word)) return &part;
    return nullptr;
}

std::string namesInWords(const Routine& routine) {
    std::string names;
    for (const Part& part : routine.parts) names += (names.empty() ? "" : ", ") + part.name;
    return names;
}

/// "x4", "*4", "×4", or nothing.
std::optional<int> times(std::string_view word) {
    for (std::string_view sign : {"x", "X", "*", "×"})
        if (word.size() > sign.size() && word.substr(0, sign.size()) == sign) {
            int n = 0;
            const auto [rest, error] = std::from_chars(word.data() + sign.size(), word.data() + word.size(), n);
            if (error == std::errc{} && rest == word.data() + word.size()) return n;
        }
    return std::nullopt;
}

} // namespace

Result<std::vector<PartId>> readOrder(const Routine& routine, std::string_view text) {
    std::vector<PartId> order;
    const auto wrong = [&](std::size_t at, const Text& why) {
        const auto place = characterNumber(text, at);
        return fail(ErrorCode::BadNotation, Core::sentence("Order, character %1: %2", place, why),
                    "character " + std::to_string(place));
    };
    std::size_t at = 0;
    while (at < text.size()) {
        if (text[at] == ' ' || text[at] == ',' || text[at] == '\t') {
            ++at;
            continue;
        }
        std::size_t end = std::min(text.find_first_of(" ,\t", at), text.size());
        std::string_view word = text.substr(at, end - at);
        if (const auto n = times(word)) {
            if (order.empty())
                return wrong(at, Core::sentence("“%1” repeats the part before it; name the part first, as in “A x4”.",
                                                std::string(word)));
            if (*n < 1 || *n > mostPasses)
                return wrong(at, Core::sentence("a part is repeated 1 to %1 times.", mostPasses));
            order.insert(order.end(), static_cast<std::size_t>(*n - 1), order.back());
        } else {
            const Part* part = partNamed(routine, word);
            int repeat = 1;
            for (std::size_t split = 1; !part && split < word.size(); ++split) // A*4, Ax4 in one word
                if (const auto repeats = times(word.substr(split));
                    repeats && partNamed(routine, word.substr(0, split))) {
                    part = partNamed(routine, word.substr(0, split));
                    repeat = *repeats;
                    if (repeat < 1 || repeat > mostPasses)
                        return wrong(at + split, Core::sentence("a part is repeated 1 to %1 times.", mostPasses));
                }
            if (!part && word.find_first_not_of("ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz") ==
                             std::string_view::npos) {
                bool letters = true; // AABA
                for (char c : word) letters = letters && partNamed(routine, std::string_view(&c, 1));
                if (letters) {
                    for (char c : word) order.push_back(partNamed(routine, std::string_view(&c, 1))->id);
                    at = end;
                    continue;
                }
            }
            if (!part)
                return wrong(at, Core::sentence("there is no part “%1”. The parts are %2.", std::string(word),
                                                namesInWords(routine)));
            order.insert(order.end(), static_cast<std::size_t>(repeat), part->id);
        }
        if (order.size() > static_cast<std::size_t>(mostPasses))
            return wrong(at, Core::sentence("more than %1 passes.", mostPasses));
        at = end;
    }
    return order;
}

std::string orderText(const Routine& routine) {
    std::string text;
    for (const Pass& pass : routine.passes) {
        const Part* part = findPart(routine, pass.part);
        text += (text.empty() ? "" : " ") + (part ? part->name : std::string("?"));
    }
    return text;
}

} // namespace lc
