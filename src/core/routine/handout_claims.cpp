#include "core/routine/handout_claims.h"

#include "core/base/number_words.h"
#include "core/routine/part_reading.h"

#include <algorithm>

namespace lc {

std::string brokenClaims(const Routine& routine, const UnsettledLine& line) {
    if (!line.counts && !line.walls) return {};
    if (routine.passes.empty()) return {};
    const PartId id = routine.passes.front().part;
    const bool one = std::all_of(routine.passes.begin(), routine.passes.end(), [&](const Pass& pass) { return pass.part == id; });
    const Part* part = findPart(routine, id);
    if (!one || !part) return {};
    const PartReading reading = readPart(routine, *part);
    std::string out;
    if (line.counts && reading.length != counts(*line.counts)) out = numbered(*line.counts, "count is", "counts are") + " said, but " + countsInWords(reading.length) + (reading.length == counts(1) ? " is written" : " are written");
    if (!line.walls || reading.roles.size() != 1) return out;
    Eighths turn;
    for (const Action& a : reading.roles.front().actions) turn += a.turn;
    const int rest = ((turn.value % 8) + 8) % 8;
    const std::int64_t walls = rest == 0 ? 1 : rest == 4 ? 2 : rest % 2 == 0 ? 4 : 8;
    if (walls != *line.walls) out += (out.empty() ? "" : "; ") + numbered(*line.walls, "wall is", "walls are") + " said, but the turns that are written make " + std::to_string(walls);
    return out;
}

bool isOpen(const Routine& routine, const UnsettledLine& line) { return (!line.counts && !line.walls) || !brokenClaims(routine, line).empty(); }

} // namespace lc
