#include "core/exchange/routine_file.h"

#include "core/base/list_text.h"
#include "core/exchange/handout.h"
#include "core/exchange/routine_text.h"
#include "core/papers/paper_text.h"

#include <algorithm>
#include <cctype>
#include <filesystem>
#include <fstream>

namespace lc {

Result<RoutineFile> readRoutineFile(const std::string& path, const Task& task, const OwnWords& words) {
    auto bytes = readFile(path, mostDocumentBytes, task);
    if (!bytes) return tl::unexpected(bytes.error());
    const bool wide =
        bytes->substr(0, 2) == "\xFF\xFE" || bytes->substr(0, 2) == "\xFE\xFF"; // UTF-16, as some editors save
    const std::size_t first = bytes->find_first_not_of(" \t\r\n");
    const bool json = first == std::string::npos || (*bytes)[first] == '{' || (*bytes)[first] == '[' ||
                      std::filesystem::path(path).extension() == ".liftcount";
    if (!wide && json && !looksLikeRoutineText(*bytes)) {
        auto loaded = documentOfFile(*bytes, path);
        if (!loaded) return tl::unexpected(loaded.error());
        return RoutineFile{std::move(loaded->document), loaded->onDisk, {}, {}};
    }
    const std::string name = shownName(path);
    const auto text = paperText(*bytes, name);
    if (!text) return tl::unexpected(text.error());
    if (!looksLikeRoutineText(text->text)) {
        auto handout = readHandout(text->text, words);
        if (!handout) {
            handout.error().message = Core::sentence("%1: %2", name, handout.error().message);
            return tl::unexpected(handout.error());
        }
        Text note = text->note(name);
        const Sentence open = openLinesInWords(*handout);
        if (!note.empty() && !open.empty())
            note = Core::sentence("%1", listed(std::vector<Text>{note, open}, Joined::Lines));
        else
            note += open;
        return RoutineFile{std::move(handout->document), std::nullopt, std::move(note), std::move(handout->lines)};
    }
    auto read = routineFromText(text->text);
    if (!read) {
        read.error().message = Core::sentence("%1: %2", name, read.error().message);
        return tl::unexpected(read.error());
    }
    return RoutineFile{std::move(*read), std::nullopt, text->note(name), {}};
}

namespace {

std::string endingOf(const std::string& path) {
    std::string ending = std::filesystem::path(path).extension().string();
    std::transform(ending.begin(), ending.end(), ending.begin(),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return ending;
}

/// The first 4 KB as they stand there.
std::string headOf(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    std::string head(4096, '\0');
    in.read(head.data(), static_cast<std::streamsize>(head.size()));
    head.resize(static_cast<std::size_t>(in.gcount()));
    return head;
}

/// The same as text; nothing where it is none. A letter that is cut at the end is no mistake.
std::optional<std::string> textHeadOf(std::string head) {
    const bool wide = head.substr(0, 2) == "\xFF\xFE" || head.substr(0, 2) == "\xFE\xFF";
    if (wide && head.size() % 2 == 1) head.pop_back();
    if (!wide) return head;
    auto text = readForeignText(head, {});
    if (!text) return std::nullopt;
    return std::move(text->text);
}

/// Labels: a time, a tab, a time.
bool beginsWithTimes(std::string_view text) {
    std::size_t at = text.find_first_not_of(" \t\r\n");
    const std::size_t from = at;
    while (at < text.size() && ((text[at] >= '0' && text[at] <= '9') || text[at] == '.')) ++at;
    return at != std::string_view::npos && at > from && at < text.size() && text[at] == '\t';
}

} // namespace

bool isRoutineFile(const std::string& path) {
    if (endingOf(path) == ".liftcount") return true;
    if (!checkRegularFile(path)) return false;
    const auto text = textHeadOf(headOf(path));
    return text && looksLikeRoutineText(*text);
}

bool isPaper(const std::string& path) {
    if (!checkRegularFile(path)) return false;
    const std::string head = headOf(path), ending = endingOf(path);
    if (head.substr(0, 4) == "PK\x03\x04") {
        const auto all = readFile(path, mostDocumentBytes);
        return all && paperKind(*all) != PaperKind::Text;
    }
    if (paperKind(head) != PaperKind::Text) return true;
    if (ending != ".txt" && ending != ".text" && ending != ".md") return false;
    const auto text = textHeadOf(head);
    return text && !looksLikeRoutineText(*text) && !beginsWithTimes(*text);
}

} // namespace lc
