#include "core/routine/routine_size.h"

#include <algorithm>
#include <unordered_map>

namespace lc {

namespace {

constexpr std::int64_t beyond = INT64_MAX / 8; // sums stay here

/// Figures and steps that a part comes to, and how deep parts lie in it. A step is written with two characters at
/// least.
struct Size {
    std::int64_t figures = 0;
    std::int64_t steps = 0;
    int depth = 1;
};

enum class Trouble { InItself, TooDeep };

class Sizes {
public:
    explicit Sizes(const Routine& routine) {
        for (const Part& part : routine.parts) m_parts[part.id.value] = &part;
        for (const Figure& figure : routine.figures) {
            std::int64_t written = 0;
            for (const RoleLine& line : figure.lines) written += static_cast<std::int64_t>(line.text.size());
            m_steps[figure.id.value] = written / 2 + 1;
        }
    }
    /// Goes no deeper than is allowed, however deep the parts lie.
    tl::expected<Size, Trouble> of(PartId id, int room = deepestPart) {
        if (const auto known = m_known.find(id.value); known != m_known.end()) {
            if (known->second && known->second->depth > room) return tl::unexpected(Trouble::TooDeep);
            return known->second;
        }
        if (room == 0) return tl::unexpected(Trouble::TooDeep);
        m_known[id.value] = tl::unexpected(Trouble::InItself); // until it is known it lies inside itself
        Size sum;
        if (const auto part = m_parts.find(id.value); part != m_parts.end())
            for (const Placement& placed : part->second->figures) {
                Size one{1, 0};
                if (placed.part.valid()) {
                    const auto inner = of(placed.part, room - 1);
                    if (!inner) return m_known[id.value] = inner;
                    one = *inner;
                    sum.depth = std::max(sum.depth, one.depth + 1);
                } else if (const auto steps = m_steps.find(placed.figure.value); steps != m_steps.end())
                    one.steps = steps->second;
                sum = {std::min(beyond, sum.figures + one.figures), std::min(beyond, sum.steps + one.steps), sum.depth};
            }
        return m_known[id.value] = sum;
    }

private:
    std::unordered_map<std::uint32_t, const Part*> m_parts;
    std::unordered_map<std::uint32_t, std::int64_t> m_steps;
    std::unordered_map<std::uint32_t, tl::expected<Size, Trouble>> m_known;
};

} // namespace

Result<void> checkSize(const Routine& routine) {
    Sizes sizes(routine);
    for (const Part& part : routine.parts) {
        const auto size = sizes.of(part.id);
        if (!size)
            return fail(
                ErrorCode::BadValue,
                size.error() == Trouble::InItself
                    ? Core::sentence("Part %1 lies inside itself.", part.name)
                    : Core::sentence(
                          "Parts lie in parts, %1 deep and deeper, from part %2 on. Nobody keeps count of that; place the figures themselves.",
                          deepestPart, part.name));
        if (size->figures > mostFiguresInPart)
            return fail(
                ErrorCode::BadValue,
                Core::sentence(
                    "Part %1 comes to more than %2 figures with the parts that lie in it. That is more than anybody dances; place fewer parts in parts.",
                    part.name, mostFiguresInPart));
    }
    Size all;
    for (const Pass& pass : routine.passes)
        if (const auto size = sizes.of(pass.part))
            all = {std::min(beyond, all.figures + size->figures), std::min(beyond, all.steps + size->steps), 1};
    if (all.figures > mostFiguresDanced || all.steps > mostStepsDanced)
        return fail(
            ErrorCode::BadValue,
            all.figures > mostFiguresDanced
                ? Core::sentence(
                      "The passes come to more than %1 figures in all. That is more than anybody dances; take passes out.",
                      mostFiguresDanced)
                : Core::sentence(
                      "The passes come to more than %1 steps in all. That is more than anybody dances; take passes out.",
                      mostStepsDanced));
    return {};
}

std::optional<PlaceInPart> putsPartInItself(const Routine& routine) {
    std::unordered_map<std::uint32_t, std::size_t> indexOf;
    for (std::size_t i = 0; i < routine.parts.size(); ++i) indexOf[routine.parts[i].id.value] = i;
    enum class State { New, Open, Done };
    std::vector<State> state(routine.parts.size(), State::New);
    for (std::size_t first = 0; first < routine.parts.size(); ++first) {
        if (state[first] != State::New) continue;
        std::vector<PlaceInPart> way{
            {first, 0}}; // from the first part into the part that is looked at: the next figure of each
        state[first] = State::Open;
        while (!way.empty()) {
            PlaceInPart& here = way.back();
            const auto& figures = routine.parts[here.part].figures;
            if (here.figure == figures.size()) {
                state[here.part] = State::Done;
                way.pop_back();
                continue;
            }
            const auto inner = indexOf.find(figures[here.figure].part.value);
            if (inner != indexOf.end() && state[inner->second] == State::Open) return here;
            ++here.figure;
            if (inner == indexOf.end() || state[inner->second] == State::Done) continue;
            state[inner->second] = State::Open;
            way.push_back({inner->second, 0});
        }
    }
    return std::nullopt;
}

} // namespace lc
