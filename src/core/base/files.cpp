#include "core/base/files.h"

#include <algorithm>
#include <cerrno>
#include <charconv>
#include <csignal>
#include <cstring>
#include <ctime>
#include <fcntl.h>
#include <filesystem>
#include <random>
#include <sys/stat.h>
#include <unistd.h>
#include <utility>

namespace lc {

namespace fs = std::filesystem;

namespace {

std::string named(const std::string& path) { return "“" + shown(path) + "”"; }

/// Closes itself.
struct Descriptor {
    explicit Descriptor(int number) : it(number) {}
    ~Descriptor() {
        if (it >= 0) ::close(it);
    }
    Descriptor(const Descriptor&) = delete;
    Descriptor& operator=(const Descriptor&) = delete;
    int it;
};

Sentence isNoFile(const std::string& name, mode_t mode) {
    if (S_ISDIR(mode)) return Core::sentence("%1 is a folder.", name);
    if (S_ISFIFO(mode) || S_ISSOCK(mode)) return Core::sentence("%1 is a pipe, not a file.", name);
    return Core::sentence("%1 is a device, not a file.", name);
}

tl::unexpected<Error> unreadable(const std::string& path, int code) {
    const std::string name = named(path);
    switch (code) {
    case ENOENT:
    case ENOTDIR: return fail(ErrorCode::NotFound, Core::sentence("There is no file %1.", name), path);
    case EACCES:
    case EPERM:
        return fail(
            ErrorCode::Unreadable,
            Core::sentence("%1 may not be read by you. Change its permissions, or copy it to a folder of yours.", name),
            path);
    case EIO:
        return fail(
            ErrorCode::Unreadable,
            Core::sentence(
                "%1 could not be read to its end: the disk or stick reports a fault. Try to copy it, or take another copy.",
                name),
            path);
    default:
        return fail(ErrorCode::Unreadable,
                    Core::sentence("%1 cannot be read: %2.", name, std::string(std::strerror(code))), path);
    }
}

Sentence whyUnwritable(int code) {
    switch (code) {
    case EACCES:
    case EPERM:
    case EROFS: return Core::sentence("you may not write there. Choose another folder.");
    case ENOSPC:
    case EDQUOT: return Core::sentence("the disk is full. Make room or choose another folder.");
    case EFBIG: return Core::sentence("it is larger than the system allows here. Choose another folder.");
    case ENOENT:
    case ENOTDIR: return Core::sentence("the folder does not exist. Choose another folder.");
    case EISDIR: return Core::sentence("a folder has that name. Choose another name.");
    case ENXIO: return Core::sentence("nothing reads from that pipe.");
    case ENOTBLK: return Core::sentence("that is a disk, not a file. Choose another name.");
    case ENAMETOOLONG: return Core::sentence("the name is too long. Choose a shorter one.");
    default: return Core::sentence("%1.", std::string(std::strerror(code)));
    }
}

tl::unexpected<Error> unwritable(const std::string& path, int code) {
    return fail(ErrorCode::Unwritable,
                Core::sentence("%1 could not be written: %2 The file from before is untouched.", named(path),
                               whyUnwritable(code)),
                path);
}

/// Opened without waiting for the other end of a pipe.
int openToRead(const std::string& path) { return ::open(path.c_str(), O_RDONLY | O_NONBLOCK | O_CLOEXEC | O_NOCTTY); }

bool writeAll(int descriptor, std::string_view bytes) {
    while (!bytes.empty()) {
        const ssize_t done = ::write(descriptor, bytes.data(), bytes.size());
        if (done < 0 && errno == EINTR) continue;
        if (done < 0) return false;
        bytes.remove_prefix(static_cast<std::size_t>(done));
    }
    return true;
}

/// Into what stands there: a pipe or a character device.
Result<void> writeInto(const std::string& path, std::string_view bytes) {
    const Descriptor there(::open(path.c_str(), O_WRONLY | O_NONBLOCK | O_CLOEXEC | O_NOCTTY));
    if (there.it < 0) return unwritable(path, errno);
    ::fcntl(there.it, F_SETFL, ::fcntl(there.it, F_GETFL) & ~O_NONBLOCK);
    if (!writeAll(there.it, bytes)) return unwritable(path, errno);
    return {};
}

/// What the name stands for: the file behind links, and how it is there (st_mode 0 where it is not).
struct Target {
    fs::path path;
    struct stat there {};
    int problem = 0; ///< errno that forbids writing; 0 = none
};

Target targetOf(const std::string& path) {
    std::error_code error;
    Target out{fs::absolute(path, error), {}, 0};
    if (fs::is_symlink(out.path, error)) { // write through a link, not over it
        const fs::path real = fs::weakly_canonical(out.path, error);
        if (!error) out.path = real;
    }
    if (::stat(out.path.c_str(), &out.there) != 0) {
        out.there.st_mode = 0;
        if (errno != ENOENT) out.problem = errno;
    } else if (S_ISDIR(out.there.st_mode))
        out.problem = EISDIR;
    else if (S_ISBLK(out.there.st_mode))
        out.problem = ENOTBLK;
    else if (S_ISSOCK(out.there.st_mode))
        out.problem = ENXIO;
    else if (::access(out.path.c_str(), W_OK) != 0)
        out.problem = errno;
    return out;
}

/// Scraps beside a target, left by programs that are gone: ".NAME.<process>[-<number>].part…", the process no longer
/// there, older than ten minutes (a folder may be shared with another machine whose processes are not seen here).
void clearOldScraps(const fs::path& target) {
    const std::string head = "." + target.filename().string() + ".";
    std::error_code error;
    int looked = 0;
    for (fs::directory_iterator it(target.parent_path(), error), end; !error && it != end && ++looked < 20000;
         it.increment(error)) {
        const std::string name = it->path().filename().string();
        if (name.rfind(head, 0) != 0 || name.find(".part", head.size()) == std::string::npos) continue;
        pid_t process = 0;
        const auto [rest, wrong] = std::from_chars(name.data() + head.size(), name.data() + name.size(), process);
        if (wrong != std::errc{} || (*rest != '-' && *rest != '.') || process <= 0) continue;
        struct stat scrap {};
        if (::lstat(it->path().c_str(), &scrap) != 0 || !S_ISREG(scrap.st_mode) ||
            std::time(nullptr) - scrap.st_mtime < 600)
            continue;
        if (process == ::getpid() || (::kill(process, 0) != 0 && errno == ESRCH)) ::unlink(it->path().c_str());
    }
}

} // namespace

Result<void> checkRegularFile(const std::string& path) {
    const Descriptor file(openToRead(path));
    if (file.it < 0) return unreadable(path, errno);
    struct stat there {};
    if (::fstat(file.it, &there) != 0) return unreadable(path, errno);
    if (!S_ISREG(there.st_mode)) return fail(ErrorCode::Unreadable, isNoFile(named(path), there.st_mode), path);
    return {};
}

Result<std::string> readFile(const std::string& path, std::uint64_t most, const Task& task) {
    const Descriptor file(openToRead(path));
    if (file.it < 0) return unreadable(path, errno);
    struct stat there {};
    if (::fstat(file.it, &there) != 0) return unreadable(path, errno);
    if (!S_ISREG(there.st_mode)) return fail(ErrorCode::Unreadable, isNoFile(named(path), there.st_mode), path);
    const auto tooLarge = [&] {
        return fail(
            ErrorCode::Unreadable,
            Core::sentence("%1 is far too large: more than %2 MB. Is it the right file?", named(path), most >> 20),
            path);
    };
    if (static_cast<std::uint64_t>(there.st_size) > most) return tooLarge();
    std::string bytes;
    constexpr std::size_t block = 1U << 20; // bytes between two looks at whether to stop
    for (std::size_t have = 0;;) {
        if (task.stopped()) return fail(ErrorCode::Cancelled, Core::sentence("Reading was stopped."), path);
        bytes.resize(have + std::min<std::size_t>(
                                block, std::max<std::size_t>(
                                           4096, static_cast<std::size_t>(there.st_size) -
                                                     std::min(have, static_cast<std::size_t>(there.st_size)) + 1)));
        const ssize_t got = ::read(file.it, bytes.data() + have, bytes.size() - have);
        if (got < 0 && errno == EINTR) continue;
        if (got < 0) return unreadable(path, errno);
        have += static_cast<std::size_t>(got);
        bytes.resize(have);
        if (got == 0) return bytes;
        if (have > most) return tooLarge();
    }
}

Result<ForeignText> readTextFile(const std::string& path, std::uint64_t most, const Task& task) {
    const auto bytes = readFile(path, most, task);
    if (!bytes) return tl::unexpected(bytes.error());
    return readForeignText(*bytes, shownName(path));
}

Result<ScrapFile> ScrapFile::beside(const std::string& target) {
    const Target to = targetOf(target);
    if (to.problem != 0) return unwritable(target, to.problem);
    if (to.there.st_mode != 0 && !S_ISREG(to.there.st_mode))
        return fail(ErrorCode::Unwritable,
                    Core::sentence("%1 Choose another name.", isNoFile(named(target), to.there.st_mode)), target);
    clearOldScraps(to.path);
    ScrapFile scrap;
    scrap.m_asked = target;
    scrap.m_target = to.path.string();
    std::random_device random;
    for (int attempt = 0; attempt < 16;
         ++attempt) { // a name may be taken: by another window of this program, or by a scrap from before
        std::string name = to.path.filename().string();
        if (name.size() > 200) name = name.substr(name.size() - 200);
        const fs::path path =
            to.path.parent_path() / ("." + name + "." + std::to_string(::getpid()) + "-" + std::to_string(random()) +
                                     ".part" + to.path.extension().string());
        scrap.m_path = path.string();
        scrap.m_descriptor = ::open(scrap.m_path.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_CLOEXEC,
                                    to.there.st_mode != 0 ? to.there.st_mode & 0777 : 0644);
        if (scrap.m_descriptor >= 0) return scrap;
        if (errno != EEXIST) break;
    }
    const int code = errno;
    scrap.m_gone = true;
    return unwritable(target, code);
}

ScrapFile::ScrapFile(ScrapFile&& other) noexcept
    : m_asked(std::move(other.m_asked)), m_target(std::move(other.m_target)), m_path(std::move(other.m_path)),
      m_descriptor(std::exchange(other.m_descriptor, -1)), m_gone(std::exchange(other.m_gone, true)) {}

ScrapFile::~ScrapFile() {
    if (m_descriptor >= 0) ::close(m_descriptor);
    if (!m_gone) ::unlink(m_path.c_str());
}

Result<void> ScrapFile::write(std::string_view bytes) {
    if (!writeAll(m_descriptor, bytes)) return unwritable(m_asked, errno);
    return {};
}

Result<void> ScrapFile::takePlace() {
    if (::fsync(m_descriptor) != 0) return unwritable(m_asked, errno);
    if (::close(std::exchange(m_descriptor, -1)) != 0) return unwritable(m_asked, errno);
    if (::rename(m_path.c_str(), m_target.c_str()) != 0) return unwritable(m_asked, errno);
    m_gone = true;
    const Descriptor folder(::open(fs::path(m_target).parent_path().c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC));
    if (folder.it >= 0)
        ::fsync(folder.it); // the new name is on the disk too; where a file system has no such thing, nothing more can
                            // be done
    return {};
}

Result<void> writeFileAtomically(const std::string& path, std::string_view bytes) {
    const Target target = targetOf(path);
    if (target.problem != 0) return unwritable(path, target.problem);
    if (target.there.st_mode != 0 && !S_ISREG(target.there.st_mode)) return writeInto(path, bytes);
    auto scrap = ScrapFile::beside(path);
    if (!scrap) return tl::unexpected(scrap.error());
    if (auto written = scrap->write(bytes); !written) return written;
    return scrap->takePlace();
}

} // namespace lc
