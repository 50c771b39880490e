#pragma once

#include "app/base/theme.h"
#include "core/landing/findings.h"

#include <QScrollArea>

#include <vector>

class QHBoxLayout;
class QResizeEvent;

namespace lc::app {

class MiniPages;
class RemedyChoice;

/// Proposals side by side, each as two pages in miniature, now and then, with what it does and what it costs; one is
/// chosen.
class ProposalRow : public QScrollArea {
    Q_OBJECT
public:
    /// `object` names each choice, with its number behind it.
    ProposalRow(const QString& object, const Theme& theme, QWidget* parent);
    void clear();
    void add(const QString& title, const QString& price, const Landing& now, Landing then);
    void choose(std::size_t index);
    [[nodiscard]] std::size_t chosen() const { return m_chosen; }

protected:
    void resizeEvent(QResizeEvent* event) override;

Q_SIGNALS:
    void picked(std::size_t index); ///< by the person

private:
    void fit(RemedyChoice& choice) const;
    [[nodiscard]] int columnWidth() const; ///< three stand side by side where there is room for them

    QString m_object;
    const Theme& m_theme;
    QHBoxLayout* m_row = nullptr;
    std::vector<RemedyChoice*> m_choices;
    std::vector<MiniPages*> m_minis;
    std::size_t m_chosen = 0;
};

} // namespace lc::app
