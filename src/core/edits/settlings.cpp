#include "core/edits/settlings.h"

namespace lc {

std::vector<Settling> settlingsOf(const Routine& routine, const UnsettledLine& line) {
    std::vector<Settling> out;
    const Figure* figure = findFigure(routine, line.figure);
    if (figure && line.role.valid())
        out.push_back({Core::sentence("Put its steps back into %1, to be mended there", figure->name),
                       {SettleLine{line.id, SettleLine::How::PutBack}}});
    if (figure)
        out.push_back({Core::sentence("Keep it as a remark of %1", figure->name),
                       {SettleLine{line.id, SettleLine::How::AsRemark}}});
    out.push_back({Core::sentence("It is settled: take it out"), {SettleLine{line.id, SettleLine::How::TakeOut}}});
    return out;
}

} // namespace lc
