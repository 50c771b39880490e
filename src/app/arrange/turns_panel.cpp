#include "app/arrange/turns_panel.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/when_shown.h"
#include "app/base/wording.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/page_parts.h"
#include "app/widgets/panel_parts.h"

#include <QComboBox>
#include <QSpinBox>

namespace lc::app {

TurnsPanel::TurnsPanel(Session& session, const Theme& theme, QWidget* parent)
    : ProposalsPage(tr("Get back on the 1"), QStringLiteral("turn"), session, theme, parent),
      m_worker(session.working()) {
    FlowLayout& where = row();
    addWords(&where, tr("turned round"), theme, this);
    m_span = new QComboBox(this);
    m_span->setObjectName(QStringLiteral("turnedSpan"));
    m_span->setAccessibleName(tr("Where the dance is turned round"));
    m_span->setMinimumContentsLength(10);
    m_span->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    where.addWidget(m_span);
    FlowLayout& when = row();
    addWords(&when, tr("at once, within"), theme, this);
    m_sets = numberField("turnSets", tr("Sets within which it is put right"), 1, 32, theme, this);
    m_sets->setValue(4);
    when.addWidget(m_sets);
    addWords(&when, tr("sets, or left"), theme, this);
    m_upToDate = new WhenShown(this, [this] { refresh(); });
    connect(m_span, &QComboBox::activated, this, &TurnsPanel::refresh);
    connect(m_sets, &QSpinBox::valueChanged, this, &TurnsPanel::refresh);
    connect(&session.doc, &DocumentSession::documentChanged, m_upToDate, &WhenShown::ask);
}

void TurnsPanel::begin() {
    ProposalsPage::begin();
    refresh();
    const auto& turned = m_session.doc.landing().turned;
    for (std::size_t i = 0; i < turned.size(); ++i)
        if (m_session.transport.now() >= turned[i].from && m_session.transport.now() < turned[i].to) {
            m_span->setCurrentIndex(static_cast<int>(i));
            refresh();
        }
}

void TurnsPanel::refresh() {
    const Landing& landing = m_session.doc.landing();
    const int chosen = m_span->currentIndex();
    m_span->clear();
    for (const TurnedSpan& span : landing.turned)
        m_span->addItem(tr("from %1 on, %2").arg(q(landing.grid.place(span.from)), q(inCounts(span.to - span.from))));
    m_span->setCurrentIndex(
        std::clamp(chosen, landing.turned.empty() ? -1 : 0, static_cast<int>(landing.turned.size()) - 1));
    m_mends.clear();
    nothingYet();
    if (m_span->currentIndex() < 0) {
        m_worker.drop();
        return showMends({});
    }
    m_worker.start([document = m_session.doc.document(), now = m_session.doc.sharedLanding(),
                    span = static_cast<std::size_t>(m_span->currentIndex()),
                    sets = m_sets->value()](const Task& task) { return turnMends(document, *now, span, sets, task); },
                   [this](std::vector<TurnMend> mends) { showMends(std::move(mends)); });
}

void TurnsPanel::showMends(std::vector<TurnMend> mends) {
    const Landing& landing = m_session.doc.landing();
    m_mends = std::move(mends);
    const int index = m_span->currentIndex();
    if (m_mends.empty() || index < 0 || static_cast<std::size_t>(index) >= landing.turned.size())
        say(tr("The dancers' count and the music's agree all through: nothing is turned round."));
    else {
        const TurnedSpan& span = landing.turned[static_cast<std::size_t>(index)];
        say(tr("The dancers who count on say %1 where the music says %2.")
                .arg(q(toSpokenCount(span.runningCount)), q(toSpokenCount(span.musicCount))));
    }
    std::vector<Proposal> proposals;
    for (const TurnMend& mend : m_mends) proposals.push_back({q(mend.title), q(mend.price), mend.edits, mend.at});
    setProposals(std::move(proposals));
}

QString TurnsPanel::undoName() const { return tr("put right what is turned round"); }

} // namespace lc::app
