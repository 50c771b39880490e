#include "core/edits/edits.h"

#include "core/edits/applier.h"
#include "core/routine/routine_size.h"

namespace lc {

tl::unexpected<Error> edits::gone(Sentence why) { return fail(ErrorCode::NotFound, std::move(why)); }

namespace {

struct Describer {
    Sentence operator()(const SetTitle&) const { return Core::sentence("title"); }
    Sentence operator()(const SetSong&) const { return Core::sentence("song"); }
    Sentence operator()(const SetMap& e) const { return Core::sentence("song map, %1", originSaid(e.origin)); }
    Sentence operator()(const SetCarried&) const { return Core::sentence("another recording of the song"); }
    Sentence operator()(const AddMoment& e) const { return Core::sentence("moment “%1”", e.text); }
    Sentence operator()(const ChangeMoment& e) const { return Core::sentence("change the moment “%1”", e.text); }
    Sentence operator()(const RemoveMoment&) const { return Core::sentence("remove a moment"); }
    Sentence operator()(const SetLyrics&) const { return Core::sentence("lines of words"); }
    Sentence operator()(const MoveSongFile&) const { return Core::sentence("place of the song file"); }
    Sentence operator()(const StateFact& e) const { return describe(e.fact); }
    Sentence operator()(const ForgetFact&) const { return Core::sentence("forget a fact"); }
    Sentence operator()(const SolveAround& e) const {
        return e.facts.empty() ? Core::sentence("forget all facts") : describe(e.facts.back());
    }
    Sentence operator()(const SetScheme&) const { return Core::sentence("way of counting"); }
    Sentence operator()(const SetChoices&) const { return Core::sentence("feel"); }
    Sentence operator()(const KeepWord& e) const { return Core::sentence("what “%1” means", e.word.name); }
    Sentence operator()(const ForgetWord& e) const { return Core::sentence("forget what “%1” means", e.name); }
    Sentence operator()(const RenameRole&) const { return Core::sentence("name of a role"); }
    Sentence operator()(const AddRole& e) const { return Core::sentence("role %1", e.name); }
    Sentence operator()(const RemoveRole&) const { return Core::sentence("remove a role"); }
    Sentence operator()(const AddPart&) const { return Core::sentence("new part"); }
    Sentence operator()(const RenamePart&) const { return Core::sentence("name of a part"); }
    Sentence operator()(const RemovePart&) const { return Core::sentence("remove a part"); }
    Sentence operator()(const AddFigure& e) const { return Core::sentence("figure %1", e.card.name); }
    Sentence operator()(const ChangeFigure& e) const { return Core::sentence("change %1", e.card.name); }
    Sentence operator()(const RemoveFigure&) const { return Core::sentence("take a figure out"); }
    Sentence operator()(const PlaceFigure&) const { return Core::sentence("place a figure"); }
    Sentence operator()(const PlaceFigures& e) const {
        return e.figures.size() == 1 ? Core::sentence("place a figure") : Core::sentence("place figures");
    }
    Sentence operator()(const SetLine&) const { return Core::sentence("steps"); }
    Sentence operator()(const SetFigureLine&) const { return Core::sentence("steps"); }
    Sentence operator()(const DuplicatePart&) const { return Core::sentence("copy of a part"); }
    Sentence operator()(const PlacePart&) const { return Core::sentence("place a part"); }
    Sentence operator()(const ChangePlacement&) const { return Core::sentence("how a figure is danced"); }
    Sentence operator()(const RemovePlacements& e) const {
        return e.placements.size() == 1 ? Core::sentence("take a figure out of its part")
                                        : Core::sentence("take figures out of their part");
    }
    Sentence operator()(const InsertPlacements& e) const {
        return e.placements.size() == 1 ? Core::sentence("insert a figure") : Core::sentence("insert figures");
    }
    Sentence operator()(const DuplicatePlacements&) const { return Core::sentence("repeat figures"); }
    Sentence operator()(const MovePlacements&) const { return Core::sentence("move figures"); }
    Sentence operator()(const ReversePlacements&) const { return Core::sentence("figures in reverse order"); }
    Sentence operator()(const InsertPasses& e) const {
        return e.passes.size() == 1 ? Core::sentence("insert a pass") : Core::sentence("insert passes");
    }
    Sentence operator()(const MovePass&) const { return Core::sentence("move a pass"); }
    Sentence operator()(const SetExceptions& e) const {
        return e.what.empty() ? Core::sentence("what makes a pass differ") : e.what;
    }
    Sentence operator()(const PinPass& e) const {
        return e.place ? Core::sentence("pin the start of a pass") : Core::sentence("unpin the start of a pass");
    }
    Sentence operator()(const SetMark&) const { return Core::sentence("what a pass is remembered by"); }
    Sentence operator()(const AddMusicException&) const { return Core::sentence("exception bound to the music"); }
    Sentence operator()(const ChangeMusicException&) const { return Core::sentence("exception bound to the music"); }
    Sentence operator()(const RemoveMusicException&) const {
        return Core::sentence("take an exception of the music out");
    }
    Sentence operator()(const BindAccent&) const { return Core::sentence("accent"); }
    Sentence operator()(const RemoveAccent&) const { return Core::sentence("take an accent out"); }
    Sentence operator()(const SetOpening&) const { return Core::sentence("opening stance"); }
    Sentence operator()(const SetFormation& e) const {
        return Core::sentence("formation: %1", formationSaid(e.formation));
    }
    Sentence operator()(const SetLevel&) const { return Core::sentence("level"); }
    Sentence operator()(const SetOrder&) const { return Core::sentence("order of passes"); }
    Sentence operator()(const InsertPass&) const { return Core::sentence("insert a pass"); }
    Sentence operator()(const RemovePasses& e) const {
        return e.passes.size() == 1 ? Core::sentence("remove a pass") : Core::sentence("remove passes");
    }
    Sentence operator()(const SetRestart& e) const {
        return e.restart ? Core::sentence("restart after %1", AsCount{e.restart->after})
                         : Core::sentence("take the restart out");
    }
    Sentence operator()(const SetTag& e) const {
        return e.tag ? Core::sentence("tag of %1", AsCount{e.tag->counts}) : Core::sentence("take the tag out");
    }
    Sentence operator()(const SetLastChangeIsTouch& e) const {
        return e.touch ? Core::sentence("touch in place of a step") : Core::sentence("step in place of a touch");
    }
    Sentence operator()(const SetStart&) const { return Core::sentence("where the dance starts"); }
    Sentence operator()(const MuteFinding&) const { return Core::sentence("leave a finding as it is"); }
    Sentence operator()(const UnmuteFinding&) const { return Core::sentence("look at a finding again"); }
    Sentence operator()(const SettleLine& e) const {
        return e.how == SettleLine::How::PutBack    ? Core::sentence("steps of a line of the hand-out")
               : e.how == SettleLine::How::AsRemark ? Core::sentence("a line of the hand-out as a remark")
                                                    : Core::sentence("take a line of the hand-out out");
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

Sentence describe(const Edit& edit) { return std::visit(Describer{}, edit); }

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
