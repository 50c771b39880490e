#include "core/routine/formation.h"

#include "core/base/list_text.h"

#include <array>
#include <vector>

namespace lc {

namespace {

struct Name {
    Formation formation;
    std::string_view inFiles;
    Sentence said;
};

const std::array<Name, 7>& names() {
    static const std::array<Name, 7> all{
        {{Formation::Solo, "solo", Core::sentence("solo")},
         {Formation::Rows, "rows", Core::sentence("rows")},
         {Formation::Couples, "couples", Core::sentence("couples in the line of dance")},
         {Formation::Slot, "slot", Core::sentence("couples in a slot")},
         {Formation::OpenChain, "chain", Core::sentence("an open chain")},
         {Formation::Ring, "ring", Core::sentence("a ring")},
         {Formation::FacingPairs, "pairs", Core::sentence("pairs facing each other")}}};
    return all;
}

const Name& nameOf(Formation formation) {
    for (const Name& name : names())
        if (name.formation == formation) return name;
    return names().front();
}

} // namespace

std::string toString(Formation formation) { return std::string(nameOf(formation).inFiles); }

Sentence formationSaid(Formation formation) { return nameOf(formation).said; }

Result<Formation> parseFormation(std::string_view text) {
    for (const Name& name : names())
        if (text == name.inFiles) return name.formation;
    std::vector<std::string_view> known;
    for (const Name& name : names()) known.push_back(name.inFiles);
    return fail(ErrorCode::BadValue, Core::sentence("“%1” is not a formation. Known are %2.", std::string(text),
                                                    listed(known, Joined::Commas)));
}

bool isTravelling(Formation formation) { return formation == Formation::Couples || formation == Formation::OpenChain; }

Eighths facingAtFirst(Formation formation, std::size_t role) {
    const bool facingEachOther =
        formation == Formation::Couples || formation == Formation::Slot || formation == Formation::FacingPairs;
    return {facingEachOther && role % 2 == 1 ? 4 : 0};
}

Sentence facingSaid(Formation formation, Eighths facing) {
    if (!isTravelling(formation)) return Sentence::verbatim(toClock(facing));
    const std::array<Sentence, 8> alignments{Core::sentence("the line of dance"),
                                             Core::sentence("diagonally to the wall"),
                                             Core::sentence("the wall"),
                                             Core::sentence("diagonally to the wall, against the line"),
                                             Core::sentence("against the line of dance"),
                                             Core::sentence("diagonally to the centre, against the line"),
                                             Core::sentence("the centre"),
                                             Core::sentence("diagonally to the centre")};
    return alignments[static_cast<std::size_t>(facingIndex(facing))];
}

std::string facingInWords(Formation formation, Eighths facing) { return facingSaid(formation, facing).english(); }

Sentence orbitSaid(Eighths orbit) {
    const int index = facingIndex(orbit);
    if (index == 0) return Core::sentence("home");
    if (index == 4) return Core::sentence("exchanged");
    const std::string turn = turnInWords({index}); // "¼ R"
    return Core::sentence("%1 round", turn.substr(0, turn.find(' ')));
}

std::string placeInWords(Eighths orbit) { return orbitSaid(orbit).english(); }

} // namespace lc
