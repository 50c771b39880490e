#include "app/arrange/plans_panel.h"

#include "app/arrange/plan_settings.h"
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
#include <QPushButton>

#include <algorithm>
#include <cstdlib>

namespace lc::app {

namespace {
constexpr std::size_t mostPlans = 6;
} // namespace

PlansPanel::PlansPanel(Session& session, const Theme& theme, QWidget* parent)
    : ProposalsPage(tr("Make it land"), QStringLiteral("plan"), session, theme, parent), m_planner(session.working()) {
    FlowLayout& first = row();
    addWords(&first, tr("for"), theme, this);
    m_preset = new QComboBox(this);
    m_preset->setObjectName(QStringLiteral("planPreset"));
    m_preset->setAccessibleName(tr("For whom the plans are"));
    for (const PlanPreset& preset : planPresets()) m_preset->addItem(q(preset.name));
    first.addWidget(m_preset);
    m_shown =
        addButton(&first, tr("Options"), tr("What plans may do, what is wanted at the end, and what everything costs"),
                  "planSettings", this);
    m_shown->setCheckable(true);
    m_settings = new PlanSettings(session, theme, this);
    m_settings->hide();
    settings().addWidget(m_settings);
    m_pins = new QWidget(this);
    m_pins->setLayout(new FlowLayout(theme.px(6)));
    settings().addWidget(m_pins);
    m_start = addButton(&foot(), tr("Start here"),
                        tr("The pass whose start lies nearest to the caret begins there in every plan; again frees it"),
                        "startHere", this);
    m_hold = addButton(
        &foot(), tr("Hold the pass"),
        tr("The pass at the caret stays as the chosen plan has it, and the rest is planned anew; again frees it"),
        "holdPass", this);

    connect(m_preset, &QComboBox::activated, this, [this](int index) {
        if (index < 0 || static_cast<std::size_t>(index) >= planPresets().size()) return;
        m_settings->show(planPresets()[static_cast<std::size_t>(index)].wishes);
        refresh();
    });
    connect(m_shown, &QPushButton::toggled, this, &PlansPanel::showSettings);
    connect(m_settings, &PlanSettings::changed, this, &PlansPanel::refresh);
    connect(m_start, &QPushButton::clicked, this, [this] { startAt(m_session.transport.now()); });
    connect(m_hold, &QPushButton::clicked, this, [this] {
        const auto& performance = m_session.doc.landing().performance;
        if (const auto pass = passAt(performance, m_session.transport.now()))
            holdPass(performance.passes[*pass].id);
        else
            m_session.messages.tell(tr("There is no pass at the caret. Click a count that is danced."));
    });
    m_upToDate = new WhenShown(this, [this] { refresh(); });
    connect(&m_planner, &Worker::failed, this,
            [this](const QString& sentence) { say(QStringLiteral("◆ ") + sentence); });
    connect(&session.doc, &DocumentSession::documentChanged, m_upToDate, &WhenShown::ask);
    connect(&session.doc, &DocumentSession::routineReplaced, this, [this] {
        m_kept.clear();
        m_starts.clear();
    });
    m_settings->show(planPresets().front().wishes);
    m_upToDate->ask(); // when it is opened first
}

void PlansPanel::showSettings(bool shown) {
    m_shown->setChecked(shown);
    m_settings->setVisible(shown);
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

void PlansPanel::refresh() {
    m_plans.reset();
    m_reason.clear();
    m_price.reset();
    nothingYet();
    showPins();
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
        const Landing after = land(*then, grid, landing.limits);
        Text price = proofInWords(laid.plans, i);
        for (const ExceptionRule& rule : exceptionRules(*then, after))
            if (!rule.when.empty()) price += ruleInWords(rule);
        price += Core::sentence("Last pass: %1.", endingInWords(document.routine.formation, plan.ending,
                                                                plan.passes.back().counts, plan.endingFacing));
        laid.rows.push_back({planInWords(document, landing, plan), std::move(price)});
    }
    laid.plans.plans.resize(laid.rows.size()); // the row and the list stay alike
    return laid;
}

void PlansPanel::showLaid(Result<Laid> laid) {
    if (!laid) return setProposals(tl::unexpected(laid.error()));
    m_plans = std::move(laid->plans);
    m_reason = q(laid->reason);
    m_price = laid->keeping;
    say(says());
    std::vector<Proposal> proposals;
    for (std::size_t i = 0; i < laid->rows.size(); ++i) {
        const RoutinePlan& plan = m_plans->plans[i];
        proposals.push_back({q(laid->rows[i].title), q(laid->rows[i].price), plan.edits, firstChange(plan)});
    }
    setProposals(std::move(proposals));
}

void PlansPanel::chose() { m_hold->setEnabled(m_plans && any()); }

QString PlansPanel::undoName() const { return tr("a plan that lands"); }

/// Where the page turns to.
Tick PlansPanel::firstChange(const RoutinePlan& plan) const {
    for (std::size_t i = 0; i < plan.passes.size(); ++i)
        if (!(plan.as[i] == writtenExceptions(m_session.doc.document().routine, plan.passes[i].pass)))
            return plan.passes[i].start;
    return m_session.transport.now();
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
    if (!m_plans || !any()) return;
    const RoutinePlan& plan = m_plans->plans[chosen()];
    for (std::size_t i = 0; i < plan.passes.size(); ++i)
        if (plan.passes[i].pass == pass) return pinPass(KeptPass(pass, plan.as[i]));
    m_session.messages.tell(tr("The chosen plan does not dance that pass."));
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
