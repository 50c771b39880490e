#pragma once

#include "app/window/command_box.h"
#include "app/window/rail.h"
#include "app/base/theme.h"
#include "app/base/session.h"
#include "app/window/start_page.h"
#include "app/strips/strip_layout.h"

#include <QMainWindow>

class QLabel;
class QProgressBar;
class QPushButton;
class QStackedWidget;
class QTimer;

namespace lc {
enum class HandoutManner;
} // namespace lc

namespace lc::app {

class ArrangeStage;
class CountBar;
class FileDesk;
class ListenStage;
class SheetsStage;
class StepsStage;
class StripsView;

/// The window: rail, heading with the command box, the stages, the count bar; every command with its menu and shortcut.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    /// `vocabularyPath` empty = in the user's data folder.
    MainWindow(Session& session, const Theme& theme, const QString& vocabularyPath = {}, QWidget* parent = nullptr);
    ~MainWindow() override;

    /// Opens a routine or a song by its ending, after asking about work that is not saved.
    void openAny(const QString& path);
    void openDemo();
    /// Keeps what is not saved in a file of its own, since the program is about to end or something went wrong (`why`, the end of a sentence), and says so.
    void saveForTheWorst(const QString& why);
    void setStage(Stage stage);
    void setMagnification(Magnification magnification);
    [[nodiscard]] Stage stage() const { return m_stage; }
    [[nodiscard]] ListenStage& listen() { return *m_listen; }
    [[nodiscard]] StepsStage& steps() { return *m_steps; }
    [[nodiscard]] ArrangeStage& arrange() { return *m_arrange; }
    [[nodiscard]] SheetsStage& sheets() { return *m_sheets; }
    [[nodiscard]] CountBar& countBar() { return *m_countBar; }
    [[nodiscard]] CommandBox& commandBox() { return *m_commandBox; }
    /// The sentence last told to the person.
    [[nodiscard]] QString lastTold() const { return m_lastTold; }
    [[nodiscard]] FileDesk& files() { return *m_files; }
    /// Everything that can be done by a command, in the order of the menus.
    [[nodiscard]] const QList<QAction*>& commands() const { return m_commands; }

protected:
    /// Letters typed into a list search it; and what states something of the song by a letter does so only where the song is before one's eyes.
    bool eventFilter(QObject* watched, QEvent* event) override;
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void changeEvent(QEvent* event) override;

private:
    void buildMenus();
    void buildSongMenu();
    void buildFiguresMenu();
    void buildArrangeMenu();
    /// Is it the vocabulary that undo and redo speak of now?
    [[nodiscard]] bool undoesVocabulary() const;
    void copyRoutineAsText();
    void goToArrange(); ///< to do something there: the start page is left
    void pasteRoutine();
    void showHandoutIfOpen();
    void copyAsHandout(HandoutManner manner);
    void showOpened(const QString& path);
    void takeTitle();
    void typeStructure(); ///< also where there is no song yet
    void buildHeading(QWidget* parent);
    QAction* command(QMenu* menu, const QString& name, const QKeySequence& key, const QString& tip, std::function<void()> what);
    std::vector<Command> commandsFor(const QString& typed);
    void addPlaces(std::vector<Command>& all, const QString& typed);
    void refresh();
    void refreshTitle();
    void showStartOrStage();
    void tell(const QString& sentence);
    void keepView();
    void restoreView(const QString& path);
    void toggleLoop();
    void contextMenu(const QPoint& global, Tick at);
    [[nodiscard]] StripsView* currentStrips();

    Session& m_session;
    const Theme& m_theme;
    FileDesk* m_files = nullptr;
    Stage m_stage = Stage::Listen;
    Rail* m_rail = nullptr;
    QWidget* m_heading = nullptr;
    QLineEdit* m_title = nullptr;
    QLabel* m_about = nullptr;
    QPushButton* m_page = nullptr;
    QPushButton* m_strip = nullptr;
    QPushButton* m_eight = nullptr;
    QPushButton* m_passesButton = nullptr;
    CommandBox* m_commandBox = nullptr;
    QStackedWidget* m_stack = nullptr;
    StartPage* m_start = nullptr;
    ListenStage* m_listen = nullptr;
    StepsStage* m_steps = nullptr;
    ArrangeStage* m_arrange = nullptr;
    SheetsStage* m_sheets = nullptr;
    QWidget* m_message = nullptr;
    QLabel* m_messageText = nullptr;
    QProgressBar* m_progress = nullptr;
    QPushButton* m_stopLoading = nullptr;
    CountBar* m_countBar = nullptr;
    QList<QAction*> m_commands;
    QList<QKeySequence> m_songKeys; ///< that state something of the song
    QAction* m_undo = nullptr;
    QAction* m_redo = nullptr;
    QTimer* m_clock = nullptr;
    QTimer* m_solvingShown = nullptr;
    bool m_saysSolving = false;
    QString m_lastTold;
    bool m_narrow = false; ///< the window is too narrow for everything at once
    bool m_closeAnyway = false; ///< it was said that something could not be kept
    bool m_leftStart = false; ///< a new routine was begun on purpose
};

} // namespace lc::app
