#pragma once

#include "core/document/document.h"
#include "core/song/lyric_line.h"

#include <string>
#include <variant>
#include <vector>

namespace lc {

// Every change of a document is one of these values; applyEdit() is a pure function from document to document.

struct SetTitle {
    std::string title;
};
/// Another recording with its map as analysed. Facts of the song before do not fit it and go.
struct SetSong {
    SongReference song;
    std::shared_ptr<const SongMap> detected;
};
/// Another map of the same song (or of none), not heard: typed, tapped, imported or carried over. Facts about the map
/// before go.
struct SetMap {
    std::shared_ptr<const SongMap> map;
    MapOrigin origin = MapOrigin::Imported;
    std::optional<TypedStructure> typed;
};
/// Another recording of the song with everything carried over to it.
struct SetCarried {
    SongReference song;
    std::shared_ptr<const SongMap> map;
    std::vector<SongFact> facts;
    std::vector<Moment> moments;
    std::vector<SongSpan> unmatched;
    std::optional<Seconds> startAt; ///< of the routine, where it had one
};
struct MoveSongFile {
    std::string path;
}; ///< the same recording, found elsewhere
struct StateFact {
    SongFact fact;
};
struct ForgetFact {
    std::size_t index = 0;
};
/// Other facts, and the map solved anew around them (before the facts are put into it).
struct SolveAround {
    std::vector<SongFact> facts;
    std::shared_ptr<const SongMap> solved;
};
struct AddMoment {
    Seconds at = 0;
    MomentKind kind = MomentKind::Hit;
    std::string text;
};
struct ChangeMoment {
    MomentId moment;
    Seconds at = 0;
    MomentKind kind = MomentKind::Hit;
    std::string text;
};
struct RemoveMoment {
    MomentId moment;
};
/// Lines of words as moments; those that were there before go.
struct SetLyrics {
    std::vector<LyricLine> lines;
};
struct SetScheme {
    CountingScheme scheme;
};
struct SetChoices {
    NotationChoices choices;
}; ///< the words stay as they are
/// A meaning for a word, checked as checkedWord() does; one of the same name and school gives way.
struct KeepWord {
    OwnWord word;
};
struct ForgetWord {
    std::string name;
    std::string school;
};
struct RenameRole {
    RoleId role;
    std::string name;
};
struct AddRole {
    std::string name;
};
struct RemoveRole {
    RoleId role;
};
struct AddPart {
    std::string name;
}; ///< empty name = the next free letter
struct RenamePart {
    PartId part;
    std::string name;
};
struct RemovePart {
    PartId part;
}; ///< with its passes
/// A figure taken into the routine, with its lines for the routine's roles; `vocabularyId` is where it comes from, if
/// anywhere.
struct AddFigure {
    FigureCard card;
    std::string vocabularyId;
};
struct ChangeFigure {
    FigureId figure;
    FigureCard card;
};
struct RemoveFigure {
    FigureId figure;
}; ///< with its placements; tags and bridges that dance it become waits
/// A figure into a part, before a placement of it, at its end where none is said. A typed part that is still empty
/// gives way.
struct PlaceFigure {
    PartId part;
    FigureId figure;
    PlacementId before = {};
};
/// A figure of the routine, or a card that becomes one: cards of one figure of the vocabulary, or without one of the
/// same name, become one figure.
struct FigureToPlace {
    FigureId figure;
    FigureCard card;
    std::string vocabularyId;
};
/// Figures one behind another, new ones taken into the routine with them.
struct PlaceFigures {
    PartId part;
    std::vector<FigureToPlace> figures;
    PlacementId before = {};
};
/// A part into a part; refused where it would come to lie inside itself.
struct PlacePart {
    PartId part;
    PartId inner;
    PlacementId before = {};
};
/// What is done to a placed figure, or another figure in its place. Its identity says which.
struct ChangePlacement {
    Placement placement;
};
struct RemovePlacements {
    std::vector<PlacementId> placements;
};
/// Places with all that is done to their figures, one behind another; their identities are given anew.
struct InsertPlacements {
    PartId part;
    std::vector<Placement> placements;
    PlacementId before = {};
};
struct DuplicatePlacements {
    std::vector<PlacementId> placements;
}; ///< copies behind the last of them
struct MovePlacements {
    std::vector<PlacementId> placements;
    PartId part;
    PlacementId before = {};
};
struct ReversePlacements {
    std::vector<PlacementId> placements;
}; ///< they change order among themselves
/// A new part with the same figures; empty name = the part's name with a prime.
struct DuplicatePart {
    PartId part;
    std::string name;
};
/// The typed steps of a part: the line of its first figure without a name, which is made where there is none.
struct SetLine {
    PartId part;
    RoleId role;
    std::string text;
};
struct SetFigureLine {
    FigureId figure;
    RoleId role;
    std::string text;
};
/// The order of passes. Passes that stay (longest common run of parts) keep their identity and their exceptions.
struct SetOrder {
    std::vector<PartId> order;
};
struct InsertPass {
    std::size_t at = 0;
    PartId part;
};
struct RemovePasses {
    std::vector<PassId> passes;
};
/// Passes put in whole, with what makes them differ (new identities): what was copied before.
struct InsertPasses {
    std::size_t at = 0;
    std::vector<Pass> passes;
};
struct MovePass {
    PassId pass;
    std::size_t to = 0;
}; ///< index it has afterwards
/// Everything that makes a pass differ from its part; bridges and added figures without an identity get one.
struct SetExceptions {
    PassId pass;
    PassExceptions exceptions;
    Sentence what;
};
struct PinPass {
    PassId pass;
    std::optional<MusicPlace> place;
};
struct SetMark {
    PassId pass;
    std::string mark;
}; ///< what its exceptions are remembered by
struct AddMusicException {
    MusicPlace place;
    PassExceptions what;
    std::string mark;
};
struct ChangeMusicException {
    MusicException exception;
};
struct RemoveMusicException {
    ExceptionId exception;
};
struct BindAccent {
    PassId pass;
    PlacementId placement;
    Tick at;
    MomentId moment;
}; ///< a count has one moment; the one before goes
struct RemoveAccent {
    AccentId accent;
};
struct SetOpening {
    OpeningStance opening;
};
struct SetFormation {
    Formation formation = Formation::Rows;
};
struct SetLevel {
    std::string level;
};
struct SetRestart {
    PassId pass;
    std::optional<Restart> restart;
};
struct SetTag {
    PassId pass;
    std::optional<Tag> tag;
};
struct SetLastChangeIsTouch {
    PassId pass;
    bool touch = true;
};
struct SetStart {
    std::optional<Seconds> at;
};
struct MuteFinding {
    FindingKey key;
    std::string reason;
};
struct UnmuteFinding {
    FindingKey key;
};
/// A line of the hand-out is settled: it goes, becomes a remark of its figure, or its steps go back into the figure's
/// line, to be mended there.
struct SettleLine {
    enum class How { TakeOut, AsRemark, PutBack };
    LineId line;
    How how = How::TakeOut;
};

using Edit =
    std::variant<SetTitle, SetSong, SetMap, SetCarried, MoveSongFile, AddMoment, ChangeMoment, RemoveMoment, SetLyrics,
                 StateFact, ForgetFact, SolveAround, SetScheme, SetChoices, KeepWord, ForgetWord, RenameRole, AddRole,
                 RemoveRole, SetFormation, SetLevel, AddFigure, ChangeFigure, RemoveFigure, SetFigureLine, AddPart,
                 RenamePart, RemovePart, DuplicatePart, SetLine, PlaceFigure, PlaceFigures, PlacePart, ChangePlacement,
                 RemovePlacements, InsertPlacements, DuplicatePlacements, MovePlacements, ReversePlacements, SetOrder,
                 InsertPass, InsertPasses, MovePass, RemovePasses, SetRestart, SetTag, SetLastChangeIsTouch,
                 SetExceptions, PinPass, SetMark, AddMusicException, ChangeMusicException, RemoveMusicException,
                 BindAccent, RemoveAccent, SetOpening, SetStart, MuteFinding, UnmuteFinding, SettleLine>;

/// Identities of what edits brought into a routine, in the order in which it came.
struct Made {
    std::vector<FigureId> figures;
    std::vector<PlacementId> placements;
};

/// The document after an edit. Errors: NotFound when what the edit speaks of is gone, BadValue when it asks for what
/// cannot be (each with its sentence). Never changes `document`.
[[nodiscard]] Result<Document> applyEdit(const Document& document, const Edit& edit);
/// `made` gets the identities of what the edits brought in.
[[nodiscard]] Result<Document> applyEdits(const Document& document, const std::vector<Edit>& edits,
                                          Made* made = nullptr);

/// What undo calls an edit: "restart after 16".
[[nodiscard]] Sentence describe(const Edit& edit);

/// Edits with the same non-empty key, one after another, are one undo step.
[[nodiscard]] std::string mergeKey(const Edit& edit);

} // namespace lc
