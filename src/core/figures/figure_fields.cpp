#include "core/figures/figure_fields.h"

namespace lc {

std::span<const FigureField> figureFields() {
    using F = FigureFacts;
    static const FigureField fields[] = {
        {.key = "other_names",
         .inText = "also called",
         .inWords = Core::sentence("other names"),
         .onCard = Core::sentence("other names"),
         .place = 2,
         .list = &F::otherNames},
        {.key = "family",
         .inText = "family",
         .inWords = Core::sentence("family"),
         .onCard = Core::sentence("family"),
         .place = 3,
         .text = &F::family},
        {.key = "description",
         .inText = "description",
         .inWords = Core::sentence("description"),
         .onCard = Core::sentence("in one line"),
         .place = 1,
         .text = &F::description},
        {.key = "level",
         .inText = "level",
         .inWords = Core::sentence("level"),
         .onCard = Core::sentence("level"),
         .place = 4,
         .text = &F::level},
        {.key = "words",
         .inText = "words",
         .inWords = Core::sentence("words"),
         .onCard = Core::sentence("taught with"),
         .place = 6,
         .text = &F::words},
        {.key = "cautions",
         .inText = "cautions",
         .inWords = Core::sentence("cautions"),
         .onCard = Core::sentence("cautions"),
         .place = 7,
         .text = &F::cautions},
        {.key = "notes",
         .inText = "notes",
         .inWords = Core::sentence("notes"),
         .onCard = {},
         .text = &F::notes,
         .merging = Merging::Both},
        {.key = "tags",
         .inText = "tags",
         .inWords = Core::sentence("tags"),
         .onCard = Core::sentence("tags"),
         .place = 5,
         .list = &F::tags,
         .before = "#"},
    };
    return fields;
}

} // namespace lc
