#pragma once

#include "app/base/command.h"
#include "app/base/theme.h"

#include <QLineEdit>

#include <functional>
#include <vector>

class QListWidget;

namespace lc::app {

/// Places whose name, or words beside it, have all the words typed: those that are called so, that begin so, whose name
/// has them, that are found by other words.
[[nodiscard]] std::vector<Place> matching(const std::vector<Place>& all, const QString& typed);

/// The "do anything" box: type a command, a part, a pass, a phrase or a count.
class CommandBox : public QLineEdit {
    Q_OBJECT
public:
    CommandBox(const Theme& theme, std::function<std::vector<Place>(const QString& typed)> places,
               QWidget* parent = nullptr);
    ~CommandBox() override;
    [[nodiscard]] QStringList shown() const;
    void begin(const QString& typed = {}); ///< the keyboard to it, with something typed already

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

private:
    void refresh();
    void run(int row);

    const Theme& m_theme;
    std::function<std::vector<Place>(const QString&)> m_places;
    std::vector<Place> m_shown;
    QListWidget* m_list;
};

} // namespace lc::app
