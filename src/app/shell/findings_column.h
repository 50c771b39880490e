#pragma once

#include "app/shell/theme.h"
#include "core/routine/remedies.h"

#include <QWidget>

#include <vector>

class QLineEdit;
class QScrollArea;
class QVBoxLayout;

namespace lc::app {

class Session;

/// The findings with their remedies, the worst first. One finding is open; its remedies can be previewed, applied, or
/// the finding left as it is with a reason. Folds to a narrow strip of diamonds.
class FindingsColumn : public QWidget {
    Q_OBJECT
public:
    FindingsColumn(Session& session, const Theme& theme, QWidget* parent = nullptr);
    void setFolded(bool folded);
    [[nodiscard]] bool folded() const { return m_folded; }
    void openFinding(int index);
    void nextFinding();
    void chooseRemedy(int index);
    void previewChosen();
    void applyChosen();
    void leaveOpen();
    [[nodiscard]] int openIndex() const { return m_open; }
    [[nodiscard]] const std::vector<Remedy>& remedies() const { return m_remedies; }

Q_SIGNALS:
    void placeChosen(lc::Tick at);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    void rebuild();
    void buildCard(int index);
    void buildRemedies(QVBoxLayout* card);
    void buildMuted();
    [[nodiscard]] const Finding* openFindingValue() const;

    Session& m_session;
    const Theme& m_theme;
    QScrollArea* m_scroll = nullptr;
    QVBoxLayout* m_cards = nullptr;
    QLineEdit* m_reason = nullptr;
    std::vector<Remedy> m_remedies;
    std::optional<FindingKey> m_openKey; // of the finding a person opened; the worst is open otherwise
    int m_open = -1;
    int m_remedy = 0;
    bool m_folded = false;
    bool m_showMuted = false;
};

} // namespace lc::app
