#pragma once

#include "core/song/song_map.h"

#include <QObject>
#include <QString>

#include <optional>

namespace lc {
enum class MomentKind;
}

namespace lc::app {

class Session;

/// What a person says about the song by hand, at the caret: each a fact, one undo step.
class HandStatements : public QObject {
    Q_OBJECT
public:
    explicit HandStatements(Session& session, QObject* parent = nullptr) : QObject(parent), m_session(session) {}

    void thisIsAOne();
    void shiftOne(int beats); ///< the whole song's 1 earlier (−1) or later (1)
    void thisBarHas(int beats);
    void phraseStartsHere();
    void noPhraseStartsHere();
    void aBeatIsHere(); ///< at the playing place, wherever the map has its beats
    void halfAsFast();
    void twiceAsFast();
    void setMetre(const QString& metre);
    void namePhrase(const QString& name);
    void nudge(int milliseconds);
    void forgetAll();

    // About a part of the song, in seconds
    void stop(Seconds from, Seconds to, int counts);
    void heldBeat(Seconds from, Seconds to);
    void metreWithin(Seconds from, Seconds to, const QString& metre);
    void tempoWithin(Seconds from, Seconds to, Bpm bpm);

    void markMoment(MomentKind kind, const QString& text);

    /// The beat of the map nearest to the caret; tells when there is none.
    [[nodiscard]] std::optional<Seconds> beatAtCaret() const;

private:
    void changePulse(int factor); ///< 2 or −2
    [[nodiscard]] std::optional<std::size_t> barAtCaret() const;

    Session& m_session;
};

} // namespace lc::app
