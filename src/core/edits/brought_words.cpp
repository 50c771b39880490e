#include "core/edits/brought_words.h"

#include "core/said/word_meaning.h"

#include <algorithm>

namespace lc {

Document withWordsBrought(const Document& before, Document after, const OwnWords& persons) {
    if (persons.empty()) return after;
    OwnWords& has = after.routine.choices.words;
    const auto bring = [&](const std::string& line) {
        const OwnWords known = has;
        for (const OwnWord& word : wordsSaid(line, persons))
            if (known.meanings(word.name).empty()) has.keep(word);
    };
    const std::vector<Figure>& olds = before.routine.figures;
    const auto earlier = [&](std::size_t place, FigureId id) {
        return place < olds.size() && olds[place].id == id ? &olds[place] : findFigure(before.routine, id);
    }; // most stand where they stood
    for (std::size_t i = 0; i < after.routine.figures.size(); ++i) {
        const Figure& figure = after.routine.figures[i];
        const Figure* was = earlier(i, figure.id);
        if (was && was->lines == figure.lines && was->facts.versions == figure.facts.versions) continue;
        for (const RoleLine& line : figure.lines) bring(line.text);
        for (const FigureVersion& version : figure.facts.versions)
            for (const FigureLine& line : version.lines) bring(line.text);
    }
    return after;
}

} // namespace lc
