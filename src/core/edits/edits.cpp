#include "core/edits/edits.h"

#include "core/edits/applier.h"
#include "core/routine/routine_size.h"

namespace lc {

tl::unexpected<Error> edits::gone(Sentence why) { return fail(ErrorCode::NotFound, std::move(why)); }

namespace {

struct Describer {
    std::string operator()(const SetTitle&) const { return "title"; }
    std::string operator()(const SetSong&) const { return "song"; }
    std::string operator()(const SetMap& e) const { return "song map, " + toString(e.origin); }
    std::string operator()(const SetCarried&) const { return "another recording of the song"; }
    std::string operator()(const AddMoment& e) const { return "moment “" + e.text + "”"; }
    std::string operator()(const ChangeMoment& e) const { return "change the moment “" + e.text + "”"; }
    std::string operator()(const RemoveMoment&) const { return "remove a moment"; }
    std::string operator()(const SetLyrics&) const { return "lines of words"; }
    std::string operator()(const MoveSongFile&) const { return "place of the song file"; }
    std::string operator()(const StateFact& e) const { return describe(e.fact); }
    std::string operator()(const ForgetFact&) const { return "forget a fact"; }
    std::string operator()(const SolveAround& e) const {
        return e.facts.empty() ? "forget all facts" : describe(e.facts.back());
    }
    std::string operator()(const SetScheme&) const { return "way of counting"; }
    std::string operator()(const SetChoices&) const { return "feel"; }
    std::string operator()(const KeepWord& e) const { return "what “" + e.word.name + "” means"; }
    std::string operator()(const ForgetWord& e) const { return "forget what “" + e.name + "” means"; }
    std::string operator()(const RenameRole&) const { return "name of a role"; }
    std::string operator()(const AddRole& e) const { return "role " + e.name; }
    std::string operator()(const RemoveRole&) const { return "remove a role"; }
    std::string operator()(const AddPart&) const { return "new part"; }
    std::string operator()(const RenamePart&) const { return "name of a part"; }
    std::string operator()(const RemovePart&) const { return "remove a part"; }
    std::string operator()(const AddFigure& e) const { return "figure " + e.card.name; }
    std::string operator()(const ChangeFigure& e) const { return "change " + e.card.name; }
    std::string operator()(const RemoveFigure&) const { return "take a figure out"; }
    std::string operator()(const PlaceFigure&) const { return "place a figure"; }
    std::string operator()(const PlaceFigures& e) const {
        return e.figures.size() == 1 ? "place a figure" : "place figures";
    }
    std::string operator()(const SetLine&) const { return "steps"; }
    std::string operator()(const SetFigureLine&) const { return "steps"; }
    std::string operator()(const DuplicatePart&) const { return "copy of a part"; }
    std::string operator()(const PlacePart&) const { return "place a part"; }
    std::string operator()(const ChangePlacement&) const { return "how a figure is danced"; }
    std::string operator()(const RemovePlacements& e) const {
        return e.placements.size() == 1 ? "take a figure out of its part" : "take figures out of their part";
    }
    std::string operator()(const DuplicatePlacements&) const { return "repeat figures"; }
    std::string operator()(const MovePlacements&) const { return "move figures"; }
    std::string operator()(const ReversePlacements&) const { return "figures in reverse order"; }
    std::string operator()(const InsertPasses& e) const {
        return e.passes.size() == 1 ? "insert a pass" : "insert passes";
    }
    std::string operator()(const MovePass&) const { return "move a pass"; }
    std::string operator()(const SetExceptions& e) const {
        return e.what.empty() ? "what makes a pass differ" : e.what;
    }
    std::string operator()(const PinPass& e) const {
        return e.place ? "pin the start of a pass" : "unpin the start of a pass";
    }
    std::string operator()(const SetMark&) const { return "what a pass is remembered by"; }
    std::string operator()(const AddMusicException&) const { return "exception bound to the music"; }
    std::string operator()(const ChangeMusicException&) const { return "exception bound to the music"; }
    std::string operator()(const RemoveMusicException&) const { return "take an exception of the music out"; }
    std::string operator()(const BindAccent&) const { return "accent"; }
    std::string operator()(const RemoveAccent&) const { return "take an accent out"; }
    std::string operator()(const SetOpening&) const { return "opening stance"; }
    std::string operator()(const SetFormation& e) const { return "formation: " + formationInWords(e.formation); }
    std::string operator()(const SetLevel&) const { return "level"; }
    std::string operator()(const SetOrder&) const { return "order of passes"; }
    std::string operator()(const InsertPass&) const { return "insert a pass"; }
    std::string operator()(const RemovePasses& e) const {
        return e.passes.size() == 1 ? "remove a pass" : "remove passes";
    }
    std::string operator()(const SetRestart& e) const {
        return e.restart ? "restart after " + toSpokenCount(e.restart->after) : "take the restart out";
    }
    std::string operator()(const SetTag& e) const {
        return e.tag ? "tag of " + toSpokenCount(e.tag->counts) : "take the tag out";
    }
    std::string operator()(const SetLastChangeIsTouch& e) const {
        return e.touch ? "touch in place of a step" : "step in place of a touch";
    }
    std::string operator()(const SetStart&) const { return "where the dance starts"; }
    std::string operator()(const MuteFinding&) const { return "leave a finding as it is"; }
    std::string operator()(const UnmuteFinding&) const { return "look at a finding again"; }
    std::string operator()(const SettleLine& e) const {
        return e.how == SettleLine::How::PutBack    ? "steps of a line of the hand-out"
               : e.how == SettleLine::How::AsRemark ? "a line of the hand-out as a remark"
                                                    : "take a line of the hand-out out";
    }
};

} // namespace

Result<Document> applyEdit(const Document& document, const Edit& edit) { return applyEdits(document, {edit}); }

Result<Document> applyEdits(const Document& document, const std::vector<Edit>& all, Made* made) {
    edits::Applier applier{document, {}};
    for (const Edit& edit : all)
        if (auto done = std::visit(applier, edit); !done) return tl::unexpected(done.error());
    if (const auto size = checkSize(applier.document.routine); !size) return tl::unexpected(size.error());
    if (made) *made = std::move(applier.made);
    return std::move(applier.document);
}

std::string describe(const Edit& edit) { return std::visit(Describer{}, edit); }

std::string mergeKey(const Edit& edit) {
    if (const auto* line = std::get_if<SetLine>(&edit))
        return "line " + std::to_string(line->part.value) + " " + std::to_string(line->role.value);
    if (const auto* line = std::get_if<SetFigureLine>(&edit))
        return "figure line " + std::to_string(line->figure.value) + " " + std::to_string(line->role.value);
    if (const auto* exceptions = std::get_if<SetMark>(&edit)) return "mark " + std::to_string(exceptions->pass.value);
    if (std::holds_alternative<SetLevel>(edit)) return "level";
    if (const auto* typed = std::get_if<SetExceptions>(&edit); typed && typed->what.empty())
        return "exceptions " + std::to_string(typed->pass.value);
    if (const auto* figure = std::get_if<ChangeFigure>(&edit)) return "figure " + std::to_string(figure->figure.value);
    if (std::holds_alternative<SetTitle>(edit)) return "title";
    if (std::holds_alternative<SetOrder>(edit)) return "order";
    return {};
}

} // namespace lc
