#pragma once

#include "app/base/theme.h"
#include "app/widgets/spot_button.h"
#include "core/base/tick.h"

#include <QWidget>

namespace lc::app {

class Session;

/// What the count bar says at a place; prepared apart from painting, so that tests read what the window shows.
struct CountBarWords {
    int lamps = 8; ///< counts of the set
    std::vector<bool> strong = {true, false, false, false,
                                true, false, false, false}; ///< of each lamp: where a bar begins
    int lit = 0;                                            ///< the lamp that is lit, 1-based; 0 = none
    QString count;                                          ///< "5", or "–" outside
    QString sub;                                            ///< "&" in the second half of a count
    QString set;                                            ///< "eight 3 of 4"
    QString place;                                          ///< "Chorus 1, pass 2"
    QString detail;                                         ///< "facing 3" and the running count where it differs
    QString next;                                           ///< "pass 3"
    QString nextDetail;                                     ///< "in 12 counts, right foot free"
    QString time;                                           ///< "0:41.7"
    QString ofTime;
};
[[nodiscard]] CountBarWords countBarWords(Session& session);

/// Always at the bottom: a lamp for each count of the set, the count in large figures, where we are, what comes next,
/// and the controls.
class CountBar : public QWidget {
    Q_OBJECT
public:
    CountBar(Session& session, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] QSize sizeHint() const override;

Q_SIGNALS:
    void playClicked();
    void loopClicked();
    void tempoClicked(int step); ///< −1 or 1
    void clicksClicked();

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    struct Spots {
        QRect play, loop, slower, faster, clicks;
    };
    [[nodiscard]] Spots spots() const;
    void refresh();
    [[nodiscard]] QString loopWords() const;

    Session& m_session;
    const Theme& m_theme;
    SpotButton* m_play;
    SpotButton* m_loop;
    SpotButton* m_slower;
    SpotButton* m_faster;
    SpotButton* m_clicks;
    QString m_shown; // what was painted last; a new painting only when it differs
};

} // namespace lc::app
