#include "store/versions.h"

#include "core/base/content_hash.h"
#include "core/base/files.h"
#include "core/document/document_file.h"

#include <algorithm>
#include <charconv>
#include <ctime>
#include <filesystem>
#include <set>

namespace lc {

namespace fs = std::filesystem;

namespace {

constexpr std::int64_t dayLength = 86'400'000; // milliseconds: 24 · 60 · 60 · 1000

fs::path folderOf(const std::string& folder, const std::string& routine) {
    return fs::path(folder) / fingerprintBytes(routine).hash;
}

/// How far this machine's time is from UTC at a time, in milliseconds.
std::int64_t offsetAt(std::int64_t at) {
    const auto seconds = static_cast<std::time_t>(at / 1000);
    std::tm local{};
    ::localtime_r(&seconds, &local);
    return std::int64_t{local.tm_gmtoff} * 1000;
}

} // namespace

std::vector<bool> staying(const std::vector<std::int64_t>& times, std::int64_t offset) {
    std::vector<bool> stays;
    std::set<std::int64_t> days;
    for (std::size_t i = 0; i < times.size(); ++i) {
        const std::int64_t day = (times[i] + offset) / dayLength;
        const bool lastOfDay = days.size() < keptDays && days.insert(day).second;
        stays.push_back(i < keptSaves || lastOfDay);
    }
    return stays;
}

Result<void> keepVersion(const std::string& folder, const std::string& routine, std::string_view bytes,
                         std::int64_t at) {
    std::vector<EarlierVersion> all = versionsOf(folder, routine);
    if (!all.empty()) {
        const auto newest = fingerprintFile(all.front().path);
        if (newest && *newest == fingerprintBytes(bytes)) return {};
        at = std::max(at, all.front().at + 1); // a clock may be put back
    }
    const fs::path place = folderOf(folder, routine);
    std::error_code error;
    fs::create_directories(place, error); // where it fails, so does writing, with a sentence
    const fs::path file = place / (std::to_string(at) + ".liftcount");
    if (auto written = writeFileAtomically(file.string(), bytes); !written) return written;
    all.insert(all.begin(), {file.string(), at});
    std::vector<std::int64_t> times;
    for (const EarlierVersion& version : all) times.push_back(version.at);
    const std::vector<bool> stays = staying(times, offsetAt(at));
    for (std::size_t i = 0; i < all.size(); ++i)
        if (!stays[i]) fs::remove(all[i].path, error);
    return {};
}

std::vector<EarlierVersion> versionsOf(const std::string& folder, const std::string& routine) {
    std::vector<EarlierVersion> all;
    std::error_code error;
    for (fs::directory_iterator it(folderOf(folder, routine), error), end; !error && it != end; it.increment(error)) {
        const std::string name = it->path().stem().string();
        EarlierVersion version{it->path().string(), 0};
        const auto [stop, code] = std::from_chars(name.data(), name.data() + name.size(), version.at);
        if (code == std::errc() && stop == name.data() + name.size() && it->path().extension() == ".liftcount")
            all.push_back(std::move(version));
    }
    std::sort(all.begin(), all.end(), [](const EarlierVersion& a, const EarlierVersion& b) { return a.at > b.at; });
    return all;
}

} // namespace lc
