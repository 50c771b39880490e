#pragma once

#include "app/base/theme.h"
#include "core/base/ids.h"

#include <QWidget>

#include <optional>

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QVBoxLayout;

namespace lc::app {

class NotationEdit;
class Session;

/// The pass at the caret: where it begins, which way and on which foot, and what makes it differ from its part, a line
/// each, understood as it is typed. What the music brings stands below, and every line can be bound to the music or to
/// the pass.
class PassPanel : public QWidget {
    Q_OBJECT
public:
    PassPanel(Session& session, const Theme& theme, QWidget* parent = nullptr);
    void showPass(std::optional<PassId> pass);
    [[nodiscard]] std::optional<PassId> pass() const { return m_pass; }
    [[nodiscard]] NotationEdit* lines() const { return m_lines; }
    [[nodiscard]] QString says() const; ///< everything written in it, for tests
    void editLines();
    void bindLineToMusic(); ///< the line that the text caret is in

private:
    void refresh();
    void typed(const QString& text);
    void showMusic();

    Session& m_session;
    const Theme& m_theme;
    std::optional<PassId> m_pass;
    QLabel* m_head;
    QLabel* m_where;
    QLabel* m_counts;
    NotationEdit* m_lines;
    QLabel* m_error;
    QPushButton* m_bind;
    QLineEdit* m_opening; ///< the stance of the first pass
    QComboBox* m_mark;
    QVBoxLayout* m_music;
};

} // namespace lc::app
