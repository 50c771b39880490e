#pragma once

#include "app/base/stage.h"

#include <QHash>
#include <QKeySequence>
#include <QMap>
#include <QObject>

#include <functional>
#include <vector>

class QAction;
class QMainWindow;
class QMenu;

namespace lc::app {

/// All that can be done, from the lists of the window and of its stages; the only place that makes menus, context
/// menus, keys, the entries of the command box and the list of keys from it.
class CommandTable : public QObject {
    Q_OBJECT
public:
    /// A menu of the menu bar.
    struct Menu {
        QByteArray id;
        QString title;
    };
    /// A command with its key, for a list of keys.
    struct Key {
        QByteArray id;
        QString menu; ///< the title of its menu
        QString name;
        QKeySequence key; ///< it has now; empty for none
        QKeySequence usual;
    };

    /// `show` shows the stage of a command that brings it.
    CommandTable(QMainWindow& window, std::function<void(Stage&)> show);
    ~CommandTable() override;

    /// The commands of a stage, or of the window where it is null. Before build().
    void add(std::vector<Command> commands, Stage* giver = nullptr);
    /// Makes the actions and the menus, in this order.
    void build(const std::vector<Menu>& menus);

    void setStage(const Stage& shown); ///< the one that answers what several can do
    /// Does it; false where there is no such command, or none that applies now.
    bool run(const QByteArray& id);
    [[nodiscard]] QAction* action(const QByteArray& id) const; ///< null for none
    [[nodiscard]] const QList<QAction*>& actions() const {
        return m_actions;
    } ///< in the order in which they were listed
    [[nodiscard]] QString buttonText(const QByteArray& id) const;
    [[nodiscard]] bool isChosen(const QByteArray& id) const; ///< is what it does so now?
    [[nodiscard]] QMenu* menu(const QByteArray& id) const;   ///< a submenu, or "strips"; null for none
    [[nodiscard]] std::vector<Place> places() const;         ///< for the command box
    [[nodiscard]] const std::vector<Key>& keys() const;      ///< every command of the menus, in their order
    /// Keys that a person has given to commands, by ids; before build().
    void setOwnKeys(const QMap<QByteArray, QString>& keys) { m_ownKeys = keys; }
    /// Gives a command a key, from now on. Whoever had it is not asked: see holderOf().
    void setKey(const QByteArray& id, const QKeySequence& key);
    /// The other command that has a key; null for none.
    [[nodiscard]] const Key* holderOf(const QKeySequence& key, const QByteArray& otherThan) const;

Q_SIGNALS:
    void ran(); ///< a command was done
    void keysChanged(const QMap<QByteArray, QString>& own);

private:
    struct Entry {
        Command command;
        Stage* giver;
    };
    /// All that answer one id, and the action that stands for them.
    struct Row {
        QAction* action = nullptr; ///< null for a menu of choices
        std::vector<Entry> entries;
        [[nodiscard]] const Command& named() const;
    };
    [[nodiscard]] const Row* rowOf(const QByteArray& id) const;
    [[nodiscard]] const Entry* answering(const Row& row) const;
    void makeAction(Row& row);
    void fill(QMenu& menu, const Menu& of);
    static void giveKey(QAction& action, const QKeySequence& key);
    void addChoices(QMenu& menu, const Command& command);
    void answer(const Row& row);

    QMainWindow& m_window;
    std::function<void(Stage&)> m_show;
    std::vector<Row> m_rows; ///< in the order in which they were listed
    QHash<QByteArray, std::size_t> m_index;
    QHash<QByteArray, QMenu*> m_menus; ///< submenus, and "strips"
    QList<QAction*> m_actions;
    std::vector<Key> m_keys;
    QMap<QByteArray, QString> m_ownKeys;
    const Stage* m_shown = nullptr;
};

} // namespace lc::app
