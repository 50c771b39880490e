#include "audio/features_file.h"

#include "core/base/content_hash.h"
#include "core/base/files.h"

#include <cstdint>
#include <cstring>

namespace lc {

namespace {

constexpr char magic[8] = {'l', 'c', 'f', 'e', 'a', 't', '0', '2'}; // the last two count versions of the analysis

constexpr std::uint64_t mostFeatureBytes = 1U << 30; // ninety minutes have 110 MB

template <typename T>
void put(std::string& out, const T& value) {
    static_assert(std::is_trivially_copyable_v<T>);
    out.append(reinterpret_cast<const char*>(&value), sizeof(T));
}

template <typename T>
void putAll(std::string& out, const std::vector<T>& values) {
    put(out, static_cast<std::uint64_t>(values.size()));
    out.append(reinterpret_cast<const char*>(values.data()), values.size() * sizeof(T));
}

struct Reader {
    const std::string& bytes;
    std::size_t at = 0;
    bool good = true;

    template <typename T>
    void get(T& value) {
        if (!good || bytes.size() - at < sizeof(T)) { good = false; return; }
        std::memcpy(&value, bytes.data() + at, sizeof(T));
        at += sizeof(T);
    }
    template <typename T>
    void getAll(std::vector<T>& values) {
        std::uint64_t size = 0;
        get(size);
        if (!good || size > (bytes.size() - at) / sizeof(T)) { good = false; return; }
        values.resize(size);
        if (size > 0) std::memcpy(values.data(), bytes.data() + at, size * sizeof(T));
        at += size * sizeof(T);
    }
};

} // namespace

Result<void> saveFeatures(const SongFeatures& song, const std::string& path) {
    std::string out(magic, sizeof magic);
    put(out, song.seconds);
    put(out, song.onsets.rate);
    for (const auto* function : {&song.onsets.flux, &song.onsets.complexDomain, &song.onsets.low, &song.onsets.high, &song.onsets.level}) putAll(out, *function);
    put(out, song.spectra.step);
    putAll(out, song.spectra.frames);
    out += fingerprintBytes(out).hash;
    return writeFileAtomically(path, out);
}

Result<SongFeatures> loadFeatures(const std::string& path) {
    auto read = readFile(path, mostFeatureBytes);
    if (!read) return fail(ErrorCode::NotFound, "There are no kept features.", path);
    std::string bytes = std::move(*read);
    const auto bad = [&] { return fail(ErrorCode::Unreadable, "The kept features cannot be used.", path); };
    constexpr std::size_t hashLength = 32;
    if (bytes.size() < sizeof magic + hashLength) return bad();
    const std::string hash = bytes.substr(bytes.size() - hashLength);
    bytes.resize(bytes.size() - hashLength);
    if (fingerprintBytes(bytes).hash != hash || std::memcmp(bytes.data(), magic, sizeof magic) != 0) return bad();
    Reader in{bytes, sizeof magic};
    SongFeatures song;
    in.get(song.seconds);
    in.get(song.onsets.rate);
    for (auto* function : {&song.onsets.flux, &song.onsets.complexDomain, &song.onsets.low, &song.onsets.high, &song.onsets.level}) in.getAll(*function);
    in.get(song.spectra.step);
    in.getAll(song.spectra.frames);
    const std::size_t n = song.onsets.flux.size();
    const bool equal = song.onsets.complexDomain.size() == n && song.onsets.low.size() == n && song.onsets.high.size() == n && song.onsets.level.size() == n;
    if (!in.good || in.at != bytes.size() || !equal || !(song.onsets.rate > 0) || !(song.spectra.step > 0)) return bad();
    song.prepare();
    return song;
}

} // namespace lc
