#include "core/routine/handout_claims.h"

#include "core/base/number_words.h"

#include <algorithm>
#include <utility>

namespace lc {

namespace {

/// The part that makes the whole dance; nothing where several do.
const Part* onlyPart(const Routine& routine) {
    if (routine.passes.empty()) return nullptr;
    const PartId id = routine.passes.front().part;
    const bool one =
        std::all_of(routine.passes.begin(), routine.passes.end(), [&](const Pass& pass) { return pass.part == id; });
    return one ? findPart(routine, id) : nullptr;
}

/// After how many times the dance faces the front again.
std::int64_t wallsOf(const std::vector<Action>& actions) {
    Eighths turn;
    for (const Action& a : actions) turn += a.turn;
    const int rest = ((turn.value % 8) + 8) % 8;
    return rest == 0 ? 1 : rest == 4 ? 2 : rest % 2 == 0 ? 4 : 8;
}

} // namespace

HandoutClaims::HandoutClaims(const Routine& routine, const std::vector<std::shared_ptr<const PartReading>>& read)
    : m_routine(routine) {
    if (read.empty()) return;
    m_looked = true;
    if (const Part* part = onlyPart(routine)) {
        const auto found =
            std::find_if(read.begin(), read.end(), [&](const auto& one) { return one->part == part->id; });
        if (found != read.end()) m_danced = *found;
    }
}

const PartReading* HandoutClaims::danced() {
    if (!std::exchange(m_looked, true))
        if (const Part* part = onlyPart(m_routine))
            m_danced = std::make_shared<const PartReading>(readPart(m_routine, *part));
    return m_danced.get();
}

std::string HandoutClaims::broken(const UnsettledLine& line) {
    if (!line.counts && !line.walls) return {};
    const PartReading* reading = danced();
    if (!reading) return {};
    std::string out;
    if (line.counts && reading->length != counts(*line.counts))
        out = numbered(*line.counts, "count is", "counts are") + " said, but " + countsInWords(reading->length) +
              (reading->length == counts(1) ? " is written" : " are written");
    if (!line.walls || reading->roles.size() != 1) return out;
    if (const std::int64_t walls = wallsOf(reading->roles.front().actions); walls != *line.walls)
        out += (out.empty() ? "" : "; ") + numbered(*line.walls, "wall is", "walls are") +
               " said, but the turns that are written make " + std::to_string(walls);
    return out;
}

} // namespace lc
