#pragma once

#include "app/base/theme.h"
#include "app/steps/ruler_layout.h"
#include "app/widgets/readable.h"

#include <QWidget>

namespace lc::app {

class FigureDesk;

/// The picture of the chosen figure: counts with their sub-beats, a lane for each role with marks and words, meet
/// points, and what is claimed and not built.
class RulerView : public QWidget, public Readable {
    Q_OBJECT
public:
    RulerView(FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] const RulerLayout& shown() const { return m_layout; }
    void setBesideShown(bool shown); ///< the layer beside the feet
    [[nodiscard]] bool besideShown() const { return m_beside; }
    /// Everything it shows, in words, for people who do not see it.
    [[nodiscard]] QString inWords() const;
    [[nodiscard]] std::vector<ReadablePiece> pieces() const override; ///< a role each

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    bool event(QEvent* event) override;

private:
    void layOut();
    FigureDesk& m_desk;
    const Theme& m_theme;
    FigureReading m_reading; ///< as shown: mirrored for the other viewing side
    RulerLayout m_layout;
    bool m_beside = true;
};

} // namespace lc::app
