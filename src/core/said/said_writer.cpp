#include "core/said/said_writer.h"

#include <algorithm>

namespace lc::said {

namespace {

template <typename Each>
void words(const std::string& body, Each each) {
    for (std::size_t at = 0; at < body.size();) {
        const std::size_t end = std::min(body.find(' ', at), body.size());
        each(body.substr(at, end - at));
        at = end + 1;
    }
}

bool isFoot(const std::string& word) { return word == "L" || word == "R"; }
bool isTurn(const std::string& word) {
    return word == "full" || (word.size() > 2 && word.find('/') != std::string::npos);
}

/// Without its foot and its turn.
std::string bare(const std::string& body) {
    std::string out;
    words(body, [&](const std::string& word) {
        if (!isFoot(word) && !isTurn(word)) out += (out.empty() ? "" : " ") + word;
    });
    return out;
}

std::string onOtherFoot(const std::string& body) {
    std::string out;
    bool turn = false;
    words(body, [&](const std::string& word) {
        out += (out.empty() ? "" : " ") + (isFoot(word) && !turn ? std::string(word == "L" ? "R" : "L") : word);
        turn = isTurn(word);
    });
    return out;
}

} // namespace

void LineWriter::put(const Mark& mark, const std::string& body) {
    m_moments.push_back(
        {mark.letter.empty() ? mark.count - m_lessBy : 0, mark.letter, mark.glued, body, mark.begin, mark.finish});
}

void LineWriter::putOn(const std::vector<Mark>& marks, const Acts& acts) {
    std::size_t k = 0;
    for (const Mark& mark : marks) {
        const bool danced = !mark.silent && k < acts.acts.size();
        put(mark, danced ? acts.acts[k].body : "wait");
        if (danced) cover(acts.acts[k++]);
    }
}

void LineWriter::putOnEach(const std::vector<Mark>& marks, const Act& act) {
    bool first = true;
    for (const Mark& mark : marks) {
        put(mark, mark.silent ? "wait" : first ? act.body : bare(act.body));
        if (!mark.silent && first) cover(act);
        first = first && mark.silent;
    }
}

void LineWriter::putOnLast(const std::vector<Mark>& marks, const Act& act) {
    const auto last = std::find_if(marks.rbegin(), marks.rend(), [](const Mark& m) { return !m.silent; });
    for (const Mark& mark : marks) put(mark, mark.silent ? "wait" : &mark == &*last ? act.body : "");
}

std::int64_t LineWriter::putFrom(std::int64_t first, const Acts& acts, std::int64_t last) {
    std::int64_t done = first - 1;
    for (const Act& act : acts.acts) {
        done = first + wholeCounts(act.at);
        m_moments.push_back(
            {act.label.empty() ? done - m_lessBy : 0, act.label, false, act.body, act.begin, act.finish});
    }
    while (done < last) {
        ++done;
        const std::size_t at = m_moments.empty() ? 0 : m_moments.back().finish;
        m_moments.push_back({done - m_lessBy, {}, false, "wait", at, at});
    }
    return done;
}

void LineWriter::putLong(const std::string& label, const std::string& body, std::size_t begin, std::size_t finish) {
    m_moments.push_back({0, label, false, body, begin, finish});
}

std::int64_t LineWriter::repeat(std::int64_t times, bool otherFoot) {
    std::int64_t length = 0;
    for (const Moment& m : m_moments) length = std::max(length, m.count);
    const std::vector<Moment> once = m_moments;
    for (std::int64_t k = 1; k < times; ++k)
        for (Moment m : once) {
            if (m.count > 0) m.count += length * k;
            if (otherFoot) m.body = onOtherFoot(m.body);
            m_moments.push_back(std::move(m));
        }
    return length * times;
}

std::vector<LineWriter::Moment> LineWriter::on(std::int64_t from, std::int64_t to) const {
    std::vector<Moment> out;
    std::int64_t now = 0;
    for (const Moment& m : m_moments) {
        if (m.count > 0) now = m.count + m_lessBy;
        if (now >= from && now <= to) out.push_back(m);
    }
    return out;
}

void LineWriter::copy(std::int64_t from, std::int64_t to, std::int64_t first, bool otherFoot) {
    for (Moment& m : on(from, to)) {
        if (m.count > 0) m.count += first - from;
        if (otherFoot) m.body = onOtherFoot(m.body);
        m_moments.push_back(std::move(m));
    }
}

std::optional<Foot> LineWriter::footOn(std::int64_t from, std::int64_t to) const {
    std::optional<Foot> found;
    for (const Moment& m : on(from, to)) {
        bool turn = false;
        words(m.body, [&](const std::string& word) {
            if (isFoot(word) && !turn && !found) found = word == "L" ? Foot::Left : Foot::Right;
            turn = isTurn(word);
        });
    }
    return found;
}

std::string LineWriter::line(std::vector<Piece>& pieces) const {
    std::string out = m_head;
    for (std::size_t i = 0; i < m_moments.size(); ++i) {
        const Moment& m = m_moments[i];
        const bool glued = m.glued && i > 0 && m_moments[i - 1].body.empty(); // "3&", but "3 step L &"
        if (!out.empty() && !glued) out += ' ';
        const std::size_t begin = out.size();
        out += m.count > 0 ? std::to_string(m.count) : m.label;
        if (!m.body.empty()) out += " " + m.body;
        pieces.push_back({begin, out.size(), m.begin, m.finish});
    }
    return out;
}

} // namespace lc::said
