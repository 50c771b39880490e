#pragma once

#include "app/base/theme.h"

#include <QString>

class QComboBox;
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

/// A box of choices as wide as so many letters, whatever the longest choice.
void keepNarrow(QComboBox& box, int letters);

/// Gives a box of choices the label that assistive tools look for: on Unix Qt tells its value as its name, and its name
/// by a label that is its buddy alone. Once for each box, when it is shown.
void labelForReaders(QComboBox& box);

} // namespace lc::app
