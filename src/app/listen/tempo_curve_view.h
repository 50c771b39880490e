#pragma once

#include "app/base/theme.h"

#include <QWidget>

#include <memory>

namespace lc {
struct TempoCurve;
}

namespace lc::app {

class Session;

/// The song's tempo as a curve, in counts that are danced: a bar a step, its phrases named, stated places marked, the
/// stretch that the routine is danced on underlined. A click puts the caret there.
class TempoCurveView : public QWidget {
    Q_OBJECT
public:
    TempoCurveView(Session& session, const Theme& theme, QWidget* parent = nullptr);
    ~TempoCurveView() override;
    [[nodiscard]] const TempoCurve& curve() const { return *m_curve; }
    [[nodiscard]] QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    void rebuild();
    [[nodiscard]] QRectF plot() const;
    [[nodiscard]] double xOf(double seconds) const;
    [[nodiscard]] double yOf(double bpm) const;

    Session& m_session;
    const Theme& m_theme;
    std::unique_ptr<TempoCurve> m_curve;
    double m_low = 0;
    double m_high = 1;
    double m_start = 0;
    double m_end = 1;
};

} // namespace lc::app
