#include "core/said/said_parter.h"

#include <algorithm>
#include <iterator>

namespace lc::said {

namespace {

/// How many steps a figure's line has, and how many counts.
struct Size {
    std::size_t steps = 0;
    std::int64_t counts = 0;
    bool alternates = true; ///< each step is danced on the other foot
};

Size sizeOf(const KnownFigure& figure) {
    Size out;
    bool touched = false; // before this step
    std::string_view line = figure.line;
    while (!line.empty()) {
        const std::string_view word = line.substr(0, line.find(' '));
        line.remove_prefix(std::min(line.size(), word.size() + 1));
        const bool count = word.find_first_not_of("0123456789") == std::string_view::npos;
        out.counts += count;
        const bool label = count || word == "&" || word == "a" || word == "e";
        if (label && touched) out.alternates = false;
        if (label)
            ++out.steps;
        else
            touched = touched || noWeight(word);
        if (word == "wait") --out.steps;
    }
    return out;
}

std::int64_t countsOf(const Chunk& c) { return c.kind == Chunk::Kind::Figure ? sizeOf(*c.figure).counts : 1; }

/// How many chunks behind `figure` are nothing but feet, each the other than the one before it.
std::size_t feetBehind(const std::vector<Chunk>& chunks, std::size_t figure) {
    std::size_t k = figure + 1;
    for (Foot before = chunks[figure].feet.back(); k < chunks.size(); ++k) {
        const Chunk& c = chunks[k];
        if (!c.footOnly || c.onAnd || !c.own.empty() || c.feet.size() != 1 || c.feet.front() == before) break;
        before = c.feet.front();
    }
    return k - figure - 1;
}

} // namespace

void settleFeet(std::vector<Chunk>& chunks, Asker& asker, std::int64_t said) {
    std::int64_t all = 0;
    for (const Chunk& c : chunks) all += countsOf(c);
    for (std::size_t i = 0; i < chunks.size(); ++i) {
        Chunk& figure = chunks[i];
        if (figure.kind != Chunk::Kind::Figure || figure.feet.empty() || figure.turns) continue;
        const Size size = sizeOf(*figure.figure);
        const std::size_t given = figure.feet.size(); // the first of its feet, or all of them
        if ((given != 1 && given != size.steps) || size.counts == 0) continue;
        const std::size_t times = feetBehind(chunks, i) / given, behind = times * given;
        if (behind == 0) continue;
        const auto feet = static_cast<std::int64_t>(behind);
        enum class Way { Its, Again, Own };
        struct Meant {
            Way way;
            Sentence text;
            std::int64_t counts; // of the whole line
        };
        std::vector<Meant> ways;
        if (given == 1 && size.alternates && behind + 1 == size.steps)
            ways.push_back({Way::Its, Core::sentence("the feet of its steps"), all - feet});
        ways.push_back({Way::Again,
                        times == 1 ? Core::sentence("the figure again, on the other foot")
                                   : Core::sentence("the figure again, on each of them"),
                        all - feet + static_cast<std::int64_t>(times) * size.counts});
        ways.push_back(
            {Way::Own, behind == 1 ? Core::sentence("a step of its own") : Core::sentence("steps of their own"), all});
        if (!figure.figure->shorter.empty() && said == all - 1) ways.back().counts = said; // a vine of three
        if (said > 0 && std::any_of(ways.begin(), ways.end(), [&](const Meant& w) { return w.counts == said; }))
            std::erase_if(ways, [&](const Meant& w) { return w.counts != said; });
        std::vector<Sentence> answers;
        for (const Meant& w : ways) answers.push_back(w.text);
        const std::size_t last = i + behind;
        const std::string_view name =
            figure.figure->names.substr(0, figure.figure->names.find('|')); // none of a word of one's own
        const Way way =
            ways[ways.size() == 1
                     ? 0
                     : asker.ask(
                           chunks[i + 1].begin, chunks[last].finish,
                           name.empty()
                               ? Core::plural("What does the foot after it say?|What do the feet after it say?",
                                              nullptr, static_cast<std::int64_t>(behind))
                               : Core::plural("What does the foot after “%1” say?|What do the feet after “%1” say?",
                                              nullptr, static_cast<std::int64_t>(behind), name),
                           answers)]
                .way;
        if (way == Way::Its) {
            for (std::size_t k = i + 1; k <= last; ++k) figure.feet.push_back(chunks[k].feet.front());
            figure.finish = chunks[last].finish;
            chunks.erase(chunks.begin() + static_cast<std::ptrdiff_t>(i) + 1,
                         chunks.begin() + static_cast<std::ptrdiff_t>(last) + 1);
        } else if (way == Way::Again) {
            for (std::size_t k = 1; k <= times; ++k) {
                Chunk again = chunks[i];
                const auto first = chunks.begin() + static_cast<std::ptrdiff_t>(i + k),
                           end = first + static_cast<std::ptrdiff_t>(given);
                again.begin = first->begin;
                again.finish = std::prev(end)->finish;
                again.feet.clear();
                for (auto foot = first; foot != end; ++foot) again.feet.push_back(foot->feet.front());
                again.beside.clear();
                again.own.clear();
                *first = std::move(again);
                chunks.erase(first + 1, end);
            }
            i += times;
        } else
            i = last;
    }
}

} // namespace lc::said
