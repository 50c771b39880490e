#pragma once

#include "app/base/theme.h"
#include "core/figures/body_limits.h"
#include "core/figures/joints.h"

#include <QString>
#include <QStringList>

#include <optional>
#include <vector>

class QLineEdit;
class QSpinBox;
class QVBoxLayout;
class QWidget;

namespace lc::app {

class FigureDesk;
class PlainTable;

/// A small field for a number, with a name for people who do not see it.
[[nodiscard]] QSpinBox* numberField(const char* name, const QString& what, int least, int most, const Theme& theme,
                                    QWidget* parent);

/// A field for a limit of the person's own body; what is typed is taken when the field is left, a word says what makes
/// no sense. A point and a comma are both decimal.
[[nodiscard]] QLineEdit* limitField(const char* name, FigureDesk& desk, std::optional<double> BodyLimits::*which,
                                    const Theme& theme, QWidget* parent);

/// The column that a page of the bench stands in.
[[nodiscard]] QVBoxLayout* pageColumn(const Theme& theme, QWidget* page);

/// Heads of a table of joints.
[[nodiscard]] const QStringList& jointHeads();

/// A row for each joint of a chain; `names` are those of its figures.
void showJoints(PlainTable& table, const Chain& chain, const std::vector<QString>& names);

} // namespace lc::app
