#pragma once

#include "app/base/theme.h"

#include <QString>

class QLayout;
class QPushButton;
class QVBoxLayout;
class QWidget;

namespace lc::app {

/// The column of a panel below the strips.
[[nodiscard]] QVBoxLayout* panelColumn(const Theme& theme, QWidget* panel);

/// A few words in a row of a panel, on one line; the panel's name in bold.
void addWords(QLayout* row, const QString& text, const Theme& theme, QWidget* panel, bool bold = false);

/// A button at the end of a row; `object` names it for tests.
QPushButton* addButton(QLayout* row, const QString& text, const QString& tip, const char* object, QWidget* panel);

} // namespace lc::app
