#pragma once

#include "core/base/sentence.h"

#include <cstddef>
#include <memory>
#include <string>
#include <utility>
#include <vector>

namespace lc {

/// Undo and redo over immutable values. Each step is named; steps with the same non-empty merge key, made one after
/// another, become one (typing in a line).
template <typename Value, typename Name = Sentence>
class History {
public:
    explicit History(Value first) { m_steps.push_back({std::make_shared<const Value>(std::move(first)), {}, {}}); }

    [[nodiscard]] const Value& current() const { return *m_steps[m_at].value; }
    [[nodiscard]] std::shared_ptr<const Value> shared() const { return m_steps[m_at].value; }
    [[nodiscard]] bool canUndo() const { return m_at > 0; }
    [[nodiscard]] bool canRedo() const { return m_at + 1 < m_steps.size(); }
    /// Name of the step that undo would take back.
    [[nodiscard]] Name undoName() const { return canUndo() ? m_steps[m_at].name : Name(); }
    [[nodiscard]] Name redoName() const { return canRedo() ? m_steps[m_at + 1].name : Name(); }

    void push(Value next, Name name, std::string mergeKey = {}) {
        const bool merge = !mergeKey.empty() && m_mergeOpen && m_at > 0 && m_steps[m_at].mergeKey == mergeKey;
        m_steps.resize(m_at + 1);
        auto shared = std::make_shared<const Value>(std::move(next));
        if (merge) {
            m_steps[m_at].value = std::move(shared);
            if (m_savedAt == m_at) m_savedAt = nowhere;
        } else {
            if (m_savedAt != nowhere && m_savedAt > m_at) m_savedAt = nowhere;
            m_steps.push_back({std::move(shared), std::move(name), std::move(mergeKey)});
            ++m_at;
        }
        m_mergeOpen = true;
    }

    void undo() {
        if (canUndo()) --m_at;
        m_mergeOpen = false;
    }
    void redo() {
        if (canRedo()) ++m_at;
        m_mergeOpen = false;
    }
    /// The next push opens a new step even with the same merge key.
    void closeMerge() { m_mergeOpen = false; }

    /// Remembers that the current value is what the file holds.
    void markSaved() {
        m_savedAt = m_at;
        m_mergeOpen = false;
    }
    /// No file holds the current value, such as one that was pasted.
    void markUnsaved() { m_savedAt = nowhere; }
    [[nodiscard]] bool isSaved() const { return m_savedAt == m_at; }

private:
    static constexpr std::size_t nowhere = static_cast<std::size_t>(-1);
    struct Step {
        std::shared_ptr<const Value> value;
        Name name;
        std::string mergeKey;
    };
    std::vector<Step> m_steps;
    std::size_t m_at = 0;
    std::size_t m_savedAt = 0;
    bool m_mergeOpen = false;
};

} // namespace lc
