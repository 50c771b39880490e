#include "core/planning/exception_rule.h"

#include "core/base/list_text.h"
#include "core/landing/inspection.h"
#include "core/planning/exception_words.h"
#include "core/routine/music_place.h"

#include <algorithm>
#include <optional>
#include <tuple>
#include <utility>

namespace lc {

namespace {

/// A condition that holds in some passes.
struct Condition {
    Sentence words;
    int length; ///< words to remember
    enum class Speaks {
        OfMusicOrDance,
        OfPlace,
        OfHabit
    } speaks; ///< a place is the first pass or the last, a habit every third
    std::vector<bool> holds;

    [[nodiscard]] bool numbersPasses() const { return speaks != Speaks::OfMusicOrDance; }
};

/// The passes that count, and what can be said of each.
class Conditions {
    using Speaks = Condition::Speaks;

public:
    Conditions(const Document& document, const Landing& landing) : m_routine(document.routine), m_grid(landing.grid) {
        for (const PassPerformance& pass : landing.performance.passes)
            if (pass.start < landing.grid.end()) m_passes.push_back(&pass);
        places();
        parts();
        facings();
        sections();
        phrases();
    }

    const std::vector<const PassPerformance*>& passes() const { return m_passes; }

    /// The shortest condition, or pair of them, that holds in exactly these passes: "whenever you start facing 6 in a
    /// chorus", "in every third pass, if you start in a chorus"; empty where there is none.
    std::pair<Sentence, int> when(const std::vector<bool>& wanted) const {
        const bool once = std::count(wanted.begin(), wanted.end(), true) < 2; // once is no habit
        const Condition* best = nullptr;
        const Condition* with = nullptr;
        int length = 1000;
        for (const Condition& one : m_all)
            if (one.length < length && one.holds == wanted && !(once && one.speaks == Speaks::OfHabit)) {
                best = &one;
                length = one.length;
            }
        for (std::size_t i = 0; i < m_all.size(); ++i) {
            if (!covers(m_all[i], wanted) || (once && m_all[i].speaks == Speaks::OfHabit)) continue;
            for (std::size_t k = i + 1; k < m_all.size(); ++k) {
                if (m_all[i].length + m_all[k].length >= length || m_all[k].numbersPasses() ||
                    !covers(m_all[k], wanted) || !together(m_all[i], m_all[k], wanted))
                    continue;
                best = &m_all[i];
                with = &m_all[k];
                length = best->length + with->length;
            }
        }
        if (!best) return {};
        const Sentence& first = best->words;
        if (!best->numbersPasses())
            return {with ? Core::sentence("whenever you start %1 %2", first, with->words)
                         : Core::sentence("whenever you start %1", first),
                    length};
        return {with ? Core::sentence("in %1, if you start %2", first, with->words) : Core::sentence("in %1", first),
                length};
    }

private:
    static bool covers(const Condition& condition, const std::vector<bool>& wanted) {
        for (std::size_t i = 0; i < wanted.size(); ++i)
            if (wanted[i] && !condition.holds[i]) return false;
        return true;
    }
    static bool together(const Condition& a, const Condition& b, const std::vector<bool>& wanted) {
        for (std::size_t i = 0; i < wanted.size(); ++i)
            if ((a.holds[i] && b.holds[i]) != wanted[i]) return false;
        return true;
    }

    /// A condition for each value that `value` gives of any pass; no value, none.
    template <typename Value, typename Words>
    void forEach(Value value, Words words, int length, Speaks speaks = Speaks::OfMusicOrDance) {
        std::vector<decltype(value(std::size_t{}))> values;
        for (std::size_t i = 0; i < m_passes.size(); ++i) values.push_back(value(i));
        for (std::size_t i = 0; i < values.size(); ++i) {
            if (!values[i] || std::find(values.begin(), values.begin() + static_cast<std::ptrdiff_t>(i), values[i]) !=
                                  values.begin() + static_cast<std::ptrdiff_t>(i))
                continue;
            Condition condition{words(*values[i]), length, speaks, {}};
            for (const auto& other : values) condition.holds.push_back(other == values[i]);
            m_all.push_back(std::move(condition));
        }
    }

    const CountPhrase* phraseOf(std::size_t pass) const {
        const auto phrase = m_grid.phraseAt(m_passes[pass]->start);
        return phrase ? &m_grid.phrases()[static_cast<std::size_t>(*phrase)] : nullptr;
    }

    /// In a section of that kind; English has "an" before a vowel.
    static Sentence inOne(const std::string& kind) {
        return beginsWithVowel(kind) ? Core::sentence("in an %1", kind) : Core::sentence("in a %1", kind);
    }
    static Sentence afterOne(const std::string& kind) {
        return beginsWithVowel(kind) ? Core::sentence("after an %1", kind) : Core::sentence("after a %1", kind);
    }
    static bool beginsWithVowel(const std::string& name) {
        return !name.empty() && std::string("aeiou").find(name[0]) != std::string::npos;
    }

    void places() {
        for (const int n : {2, 3, 4}) {
            if (m_passes.size() < 2 * static_cast<std::size_t>(n)) continue; // twice makes a habit
            forEach(
                [&](std::size_t i) { return (static_cast<int>(i) + 1) % n == 0 ? std::optional(true) : std::nullopt; },
                [&](bool) {
                    return n == 2   ? Core::sentence("every second pass")
                           : n == 3 ? Core::sentence("every third pass")
                                    : Core::sentence("every fourth pass");
                },
                3, Speaks::OfHabit);
        }
        forEach([&](std::size_t i) { return i == 0 ? std::optional(true) : std::nullopt; },
                [](bool) { return Core::sentence("the first pass"); }, 3, Speaks::OfPlace);
        forEach([&](std::size_t i) { return i + 1 == m_passes.size() ? std::optional(true) : std::nullopt; },
                [](bool) { return Core::sentence("the last pass"); }, 3, Speaks::OfPlace);
    }
    void parts() {
        if (m_routine.parts.size() > 1)
            forEach([&](std::size_t i) { return std::optional(m_passes[i]->part); },
                    [&](PartId part) { return Core::sentence("part %1", findPart(m_routine, part)->name); }, 2);
    }
    void facings() {
        forEach([&](std::size_t i) { return std::optional(facingIndex(m_passes[i]->roles.front().facingIn)); },
                [&](int facing) { return Core::sentence("facing %1", facingSaid(m_routine.formation, {facing})); }, 2);
    }
    void sections() {
        const auto label = [&](std::size_t i) {
            return phraseOf(i) ? std::optional(phraseOf(i)->label) : std::nullopt;
        };
        const auto kind = [&](std::size_t i) {
            return phraseOf(i) ? std::optional(kindAndNumber(phraseOf(i)->label).first) : std::nullopt;
        };
        forEach(
            kind, [](const std::string& name) { return inOne(name); }, 2);
        forEach(
            label, [](const std::string& name) { return Core::sentence("in %1", name); }, 2);
        forEach([&](std::size_t i) { return i > 0 ? kind(i - 1) : std::nullopt; },
                [](const std::string& name) { return afterOne(name); }, 3);
    }
    void phrases() {
        forEach([&](std::size_t i) { return phraseOf(i) ? std::optional(phraseOf(i)->counts) : std::nullopt; },
                [](int length) { return Core::sentence("on a phrase of %1", length); }, 3);
    }

    const Routine& m_routine;
    const CountGrid& m_grid;
    std::vector<const PassPerformance*> m_passes;
    std::vector<Condition> m_all; // those that number passes first
};

} // namespace

std::vector<ExceptionRule> exceptionRules(const Document& document, const Landing& landing) {
    const Conditions conditions(document, landing);
    const auto& passes = conditions.passes();
    std::vector<ExceptionRule> rules;
    std::vector<std::vector<bool>> where;
    const auto happens = [&](std::size_t pass, const Sentence& what) {
        auto found = std::find_if(rules.begin(), rules.end(), [&](const ExceptionRule& r) { return r.what == what; });
        if (found == rules.end()) {
            rules.push_back({what, {}, {}, 0});
            where.emplace_back(passes.size(), false);
            found = std::prev(rules.end());
        }
        found->passes.push_back(passes[pass]->number);
        where[static_cast<std::size_t>(found - rules.begin())][pass] = true;
    };
    for (std::size_t i = 0; i < passes.size(); ++i) {
        if (passes[i]->cut && !passes[i]->cutByPin)
            happens(i, Core::sentence("restart after %1", AsCount{passes[i]->counts}));
        if (passes[i]->tag > Tick{} && !passes[i]->cutByPin && !passes[i]->tagReading)
            happens(i, Core::sentence("a tag of %1", AsCount{passes[i]->tag}));
        for (const OtherException& other : otherExceptions(document.routine, passes[i]->exceptions))
            if (!other.ofPlace) happens(i, other.words); // where the dance begins and ends needs no rule
    }
    for (std::size_t r = 0; r < rules.size(); ++r) std::tie(rules[r].when, rules[r].length) = conditions.when(where[r]);
    return rules;
}

Sentence ruleInWords(const ExceptionRule& rule) {
    if (!rule.when.empty()) return Core::sentence("%1 %2.", AsOpening(rule.what), rule.when);
    return Core::sentence("%1 in %2; there is no short rule for it.", AsOpening(rule.what), passesSaid(rule.passes));
}

} // namespace lc
