#include "core/papers/paper_kinds.h"

#include <libxml/parser.h>
#include <libxml/xmlreader.h>
#include <zip.h>

#include <memory>
#include <optional>

namespace lc::papers {

namespace {

/// A zip that lies in memory.
class Zip {
public:
    explicit Zip(std::string_view bytes) {
        zip_error_t error;
        zip_error_init(&error);
        zip_source_t* source = zip_source_buffer_create(bytes.data(), bytes.size(), 0, &error);
        m_zip = source ? zip_open_from_source(source, ZIP_RDONLY, &error) : nullptr;
        if (!m_zip && source) zip_source_free(source);
        zip_error_fini(&error);
    }
    ~Zip() {
        if (m_zip) zip_discard(m_zip);
    }
    Zip(const Zip&) = delete;
    Zip& operator=(const Zip&) = delete;

    [[nodiscard]] bool holds(const char* file) const { return m_zip && zip_name_locate(m_zip, file, 0) >= 0; }

    /// A file, unpacked as far as `most` bytes; nothing where it cannot be.
    [[nodiscard]] std::optional<std::string> file(const char* name, std::size_t most) const {
        if (!m_zip) return std::nullopt;
        const std::unique_ptr<zip_file_t, decltype(&zip_fclose)> in(zip_fopen(m_zip, name, 0), zip_fclose);
        if (!in) return std::nullopt;
        std::string out;
        std::string block(65536, '\0');
        while (out.size() <= most) {
            const auto got = zip_fread(in.get(), block.data(), block.size());
            if (got < 0) return std::nullopt;
            if (got == 0) return out;
            out.append(block, 0, static_cast<std::size_t>(got));
        }
        return std::nullopt;
    }

private:
    zip_t* m_zip = nullptr;
};

std::string_view textOf(const xmlChar* text) { return text ? std::string_view(reinterpret_cast<const char*>(text)) : std::string_view(); }

Error damaged(const std::string& name) {
    return {ErrorCode::Unreadable, "The document " + name + " is damaged, has a password or is too large, and cannot be read. Save it anew without a password, or copy its text and paste that.", name};
}

/// Goes through the elements of a document; `open` and `shut` get each with its name without prefix, `text` what stands between.
template <typename Open, typename Shut, typename Text>
bool walk(const std::string& xml, Open open, Shut shut, Text text) {
    const std::unique_ptr<xmlTextReader, decltype(&xmlFreeTextReader)> reader(xmlReaderForMemory(xml.data(), static_cast<int>(xml.size()), nullptr, nullptr, XML_PARSE_NONET | XML_PARSE_NOERROR | XML_PARSE_NOWARNING), xmlFreeTextReader);
    if (!reader) return false;
    int got = 0;
    while ((got = xmlTextReaderRead(reader.get())) == 1) {
        const int type = xmlTextReaderNodeType(reader.get());
        const auto name = textOf(xmlTextReaderConstLocalName(reader.get()));
        if (type == XML_READER_TYPE_ELEMENT) {
            open(name, reader.get());
            if (xmlTextReaderIsEmptyElement(reader.get()) == 1) shut(name);
        } else if (type == XML_READER_TYPE_END_ELEMENT) shut(name);
        else if (type == XML_READER_TYPE_TEXT || type == XML_READER_TYPE_CDATA || type == XML_READER_TYPE_SIGNIFICANT_WHITESPACE || type == XML_READER_TYPE_WHITESPACE) text(textOf(xmlTextReaderConstValue(reader.get())));
    }
    return got == 0;
}

constexpr std::size_t mostXml = 4 * mostText; // marks and all

} // namespace

bool zipHolds(std::string_view bytes, const char* file) { return Zip(bytes).holds(file); }

Result<std::string> textOfOdt(std::string_view bytes, const std::string& name) {
    const auto xml = Zip(bytes).file("content.xml", mostXml);
    if (!xml) return tl::unexpected(damaged(name));
    Lines lines;
    int hidden = 0, cells = 0, depth = 0; // inside what is no text; cells of this row; rows inside rows
    const auto isHidden = [](std::string_view n) { return n == "annotation" || n == "tracked-changes" || n == "note-citation" || n == "automatic-styles" || n == "font-face-decls" || n == "scripts"; };
    const bool whole = walk(
        *xml,
        [&](std::string_view n, xmlTextReaderPtr) {
            if (isHidden(n)) ++hidden;
            if (hidden > 0) return;
            if (n == "tab") lines.tab();
            else if (n == "line-break") lines.endLine();
            else if (n == "s") lines.space();
            else if (n == "table-row") { ++depth; cells = 0; }
            else if (n == "table-cell" && cells++ > 0) lines.tab();
            else if (n == "soft-page-break") lines.endLine();
        },
        [&](std::string_view n) {
            if (isHidden(n)) --hidden;
            if (n == "table-row") { --depth; lines.endLine(); }
            else if ((n == "p" || n == "h") && depth == 0) lines.endLine();
            else if (n == "p" || n == "h") lines.space();
        },
        [&](std::string_view text) {
            if (hidden == 0 && !lines.tooLong()) lines.text(text);
        });
    if (!whole || lines.tooLong()) return tl::unexpected(damaged(name));
    lines.endLine();
    return lines.take();
}

Result<std::string> textOfDocx(std::string_view bytes, const std::string& name) {
    const auto xml = Zip(bytes).file("word/document.xml", mostXml);
    if (!xml) return tl::unexpected(damaged(name));
    Lines lines;
    int cells = 0, depth = 0;
    bool said = false; // inside what is read
    const bool whole = walk(
        *xml,
        [&](std::string_view n, xmlTextReaderPtr) {
            if (n == "t") said = true;
            else if (n == "tab") lines.tab();
            else if (n == "br" || n == "cr") lines.endLine();
            else if (n == "tr") { ++depth; cells = 0; }
            else if (n == "tc" && cells++ > 0) lines.tab();
        },
        [&](std::string_view n) {
            if (n == "t") said = false;
            else if (n == "tr") { --depth; lines.endLine(); }
            else if (n == "p" && depth == 0) lines.endLine();
            else if (n == "p") lines.space();
        },
        [&](std::string_view text) {
            if (said && !lines.tooLong()) lines.text(text);
        });
    if (!whole || lines.tooLong()) return tl::unexpected(damaged(name));
    lines.endLine();
    return lines.take();
}

} // namespace lc::papers
