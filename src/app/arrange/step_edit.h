#pragma once

#include "app/base/theme.h"
#include "core/base/ids.h"
#include "core/base/tick.h"

#include <QLineEdit>

namespace lc::app {

class Session;
class StripsView;

/// A field over one step of the strips: the words of the action there, as its line says them. Enter writes them into
/// the line, Escape leaves them.
class StepEdit : public QLineEdit {
    Q_OBJECT
public:
    StepEdit(Session& session, StripsView& strips, const Theme& theme);
    /// Opens at a count of a role. Where nothing can be typed it says why.
    void openAt(Tick at, std::size_t role);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

private:
    void finish();

    Session& m_session;
    StripsView& m_strips;
    FigureId m_figure;
    RoleId m_role;
    std::size_t m_begin = 0;
    std::size_t m_end = 0;
    QString m_before;
};

} // namespace lc::app
