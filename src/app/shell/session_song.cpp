// What the session knows of the song, and what it is told about it.
#include "app/shell/session.h"

#include "app/shell/session_reading.h"

#include "audio/carried_map.h"
#include "core/base/files.h"
#include "core/exchange/map_import.h"
#include "core/song/structure_text.h"
#include "core/song/unmatched_doubts.h"

#include <QFileInfo>

#include <algorithm>

namespace lc::app {

namespace {
QString q(const std::string& text) { return QString::fromStdString(text); }
} // namespace

void Session::takeHeard(const QString& path, const std::shared_ptr<const HeardSong>& heard) {
    if (path != pathOf(document().song.path)) return;
    m_heard = heard;
    m_doubtsFor.reset();
    refreshDoubts();
}

/// The doubts belong to the facts: found again when those change, be it by undo. About 100 ms for three minutes of music; those of before stand meanwhile.
void Session::refreshDoubts() {
    if (!solvesAnew()) {
        m_doubter.drop();
        m_doubtsFor.reset();
        auto doubts = unmatchedDoubts(*document().map, document().unmatched, document().facts);
        if (doubts == m_doubts) return;
        m_doubts = std::move(doubts);
        return Q_EMIT doubtsChanged();
    }
    if (m_doubtsFor == document().facts) return;
    m_doubtsFor = document().facts;
    m_doubter.start([heard = m_heard, facts = document().facts](const Task&) { return solveSong(*heard, facts); },
                    [this](Result<SongReading> reading) {
                        m_doubts = reading ? std::move(reading->doubts) : std::vector<SongDoubt>{};
                        Q_EMIT doubtsChanged();
                    });
}

void Session::state(const std::vector<SongFact>& facts, const QString& name, const std::vector<std::size_t>& forget) {
    std::vector<SongFact> forgotten;
    for (const std::size_t i : forget)
        if (i < document().facts.size()) forgotten.push_back(document().facts[i]);
    stateThen(facts, name, forgotten, {});
}

void Session::stateThen(const std::vector<SongFact>& facts, const QString& name, const std::vector<SongFact>& forget, std::function<void()> then) {
    endHearing();
    m_statements.push_back({facts, forget, name, std::move(then)});
    if (m_statements.size() == 1) workInNext();
    Q_EMIT solvingChanged();
}

/// Works in the first of the statements that wait. They are worked in one after another: each around all that were worked in before it.
void Session::workInNext() {
    while (!m_statements.empty()) {
        const Statement& statement = m_statements.front();
        std::vector<SongFact> all;
        for (const SongFact& fact : document().facts)
            if (std::find(statement.forget.begin(), statement.forget.end(), fact) == statement.forget.end()) all.push_back(fact);
        for (const SongFact& fact : statement.facts) all = addFact(std::move(all), fact);
        const auto finish = [this](bool done) {
            const Statement finished = std::move(m_statements.front());
            m_statements.pop_front();
            if (done && finished.then) finished.then();
            Q_EMIT solvingChanged();
        };
        if (!solvesAnew()) { // the map is typed, imported or carried: what is stated is put into it
            std::vector<Edit> edits;
            for (std::size_t i = document().facts.size(); i-- > 0;)
                if (std::find(statement.forget.begin(), statement.forget.end(), document().facts[i]) != statement.forget.end()) edits.emplace_back(ForgetFact{i});
            for (const SongFact& fact : statement.facts) edits.emplace_back(StateFact{fact});
            finish(edit(edits, statement.name));
            continue;
        }
        m_solver.start([heard = m_heard, all](const Task&) { return solveSong(*heard, all); },
                       [this, finish, all, heard = m_heard, before = document().facts](Result<SongReading> reading) {
                           if (heard != m_heard || before != document().facts) return workInNext(); // the song was changed meanwhile, by undo or otherwise: anew around what holds now
                           if (!reading) {
                               Q_EMIT told(q(reading.error().message));
                               finish(false);
                               return workInNext();
                           }
                           m_doubter.drop();
                           m_doubts = std::move(reading->doubts);
                           m_doubtsFor = all;
                           const bool done = edit({SolveAround{all, std::make_shared<const SongMap>(std::move(reading->solved))}}, m_statements.front().name);
                           if (!done) m_doubtsFor.reset();
                           Q_EMIT doubtsChanged();
                           finish(done);
                           workInNext();
                       });
        return;
    }
}

void Session::hearReading(std::size_t doubt, std::size_t reading) {
    if (doubt >= m_doubts.size() || reading >= m_doubts[doubt].readings.size()) return;
    std::vector<SongFact> facts = document().facts;
    for (const SongFact& fact : m_doubts[doubt].readings[reading].facts) facts = addFact(std::move(facts), fact);
    m_hearer.start(
        [heard = solvesAnew() ? m_heard : nullptr, detected = document().detected, facts](const Task&) -> Result<SongMap> {
            if (!heard) return withFacts(*detected, facts);
            auto solved = solveSong(*heard, facts);
            if (!solved) return tl::unexpected(solved.error());
            return std::move(solved->map);
        },
        [this, start = m_doubts[doubt].start](const Result<SongMap>& solved) {
            if (!solved) return Q_EMIT told(q(solved.error().message));
            hearMap(*solved, start);
        });
}

/// Four bars of a map from the bar before a place, with clicks, again and again.
void Session::hearMap(const SongMap& map, Seconds place) {
    const CountGrid grid(map, map.metre == document().map->metre ? document().scheme : usualScheme(map));
    if (!m_hearing) m_loopBefore = m_loop;
    m_player->setClicks(clicksFor(grid));
    m_player->setClicksHeard(true);
    const double start = std::max(place, map.beats.empty() ? 0.0 : map.beats.front().time);
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
    m_hearer.drop();
    if (!m_hearing) return;
    m_hearing = false;
    if (m_player->playing()) m_player->pause();
    m_player->setClicksHeard(m_clicksHeard);
    passClicks();
    if (m_loopBefore) setLoop(std::exchange(m_loopBefore, std::nullopt));
    if (const auto at = m_landing->grid.tickAt(m_player->position())) m_caret = *at;
    Q_EMIT playingChanged();
    Q_EMIT nowMoved();
}

bool Session::setStructure(const TypedStructure& typed) {
    auto map = mapFromStructure(typed.text, typed.bpm, typed.metre, typed.offset);
    if (!map) {
        Q_EMIT told(q(map.error().message));
        return false;
    }
    return edit({SetMap{std::make_shared<const SongMap>(std::move(*map)), MapOrigin::Typed, typed}}, tr("typed structure"));
}

void Session::importMap(const QString& path) {
    const auto read = [](const std::string& file, const Task& task) -> Result<ImportedMap> {
        const auto bytes = readFile(file, mostTextBytes, task);
        if (!bytes) return tl::unexpected(bytes.error());
        return lc::importMap(*bytes, file);
    };
    readThen(path, read, [this, path](ImportedMap imported) {
        const auto phrases = static_cast<int>(imported.map.phrases.size());
        if (!edit({SetMap{std::make_shared<const SongMap>(std::move(imported.map)), MapOrigin::Imported, std::nullopt}}, tr("imported map"))) return;
        const auto beats = document().map->beats.size();
        Q_EMIT told(imported.note.empty() ? tr("%1 beats in %2 were read from “%3”.").arg(beats).arg(phrases == 1 ? tr("one phrase") : tr("%1 phrases").arg(phrases), readable(QFileInfo(path).fileName())) : q(imported.note));
    });
}

void Session::importLyrics(const QString& path) {
    struct Lines {
        std::vector<LyricLine> lines;
        std::string note;
    };
    const auto read = [](const std::string& file, const Task& task) -> Result<Lines> {
        const auto text = readTextFile(file, mostTextBytes, task);
        if (!text) return tl::unexpected(text.error());
        auto lines = readLyrics(text->text);
        if (!lines) return tl::unexpected(lines.error());
        return Lines{std::move(*lines), text->note(shownName(file))};
    };
    readThen(path, read, [this](const Lines& got) {
        if (!edit({SetLyrics{got.lines}}, tr("lines of words"))) return;
        const QString done = got.lines.size() == 1 ? tr("One line of words is marked in the song.") : tr("%1 lines of words are marked in the song.").arg(got.lines.size());
        Q_EMIT told(got.note.empty() ? done : done + QLatin1Char(' ') + q(got.note));
    });
}

void Session::stateTaps(const TapFit& fit, TapTarget target, const Metre& metre) {
    const QString about = tr("%1 bpm tapped").arg(QString::number(60 / fit.period * (target == TapTarget::Ones ? metre.beats : 1), 'f', 1));
    if (!solvesAnew() || document().map->beats.empty()) return tapsIntoMap(fit, target, metre, about);
    m_tapper.start([heard = m_heard, stated = document().facts, fit, target](const Task&) { return factsFromTaps(*heard, stated, fit, target); },
                   [this, about](const Result<std::vector<SongFact>>& facts) {
                       if (!facts) return Q_EMIT told(q(facts.error().message));
                       if (facts->empty()) {
                           Q_EMIT told(tr("Your taps agree with what was heard (%1).").arg(about));
                           return Q_EMIT tapsTaken();
                       }
                       stateThen(*facts, tr("taps"), {}, [this, about, n = facts->size()] {
                           Q_EMIT told(n == 1 ? tr("One statement made the song agree with your taps (%1).").arg(about) : tr("%1 statements made the song agree with your taps (%2).").arg(n).arg(about));
                           Q_EMIT tapsTaken();
                       });
                   });
}

/// A song that was not heard is counted by the taps alone.
void Session::tapsIntoMap(const TapFit& fit, TapTarget target, const Metre& metre, const QString& about) {
    const Seconds end = m_sound ? m_sound->seconds() : fit.places.back() + fit.period;
    auto map = mapFromTaps(fit, target == TapTarget::Ones ? metre.beats : 1, metre, end);
    if (!map) return Q_EMIT told(q(map.error().message));
    if (!edit({SetMap{std::make_shared<const SongMap>(std::move(*map)), MapOrigin::Tapped, std::nullopt}}, tr("taps"))) return;
    Q_EMIT told(tr("The song is counted by your taps (%1), %2 counts in all.").arg(about).arg(m_landing->grid.countsInSong()));
    Q_EMIT tapsTaken();
}

SongReference Session::referenceTo(const LoadedSong& song) {
    return {fileName(song.path), song.print.bytes, song.print.hash, song.sound->seconds(), song.title.toStdString(), song.artist.toStdString()};
}

void Session::carryTo(const QString& path) {
    if (!m_heard) return Q_EMIT told(tr("The recording at hand has not been heard, so nothing can be matched with it. Find its file first (Song, Find the song file)."));
    m_carryFrom = m_heard;
    m_loader.load(QFileInfo(path).absoluteFilePath(), true);
}

/// Works out the map on the recording just read. About a third of a second for songs of three minutes. Should the map or what is stated change meanwhile, it is worked out anew.
void Session::carry(const std::shared_ptr<LoadedSong>& song, const std::shared_ptr<const HeardSong>& from) {
    m_carrier.start([song, from, map = document().map, facts = document().facts](const Task&) { return carryMap(*map, facts, from->features, *song->heard); },
                    [this, song, from, map = document().map, facts = document().facts](Result<CarriedMap> carried) {
                        if (map != document().map || facts != document().facts) return carry(song, from);
                        if (!carried) return Q_EMIT told(q(carried.error().message));
                        takeCarried(*song, std::move(*carried));
                    });
}

void Session::takeCarried(const LoadedSong& song, CarriedMap carried) {
    SetCarried change{referenceTo(song), std::make_shared<const SongMap>(std::move(carried.map)), std::move(carried.facts), {}, std::move(carried.unmatched), {}};
    int lost = static_cast<int>(carried.lost.size());
    for (Moment moment : document().moments) {
        const auto at = carried.match.carried(moment.at);
        if (!at) ++lost;
        else {
            moment.at = *at;
            change.moments.push_back(std::move(moment));
        }
    }
    if (const auto start = document().routine.startAt) change.startAt = carried.match.carried(*start);
    Seconds missing = 0;
    for (const SongSpan& span : carried.missing) missing += span.to - span.from;
    QString sentence = tr("The map was carried over to “%1”.").arg(song.title);
    if (missing > 0) sentence += tr(" It lacks %1 s of the other recording.").arg(std::lround(missing));
    if (change.unmatched.size() == 1) sentence += tr(" One place could not be matched: see the doubts.");
    if (change.unmatched.size() > 1) sentence += tr(" %1 places could not be matched: see the doubts.").arg(change.unmatched.size());
    if (lost == 1) sentence += tr(" One statement about music that is not there was left behind.");
    if (lost > 1) sentence += tr(" %1 statements about music that is not there were left behind.").arg(lost);
    takeSound(song);
    m_heard = song.heard;
    m_doubtsFor.reset();
    edit({std::move(change)}, tr("another recording of the song"));
    m_caret = m_landing->performance.start;
    passClicks();
    Q_EMIT told(song.warning.isEmpty() ? sentence : sentence + QLatin1Char(' ') + song.warning);
    Q_EMIT songReady();
}

} // namespace lc::app
