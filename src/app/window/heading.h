#pragma once

#include "app/base/stage.h"
#include "app/base/theme.h"

#include <QHash>
#include <QWidget>

class QHBoxLayout;
class QLabel;
class QLineEdit;
class QPushButton;

namespace lc::app {

class CommandBox;
class CommandTable;
class Session;

/// Over every stage: the title of the routine, its song, the buttons of the stage that is shown, and the command box.
class Heading : public QWidget {
    Q_OBJECT
public:
    /// `places` as for CommandBox.
    Heading(Session& session, CommandTable& commands, std::function<std::vector<Place>(const QString& typed)> places,
            const Theme& theme, QWidget* parent);
    [[nodiscard]] CommandBox& box() { return *m_box; }
    void setStage(const Stage& stage);
    void refresh();
    void editTitle();
    void takeTitle(); ///< also one that is still being typed
    [[nodiscard]] QString typedTitle() const;

Q_SIGNALS:
    void titleTyped();
    void titleDone(); ///< by Enter: the keyboard goes back to the stage

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void refreshAbout();
    [[nodiscard]] QPushButton* buttonFor(const QByteArray& id); ///< made when it is first needed

    Session& m_session;
    CommandTable& m_commands;
    const Theme& m_theme;
    QLineEdit* m_title;
    QLabel* m_about;
    QHBoxLayout* m_buttonRow;
    QHash<QByteArray, QPushButton*> m_buttons;
    CommandBox* m_box;
    std::vector<QByteArray> m_shown; ///< buttons of the stage
};

} // namespace lc::app
