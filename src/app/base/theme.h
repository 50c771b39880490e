#pragma once

#include <QColor>
#include <QFont>
#include <QString>

#include <map>
#include <tuple>

class QWidget;

namespace lc::app {

/// Colours of the look; the hex values are those of its tokens. A widget asks for a role, never for a colour.
struct Palette {
    QColor paper, sheet, well, ink, ink2, ink3, rule, faint, loud, hatch, tape, role1, role2, onInk;
    QColor tapeGround; ///< under words and marks at the place that is played: they are read on it in every theme
};

enum class Look { Bright, Dark };

[[nodiscard]] const Palette& paletteOf(Look look);

/// A colour of the palette by its name, for a standard widget: the style sheet has the colour, so that it changes with
/// the theme while the widget lives.
enum class Tone { Ink, Ink2, Ink3, OnInk, Rule, Role1, Role2 };
/// Text of a label or a field, or a frame that is a line.
void setTone(QWidget* widget, Tone tone);
/// How a standard widget differs from others of its kind; each is a line or two of the style sheet.
enum class Manner {
    Quiet,  ///< a field that looks like text until it is written in
    Framed, ///< the same, with a frame while it is written in
    Banner, ///< a line of text on ink
    Paper,  ///< a table or list without a frame on the colour of the page
    Sheet,  ///< a panel on the colour of a sheet
    Beside, ///< a column with a rule at its left
};
void setManner(QWidget* widget, Manner manner);

enum class Weight { Regular = 400, Medium = 500, Semibold = 600, Bold = 700, Heavy = 800, Black = 900 };

/// Everything that has a size, a colour or a face, in one place. Sizes are in logical pixels at 100 %; px() applies the
/// setting "size of text".
class Theme {
public:
    explicit Theme(int percent = 100, Look look = Look::Bright) : m_percent(percent), m_look(look) {}

    [[nodiscard]] const Palette& colours() const { return paletteOf(m_look); }
    [[nodiscard]] Look look() const { return m_look; }
    /// Changes the colours of everything that is open: widgets that paint themselves ask again, the others have the
    /// style sheet of the application.
    void wear(Look look);
    /// Gives the application the font, style sheet and colours of this theme.
    void dress() const;
    [[nodiscard]] int percent() const { return m_percent; }
    [[nodiscard]] int px(int size) const { return (size * m_percent + 50) / 100; }
    /// For words.
    [[nodiscard]] QFont words(int size, Weight weight = Weight::Regular) const;
    /// For numbers that are counted, said or danced.
    [[nodiscard]] QFont numbers(int size, bool bold = false) const;
    /// Colour of a role's marks by its ordinal: two hues, then ink.
    [[nodiscard]] QColor role(int ordinal) const;
    [[nodiscard]] static Tone roleTone(int ordinal);
    /// Style sheet for the few standard widgets (fields, buttons, menus).
    [[nodiscard]] QString styleSheet() const;

    // Measures of the window
    [[nodiscard]] int rail() const { return px(92); }
    [[nodiscard]] int heading() const { return px(46); }
    [[nodiscard]] int findings() const { return px(260); }
    [[nodiscard]] int findingsFolded() const { return px(28); }
    [[nodiscard]] int countBar() const { return px(84); }
    [[nodiscard]] int narrow() const { return px(1150); } ///< a window of less width has no room for everything at once

private:
    [[nodiscard]] QFont kept(const QString& family, int size, int weight) const;

    int m_percent;
    Look m_look;
    mutable std::map<std::tuple<qsizetype, int, int>, QFont>
        m_fonts; ///< by family, size, weight; of the window's thread
};

} // namespace lc::app
