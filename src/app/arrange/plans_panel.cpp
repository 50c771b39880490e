#include "app/arrange/plans_panel.h"

#include "app/shell/session.h"
#include "app/shell/when_shown.h"
#include "app/shell/wording.h"
#include "app/strips/mini_page.h"
#include "core/planning/exception_rule.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QSpinBox>

namespace lc::app {

namespace {
QString q(const std::string& text) { return QString::fromStdString(text); }
constexpr std::size_t mostPlans = 6;
} // namespace

PlansPanel::PlansPanel(Session& session, const Theme& theme, QWidget* parent) : QWidget(parent), m_session(session), m_theme(theme) {
    setAccessibleName(tr("Plans that make the routine land"));
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(theme.px(16), theme.px(6), theme.px(16), theme.px(6));
    all->setSpacing(theme.px(4));
    auto* row = new QHBoxLayout;
    row->setSpacing(theme.px(6));
    row->addWidget(paragraph(tr("Make it land for"), theme.words(13, Weight::Bold), theme.colours().ink, this));
    m_preset = new QComboBox(this);
    m_preset->setObjectName(QStringLiteral("planPreset"));
    m_preset->setAccessibleName(tr("For whom the plans are"));
    for (const PlanPreset& preset : planPresets()) m_preset->addItem(q(preset.name));
    row->addWidget(m_preset);
    m_cuts = new QPushButton(tr("Restarts"), this);
    m_cuts->setObjectName(QStringLiteral("planCuts"));
    m_cuts->setCheckable(true);
    m_cuts->setChecked(true);
    m_cuts->setToolTip(tr("May passes be cut, after each figure and each set?"));
    row->addWidget(m_cuts);
    row->addWidget(paragraph(tr("tags of"), theme.words(13), theme.colours().ink2, this));
    m_tags = new QLineEdit(this);
    m_tags->setObjectName(QStringLiteral("planTags"));
    m_tags->setAccessibleName(tr("Lengths of tags that are allowed"));
    m_tags->setToolTip(tr("Counts with commas; empty = no tags"));
    m_tags->setFixedWidth(theme.px(84));
    row->addWidget(m_tags);
    row->addStretch();
    auto* close = new QPushButton(tr("Close"), this);
    close->setObjectName(QStringLiteral("closePlans"));
    close->setToolTip(tr("Nothing is changed"));
    row->addWidget(close);
    all->addLayout(row);
    auto* costs = new QHBoxLayout;
    costs->setSpacing(theme.px(6));
    m_miss = costField(tr("How bad: a pass that misses"), tr("Cost of a pass that does not land"), "costMiss", costs);
    m_restart = costField(tr("a restart"), tr("Cost of a pass cut short"), "costRestart", costs);
    m_tag = costField(tr("a tag"), tr("Cost of a tag"), "costTag", costs);
    m_kind = costField(tr("each different length"), tr("Cost of each different length of a cut or tag that dancers must remember"), "costKind", costs);
    costs->addStretch();
    all->addLayout(costs);
    m_says = paragraph({}, theme.words(13), theme.colours().ink2, this);
    all->addWidget(m_says);
    m_scroll = new QScrollArea(this);
    m_scroll->setWidgetResizable(true);
    m_scroll->setFrameShape(QFrame::NoFrame);
    m_scroll->setAccessibleName(tr("Plans, the best first"));
    all->addWidget(m_scroll, 1);
    m_preview = new QPushButton(tr("Preview"), this);
    m_preview->setObjectName(QStringLiteral("previewPlan"));
    m_preview->setToolTip(tr("Show the plan on the strips without changing anything"));
    m_apply = new QPushButton(tr("Apply"), this);
    m_apply->setObjectName(QStringLiteral("applyPlan"));
    m_apply->setProperty("main", true);
    m_apply->setToolTip(tr("Do it; Undo takes all of it back"));
    row->insertWidget(row->count() - 1, m_preview);
    row->insertWidget(row->count() - 1, m_apply);

    connect(m_preset, &QComboBox::activated, this, &PlansPanel::showPreset);
    connect(m_cuts, &QPushButton::toggled, this, &PlansPanel::refresh);
    connect(m_tags, &QLineEdit::editingFinished, this, [this] {
        if (m_tags->isModified()) refresh(); // the chosen plan stays chosen when the field is only left
        m_tags->setModified(false);
    });
    connect(m_preview, &QPushButton::clicked, this, &PlansPanel::previewChosen);
    connect(m_apply, &QPushButton::clicked, this, &PlansPanel::applyChosen);
    connect(close, &QPushButton::clicked, this, [this] {
        m_session.endPreview();
        hide();
    });
    m_upToDate = new WhenShown(this, [this] { refresh(); });
    connect(&session, &Session::documentChanged, m_upToDate, &WhenShown::ask);
    connect(&session, &Session::routineReplaced, this, [this] { m_kept.clear(); });
    setMinimumHeight(theme.px(310));
    showCosts(planPresets().front().wishes);
    hide();
    m_upToDate->ask(); // when it is opened first
}

QSpinBox* PlansPanel::costField(const QString& name, const QString& tip, const char* object, QHBoxLayout* row) {
    auto* label = paragraph(name, m_theme.words(12), m_theme.colours().ink2, this);
    label->setWordWrap(false);
    row->addWidget(label);
    auto* field = new QSpinBox(this);
    field->setObjectName(QString::fromLatin1(object));
    field->setRange(0, 999);
    field->setAccessibleName(tip);
    field->setToolTip(tip);
    connect(field, &QSpinBox::valueChanged, this, &PlansPanel::refresh);
    row->addWidget(field);
    return field;
}

void PlansPanel::showPreset(int index) {
    if (index >= 0 && static_cast<std::size_t>(index) < planPresets().size()) showCosts(planPresets()[static_cast<std::size_t>(index)].wishes);
    refresh();
}

void PlansPanel::showCosts(const RoutinePlanWishes& wishes) {
    for (const auto& [field, cost] : {std::pair{m_miss, wishes.costs.miss}, {m_restart, wishes.costs.restart}, {m_tag, wishes.costs.tag}, {m_kind, wishes.costs.kind}}) {
        const QSignalBlocker quiet(field);
        field->setValue(static_cast<int>(cost));
    }
    QStringList tags;
    for (const Tick tag : wishes.tags) tags << q(toCountString(tag));
    m_tags->setText(tags.join(QStringLiteral(", ")));
}

Result<RoutinePlanWishes> PlansPanel::wishes() const {
    RoutinePlanWishes wishes;
    wishes.costs = {m_miss->value(), m_restart->value(), m_tag->value(), m_kind->value()};
    if (!m_cuts->isChecked()) wishes.cuts.emplace();
    auto tags = parseLengths(m_tags->text().toStdString());
    if (!tags) return tl::unexpected(tags.error());
    wishes.tags = std::move(*tags);
    wishes.kept = m_kept;
    wishes.most = mostPlans;
    return wishes;
}

void PlansPanel::begin() {
    show();
    m_preset->setFocus(Qt::OtherFocusReason);
}

void PlansPanel::refresh() {
    m_plans.reset();
    m_chosen = 0;
    const auto asked = wishes();
    auto plans = asked ? planRoutine(m_session.document(), m_session.landing().grid, *asked) : tl::unexpected(asked.error());
    auto* page = new QWidget;
    auto* row = new QHBoxLayout(page);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(m_theme.px(14));
    m_preview->setEnabled(plans.has_value());
    m_apply->setEnabled(plans.has_value());
    if (plans) {
        m_plans = std::move(*plans);
        for (std::size_t i = 0; i < m_plans->plans.size(); ++i) {
            const RoutinePlan& plan = m_plans->plans[i];
            const auto then = applyEdits(m_session.document(), plan.edits);
            if (!then) continue;
            Landing landing = land(*then, m_session.landing().grid, m_session.landing().limits);
            auto* column = new QVBoxLayout;
            column->setSpacing(m_theme.px(4));
            QString price = q(proofInWords(*m_plans, i));
            for (const ExceptionRule& rule : exceptionRules(*then, landing))
                if (!rule.when.empty()) price += QStringLiteral(" ") + q(ruleInWords(rule));
            auto* choice = new RemedyChoice(q(planInWords(m_session.document(), m_session.landing(), plan)), price, i == 0, m_theme, page);
            choice->setObjectName(QStringLiteral("plan%1").arg(i));
            choice->setFixedWidth(m_theme.px(300));
            connect(choice, &QAbstractButton::clicked, this, [this, i] { choosePlan(i); });
            auto* mini = new MiniPages(m_session.landing(), std::move(landing), m_theme, page);
            mini->setFixedWidth(m_theme.px(300));
            column->addWidget(mini);
            column->addWidget(choice);
            column->addStretch();
            row->addLayout(column);
        }
        m_says->setText(says());
    } else m_says->setText(QStringLiteral("◆ ") + q(plans.error().message));
    row->addStretch();
    m_scroll->setWidget(page);
    if (m_session.previewLanding()) m_session.endPreview();
}

QString PlansPanel::says() const {
    if (!m_plans || m_plans->plans.empty()) return {};
    const RoutinePlan& best = m_plans->plans.front();
    QString words;
    if (best.edits.empty()) words = best.misses == 0 ? tr("Every pass lands as it is.") : tr("Nothing that is allowed is worth its cost: what does not land costs less than what would mend it.");
    else if (best.misses > 0) words = tr("Nothing that is allowed makes everything land for less; this is the least bad.");
    else words = q(planPresets()[static_cast<std::size_t>(std::max(0, m_preset->currentIndex()))].why);
    if (!m_kept.empty()) words += tr(" %n pass(es) kept as they are.", nullptr, static_cast<int>(m_kept.size()));
    return words;
}

void PlansPanel::choosePlan(std::size_t rank) {
    if (!m_plans || rank >= m_plans->plans.size()) return;
    const bool previewing = m_session.previewLanding() != nullptr;
    m_chosen = rank;
    for (std::size_t i = 0; i < m_plans->plans.size(); ++i)
        if (auto* choice = m_scroll->widget()->findChild<RemedyChoice*>(QStringLiteral("plan%1").arg(i))) choice->setChosen(i == rank);
    if (previewing) previewChosen();
}

QString PlansPanel::titleOfChosen() const { return q(planInWords(m_session.document(), m_session.landing(), m_plans->plans[m_chosen])); }

bool PlansPanel::previewing() const { return isVisible() && m_plans && m_chosen < m_plans->plans.size() && m_session.previewLanding() && m_session.previewTitle() == titleOfChosen(); }

void PlansPanel::previewChosen() {
    if (!m_plans || m_chosen >= m_plans->plans.size()) return;
    if (previewing()) return m_session.endPreview();
    m_session.preview(m_plans->plans[m_chosen].edits, titleOfChosen());
    for (const PlannedPass& pass : m_plans->plans[m_chosen].passes)
        if (pass.cut || pass.tag > Tick{}) { // the page turns to the first change
            Q_EMIT placeWanted(pass.start);
            return;
        }
}

void PlansPanel::applyChosen() {
    if (!m_plans || m_chosen >= m_plans->plans.size()) return;
    const std::vector<Edit> edits = m_plans->plans[m_chosen].edits;
    if (edits.empty()) {
        Q_EMIT m_session.told(tr("This plan is how the routine is already."));
        return;
    }
    m_session.edit(edits, tr("a plan that lands"));
}

void PlansPanel::keepPass(PassId pass) {
    const auto found = std::find(m_kept.begin(), m_kept.end(), pass);
    if (found == m_kept.end()) m_kept.push_back(pass);
    else m_kept.erase(found);
    m_upToDate->ask();
}

} // namespace lc::app
