#include "app/base/transport.h"

#include "app/base/qtext.h"

#include <algorithm>
#include <cmath>

namespace lc::app {

Transport::Transport(DocumentSession& doc, Messages& messages, std::unique_ptr<AudioOutput> output,
                     Player::Filling filling)
    : m_doc(doc), m_messages(messages), m_player(std::make_unique<Player>(std::move(output), filling)) {
    connect(&doc, &DocumentSession::gridChanged, this, [this] {
        if (!m_sound) setSound(nullptr); // the counts' end is another
        passClicks();
    });
    connect(&doc, &DocumentSession::replacing, this, [this] {
        m_player->pause();
        m_caret = {};
    });
    connect(&doc, &DocumentSession::routineReady, this, [this](bool fromFile) {
        if (fromFile) {
            caretToStart();
            Q_EMIT nowMoved();
        }
        Q_EMIT playingChanged();
    });
    setSound(nullptr);
    passClicks();
}

void Transport::setSound(std::shared_ptr<const SongSound> sound) {
    m_sound = std::move(sound);
    m_player->setSong(m_sound, m_sound ? 0 : m_doc.document().map->end);
    if (m_sound) m_player->setSpeed(m_tempoPercent / 100.0);
}

void Transport::passClicks() {
    m_loop.reset();
    m_player->setLoop(std::nullopt);
    m_player->setClicks(clicksFor(grid()));
}

Tick Transport::inSong(Tick at) const { return std::clamp(at, counts(-grid().pickupCounts()), grid().end() - Tick{1}); }

Tick Transport::now() const {
    if (!m_player->playing() || m_hearingFigure) return m_caret;
    const double seconds = m_player->position();
    if (const auto at = grid().tickAt(seconds)) return *at;
    const auto first = m_doc.secondsOf(counts(-grid().pickupCounts()));
    return first && seconds < *first ? counts(-grid().pickupCounts()) - Tick{1} : grid().end();
}

void Transport::setCaret(Tick at) {
    if (grid().empty()) return;
    m_caret = inSong(at);
    if (const auto seconds = m_doc.secondsOf(m_caret)) m_player->seek(*seconds);
    m_lastSeconds = -1;
    Q_EMIT nowMoved();
}

void Transport::caretToStart() { m_caret = m_doc.landing().performance.start; }

void Transport::togglePlay() {
    if (m_hearingFigure) return endHearingFigure();
    if (m_hearing) return endHearing();
    if (m_player->playing()) {
        const Tick here = now();
        m_player->pause();
        if (!grid().empty()) m_caret = inSong(here);
    } else {
        if (!grid().empty())
            if (const auto seconds = m_doc.secondsOf(m_caret);
                seconds && std::abs(*seconds - m_player->position()) > 0.02)
                m_player->seek(*seconds);
        if (!m_player->play()) m_messages.tell(q(m_player->problem()));
    }
    Q_EMIT playingChanged();
    Q_EMIT nowMoved();
}

void Transport::setLoop(std::optional<std::pair<Tick, Tick>> span) {
    m_loop = span;
    std::optional<LoopSpan> seconds;
    if (span) {
        const auto from = m_doc.secondsOf(span->first);
        const auto to = m_doc.secondsOf(std::min(span->second, grid().end()));
        if (from && to)
            seconds = LoopSpan{*from, *to};
        else
            m_loop.reset();
    }
    m_player->setLoop(seconds);
    if (seconds && !m_player->playing()) {
        if (const auto at = grid().tickAt(m_player->position())) m_caret = *at;
    }
    Q_EMIT nowMoved();
    Q_EMIT playingChanged();
}

void Transport::setVolume(double volume) { m_player->setVolume(volume); }

const PassPerformance* Transport::passBeside(int way) const {
    const Tick here = now();
    const PassPerformance* found = nullptr;
    for (const PassPerformance& pass : m_doc.landing().performance.passes)
        if (way > 0 ? pass.start > here && !found : pass.start < here) found = &pass;
    return found;
}

void Transport::setTempoPercent(int percent) {
    m_tempoPercent = std::clamp(percent, slowestPercent, fastestPercent);
    m_player->setSpeed(m_tempoPercent / 100.0);
    Q_EMIT playingChanged();
}

void Transport::setClicksHeard(bool heard) {
    m_clicksHeard = heard;
    m_player->setClicksHeard(heard);
    Q_EMIT playingChanged();
}

void Transport::followClock() {
    if (!m_player->playing()) return;
    if (m_hearingFigure) {
        if (m_player->atEnd()) endHearingFigure();
        return;
    }
    if (m_player->atEnd()) {
        togglePlay();
        return;
    }
    const double seconds = m_player->position();
    if (seconds == m_lastSeconds) return;
    m_lastSeconds = seconds;
    Q_EMIT nowMoved();
}

void Transport::hearMap(const SongMap& map, Seconds place) {
    const Document& document = m_doc.document();
    const CountGrid heard(map, map.metre == document.map->metre ? document.scheme : usualScheme(map));
    if (!m_hearing) m_loopBefore = m_loop;
    m_player->setClicks(clicksFor(heard));
    m_player->setClicksHeard(true);
    const double start = std::max(place, map.beats.empty() ? 0.0 : map.beats.front().time);
    std::size_t bar = 0; // the bar before the place, and three from there on
    while (bar + 1 < map.bars.size() && map.beats[map.bars[bar + 1].firstBeat].time < start - 0.01) ++bar;
    const std::size_t last = std::min(bar + 4, map.bars.size());
    const double from = map.bars.empty() ? start : map.beats[map.bars[bar].firstBeat].time;
    const double to = last < map.bars.size() ? map.beats[map.bars[last].firstBeat].time : map.end;
    m_player->setLoop(LoopSpan{from, to});
    m_player->seek(from);
    m_hearing = true;
    if (!m_player->playing() && !m_player->play()) m_messages.tell(q(m_player->problem()));
    Q_EMIT playingChanged();
}

void Transport::endHearing() {
    if (!m_hearing) return;
    m_hearing = false;
    if (m_player->playing()) m_player->pause();
    m_player->setClicksHeard(m_clicksHeard);
    passClicks();
    if (m_loopBefore) setLoop(std::exchange(m_loopBefore, std::nullopt));
    if (const auto at = grid().tickAt(m_player->position())) m_caret = *at;
    Q_EMIT hearingEnded();
    Q_EMIT playingChanged();
    Q_EMIT nowMoved();
}

void Transport::hearFigure(std::shared_ptr<const SongSound> sound) {
    endHearing();
    if (m_player->playing() && !m_hearingFigure) m_caret = now();
    m_hearingFigure = true;
    m_player->setClicksHeard(false);
    m_player->setSong(std::move(sound), 0);
    m_player->setSpeed(1); // it was made at the tempo chosen
    m_player->seek(0);
    if (!m_player->play()) {
        m_messages.tell(q(m_player->problem()));
        return endHearingFigure();
    }
    Q_EMIT playingChanged();
}

void Transport::endHearingFigure() {
    if (!m_hearingFigure) return;
    m_hearingFigure = false;
    m_player->setSong(m_sound, m_doc.document().map->end); // pauses
    m_player->setClicksHeard(m_clicksHeard);
    m_player->setSpeed(m_tempoPercent / 100.0);
    setLoop(m_loop);
    if (const auto seconds = m_doc.secondsOf(m_caret)) m_player->seek(*seconds);
    Q_EMIT playingChanged();
    Q_EMIT nowMoved();
}

} // namespace lc::app
