#pragma once

#include "app/listen/hand_panels.h"

#include <QElapsedTimer>

#include <vector>

namespace lc::app {

/// Tapping along: each press of the key is a beat, or a 1. What was tapped is fitted while one taps and stated at the
/// end.
class TapPanel : public HandPanel {
    Q_OBJECT
public:
    TapPanel(Session& session, const Theme& theme, QWidget* parent);
    void opened() override;
    void tap(); ///< now
    void useTaps();
    [[nodiscard]] const std::vector<double>& taps() const { return m_taps; }

Q_SIGNALS:
    void tempoTapped(double bpm); ///< where there is no recording to tap to

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    void learnLateness();
    void startAgain();
    void refresh();

    Session& m_session;
    QComboBox* m_target;
    QSpinBox* m_late;
    QPushButton* m_use;
    std::vector<double> m_taps;
    std::vector<double> m_used; ///< places of the taps that are being worked in
    QElapsedTimer m_clock;      ///< without a recording
};

} // namespace lc::app
