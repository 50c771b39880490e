#include "core/notation/own_words.h"

#include <algorithm>
#include <tuple>

namespace lc {

namespace {

bool before(const OwnWord& a, const OwnWord& b) { return std::tie(a.name, a.school) < std::tie(b.name, b.school); }
bool same(const OwnWord& a, std::string_view name, std::string_view school) {
    return a.name == name && a.school == school;
}

} // namespace

OwnWords::OwnWords(std::vector<OwnWord> words) {
    std::stable_sort(words.begin(), words.end(), before);
    words.erase(std::unique(words.begin(), words.end(),
                            [](const OwnWord& a, const OwnWord& b) { return same(a, b.name, b.school); }),
                words.end());
    if (!words.empty()) m_all = std::make_shared<const std::vector<OwnWord>>(std::move(words));
}

std::span<const OwnWord> OwnWords::all() const {
    return m_all ? std::span<const OwnWord>(*m_all) : std::span<const OwnWord>();
}

std::span<const OwnWord> OwnWords::meanings(std::string_view name) const {
    if (!m_all) return {};
    const auto first = std::lower_bound(m_all->begin(), m_all->end(), name,
                                        [](const OwnWord& w, std::string_view n) { return w.name < n; });
    auto last = first;
    while (last != m_all->end() && last->name == name) ++last;
    return {first, last};
}

void OwnWords::keep(OwnWord word) {
    std::vector<OwnWord> words(all().begin(), all().end());
    const auto at = std::lower_bound(words.begin(), words.end(), word, before);
    if (at != words.end() && same(*at, word.name, word.school))
        *at = std::move(word);
    else
        words.insert(at, std::move(word));
    m_all = std::make_shared<const std::vector<OwnWord>>(std::move(words));
}

bool OwnWords::forget(std::string_view name, std::string_view school) {
    std::vector<OwnWord> words(all().begin(), all().end());
    if (std::erase_if(words, [&](const OwnWord& w) { return same(w, name, school); }) == 0) return false;
    m_all = words.empty() ? nullptr : std::make_shared<const std::vector<OwnWord>>(std::move(words));
    return true;
}

OwnWords OwnWords::with(const OwnWords& other) const {
    if (other.empty()) return *this;
    if (empty()) return other;
    std::vector<OwnWord> words(all().begin(), all().end());
    for (const OwnWord& word : other.all())
        if (meanings(word.name).empty()) words.push_back(word);
    return OwnWords(std::move(words));
}

bool OwnWords::operator==(const OwnWords& other) const {
    return m_all == other.m_all || std::ranges::equal(all(), other.all());
}

} // namespace lc
