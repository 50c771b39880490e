#include "app/widgets/folding_column.h"

#include "app/widgets/marks.h"

#include <QPainter>
#include <QScrollArea>
#include <QScrollBar>
#include <QVBoxLayout>

namespace lc::app {

NumberDiamond::NumberDiamond(int number, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_number(number), m_theme(theme) {
    setFixedSize(theme.px(22), theme.px(22));
}

void NumberDiamond::paintEvent(QPaintEvent*) {
    QPainter p(this);
    drawDiamond(p, width() / 2.0, height() / 2.0, m_theme.px(9), QString::number(m_number), m_theme.numbers(10, true),
                m_theme.colours().ink, m_theme.colours().onInk);
}

FoldingColumn::FoldingColumn(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme) {
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(1, theme.px(44), 0, 0);
    m_scroll = new QScrollArea(this);
    m_scroll->setWidgetResizable(true);
    m_scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_scroll->setFocusPolicy(Qt::NoFocus);
    outer->addWidget(m_scroll);
    setFolded(false);
}

void FoldingColumn::setFolded(bool folded) {
    m_folded = folded;
    setFixedWidth(folded ? m_theme.findingsFolded() : m_theme.findings());
    m_scroll->setVisible(!folded);
    update();
}

void FoldingColumn::setPage(QWidget* page) {
    const int where = m_scroll->verticalScrollBar()->value();
    const QWidget* focused = m_scroll->widget() ? m_scroll->widget()->focusWidget() : nullptr;
    const QString name = focused && focused->hasFocus() ? focused->objectName() : QString();
    if (QWidget* old = m_scroll->takeWidget()) old->deleteLater(); // one of its buttons may be the sender
    m_scroll->setWidget(page);
    m_scroll->verticalScrollBar()->setValue(where);
    if (auto* same = name.isEmpty() ? nullptr : page->findChild<QWidget*>(name))
        same->setFocus(); // the field one was in
    update();
}

QWidget* FoldingColumn::page() const { return m_scroll->widget(); }

void FoldingColumn::mousePressEvent(QMouseEvent*) {
    if (m_folded) setFolded(false);
}

void FoldingColumn::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const Palette& c = m_theme.colours();
    const auto px = [this](int n) { return m_theme.px(n); };
    p.fillRect(rect(), c.paper);
    p.fillRect(QRect(0, 0, 1, height()), c.rule);
    if (m_folded) {
        p.setFont(m_theme.words(11));
        p.setPen(c.ink2);
        p.drawText(QRect(0, px(4), width(), px(20)), Qt::AlignCenter, QStringLiteral("F6"));
        for (int i = 0; i < std::min(12, diamonds()); ++i)
            drawDiamond(p, width() / 2.0, px(42) + px(26) * i, px(9), QString::number(i + 1), m_theme.numbers(10, true),
                        c.ink, c.onInk);
        return;
    }
    p.setFont(m_theme.words(15, Weight::Heavy));
    p.setPen(c.ink);
    p.drawText(px(16), px(25), tr("Findings"));
    p.setFont(m_theme.words(12));
    p.setPen(c.ink2);
    p.drawText(QRect(0, px(10), width() - px(16), px(20)), Qt::AlignRight | Qt::AlignVCenter,
               tr("%1 open   F6 folds").arg(open()));
    p.fillRect(QRect(px(16), px(36), width() - px(32), 2), c.ink);
}

} // namespace lc::app
