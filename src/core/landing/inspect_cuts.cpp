#include "core/landing/inspection.h"

#include "core/routine/music_place.h"

#include <algorithm>
#include <set>

namespace lc::inspect {

namespace {

const RoleInPass* roleIn(const PassPerformance& pass, RoleId id) {
    for (const RoleInPass& role : pass.roles)
        if (role.role == id) return &role;
    return nullptr;
}

void turns(Inspection& in, const PassPerformance& pass) {
    for (const CutTurn& turn : pass.cutTurns) {
        if (turn.turnedOn) continue; // it was said that they turn on
        const RoleInPass* role = roleIn(pass, turn.role);
        const Sentence what = pass.exceptions.restart || pass.cut
                                  ? Core::sentence("The restart after pass %1 cuts a turn", pass.number)
                                  : Core::sentence("The ending after pass %1 cuts a turn", pass.number);
        Text text(Core::sentence(
            "The %1 turn from count %2 is done at the end of count %3; the cut after %4 leaves it out.",
            turnSaid(turn.turn), AsCount{turn.start + counts(1)}, AsCount{turn.end}, AsCount{pass.counts}));
        text += Core::sentence("The next pass faces %1.",
                               facingSaid(in.routine.formation, role ? role->facingOut : Eighths{}));
        Finding& f = in.addFor(pass, finding::turnCut, Severity::Doubtful, pass.start + turn.start,
                               in.ofRole(what, turn.role), text);
        f.key.role = turn.role;
    }
}

void restart(Inspection& in, const PassPerformance& pass) {
    const auto& written = in.routine.passes[pass.index].restart;
    if (written && written->after >= pass.whole && pass.whole > Tick{})
        in.addFor(pass, finding::restartPastEnd, Severity::Note, pass.end(),
                  Core::sentence("The restart in pass %1 does nothing", pass.number),
                  Core::sentence("It stands after %1, but the part has only %2.", AsCount{written->after},
                                 inCounts(pass.whole)));
}

void canon(Inspection& in, const PassPerformance& pass) {
    if (!pass.exceptions.canon) return;
    std::vector<Argument> trimmed;
    bool turned = false;
    for (const RoleInPass& role : pass.roles) {
        if (role.trimmed <= Tick{}) continue;
        trimmed.emplace_back(Core::sentence("%1 from %2", AsCount{role.trimmed}, in.roleName(role.role)));
        turned = turned || facingIndex(role.facingOut) != facingIndex(pass.roles.front().facingOut);
    }
    if (trimmed.empty()) return;
    const Argument taken(std::move(trimmed), Joined::And);
    Text text = pass.exceptions.canon->ripple
                    ? Core::sentence("The cut after %1 comes before the last are done, so that counts are taken: %2.",
                                     AsCount{pass.counts}, taken)
                    : Core::sentence("All end together, so that counts are taken: %1.", taken);
    if (turned) text += Core::sentence("They then do not all face the same way.");
    in.addFor(pass, finding::canonTrim, turned ? Severity::Doubtful : Severity::Note, pass.danceEnd(),
              Core::sentence("The canon of pass %1 trims those who enter later", pass.number), text);
}

/// A figure danced in a tag or bridge of another length.
void extras(Inspection& in, const PassPerformance& pass) {
    PartReader reader(in.routine);
    const auto check = [&](bool tag, FigureId figure, Tick length, Tick at, FindingThing thing) {
        if (!figure.valid() || !findFigure(in.routine, figure)) return;
        const Tick danced = reader.figure(figure, false, false)->length;
        if (danced == length || danced <= Tick{}) return;
        const Sentence name = in.figureName(figure, pass.part);
        const bool cut = danced > length;
        const Sentence headline = tag   ? cut ? Core::sentence("The tag in pass %1 cuts %2", pass.number, name)
                                              : Core::sentence("The tag in pass %1 is longer than %2", pass.number, name)
                                    : cut ? Core::sentence("The bridge in pass %1 cuts %2", pass.number, name)
                                        : Core::sentence("The bridge in pass %1 is longer than %2", pass.number, name);
        const Sentence text = cut ? Core::sentence("It is %1 long and %2 has %3: the last %4 of it are not danced.",
                                                   inCounts(length), name, AsCount{danced}, AsCount{danced - length})
                                  : Core::sentence("It is %1 long and %2 has %3: after it everyone waits %4.",
                                                   inCounts(length), name, AsCount{danced}, inCounts(length - danced));
        Finding& f =
            in.addFor(pass, finding::extraLength, cut ? Severity::Doubtful : Severity::Note, at, headline, text);
        f.key.thing = thing;
    };
    if (const auto& tag = pass.exceptions.tag; tag && !pass.cutByPin)
        check(true, tag->figure, tag->counts, pass.danceEnd(), {});
    for (const Bridge& bridge : pass.exceptions.bridges)
        check(false, bridge.figure, bridge.counts, pass.start + bridge.after, bridge.id);
}

/// Exceptions of the music that befall nobody.
void unmet(Inspection& in) {
    std::set<ExceptionId> met;
    for (const PassPerformance& pass : in.performance.passes) met.insert(pass.fromMusic.begin(), pass.fromMusic.end());
    for (const MusicException& exception : in.routine.atMusic) {
        if (met.count(exception.id) > 0) continue;
        const auto at = tickOf(exception.place, in.grid);
        Finding& f =
            in.add(finding::exceptionUnmet, at ? Severity::Note : Severity::Doubtful, at.value_or(in.performance.start),
                   Core::sentence("What is bound %1 does nothing", placeSaid(exception.place)),
                   !at ? Core::sentence("This song has no such place.")
                       : Core::sentence("No pass is danced there, or it begins or ends just there."));
        f.key.thing = exception.id;
    }
}

} // namespace

void cuts(Inspection& in) {
    for (const PassPerformance& pass : in.performance.passes) {
        turns(in, pass);
        restart(in, pass);
        canon(in, pass);
        extras(in, pass);
    }
    unmet(in);
}

} // namespace lc::inspect
