#include "app/listen/hand_statements.h"

#include "app/base/qtext.h"
#include "app/base/session.h"

#include <algorithm>
#include <cmath>

namespace lc::app {

std::optional<double> HandStatements::beatAtCaret() const {
    const SongMap& map = *m_session.doc.document().map;
    const auto seconds = m_session.doc.landing().grid.secondsAt(m_session.transport.now());
    if (!seconds || map.beats.empty()) {
        Q_EMIT m_session.messages.told(tr("Put the caret on a count of the song first."));
        return std::nullopt;
    }
    return map.beats[nearestBeat(map, *seconds)].time;
}

std::optional<std::size_t> HandStatements::barAtCaret() const {
    const SongMap& map = *m_session.doc.document().map;
    const CountCell* cell = m_session.doc.landing().grid.cellAt(m_session.transport.now());
    if (!cell || cell->bar < 0 || static_cast<std::size_t>(cell->bar) >= map.bars.size()) {
        Q_EMIT m_session.messages.told(tr("Put the caret into a bar of the song first."));
        return std::nullopt;
    }
    return static_cast<std::size_t>(cell->bar);
}

void HandStatements::thisIsAOne() {
    if (const auto at = beatAtCaret()) m_session.song.state({OneFact{*at}});
}

void HandStatements::shiftOne(int beats) {
    const SongMap& map = *m_session.doc.document().map;
    if (map.bars.empty()) return;
    const auto target = static_cast<std::ptrdiff_t>(map.bars.front().firstBeat) + beats;
    // Before the first beat there is none: the 1 a bar later moved back by one beat says the same.
    const std::ptrdiff_t place = target >= 0 ? target : target + map.bars.front().beats;
    if (static_cast<std::size_t>(place) >= map.beats.size()) return;
    std::vector<std::size_t> forget;
    for (std::size_t i = 0; i < m_session.doc.document().facts.size();
         ++i) // an earlier shift of the whole song is replaced
        if (const auto* one = std::get_if<OneFact>(&m_session.doc.document().facts[i]);
            one &&
            (std::abs(one->at - map.beats[map.bars.front().firstBeat].time) < 0.1 ||
             std::abs(one->at - map.beats[map.bars[map.bars.size() - 2 + (map.bars.size() < 2)].firstBeat].time) < 0.1))
            forget.push_back(i);
    std::vector<SongFact> ones{OneFact{map.beats[static_cast<std::size_t>(place)].time}};
    if (map.bars.size() >
        3) // the last full bar as well: between two statements that shift alike the whole song is shifted
        if (const auto last = static_cast<std::ptrdiff_t>(map.bars[map.bars.size() - 2].firstBeat) + beats;
            last < static_cast<std::ptrdiff_t>(map.beats.size()))
            ones.push_back(OneFact{map.beats[static_cast<std::size_t>(last)].time});
    m_session.song.state(ones, beats > 0 ? tr("every 1 a beat later") : tr("every 1 a beat earlier"), forget);
}

void HandStatements::thisBarHas(int beats) {
    const SongMap& map = *m_session.doc.document().map;
    if (const auto bar = barAtCaret())
        m_session.song.state({BarFact{map.beats[map.bars[*bar].firstBeat].time, beats, {}}});
}

void HandStatements::phraseStartsHere() {
    if (const auto at = beatAtCaret()) m_session.song.state({PhraseFact{*at, std::nullopt}});
}

void HandStatements::noPhraseStartsHere() {
    const SongMap& map = *m_session.doc.document().map;
    const auto bar = barAtCaret();
    if (!bar) return;
    const auto phrase = phraseOfBar(map, *bar);
    if (!phrase || *phrase == 0)
        return Q_EMIT m_session.messages.told(tr("The first phrase has none before it to belong to."));
    const Phrase& before = map.phrases[*phrase - 1];
    const int beats = beatsIn(map, before) + beatsIn(map, map.phrases[*phrase]);
    std::vector<std::size_t> forget;
    const double here = map.beats[firstBeatOf(map, map.phrases[*phrase])].time;
    for (std::size_t i = 0; i < m_session.doc.document().facts.size(); ++i) // a statement to the contrary is taken back
        if (const auto* fact = std::get_if<PhraseFact>(&m_session.doc.document().facts[i]);
            fact && std::abs(fact->at - here) < 0.07)
            forget.push_back(i);
    m_session.song.state({PhraseFact{map.beats[firstBeatOf(map, before)].time, beats}}, tr("no phrase starts here"),
                         forget);
}

void HandStatements::halfAsFast() { changePulse(-2); }
void HandStatements::twiceAsFast() { changePulse(2); }

/// A song that was heard is solved again at the other tempo; a typed one has its beats thinned out or filled up.
void HandStatements::changePulse(int factor) {
    const auto tempo = medianTempo(*m_session.doc.document().map);
    if (!m_session.song.solvesAnew() || !tempo) {
        m_session.doc.edit(StateFact{PulseFact{factor}});
        return;
    }
    m_session.song.state({TempoFact{std::round(*tempo * (factor == 2 ? 20 : 5)) / 10}},
                         factor == 2 ? tr("twice as many beats") : tr("half as many beats"));
}

void HandStatements::setMetre(const QString& metre) {
    const auto read = parseMetre(metre.toStdString());
    if (read) m_session.song.state({MetreFact{*read}});
}

void HandStatements::namePhrase(const QString& name) {
    const CountCell* cell = m_session.doc.landing().grid.cellAt(m_session.transport.now());
    if (!cell || cell->phrase < 0 || name.isEmpty()) return;
    m_session.song.state({NameFact{m_session.doc.landing().grid.phrases()[static_cast<std::size_t>(cell->phrase)].start,
                                   name.toStdString()}});
}

void HandStatements::aBeatIsHere() {
    // While the song plays the ear is at the sound; while it stands the caret is on a count.
    const auto at = m_session.transport.player().playing()
                        ? Result<Seconds>(m_session.transport.player().position())
                        : m_session.doc.landing().grid.secondsAt(m_session.transport.now());
    if (!at) return Q_EMIT m_session.messages.told(tr("Put the caret on a count of the song first."));
    m_session.song.state({BeatFact{std::round(*at * 1000) / 1000}});
}

void HandStatements::nudge(int milliseconds) { m_session.song.state({NudgeFact{milliseconds / 1000.0}}, tr("nudge")); }

void HandStatements::forgetAll() {
    std::vector<std::size_t> all(m_session.doc.document().facts.size());
    for (std::size_t i = 0; i < all.size(); ++i) all[i] = i;
    if (!all.empty()) m_session.song.state({}, tr("forget everything that was said"), all);
}

void HandStatements::stop(Seconds from, Seconds to, int counts) { m_session.song.state({StopFact{from, to, counts}}); }
void HandStatements::heldBeat(Seconds from, Seconds to) { m_session.song.state({FermataFact{from, to}}); }
void HandStatements::tempoWithin(Seconds from, Seconds to, Bpm bpm) {
    m_session.song.state({TempoFact{bpm, SongSpan{from, to}}});
}

void HandStatements::metreWithin(Seconds from, Seconds to, const QString& metre) {
    const auto read = parseMetre(metre.toStdString());
    if (!read) return Q_EMIT m_session.messages.told(q(read.error().message));
    m_session.song.state({MetreFact{*read, SongSpan{from, to}}});
}

void HandStatements::markMoment(MomentKind kind, const QString& text) {
    const auto at = m_session.doc.landing().grid.secondsAt(m_session.transport.now());
    if (!at) return Q_EMIT m_session.messages.told(tr("Put the caret on a count of the song first."));
    m_session.doc.edit(AddMoment{*at, kind, text.toStdString()});
}

} // namespace lc::app
