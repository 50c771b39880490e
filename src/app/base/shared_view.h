#pragma once

#include <QObject>

namespace lc::app {

/// How large the strips show the song.
enum class Magnification {
    Page,  ///< a phrase a line, parts only: the whole song on one screen
    Strip, ///< a phrase a line, with the marks of the steps
    Eight, ///< a set of counts a line, with the words of each step
};

/// How a person looks at the song: the same in every stage that shows strips.
class SharedView : public QObject {
    Q_OBJECT
public:
    [[nodiscard]] Magnification magnification() const { return m_magnification; }
    void setMagnification(Magnification magnification) {
        m_magnification = magnification;
        Q_EMIT changed();
    }

Q_SIGNALS:
    void changed();

private:
    Magnification m_magnification = Magnification::Strip;
};

} // namespace lc::app
