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
    for (const Figure& figure : after.routine.figures) {
        const Figure* was = findFigure(before.routine, figure.id);
        if (was && was->lines == figure.lines && was->facts.versions == figure.facts.versions) continue;
        for (const RoleLine& line : figure.lines) bring(line.text);
        for (const FigureVersion& version : figure.facts.versions)
            for (const FigureLine& line : version.lines) bring(line.text);
    }
    return after;
}

} // namespace lc
