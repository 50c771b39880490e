#pragma once

#include "core/document/json_field.h"
#include "core/routine/routine.h"

#include <set>

namespace lc {

/// Identities read so far: each once, none above the last that was given out, and nothing points to one that is not
/// there.
template <typename IdType>
class IdsSeen {
public:
    void add(const Field& field, IdType id, std::uint32_t last) {
        if (id.value > last) field.bad(Core::sentence("is above last_id"));
        if (!m_seen.insert(id).second) field.bad(Core::sentence("is used twice"));
    }
    void needs(const Field& field, IdType id) const {
        if (m_seen.count(id) == 0) field.bad(Core::sentence("points to nothing in the file"));
    }

private:
    std::set<IdType> m_seen;
};

/// The routine as it stands in a routine file; see docs/file-format.md.
[[nodiscard]] Json toJson(const Routine& routine);
[[nodiscard]] Routine routineFrom(const Field& field);

} // namespace lc
