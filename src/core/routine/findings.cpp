#include "core/routine/findings.h"

#include <algorithm>
#include <map>
#include <set>

namespace lc {

namespace {

std::string footWord(Foot foot) { return freeFootInWords(foot); }

std::string passRange(int first, int last) {
    if (first == last) return "Pass " + std::to_string(first);
    return "Passes " + std::to_string(first) + (last == first + 1 ? " and " : " to ") + std::to_string(last);
}

class Inspector {
public:
    Inspector(const Document& document, const CountGrid& grid, const Performance& performance)
        : m_routine(document.routine), m_grid(grid), m_performance(performance) {}

    std::vector<Finding> run() {
        parts();
        phrases();
        feet();
        restarts();
        ends();
        std::stable_sort(m_findings.begin(), m_findings.end(), [](const Finding& a, const Finding& b) {
            return a.severity != b.severity ? a.severity < b.severity : a.at < b.at;
        });
        return std::move(m_findings);
    }

private:
    Finding& add(const char* code, Severity severity, Tick at, std::string headline, std::string text) {
        Finding finding;
        finding.key.code = code;
        finding.severity = severity;
        finding.at = at;
        finding.headline = std::move(headline);
        finding.text = std::move(text);
        m_findings.push_back(std::move(finding));
        return m_findings.back();
    }

    Finding& addFor(const PassPerformance& pass, const char* code, Severity severity, Tick at, std::string headline, std::string text) {
        Finding& finding = add(code, severity, at, std::move(headline), std::move(text));
        finding.key.pass = pass.id;
        finding.passNumber = pass.number;
        return finding;
    }

    /// Where a part is first danced, or the beginning of the dance.
    Tick firstPlace(PartId part) const {
        for (const PassPerformance& pass : m_performance.passes)
            if (pass.part == part) return pass.start;
        return m_performance.start;
    }

    void parts() {
        for (const PartReading& reading : *m_performance.parts) {
            const Part& part = *findPart(m_routine, reading.part);
            remarks(reading, part);
            lengths(reading, part);
            const bool danced = std::any_of(m_routine.passes.begin(), m_routine.passes.end(), [&](const Pass& p) { return p.part == part.id; });
            if (danced && reading.length == Tick{} && reading.remarks.empty())
                add(finding::emptyPart, Severity::Doubtful, firstPlace(part.id), "Part " + part.name + " has no steps yet",
                    "It is in the order but takes no counts. Type its counts, for example “1 side R 2 close L 3 side R 4 touch”.")
                    .key.part = part.id;
        }
    }

    void remarks(const PartReading& reading, const Part& part) {
        std::set<RoleId> told;
        for (const PartLineRemark& remark : reading.remarks) {
            const bool error = remark.remark.kind == RemarkKind::Error;
            if (!error && remark.remark.kind != RemarkKind::FootNotFree) continue; // readings of ambiguous marks stand under the line itself
            if (!told.insert(remark.role).second) continue;
            const Figure* figure = findFigure(m_routine, remark.figure);
            const std::string text = figure ? lineText(*figure, remark.role) : std::string();
            const std::string place = roleIn(remark.role) + "character " + std::to_string(characterNumber(text, remark.remark.begin));
            Finding& f = add(error ? finding::notation : finding::footInPart, error ? Severity::Misses : Severity::Doubtful, firstPlace(part.id),
                             error ? "Part " + part.name + " cannot be read to its end" : "Part " + part.name + " says a foot that is not free",
                             "At " + place + ": " + remark.remark.text);
            f.key.part = part.id;
            f.key.role = remark.role;
        }
    }

    std::string roleIn(RoleId id) const {
        const Role* role = m_routine.roles.size() > 1 ? findRole(m_routine, id) : nullptr;
        return role ? role->name + ", " : std::string();
    }

    void lengths(const PartReading& reading, const Part& part) {
        for (std::size_t r = 0; r < reading.roles.size(); ++r) {
            const Tick missing = reading.length - reading.roles[r].length;
            if (missing <= Tick{}) continue;
            const std::size_t longest = static_cast<std::size_t>(
                std::find_if(reading.roles.begin(), reading.roles.end(), [&](const auto& x) { return x.length == reading.length; }) - reading.roles.begin());
            Finding& f = add(finding::unequalRoles, Severity::Misses, firstPlace(part.id),
                             "In part " + part.name + " " + m_routine.roles[r].name + " is " + toSpokenCount(missing) + " short",
                             m_routine.roles[longest].name + " has " + countsInWords(reading.length) + ", " + m_routine.roles[r].name + " has " +
                                 toSpokenCount(reading.roles[r].length) + ". They do not meet at the end of the part.");
            f.key.part = part.id;
            f.key.role = m_routine.roles[r].id;
        }
    }

    /// One finding for each run of passes that are off by the same distance: the first is the cause, the others follow.
    void phrases() {
        const auto& passes = m_performance.passes;
        std::size_t i = 0;
        while (i < passes.size()) {
            const auto miss = missOf(passes[i]);
            std::size_t j = i + 1;
            while (j < passes.size() && missOf(passes[j]) == miss) ++j;
            if (miss && *miss != Tick{}) offPhrase(passes[i], *miss, passes[j - 1]);
            i = j;
        }
    }

    std::optional<Tick> missOf(const PassPerformance& pass) const {
        if (pass.start >= m_grid.end() || lands(m_grid, pass)) return Tick{}; // the end of the song has a finding of its own
        return phraseMiss(m_grid, pass.start);
    }

    void offPhrase(const PassPerformance& pass, Tick miss, const PassPerformance& last) {
        const int nearest = *m_grid.nearestPhraseStart(pass.start);
        const CountPhrase& phrase = m_grid.phrases()[static_cast<std::size_t>(nearest)];
        const std::string number = "Pass " + std::to_string(pass.number);
        const std::string headline = miss > Tick{} ? number + " starts " + countsInWords(miss) + " into " + phrase.label
                                                   : number + " starts " + countsInWords(-miss) + " before " + phrase.label;
        std::string text;
        if (const auto inside = m_grid.phraseAt(pass.start)) {
            const CountPhrase& p = m_grid.phrases()[static_cast<std::size_t>(*inside)];
            text = p.label + " has " + countsInWords(counts(p.counts)) + "; this pass begins on its " +
                   toSpokenCount(pass.start - counts(p.firstCount) + counts(1)) + ".";
        }
        const auto music = m_grid.musicCountAt(pass.start);
        if (music && *music != counts(1)) text += " Its count 1 falls on the music's " + toSpokenCount(*music) + ".";
        if (last.number > pass.number)
            text += " " + passRange(pass.number + 1, last.number) + (last.number == pass.number + 1 ? " follows" : " follow") + ", off by as much.";
        addFor(pass, finding::offPhrase, Severity::Misses, pass.start, headline, text);
    }

    /// A part that leaves the wrong foot for what follows it is told once, however often it is danced; a cut each time.
    void feet() {
        std::map<std::pair<PartId, RoleId>, std::size_t> told; // index into m_findings
        for (std::size_t i = 1; i < m_performance.passes.size(); ++i) {
            const PassPerformance& pass = m_performance.passes[i];
            const PassPerformance& before = m_performance.passes[i - 1];
            for (const RoleInPass& role : pass.roles) {
                if (!entersOnWrongFoot(role)) continue;
                const auto same = told.find({before.part, role.role});
                if (!before.cut && same != told.end()) {
                    m_findings[same->second].text += (m_findings[same->second].text.back() == '.' ? " The same into pass " : ", ") + std::to_string(pass.number);
                    continue;
                }
                const std::string why = before.cut ? "The cut of pass " + std::to_string(before.number) + " after " + toSpokenCount(before.counts)
                                                   : "Pass " + std::to_string(before.number);
                Finding& f = addFor(pass, finding::wrongFoot, Severity::Misses, pass.start,
                                    "Wrong foot into pass " + std::to_string(pass.number) + (m_routine.roles.size() > 1 ? ", " + roleName(role.role) : ""),
                                    why + " leaves the " + footWord(role.freeIn) + " foot free; count 1 needs the " + footWord(*role.needs) + ".");
                f.key.role = role.role;
                if (!before.cut) told[{before.part, role.role}] = m_findings.size() - 1;
            }
        }
        for (const auto& [key, index] : told)
            if (m_findings[index].text.back() != '.') m_findings[index].text += ".";
    }

    std::string roleName(RoleId id) const {
        const Role* role = findRole(m_routine, id);
        return role ? role->name : std::string();
    }

    void restarts() {
        for (const PassPerformance& pass : m_performance.passes) {
            for (const CutTurn& turn : pass.cutTurns) {
                Finding& f = addFor(pass, finding::turnCut, Severity::Doubtful, pass.start + turn.start,
                                    "The restart after pass " + std::to_string(pass.number) + " cuts a turn",
                                    "The " + turnInWords(turn.turn) + " turn from count " + toSpokenCount(turn.start + counts(1)) + " is done at the end of count " +
                                        toSpokenCount(turn.end) + "; the cut after " + toSpokenCount(pass.counts) + " leaves it out. The next pass faces " +
                                        facingOf(pass, turn.role) + ".");
                f.key.role = turn.role;
            }
            const auto index = indexOfPass(m_routine, pass.id);
            const auto& restart = m_routine.passes[*index].restart;
            if (restart && !pass.cut && pass.whole > Tick{})
                addFor(pass, finding::restartPastEnd, Severity::Note, pass.end(), "The restart in pass " + std::to_string(pass.number) + " does nothing",
                       "It stands after " + toSpokenCount(restart->after) + ", but the part has only " + countsInWords(pass.whole) + ".");
        }
    }

    static std::string facingOf(const PassPerformance& pass, RoleId role) {
        for (const RoleInPass& r : pass.roles)
            if (r.role == role) return toClock(r.facingOut);
        return "12";
    }

    void ends() {
        if (m_performance.passes.empty() || m_grid.empty()) return;
        const Tick end = m_grid.end();
        const Tick over = m_performance.end - end;
        const PassPerformance& last = m_performance.passes.back();
        if (over > Tick{}) {
            const auto first = std::find_if(m_performance.passes.begin(), m_performance.passes.end(), [&](const PassPerformance& p) { return p.end() > end; });
            std::string text = first->start < end ? "The song ends " + countsInWords(end - first->start) + " into pass " + std::to_string(first->number) + "."
                                                  : "Pass " + std::to_string(first->number) + " would start after the song.";
            const auto later = std::next(first);
            if (later != m_performance.passes.end()) text += " " + passRange(later->number, last.number) + " would have no music.";
            addFor(*first, finding::pastSong, Severity::Doubtful, std::min(first->start, end), "The dance is " + countsInWords(over) + " longer than the song", text);
        } else if (over < Tick{}) {
            addFor(last, finding::leftOver, Severity::Note, m_performance.end, countsInWords(-over) + " of music are left",
                   "The dance ends at " + m_grid.placeInWords(m_performance.end) + ", facing " + facingOf(last, m_routine.roles.front().id) + ".");
        }
    }

    const Routine& m_routine;
    const CountGrid& m_grid;
    const Performance& m_performance;
    std::vector<Finding> m_findings;
};

} // namespace

bool entersOnWrongFoot(const RoleInPass& role) { return role.needs && role.freeIn != Foot::Both && *role.needs != role.freeIn; }

std::optional<Tick> phraseMiss(const CountGrid& grid, Tick start) {
    const auto nearest = grid.nearestPhraseStart(start);
    if (!nearest) return std::nullopt;
    return start - counts(grid.phrases()[static_cast<std::size_t>(*nearest)].firstCount);
}

bool lands(const CountGrid& grid, const PassPerformance& pass) {
    if (phraseMiss(grid, pass.start) == std::optional(Tick{})) return pass.start < grid.end();
    const auto inside = grid.phraseAt(pass.start);
    if (!inside || pass.whole <= Tick{} || grid.musicCountAt(pass.start) != std::optional(counts(1))) return false;
    const CountPhrase& phrase = grid.phrases()[static_cast<std::size_t>(*inside)];
    const Tick offset = pass.start - counts(phrase.firstCount);
    return offset.value % pass.whole.value == 0 && offset + pass.whole <= counts(phrase.counts);
}

Landing land(const Document& document) { return land(document, CountGrid(*document.map, document.scheme)); }

Landing land(const Document& document, CountGrid grid) {
    Landing landing;
    landing.grid = std::move(grid);
    landing.performance = unroll(document.routine, landing.grid);
    for (Finding& finding : Inspector(document, landing.grid, landing.performance).run()) {
        const bool muted = std::any_of(document.routine.muted.begin(), document.routine.muted.end(),
                                       [&](const MutedFinding& m) { return m.key == finding.key; });
        (muted ? landing.muted : landing.findings).push_back(std::move(finding));
    }
    return landing;
}

} // namespace lc
