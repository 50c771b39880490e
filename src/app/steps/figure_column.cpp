#include "app/steps/figure_column.h"

#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/when_shown.h"
#include "app/base/wording.h"
#include "app/widgets/panel_parts.h"
#include "core/figures/joints.h"
#include "core/landing/routine_pace.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

#include <cmath>

namespace lc::app {

namespace {

/// A solid square for what fits, a hollow one for what does not.
class FitSquare : public QWidget {
public:
    FitSquare(bool fits, const Theme& theme, QWidget* parent) : QWidget(parent), m_fits(fits), m_theme(theme) {
        setFixedSize(theme.px(22), theme.px(20));
    }
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        const Palette& c = m_theme.colours();
        const QPointF middle(width() / 2.0, height() / 2.0);
        const QRectF box(middle.x() - m_theme.px(4), middle.y() - m_theme.px(4), m_theme.px(8), m_theme.px(8));
        if (m_fits) return p.fillRect(box, c.ink);
        p.setPen(QPen(c.ink, 1.5));
        p.drawRect(box);
    }

private:
    bool m_fits;
    const Theme& m_theme;
};

} // namespace

FigureColumn::FigureColumn(FigureDesk& desk, Session& session, const Theme& theme, QWidget* parent)
    : FoldingColumn(theme, parent), m_desk(desk), m_session(session) {
    setAccessibleName(tr("Findings of the figure"));
    auto* upToDate = new WhenShown(this, [this] { rebuild(); });
    connect(&desk, &FigureDesk::cardChanged, upToDate, &WhenShown::ask);
    rebuild();
}

int FigureColumn::open() const {
    return static_cast<int>(std::count_if(m_desk.findings().begin(), m_desk.findings().end(),
                                          [](const FigureFinding& f) { return f.severity != Severity::Note; }));
}

int FigureColumn::diamonds() const { return static_cast<int>(m_desk.findings().size()); }

QString FigureColumn::shown() const {
    QStringList all;
    for (auto* label : findChildren<QLabel*>()) all << label->text();
    for (auto* button : findChildren<QPushButton*>()) all << button->text();
    return all.join(QStringLiteral("\n"));
}

QWidget* FigureColumn::heading(const QString& text, const QString& right, QWidget* page) const {
    auto* widget = new QWidget(page);
    auto* row = new QHBoxLayout(widget);
    row->setContentsMargins(0, m_theme.px(6), 0, 0);
    row->addWidget(paragraph(text, m_theme.words(15, Weight::Bold), Tone::Ink, widget));
    auto* label = paragraph(right, m_theme.words(12), Tone::Ink2, widget);
    label->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    row->addWidget(label);
    return widget;
}

void FigureColumn::apply(std::size_t finding, std::size_t remedy) {
    const auto& findings = m_desk.findings();
    if (finding >= findings.size() || remedy >= findings[finding].remedies.size()) return;
    const FigureRemedy chosen = findings[finding].remedies[remedy];
    if (chosen.word)
        m_desk.keepWord(*chosen.word);
    else
        m_desk.change(chosen.after, q(chosen.text));
}

void FigureColumn::rebuild() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(m_theme.px(15), m_theme.px(6), m_theme.px(12), m_theme.px(12));
    column->setSpacing(m_theme.px(6));
    if (m_desk.chosen()) {
        findings(column, page);
        intoTheRoutine(column, page);
        fits(column, page);
        limits(column, page);
        care(column, page);
        counting(column, page);
        duplicates(column, page);
    } else {
        column->addWidget(paragraph(tr("Nothing to find yet."), m_theme.words(15, Weight::Bold), Tone::Ink, page));
        column->addWidget(
            paragraph(tr("Choose a figure at the left, or begin a new one."), m_theme.words(13), Tone::Ink2, page));
    }
    column->addStretch();
    setPage(page);
}

void FigureColumn::findings(QVBoxLayout* column, QWidget* page) {
    const auto& all = m_desk.findings();
    if (all.empty()) {
        const bool nothing = m_desk.reading().length == Tick{};
        column->addWidget(paragraph(nothing ? tr("Nothing to find yet.") : tr("Everything fits."),
                                    m_theme.words(15, Weight::Bold), Tone::Ink, page));
        column->addWidget(paragraph(nothing
                                        ? tr("Type its counts as you say them: 1 side R 2 close L 3 side R 4 touch L.")
                                        : tr("Feet, counts and roles agree."),
                                    m_theme.words(13), Tone::Ink2, page));
    }
    for (std::size_t i = 0; i < all.size(); ++i) {
        const FigureFinding& finding = all[i];
        auto* head = new QHBoxLayout;
        head->setSpacing(m_theme.px(6));
        head->addWidget(new NumberDiamond(static_cast<int>(i) + 1, m_theme, page), 0, Qt::AlignTop);
        head->addWidget(paragraph(q(finding.headline), m_theme.words(15, Weight::Bold), Tone::Ink, page), 1);
        column->addLayout(head);
        auto* body = new QVBoxLayout;
        body->setContentsMargins(m_theme.px(28), 0, 0, 0);
        body->setSpacing(m_theme.px(3));
        body->addWidget(paragraph(q(finding.text), m_theme.words(13), Tone::Ink2, page));
        if (finding.code == figure_finding::ambiguous)
            body->addWidget(paragraph(tr("The answers stand under the line."), m_theme.words(12), Tone::Ink3, page));
        for (std::size_t r = 0; r < finding.remedies.size() && finding.code != figure_finding::ambiguous; ++r) {
            auto* choice =
                new RemedyChoice(q(finding.remedies[r].text), q(finding.remedies[r].gives), false, m_theme, page);
            choice->setObjectName(QStringLiteral("figureRemedy%1_%2").arg(i).arg(r));
            choice->setToolTip(tr("Do it; undo takes it back"));
            connect(choice, &QAbstractButton::clicked, this, [this, i, r] { apply(i, r); });
            body->addWidget(choice);
        }
        column->addLayout(body);
    }
}

void FigureColumn::fits(QVBoxLayout* column, QWidget* page) {
    if (m_desk.reading().roles.empty() || !m_desk.reading().readable() || m_desk.reading().length == Tick{}) return;
    column->addWidget(divider(page));
    column->addWidget(heading(tr("Where it would fit"), {}, page));
    const ChainLink now{m_desk.card().name, &m_desk.reading()};
    const auto tell = [&](const QString& place, const FigureReading& next, const std::string& name) {
        const Chain chain = chainFigures({now, {name, &next}}, counts(m_desk.set()));
        const Joint& joint = chain.joints[1];
        auto* row = new QHBoxLayout;
        row->setSpacing(m_theme.px(6));
        row->addWidget(new FitSquare(joint.breaks.empty(), m_theme, page), 0, Qt::AlignTop);
        const QString why = joint.breaks.empty() ? tr("yes: %1 free").arg(q(footWord(joint.roles.front().free)))
                                                 : tr("no: %1").arg(q(joint.breaks.front()));
        auto* words = new QVBoxLayout;
        words->setSpacing(0);
        words->addWidget(paragraph(place, m_theme.words(13, Weight::Semibold), Tone::Ink, page));
        words->addWidget(paragraph(why, m_theme.words(12), Tone::Ink2, page));
        row->addLayout(words, 1);
        column->addLayout(row);
    };
    tell(tr("twice in a row"), m_desk.reading(), m_desk.card().name);
    int shown = 0;
    for (const ShownFigure& figure : m_desk.figures()) {
        if (!figure.inRoutine() || figure.key() == m_desk.chosen()->key()) continue;
        const FigureReading next = readFigure(figure.card, m_session.doc.document().routine.choices);
        if (next.readable() && next.length > Tick{})
            tell(tr("before %1").arg(q(figure.card.name)), next, figure.card.name);
        if (++shown == 4) break;
    }
}

void FigureColumn::limits(QVBoxLayout* column, QWidget* page) {
    const FigureReading& read = m_desk.reading();
    if (read.roles.empty() || !read.readable() || read.length == Tick{}) return;
    const double spc = m_desk.secondsPerCount();
    column->addWidget(divider(page));
    column->addWidget(heading(tr("Limits"), tr("yours, at %1 bpm").arg(std::lround(60 / spc)), page));
    Pace pace;
    for (const RoleReading& role : read.roles) {
        const Pace one = paceOf(role, m_desk.tempo());
        if (one.shortestStepSeconds &&
            (!pace.shortestStepSeconds || *one.shortestStepSeconds < *pace.shortestStepSeconds))
            pace.shortestStepSeconds = one.shortestStepSeconds;
        if (one.turnDegreesPerSecond &&
            (!pace.turnDegreesPerSecond || *one.turnDegreesPerSecond > *pace.turnDegreesPerSecond))
            pace.turnDegreesPerSecond = one.turnDegreesPerSecond;
        pace.stepsPerMinute = std::max(pace.stepsPerMinute, one.stepsPerMinute);
    }
    const auto field = [&](const char* name, const QString& text, const QString& unit,
                           std::optional<double> BodyLimits::*which) {
        auto* row = new QHBoxLayout;
        row->addWidget(paragraph(text, m_theme.words(13), Tone::Ink, page), 1);
        row->addWidget(paragraph(tr("limit"), m_theme.words(12), Tone::Ink2, page));
        QLineEdit* edit = limitField(name, m_desk, which, m_theme, page);
        edit->setAccessibleName(text + QStringLiteral(", ") + tr("own limit"));
        row->addWidget(edit);
        row->addWidget(paragraph(unit, m_theme.words(12), Tone::Ink2, page));
        column->addLayout(row);
    };
    if (pace.shortestStepSeconds)
        field("limitStep", tr("quickest step %L1 s").arg(*pace.shortestStepSeconds, 0, 'f', 2), QStringLiteral("s"),
              &BodyLimits::shortestStepSeconds);
    if (pace.turnDegreesPerSecond)
        field("limitTurn", tr("fastest turn %1°/s").arg(std::lround(*pace.turnDegreesPerSecond)), QStringLiteral("°/s"),
              &BodyLimits::turnDegreesPerSecond);
    column->addWidget(paragraph(q(stepsAMinute(pace.stepsPerMinute)), m_theme.words(12), Tone::Ink2, page));
}

/// What the whole routine is counted by: the school's choices, and how counts lie on the music.
void FigureColumn::counting(QVBoxLayout* column, QWidget* page) {
    const Document& document = m_session.doc.document();
    column->addWidget(divider(page));
    column->addWidget(heading(tr("Counting"), tr("of the routine"), page));
    const auto row = [&](const QString& label, std::initializer_list<QWidget*> widgets) {
        auto* line = new QHBoxLayout;
        line->addWidget(paragraph(label, m_theme.words(12), Tone::Ink2, page), 1);
        for (QWidget* widget : widgets) line->addWidget(widget);
        column->addLayout(line);
    };
    if (!m_session.doc.landing().grid.empty()) {
        auto* unit = new QComboBox(page);
        unit->setObjectName(QStringLiteral("countUnit"));
        keepNarrow(*unit, 10);
        unit->setAccessibleName(tr("A count for"));
        const std::pair<CountUnit, QString> units[] = {{CountUnit::Beat, tr("each beat")},
                                                       {CountUnit::HalfBeat, tr("each half beat")},
                                                       {CountUnit::TwoBeats, tr("two beats")},
                                                       {CountUnit::Bar, tr("each bar")},
                                                       {CountUnit::BarGroup, tr("each group of a bar")}};
        for (const auto& [value, words] : units) {
            unit->addItem(words, static_cast<int>(value));
            if (value == document.scheme.unit) unit->setCurrentIndex(unit->count() - 1);
        }
        unit->setToolTip(
            tr("What of the music one count stands for: 7/8 as 3+2+2 is counted long, short, short by its groups"));
        auto* bars = new QSpinBox(page);
        bars->setObjectName(QStringLiteral("barsPerSet"));
        bars->setAccessibleName(tr("Bars to a set"));
        bars->setToolTip(tr("After how many bars dancers say 1 again"));
        bars->setRange(1, 16);
        bars->setValue(document.scheme.barsPerSet);
        bars->setFixedWidth(m_theme.px(38));
        row(tr("a count for"), {unit});
        row(tr("bars to a set"), {bars});
        connect(unit, qOverload<int>(&QComboBox::activated), this, [this, unit] {
            m_session.doc.edit(SetScheme{
                {static_cast<CountUnit>(unit->currentData().toInt()), m_session.doc.document().scheme.barsPerSet}});
        });
        connect(bars, &QSpinBox::editingFinished, this, [this, bars] {
            if (bars->value() != m_session.doc.document().scheme.barsPerSet)
                m_session.doc.edit(SetScheme{{m_session.doc.document().scheme.unit, bars->value()}});
        });
    }
    auto* feel = new QComboBox(page);
    feel->setObjectName(QStringLiteral("routineFeel"));
    keepNarrow(*feel, 10);
    feel->setAccessibleName(tr("Feel of the routine"));
    for (Feel value : {Feel::Straight, Feel::Swing, Feel::RollingThirds, Feel::RollingQuarters}) {
        feel->addItem(value == Feel::Straight        ? tr("straight")
                      : value == Feel::Swing         ? tr("swung")
                      : value == Feel::RollingThirds ? tr("rolling, thirds")
                                                     : tr("rolling, quarters"),
                      static_cast<int>(value));
        if (value == document.routine.choices.feel) feel->setCurrentIndex(feel->count() - 1);
    }
    row(tr("& and a"), {feel});
    connect(feel, qOverload<int>(&QComboBox::activated), this, [this, feel] {
        NotationChoices choices = m_session.doc.document().routine.choices;
        choices.feel = static_cast<Feel>(feel->currentData().toInt());
        m_session.doc.edit(SetChoices{choices});
    });
    const auto length = [&](const char* name, const QString& label, Tick NotationChoices::*which) {
        auto* edit = new QLineEdit(q(toCountString(document.routine.choices.*which)), page);
        edit->setObjectName(QString::fromLatin1(name));
        edit->setAccessibleName(label);
        edit->setFixedWidth(m_theme.px(44));
        connect(edit, &QLineEdit::editingFinished, this, [this, edit, which] {
            const auto value = parseCount(edit->text().trimmed().toStdString());
            NotationChoices choices = m_session.doc.document().routine.choices;
            if (!value || *value <= Tick{} || *value > counts(64))
                return Q_EMIT m_desk.told(tr("“%1” is not a length of a step. Write 2, 1 or 1/2.").arg(edit->text()));
            if (choices.*which == *value) return;
            choices.*which = *value;
            m_session.doc.edit(SetChoices{choices});
        });
        return edit;
    };
    row(tr("slow, quick"), {length("slowCounts", tr("Counts of a slow step"), &NotationChoices::slow),
                            length("quickCounts", tr("Counts of a quick step"), &NotationChoices::quick)});
    auto* stomp =
        new QPushButton(document.routine.choices.stompTakesWeight ? tr("with weight") : tr("without weight"), page);
    stomp->setObjectName(QStringLiteral("stompWeight"));
    stomp->setToolTip(tr("A choice of your school; “stomp-up” never takes weight"));
    connect(stomp, &QPushButton::clicked, this, [this] {
        NotationChoices choices = m_session.doc.document().routine.choices;
        choices.stompTakesWeight = !choices.stompTakesWeight;
        m_session.doc.edit(SetChoices{choices});
    });
    row(tr("stomp and stamp"), {stomp});
}

void FigureColumn::care(QVBoxLayout* column, QWidget* page) {
    const auto& marks = m_desk.reading().care;
    const std::string& own = m_desk.card().facts.cautions;
    if (marks.empty() && own.empty()) return;
    column->addWidget(divider(page));
    column->addWidget(heading(tr("Care"), {}, page));
    if (!own.empty()) column->addWidget(paragraph(q(own), m_theme.words(13), Tone::Ink, page));
    for (const CareMark& mark : marks)
        column->addWidget(paragraph(q(mark.sentence), m_theme.words(13), Tone::Ink2, page));
    column->addWidget(paragraph(tr("A qualified teacher and the rules of the house come first."), m_theme.words(12),
                                Tone::Ink3, page));
}

void FigureColumn::intoTheRoutine(QVBoxLayout* column, QWidget* page) {
    const ShownFigure* now = m_desk.chosen();
    column->addWidget(divider(page));
    column->addWidget(heading(
        tr("In the routine"),
        now->inRoutine() ? (now->used > 0 ? tr("danced %1×").arg(now->used) : tr("not danced yet")) : QString(), page));
    const auto button = [&](const char* name, const QString& text, const QString& tip, auto&& what) {
        auto* b = new QPushButton(onButton(text), page);
        b->setObjectName(QString::fromLatin1(name));
        b->setToolTip(tip);
        connect(b, &QPushButton::clicked, this, what);
        return b;
    };
    auto* row = new QHBoxLayout;
    auto* part = new QComboBox(page);
    part->setObjectName(QStringLiteral("placePart"));
    keepNarrow(*part, 10);
    part->setAccessibleName(tr("Part"));
    for (const Part& p : m_session.doc.document().routine.parts)
        part->addItem(tr("part %1").arg(q(p.name)), p.id.value);
    row->addWidget(button("placeFigure", tr("Add to"), tr("At the end of the part"),
                          [this, part] { m_desk.placeInPart(PartId{part->currentData().toUInt()}); }));
    row->addWidget(part, 1);
    column->addLayout(row);
    if (!now->inRoutine()) return;
    if (!now->differs.isEmpty())
        column->addWidget(paragraph(tr("Not as in the vocabulary: %1.").arg(now->differs.join(QStringLiteral(", "))),
                                    m_theme.words(13), Tone::Ink2, page));
    const Figure* figure = findFigure(m_session.doc.document().routine, now->figure);
    if (figure && (!now->differs.isEmpty() || figure->vocabularyId.empty()))
        column->addWidget(button("giveToVocabulary", tr("Give it to the vocabulary"),
                                 tr("The vocabulary has it as it is here"), [this] { m_desk.giveToVocabulary(); }));
    if (!now->differs.isEmpty())
        column->addWidget(button("takeFromVocabulary", tr("Take it from the vocabulary"),
                                 tr("The routine has it as the vocabulary does"),
                                 [this] { m_desk.takeFromVocabulary(); }));
}

void FigureColumn::duplicates(QVBoxLayout* column, QWidget* page) {
    const ShownFigure* other = m_desk.twin();
    if (!other) return;
    column->addWidget(divider(page));
    column->addWidget(heading(tr("Twice in the vocabulary"), {}, page));
    column->addWidget(paragraph(tr("“%1” has the same name or the same lines.").arg(q(other->card.name)),
                                m_theme.words(13), Tone::Ink2, page));
    auto* merge = new QPushButton(tr("Make them one"), page);
    merge->setObjectName(QStringLiteral("mergeFigures"));
    merge->setToolTip(tr("This one stays and takes the other's names, tags, notes and versions"));
    connect(merge, &QPushButton::clicked, this, [this, key = other->key()] { m_desk.mergeWith(key); });
    column->addWidget(merge);
}

} // namespace lc::app
