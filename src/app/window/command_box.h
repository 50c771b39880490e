#pragma once

#include "app/base/theme.h"

#include <QLineEdit>

#include <functional>
#include <vector>

class QListWidget;

namespace lc::app {

/// One thing that can be done or gone to.
struct Command {
    QString name;  ///< "Save", "pass 4", "Chorus 2"
    QString about; ///< shortcut, or place
    std::function<void()> run;
};

/// Commands whose name has all the words typed, those that begin with them first.
[[nodiscard]] std::vector<Command> matching(const std::vector<Command>& all, const QString& typed);

/// The "do anything" box: type a command, a part, a pass, a phrase or a count.
class CommandBox : public QLineEdit {
    Q_OBJECT
public:
    CommandBox(const Theme& theme, std::function<std::vector<Command>(const QString& typed)> commands, QWidget* parent = nullptr);
    ~CommandBox() override;
    [[nodiscard]] QStringList shown() const;

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

private:
    void refresh();
    void run(int row);

    const Theme& m_theme;
    std::function<std::vector<Command>(const QString&)> m_commands;
    std::vector<Command> m_shown;
    QListWidget* m_list;
};

} // namespace lc::app
