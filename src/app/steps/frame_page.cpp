#include "app/steps/frame_page.h"

#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/base/wording.h"
#include "app/widgets/page_parts.h"
#include "app/widgets/plain_table.h"
#include "core/figures/frames.h"

#include <QLabel>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

namespace lc::app {

FramePage::FramePage(FigureDesk& desk, const Theme& theme, QWidget* parent) : QWidget(parent), m_desk(desk) {
    auto* column = pageColumn(theme, this);
    auto* top = new QHBoxLayout;
    top->addWidget(paragraph(tr("Entry"), theme.words(13), Tone::Ink2, this));
    m_entry = numberField("frameEntry", tr("Counts of the entry"), 0, 64, theme, this);
    top->addWidget(m_entry);
    top->addWidget(paragraph(tr("close"), theme.words(13), Tone::Ink2, this));
    m_close = numberField("frameClose", tr("Counts of the close"), 0, 64, theme, this);
    top->addWidget(m_close);
    m_says = paragraph({}, theme.words(13), Tone::Ink2, this);
    m_says->setObjectName(QStringLiteral("frameSays"));
    top->addWidget(m_says, 1);
    m_make = new QPushButton(tr("New figure with this body"), this);
    m_make->setObjectName(QStringLiteral("makeBody"));
    m_make->setProperty("main", true);
    top->addWidget(m_make);
    column->addLayout(top);
    m_table = new PlainTable({tr("body"), tr("counts"), tr("fits")}, theme, this);
    m_table->setObjectName(QStringLiteral("bodies"));
    m_table->setAccessibleName(tr("Bodies"));
    column->addWidget(m_table, 1);
    const auto changed = [this] {
        FigureCard card = m_desk.card();
        card.facts.entry = counts(m_entry->value());
        card.facts.close = counts(m_close->value());
        m_desk.change(card, tr("frame"));
    };
    connect(m_entry, qOverload<int>(&QSpinBox::valueChanged), this, changed);
    connect(m_close, qOverload<int>(&QSpinBox::valueChanged), this, changed);
    connect(m_make, &QPushButton::clicked, this, &FramePage::danceChosen);
    connect(m_table, &QTableWidget::itemActivated, this, &FramePage::danceChosen);
    connect(m_table, &QTableWidget::itemSelectionChanged, this, [this] {
        const int row = m_table->currentRow();
        m_make->setEnabled(row >= 0 && static_cast<std::size_t>(row) < m_fits.size() &&
                           m_fits[static_cast<std::size_t>(row)]);
    });
    connect(&desk, &FigureDesk::cardChanged, this, &FramePage::refresh);
    refresh();
}

void FramePage::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

void FramePage::refresh() {
    if (isHidden()) return;
    const FigureCard& card = m_desk.card();
    const FigureReading& read = m_desk.reading();
    {
        const QSignalBlocker a(m_entry), b(m_close);
        m_entry->setValue(static_cast<int>(wholeCounts(card.facts.entry)));
        m_close->setValue(static_cast<int>(wholeCounts(card.facts.close)));
    }
    m_table->clearRows();
    m_bodies.clear();
    m_fits.clear();
    m_make->setEnabled(false);
    const Tick body = read.length - card.facts.entry - card.facts.close;
    if (card.facts.entry + card.facts.close == Tick{})
        return m_says->setText(tr("Say how many counts at its head and end stay; what is between can be exchanged."));
    if (body <= Tick{} || !read.readable()) return m_says->setText(tr("Entry and close leave no room for a body."));
    struct Row {
        const ShownFigure* figure;
        BodyFit fit;
        Tick length;
    };
    std::vector<Row> rows;
    for (const ShownFigure& figure : m_desk.figures()) {
        if (figure.key() == (m_desk.chosen() ? m_desk.chosen()->key() : QString())) continue;
        const FigureReading other = readFigure(figure.card, m_desk.choices());
        rows.push_back({&figure, bodyFits(card, read, other), other.length});
    }
    std::stable_sort(rows.begin(), rows.end(),
                     [&](const Row& a, const Row& b) { // those that fit first, then those of the right length
                         const auto rank = [&](const Row& r) { return r.fit.fits ? 0 : r.length == body ? 1 : 2; };
                         return rank(a) < rank(b);
                     });
    int fitting = 0;
    for (const Row& row : rows) {
        fitting += row.fit.fits;
        m_bodies.push_back(row.figure->card);
        m_fits.push_back(row.fit.fits);
        m_table->addRow(
            {q(row.figure->card.name), q(toSpokenCount(row.length)), row.fit.fits ? tr("fits") : q(row.fit.why)},
            !row.fit.fits);
    }
    m_says->setText(tr("The body has %1; figures that fit: %2.").arg(q(inCounts(body))).arg(fitting));
    if (fitting > 0) m_table->selectRow(0);
}

void FramePage::danceChosen() {
    const int row = m_table->currentRow();
    if (row < 0 || static_cast<std::size_t>(row) >= m_fits.size() || !m_fits[static_cast<std::size_t>(row)]) return;
    const FigureCard& body = m_bodies[static_cast<std::size_t>(row)];
    FigureCard made = withBody(m_desk.card(), m_desk.reading(), body, readFigure(body, m_desk.choices()));
    made.name += ", " + body.name;
    m_desk.duplicate(made);
}

} // namespace lc::app
