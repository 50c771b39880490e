#pragma once

#include <memory>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// A word that a person has given a meaning, or one that a school uses in its own way.
struct OwnWord {
    std::string name;   ///< one to four words, in small letters
    std::string school; ///< whose meaning it is; empty = the person's own, everywhere
    std::string line;   ///< its steps in the notation, from count 1; empty = it only says how a step is danced

    bool operator==(const OwnWord&) const = default;
};

/// The words of a routine or a person, by name and school. Copies share what they hold.
class OwnWords {
public:
    OwnWords() = default;
    /// Many at once; of two of one name and school the first stays. O(n log n).
    explicit OwnWords(std::vector<OwnWord> words);
    [[nodiscard]] std::span<const OwnWord> all() const;
    [[nodiscard]] bool empty() const { return !m_all; }
    /// What a name (small letters) means, one for each school; empty where it means nothing of one's own. O(log n).
    [[nodiscard]] std::span<const OwnWord> meanings(std::string_view name) const;
    /// Puts a word in; one of the same name and school gives way.
    void keep(OwnWord word);
    /// False where there is none.
    bool forget(std::string_view name, std::string_view school);
    /// These, and those of `other` whose names have no meaning here.
    [[nodiscard]] OwnWords with(const OwnWords& other) const;

    bool operator==(const OwnWords& other) const;

private:
    std::shared_ptr<const std::vector<OwnWord>> m_all; // null where there are none
};

} // namespace lc
