#pragma once

#include "app/shell/theme.h"
#include "core/base/ids.h"

#include <QWidget>

#include <vector>

class QComboBox;
class QGridLayout;
class QHBoxLayout;
class QLabel;
class QLineEdit;

namespace lc::app {

class NotationEdit;
class Session;

/// Where parts are typed: the chosen part with a line for each role, the order of the parts, and where the dance starts.
class PartEditor : public QWidget {
    Q_OBJECT
public:
    PartEditor(Session& session, const Theme& theme, QWidget* parent = nullptr);
    void choosePart(PartId part);
    void editFirstLine();
    void editOrder();
    [[nodiscard]] PartId part() const { return m_part; }
    /// The field of a role, by ordinal, for tests.
    [[nodiscard]] NotationEdit* line(std::size_t role) const { return m_lines.at(role).edit; }
    [[nodiscard]] QLineEdit* order() const { return m_order; }
    [[nodiscard]] QString summary(std::size_t role) const;

private:
    struct Line {
        RoleId role;
        QLineEdit* name;
        NotationEdit* edit;
        QLabel* summary;
    };
    void refresh();
    void rebuildParts();
    void rebuildLines();
    void showSummaries();
    void showOrder();
    void showStart();
    void orderTyped(const QString& text);

    Session& m_session;
    const Theme& m_theme;
    PartId m_part;
    QHBoxLayout* m_parts;
    QGridLayout* m_grid;
    std::vector<Line> m_lines;
    QLineEdit* m_order;
    QLabel* m_orderSays;
    QComboBox* m_start;
    QString m_partsShown;
};

} // namespace lc::app
