#include "core/figures/figure_fields.h"

namespace lc {

std::span<const FigureField> figureFields() {
    using F = FigureFacts;
    static constexpr FigureField fields[] = {
        {.key = "other_names",
         .inText = "also called",
         .inWords = "other names",
         .onCard = "other names",
         .place = 2,
         .list = &F::otherNames},
        {.key = "family", .inText = "family", .inWords = "family", .onCard = "family", .place = 3, .text = &F::family},
        {.key = "description",
         .inText = "description",
         .inWords = "description",
         .onCard = "in one line",
         .place = 1,
         .text = &F::description},
        {.key = "level", .inText = "level", .inWords = "level", .onCard = "level", .place = 4, .text = &F::level},
        {.key = "words", .inText = "words", .inWords = "words", .onCard = "taught with", .place = 6, .text = &F::words},
        {.key = "cautions",
         .inText = "cautions",
         .inWords = "cautions",
         .onCard = "cautions",
         .place = 7,
         .text = &F::cautions},
        {.key = "notes",
         .inText = "notes",
         .inWords = "notes",
         .onCard = {},
         .text = &F::notes,
         .merging = Merging::Both},
        {.key = "tags",
         .inText = "tags",
         .inWords = "tags",
         .onCard = "tags",
         .place = 5,
         .list = &F::tags,
         .before = "#"},
    };
    return fields;
}

} // namespace lc
