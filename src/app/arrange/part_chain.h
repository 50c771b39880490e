#pragma once

#include "app/base/stage.h"
#include "app/base/theme.h"
#include "core/edits/edits.h"

#include <QPushButton>
#include <QWidget>

#include <optional>
#include <vector>

class QLineEdit;
class QMenu;

namespace lc::app {

class FigureDesk;
class FlowLayout;
class Session;

/// A placed figure in the chain: its name over a ruled line, its counts behind it. Chosen it stands on ink.
class ChainLink : public QPushButton {
    Q_OBJECT
public:
    ChainLink(const Theme& theme, QWidget* parent);
    void show(const QString& name, const QString& counts, bool chosen);
    [[nodiscard]] QSize sizeHint() const override;

Q_SIGNALS:
    void keyed(QKeyEvent* event);
    void dragged();

protected:
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;

private:
    const Theme& m_theme;
    QString m_counts;
    bool m_chosen = false;
    QPoint m_pressed;
};

/// A part as the chain of its figures. One or several can be chosen; a name typed at the caret, which stands behind the
/// chosen figure, puts that figure there.
class PartChain : public QWidget {
    Q_OBJECT
public:
    PartChain(Session& session, FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    void showPart(PartId part);
    [[nodiscard]] PartId part() const { return m_part; }
    /// The one figure chosen; nothing where none or several are.
    [[nodiscard]] std::optional<Placement> chosen() const;
    void choose(std::optional<PlacementId> placement, bool extend = false);
    void placeShown(const QString& key); ///< one of the figures at hand, by its key, at the caret
    void typeFigure();                   ///< goes to the field at the caret
    [[nodiscard]] QLineEdit* field() const { return m_type; }

    // What can be done to the figures chosen; each says what to do where none is
    void repeatChosen();
    void removeChosen();
    void reverseChosen();
    void moveChosen(int by);
    void toggleMirrored();
    void toggleExchanged();
    void danceInBars(int danced);
    /// Cut, copied, pasted after those chosen, deleted, all chosen. False where nothing can be done.
    bool edit(Editing what);
    /// What a right click on a figure offers.
    void fillMenu(QMenu& menu);

Q_SIGNALS:
    void chosenChanged();
    void stepsWanted(); ///< a new figure was named: its lines are to be typed

protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void rebuild();
    void placeTyped();
    void linkKeyed(QKeyEvent* event, PlacementId id);
    [[nodiscard]] const Part* shown() const;
    [[nodiscard]] bool isChosen(PlacementId id) const;
    [[nodiscard]] bool needChosen();
    [[nodiscard]] PlacementId behindCaret() const;       ///< the figure before which a new one comes; none = the end
    bool place(const QString& name, PlacementId before); ///< whether it is a new figure
    bool place(const Edit& edit, const QString& name);
    void placeShown(const QString& key, PlacementId before);
    template <typename Change>
    void changeChosen(const QString& name, Change change);

    Session& m_session;
    FigureDesk& m_desk;
    const Theme& m_theme;
    PartId m_part;
    std::vector<PlacementId> m_chosen;
    std::vector<std::pair<PlacementId, ChainLink*>> m_links;
    FlowLayout* m_flow;
    QLineEdit* m_type;
    QString m_shownAs;
};

/// Edits that put a figure into a part: one of the routine by its name, else one at hand under that name, else a new
/// one that has no steps yet.
[[nodiscard]] std::optional<Edit> placingEdit(const Routine& routine, const FigureDesk& desk, const QString& name,
                                              PartId part, PlacementId before);

inline constexpr const char* placementMime = "application/x-liftcount-placement";

} // namespace lc::app
