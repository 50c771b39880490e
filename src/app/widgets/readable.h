#pragma once

#include <QAccessible>
#include <QRect>
#include <QString>
#include <QWidget>

#include <vector>

namespace lc::app {

/// A part of a widget that paints itself, as a screen reader has it.
struct ReadablePiece {
    QString text;
    QRect area;                                       ///< in the widget
    QAccessible::Role role = QAccessible::StaticText; ///< StaticText, Heading, ListItem
};

/// A widget that paints what others show in widgets of their own tells it here; a screen reader reads it piece by
/// piece.
class Readable {
public:
    virtual ~Readable() = default;
    [[nodiscard]] virtual std::vector<ReadablePiece> pieces() const = 0;
    /// The piece that the arrow keys are on; −1 where no piece is chosen.
    [[nodiscard]] virtual int chosenPiece() const { return -1; }
};

/// The accessible interface of a widget that is Readable; null for any other.
[[nodiscard]] QAccessibleInterface* readableInterface(QWidget* widget);

/// Says to a screen reader which piece of the widget the arrow keys are on now, if the widget has the keyboard.
void tellPieceInFocus(QWidget& widget);

/// Says sentences to a screen reader, wherever the keyboard is. Shows nothing.
class Announcer : public QWidget {
    Q_OBJECT
public:
    explicit Announcer(QWidget* parent);
    void say(const QString& sentence);
    [[nodiscard]] QString lastSaid() const { return m_said; }

private:
    QString m_said;
};

} // namespace lc::app
