#pragma once

#include "app/base/theme.h"

#include <QAbstractButton>
#include <QWidget>

#include <optional>
#include <vector>

class QPushButton;
class QVBoxLayout;

namespace lc::app {

class Session;

/// One reading of a doubt: a letter, what it says, its share as a number and as a line. The chosen one has a frame.
class ReadingChoice : public QAbstractButton {
    Q_OBJECT
public:
    ReadingChoice(const QString& letter, const QString& text, double share, bool chosen, const Theme& theme,
                  QWidget* parent);
    void setChosen(bool chosen);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    [[nodiscard]] QRect textRect(int width) const;
    QString m_letter;
    double m_share;
    bool m_chosen;
    const Theme& m_theme;
};

/// The doubts of the song, the worst first, each with its readings: choosing one plays four bars of it, accepting it
/// states its facts and the rest is solved anew. Readings that are unlikely are folded away.
class DoubtsList : public QWidget {
    Q_OBJECT
public:
    DoubtsList(Session& session, const Theme& theme, QWidget* parent);
    void choose(std::size_t doubt, std::size_t reading);
    void hear();
    void accept();
    void nextDoubt(); ///< the first after the last; the caret goes to its place
    void nextReading();

private:
    void build(std::size_t doubt, QVBoxLayout* column);
    void unfold(std::size_t doubt);
    Session& m_session;
    const Theme& m_theme;
    std::vector<std::vector<ReadingChoice*>> m_choices;
    std::vector<QPushButton*> m_folds; ///< of each doubt
    std::size_t m_doubt = 0;
    std::size_t m_reading = 0;
    std::optional<std::pair<std::size_t, std::size_t>> m_heard; ///< doubt and reading that sounded last
    bool m_chosenOnce = false;
};

} // namespace lc::app
