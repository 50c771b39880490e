#include "core/papers/paper_kinds.h"

#include <libxml/parser.h>
#include <libxml/xmlreader.h>
#include <zip.h>

#include <algorithm>
#include <cstdlib>
#include <memory>
#include <optional>
#include <vector>

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

Error damaged(const std::string& name) {
    return {
        ErrorCode::Unreadable,
        Core::sentence(
            "The document %1 is damaged, has a password or is too large, and cannot be read. Save it anew without a password, or copy its text and paste that.",
            name),
        name};
}

using Names = std::vector<std::string_view>;

bool in(const Names& names, std::string_view name) {
    return std::find(names.begin(), names.end(), name) != names.end();
}

/// How a kind of document names its elements, without prefix.
struct Kind {
    Names paragraphs, tabs, breaks;
    std::string_view row;
    Names cells;              ///< of a row, each a column further
    std::string_view covered; ///< a column that the cell before it takes, too
    std::string_view span;    ///< says inside a cell how many columns it takes, in its attribute val
    Names hidden;             ///< what holds no text of the page
    std::string_view spoken;  ///< the only element with text; empty: all have
};

/// Goes through a document and writes down its text.
class Office {
public:
    explicit Office(const Kind& kind) : m_kind(kind) {}

    Result<std::string> textOf(const std::string& xml, const std::string& name) {
        const std::unique_ptr<xmlTextReader, decltype(&xmlFreeTextReader)> reader(
            xmlReaderForMemory(xml.data(), static_cast<int>(xml.size()), nullptr, nullptr,
                               XML_PARSE_NONET | XML_PARSE_NOERROR | XML_PARSE_NOWARNING),
            xmlFreeTextReader);
        if (!reader) return tl::unexpected(damaged(name));
        int got = 0;
        while ((got = xmlTextReaderRead(reader.get())) == 1 && !m_lines.tooLong()) node(reader.get());
        if (got != 0) return tl::unexpected(damaged(name)); // cut short, or too long
        m_lines.endLine();
        return m_lines.take();
    }

private:
    void node(xmlTextReaderPtr at) {
        const auto name = textOf(xmlTextReaderConstLocalName(at));
        switch (xmlTextReaderNodeType(at)) {
        case XML_READER_TYPE_ELEMENT:
            open(name, at);
            if (xmlTextReaderIsEmptyElement(at) == 1) shut(name);
            return;
        case XML_READER_TYPE_END_ELEMENT: shut(name); return;
        case XML_READER_TYPE_TEXT:
        case XML_READER_TYPE_CDATA:
        case XML_READER_TYPE_SIGNIFICANT_WHITESPACE:
        case XML_READER_TYPE_WHITESPACE:
            if (m_hidden == 0 && (m_kind.spoken.empty() || m_spoken)) m_lines.text(textOf(xmlTextReaderConstValue(at)));
            return;
        default: return;
        }
    }
    void open(std::string_view name, xmlTextReaderPtr at) {
        if (name == m_kind.span && !m_rows.empty()) m_rows.back() += columns(at) - 1;
        if (in(m_kind.hidden, name)) ++m_hidden;
        if (m_hidden > 0) return;
        if (name == m_kind.spoken)
            m_spoken = true;
        else if (in(m_kind.tabs, name))
            m_lines.tab();
        else if (in(m_kind.breaks, name))
            m_lines.endLine();
        else if (name == "s")
            m_lines.space();
        else if (name == m_kind.row)
            m_rows.push_back(0);
        else if (name == m_kind.covered && !m_rows.empty())
            ++m_rows.back();
        else if (in(m_kind.cells, name) && !m_rows.empty()) {
            for (; m_rows.back() > 0; --m_rows.back()) m_lines.tab();
            m_rows.back() = 1;
        }
    }
    void shut(std::string_view name) {
        if (in(m_kind.hidden, name)) --m_hidden;
        if (m_hidden > 0) return;
        if (name == m_kind.spoken)
            m_spoken = false;
        else if (name == m_kind.row && !m_rows.empty()) {
            m_rows.pop_back();
            m_lines.endLine();
        } else if (in(m_kind.paragraphs, name)) {
            if (m_rows.empty())
                m_lines.endLine();
            else
                m_lines.space(); // a cell is one line
        }
    }
    static int columns(xmlTextReaderPtr at) {
        const std::unique_ptr<xmlChar, void (*)(xmlChar*)> value(
            xmlTextReaderGetAttributeNs(at, reinterpret_cast<const xmlChar*>("val"),
                                        xmlTextReaderConstNamespaceUri(at)),
            [](xmlChar* text) { xmlFree(text); });
        const int number = std::atoi(std::string(textOf(value.get())).c_str());
        return std::clamp(number, 1, 60);
    }
    static std::string_view textOf(const xmlChar* text) {
        return text ? std::string_view(reinterpret_cast<const char*>(text)) : std::string_view();
    }

    const Kind& m_kind;
    Lines m_lines;
    std::vector<int> m_rows; // columns since the last cell of each row that is open
    int m_hidden = 0;
    bool m_spoken = false;
};

const Kind openDocument{
    {"p", "h"},
    {"tab"},
    {"line-break", "soft-page-break"},
    "table-row",
    {"table-cell"},
    "covered-table-cell",
    "",
    {"annotation", "tracked-changes", "note-citation", "automatic-styles", "font-face-decls", "scripts"},
    ""};
const Kind officeOpenXml{{"p"}, {"tab", "ptab"}, {"br", "cr"}, "tr", {"tc"},
                         "",    "gridSpan",      {"pPr"},      "t"}; // pPr holds tab stops

constexpr std::size_t mostXml = 4 * mostText; // marks and all

} // namespace

bool zipHolds(std::string_view bytes, const char* file) { return Zip(bytes).holds(file); }

Result<std::string> textOfOdt(std::string_view bytes, const std::string& name) {
    const auto xml = Zip(bytes).file("content.xml", mostXml);
    if (!xml) return tl::unexpected(damaged(name));
    return Office(openDocument).textOf(*xml, name);
}

Result<std::string> textOfDocx(std::string_view bytes, const std::string& name) {
    const auto xml = Zip(bytes).file("word/document.xml", mostXml);
    if (!xml) return tl::unexpected(damaged(name));
    return Office(officeOpenXml).textOf(*xml, name);
}

} // namespace lc::papers
