#include "app/steps/fillers_page.h"

#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/base/wording.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/page_parts.h"
#include "app/widgets/panel_parts.h"
#include "app/widgets/plain_table.h"
#include "core/notation/notation_print.h"
#include "core/said/steps_reader.h"

#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

namespace lc::app {

FillersPage::FillersPage(FigureDesk& desk, const Theme& theme, QWidget* parent) : QWidget(parent), m_desk(desk) {
    auto* column = pageColumn(theme, this);
    auto* top = new FlowLayout(theme.px(6));
    addWords(top, tr("Fill"), theme, this);
    m_counts = numberField("fillCounts", tr("Counts to fill"), 1, 64, theme, this);
    top->addWidget(m_counts);
    m_to = new QComboBox(this);
    m_to->setObjectName(QStringLiteral("fillTo"));
    m_to->setAccessibleName(tr("Up to"));
    m_to->setToolTip(
        tr("Back to a 1, or to the count on which the figure began, so that it breaks on the same count again"));
    for (const QString& words : {tr("to the 1"), tr("to its start count")}) m_to->addItem(words);
    connect(m_to, qOverload<int>(&QComboBox::currentIndexChanged), this, [this] {
        m_ownCounts = false;
        refresh();
    });
    top->addWidget(m_to);
    addWords(top, tr("and leave free"), theme, this);
    m_leave = new QComboBox(this);
    m_leave->setObjectName(QStringLiteral("fillLeave"));
    m_leave->setAccessibleName(tr("Foot that is free after it"));
    for (const QString& words :
         {tr("the foot it begins with"), tr("the left foot"), tr("the right foot"), tr("either foot")})
        m_leave->addItem(words);
    top->addWidget(m_leave);
    top->addStretch();
    m_add = new QPushButton(tr("Write it after the figure"), this);
    m_add->setObjectName(QStringLiteral("addFiller"));
    m_add->setProperty("main", true);
    m_add->setToolTip(tr("The figure ends with this filler (Enter)"));
    top->addWidget(m_add);
    column->addLayout(top);
    m_says = paragraph({}, theme.words(13), Tone::Ink2, this);
    m_says->setObjectName(QStringLiteral("fillSays"));
    column->addWidget(m_says);
    m_table =
        new PlainTable({tr("filler"), tr("pieces"), tr("changes"), tr("leaves free"), tr("made of")}, theme, this);
    m_table->setObjectName(QStringLiteral("fillers"));
    m_table->setAccessibleName(tr("Fillers, cheapest first"));
    column->addWidget(m_table, 1);
    connect(m_counts, qOverload<int>(&QSpinBox::valueChanged), this, [this] {
        m_ownCounts = true;
        refresh();
    });
    connect(m_leave, qOverload<int>(&QComboBox::currentIndexChanged), this, &FillersPage::refresh);
    connect(m_add, &QPushButton::clicked, this, &FillersPage::addChosen);
    connect(m_table, &QTableWidget::itemActivated, this, &FillersPage::addChosen);
    connect(&desk, &FigureDesk::cardChanged, this, &FillersPage::refresh);
    connect(&desk, &FigureDesk::chosenChanged, this, [this] { m_ownCounts = false; });
    refresh();
}

void FillersPage::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

void FillersPage::refresh() {
    if (isHidden()) return;
    const FigureReading& read = m_desk.reading();
    m_table->clearRows();
    m_add->setEnabled(false);
    if (read.roles.empty() || !read.readable()) {
        m_says->setText(tr("Write the figure's counts first."));
        return;
    }
    const Tick set = counts(m_desk.set());
    const Tick after = (m_to->currentIndex() == 0 ? m_desk.musicStart() - counts(1) : Tick{}) + read.length;
    const std::int64_t over = after.value % set.value;
    const Tick left = over == 0 ? Tick{} : set - Tick{over};
    if (!m_ownCounts) {
        const QSignalBlocker quiet(m_counts);
        m_counts->setValue(static_cast<int>(std::clamp<std::int64_t>(wholeCounts(left), 1, 64)));
    }
    const RoleReading& first = read.roles.front();
    m_pieces = barePieces();
    for (const ShownFigure& figure : m_desk.figures()) {
        if (figure.inRoutine() || figure.digest.couple || !isWhole(figure.digest.length) ||
            figure.digest.length < counts(1) || figure.digest.length > counts(16))
            continue;
        const FigureReading body = readFigure(figure.card, m_desk.choices());
        if (!body.readable() || body.untimed) continue;
        m_pieces.push_back({figure.card.name, body.length, body.roles.front().changes,
                            body.roles.front().freeOut != body.roles.front().freeIn, body.roles.front().needs,
                            body.roles.front().text, false});
    }
    FillersAsked asked;
    asked.counts = counts(m_counts->value());
    asked.free = first.freeOut == Foot::Right ? Foot::Right : Foot::Left;
    if (m_leave->currentIndex() == 0) asked.leave = first.freeIn;
    if (m_leave->currentIndex() == 1) asked.leave = Foot::Left;
    if (m_leave->currentIndex() == 2) asked.leave = Foot::Right;
    const auto fillers = fillersFor(asked, m_pieces);
    if (!fillers) return m_says->setText(q(fillers.error().message));
    m_fillers = *fillers;
    QString says =
        left == Tick{} && !m_ownCounts ? tr("The figure ends before a 1: nothing is left to fill. ") : QString();
    const QString many =
        m_fillers.all ? tr("%L1 in all").arg(static_cast<qulonglong>(*m_fillers.all)) : tr("more than can be counted");
    says += m_fillers.cheapest.empty()
                ? tr("Nothing here fills %1 from the %2 foot. Ask for the other foot.")
                      .arg(q(inCounts(asked.counts)), q(footWord(asked.free)))
                : tr("From the %1 foot free: %2, the fewest pieces first.").arg(q(footWord(asked.free)), many);
    m_says->setText(says);
    for (const Filler& filler : m_fillers.cheapest) {
        QStringList made;
        bool bare = true;
        for (const std::size_t p : filler.pieces) bare = bare && m_pieces[p].bare;
        m_table->addRow({q(fillerName(filler, m_pieces)), QString::number(filler.pieces.size()),
                         QString::number(filler.changes), q(footWord(filler.leaves)),
                         bare ? tr("bare steps") : tr("vocabulary")});
    }
    if (m_table->rowCount() > 0) {
        m_table->selectRow(0);
        m_add->setEnabled(true);
    }
}

void FillersPage::addChosen() {
    const int row = m_table->currentRow();
    if (row < 0 || static_cast<std::size_t>(row) >= m_fillers.cheapest.size()) return;
    FigureCard card = m_desk.card();
    const FigureReading& read = m_desk.reading();
    for (std::size_t r = 0; r < read.roles.size() && r < card.lines.size();
         ++r) { // every role dances it, each on the foot that it has free
        NotationReading line = read.roles[r].line;
        for (const std::size_t p : m_fillers.cheapest[static_cast<std::size_t>(row)].pieces) {
            for (Action action : readSteps(m_pieces[p].notation, m_desk.choices()).reading.actions) {
                action.at += line.length;
                action.said.reset();
                line.actions.push_back(std::move(action));
            }
            line.length += m_pieces[p].length;
        }
        card.lines[r].text = printNotation(line, m_desk.choices());
        if (card.claimed) card.claimed = line.length;
    }
    m_ownCounts = false;
    m_desk.change(card, tr("add a filler"));
}

} // namespace lc::app
