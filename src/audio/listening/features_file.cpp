#include "audio/listening/features_file.h"

#include "core/base/content_hash.h"
#include "core/base/files.h"

#include <cmath>
#include <cstdint>
#include <cstring>
#include <numbers>

namespace lc {

namespace {

constexpr char magic[8] = {'l', 'c', 'f', 'e', 'a',
                           't', 'k', 'y'}; // the form of the file; what made its numbers follows as featuresMaker()
constexpr std::size_t hashLength = 32;     // bytes of a SHA-256 (FIPS 180-4)

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
        if (!good || bytes.size() - at < sizeof(T)) {
            good = false;
            return;
        }
        std::memcpy(&value, bytes.data() + at, sizeof(T));
        at += sizeof(T);
    }
    template <typename T>
    void getAll(std::vector<T>& values) {
        std::uint64_t size = 0;
        get(size);
        if (!good || size > (bytes.size() - at) / sizeof(T)) {
            good = false;
            return;
        }
        values.resize(size);
        if (size > 0) std::memcpy(values.data(), bytes.data() + at, size * sizeof(T));
        at += size * sizeof(T);
    }
};

/// All that is kept of the features.
std::string bytesOf(const SongFeatures& song) {
    std::string out;
    put(out, song.seconds);
    put(out, song.onsets.rate);
    for (const auto* function :
         {&song.onsets.flux, &song.onsets.complexDomain, &song.onsets.low, &song.onsets.high, &song.onsets.level})
        putAll(out, *function);
    put(out, song.spectra.step);
    putAll(out, song.spectra.frames);
    return out;
}

/// Four seconds in which there is something of everything that is listened for: clicks on beats, tones that change,
/// noise that grows, and silence. Always the same samples.
AudioBuffer knownSound() {
    AudioBuffer sound;
    sound.sampleRate = usualRate;
    sound.channels = 2;
    std::uint32_t dice = 1;
    for (int i = 0; i < 4 * usualRate; ++i) {
        const double t = static_cast<double>(i) / usualRate;
        dice = dice * 1664525U + 1013904223U; // linear congruence, Numerical Recipes (Press et al. 1992), section 7.1
        const double noise = static_cast<double>(dice >> 8) / (1 << 24) - 0.5;
        const double beat = std::fmod(t, 0.5);
        const double click = beat < 0.02 ? std::sin(2 * std::numbers::pi * 1500 * beat) * (1 - beat / 0.02) : 0;
        const double tone = std::sin(2 * std::numbers::pi * (t < 1.3 ? 220 : t < 2.1 ? 330 : 110) * t);
        const double left = t > 3.5 ? 0 : 0.4 * click + 0.3 * tone + 0.05 * t * noise;
        sound.samples.push_back(static_cast<float>(left));
        sound.samples.push_back(static_cast<float>(0.8 * left));
    }
    return sound;
}

} // namespace

const std::string& featuresMaker() {
    static const std::string maker = fingerprintBytes(bytesOf(songFeatures(knownSound()))).hash;
    return maker;
}

Result<void> saveFeatures(const SongFeatures& song, const std::string& path) {
    std::string out = std::string(magic, sizeof magic) + featuresMaker() + bytesOf(song);
    out += fingerprintBytes(out).hash;
    return writeFileAtomically(path, out);
}

Result<SongFeatures> loadFeatures(const std::string& path) {
    auto read = readFile(path, mostFeatureBytes);
    if (!read) return fail(ErrorCode::NotFound, Core::sentence("There are no kept features."), path);
    std::string bytes = std::move(*read);
    const auto bad = [&] {
        return fail(ErrorCode::Unreadable, Core::sentence("The kept features cannot be used."), path);
    };
    const std::string head = std::string(magic, sizeof magic) + featuresMaker();
    if (bytes.size() < head.size() + hashLength) return bad();
    const std::string hash = bytes.substr(bytes.size() - hashLength);
    bytes.resize(bytes.size() - hashLength);
    if (fingerprintBytes(bytes).hash != hash || bytes.compare(0, head.size(), head) != 0) return bad();
    Reader in{bytes, head.size()};
    SongFeatures song;
    in.get(song.seconds);
    in.get(song.onsets.rate);
    for (auto* function :
         {&song.onsets.flux, &song.onsets.complexDomain, &song.onsets.low, &song.onsets.high, &song.onsets.level})
        in.getAll(*function);
    in.get(song.spectra.step);
    in.getAll(song.spectra.frames);
    const std::size_t n = song.onsets.flux.size();
    const bool equal = song.onsets.complexDomain.size() == n && song.onsets.low.size() == n &&
                       song.onsets.high.size() == n && song.onsets.level.size() == n;
    if (!in.good || in.at != bytes.size() || !equal || !(song.onsets.rate > 0) || !(song.spectra.step > 0))
        return bad();
    song.prepare();
    return song;
}

} // namespace lc
