#pragma once

#include "core/base/result.h"
#include "core/base/tick.h"
#include "core/document/document.h"
#include "core/figures/figure_card.h"

#include <cstdint>
#include <memory>
#include <mutex>
#include <optional>
#include <string>
#include <vector>

namespace lc {

/// Lines of a figure of the vocabulary that are being typed and are not in it yet.
struct TypedFigure {
    std::string id; ///< of the figure in the vocabulary
    FigureCard card;
    bool operator==(const TypedFigure&) const = default;
};

/// What a window holds that is in no file yet.
struct JournalEntry {
    std::string file;                 ///< of the routine, absolute; empty while it was never saved
    std::optional<Document> document; ///< none where the routine itself is saved
    Tick caret;
    std::optional<TypedFigure> figure;
};

/// The journal of one window: a file that is replaced whole with each entry and flushed, in a folder that all windows
/// share. A lock beside it says that the window is there; the system drops it however the window ends. Entries may be
/// written from several threads.
///
/// Errors of all functions: Unwritable (read-only folder, full disk).
class Journal {
public:
    /// Makes the folder where there is none, and the lock.
    [[nodiscard]] static Result<std::unique_ptr<Journal>> open(const std::string& folder);
    ~Journal(); ///< the lock goes; an entry stays for the next start
    Journal(const Journal&) = delete;
    Journal& operator=(const Journal&) = delete;

    /// Replaces the entry. `number` grows with every change of the window: an entry that comes after a newer one was
    /// written is dropped.
    [[nodiscard]] Result<void> write(const JournalEntry& entry, std::int64_t number);
    /// Everything is in files.
    [[nodiscard]] Result<void> clear(std::int64_t number);

    [[nodiscard]] const std::string& path() const { return m_path; }

private:
    Journal(std::string path, int lock) : m_path(std::move(path)), m_lock(lock) {}

    std::mutex m_writing;
    std::int64_t m_number = -1; ///< of what is there
    std::string m_path;
    int m_lock; ///< descriptor
};

/// An entry of a window that is gone.
struct LeftBehind {
    std::string path;           ///< of the journal
    std::int64_t writtenAt = 0; ///< milliseconds since 1970, UTC
    JournalEntry entry;
};

/// The entries of windows that are gone, the newest first. Of one that cannot be read a sentence is put into
/// `unreadable`; it stays.
[[nodiscard]] std::vector<LeftBehind> leftBehind(const std::string& folder, std::vector<Text>* unreadable = nullptr);

/// Deletes the entry of a window that is gone. False where it could not be deleted, or a window holds it.
bool forgetLeft(const std::string& journal);

/// The text of a journal, and back: a line of JSON about it, then the routine as its file would be. Errors: Unreadable,
/// NewerVersion.
[[nodiscard]] std::string journalText(const JournalEntry& entry, std::int64_t writtenAt);
[[nodiscard]] Result<LeftBehind> readJournal(std::string_view text);

} // namespace lc
