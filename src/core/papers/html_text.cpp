#include "core/papers/paper_kinds.h"

#include "core/base/plain_text.h"

#include <libxml/HTMLparser.h>

#include <algorithm>
#include <array>
#include <cstdlib>
#include <memory>

namespace lc::papers {

namespace {

constexpr std::array<std::string_view, 33> blocks{
    "p",      "div",  "h1",  "h2",    "h3",         "h4",    "h5",    "h6",      "li",      "ul",      "ol",
    "dl",     "dt",   "dd",  "tr",    "table",      "thead", "tbody", "caption", "section", "article", "header",
    "footer", "main", "nav", "aside", "blockquote", "pre",   "hr",    "address", "figure",  "form",    "body"};
constexpr std::array<std::string_view, 8> silent{"script",   "style",    "title",  "head",
                                                 "template", "noscript", "select", "svg"};

template <typename List>
bool in(const List& list, std::string_view name) {
    return std::find(list.begin(), list.end(), name) != list.end();
}

std::string_view nameOf(const xmlNode* node) {
    return node->name ? std::string_view(reinterpret_cast<const char*>(node->name)) : std::string_view();
}
std::string_view contentOf(const xmlNode* node) {
    return node->content ? std::string_view(reinterpret_cast<const char*>(node->content)) : std::string_view();
}

/// What goes before a node, and what behind it.
class Walk {
public:
    explicit Walk(Lines& lines) : m_lines(lines) {}

    void over(const xmlNode* root) { // without recursion: pages may be nested as deep as they like
        const xmlNode* node = root;
        while (node && !m_lines.tooLong()) {
            const bool goesIn = enter(node) && node->children;
            if (goesIn) {
                node = node->children;
                continue;
            }
            leave(node);
            while (node != root && !node->next) {
                node = node->parent;
                leave(node);
            }
            node = node == root ? nullptr : node->next;
        }
    }

private:
    bool enter(const xmlNode* node) {
        if (node->type == XML_TEXT_NODE || node->type == XML_CDATA_SECTION_NODE) {
            if (m_pre > 0)
                preformatted(contentOf(node));
            else
                m_lines.text(contentOf(node));
            return false;
        }
        if (node->type != XML_ELEMENT_NODE && node->type != XML_HTML_DOCUMENT_NODE) return false;
        const auto name = nameOf(node);
        if (in(silent, name)) return false;
        if (name == "br")
            m_lines.endLine();
        else if (name == "pre")
            ++m_pre;
        if (name == "td" || name == "th") {
            for (int left = columnsOfTheCellBefore(node); left > 0; --left) m_lines.tab();
        } else if (in(blocks, name) && !inCell(node))
            m_lines.endLine();
        else if (in(blocks, name))
            m_lines.space();
        return true;
    }
    void leave(const xmlNode* node) {
        if (node->type != XML_ELEMENT_NODE) return;
        const auto name = nameOf(node);
        if (name == "pre" && m_pre > 0) --m_pre;
        if (in(blocks, name)) {
            if (inCell(node))
                m_lines.space();
            else
                m_lines.endLine();
        }
    }
    void preformatted(std::string_view text) {
        for (std::size_t at = 0; at < text.size();) {
            const std::size_t end = std::min(text.find('\n', at), text.size());
            m_lines.raw(text.substr(at, end - at));
            if (end < text.size()) m_lines.endLine();
            at = end + 1;
        }
    }
    /// 0 at the first cell of a row.
    static int columnsOfTheCellBefore(const xmlNode* node) {
        const xmlNode* before = node->prev;
        while (before && before->type != XML_ELEMENT_NODE) before = before->prev;
        if (!before) return 0;
        const std::unique_ptr<xmlChar, void (*)(xmlChar*)> span(
            xmlGetProp(before, reinterpret_cast<const xmlChar*>("colspan")), [](xmlChar* text) { xmlFree(text); });
        return span ? std::clamp(std::atoi(reinterpret_cast<const char*>(span.get())), 1, 60) : 1;
    }
    /// A paragraph that is all of a cell goes on in the cell's line.
    static bool inCell(const xmlNode* node) {
        return node->parent && (nameOf(node->parent) == "td" || nameOf(node->parent) == "th") &&
               nameOf(node) != "table";
    }

    Lines& m_lines;
    int m_pre = 0;
};

} // namespace

namespace {

/// The page's text in an encoding, or in the one that it says (null).
Result<std::string> textIn(const char* encoding, std::string_view bytes, const std::string& name) {
    const std::unique_ptr<xmlDoc, decltype(&xmlFreeDoc)> page(
        htmlReadMemory(bytes.data(), static_cast<int>(bytes.size()), nullptr, encoding,
                       HTML_PARSE_RECOVER | HTML_PARSE_NOERROR | HTML_PARSE_NOWARNING | HTML_PARSE_NONET |
                           HTML_PARSE_COMPACT),
        xmlFreeDoc);
    const xmlNode* root = page ? xmlDocGetRootElement(page.get()) : nullptr;
    if (!root)
        return fail(ErrorCode::Unreadable,
                    Core::sentence("The page %1 is empty or damaged: there is no text in it.", name));
    Lines lines;
    Walk(lines).over(root);
    if (lines.tooLong())
        return fail(
            ErrorCode::Unreadable,
            Core::sentence("The page %1 has more than 20 MB of text. Copy the dance out of it and paste that.", name));
    lines.endLine();
    return lines.take();
}

} // namespace

Result<std::string> textOfHtml(std::string_view bytes, bool utf8, const std::string& name) {
    constexpr const char* western = "windows-1252";
    if (utf8) return textIn("UTF-8", bytes, name);
    std::string begin(bytes.substr(0, 2048));
    std::transform(begin.begin(), begin.end(), begin.begin(),
                   [](char c) { return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c; });
    if (begin.find("charset") == std::string::npos) return textIn(western, bytes, name);
    auto text = textIn(nullptr, bytes, name);
    return text && !isUtf8(*text) ? textIn(western, bytes, name)
                                  : text; // it says nothing that is known, or not the truth
}

} // namespace lc::papers
