#pragma once

#include "app/arrange/asked_for.h"
#include "app/base/theme.h"
#include "core/edits/edits.h"

#include <optional>
#include <vector>

class QLabel;
class QPushButton;
class QScrollArea;
class QVBoxLayout;

namespace lc::app {

class FlowLayout;
class ProposalList;
class Session;

/// Something that could be done.
struct Proposal {
    QString title, price;
    std::vector<Edit> edits;     ///< none: it is how things are already
    std::optional<Tick> at = {}; ///< the first place that it changes
};

/// Proposals of one kind in the right column, where the findings stand by themselves: a heading, what may be set, the
/// list, and one button that does what is chosen. The chosen proposal is tried on the strips as long as the page is
/// shown; closing the page takes it off.
class ProposalsPage : public AskedFor {
    Q_OBJECT
public:
    /// `object` names the choices ("plan0"), the button that applies ("applyPlan") and the one that closes.
    ProposalsPage(const QString& heading, const QString& object, Session& session, const Theme& theme,
                  QWidget* parent = nullptr);
    void begin() override;
    void apply() override; ///< one undo step
    void choose(std::size_t index);
    void preview(); ///< the chosen one; again takes it off
    [[nodiscard]] bool previewing() const;
    [[nodiscard]] std::size_t chosen() const { return m_chosen; }
    [[nodiscard]] const std::vector<Proposal>& proposals() const { return m_proposals; }

protected:
    void showEvent(QShowEvent* event) override;

    /// Until new proposals come, none can be applied: those shown are of the routine as it was.
    void nothingYet();
    /// The best first. Error: nothing can be proposed, and why.
    void setProposals(Result<std::vector<Proposal>> proposals);
    /// What is said above the list.
    void say(const QString& words);
    [[nodiscard]] QString said() const;
    [[nodiscard]] bool any() const { return m_chosen < m_proposals.size(); }
    /// May the chosen one be applied? Beyond its having something to change.
    [[nodiscard]] virtual bool may() const { return true; }
    [[nodiscard]] virtual QString noteOf(std::size_t) const { return {}; } ///< said of the chosen one alone
    [[nodiscard]] virtual QString undoName() const = 0;
    virtual void chose() {} ///< another one is chosen, or none
    void showMay();

    [[nodiscard]] QVBoxLayout& settings() { return *m_settings; } ///< above the list
    [[nodiscard]] FlowLayout& row();                              ///< a new row of settings
    [[nodiscard]] FlowLayout& foot() { return *m_foot; }          ///< beside the button that applies
    [[nodiscard]] QPushButton& applyButton() { return *m_apply; }

    Session& m_session;
    const Theme& m_theme;

private:
    void tryOn();

    QScrollArea* m_scroll;
    QVBoxLayout* m_settings;
    QLabel* m_says;
    ProposalList* m_list;
    FlowLayout* m_foot;
    QPushButton* m_apply;
    std::vector<Proposal> m_proposals;
    std::size_t m_chosen = 0;
    bool m_wantsFocus = false; ///< when there is something to choose
};

} // namespace lc::app
