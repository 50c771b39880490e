#include "app/window/command_table.h"

#include <QAction>
#include <QMainWindow>
#include <QMenu>
#include <QMenuBar>

#include <algorithm>

namespace lc::app {

CommandTable::CommandTable(QMainWindow& window, std::function<void(Stage&)> show)
    : QObject(&window), m_window(window), m_show(std::move(show)) {}

CommandTable::~CommandTable() = default;

const Command& CommandTable::Row::named() const {
    const auto named =
        std::find_if(entries.begin(), entries.end(), [](const Entry& e) { return !e.command.name.isEmpty(); });
    return (named == entries.end() ? entries.front() : *named).command;
}

void CommandTable::add(std::vector<Command> commands, Stage* giver) {
    for (Command& command : commands) {
        const auto [at, isNew] = std::pair{m_index.constFind(command.id), !m_index.contains(command.id)};
        if (isNew) {
            m_index.insert(command.id, m_rows.size());
            m_rows.emplace_back();
        }
        m_rows[isNew ? m_rows.size() - 1 : *at].entries.push_back({std::move(command), giver});
    }
}

void CommandTable::build(const std::vector<Menu>& menus) {
    for (std::size_t i = 0; i < m_rows.size(); ++i) // m_rows stays as it is from here on
        if (!m_rows[i].named().choices) makeAction(m_rows[i]);
    for (const Menu& menu : menus) fill(*m_window.menuBar()->addMenu(menu.title), menu);
    auto* strips = m_menus["strips"] = new QMenu(&m_window);
    for (const Row& row : m_rows)
        if (row.action && row.named().onStrips) strips->addAction(row.action);
}

void CommandTable::makeAction(Row& row) {
    const Command& command = row.named();
    auto* action = row.action = new QAction(command.name, &m_window);
    action->setStatusTip(command.tip);
    giveKey(*action, m_ownKeys.contains(command.id) ? QKeySequence(m_ownKeys[command.id]) : command.key);
    action->setAutoRepeat(command.repeats);
    connect(action, &QAction::triggered, this,
            [this, index = static_cast<std::size_t>(&row - m_rows.data())] { answer(m_rows[index]); });
    m_actions.append(action);
    m_window.addAction(action);
}

void CommandTable::fill(QMenu& menu, const Menu& of) {
    std::vector<const Row*> rows;
    for (const Row& row : m_rows)
        if (row.named().menu == of.id) rows.push_back(&row);
    std::stable_sort(rows.begin(), rows.end(),
                     [](const Row* a, const Row* b) { return a->named().group < b->named().group; });
    QHash<QMenu*, int> groups; // of what stands last in each menu
    const auto place = [&](QMenu* in, int group) {
        if (groups.contains(in) && groups[in] != group) in->addSeparator();
        groups[in] = group;
        return in;
    };
    for (const Row* row : rows) {
        const Command& command = row->named();
        QMenu* in = &menu;
        if (!command.submenu.id.isEmpty()) {
            QMenu*& sub = m_menus[command.submenu.id];
            if (!sub) sub = place(&menu, command.group)->addMenu(command.submenu.name);
            in = sub;
        }
        place(in, command.group);
        if (command.choices)
            addChoices(*in->addMenu(command.name), command);
        else
            in->addAction(row->action);
        if (row->action)
            m_keys.push_back({command.id, QString(of.title).remove(QLatin1Char('&')), command.name,
                              row->action->shortcut(), command.key});
    }
}

void CommandTable::addChoices(QMenu& menu, const Command& command) {
    connect(&menu, &QMenu::aboutToShow, this, [this, &menu, choices = command.choices] {
        menu.clear();
        for (const Choice& choice : choices()) {
            auto* action = menu.addAction(choice.name);
            action->setEnabled(static_cast<bool>(choice.run));
            if (!choice.run) continue;
            action->setCheckable(choice.chosen);
            action->setChecked(choice.chosen);
            connect(action, &QAction::triggered, this, [this, run = choice.run] {
                run();
                Q_EMIT ran();
            });
        }
    });
}

void CommandTable::setStage(const Stage& shown) {
    m_shown = &shown;
    for (const Row& row : m_rows)
        if (row.action) row.action->setEnabled(answering(row) != nullptr);
}

const CommandTable::Row* CommandTable::rowOf(const QByteArray& id) const {
    const auto at = m_index.constFind(id);
    return at == m_index.constEnd() ? nullptr : &m_rows[*at];
}

const CommandTable::Entry* CommandTable::answering(const Row& row) const {
    const auto found = [&](auto&& which) {
        const auto at = std::find_if(row.entries.begin(), row.entries.end(), which);
        return at == row.entries.end() ? nullptr : &*at;
    };
    if (const Entry* here = found([&](const Entry& e) { return e.giver && e.giver == m_shown; })) return here;
    return found([](const Entry& e) { return !e.command.onlyHere; });
}

void CommandTable::answer(const Row& row) {
    const Entry* entry = answering(row);
    if (!entry || !entry->command.run) return;
    if (entry->giver && entry->command.brings) m_show(*entry->giver);
    entry->command.run();
    Q_EMIT ran();
}

bool CommandTable::run(const QByteArray& id) {
    const Row* row = rowOf(id);
    if (!row || !row->action || !row->action->isEnabled()) return false;
    row->action->trigger();
    return true;
}

QAction* CommandTable::action(const QByteArray& id) const {
    const Row* row = rowOf(id);
    return row ? row->action : nullptr;
}

QString CommandTable::buttonText(const QByteArray& id) const {
    const Row* row = rowOf(id);
    if (!row) return {};
    return row->named().button.isEmpty() ? row->named().name : row->named().button;
}

bool CommandTable::isChosen(const QByteArray& id) const {
    const Row* row = rowOf(id);
    const Entry* entry = row ? answering(*row) : nullptr;
    return entry && entry->command.chosen && entry->command.chosen();
}

QMenu* CommandTable::menu(const QByteArray& id) const { return m_menus.value(id); }

std::vector<Place> CommandTable::places() const {
    std::vector<Place> all;
    for (const Row& row : m_rows) {
        const Command& named = row.named();
        if (named.inBox && named.choices)
            for (const Choice& choice : named.choices())
                if (choice.run)
                    all.push_back({tr("%1: %2").arg(named.name, QString(choice.name).remove(QLatin1Char('&'))),
                                   choice.chosen ? tr("now") : QString(), choice.run, named.words});
        if (!row.action || !row.action->isEnabled() || !named.inBox) continue;
        all.push_back({row.action->text().remove(QLatin1Char('&')),
                       row.action->shortcut().toString(QKeySequence::NativeText),
                       [action = row.action] { action->trigger(); }, named.words});
    }
    return all;
}

const std::vector<CommandTable::Key>& CommandTable::keys() const { return m_keys; }

/// The tip says the key.
void CommandTable::giveKey(QAction& action, const QKeySequence& key) {
    action.setShortcut(key);
    const QString shown = key.toString(QKeySequence::NativeText);
    action.setToolTip(shown.isEmpty() ? action.statusTip() : tr("%1 (%2)").arg(action.statusTip(), shown));
}

void CommandTable::setKey(const QByteArray& id, const QKeySequence& key) {
    const Row* row = rowOf(id);
    if (!row || !row->action) return;
    giveKey(*row->action, key);
    if (key == row->named().key)
        m_ownKeys.remove(id);
    else
        m_ownKeys[id] = key.toString(QKeySequence::PortableText);
    for (Key& one : m_keys)
        if (one.id == id) one.key = key;
    Q_EMIT keysChanged(m_ownKeys);
}

const CommandTable::Key* CommandTable::holderOf(const QKeySequence& key, const QByteArray& otherThan) const {
    const auto holder = std::find_if(m_keys.begin(), m_keys.end(), [&](const Key& one) {
        return one.id != otherThan && !key.isEmpty() && one.key == key;
    });
    return holder == m_keys.end() ? nullptr : &*holder;
}

} // namespace lc::app
