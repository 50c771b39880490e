#include "core/edits/dance_on_song.h"

#include "core/routine/performance.h"

#include <algorithm>

namespace lc {

bool awaitsDance(const Document& document) {
    const Routine& routine = document.routine;
    const auto says = [](const Figure& figure) {
        return !figure.name.empty() || std::any_of(figure.lines.begin(), figure.lines.end(),
                                                   [](const RoleLine& line) { return !line.text.empty(); });
    };
    return routine.passes.empty() && std::none_of(routine.figures.begin(), routine.figures.end(), says) &&
           !CountGrid(*document.map, document.scheme).empty();
}

Document danceOnSong(const Document& song, Document dance) {
    Document out = song;
    if (out.title.empty()) out.title = std::move(dance.title);
    const Tick start = startOf(dance.routine, CountGrid(*dance.map, dance.scheme));
    out.routine = std::move(dance.routine);
    out.routine.startAt.reset();
    const CountGrid grid(*out.map, out.scheme);
    if (const auto at = grid.secondsAt(start); start > Tick{} && start < grid.end() && at) out.routine.startAt = *at;
    return out;
}

} // namespace lc
