#include "app/arrange/tempo_panel.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/when_shown.h"
#include "app/base/wording.h"
#include "app/widgets/panel_parts.h"
#include "app/widgets/plain_table.h"
#include "core/landing/routine_pace.h"
#include "core/song/tempo_ranges.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include <algorithm>
#include <cmath>
#include <tuple>

namespace lc::app {

TempoPanel::TempoPanel(Session& session, const Theme& theme, QWidget* parent) : AskedFor(parent), m_session(session) {
    setAccessibleName(tr("Tempi of dance families"));
    auto* all = panelColumn(theme, this);
    auto* row = new QHBoxLayout;
    m_says = paragraph({}, theme.words(13, Weight::Bold), Tone::Ink, this);
    row->addWidget(m_says, 1);
    m_play = addButton(row, tr("Play at that tempo"),
                       tr("The tempo below becomes the one at which the chosen family would fit"), "playAtTempo", this);
    auto* close = addButton(row, tr("Close"), {}, "closeTempi", this);
    all->addLayout(row);
    m_table = new PlainTable({tr("danced as"), tr("bars of"), tr("bpm"), tr("bars a minute"), tr("this song fits at"),
                              tr("felt"), tr("source")},
                             theme, this);
    setFocusProxy(m_table);
    m_table->setObjectName(QStringLiteral("tempoTable"));
    m_table->setAccessibleName(tr("Tempi of dance families"));
    all->addWidget(m_table, 1);
    m_pace = paragraph({}, theme.words(13), Tone::Ink2, this);
    m_pace->setObjectName(QStringLiteral("tempoPace"));
    all->addWidget(m_pace);
    hide();
    m_upToDate = new WhenShown(this, [this] { refresh(); });
    connect(&session.doc, &DocumentSession::documentChanged, m_upToDate, &WhenShown::ask);
    connect(m_table, &QTableWidget::itemSelectionChanged, this, &TempoPanel::showPace);
    connect(m_table, &QTableWidget::itemActivated, this, &TempoPanel::apply);
    connect(m_play, &QPushButton::clicked, this, &TempoPanel::apply);
    connect(close, &QPushButton::clicked, this, &AskedFor::closed);
    m_upToDate->ask();
}

void TempoPanel::begin() {
    show();
    m_table->setFocus(Qt::OtherFocusReason);
}

double TempoPanel::percentOf(int row) const {
    const auto bpm = medianTempo(*m_session.doc.document().map);
    if (!bpm || row < 0 || static_cast<std::size_t>(row) >= m_shown.size()) return 100;
    return fitTempo(*bpm, *m_shown[static_cast<std::size_t>(row)]).percent;
}

void TempoPanel::refresh() {
    const auto bpm = medianTempo(*m_session.doc.document().map);
    m_table->clearRows();
    m_shown.clear();
    for (const FamilyTempo& range : tempoRanges()) m_shown.push_back(&range);
    const Metre& metre = m_session.doc.document().map->metre;
    if (bpm) // what fits this song comes first
        std::stable_sort(m_shown.begin(), m_shown.end(), [&](const FamilyTempo* a, const FamilyTempo* b) {
            const auto rank = [&](const FamilyTempo& range) {
                const TempoFit fit = fitTempo(*bpm, range);
                return std::tuple(!suitsMetre(range, metre), std::abs(std::log(fit.percent / 100)), fit.felt != 1);
            };
            return rank(*a) < rank(*b);
        });
    for (const FamilyTempo* shown : m_shown) {
        const FamilyTempo& range = *shown;
        const TempoFit fit = bpm ? fitTempo(*bpm, range) : TempoFit{};
        m_table->addRow(
            {q(range.name), QString::number(range.beatsInBar), tr("%1 to %2").arg(range.from).arg(range.to),
             tr("%L1 to %L2").arg(range.from / range.beatsInBar, 0, 'g', 3).arg(range.to / range.beatsInBar, 0, 'g', 3),
             !bpm         ? QString()
             : fit.fits() ? tr("100 %, as it is")
                          : tr("%L1 %").arg(fit.percent, 0, 'f', 1),
             fit.felt == 1  ? QString()
             : fit.felt < 1 ? tr("every other beat")
                            : tr("twice as many"),
             q(range.source)},
            bpm && !suitsMetre(range, metre));
    }
    m_table->selectRow(0);
    m_says->setText(says());
    showPace();
}

QString TempoPanel::says() const {
    const auto bpm = medianTempo(*m_session.doc.document().map);
    if (!bpm) return tr("There is no song yet. These are the tempi usual for dances; none is a rule for your floor.");
    return tr("This song has %L1 bpm, %2.").arg(*bpm, 0, 'f', 1).arg(q(toString(m_session.doc.document().map->metre)));
}

void TempoPanel::showPace() {
    const double percent = percentOf(m_table->currentRow());
    m_play->setEnabled(!m_session.doc.document().map->beats.empty() && percent >= Transport::slowestPercent &&
                       percent <= Transport::fastestPercent);
    m_pace->setText(m_session.doc.landing().performance.passes.empty()
                        ? tr("No routine yet: nothing is said of steps and turns.")
                        : tr("At %1 % the routine has %2 Warm up, and mind your own limits and your teacher's word.")
                              .arg(percent, 0, 'f', percent == 100 ? 0 : 1)
                              .arg(q(paceInWords(m_session.doc.landing(), percent))));
}

void TempoPanel::apply() {
    if (!m_play->isEnabled()) return;
    m_session.transport.setTempoPercent(static_cast<int>(std::lround(percentOf(m_table->currentRow()))));
    Q_EMIT m_session.messages.told(tr("It plays at %1 %.").arg(m_session.transport.tempoPercent()));
}

} // namespace lc::app
