#pragma once

#include "app/theme.h"
#include "core/tick.h"

#include <QWidget>

class QVBoxLayout;
class QScrollArea;
class QComboBox;
class QLabel;
class QPushButton;

namespace lc::app {

class Session;
class StripsView;

/// The song: strips with loudness, bars and phrases; what can be said by hand; what was said.
class ListenStage : public QWidget {
    Q_OBJECT
public:
    ListenStage(Session& session, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] StripsView& strips() { return *m_strips; }

    // By hand, at the caret
    void thisIsAOne();
    void shiftOne(int beats); ///< the whole song's 1 earlier (−1) or later (1)
    void thisBarHas(int beats);
    void phraseStartsHere();
    void noPhraseStartsHere();
    void halfAsFast();
    void twiceAsFast();
    void setMetre(const QString& metre);
    void namePhrase(const QString& name);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void rebuildFacts();
    void changePulse(int factor); ///< 2 or −2
    void showMetre();
    [[nodiscard]] std::optional<double> beatAtCaret() const;
    [[nodiscard]] std::optional<std::size_t> barAtCaret() const;

    Session& m_session;
    const Theme& m_theme;
    StripsView* m_strips;
    QScrollArea* m_facts;
    QComboBox* m_metre;
    QLabel* m_byHand;
    QPushButton* m_phraseHere;
};

} // namespace lc::app
