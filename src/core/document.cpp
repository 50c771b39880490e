#include "core/document.h"

namespace lc {

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
