#pragma once

#include <QString>

#include <string_view>

namespace lc::app {

/// A text of the core, UTF-8, for Qt.
[[nodiscard]] inline QString q(std::string_view text) {
    return QString::fromUtf8(text.data(), static_cast<qsizetype>(text.size()));
}

} // namespace lc::app
