#include "core/landing/inspection.h"

#include "core/routine/music_place.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace lc::inspect {

namespace {

std::optional<Tick> missOf(const Inspection& in, const PassPerformance& pass) {
    if (pass.start >= in.grid.end() || lands(in.grid, pass))
        return Tick{}; // the end of the song has a finding of its own
    return phraseMiss(in.grid, pass.start);
}

void offPhrase(Inspection& in, const PassPerformance& pass, Tick miss, const PassPerformance& last) {
    const int nearest = *in.grid.nearestPhraseStart(pass.start);
    const CountPhrase& phrase = in.grid.phrases()[static_cast<std::size_t>(nearest)];
    const Sentence headline =
        miss > Tick{} ? Core::sentence("Pass %1 starts %2 into %3", pass.number, inCounts(miss), phrase.label)
                      : Core::sentence("Pass %1 starts %2 before %3", pass.number, inCounts(-miss), phrase.label);
    Text text;
    if (const auto inside = in.grid.phraseAt(pass.start)) {
        const CountPhrase& p = in.grid.phrases()[static_cast<std::size_t>(*inside)];
        text = Core::sentence("%1 has %2; this pass begins on its %3.", p.label, inCounts(counts(p.counts)),
                              AsCount{pass.start - counts(p.firstCount) + counts(1)});
    }
    const auto music = in.grid.musicCountAt(pass.start);
    if (music && *music != counts(1)) text += Core::sentence("Its count 1 falls on the music's %1.", AsCount{*music});
    const Sentence following = passRange(pass.number + 1, last.number);
    if (last.number == pass.number + 1) text += Core::sentence("%1 follows, off by as much.", following);
    if (last.number > pass.number + 1) text += Core::sentence("%1 follow, off by as much.", following);
    in.addFor(pass, finding::offPhrase, Severity::Misses, pass.start, headline, text);
}

/// A pass is judged by phrases only where it is longer than one set; a basic of one set has to meet the 1s.
bool judgedByPhrases(const Inspection& in, const PassPerformance& pass) {
    return pass.whole > counts(in.grid.regularSet());
}

/// One finding for each run of passes that are off by the same distance: the first is the cause, the others follow.
void passesOffPhrase(Inspection& in) {
    const auto& passes = in.performance.passes;
    std::size_t i = 0;
    while (i < passes.size()) {
        const auto miss = missOf(in, passes[i]);
        std::size_t j = i + 1;
        while (j < passes.size() && missOf(in, passes[j]) == miss) ++j;
        if (miss && *miss != Tick{} && judgedByPhrases(in, passes[i])) offPhrase(in, passes[i], *miss, passes[j - 1]);
        i = j;
    }
}

/// The music counts of those within [from, to), ascending, each once.
std::set<Tick> musicCountsOf(const Inspection& in, const std::vector<BreakStep>& breaks, Tick from, Tick to) {
    std::set<Tick> counts;
    for (auto step =
             std::lower_bound(breaks.begin(), breaks.end(), from, [](const BreakStep&b, Tick t) { return b.at < t; });
         step != breaks.end() && step->at < to; ++step)
        if (const auto music = in.grid.musicCountAt(step->at)) counts.insert(*music);
    return counts;
}

Argument spokenCounts(const std::set<Tick>& counts) {
    std::vector<Argument> words;
    for (Tick t : counts) words.emplace_back(AsCount{t});
    return {std::move(words), Joined::And};
}

/// Who steps with which foot on the first 1 of the music in a span: "leader right and follower left". Empty for none.
Sentence feetOnOne(const Inspection& in, const TurnedSpan& span) {
    for (Tick at = span.from; at < span.to; at += counts(1)) {
        if (in.grid.musicCountAt(at) != std::optional(counts(1))) continue;
        std::vector<Argument> words;
        for (std::size_t r = 0; r < in.performance.roles.size(); ++r) {
            const auto& all = in.performance.roles[r];
            const auto a =
                std::lower_bound(all.begin(), all.end(), at, [](const PerformedAction& x, Tick t) { return x.at < t; });
            const bool steps =
                a != all.end() && a->at == at && a->kind == ActionKind::Step && a->foot && *a->foot != Foot::Both;
            const Sentence step = steps ? footWord(*a->foot) : Core::sentence("no step");
            words.emplace_back(in.routine.roles.size() > 1 ? Core::sentence("%1 %2", in.routine.roles[r].name, step)
                                                           : step);
        }
        return Core::sentence("%1", Argument(std::move(words), Joined::And));
    }
    return {};
}

void turnedRound(Inspection& in) {
    const auto& passes = in.performance.passes;
    std::optional<std::vector<BreakStep>> allBreaks; // looked for once, where they are to be told
    for (std::size_t i = 0; i < in.turned.size(); ++i) {
        const std::size_t firstSpan = i;
        i = lastOfTrouble(in.performance, in.grid, in.turned, i);
        TurnedSpan span = in.turned[firstSpan];
        span.to = in.turned[i].to;
        const auto index = passAt(in.performance, span.from);
        if (!index) continue;
        const auto first = std::lower_bound(passes.begin(), passes.end(), span.from,
                                            [](const PassPerformance& p, Tick t) { return p.start < t; });
        const auto behind = std::lower_bound(first, passes.end(), span.to,
                                             [](const PassPerformance& p, Tick t) { return p.start < t; });
        const bool toldByPhrase = std::any_of(first, behind, [&](const PassPerformance& p) {
            return judgedByPhrases(in, p) && missOf(in, p).value_or(Tick{}) != Tick{};
        });
        if (toldByPhrase) continue; // the same cause, said once
        const bool lands = std::any_of(first, behind, [&](const PassPerformance& p) {
            return judgedByPhrases(in, p);
        }); // they start phrases all the same: a matter of counting aloud
        if (!allBreaks) allBreaks = breakSteps(in.performance, 0);
        const PassPerformance& pass = passes[*index];
        Text text(Core::sentence("At %1 the dancers say %2 where the music says %3, for %4.", in.grid.place(span.from),
                                 AsCount{span.runningCount}, AsCount{span.musicCount}, inCounts(span.to - span.from)));
        const Sentence feet = feetOnOne(in, span);
        if (!feet.empty()) text += Core::sentence("On the music's 1: %1.", feet);
        const std::set<Tick> now = musicCountsOf(in, *allBreaks, span.from, span.to);
        if (!now.empty()) {
            const auto before = musicCountsOf(in, *allBreaks, in.performance.start, span.from);
            text += before.empty() || before == now
                        ? Core::sentence("The breaks fall on %1 of the music.", spokenCounts(now))
                        : Core::sentence("The breaks fall on %1 instead of %2 of the music.", spokenCounts(now),
                                         spokenCounts(before));
        }
        const bool changes = std::any_of(in.turned.begin() + static_cast<std::ptrdiff_t>(firstSpan),
                                         in.turned.begin() + static_cast<std::ptrdiff_t>(i),
                                         [&](const TurnedSpan& s) { return s.ahead != in.turned[i].ahead; });
        if (changes) text += Core::sentence("Within them the difference changes more often than once a set.");
        if (const auto again = agreesAgain(in.performance, in.grid, span.to))
            text += Core::sentence("At %1 they agree again.", in.grid.place(*again));
        else if (i + 1 < in.turned.size())
            text += in.turned[i + 1].ahead == span.ahead ? Core::sentence("After that it goes on so.")
                                                         : Core::sentence("Then it differs by another amount.");
        else
            text += Core::sentence("It stays so to the end.");
        in.addFor(pass, finding::turnedRound, lands ? Severity::Note : Severity::Misses, span.from,
                  Core::sentence("Turned round from %1 on", in.grid.place(span.from)), text)
            .key.thing = CountsAhead{span.ahead}; // a pass may be turned round twice
    }
}

void pins(Inspection& in) {
    for (const PassPerformance& pass : in.performance.passes) {
        const Pass& written = in.routine.passes[pass.index];
        if (!written.pinned) continue;
        const auto place = tickOf(*written.pinned, in.grid);
        if (!place)
            in.addFor(pass, finding::pinLate, Severity::Misses, pass.start,
                      Core::sentence("Pass %1 is pinned to a place that this song does not have", pass.number),
                      Core::sentence("It should start %1; it starts where the pass before it ends.",
                                     placeSaid(*written.pinned)));
        else if (pass.lateBy > Tick{})
            in.addFor(pass, finding::pinLate, Severity::Misses, pass.start,
                      Core::sentence("Pass %1 cannot start where it is pinned", pass.number),
                      Core::sentence("It should start %1, %2 earlier: the passes before it are over only here.",
                                     placeSaid(*written.pinned), inCounts(pass.lateBy)));
    }
}

Sentence facingAtEnd(const Inspection& in, const PassPerformance& pass) {
    return facingSaid(in.routine.formation, pass.roles.empty() ? Eighths{} : pass.roles.front().facingOut);
}

void ends(Inspection& in) {
    const auto& passes = in.performance.passes;
    if (passes.empty() || in.grid.empty()) return;
    const Tick end = in.grid.end();
    const Tick over = in.performance.end - end;
    const PassPerformance& last = passes.back();
    if (over > Tick{}) {
        const auto first =
            std::find_if(passes.begin(), passes.end(), [&](const PassPerformance& p) { return p.end() > end; });
        Text text = first->start < end
                        ? Core::sentence("The song ends %1 into pass %2.", inCounts(end - first->start), first->number)
                        : Core::sentence("Pass %1 would start after the song.", first->number);
        const auto later = std::next(first);
        if (later != passes.end())
            text += Core::sentence("%1 would have no music.", passRange(later->number, last.number));
        in.addFor(*first, finding::pastSong, Severity::Doubtful, std::min(first->start, end),
                  Core::sentence("The dance is %1 longer than the song", inCounts(over)), text);
    } else if (over < Tick{}) {
        in.addFor(last, finding::leftOver, Severity::Note, in.performance.end,
                  Core::sentence("%1 of music are left", inCounts(-over)),
                  Core::sentence("The dance ends at %1, facing %2.", in.grid.place(in.performance.end),
                                 facingAtEnd(in, last)));
    }
}

/// Figures danced in bars of three where the music's bars are others.
void barsElsewhere(Inspection& in) {
    for (const PassPerformance& pass : in.performance.passes) {
        Tick off;
        const FigureSpan* first = nullptr;
        for (const FigureSpan& span : in.performance.readingOf(pass).figures) {
            if (span.bars.none() || span.bars.danced == span.bars.written) continue;
            for (Tick at = span.start; at < std::min(span.start + span.length, pass.counts);
                 at += counts(span.bars.danced)) {
                const CountCell* cell = in.grid.cellAt(pass.start + at);
                const CountCell* next = in.grid.cellAt(pass.start + at + counts(span.bars.danced));
                if (!cell) continue; // after the song
                const bool fits = cell->barStart && (!next || next->barStart);
                if (fits) continue;
                off += counts(span.bars.written - span.bars.danced);
                if (!first) first = &span;
            }
        }
        if (!first) continue;
        Text text(Core::sentence("%1 is danced in bars of %2; the music has no such bars there.",
                                 in.figureName(first->figure, pass.part), first->bars.danced));
        if (off > Tick{}) text += Core::sentence("The pass ends %1 early.", inCounts(off));
        if (off < Tick{}) text += Core::sentence("The pass ends %1 late.", inCounts(-off));
        Finding& f = in.addFor(pass, finding::barsElsewhere, Severity::Misses, pass.start + first->start,
                               Core::sentence("Pass %1 counts bars that the music does not have", pass.number), text);
        f.key.thing = placedAt(first->placement);
    }
}

void stops(Inspection& in) {
    for (const CountStop& stop : in.grid.stops()) {
        int steps = 0;
        for (const auto& all : in.performance.roles) {
            auto a = std::lower_bound(all.begin(), all.end(), stop.start,
                                      [](const PerformedAction& x, Tick t) { return x.at < t; });
            for (; a != all.end() && a->at < stop.end; ++a)
                if (a->action && a->action->usesFoot()) ++steps;
        }
        const auto index = passAt(in.performance, stop.start);
        if (steps == 0 || !index) continue;
        const PassPerformance& pass = in.performance.passes[*index];
        Finding& f =
            in.addFor(pass, finding::overStop, Severity::Note, stop.start,
                      Core::sentence("Steps go on through the stop at %1", in.grid.place(stop.start)),
                      Core::plural("The music stands still for %1; %n step is danced in it. Count it aloud, or "
                                   "let everyone wait.|The music stands still for %1; %n steps are danced in it. "
                                   "Count it aloud, or let everyone wait.",
                                   nullptr, steps, inCounts(stop.end - stop.start)));
        f.key.pass = {}; // it stays with the stop, whichever pass is danced there
        f.key.thing = SongTime{in.grid.secondsAt(stop.start).value_or(0)};
    }
}

} // namespace

void phrases(Inspection& in) {
    passesOffPhrase(in);
    turnedRound(in);
    pins(in);
    barsElsewhere(in);
    stops(in);
    ends(in);
}

} // namespace lc::inspect
