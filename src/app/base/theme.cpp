#include "app/base/theme.h"

#include <QFontDatabase>

namespace lc::app {

const Palette& brightPalette() {
    static const Palette palette{QColor("#F3F4EF"), QColor("#FFFFFF"), QColor("#E9ECE6"), QColor("#16222C"),
                                 QColor("#46535E"), QColor("#5D6972"), QColor("#BFC6C2"), QColor("#DFE3DE"),
                                 QColor("#C3CDCE"), QColor("#7C878E"), QColor("#FFCB1F"), QColor("#1B4F9C"),
                                 QColor("#A63D12"), QColor("#FFFFFF")};
    return palette;
}

const Palette& darkPalette() {
    static const Palette palette{QColor("#0D1317"), QColor("#172027"), QColor("#1E2931"), QColor("#F5F6F2"),
                                 QColor("#B9C3C9"), QColor("#96A2AA"), QColor("#3A4852"), QColor("#26323A"),
                                 QColor("#2C3942"), QColor("#96A2AA"), QColor("#FFD447"), QColor("#9CC4FF"),
                                 QColor("#FFB08A"), QColor("#0D1317")};
    return palette;
}

bool Theme::loadFonts() {
    bool all = true;
    for (const char* file : {"Lato-Regular.ttf", "Lato-Medium.ttf", "Lato-Semibold.ttf", "Lato-Bold.ttf",
                             "Lato-Heavy.ttf", "Lato-Black.ttf", "CountFigures-Regular.otf", "CountFigures-Bold.otf"})
        all = QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/") + QString::fromLatin1(file)) >= 0 && all;
    return all;
}

/// Made once: a font that is made anew looks for its outlines each time it is used.
QFont Theme::kept(const QString& family, int size, int weight) const {
    const std::tuple key{family.size(), px(size), weight};
    if (const auto found = m_fonts.find(key); found != m_fonts.end()) return found->second;
    QFont font(family);
    font.setPixelSize(px(size));
    font.setHintingPreference(QFont::PreferNoHinting); // even spacing at small sizes
    font.setWeight(static_cast<QFont::Weight>(weight));
    return m_fonts.emplace(key, font).first->second;
}

QFont Theme::words(int size, Weight weight) const {
    return kept(QStringLiteral("Lato"), size, static_cast<int>(weight));
}

QFont Theme::numbers(int size, bool bold) const {
    return kept(QStringLiteral("Count Figures"), size, bold ? QFont::Bold : QFont::Normal);
}

QColor Theme::role(int ordinal) const {
    return ordinal == 0 ? colours().role1 : ordinal == 1 ? colours().role2 : colours().ink;
}

QString Theme::styleSheet() const {
    const Palette& c = colours();
    QString sheet = QStringLiteral(R"(
QWidget { font-family: Lato; font-size: %1px; color: %ink; }
QMainWindow, QDialog, QMessageBox { background: %paper; }
QMenuBar { background: %paper; border: none; }
QMenuBar::item { padding: 4px 10px; background: transparent; }
QMenuBar::item:selected { background: %ink; color: %onink; }
QMenu { background: %sheet; border: 1px solid %ink3; }
QMenu::item { padding: 5px 28px 5px 16px; }
QMenu::item:selected { background: %ink; color: %onink; }
QMenu::item:disabled { color: %ink3; }
QMenu::separator { height: 1px; background: %rule; margin: 3px 0; }
QToolTip { background: %sheet; color: %ink; border: 1px solid %ink3; padding: 4px; }
QLineEdit, QAbstractSpinBox, QComboBox { background: %sheet; border: 1px solid %ink3; padding: 3px 6px; selection-background-color: %ink; selection-color: %onink; }
QLineEdit:focus, QAbstractSpinBox:focus, QComboBox:focus { border: 2px solid %ink; padding: 2px 5px; }
QAbstractSpinBox::up-button, QAbstractSpinBox::down-button { width: 0px; border: none; }
QComboBox QAbstractItemView { background: %sheet; border: 1px solid %ink3; selection-background-color: %ink; selection-color: %onink; }
QPushButton { background: %sheet; border: 1px solid %ink3; padding: 4px 12px; font-weight: 600; }
QPushButton:hover { border: 1px solid %ink; }
QPushButton:focus { border: 2px solid %ink; padding: 3px 11px; }
QPushButton:disabled { color: %ink3; border: 1px solid %rule; }
QPushButton[main="true"] { background: %ink; color: %onink; border: 1px solid %ink; }
QPushButton[main="true"]:focus { border: 2px solid %ink3; }
QPushButton[main="true"]:disabled { background: %well; color: %ink3; border: 1px solid %rule; }
QPushButton[flat="true"] { background: transparent; border: none; padding: 2px 4px; font-weight: 500; color: %ink2; text-align: left; }
QPushButton[flat="true"]:hover { color: %ink; }
QPushButton[flat="true"]:focus { border: 2px solid %ink; padding: 0px 2px; }
QPushButton[chosen="true"] { color: %ink; font-weight: 800; border-bottom: 3px solid %ink; }
QScrollArea { border: none; background: %paper; }
QScrollArea > QWidget > QWidget { background: %paper; }
QScrollBar:vertical { background: %paper; width: 12px; margin: 0; }
QScrollBar::handle:vertical { background: %rule; min-height: 28px; }
QScrollBar::add-line, QScrollBar::sub-line { height: 0; width: 0; }
QScrollBar:horizontal { background: %paper; height: 12px; margin: 0; }
QScrollBar::handle:horizontal { background: %rule; min-width: 28px; }
QTableView { background: %sheet; border: none; gridline-color: %faint; selection-background-color: %well; selection-color: %ink; }
QHeaderView::section { background: %paper; border: none; border-bottom: 2px solid %ink; padding: 3px 6px; color: %ink2; font-weight: 500; }
QProgressBar { background: %faint; border: none; height: 4px; }
QProgressBar::chunk { background: %ink; }
QListView { background: %sheet; border: 1px solid %ink3; }
QListView::item { padding: 4px 8px; }
QListView::item:selected { background: %ink; color: %onink; }
)");
    sheet.replace(QStringLiteral("%1"), QString::number(px(13)));
    const std::pair<const char*, QColor> names[] = {{"%paper", c.paper}, {"%sheet", c.sheet}, {"%well", c.well},
                                                    {"%onink", c.onInk}, {"%ink2", c.ink2},   {"%ink3", c.ink3},
                                                    {"%ink", c.ink},     {"%rule", c.rule},   {"%faint", c.faint}};
    for (const auto& [name, colour] : names) sheet.replace(QLatin1String(name), colour.name());
    return sheet;
}

} // namespace lc::app
