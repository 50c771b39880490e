#include "app/steps/drill_page.h"

#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/base/wording.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/page_parts.h"
#include "app/widgets/panel_parts.h"
#include "app/widgets/plain_table.h"
#include "core/base/list_text.h"

#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

namespace lc::app {

DrillPage::DrillPage(FigureDesk& desk, const Theme& theme, QWidget* parent) : QWidget(parent), m_desk(desk) {
    auto* column = pageColumn(theme, this);
    auto* top = new FlowLayout(theme.px(6));
    for (int i = 0; i < 3; ++i) {
        Item item;
        item.times = numberField("drillTimes", tr("How often, in row %1").arg(i + 1), 0, 64, theme, this);
        item.times->setObjectName(QStringLiteral("drillTimes%1").arg(i));
        item.times->setValue(i == 0 ? 4 : 2);
        item.what = new QComboBox(this);
        item.what->setObjectName(QStringLiteral("drillWhat%1").arg(i));
        item.what->setAccessibleName(tr("What is danced, in row %1").arg(i + 1));
        keepNarrow(*item.what, 11);
        top->addWidget(item.times);
        addWords(top, QStringLiteral("×"), theme, this);
        top->addWidget(item.what);
        m_items.push_back(item);
        connect(item.times, qOverload<int>(&QSpinBox::valueChanged), this, &DrillPage::refresh);
        connect(item.what, qOverload<int>(&QComboBox::activated), this, &DrillPage::refresh);
    }
    m_balance = new QPushButton(tr("Both sides"), this);
    m_balance->setObjectName(QStringLiteral("balanceDrill"));
    m_balance->setCheckable(true);
    m_balance->setToolTip(tr("Adds the other side, so that both feet begin as often"));
    top->addWidget(m_balance);
    auto* hear = new QPushButton(tr("Hear"), this);
    hear->setObjectName(QStringLiteral("hearDrill"));
    hear->setToolTip(tr("All of it with clicks, steps and spoken counts"));
    top->addWidget(hear);
    column->addLayout(top);
    m_says = paragraph({}, theme.words(13), Tone::Ink2, this);
    m_says->setObjectName(QStringLiteral("drillSays"));
    column->addWidget(m_says);
    m_scaled = paragraph({}, theme.words(12), Tone::Ink2, this);
    m_scaled->setObjectName(QStringLiteral("drillScaled"));
    column->addWidget(m_scaled);
    m_table = new PlainTable(jointHeads(), theme, this);
    m_table->setObjectName(QStringLiteral("drill"));
    m_table->setAccessibleName(tr("Repetitions"));
    column->addWidget(m_table, 1);
    connect(m_balance, &QPushButton::toggled, this, [this](bool on) {
        m_balanced = on;
        refresh();
    });
    connect(hear, &QPushButton::clicked, this, [this] { Q_EMIT hearWanted(*this); });
    connect(&desk, &FigureDesk::cardChanged, this, &DrillPage::refresh);
    refresh();
}

QString DrillPage::says() const { return m_says->text() + QStringLiteral("\n") + m_scaled->text(); }

std::vector<DrillItem> DrillPage::items() const {
    std::vector<DrillItem> out;
    const auto& versions = m_desk.card().facts.versions;
    for (const Item& item : m_items) {
        const int what = item.what->currentIndex();
        if (item.times->value() == 0 || what < 0) continue;
        if (what == 0)
            out.push_back({tr("as written").toStdString(), item.times->value(), m_desk.reading()});
        else if (static_cast<std::size_t>(what) <= versions.size())
            out.push_back({versions[static_cast<std::size_t>(what) - 1].name, item.times->value(),
                           readFigureLines(versions[static_cast<std::size_t>(what) - 1].lines, m_desk.choices())});
    }
    return out;
}

void DrillPage::refresh() {
    QString offered;
    for (const FigureVersion& version : m_desk.card().facts.versions) offered += q(version.name) + QLatin1Char('\n');
    if (offered != m_offered || m_items[0].what->count() == 0) {
        m_offered = offered;
        for (std::size_t i = 0; i < m_items.size(); ++i) {
            const int was = m_items[i].what->currentIndex();
            m_items[i].what->clear();
            m_items[i].what->addItem(tr("as written"));
            for (const FigureVersion& version : m_desk.card().facts.versions) m_items[i].what->addItem(q(version.name));
            m_items[i].what->setCurrentIndex(was > 0 && was < m_items[i].what->count() ? was
                                             : i == 1 && m_items[i].what->count() > 1  ? 1
                                                                                       : 0);
        }
    }
    m_table->clearRows();
    m_drill = {};
    m_danced.clear();
    m_scaled->clear();
    const FigureReading& read = m_desk.reading();
    if (read.roles.empty() || !read.readable() || read.length == Tick{})
        return m_says->setText(tr("Write the figure's counts first."));
    auto all = items();
    if (m_balanced) all = balancedItems(all);
    if (all.empty()) return m_says->setText(tr("Say how often what is danced."));
    m_drill = makeDrill(all, counts(m_desk.set()));
    m_danced = all;
    const Foot less = m_drill.lessUsed();
    const double seconds = CountTempo(m_desk.secondsPerCount(), m_desk.countWeights()).seconds(m_drill.chain.length);
    const QString begins = tr("Begins %1× left, %2× right").arg(m_drill.startsLeft).arg(m_drill.startsRight);
    QString says =
        tr("%1: %2 at %3 s.")
            .arg(q(m_drill.sentence), q(inCounts(m_drill.chain.length)), QLocale().toString(seconds, 'f', 1)) +
        QLatin1Char(' ') +
        (less == Foot::Both ? tr("%1.").arg(begins)
                            : tr("%1: the %2 is less used, “Both sides” adds it.").arg(begins, q(footWord(less))));
    if (m_desk.card().facts.versions.empty())
        says += QLatin1Char(' ') + tr("Keep versions on the bench to drill them here.");
    m_says->setText(says);
    std::vector<QString> names;
    for (const DrillItem& item : all)
        for (int i = 0; i < item.times; ++i) names.push_back(q(item.name));
    showJoints(*m_table, m_drill.chain, names);
    QStringList scaled;
    for (const ScaledSet& set : scaleSet({{m_desk.card().name, &read}}, {4, 2, 1}, {}, counts(m_desk.set()))) {
        scaled << tr("%1×: %2, %3 changes, %4")
                      .arg(set.times)
                      .arg(q(inCounts(set.length)))
                      .arg(set.changes)
                      .arg(set.findings.empty() ? tr("fits") : q(Core::sentence("%1", listed(set.findings))));
    }
    m_scaled->setText(tr("In sets: %1.").arg(scaled.join(QStringLiteral("; "))));
}

} // namespace lc::app
