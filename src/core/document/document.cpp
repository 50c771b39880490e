#include "core/document/document.h"

namespace lc {

std::string toString(MapOrigin origin) {
    switch (origin) {
    case MapOrigin::Heard: return "heard";
    case MapOrigin::Typed: return "typed";
    case MapOrigin::Tapped: return "tapped";
    case MapOrigin::Imported: return "imported";
    case MapOrigin::Carried: return "carried";
    }
    return "heard";
}

Sentence originSaid(MapOrigin origin) {
    switch (origin) {
    case MapOrigin::Heard: break;
    case MapOrigin::Typed: return Core::sentence("typed");
    case MapOrigin::Tapped: return Core::sentence("tapped");
    case MapOrigin::Imported: return Core::sentence("imported");
    case MapOrigin::Carried: return Core::sentence("carried");
    }
    return Core::sentence("heard");
}

Result<MapOrigin> parseMapOrigin(std::string_view text) {
    for (MapOrigin origin :
         {MapOrigin::Heard, MapOrigin::Typed, MapOrigin::Tapped, MapOrigin::Imported, MapOrigin::Carried})
        if (text == toString(origin)) return origin;
    return fail(ErrorCode::BadValue, Core::sentence("“%1” is not an origin of a song map.", std::string(text)));
}

Document newDocument() {
    Document document;
    document.detected = std::make_shared<const SongMap>();
    document.map = document.detected;
    document.routine = newRoutine();
    return document;
}

Result<Document> withFacts(Document document, std::vector<SongFact> facts) {
    auto map = withFacts(*document.detected, facts);
    if (!map) return tl::unexpected(map.error());
    document.facts = std::move(facts);
    document.map = std::make_shared<const SongMap>(std::move(*map));
    return document;
}

} // namespace lc
