#include "core/routine/remedies.h"

#include <algorithm>
#include <cstdlib>

namespace lc {

namespace {

constexpr std::size_t mostRemedies = 4; // more than a person weighs at once
constexpr std::size_t mostNamed = 3;    // new findings that a price names; the others it counts
constexpr std::size_t mostTried = 24;   // candidates whose price is worked out by landing them

std::string passName(int number) { return "pass " + std::to_string(number); }

class Finder {
public:
    Finder(const Document& document, const Landing& landing, const Finding& finding)
        : m_document(document), m_landing(landing), m_finding(finding), m_passes(landing.performance.passes) {}

    std::vector<Remedy> run() {
        const std::string& code = m_finding.key.code;
        if (code == finding::offPhrase) offPhrase();
        if (code == finding::wrongFoot) wrongFoot();
        if (code == finding::turnCut) turnCut();
        if (code == finding::unequalRoles) unequalRoles();
        if (code == finding::restartPastEnd) restartPastEnd();
        if (code == finding::pastSong) pastSong();
        if (code == finding::leftOver) leftOver();
        price();
        return std::move(m_remedies);
    }

private:
    void propose(std::string title, std::vector<Edit> edits) {
        if (m_remedies.size() < mostTried) m_remedies.push_back({std::move(title), {}, std::move(edits), 0});
    }

    std::optional<std::size_t> passIndex() const {
        for (std::size_t i = 0; i < m_passes.size(); ++i)
            if (m_passes[i].id == m_finding.key.pass) return i;
        return std::nullopt;
    }

    const Pass& passOf(const PassPerformance& p) const { return m_document.routine.passes[*indexOfPass(m_document.routine, p.id)]; }

    bool isPhraseStart(Tick at) const {
        const auto miss = phraseMiss(m_landing.grid, at);
        return miss && *miss == Tick{} && at < m_landing.grid.end();
    }

    void offPhrase() {
        const auto index = passIndex();
        if (!index) return;
        if (*index == 0) return startOnPhrase();
        const PassPerformance& before = m_passes[*index - 1];
        const Pass& pass = passOf(before);
        const auto restartAfter = [&](Tick n) { return Edit{SetRestart{before.id, n < before.whole ? std::optional(Restart{n}) : std::nullopt}}; };
        if (before.tag > Tick{} && isPhraseStart(before.start + before.counts))
            propose("Take the tag after " + passName(before.number) + " out.", {SetTag{before.id, std::nullopt}});
        if (before.cut && isPhraseStart(before.start + before.whole + before.tag))
            propose("Dance " + passName(before.number) + " whole.", {SetRestart{before.id, std::nullopt}});
        // The shortest tag that lands; every later one misses more phrases.
        const Tick danced = before.start + before.counts;
        const auto& phrases = m_landing.grid.phrases();
        for (const CountPhrase& phrase : phrases) {
            const Tick tag = counts(phrase.firstCount) - danced;
            if (tag <= Tick{} || tag == before.tag) continue;
            const bool countFromOne = pass.tag && pass.tag->countFromOne;
            propose((before.tag > Tick{} ? "Make the tag after " + passName(before.number) + " " : "Add a tag of ") + countsInWords(tag) +
                        (before.tag > Tick{} ? "." : " after " + passName(before.number) + "."),
                    {SetTag{before.id, Tag{tag, countFromOne}}});
            break;
        }
        // Every count after which a cut would land the pass, the longest danced first.
        for (std::int64_t n = wholeCounts(before.whole); n >= 1; --n) {
            const Tick after = counts(n);
            if (after >= before.whole || after == before.counts) continue;
            if (isPhraseStart(before.start + after + before.tag))
                propose("Cut " + passName(before.number) + " after " + toSpokenCount(after) + ".", {restartAfter(after)});
        }
    }

    void startOnPhrase() {
        std::vector<const CountPhrase*> near;
        for (const CountPhrase& phrase : m_landing.grid.phrases()) near.push_back(&phrase);
        std::stable_sort(near.begin(), near.end(), [&](const CountPhrase* a, const CountPhrase* b) {
            return std::abs((counts(a->firstCount) - m_finding.at).value) < std::abs((counts(b->firstCount) - m_finding.at).value);
        });
        for (std::size_t i = 0; i < std::min<std::size_t>(2, near.size()); ++i)
            propose("Start on the 1 of " + near[i]->label + ".", {SetStart{near[i]->start}});
    }

    void wrongFoot() {
        const auto index = passIndex();
        if (!index || *index == 0) return;
        const PassPerformance& before = m_passes[*index - 1];
        const bool touch = passOf(before).lastChangeIsTouch;
        if (!before.cut) { // the part itself leaves the wrong foot: mend every pass of it that needs mending
            std::vector<Edit> all;
            for (std::size_t i = 1; i < m_passes.size(); ++i)
                for (const RoleInPass& role : m_passes[i].roles)
                    if (role.role == m_finding.key.role && entersOnWrongFoot(role) && !m_passes[i - 1].cut && m_passes[i - 1].part == before.part)
                        all.emplace_back(SetLastChangeIsTouch{m_passes[i - 1].id, !passOf(m_passes[i - 1]).lastChangeIsTouch});
            if (all.size() > 1) propose("End these passes with a touch in place of the last step.", std::move(all));
        }
        if (!before.cut) weightOnLastTouch(before);
        propose(touch ? "Step again on the last change of " + passName(before.number) + "."
                      : "Make the last change of " + passName(before.number) + " a touch.",
                {SetLastChangeIsTouch{before.id, !touch}});
        for (std::int64_t n = 1; n <= 2 && before.cut; ++n) // a cut a little later or earlier has the other foot
            for (const Tick after : {before.counts + counts(n), before.counts - counts(n)})
                if (after > Tick{} && after < before.whole)
                    propose("Cut " + passName(before.number) + " after " + toSpokenCount(after) + " instead.", {SetRestart{before.id, Restart{after}}});
    }

    /// A part that ends with a touch and leaves the wrong foot: the touch becomes a step.
    void weightOnLastTouch(const PassPerformance& pass) {
        const Part* part = findPart(m_document.routine, pass.part);
        if (!part || part->figures.empty()) return;
        const Figure* figure = findFigure(m_document.routine, part->figures.back().figure);
        if (!figure) return;
        std::string text = lineText(*figure, m_finding.key.role);
        const NotationReading line = readNotation(text, m_document.routine.choices);
        const auto last = std::find_if(line.actions.rbegin(), line.actions.rend(), [](const Action& a) { return a.usesFoot(); });
        if (line.error || last == line.actions.rend() || last->kind != ActionKind::NoWeight) return;
        for (const std::string_view word : {"touch", "tap", "point", "brush"}) {
            const auto at = text.find(word, last->begin);
            if (at == std::string::npos || at >= last->finish) continue;
            text.replace(at, word.size(), "step");
            propose("Step on count " + last->label + " of part " + part->name + " instead of the " + std::string(word) + ".", {SetLine{part->id, m_finding.key.role, text}});
            return;
        }
    }

    void turnCut() {
        const auto index = passIndex();
        if (!index) return;
        const PassPerformance& pass = m_passes[*index];
        for (const CutTurn& turn : pass.cutTurns) {
            if (turn.role != m_finding.key.role) continue;
            const Tick end = counts(wholeCounts(turn.end - Tick{1}) + 1);
            propose("Finish the turn: cut " + passName(pass.number) + " after " + toSpokenCount(end) + ".",
                    {SetRestart{pass.id, end < pass.whole ? std::optional(Restart{end}) : std::nullopt}});
            const Tick start = counts(wholeCounts(turn.start));
            if (start > Tick{})
                propose("Cut before the turn, after " + toSpokenCount(start) + ".", {SetRestart{pass.id, Restart{start}}});
        }
        propose("Leave the turn out.", {leaveAsItIs(m_finding, "the turn is left out")});
    }

    void unequalRoles() {
        const Part* part = findPart(m_document.routine, m_finding.key.part);
        if (!part || part->figures.size() != 1) return;
        const Figure* figure = findFigure(m_document.routine, part->figures.front().figure);
        const PartReading reading = readPart(m_document.routine, *part);
        for (std::size_t r = 0; figure && r < reading.roles.size(); ++r) {
            if (m_document.routine.roles[r].id != m_finding.key.role) continue;
            const Tick missing = reading.length - reading.roles[r].length;
            std::string text = lineText(*figure, m_finding.key.role);
            const NotationReading line = readNotation(text, m_document.routine.choices);
            if (line.error) return;
            text += (text.empty() ? "" : " ") + line.next + ":" + toCountString(missing) + " wait";
            propose("Let " + m_document.routine.roles[r].name + " wait for the last " + countsInWords(missing) + ".",
                    {SetLine{part->id, m_finding.key.role, text}});
        }
    }

    void restartPastEnd() {
        propose("Take the restart out.", {SetRestart{m_finding.key.pass, std::nullopt}});
    }

    void pastSong() {
        const auto index = passIndex();
        if (!index) return;
        const Tick end = m_landing.grid.end();
        const PassPerformance& first = m_passes[*index];
        std::vector<PassId> without;
        for (std::size_t i = *index; i < m_passes.size(); ++i) without.push_back(m_passes[i].id);
        const auto words = [](std::size_t n) { return n == 1 ? std::string("the last pass") : "the last " + std::to_string(n) + " passes"; };
        const Tick room = end - first.start;
        if (room > Tick{}) {
            std::vector<Edit> edits;
            const std::vector<PassId> later(without.begin() + 1, without.end());
            if (!later.empty()) edits.emplace_back(RemovePasses{later});
            if (room < first.counts) edits.emplace_back(SetRestart{first.id, Restart{room}});
            if (first.tag > Tick{}) edits.emplace_back(SetTag{first.id, room > first.counts ? std::optional(Tag{room - first.counts, false}) : std::nullopt});
            propose("End " + passName(first.number) + " with the song, after " + toSpokenCount(std::min(room, first.counts)) +
                        (later.empty() ? "." : ", and take out " + words(later.size()) + "."), std::move(edits));
        }
        if (without.size() < m_passes.size()) propose("Take out " + words(without.size()) + ".", {RemovePasses{without}});
    }

    void leftOver() {
        const PassPerformance& last = m_passes.back();
        if (last.whole <= Tick{}) return;
        const Tick left = m_landing.grid.end() - m_landing.performance.end;
        const std::int64_t fit = left.value / last.whole.value;
        const Part* part = findPart(m_document.routine, last.part);
        const auto add = [&](std::int64_t n) {
            std::vector<Edit> edits(static_cast<std::size_t>(n), Edit{InsertPass{m_document.routine.passes.size(), last.part}});
            return edits;
        };
        const auto words = [&](std::int64_t n) { return std::to_string(n) + (n == 1 ? " more pass of " : " more passes of ") + part->name; };
        if (fit > 0 && last.whole * fit == left) propose("Add " + words(fit) + ".", add(fit));
        else if (fit >= 0 && fit < 500) {
            std::vector<Edit> edits = add(fit + 1);
            propose("Add " + words(fit + 1) + "; the song ends inside the last one.", std::move(edits));
            if (fit > 0) propose("Add " + words(fit) + ".", add(fit));
        }
    }

    /// Whether a finding that counts was there before the remedy.
    bool isNew(const Finding& finding) const {
        return finding.severity != Severity::Note &&
               std::none_of(m_landing.findings.begin(), m_landing.findings.end(), [&](const Finding& old) { return old.key == finding.key; });
    }

    /// Lands each proposal and says what it changes besides.
    void price() {
        std::vector<Remedy> kept;
        for (Remedy& remedy : m_remedies) {
            const auto after = applyEdits(m_document, remedy.edits);
            if (!after) continue;
            const Landing landing = land(*after, m_landing.grid);
            const bool still = std::any_of(landing.findings.begin(), landing.findings.end(), [&](const Finding& f) { return f.key == m_finding.key; });
            if (still) continue; // it would not mend what it is offered for
            std::vector<std::string> brought;
            for (const Finding& f : landing.findings)
                if (isNew(f)) brought.push_back(f.headline);
            remedy.newFindings = static_cast<int>(brought.size());
            remedy.price = priceInWords(landing, brought);
            kept.push_back(std::move(remedy));
        }
        std::stable_sort(kept.begin(), kept.end(), [](const Remedy& a, const Remedy& b) {
            return a.newFindings < b.newFindings;
        });
        if (kept.size() > mostRemedies) kept.resize(mostRemedies);
        m_remedies = std::move(kept);
    }

    /// How many passes land, and whether all of those start a phrase.
    static std::pair<std::ptrdiff_t, bool> landed(const Landing& l) {
        std::ptrdiff_t n = 0;
        bool onPhrases = true;
        for (const PassPerformance& p : l.performance.passes)
            if (lands(l.grid, p)) {
                ++n;
                onPhrases = onPhrases && phraseMiss(l.grid, p.start) == std::optional(Tick{});
            }
        return {n, onPhrases};
    }

    std::string priceInWords(const Landing& after, const std::vector<std::string>& brought) const {
        std::string text;
        const auto say = [&](const std::string& sentence) { text += (text.empty() ? "" : " ") + sentence; };
        for (std::size_t i = 0; i < std::min(brought.size(), mostNamed); ++i) say("Then: " + brought[i] + ".");
        if (brought.size() > mostNamed) say("And " + std::to_string(brought.size() - mostNamed) + (brought.size() == mostNamed + 1 ? " more finding." : " more findings."));
        const auto& passes = after.performance.passes;
        const auto [landing, onPhrases] = landed(after);
        const auto total = static_cast<std::ptrdiff_t>(passes.size());
        if (m_finding.key.code == finding::offPhrase || landing != landed(m_landing).first) {
            const std::string what = onPhrases ? (landing == total ? "starts a phrase." : "start a phrase.") : landing == total ? "lands." : "land.";
            say((landing == total ? "Every pass then " : std::to_string(landing) + " of " + std::to_string(total) + " passes then ") + what);
        }
        for (std::size_t i = 0; i < std::min(passes.size(), m_passes.size()); ++i) {
            if (passes[i].id != m_passes[i].id || passes[i].roles.empty()) break;
            const Eighths now = m_passes[i].roles.front().facingIn;
            const Eighths then = passes[i].roles.front().facingIn;
            if (facingIndex(now) != facingIndex(then)) {
                say("Pass " + std::to_string(passes[i].number) + " then begins facing " + toClock(then) + " instead of " + toClock(now) + ".");
                break;
            }
        }
        return text;
    }

    const Document& m_document;
    const Landing& m_landing;
    const Finding& m_finding;
    const std::vector<PassPerformance>& m_passes;
    std::vector<Remedy> m_remedies;
};

} // namespace

std::vector<Remedy> remediesFor(const Document& document, const Landing& landing, const Finding& finding) {
    return Finder(document, landing, finding).run();
}

Edit leaveAsItIs(const Finding& finding, std::string reason) { return MuteFinding{finding.key, std::move(reason)}; }

} // namespace lc
