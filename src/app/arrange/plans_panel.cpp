#include "app/arrange/plans_panel.h"

#include "app/arrange/plan_settings.h"
#include "app/arrange/proposal_row.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/when_shown.h"
#include "app/base/wording.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/panel_parts.h"
#include "core/planning/exception_rule.h"
#include "core/planning/exception_words.h"
#include "core/planning/plan_reason.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>

#include <algorithm>
#include <cstdlib>

namespace lc::app {

namespace {
constexpr std::size_t mostPlans = 6;
} // namespace

PlansPanel::PlansPanel(Session& session, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_session(session), m_theme(theme), m_planner(session.working()) {
    setAccessibleName(tr("Plans that make the routine land"));
    auto* all = panelColumn(theme, this);
    auto* row = new FlowLayout(theme.px(6));
    addWords(row, tr("Make it land for"), theme, this, true);
    m_preset = new QComboBox(this);
    m_preset->setObjectName(QStringLiteral("planPreset"));
    m_preset->setAccessibleName(tr("For whom the plans are"));
    for (const PlanPreset& preset : planPresets()) m_preset->addItem(q(preset.name));
    row->addWidget(m_preset);
    m_shown =
        addButton(row, tr("Allowed and costs"),
                  tr("What plans may do, what is wanted at the end, and how bad everything is"), "planSettings", this);
    m_shown->setCheckable(true);
    row->addStretch();
    m_start = addButton(row, tr("A pass starts here"),
                        tr("The pass whose start lies nearest to the caret begins there in every plan; again frees it"),
                        "startHere", this);
    m_hold = addButton(
        row, tr("Hold the pass"),
        tr("The pass at the caret stays as the chosen plan has it, and the rest is planned anew; again frees it"),
        "holdPass", this);
    m_preview =
        addButton(row, tr("Preview"), tr("Show the plan on the strips without changing anything"), "previewPlan", this);
    m_apply = addButton(row, tr("Apply"), tr("Do it; Undo takes all of it back"), "applyPlan", this);
    m_apply->setProperty("main", true);
    auto* close = addButton(row, tr("Close"), tr("Nothing is changed"), "closePlans", this);
    all->addLayout(row);
    m_pins = new QWidget(this);
    m_pins->setLayout(new FlowLayout(theme.px(6)));
    all->addWidget(m_pins);
    m_says = paragraph({}, theme.words(13), Tone::Ink2, this);
    all->addWidget(m_says);
    auto* below = new QHBoxLayout;
    below->setSpacing(theme.px(12));
    m_settings = new PlanSettings(session, theme, this);
    m_settingsScroll = new QScrollArea(this);
    m_settingsScroll->setWidget(m_settings);
    m_settingsScroll->setWidgetResizable(true);
    m_settingsScroll->setFrameShape(QFrame::NoFrame);
    m_settingsScroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_settingsScroll->setFixedWidth(theme.px(330));
    m_settingsScroll->hide();
    below->addWidget(m_settingsScroll);
    m_row = new ProposalRow(QStringLiteral("plan"), theme, this);
    m_row->setAccessibleName(tr("Plans, the best first"));
    below->addWidget(m_row, 1);
    all->addLayout(below, 1);

    connect(m_preset, &QComboBox::activated, this, [this](int index) {
        if (index < 0 || static_cast<std::size_t>(index) >= planPresets().size()) return;
        m_settings->show(planPresets()[static_cast<std::size_t>(index)].wishes);
        refresh();
    });
    connect(m_shown, &QPushButton::toggled, this, &PlansPanel::showSettings);
    connect(m_settings, &PlanSettings::changed, this, &PlansPanel::refresh);
    connect(m_row, &ProposalRow::picked, this, &PlansPanel::choosePlan);
    connect(m_preview, &QPushButton::clicked, this, &PlansPanel::previewChosen);
    connect(m_apply, &QPushButton::clicked, this, &PlansPanel::applyChosen);
    connect(m_start, &QPushButton::clicked, this, [this] { startAt(m_session.transport.now()); });
    connect(m_hold, &QPushButton::clicked, this, [this] {
        const auto& performance = m_session.doc.landing().performance;
        if (const auto pass = passAt(performance, m_session.transport.now()))
            holdPass(performance.passes[*pass].id);
        else
            Q_EMIT m_session.messages.told(tr("There is no pass at the caret. Click a count that is danced."));
    });
    connect(close, &QPushButton::clicked, this, [this] {
        m_session.doc.endPreview();
        hide();
    });
    m_upToDate = new WhenShown(this, [this] { refresh(); });
    connect(&m_planner, &Worker::failed, m_says,
            [this](const QString& sentence) { m_says->setText(QStringLiteral("◆ ") + sentence); });
    connect(&session.doc, &DocumentSession::documentChanged, m_upToDate, &WhenShown::ask);
    connect(&session.doc, &DocumentSession::routineReplaced, this, [this] {
        m_kept.clear();
        m_starts.clear();
    });
    setMinimumHeight(theme.px(310));
    m_settings->show(planPresets().front().wishes);
    hide();
    m_upToDate->ask(); // when it is opened first
}

void PlansPanel::showSettings(bool shown) {
    m_shown->setChecked(shown);
    m_settingsScroll->setVisible(shown);
    setMinimumHeight(m_theme.px(shown ? 380 : 310));
}

Result<RoutinePlanWishes> PlansPanel::leave() const { return m_settings->wishes(); }

Result<RoutinePlanWishes> PlansPanel::wishes() const {
    auto wishes = leave();
    if (!wishes) return wishes;
    wishes->kept = m_kept;
    wishes->starts = m_starts;
    wishes->differ = true;
    wishes->most = mostPlans;
    return wishes;
}

void PlansPanel::begin() {
    show();
    m_preset->setFocus(Qt::OtherFocusReason);
}

void PlansPanel::refresh() {
    m_plans.reset();
    m_chosen = 0;
    m_reason.clear();
    m_price.reset();
    for (QPushButton* needs : {m_preview, m_hold, m_apply})
        needs->setEnabled(false); // what is shown until then is of the routine as it was
    showPins();
    if (m_session.doc.previewLanding()) m_session.doc.endPreview();
    const auto asked = wishes();
    if (!asked) {
        m_planner.drop();
        return showLaid(tl::unexpected(asked.error()));
    }
    m_planner.start([document = m_session.doc.document(), landing = m_session.doc.sharedLanding(),
                     asked = *asked](const Task& task) { return lay(document, *landing, asked, task); },
                    [this](Result<Laid> laid) { showLaid(std::move(laid)); });
}

Result<PlansPanel::Laid> PlansPanel::lay(const Document& document, const Landing& landing,
                                         const RoutinePlanWishes& wishes, const Task& task) {
    const CountGrid& grid = landing.grid;
    auto plans = planRoutine(document, grid, wishes, task);
    if (!plans) return tl::unexpected(plans.error());
    rankByRule(document, grid, *plans);
    Laid laid{std::move(*plans), {}, {}, {}};
    laid.reason = whyNotAllLands(document, grid, wishes, laid.plans);
    laid.keeping = priceOfKeeping(document, grid, wishes, laid.plans);
    for (std::size_t i = 0; i < laid.plans.plans.size() && !task.stopped(); ++i) {
        const RoutinePlan& plan = laid.plans.plans[i];
        const auto then = applyEdits(document, plan.edits);
        if (!then) break;
        Landing after = land(*then, grid, landing.limits);
        Text price = proofInWords(laid.plans, i);
        for (const ExceptionRule& rule : exceptionRules(*then, after))
            if (!rule.when.empty()) price += ruleInWords(rule);
        price += Core::sentence("Last pass: %1.", endingInWords(document.routine.formation, plan.ending,
                                                                plan.passes.back().counts, plan.endingFacing));
        laid.rows.push_back({planInWords(document, landing, plan), std::move(price), std::move(after)});
    }
    laid.plans.plans.resize(laid.rows.size()); // the row and the list stay alike
    return laid;
}

void PlansPanel::showLaid(Result<Laid> laid) {
    m_row->clear();
    if (!laid) return m_says->setText(QStringLiteral("◆ ") + q(laid.error().message));
    for (QPushButton* needs : {m_preview, m_hold, m_apply}) needs->setEnabled(true);
    m_plans = std::move(laid->plans);
    m_reason = q(laid->reason);
    m_price = laid->keeping;
    for (Laid::Row& row : laid->rows)
        m_row->add(q(row.title), q(row.price), m_session.doc.landing(), std::move(row.then));
    m_says->setText(says());
}

QString PlansPanel::numberOf(PassId pass) const {
    for (const PassPerformance& p : m_session.doc.landing().performance.passes)
        if (p.id == pass) return QString::number(p.number);
    return tr("(gone)");
}

/// What is kept, a button each that frees it.
void PlansPanel::showPins() {
    clearLayout(m_pins->layout());
    const auto pin = [&](const QString& text, auto free) {
        auto* chip = new QPushButton(text + QStringLiteral("  ×"), m_pins);
        chip->setProperty("pin", true);
        chip->setToolTip(tr("Free it again"));
        connect(chip, &QPushButton::clicked, this, free);
        m_pins->layout()->addWidget(chip);
    };
    for (const KeptPass& kept : m_kept)
        pin(kept.as ? tr("pass %1 held as planned").arg(numberOf(kept.pass))
                    : tr("pass %1 as it is").arg(numberOf(kept.pass)),
            [this, id = kept.pass] { keepPass(id); });
    for (const WantedStart& start : m_starts)
        pin(tr("pass %1 starts on %2").arg(numberOf(start.pass), q(m_session.doc.landing().grid.place(start.at))),
            [this, id = start.pass] {
                std::erase_if(m_starts, [&](const WantedStart& s) { return s.pass == id; });
                m_upToDate->ask();
            });
    m_pins->setVisible(m_pins->layout()->count() > 0);
}

QString PlansPanel::says() const {
    if (!m_plans || m_plans->plans.empty()) return {};
    const RoutinePlan& best = m_plans->plans.front();
    QString words;
    if (best.edits.empty() && best.misses == 0)
        words = tr("Every pass lands as it is.");
    else if (best.misses > 0)
        words = m_reason;
    else
        words = q(planPresets()[static_cast<std::size_t>(std::max(0, m_preset->currentIndex()))].why);
    if (m_price)
        words += QLatin1Char(' ') +
                 (*m_price == 0 ? tr("What is kept costs nothing.") : tr("What is kept costs %1.").arg(*m_price));
    return words;
}

void PlansPanel::choosePlan(std::size_t rank) {
    if (!m_plans || rank >= m_plans->plans.size()) return;
    const bool previewing = m_session.doc.previewLanding() != nullptr;
    m_chosen = rank;
    m_row->choose(rank);
    if (previewing) previewChosen();
}

QString PlansPanel::titleOfChosen() const {
    return q(planInWords(m_session.doc.document(), m_session.doc.landing(), m_plans->plans[m_chosen]));
}

bool PlansPanel::previewing() const {
    return isVisible() && m_plans && m_chosen < m_plans->plans.size() && m_session.doc.previewLanding() &&
           m_session.doc.previewTitle() == titleOfChosen();
}

void PlansPanel::previewChosen() {
    if (!m_plans || m_chosen >= m_plans->plans.size()) return;
    if (previewing()) return m_session.doc.endPreview();
    m_session.doc.preview(m_plans->plans[m_chosen].edits, titleOfChosen());
    const RoutinePlan& plan = m_plans->plans[m_chosen];
    for (std::size_t i = 0; i < plan.passes.size(); ++i)
        if (!(plan.as[i] == writtenExceptions(m_session.doc.document().routine,
                                              plan.passes[i].pass))) { // the page turns to the first change
            Q_EMIT placeWanted(plan.passes[i].start);
            return;
        }
}

void PlansPanel::applyChosen() {
    if (!m_plans || m_chosen >= m_plans->plans.size()) return;
    const std::vector<Edit> edits = m_plans->plans[m_chosen].edits;
    if (edits.empty()) {
        Q_EMIT m_session.messages.told(tr("This plan is how the routine is already."));
        return;
    }
    m_session.doc.edit(edits, tr("a plan that lands"));
}

/// Keeps the pass so, or frees it.
void PlansPanel::pinPass(KeptPass pin) {
    const auto found =
        std::find_if(m_kept.begin(), m_kept.end(), [&](const KeptPass& k) { return k.pass == pin.pass; });
    if (found == m_kept.end())
        m_kept.push_back(std::move(pin));
    else
        m_kept.erase(found);
    m_upToDate->ask();
}

void PlansPanel::keepPass(PassId pass) { pinPass(KeptPass(pass)); }

void PlansPanel::holdPass(PassId pass) {
    if (!m_plans || m_chosen >= m_plans->plans.size()) return;
    const RoutinePlan& plan = m_plans->plans[m_chosen];
    for (std::size_t i = 0; i < plan.passes.size(); ++i)
        if (plan.passes[i].pass == pass) return pinPass(KeptPass(pass, plan.as[i]));
    Q_EMIT m_session.messages.told(tr("The chosen plan does not dance that pass."));
}

void PlansPanel::startAt(Tick at) {
    const auto& passes = m_session.doc.landing().performance.passes;
    if (passes.empty()) return;
    const Tick here = counts(wholeCounts(at));
    const auto nearest =
        std::min_element(passes.begin(), passes.end(), [&](const PassPerformance& a, const PassPerformance& b) {
            return std::abs((a.start - here).value) < std::abs((b.start - here).value);
        });
    const auto found =
        std::find_if(m_starts.begin(), m_starts.end(), [&](const WantedStart& s) { return s.pass == nearest->id; });
    if (found == m_starts.end())
        m_starts.push_back({nearest->id, here});
    else if (found->at == here)
        m_starts.erase(found);
    else
        found->at = here;
    m_upToDate->ask();
}

} // namespace lc::app
