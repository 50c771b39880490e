#include "core/landing/remedies.h"

#include "core/landing/remedy_search.h"

#include <algorithm>

namespace lc {

namespace {

constexpr std::size_t mostRemedies = 4; // more than a person weighs at once
constexpr std::size_t mostNamed = 3;    // new findings that a price names; the others it counts

/// Whether a finding that counts was there before the remedy.
bool isNew(const remedy::Search& in, const Finding& finding) {
    return finding.severity != Severity::Note &&
           std::none_of(in.landing.findings.begin(), in.landing.findings.end(),
                        [&](const Finding& old) { return old.key == finding.key; });
}

/// How many passes land, and whether all of those start a phrase.
std::pair<std::ptrdiff_t, bool> landed(const Landing& l) {
    std::ptrdiff_t n = 0;
    bool onPhrases = true;
    for (const PassPerformance& p : l.performance.passes)
        if (lands(l.grid, p)) {
            ++n;
            onPhrases = onPhrases && phraseMiss(l.grid, p.start) == std::optional(Tick{});
        }
    return {n, onPhrases};
}

/// Counts that are danced turned round, in all.
Tick turnedCounts(const Landing& landing) {
    Tick all;
    for (const TurnedSpan& span : landing.turned) all += span.to - span.from;
    return all;
}

bool isThere(const Landing& landing, const FindingKey& key) {
    return std::any_of(landing.findings.begin(), landing.findings.end(),
                       [&](const Finding& f) { return f.key == key; });
}

/// How many passes then land, or start a phrase where all that land do.
Sentence thenLand(std::ptrdiff_t n, std::ptrdiff_t total, bool onPhrases) {
    if (total == 0)
        return onPhrases ? Core::sentence("No pass then starts a phrase.") : Core::sentence("No pass then lands.");
    if (total == 1 && n == 1)
        return onPhrases ? Core::sentence("The one pass then starts a phrase.")
                         : Core::sentence("The one pass then lands.");
    if (total == 1)
        return onPhrases ? Core::sentence("Not even the one pass then starts a phrase.")
                         : Core::sentence("Not even the one pass then lands.");
    if (n == total)
        return onPhrases ? Core::sentence("Every pass then starts a phrase.")
                         : Core::sentence("Every pass then lands.");
    if (n == 0)
        return onPhrases ? Core::sentence("None of %1 passes then starts a phrase.", total)
                         : Core::sentence("None of %1 passes then lands.", total);
    if (onPhrases)
        return Core::plural("One of %1 passes then starts a phrase.|%n of %1 passes then start a phrase.", nullptr, n,
                            total);
    return Core::plural("One of %1 passes then lands.|%n of %1 passes then land.", nullptr, n, total);
}

Text priceInWords(const remedy::Search& in, const Landing& after, const std::vector<Sentence>& brought) {
    Text text;
    const auto say = [&](const Sentence& sentence) { text += sentence; };
    for (std::size_t i = 0; i < std::min(brought.size(), mostNamed); ++i) say(Core::sentence("Then: %1.", brought[i]));
    if (brought.size() > mostNamed)
        say(Core::plural("And %n more finding.|And %n more findings.", nullptr,
                         static_cast<std::int64_t>(brought.size() - mostNamed)));
    const auto& passes = after.performance.passes;
    const auto [landing, onPhrases] = landed(after);
    const auto total = static_cast<std::ptrdiff_t>(passes.size());
    if (in.finding.key.code == finding::offPhrase || landing != landed(in.landing).first)
        say(thenLand(landing, total, onPhrases));
    for (std::size_t i = 0; i < std::min(passes.size(), in.passes.size()); ++i) {
        if (passes[i].id != in.passes[i].id || passes[i].roles.empty()) break;
        const Eighths now = in.passes[i].roles.front().facingIn;
        const Eighths then = passes[i].roles.front().facingIn;
        if (facingIndex(now) != facingIndex(then)) {
            say(Core::sentence("Pass %1 then begins facing %2 instead of %3.", passes[i].number, toClock(then),
                               toClock(now)));
            break;
        }
    }
    if (in.finding.key.code == finding::turnedRound)
        if (isThere(after, in.finding.key))
            say(Core::sentence("It is turned round for %1 only.", inCounts(turnedCounts(after))));
    if (in.finding.key.code == finding::turnedRound) { // what both roles then do on the music's 1
        const auto next = std::find_if(passes.begin(), passes.end(), [&](const PassPerformance& p) {
            return p.start > in.finding.at && after.grid.musicCountAt(p.start) == std::optional(counts(1));
        });
        if (next != passes.end()) {
            std::vector<Argument> feet;
            for (const RoleInPass& role : next->roles) {
                const Role* named = findRole(in.document.routine, role.role);
                const Sentence foot = footWord(role.freeIn);
                feet.emplace_back(next->roles.size() > 1 ? Core::sentence("%1 %2", named->name, foot) : foot);
            }
            say(Core::sentence("On the music's 1 then: %1.", Argument(std::move(feet), Joined::Commas)));
        }
    }
    return text;
}

/// A dance that is turned round for less than before is put right behind that; the price says so.
bool isStillThere(const remedy::Search& in, const Landing& after) {
    const auto same = [&](const Landing& l) {
        return std::count_if(l.findings.begin(), l.findings.end(),
                             [&](const Finding& f) { return f.key == in.finding.key; });
    };
    if (same(after) > 0 && same(after) < same(in.landing)) return false; // one of several questions of a line
    return isThere(after, in.finding.key) &&
           !(in.finding.key.code == finding::turnedRound && turnedCounts(after) < turnedCounts(in.landing));
}

/// Lands each proposal and says what it changes besides.
void price(remedy::Search& in) {
    std::vector<Remedy> kept;
    for (Remedy& remedy : in.remedies) {
        const auto after = applyEdits(in.document, remedy.edits);
        if (!after) continue;
        const Landing landing = land(*after, in.landing.grid, in.landing.limits);
        if (isStillThere(in, landing)) continue; // it would not mend what it is offered for
        std::vector<Sentence> brought;
        for (const Finding& f : landing.findings)
            if (isNew(in, f)) brought.push_back(f.headline);
        remedy.newFindings = static_cast<int>(brought.size());
        remedy.price = priceInWords(in, landing, brought);
        kept.push_back(std::move(remedy));
    }
    std::stable_sort(kept.begin(), kept.end(),
                     [](const Remedy& a, const Remedy& b) { return a.newFindings < b.newFindings; });
    if (kept.size() > mostRemedies) kept.resize(mostRemedies);
    in.remedies = std::move(kept);
}

} // namespace

std::optional<std::size_t> remedy::Search::passIndex() const {
    for (std::size_t i = 0; i < passes.size(); ++i)
        if (passes[i].id == finding.key.pass) return i;
    return std::nullopt;
}

const Placement* remedy::Search::placementOfFinding() const {
    for (const Part& part : document.routine.parts)
        for (const Placement& placed : part.figures)
            if (placed.id == thing<PlacementId>()) return &placed;
    return nullptr;
}

std::vector<Remedy> remediesFor(const Document& document, const Landing& landing, const Finding& finding) {
    remedy::Search search{document, landing, finding, landing.performance.passes};
    remedy::forPhrases(search);
    remedy::forJoints(search);
    remedy::forParts(search);
    price(search);
    return std::move(search.remedies);
}

Edit leaveAsItIs(const Finding& finding, std::string reason) { return MuteFinding{finding.key, std::move(reason)}; }

} // namespace lc
