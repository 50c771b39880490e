#include "app/window/command_box.h"

#include <QFocusEvent>
#include <QKeyEvent>
#include <QListWidget>

#include <algorithm>

namespace lc::app {

std::vector<Place> matching(const std::vector<Place>& all, const QString& typed) {
    const QString whole = typed.toLower().trimmed();
    const QStringList words = whole.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    const auto has = [&](const QString& text) {
        return std::all_of(words.begin(), words.end(),
                           [&](const QString& w) { return text.contains(w, Qt::CaseInsensitive); });
    };
    std::vector<std::pair<int, const Place*>> found;
    for (const Place& place : all) {
        const QString name = place.name.toLower();
        if (name == whole)
            found.emplace_back(0, &place);
        else if (name.startsWith(whole))
            found.emplace_back(1, &place);
        else if (has(name))
            found.emplace_back(2, &place);
        else if (!place.words.isEmpty() && has(name + QLatin1Char(' ') + place.words))
            found.emplace_back(3, &place);
    }
    std::stable_sort(found.begin(), found.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
    std::vector<Place> out;
    for (const auto& [rank, place] : found) out.push_back(*place);
    return out;
}

CommandBox::CommandBox(const Theme& theme, std::function<std::vector<Place>(const QString&)> places, QWidget* parent)
    : QLineEdit(parent), m_theme(theme), m_places(std::move(places)),
      m_list(new QListWidget(parent ? parent->window() : nullptr)) {
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
    for (const Place& p : m_shown) names << p.name;
    return names;
}

void CommandBox::begin(const QString& typed) {
    setFocus(Qt::ShortcutFocusReason);
    if (typed.isEmpty()) return;
    setText(typed);
    refresh();
}

void CommandBox::refresh() {
    m_shown = matching(m_places(text()), text());
    if (m_shown.size() > 14) m_shown.resize(14);
    m_list->clear();
    for (const Place& place : m_shown) {
        auto* item = new QListWidgetItem(
            place.about.isEmpty() ? place.name : place.name + QStringLiteral("    ") + place.about, m_list);
        item->setData(Qt::AccessibleTextRole, place.name);
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
