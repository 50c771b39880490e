#include "app/base/theme.h"

#include "sheets/faces.h"

#include <QApplication>
#include <QPalette>
#include <QStyle>
#include <QWidget>

namespace lc::app {

const Palette& paletteOf(Look look) {
    static const Palette bright{QColor("#F3F4EF"), QColor("#FFFFFF"), QColor("#E9ECE6"), QColor("#16222C"),
                                QColor("#46535E"), QColor("#5D6972"), QColor("#BFC6C2"), QColor("#DFE3DE"),
                                QColor("#C3CDCE"), QColor("#7C878E"), QColor("#FFCB1F"), QColor("#1B4F9C"),
                                QColor("#A63D12"), QColor("#FFFFFF"), QColor("#FFCB1F")};
    static const Palette dark{QColor("#0D1317"), QColor("#172027"), QColor("#1E2931"), QColor("#F5F6F2"),
                              QColor("#B9C3C9"), QColor("#96A2AA"), QColor("#3A4852"), QColor("#26323A"),
                              QColor("#2C3942"), QColor("#96A2AA"), QColor("#FFD447"), QColor("#9CC4FF"),
                              QColor("#FFB08A"), QColor("#0D1317"), QColor("#5A4500")};
    return look == Look::Dark ? dark : bright;
}

namespace {

/// Widgets of the style sheet know each other by properties: its selectors read "[tone=…]" and "[manner=…]".
void setNamed(QWidget* widget, const char* property, QLatin1String name) {
    if (widget->property(property).toString() == name) return;
    widget->setProperty(property, QString(name));
    if (!widget->testAttribute(Qt::WA_WState_Polished)) return;
    widget->style()->unpolish(widget);
    widget->style()->polish(widget);
}

QLatin1String nameOf(Tone tone) {
    switch (tone) {
    case Tone::Ink: return QLatin1String("ink");
    case Tone::Ink2: return QLatin1String("ink2");
    case Tone::Ink3: return QLatin1String("ink3");
    case Tone::OnInk: return QLatin1String("onink");
    case Tone::Rule: return QLatin1String("rule");
    case Tone::Role1: return QLatin1String("role1");
    case Tone::Role2: return QLatin1String("role2");
    }
    return {};
}

QLatin1String nameOf(Manner manner) {
    switch (manner) {
    case Manner::Quiet: return QLatin1String("quiet");
    case Manner::Framed: return QLatin1String("framed");
    case Manner::Banner: return QLatin1String("banner");
    case Manner::Paper: return QLatin1String("paper");
    case Manner::Sheet: return QLatin1String("sheet");
    case Manner::Beside: return QLatin1String("beside");
    }
    return {};
}

} // namespace

void setTone(QWidget* widget, Tone tone) { setNamed(widget, "tone", nameOf(tone)); }
void setManner(QWidget* widget, Manner manner) { setNamed(widget, "manner", nameOf(manner)); }

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
    return kept(QLatin1String(wordsFamily), size, static_cast<int>(weight));
}

QFont Theme::numbers(int size, bool bold) const {
    return kept(QLatin1String(figuresFamily), size, bold ? QFont::Bold : QFont::Normal);
}

QColor Theme::role(int ordinal) const {
    return ordinal == 0 ? colours().role1 : ordinal == 1 ? colours().role2 : colours().ink;
}

Tone Theme::roleTone(int ordinal) { return ordinal == 0 ? Tone::Role1 : ordinal == 1 ? Tone::Role2 : Tone::Ink; }

void Theme::dress() const {
    const Palette& c = colours();
    QPalette palette(c.sheet, c.paper);
    for (const auto& [role, colour] :
         std::initializer_list<std::pair<QPalette::ColorRole, QColor>>{{QPalette::WindowText, c.ink},
                                                                       {QPalette::Base, c.sheet},
                                                                       {QPalette::AlternateBase, c.well},
                                                                       {QPalette::Text, c.ink},
                                                                       {QPalette::ButtonText, c.ink},
                                                                       {QPalette::Highlight, c.ink},
                                                                       {QPalette::HighlightedText, c.onInk},
                                                                       {QPalette::PlaceholderText, c.ink3},
                                                                       {QPalette::ToolTipBase, c.sheet},
                                                                       {QPalette::ToolTipText, c.ink}})
        palette.setColor(role, colour);
    for (const QPalette::ColorRole role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
        palette.setColor(QPalette::Disabled, role, c.ink3);
    qApp->setPalette(palette);
    qApp->setFont(words(13));
    qApp->setStyleSheet(styleSheet());
}

void Theme::wear(Look look) {
    if (look == m_look) return;
    m_look = look;
    dress();
    for (QWidget* widget : QApplication::allWidgets()) widget->update();
}

QString Theme::styleSheet() const {
    const Palette& c = colours();
    QString sheet = QStringLiteral(R"(
QWidget { font-family: "%words"; font-size: %1px; }
QMainWindow, QDialog, QMessageBox { background: %paper; }
QMenuBar { background: %paper; border: none; }
QMenuBar::item { padding: 4px 10px; background: transparent; color: %ink; }
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
QComboBox::drop-down { border: none; width: 18px; subcontrol-origin: padding; subcontrol-position: center right; }
QComboBox::down-arrow { image: url(:/marks/down-%look.png); width: 10px; height: 6px; }
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
QPushButton[card="true"] { background: %sheet; border: 1px solid %rule; padding: 0px; }
QPushButton[card="true"]:hover { border: 1px solid %ink; }
QPushButton[card="true"]:focus { border: 2px solid %ink; }
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
QPlainTextEdit { background: %sheet; border: 1px solid %ink3; }
QPlainTextEdit:focus { border: 2px solid %ink; }
QListView { background: %sheet; border: 1px solid %ink3; }
QListView::item { padding: 4px 8px; }
QListView::item:selected { background: %ink; color: %onink; }
QLabel { background: transparent; }
QLabel[tone="ink2"] { color: %ink2; }
QLabel[tone="ink3"] { color: %ink3; }
QLabel[tone="onink"] { color: %onink; }
QLabel[tone="role1"], QLineEdit[tone="role1"] { color: %role1; }
QLabel[tone="role2"], QLineEdit[tone="role2"] { color: %role2; }
.QFrame[tone="rule"] { background: %rule; }
.QFrame[tone="ink"] { background: %ink; }
QLineEdit[manner="quiet"] { border: none; background: transparent; padding: 0; }
QLineEdit[manner="quiet"]:focus { border: none; background: %sheet; padding: 0; }
QLineEdit[manner="framed"] { border: none; background: transparent; padding: 2px; }
QLineEdit[manner="framed"]:focus { border: 2px solid %ink; background: %sheet; padding: 0; }
QLabel[manner="banner"] { background: %ink; color: %onink; padding: 4px 16px; }
QTableView[manner="paper"] { background: %paper; }
QListView[manner="paper"] { background: %paper; border: none; }
QWidget[manner="sheet"] { background: %sheet; }
QScrollArea[manner="beside"] { border-left: 1px solid %rule; }
)");
    sheet.replace(QStringLiteral("%1"), QString::number(px(13)));
    sheet.replace(QLatin1String("%words"), QLatin1String(wordsFamily));
    sheet.replace(QLatin1String("%look"), QLatin1String(m_look == Look::Dark ? "dark" : "bright"));
    const std::pair<const char*, QColor> names[] = {{"%paper", c.paper}, {"%sheet", c.sheet}, {"%well", c.well},
                                                    {"%onink", c.onInk}, {"%ink2", c.ink2},   {"%ink3", c.ink3},
                                                    {"%ink", c.ink},     {"%rule", c.rule},   {"%faint", c.faint},
                                                    {"%role1", c.role1}, {"%role2", c.role2}};
    for (const auto& [name, colour] : names) sheet.replace(QLatin1String(name), colour.name());
    return sheet;
}

} // namespace lc::app
