#include "app/arrange/fill_panel.h"

#include "app/arrange/part_chain.h"
#include "app/arrange/part_editor.h"
#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/when_shown.h"
#include "app/base/wording.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/page_parts.h"
#include "app/widgets/panel_parts.h"
#include "app/widgets/plain_table.h"
#include "core/figures/fill_orders.h"
#include "core/planning/plan_costs.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>

#include <map>
#include <set>

namespace lc::app {

namespace {

/// The commonest length of a phrase in counts; 32 without a song.
int usualPhrase(const CountGrid& grid) {
    std::map<int, int> times;
    for (const CountPhrase& phrase : grid.phrases()) ++times[phrase.counts];
    int usual = 32, most = 0;
    for (const auto& [length, n] : times)
        if (n > most) usual = length, most = n;
    return usual;
}

/// "5 × 8, or 4 × 6 + 2 × 8": lengths alone.
QString combinationsInWords(const Filling& filling) {
    QStringList all;
    for (const FillCombination& combination : filling.combinations) {
        QStringList one;
        for (std::size_t i = 0; i < filling.lengths.size(); ++i)
            if (combination.times[i] > 0)
                one << QStringLiteral("%1 × %2").arg(combination.times[i]).arg(q(toSpokenCount(filling.lengths[i])));
        all << one.join(QStringLiteral(" + "));
        if (all.size() == 4 && filling.combinations.size() > 5) {
            all << FillPanel::tr("%1 more").arg(filling.combinations.size() - 4);
            break;
        }
    }
    QString out;
    for (const QString& one : all) out = out.isEmpty() ? one : FillPanel::tr("%1, or %2").arg(out, one);
    return out;
}

} // namespace

FillPanel::FillPanel(Session& session, FigureDesk& desk, PartEditor& editor, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_session(session), m_desk(desk), m_editor(editor), m_worker(session.working()) {
    setAccessibleName(tr("Fill the phrase with figures"));
    auto* all = panelColumn(theme, this);
    auto* row = new FlowLayout(theme.px(6));
    auto* below = new FlowLayout(theme.px(6));
    const auto combo = [&](FlowLayout* to, const char* name, const QString& what) {
        auto* box = new QComboBox(this);
        box->setObjectName(QString::fromLatin1(name));
        box->setAccessibleName(what);
        box->setToolTip(what);
        connect(box, &QComboBox::activated, this, &FillPanel::refresh);
        to->addWidget(box);
        return box;
    };
    addWords(row, tr("Fill"), theme, this, true);
    m_counts = numberField("fillPhraseCounts", tr("Counts to fill behind the part"), 1, 256, theme, this);
    row->addWidget(m_counts);
    addWords(row, tr("counts behind the part, and leave"), theme, this);
    m_leave = combo(row, "fillPhraseLeave", tr("The foot that is free afterwards"));
    for (const QString& words :
         {tr("the foot its count 1 needs"), tr("the left foot free"), tr("the right foot free"), tr("either foot")})
        m_leave->addItem(words);
    addWords(row, tr("turning"), theme, this);
    m_turn = combo(row, "fillPhraseTurn", tr("How much is turned in all"));
    m_turn->addItem(tr("as it comes"));
    for (const int e : {0, 2, 4, -2}) m_turn->addItem(e == 0 ? tr("not") : q(turnSaid({e})), e);
    row->addStretch();
    m_apply =
        addButton(row, tr("Place them"), tr("The figures of the chosen row come behind the part; Undo takes them out"),
                  "applyFill", this);
    m_apply->setProperty("main", true);
    auto* close = addButton(row, tr("Close"), {}, "closeFill", this);
    addWords(below, tr("figures of"), theme, this);
    m_lengths = new QLineEdit(this);
    m_lengths->setObjectName(QStringLiteral("fillPhraseLengths"));
    m_lengths->setAccessibleName(tr("Lengths of figures that may be used"));
    m_lengths->setToolTip(tr("Counts with commas, such as 6, 8; empty = any"));
    m_lengths->setPlaceholderText(tr("any"));
    m_lengths->setFixedWidth(theme.px(84));
    below->addWidget(m_lengths);
    addWords(below, tr("counts, each at most"), theme, this);
    m_times = numberField("fillPhraseTimes", tr("How often a figure may come"), 1, 99, theme, this);
    m_times->setValue(4);
    below->addWidget(m_times);
    addWords(below, tr("times,"), theme, this);
    m_level = combo(below, "fillPhraseLevel", tr("Levels of figures that may be used"));
    m_twice = new QCheckBox(tr("twice in a row"), this);
    m_twice->setObjectName(QStringLiteral("fillPhraseTwice"));
    m_twice->setChecked(true);
    m_twice->setToolTip(tr("May a figure follow itself?"));
    below->addWidget(m_twice);
    m_own = new QCheckBox(tr("of this routine only"), this);
    m_own->setObjectName(QStringLiteral("fillPhraseOwn"));
    m_own->setToolTip(tr("Leave the vocabulary's other figures out"));
    below->addWidget(m_own);
    all->addLayout(row);
    all->addLayout(below);
    m_says = paragraph({}, theme.words(13), Tone::Ink2, this);
    all->addWidget(m_says);
    m_table = new PlainTable({tr("different"), tr("lengths"), tr("start on"), tr("figures")}, theme, this);
    m_table->setObjectName(QStringLiteral("phraseFills"));
    m_table->setAccessibleName(tr("Ways to fill, fewest figures first"));
    all->addWidget(m_table, 1);
    m_ones = paragraph({}, theme.words(13), Tone::Ink2, this);
    m_ones->setObjectName(QStringLiteral("fillOnes"));
    all->addWidget(m_ones);
    setMinimumHeight(theme.px(280));
    hide();

    m_upToDate = new WhenShown(this, [this] { refresh(); });
    connect(m_counts, &QSpinBox::valueChanged, this, &FillPanel::refresh);
    connect(m_times, &QSpinBox::valueChanged, this, &FillPanel::refresh);
    connect(m_twice, &QCheckBox::toggled, this, &FillPanel::refresh);
    connect(m_own, &QCheckBox::toggled, this, &FillPanel::refresh);
    connect(m_lengths, &QLineEdit::editingFinished, this, &FillPanel::refresh);
    connect(m_table, &QTableWidget::itemSelectionChanged, this, &FillPanel::showOnes);
    connect(m_table, &QTableWidget::itemActivated, this, &FillPanel::applyChosen);
    connect(m_apply, &QPushButton::clicked, this, &FillPanel::applyChosen);
    connect(close, &QPushButton::clicked, this, &QWidget::hide);
    connect(&session.doc, &DocumentSession::documentChanged, m_upToDate, &WhenShown::ask);
    connect(&desk, &FigureDesk::listChanged, m_upToDate, &WhenShown::ask);
}

void FillPanel::begin() {
    m_desk.open();
    offer();
    show();
    refresh();
    m_counts->setFocus(Qt::OtherFocusReason);
}

void FillPanel::offer() {
    const Document& document = m_session.doc.document();
    const Part* part = findPart(document.routine, m_editor.chain().part());
    const int usual = usualPhrase(m_session.doc.landing().grid);
    const Tick length = part ? readPart(document.routine, *part).length : Tick{};
    const QSignalBlocker quiet(m_counts);
    m_counts->setValue(usual - static_cast<int>(wholeCounts(length) % usual));
    std::set<std::string> levels;
    for (const ShownFigure& shown : m_desk.figures())
        if (!shown.card.facts.level.empty()) levels.insert(shown.card.facts.level);
    m_level->clear();
    m_level->addItem(tr("any level"));
    for (const std::string& level : levels) m_level->addItem(tr("%1 only").arg(q(level)), q(level));
}

Result<PhraseFillAsked> FillPanel::asked() {
    const Routine& routine = m_session.doc.document().routine;
    const Part* part = findPart(routine, m_editor.chain().part());
    const PartReading reading = part ? readPart(routine, *part) : PartReading{};
    m_from = reading.length;
    PhraseFillAsked asked = fillBehind(routine, reading);
    asked.length = counts(m_counts->value());
    auto lengths = parseLengths(m_lengths->text().toStdString());
    if (!lengths) return tl::unexpected(lengths.error());
    asked.lengths = std::move(*lengths);
    asked.mostTimes = static_cast<std::size_t>(m_times->value());
    asked.twiceInARow = m_twice->isChecked();
    if (m_level->currentData().isValid()) asked.levels = {m_level->currentData().toString().toStdString()};
    if (m_turn->currentData().isValid()) asked.turn = Eighths{m_turn->currentData().toInt()};
    if (m_leave->currentIndex() > 0) {
        asked.leave.assign(asked.roles.size(), std::nullopt);
        if (m_leave->currentIndex() < 3 && !asked.leave.empty())
            asked.leave.front() = m_leave->currentIndex() == 1 ? Foot::Left : Foot::Right;
    }
    return asked;
}

void FillPanel::refresh() {
    if (isHidden()) return;
    m_fills.reset();
    m_figures.clear();
    m_readings.clear();
    m_shown.clear();
    for (const ShownFigure& shown : m_desk.figures()) {
        const bool twin = !shown.inRoutine() &&
                          std::any_of(m_desk.figures().begin(), m_desk.figures().end(), [&](const ShownFigure& other) {
                              return other.inRoutine() && other.card.name == shown.card.name;
                          });
        const bool couple =
            m_session.doc.document().routine.roles.size() == 1 && !shown.inRoutine() && shown.digest.couple;
        if (shown.card.name.empty() || twin || couple || (m_own->isChecked() && !shown.inRoutine())) continue;
        auto reading =
            std::make_shared<const FigureReading>(readFigure(shown.card, m_session.doc.document().routine.choices));
        if (!reading->readable() || reading->untimed || reading->length <= Tick{}) continue;
        m_figures.push_back({shown.card.name, shown.card.facts.level, reading.get()});
        m_readings.push_back(std::move(reading));
        m_shown.push_back(&shown);
    }
    const auto wanted = asked();
    m_apply->setEnabled(false); // what is shown until then is of the part as it was
    if (!wanted) {
        m_worker.drop();
        return showFills(tl::unexpected(wanted.error()));
    }
    m_worker.start(
        [asked = *wanted, figures = m_figures, readings = m_readings](const Task& task) {
            return fillPhrase(asked, figures, task);
        }, // the readings are what the figures point to
        [this](Result<PhraseFills> fills) { showFills(std::move(fills)); });
}

void FillPanel::showFills(Result<PhraseFills> fills) {
    m_table->clearRows();
    m_apply->setEnabled(fills && !fills->fills.empty());
    if (!fills) {
        m_says->setText(QStringLiteral("◆ ") + q(fills.error().message));
        m_ones->clear();
        return;
    }
    m_fills = std::move(*fills);
    const Tick set = counts(m_session.doc.landing().grid.empty() ? 8 : m_session.doc.landing().grid.regularSet());
    for (const PhraseFill& fill : m_fills->fills) {
        QStringList names, lengths, starts;
        Tick at = m_from;
        for (const std::size_t f : fill.figures) {
            names << q(m_figures[f].name);
            lengths << q(toSpokenCount(m_readings[f]->length));
            starts << q(toSpokenCount(musicCountIn(at, set)));
            at += m_readings[f]->length;
        }
        m_table->addRow({QString::number(fill.different), lengths.join(QLatin1Char(' ')), starts.join(QLatin1Char(' ')),
                         names.join(QStringLiteral(", "))});
    }
    m_says->setText(says());
    if (m_table->rowCount() > 0) m_table->selectRow(0);
    showOnes();
}

QString FillPanel::says() const {
    if (!m_fills) return m_says->text();
    std::vector<Tick> lengths = {};
    const auto allowed = parseLengths(m_lengths->text().toStdString());
    for (const auto& reading : m_readings)
        if (!allowed || allowed->empty() ||
            std::find(allowed->begin(), allowed->end(), reading->length) != allowed->end())
            lengths.push_back(reading->length);
    const Tick total = counts(m_counts->value());
    const auto filling = fillCounts(total, lengths);
    QString words;
    if (filling && !filling->combinations.empty())
        words =
            tr("%1 from these lengths: %2.").arg(q(inCounts(total)), combinationsInWords(*filling)) + QLatin1Char(' ');
    else if (filling)
        words = tr("No figures at hand have lengths that make %1.").arg(q(inCounts(total))) + QLatin1Char(' ');
    if (m_fills->fills.empty())
        return words +
               (m_fills->all && *m_fills->all == 0
                    ? tr("None fits the feet, the holds and the turn wanted: ask for either foot, or another turn.")
                    : tr("None keeps the limits of variety: allow figures more often."));
    const QString fit = m_fills->all
                            ? tr("%L1 in all fit the feet and holds").arg(static_cast<qulonglong>(*m_fills->all))
                            : tr("More than can be counted fit the feet and holds");
    return words + (m_fills->listedAll
                        ? tr("%1.").arg(fit)
                        : tr("%1; %2 of them are shown, of every number of figures.")
                              .arg(fit, QLocale().toString(static_cast<qulonglong>(m_fills->fills.size()))));
}

void FillPanel::showOnes() {
    m_ones->clear();
    const int row = m_table->currentRow();
    if (!m_fills || row < 0 || static_cast<std::size_t>(row) >= m_fills->fills.size()) return;
    const PhraseFill& fill = m_fills->fills[static_cast<std::size_t>(row)];
    std::vector<Tick> lengths;
    for (const std::size_t f : fill.figures) lengths.push_back(m_readings[f]->length);
    const Tick set = counts(m_session.doc.landing().grid.empty() ? 8 : m_session.doc.landing().grid.regularSet());
    QStringList met;
    std::set<std::size_t> meeting;
    for (const OneMet& one : onesMet(lengths, set, musicCountIn(m_from, set))) {
        if (met.size() < 8)
            met << tr("count %1 on the %2 of figure %3")
                       .arg(q(toSpokenCount(m_from + one.count)), q(toSpokenCount(one.inFigure)))
                       .arg(one.figure + 1);
        meeting.insert(one.figure);
    }
    QStringList without;
    for (std::size_t f = 0; f < fill.figures.size(); ++f)
        if (!meeting.contains(f) && !(f == 0 && musicCountIn(m_from, set) == counts(1)))
            without << QString::number(f + 1);
    m_ones->setText(tr("The 1s of the music: %1.")
                        .arg(met.isEmpty() ? tr("only where it begins") : met.join(QStringLiteral(", "))) +
                    (without.isEmpty()
                         ? QString()
                         : QLatin1Char(' ') + tr("None in figure %1.").arg(without.join(QStringLiteral(", ")))));
}

void FillPanel::applyChosen() {
    const int row = m_table->currentRow();
    if (!m_fills || row < 0 || static_cast<std::size_t>(row) >= m_fills->fills.size()) return;
    const Routine& routine = m_session.doc.document().routine;
    const PartId part = m_editor.chain().part();
    PlaceFigures place{part, {}};
    for (const std::size_t f : m_fills->fills[static_cast<std::size_t>(row)].figures)
        place.figures.push_back(m_shown[f]->toPlace());
    std::vector<Edit> edits{std::move(place)};
    if (routine.passes.empty()) edits.emplace_back(InsertPass{0, part}); // so that it is seen on the song at once
    if (!m_session.doc.edit(edits, tr("fill the phrase"))) return;
    offer();
    refresh();
}

} // namespace lc::app
