#pragma once

#include "core/base/facing.h"
#include "core/base/result.h"

#include <string>
#include <string_view>

namespace lc {

class Sentence;

/// How the dancers stand, as far as it decides what facings and places mean.
enum class Formation {
    Solo,        ///< everyone for themselves, facing the front
    Rows,        ///< behind each other, facing the front
    Couples,     ///< couples travelling along the line of dance
    Slot,        ///< partners at the two ends of a slot
    OpenChain,   ///< hand in hand along the line of dance, led by its head
    Ring,        ///< round a middle
    FacingPairs, ///< two by two, facing each other
};

inline constexpr Formation allFormations[] = {Formation::Solo,       Formation::Rows,      Formation::Couples,
                                              Formation::Slot,       Formation::OpenChain, Formation::Ring,
                                              Formation::FacingPairs};

/// "solo", "rows", "couples", "slot", "chain", "ring", "pairs": as in files.
[[nodiscard]] std::string toString(Formation formation);
[[nodiscard]] Result<Formation> parseFormation(std::string_view text);
/// "couples in the line of dance", "rows", …
[[nodiscard]] Sentence formationSaid(Formation formation);

/// Do facings mean alignments to the line of dance?
[[nodiscard]] bool isTravelling(Formation formation);

/// Where a role faces before the dance begins; partners who face each other begin at 12 and 6.
[[nodiscard]] Eighths facingAtFirst(Formation formation, std::size_t role);

/// The facing in words: "12", or "the line of dance", "diagonally to the wall" for those who travel: the line of dance
/// runs counter-clockwise round the hall, the wall is to its right, the centre to its left (common practice of ballroom
/// manuals, from memory).
[[nodiscard]] Sentence facingSaid(Formation formation, Eighths facing);
[[nodiscard]] std::string facingInWords(Formation formation, Eighths facing); ///< the same in English

/// Where somebody stands after walking `orbit` round the partner or the middle: "home", "exchanged", "¼ round".
[[nodiscard]] Sentence orbitSaid(Eighths orbit);
[[nodiscard]] std::string placeInWords(Eighths orbit); ///< the same in English

} // namespace lc
