#include "app/window/command_box.h"

#include <QFocusEvent>
#include <QKeyEvent>
#include <QListWidget>

#include <algorithm>

namespace lc::app {

std::vector<Command> matching(const std::vector<Command>& all, const QString& typed) {
    const QStringList words = typed.toLower().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    std::vector<Command> found;
    for (const Command& command : all) {
        const QString name = command.name.toLower();
        if (std::all_of(words.begin(), words.end(), [&](const QString& w) { return name.contains(w); })) found.push_back(command);
    }
    std::stable_sort(found.begin(), found.end(), [&](const Command& a, const Command& b) {
        const auto rank = [&](const Command& c) {
            const QString name = c.name.toLower();
            return name == typed.toLower().trimmed() ? 0 : name.startsWith(typed.toLower().trimmed()) ? 1 : 2;
        };
        return rank(a) < rank(b);
    });
    return found;
}

CommandBox::CommandBox(const Theme& theme, std::function<std::vector<Command>(const QString&)> commands, QWidget* parent)
    : QLineEdit(parent), m_theme(theme), m_commands(std::move(commands)), m_list(new QListWidget(parent ? parent->window() : nullptr)) {
    setPlaceholderText(tr("Do anything: “pass 6”   Ctrl+K"));
    setAccessibleName(tr("Do anything"));
    setToolTip(tr("Commands and places: type “restart”, “pass 4”, “chorus 2”, “count 97” (Ctrl+K)"));
    m_list->hide();
    m_list->setFocusPolicy(Qt::NoFocus);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    connect(this, &QLineEdit::textEdited, this, &CommandBox::refresh);
    connect(m_list, &QListWidget::itemClicked, this, [this](QListWidgetItem* item) { run(m_list->row(item)); });
}

CommandBox::~CommandBox() = default;

QStringList CommandBox::shown() const {
    QStringList names;
    for (const Command& c : m_shown) names << c.name;
    return names;
}

void CommandBox::refresh() {
    m_shown = matching(m_commands(text()), text());
    if (m_shown.size() > 14) m_shown.resize(14);
    m_list->clear();
    for (const Command& command : m_shown) {
        auto* item = new QListWidgetItem(command.about.isEmpty() ? command.name : command.name + QStringLiteral("    ") + command.about, m_list);
        item->setData(Qt::AccessibleTextRole, command.name);
    }
    if (m_shown.empty()) new QListWidgetItem(tr("Nothing is called that."), m_list);
    m_list->setCurrentRow(0);
    m_list->setParent(window());
    const int width = std::max(this->width(), m_theme.px(340));
    const QPoint corner = mapTo(window(), QPoint(this->width() - width, height() + 2));
    m_list->setGeometry(corner.x(), corner.y(), width, std::max(1, m_list->count()) * (m_list->sizeHintForRow(0)) + 6);
    m_list->show();
    m_list->raise();
}

void CommandBox::run(int row) {
    if (row < 0 || static_cast<std::size_t>(row) >= m_shown.size()) return;
    const auto what = m_shown[static_cast<std::size_t>(row)].run;
    clear();
    m_list->hide();
    if (parentWidget()) clearFocus();
    if (what) what();
}

void CommandBox::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Down: m_list->setCurrentRow(std::min(m_list->count() - 1, m_list->currentRow() + 1)); return;
    case Qt::Key_Up: m_list->setCurrentRow(std::max(0, m_list->currentRow() - 1)); return;
    case Qt::Key_Return:
    case Qt::Key_Enter: run(m_list->currentRow()); return;
    case Qt::Key_Escape:
        clear();
        m_list->hide();
        clearFocus();
        return;
    default: QLineEdit::keyPressEvent(event);
    }
}

void CommandBox::focusInEvent(QFocusEvent* event) {
    QLineEdit::focusInEvent(event);
    refresh();
}

void CommandBox::focusOutEvent(QFocusEvent* event) {
    QLineEdit::focusOutEvent(event);
    m_list->hide();
}

} // namespace lc::app
