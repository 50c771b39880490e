#pragma once

#include "app/base/document_session.h"
#include "audio/playing/player.h"

#include <QObject>

#include <memory>
#include <optional>
#include <utility>

namespace lc::app {

/// Where "now" is and what sounds: the place that plays, or the caret while nothing plays; loop, tempo, clicks, and
/// what is heard in the place of the song.
class Transport : public QObject {
    Q_OBJECT
public:
    Transport(DocumentSession& doc, Messages& messages, std::unique_ptr<AudioOutput> output, Player::Filling filling);

    [[nodiscard]] Player& player() { return *m_player; }
    /// The song's own sound; without one the counts go on silently to the map's end.
    void setSound(std::shared_ptr<const SongSound> sound);

    [[nodiscard]] Tick now() const;
    void setCaret(Tick at);
    void caretToStart(); ///< to the dance's first count, without moving what plays
    void togglePlay();
    /// The pass to go to from here: `way` 1 the next that begins, −1 the one that began last, which is the pass at hand
    /// until its start is reached. Null where there is none.
    [[nodiscard]] const PassPerformance* passBeside(int way) const;
    void setLoop(std::optional<std::pair<Tick, Tick>> span);
    [[nodiscard]] std::optional<std::pair<Tick, Tick>> loop() const { return m_loop; }
    void setVolume(double volume);                                  ///< 0 to 1
    static constexpr int slowestPercent = 40, fastestPercent = 150; ///< where stretched sound is still music; chosen
    void setTempoPercent(int percent);                              ///< slowestPercent to fastestPercent
    [[nodiscard]] int tempoPercent() const { return m_tempoPercent; }
    void setClicksHeard(bool heard);
    [[nodiscard]] bool clicksHeard() const { return m_clicksHeard; }
    /// Clicks and loop of the grid at hand.
    void passClicks();
    /// Looks at the sample clock; emits nowMoved() when the place changed. Called by a timer and by tests.
    void followClock();

    /// Four bars of a map from the bar before a place, with clicks, again and again; the document stays as it is.
    void hearMap(const SongMap& map, Seconds place);
    void endHearing();
    [[nodiscard]] bool hearing() const { return m_hearing; }
    /// Plays a sound that is not the song, such as a figure's counts; the song waits where it is. Ends by itself, or by
    /// play and pause.
    void hearFigure(std::shared_ptr<const SongSound> sound);
    void endHearingFigure();
    [[nodiscard]] bool hearingFigure() const { return m_hearingFigure; }

Q_SIGNALS:
    void nowMoved();
    void playingChanged();
    void hearingEnded(); ///< of a map

private:
    [[nodiscard]] const CountGrid& grid() const { return m_doc.landing().grid; }
    [[nodiscard]] Tick inSong(Tick at) const;

    DocumentSession& m_doc;
    Messages& m_messages;
    std::unique_ptr<Player> m_player;
    std::shared_ptr<const SongSound> m_sound;
    Tick m_caret;
    std::optional<std::pair<Tick, Tick>> m_loop;
    std::optional<std::pair<Tick, Tick>> m_loopBefore; ///< the person's own, while a map is heard
    int m_tempoPercent = 100;
    bool m_clicksHeard = true;
    bool m_hearing = false;
    bool m_hearingFigure = false;
    double m_lastSeconds = -1;
};

} // namespace lc::app
