#pragma once

// Private to the reader of papers: one function for each kind.

#include "core/base/result.h"

#include <string>
#include <string_view>

namespace lc::papers {

inline constexpr std::size_t mostText = 20'000'000; ///< bytes

/// `utf8`: the bytes are UTF-8; else the page says what they are, or they are windows-1252.
[[nodiscard]] Result<std::string> textOfHtml(std::string_view bytes, bool utf8, const std::string& name);
/// A file in a zip: "content.xml" of an OpenDocument text, "word/document.xml" of Office Open XML.
[[nodiscard]] Result<std::string> textOfOdt(std::string_view bytes, const std::string& name);
[[nodiscard]] Result<std::string> textOfDocx(std::string_view bytes, const std::string& name);
[[nodiscard]] Result<std::string> textOfPdf(std::string_view bytes, const std::string& name);
/// Whether a zip holds a file.
[[nodiscard]] bool zipHolds(std::string_view bytes, const char* file);

/// Text as it is built: spaces that only divide words are one, and lines end where paragraphs do.
class Lines {
public:
    void text(std::string_view words); ///< white space in it divides words
    void raw(std::string_view text) {
        m_text += text;
        m_space = false;
    }
    void space() { m_space = true; }
    void tab();
    void endLine(); ///< not twice
    [[nodiscard]] bool tooLong() const { return m_text.size() > mostText; }
    [[nodiscard]] std::string take() { return std::move(m_text); }

private:
    std::string m_text;
    bool m_space = false;
};

} // namespace lc::papers
