#include "app/steps/figure_column.h"

#include "app/shell/session.h"
#include "app/shell/wording.h"
#include "app/steps/figure_desk.h"
#include "app/strips/marks.h"
#include "core/figures/joints.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QVBoxLayout>

#include <cmath>

namespace lc::app {

namespace {

QString q(const std::string& text) { return QString::fromStdString(text); }

/// A diamond with its number, a solid square for what fits, a hollow one for what does not.
class Sign : public QWidget {
public:
    enum Kind { Diamond, Fits, Not };
    Sign(Kind kind, int number, const Theme& theme, QWidget* parent) : QWidget(parent), m_kind(kind), m_number(number), m_theme(theme) { setFixedSize(theme.px(22), theme.px(20)); }
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        const Palette& c = m_theme.colours();
        const QPointF middle(width() / 2.0, height() / 2.0);
        if (m_kind == Diamond) return drawDiamond(p, middle.x(), middle.y(), m_theme.px(9), QString::number(m_number), m_theme.numbers(10, true), c.ink, c.onInk);
        const QRectF box(middle.x() - m_theme.px(4), middle.y() - m_theme.px(4), m_theme.px(8), m_theme.px(8));
        if (m_kind == Fits) return p.fillRect(box, c.ink);
        p.setPen(QPen(c.ink, 1.5));
        p.drawRect(box);
    }

private:
    Kind m_kind;
    int m_number;
    const Theme& m_theme;
};

} // namespace

FigureColumn::FigureColumn(FigureDesk& desk, Session& session, const Theme& theme, QWidget* parent) : QWidget(parent), m_desk(desk), m_session(session), m_theme(theme) {
    setAccessibleName(tr("Findings of the figure"));
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(1, theme.px(44), 0, 0);
    m_scroll = new QScrollArea(this);
    m_scroll->setWidgetResizable(true);
    m_scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_scroll->setFocusPolicy(Qt::NoFocus);
    outer->addWidget(m_scroll);
    connect(&desk, &FigureDesk::cardChanged, this, &FigureColumn::rebuild);
    setFolded(false);
    rebuild();
}

void FigureColumn::setFolded(bool folded) {
    m_folded = folded;
    setFixedWidth(folded ? m_theme.findingsFolded() : m_theme.findings());
    m_scroll->setVisible(!folded);
    update();
}

void FigureColumn::mousePressEvent(QMouseEvent*) {
    if (m_folded) setFolded(false);
}

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
    row->addWidget(paragraph(text, m_theme.words(15, Weight::Bold), m_theme.colours().ink, widget));
    auto* label = paragraph(right, m_theme.words(12), m_theme.colours().ink2, widget);
    label->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    row->addWidget(label);
    return widget;
}

void FigureColumn::apply(std::size_t finding, std::size_t remedy) {
    const auto& findings = m_desk.findings();
    if (finding >= findings.size() || remedy >= findings[finding].remedies.size()) return;
    const FigureRemedy chosen = findings[finding].remedies[remedy];
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
        duplicates(column, page);
    } else {
        column->addWidget(paragraph(tr("Nothing to find yet."), m_theme.words(15, Weight::Bold), m_theme.colours().ink, page));
        column->addWidget(paragraph(tr("Choose a figure at the left, or begin a new one."), m_theme.words(13), m_theme.colours().ink2, page));
    }
    column->addStretch();
    const int where = m_scroll->verticalScrollBar()->value();
    if (QWidget* old = m_scroll->takeWidget()) old->deleteLater(); // one of its buttons may be the sender
    m_scroll->setWidget(page);
    m_scroll->verticalScrollBar()->setValue(where);
    update();
}

void FigureColumn::findings(QVBoxLayout* column, QWidget* page) {
    const auto& all = m_desk.findings();
    if (all.empty()) {
        const bool nothing = m_desk.reading().length == Tick{};
        column->addWidget(paragraph(nothing ? tr("Nothing to find yet.") : tr("Everything fits."), m_theme.words(15, Weight::Bold), m_theme.colours().ink, page));
        column->addWidget(paragraph(nothing ? tr("Type its counts as you say them: 1 side R 2 close L 3 side R 4 touch L.") : tr("Feet, counts and roles agree."), m_theme.words(13), m_theme.colours().ink2, page));
    }
    for (std::size_t i = 0; i < all.size(); ++i) {
        const FigureFinding& finding = all[i];
        auto* head = new QHBoxLayout;
        head->setSpacing(m_theme.px(6));
        head->addWidget(new Sign(Sign::Diamond, static_cast<int>(i) + 1, m_theme, page), 0, Qt::AlignTop);
        head->addWidget(paragraph(q(finding.headline), m_theme.words(15, Weight::Bold), m_theme.colours().ink, page), 1);
        column->addLayout(head);
        auto* body = new QVBoxLayout;
        body->setContentsMargins(m_theme.px(28), 0, 0, 0);
        body->setSpacing(m_theme.px(3));
        body->addWidget(paragraph(q(finding.text), m_theme.words(13), m_theme.colours().ink2, page));
        if (finding.code == figure_finding::ambiguous) body->addWidget(paragraph(tr("The answers stand under the line."), m_theme.words(12), m_theme.colours().ink3, page));
        for (std::size_t r = 0; r < finding.remedies.size() && finding.code != figure_finding::ambiguous; ++r) {
            auto* choice = new RemedyChoice(q(finding.remedies[r].text), q(finding.remedies[r].gives), false, m_theme, page);
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
    column->addWidget(divider(m_theme, page));
    column->addWidget(heading(tr("Where it would fit"), {}, page));
    const ChainLink now{m_desk.card().name, &m_desk.reading()};
    const auto tell = [&](const QString& place, const FigureReading& next, const std::string& name) {
        const Chain chain = chainFigures({now, {name, &next}}, counts(m_desk.set()));
        const Joint& joint = chain.joints[1];
        auto* row = new QHBoxLayout;
        row->setSpacing(m_theme.px(6));
        row->addWidget(new Sign(joint.breaks.empty() ? Sign::Fits : Sign::Not, 0, m_theme, page), 0, Qt::AlignTop);
        const QString why = joint.breaks.empty() ? tr("yes: %1 free").arg(q(freeFootInWords(joint.roles.front().free))) : tr("no: %1").arg(q(joint.breaks.front()));
        auto* words = new QVBoxLayout;
        words->setSpacing(0);
        words->addWidget(paragraph(place, m_theme.words(13, Weight::Semibold), m_theme.colours().ink, page));
        words->addWidget(paragraph(why, m_theme.words(12), m_theme.colours().ink2, page));
        row->addLayout(words, 1);
        column->addLayout(row);
    };
    tell(tr("twice in a row"), m_desk.reading(), m_desk.card().name);
    int shown = 0;
    for (const ShownFigure& figure : m_desk.figures()) {
        if (!figure.inRoutine() || figure.key() == m_desk.chosen()->key()) continue;
        const FigureReading next = readFigure(figure.card, m_session.document().routine.choices);
        if (next.readable() && next.length > Tick{}) tell(tr("before %1").arg(q(figure.card.name)), next, figure.card.name);
        if (++shown == 4) break;
    }
}

void FigureColumn::limits(QVBoxLayout* column, QWidget* page) {
    const FigureReading& read = m_desk.reading();
    if (read.roles.empty() || !read.readable() || read.length == Tick{}) return;
    const double spc = m_desk.secondsPerCount();
    column->addWidget(divider(m_theme, page));
    column->addWidget(heading(tr("Limits"), tr("yours, at %1 bpm").arg(std::lround(60 / spc)), page));
    Pace pace;
    for (const RoleReading& role : read.roles) {
        const Pace one = paceOf(role, spc);
        if (one.shortestStepSeconds && (!pace.shortestStepSeconds || *one.shortestStepSeconds < *pace.shortestStepSeconds)) pace.shortestStepSeconds = one.shortestStepSeconds;
        if (one.turnDegreesPerSecond && (!pace.turnDegreesPerSecond || *one.turnDegreesPerSecond > *pace.turnDegreesPerSecond)) pace.turnDegreesPerSecond = one.turnDegreesPerSecond;
        pace.stepsPerMinute = std::max(pace.stepsPerMinute, one.stepsPerMinute);
    }
    const auto field = [&](const char* name, const QString& text, const QString& unit, std::optional<double> value, auto&& write) {
        auto* row = new QHBoxLayout;
        row->addWidget(paragraph(text, m_theme.words(13), m_theme.colours().ink, page), 1);
        row->addWidget(paragraph(tr("limit"), m_theme.words(12), m_theme.colours().ink2, page));
        auto* edit = new QLineEdit(value ? QString::number(*value) : QString(), page);
        edit->setObjectName(QString::fromLatin1(name));
        edit->setAccessibleName(text + QStringLiteral(", ") + tr("own limit"));
        edit->setPlaceholderText(QStringLiteral("–"));
        edit->setToolTip(tr("Your own limit; empty for none. The program knows none of its own."));
        edit->setFixedWidth(m_theme.px(46));
        row->addWidget(edit);
        row->addWidget(paragraph(unit, m_theme.words(12), m_theme.colours().ink2, page));
        column->addLayout(row);
        connect(edit, &QLineEdit::editingFinished, this, [this, edit, write] {
            BodyLimits own = m_desk.limits();
            QString typedText = edit->text().trimmed();
            bool number = false;
            const double typed = typedText.replace(QLatin1Char(','), QLatin1Char('.')).toDouble(&number);
            if (!typedText.isEmpty() && (!number || !(typed > 0))) return Q_EMIT m_desk.told(tr("“%1” is no limit. Write a number above 0, or leave it empty.").arg(edit->text()));
            write(own, typedText.isEmpty() ? std::optional<double>() : std::optional<double>(typed));
            if (!(own == m_desk.limits())) m_desk.setLimits(own);
        });
    };
    if (pace.shortestStepSeconds)
        field("limitStep", tr("quickest step %1 s").arg(*pace.shortestStepSeconds, 0, 'f', 2), QStringLiteral("s"), m_desk.limits().shortestStepSeconds,
              [](BodyLimits& own, std::optional<double> value) { own.shortestStepSeconds = value; });
    if (pace.turnDegreesPerSecond)
        field("limitTurn", tr("fastest turn %1°/s").arg(std::lround(*pace.turnDegreesPerSecond)), QStringLiteral("°/s"), m_desk.limits().turnDegreesPerSecond,
              [](BodyLimits& own, std::optional<double> value) { own.turnDegreesPerSecond = value; });
    column->addWidget(paragraph(tr("%1 steps a minute").arg(std::lround(pace.stepsPerMinute)), m_theme.words(12), m_theme.colours().ink2, page));
}

void FigureColumn::care(QVBoxLayout* column, QWidget* page) {
    const auto& marks = m_desk.reading().care;
    const std::string& own = m_desk.card().facts.cautions;
    if (marks.empty() && own.empty()) return;
    column->addWidget(divider(m_theme, page));
    column->addWidget(heading(tr("Care"), {}, page));
    if (!own.empty()) column->addWidget(paragraph(q(own), m_theme.words(13), m_theme.colours().ink, page));
    for (const CareMark& mark : marks) column->addWidget(paragraph(QString::fromUtf8(mark.sentence.data(), static_cast<qsizetype>(mark.sentence.size())), m_theme.words(13), m_theme.colours().ink2, page));
    column->addWidget(paragraph(tr("A qualified teacher and the rules of the house come first."), m_theme.words(12), m_theme.colours().ink3, page));
}

void FigureColumn::intoTheRoutine(QVBoxLayout* column, QWidget* page) {
    const ShownFigure* now = m_desk.chosen();
    column->addWidget(divider(m_theme, page));
    column->addWidget(heading(tr("In the routine"), now->inRoutine() ? (now->used > 0 ? tr("danced %1×").arg(now->used) : tr("not danced yet")) : QString(), page));
    const auto button = [&](const char* name, const QString& text, const QString& tip, auto&& what) {
        auto* b = new QPushButton(text, page);
        b->setObjectName(QString::fromLatin1(name));
        b->setToolTip(tip);
        connect(b, &QPushButton::clicked, this, what);
        return b;
    };
    auto* row = new QHBoxLayout;
    auto* part = new QComboBox(page);
    part->setObjectName(QStringLiteral("placePart"));
    part->setAccessibleName(tr("Part"));
    for (const Part& p : m_session.document().routine.parts) part->addItem(tr("part %1").arg(q(p.name)), p.id.value);
    row->addWidget(button("placeFigure", tr("Add to"), tr("At the end of the part"), [this, part] { m_desk.placeInPart(PartId{part->currentData().toUInt()}); }));
    row->addWidget(part, 1);
    column->addLayout(row);
    if (!now->inRoutine()) return;
    if (!now->differs.isEmpty()) column->addWidget(paragraph(tr("Not as in the vocabulary: %1.").arg(now->differs.join(QStringLiteral(", "))), m_theme.words(13), m_theme.colours().ink2, page));
    const Figure* figure = findFigure(m_session.document().routine, now->figure);
    if (figure && (!now->differs.isEmpty() || figure->vocabularyId.empty()))
        column->addWidget(button("giveToVocabulary", tr("Give it to the vocabulary"), tr("The vocabulary has it as it is here"), [this] { m_desk.giveToVocabulary(); }));
    if (!now->differs.isEmpty())
        column->addWidget(button("takeFromVocabulary", tr("Take it from the vocabulary"), tr("The routine has it as the vocabulary does"), [this] { m_desk.takeFromVocabulary(); }));
}

void FigureColumn::duplicates(QVBoxLayout* column, QWidget* page) {
    const ShownFigure* now = m_desk.chosen();
    if (now->inRoutine()) return;
    for (const auto& [a, b] : m_desk.duplicates()) {
        const ShownFigure& first = m_desk.figures()[a];
        const ShownFigure& second = m_desk.figures()[b];
        if (first.key() != now->key() && second.key() != now->key()) continue;
        const ShownFigure& other = first.key() == now->key() ? second : first;
        column->addWidget(divider(m_theme, page));
        column->addWidget(heading(tr("Twice in the vocabulary"), {}, page));
        column->addWidget(paragraph(tr("“%1” has the same name or the same lines.").arg(q(other.card.name)), m_theme.words(13), m_theme.colours().ink2, page));
        auto* merge = new QPushButton(tr("Make them one"), page);
        merge->setObjectName(QStringLiteral("mergeFigures"));
        merge->setToolTip(tr("This one stays and takes the other's names, tags, notes and versions"));
        connect(merge, &QPushButton::clicked, this, [this, key = other.key()] { m_desk.mergeWith(key); });
        column->addWidget(merge);
        return;
    }
}

void FigureColumn::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const Palette& c = m_theme.colours();
    const auto px = [this](int n) { return m_theme.px(n); };
    p.fillRect(rect(), c.paper);
    p.fillRect(QRect(0, 0, 1, height()), c.rule);
    const auto open = std::count_if(m_desk.findings().begin(), m_desk.findings().end(), [](const FigureFinding& f) { return f.severity != Severity::Note; });
    if (m_folded) {
        p.setFont(m_theme.words(11));
        p.setPen(c.ink2);
        p.drawText(QRect(0, px(4), width(), px(20)), Qt::AlignCenter, QStringLiteral("F6"));
        for (int i = 0; i < std::min<int>(12, static_cast<int>(m_desk.findings().size())); ++i)
            drawDiamond(p, width() / 2.0, px(42) + px(26) * i, px(9), QString::number(i + 1), m_theme.numbers(10, true), c.ink, c.onInk);
        return;
    }
    p.setFont(m_theme.words(15, Weight::Heavy));
    p.setPen(c.ink);
    p.drawText(px(16), px(25), tr("Findings"));
    p.setFont(m_theme.words(12));
    p.setPen(c.ink2);
    p.drawText(QRect(0, px(10), width() - px(16), px(20)), Qt::AlignRight | Qt::AlignVCenter, tr("%1 open   F6 folds").arg(open));
    p.fillRect(QRect(px(16), px(36), width() - px(32), 2), c.ink);
}

} // namespace lc::app
