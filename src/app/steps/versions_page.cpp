#include "app/steps/versions_page.h"

#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/base/wording.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/marks.h"
#include "core/base/list_text.h"

#include <QComboBox>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

namespace lc::app {

namespace {

const std::vector<std::pair<BenchKind, const char*>>& kinds() {
    static const std::vector<std::pair<BenchKind, const char*>> all{
        {BenchKind::StretchOrDouble, QT_TRANSLATE_NOOP("lc::app::VersionsPage", "stretch or double")},
        {BenchKind::Stretch, QT_TRANSLATE_NOOP("lc::app::VersionsPage", "stretch steps")},
        {BenchKind::Double, QT_TRANSLATE_NOOP("lc::app::VersionsPage", "two steps in a count")},
        {BenchKind::OtherFeel, QT_TRANSLATE_NOOP("lc::app::VersionsPage", "other feel")},
        {BenchKind::OtherStart, QT_TRANSLATE_NOOP("lc::app::VersionsPage", "other start count")},
        {BenchKind::OtherFoot, QT_TRANSLATE_NOOP("lc::app::VersionsPage", "other foot")},
        {BenchKind::OtherSide, QT_TRANSLATE_NOOP("lc::app::VersionsPage", "other side")},
        {BenchKind::Ornament, QT_TRANSLATE_NOOP("lc::app::VersionsPage", "ornament in step")}};
    return all;
}

} // namespace

VersionCells::VersionCells(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Versions"));
}

int VersionCells::perRow() const { return std::max(1, width() / m_theme.px(126)); }

QRect VersionCells::cell(int index) const {
    const int roles = m_bench.versions.empty() ? 1 : static_cast<int>(m_bench.versions.front().reading.roles.size());
    const int height = m_theme.px(76 + 22 * roles);
    return QRect((index % perRow()) * m_theme.px(126), (index / perRow()) * height, m_theme.px(121),
                 height - m_theme.px(6));
}

void VersionCells::fit() {
    const int n = static_cast<int>(m_bench.versions.size());
    setMinimumHeight(n == 0 ? m_theme.px(30) : cell(n - 1).bottom() + m_theme.px(4));
}

void VersionCells::show(Bench bench, std::int64_t set) {
    m_bench = std::move(bench);
    m_set = set;
    m_chosen = m_bench.versions.empty() ? -1 : std::clamp(m_chosen, 0, static_cast<int>(m_bench.versions.size()) - 1);
    fit();
    update();
    Q_EMIT chosenChanged();
}

void VersionCells::choose(int index) {
    if (index < 0 || static_cast<std::size_t>(index) >= m_bench.versions.size()) return;
    m_chosen = index;
    update();
    tellPieceInFocus(*this);
    Q_EMIT chosenChanged();
}

std::vector<ReadablePiece> VersionCells::pieces() const {
    std::vector<ReadablePiece> all;
    for (const BenchVersion& version : m_bench.versions)
        all.push_back({tr("%1, %2, %3").arg(q(version.title), q(inCounts(version.reading.length)), q(version.note)),
                       cell(static_cast<int>(all.size())), QAccessible::ListItem});
    if (all.empty()) all.push_back({q(m_bench.problem), rect()});
    return all;
}

void VersionCells::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    fit();
}

void VersionCells::mousePressEvent(QMouseEvent* event) {
    for (int i = 0; static_cast<std::size_t>(i) < m_bench.versions.size(); ++i)
        if (cell(i).contains(event->pos())) return choose(i);
}

void VersionCells::mouseDoubleClickEvent(QMouseEvent* event) {
    mousePressEvent(event);
    Q_EMIT wanted();
}

void VersionCells::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Right: return choose(m_chosen + 1);
    case Qt::Key_Left: return choose(m_chosen - 1);
    case Qt::Key_Down: return choose(m_chosen + perRow());
    case Qt::Key_Up: return choose(m_chosen - perRow());
    case Qt::Key_Home: return choose(0);
    case Qt::Key_End: return choose(static_cast<int>(m_bench.versions.size()) - 1);
    case Qt::Key_Return:
    case Qt::Key_Enter: Q_EMIT wanted(); return;
    default: QWidget::keyPressEvent(event);
    }
}

void VersionCells::paintEvent(QPaintEvent* event) {
    QPainter p(this);
    p.fillRect(rect(), m_theme.colours().paper);
    if (m_bench.versions.empty()) {
        p.setFont(m_theme.words(13));
        p.setPen(m_theme.colours().ink2);
        p.drawText(rect(), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, q(m_bench.problem));
        return;
    }
    for (int i = 0; static_cast<std::size_t>(i) < m_bench.versions.size(); ++i)
        if (cell(i).intersects(event->rect())) paintCell(p, i);
}

void VersionCells::paintCell(QPainter& p, int index) const {
    const BenchVersion& version = m_bench.versions[static_cast<std::size_t>(index)];
    const Palette& c = m_theme.colours();
    const auto px = [this](int n) { return m_theme.px(n); };
    const QRect area = cell(index);
    const bool chosen = index == m_chosen;
    p.setFont(m_theme.words(12, chosen ? Weight::Bold : Weight::Semibold));
    p.setPen(c.ink);
    p.drawText(QRect(area.left() + px(3), area.top(), area.width() - px(3), px(18)), Qt::AlignVCenter | Qt::AlignLeft,
               p.fontMetrics().elidedText(q(version.title), Qt::ElideRight, area.width() - px(4)));
    const int left = area.left() + px(3), width = area.width() - px(6);
    const int columns =
        static_cast<int>(std::max<std::int64_t>(m_set, wholeCounts(version.reading.length + Tick{ticksPerCount - 1})));
    const double count = static_cast<double>(width) / columns;
    const auto at = [&](Tick t) {
        return left + static_cast<double>(t.value) / static_cast<double>(ticksPerCount) * count;
    };
    const int top = area.top() + px(19), ruler = px(13), lane = px(21);
    const int roles = static_cast<int>(version.reading.roles.size());
    p.fillRect(QRectF(left, top, width, ruler + lane * roles), c.sheet);
    p.fillRect(
        QRectF(at(version.reading.length), top + ruler, width - (at(version.reading.length) - left), lane * roles),
        c.well);
    for (std::int64_t n = 0; n < columns; ++n) {
        const std::int64_t music = (wholeCounts(version.musicStart) - 1 + n) % m_set;
        if (music != 0 && (m_set % 2 != 0 || music != m_set / 2)) continue;
        p.fillRect(QRectF(at(counts(n)), top, 1, ruler + lane * roles), c.rule);
        p.setFont(m_theme.numbers(11, music == 0));
        p.setPen(c.ink);
        p.drawText(QRectF(at(counts(n)) + px(2), top, px(20), ruler), Qt::AlignVCenter | Qt::AlignLeft,
                   QString::number(music + 1));
    }
    for (int r = 0; r < roles; ++r) {
        const RoleReading& role = version.reading.roles[static_cast<std::size_t>(r)];
        const double y = top + ruler + lane * (r + 0.5);
        p.fillRect(QRectF(left, top + ruler + lane * r, width, 1), c.faint);
        for (std::size_t i = 0; i < role.line.actions.size(); ++i) {
            const Action& action = role.line.actions[i];
            if (action.at < Tick{}) continue;
            if (action.kind == ActionKind::Wait && !action.words.empty())
                drawMark(p, at(action.at) + count / 2, y, action.kind, std::nullopt, false, px(10), m_theme.role(r));
            else if (action.usesFoot())
                drawMark(p, at(action.at) + px(6), y, action.kind, role.feet[i].foot,
                         !isWhole(action.at) || action.length < counts(1), px(12), m_theme.role(r));
            else if (action.kind == ActionKind::Gesture)
                drawMark(p, at(action.at) + px(6), y, action.kind, std::nullopt, false, px(10), m_theme.role(r));
        }
    }
    const int foot = top + ruler + lane * roles;
    p.fillRect(QRectF(left, foot, at(version.reading.length) - left, px(3)), c.ink);
    // Which counts are stepped; those of changed steps and after are underlined.
    const RoleReading& first = version.reading.roles.front();
    std::size_t ordinal = 0;
    double x = left;
    const std::size_t firstChanged = version.changed.empty() ? 1000000 : version.changed.front();
    for (const Action& action : first.line.actions) {
        if (!action.usesFoot()) continue;
        ++ordinal;
        const std::int64_t music = (wholeCounts(version.musicStart) - 1 + wholeCounts(action.at) + m_set) % m_set;
        QString text = QString::number(music + 1);
        if (!isWhole(action.at)) text = q(subBeatLetter(action.at, version.reading.choices));
        const bool marked =
            std::find(version.changed.begin(), version.changed.end(), ordinal) != version.changed.end() ||
            ordinal > firstChanged;
        p.setFont(m_theme.numbers(11, marked));
        const int wide = p.fontMetrics().horizontalAdvance(text);
        if (x + wide > left + width) break;
        p.setPen(marked ? c.ink : c.ink2);
        p.drawText(QRectF(x, foot + px(5), wide + 2, px(14)), Qt::AlignVCenter | Qt::AlignLeft, text);
        if (std::find(version.changed.begin(), version.changed.end(), ordinal) != version.changed.end())
            p.fillRect(QRectF(x, foot + px(19), wide, 2), c.ink);
        x += wide + px(8);
    }
    p.setFont(m_theme.words(12));
    p.setPen(c.ink2);
    p.drawText(QRect(left, foot + px(20), width + px(3), px(17)), Qt::AlignVCenter | Qt::AlignLeft,
               p.fontMetrics().elidedText(q(version.note), Qt::ElideRight, width));
    if (chosen) {
        p.setPen(QPen(c.ink, 2));
        p.setBrush(Qt::NoBrush);
        p.drawRect(QRect(area.left() + 1, top - 1, area.width() - 2, area.bottom() - top + 1));
        if (hasFocus())
            p.drawRect(
                QRect(area.left() + 1, top - 1, area.width() - 2, area.bottom() - top + 1).adjusted(3, 3, -3, -3));
    }
}

VersionsPage::VersionsPage(FigureDesk& desk, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_desk(desk), m_theme(theme) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, theme.px(4), 0, 0);
    column->setSpacing(theme.px(4));
    auto* top = new FlowLayout(theme.px(6));
    m_kind = new QComboBox(this);
    m_kind->setObjectName(QStringLiteral("benchKind"));
    m_kind->setAccessibleName(tr("What is changed"));
    for (const auto& [kind, words] : kinds()) m_kind->addItem(tr(words));
    top->addWidget(m_kind);
    m_times = new QSpinBox(this);
    m_times->setObjectName(QStringLiteral("benchTimes"));
    m_times->setAccessibleName(tr("How many"));
    m_times->setRange(1, 12);
    m_times->setFixedWidth(theme.px(40));
    top->addWidget(m_times);
    top->addStretch();
    const auto button = [&](const char* name, const QString& text, const QString& tip, bool main = false) {
        auto* b = new QPushButton(text, this);
        b->setObjectName(QString::fromLatin1(name));
        b->setToolTip(tip);
        if (main) b->setProperty("main", true);
        top->addWidget(b);
        return b;
    };
    m_hear = button("hearVersion", tr("Hear"), tr("With clicks, steps and spoken counts"));
    m_new = button("versionAsNew", tr("As a new figure"), tr("Into the vocabulary, beside this one"));
    m_make = button("versionAsFigure", tr("Change the figure"), tr("The figure is danced so from now on (Enter)"));
    m_keep = button("keepVersion", tr("Keep"), tr("Bound to the figure as another way to dance it (K)"), true);
    column->addLayout(top);
    m_heading = paragraph({}, theme.words(13), Tone::Ink2, this);
    m_heading->setObjectName(QStringLiteral("benchHeading"));
    column->addWidget(m_heading);
    m_scroll = new QScrollArea(this);
    m_scroll->setWidgetResizable(true);
    m_scroll->setFocusPolicy(Qt::NoFocus);
    m_cells = new VersionCells(theme, m_scroll);
    m_cells->setObjectName(QStringLiteral("versionCells"));
    m_scroll->setWidget(m_cells);
    column->addWidget(m_scroll, 1);
    auto* meet = new QHBoxLayout;
    meet->addWidget(paragraph(tr("To have a"), theme.words(12), Tone::Ink2, this));
    m_wanted = new QComboBox(this);
    m_wanted->setObjectName(QStringLiteral("wantedStep"));
    m_wanted->setAccessibleName(tr("Which step is wanted"));
    for (const QString& words : {tr("slow step"), tr("quick step"), tr("accent"), tr("break step")})
        m_wanted->addItem(words);
    meet->addWidget(m_wanted);
    meet->addWidget(paragraph(tr("on count"), theme.words(12), Tone::Ink2, this));
    m_moment = new QSpinBox(this);
    m_moment->setObjectName(QStringLiteral("wantedCount"));
    m_moment->setAccessibleName(tr("Count of the song"));
    m_moment->setRange(1, 4096);
    m_moment->setValue(9);
    m_moment->setFixedWidth(theme.px(54));
    meet->addWidget(m_moment);
    m_meets = paragraph({}, theme.words(12), Tone::Ink, this);
    m_meets->setObjectName(QStringLiteral("versionMeets"));
    meet->addWidget(m_meets, 1);
    column->addLayout(meet);

    connect(m_kind, qOverload<int>(&QComboBox::currentIndexChanged), this, &VersionsPage::refresh);
    connect(m_times, qOverload<int>(&QSpinBox::valueChanged), this, &VersionsPage::refresh);
    connect(m_wanted, qOverload<int>(&QComboBox::currentIndexChanged), this, &VersionsPage::showMeets);
    connect(m_moment, qOverload<int>(&QSpinBox::valueChanged), this, &VersionsPage::showMeets);
    connect(m_keep, &QPushButton::clicked, this, &VersionsPage::keepChosen);
    connect(m_make, &QPushButton::clicked, this, &VersionsPage::makeItTheFigure);
    connect(m_new, &QPushButton::clicked, this, &VersionsPage::asNewFigure);
    connect(m_cells, &VersionCells::wanted, this, &VersionsPage::makeItTheFigure);
    connect(m_cells, &VersionCells::chosenChanged, this, [this] {
        const BenchVersion* version = chosen();
        for (QPushButton* b : {m_hear, m_make, m_new}) b->setEnabled(version != nullptr);
        m_keep->setEnabled(version && !version->otherFeel);
    });
    connect(m_hear, &QPushButton::clicked, this, [this] {
        if (const BenchVersion* version = chosen()) Q_EMIT hearWanted(version->reading, version->musicStart);
    });
    connect(&desk, &FigureDesk::cardChanged, this, &VersionsPage::refresh);
    refresh();
}

void VersionsPage::show(BenchKind kind, int times) {
    for (std::size_t i = 0; i < kinds().size(); ++i)
        if (kinds()[i].first == kind) m_kind->setCurrentIndex(static_cast<int>(i));
    m_times->setValue(times);
}

QString VersionsPage::heading() const { return m_heading->text(); }

const BenchVersion* VersionsPage::chosen() const {
    const int index = m_cells->chosen();
    return index < 0 ? nullptr : &m_cells->bench().versions[static_cast<std::size_t>(index)];
}

void VersionsPage::refresh() {
    const BenchKind kind = kinds()[static_cast<std::size_t>(std::max(0, m_kind->currentIndex()))].first;
    m_times->setVisible(kind == BenchKind::Stretch || kind == BenchKind::StretchOrDouble || kind == BenchKind::Double ||
                        kind == BenchKind::Ornament);
    BenchAsked asked;
    asked.kind = kind;
    asked.times = m_times->value();
    asked.step = static_cast<std::size_t>(m_times->value());
    asked.set = counts(m_desk.set());
    asked.musicStart = m_desk.musicStart();
    asked.tempo = m_desk.tempo();
    asked.limits = m_desk.limits();
    Bench bench = makeBench(m_desk.reading(), asked);
    m_heading->setText(q(Core::sentence("%1", listed(bench.heading, Joined::Lines))));
    m_heading->setVisible(!bench.heading.empty());
    m_cells->show(std::move(bench), m_desk.set());
    showMeets();
}

void VersionsPage::showMeets() {
    std::vector<NotationReading> lines;
    if (!m_desk.reading().roles.empty()) lines.push_back(m_desk.reading().roles.front().line);
    for (const BenchVersion& version : m_cells->bench().versions) lines.push_back(version.reading.roles.front().line);
    const auto wanted = static_cast<WantedStep>(std::max(0, m_wanted->currentIndex()));
    const auto meets =
        startsThatMeet(lines, counts(m_moment->value() - 1), wanted, m_desk.choices(), counts(m_desk.set()));
    QStringList all, whole;
    for (const MomentStart& meet : meets) {
        const QString name = meet.line == 0 ? tr("as written") : q(m_cells->bench().versions[meet.line - 1].title);
        whole << tr("%1 from count %2 (on %3)")
                     .arg(name)
                     .arg(wholeCounts(meet.startsAt) + 1)
                     .arg(q(toSpokenCount(meet.musicCount)));
    }
    for (const QString& one : whole) {
        if (all.size() == 2 && meets.size() > 3) {
            all << tr("%1 more").arg(meets.size() - 2);
            break;
        }
        all << one;
    }
    m_meets->setText(all.isEmpty() ? tr("no version here has one there") : all.join(QStringLiteral("; ")));
    m_meets->setToolTip(tr("Which version, begun on which count of the song") +
                        (whole.isEmpty() ? QString() : QStringLiteral(":\n") + whole.join(QLatin1Char('\n'))));
}

void VersionsPage::keepChosen() {
    const BenchVersion* version = chosen();
    if (!version || version->otherFeel) return;
    FigureCard card = m_desk.card();
    const FigureVersion kept{q(version->name).toStdString(), {}, version->lines};
    for (const FigureVersion& have : card.facts.versions)
        if (have.lines == kept.lines)
            return Q_EMIT m_desk.told(tr("“%1” is kept with the figure already.").arg(q(have.name)));
    card.facts.versions.push_back(kept);
    const QString name = q(kept.name);
    m_desk.change(card, tr("keep a version"));
    Q_EMIT m_desk.told(tr("“%1” is kept with the figure. It stands on its card.").arg(name));
}

void VersionsPage::makeItTheFigure() {
    const BenchVersion* version = chosen();
    if (!version) return;
    FigureCard card = m_desk.card();
    card.lines = version->lines;
    if (version->otherFeel) card.facts.choices = version->reading.choices;
    if (card.claimed) card.claimed = version->reading.length;
    m_desk.change(card, tr("another version"));
}

void VersionsPage::asNewFigure() {
    const BenchVersion* version = chosen();
    if (!version) return;
    FigureCard card = m_desk.card();
    card.name = tr("%1, %2").arg(q(card.name), q(version->title)).toStdString();
    card.lines = version->lines;
    card.facts.versions.clear();
    if (version->otherFeel) card.facts.choices = version->reading.choices;
    card.claimed = version->reading.length;
    m_desk.duplicate(card);
}

} // namespace lc::app
