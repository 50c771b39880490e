#include "core/notation/couple.h"

#include <algorithm>
#include <array>
#include <utility>

namespace lc {

namespace {

constexpr std::array<std::pair<std::string_view, Position>, 7> positions{
    {{"closed", Position::Closed},
     {"open", Position::Open},
     {"promenade", Position::Promenade},
     {"counter-promenade", Position::CounterPromenade},
     {"shadow", Position::Shadow},
     {"outside", Position::OutsidePartner},
     {"back to back", Position::BackToBack}}};
constexpr std::array<std::pair<std::string_view, HoldHeight>, 4> heights{{{"low", HoldHeight::Low},
                                                                          {"waist", HoldHeight::Waist},
                                                                          {"shoulder", HoldHeight::Shoulder},
                                                                          {"high", HoldHeight::High}}};
constexpr std::array<std::pair<std::string_view, FootRelation>, 4> relations{
    {{"opposite feet", FootRelation::Opposite},
     {"same foot", FootRelation::Same},
     {"same feet", FootRelation::Same},
     {"opposite foot", FootRelation::Opposite}}};
const std::vector<HandPair> bothHands{{Hand::Left, Hand::Right}, {Hand::Right, Hand::Left}};
const std::vector<HandPair> crossedHands{{Hand::Left, Hand::Left}, {Hand::Right, Hand::Right}};

bool isSpace(char c) { return c == ' ' || c == ',' || c == '\t'; }
std::optional<Hand> handOf(char c) {
    if (c == 'L') return Hand::Left;
    if (c == 'R') return Hand::Right;
    return std::nullopt;
}

class CoupleReader {
public:
    explicit CoupleReader(std::string_view text) : m_text(text) {}

    tl::expected<CoupleState, CoupleTextError> run() {
        while (true) {
            while (m_at < m_text.size() && isSpace(m_text[m_at])) ++m_at;
            if (m_at == m_text.size()) break;
            if (!one()) {
                std::size_t end = m_at;
                while (end < m_text.size() && !isSpace(m_text[end])) ++end;
                return tl::unexpected(CoupleTextError{m_at, end, m_why.empty() ? unknown(end) : m_why});
            }
        }
        if (m_state.empty() && m_height == HoldHeight::Unsaid)
            return tl::unexpected(CoupleTextError{
                0, m_text.size(),
                Core::sentence(
                    "Nothing stands in these brackets. Write a position or a hold, such as [open] or [L-R].")});
        if (m_height != HoldHeight::Unsaid) {
            if (!m_state.hold || m_state.hold->pairs.empty())
                return tl::unexpected(
                    CoupleTextError{m_heightAt, m_heightEnd,
                                    Core::sentence("A height needs the hands that are held, as in [L-R low].")});
            m_state.hold->height = m_height;
        }
        return m_state;
    }

private:
    Sentence unknown(std::size_t end) const {
        return Core::sentence(
            "“%1” is not a position or hold. Known are closed, open, promenade, counter-promenade, shadow, outside, back to back, L-R and the like, both hands, crossed hands, no hands.",
            m_text.substr(m_at, end - m_at));
    }
    bool take(std::string_view words) {
        if (m_text.substr(m_at, words.size()) != words) return false;
        const std::size_t end = m_at + words.size();
        if (end < m_text.size() && !isSpace(m_text[end])) return false;
        m_at = end;
        return true;
    }
    bool set(std::vector<HandPair> pairs) {
        m_state.hold = Handhold{std::move(pairs), HoldHeight::Unsaid};
        return true;
    }
    bool one() {
        for (const auto& [word, position] : positions)
            if (take(word)) {
                m_state.position = position;
                return true;
            }
        for (const auto& [words, feet] : relations)
            if (take(words)) {
                m_state.feet = feet;
                return true;
            }
        for (const auto& [word, height] : heights) {
            const std::size_t begin = m_at;
            if (!take(word)) continue;
            m_height = height;
            m_heightAt = begin;
            m_heightEnd = m_at;
            return true;
        }
        if (take("both hands")) return set(bothHands);
        if (take("crossed hands")) return set(crossedHands);
        if (take("no hands")) return set({});
        return pair();
    }
    bool pair() {
        if (m_at + 3 > m_text.size() || m_text[m_at + 1] != '-' ||
            (m_at + 3 < m_text.size() && !isSpace(m_text[m_at + 3])))
            return false;
        const auto first = handOf(m_text[m_at]);
        const auto second = handOf(m_text[m_at + 2]);
        if (!first || !second) return false;
        if (!m_state.hold) m_state.hold = Handhold{};
        auto& pairs = m_state.hold->pairs;
        for (const HandPair& have : pairs)
            if (have.first == *first || have.second == *second) {
                m_why = Core::sentence("A hand is held twice here. Each hand holds one other.");
                return false;
            }
        pairs.push_back({*first, *second});
        std::sort(pairs.begin(), pairs.end());
        m_at += 3;
        return true;
    }

    std::string_view m_text;
    std::size_t m_at = 0;
    CoupleState m_state;
    HoldHeight m_height = HoldHeight::Unsaid;
    std::size_t m_heightAt = 0;
    std::size_t m_heightEnd = 0;
    Sentence m_why;
};

} // namespace

CoupleState CoupleState::then(const CoupleState& later) const {
    CoupleState out = *this;
    if (later.hold) out.hold = later.hold;
    if (later.position) out.position = later.position;
    if (later.feet) out.feet = later.feet;
    return out;
}

tl::expected<CoupleState, CoupleTextError> parseCouple(std::string_view text) { return CoupleReader(text).run(); }

std::string toString(Position position) {
    for (const auto& [word, p] : positions)
        if (p == position) return std::string(word);
    return {};
}

std::string toString(FootRelation feet) { return feet == FootRelation::Same ? "same foot" : "opposite feet"; }

std::string toString(const Handhold& hold) {
    if (hold.pairs.empty()) return "no hands";
    std::string out;
    if (hold.pairs == bothHands)
        out = "both hands";
    else if (hold.pairs == crossedHands)
        out = "crossed hands";
    else
        for (const HandPair& pair : hold.pairs)
            out += std::string(out.empty() ? "" : " ") + (pair.first == Hand::Left ? "L-" : "R-") +
                   (pair.second == Hand::Left ? "L" : "R");
    for (const auto& [word, height] : heights)
        if (height == hold.height) out += " " + std::string(word);
    return out;
}

std::string toString(const CoupleState& state) {
    std::string out;
    const auto add = [&](const std::string& words) { out += (out.empty() ? "" : ", ") + words; };
    if (state.position) add(toString(*state.position));
    if (state.hold) add(toString(*state.hold));
    if (state.feet) add(toString(*state.feet));
    return out;
}

} // namespace lc
