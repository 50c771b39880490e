#pragma once

#include "app/base/theme.h"
#include "core/routine/routine.h"

#include <QWidget>

#include <vector>

class QComboBox;
class QGridLayout;
class QHBoxLayout;
class QLabel;
class QLineEdit;

namespace lc::app {

class FigureDesk;
class NotationEdit;
class PartChain;
class Session;

/// Where parts are made: the chosen part as the chain of its figures, with a line for each role of the chosen figure
/// (or of its typed steps), the order of the parts, and where the dance starts.
class PartEditor : public QWidget {
    Q_OBJECT
public:
    PartEditor(Session& session, FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    void choosePart(PartId part);
    void editFirstLine();
    void editOrder();
    [[nodiscard]] PartId part() const { return m_part; }
    /// The field of a role, by ordinal, for tests.
    [[nodiscard]] NotationEdit* line(std::size_t role) const { return m_lines.at(role).edit; }
    [[nodiscard]] QLineEdit* order() const { return m_order; }
    [[nodiscard]] PartChain& chain() const { return *m_chain; }
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
    void showLines();
    void showSummaries();
    /// The figure whose lines are shown: the chosen one, else the part's typed steps; null where the part has only
    /// named ones and none is chosen.
    [[nodiscard]] const Figure* shownFigure() const;
    void lineTyped(RoleId role, const QString& text);
    void showOrder();
    void showStart();
    void orderTyped(const QString& text);

    Session& m_session;
    FigureDesk& m_desk;
    const Theme& m_theme;
    PartId m_part;
    QHBoxLayout *m_parts, *m_roles;
    PartChain* m_chain;
    QLabel* m_about;
    QGridLayout* m_grid;
    std::vector<Line> m_lines;
    QLineEdit* m_order;
    QLabel* m_orderSays;
    QComboBox* m_start;
    QString m_partsShown;
};

} // namespace lc::app
