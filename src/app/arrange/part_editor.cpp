#include "app/arrange/part_editor.h"

#include "app/arrange/part_chain.h"
#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/wording.h"
#include "app/widgets/bounded_scroll.h"
#include "app/widgets/notation_edit.h"
#include "core/base/clock_text.h"
#include "core/routine/order_text.h"
#include "core/routine/routine_figures.h"
#include "core/said/steps_reader.h"
#include "core/said/word_meaning.h"

#include <QComboBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

namespace lc::app {

namespace {

/// "32 counts, 28 weight changes, left to right, ¼ R"
QString summaryOf(const NotationReading& line) {
    const auto needed = footNeeded(line.actions);
    const Foot in = needed.value_or(Foot::Left);
    const auto feet = followFeet(line.actions, in);
    const Foot out = feet.empty() ? in : feet.back().freeAfter;
    Eighths turn;
    for (const Action& a : line.actions) turn += a.turn;
    const QString words = PartEditor::tr("%1, %2 weight changes, starts %3, then %4 free")
                              .arg(q(inCounts(line.length)), QString::number(weightChanges(line.actions)),
                                   needed ? q(footWord(in)) : PartEditor::tr("either foot"), q(footWord(out)));
    return turn.value == 0 ? words : PartEditor::tr("%1, turns %2").arg(words, q(turnSaid(turn)));
}
} // namespace

PartEditor::PartEditor(Session& session, FigureDesk& desk, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_session(session), m_desk(desk), m_theme(theme) {
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(theme.px(16), theme.px(6), theme.px(16), theme.px(6));
    all->setSpacing(theme.px(4));
    auto* top = new QHBoxLayout;
    top->setSpacing(theme.px(10));
    m_parts = new QHBoxLayout;
    m_parts->setSpacing(theme.px(10));
    top->addLayout(m_parts);
    m_about = paragraph({}, theme.words(12), Tone::Ink2, this);
    m_about->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred); // it takes the room that is left
    top->addWidget(m_about, 1);
    m_roles = new QHBoxLayout;
    m_roles->setSpacing(theme.px(10));
    top->addLayout(m_roles);
    all->addLayout(top);
    auto* chainRow = new QHBoxLayout;
    chainRow->setSpacing(theme.px(8));
    auto* chainLabel = paragraph(tr("Figures"), theme.words(13, Weight::Bold), Tone::Ink, this);
    chainLabel->setFixedWidth(theme.px(92));
    chainLabel->setFixedHeight(theme.px(24));
    chainRow->addWidget(chainLabel, 0, Qt::AlignTop);
    m_chain = new PartChain(session, desk, theme, this);
    auto* rows = new BoundedScroll(m_chain, theme.px(3 * 27 + 2 * 4), this); // three rows: the strips need the height
    chainRow->addWidget(rows, 1, Qt::AlignTop);
    all->addLayout(chainRow);
    connect(m_chain, &PartChain::chosenChanged, this, [this, rows] {
        refresh();
        rows->bringIntoView(m_chain->field());
    });
    connect(m_chain, &PartChain::stepsWanted, this, [this] {
        refresh();
        if (!m_lines.empty()) m_lines.front().edit->setFocus(Qt::OtherFocusReason);
    });
    m_grid = new QGridLayout;
    m_grid->setHorizontalSpacing(theme.px(8));
    m_grid->setVerticalSpacing(theme.px(2));
    all->addLayout(m_grid);
    auto* bottom = new QHBoxLayout;
    bottom->setSpacing(theme.px(8));
    auto* orderLabel = paragraph(tr("Order"), theme.words(13, Weight::Bold), Tone::Ink, this);
    orderLabel->setFixedWidth(theme.px(92));
    bottom->addWidget(orderLabel);
    m_order = new QLineEdit(this);
    m_order->setObjectName(QStringLiteral("order"));
    m_order->setAccessibleName(tr("Order of the parts"));
    m_order->setPlaceholderText(tr("the parts in the order they are danced, for example A A B A or A x8"));
    m_order->setToolTip(tr("The order of the parts, one pass each; A x4 repeats (Ctrl+R)"));
    m_order->setFont(theme.words(14, Weight::Medium));
    bottom->addWidget(m_order, 1);
    bottom->addWidget(paragraph(tr("starts on"), theme.words(13), Tone::Ink2, this));
    m_start = new QComboBox(this);
    m_start->setObjectName(QStringLiteral("start"));
    m_start->setAccessibleName(tr("Where the dance starts"));
    m_start->setMinimumWidth(theme.px(190));
    bottom->addWidget(m_start);
    all->addLayout(bottom);
    m_orderSays = paragraph({}, theme.words(12), Tone::Ink2, this);
    m_orderSays->setContentsMargins(theme.px(100), 0, 0, 0);
    m_orderSays->hide();
    all->addWidget(m_orderSays);
    connect(m_order, &QLineEdit::textEdited, this, &PartEditor::orderTyped);
    connect(m_order, &QLineEdit::editingFinished, this, [this] {
        m_session.doc.closeTyping();
        showOrder();
    });
    connect(m_start, &QComboBox::activated, this, [this](int index) {
        if (index == 0)
            m_session.doc.edit(SetStart{std::nullopt});
        else if (index == m_start->count() - 1) {
            const auto seconds = m_session.doc.landing().grid.secondsAt(counts(wholeCounts(m_session.transport.now())));
            if (seconds) m_session.doc.edit(SetStart{*seconds});
        } else
            m_session.doc.edit(SetStart{m_start->itemData(index).toDouble()});
        showStart();
    });
    connect(&session.doc, &DocumentSession::documentChanged, this, &PartEditor::refresh);
    m_part = session.doc.document().routine.parts.front().id;
    refresh();
}

void PartEditor::choosePart(PartId part) {
    if (part == m_part && m_chain->part() == part) return;
    m_part = part;
    m_partsShown.clear();
    m_chain->showPart(part);
    refresh();
}

void PartEditor::editFirstLine() {
    if (!m_lines.empty() && !m_lines.front().edit->isHidden())
        m_lines.front().edit->setFocus(Qt::ShortcutFocusReason);
    else
        m_chain->typeFigure();
}

void PartEditor::editOrder() {
    m_order->setFocus(Qt::ShortcutFocusReason);
    m_order->selectAll();
}

QString PartEditor::summary(std::size_t role) const { return m_lines.at(role).summary->text(); }

void PartEditor::refresh() {
    const Routine& routine = m_session.doc.document().routine;
    if (!findPart(routine, m_part)) m_part = routine.parts.front().id;
    QString shown = QString::number(m_part.value);
    for (const Part& part : routine.parts) shown += QStringLiteral("|") + q(part.name) + QString::number(part.id.value);
    for (const Role& role : routine.roles) shown += QStringLiteral("/") + QString::number(role.id.value);
    if (m_chain->part() != m_part) m_chain->showPart(m_part);
    if (shown != m_partsShown) {
        m_partsShown = shown;
        rebuildParts();
        rebuildLines();
    }
    showLines();
    showSummaries();
    showOrder();
    showStart();
}

const Figure* PartEditor::shownFigure() const {
    const Routine& routine = m_session.doc.document().routine;
    if (const auto placed = m_chain->chosen()) return findFigure(routine, placed->figure);
    const Part* part = findPart(routine, m_part);
    for (std::size_t i = 0; part && i < part->figures.size(); ++i)
        if (const Figure* figure = findFigure(routine, part->figures[i].figure); figure && figure->name.empty())
            return figure;
    return nullptr;
}

/// The lines of the figure shown; a part of named figures has none until one is chosen.
void PartEditor::showLines() {
    const Routine& routine = m_session.doc.document().routine;
    const Figure* figure = shownFigure();
    const Part& part = *findPart(routine, m_part);
    const bool lines = figure || part.figures.empty();
    for (Line& line : m_lines) {
        line.edit->showText(figure ? q(lineText(*figure, line.role)) : QString());
        line.edit->setVisible(lines);
        line.summary->setVisible(lines);
        line.name->setVisible(lines);
        const Role* role = findRole(routine, line.role);
        if (role && !line.name->hasFocus()) line.name->setText(q(role->name));
    }
    QString about;
    if (figure && !figure->name.empty()) {
        const int times = timesDanced(routine, figure->id);
        about =
            times == 1
                ? tr("%1, danced once. Its lines are changed wherever it stands.").arg(q(figure->name))
                : tr("%1, danced %2 times. Its lines are changed wherever it stands.").arg(q(figure->name)).arg(times);
    } else if (!figure && !part.figures.empty())
        for (const auto& reading : m_session.doc.landing().performance.parts)
            if (reading->part == m_part)
                about = tr("Part %1: %2. Choose a figure to see and change its lines.")
                            .arg(q(part.name), q(inCounts(reading->length)));
    m_about->setText(about);
    m_about->setToolTip(about);
}

void PartEditor::lineTyped(RoleId role, const QString& text) {
    const Figure* figure = shownFigure();
    if (figure && !figure->name.empty())
        m_session.doc.edit(SetFigureLine{figure->id, role, text.toStdString()});
    else
        m_session.doc.edit(SetLine{m_part, role, text.toStdString()});
}

void PartEditor::rebuildParts() {
    for (QHBoxLayout* row : {m_parts, m_roles}) clearLayout(row);
    const Routine& routine = m_session.doc.document().routine;
    m_parts->addWidget(paragraph(tr("Part"), m_theme.words(13, Weight::Bold), Tone::Ink, this));
    for (const Part& part : routine.parts) {
        auto* button = new QPushButton(onButton(q(part.name)), this);
        button->setProperty("flat", true);
        button->setProperty("chosen", part.id == m_part);
        button->setToolTip(tr("Show part %1 to type its counts").arg(q(part.name)));
        connect(button, &QPushButton::clicked, this, [this, id = part.id] { choosePart(id); });
        m_parts->addWidget(button);
    }
    const auto add = [&](QHBoxLayout* row, const QString& text, const QString& tip, const char* name, auto&& what) {
        auto* button = new QPushButton(text, this);
        button->setProperty("flat", true);
        button->setToolTip(tip);
        button->setObjectName(QString::fromLatin1(name));
        connect(button, &QPushButton::clicked, this, what);
        row->addWidget(button);
    };
    m_parts->addSpacing(m_theme.px(8));
    add(m_parts, tr("New part"), tr("Add a part with the next free letter"), "newPart", [this] {
        if (m_session.doc.edit(AddPart{})) choosePart(m_session.doc.document().routine.parts.back().id);
    });
    add(m_parts, tr("Copy part"), tr("A part with the same figures, to be changed"), "copyPart", [this] {
        if (!m_session.doc.edit(DuplicatePart{m_part, {}})) return;
        const auto& parts = m_session.doc.document().routine.parts;
        for (std::size_t i = 0; i + 1 < parts.size(); ++i)
            if (parts[i].id == m_part) return choosePart(parts[i + 1].id);
    });
    if (routine.parts.size() > 1)
        add(m_parts, tr("Remove part"), tr("Take this part and its passes out; Undo brings them back"), "removePart",
            [this] { m_session.doc.edit(RemovePart{m_part}); });
    if (routine.roles.size() < 8)
        add(m_roles, tr("Add a role"), tr("Another line: leader and follower, or rows"), "addRole", [this] {
            const auto& roles = m_session.doc.document().routine.roles;
            if (roles.size() == 1 && roles.front().name == "everyone")
                m_session.doc.edit({RenameRole{roles.front().id, "leader"}, AddRole{"follower"}}, tr("role follower"));
            else
                m_session.doc.edit(AddRole{"role " + std::to_string(roles.size() + 1)});
        });
    if (routine.roles.size() > 1)
        add(m_roles, tr("Remove the last role"), tr("Take the last line out; Undo brings it back"), "removeRole",
            [this] { m_session.doc.edit(RemoveRole{m_session.doc.document().routine.roles.back().id}); });
}

void PartEditor::rebuildLines() {
    for (const Line& line : m_lines) {
        line.name->deleteLater();
        line.edit->deleteLater();
        line.summary->deleteLater();
    }
    m_lines.clear();
    int row = 0;
    for (const Role& role : m_session.doc.document().routine.roles) {
        Line line{role.id, new QLineEdit(this), new NotationEdit(m_theme, this),
                  paragraph({}, m_theme.words(12), Tone::Ink2, this)};
        line.name->setFixedWidth(m_theme.px(92));
        line.name->setFont(m_theme.words(13, Weight::Semibold));
        setManner(line.name, Manner::Framed);
        setTone(line.name, Theme::roleTone(row / 2));
        line.name->setStyleSheet(QStringLiteral("font-weight:600;"));
        line.name->setToolTip(tr("Name of this role; click to change it"));
        line.name->setAccessibleName(tr("Name of role %1").arg(row / 2 + 1));
        line.edit->setObjectName(QStringLiteral("line%1").arg(row / 2));
        line.edit->setAccessibleName(tr("Counts of %1").arg(q(role.name)));
        line.edit->setPlaceholderText(
            tr("the counts as you say them, for example 1 side R 2 behind L 3 side R 4 touch"));
        line.edit->setToolTip(tr("Counts with words, L or R, touch, wait, & and a, turns such as 1/4 R (Ctrl+E)"));
        m_grid->addWidget(line.name, row, 0, Qt::AlignTop);
        m_grid->addWidget(line.edit, row, 1);
        m_grid->addWidget(line.summary, row + 1, 1);
        connect(line.edit, &NotationEdit::typed, this,
                [this, id = role.id](const QString& text) { lineTyped(id, text); });
        connect(line.edit, &NotationEdit::left, this, [this] { m_session.doc.closeTyping(); });
        connect(line.name, &QLineEdit::editingFinished, this, [this, id = role.id, name = line.name] {
            const Role* now = findRole(m_session.doc.document().routine, id);
            if (now && name->text().trimmed().toStdString() != now->name)
                m_session.doc.edit(RenameRole{id, name->text().trimmed().toStdString()});
        });
        m_lines.push_back(line);
        row += 2;
    }
    m_lines.back().edit->setEnterLeadsTo([this]() -> QWidget* { // a named figure is written: the next one is named
        const Figure* figure = shownFigure();
        return figure && !figure->name.empty() ? m_chain->field() : nullptr;
    });
    m_grid->setColumnStretch(1, 1);
}

void PartEditor::showSummaries() {
    for (Line& line : m_lines) {
        const std::string text = line.edit->toPlainText().toStdString();
        const Figure* figure = shownFigure();
        const StepsReading read = readSteps(
            text, choicesFor(figure ? figure->facts.choices : std::nullopt, m_session.doc.document().routine.choices));
        const NotationReading& reading = read.reading;
        line.edit->offerNotation(q(read.line));
        line.edit->setReading(reading, !read.line.empty());
        line.edit->setWords(m_desk.words().sayable());
        if (reading.error) {
            line.edit->markBytes(reading.error->begin, reading.error->finish);
            line.summary->setText(
                tr("◆ character %1: %2").arg(characterNumber(text, reading.error->begin)).arg(q(reading.error->text)));
        } else if (!reading.notes.empty()) {
            line.edit->markBytes(reading.notes.front().begin, reading.notes.front().finish);
            line.summary->setText(summaryOf(reading) + QStringLiteral(". ") + q(reading.notes.front().text));
        } else {
            line.edit->markBytes(0, 0);
            line.summary->setText(text.empty()
                                      ? tr("Type what you say while you dance. Numbers that are left out are waits.")
                                      : summaryOf(reading));
        }
        if (!reading.error && !read.line.empty())
            line.summary->setText(tr("%1. Read as: %2 (F12 writes it so)").arg(line.summary->text(), q(read.line)));
        if (!reading.error && !reading.questions.empty()) {
            line.edit->markBytes(reading.questions.front().begin, reading.questions.front().finish);
            line.summary->setText(tr("? %1 %2").arg(q(reading.questions.front().text), line.summary->text()));
        }
    }
}

void PartEditor::orderTyped(const QString& text) {
    const auto order = readOrder(m_session.doc.document().routine, text.toStdString());
    if (!order) {
        m_orderSays->setText(QStringLiteral("◆ ") + q(order.error().message));
        m_orderSays->show();
        return;
    }
    m_orderSays->hide();
    m_session.doc.edit(SetOrder{*order});
}

void PartEditor::showOrder() {
    const Routine& routine = m_session.doc.document().routine;
    const auto typed = readOrder(routine, m_order->text().toStdString());
    std::vector<PartId> have;
    for (const Pass& pass : routine.passes) have.push_back(pass.part);
    if (typed && *typed == have) {
        m_orderSays->hide();
        return; // the person's own way of writing it stays
    }
    if (m_order->hasFocus() && !typed) return; // still typing
    m_order->setText(q(orderText(routine)));
    m_order->setCursorPosition(0); // a long order is read from its beginning
    m_orderSays->hide();
}

void PartEditor::showStart() {
    const CountGrid& grid = m_session.doc.landing().grid;
    m_start->clear();
    m_start->addItem(tr("the first phrase"));
    int chosen = 0;
    const auto& start = m_session.doc.document().routine.startAt;
    const Tick at = m_session.doc.landing().performance.start;
    for (const CountPhrase& phrase : grid.phrases()) {
        m_start->addItem(tr("%1, %2").arg(q(phrase.label), q(clockText(phrase.start))), phrase.start);
        if (start && counts(phrase.firstCount) == at) chosen = m_start->count() - 1;
    }
    if (start && chosen == 0) {
        m_start->insertItem(1, q(grid.place(at)), *start);
        chosen = 1;
    }
    m_start->addItem(tr("the count at the caret"));
    m_start->setCurrentIndex(chosen);
    m_start->setEnabled(!grid.empty());
}

} // namespace lc::app
