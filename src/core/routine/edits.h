#pragma once

#include "core/document/document.h"
#include "core/exchange/lyrics_file.h"

#include <string>
#include <variant>
#include <vector>

namespace lc {

// Every change of a document is one of these values; applyEdit() is a pure function from document to document.

struct SetTitle { std::string title; };
/// Another recording with its map as analysed. Facts of the song before do not fit it and go.
struct SetSong { SongReference song; std::shared_ptr<const SongMap> detected; };
/// Another map of the same song (or of none), not heard: typed, tapped, imported or carried over. Facts about the map before go.
struct SetMap { std::shared_ptr<const SongMap> map; MapOrigin origin = MapOrigin::Imported; std::optional<TypedStructure> typed; };
/// Another recording of the song with everything carried over to it.
struct SetCarried {
    SongReference song;
    std::shared_ptr<const SongMap> map;
    std::vector<SongFact> facts;
    std::vector<Moment> moments;
    std::vector<SongSpan> unmatched;
    std::optional<Seconds> startAt; ///< of the routine, where it had one
};
struct MoveSongFile { std::string path; }; ///< the same recording, found elsewhere
struct StateFact { SongFact fact; };
struct ForgetFact { std::size_t index = 0; };
/// Other facts, and the map solved anew around them (before the facts are put into it).
struct SolveAround { std::vector<SongFact> facts; std::shared_ptr<const SongMap> solved; };
struct AddMoment { Seconds at = 0; MomentKind kind = MomentKind::Hit; std::string text; };
struct ChangeMoment { MomentId moment; Seconds at = 0; MomentKind kind = MomentKind::Hit; std::string text; };
struct RemoveMoment { MomentId moment; };
/// Lines of words as moments; those that were there before go.
struct SetLyrics { std::vector<LyricLine> lines; };
struct SetScheme { CountingScheme scheme; };
struct SetChoices { NotationChoices choices; };
struct RenameRole { RoleId role; std::string name; };
struct AddRole { std::string name; };
struct RemoveRole { RoleId role; };
struct AddPart { std::string name; }; ///< empty name = the next free letter
struct RenamePart { PartId part; std::string name; };
struct RemovePart { PartId part; };   ///< with its passes
/// A figure taken into the routine, with its lines for the routine's roles; `vocabularyId` is where it comes from, if anywhere.
struct AddFigure { FigureCard card; std::string vocabularyId; };
struct ChangeFigure { FigureId figure; FigureCard card; };
struct RemoveFigure { FigureId figure; };              ///< with its placements
struct PlaceFigure { PartId part; FigureId figure; };  ///< at the part's end
struct SetLine { PartId part; RoleId role; std::string text; };
/// The order of passes. Passes that stay (longest common run of parts) keep their identity and their exceptions.
struct SetOrder { std::vector<PartId> order; };
struct InsertPass { std::size_t at = 0; PartId part; };
struct RemovePasses { std::vector<PassId> passes; };
struct SetRestart { PassId pass; std::optional<Restart> restart; };
struct SetTag { PassId pass; std::optional<Tag> tag; };
struct SetLastChangeIsTouch { PassId pass; bool touch = true; };
struct SetStart { std::optional<Seconds> at; };
struct MuteFinding { FindingKey key; std::string reason; };
struct UnmuteFinding { FindingKey key; };

using Edit = std::variant<SetTitle, SetSong, SetMap, SetCarried, MoveSongFile, AddMoment, ChangeMoment, RemoveMoment, SetLyrics, StateFact, ForgetFact, SolveAround, SetScheme, SetChoices, RenameRole, AddRole,
                          RemoveRole, AddFigure, ChangeFigure, RemoveFigure, PlaceFigure, AddPart, RenamePart, RemovePart, SetLine, SetOrder, InsertPass, RemovePasses,
                          SetRestart, SetTag, SetLastChangeIsTouch, SetStart, MuteFinding, UnmuteFinding>;

/// The document after an edit. Errors: NotFound when what the edit speaks of is gone, BadValue when it asks for what
/// cannot be (each with its sentence). Never changes `document`.
[[nodiscard]] Result<Document> applyEdit(const Document& document, const Edit& edit);
[[nodiscard]] Result<Document> applyEdits(const Document& document, const std::vector<Edit>& edits);

/// What undo calls an edit: "restart after 16".
[[nodiscard]] std::string describe(const Edit& edit);

/// Edits with the same non-empty key, one after another, are one undo step.
[[nodiscard]] std::string mergeKey(const Edit& edit);

} // namespace lc
