#pragma once

#include "app/base/theme.h"

#include <QWidget>

#include <vector>

class QComboBox;
class QGridLayout;
class QLabel;
class QLineEdit;
class QPushButton;
class QTimer;
class QVBoxLayout;

namespace lc::app {

class FigureDesk;
class NotationEdit;
class RulerView;

/// The chosen figure: its name and length, a line for each role understood as it is typed, its picture, and its totals.
class FigureEditor : public QWidget {
    Q_OBJECT
public:
    FigureEditor(FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    void editName();
    void editFirstLine();
    /// The field of a role, by ordinal, for tests.
    [[nodiscard]] NotationEdit* line(std::size_t role) const { return m_lines.at(role).edit; }
    [[nodiscard]] std::size_t lines() const { return m_lines.size(); }
    [[nodiscard]] QString remark(std::size_t role) const;
    [[nodiscard]] QLineEdit* name() const { return m_name; }
    [[nodiscard]] QLineEdit* claim() const { return m_claim; }
    [[nodiscard]] RulerView& ruler() const { return *m_ruler; }
    void addRole();
    /// The line at hand (else the first) for the next role, on the other foot; a figure of one role gets another.
    void copyToPartner();

private:
    static void addRoleTo(FigureCard& card); ///< an empty line for a partner
    struct Line {
        QLineEdit* role;
        NotationEdit* edit;
        QLabel* read;
        QWidget* below; ///< error, or question with its answers
        QVBoxLayout* remarks;
        QString shown; ///< what stands below, so that it is not built again
    };
    void refresh();
    void rebuildLines();
    void orderTabs();
    void showRemarks(std::size_t role);
    void showTotals();
    void buildChoices(QVBoxLayout* column);

    FigureDesk& m_desk;
    const Theme& m_theme;
    QLineEdit* m_name;
    QLabel* m_built;
    QLineEdit* m_claim;
    QLabel* m_about;
    QComboBox* m_feel;
    QComboBox* m_say;
    QComboBox* m_start;
    QPushButton* m_mirror;
    QPushButton* m_besideButton;
    QGridLayout* m_grid;
    std::vector<Line> m_lines;
    RulerView* m_ruler;
    QWidget* m_totals;
    QGridLayout* m_totalsGrid;
    QString m_totalsShown;
    QTimer* m_pause; ///< runs while somebody types
};

} // namespace lc::app
