#pragma once

#include "app/widgets/folding_column.h"
#include "core/landing/remedies.h"

#include <vector>

class QLineEdit;
class QVBoxLayout;

namespace lc::app {

class MiniPages;
class RemedyChoice;
class Session;
class WhenShown;

/// The findings with their remedies, the worst first. One finding is open; its remedies can be previewed, applied, or
/// the finding left as it is with a reason. Folds to a narrow strip of diamonds.
class FindingsColumn : public FoldingColumn {
    Q_OBJECT
public:
    FindingsColumn(Session& session, const Theme& theme, QWidget* parent = nullptr);
    void openFinding(int index);
    void nextFinding();
    void chooseRemedy(int index);
    void nextRemedy(); ///< the one after the one that has the keyboard; it has it then
    void askWhyLeft(); ///< the keyboard to the field for the reason of leaving the open finding as it is
    void previewChosen();
    void applyChosen();
    void leaveOpen();
    [[nodiscard]] int openIndex() const { return m_open; }
    [[nodiscard]] const std::vector<Remedy>& remedies() const { return m_remedies; }

Q_SIGNALS:
    void placeChosen(lc::Tick at);

protected:
    [[nodiscard]] int open() const override;
    [[nodiscard]] int diamonds() const override;

private:
    void rebuild();
    [[nodiscard]] QString whatIsShown() const;
    void buildCard(int index);
    void buildRemedies(QVBoxLayout* card);
    void buildMuted();
    [[nodiscard]] const Finding* openFindingValue() const;

    Session& m_session;
    QVBoxLayout* m_cards = nullptr;
    QLineEdit* m_reason = nullptr;
    std::vector<RemedyChoice*> m_choices; ///< of the open finding, one for each remedy
    MiniPages* m_mini = nullptr;          ///< of the remedy that is chosen
    std::vector<Remedy> m_remedies;
    std::optional<FindingKey> m_openKey; // of the finding a person opened; the worst is open otherwise
    int m_open = -1;
    WhenShown* m_upToDate;
    QWidget* m_page = nullptr;
    QString m_shown; ///< what the page was built from
    int m_remedy = 0;
    bool m_showMuted = false;
};

} // namespace lc::app
