// Edits of the song, its map, its moments and the way it is counted.

#include "core/edits/applier.h"
#include "core/said/word_meaning.h"

namespace lc::edits {

Result<void> Applier::operator()(const SetTitle& e) {
    document.title = e.title;
    return {};
}

Result<void> Applier::operator()(const SetSong& e) {
    if (auto valid = validate(*e.detected); !valid) return tl::unexpected(valid.error());
    document.song = e.song;
    document.detected = e.detected;
    document.map = e.detected;
    document.facts.clear();
    document.scheme = usualScheme(*e.detected);
    document.routine.startAt.reset();
    document.origin = MapOrigin::Heard;
    document.typed.reset();
    document.moments.clear();
    document.unmatched.clear();
    return {};
}

Result<void> Applier::operator()(const SetCarried& e) {
    const CountingScheme scheme = document.scheme;
    if (auto done = (*this)(SetSong{e.song, e.map}); !done) return done;
    document.origin = MapOrigin::Carried;
    document.unmatched = e.unmatched;
    document.moments = e.moments;
    document.scheme = scheme;
    document.routine.startAt = e.startAt;
    return settle(e.facts, *e.map);
}

Result<void> Applier::operator()(const SetMap& e) {
    if (auto valid = validate(*e.map); !valid) return tl::unexpected(valid.error());
    const auto before = document.map;
    document.detected = e.map;
    document.map = e.map;
    document.facts.clear();
    countAsUsual(*before);
    document.routine.startAt.reset();
    document.origin = e.origin;
    document.typed = e.typed;
    document.unmatched.clear();
    return {};
}

Result<void> Applier::operator()(const AddMoment& e) {
    return putMoment({newId<MomentTag>(document.routine), e.at, e.kind, e.text});
}

Result<void> Applier::operator()(const ChangeMoment& e) {
    if (!byId(document.moments, e.moment))
        return gone(Core::sentence("That moment is no longer there; nothing was changed."));
    std::erase_if(document.moments, [&](const Moment& m) { return m.id == e.moment; });
    return putMoment({e.moment, e.at, e.kind, e.text});
}

Result<void> Applier::operator()(const RemoveMoment& e) {
    return std::erase_if(document.moments, [&](const Moment& m) { return m.id == e.moment; }) == 0
               ? gone(Core::sentence("That moment is no longer there; nothing was changed."))
               : Done{};
}

Result<void> Applier::operator()(const SetLyrics& e) {
    std::erase_if(document.moments, [](const Moment& m) { return m.kind == MomentKind::Lyric; });
    for (const LyricLine& line : e.lines)
        if (auto done = putMoment({newId<MomentTag>(document.routine), line.at, MomentKind::Lyric, line.text}); !done)
            return done;
    return {};
}

Result<void> Applier::operator()(const MoveSongFile& e) {
    document.song.path = e.path;
    return {};
}

Result<void> Applier::operator()(const StateFact& e) {
    const auto before = document.map;
    return settle(addFact(document.facts, e.fact), *before);
}

Result<void> Applier::operator()(const ForgetFact& e) {
    if (e.index >= document.facts.size())
        return gone(Core::sentence("That fact is no longer there; nothing was changed."));
    auto facts = document.facts;
    facts.erase(facts.begin() + static_cast<std::ptrdiff_t>(e.index));
    const auto before = document.map;
    return settle(std::move(facts), *before);
}

Result<void> Applier::operator()(const SolveAround& e) {
    const auto before = document.map;
    document.detected = e.solved ? e.solved : std::make_shared<const SongMap>();
    return settle(e.facts, *before);
}

Result<void> Applier::operator()(const SetScheme& e) {
    if (e.scheme.barsPerSet < 1 || e.scheme.barsPerSet > 16)
        return fail(ErrorCode::BadValue, Core::sentence("A set has 1 to 16 bars."));
    document.scheme = e.scheme;
    return {};
}

Result<void> Applier::operator()(const SetChoices& e) {
    if (e.choices.slow <= Tick{} || e.choices.quick <= Tick{})
        return fail(ErrorCode::BadValue, Core::sentence("Slow and quick last longer than nothing."));
    const OwnWords words = document.routine.choices.words;
    document.routine.choices = e.choices;
    document.routine.choices.words = words;
    return {};
}

Result<void> Applier::operator()(const KeepWord& e) {
    auto word = checkedWord(e.word);
    if (!word) return tl::unexpected(word.error());
    document.routine.choices.words.keep(std::move(*word));
    if (document.routine.choices.words.all().size() > mostWords)
        return fail(ErrorCode::BadValue, Core::sentence("A routine has at most 2000 words of its own."));
    return {};
}

Result<void> Applier::operator()(const ForgetWord& e) {
    return document.routine.choices.words.forget(e.name, e.school)
               ? Result<void>{}
               : gone(Core::sentence("That word is no longer there; nothing was changed."));
}

Result<void> Applier::putMoment(Moment moment) {
    if (moment.text.empty())
        return fail(ErrorCode::BadValue,
                    Core::sentence("A moment needs a name in your own words, such as “the big stop”."));
    if (document.moments.size() >= mostMoments)
        return fail(ErrorCode::BadValue, Core::sentence("A song has at most 2000 moments."));
    if (!(moment.at >= 0 && moment.at < 1e6))
        return fail(ErrorCode::BadValue, Core::sentence("A moment lies in the song."));
    const auto after = std::upper_bound(document.moments.begin(), document.moments.end(), moment.at,
                                        [](Seconds at, const Moment& m) { return at < m.at; });
    document.moments.insert(after, std::move(moment));
    return {};
}

Result<void> Applier::settle(std::vector<SongFact> facts, const SongMap& before) {
    auto next = withFacts(std::move(document), std::move(facts));
    if (!next) return tl::unexpected(next.error());
    document = std::move(*next);
    countAsUsual(before);
    return {};
}

void Applier::countAsUsual(const SongMap& before) {
    if (document.map->metre != before.metre || document.scheme == usualScheme(before))
        document.scheme = usualScheme(*document.map);
}

} // namespace lc::edits
