#pragma once

#include "core/base/plain_text.h"
#include "core/base/result.h"
#include "core/base/task.h"

#include <cstdint>
#include <string>
#include <string_view>

namespace lc {

/// Most bytes of a text that a person wrote or another program exported: a song's map, a routine as text, facts,
/// figures.
inline constexpr std::uint64_t mostTextBytes = 20U << 20; // the map of a day of music has 10 MB

/// The one way in for files: the bytes of a regular file. Anything else (a folder, a device, a pipe) is refused at
/// once, without waiting for it. Errors: NotFound; Unreadable (no permission, not a file, larger than `most` bytes, the
/// disk fails on the way); Cancelled.
[[nodiscard]] Result<std::string> readFile(const std::string& path, std::uint64_t most, const Task& task = {});

/// A text file, as readFile() and readForeignText().
[[nodiscard]] Result<ForeignText> readTextFile(const std::string& path, std::uint64_t most = mostTextBytes,
                                               const Task& task = {});

/// Whether it is a regular file that may be read; the error says what else it is. Errors: NotFound, Unreadable.
[[nodiscard]] Result<void> checkRegularFile(const std::string& path);

/// The one way out for files. A regular file is only ever replaced whole: the bytes go into a new file beside it, are
/// flushed, and that is renamed over it, and the folder flushed; on any error the old file is untouched and no scrap is
/// left. Scraps of programs that are gone are cleared away. A link is followed. A pipe or a character device that
/// stands there is written into, never replaced; a disk is refused. Error Unwritable says why.
[[nodiscard]] Result<void> writeFileAtomically(const std::string& path, std::string_view bytes);

/// The same for what a library writes by itself: it is given the name of a scrap file beside the target, which then
/// takes the target's place. Only regular files. The scrap's name ends as the target's does.
template <typename Writing>
[[nodiscard]] Result<void> replaceFile(const std::string& path, const Writing& writing);

/// A scrap file beside its target. For replaceFile().
class ScrapFile {
public:
    /// Made, empty and open, with a name of its own. Error Unwritable.
    [[nodiscard]] static Result<ScrapFile> beside(const std::string& target);
    ScrapFile(ScrapFile&& other) noexcept;
    ScrapFile& operator=(ScrapFile&&) = delete;
    ~ScrapFile(); ///< it disappears unless it took the target's place

    [[nodiscard]] const std::string& path() const { return m_path; }
    [[nodiscard]] Result<void> write(std::string_view bytes);
    /// Flushes it and puts it in the target's place. Error Unwritable.
    [[nodiscard]] Result<void> takePlace();

private:
    ScrapFile() = default;
    std::string m_asked;  ///< the name that was given, for sentences
    std::string m_target; ///< behind links
    std::string m_path;
    int m_descriptor = -1;
    bool m_gone = false;
};

template <typename Writing>
Result<void> replaceFile(const std::string& path, const Writing& writing) {
    auto scrap = ScrapFile::beside(path);
    if (!scrap) return tl::unexpected(scrap.error());
    if (Result<void> written = writing(scrap->path()); !written) return written;
    return scrap->takePlace();
}

} // namespace lc
