#include "core/reports/like_passes.h"

#include <algorithm>

namespace lc {

namespace {

/// The phrases that a pass fills exactly, half-open; nothing where it does not begin and end with one.
std::optional<std::pair<int, int>> filled(const CountGrid& grid, const PassPerformance& pass) {
    const auto from = grid.phraseAt(pass.start);
    const auto last = grid.phraseAt(pass.end() - Tick{1});
    if (!from || !last) return std::nullopt;
    const CountPhrase& first = grid.phrases()[static_cast<std::size_t>(*from)];
    const CountPhrase& end = grid.phrases()[static_cast<std::size_t>(*last)];
    if (counts(first.firstCount) != pass.start || counts(end.firstCount + end.counts) != pass.end())
        return std::nullopt;
    return std::pair{*from, *last + 1};
}

bool nothingOfItsOwn(const PassPerformance& pass) {
    return pass.plain && pass.exceptions.none() && pass.fromMusic.empty() && !pass.pinned && !pass.cut &&
           pass.tag == Tick{} && pass.wait == Tick{};
}

} // namespace

std::vector<LikePasses> likePasses(const Landing& landing, std::size_t least) {
    const auto& passes = landing.performance.passes;
    const auto& phrases = landing.grid.phrases();
    std::vector<bool> spokenOf(passes.size());
    for (const Finding& f : landing.findings) {
        if (f.severity == Severity::Note) continue;
        if (f.passNumber > 0 && static_cast<std::size_t>(f.passNumber) <= passes.size())
            spokenOf[static_cast<std::size_t>(f.passNumber - 1)] = true;
        if (const auto at = passAt(landing.performance, f.at)) spokenOf[*at] = true;
    }
    for (const CountStop& stop : landing.grid.stops())
        if (const auto at = passAt(landing.performance, stop.start)) spokenOf[*at] = true;
    const auto sameLengths = [&](std::pair<int, int> a, std::pair<int, int> b) {
        const auto first = phrases.begin();
        return std::equal(
            first + a.first, first + a.second, first + b.first, first + b.second,
            [](const CountPhrase& x, const CountPhrase& y) { return x.counts == y.counts && x.sets == y.sets; });
    };
    std::vector<LikePasses> out;
    std::optional<LikePasses> run;
    std::pair<int, int> model;
    const auto close = [&] {
        if (run && run->last - run->first + 1 >= std::max<std::size_t>(least, 2)) out.push_back(*run);
        run.reset();
    };
    for (std::size_t i = 0; i < passes.size(); ++i) {
        const auto phrasesOf = filled(landing.grid, passes[i]);
        if (!phrasesOf || spokenOf[i] || !nothingOfItsOwn(passes[i])) {
            close();
            continue;
        }
        if (run && (passes[run->first].part != passes[i].part || run->endPhrase != phrasesOf->first ||
                    !sameLengths(model, *phrasesOf)))
            close();
        if (!run) {
            run = LikePasses{i, i, phrasesOf->first, phrasesOf->second};
            model = *phrasesOf;
        }
        run->last = i;
        run->endPhrase = phrasesOf->second;
    }
    close();
    return out;
}

} // namespace lc
