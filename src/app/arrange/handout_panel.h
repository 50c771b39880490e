#pragma once

#include "app/arrange/asked_for.h"
#include "app/base/theme.h"
#include "core/exchange/handout_settling.h"

#include <optional>
#include <vector>

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace lc::app {

class PlainTable;
class Session;
class WhenShown;

/// The hand-out from which the routine came, line by line: what each was read as, and what is open. The open ones are
/// settled here, with keys alone.
class HandoutPanel : public AskedFor {
    Q_OBJECT
public:
    HandoutPanel(Session& session, const Theme& theme, QWidget* parent = nullptr);
    void begin() override; ///< shows the first line that is open
    void apply() override; ///< gives the answer that has the keyboard, or goes to the answers
    [[nodiscard]] bool hasOpen() const { return m_open > 0; }
    [[nodiscard]] int open() const { return m_open; }
    [[nodiscard]] PlainTable& table() const { return *m_table; }
    /// The buttons of the answers at the chosen line.
    [[nodiscard]] const std::vector<QPushButton*>& answers() const { return m_answers; }
    [[nodiscard]] QString says() const;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void refresh();
    void showQuestion();
    void fitColumns();
    void answer(std::size_t number);
    void goToNextOpen(int from);
    void remarksAll();

    Session& m_session;
    const Theme& m_theme;
    WhenShown* m_upToDate;
    QLabel* m_says;
    PlainTable* m_table;
    QLabel* m_question;
    QVBoxLayout* m_answerColumn;
    QPushButton *m_next, *m_remarks;
    std::vector<HandoutLine> m_lines;
    std::vector<std::optional<HandoutQuestion>> m_questions; ///< of each line
    std::vector<QPushButton*> m_answers;
    int m_open = 0;
};

} // namespace lc::app
