#pragma once

#include "app/base/theme.h"

#include <QWidget>

class QLineEdit;
class QPushButton;

namespace lc::app {

class FigureDesk;
class PlainTable;

/// Words that were given a meaning, one's own and those of schools: seen, given, changed and forgotten.
class WordsPage : public QWidget {
    Q_OBJECT
public:
    WordsPage(FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] PlainTable& table() const { return *m_table; }

private:
    void refresh();
    void show(int row); ///< in the fields
    void keep();
    void forget();
    FigureDesk& m_desk;
    QLineEdit* m_name;
    QLineEdit* m_school;
    QLineEdit* m_line;
    QPushButton* m_forget;
    PlainTable* m_table;
};

} // namespace lc::app
