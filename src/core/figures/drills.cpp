#include "core/figures/drills.h"

#include "core/base/list_text.h"
#include "core/base/number_words.h"
#include "core/notation/mirror.h"
#include "core/notation/notation_print.h"

#include <algorithm>

namespace lc {

namespace {

Sentence timesInWords(int n, const std::string& what) {
    return n == 2 ? Core::sentence("twice %1", what)
                  : Core::plural("once %1|%2 times %1", nullptr, n, what, numberSaid(n));
}

Drill layOut(const std::vector<DrillItem>& items, Tick set) {
    Drill drill;
    std::vector<ChainLink> links;
    std::vector<Sentence> said;
    for (const DrillItem& item : items) {
        said.push_back(timesInWords(item.times, item.name));
        for (int i = 0; i < item.times; ++i) links.push_back({item.name, &item.figure});
    }
    drill.sentence = Core::sentence("%1", listed(said, Joined::Commas));
    drill.chain = chainFigures(links, set);
    for (std::size_t i = 0; i + 1 < drill.chain.joints.size(); ++i) {
        const RoleAtJoint& role = drill.chain.joints[i].roles.front();
        const Foot begins = role.needed.value_or(role.free);
        if (begins == Foot::Left) ++drill.startsLeft;
        if (begins == Foot::Right) ++drill.startsRight;
    }
    return drill;
}

} // namespace

Foot Drill::lessUsed() const {
    return startsLeft == startsRight ? Foot::Both : startsLeft < startsRight ? Foot::Left : Foot::Right;
}

Drill makeDrill(const std::vector<DrillItem>& items, Tick set) { return layOut(items, set); }

std::vector<DrillItem> balancedItems(const std::vector<DrillItem>& items) {
    if (items.empty() || layOut(items, counts(8)).lessUsed() == Foot::Both) return items;
    std::vector<DrillItem> out = items;
    for (const DrillItem& item : items) {
        if (layOut({item}, counts(8)).lessUsed() == Foot::Both) continue; // alternates by itself
        std::vector<FigureLine> lines;
        for (const RoleReading& role : item.figure.roles)
            lines.push_back({role.role, printNotation(mirrored(role.line), item.figure.choices)});
        const Foot free = item.figure.roles.empty() ? Foot::Left : otherFoot(item.figure.roles.front().freeIn);
        out.push_back({item.name + ", other side", item.times, readFigureLines(lines, item.figure.choices, free)});
    }
    return out;
}

std::vector<ScaledSet> scaleSet(const std::vector<ChainLink>& set, const std::vector<int>& times,
                                const std::vector<int>& turnsOn, Tick eight) {
    std::vector<ScaledSet> out;
    for (const int n : times) {
        ScaledSet scaled;
        scaled.times = n;
        std::vector<ChainLink> links;
        for (int i = 0; i < n; ++i) links.insert(links.end(), set.begin(), set.end());
        const Chain chain = chainFigures(links, eight);
        scaled.length = chain.length;
        for (const ChainLink& link : links)
            if (!link.figure->roles.empty()) scaled.changes += link.figure->roles.front().changes;
        for (const Joint& joint : chain.joints)
            for (const Sentence& broken : joint.breaks)
                scaled.findings.push_back(Core::sentence("at %1: %2", AsCount{joint.at + counts(1)}, broken));
        const Foot first = chain.joints.front().roles.front().free;
        const Foot last = chain.joints.back().roles.front().free;
        if (first != last && first != Foot::Both && last != Foot::Both)
            scaled.findings.push_back(Core::sentence("it ends on the other foot than it begins"));
        if (scaled.length.value % eight.value != 0) {
            const AsCount after{Tick{scaled.length.value % eight.value}};
            scaled.findings.push_back(eight == counts(8)
                                          ? Core::sentence("it ends in the middle of an eight, after %1", after)
                                          : Core::sentence("it ends in the middle of a set, after %1", after));
        }
        if (!turnsOn.empty() && std::none_of(turnsOn.begin(), turnsOn.end(), [&](int t) { return t <= n; }))
            scaled.findings.push_back(Core::sentence("it has no repetition %1, in which the turn belongs",
                                                     *std::min_element(turnsOn.begin(), turnsOn.end())));
        out.push_back(std::move(scaled));
    }
    return out;
}

} // namespace lc
