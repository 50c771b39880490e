#include "core/routine/handout_claims.h"

#include "core/base/list_text.h"

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

Sentence HandoutClaims::broken(const UnsettledLine& line) {
    if (!line.counts && !line.walls) return {};
    const PartReading* reading = danced();
    if (!reading) return {};
    std::vector<Sentence> said;
    if (line.counts && reading->length != counts(*line.counts)) {
        const Sentence length = inCounts(reading->length);
        const Sentence written = reading->length == counts(1) ? Core::sentence("%1 is written", length)
                                                              : Core::sentence("%1 are written", length);
        said.push_back(Core::plural("%n count is said, but %1|%n counts are said, but %1", "%1: 30 counts are written",
                                    *line.counts, written));
    }
    if (const std::int64_t walls = reading->roles.size() == 1 ? wallsOf(reading->roles.front().actions) : 0;
        line.walls && walls > 0 && walls != *line.walls)
        said.push_back(Core::plural(
            "%n wall is said, but the turns that are written make %1|%n walls are said, but the turns that are written make %1",
            nullptr, *line.walls, walls));
    return said.empty() ? Sentence() : Core::sentence("%1", listed(said, Joined::Semicolons));
}

} // namespace lc
