#include "core/planning/turn_mends.h"

#include "core/base/list_text.h"
#include "core/landing/inspection.h"

#include <algorithm>
#include <array>
#include <optional>
#include <set>
#include <tuple>
#include <utility>

namespace lc {

namespace {

Tick turnedFrom(const Landing& landing, Tick from) {
    Tick all;
    for (const TurnedSpan& span : landing.turned)
        if (span.to > from) all += span.to - std::max(span.from, from);
    return all;
}

/// Findings by which a partner feels that something was done.
int noticed(const Landing& landing) {
    static const std::set<std::string> codes{finding::wrongFoot, finding::wrongFootAtJoint, finding::couple,
                                             finding::relation,  finding::places,           finding::turnCut};
    return static_cast<int>(std::count_if(landing.findings.begin(), landing.findings.end(),
                                          [&](const Finding& f) { return codes.contains(f.key.code); }));
}

int misses(const Landing& landing) {
    return static_cast<int>(std::count_if(landing.findings.begin(), landing.findings.end(),
                                          [](const Finding& f) { return f.severity != Severity::Note; }));
}

/// Which foot breaks on which music count, for each role.
std::set<std::tuple<std::size_t, Tick, Foot>> breaksOf(const Landing& landing, Tick from, Tick to) {
    std::set<std::tuple<std::size_t, Tick, Foot>> out;
    for (std::size_t r = 0; r < landing.performance.roles.size(); ++r)
        for (const BreakStep& step : breakSteps(landing.performance, r))
            if (const auto music = step.at >= from && step.at < to ? landing.grid.musicCountAt(step.at) : std::nullopt)
                out.emplace(r, *music, step.foot);
    return out;
}

struct Candidate {
    std::vector<Edit> edits;
    Sentence words; ///< without a full stop
    Tick at;
    bool touch = false;
};

struct Tried {
    Candidate candidate;
    Landing landing;
    Tick turned;
    int noticed = 0; ///< more than before
    int misses = 0;
};

class Mender {
public:
    Mender(const Document& document, const Landing& landing, const TurnedSpan& span, int sets)
        : m_document(document), m_landing(landing), m_span(span), m_set(counts(landing.grid.regularSet())),
          m_until(std::min(span.to, span.from + Tick{m_set.value * std::max(1, sets)})) {}

    std::vector<TurnMend> mends(int sets, const Task& task) {
        std::vector<Tried> tried;
        for (Candidate& candidate : candidates())
            if (task.stopped())
                return {};
            else if (auto one = tryOut(std::move(candidate)))
                tried.push_back(std::move(*one));
        const Tick now = turnedFrom(m_landing, m_span.from);
        const auto best = [&](Tick until, bool quietly) {
            const Tried* found = nullptr;
            const auto rank = [&](const Tried& t) {
                const std::int64_t turned = t.turned.value, touch = t.candidate.touch, at = t.candidate.at.value;
                return quietly ? std::array<std::int64_t, 5>{t.noticed, t.misses, turned, touch, at}
                               : std::array<std::int64_t, 5>{turned, t.noticed, t.misses, touch, at};
            };
            for (const Tried& t : tried)
                if (t.candidate.at < until && t.turned < now && (!found || rank(t) < rank(*found))) found = &t;
            return found;
        };
        std::vector<TurnMend> out;
        const Tried* atOnce = best(std::min(m_until, m_span.from + m_set), false);
        out.push_back(mend(MendTime::AtOnce, atOnce,
                           atOnce ? Core::sentence("At once: %1.", atOnce->candidate.words)
                                  : Core::sentence("At once: nothing that can be done within the first set helps.")));
        const Tried* within = best(m_until, true);
        out.push_back(mend(
            MendTime::Within, within,
            within
                ? Core::plural("Within %n set: %1.|Within %n sets: %1.", nullptr, sets, within->candidate.words)
                : Core::plural(
                      "Within %n set: nothing that can be done there helps.|Within %n sets: nothing that can be done there helps.",
                      nullptr, sets)));
        TurnMend left;
        left.at = m_span.to;
        left.turned = now;
        const auto again = agreesAgain(m_landing.performance, m_landing.grid, m_span.to);
        if (again) {
            const Sentence there = m_landing.grid.place(*again);
            left.title = countedOn(*again) ? Core::sentence("Leave it: at %1 the music undoes it.", there)
                                           : Core::sentence("Leave it: at %1 it comes right by itself.", there);
        } else
            left.title = turnedFrom(m_landing, m_span.to) > Tick{}
                             ? Core::sentence("Leave it: then it differs by another amount.")
                             : Core::sentence("Leave it: it stays so to the end.");
        left.price = turnedInWords(now);
        if (const Sentence breaks = breaksInWords(m_document, m_landing, m_span.from, m_span.to); !breaks.empty())
            left.price += Core::sentence("Meanwhile the breaks are %1.", breaks);
        out.push_back(std::move(left));
        return out;
    }

private:
    /// Does the dancers' count go on there as it did all through the span, so that it is the music that changed?
    bool countedOn(Tick at) const {
        const auto& passes = m_landing.performance.passes;
        const auto before = passAt(m_landing.performance, m_span.from), then = passAt(m_landing.performance, at);
        return before && then && passes[*before].runningFrom == passes[*then].runningFrom;
    }

    static Sentence besides(Sentence what, bool touch, bool noTag) {
        std::vector<Sentence> all{std::move(what)};
        if (touch) all.push_back(Core::sentence("the last change a touch"));
        if (noTag) all.push_back(Core::sentence("its tag left out"));
        return Core::sentence("%1", listed(all, Joined::Commas));
    }

    std::vector<Candidate> candidates() const {
        std::vector<Candidate> out;
        const auto& passes = m_landing.performance.passes;
        const CountGrid& grid = m_landing.grid;
        for (std::int64_t n = wholeCounts(m_span.from); counts(n) < m_until; ++n) { // begin again on a 1 of the music
            const Tick at = counts(n);
            const auto index = passAt(m_landing.performance, at);
            if (grid.musicCountAt(at) != std::optional(counts(1)) || !index) continue;
            const PassPerformance& pass = passes[*index];
            const Tick into = at - pass.start;
            const Pass& written = m_document.routine.passes[pass.index];
            if (into <= Tick{} || into >= pass.whole || written.canon) continue;
            for (const bool touch : {false, true}) {
                PassExceptions what = written;
                what.restart = Restart{into};
                what.tag.reset();
                what.lastChangeIsTouch = touch;
                out.push_back({{SetExceptions{pass.id, what, Core::sentence("begin again on the 1")}},
                               besides(Core::sentence("begin again on the music's 1, %1", grid.place(at)), touch,
                                       written.tag.has_value()),
                               at,
                               touch});
            }
        }
        for (const PassPerformance& pass : passes) { // wait behind a pass until the music's 1
            const Tick end = pass.danceEnd();
            if (pass.start < m_span.from - m_set - pass.whole || end < m_span.from - m_set || end >= m_until ||
                pass.tag > Tick{} || pass.cutByPin)
                continue;
            const auto music = grid.musicCountAt(end);
            if (!music || *music != counts(wholeCounts(*music))) continue;
            Tick wait;
            while (wait < m_set + m_set && grid.musicCountAt(end + wait) != std::optional(counts(1))) wait += counts(1);
            if (wait == Tick{} || grid.musicCountAt(end + wait) != std::optional(counts(1)) || end + wait < m_span.from)
                continue;
            for (const bool touch : {false, true}) {
                PassExceptions what = m_document.routine.passes[pass.index];
                what.tag = Tag{wait, true};
                what.lastChangeIsTouch = touch != what.lastChangeIsTouch;
                out.push_back({{SetExceptions{pass.id, what, Core::sentence("wait for the 1")}},
                               besides(Core::sentence("wait %1 after pass %2 and count from 1 on %3", inCounts(wait),
                                                      pass.number, grid.place(end + wait)),
                                       touch, false),
                               end + wait,
                               touch});
            }
        }
        return out;
    }

    std::optional<Tried> tryOut(Candidate candidate) const {
        auto done = applyEdits(m_document, candidate.edits);
        if (!done) return std::nullopt;
        Landing landing = land(*done, m_landing.grid, m_landing.limits);
        const Tick before = std::min(m_landing.performance.end, m_landing.grid.end());
        const PartId part = done->routine.passes.back().part;
        for (int more = 0; more < 4 && onePart(done->routine) && landing.performance.end < before;
             ++more) { // a routine of one part goes on as long as it did
            candidate.edits.emplace_back(InsertPass{done->routine.passes.size(), part});
            done = applyEdit(*done, candidate.edits.back());
            if (!done) return std::nullopt;
            landing = land(*done, m_landing.grid, m_landing.limits);
        }
        Tried out{std::move(candidate), std::move(landing), {}, 0, 0};
        out.turned = turnedFrom(out.landing, m_span.from);
        out.noticed = std::max(0, noticed(out.landing) - noticed(m_landing));
        out.misses = std::max(0, misses(out.landing) - misses(m_landing));
        return out;
    }

    static bool onePart(const Routine& routine) {
        return std::all_of(routine.passes.begin(), routine.passes.end(),
                           [&](const Pass& p) { return p.part == routine.passes.front().part; });
    }

    static Sentence turnedInWords(Tick turned) {
        return turned == Tick{} ? Core::sentence("Never turned round.")
                                : Core::sentence("%1 danced turned round in all.", inCounts(turned));
    }

    TurnMend mend(MendTime when, const Tried* tried, Sentence title) const {
        TurnMend out;
        out.when = when;
        out.title = std::move(title);
        if (!tried) {
            out.possible = false;
            out.at = m_span.to;
            out.turned = turnedFrom(m_landing, m_span.from);
            return out;
        }
        out.edits = tried->candidate.edits;
        out.at = tried->candidate.at;
        out.turned = tried->turned;
        out.partnerNotices = tried->noticed > 0 || tried->candidate.touch;
        out.price = turnedInWords(tried->turned);
        const bool couple = m_document.routine.roles.size() > 1;
        if (tried->noticed > 0)
            out.price += couple ? Core::sentence("The partner notices: a foot or a hold does not fit.")
                                : Core::sentence("A foot does not fit.");
        else if (tried->candidate.touch)
            out.price += couple ? Core::sentence("Both make a touch of their last change; feet and holds fit.")
                                : Core::sentence("The feet fit.");
        else if (couple)
            out.price += Core::sentence("The partner need not notice: feet and holds fit.");
        const Tick next = [&] { // until it is turned round anew
            for (const TurnedSpan& span : tried->landing.turned)
                if (span.from >= tried->candidate.at) return span.from;
            return std::min(tried->landing.performance.end, tried->landing.grid.end());
        }();
        const auto before = breaksOf(m_landing, m_landing.performance.start, m_span.from),
                   then = breaksOf(tried->landing, tried->candidate.at, next);
        if (!then.empty()) {
            const Sentence breaks = breaksInWords(m_document, tried->landing, tried->candidate.at, next);
            out.price += before == then ? Core::sentence("The breaks are again %1.", breaks)
                                        : Core::sentence("The breaks are then %1.", breaks);
        }
        if (tried->misses > 0) out.price += Core::plural("%n new finding.|%n new findings.", nullptr, tried->misses);
        return out;
    }

    const Document& m_document;
    const Landing& m_landing;
    const TurnedSpan& m_span;
    Tick m_set;
    Tick m_until;
};

} // namespace

Sentence breaksInWords(const Document& document, const Landing& landing, Tick from, Tick to) {
    std::vector<std::vector<Sentence>> roles(document.routine.roles.size());
    for (const auto& [role, music, foot] : breaksOf(landing, from, to))
        roles[role].push_back(foot == Foot::Both ? Core::sentence("with both feet on %1", AsCount{music})
                                                 : Core::sentence("%1 on %2", footWord(foot), AsCount{music}));
    std::vector<Sentence> said;
    for (std::size_t r = 0; r < roles.size(); ++r) {
        if (roles[r].empty()) continue;
        said.push_back(roles.size() > 1 ? Core::sentence("%1 %2", document.routine.roles[r].name, listed(roles[r]))
                                        : Core::sentence("%1", listed(roles[r])));
    }
    if (said.empty()) return {};
    return Core::sentence("%1", listed(said, Joined::Commas));
}

std::vector<TurnMend> turnMends(const Document& document, const Landing& landing, std::size_t span, int sets,
                                const Task& task) {
    if (span >= landing.turned.size()) return {};
    return Mender(document, landing, landing.turned[span], sets).mends(sets, task);
}

} // namespace lc
