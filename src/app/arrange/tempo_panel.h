#pragma once

#include "app/arrange/asked_for.h"
#include "app/base/theme.h"

#include "core/song/tempo_ranges.h"

#include <vector>

class QLabel;
class QPushButton;

namespace lc::app {

class PlainTable;
class Session;
class WhenShown;

/// Tempi usual for families of dances, each with its source, against this song: at what per cent it would fit, and how
/// fast the routine is stepped and turned there.
class TempoPanel : public AskedFor {
    Q_OBJECT
public:
    TempoPanel(Session& session, const Theme& theme, QWidget* parent = nullptr);
    void begin() override;
    void apply() override; ///< plays at the tempo at which the chosen family would fit
    [[nodiscard]] PlainTable& table() const { return *m_table; }
    [[nodiscard]] QString says() const;

private:
    void refresh();
    void showPace();
    [[nodiscard]] double percentOf(int row) const;

    Session& m_session;
    WhenShown* m_upToDate;
    QLabel *m_says, *m_pace;
    QPushButton* m_play;
    PlainTable* m_table;
    std::vector<const FamilyTempo*> m_shown; ///< of each row
};

} // namespace lc::app
