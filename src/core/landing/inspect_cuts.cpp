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
        const std::string what = pass.exceptions.restart || pass.cut ? "restart" : "ending";
        Finding& f = in.addFor(
            pass, finding::turnCut, Severity::Doubtful, pass.start + turn.start,
            "The " + what + " after pass " + std::to_string(pass.number) + " cuts a turn" + in.commaRole(turn.role),
            "The " + turnInWords(turn.turn) + " turn from count " + toSpokenCount(turn.start + counts(1)) +
                " is done at the end of count " + toSpokenCount(turn.end) + "; the cut after " +
                toSpokenCount(pass.counts) + " leaves it out. The next pass faces " +
                facingInWords(in.routine.formation, role ? role->facingOut : Eighths{}) + ".");
        f.key.role = turn.role;
    }
}

void restart(Inspection& in, const PassPerformance& pass) {
    const auto& written = in.routine.passes[pass.index].restart;
    if (written && written->after >= pass.whole && pass.whole > Tick{})
        in.addFor(pass, finding::restartPastEnd, Severity::Note, pass.end(),
                  "The restart in pass " + std::to_string(pass.number) + " does nothing",
                  "It stands after " + toSpokenCount(written->after) + ", but the part has only " +
                      countsInWords(pass.whole) + ".");
}

void canon(Inspection& in, const PassPerformance& pass) {
    if (!pass.exceptions.canon) return;
    std::vector<std::string> trimmed;
    bool turned = false;
    for (const RoleInPass& role : pass.roles) {
        if (role.trimmed <= Tick{}) continue;
        trimmed.push_back(toSpokenCount(role.trimmed) + " from " + in.roleName(role.role));
        turned = turned || facingIndex(role.facingOut) != facingIndex(pass.roles.front().facingOut);
    }
    if (trimmed.empty()) return;
    std::string text =
        (pass.exceptions.canon->ripple ? "The cut after " + toSpokenCount(pass.counts) +
                                             " comes before the last are done, so that counts are taken: "
                                       : "All end together, so that counts are taken: ") +
        listOf(trimmed) + ".";
    if (turned) text += " They then do not all face the same way.";
    in.addFor(pass, finding::canonTrim, turned ? Severity::Doubtful : Severity::Note, pass.danceEnd(),
              "The canon of pass " + std::to_string(pass.number) + " trims those who enter later", text);
}

/// A figure danced in a tag or bridge of another length.
void extras(Inspection& in, const PassPerformance& pass) {
    PartReader reader(in.routine);
    const auto check = [&](const char* what, FigureId figure, Tick length, Tick at, FindingThing thing) {
        if (!figure.valid() || !findFigure(in.routine, figure)) return;
        const Tick danced = reader.figure(figure, false, false)->length;
        if (danced == length || danced <= Tick{}) return;
        const std::string name = in.figureName(figure, pass.part), pass_ = "pass " + std::to_string(pass.number);
        Finding& f =
            danced > length
                ? in.addFor(pass, finding::extraLength, Severity::Doubtful, at,
                            "The " + std::string(what) + " in " + pass_ + " cuts " + name,
                            "It is " + countsInWords(length) + " long and " + name + " has " + toSpokenCount(danced) +
                                ": the last " + toSpokenCount(danced - length) + " of it are not danced.")
                : in.addFor(pass, finding::extraLength, Severity::Note, at,
                            "The " + std::string(what) + " in " + pass_ + " is longer than " + name,
                            "It is " + countsInWords(length) + " long and " + name + " has " + toSpokenCount(danced) +
                                ": behind it everyone waits " + countsInWords(length - danced) + ".");
        f.key.thing = thing;
    };
    if (const auto& tag = pass.exceptions.tag; tag && !pass.cutByPin)
        check("tag", tag->figure, tag->counts, pass.danceEnd(), {});
    for (const Bridge& bridge : pass.exceptions.bridges)
        check("bridge", bridge.figure, bridge.counts, pass.start + bridge.after, bridge.id);
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
                   "What is bound " + toWords(exception.place) + " does nothing",
                   !at ? "This song has no such place." : "No pass is danced there, or it begins or ends just there.");
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
