#include "core/base/content_hash.h"

#include "core/base/files.h"

#include <xxhash.h>

#include <array>
#include <fstream>
#include <memory>
#include <vector>

namespace lc {

namespace {
std::string hexadecimal(XXH128_hash_t hash) {
    XXH128_canonical_t canonical;
    XXH128_canonicalFromHash(&canonical, hash);
    static constexpr char digits[] = "0123456789abcdef";
    std::string text;
    for (unsigned char byte : canonical.digest) {
        text += digits[byte >> 4];
        text += digits[byte & 15];
    }
    return text;
}
} // namespace

Result<FileFingerprint> fingerprintFile(const std::string& path) {
    if (const auto regular = checkRegularFile(path); !regular) return tl::unexpected(regular.error());
    std::ifstream in(path, std::ios::binary);
    const std::unique_ptr<XXH3_state_t, decltype(&XXH3_freeState)> state(XXH3_createState(), &XXH3_freeState);
    XXH3_128bits_reset(state.get());
    std::vector<char> block(1 << 18);
    FileFingerprint print;
    while (in.read(block.data(), static_cast<std::streamsize>(block.size())) || in.gcount() > 0) {
        const auto got = static_cast<std::size_t>(in.gcount());
        XXH3_128bits_update(state.get(), block.data(), got);
        print.bytes += got;
    }
    if (!in.eof())
        return fail(ErrorCode::Unreadable, Core::sentence("The file %1 could not be read to its end.", shownName(path)),
                    path);
    print.hash = hexadecimal(XXH3_128bits_digest(state.get()));
    return print;
}

FileFingerprint fingerprintBytes(std::string_view bytes) {
    return {bytes.size(), hexadecimal(XXH3_128bits(bytes.data(), bytes.size()))};
}

} // namespace lc
