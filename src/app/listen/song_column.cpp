#include "app/listen/song_column.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/wording.h"
#include "app/listen/doubts_list.h"
#include "app/listen/hand_statements.h"
#include "core/base/clock_text.h"

#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>

#include <algorithm>
#include <cmath>
#include <numeric>

namespace lc::app {

namespace {

QString factInWords(const SongFact& fact) {
    if (const auto* name = std::get_if<NameFact>(&fact))
        return SongColumn::tr("“%1” at %2").arg(q(name->name), q(clockText(name->at)));
    return q(describe(fact));
}

QString originInWords(MapOrigin origin) {
    switch (origin) {
    case MapOrigin::Typed: return SongColumn::tr("Typed as structure, not heard.");
    case MapOrigin::Tapped: return SongColumn::tr("Counted by your taps.");
    case MapOrigin::Imported: return SongColumn::tr("The map was read from a file.");
    case MapOrigin::Carried: return SongColumn::tr("The map was carried over from another recording.");
    case MapOrigin::Heard: break;
    }
    return {};
}
} // namespace

SongColumn::SongColumn(Session& session, const Theme& theme, HandStatements& hand, QWidget* parent)
    : QScrollArea(parent), m_session(session), m_theme(theme), m_hand(hand) {
    setFixedWidth(theme.findings());
    setWidgetResizable(true);
    setFocusPolicy(Qt::NoFocus);
    setManner(this, Manner::Beside);
}

void SongColumn::rebuild() {
    const Document& document = m_session.doc.document();
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(m_theme.px(16), m_theme.px(8), m_theme.px(16), m_theme.px(12));
    column->setSpacing(m_theme.px(8));
    const auto add = [&](const QString& text, int size, Weight weight, Tone tone) {
        column->addWidget(paragraph(text, m_theme.words(size, weight), tone, page));
    };
    m_doubts = nullptr;
    m_phraseName = nullptr;
    if ((m_session.song.solvesAnew() || !m_session.song.doubts().empty()) && !m_session.doc.landing().grid.empty()) {
        column->addWidget(m_doubts = new DoubtsList(m_session, m_theme, page));
        column->addSpacing(m_theme.px(8));
    }
    add(tr("The song"), 15, Weight::Heavy, Tone::Ink);
    column->addWidget(divider(page, Tone::Ink, 2));
    const CountGrid& grid = m_session.doc.landing().grid;
    if (grid.empty()) {
        add(m_session.transport.player().songSeconds() > 0 ? tr("Not counted yet.") : tr("No beats yet."), 13,
            Weight::Regular, Tone::Ink2);
    } else {
        if (const auto tempo = medianTempo(*document.map))
            add(tr("%1 bpm, %2").arg(std::lround(*tempo)).arg(q(toString(document.map->metre))), 14, Weight::Bold,
                Tone::Ink);
        if (!document.song.artist.empty())
            add(tr("“%1” by %2").arg(q(document.song.title), q(document.song.artist)), 13, Weight::Regular, Tone::Ink2);
        if (const QString origin = originInWords(document.origin); !origin.isEmpty())
            add(origin, 13, Weight::Regular, Tone::Ink2);
        add(tr("%1 in %2; the first 1 is at %3.")
                .arg(q(inCounts(counts(grid.countsInSong()))), q(inPhrases(grid.phrases().size())))
                .arg(q(clockText(grid.cell(0)->start))),
            13, Weight::Regular, Tone::Ink2);
        for (const BarRun& run : oddRuns(*document.map)) {
            const QString at = q(clockText(document.map->beats[document.map->bars[run.first].firstBeat].time));
            if (run.count == 1)
                add(run.beats == 1 ? tr("Bar %1 has one beat, at %2.").arg(run.first + 1).arg(at)
                                   : tr("Bar %1 has %2 beats, at %3.").arg(run.first + 1).arg(run.beats).arg(at),
                    13, Weight::Regular, Tone::Ink2);
            else
                add(tr("Bars %1 to %2 have %3 beats each, from %4.")
                        .arg(run.first + 1)
                        .arg(run.first + run.count)
                        .arg(run.beats)
                        .arg(at),
                    13, Weight::Regular, Tone::Ink2);
        }
        if (document.map->pickupBeats > 0)
            add(document.map->pickupBeats == 1 ? tr("A pick-up of one beat before it.")
                                               : tr("A pick-up of %1 beats before it.").arg(document.map->pickupBeats),
                13, Weight::Regular, Tone::Ink2);
        if (document.map->swing > swungFrom)
            add(tr("Swung: the & falls at %1 % of the beat.").arg(std::lround(100 * document.map->swing)), 13,
                Weight::Regular, Tone::Ink2);
        for (const Fermata& held : document.map->fermatas)
            add(tr("A beat held for %1 s at %2.")
                    .arg(QLocale().toString(held.end - held.start, 'f', 1), q(clockText(held.start))),
                13, Weight::Regular, Tone::Ink2);
        for (const Stop& stop : document.map->stops)
            add(tr("A stop of %1 at %2.")
                    .arg(q(inBeats(static_cast<std::size_t>(stop.beats))))
                    .arg(q(clockText(stop.start))),
                13, Weight::Regular, Tone::Ink2);
        add(tr("Where a 1 or a phrase is wrong, put the caret there and say it by hand; the rest is worked out again around it."),
            13, Weight::Regular, Tone::Ink2);
        auto* nameRow = new QHBoxLayout;
        auto* name = m_phraseName = new QLineEdit(page);
        name->setObjectName(QStringLiteral("phraseName"));
        name->setPlaceholderText(tr("Name of the phrase at the caret"));
        name->setAccessibleName(tr("Name of the phrase at the caret"));
        name->setToolTip(tr("Type a name such as Verse 1 and press Enter (N)"));
        connect(name, &QLineEdit::returnPressed, this, [this, name] { m_hand.namePhrase(name->text().trimmed()); });
        nameRow->addWidget(name);
        column->addLayout(nameRow);
    }
    if (!document.facts.empty()) {
        column->addSpacing(m_theme.px(6));
        add(tr("What you said"), 15, Weight::Heavy, Tone::Ink);
        if (document.facts.size() > 1) {
            auto* all = new QPushButton(tr("forget all"), page);
            all->setProperty("flat", true);
            all->setObjectName(QStringLiteral("forgetAll"));
            all->setToolTip(tr("Take every statement back; undo brings them again"));
            connect(all, &QPushButton::clicked, this, [this] { m_hand.forgetAll(); });
            column->addWidget(all, 0, Qt::AlignLeft);
        }
        std::vector<std::size_t> order(document.facts.size());
        std::iota(order.begin(), order.end(), std::size_t{0});
        std::stable_partition(order.begin(), order.end(),
                              [&](std::size_t i) { return !std::holds_alternative<NameFact>(document.facts[i]); });
        for (const std::size_t i : order) {
            auto* row = new QHBoxLayout;
            row->addWidget(paragraph(factInWords(document.facts[i]), m_theme.words(13), Tone::Ink2, page), 1);
            auto* forget = new QPushButton(tr("forget"), page);
            forget->setProperty("flat", true);
            forget->setToolTip(tr("Take this statement back"));
            connect(forget, &QPushButton::clicked, this,
                    [this, i] { m_session.song.state({}, tr("forget a fact"), {i}); });
            row->addWidget(forget, 0, Qt::AlignTop);
            column->addLayout(row);
        }
    }
    addMoments(column, page);
    column->addStretch();
    if (QWidget* old = takeWidget()) old->deleteLater(); // one of its buttons may be the sender
    setWidget(page);
}

void SongColumn::nameThePhrase() {
    if (m_phraseName) m_phraseName->setFocus(Qt::ShortcutFocusReason);
}

void SongColumn::addMoments(QVBoxLayout* column, QWidget* page) {
    constexpr std::size_t mostShown = 60; // the lines of a whole song; beyond it the strips show them
    const auto& moments = m_session.doc.document().moments;
    if (moments.empty()) return;
    column->addSpacing(m_theme.px(6));
    column->addWidget(paragraph(tr("Moments"), m_theme.words(15, Weight::Heavy), Tone::Ink, page));
    for (std::size_t i = 0; i < std::min(moments.size(), mostShown); ++i) {
        const Moment& moment = moments[i];
        auto* row = new QHBoxLayout;
        row->addWidget(
            paragraph(tr("%1  %2, %3").arg(q(clockText(moment.at)), q(moment.text), momentKindInWords(moment.kind)),
                      m_theme.words(13), Tone::Ink2, page),
            1);
        auto* remove = new QPushButton(tr("remove"), page);
        remove->setProperty("flat", true);
        remove->setToolTip(tr("Take this moment out"));
        connect(remove, &QPushButton::clicked, this, [this, id = moment.id] { m_session.doc.edit(RemoveMoment{id}); });
        row->addWidget(remove, 0, Qt::AlignTop);
        column->addLayout(row);
    }
    if (moments.size() > mostShown)
        column->addWidget(paragraph(tr("… and %1 more on the strips.").arg(moments.size() - mostShown),
                                    m_theme.words(13), Tone::Ink2, page));
}

} // namespace lc::app
