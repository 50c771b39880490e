#include "app/widgets/plain_table.h"

#include <QHeaderView>

namespace lc::app {

namespace {

/// Asks the theme for its colour whenever it is painted.
class Cell : public QTableWidgetItem {
public:
    Cell(const QString& text, bool grey, const Theme& theme) : QTableWidgetItem(text), m_grey(grey), m_theme(theme) {}
    [[nodiscard]] QVariant data(int role) const override {
        if (role == Qt::ForegroundRole) return m_grey ? m_theme.colours().ink3 : m_theme.colours().ink;
        return QTableWidgetItem::data(role);
    }

private:
    bool m_grey;
    const Theme& m_theme;
};

} // namespace

PlainTable::PlainTable(const QStringList& heads, const Theme& theme, QWidget* parent)
    : QuietView(0, static_cast<int>(heads.size()), parent), m_theme(theme) {
    setHorizontalHeaderLabels(heads);
    setShowGrid(false);
    setSelectionBehavior(QAbstractItemView::SelectRows);
    setSelectionMode(QAbstractItemView::SingleSelection);
    setEditTriggers(QAbstractItemView::NoEditTriggers);
    setTabKeyNavigation(false);
    verticalHeader()->hide();
    verticalHeader()->setDefaultSectionSize(theme.px(23));
    horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    horizontalHeader()->setHighlightSections(false);
    horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    horizontalHeader()->setStretchLastSection(true);
    setManner(this, Manner::Paper);
}

void PlainTable::addRow(const QStringList& cells, bool grey) {
    const int row = rowCount();
    insertRow(row);
    for (int col = 0; col < cells.size(); ++col) {
        auto* item = new Cell(cells[col], grey, m_theme);
        item->setToolTip(cells[col]);
        setItem(row, col, item);
    }
}

QStringList PlainTable::rowText(int row) const {
    QStringList all;
    for (int col = 0; col < columnCount(); ++col) all << (item(row, col) ? item(row, col)->text() : QString());
    return all;
}

} // namespace lc::app
