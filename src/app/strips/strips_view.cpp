#include "app/strips/strips_view.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/widgets/figure_list.h"
#include "app/widgets/marks.h"
#include "app/widgets/readable.h"
#include "core/base/clock_text.h"
#include "core/reports/like_passes.h"

#include <QContextMenuEvent>
#include <QDropEvent>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QMimeData>
#include <QMouseEvent>
#include <QPainter>
#include <QScrollBar>
#include <QToolTip>

namespace lc::app {

StripsView::StripsView(Session& session, const Theme& theme, StripContent content, QWidget* parent)
    : QAbstractScrollArea(parent), m_session(session), m_theme(theme), m_content(content),
      m_stamps(std::make_unique<MarkStamps>()) {
    setFrameShape(QFrame::NoFrame);
    setFocusPolicy(Qt::StrongFocus);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    viewport()->setMouseTracking(true);
    setAcceptDrops(content == StripContent::Arrange);
    viewport()->setAttribute(Qt::WA_OpaquePaintEvent);
    setAccessibleName(content == StripContent::Listen ? tr("The song, a phrase a line")
                                                      : tr("The routine on the song, a phrase a line"));
    connect(&session.doc, &DocumentSession::documentChanged, this, &StripsView::relayout);
    connect(&session.song, &SongSession::songReady, viewport(), qOverload<>(&QWidget::update));
    connect(&session.doc, &DocumentSession::previewChanged, this,
            &StripsView::relayout); // what is tried on is not folded away
    connect(&session.doc, &DocumentSession::routineReplaced, this, [this] { m_unfolded.clear(); });
    connect(&session.transport, &Transport::nowMoved, this, &StripsView::nowMoved);
    connect(&session.transport, &Transport::playingChanged, this, &StripsView::nowMoved);
    relayout();
}

StripsView::~StripsView() = default;

void StripsView::setMagnification(Magnification magnification) {
    m_magnification = magnification;
    relayout();
    showPlace(m_session.transport.now());
}

void StripsView::relayout() {
    const auto& roles = m_session.doc.document().routine.roles;
    m_role = std::clamp(m_role, 0, static_cast<int>(roles.size()) - 1);
    m_layout = layOutStrips(shownLanding().grid, m_magnification, m_content, static_cast<int>(roles.size()),
                            viewport()->width(), m_theme.percent() / 100.0, folds());
    giveNamesRoom(m_layout, sceneNow());
    verticalScrollBar()->setPageStep(viewport()->height());
    verticalScrollBar()->setSingleStep(
        static_cast<int>((m_layout.measures.height() + m_layout.measures.gap) * m_layout.scale));
    verticalScrollBar()->setRange(0, std::max(0, static_cast<int>(m_layout.height) - viewport()->height()));
    viewport()->update();
}

/// A page of few passes is read whole; the first of a run stays as the model of those behind it.
std::vector<FoldedPhrases> StripsView::folds() const {
    constexpr std::size_t manyPasses = 30, leastAlike = 6;
    const Landing& landing = shownLanding();
    const auto& passes = landing.performance.passes;
    std::vector<FoldedPhrases> out;
    if (!m_folding || m_content == StripContent::Listen || passes.size() <= manyPasses) return out;
    for (const LikePasses& run : likePasses(landing, leastAlike)) {
        const bool opened = std::any_of(m_unfolded.begin(), m_unfolded.end(), [&](PassId id) {
            return std::any_of(passes.begin() + static_cast<std::ptrdiff_t>(run.first),
                               passes.begin() + static_cast<std::ptrdiff_t>(run.last) + 1,
                               [&](const PassPerformance& p) { return p.id == id; });
        });
        if (opened) continue;
        const int model = *landing.grid.phraseAt(passes[run.first].end() - Tick{1});
        out.push_back({model + 1, run.endPhrase, run.first + 1, run.last});
    }
    return out;
}

const Landing& StripsView::shownLanding() const {
    return m_session.doc.previewLanding() ? *m_session.doc.previewLanding() : m_session.doc.landing();
}

void StripsView::setFolding(bool on) {
    m_folding = on;
    m_unfolded.clear();
    relayout();
}

void StripsView::resizeEvent(QResizeEvent* event) {
    QAbstractScrollArea::resizeEvent(event);
    relayout();
}

void StripsView::scrollContentsBy(int, int) { viewport()->update(); }

void StripsView::selectPass(std::optional<PassId> pass) {
    if (m_selectedPass == pass) return;
    m_selectedPass = pass;
    viewport()->update();
}

QPointF StripsView::pagePoint(const QPointF& p) const { return {p.x(), p.y() + verticalScrollBar()->value()}; }

QPoint StripsView::pointOf(int count) const {
    const QRectF cell = m_layout.countRect(count);
    return {static_cast<int>(cell.left() + cell.width() / 4),
            static_cast<int>(cell.center().y()) - verticalScrollBar()->value()};
}

void StripsView::showPlace(Tick at) {
    auto index = m_layout.lineOf(static_cast<int>(wholeCounts(at)));
    if (!index) return;
    if (const auto& fold = m_layout.lines[static_cast<std::size_t>(*index)].folded) {
        m_unfolded.push_back(shownLanding().performance.passes[fold->firstPass].id);
        relayout();
        index = m_layout.lineOf(static_cast<int>(wholeCounts(at)));
    }
    const StripLine& line = m_layout.lines[static_cast<std::size_t>(*index)];
    const int top = static_cast<int>(line.top) - static_cast<int>(24 * m_layout.scale);
    const int bottom = static_cast<int>(line.top + line.height) + 8;
    QScrollBar* bar = verticalScrollBar();
    if (top < bar->value())
        bar->setValue(top);
    else if (bottom > bar->value() + viewport()->height()) // the page turns by whole strips
        bar->setValue(m_session.transport.player().playing() ? top : bottom - viewport()->height());
}

void StripsView::nowMoved() {
    const Tick now = m_session.transport.now();
    const Tick cell = counts(wholeCounts(now));
    if (m_drawnNow && *m_drawnNow == cell) return;
    const auto repaint = [this](Tick at) {
        QRectF area = m_layout.countRect(static_cast<int>(wholeCounts(at)));
        if (!area.isEmpty())
            viewport()->update(
                area.translated(0, -verticalScrollBar()->value()).toAlignedRect().adjusted(-12, -12, 12, 12));
    };
    if (m_drawnNow) repaint(*m_drawnNow);
    m_drawnNow = cell;
    if (m_session.transport.player().playing() && isVisible()) showPlace(now);
    repaint(cell);
    if (!m_session.transport.player().playing()) tellPieceInFocus(*this); // while it plays, the count is heard
}

StripScene StripsView::sceneNow() const {
    StripScene scene;
    scene.theme = &m_theme;
    const Document* preview = m_session.doc.previewDocument();
    scene.document = preview ? preview : &m_session.doc.document();
    scene.landing = &m_session.doc.landing();
    scene.preview = m_session.doc.previewLanding();
    const bool sameSong = !preview || preview->map == m_session.doc.document().map;
    scene.loudness = sameSong ? m_session.song.loudness() : nullptr; // it is that of the recording as it is
    scene.content = m_content;
    scene.now = m_session.transport.now();
    scene.selectedPass = m_selectedPass;
    scene.hoveredCount = m_hovered;
    scene.role = m_role;
    scene.focused = hasFocus();
    if (m_content == StripContent::Listen) scene.doubts = &m_session.song.doubts();
    scene.stamps = m_stamps.get();
    return scene;
}

void StripsView::paintEvent(QPaintEvent* event) {
    QPainter painter(viewport());
    const int scroll = verticalScrollBar()->value();
    painter.translate(0, -scroll);
    const StripScene scene = sceneNow();
    paintStrips(painter, m_layout, scene, event->rect().translated(0, scroll));
    paintHeading(painter, m_layout, scene, scroll);
    painter.translate(0, scroll);
    if (m_layout.lines.empty() && m_content == StripContent::Arrange) { // what to do first
        const bool passes = !m_session.doc.landing().performance.passes.empty();
        const QRect room = viewport()->rect().adjusted(m_theme.px(16), m_theme.px(24), -m_theme.px(16), 0);
        painter.setFont(m_theme.words(15, Weight::Bold));
        painter.setPen(m_theme.colours().ink);
        painter.drawText(room, Qt::AlignLeft | Qt::AlignTop, tr("No song yet"));
        painter.setFont(m_theme.words(13));
        painter.setPen(m_theme.colours().ink2);
        painter.drawText(room.adjusted(0, m_theme.px(26), 0, 0), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
                         tr("Go to Listen (Alt+1) to open a recording, or to type the song's structure. ") +
                             (passes
                                  ? tr("Until then the passes stand in their list (F5), counted without music.")
                                  : tr("Parts can be built without it: type a figure's name above, or its counts.")));
    }
    if (hasFocus()) {
        painter.setPen(QPen(m_theme.colours().ink, 2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(viewport()->rect().adjusted(1, 1, -1, -1));
    }
}

void StripsView::mousePressEvent(QMouseEvent* event) {
    const auto at = tickAtPoint(m_layout, pagePoint(event->position()));
    if (!at || event->button() == Qt::MiddleButton) return;
    if (const auto lane = laneAtPoint(m_layout, pagePoint(event->position()))) m_role = *lane;
    moveCaret(*at);
}

void StripsView::mouseDoubleClickEvent(QMouseEvent* event) {
    const auto at = tickAtPoint(m_layout, pagePoint(event->position()));
    const auto lane = laneAtPoint(m_layout, pagePoint(event->position()));
    if (at && lane && m_content == StripContent::Arrange) Q_EMIT editWanted(*at, *lane);
}

QPointF StripsView::viewportPoint(const QPointF& page) const {
    return {page.x(), page.y() - verticalScrollBar()->value()};
}

void StripsView::moveLines(Tick here, int by) {
    const int roles = m_layout.measures.lanes;
    if (m_magnification == Magnification::Eight && m_role + by >= 0 && m_role + by < roles) {
        m_role += by;
        viewport()->update();
        return;
    }
    if (m_magnification == Magnification::Eight) m_role = by > 0 ? 0 : std::max(0, roles - 1);
    moveCaret(movedByLines(m_layout, here, by));
    viewport()->update();
}

void StripsView::moveCaret(Tick at) {
    m_session.transport.setCaret(at);
    const Tick now = m_session.transport.now();
    showPlace(now);
    if (const auto pass = passAt(m_session.doc.landing().performance, now)) {
        const PassId id = m_session.doc.landing().performance.passes[*pass].id;
        selectPass(id);
        Q_EMIT passChosen(id);
    }
}

void StripsView::mouseMoveEvent(QMouseEvent* event) { hover(tickAtPoint(m_layout, pagePoint(event->position()))); }

void StripsView::hover(std::optional<Tick> at) {
    const auto count = at ? std::optional<int>(static_cast<int>(wholeCounts(*at))) : std::nullopt;
    if (count == m_hovered) return;
    m_hovered = count;
    viewport()->update();
}

void StripsView::leaveEvent(QEvent*) { hover(std::nullopt); }

void StripsView::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasFormat(QString::fromLatin1(figureMime))) event->acceptProposedAction();
}

void StripsView::dragMoveEvent(QDragMoveEvent* event) {
    const auto at = tickAtPoint(m_layout, pagePoint(event->position()));
    hover(at);
    if (at && passAt(m_session.doc.landing().performance, *at))
        event->acceptProposedAction();
    else
        event->ignore();
}

void StripsView::dragLeaveEvent(QDragLeaveEvent*) { hover(std::nullopt); }

void StripsView::dropEvent(QDropEvent* event) {
    hover(std::nullopt);
    const auto at = tickAtPoint(m_layout, pagePoint(event->position()));
    if (!at) return;
    event->acceptProposedAction();
    Q_EMIT figureDropped(QString::fromUtf8(event->mimeData()->data(QString::fromLatin1(figureMime))), *at);
}

void StripsView::contextMenuEvent(QContextMenuEvent* event) {
    auto at = tickAtPoint(m_layout, pagePoint(event->pos()));
    if (event->reason() == QContextMenuEvent::Keyboard) at = m_session.transport.now();
    if (!at) return;
    moveCaret(*at);
    Q_EMIT contextMenuWanted(event->globalPos(), *at);
}

void StripsView::keyPressEvent(QKeyEvent* event) {
    const Tick now = m_session.transport.now();
    const Tick here = counts(wholeCounts(now));
    const auto cell = m_session.doc.landing().grid.cellAt(now);
    const bool jump = event->modifiers() & Qt::ControlModifier;
    switch (event->key()) {
    case Qt::Key_Left:
        moveCaret(jump && cell && cell->number > 1 ? here - counts(cell->number - 1) : here - counts(1));
        return;
    case Qt::Key_Right: {
        if (jump && cell && cell->set >= 0) {
            const CountSet& set = m_session.doc.landing().grid.sets()[static_cast<std::size_t>(cell->set)];
            moveCaret(counts(set.firstCount + set.counts));
        } else
            moveCaret(here + counts(1));
        return;
    }
    case Qt::Key_Up: moveLines(here, -1); return;
    case Qt::Key_Down: moveLines(here, 1); return;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        if (m_content == StripContent::Arrange && event->modifiers() == Qt::NoModifier) {
            Q_EMIT editWanted(here, m_role);
            return;
        }
        QAbstractScrollArea::keyPressEvent(event);
        return;
    case Qt::Key_Home:
        if (jump)
            moveCaret({});
        else if (cell && cell->phrase >= 0)
            moveCaret(here - counts(cell->phraseOffset));
        return;
    case Qt::Key_End:
        if (jump)
            moveCaret(m_session.doc.landing().grid.end() - counts(1));
        else if (cell && cell->phrase >= 0) {
            const CountPhrase& p = m_session.doc.landing().grid.phrases()[static_cast<std::size_t>(cell->phrase)];
            moveCaret(counts(p.firstCount + p.counts - 1));
        }
        return;
    case Qt::Key_PageUp: moveCaret(movedByLines(m_layout, here, -4)); return;
    case Qt::Key_PageDown: moveCaret(movedByLines(m_layout, here, 4)); return;
    default: QAbstractScrollArea::keyPressEvent(event);
    }
}

void StripsView::focusInEvent(QFocusEvent*) {
    viewport()->update();
    tellPieceInFocus(*this);
}

void StripsView::focusOutEvent(QFocusEvent*) { viewport()->update(); }

QString StripsView::describeCount(int count) const {
    const Landing& landing = m_session.doc.landing();
    const CountCell* cell = landing.grid.cell(count);
    if (!cell) return {};
    QStringList words{q(landing.grid.place(counts(count))), tr("music count %1").arg(cell->number),
                      q(clockText(cell->start))};
    if (cell->bar >= 0) words << tr("bar %1").arg(cell->bar + 1);
    if (const auto index = passAt(landing.performance, counts(count))) {
        const PassPerformance& pass = landing.performance.passes[*index];
        words << tr("pass %1 count %2").arg(pass.number).arg(q(toSpokenCount(counts(count + 1) - pass.start)));
        for (const TurnedSpan& span : landing.turned)
            if (counts(count) >= span.from && counts(count) < span.to) {
                words << tr("the dancers say %1")
                             .arg(q(toSpokenCount(
                                 runningCount(counts(count), pass.runningFrom, landing.grid.regularSet()))));
                break;
            }
        if (counts(count) >= pass.danceEnd())
            words << tr("tag");
        else if (counts(count) < pass.start)
            words << tr("wait before the pass");
        else if (const FigureSpan* span = figureAt(landing.performance, pass, counts(count)))
            words << figureInWords(m_session.doc.document().routine, *span, pass);
        if (counts(count) == pass.start) words << passMarks(pass);
        for (std::size_t r = 0; r < landing.performance.roles.size(); ++r)
            for (std::size_t i = pass.roles[r].firstAction; i < pass.roles[r].endAction; ++i) {
                const PerformedAction& a = landing.performance.roles[r][i];
                if (a.at < counts(count) || a.at >= counts(count + 1)) continue;
                QString step = a.kind == ActionKind::Wait ? tr("wait") : a.action ? q(a.action->words) : QString();
                if (step.isEmpty()) step = a.kind == ActionKind::NoWeight ? tr("touch") : tr("step");
                if (a.foot)
                    step = (*a.foot == Foot::Left    ? tr("%1 left")
                            : *a.foot == Foot::Right ? tr("%1 right")
                                                     : tr("%1 both feet"))
                               .arg(step);
                if (a.action && a.action->turn.value) step = tr("%1, %2").arg(step, q(turnSaid(a.action->turn)));
                if (landing.performance.roles.size() > 1)
                    step = tr("%1 %2", "role and step").arg(q(m_session.doc.document().routine.roles[r].name), step);
                words << step;
            }
    }
    for (const AccentFall& fall : landing.accents)
        if (fall.at && *fall.at >= counts(count) && *fall.at < counts(count + 1))
            words << (fall.met() ? tr("accent, meets its moment") : tr("accent, misses its moment"));
    words.removeAll({});
    return words.join(QStringLiteral(", "));
}

bool StripsView::viewportEvent(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        if (const auto at = tickAtPoint(m_layout, pagePoint(help->pos())))
            QToolTip::showText(help->globalPos(), describeCount(static_cast<int>(wholeCounts(*at))), this);
        else
            QToolTip::hideText();
        return true;
    }
    return QAbstractScrollArea::viewportEvent(event);
}

} // namespace lc::app
