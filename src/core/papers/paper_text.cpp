#include "core/papers/paper_text.h"

#include "core/papers/paper_kinds.h"

#include <algorithm>

namespace lc {

namespace papers {

void Lines::text(std::string_view words) {
    for (const char c : words) {
        if (c == ' ' || c == '\t' || c == '\n' || c == '\r') {
            m_space = true;
            continue;
        }
        if (m_space && !m_text.empty() && m_text.back() != '\n' && m_text.back() != '\t') m_text += ' ';
        m_space = false;
        m_text += c;
    }
}

void Lines::tab() {
    m_text += '\t';
    m_space = false;
}

void Lines::endLine() {
    while (!m_text.empty() && (m_text.back() == '\t' || m_text.back() == ' ')) m_text.pop_back();
    if (!m_text.empty() && m_text.back() != '\n') m_text += '\n';
    m_space = false;
}

} // namespace papers

namespace {

/// Small letters of the first characters, without what stands before them for machines alone.
std::string beginning(std::string_view bytes) {
    constexpr std::size_t enough = 1024; // bytes in which a file shows what it is
    if (bytes.substr(0, 3) == "\xEF\xBB\xBF") bytes.remove_prefix(3);
    std::string out(bytes.substr(0, enough));
    std::transform(out.begin(), out.end(), out.begin(),
                   [](char c) { return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c; });
    const auto first = out.find_first_not_of(" \t\r\n");
    return first == std::string::npos ? std::string() : out.substr(first);
}

bool isHtml(std::string_view bytes) {
    const std::string begin = beginning(bytes);
    if (begin.empty() || begin.front() != '<') return false;
    return begin.find("<!doctype html") != std::string::npos || begin.find("<html") != std::string::npos ||
           begin.find("<body") != std::string::npos || begin.find("<head") != std::string::npos ||
           begin.find("<table") != std::string::npos || begin.find("<p>") != std::string::npos ||
           begin.find("<div") != std::string::npos || begin.find("<h1") != std::string::npos;
}

} // namespace

PaperKind paperKind(std::string_view bytes) {
    if (bytes.substr(0, 1024).find("%PDF-") != std::string_view::npos) return PaperKind::Pdf;
    if (bytes.substr(0, 4) == "PK\x03\x04") {
        if (papers::zipHolds(bytes, "content.xml")) return PaperKind::Odt;
        if (papers::zipHolds(bytes, "word/document.xml")) return PaperKind::Docx;
        return PaperKind::Text; // a zip of something else: its bytes are no text, and readForeignText() says so
    }
    return isHtml(bytes) ? PaperKind::Html : PaperKind::Text;
}

Result<ForeignText> paperText(std::string_view bytes, const std::string& name) {
    const auto wrapped = [](Result<std::string> text) -> Result<ForeignText> {
        if (!text) return tl::unexpected(text.error());
        return ForeignText{std::move(*text), false};
    };
    switch (paperKind(bytes)) {
    case PaperKind::Text: break;
    case PaperKind::Odt: return wrapped(papers::textOfOdt(bytes, name));
    case PaperKind::Docx: return wrapped(papers::textOfDocx(bytes, name));
    case PaperKind::Pdf: return wrapped(papers::textOfPdf(bytes, name));
    case PaperKind::Html: return wrapped(papers::textOfHtml(bytes, isUtf8(bytes), name));
    }
    return readForeignText(bytes, name);
}

} // namespace lc
