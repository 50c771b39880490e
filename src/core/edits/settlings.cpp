#include "core/edits/settlings.h"

namespace lc {

std::vector<Settling> settlingsOf(const Routine& routine, const UnsettledLine& line) {
    std::vector<Settling> out;
    const Figure* figure = findFigure(routine, line.figure);
    if (figure && line.role.valid())
        out.push_back({"Put its steps back into " + figure->name + ", to be mended there",
                       {SettleLine{line.id, SettleLine::How::PutBack}}});
    if (figure)
        out.push_back({"Keep it as a remark of " + figure->name, {SettleLine{line.id, SettleLine::How::AsRemark}}});
    out.push_back({"It is settled: take it out", {SettleLine{line.id, SettleLine::How::TakeOut}}});
    return out;
}

} // namespace lc
