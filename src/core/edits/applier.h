#pragma once

// Private to the files that apply edits.

#include "core/edits/edits.h"

#include <algorithm>
#include <string>

namespace lc::edits {

inline constexpr std::size_t mostRoles = 8;         // more than one screen of lanes; a bound against damaged files, too
inline constexpr std::size_t mostPasses = 5000;     // as in order_text: a bound against typing slips and damaged files
inline constexpr std::size_t mostMoments = 2000;    // a bound against damaged files, far beyond any song
inline constexpr std::size_t mostFigures = 2000;    // in a routine, and placements in a part
inline constexpr std::size_t mostWords = 2000;      // a bound against damaged files, far beyond any vocabulary
inline constexpr std::size_t mostExceptions = 2000; // bound to the music; accents

template <typename Tag>
Id<Tag> newId(Routine& routine) {
    return Id<Tag>{++routine.lastId};
}

tl::unexpected<Error> gone(Sentence why);

template <typename Container, typename IdType>
auto* byId(Container& items, IdType id) {
    const auto found = std::find_if(items.begin(), items.end(), [&](const auto& item) { return item.id == id; });
    return found == items.end() ? nullptr : &*found;
}

/// A document that edits are applied to, one after another. After an error it is thrown away.
struct Applier {
    Document document;
    Made made;

    using Done = Result<void>;

    Done operator()(const SetTitle& e);
    Done operator()(const SetSong& e);
    Done operator()(const SetMap& e);
    Done operator()(const SetCarried& e);
    Done operator()(const MoveSongFile& e);
    Done operator()(const AddMoment& e);
    Done operator()(const ChangeMoment& e);
    Done operator()(const RemoveMoment& e);
    Done operator()(const SetLyrics& e);
    Done operator()(const StateFact& e);
    Done operator()(const ForgetFact& e);
    Done operator()(const SolveAround& e);
    Done operator()(const SetScheme& e);
    Done operator()(const SetChoices& e);
    Done operator()(const KeepWord& e);
    Done operator()(const ForgetWord& e);
    Done operator()(const RenameRole& e);
    Done operator()(const AddRole& e);
    Done operator()(const RemoveRole& e);
    Done operator()(const SetFormation& e);
    Done operator()(const SetLevel& e);
    Done operator()(const AddFigure& e);
    Done operator()(const ChangeFigure& e);
    Done operator()(const RemoveFigure& e);
    Done operator()(const SetFigureLine& e);
    Done operator()(const AddPart& e);
    Done operator()(const RenamePart& e);
    Done operator()(const RemovePart& e);
    Done operator()(const DuplicatePart& e);
    Done operator()(const SetLine& e);
    Done operator()(const PlaceFigure& e);
    Done operator()(const PlaceFigures& e);
    Done operator()(const PlacePart& e);
    Done operator()(const ChangePlacement& e);
    Done operator()(const RemovePlacements& e);
    Done operator()(const InsertPlacements& e);
    Done operator()(const DuplicatePlacements& e);
    Done operator()(const MovePlacements& e);
    Done operator()(const ReversePlacements& e);
    Done operator()(const SetOrder& e);
    Done operator()(const InsertPass& e);
    Done operator()(const InsertPasses& e);
    Done operator()(const MovePass& e);
    Done operator()(const RemovePasses& e);
    Done operator()(const SetRestart& e);
    Done operator()(const SetTag& e);
    Done operator()(const SetLastChangeIsTouch& e);
    Done operator()(const SetExceptions& e);
    Done operator()(const PinPass& e);
    Done operator()(const SetMark& e);
    Done operator()(const AddMusicException& e);
    Done operator()(const ChangeMusicException& e);
    Done operator()(const RemoveMusicException& e);
    Done operator()(const BindAccent& e);
    Done operator()(const RemoveAccent& e);
    Done operator()(const SetOpening& e);
    Done operator()(const SetStart& e);
    Done operator()(const MuteFinding& e);
    Done operator()(const UnmuteFinding& e);
    Done operator()(const SettleLine& e);

private:
    Routine& routine() { return document.routine; }
    Done putMoment(Moment moment);
    Done settle(std::vector<SongFact> facts, const SongMap& before);
    void countAsUsual(
        const SongMap& before); ///< in a new metre, and where it was counted as usual, as usual in the map as it is now
    Done valid(const Placement& placement, PartId in);
    Done valid(PassExceptions& exceptions, PartId of);
    Done insertPlacement(PartId part, Placement placement, PlacementId before);
    void forgetPlacements(const std::vector<PlacementId>& gone);
    void forgetUnusedTypedFigures(const std::vector<Placement>& placements);
    void giveIds(PassExceptions& exceptions, bool fresh);
};

} // namespace lc::edits
