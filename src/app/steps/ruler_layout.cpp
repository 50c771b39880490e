#include "app/steps/ruler_layout.h"

#include "app/base/qtext.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace lc::app {

namespace {

/// A column for what falls before count 1, as wide as a count.
bool hasPickup(const FigureReading& figure) {
    return std::any_of(figure.roles.begin(), figure.roles.end(), [](const RoleReading& r) {
        return !r.line.actions.empty() && r.line.actions.front().at < Tick{};
    });
}

} // namespace

double rulerX(const RulerLayout& layout, const RulerLine& line, Tick at) {
    return line.area.left() + (layout.tempo.meanCounts(at) - layout.tempo.meanCounts(line.from)) * layout.countWidth;
}

RulerLayout layOutRuler(const FigureReading& figure, std::optional<Tick> claimed, SayAs say, Tick musicStart,
                        std::int64_t set, double secondsPerCount, const RulerMeasures& m) {
    RulerLayout out;
    const Tick start = hasPickup(figure) ? counts(-1) : Tick{};
    const Tick built = figure.length;
    const Tick shown = std::max({built, claimed.value_or(Tick{}), counts(1)});
    const std::int64_t whole = wholeCounts(shown + Tick{ticksPerCount - 1});
    const std::int64_t perLine = std::max<std::int64_t>(1, m.perLine);
    const std::int64_t columns = std::max<std::int64_t>(perLine, 1) + (start < Tick{} ? 1 : 0);
    out.countWidth = std::floor((m.width - m.names) / static_cast<double>(columns));
    out.tempo = CountTempo(secondsPerCount, m.weights).startingOn(musicStart);

    std::map<Tick, QString> spoken; // of the first role; the others' sub-beats stand in their lanes
    std::map<Tick, QString> letters;
    for (const RoleReading& role : figure.roles) {
        for (const SaidCount& said : sayCounts(role.line, say, figure.choices, musicStart, set)) {
            spoken.try_emplace(said.at, q(said.text));
            if (!isWhole(said.at)) letters.try_emplace(said.at, q(said.text));
        }
    }
    out.fractions = !letters.empty();
    const double above = m.rulerHeight + (out.fractions ? m.fractionHeight : 0);
    const double lineHeight =
        above + m.laneHeight * static_cast<double>(std::max<std::size_t>(1, figure.roles.size())) + m.footHeight;
    for (std::int64_t c = 0; c < whole; c += perLine) {
        RulerLine line;
        line.from = c == 0 ? start : counts(c);
        line.to = counts(c + perLine);
        const double left = m.names + (c > 0 && start < Tick{} ? out.countWidth : 0); // the 1s stand under each other
        line.area =
            QRectF(left, out.height, (out.tempo.meanCounts(line.to) - out.tempo.meanCounts(line.from)) * out.countWidth,
                   lineHeight);
        out.lines.push_back(line);
        out.height += lineHeight + m.gap;
    }
    out.height -= m.gap;

    for (const RulerLine& line : out.lines) {
        for (std::int64_t c = wholeCounts(line.from); c < wholeCounts(line.to); ++c) {
            const Tick at = counts(c);
            const std::int64_t music = wholeCounts(musicStart) - 1 + c;
            const std::int64_t inSet = ((music % set) + set) % set;
            RulerNumber number;
            number.cell = QRectF(rulerX(out, line, at), line.area.top(),
                                 rulerX(out, line, at + counts(1)) - rulerX(out, line, at), m.rulerHeight);
            const auto said = spoken.find(at);
            number.spoken = said != spoken.end() && at < built;
            number.text = said != spoken.end()                               ? said->second
                          : say == SayAs::Figure                             ? QString::number(c + 1)
                          : say == SayAs::Stepped || say == SayAs::SlowQuick ? QString()
                                                                             : QString::number(inSet + 1);
            number.strong = inSet == 0 || (set % 2 == 0 && inSet == set / 2);
            if (at >= Tick{}) out.numbers.push_back(number);
        }
        for (const auto& [at, letter] : letters) {
            if (at < line.from || at >= line.to) continue;
            const Tick part = at - counts(wholeCounts(at));
            RulerNumber number;
            number.cell = QRectF(rulerX(out, line, at), line.area.top(),
                                 rulerX(out, line, at - part + counts(1)) - rulerX(out, line, at), m.rulerHeight);
            number.text = letter;
            number.fraction = q(toSpokenCount(part));
            number.milliseconds = QStringLiteral("%1 ms").arg(
                std::llround((out.tempo.seconds(at) - out.tempo.seconds(at - part)) * 1000));
            out.numbers.push_back(number);
        }
        for (std::size_t r = 0; r < figure.roles.size(); ++r) {
            const double top = line.area.top() + above + m.laneHeight * static_cast<double>(r);
            const auto& actions = figure.roles[r].line.actions;
            for (std::size_t a = 0; a < actions.size(); ++a) {
                if (actions[a].at < line.from || actions[a].at >= line.to) continue;
                const Tick end = std::min(actions[a].end(), line.to);
                RulerMark mark;
                mark.role = r;
                mark.action = a;
                mark.cell = QRectF(rulerX(out, line, actions[a].at), top,
                                   rulerX(out, line, end) - rulerX(out, line, actions[a].at), m.laneHeight);
                mark.subBeat = !isWhole(actions[a].at) || actions[a].length < counts(1);
                mark.carried = actions[a].end() > line.to;
                out.marks.push_back(mark);
            }
        }
        const Tick from = std::max(built, line.from), to = std::min(claimed.value_or(Tick{}), line.to);
        if (from < to)
            out.missing.emplace_back(rulerX(out, line, from) + 2, line.area.top() + above + 2,
                                     rulerX(out, line, to) - rulerX(out, line, from) - 4,
                                     m.laneHeight * static_cast<double>(std::max<std::size_t>(1, figure.roles.size())) -
                                         4);
        for (const MeetPoint& meet : figure.meetPoints)
            if (meet.at > line.from && meet.at <= line.to)
                out.meets.emplace_back(
                    QRectF(rulerX(out, line, meet.at) - 4, line.area.bottom() - m.footHeight - 4, 8, 8), meet.met);
    }
    return out;
}

} // namespace lc::app
