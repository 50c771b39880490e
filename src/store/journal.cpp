#include "store/journal.h"

#include "core/base/files.h"
#include "core/base/plain_text.h"
#include "core/document/document_file.h"
#include "core/document/document_json.h"
#include "core/document/json_field.h"
#include "core/exchange/figure_file.h"
#include "store/identity.h"

#include <algorithm>
#include <cerrno>
#include <chrono>
#include <cstring>
#include <fcntl.h>
#include <filesystem>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>

namespace lc {

namespace fs = std::filesystem;

namespace {

constexpr int journalVersion = 1;
constexpr const char* journalEnding = ".journal";
constexpr const char* lockEnding = ".lock";

std::int64_t now() {
    return std::chrono::duration_cast<std::chrono::milliseconds>(std::chrono::system_clock::now().time_since_epoch())
        .count();
}

std::string lockOf(const fs::path& journal) { return fs::path(journal).replace_extension(lockEnding).string(); }

/// A lock on the lock of a journal while it lives; none where a window holds it.
class HeldLock {
public:
    HeldLock(const std::string& path, int how) : m_descriptor(::open(path.c_str(), O_RDWR | O_CLOEXEC)) {
        m_held = m_descriptor < 0 ? errno == ENOENT : ::flock(m_descriptor, how | LOCK_NB) == 0;
    }
    ~HeldLock() {
        if (m_descriptor >= 0) ::close(m_descriptor);
    }
    HeldLock(const HeldLock&) = delete;
    HeldLock& operator=(const HeldLock&) = delete;
    explicit operator bool() const { return m_held; }

private:
    int m_descriptor;
    bool m_held;
};

tl::unexpected<Error> unusable(const std::string& folder, int code) {
    return fail(ErrorCode::Unwritable,
                Core::sentence("What is not saved cannot be kept in “%1”: %2.", shown(folder),
                               std::string(std::strerror(code))),
                folder);
}

} // namespace

Result<std::unique_ptr<Journal>> Journal::open(const std::string& folder) {
    std::error_code error;
    fs::create_directories(folder, error);
    if (error) return unusable(folder, error.value());
    ::chmod(folder.c_str(), 0700);
    constexpr int attempts = 16; // each fails only where another window clears up just then
    for (int attempt = 0; attempt < attempts; ++attempt) {
        const std::string path = (fs::path(folder) / (newIdentity() + journalEnding)).string();
        const int lock = ::open(lockOf(path).c_str(), O_RDWR | O_CREAT | O_EXCL | O_CLOEXEC, 0600);
        if (lock < 0) return unusable(folder, errno);
        struct stat held {};
        struct stat there {};
        if (::flock(lock, LOCK_EX | LOCK_NB) == 0 && ::fstat(lock, &held) == 0 &&
            ::stat(lockOf(path).c_str(), &there) == 0 && held.st_ino == there.st_ino)
            return std::unique_ptr<Journal>(new Journal(path, lock));
        ::close(lock);
    }
    return unusable(folder, EAGAIN);
}

Journal::~Journal() {
    std::error_code error;
    if (!fs::exists(m_path, error)) ::unlink(lockOf(m_path).c_str());
    ::close(m_lock);
}

Result<void> Journal::write(const JournalEntry& entry, std::int64_t number) {
    const std::string text = journalText(entry, now());
    const std::lock_guard guard(m_writing);
    if (number < m_number) return {};
    auto written = writeFileAtomically(m_path, text);
    if (written) m_number = number;
    return written;
}

Result<void> Journal::clear(std::int64_t number) {
    const std::lock_guard guard(m_writing);
    if (number < m_number) return {};
    m_number = number;
    if (::unlink(m_path.c_str()) != 0 && errno != ENOENT) return unusable(fs::path(m_path).parent_path(), errno);
    return {};
}

std::vector<LeftBehind> leftBehind(const std::string& folder, std::vector<Text>* unreadable) {
    std::vector<LeftBehind> all;
    std::error_code error;
    std::vector<fs::path> files;
    for (fs::directory_iterator it(folder, error), end; !error && it != end; it.increment(error))
        files.push_back(it->path());
    for (const fs::path& file : files) {
        if (file.extension() == lockEnding && !fs::exists(fs::path(file).replace_extension(journalEnding), error)) {
            // A window makes its lock before its journal: only one that nobody holds is of a window that is gone.
            if (const HeldLock lock(file.string(), LOCK_EX); lock) ::unlink(file.c_str());
            continue;
        }
        if (file.extension() != journalEnding || file.filename().string().starts_with(".")) continue;
        const HeldLock lock(lockOf(file), LOCK_SH);
        if (!lock) continue;
        const auto text = readFile(file.string(), mostDocumentBytes + mostTextBytes);
        auto read = text ? readJournal(*text) : tl::unexpected(text.error());
        if (!read) {
            if (unreadable)
                unreadable->push_back(Core::sentence("Unsaved work in “%1” cannot be read: %2", shown(file.string()),
                                                     read.error().message));
            continue;
        }
        read->path = file.string();
        all.push_back(std::move(*read));
    }
    std::sort(all.begin(), all.end(),
              [](const LeftBehind& a, const LeftBehind& b) { return a.writtenAt > b.writtenAt; });
    return all;
}

bool forgetLeft(const std::string& journal) {
    const HeldLock lock(lockOf(journal), LOCK_EX);
    if (!lock || ::unlink(journal.c_str()) != 0) return false;
    ::unlink(lockOf(journal).c_str());
    return true;
}

std::string journalText(const JournalEntry& entry, std::int64_t writtenAt) {
    Json head;
    head["format"] = "liftcount-journal";
    head["version"] = journalVersion;
    head["written_ms"] = writtenAt;
    head["file"] = entry.file;
    head["caret"] = entry.caret.value;
    if (entry.figure) head["figure"] = {{"id", entry.figure->id}, {"card", cardToJson(entry.figure->card)}};
    return jsonText(head, -1) + "\n" + (entry.document ? toJson(*entry.document) : std::string());
}

Result<LeftBehind> readJournal(std::string_view text) {
    const auto broken = [](const Text& why) {
        return fail(ErrorCode::Unreadable, Core::sentence("It is damaged: %1.", why));
    };
    const std::size_t end = text.find('\n');
    if (end == std::string_view::npos) return broken(Core::sentence("its first line does not end"));
    const Json head = Json::parse(text.substr(0, end), nullptr, false);
    LeftBehind read;
    try {
        const Field field(head, {});
        if (field["format"].text() != "liftcount-journal") return broken(Core::sentence("it is not a journal"));
        if (field["version"].whole<int>(1, INT32_MAX) > journalVersion)
            return fail(ErrorCode::NewerVersion, Core::sentence("A newer Lift Count wrote it."));
        read.writtenAt = field["written_ms"].whole<std::int64_t>(0, INT64_MAX);
        read.entry.file = field["file"].text();
        read.entry.caret = Tick{field["caret"].whole<std::int64_t>(INT64_MIN, INT64_MAX)};
        if (const auto figure = field.maybe("figure")) {
            auto card = cardFromJson((*figure)["card"].text());
            if (!card) return tl::unexpected(card.error());
            read.entry.figure = TypedFigure{(*figure)["id"].text(), std::move(*card)};
        }
    } catch (const BadField& bad) { return broken(Core::sentence("%1 %2", bad.path, bad.why)); }
    if (end + 1 < text.size()) {
        auto document = documentFromJson(text.substr(end + 1));
        if (!document) return tl::unexpected(document.error());
        read.entry.document = std::move(*document);
    }
    return read;
}

} // namespace lc
