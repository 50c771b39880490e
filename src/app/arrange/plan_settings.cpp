#include "app/arrange/plan_settings.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/wording.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QSpinBox>

#include <algorithm>

namespace lc::app {

namespace {

QString listed(const std::vector<Tick>& lengths) {
    QStringList out;
    for (const Tick length : lengths) out << q(toCountString(length));
    return out.join(QStringLiteral(", "));
}

} // namespace

PlanSettings::PlanSettings(Session& session, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_session(session), m_theme(theme), m_form(new QFormLayout(this)) {
    setAccessibleName(tr("What plans may do, and what it costs"));
    m_form->setContentsMargins(0, 0, theme.px(8), 0);
    m_form->setHorizontalSpacing(theme.px(8));
    m_form->setVerticalSpacing(theme.px(3));
    m_form->setLabelAlignment(Qt::AlignLeft);
    heading(tr("Allowed"));
    m_cuts = check(tr("restarts"), tr("May passes be cut, after each figure and each set?"), "planCuts");
    m_cuts->setChecked(true);
    m_tags = lengths(tr("tags of"), tr("Waits after a pass: counts with commas; empty = none"), "planTags");
    m_bridges = lengths(tr("bridges of"), tr("Waits after a figure inside a pass: counts with commas; empty = none"),
                        "planBridges");
    m_waits =
        lengths(tr("wait at the start"), tr("Before the dance begins: counts with commas; empty = none"), "planWaits");
    m_figures = check(tr("a figure left out or twice"), tr("One figure of a whole pass"), "planFigures");
    m_versions = check(tr("a figure in a version"), tr("One figure of a whole pass danced in a version that it has"),
                       "planVersions");
    m_bars = check(tr("bars as the music has them"),
                   tr("Where bars of the music are shorter than usual, figures may follow them"), "planBars");
    m_fill = new QPushButton(tr("none"), this);
    m_fill->setObjectName(QStringLiteral("planFills"));
    m_fill->setAccessibleName(tr("Figures that may be danced after a pass"));
    m_fill->setToolTip(tr("Figures of the routine that may be danced after a pass, as a tag"));
    m_fills = new QMenu(m_fill);
    m_fill->setMenu(m_fills);
    m_form->addRow(tr("figures as tags"), m_fill);
    m_opening = choice(tr("an opening"), tr("A part that may be danced before the first pass"), "planOpening");
    m_ending = choice(tr("an ending"), tr("A part that may be danced at the end of the music"), "planEnding");
    m_facing =
        choice(tr("facing at the end"),
               tr("The facing that is wanted when the music ends; what another one costs stands below"), "planFacing");
    heading(tr("Costs"));
    for (const CostName& name : costNames())
        m_costs[name.key] = cost(q(name.words), QStringLiteral("cost_") + q(name.key));
    m_feet = check(tr("the wrong foot is allowed"),
                   tr("Otherwise no plan leaves the weight on the foot that the next pass needs"), "planFeet");
    m_wrongFoot = cost(tr("the wrong foot"), QStringLiteral("cost_wrong_foot"));
    m_wrongFoot->setEnabled(false);
    connect(m_feet, &QCheckBox::toggled, m_wrongFoot, &QWidget::setEnabled);
    connect(&session.doc, &DocumentSession::documentChanged, this, &PlanSettings::offerRoutine);
    offerRoutine();
}

void PlanSettings::heading(const QString& text) {
    m_form->addRow(paragraph(text, m_theme.words(13, Weight::Bold), Tone::Ink, this));
}

QLineEdit* PlanSettings::lengths(const QString& label, const QString& tip, const char* object) {
    auto* field = new QLineEdit(this);
    field->setObjectName(QString::fromLatin1(object));
    field->setAccessibleName(label);
    field->setToolTip(tip);
    connect(field, &QLineEdit::editingFinished, this, [this, field] {
        if (field->isModified()) Q_EMIT changed(); // the chosen plan stays chosen when the field is only left
        field->setModified(false);
    });
    m_form->addRow(label, field);
    return field;
}

QCheckBox* PlanSettings::check(const QString& label, const QString& tip, const char* object) {
    auto* box = new QCheckBox(label, this);
    box->setObjectName(QString::fromLatin1(object));
    box->setToolTip(tip);
    connect(box, &QCheckBox::toggled, this, &PlanSettings::changed);
    m_form->addRow(box);
    return box;
}

QComboBox* PlanSettings::choice(const QString& label, const QString& tip, const char* object) {
    auto* box = new QComboBox(this);
    box->setObjectName(QString::fromLatin1(object));
    box->setAccessibleName(label);
    box->setToolTip(tip);
    connect(box, &QComboBox::activated, this, &PlanSettings::changed);
    m_form->addRow(label, box);
    return box;
}

QSpinBox* PlanSettings::cost(const QString& name, const QString& object) {
    auto* field = new QSpinBox(this);
    field->setObjectName(object);
    field->setRange(0, 999);
    field->setAccessibleName(tr("Cost: %1").arg(name));
    field->setToolTip(tr("0 = it costs nothing; the higher, the more is done to avoid it"));
    connect(field, &QSpinBox::valueChanged, this, &PlanSettings::changed);
    m_form->addRow(name, field);
    return field;
}

void PlanSettings::offerRoutine() {
    const Routine& routine = m_session.doc.document().routine;
    for (QComboBox* box : {m_opening, m_ending}) {
        const QVariant chosen = box->currentData();
        box->clear();
        box->addItem(tr("none"));
        for (const Part& part : routine.parts) box->addItem(tr("part %1").arg(q(part.name)), part.id.value);
        box->setCurrentIndex(std::max(0, box->findData(chosen)));
    }
    const int facing = m_facing->currentIndex();
    m_facing->clear();
    m_facing->addItem(tr("any"));
    for (int e = 0; e < 8; ++e) m_facing->addItem(q(facingSaid(routine.formation, {e})), e);
    m_facing->setCurrentIndex(std::max(0, facing));
    std::vector<std::uint32_t> allowed;
    for (const QAction* action : m_fills->actions())
        if (action->isChecked()) allowed.push_back(action->data().toUInt());
    m_fills->clear();
    const auto tell = [this] {
        QStringList names;
        for (const QAction* action : m_fills->actions())
            if (action->isChecked()) names << action->text();
        m_fill->setText(names.isEmpty() ? tr("none") : names.join(QStringLiteral(", ")));
    };
    for (const Figure& figure : routine.figures) {
        if (figure.name.empty()) continue;
        QAction* action = m_fills->addAction(q(figure.name));
        action->setData(figure.id.value);
        action->setCheckable(true);
        action->setChecked(std::find(allowed.begin(), allowed.end(), figure.id.value) != allowed.end());
        connect(action, &QAction::toggled, this, [this, tell] {
            tell();
            Q_EMIT changed();
        });
    }
    tell();
    m_fill->setEnabled(!m_fills->isEmpty());
}

void PlanSettings::show(const RoutinePlanWishes& wishes) {
    const QSignalBlocker quiet(this);
    m_tags->setText(listed(wishes.tags));
    m_bridges->setText(listed(wishes.bridges));
    m_waits->setText(listed(wishes.waits));
    m_cuts->setChecked(!wishes.cuts || !wishes.cuts->empty());
    m_versions->setChecked(wishes.versions);
    m_figures->setChecked(wishes.figures);
    m_bars->setChecked(wishes.bars);
    for (const CostName& name : costNames())
        m_costs.at(name.key)->setValue(static_cast<int>(wishes.costs.*(name.cost)));
    m_feet->setChecked(wishes.costs.wrongFoot.has_value());
    m_wrongFoot->setValue(static_cast<int>(wishes.costs.wrongFoot.value_or(0)));
}

Result<RoutinePlanWishes> PlanSettings::wishes() const {
    RoutinePlanWishes wishes;
    if (!m_cuts->isChecked()) wishes.cuts.emplace();
    for (const auto& [field, target] :
         {std::pair{m_tags, &wishes.tags}, {m_bridges, &wishes.bridges}, {m_waits, &wishes.waits}}) {
        auto lengths = parseLengths(field->text().toStdString());
        if (!lengths) return tl::unexpected(lengths.error());
        *target = std::move(*lengths);
    }
    wishes.versions = m_versions->isChecked();
    wishes.figures = m_figures->isChecked();
    wishes.bars = m_bars->isChecked();
    for (const QAction* action : m_fills->actions())
        if (action->isChecked()) wishes.fills.push_back(FigureId{action->data().toUInt()});
    for (const auto& [box, target] : {std::pair{m_opening, &wishes.opening}, {m_ending, &wishes.ending}})
        if (box->currentData().isValid()) *target = PartId{box->currentData().toUInt()};
    if (m_facing->currentData().isValid()) wishes.endFacing = Eighths{m_facing->currentData().toInt()};
    for (const CostName& name : costNames()) wishes.costs.*(name.cost) = m_costs.at(name.key)->value();
    if (m_feet->isChecked()) wishes.costs.wrongFoot = m_wrongFoot->value();
    return wishes;
}

} // namespace lc::app
