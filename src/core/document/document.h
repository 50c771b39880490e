#pragma once

#include "core/routine/routine.h"
#include "core/song/counting_scheme.h"
#include "core/song/moment.h"
#include "core/song/song_facts.h"
#include "core/song/song_map.h"
#include "core/song/structure_text.h"

#include <cstdint>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace lc {

/// Which recording the routine belongs to.
struct SongReference {
    std::string path;        ///< absolute while the document is open; relative to it in the file; empty = none
    std::uint64_t bytes = 0; ///< size of the file
    std::string hash;        ///< XXH3-128 of its bytes, 32 hexadecimal digits
    Seconds duration = 0;
    std::string title;  ///< as shown
    std::string artist; ///< who plays it; may be empty

    bool operator==(const SongReference&) const = default;
};

/// Where the map of the song comes from. Only one that was heard is solved anew around what is stated.
enum class MapOrigin { Heard, Typed, Tapped, Imported, Carried };

[[nodiscard]] std::string toString(MapOrigin origin);
[[nodiscard]] Sentence originSaid(MapOrigin origin); ///< "heard", "typed", …
[[nodiscard]] Result<MapOrigin> parseMapOrigin(std::string_view text);

/// Everything a routine file holds: one value. Large parts that rarely change are shared.
struct Document {
    std::string title;
    SongReference song;
    std::shared_ptr<const SongMap> detected; ///< as analysed; never null
    MapOrigin origin = MapOrigin::Heard;
    std::optional<TypedStructure> typed; ///< what `detected` was made of, where it was typed
    std::vector<SongSpan> unmatched;     ///< of a map carried over: what the first recording did not have
    std::vector<Moment> moments;         ///< in the order of time
    std::vector<SongFact> facts;         ///< what a person stated, in the order it was stated
    std::shared_ptr<const SongMap> map;  ///< `detected` with `facts`; derived, never null
    CountingScheme scheme;
    Routine routine;

    bool operator==(const Document& other) const {
        return title == other.title && song == other.song && *detected == *other.detected && origin == other.origin &&
               typed == other.typed && unmatched == other.unmatched && moments == other.moments &&
               facts == other.facts && scheme == other.scheme && routine == other.routine;
    }
};

/// An empty document: no song, one empty part.
[[nodiscard]] Document newDocument();

/// The document with other facts, its map settled anew. Error: as withFacts().
[[nodiscard]] Result<Document> withFacts(Document document, std::vector<SongFact> facts);

} // namespace lc
