#include "core/reports/sheet_header.h"

#include "core/base/list_text.h"
#include "core/landing/inspection.h"
#include "core/routine/music_place.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace lc {

namespace {

Sentence facingsOf(const Formation formation, const std::vector<Eighths>& facings) {
    std::vector<Sentence> words;
    for (Eighths f : facings) words.push_back(facingSaid(formation, f));
    return Core::sentence("%1", listed(words));
}

class Exceptions {
public:
    Exceptions(const Routine& routine, const Landing& landing) : m_routine(routine), m_landing(landing) {}

    std::vector<Sentence> sentences() {
        restarts();
        for (const PassPerformance& pass : m_landing.performance.passes) of(pass);
        std::vector<Sentence> out;
        for (const auto& [kind, words] : m_kinds)
            out.push_back(Core::sentence("%1: %2", kind, listed(words, Joined::Commas)));
        return out;
    }

private:
    static Sentence number(const PassPerformance& pass) { return Core::sentence("pass %1", pass.number); }

    /// What is told of a pass, with how it is remembered, and with the music it stays with.
    Sentence marked(const PassPerformance& pass, Sentence words, bool ofMusic = false) const {
        const Pass& written = m_routine.passes[pass.index];
        if (ofMusic)
            for (const MusicException& m : m_routine.atMusic)
                if (std::find(pass.fromMusic.begin(), pass.fromMusic.end(), m.id) != pass.fromMusic.end()) {
                    words = Core::sentence("%1, %2", words, placeSaid(m.place));
                    if (!m.mark.empty()) words = Core::sentence("%1 (%2)", words, m.mark);
                }
        return written.mark.empty() ? words : Core::sentence("%1 (%2)", words, written.mark);
    }

    void add(const Sentence& kind, Sentence words) {
        auto found = std::find_if(m_kinds.begin(), m_kinds.end(), [&](const auto& k) { return k.first == kind; });
        if (found == m_kinds.end()) found = m_kinds.insert(found, {kind, {}});
        found->second.push_back(std::move(words));
    }

    /// "Restart: passes 2 and 7 after 24 (begin facing 3 and 6, leave facing 6 and 9), pass 5 after 16 (…)": the same
    /// cut said once.
    void restarts() {
        struct Same {
            const PassPerformance* first;
            Tick after;
            Sentence how; // with what it is remembered by
            bool ofMusic;
            std::vector<int> numbers;
            std::vector<Eighths> from, leaves;
        };
        std::vector<Same> all;
        for (const PassPerformance& pass : m_landing.performance.passes) {
            if (!pass.cut || pass.roles.empty()) continue;
            const bool ofMusic = !m_routine.passes[pass.index].restart && !pass.cutByPin;
            const Sentence how = cutHow(pass, marked(pass, Sentence::verbatim("%"), ofMusic));
            auto same = std::find_if(all.begin(), all.end(),
                                     [&](const Same& s) { return s.after == pass.counts && s.how == how; });
            if (same == all.end()) same = all.insert(all.end(), {&pass, pass.counts, how, ofMusic, {}, {}, {}});
            same->numbers.push_back(pass.number);
            same->from.push_back(pass.roles.front().facingIn);
            same->leaves.push_back(pass.roles.front().facingOut);
        }
        const Sentence kind = Core::sentence("Restart");
        for (const Same& s : all) {
            const Sentence words = Core::plural(
                "%1 after %2 (begins facing %3, leaves facing %4)|%1 after %2 (begin facing %3, leave facing %4)",
                "%1: pass 2, passes 2 and 7", static_cast<std::int64_t>(s.numbers.size()), passesSaid(s.numbers),
                AsCount{s.after}, facingsOf(m_routine.formation, s.from), facingsOf(m_routine.formation, s.leaves));
            add(kind, cutHow(*s.first, marked(*s.first, words, s.ofMusic)));
        }
    }

    /// With why its cut is as it is.
    static Sentence cutHow(const PassPerformance& pass, Sentence words) {
        if (pass.cutByPin) return Core::sentence("%1, cut by the start of the next", words);
        const auto& restart = pass.exceptions.restart;
        return restart && restart->turnOn && !pass.cutTurns.empty()
                   ? Core::sentence("%1, the turn danced to its end", words)
                   : words;
    }

    Sentence figure(FigureId id) const {
        const Figure* found = findFigure(m_routine, id);
        return found && !found->name.empty() ? Sentence::verbatim(found->name) : Core::sentence("steps");
    }

    Sentence nameOf(const Placement& placed) const {
        return placed.part.valid() ? Core::sentence("part %1", findPart(m_routine, placed.part)->name)
                                   : figure(placed.figure);
    }

    Sentence placed(PlacementId id) const {
        for (const Part& part : m_routine.parts)
            for (const Placement& one : part.figures)
                if (one.id == id) return nameOf(one);
        return Core::sentence("a figure");
    }

    void changed(const PassPerformance& pass, const FigureChange& c) {
        using Kind = FigureChange::Kind;
        const Sentence who = number(pass);
        if (c.kind == Kind::Add) {
            const Sentence added = nameOf(c.added);
            add(Core::sentence("Added"),
                marked(pass, c.at.valid() ? Core::sentence("%1 in %2 after %3", added, who, placed(c.at))
                                          : Core::sentence("%1 in %2 at its head", added, who)));
            return;
        }
        const Sentence at = placed(c.at), here = Core::sentence("%1 in %2", at, who);
        if (c.kind == Kind::Drop) add(Core::sentence("Left out"), marked(pass, here));
        if (c.kind == Kind::Version)
            add(Core::sentence("Another version"),
                marked(pass, c.version.empty() ? Core::sentence("%1 as written in %2", at, who)
                                               : Core::sentence("%1 as “%2” in %3", at, c.version, who)));
        if (c.kind == Kind::Bars) add(Core::sentence("In bars of %1", c.bars.danced), marked(pass, here));
        if (c.kind == Kind::Mirror) add(Core::sentence("To the other side"), marked(pass, here));
        if (c.kind == Kind::Exchange) add(Core::sentence("Places exchanged"), marked(pass, here));
    }

    void of(const PassPerformance& pass) {
        const PassExceptions& e = pass.exceptions;
        const Pass& written = m_routine.passes[pass.index];
        const Sentence who = number(pass);
        if (pass.tag > Tick{}) {
            Sentence words = Core::sentence("%1 after %2", inCounts(pass.tag), who);
            if (e.tag && e.tag->figure.valid()) words = Core::sentence("%1, %2", words, figure(e.tag->figure));
            if (e.tag && e.tag->countFromOne) words = Core::sentence("%1, then count from 1", words);
            add(Core::sentence("Tag"), marked(pass, words, !written.tag));
        }
        if (e.lastChangeIsTouch)
            add(Core::sentence("Last step a touch"), marked(pass, who, !written.lastChangeIsTouch));
        for (const FigureSpan& span : m_landing.performance.readingOf(pass).figures)
            if (span.bridge && span.start < pass.counts) {
                Sentence words = Core::sentence("%1 in %2 after %3", inCounts(span.length), who, AsCount{span.start});
                if (span.figure.valid()) words = Core::sentence("%1, %2", words, figure(span.figure));
                add(Core::sentence("Bridge"), marked(pass, words, written.bridges.size() < e.bridges.size()));
            }
        for (const FigureChange& c : e.changes) changed(pass, c);
        if (e.mirrored) add(Core::sentence("To the other side"), marked(pass, who));
        if (e.exchanged) add(Core::sentence("Places exchanged"), marked(pass, who));
        if (pass.wait > Tick{} && pass.number > 1)
            add(Core::sentence("Wait"),
                marked(pass, written.pinned ? Core::sentence("%1 before %2, which starts %3", inCounts(pass.wait), who,
                                                             placeSaid(*written.pinned))
                                            : Core::sentence("%1 before %2", inCounts(pass.wait), who)));
        if (e.ending)
            add(e.ending->danced ? Core::sentence("Ending") : Core::sentence("Optional ending, not danced"),
                marked(pass, Core::sentence("%1 after %2, part %3", who, AsCount{e.ending->after},
                                            findPart(m_routine, e.ending->part)->name)));
        if (e.canon) {
            const Sentence apart = inCounts(e.canon->apart);
            add(Core::sentence("Canon"),
                marked(pass, e.canon->ripple ? Core::sentence("%1, entering %2 apart, every role finishes", who, apart)
                                             : Core::sentence("%1, entering %2 apart, all end together", who, apart)));
        }
        if (written.pinned && pass.wait == Tick{})
            add(Core::sentence("Pinned"), Core::sentence("%1 starts %2", who, placeSaid(*written.pinned)));
    }

    const Routine& m_routine;
    const Landing& m_landing;
    std::vector<std::pair<Sentence, std::vector<Sentence>>> m_kinds; // restarts first, then as they first occur
};

} // namespace

std::optional<int> wallsOf(const Performance& performance) {
    std::map<PartId, int> danced;
    for (const PassPerformance& pass : performance.passes)
        if (pass.plain && !pass.cut && !pass.roles.empty()) ++danced[pass.part];
    if (danced.empty()) return std::nullopt;
    const PartId most = std::max_element(danced.begin(), danced.end(), [](const auto& a, const auto& b) {
                            return a.second < b.second;
                        })->first;
    const auto pass = std::find_if(performance.passes.begin(), performance.passes.end(),
                                   [&](const PassPerformance& p) { return p.part == most && p.plain && !p.cut; });
    const int turn = facingIndex({pass->roles.front().facingOut.value - pass->roles.front().facingIn.value});
    return turn == 0 ? 1 : turn == 4 ? 2 : turn % 2 == 0 ? 4 : 8;
}

SheetHeader sheetHeader(const Document& document, const Landing& landing) {
    SheetHeader header;
    const auto& parts = landing.performance.parts;
    std::vector<Sentence> lengths;
    for (const auto& part : parts) {
        if (part->length == Tick{} && parts.size() > 1) continue;
        const Sentence length = inCounts(part->length);
        lengths.push_back(
            parts.size() > 1 ? Core::sentence("%1 %2", findPart(document.routine, part->part)->name, length) : length);
    }
    if (!lengths.empty()) header.length = Core::sentence("%1", listed(lengths, Joined::Commas));
    const bool inLines = document.routine.formation == Formation::Rows ||
                         document.routine.formation == Formation::Solo; // couples and rings have no walls
    if (const auto walls = inLines ? wallsOf(landing.performance) : std::nullopt)
        header.walls = Core::plural("one wall|%n walls", nullptr, *walls);
    header.level = document.routine.level;
    if (const auto tempo = medianTempo(*document.map)) header.tempo = Core::sentence("%1 bpm", std::lround(*tempo));
    if (!landing.performance.passes.empty() && landing.performance.start > Tick{}) {
        const Sentence length = inCounts(landing.performance.start);
        const auto seconds = landing.grid.secondsAt(landing.performance.start);
        header.intro =
            seconds ? Core::sentence("intro %1 (%2)", length, AsClock{*seconds}) : Core::sentence("intro %1", length);
    }
    header.exceptions = Exceptions(document.routine, landing).sentences();
    return header;
}

Sentence headerLine(const SheetHeader& header) {
    std::vector<Sentence> words;
    for (const Sentence& word :
         {header.length, header.walls, Sentence::verbatim(header.level), header.tempo, header.intro})
        if (!word.empty()) words.push_back(word);
    return words.empty() ? Sentence() : Core::sentence("%1", listed(words, Joined::Commas));
}

Text exceptionsInWords(const Document& document, const Landing& landing) {
    Text text;
    for (const Sentence& sentence : Exceptions(document.routine, landing).sentences())
        text += Core::sentence("%1.", sentence);
    return text;
}

std::vector<Sentence> memoryMarks(const Document& document, const Landing& landing, std::size_t index) {
    std::vector<Sentence> marks;
    const auto& all = landing.performance.passes;
    const PassPerformance& pass = all[index];
    const CountGrid& grid = landing.grid;
    const auto others = [&](auto same) { return std::count_if(all.begin(), all.end(), same) > 1; };
    const auto label = [&](const PassPerformance& p) {
        const auto phrase = grid.phraseAt(p.start);
        return phrase ? grid.phrases()[static_cast<std::size_t>(*phrase)].label : std::string();
    };
    const std::string here = label(pass);
    if (!here.empty() && !others([&](const PassPerformance& p) { return label(p) == here; }))
        marks.push_back(Core::sentence("the one in %1", here));
    for (const CountStop& stop : grid.stops()) {
        if (stop.end <= pass.start && stop.end > pass.start - counts(16))
            marks.push_back(Core::sentence("the one after the stop"));
        if (stop.start >= pass.start && stop.start < pass.end())
            marks.push_back(Core::sentence("the one with the stop in it"));
    }
    const auto from = grid.secondsAt(pass.start - counts(8) < Tick{} ? Tick{} : pass.start - counts(8));
    const auto to = grid.secondsAt(pass.end());
    for (const Moment& moment : document.moments)
        if (from && to && moment.at >= *from && moment.at < *to && marks.size() < 4)
            marks.push_back(Core::sentence("by “%1”", moment.text));
    if (index > 0 && !label(all[index - 1]).empty() && label(all[index - 1]) != here)
        marks.push_back(Core::sentence("the one after %1", label(all[index - 1])));
    if (!pass.roles.empty()) {
        const int facing = facingIndex(pass.roles.front().facingIn);
        if (!others([&](const PassPerformance& p) {
                return !p.roles.empty() && facingIndex(p.roles.front().facingIn) == facing;
            }))
            marks.push_back(
                Core::sentence("the only one that begins facing %1", facingSaid(document.routine.formation, {facing})));
    }
    if (index + 1 == all.size()) marks.push_back(Core::sentence("the last one"));
    if (const Part* part = findPart(document.routine, pass.part)) {
        const std::string& name = part->name;
        const Sentence ordinals[] = {Core::sentence("the first %1", name),   Core::sentence("the second %1", name),
                                     Core::sentence("the third %1", name),   Core::sentence("the fourth %1", name),
                                     Core::sentence("the fifth %1", name),   Core::sentence("the sixth %1", name),
                                     Core::sentence("the seventh %1", name), Core::sentence("the eighth %1", name)};
        const auto nth = std::count_if(all.begin(), all.begin() + static_cast<std::ptrdiff_t>(index),
                                       [&](const PassPerformance& p) { return p.part == pass.part; });
        if (nth < 8) marks.push_back(ordinals[nth]);
    }
    if (marks.size() > 5) marks.resize(5);
    return marks;
}

} // namespace lc
