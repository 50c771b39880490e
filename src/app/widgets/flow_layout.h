#pragma once

#include <QLayout>
#include <QList>

namespace lc::app {

/// Widgets one after another like words, in as many lines as they need. Where one line holds them all, what comes
/// behind a stretch stands at its end.
class FlowLayout : public QLayout {
public:
    explicit FlowLayout(int spacing, QWidget* parent = nullptr);
    ~FlowLayout() override;
    void addItem(QLayoutItem* item) override;
    void addStretch() { m_atEnd = count(); } ///< the next widgets stand at the end of the line; once
    /// A widget that takes the room which one line leaves; one of them.
    void addGrowing(QWidget* widget) {
        m_grows = count();
        addWidget(widget);
    }
    [[nodiscard]] int count() const override { return static_cast<int>(m_items.size()); }
    [[nodiscard]] QLayoutItem* itemAt(int index) const override { return m_items.value(index); }
    QLayoutItem* takeAt(int index) override;
    [[nodiscard]] Qt::Orientations expandingDirections() const override { return {}; }
    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override;
    void setGeometry(const QRect& rect) override;
    [[nodiscard]] QSize sizeHint() const override; ///< of one line
    [[nodiscard]] QSize minimumSize() const override;

private:
    /// Height of the lines in `rect`; puts the widgets there where `place` is true.
    int arrange(const QRect& rect, bool place) const;
    /// Width of all on one line.
    [[nodiscard]] int wholeWidth() const;

    QList<QLayoutItem*> m_items;
    int m_atEnd = -1; ///< the first that stands at the end
    int m_grows = -1; ///< the one that takes the room
    int m_spacing;
};

} // namespace lc::app
