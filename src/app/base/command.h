#pragma once

#include <QByteArray>
#include <QKeySequence>
#include <QString>

#include <functional>
#include <vector>

namespace lc::app {

/// One of several things to choose in a menu of its own.
struct Choice {
    QString name;
    std::function<void()> run = {}; ///< none: it only says something
    bool chosen = false;
};

/// A menu inside a menu: commands that name the same one stand in it together, where the first of them stands.
struct Submenu {
    QByteArray id = {}; ///< never shown
    QString name = {};
};

/// Something a person can do. From the commands that the window and its stages list, the window builds menus, context
/// menus, the command box and the list of keys.
///
/// Several stages may answer one command: they list it with the same `id`, and one of them says what it is called. The
/// stage that is shown answers it; where that one has no answer, the first that has one everywhere.
struct Command {
    QByteArray id;         ///< "pass.restart": never shown, never changed
    QString name = {};     ///< empty: another one with this id has the name and what follows it up to `words`
    QString tip = {};      ///< what it does, a few words
    QString button = {};   ///< what a button over the stage says where that is less than its name
    QKeySequence key = {}; ///< the key it has until a person chooses another
    QByteArray menu = {};  ///< "routine", "edit", "play", "findings", "view", or the id of a stage; none: in no menu
    int group = 1;         ///< commands of a menu stand in the order of their groups, with a line between them
    Submenu submenu = {};
    bool inBox = true;     ///< can be found in the command box
    bool onStrips = false; ///< stands in the menu that a count of the strips opens
    QString words = {};    ///< others that a person may look for

    // Where it applies
    bool brings = false;   ///< its stage is shown first
    bool onlyHere = false; ///< only while its stage is shown
    bool repeats = true;   ///< again and again while the key is held down

    std::function<void()> run = {};
    std::function<std::vector<Choice>()> choices = {}; ///< in place of `run`: asked each time its menu opens
    std::function<bool()> chosen = {};                 ///< is what it does so now? For buttons that show it
};

/// Something that is found by what is typed into the command box: a command, or a place to go to.
struct Place {
    QString name;  ///< "Save", "pass 4", "Chorus 2"
    QString about; ///< its key, or where it is
    std::function<void()> run = {};
    QString words = {}; ///< others that find it
    bool brings = true; ///< its stage is shown first; else only where the one that is shown has no places
};

} // namespace lc::app
