#pragma once

#include "app/strips/strips_painter.h"

#include <QAbstractScrollArea>

#include <memory>

namespace lc::app {

class Session;

/// The page of strips: paints the prepared scene, turns mouse and keys into places. The caret is the session's "now".
class StripsView : public QAbstractScrollArea {
    Q_OBJECT
public:
    StripsView(Session& session, const Theme& theme, StripContent content, QWidget* parent = nullptr);
    ~StripsView() override;

    void setMagnification(Magnification magnification);
    [[nodiscard]] Magnification magnification() const { return m_magnification; }
    [[nodiscard]] const StripLayout& layoutOfStrips() const { return m_layout; }
    [[nodiscard]] StripContent content() const { return m_content; }
    void selectPass(std::optional<PassId> pass);
    [[nodiscard]] std::optional<PassId> selectedPass() const { return m_selectedPass; }
    /// Point of a count's middle in the viewport, for tests and accessibility.
    [[nodiscard]] QPoint pointOf(int count) const;
    void showPlace(Tick at);  ///< turns the page so that the line of a place is seen, unfolded
    void setFolding(bool on); ///< like passes share a line; turned on anew, those that were unfolded fold again
    [[nodiscard]] bool folding() const { return m_folding; }
    [[nodiscard]] bool anyUnfolded() const { return !m_unfolded.empty(); }
    /// Where a point of the page is in the viewport.
    [[nodiscard]] QPointF viewportPoint(const QPointF& page) const;
    /// The lane that the caret is in.
    [[nodiscard]] int role() const { return m_role; }
    /// What a count is, in words: "Chorus 1 5, 0:41.7, pass 2 count 5, touch right".
    [[nodiscard]] QString describeCount(int count) const;
    /// The routine as it is seen: with what is tried on.
    [[nodiscard]] const Landing& shownLanding() const;
    [[nodiscard]] const Session& session() const { return m_session; }

Q_SIGNALS:
    void passChosen(lc::PassId pass);
    void contextMenuWanted(const QPoint& global, lc::Tick at);
    void figureDropped(const QString& key, lc::Tick at); ///< dragged from the vocabulary
    void editWanted(lc::Tick at, int role);              ///< the step at the caret is to be typed

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void leaveEvent(QEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dragMoveEvent(QDragMoveEvent* event) override;
    void dragLeaveEvent(QDragLeaveEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    bool viewportEvent(QEvent* event) override;
    void scrollContentsBy(int dx, int dy) override;

private:
    [[nodiscard]] StripScene sceneNow() const;
    void relayout();
    void nowMoved();
    [[nodiscard]] std::vector<FoldedPhrases> folds() const;
    void hover(std::optional<Tick> at);
    [[nodiscard]] QPointF pagePoint(const QPointF& viewportPoint) const;
    void moveCaret(Tick at);
    void moveLines(Tick here, int by); ///< in Eight through the lanes of a line first

    Session& m_session;
    const Theme& m_theme;
    StripContent m_content;
    Magnification m_magnification = Magnification::Strip;
    StripLayout m_layout;
    std::optional<PassId> m_selectedPass;
    int m_role = 0;
    bool m_folding = true;
    std::vector<PassId> m_unfolded; ///< passes that a person wanted to see in spite of the folding
    std::optional<int> m_hovered;
    std::optional<Tick> m_drawnNow;
    std::unique_ptr<MarkStamps> m_stamps;
};

} // namespace lc::app
