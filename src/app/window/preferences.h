#pragma once

#include "app/base/theme.h"

#include <QDialog>

class QComboBox;
class QFormLayout;
class QKeySequenceEdit;
class QLabel;
class QLineEdit;
class QPushButton;
class QTableView;
class QVBoxLayout;

namespace lc::app {

class CommandTable;
class FigureDesk;
class PlainTable;
class Session;

/// All that can be set, on one page; each setting works at once and is remembered.
class Preferences : public QDialog {
    Q_OBJECT
public:
    Preferences(Session& session, FigureDesk& desk, CommandTable& commands, const Theme& theme, QWidget* window);
    /// Gives the chosen command of the list this key; false where another one has it, which is said. `takeIt`: it loses
    /// the key then.
    bool giveKey(const QKeySequence& key, bool takeIt);
    void findKey(const QString& words); ///< in the list of keys
    [[nodiscard]] PlainTable& keys() const { return *m_keys; }
    [[nodiscard]] QString saysOfKeys() const;

Q_SIGNALS:
    void lookWanted();
    void anewWanted(); ///< another size of text, or another language: the window is made anew
    void changed();    ///< anything else that a stage may show

private:
    void addLook();
    void addSound();
    void addSheets();
    void addBody();
    void addPlaces();
    void addKeys();
    [[nodiscard]] QFormLayout& section(const QString& title);
    QComboBox* choice(QFormLayout& form, const QString& label, const char* object);
    void listKeys();
    void showKey();

    Session& m_session;
    FigureDesk& m_desk;
    CommandTable& m_commands;
    const Theme& m_theme;
    QWidget* m_page;
    QVBoxLayout* m_column;
    QLineEdit* m_search = nullptr;
    PlainTable* m_keys = nullptr;
    QList<QByteArray> m_shown; ///< the command of each row
    QKeySequenceEdit* m_key = nullptr;
    QLabel* m_says = nullptr;
    QPushButton *m_give = nullptr, *m_usual = nullptr, *m_none = nullptr;
};

} // namespace lc::app
