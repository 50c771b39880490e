#include "core/exchange/routine_file.h"

#include "core/exchange/handout.h"
#include "core/exchange/routine_text.h"

#include <algorithm>
#include <cctype>
#include <filesystem>
#include <fstream>

namespace lc {

Result<RoutineFile> readRoutineFile(const std::string& path, const Task& task) {
    auto bytes = readFile(path, mostDocumentBytes, task);
    if (!bytes) return tl::unexpected(bytes.error());
    const bool wide = bytes->substr(0, 2) == "\xFF\xFE" || bytes->substr(0, 2) == "\xFE\xFF"; // UTF-16, as some editors save
    const std::size_t first = bytes->find_first_not_of(" \t\r\n");
    const bool json = first == std::string::npos || (*bytes)[first] == '{' || (*bytes)[first] == '[' || std::filesystem::path(path).extension() == ".liftcount";
    if (!wide && json && !looksLikeRoutineText(*bytes)) {
        auto loaded = documentOfFile(*bytes, path);
        if (!loaded) return tl::unexpected(loaded.error());
        return RoutineFile{std::move(loaded->document), loaded->onDisk, {}};
    }
    const std::string name = shownName(path);
    const auto text = readForeignText(*bytes, name);
    if (!text) return tl::unexpected(text.error());
    if (!looksLikeRoutineText(text->text)) {
        auto handout = readHandout(text->text);
        if (!handout) {
            handout.error().message = name + ": " + handout.error().message;
            return tl::unexpected(handout.error());
        }
        const std::string open = openLinesInWords(*handout), note = text->note(name);
        return RoutineFile{std::move(handout->document), std::nullopt, note + (note.empty() || open.empty() ? "" : "\n") + open};
    }
    auto read = routineFromText(text->text);
    if (!read) {
        read.error().message = name + ": " + read.error().message;
        return tl::unexpected(read.error());
    }
    return RoutineFile{std::move(*read), std::nullopt, text->note(name)};
}

bool isRoutineFile(const std::string& path) {
    std::string ending = std::filesystem::path(path).extension().string();
    std::transform(ending.begin(), ending.end(), ending.begin(), [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    if (ending == ".liftcount") return true;
    if (!checkRegularFile(path)) return false;
    std::ifstream in(path, std::ios::binary);
    std::string head(4096, '\0');
    in.read(head.data(), static_cast<std::streamsize>(head.size()));
    head.resize(static_cast<std::size_t>(in.gcount()));
    const bool wide = head.substr(0, 2) == "\xFF\xFE" || head.substr(0, 2) == "\xFE\xFF";
    if (wide && head.size() % 2 == 1) head.pop_back();
    const auto text = wide ? readForeignText(head, {}) : ForeignText{head, false};
    return text && looksLikeRoutineText(text->text);
}

} // namespace lc
