#include "app/arrange/part_chain.h"

#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/widgets/figure_list.h"
#include "app/widgets/flow_layout.h"
#include "core/exchange/routine_text.h"

#include <QAbstractItemView>
#include <QClipboard>
#include <QCompleter>
#include <QDrag>
#include <QDropEvent>
#include <QGuiApplication>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMenu>
#include <QMimeData>
#include <QPainter>
#include <QStringListModel>

namespace lc::app {

// ---------------------------------------------------------------- one figure

ChainLink::ChainLink(const Theme& theme, QWidget* parent) : QPushButton(parent), m_theme(theme) {
    setCursor(Qt::PointingHandCursor);
}

void ChainLink::show(const QString& name, const QString& counts, bool chosen) {
    setText(name);
    m_counts = counts;
    m_chosen = chosen;
    updateGeometry();
    update();
}

QSize ChainLink::sizeHint() const {
    const int words = QFontMetrics(m_theme.words(14, Weight::Semibold)).horizontalAdvance(text());
    const int numbers = QFontMetrics(m_theme.numbers(12)).horizontalAdvance(m_counts);
    return {words + numbers + m_theme.px(22), m_theme.px(27)};
}

void ChainLink::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const Palette& c = m_theme.colours();
    if (m_chosen) p.fillRect(rect().adjusted(0, 0, 0, -m_theme.px(4)), c.ink);
    p.fillRect(QRect(0, height() - m_theme.px(3), width(), m_theme.px(3)), c.ink);
    p.setPen(m_chosen ? c.onInk : c.ink);
    p.setFont(m_theme.words(14, Weight::Semibold));
    const int base = m_theme.px(17);
    p.drawText(m_theme.px(6), base, text());
    const int at = m_theme.px(6) + QFontMetrics(p.font()).horizontalAdvance(text()) + m_theme.px(7);
    p.setFont(m_theme.numbers(12));
    p.setPen(m_chosen ? c.onInk : c.ink2);
    p.drawText(at, base, m_counts);
    if (hasFocus()) {
        p.setPen(QPen(m_chosen ? c.tape : c.ink, 2));
        p.drawRect(rect().adjusted(1, 1, -1, -m_theme.px(4)));
    }
}

void ChainLink::keyPressEvent(QKeyEvent* event) {
    event->ignore();
    Q_EMIT keyed(event);
    if (!event->isAccepted()) QPushButton::keyPressEvent(event);
}

void ChainLink::mousePressEvent(QMouseEvent* event) {
    m_pressed = event->pos();
    QPushButton::mousePressEvent(event);
}

void ChainLink::mouseMoveEvent(QMouseEvent* event) {
    if ((event->buttons() & Qt::LeftButton) && (event->pos() - m_pressed).manhattanLength() > 12) {
        setDown(false);
        Q_EMIT dragged();
        return;
    }
    QPushButton::mouseMoveEvent(event);
}

// ---------------------------------------------------------------- placing

std::optional<Edit> placingEdit(const Routine& routine, const FigureDesk& desk, const QString& name, PartId part,
                                PlacementId before) {
    const QString wanted = name.trimmed();
    if (wanted.isEmpty()) return std::nullopt;
    const auto same = [&](const std::string& other) { return q(other).compare(wanted, Qt::CaseInsensitive) == 0; };
    for (const Figure& figure : routine.figures)
        if (!figure.name.empty() && same(figure.name)) return PlaceFigure{part, figure.id, before};
    for (const Part& other : routine.parts)
        if (wanted.compare(PartChain::tr("part %1").arg(q(other.name)), Qt::CaseInsensitive) == 0)
            return PlacePart{part, other.id, before};
    for (const ShownFigure& shown : desk.figures())
        if (!shown.inRoutine() && same(shown.card.name)) return PlaceFigures{part, {shown.toPlace()}, before};
    return PlaceFigures{part, {{{}, {wanted.toStdString(), {}, std::nullopt, {}}, {}}}, before};
}

// ---------------------------------------------------------------- the chain

PartChain::PartChain(Session& session, FigureDesk& desk, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_session(session), m_desk(desk), m_theme(theme) {
    setAcceptDrops(true);
    m_flow = new FlowLayout(theme.px(4), this);
    m_type = new QLineEdit(this);
    m_type->setObjectName(QStringLiteral("typeFigure"));
    m_type->setAccessibleName(tr("A figure to put at the caret"));
    m_type->setPlaceholderText(tr("type a figure"));
    m_type->setToolTip(tr(
        "Type a figure's name and press Enter: it comes after the chosen figure. Names of the routine and the vocabulary are offered; a new name makes a new figure (Ctrl+I)"));
    m_type->setFixedWidth(theme.px(170));
    m_type->setFont(theme.words(14, Weight::Medium));
    auto* completer = new QCompleter(this);
    completer->setModel(new QStringListModel(completer));
    completer->setCaseSensitivity(Qt::CaseInsensitive);
    completer->setFilterMode(Qt::MatchContains);
    m_type->setCompleter(completer);
    connect(m_type, &QLineEdit::textEdited, this, [this, completer] {
        m_desk.open();
        QStringList names;
        for (const Figure& figure : m_session.doc.document().routine.figures)
            if (!figure.name.empty()) names << q(figure.name);
        for (const ShownFigure& shown : m_desk.figures())
            if (!names.contains(q(shown.card.name))) names << q(shown.card.name);
        for (const Part& other : m_session.doc.document().routine.parts)
            if (!containsPart(m_session.doc.document().routine, other.id, m_part))
                names << tr("part %1").arg(q(other.name));
        static_cast<QStringListModel*>(completer->model())->setStringList(names);
    });
    // Enter on a name that is offered is told twice: as Enter, and, after it, as the name chosen, which is then written
    // into the field once more.
    connect(m_type, &QLineEdit::returnPressed, this, [this, completer] {
        if (!completer->popup()->isVisible() || !completer->popup()->currentIndex().isValid()) placeTyped();
    });
    connect(completer, qOverload<const QString&>(&QCompleter::activated), this, &PartChain::placeTyped,
            Qt::QueuedConnection);
    connect(&session.doc, &DocumentSession::documentChanged, this, &PartChain::rebuild);
}

const Part* PartChain::shown() const { return findPart(m_session.doc.document().routine, m_part); }

bool PartChain::isChosen(PlacementId id) const {
    return std::find(m_chosen.begin(), m_chosen.end(), id) != m_chosen.end();
}

std::optional<Placement> PartChain::chosen() const {
    const Part* part = shown();
    if (!part || m_chosen.size() != 1) return std::nullopt;
    for (const Placement& placed : part->figures)
        if (placed.id == m_chosen.front()) return placed;
    return std::nullopt;
}

void PartChain::showPart(PartId part) {
    if (part != m_part) m_chosen.clear();
    m_part = part;
    m_shownAs.clear();
    rebuild();
}

void PartChain::choose(std::optional<PlacementId> placement, bool extend) {
    const Part* part = shown();
    if (!placement || !part)
        m_chosen.clear();
    else if (extend && !m_chosen.empty()) { // from the one chosen first to this one
        std::vector<PlacementId> all;
        for (const Placement& p : part->figures) all.push_back(p.id);
        const auto a = std::find(all.begin(), all.end(), m_chosen.front()),
                   b = std::find(all.begin(), all.end(), *placement);
        if (a != all.end() && b != all.end()) {
            const PlacementId anchor = m_chosen.front();
            m_chosen.assign(std::min(a, b), std::max(a, b) + 1);
            if (m_chosen.front() != anchor) std::reverse(m_chosen.begin(), m_chosen.end());
        }
    } else
        m_chosen = {*placement};
    m_shownAs.clear();
    rebuild();
    Q_EMIT chosenChanged();
}

void PartChain::rebuild() {
    const Routine& routine = m_session.doc.document().routine;
    const Part* part = shown();
    const PartReading* reading = nullptr;
    for (const auto& one : m_session.doc.landing().performance.parts)
        if (one->part == m_part) reading = one.get();
    if (!part || !reading) return;
    std::erase_if(m_chosen, [&](PlacementId id) {
        return std::none_of(part->figures.begin(), part->figures.end(), [&](const Placement& p) { return p.id == id; });
    });
    struct Shown {
        PlacementId id;
        QString name, counts, about;
    };
    std::vector<Shown> all;
    QString key;
    for (const Placement& placed : part->figures) {
        Tick start, length;
        bool first = true;
        for (const FigureSpan& span : reading->figures)
            if (std::find(span.path.begin(), span.path.end(), placed.id) != span.path.end()) {
                if (first) start = span.start;
                first = false;
                length = span.start + span.length - start;
            }
        const Figure* figure = findFigure(routine, placed.figure);
        const Part* inner = findPart(routine, placed.part);
        QString name = inner                             ? tr("part %1").arg(q(inner->name))
                       : figure && !figure->name.empty() ? q(figure->name)
                                                         : tr("typed steps");
        if (!placed.version.empty()) name = tr("%1, %2").arg(name, q(placed.version));
        if (placed.mirrored) name = tr("%1, other side").arg(name);
        if (placed.exchanged) name = tr("%1, exchanged").arg(name);
        if (!placed.bars.none()) name = tr("%1, in %2").arg(name, QString::number(placed.bars.danced));
        const QString counts = q(toSpokenCount(length));
        const QString about =
            tr("%1, %2, from count %3 of part %4")
                .arg(name, q(inCounts(length)), q(toSpokenCount(start + lc::counts(1))), q(part->name));
        all.push_back({placed.id, name, counts, about});
        key += QString::number(placed.id.value) + name + counts + about +
               (isChosen(placed.id) ? QStringLiteral("*") : QStringLiteral("|"));
    }
    if (key == m_shownAs && !m_links.empty()) return;
    m_shownAs = key;
    PlacementId focused; // also while another window is in front
    std::size_t focusedAt = 0;
    for (std::size_t i = 0; i < m_links.size(); ++i)
        if (m_links[i].second == window()->focusWidget()) {
            focused = m_links[i].first;
            focusedAt = i;
        }
    while (QLayoutItem* item = m_flow->takeAt(0)) delete item;
    // they go when the others are there: a focus that has nowhere to go wanders off
    const auto gone = std::exchange(m_links, {});
    for (const auto& [id, link] : gone) link->setObjectName({}); // the one that takes its place has the name
    const bool plainTyped = all.size() == 1 && all.front().name == tr("typed steps"); // nothing to be shown as a chain
    std::size_t caret = all.size();
    for (std::size_t i = 0; i < all.size(); ++i)
        if (isChosen(all[i].id)) caret = i + 1;
    for (std::size_t i = 0; i <= all.size(); ++i) {
        if (i == caret) m_flow->addWidget(m_type);
        if (i == all.size() || plainTyped) continue;
        auto* link = new ChainLink(m_theme, this);
        link->show(all[i].name, all[i].counts, isChosen(all[i].id));
        link->setObjectName(QStringLiteral("figure%1").arg(i));
        link->setAccessibleName(all[i].about);
        link->setToolTip(
            all[i].about +
            tr("\nArrows go on, Shift chooses several, Ctrl+arrows move, Delete takes out; the other ways of dancing it are in the menu of the right button"));
        link->setContextMenuPolicy(Qt::CustomContextMenu);
        const PlacementId id = all[i].id;
        connect(link, &QPushButton::clicked, this,
                [this, id] { choose(id, QGuiApplication::keyboardModifiers() & Qt::ShiftModifier); });
        connect(link, &ChainLink::keyed, this, [this, id](QKeyEvent* event) { linkKeyed(event, id); });
        connect(link, &ChainLink::dragged, this, [this, id] {
            auto* drag = new QDrag(this);
            auto* mime = new QMimeData;
            mime->setData(QString::fromLatin1(placementMime), QByteArray::number(id.value));
            drag->setMimeData(mime);
            drag->exec(Qt::MoveAction);
        });
        connect(link, &QWidget::customContextMenuRequested, this, [this, id, link](const QPoint& at) {
            if (!isChosen(id)) choose(id);
            QMenu menu;
            fillMenu(menu);
            menu.exec(link->mapToGlobal(at));
        });
        m_flow->addWidget(link);
        link->QWidget::show();
        m_links.emplace_back(id, link);
        if (id == focused) link->setFocus(Qt::OtherFocusReason);
    }
    const bool taken =
        focused.valid() && std::none_of(all.begin(), all.end(), [&](const Shown& one) { return one.id == focused; });
    if (taken && !m_links.empty()) // the keyboard goes to what follows
        m_links[std::min(focusedAt, m_links.size() - 1)].second->setFocus(Qt::OtherFocusReason);
    for (const auto& [id, link] : gone) {
        link->hide();
        link->deleteLater();
    }
    m_flow->invalidate();
    updateGeometry();
}

PlacementId PartChain::behindCaret() const {
    const Part* part = shown();
    if (!part || m_chosen.empty()) return {};
    std::size_t behind = 0;
    for (std::size_t i = 0; i < part->figures.size(); ++i)
        if (isChosen(part->figures[i].id)) behind = i + 1;
    return behind < part->figures.size() ? part->figures[behind].id : PlacementId{};
}

bool PartChain::place(const QString& name, PlacementId before) {
    m_desk.open();
    const auto edit = placingEdit(m_session.doc.document().routine, m_desk, name, m_part, before);
    if (!edit || !place(*edit, name.trimmed())) return false;
    const auto* fresh = std::get_if<PlaceFigures>(&*edit);
    const bool isNew = fresh && fresh->figures.front().card.lines.empty();
    if (isNew)
        Q_EMIT m_session.messages.told(
            tr("%1 is a new figure: type its steps below. If another was meant, undo and choose it from those offered.")
                .arg(name.trimmed()));
    return isNew;
}

bool PartChain::place(const Edit& edit, const QString& name) {
    std::vector<Edit> edits{edit};
    if (m_session.doc.document().routine.passes.empty())
        edits.emplace_back(InsertPass{0, m_part}); // so that it is seen on the song at once
    Made made;
    if (!m_session.doc.edit(edits, tr("place %1").arg(name), &made)) return false;
    if (!made.placements.empty()) choose(made.placements.back()); // the caret goes behind what was placed
    return true;
}

void PartChain::placeShown(const QString& key) { placeShown(key, behindCaret()); }

void PartChain::placeShown(const QString& key, PlacementId before) {
    m_desk.open();
    if (const ShownFigure* shown = m_desk.figureWith(key))
        place(PlaceFigures{m_part, {shown->toPlace()}, before}, q(shown->card.name));
}

void PartChain::placeTyped() {
    const QString name = m_type->text();
    if (name.trimmed().isEmpty()) return;
    const bool isNew = place(name, behindCaret());
    m_type->setText({}); // with nothing for the field itself to take back
    if (isNew)
        Q_EMIT stepsWanted();
    else
        m_type->setFocus(Qt::OtherFocusReason);
}

void PartChain::typeFigure() { m_type->setFocus(Qt::ShortcutFocusReason); }

bool PartChain::needChosen() {
    if (!m_chosen.empty()) return true;
    Q_EMIT m_session.messages.told(
        tr("Choose a figure of the part first: click it, or go to it with Tab and the arrows."));
    return false;
}

void PartChain::repeatChosen() {
    if (needChosen()) m_session.doc.edit(DuplicatePlacements{m_chosen});
}

void PartChain::removeChosen() {
    if (needChosen()) m_session.doc.edit(RemovePlacements{m_chosen});
}

bool PartChain::edit(Editing what) {
    const Part* part = shown();
    if (!part) return false;
    switch (what) {
    case Editing::SelectAll:
        m_chosen.clear();
        for (const Placement& p : part->figures) m_chosen.push_back(p.id);
        m_shownAs.clear();
        rebuild();
        Q_EMIT chosenChanged();
        return true;
    case Editing::Paste: {
        const auto placements =
            placementsFromText(m_session.doc.document(), QGuiApplication::clipboard()->text().toStdString());
        if (!placements)
            m_session.messages.tell(placements.error());
        else
            m_session.doc.edit(InsertPlacements{m_part, *placements, behindCaret()});
        return true;
    }
    case Editing::Cut:
    case Editing::Copy:
        if (!needChosen()) return true;
        QGuiApplication::clipboard()->setText(q(placementsToText(m_session.doc.document(), m_chosen)));
        if (what == Editing::Cut) removeChosen();
        return true;
    case Editing::Delete: removeChosen(); return true;
    }
    return false;
}

void PartChain::reverseChosen() {
    if (m_chosen.size() < 2) {
        m_chosen.clear();
        for (const Placement& p : shown()->figures) m_chosen.push_back(p.id); // the whole part
    }
    m_session.doc.edit(ReversePlacements{m_chosen});
}

void PartChain::moveChosen(int by) {
    if (!needChosen()) return;
    const auto& figures = shown()->figures;
    std::vector<PlacementId> inOrder, others;
    std::size_t first = figures.size();
    for (std::size_t i = 0; i < figures.size(); ++i)
        if (isChosen(figures[i].id)) {
            inOrder.push_back(figures[i].id);
            first = std::min(first, i);
        } else
            others.push_back(figures[i].id);
    const auto to = static_cast<std::ptrdiff_t>(first) + by;
    if (to < 0 || to > static_cast<std::ptrdiff_t>(others.size())) return;
    m_session.doc.edit(MovePlacements{
        inOrder, m_part,
        to < static_cast<std::ptrdiff_t>(others.size()) ? others[static_cast<std::size_t>(to)] : PlacementId{}});
}

template <typename Change>
void PartChain::changeChosen(const QString& name, Change change) {
    if (!needChosen()) return;
    std::vector<Edit> edits;
    for (Placement placed : shown()->figures)
        if (isChosen(placed.id)) {
            change(placed);
            edits.emplace_back(ChangePlacement{placed});
        }
    m_session.doc.edit(edits, name);
}

void PartChain::toggleMirrored() {
    changeChosen(tr("to the other side"), [](Placement& p) { p.mirrored = !p.mirrored; });
}

void PartChain::toggleExchanged() {
    changeChosen(tr("exchange roles"), [](Placement& p) { p.exchanged = !p.exchanged; });
}

void PartChain::danceInBars(int danced) {
    const int written =
        m_session.doc.landing().grid.regularSet() / std::max(1, m_session.doc.document().scheme.barsPerSet);
    changeChosen(tr("in bars of %1").arg(danced), [&](Placement& p) {
        p.bars = danced == written || danced == 0 ? Rebar{} : Rebar{written, danced};
    });
}

void PartChain::fillMenu(QMenu& menu) {
    menu.addAction(tr("Repeat it"), this, &PartChain::repeatChosen)->setShortcut(QKeySequence(Qt::CTRL | Qt::Key_D));
    menu.addAction(tr("Dance it to the other side"), this, &PartChain::toggleMirrored);
    if (m_session.doc.document().routine.roles.size() > 1)
        menu.addAction(tr("Partners exchange lines"), this, &PartChain::toggleExchanged);
    menu.addAction(m_chosen.size() > 1 ? tr("Reverse the order of those chosen") : tr("Reverse the order of the part"),
                   this, &PartChain::reverseChosen);
    const auto one = chosen();
    const Figure* figure = one ? findFigure(m_session.doc.document().routine, one->figure) : nullptr;
    if (figure && !figure->facts.versions.empty()) {
        auto* versions = menu.addMenu(tr("Version"));
        const auto add = [&](const QString& name, const std::string& version) {
            auto* action = versions->addAction(name, this, [this, version] {
                changeChosen(tr("another version"), [&](Placement& p) { p.version = version; });
            });
            action->setCheckable(true);
            action->setChecked(one->version == version);
        };
        add(tr("as written"), {});
        for (const FigureVersion& v : figure->facts.versions) add(q(v.name), v.name);
    }
    auto* bars = menu.addMenu(tr("In bars of"));
    bars->addAction(tr("as written"), this, [this] { danceInBars(0); });
    for (int n : {2, 3, 4, 5, 6}) bars->addAction(tr("%1 counts").arg(n), this, [this, n] { danceInBars(n); });
    menu.addSeparator();
    menu.addAction(tr("Take it out"), this, &PartChain::removeChosen)->setShortcut(QKeySequence(Qt::Key_Delete));
}

void PartChain::linkKeyed(QKeyEvent* event, PlacementId id) {
    const auto& figures = shown()->figures;
    std::size_t at = 0;
    for (std::size_t i = 0; i < figures.size(); ++i)
        if (figures[i].id == id) at = i;
    const bool control = event->modifiers() & Qt::ControlModifier;
    const auto go = [&](std::size_t to) {
        const PlacementId target = figures[to].id;
        choose(target, event->modifiers() & Qt::ShiftModifier);
        for (const auto& [other, link] : m_links)
            if (other == target) link->setFocus(Qt::OtherFocusReason);
    };
    event->accept();
    switch (event->key()) {
    case Qt::Key_Left:
    case Qt::Key_Right: {
        const bool right = event->key() == Qt::Key_Right;
        if (control) {
            if (!isChosen(id)) choose(id);
            return moveChosen(right ? 1 : -1);
        }
        if (right && at + 1 < figures.size())
            go(at + 1);
        else if (!right && at > 0)
            go(at - 1);
        else if (right)
            typeFigure();
        return;
    }
    case Qt::Key_Home: return go(0);
    case Qt::Key_End: return go(figures.size() - 1);
    case Qt::Key_Delete:
    case Qt::Key_Backspace:
        if (!isChosen(id)) choose(id);
        removeChosen();
        return typeFigure();
    case Qt::Key_Return:
    case Qt::Key_Enter: return choose(id, event->modifiers() & Qt::ShiftModifier);
    default:
        if (control && event->key() == Qt::Key_D) {
            if (!isChosen(id)) choose(id);
            return repeatChosen();
        }
        event->ignore();
    }
}

void PartChain::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasFormat(QString::fromLatin1(placementMime)) ||
        event->mimeData()->hasFormat(QString::fromLatin1(figureMime)))
        event->acceptProposedAction();
}

void PartChain::dropEvent(QDropEvent* event) {
    PlacementId before;
    for (const auto& [id, link] : m_links) { // before the first link whose middle lies behind the pointer in its line
        const QRect box = link->geometry();
        if (event->position().y() < box.top() ||
            (event->position().y() <= box.bottom() && event->position().x() < box.center().x())) {
            before = id;
            break;
        }
    }
    event->acceptProposedAction();
    if (event->mimeData()->hasFormat(QString::fromLatin1(figureMime))) {
        placeShown(QString::fromUtf8(event->mimeData()->data(QString::fromLatin1(figureMime))), before);
        return;
    }
    const PlacementId moved{event->mimeData()->data(QString::fromLatin1(placementMime)).toUInt()};
    if (moved != before)
        m_session.doc.edit(MovePlacements{isChosen(moved) ? m_chosen : std::vector<PlacementId>{moved}, m_part,
                                          isChosen(before) ? PlacementId{} : before});
}

} // namespace lc::app
