#pragma once

#include "app/shell/theme.h"
#include "core/figures/drills.h"
#include "core/figures/fillers.h"

#include <QWidget>

#include <vector>

class QComboBox;
class QLabel;
class QLineEdit;
class QPlainTextEdit;
class QPushButton;
class QSpinBox;
class QVBoxLayout;

namespace lc::app {

class FigureDesk;
class PlainTable;

/// Fillers for what is left of the set behind the figure, back to the foot that it begins with.
class FillersPage : public QWidget {
    Q_OBJECT
public:
    FillersPage(FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] PlainTable& table() const { return *m_table; }
    void addChosen(); ///< writes the filler behind the figure

private:
    void refresh();
    FigureDesk& m_desk;
    QSpinBox* m_counts;
    QComboBox* m_leave;
    QLabel* m_says;
    PlainTable* m_table;
    QPushButton* m_add;
    std::vector<FillerPiece> m_pieces;
    Fillers m_fillers;
    bool m_ownCounts = false; ///< the person set the counts
    QString m_for;
};

/// Figures one after another: real length, feet, hold and facing at each joint.
class ChainPage : public QWidget {
    Q_OBJECT
public:
    ChainPage(FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] QLineEdit* names() const { return m_names; }
    [[nodiscard]] PlainTable& table() const { return *m_table; }
    [[nodiscard]] QString says() const;
    void add(const QString& name);

private:
    void refresh();
    FigureDesk& m_desk;
    QLineEdit* m_names;
    QLabel* m_says;
    PlainTable* m_table;
};

/// Entry, body and close of the figure, and the bodies that fit.
class FramePage : public QWidget {
    Q_OBJECT
public:
    FramePage(FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] PlainTable& table() const { return *m_table; }
    [[nodiscard]] QSpinBox* entry() const { return m_entry; }
    [[nodiscard]] QSpinBox* close() const { return m_close; }
    void danceChosen(); ///< a new figure with the chosen body

private:
    void refresh();
    FigureDesk& m_desk;
    QSpinBox* m_entry;
    QSpinBox* m_close;
    QLabel* m_says;
    PlainTable* m_table;
    QPushButton* m_make;
    std::vector<FigureCard> m_bodies;
    std::vector<bool> m_fits;
};

/// Runs of repetitions: the figure and its versions, in sets of four, two and one, to both sides.
class DrillPage : public QWidget {
    Q_OBJECT
public:
    DrillPage(FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] PlainTable& table() const { return *m_table; }
    [[nodiscard]] QString says() const;
    [[nodiscard]] const Drill& drill() const { return m_drill; }

Q_SIGNALS:
    void hearWanted(const lc::app::DrillPage& page);

private:
    void refresh();
    [[nodiscard]] std::vector<DrillItem> items() const;
    struct Item {
        QSpinBox* times;
        QComboBox* what;
    };
    FigureDesk& m_desk;
    std::vector<Item> m_items;
    QLabel* m_says;
    QPushButton* m_balance;
    QLabel* m_scaled;
    PlainTable* m_table;
    Drill m_drill;
    bool m_balanced = false;
    QString m_offered;
};

/// Everything else that is known of a figure.
class CardPage : public QWidget {
    Q_OBJECT
public:
    CardPage(FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] QLineEdit* field(const QString& name) const { return findChild<QLineEdit*>(name); }

private:
    void refresh();
    void showVersions();
    FigureDesk& m_desk;
    const Theme& m_theme;
    QPlainTextEdit* m_notes;
    QWidget* m_own;
    QWidget* m_versions;
    QVBoxLayout* m_versionsColumn;
    bool m_showing = false;
};

} // namespace lc::app
