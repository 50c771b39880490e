#pragma once

#include "app/base/theme.h"

#include <QWidget>

#include <optional>

class QComboBox;
class QDoubleSpinBox;
class QElapsedTimer;
class QHBoxLayout;
class QLabel;
class QLineEdit;
class QPushButton;
class QSpinBox;

namespace lc::app {

class FlowLayout;

class HandStatements;
class Session;

/// A strip between the tools and the song in which one thing is said at a time; never a dialog. Escape closes it.
class HandPanel : public QWidget {
    Q_OBJECT
public:
    HandPanel(const QString& title, const Theme& theme, QWidget* parent);
    virtual void opened() {}

Q_SIGNALS:
    void done(); ///< to be closed

protected:
    void keyPressEvent(QKeyEvent* event) override;
    QPushButton* addButton(const QString& text, const QString& tip, const char* name, bool main = false);
    QLabel* addText(const QString& text);
    /// The closing cross, as a word; last.
    void addClose();
    void say(const QString& text); ///< in the line beneath

    const Theme& m_theme;
    FlowLayout* m_row;
    QHBoxLayout* m_second; ///< beside the line beneath

private:
    QLabel* m_line;
};

/// Stop, held beat, metre or tempo of a part: its start is where the panel was opened, its end where the caret is now.
class SpanPanel : public HandPanel {
    Q_OBJECT
public:
    enum class Kind { Stop, HeldBeat, Metre, Tempo };
    SpanPanel(Session& session, HandStatements& hand, const Theme& theme, QWidget* parent);
    void open(Kind kind); ///< from the caret
    void press();         ///< the key again: state it

private:
    void refresh();
    void stateIt();
    [[nodiscard]] int countsBetween() const;

    Session& m_session;
    HandStatements& m_hand;
    QComboBox* m_kind;
    QLabel* m_span;
    QSpinBox* m_counts;
    QComboBox* m_metre;
    QDoubleSpinBox* m_bpm;
    std::optional<double> m_from;
    double m_to = 0;
};

/// A moment with a name of one's own.
class MomentPanel : public HandPanel {
    Q_OBJECT
public:
    MomentPanel(Session& session, HandStatements& hand, const Theme& theme, QWidget* parent);
    void opened() override;

private:
    void mark();
    Session& m_session;
    HandStatements& m_hand;
    QLabel* m_place;
    QLineEdit* m_text;
    QComboBox* m_kind;
};

/// The song typed as structure, understood while it is typed.
class StructurePanel : public HandPanel {
    Q_OBJECT
public:
    StructurePanel(Session& session, const Theme& theme, QWidget* parent);
    void opened() override;
    void setBpm(double bpm);

private:
    void understand();
    void use();
    Session& m_session;
    QLineEdit* m_text;
    QDoubleSpinBox* m_bpm;
    QComboBox* m_metre;
    QDoubleSpinBox* m_offset;
    QPushButton* m_use;
};

/// The metres that people dance, for a choice.
[[nodiscard]] QStringList usualMetres();

} // namespace lc::app
