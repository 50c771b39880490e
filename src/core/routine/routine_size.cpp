#include "core/routine/routine_size.h"

#include <algorithm>
#include <unordered_map>

namespace lc {

namespace {

constexpr std::int64_t beyond = INT64_MAX / 8; // sums stay here

/// Figures and steps that a part comes to. A step is written with two characters at least.
struct Size {
    std::int64_t figures = 0;
    std::int64_t steps = 0;
};

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
    /// Nothing for a part that lies inside itself.
    std::optional<Size> of(PartId id) {
        if (const auto known = m_known.find(id.value); known != m_known.end()) return known->second;
        m_known[id.value] = std::nullopt; // until it is known it lies inside itself
        Size sum;
        if (const auto part = m_parts.find(id.value); part != m_parts.end())
            for (const Placement& placed : part->second->figures) {
                Size one{1, 0};
                if (placed.part.valid()) {
                    const auto inner = of(placed.part);
                    if (!inner) return std::nullopt;
                    one = *inner;
                } else if (const auto steps = m_steps.find(placed.figure.value); steps != m_steps.end()) one.steps = steps->second;
                sum = {std::min(beyond, sum.figures + one.figures), std::min(beyond, sum.steps + one.steps)};
            }
        return m_known[id.value] = sum;
    }

private:
    std::unordered_map<std::uint32_t, const Part*> m_parts;
    std::unordered_map<std::uint32_t, std::int64_t> m_steps;
    std::unordered_map<std::uint32_t, std::optional<Size>> m_known;
};

} // namespace

Result<void> checkSize(const Routine& routine) {
    Sizes sizes(routine);
    for (const Part& part : routine.parts) {
        const auto size = sizes.of(part.id);
        if (!size) return fail(ErrorCode::BadValue, "Part " + part.name + " lies inside itself.");
        if (size->figures > mostFiguresInPart)
            return fail(ErrorCode::BadValue, "Part " + part.name + " comes to more than " + std::to_string(mostFiguresInPart) + " figures with the parts that lie in it. That is more than anybody dances; place fewer parts in parts.");
    }
    Size all;
    for (const Pass& pass : routine.passes)
        if (const auto size = sizes.of(pass.part)) all = {std::min(beyond, all.figures + size->figures), std::min(beyond, all.steps + size->steps)};
    if (all.figures > mostFiguresDanced || all.steps > mostStepsDanced)
        return fail(ErrorCode::BadValue, "The passes come to more than " + std::to_string(all.figures > mostFiguresDanced ? mostFiguresDanced : mostStepsDanced) + (all.figures > mostFiguresDanced ? " figures" : " steps") + " in all. That is more than anybody dances; take passes out.");
    return {};
}

} // namespace lc
