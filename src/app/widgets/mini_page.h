#pragma once

#include "app/base/theme.h"
#include "app/widgets/readable.h"
#include "core/landing/findings.h"

#include <QWidget>

#include <memory>

namespace lc::app {

/// A routine on its song in miniature: a line for each phrase, a block for each pass.
class MiniPage : public QWidget {
    Q_OBJECT
public:
    MiniPage(std::shared_ptr<const Landing> landing, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::shared_ptr<const Landing> m_landing;
    const Theme& m_theme;
};

/// Two pages in miniature, now above then: a line for each phrase, a block for each pass, changed blocks in ink, what
/// lies past the song as a hollow box.
class MiniPages : public QWidget, public Readable {
    Q_OBJECT
public:
    MiniPages(const Landing& now, Landing then, const Theme& theme, QWidget* parent = nullptr);
    void setThen(Landing then);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] std::vector<ReadablePiece> pieces() const override; ///< how long it is now and then

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    Landing m_now;
    Landing m_then;
    const Theme& m_theme;
};

} // namespace lc::app
