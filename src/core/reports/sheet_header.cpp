#include "core/reports/sheet_header.h"

#include "core/base/clock_text.h"
#include "core/base/list_text.h"
#include "core/landing/inspection.h"
#include "core/routine/music_place.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace lc {

namespace {

std::string facingsOf(const Formation formation, const std::vector<Eighths>& facings) {
    std::vector<std::string> words;
    for (Eighths f : facings) words.push_back(facingInWords(formation, f));
    return listOf(words);
}

std::string passes(const std::vector<int>& numbers) { return listOf("pass", "passes", numbers); }

class Exceptions {
public:
    Exceptions(const Routine& routine, const Landing& landing) : m_routine(routine), m_landing(landing) {}

    std::vector<std::string> sentences() {
        restarts();
        for (const PassPerformance& pass : m_landing.performance.passes) of(pass);
        std::vector<std::string> out;
        for (const auto& [kind, words] : m_kinds) out.push_back(kind + ": " + listWith(words));
        if (!m_restarts.empty()) out.insert(out.begin(), m_restarts);
        return out;
    }

private:
    static std::string listWith(const std::vector<std::string>& words) {
        std::string text;
        for (const std::string& word : words) text += (text.empty() ? "" : ", ") + word;
        return text;
    }

    std::string number(const PassPerformance& pass) const { return "pass " + std::to_string(pass.number); }

    /// How it is remembered, and whether it stays with the music.
    std::string marked(const PassPerformance& pass, bool ofMusic = false) const {
        std::string out;
        const Pass& written = m_routine.passes[pass.index];
        if (ofMusic)
            for (const MusicException& m : m_routine.atMusic)
                if (std::find(pass.fromMusic.begin(), pass.fromMusic.end(), m.id) != pass.fromMusic.end()) {
                    out += ", " + toWords(m.place);
                    if (!m.mark.empty()) out += " (" + m.mark + ")";
                }
        if (!written.mark.empty()) out += " (" + written.mark + ")";
        return out;
    }

    void add(const std::string& kind, std::string words) {
        const auto found = std::find_if(m_kinds.begin(), m_kinds.end(), [&](const auto& k) { return k.first == kind; });
        if (found != m_kinds.end())
            found->second.push_back(std::move(words));
        else
            m_kinds.push_back({kind, {std::move(words)}});
    }

    /// "Restart: passes 2 and 7 after 24 (begin facing 3 and 6, leave facing 6 and 9), pass 5 after 16 (…)": the same
    /// cut said once.
    void restarts() {
        struct Same {
            Tick after;
            std::string mark;
            std::vector<int> numbers;
            std::vector<Eighths> from, leaves;
        };
        std::vector<Same> all;
        for (const PassPerformance& pass : m_landing.performance.passes) {
            if (!pass.cut || pass.roles.empty()) continue;
            const Pass& written = m_routine.passes[pass.index];
            std::string mark = marked(pass, !written.restart && !pass.cutByPin);
            if (pass.cutByPin)
                mark += ", cut by the start of the next";
            else if (pass.exceptions.restart && pass.exceptions.restart->turnOn && !pass.cutTurns.empty())
                mark += ", the turn danced to its end";
            auto same = std::find_if(all.begin(), all.end(),
                                     [&](const Same& s) { return s.after == pass.counts && s.mark == mark; });
            if (same == all.end()) same = all.insert(all.end(), {pass.counts, mark, {}, {}, {}});
            same->numbers.push_back(pass.number);
            same->from.push_back(pass.roles.front().facingIn);
            same->leaves.push_back(pass.roles.front().facingOut);
        }
        std::vector<std::string> words;
        for (const Same& s : all) {
            const bool one = s.numbers.size() == 1;
            words.push_back(passes(s.numbers) + " after " + toSpokenCount(s.after) + " (" + (one ? "begins" : "begin") +
                            " facing " + facingsOf(m_routine.formation, s.from) + ", " + (one ? "leaves" : "leave") +
                            " facing " + facingsOf(m_routine.formation, s.leaves) + ")" + s.mark);
        }
        if (!words.empty()) m_restarts = "Restart: " + listWith(words);
    }

    std::string figure(FigureId id) const {
        const Figure* found = findFigure(m_routine, id);
        return found && !found->name.empty() ? found->name : "steps";
    }

    std::string placed(PlacementId id) const {
        for (const Part& part : m_routine.parts)
            for (std::size_t i = 0; i < part.figures.size(); ++i)
                if (part.figures[i].id == id) {
                    if (part.figures[i].part.valid()) return "part " + findPart(m_routine, part.figures[i].part)->name;
                    return figure(part.figures[i].figure);
                }
        return "a figure";
    }

    void of(const PassPerformance& pass) {
        const PassExceptions& e = pass.exceptions;
        const Pass& written = m_routine.passes[pass.index];
        const std::string who = number(pass);
        if (pass.tag > Tick{})
            add("Tag", countsInWords(pass.tag) + " after " + who +
                           (e.tag && e.tag->figure.valid() ? ", " + figure(e.tag->figure) : "") +
                           (e.tag && e.tag->countFromOne ? ", then count from 1" : "") + marked(pass, !written.tag));
        if (e.lastChangeIsTouch) add("Last step a touch", who + marked(pass, !written.lastChangeIsTouch));
        for (const FigureSpan& span : m_landing.performance.readingOf(pass).figures)
            if (span.bridge && span.start < pass.counts)
                add("Bridge", countsInWords(span.length) + " in " + who + " after " + toSpokenCount(span.start) +
                                  (span.figure.valid() ? ", " + figure(span.figure) : "") +
                                  marked(pass, written.bridges.size() < e.bridges.size()));
        using Kind = FigureChange::Kind;
        for (const FigureChange& c : e.changes) {
            if (c.kind == Kind::Add)
                add("Added", (c.added.part.valid() ? "part " + findPart(m_routine, c.added.part)->name
                                                   : figure(c.added.figure)) +
                                 " in " + who + (c.at.valid() ? " after " + placed(c.at) : " at its head") +
                                 marked(pass));
            if (c.kind == Kind::Drop) add("Left out", placed(c.at) + " in " + who + marked(pass));
            if (c.kind == Kind::Version)
                add("Another version", placed(c.at) + (c.version.empty() ? " as written" : " as “" + c.version + "”") +
                                           " in " + who + marked(pass));
            if (c.kind == Kind::Bars)
                add("In bars of " + std::to_string(c.bars.danced), placed(c.at) + " in " + who + marked(pass));
            if (c.kind == Kind::Mirror) add("To the other side", placed(c.at) + " in " + who + marked(pass));
            if (c.kind == Kind::Exchange) add("Places exchanged", placed(c.at) + " in " + who + marked(pass));
        }
        if (e.mirrored) add("To the other side", who + marked(pass));
        if (e.exchanged) add("Places exchanged", who + marked(pass));
        if (pass.wait > Tick{} && pass.number > 1)
            add("Wait", countsInWords(pass.wait) + " before " + who +
                            (written.pinned ? ", which starts " + toWords(*written.pinned) : "") + marked(pass));
        if (e.ending)
            add(e.ending->danced ? "Ending" : "Optional ending, not danced",
                who + " after " + toSpokenCount(e.ending->after) + ", part " +
                    findPart(m_routine, e.ending->part)->name + marked(pass));
        if (e.canon)
            add("Canon", who + ", entering " + countsInWords(e.canon->apart) + " apart" +
                             (e.canon->ripple ? ", every role finishes" : ", all end together") + marked(pass));
        if (written.pinned && pass.wait == Tick{}) add("Pinned", who + " starts " + toWords(*written.pinned));
    }

    const Routine& m_routine;
    const Landing& m_landing;
    std::string m_restarts;
    std::vector<std::pair<std::string, std::vector<std::string>>> m_kinds; // in the order in which they first occur
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
    for (const auto& part : parts) {
        if (part->length == Tick{} && parts.size() > 1) continue;
        header.length += (header.length.empty() ? "" : ", ") +
                         (parts.size() > 1 ? findPart(document.routine, part->part)->name + " " : std::string()) +
                         countsInWords(part->length);
    }
    const bool inLines = document.routine.formation == Formation::Rows ||
                         document.routine.formation == Formation::Solo; // couples and rings have no walls
    if (const auto walls = inLines ? wallsOf(landing.performance) : std::nullopt)
        header.walls = *walls == 1 ? "one wall" : std::to_string(*walls) + " walls";
    header.level = document.routine.level;
    if (const auto tempo = medianTempo(*document.map)) header.tempo = std::to_string(std::lround(*tempo)) + " bpm";
    if (!landing.performance.passes.empty() && landing.performance.start > Tick{}) {
        header.intro = "intro " + countsInWords(landing.performance.start);
        if (const auto seconds = landing.grid.secondsAt(landing.performance.start))
            header.intro += " (" + clockText(*seconds) + ")";
    }
    header.exceptions = Exceptions(document.routine, landing).sentences();
    return header;
}

std::string headerLine(const SheetHeader& header) {
    std::string out;
    for (const std::string* word : {&header.length, &header.walls, &header.level, &header.tempo, &header.intro})
        if (!word->empty()) out += (out.empty() ? "" : ", ") + *word;
    return out;
}

std::string exceptionsInWords(const Document& document, const Landing& landing) {
    std::string text;
    for (const std::string& sentence : Exceptions(document.routine, landing).sentences())
        text += (text.empty() ? "" : " ") + sentence + ".";
    return text;
}

std::vector<std::string> memoryMarks(const Document& document, const Landing& landing, std::size_t index) {
    std::vector<std::string> marks;
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
        marks.push_back("the one in " + here);
    for (const CountStop& stop : grid.stops()) {
        if (stop.end <= pass.start && stop.end > pass.start - counts(16)) marks.push_back("the one after the stop");
        if (stop.start >= pass.start && stop.start < pass.end()) marks.push_back("the one with the stop in it");
    }
    const auto from = grid.secondsAt(pass.start - counts(8) < Tick{} ? Tick{} : pass.start - counts(8));
    const auto to = grid.secondsAt(pass.end());
    for (const Moment& moment : document.moments)
        if (from && to && moment.at >= *from && moment.at < *to && marks.size() < 4)
            marks.push_back("by “" + moment.text + "”");
    if (index > 0 && !label(all[index - 1]).empty() && label(all[index - 1]) != here)
        marks.push_back("the one after " + label(all[index - 1]));
    if (!pass.roles.empty()) {
        const int facing = facingIndex(pass.roles.front().facingIn);
        if (!others([&](const PassPerformance& p) {
                return !p.roles.empty() && facingIndex(p.roles.front().facingIn) == facing;
            }))
            marks.push_back("the only one that begins facing " + facingInWords(document.routine.formation, {facing}));
    }
    if (index + 1 == all.size()) marks.push_back("the last one");
    if (const Part* part = findPart(document.routine, pass.part)) {
        static const std::string ordinals[] = {"first", "second", "third",   "fourth",
                                               "fifth", "sixth",  "seventh", "eighth"};
        const auto nth = std::count_if(all.begin(), all.begin() + static_cast<std::ptrdiff_t>(index),
                                       [&](const PassPerformance& p) { return p.part == pass.part; });
        if (nth < 8) marks.push_back("the " + ordinals[nth] + " " + part->name);
    }
    if (marks.size() > 5) marks.resize(5);
    return marks;
}

} // namespace lc
