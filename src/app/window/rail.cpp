#include "app/window/rail.h"

#include "app/widgets/marks.h"
#include "app/base/session.h"
#include "core/figures/figure_findings.h"
#include "core/routine/routine_figures.h"

#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>

namespace lc::app {

Rail::Rail(Session& session, const Theme& theme, QWidget* parent) : QWidget(parent), m_session(session), m_theme(theme) {
    setFixedWidth(theme.rail());
    setAccessibleName(tr("Stages"));
    connect(&session.doc, &DocumentSession::documentChanged, this, [this] {
        lookAtFigures();
        update();
    });
    lookAtFigures();
    connect(&session.song, &SongSession::doubtsChanged, this, qOverload<>(&QWidget::update));
}

void Rail::setStage(Stage stage) {
    m_stage = stage;
    update();
}

void Rail::setLegendShown(bool shown) {
    m_legend = shown;
    update();
}

void Rail::lookAtFigures() {
    const Routine& routine = m_session.doc.document().routine;
    m_figures = m_figuresToMend = 0;
    for (const Figure& figure : routine.figures) {
        if (figure.name.empty()) continue;
        ++m_figures;
        const FigureCard card = cardOf(routine, figure);
        FigureSurroundings around;
        around.choices = routine.choices;
        for (const FigureFinding& f : inspectFigure(card, readFigure(card, routine.choices), around)) m_figuresToMend += f.severity != Severity::Note;
    }
}

std::vector<Rail::Entry> Rail::entries() const {
    std::vector<Entry> all{{Stage::Listen, tr("Listen"), {}}, {Stage::Steps, tr("Steps"), {}}, {Stage::Arrange, tr("Arrange"), {}}, {Stage::Sheets, tr("Sheets"), {}}};
    int y = m_theme.px(72);
    for (Entry& entry : all) {
        entry.area = QRect(0, y, width(), m_theme.px(56));
        y += m_theme.px(60);
    }
    return all;
}

void Rail::paintState(QPainter& p, const Entry& entry) const {
    const Palette& c = m_theme.colours();
    const int x = m_theme.px(76);
    const int y = entry.area.top() + m_theme.px(39);
    const int r = m_theme.px(4);
    const QRect box(x - r, y - r, 2 * r + 1, 2 * r + 1);
    const auto empty = [&] {
        p.setPen(QPen(c.ink3, 1.5));
        p.setBrush(Qt::NoBrush);
        p.drawRect(box);
    };
    const auto diamond = [&](auto number) { drawDiamond(p, x, y, m_theme.px(9), QString::number(number), m_theme.numbers(10, true), c.ink, c.onInk); };
    const Landing& landing = m_session.doc.landing();
    if (entry.stage == Stage::Listen && !m_session.song.doubts().empty()) return diamond(m_session.song.doubts().size());
    if (entry.stage == Stage::Listen) return landing.grid.empty() ? empty() : p.fillRect(box, c.ink);
    if (entry.stage == Stage::Steps) {
        return m_figures == 0 ? empty() : m_figuresToMend > 0 ? diamond(m_figuresToMend) : p.fillRect(box, c.ink);
    }
    if (landing.performance.passes.empty()) return empty();
    const auto open = std::count_if(landing.findings.begin(), landing.findings.end(), [](const Finding& f) { return f.severity != Severity::Note; });
    if (entry.stage == Stage::Arrange && open > 0) diamond(open);
    else p.fillRect(box, c.ink);
}

void Rail::paintLegend(QPainter& p) const {
    const Palette& c = m_theme.colours();
    const auto px = [this](int n) { return m_theme.px(n); };
    struct Line { QString name; std::function<void(double, double)> mark; };
    const double h = px(12);
    const auto foot = [&](Foot f, ActionKind kind, bool sub = false) {
        return [&p, &c, h, f, kind, sub](double x, double y) { drawMark(p, x, y, kind, f, sub, h, c.ink); };
    };
    const Line stop{tr("stop"), [&](double x, double y) { drawHatch(p, QRectF(x - px(6), y - px(6), px(13), px(12)), c.hatch, px(5)); }};
    const std::vector<Line> ofTheSong{
        {tr("phrase"), [&](double x, double y) {
             p.fillRect(QRectF(x - px(5), y - px(6), px(3), px(13)), c.ink);
             p.fillRect(QRectF(x - px(5), y - px(6), px(10), px(3)), c.ink);
         }},
        {tr("bar"), [&](double x, double y) { p.fillRect(QRectF(x, y - px(6), 1, px(13)), c.ink2); }},
        {tr("beat"), [&](double x, double y) { p.fillRect(QRectF(x, y - px(1), 1, px(5)), c.ink3); }},
        {tr("doubt"), [&](double x, double y) {
             QPen pen(c.ink, 2);
             pen.setDashPattern({2, 1.5});
             p.setPen(pen);
             p.setBrush(Qt::NoBrush);
             p.drawRect(QRectF(x - px(6), y - px(5), px(12), px(10)));
         }},
        {tr("moment"), [&](double x, double y) {
             p.setPen(Qt::NoPen);
             p.setBrush(c.ink);
             p.drawPolygon(QPolygonF{QPointF(x - px(4), y - px(3)), QPointF(x + px(5), y - px(3)), QPointF(x, y + px(5))});
         }},
        {tr("stated"), [&](double x, double y) { p.fillRect(QRectF(x - px(4), y - px(4), px(9), px(9)), c.ink); }},
        stop,
    };
    const std::vector<Line> ofTheSteps{
        {tr("left"), foot(Foot::Left, ActionKind::Step)},
        {tr("right"), foot(Foot::Right, ActionKind::Step)},
        {tr("both"), foot(Foot::Both, ActionKind::Jump)},
        {tr("no weight"), foot(Foot::Left, ActionKind::NoWeight)},
        {tr("on the &&"), foot(Foot::Left, ActionKind::Step, true)},
        {tr("wait"), [&](double x, double y) { drawMark(p, x, y, ActionKind::Wait, std::nullopt, false, h, c.ink); }},
        {tr("no foot"), [&](double x, double y) { drawMark(p, x, y, ActionKind::Gesture, std::nullopt, false, h, c.ink); }},
        {tr("turn"), [&](double x, double y) { drawTurn(p, x, y + px(2), false, px(5), c.ink); }},
        stop,
        {tr("tag"), [&](double x, double y) {
             p.fillRect(QRectF(x - px(6), y - px(2), px(13), px(1)), c.ink);
             p.fillRect(QRectF(x - px(6), y + px(1), px(13), px(2)), c.ink);
         }},
        {tr("they say"), [&](double x, double y) {
             p.setPen(c.ink);
             p.setBrush(Qt::NoBrush);
             p.drawRect(QRectF(x - px(5), y - px(6), px(10), px(11)));
             p.setFont(m_theme.numbers(9, true));
             p.drawText(QRectF(x - px(5), y - px(6), px(10), px(11)), Qt::AlignCenter, QStringLiteral("5"));
         }},
        {tr("accent"), [&](double x, double y) {
             p.setPen(Qt::NoPen);
             p.setBrush(c.ink);
             p.drawPolygon(QPolygonF{QPointF(x - px(4), y - px(3)), QPointF(x + px(5), y - px(3)), QPointF(x, y + px(5))});
         }},
        {tr("lands"), [&](double x, double y) { p.fillRect(QRectF(x - px(4), y - px(4), px(9), px(9)), c.ink); }},
        {tr("finding"), [&](double x, double y) { drawDiamond(p, x, y, px(7), {}, m_theme.numbers(8), c.ink, c.onInk); }},
    };
    const std::vector<Line>& lines = m_stage == Stage::Listen ? ofTheSong : ofTheSteps;
    const int n = static_cast<int>(lines.size());
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
    for (const Line& line : lines) {
        if (y > height() - px(4)) break;
        line.mark(px(21), y - px(4));
        p.setFont(m_theme.words(11));
        p.setPen(c.ink2);
        p.drawText(px(34), y, QString(line.name).replace(QStringLiteral("&&"), QStringLiteral("&")));
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
        p.drawText(px(16), entry.area.top() + px(25), entry.name);
        p.setFont(m_theme.words(11));
        p.setPen(c.ink3);
        p.drawText(px(16), entry.area.top() + px(43), QStringLiteral("Alt+%1").arg(static_cast<int>(entry.stage)));
        paintState(p, entry);
    }
    if (m_legend) paintLegend(p);
    else {
        p.setFont(m_theme.words(12, Weight::Bold));
        p.setPen(c.ink2);
        p.drawText(px(16), height() - px(16), tr("Legend  ?"));
    }
}

void Rail::mousePressEvent(QMouseEvent* event) {
    for (const Entry& entry : entries())
        if (entry.area.contains(event->position().toPoint())) return Q_EMIT stageChosen(entry.stage);
    if (event->position().y() > height() - m_theme.px(40) || m_legend) setLegendShown(!m_legend);
}

bool Rail::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        for (const Entry& entry : entries())
            if (entry.area.contains(help->pos())) {
                QToolTip::showText(help->globalPos(), tr("%1 (Alt+%2)").arg(entry.name).arg(static_cast<int>(entry.stage)), this);
                return true;
            }
        QToolTip::hideText();
        return true;
    }
    return QWidget::event(event);
}

} // namespace lc::app
