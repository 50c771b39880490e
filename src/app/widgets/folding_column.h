#pragma once

#include "app/base/theme.h"

#include <QWidget>

class QScrollArea;

namespace lc::app {

/// A diamond with its number, as it stands beside the head of a finding.
class NumberDiamond : public QWidget {
    Q_OBJECT
public:
    NumberDiamond(int number, const Theme& theme, QWidget* parent);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    int m_number;
    const Theme& m_theme;
};

/// The column of findings at the right of a stage: a heading, a page that scrolls, and folded a narrow strip of
/// diamonds.
class FoldingColumn : public QWidget {
    Q_OBJECT
public:
    FoldingColumn(const Theme& theme, QWidget* parent);
    void setFolded(bool folded);
    [[nodiscard]] bool folded() const { return m_folded; }

protected:
    [[nodiscard]] virtual int open() const = 0;     ///< findings that want to be looked at
    [[nodiscard]] virtual int diamonds() const = 0; ///< all that are shown
    /// Takes another page in the place of the one before, scrolled to the same place.
    void setPage(QWidget* page);
    [[nodiscard]] QWidget* page() const;

    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

    const Theme& m_theme;

private:
    QScrollArea* m_scroll;
    bool m_folded = false;
};

} // namespace lc::app
