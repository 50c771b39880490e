#include "core/rehearsing/practice_times.h"

#include "core/base/plain_text.h"
#include "core/base/sentence.h"
#include "core/base/text_rows.h"

#include <cmath>
#include <string>

namespace lc {

namespace {

constexpr int mostLead = 64;           // four lines of sixteen: nobody counts in for longer
constexpr double slowestPercent = 25;  // what the player can do (Player::setSpeed)
constexpr double fastestPercent = 200; // the same
constexpr int mostTimes = 99;          // a bound against typing slips: hours
constexpr std::size_t mostRungs = 400; // steps of half a percent over the whole range are 351

Result<Seconds> lengthOfCount(const CountGrid& grid, Tick at) {
    const auto start = grid.secondsAt(at);
    if (!start) return tl::unexpected(start.error());
    const auto end = grid.secondsAt(std::min(at + counts(1), grid.end()));
    if (!end) return tl::unexpected(end.error());
    if (*end <= *start) return fail(ErrorCode::OutsideSong, Core::sentence("The song ends there: nothing follows."));
    return *end - *start;
}

Result<void> checkLead(int lead) {
    if (lead < 0 || lead > mostLead)
        return fail(ErrorCode::BadValue, Core::sentence("A count-in has 0 to %1 counts, not %2.", mostLead, lead));
    return {};
}

Result<void> checkPercent(double percent) {
    if (percent >= slowestPercent && percent <= fastestPercent) return {};
    return fail(ErrorCode::BadValue,
                Core::sentence("A tempo of practice lies between %1 and %2 percent of the song's.",
                               static_cast<int>(slowestPercent), static_cast<int>(fastestPercent)));
}

} // namespace

Result<CountIn> countIn(const CountGrid& grid, Tick from, int lead) {
    if (auto fine = checkLead(lead); !fine) return tl::unexpected(fine.error());
    const auto start = grid.secondsAt(from);
    if (!start) return tl::unexpected(start.error());
    const auto step = lengthOfCount(grid, from);
    if (!step) return tl::unexpected(step.error());
    CountIn in;
    Seconds before = *start;
    for (int k = 1; k <= lead; ++k) {
        const auto sung = grid.secondsAt(from - counts(k));
        before = sung ? *sung : before - *step;
        in.counted.insert(in.counted.begin(), before);
    }
    in.silence = std::max(0.0, -before);
    return in;
}

Result<std::vector<Rung>> readLadder(std::string_view text) {
    const auto wrong = [&] {
        return fail(ErrorCode::BadNotation,
                    Core::sentence("“%1” is no ladder of tempi. Write from, to and step in percent with colons, for "
                                   "example 60:100:5, or 60:100:5x2 for each twice.",
                                   std::string(text)));
    };
    int times = 1;
    std::string_view steps = text;
    if (const auto x = text.find('x'); x != std::string_view::npos) {
        const auto said = wholeNumber<int>(text.substr(x + 1));
        if (!said || *said < 1 || *said > mostTimes) return wrong();
        times = *said;
        steps = text.substr(0, x);
    }
    std::vector<double> numbers;
    while (true) {
        const auto colon = std::min(steps.find(':'), steps.size());
        const auto number = wholeNumber<double>(steps.substr(0, colon));
        if (!number || !std::isfinite(*number)) return wrong();
        numbers.push_back(*number);
        if (colon == steps.size()) break;
        steps = steps.substr(colon + 1);
    }
    if (numbers.size() != 3) return wrong();
    const double from = numbers[0], to = numbers[1], step = std::abs(numbers[2]);
    for (const double percent : {from, to})
        if (auto fine = checkPercent(percent); !fine) return tl::unexpected(fine.error());
    if (step <= 0 && from != to) return wrong();
    std::vector<Rung> rungs;
    const double way = from <= to ? 1 : -1;
    for (std::size_t i = 0; from != to; ++i) {
        const double percent = from + way * step * static_cast<double>(i);
        if (way * (to - percent) < 1e-9) break;
        if (rungs.size() + 1 >= mostRungs) return wrong();
        rungs.push_back({percent, times});
    }
    rungs.push_back({to, times});
    return rungs;
}

Result<Seconds> practiceSeconds(const CountGrid& grid, Tick from, Tick to, const Rung& rung, int lead) {
    if (auto fine = checkLead(lead); !fine) return tl::unexpected(fine.error());
    if (auto fine = checkPercent(rung.percent); !fine) return tl::unexpected(fine.error());
    if (to <= from || rung.times < 1)
        return fail(ErrorCode::BadValue, Core::sentence("There is nothing to practise between these two places."));
    const auto start = grid.secondsAt(from), end = grid.secondsAt(to);
    if (!start) return tl::unexpected(start.error());
    if (!end) return tl::unexpected(end.error());
    const auto step = lengthOfCount(grid, from);
    if (!step) return tl::unexpected(step.error());
    return (*end - *start + lead * *step) * 100 / rung.percent * rung.times;
}

} // namespace lc
