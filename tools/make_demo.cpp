// Writes demo/copper-weathervane.liftcount: the demo song as the program hears it, two phrases put right by hand and
// all of them named, and a line dance that does not land on it without help. Usage: make_demo FOLDER
#include "audio/listening/analysis.h"
#include "audio/sound/audio_file.h"
#include "core/document/document_file.h"
#include "core/edits/edits.h"
#include "core/routine/order_text.h"

#include <cstdio>
#include <filesystem>

using namespace lc;

namespace {

int complain(const Error& error) {
    std::fprintf(stderr, "%s\n", error.message.english().c_str());
    return 1;
}

/// The dance's four eights as figures, and four counts for when they are wanted.
std::vector<FigureCard> figures() {
    const auto figure = [](const char* name, const char* line, const char* description, const char* family,
                           std::vector<std::string> tags) {
        FigureCard card;
        card.name = name;
        card.lines = {{"everyone", line}};
        card.claimed = readNotation(line).length;
        card.facts.description = description;
        card.facts.family = family;
        card.facts.tags = std::move(tags);
        return card;
    };
    std::vector<FigureCard> all{
        figure("Vane vine",
               "1 side R 2 behind L 3 side R 4 touch L + clap 5 side L 6 behind R 7 side L 8 touch R + clap",
               "The vine to both sides, as the vane swings.", "vines", {"hall", "line"}),
        figure(
            "Gust and rock",
            "1 forward R & close L 2 forward R 3 rock L 4 replace R 5 back L & close R 6 back L 7 rock R 8 replace L",
            "A shuffle into the wind and one out of it.", "triples", {"hall", "line"}),
        figure("Four points", "1 across R 2 point L 3 across L 4 point R 5 across R 6 back L 7 side R 1/4 R 8 close L",
               "Points to two sides, and the box that turns the wall.", "boxes", {"hall", "line", "turn"}),
        figure("Kick and stomp",
               "1 kick low R & close R 2 step L 3 kick low R & close R 4 step L 5 stomp R 6 clap 7 stomp L 8 clap",
               "Two low kicks and two stomps with claps.", "kicks", {"hall", "line"}),
        figure("Lull", "1 step R 2 touch L 3 step L 4 touch R", "Four quiet counts.", "rocks", {"hall", "filler"})};
    all.back().facts.words = "breathe";
    return all;
}

} // namespace

int main(int argc, char** argv) {
    if (argc != 2) return complain({ErrorCode::BadValue, Core::sentence("Usage: make_demo FOLDER"), {}});
    const std::filesystem::path folder = std::filesystem::absolute(argv[1]);
    const std::string songPath = (folder / "copper-weathervane.ogg").string();
    const auto song = decodeSong(songPath);
    if (!song) return complain(song.error());
    auto map = analyseSong(song->sound);
    if (!map) return complain(map.error());
    const auto print = fingerprintFile(songPath);
    if (!print) return complain(print.error());

    const auto timeOfBar = [&](std::size_t bar) { return map->beats[map->bars.at(bar - 1).firstBeat].time; };
    std::vector<Edit> edits{
        SetTitle{"Weathervane"},
        SetSong{{songPath, print->bytes, print->hash, song->sound.seconds(), "Copper Weathervane", {}},
                std::make_shared<const SongMap>(*map)},
    };
    const std::pair<std::size_t, const char*> names[] = {{1, "Intro"},    {9, "Verse 1"},   {17, "Chorus 1"},
                                                         {25, "Verse 2"}, {34, "Chorus 2"}, {42, "Bridge"},
                                                         {50, "Verse 3"}, {54, "Chorus 3"}, {62, "Ending"}};
    for (const auto& [bar, beats] : {std::pair{50, 16}, {54, 32}})
        edits.emplace_back(StateFact{PhraseFact{timeOfBar(static_cast<std::size_t>(bar)), beats}});
    for (const auto& [bar, name] : names) edits.emplace_back(StateFact{NameFact{timeOfBar(bar), name}});
    auto document = applyEdits(newDocument(), edits);
    if (!document) return complain(document.error());
    const Routine& routine = document->routine;
    const PartId part = routine.parts[0].id;
    document =
        applyEdits(*document, {SetOrder{std::vector<PartId>(7, part)}, SetStart{timeOfBar(9)}, SetLevel{"improver"}});
    if (!document) return complain(document.error());
    for (const FigureCard& figure : figures()) {
        document = applyEdit(*document, AddFigure{figure, {}});
        if (document && figure.name != "Lull")
            document = applyEdit(*document, PlaceFigure{part, document->routine.figures.back().id});
        if (!document) return complain(document.error());
    }
    const auto saved = saveDocument(*document, (folder / "copper-weathervane.liftcount").string());
    if (!saved) return complain(saved.error());
    return 0;
}
