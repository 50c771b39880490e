#include "app/listen_stage.h"

#include "app/doubts_list.h"
#include "app/session.h"
#include "app/strips_view.h"
#include "app/wording.h"
#include "core/clock_text.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSpinBox>

#include <algorithm>
#include <cmath>
#include <numeric>

namespace lc::app {

namespace {
QString q(const std::string& text) { return QString::fromStdString(text); }

QString factInWords(const SongFact& fact) {
    if (const auto* name = std::get_if<NameFact>(&fact)) return ListenStage::tr("“%1” at %2").arg(q(name->name), q(clockText(name->at)));
    return q(describe(fact));
}
} // namespace

ListenStage::ListenStage(Session& session, const Theme& theme, QWidget* parent) : QWidget(parent), m_session(session), m_theme(theme) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    auto* column = new QVBoxLayout;
    column->setSpacing(0);
    row->addLayout(column, 1);

    auto* tools = new QHBoxLayout;
    tools->setContentsMargins(theme.px(16), theme.px(6), theme.px(16), theme.px(6));
    tools->setSpacing(theme.px(6));
    m_byHand = paragraph(tr("By hand"), theme.words(13, Weight::Bold), theme.colours().ink, this);
    m_byHand->setWordWrap(false);
    tools->addWidget(m_byHand);
    const auto add = [&](const QString& text, const QString& tip, const char* name, auto&& what) {
        auto* button = new QPushButton(text, this);
        button->setProperty("flat", true);
        button->setToolTip(tip);
        button->setObjectName(QString::fromLatin1(name));
        connect(button, &QPushButton::clicked, this, what);
        tools->addWidget(button);
        return button;
    };
    add(tr("This is a 1"), tr("A bar and a set start at the caret; the bars after it follow (1)"), "thisIsAOne", [this] { thisIsAOne(); });
    add(tr("1 earlier"), tr("Every 1 of the song one beat earlier"), "oneEarlier", [this] { shiftOne(-1); });
    add(tr("1 later"), tr("Every 1 of the song one beat later"), "oneLater", [this] { shiftOne(1); });
    auto* bar = new QComboBox(this);
    bar->setObjectName(QStringLiteral("barBeats"));
    bar->setToolTip(tr("The bar at the caret has this many beats (B)"));
    bar->setAccessibleName(tr("Beats of the bar at the caret"));
    bar->addItem(tr("This bar has …"));
    for (int n = 1; n <= 8; ++n) bar->addItem(n == 1 ? tr("1 beat") : tr("%1 beats").arg(n), n);
    connect(bar, &QComboBox::activated, this, [this, bar](int index) {
        if (index > 0) thisBarHas(bar->itemData(index).toInt());
        bar->setCurrentIndex(0);
    });
    tools->addWidget(bar);
    m_phraseHere = add(tr("A phrase starts here"), tr("A phrase begins with the bar at the caret (H)"), "phraseHere", [this] { phraseStartsHere(); });
    add(tr("None here"), tr("No phrase begins at the caret: it belongs to the one before (Shift+H)"), "noPhraseHere", [this] { noPhraseStartsHere(); });
    add(tr("Half"), tr("The beats are half as fast"), "half", [this] { halfAsFast(); });
    add(tr("Double"), tr("The beats are twice as fast"), "double", [this] { twiceAsFast(); });
    m_metre = new QComboBox(this);
    m_metre->setObjectName(QStringLiteral("metre"));
    m_metre->setAccessibleName(tr("Metre"));
    m_metre->setToolTip(tr("Beats in a bar, for the whole song"));
    for (const char* metre : {"4/4", "3/4", "2/4", "5/4", "6/8", "7/8:3+2+2", "7/8:2+2+3", "12/8"}) m_metre->addItem(QString::fromLatin1(metre));
    connect(m_metre, &QComboBox::activated, this, [this](int index) { setMetre(m_metre->itemText(index)); });
    tools->addWidget(m_metre);
    tools->addStretch();
    column->addLayout(tools);
    column->addWidget(divider(theme, this));
    m_strips = new StripsView(session, theme, StripContent::Listen, this);
    column->addWidget(m_strips, 1);

    m_facts = new QScrollArea(this);
    m_facts->setFixedWidth(theme.findings());
    m_facts->setWidgetResizable(true);
    m_facts->setFocusPolicy(Qt::NoFocus);
    m_facts->setStyleSheet(QStringLiteral("QScrollArea{border-left:1px solid %1;}").arg(theme.colours().rule.name()));
    row->addWidget(m_facts);
    connect(&session, &Session::documentChanged, this, [this] {
        rebuildFacts();
        showMetre();
    });
    connect(&session, &Session::doubtsChanged, this, [this] {
        rebuildFacts();
        m_strips->viewport()->update();
    });
    rebuildFacts();
    showMetre();
}

void ListenStage::resizeEvent(QResizeEvent*) {
    const bool narrow = width() < m_theme.px(1050); // the window at its smallest: fewer words for the same things
    m_byHand->setVisible(!narrow);
    m_phraseHere->setText(narrow ? tr("Phrase here") : tr("A phrase starts here"));
}

void ListenStage::showMetre() {
    const QString metre = q(toString(m_session.document().map->metre));
    if (m_metre->findText(metre) < 0) m_metre->addItem(metre);
    m_metre->setCurrentText(metre);
}

void ListenStage::rebuildFacts() {
    const Document& document = m_session.document();
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(m_theme.px(16), m_theme.px(8), m_theme.px(16), m_theme.px(12));
    column->setSpacing(m_theme.px(8));
    const auto add = [&](const QString& text, int size, Weight weight, const QColor& colour) { column->addWidget(paragraph(text, m_theme.words(size, weight), colour, page)); };
    const Palette& c = m_theme.colours();
    if (m_session.heardSong() && !m_session.landing().grid.empty()) {
        column->addWidget(new DoubtsList(m_session, m_theme, page));
        column->addSpacing(m_theme.px(8));
    }
    add(tr("The song"), 15, Weight::Heavy, c.ink);
    auto* line = divider(m_theme, page);
    line->setFixedHeight(2);
    line->setStyleSheet(QStringLiteral("background:%1;").arg(c.ink.name()));
    column->addWidget(line);
    const CountGrid& grid = m_session.landing().grid;
    if (grid.empty()) {
        add(tr("No beats yet. Open a song, or drop a sound file on the window."), 13, Weight::Regular, c.ink2);
    } else {
        if (const auto tempo = medianTempo(*document.map)) add(tr("%1 bpm, %2").arg(std::lround(*tempo)).arg(q(toString(document.map->metre))), 14, Weight::Bold, c.ink);
        add(tr("%1 counts in %2 phrases; the first 1 is at %3.").arg(grid.countsInSong()).arg(grid.phrases().size()).arg(q(clockText(grid.cell(0)->start))), 13, Weight::Regular, c.ink2);
        for (std::size_t b = 0; b < document.map->bars.size(); ++b)
            if (document.map->bars[b].beats != document.map->metre.beats)
                add(tr("Bar %1 has %2 beats, at %3.").arg(b + 1).arg(document.map->bars[b].beats).arg(q(clockText(document.map->beats[document.map->bars[b].firstBeat].time))), 13, Weight::Regular, c.ink2);
        for (const Stop& stop : document.map->stops)
            add(tr("A stop of %1 beats at %2.").arg(stop.beats).arg(q(clockText(stop.start))), 13, Weight::Regular, c.ink2);
        add(tr("Where a 1 or a phrase is wrong, put the caret there and say it by hand; the rest is worked out again around it."), 13, Weight::Regular, c.ink2);
        auto* nameRow = new QHBoxLayout;
        auto* name = new QLineEdit(page);
        name->setObjectName(QStringLiteral("phraseName"));
        name->setPlaceholderText(tr("Name of the phrase at the caret"));
        name->setAccessibleName(tr("Name of the phrase at the caret"));
        name->setToolTip(tr("Type a name such as Verse 1 and press Enter (N)"));
        connect(name, &QLineEdit::returnPressed, this, [this, name] { namePhrase(name->text().trimmed()); });
        nameRow->addWidget(name);
        column->addLayout(nameRow);
    }
    if (!document.facts.empty()) {
        column->addSpacing(m_theme.px(6));
        add(tr("What you said"), 15, Weight::Heavy, c.ink);
        std::vector<std::size_t> order(document.facts.size());
        std::iota(order.begin(), order.end(), std::size_t{0});
        std::stable_partition(order.begin(), order.end(), [&](std::size_t i) { return !std::holds_alternative<NameFact>(document.facts[i]); });
        for (const std::size_t i : order) {
            auto* row = new QHBoxLayout;
            row->addWidget(paragraph(factInWords(document.facts[i]), m_theme.words(13), c.ink2, page), 1);
            auto* forget = new QPushButton(tr("forget"), page);
            forget->setProperty("flat", true);
            forget->setToolTip(tr("Take this statement back"));
            connect(forget, &QPushButton::clicked, this, [this, i] { m_session.state({}, tr("forget a fact"), {i}); });
            row->addWidget(forget, 0, Qt::AlignTop);
            column->addLayout(row);
        }
    }
    column->addStretch();
    if (QWidget* old = m_facts->takeWidget()) old->deleteLater(); // one of its buttons may be the sender
    m_facts->setWidget(page);
}

std::optional<double> ListenStage::beatAtCaret() const {
    const SongMap& map = *m_session.document().map;
    const auto seconds = m_session.landing().grid.secondsAt(m_session.now());
    if (!seconds || map.beats.empty()) {
        Q_EMIT m_session.told(tr("Put the caret on a count of the song first."));
        return std::nullopt;
    }
    return map.beats[nearestBeat(map, *seconds)].time;
}

std::optional<std::size_t> ListenStage::barAtCaret() const {
    const SongMap& map = *m_session.document().map;
    const CountCell* cell = m_session.landing().grid.cellAt(m_session.now());
    if (!cell || cell->bar < 0 || static_cast<std::size_t>(cell->bar) >= map.bars.size()) {
        Q_EMIT m_session.told(tr("Put the caret into a bar of the song first."));
        return std::nullopt;
    }
    return static_cast<std::size_t>(cell->bar);
}

void ListenStage::thisIsAOne() {
    if (const auto at = beatAtCaret()) m_session.state({OneFact{*at}});
}

void ListenStage::shiftOne(int beats) {
    const SongMap& map = *m_session.document().map;
    if (map.bars.empty()) return;
    const auto target = static_cast<std::ptrdiff_t>(map.bars.front().firstBeat) + beats;
    // Before the first beat there is none: the 1 a bar later moved back by one beat says the same.
    const std::ptrdiff_t place = target >= 0 ? target : target + map.bars.front().beats;
    if (static_cast<std::size_t>(place) >= map.beats.size()) return;
    std::vector<std::size_t> forget;
    for (std::size_t i = 0; i < m_session.document().facts.size(); ++i) // an earlier shift of the whole song is replaced
        if (const auto* one = std::get_if<OneFact>(&m_session.document().facts[i]); one && std::abs(one->at - map.beats[map.bars.front().firstBeat].time) < 0.1) forget.push_back(i);
    m_session.state({OneFact{map.beats[static_cast<std::size_t>(place)].time}}, beats > 0 ? tr("every 1 a beat later") : tr("every 1 a beat earlier"), forget);
}

void ListenStage::thisBarHas(int beats) {
    const SongMap& map = *m_session.document().map;
    if (const auto bar = barAtCaret()) m_session.state({BarFact{map.beats[map.bars[*bar].firstBeat].time, beats, {}}});
}

void ListenStage::phraseStartsHere() {
    if (const auto at = beatAtCaret()) m_session.state({PhraseFact{*at, std::nullopt}});
}

void ListenStage::noPhraseStartsHere() {
    const SongMap& map = *m_session.document().map;
    const auto bar = barAtCaret();
    if (!bar) return;
    const auto phrase = phraseOfBar(map, *bar);
    if (!phrase || *phrase == 0) return Q_EMIT m_session.told(tr("The first phrase has none before it to belong to."));
    const Phrase& before = map.phrases[*phrase - 1];
    const int beats = beatsIn(map, before) + beatsIn(map, map.phrases[*phrase]);
    std::vector<std::size_t> forget;
    const double here = map.beats[firstBeatOf(map, map.phrases[*phrase])].time;
    for (std::size_t i = 0; i < m_session.document().facts.size(); ++i) // a statement to the contrary is taken back
        if (const auto* fact = std::get_if<PhraseFact>(&m_session.document().facts[i]); fact && std::abs(fact->at - here) < 0.07) forget.push_back(i);
    m_session.state({PhraseFact{map.beats[firstBeatOf(map, before)].time, beats}}, tr("no phrase starts here"), forget);
}

void ListenStage::halfAsFast() { changePulse(-2); }
void ListenStage::twiceAsFast() { changePulse(2); }

/// A song that was heard is solved again at the other tempo; a typed one has its beats thinned out or filled up.
void ListenStage::changePulse(int factor) {
    const auto tempo = medianTempo(*m_session.document().map);
    if (!m_session.heardSong() || !tempo) {
        m_session.edit(StateFact{PulseFact{factor}});
        return;
    }
    m_session.state({TempoFact{std::round(*tempo * (factor == 2 ? 20 : 5)) / 10}}, factor == 2 ? tr("twice as many beats") : tr("half as many beats"));
}

void ListenStage::setMetre(const QString& metre) {
    const auto read = parseMetre(metre.toStdString());
    if (read) m_session.state({MetreFact{*read}});
}

void ListenStage::namePhrase(const QString& name) {
    const CountCell* cell = m_session.landing().grid.cellAt(m_session.now());
    if (!cell || cell->phrase < 0 || name.isEmpty()) return;
    m_session.state({NameFact{m_session.landing().grid.phrases()[static_cast<std::size_t>(cell->phrase)].start, name.toStdString()}});
}

} // namespace lc::app
