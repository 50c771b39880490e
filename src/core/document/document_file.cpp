#include "core/document/document_file.h"

#include "core/document/document_json.h"

#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <filesystem>
#include <fstream>
#include <sys/stat.h>
#include <unistd.h>

namespace lc {

namespace fs = std::filesystem;

namespace {

constexpr std::uintmax_t largestDocument = 256u << 20; // a routine of 5000 passes is below 2 MB

std::string reason(int code) {
    switch (code) {
    case EACCES:
    case EPERM:
    case EROFS: return "you may not write there. Choose another folder.";
    case ENOSPC:
    case EDQUOT:
    case EFBIG: return "the disk is full. Make room or choose another folder.";
    case ENOENT:
    case ENOTDIR: return "the folder does not exist. Choose another folder.";
    case EISDIR: return "a folder has that name. Choose another name.";
    default: return std::string(std::strerror(code)) + ".";
    }
}

tl::unexpected<Error> unwritable(const std::string& path, int code) {
    return fail(ErrorCode::Unwritable, "“" + path + "” could not be written: " + reason(code) + " The file from before is untouched.", path);
}

/// A file that disappears unless it is kept.
class ScrapFile {
public:
    explicit ScrapFile(std::string path) : m_path(std::move(path)) {}
    ~ScrapFile() {
        if (m_descriptor >= 0) ::close(m_descriptor);
        if (!m_kept) ::unlink(m_path.c_str());
    }
    ScrapFile(const ScrapFile&) = delete;
    ScrapFile& operator=(const ScrapFile&) = delete;

    bool open(mode_t mode) {
        m_descriptor = ::open(m_path.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_CLOEXEC, mode);
        return m_descriptor >= 0;
    }
    bool write(std::string_view bytes) {
        while (!bytes.empty()) {
            const ssize_t done = ::write(m_descriptor, bytes.data(), bytes.size());
            if (done < 0 && errno == EINTR) continue;
            if (done < 0) return false;
            bytes.remove_prefix(static_cast<std::size_t>(done));
        }
        return ::fsync(m_descriptor) == 0;
    }
    bool close() {
        const int descriptor = m_descriptor;
        m_descriptor = -1;
        return ::close(descriptor) == 0;
    }
    bool moveTo(const std::string& path) {
        m_kept = ::rename(m_path.c_str(), path.c_str()) == 0;
        return m_kept;
    }

private:
    std::string m_path;
    int m_descriptor = -1;
    bool m_kept = false;
};

bool sameSong(const SongReference& song, const fs::path& path) {
    std::error_code error;
    if (!fs::is_regular_file(path, error) || fs::file_size(path, error) != song.bytes || error) return false;
    const auto print = fingerprintFile(path.string());
    return print && print->hash == song.hash;
}

/// The song beside the routine, by its content, when it is not where it was.
std::optional<fs::path> findBeside(const SongReference& song, const fs::path& folder) {
    std::error_code error;
    const fs::path sameName = folder / fs::path(song.path).filename();
    if (sameSong(song, sameName)) return sameName;
    for (fs::directory_iterator it(folder, error), end; !error && it != end; it.increment(error))
        if (sameSong(song, it->path())) return it->path();
    return std::nullopt;
}

} // namespace

Result<LoadedDocument> loadDocument(const std::string& path) {
    std::error_code error;
    if (!fs::exists(path, error)) return fail(ErrorCode::NotFound, "There is no file “" + path + "”.", path);
    if (!fs::is_regular_file(path, error)) return fail(ErrorCode::Unreadable, "“" + path + "” is not a file.", path);
    if (fs::file_size(path, error) > largestDocument)
        return fail(ErrorCode::Unreadable, "“" + path + "” is far too large for a routine.", path);
    std::ifstream in(path, std::ios::binary);
    const std::string text{std::istreambuf_iterator<char>(in), std::istreambuf_iterator<char>()};
    if (!in) return fail(ErrorCode::Unreadable, "“" + path + "” cannot be read. Check that you may read it.", path);
    auto document = documentFromJson(text);
    if (!document) {
        Error e = document.error();
        e.message = "“" + fs::path(path).filename().string() + "”: " + e.message;
        return tl::unexpected(e);
    }
    SongReference& song = document->song;
    if (!song.path.empty()) {
        const fs::path folder = fs::absolute(path, error).parent_path();
        fs::path place = fs::path(song.path);
        if (place.is_relative()) place = (folder / place).lexically_normal();
        if (!fs::exists(place, error))
            if (const auto beside = findBeside(song, folder)) place = *beside;
        song.path = place.string();
    }
    return LoadedDocument{std::move(*document), fingerprintBytes(text)};
}

Result<void> writeFileAtomically(const std::string& path, std::string_view bytes) {
    std::error_code error;
    fs::path target = fs::absolute(path, error);
    if (fs::is_symlink(target, error)) { // write through a link, not over it
        const fs::path real = fs::weakly_canonical(target, error);
        if (!error) target = real;
    }
    struct stat old {};
    const bool exists = ::stat(target.c_str(), &old) == 0;
    if (exists && S_ISDIR(old.st_mode)) return unwritable(path, EISDIR);
    if (exists && ::access(target.c_str(), W_OK) != 0) return unwritable(path, errno);
    const fs::path scrap = target.parent_path() / ("." + target.filename().string() + "." + std::to_string(::getpid()) + ".part");
    ScrapFile file(scrap.string());
    if (!file.open(exists ? old.st_mode & 0777 : 0644)) return unwritable(path, errno);
    if (!file.write(bytes)) return unwritable(path, errno);
    if (!file.close()) return unwritable(path, errno);
    if (!file.moveTo(target.string())) return unwritable(path, errno);
    return {};
}

Result<FileFingerprint> saveDocument(const Document& document, const std::string& path, const FileFingerprint* expected) {
    std::error_code error;
    if (expected && fs::exists(path, error)) {
        const auto now = fingerprintFile(path);
        if (!now || *now != *expected)
            return fail(ErrorCode::ChangedOnDisk, "“" + path + "” was changed by another window or program since it was opened here. "
                        "Save under another name, or overwrite it if you are sure.", path);
    }
    Document onDisk = document;
    if (!document.song.path.empty()) {
        const fs::path folder = fs::absolute(path, error).parent_path();
        const fs::path relative = fs::path(document.song.path).lexically_relative(folder);
        if (!relative.empty()) onDisk.song.path = relative.string();
    }
    const std::string text = toJson(onDisk);
    if (auto written = writeFileAtomically(path, text); !written) return tl::unexpected(written.error());
    return fingerprintBytes(text);
}

SongState songState(const SongReference& song) {
    if (song.path.empty()) return SongState::None;
    std::error_code error;
    if (!fs::is_regular_file(song.path, error)) return SongState::Missing;
    return sameSong(song, song.path) ? SongState::There : SongState::Changed;
}

} // namespace lc
