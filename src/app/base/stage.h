#pragma once

#include "app/base/command.h"
#include "core/base/tick.h"

#include <QVariantMap>
#include <QWidget>

#include <functional>
#include <optional>
#include <vector>

class QPainter;

namespace lc::app {

class FigureDesk;
class Session;
class Theme;

/// What every stage works on and with.
struct StageContext {
    Session& session;
    FigureDesk& desk;
    const Theme& theme;
};

/// Ids of the stages that others send a person to.
namespace stage_id {
inline constexpr const char* listen = "listen";
inline constexpr const char* steps = "steps";
inline constexpr const char* arrange = "arrange";
inline constexpr const char* sheets = "sheets";
} // namespace stage_id

/// What the rail shows beside a stage's name.
struct StageState {
    int open = 0;       ///< what is to be looked at: a diamond with its number
    bool begun = false; ///< there is something in it, and nothing open
};

/// A line of the legend in the rail: a mark drawn round a place, and what it is called.
struct LegendLine {
    QString name;
    std::function<void(QPainter& painter, double x, double y)> mark;
};

/// A history of its own that undo and redo speak of while the stage is shown.
struct OwnUndo {
    QString undoName, redoName;
    bool canUndo = false, canRedo = false;
    std::function<void()> undo, redo;
};

/// What the edit menu does to what has the keyboard.
enum class Editing { Cut, Copy, Paste, Delete, SelectAll };

/// One of the rooms of the window: a page with its commands, its keys, its legend and its state. The window knows
/// stages only as this; which there are stands in src/app/CMakeLists.txt.
class Stage : public QWidget {
    Q_OBJECT
public:
    /// What is shown while there is neither a song nor a routine.
    enum class WhenBlank {
        Start,  ///< the start page in its place
        Itself, ///< the stage, which needs neither
        Leaves, ///< the stage, and the start page does not come back
    };
    struct About {
        QByteArray id;     ///< "listen": never shown
        QString name;      ///< "Listen"
        QString tip;       ///< "The song"
        int key;           ///< Alt and this digit
        QString menu = {}; ///< the title of its own menu in the menu bar; empty for none
        WhenBlank whenBlank = WhenBlank::Start;
    };

    Stage(About about, const StageContext& context, QWidget* parent);
    ~Stage() override;

    [[nodiscard]] const About& about() const { return m_about; }
    [[nodiscard]] bool is(const QByteArray& id) const;
    [[nodiscard]] QKeySequence key() const;

    /// What can be done, in the order of its menus. Asked once.
    [[nodiscard]] virtual std::vector<Command> commands() { return {}; }
    /// Ids of the commands that stand as buttons over the stage, in this order.
    [[nodiscard]] virtual std::vector<QByteArray> heading() const { return {}; }
    /// Places of its own for the command box; `typed` is what a person looks for.
    [[nodiscard]] virtual std::vector<Place> places(const QString& typed);
    [[nodiscard]] virtual std::vector<LegendLine> legend() const { return {}; }
    [[nodiscard]] virtual StageState state() const { return {}; }

    virtual void enter() {}              ///< it is shown
    virtual void leave() {}              ///< another one is
    virtual void preferencesChanged() {} ///< something in settings that the stage shows
    /// The window has the keyboard again.
    virtual void windowActivated() {}
    /// Escape: takes back one thing that was asked for. False where there is none.
    virtual bool goBack() { return false; }
    /// Where the keyboard goes when the stage is shown, and by Escape; null where it stays.
    [[nodiscard]] virtual QWidget* home() { return nullptr; }
    /// Cuts, copies, pastes, deletes or chooses what has the keyboard, where that is no text. False where nothing there
    /// can be.
    virtual bool edit(Editing, QWidget* focus) {
        (void)focus;
        return false;
    }
    /// Does it show the places of the song?
    [[nodiscard]] virtual bool hasPlaces() const { return false; }
    virtual void showPlace(Tick) {}
    /// Something was pasted, or read from a text, that a person may have to settle.
    virtual void cameIn() {}
    [[nodiscard]] virtual std::optional<OwnUndo> ownUndo() { return std::nullopt; }

    /// How it is looked at, kept with each routine.
    [[nodiscard]] virtual QVariantMap view() const { return {}; }
    virtual void setView(const QVariantMap&) {}

Q_SIGNALS:
    void stateChanged();
    /// The menu with this id is to open: of a submenu, or "strips" for a count of the strips.
    void menuWanted(const QByteArray& id, const QPoint& global);
    void fileWanted(const QString& path); ///< to be opened

protected:
    Session& m_session;
    FigureDesk& m_desk;
    const Theme& m_theme;

private:
    About m_about;
};

} // namespace lc::app
