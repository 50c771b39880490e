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
#include "core/figures/fill_orders.h"
#include "core/planning/plan_costs.h"

#include <QCheckBox>
#include <QComboBox>
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
    : ProposalsPage(tr("Fill the phrase"), QStringLiteral("fill"), session, theme, parent), m_desk(desk),
      m_editor(editor), m_worker(session.working()) {
    const auto combo = [&](FlowLayout* to, const char* name, const QString& what) {
        auto* box = new QComboBox(this);
        box->setObjectName(QString::fromLatin1(name));
        box->setAccessibleName(what);
        box->setToolTip(what);
        connect(box, &QComboBox::activated, this, &FillPanel::refresh);
        to->addWidget(box);
        return box;
    };
    const auto check = [&](FlowLayout* to, const char* name, const QString& what, const QString& tip) {
        auto* box = new QCheckBox(what, this);
        box->setObjectName(QString::fromLatin1(name));
        box->setToolTip(tip);
        connect(box, &QCheckBox::toggled, this, &FillPanel::refresh);
        to->addWidget(box);
        return box;
    };
    FlowLayout& first = row();
    addWords(&first, tr("fill"), theme, this);
    m_counts = numberField("fillPhraseCounts", tr("Counts to fill after the part"), 1, 256, theme, this);
    first.addWidget(m_counts);
    addWords(&first, tr("counts after the part"), theme, this);
    m_options =
        addButton(&first, tr("Options"), tr("Which figures may be used, and how they are to end"), "fillOptions", this);
    m_options->setCheckable(true);
    auto* options = new QWidget(this);
    auto* all = new QVBoxLayout(options);
    all->setContentsMargins(0, 0, 0, 0);
    all->setSpacing(theme.px(6));
    const auto line = [&] {
        auto* flow = new FlowLayout(theme.px(6));
        all->addLayout(flow);
        return flow;
    };
    FlowLayout* feet = line();
    addWords(feet, tr("and leave"), theme, options);
    m_leave = combo(feet, "fillPhraseLeave", tr("The foot that is free afterwards"));
    for (const QString& words :
         {tr("the foot its count 1 needs"), tr("the left foot free"), tr("the right foot free"), tr("either foot")})
        m_leave->addItem(words);
    FlowLayout* turn = line();
    addWords(turn, tr("turning"), theme, options);
    m_turn = combo(turn, "fillPhraseTurn", tr("How much is turned in all"));
    m_turn->addItem(tr("as it comes"));
    for (const int e : {0, 2, 4, -2}) m_turn->addItem(e == 0 ? tr("not") : q(turnSaid({e})), e);
    FlowLayout* lengths = line();
    addWords(lengths, tr("figures of"), theme, options);
    m_lengths = new QLineEdit(options);
    m_lengths->setObjectName(QStringLiteral("fillPhraseLengths"));
    m_lengths->setAccessibleName(tr("Lengths of figures that may be used"));
    m_lengths->setToolTip(tr("Counts with commas, such as 6, 8; empty = any"));
    m_lengths->setPlaceholderText(tr("any"));
    m_lengths->setFixedWidth(theme.px(84));
    lengths->addWidget(m_lengths);
    addWords(lengths, tr("counts"), theme, options);
    FlowLayout* often = line();
    addWords(often, tr("each at most"), theme, options);
    m_times = numberField("fillPhraseTimes", tr("How often a figure may come"), 1, 99, theme, options);
    m_times->setValue(4);
    often->addWidget(m_times);
    addWords(often, tr("times"), theme, options);
    m_level = combo(line(), "fillPhraseLevel", tr("Levels of figures that may be used"));
    FlowLayout* last = line();
    m_twice = check(last, "fillPhraseTwice", tr("twice in a row"), tr("May a figure follow itself?"));
    {
        const QSignalBlocker quiet(m_twice);
        m_twice->setChecked(true);
    }
    m_own = check(last, "fillPhraseOwn", tr("of this routine only"), tr("Leave the vocabulary's other figures out"));
    options->hide();
    settings().addWidget(options);
    connect(m_options, &QPushButton::toggled, options, &QWidget::setVisible);

    m_upToDate = new WhenShown(this, [this] { refresh(); });
    connect(m_counts, &QSpinBox::valueChanged, this, &FillPanel::refresh);
    connect(m_times, &QSpinBox::valueChanged, this, &FillPanel::refresh);
    connect(m_lengths, &QLineEdit::editingFinished, this, [this] {
        if (m_lengths->isModified()) refresh(); // the chosen one stays chosen when the field is only left
        m_lengths->setModified(false);
    });
    connect(&session.doc, &DocumentSession::documentChanged, m_upToDate, &WhenShown::ask);
    connect(&desk, &FigureDesk::listChanged, m_upToDate, &WhenShown::ask);
}

void FillPanel::begin() {
    m_desk.open();
    offer();
    ProposalsPage::begin();
    refresh();
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
    asked.most = 60; // more are not read
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
    m_places.clear();
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
        m_places.push_back(shown.toPlace());
    }
    const auto wanted = asked();
    nothingYet();
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
    if (!fills) return setProposals(tl::unexpected(fills.error()));
    m_fills = std::move(*fills);
    say(says());
    std::vector<Proposal> proposals;
    for (const PhraseFill& fill : m_fills->fills) proposals.push_back(proposalOf(fill));
    setProposals(std::move(proposals));
}

Tick FillPanel::set() const {
    const CountGrid& grid = m_session.doc.landing().grid;
    return counts(grid.empty() ? 8 : grid.regularSet());
}

Proposal FillPanel::proposalOf(const PhraseFill& fill) const {
    const Routine& routine = m_session.doc.document().routine;
    const PartId part = m_editor.chain().part();
    PlaceFigures place{part, {}};
    QStringList names, lengths, starts;
    Tick at = m_from;
    for (const std::size_t f : fill.figures) {
        names << q(m_figures[f].name);
        lengths << q(toSpokenCount(m_readings[f]->length));
        starts << q(toSpokenCount(musicCountIn(at, set())));
        at += m_readings[f]->length;
        place.figures.push_back(m_places[f]);
    }
    std::vector<Edit> edits{std::move(place)};
    if (routine.passes.empty()) edits.emplace_back(InsertPass{0, part}); // so that it is seen on the song at once
    const auto& passes = m_session.doc.landing().performance.passes;
    const auto pass =
        std::find_if(passes.begin(), passes.end(), [&](const PassPerformance& p) { return p.part == part; });
    return {names.join(QStringLiteral(", ")),
            tr("Different figures: %1. Lengths: %2. They start on: %3.")
                .arg(QString::number(fill.different), lengths.join(QLatin1Char(' ')), starts.join(QLatin1Char(' '))),
            std::move(edits), pass == passes.end() ? std::nullopt : std::optional(pass->start + m_from)};
}

QString FillPanel::says() const {
    if (!m_fills) return said();
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

QString FillPanel::noteOf(std::size_t index) const {
    if (!m_fills || index >= m_fills->fills.size()) return {};
    const PhraseFill& fill = m_fills->fills[index];
    std::vector<Tick> lengths;
    for (const std::size_t f : fill.figures) lengths.push_back(m_readings[f]->length);
    QStringList met;
    std::set<std::size_t> meeting;
    for (const OneMet& one : onesMet(lengths, set(), musicCountIn(m_from, set()))) {
        if (met.size() < 8)
            met << tr("count %1 on the %2 of figure %3")
                       .arg(q(toSpokenCount(m_from + one.count)), q(toSpokenCount(one.inFigure)))
                       .arg(one.figure + 1);
        meeting.insert(one.figure);
    }
    QStringList without;
    for (std::size_t f = 0; f < fill.figures.size(); ++f)
        if (!meeting.contains(f) && !(f == 0 && musicCountIn(m_from, set()) == counts(1)))
            without << QString::number(f + 1);
    return tr("The 1s of the music: %1.")
               .arg(met.isEmpty() ? tr("only where it begins") : met.join(QStringLiteral(", "))) +
           (without.isEmpty() ? QString()
                              : QLatin1Char(' ') + tr("None in figure %1.").arg(without.join(QStringLiteral(", "))));
}

void FillPanel::apply() {
    const auto before = m_session.doc.revision();
    ProposalsPage::apply();
    if (m_session.doc.revision() != before) Q_EMIT closed();
}

QString FillPanel::undoName() const { return tr("fill the phrase"); }

} // namespace lc::app
