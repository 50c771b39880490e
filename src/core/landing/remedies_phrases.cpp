#include "core/landing/remedy_search.h"

#include "core/routine/accents.h"
#include "core/routine/music_place.h"
#include "core/routine/turned_round.h"

#include <algorithm>
#include <cstdlib>

namespace lc::remedy {

namespace {

bool isPhraseStart(const Search& in, Tick at) {
    const auto miss = phraseMiss(in.landing.grid, at);
    return miss && *miss == Tick{} && at < in.landing.grid.end();
}

void startOnPhrase(Search& in) {
    std::vector<const CountPhrase*> near;
    for (const CountPhrase& phrase : in.landing.grid.phrases()) near.push_back(&phrase);
    std::stable_sort(near.begin(), near.end(), [&](const CountPhrase* a, const CountPhrase* b) {
        return std::abs((counts(a->firstCount) - in.finding.at).value) <
               std::abs((counts(b->firstCount) - in.finding.at).value);
    });
    for (std::size_t i = 0; i < std::min<std::size_t>(2, near.size()); ++i)
        in.propose(Core::sentence("Start on the 1 of %1.", near[i]->label), {SetStart{near[i]->start}});
}

void offPhrase(Search& in) {
    const auto index = in.passIndex();
    if (!index) return;
    if (*index == 0) return startOnPhrase(in);
    const PassPerformance& before = in.passes[*index - 1];
    const Pass& pass = in.passOf(before);
    const bool turnOn = pass.restart && pass.restart->turnOn;
    if (before.tag > Tick{} && isPhraseStart(in, before.start + before.counts))
        in.propose(Core::sentence("Take the tag after pass %1 out.", before.number), {SetTag{before.id, std::nullopt}});
    if (before.cut && isPhraseStart(in, before.start + before.whole + before.tag))
        in.propose(Core::sentence("Dance pass %1 whole.", before.number), {SetRestart{before.id, std::nullopt}});
    // The shortest tag that lands; every later one misses more phrases.
    const Tick danced = before.start + before.counts;
    const auto& phrases = in.landing.grid.phrases();
    for (const CountPhrase& phrase : phrases) {
        const Tick tag = counts(phrase.firstCount) - danced;
        if (tag <= Tick{} || tag == before.tag) continue;
        const bool countFromOne = pass.tag && pass.tag->countFromOne;
        in.propose(before.tag > Tick{} ? Core::sentence("Make the tag after pass %1 %2.", before.number, inCounts(tag))
                                       : Core::sentence("Add a tag of %1 after pass %2.", inCounts(tag), before.number),
                   {SetTag{before.id, Tag{tag, countFromOne}}});
        break;
    }
    // Every count after which a cut would land the pass, the longest danced first.
    for (std::int64_t n = wholeCounts(before.whole); n >= 1; --n) {
        const Tick after = counts(n);
        if (after >= before.whole || after == before.counts) continue;
        if (isPhraseStart(in, before.start + after + before.tag))
            in.propose(Core::sentence("Cut pass %1 after %2.", before.number, AsCount{after}),
                       {SetRestart{before.id, Restart{after, turnOn}}});
    }
}

void pastSong(Search& in) {
    const auto index = in.passIndex();
    if (!index) return;
    const Tick end = in.landing.grid.end();
    const PassPerformance& first = in.passes[*index];
    std::vector<PassId> without;
    for (std::size_t i = *index; i < in.passes.size(); ++i) without.push_back(in.passes[i].id);
    const auto words = [](std::size_t n) {
        return Core::plural("the last pass|the last %n passes", nullptr, static_cast<std::int64_t>(n));
    };
    const Tick room = end - first.start;
    if (room > Tick{}) {
        std::vector<Edit> edits;
        const std::vector<PassId> later(without.begin() + 1, without.end());
        if (!later.empty()) edits.emplace_back(RemovePasses{later});
        if (room < first.counts) edits.emplace_back(SetRestart{first.id, Restart{room}});
        if (first.tag > Tick{})
            edits.emplace_back(
                SetTag{first.id, room > first.counts ? std::optional(Tag{room - first.counts, false}) : std::nullopt});
        const AsCount danced{std::min(room, first.counts)};
        in.propose(later.empty() ? Core::sentence("End pass %1 with the song, after %2.", first.number, danced)
                                 : Core::sentence("End pass %1 with the song, after %2, and take out %3.", first.number,
                                                  danced, words(later.size())),
                   std::move(edits));
    }
    if (without.size() < in.passes.size())
        in.propose(Core::sentence("Take out %1.", words(without.size())), {RemovePasses{without}});
}

void leftOver(Search& in) {
    const PassPerformance& last = in.passes.back();
    if (last.whole <= Tick{}) return;
    const Tick left = in.landing.grid.end() - in.landing.performance.end;
    const std::int64_t fit = left.value / last.whole.value;
    const Part* part = findPart(in.document.routine, last.part);
    const auto add = [&](std::int64_t n) {
        std::vector<Edit> edits(static_cast<std::size_t>(n),
                                Edit{InsertPass{in.document.routine.passes.size(), last.part}});
        return edits;
    };
    const auto words = [&](std::int64_t n) {
        return Core::plural("%n more pass of %1|%n more passes of %1", nullptr, n, part->name);
    };
    constexpr std::int64_t mostAdded = 64; // more than that is another dance, or a part that is not written yet
    if (fit > mostAdded) return;
    if (fit > 0 && last.whole * fit == left)
        in.propose(Core::sentence("Add %1.", words(fit)), add(fit));
    else if (fit >= 0) {
        std::vector<Edit> edits = add(fit + 1);
        in.propose(Core::sentence("Add %1; the song ends inside the last one.", words(fit + 1)), std::move(edits));
        if (fit > 0) in.propose(Core::sentence("Add %1.", words(fit)), add(fit));
    }
}

/// Puts right a dance that is turned round: begin again on the music's 1 (with a touch where the foot asks for it),
/// counts or a figure that make up the difference, or the reason to leave it.
void turnedRound(Search& in) {
    const auto index = in.passIndex();
    const auto span = std::find_if(in.landing.turned.begin(), in.landing.turned.end(),
                                   [&](const TurnedSpan& s) { return s.from == in.finding.at; });
    if (!index || span == in.landing.turned.end()) return;
    const PassPerformance& pass = in.passes[*index];
    const Tick set = counts(in.landing.grid.regularSet());
    const Tick missing = span->ahead; // counts to wait so that both agree again
    const Tick into = span->from - pass.start;
    const bool onOne = span->musicCount == counts(1);
    if (onOne && into > Tick{} && into < pass.whole) {
        in.propose(Core::sentence("Begin again on the music's 1, after %1 of pass %2, the last change a touch.",
                                  AsCount{into}, pass.number),
                   {in.changed(pass, Core::sentence("begin again on the 1, with a touch"), [&](PassExceptions& e) {
                       e.restart = Restart{into};
                       e.lastChangeIsTouch = true;
                   })});
        in.propose(Core::sentence("Begin again on the music's 1, after %1 of pass %2.", AsCount{into}, pass.number),
                   {SetRestart{pass.id, Restart{into}}});
    } else if (into == Tick{} && *index > 0) {
        const PassPerformance& before = in.passes[*index - 1];
        if (const auto& tag = in.passOf(before).tag; tag && !tag->countFromOne)
            in.propose(Core::sentence("Count from 1 again after the tag of pass %1.", before.number),
                       {SetTag{before.id, Tag{tag->counts, true, tag->figure}}});
    }
    // Extra counts behind a pass: a figure of six, or what else makes up the difference, or a tag.
    PartReader reader(in.document.routine);
    const auto after = [&](const PassPerformance& tagged, Tick needed) {
        if (tagged.exceptions.tag || needed <= Tick{}) return;
        for (const Figure& figure : in.document.routine.figures) {
            if (figure.name.empty()) continue;
            const Tick length = reader.figure(figure.id, false, false)->length;
            if (length <= Tick{} || length > set + set || length.value % set.value != needed.value) continue;
            in.propose(Core::sentence("Dance %1 (%2) after pass %3.", figure.name, inCounts(length), tagged.number),
                       {SetTag{tagged.id, Tag{length, true, figure.id}}});
        }
        in.propose(Core::sentence("Add a tag of %1 after pass %2 and count from 1.", inCounts(needed), tagged.number),
                   {SetTag{tagged.id, Tag{needed, true}}});
        in.propose(Core::sentence("Add a tag of %1 after pass %2 and count from 1, the last change a touch.",
                                  inCounts(needed), tagged.number),
                   {SetTag{tagged.id, Tag{needed, true}},
                    SetLastChangeIsTouch{tagged.id, !in.passOf(tagged).lastChangeIsTouch}});
    };
    if (onOne && into > Tick{} && *index > 0)
        after(in.passes[*index - 1], Tick{into.value % set.value}); // so that it does not begin
    after(into == Tick{} && *index > 0 ? in.passes[*index - 1] : pass, missing);
    const auto& spans = in.landing.turned;
    const std::size_t last =
        lastOfTrouble(in.landing.performance, in.landing.grid, spans, static_cast<std::size_t>(span - spans.begin()));
    if (const auto again = agreesAgain(in.landing.performance, in.landing.grid, spans[last].to))
        in.propose(
            Core::sentence("Leave it: at %1 it comes right by itself.", in.landing.grid.place(*again)),
            {leaveAsItIs(in.finding, Core::sentence("it comes right at %1", in.landing.grid.place(*again)).english())});
}

void pinLate(Search& in) { in.propose(Core::sentence("Unpin it."), {PinPass{in.finding.key.pass, std::nullopt}}); }

void barsElsewhere(Search& in) {
    const auto index = in.passIndex();
    if (!index) return;
    const PassPerformance& pass = in.passes[*index];
    in.propose(Core::sentence("Dance the bars as they are written."),
               {in.changed(pass, Core::sentence("bars as written"), [](PassExceptions& e) {
                   std::erase_if(e.changes, [](const FigureChange& c) { return c.kind == FigureChange::Kind::Bars; });
               })});
    std::vector<Edit> edits;
    if (const Part* part = findPart(in.document.routine, pass.part))
        for (Placement placed : part->figures)
            if (!placed.bars.none()) {
                placed.bars = {};
                edits.emplace_back(ChangePlacement{placed});
            }
    if (!edits.empty()) in.propose(Core::sentence("Dance the bars of the part as they are written."), std::move(edits));
}

void overStop(Search& in) {
    const auto stop = std::find_if(in.landing.grid.stops().begin(), in.landing.grid.stops().end(),
                                   [&](const CountStop& s) { return s.start == in.finding.at; });
    if (stop == in.landing.grid.stops().end()) return;
    const auto place = musicPlaceAt(in.landing.grid, stop->start);
    if (!place) return;
    PassExceptions wait;
    wait.wait = stop->end - stop->start;
    in.propose(Core::sentence("Let everyone wait through the stop; what follows comes %1 later.", inCounts(wait.wait)),
               {AddMusicException{*place, wait, "the stop"}});
}

/// Waits before the pass, or a cut or tag behind the one before it, that bring the count to its moment.
void accent(Search& in) {
    const auto& falls = in.landing.accents;
    const auto fall =
        std::find_if(falls.begin(), falls.end(), [&](const AccentFall& f) { return f.accent == in.thing<AccentId>(); });
    const auto index = in.passIndex();
    if (fall == falls.end() || !index) return;
    if (fall->at && fall->moment) {
        const PassPerformance& pass = in.passes[*index];
        const std::int64_t late =
            wholeCounts(fall->off + countFraction(1, 2)); // whole counts: dancers shift by no less
        if (late < 0)
            in.propose(
                Core::sentence("Wait %1 before pass %2.", inCounts(counts(-late)), pass.number),
                {in.changed(pass, Core::sentence("a wait"), [&](PassExceptions& e) { e.wait += counts(-late); })});
        if (late < 0 && *index > 0 && !in.passes[*index - 1].exceptions.tag)
            in.propose(
                Core::sentence("Add a tag of %1 after pass %2.", inCounts(counts(-late)), in.passes[*index - 1].number),
                {SetTag{in.passes[*index - 1].id, Tag{counts(-late), false}}});
        if (late > 0 && *index > 0 && in.passes[*index - 1].counts > counts(late)) {
            const PassPerformance& before = in.passes[*index - 1];
            const Tick after = before.counts - counts(late);
            in.propose(Core::sentence("Cut pass %1 after %2.", before.number, AsCount{after}),
                       {SetRestart{before.id, Restart{after}}});
        }
        if (late > 0 && pass.exceptions.wait >= counts(late))
            in.propose(Core::sentence("Wait %1 less before pass %2.", inCounts(counts(late)), pass.number),
                       {in.changed(pass, Core::sentence("a shorter wait"),
                                   [&](PassExceptions& e) { e.wait = e.wait - counts(late); })});
    }
    in.propose(Core::sentence("Let the accent go."), {RemoveAccent{fall->accent}});
}

} // namespace

void forPhrases(Search& in) {
    const std::string& code = in.finding.key.code;
    if (code == finding::offPhrase) offPhrase(in);
    if (code == finding::turnedRound) turnedRound(in);
    if (code == finding::pinLate) pinLate(in);
    if (code == finding::barsElsewhere) barsElsewhere(in);
    if (code == finding::overStop) overStop(in);
    if (code == finding::accent) accent(in);
    if (code == finding::pastSong) pastSong(in);
    if (code == finding::leftOver) leftOver(in);
}

} // namespace lc::remedy
