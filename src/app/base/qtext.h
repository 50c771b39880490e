#pragma once

#include "core/base/sentence.h"

#include <QString>

#include <string_view>

namespace lc::app {

/// A text of the core, UTF-8, for Qt.
[[nodiscard]] inline QString q(std::string_view text) {
    return QString::fromUtf8(text.data(), static_cast<qsizetype>(text.size()));
}
[[nodiscard]] inline QString q(const std::string& text) { return q(std::string_view(text)); }
[[nodiscard]] inline QString q(const char* text) { return q(std::string_view(text)); }

/// The language that the program's translators speak; English where there is none. Numbers are the locale's.
[[nodiscard]] const Language& windowLanguage();

/// Sentences of the core in the language of the window, with its numbers.
[[nodiscard]] QString q(const Sentence& sentence);
[[nodiscard]] QString q(const Text& text);

} // namespace lc::app
