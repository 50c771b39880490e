#pragma once

#include "app/base/figure_desk.h"
#include "app/base/session.h"
#include "app/base/stage.h"
#include "app/base/theme.h"
#include "app/window/stages.h"
#include "store/journal.h"

#include <QMainWindow>
#include <QPointer>

class QStackedWidget;
class QTimer;

namespace lc::app {

class CommandBox;
class CommandTable;
class CountBar;
class FileDesk;
class Heading;
class Help;
class KeptWork;
class MessageLine;
class Preferences;
class Rail;
class RoutineClipboard;
class StartPage;
class TypingUndo;

/// The window: rail, heading, stages, count bar. It knows stages and commands only by their tables, and shows one stage
/// at a time.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    /// `vocabularyPath` empty = in the user's data folder.
    MainWindow(Session& session, const Theme& theme, const QString& vocabularyPath = {},
               const std::vector<StageMaker>& stages = allStages());
    ~MainWindow() override;

    /// Opens a routine or a song by its ending, after asking about work that is not saved.
    void openAny(const QString& path);
    /// Several at once: of a routine, a song, its map and its lines of words one each.
    void openDropped(const QStringList& paths);
    void openDemo();
    /// Keeps what is not saved in the journal at once, since the program is about to end or something went wrong
    /// (`why`, the end of a sentence), and says so.
    void saveForTheWorst(const QString& why);

    /// How the window stands, for one that is made in its place on the same session.
    struct Standing {
        QByteArray place; ///< on the screen
        QVariantMap view;
        bool leftStart = false;
        QByteArray open; ///< the command that opens what was open
    };
    /// This window is about to go: another one keeps what is not saved from here on.
    [[nodiscard]] Standing standing();
    void stand(const Standing& standing);

    void showStage(Stage& stage);
    void showStage(const QByteArray& id); ///< one of stage_id, or another's own
    [[nodiscard]] Stage& stage() const { return *m_stage; }
    [[nodiscard]] const std::vector<Stage*>& stages() const { return m_stages; }
    /// The stage of a class.
    template <class S>
    [[nodiscard]] S& stage() const {
        for (Stage* stage : m_stages)
            if (auto* found = dynamic_cast<S*>(stage)) return *found;
        qFatal("there is no such stage");
    }
    [[nodiscard]] FigureDesk& desk() { return m_desk; }
    [[nodiscard]] CommandTable& commands() { return *m_commands; }
    [[nodiscard]] CommandBox& commandBox();
    [[nodiscard]] CountBar& countBar() { return *m_countBar; }
    [[nodiscard]] FileDesk& files() { return *m_files; }
    [[nodiscard]] KeptWork& kept() { return *m_kept; }
    [[nodiscard]] QString lastTold() const; ///< the sentence last told to the person

Q_SIGNALS:
    void lookWanted(); ///< another theme was chosen
    void anewWanted(); ///< another size of text, or another language

protected:
    /// Keys that type something are the strips' alone: elsewhere they search, are typed, or do nothing.
    bool eventFilter(QObject* watched, QEvent* event) override;
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void changeEvent(QEvent* event) override;

private:
    void buildStages(const std::vector<StageMaker>& makers);
    void buildCommands();
    [[nodiscard]] std::vector<Command> routineCommands();
    [[nodiscard]] std::vector<Command> editCommands();
    [[nodiscard]] std::vector<Command> playCommands();
    [[nodiscard]] std::vector<Command> viewCommands();
    [[nodiscard]] std::vector<Command> helpCommands();
    [[nodiscard]] std::vector<Place> placesFor(const QString& typed);
    void listen(); ///< to all that the window shows

    void bring(Stage& stage); ///< to do something there: the start page is left
    void showStartOrStage();
    void refreshUndo();
    void refreshTitle();
    void undoOrRedo(bool redo);
    void editWhatHasTheKeyboard(Editing what);
    void showOpened(const QString& path);
    void goTo(Tick at);
    void complete(JournalEntry& entry) const; ///< what is typed and in no document
    void keepView();
    [[nodiscard]] QVariantMap viewNow() const;
    void showView(const QVariantMap& view);
    [[nodiscard]] std::vector<Choice> recentChoices();
    [[nodiscard]] std::vector<Choice> themeChoices();
    [[nodiscard]] std::vector<Choice> sizeChoices();
    [[nodiscard]] std::vector<Choice> languageChoices();
    void toggleLoop();
    void openNext();
    void showPreferences();
    void showHelp(const QString& page); ///< of the manual
    void tell(const QString& sentence) { m_session.messages.tell(sentence); }

    Session& m_session;
    const Theme& m_theme;
    FigureDesk m_desk;
    FileDesk* m_files;
    KeptWork* m_kept;
    TypingUndo* m_typing;
    RoutineClipboard* m_clipboard;
    CommandTable* m_commands;
    std::vector<Stage*> m_stages;
    Stage* m_stage = nullptr;
    Rail* m_rail = nullptr;
    Heading* m_heading = nullptr;
    MessageLine* m_message = nullptr;
    QStackedWidget* m_stack = nullptr;
    StartPage* m_start = nullptr;
    CountBar* m_countBar = nullptr;
    QPointer<Preferences> m_preferences;
    QPointer<Help> m_help;
    QTimer* m_clock = nullptr;
    bool m_closeAnyway = false; ///< it was said that something could not be kept
    QStringList m_toOpen;       ///< what was dropped with what is being read
    bool m_leftStart = false;   ///< a new routine was begun on purpose
};

} // namespace lc::app
