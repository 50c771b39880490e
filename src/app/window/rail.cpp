#include "app/window/rail.h"

#include "app/widgets/marks.h"

#include <QPainter>

namespace lc::app {

Rail::Rail(std::vector<Stage*> stages, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_stages(std::move(stages)), m_theme(theme), m_stage(m_stages.front()) {
    setFixedWidth(theme.rail());
    setAccessibleName(tr("Stages"));
    for (Stage* stage : m_stages) {
        const QString key = stage->key().toString(QKeySequence::NativeText);
        auto* button = new SpotButton(stage->about().name, tr("%1 (%2)").arg(stage->about().name, key), theme, this);
        button->setCheckable(true);
        button->setAutoExclusive(true);
        connect(button, &QAbstractButton::clicked, this, [this, stage] { Q_EMIT stageChosen(stage); });
        m_buttons.push_back(button);
        connect(stage, &Stage::stateChanged, this, &Rail::tellStates);
    }
    m_legendButton = new SpotButton(tr("Legend"), QString(), theme, this);
    m_legendButton->setCheckable(true);
    m_legendButton->setChecked(true);
    connect(m_legendButton, &QAbstractButton::clicked, this, [this] { setLegendShown(!m_legend); });
    tellStates();
}

/// What is painted of a stage's state, in words; and which stage is shown.
void Rail::tellStates() {
    for (std::size_t i = 0; i < m_stages.size(); ++i) {
        const StageState state = m_stages[i]->state();
        m_buttons[i]->say(m_stages[i]->about().name, state.open > 0 ? tr("%1 open").arg(state.open)
                                                     : state.begun  ? tr("begun")
                                                                    : QString());
        m_buttons[i]->setChecked(m_stages[i] == m_stage);
        // Tab comes to the stage that is open, arrows to the others: Qt has it so only once one of them had the
        // keyboard
        m_buttons[i]->setFocusPolicy(m_stages[i] == m_stage ? Qt::TabFocus : Qt::NoFocus);
    }
    update();
}

void Rail::setStage(const Stage& stage) {
    m_stage = &stage;
    m_lines = stage.legend();
    tellStates();
}

void Rail::setLegendShown(bool shown) {
    m_legend = shown;
    m_legendButton->setChecked(shown);
    update();
}

std::vector<Rail::Entry> Rail::entries() const {
    std::vector<Entry> all;
    int y = m_theme.px(72);
    for (Stage* stage : m_stages) {
        all.push_back({stage, QRect(0, y, width(), m_theme.px(56))});
        y += m_theme.px(60);
    }
    return all;
}

void Rail::paintState(QPainter& p, const Entry& entry) const {
    const Palette& c = m_theme.colours();
    const StageState state = entry.stage->state();
    const int x = m_theme.px(76);
    const int y = entry.area.top() + m_theme.px(39);
    const int r = m_theme.px(4);
    const QRect box(x - r, y - r, 2 * r + 1, 2 * r + 1);
    if (state.open > 0)
        return drawDiamond(p, x, y, m_theme.px(9), QString::number(state.open), m_theme.numbers(10, true), c.ink,
                           c.onInk);
    if (state.begun) return p.fillRect(box, c.ink);
    p.setPen(QPen(c.ink3, 1.5));
    p.setBrush(Qt::NoBrush);
    p.drawRect(box);
}

void Rail::paintLegend(QPainter& p) const {
    const Palette& c = m_theme.colours();
    const auto px = [this](int n) { return m_theme.px(n); };
    if (m_lines.empty()) return;
    const int n = static_cast<int>(m_lines.size());
    const int top = entries().back().area.bottom() + px(22); // below the stages, whatever the height
    const int y0 = std::max(top, height() - n * px(22) - px(96));
    const int step = std::clamp((height() - y0 - px(30)) / n, px(14), px(22));
    int y = y0;
    p.setFont(m_theme.words(12, Weight::Bold));
    p.setPen(c.ink2);
    p.drawText(px(16), y, tr("Legend"));
    p.setFont(m_theme.words(11, Weight::Medium));
    p.setPen(c.ink3);
    p.drawText(QRect(0, y - px(14), px(80), px(18)), Qt::AlignRight | Qt::AlignVCenter, QStringLiteral("?"));
    p.fillRect(QRect(px(16), y + px(7), px(64), 1), c.rule);
    y += px(24);
    for (const LegendLine& line : m_lines) {
        if (y > height() - px(4)) break;
        line.mark(p, px(21), y - px(4));
        p.setFont(m_theme.words(11));
        p.setPen(c.ink2);
        p.drawText(px(34), y, line.name);
        y += step;
    }
}

void Rail::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const Palette& c = m_theme.colours();
    const auto px = [this](int n) { return m_theme.px(n); };
    p.fillRect(rect(), c.well);
    p.fillRect(QRect(width() - 1, 0, 1, height()), c.rule);
    p.setPen(c.ink);
    p.setFont(m_theme.words(15, Weight::Black));
    p.drawText(px(16), px(27), QStringLiteral("Lift"));
    p.drawText(px(16), px(43), QStringLiteral("Count"));
    for (const Entry& entry : entries()) {
        const bool here = entry.stage == m_stage;
        if (here) {
            p.fillRect(entry.area, c.sheet);
            p.fillRect(QRect(0, entry.area.top(), px(6), entry.area.height()), c.ink);
        }
        p.setFont(m_theme.words(14, here ? Weight::Heavy : Weight::Medium));
        p.setPen(here ? c.ink : c.ink2);
        p.drawText(px(16), entry.area.top() + px(25), entry.stage->about().name);
        p.setFont(m_theme.words(11));
        p.setPen(c.ink3);
        p.drawText(px(16), entry.area.top() + px(43), entry.stage->key().toString(QKeySequence::NativeText));
        paintState(p, entry);
    }
    if (m_legend)
        paintLegend(p);
    else {
        p.setFont(m_theme.words(12, Weight::Bold));
        p.setPen(c.ink2);
        p.drawText(px(16), height() - px(16), tr("Legend  ?"));
    }
}

void Rail::resizeEvent(QResizeEvent*) {
    const std::vector<Entry> all = entries();
    for (std::size_t i = 0; i < all.size(); ++i) m_buttons[i]->setGeometry(all[i].area);
    const int top = all.back().area.bottom() + m_theme.px(4);
    m_legendButton->setGeometry(0, top, width(), std::max(m_theme.px(24), height() - top));
}

} // namespace lc::app
