#include "app/base/wording.h"

#include "core/song/moment.h"

#include <QPainter>

namespace lc::app {

QLabel* paragraph(const QString& text, const QFont& font, Tone tone, QWidget* parent) {
    auto* label = new QLabel(text, parent);
    label->setWordWrap(true);
    label->setTextFormat(Qt::PlainText);
    label->setStyleSheet(QStringLiteral("font-family: %1; font-size: %2px; font-weight: %3;")
                             .arg(font.family())
                             .arg(font.pixelSize())
                             .arg(static_cast<int>(font.weight())));
    label->setFont(font);
    setTone(label, tone);
    label
        ->ensurePolished(); // the style has another idea of its lines' height, and is asked before anything is laid out
    return label;
}

void clearLayout(QLayout* layout) {
    while (QLayoutItem* item = layout->takeAt(0)) {
        if (item->widget()) {
            item->widget()->hide();
            item->widget()->setParent(nullptr);
            item->widget()->deleteLater();
        }
        delete item;
    }
}

QFrame* divider(QWidget* parent, Tone tone, int height) {
    auto* line = new QFrame(parent);
    line->setFixedHeight(height);
    setTone(line, tone);
    return line;
}

QString momentKindInWords(MomentKind kind) {
    switch (kind) {
    case MomentKind::Hit: return RemedyChoice::tr("hit");
    case MomentKind::Stop: return RemedyChoice::tr("stop");
    case MomentKind::Entry: return RemedyChoice::tr("comes in");
    case MomentKind::Change: return RemedyChoice::tr("change");
    case MomentKind::Lyric: return RemedyChoice::tr("words");
    case MomentKind::Other: return RemedyChoice::tr("other");
    }
    return {};
}

RemedyChoice::RemedyChoice(const QString& title, const QString& price, bool chosen, const Theme& theme, QWidget* parent)
    : QAbstractButton(parent), m_price(price), m_chosen(chosen), m_theme(theme) {
    setText(title);
    setAccessibleName(title);
    setAccessibleDescription(price);
    setFocusPolicy(Qt::StrongFocus);
    QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

void RemedyChoice::setChosen(bool chosen) {
    m_chosen = chosen;
    update();
}

QSize RemedyChoice::textSizes(int width, int& titleHeight) const {
    const int inner = width - m_theme.px(16);
    const QRect room(0, 0, inner, 10000);
    titleHeight = QFontMetrics(m_theme.words(14, Weight::Bold)).boundingRect(room, Qt::TextWordWrap, text()).height();
    const int priceHeight =
        m_price.isEmpty()
            ? 0
            : QFontMetrics(m_theme.words(13)).boundingRect(room, Qt::TextWordWrap, m_price).height() + m_theme.px(2);
    return {width, titleHeight + priceHeight + m_theme.px(10)};
}

int RemedyChoice::heightForWidth(int width) const {
    int titleHeight = 0;
    return textSizes(width, titleHeight).height();
}

QSize RemedyChoice::sizeHint() const { return {m_theme.px(200), heightForWidth(m_theme.px(200))}; }

void RemedyChoice::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const Palette& c = m_theme.colours();
    int titleHeight = 0;
    (void)textSizes(width(), titleHeight);
    if (m_chosen) p.fillRect(rect(), c.sheet);
    if (m_chosen || hasFocus() || underMouse()) {
        p.setPen(QPen(m_chosen || hasFocus() ? c.ink : c.ink3, m_chosen || hasFocus() ? 2 : 1));
        p.drawRect(rect().adjusted(1, 1, -1, -1));
    }
    const int left = m_theme.px(8);
    p.setPen(c.ink);
    p.setFont(m_theme.words(14, Weight::Bold));
    p.drawText(QRect(left, m_theme.px(5), width() - 2 * left, titleHeight), Qt::TextWordWrap, text());
    p.setPen(c.ink2);
    p.setFont(m_theme.words(13));
    p.drawText(QRect(left, m_theme.px(7) + titleHeight, width() - 2 * left, height()), Qt::TextWordWrap, m_price);
}

QString onButton(QString words) { return words.replace(QLatin1Char('&'), QStringLiteral("&&")); }

} // namespace lc::app
