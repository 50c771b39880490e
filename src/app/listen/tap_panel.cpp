#include "app/listen/tap_panel.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/settings.h"
#include "app/widgets/flow_layout.h"
#include "core/song/tapping.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPushButton>
#include <QSpinBox>

#include <cmath>

namespace lc::app {

namespace {
constexpr double pause = 4; // seconds without a tap, after which tapping begins anew
} // namespace

TapPanel::TapPanel(Session& session, const Theme& theme, QWidget* parent)
    : HandPanel(tr("Tap along"), theme, parent), m_session(session) {
    auto* tapButton = addButton(tr("Tap  T"), tr("On each beat, with the key T or this button"), "tapNow");
    tapButton->setFocusPolicy(Qt::NoFocus);
    connect(tapButton, &QPushButton::pressed, this, &TapPanel::tap);
    m_target = new QComboBox(this);
    m_target->setObjectName(QStringLiteral("tapTarget"));
    m_target->setAccessibleName(tr("What is tapped"));
    m_target->addItem(tr("every beat"));
    m_target->addItem(tr("only the 1s"));
    m_target->setFocusPolicy(Qt::TabFocus);
    m_row->addWidget(m_target);
    addText(tr("taps come late by"));
    m_late = new QSpinBox(this);
    m_late->setObjectName(QStringLiteral("tapsLate"));
    m_late->setRange(-200, 400);
    m_late->setSuffix(tr(" ms"));
    m_late->setToolTip(tr(
        "What the sound's way to the ear and the hand's to the key take together; learned from taps that agree with a song"));
    m_late->setValue(settings::tapsLate());
    m_late->setFocusPolicy(Qt::ClickFocus);
    m_row->addWidget(m_late);
    m_use = addButton(tr("Use the taps"), tr("State what they say; the rest is worked out again around it"), "useTaps",
                      true);
    m_use->setFocusPolicy(Qt::TabFocus);
    connect(m_use, &QPushButton::clicked, this, &TapPanel::useTaps);
    auto* again = addButton(tr("Again"), tr("Forget these taps"), "tapAgain");
    again->setFocusPolicy(Qt::TabFocus);
    connect(again, &QPushButton::clicked, this, &TapPanel::startAgain);
    addClose();
    setFocusPolicy(Qt::StrongFocus);
    connect(&session.song, &SongSession::tapsTaken, this, &TapPanel::learnLateness);
    connect(m_target, &QComboBox::currentIndexChanged, this, &TapPanel::refresh);
    connect(m_late, &QSpinBox::valueChanged, this, [this](int late) {
        settings::setTapsLate(late);
        refresh();
    });
}

void TapPanel::opened() { startAgain(); }

void TapPanel::keyPressEvent(QKeyEvent* event) {
    if (event->key() != Qt::Key_T || event->modifiers() != Qt::NoModifier) return HandPanel::keyPressEvent(event);
    if (!event->isAutoRepeat()) tap();
}

void TapPanel::startAgain() {
    m_taps.clear();
    refresh();
}

void TapPanel::tap() {
    double at = 0;
    if (m_session.transport.player().playing())
        at = m_session.transport.player().position();
    else {
        if (!m_clock.isValid()) m_clock.start();
        at = static_cast<double>(m_clock.nsecsElapsed()) / 1e9;
    }
    if (!m_taps.empty() && (at < m_taps.back() || at - m_taps.back() > pause))
        m_taps.clear(); // the song was set back, or a new attempt
    m_taps.push_back(at);
    refresh();
}

void TapPanel::refresh() {
    m_use->setEnabled(false);
    if (m_taps.empty())
        return say(
            m_session.transport.player().playing()
                ? tr("Tap T on each beat, at least eight times; wrong and missing taps are outvoted.")
                : tr("Play the song (Space), then tap T on each beat. Without a recording the taps give a tempo."));
    const auto fit = fitTaps(m_taps, m_late->value() / 1000.0);
    if (!fit) return say(m_taps.size() == 1 ? tr("1 tap.") : tr("%1 taps. Go on.").arg(m_taps.size()));
    m_use->setEnabled(true);
    QString text = tr("%1: %2 bpm, scattered by %3 ms")
                       .arg(q(Core::plural("%n tap|%n taps", nullptr, static_cast<std::int64_t>(m_taps.size()))))
                       .arg(QLocale().toString(60 / fit->period, 'f', 1))
                       .arg(std::lround(fit->scatter * 1000));
    if (fit->outvoted > 0) text = tr("%1, %2 outvoted").arg(text, QString::number(fit->outvoted));
    if (fit->doubled > 0) text = tr("%1, %2 came twice").arg(text, QString::number(fit->doubled));
    if (fit->missed > 0) text = tr("%1, %2 filled in").arg(text, QString::number(fit->missed));
    say(text + QLatin1Char('.'));
}

void TapPanel::useTaps() {
    const auto fit = fitTaps(m_taps, m_late->value() / 1000.0);
    if (!fit) return say(q(fit.error().message));
    if (m_clock.isValid() && !m_session.transport.player().playing()) { // tapped without the song
        m_clock.invalidate();
        Q_EMIT tempoTapped(60 / fit->period);
        return Q_EMIT done();
    }
    const TapTarget target = m_target->currentIndex() == 1 ? TapTarget::Ones : TapTarget::Beats;
    const Metre metre = m_session.doc.document().map->beats.empty() ? Metre{} : m_session.doc.document().map->metre;
    m_used = fit->places;
    m_session.song.stateTaps(*fit, target, metre);
}

/// When the taps are in the map: half of what they are still late by is learned, for one person taps many songs.
void TapPanel::learnLateness() {
    if (m_used.empty()) return;
    if (const auto rest = lateness(*m_session.doc.document().map, m_used);
        rest && m_session.doc.document().origin == MapOrigin::Heard)
        m_late->setValue(m_late->value() + static_cast<int>(std::lround(*rest * 500)));
    m_used.clear();
    m_taps.clear();
    Q_EMIT done();
}

} // namespace lc::app
