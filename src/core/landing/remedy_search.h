#pragma once

// Private to the files that look for remedies.

#include "core/landing/remedies.h"

#include <optional>
#include <string>
#include <vector>

namespace lc::remedy {

inline constexpr std::size_t mostTried = 24; // candidates whose price is worked out by landing them

/// Candidates for one finding. What they bring is worked out afterwards; those that do not mend are dropped then.
struct Search {
    const Document& document;
    const Landing& landing;
    const Finding& finding;
    const std::vector<PassPerformance>& passes;
    std::vector<Remedy> remedies = {};

    void propose(Sentence title, std::vector<Edit> edits) {
        if (remedies.size() < mostTried) remedies.push_back({std::move(title), {}, std::move(edits), 0});
    }
    /// What the finding speaks of besides, where it is of this kind; none otherwise.
    template <typename IdType>
    [[nodiscard]] IdType thing() const {
        const auto* id = std::get_if<IdType>(&finding.key.thing);
        return id ? *id : IdType{};
    }
    [[nodiscard]] std::optional<std::size_t> passIndex() const;
    [[nodiscard]] const Pass& passOf(const PassPerformance& p) const { return document.routine.passes[p.index]; }
    /// The exceptions of a pass, changed by `change`, as an edit.
    template <typename Change>
    [[nodiscard]] Edit changed(const PassPerformance& p, Sentence what, Change change) const {
        PassExceptions exceptions = passOf(p);
        change(exceptions);
        return SetExceptions{p.id, std::move(exceptions), std::move(what)};
    }
    [[nodiscard]] const Placement* placementOfFinding() const;
};

/// The line with its last weight change made a touch, or its last touch a step; nothing where that is not said by one
/// word.
[[nodiscard]] std::optional<std::string> withLastStepTouched(const std::string& line, const NotationChoices& choices);
[[nodiscard]] std::optional<std::string> withLastTouchStepped(const std::string& line, const NotationChoices& choices);

void forPhrases(Search& search); ///< off its phrase, turned round, pins, bars, stops, accents, the ends
void forJoints(Search& search);  ///< feet, holds, places, cuts, canons
void forParts(Search& search);   ///< lengths and what is said of figures

} // namespace lc::remedy
