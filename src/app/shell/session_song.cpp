// What the session knows of the song, and what it is told about it.
#include "app/shell/session.h"

#include "audio/carried_map.h"
#include "core/exchange/map_import.h"
#include "core/song/structure_text.h"
#include "core/song/unmatched_doubts.h"

#include <QFile>
#include <QFileInfo>

#include <algorithm>

namespace lc::app {

namespace {
QString q(const std::string& text) { return QString::fromStdString(text); }

Result<std::string> bytesOf(const QString& path) {
    constexpr qint64 most = 20 * 1024 * 1024; // a map of hours is a hundredth of it
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) return fail(ErrorCode::NotFound, "There is no file “" + QFileInfo(path).fileName().toStdString() + "” that can be read.");
    if (file.size() > most) return fail(ErrorCode::Unreadable, "“" + QFileInfo(path).fileName().toStdString() + "” is too large for a song map. Is it a recording? Use Open a song.");
    return file.readAll().toStdString();
}
} // namespace

void Session::takeHeard(const QString& path, const std::shared_ptr<const HeardSong>& heard) {
    if (path != QString::fromStdString(document().song.path)) return;
    m_heard = heard;
    m_doubtsFor.reset();
    refreshDoubts();
}

/// The doubts belong to the facts: found again when those change, be it by undo. About 100 ms.
void Session::refreshDoubts() {
    if (!solvesAnew()) {
        m_doubtsFor.reset();
        auto doubts = unmatchedDoubts(*document().map, document().unmatched, document().facts);
        if (doubts == m_doubts) return;
        m_doubts = std::move(doubts);
        return Q_EMIT doubtsChanged();
    }
    if (m_doubtsFor == document().facts) return;
    auto reading = solveSong(*m_heard, document().facts);
    m_doubts = reading ? std::move(reading->doubts) : std::vector<SongDoubt>{};
    m_doubtsFor = document().facts;
    Q_EMIT doubtsChanged();
}

bool Session::state(const std::vector<SongFact>& facts, const QString& name, const std::vector<std::size_t>& forget) {
    std::vector<SongFact> all;
    for (std::size_t i = 0; i < document().facts.size(); ++i)
        if (std::find(forget.begin(), forget.end(), i) == forget.end()) all.push_back(document().facts[i]);
    for (const SongFact& fact : facts) all = addFact(std::move(all), fact);
    endHearing();
    if (!solvesAnew()) {
        std::vector<Edit> edits;
        std::vector<std::size_t> order = forget;
        std::sort(order.rbegin(), order.rend());
        for (std::size_t i : order) edits.emplace_back(ForgetFact{i});
        for (const SongFact& fact : facts) edits.emplace_back(StateFact{fact});
        return edit(edits, name);
    }
    auto reading = solveSong(*m_heard, all);
    if (!reading) {
        Q_EMIT told(QString::fromStdString(reading.error().message));
        return false;
    }
    m_doubts = std::move(reading->doubts);
    m_doubtsFor = all;
    const bool done = edit({SolveAround{all, std::make_shared<const SongMap>(std::move(reading->solved))}}, name);
    if (!done) m_doubtsFor.reset();
    Q_EMIT doubtsChanged();
    return done;
}

void Session::hearReading(std::size_t doubt, std::size_t reading) {
    if (doubt >= m_doubts.size() || reading >= m_doubts[doubt].readings.size()) return;
    std::vector<SongFact> facts = document().facts;
    for (const SongFact& fact : m_doubts[doubt].readings[reading].facts) facts = addFact(std::move(facts), fact);
    const auto solved = mapAround(facts);
    if (!solved) return Q_EMIT told(QString::fromStdString(solved.error().message));
    const CountGrid grid(*solved, solved->metre == document().map->metre ? document().scheme : usualScheme(solved->metre));
    if (!m_hearing) m_loopBefore = m_loop;
    m_player->setClicks(clicksFor(grid));
    m_player->setClicksHeard(true);
    const SongMap& map = *solved;
    const double start = std::max(m_doubts[doubt].start, map.beats.empty() ? 0.0 : map.beats.front().time);
    std::size_t bar = 0; // the bar before the doubtful place, and three from there on
    while (bar + 1 < map.bars.size() && map.beats[map.bars[bar + 1].firstBeat].time < start - 0.01) ++bar;
    const std::size_t last = std::min(bar + 4, map.bars.size());
    const double from = map.bars.empty() ? start : map.beats[map.bars[bar].firstBeat].time;
    const double to = last < map.bars.size() ? map.beats[map.bars[last].firstBeat].time : map.end;
    m_player->setLoop(LoopSpan{from, to});
    m_player->seek(from);
    m_hearing = true;
    if (!m_player->playing() && !m_player->play()) Q_EMIT told(QString::fromStdString(m_player->problem()));
    Q_EMIT playingChanged();
}

void Session::endHearing() {
    if (!m_hearing) return;
    m_hearing = false;
    if (m_player->playing()) m_player->pause();
    m_player->setClicksHeard(m_clicksHeard);
    passClicks();
    if (m_loopBefore) setLoop(std::exchange(m_loopBefore, std::nullopt));
    if (const auto at = m_landing.grid.tickAt(m_player->position())) m_caret = *at;
    Q_EMIT playingChanged();
    Q_EMIT nowMoved();
}

Result<SongMap> Session::mapAround(const std::vector<SongFact>& facts) const {
    if (!solvesAnew()) return withFacts(*document().detected, facts);
    auto reading = solveSong(*m_heard, facts);
    if (!reading) return tl::unexpected(reading.error());
    return std::move(reading->map);
}

bool Session::setStructure(const TypedStructure& typed) {
    auto map = mapFromStructure(typed.text, typed.bpm, typed.metre, typed.offset);
    if (!map) {
        Q_EMIT told(q(map.error().message));
        return false;
    }
    return edit({SetMap{std::make_shared<const SongMap>(std::move(*map)), MapOrigin::Typed, typed}}, tr("typed structure"));
}

bool Session::importMap(const QString& path) {
    const auto bytes = bytesOf(path);
    auto imported = bytes ? lc::importMap(*bytes, QFileInfo(path).fileName().toStdString()) : tl::unexpected(bytes.error());
    if (!imported) {
        Q_EMIT told(q(imported.error().message));
        return false;
    }
    const std::size_t phrases = imported->map.phrases.size();
    if (!edit({SetMap{std::make_shared<const SongMap>(std::move(imported->map)), MapOrigin::Imported, std::nullopt}}, tr("imported map"))) return false;
    Q_EMIT told(imported->note.empty() ? tr("%1 beats in %2 phrases were read from “%3”.").arg(document().map->beats.size()).arg(phrases).arg(QFileInfo(path).fileName()) : q(imported->note));
    return true;
}

bool Session::importLyrics(const QString& path) {
    const auto bytes = bytesOf(path);
    auto lines = bytes ? readLyrics(*bytes) : tl::unexpected(bytes.error());
    if (!lines) {
        Q_EMIT told(q(lines.error().message));
        return false;
    }
    if (!edit({SetLyrics{*lines}}, tr("lines of words"))) return false;
    Q_EMIT told(tr("%1 lines of words are marked in the song.").arg(lines->size()));
    return true;
}

bool Session::stateTaps(const TapFit& fit, TapTarget target, const Metre& metre) {
    const QString about = tr("%1 bpm tapped").arg(QString::number(60 / fit.period * (target == TapTarget::Ones ? metre.beats : 1), 'f', 1));
    if (solvesAnew() && !document().map->beats.empty()) {
        const auto facts = factsFromTaps(*m_heard, document().facts, fit, target);
        if (!facts) {
            Q_EMIT told(q(facts.error().message));
            return false;
        }
        if (facts->empty()) {
            Q_EMIT told(tr("Your taps agree with what was heard (%1).").arg(about));
            return true;
        }
        const bool done = state(*facts, tr("taps"));
        if (done) Q_EMIT told(facts->size() == 1 ? tr("One statement made the song agree with your taps (%1).").arg(about) : tr("%1 statements made the song agree with your taps (%2).").arg(facts->size()).arg(about));
        return done;
    }
    const Seconds end = m_sound ? m_sound->seconds() : fit.places.back() + fit.period;
    auto map = mapFromTaps(fit, target == TapTarget::Ones ? metre.beats : 1, metre, end);
    if (!map) {
        Q_EMIT told(q(map.error().message));
        return false;
    }
    const bool done = edit({SetMap{std::make_shared<const SongMap>(std::move(*map)), MapOrigin::Tapped, std::nullopt}}, tr("taps"));
    if (done) Q_EMIT told(tr("The song is counted by your taps (%1), %2 counts in all.").arg(about).arg(m_landing.grid.countsInSong()));
    return done;
}

SongReference Session::referenceTo(const LoadedSong& song) {
    return {song.path.toStdString(), song.print.bytes, song.print.hash, song.sound->seconds(), song.title.toStdString(), song.artist.toStdString()};
}

void Session::carryTo(const QString& path) {
    if (!m_heard) return Q_EMIT told(tr("The recording at hand has not been heard, so nothing can be matched with it. Find its file first (Song, Find the song file)."));
    m_carryFrom = m_heard;
    m_loader.load(QFileInfo(path).absoluteFilePath(), true);
}

/// Makes the edit that carries everything to the recording just read. About a third of a second for songs of three minutes.
bool Session::carryNow(const LoadedSong& song) {
    const auto from = std::exchange(m_carryFrom, nullptr);
    auto carried = carryMap(*document().map, document().facts, from->features, *song.heard);
    if (!carried) {
        Q_EMIT loadingEnded();
        Q_EMIT told(q(carried.error().message));
        return false;
    }
    SetCarried edit{referenceTo(song), std::make_shared<const SongMap>(std::move(carried->map)), std::move(carried->facts), {}, std::move(carried->unmatched), {}};
    int lost = static_cast<int>(carried->lost.size());
    for (Moment moment : document().moments) {
        const auto at = carried->match.carried(moment.at);
        if (!at) ++lost;
        else {
            moment.at = *at;
            edit.moments.push_back(std::move(moment));
        }
    }
    if (const auto start = document().routine.startAt) edit.startAt = carried->match.carried(*start);
    Seconds missing = 0;
    for (const SongSpan& span : carried->missing) missing += span.to - span.from;
    QString sentence = tr("The map was carried over to “%1”.").arg(song.title);
    if (missing > 0) sentence += tr(" It lacks %1 s of the other recording.").arg(std::lround(missing));
    if (edit.unmatched.size() == 1) sentence += tr(" One place could not be matched: see the doubts.");
    if (edit.unmatched.size() > 1) sentence += tr(" %1 places could not be matched: see the doubts.").arg(edit.unmatched.size());
    if (lost > 0) sentence += tr(" %1 statements about music that is not there were left behind.").arg(lost);
    m_carried = std::move(edit);
    Q_EMIT told(sentence);
    return true;
}

} // namespace lc::app
