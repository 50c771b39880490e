#pragma once

#include "app/base/theme.h"

#include <QAbstractButton>
#include <QFrame>
#include <QLabel>
#include <QLayout>

namespace lc {
enum class MomentKind;
}

namespace lc::app {

/// A wrapping paragraph in a face and colour of the theme.
[[nodiscard]] QLabel* paragraph(const QString& text, const QFont& font, Tone tone, QWidget* parent);

/// Takes everything out of a layout. Its widgets are hidden at once and deleted later, for one of them may be the
/// sender.
void clearLayout(QLayout* layout);
/// Words as a button shows them: an & is an &, and no key.
[[nodiscard]] QString onButton(QString words);

/// A horizontal rule, one or more pixels high.
[[nodiscard]] QFrame* divider(QWidget* parent, Tone tone = Tone::Rule, int height = 1);

/// "hit", "stop", "comes in" …: what kind of moment it is.
[[nodiscard]] QString momentKindInWords(MomentKind kind);

/// One remedy to choose: its title in bold, its price beneath; the chosen one has a frame.
class RemedyChoice : public QAbstractButton {
    Q_OBJECT
public:
    RemedyChoice(const QString& title, const QString& price, bool chosen, const Theme& theme, QWidget* parent);
    void setChosen(bool chosen);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] int heightForWidth(int width) const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    [[nodiscard]] QSize textSizes(int width, int& titleHeight) const;
    QString m_price;
    bool m_chosen;
    const Theme& m_theme;
};

} // namespace lc::app
