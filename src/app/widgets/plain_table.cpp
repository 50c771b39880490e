#include "app/widgets/plain_table.h"

#include <QHeaderView>

namespace lc::app {

PlainTable::PlainTable(const QStringList& heads, const Theme& theme, QWidget* parent)
    : QTableWidget(0, static_cast<int>(heads.size()), parent), m_theme(theme) {
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
    setStyleSheet(QStringLiteral("QTableView{background:%1;}").arg(theme.colours().paper.name()));
}

void PlainTable::addRow(const QStringList& cells, bool grey) {
    const int row = rowCount();
    insertRow(row);
    for (int col = 0; col < cells.size(); ++col) {
        auto* item = new QTableWidgetItem(cells[col]);
        item->setForeground(grey ? m_theme.colours().ink3 : m_theme.colours().ink);
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
