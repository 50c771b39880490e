#pragma once

#include "app/base/theme.h"
#include "core/landing/findings.h"

#include <QWidget>

#include <vector>

class QLabel;
class QVBoxLayout;

namespace lc::app {

class MiniPages;
class RemedyChoice;

/// Proposals under each other, each with what it does and what it costs. Under the chosen one stands what more is to be
/// said of it, and two pages in miniature, as it is and as it would be. The arrow keys choose.
class ProposalList : public QWidget {
    Q_OBJECT
public:
    /// `object` names each choice, with its number after it.
    ProposalList(const QString& object, const Theme& theme, QWidget* parent);
    void clear();
    void add(const QString& title, const QString& price);
    void choose(std::size_t index, const QString& note);
    void showPages(const Landing& now, const Landing& then); ///< of the chosen one
    void hidePages();
    void focusChosen();
    [[nodiscard]] QWidget* chosenChoice() const; ///< null for none

Q_SIGNALS:
    void picked(std::size_t index); ///< by the person

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QString m_object;
    const Theme& m_theme;
    QVBoxLayout* m_column;
    std::vector<RemedyChoice*> m_choices;
    std::size_t m_chosen = 0;
    QWidget* m_more; ///< what stands under the chosen one
    QLabel* m_note;
    MiniPages* m_pages = nullptr;
};

} // namespace lc::app
