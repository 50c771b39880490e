#include "app/listen/hand_panels.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/wording.h"
#include "app/listen/hand_statements.h"
#include "app/widgets/flow_layout.h"
#include "core/base/clock_text.h"
#include "core/song/structure_text.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>

#include <algorithm>
#include <cmath>

namespace lc::app {

QStringList usualMetres() {
    return {QStringLiteral("4/4"),         QStringLiteral("3/4"),       QStringLiteral("2/4"),
            QStringLiteral("5/4"),         QStringLiteral("6/8"),       QStringLiteral("12/8"),
            QStringLiteral("9/8"),         QStringLiteral("7/8:3+2+2"), QStringLiteral("7/8:2+2+3"),
            QStringLiteral("9/8:2+2+2+3"), QStringLiteral("5/8:3+2")};
}

HandPanel::HandPanel(const QString& title, const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(theme.px(16), theme.px(6), theme.px(16), theme.px(6));
    column->setSpacing(theme.px(3));
    m_row = new FlowLayout(theme.px(8));
    column->addLayout(m_row);
    auto* head = paragraph(title, theme.words(13, Weight::Bold), Tone::Ink, this);
    head->setWordWrap(false);
    m_row->addWidget(head);
    m_line = paragraph({}, theme.words(13), Tone::Ink2, this);
    m_second = new QHBoxLayout;
    m_second->setSpacing(theme.px(8));
    m_second->addWidget(m_line, 1);
    column->addLayout(m_second);
    setAccessibleName(title);
    setAttribute(Qt::WA_StyledBackground);
    setManner(this, Manner::Sheet);
}

void HandPanel::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return Q_EMIT done();
    QWidget::keyPressEvent(event);
}

QPushButton* HandPanel::addButton(const QString& text, const QString& tip, const char* name, bool main) {
    auto* button = new QPushButton(text, this);
    button->setToolTip(tip);
    button->setObjectName(QString::fromLatin1(name));
    if (main) button->setProperty("main", true);
    m_row->addWidget(button);
    return button;
}

QLabel* HandPanel::addText(const QString& text) {
    auto* label = paragraph(text, m_theme.words(13), Tone::Ink2, this);
    label->setWordWrap(false);
    m_row->addWidget(label);
    return label;
}

void HandPanel::addClose() {
    m_row->addStretch();
    auto* close = addButton(tr("close"), tr("Close this strip (Escape)"), "closePanel");
    close->setProperty("flat", true);
    connect(close, &QPushButton::clicked, this, &HandPanel::done);
}

void HandPanel::say(const QString& text) { m_line->setText(text); }

SpanPanel::SpanPanel(Session& session, HandStatements& hand, const Theme& theme, QWidget* parent)
    : HandPanel(tr("From here to the caret:"), theme, parent), m_session(session), m_hand(hand) {
    m_kind = new QComboBox(this);
    m_kind->setObjectName(QStringLiteral("spanKind"));
    m_kind->setAccessibleName(tr("What is from here to the caret"));
    m_kind->addItem(tr("a stop"));
    m_kind->addItem(tr("one held beat"));
    m_kind->addItem(tr("its own metre"));
    m_kind->addItem(tr("its own tempo"));
    m_row->addWidget(m_kind);
    m_counts = new QSpinBox(this);
    m_counts->setObjectName(QStringLiteral("spanCounts"));
    m_counts->setAccessibleName(tr("Beats from here to the caret"));
    m_counts->setRange(1, 512);
    const auto inWords = [this](int beats) { m_counts->setSuffix(beats == 1 ? tr(" beat") : tr(" beats")); };
    connect(m_counts, &QSpinBox::valueChanged, this, inWords);
    inWords(m_counts->value());
    m_row->addWidget(m_counts);
    m_metre = new QComboBox(this);
    m_metre->setObjectName(QStringLiteral("spanMetre"));
    m_metre->setAccessibleName(tr("Metre from here to the caret"));
    m_metre->addItems(usualMetres());
    m_metre->setEditable(true);
    m_row->addWidget(m_metre);
    m_bpm = new QDoubleSpinBox(this);
    m_bpm->setObjectName(QStringLiteral("spanBpm"));
    m_bpm->setAccessibleName(tr("Tempo from here to the caret"));
    m_bpm->setRange(10, 600);
    m_bpm->setDecimals(1);
    m_bpm->setSuffix(tr(" bpm"));
    m_row->addWidget(m_bpm);
    m_span = addText({});
    auto* stateButton = addButton(tr("State it"), tr("The rest is worked out again around it (S)"), "stateSpan", true);
    addClose();
    connect(stateButton, &QPushButton::clicked, this, &SpanPanel::stateIt);
    connect(m_kind, &QComboBox::currentIndexChanged, this, &SpanPanel::refresh);
    connect(&session.transport, &Transport::nowMoved, this, [this] {
        if (isVisible()) refresh();
    });
}

void SpanPanel::open(Kind kind) {
    m_from = m_hand.beatAtCaret();
    if (!m_from) return Q_EMIT done();
    m_kind->setCurrentIndex(static_cast<int>(kind));
    if (const auto tempo = medianTempo(*m_session.doc.document().map)) m_bpm->setValue(*tempo);
    refresh();
}

void SpanPanel::press() {
    if (m_from && m_to > *m_from + 0.05)
        stateIt();
    else
        refresh();
}

int SpanPanel::countsBetween() const {
    const SongMap& map = *m_session.doc.document().map;
    if (!m_from || map.beats.empty()) return 0;
    return static_cast<int>(nearestBeat(map, m_to)) - static_cast<int>(nearestBeat(map, *m_from));
}

void SpanPanel::refresh() {
    if (!m_from) return;
    const auto kind = static_cast<Kind>(m_kind->currentIndex());
    m_counts->setVisible(kind == Kind::Stop);
    m_metre->setVisible(kind == Kind::Metre);
    m_bpm->setVisible(kind == Kind::Tempo);
    const SongMap& map = *m_session.doc.document().map;
    if (const auto at = m_session.doc.landing().grid.secondsAt(m_session.transport.now()); at && !map.beats.empty())
        m_to = map.beats[nearestBeat(map, *at)].time;
    const int beats = countsBetween();
    if (beats > 0) m_counts->setValue(beats);
    m_span->setText(tr("from %1 to %2").arg(q(clockText(*m_from)), q(clockText(m_to))));
    say(beats < 1 ? tr("Put the caret where it ends, then press S again or State it.")
                  : tr("%1 of the map as it is now.").arg(q(inBeats(static_cast<std::size_t>(beats)))));
}

void SpanPanel::stateIt() {
    if (!m_from || m_to <= *m_from + 0.05)
        return say(tr("The end has to come after the start: put the caret there first."));
    switch (static_cast<Kind>(m_kind->currentIndex())) {
    case Kind::Stop: m_hand.stop(*m_from, m_to, m_counts->value()); break;
    case Kind::HeldBeat: m_hand.heldBeat(*m_from, m_to); break;
    case Kind::Metre: m_hand.metreWithin(*m_from, m_to, m_metre->currentText()); break;
    case Kind::Tempo: m_hand.tempoWithin(*m_from, m_to, m_bpm->value()); break;
    }
    m_from.reset();
    Q_EMIT done();
}

MomentPanel::MomentPanel(Session& session, HandStatements& hand, const Theme& theme, QWidget* parent)
    : HandPanel(tr("A moment"), theme, parent), m_session(session), m_hand(hand) {
    m_place = addText({});
    m_text = new QLineEdit(this);
    m_text->setObjectName(QStringLiteral("momentText"));
    m_text->setPlaceholderText(tr("its name, such as “the big stop”"));
    m_text->setAccessibleName(tr("Name of the moment at the caret"));
    m_row->addGrowing(m_text);
    m_kind = new QComboBox(this);
    m_kind->setObjectName(QStringLiteral("momentKind"));
    m_kind->setAccessibleName(tr("Kind of moment"));
    for (MomentKind kind : allMomentKinds) m_kind->addItem(momentKindInWords(kind), static_cast<int>(kind));
    m_row->addWidget(m_kind);
    auto* markButton =
        addButton(tr("Mark it"), tr("Accents of the routine can be bound to it (Enter)"), "markMoment", true);
    connect(markButton, &QPushButton::clicked, this, &MomentPanel::mark);
    connect(m_text, &QLineEdit::returnPressed, this, &MomentPanel::mark);
    addClose();
    connect(&session.transport, &Transport::nowMoved, this, [this] {
        if (isVisible()) opened();
    });
}

void MomentPanel::opened() {
    const auto at = m_session.doc.landing().grid.secondsAt(m_session.transport.now());
    m_place->setText(at ? tr("at %1").arg(q(clockText(*at))) : QString());
    say(tr(
        "Where the caret is, in your own words. Whole lines of words come from an LRC file: Song, Import lines of words."));
    if (!m_session.transport.player().playing()) m_text->setFocus(Qt::ShortcutFocusReason);
}

void MomentPanel::mark() {
    if (m_text->text().trimmed().isEmpty()) return say(tr("Type a name first."));
    m_hand.markMoment(static_cast<MomentKind>(m_kind->currentData().toInt()), m_text->text().trimmed());
    m_text->clear();
    Q_EMIT done();
}

StructurePanel::StructurePanel(Session& session, const Theme& theme, QWidget* parent)
    : HandPanel(tr("Structure"), theme, parent), m_session(session) {
    m_text = new QLineEdit(this);
    m_text->setObjectName(QStringLiteral("structureText"));
    m_text->setAccessibleName(tr("The song as structure"));
    m_text->setPlaceholderText(tr("intro 16 | verse 32 | chorus 32 | stop 4 | ending 16"));
    m_text->setToolTip(tr(
        "Beats of each section. Also: pickup 2, bar 2, stop 4, fermata 1 3.2s, @112 for a tempo, @112>90 for a change"));
    m_row->addGrowing(m_text);
    m_bpm = new QDoubleSpinBox(this);
    m_bpm->setObjectName(QStringLiteral("structureBpm"));
    m_bpm->setAccessibleName(tr("Tempo of the structure"));
    m_bpm->setRange(20, 400);
    m_bpm->setDecimals(1);
    m_bpm->setValue(112);
    m_bpm->setSuffix(tr(" bpm"));
    m_second->addWidget(m_bpm);
    m_metre = new QComboBox(this);
    m_metre->setObjectName(QStringLiteral("structureMetre"));
    m_metre->setAccessibleName(tr("Metre of the structure"));
    m_metre->addItems(usualMetres());
    m_metre->setEditable(true);
    m_second->addWidget(m_metre);
    m_second->addWidget(paragraph(tr("first beat at"), theme.words(13), Tone::Ink2, this));
    m_offset = new QDoubleSpinBox(this);
    m_offset->setObjectName(QStringLiteral("structureOffset"));
    m_offset->setAccessibleName(tr("Second of the first beat"));
    m_offset->setRange(0, 3600);
    m_offset->setDecimals(2);
    m_offset->setSuffix(tr(" s"));
    m_second->addWidget(m_offset);
    m_use = addButton(tr("Use it"), tr("The song is counted like this (Enter)"), "useStructure", true);
    connect(m_use, &QPushButton::clicked, this, &StructurePanel::use);
    connect(m_text, &QLineEdit::returnPressed, this, &StructurePanel::use);
    connect(m_text, &QLineEdit::textChanged, this, &StructurePanel::understand);
    connect(m_bpm, &QDoubleSpinBox::valueChanged, this, &StructurePanel::understand);
    connect(m_offset, &QDoubleSpinBox::valueChanged, this, &StructurePanel::understand);
    connect(m_metre, &QComboBox::currentTextChanged, this, &StructurePanel::understand);
    addClose();
}

void StructurePanel::setBpm(double bpm) { m_bpm->setValue(bpm); }

void StructurePanel::opened() {
    if (const auto& typed = m_session.doc.document().typed) {
        m_text->setText(q(typed->text));
        m_bpm->setValue(typed->bpm);
        m_metre->setCurrentText(q(toString(typed->metre)));
        m_offset->setValue(typed->offset);
    }
    m_text->setFocus(Qt::ShortcutFocusReason);
    understand();
}

void StructurePanel::understand() {
    m_use->setEnabled(false);
    if (m_text->text().trimmed().isEmpty())
        return say(tr("Sections and their beats, with | between them. No recording is needed."));
    const auto metre = parseMetre(m_metre->currentText().toStdString());
    if (!metre) return say(q(metre.error().message));
    const auto map = mapFromStructure(m_text->text().toStdString(), m_bpm->value(), *metre, m_offset->value());
    if (!map) return say(q(map.error().message));
    m_use->setEnabled(true);
    say(tr("%1, %2 in %3, %4 long.")
            .arg(q(inPhrases(map->phrases.size())), q(inBeats(map->beats.size())), q(inBars(map->bars.size())))
            .arg(q(clockText(map->end))));
}

void StructurePanel::use() {
    if (!m_use->isEnabled()) return;
    const auto metre = parseMetre(m_metre->currentText().toStdString());
    if (metre && m_session.song.setStructure(
                     {m_text->text().trimmed().toStdString(), m_bpm->value(), *metre, m_offset->value()}))
        Q_EMIT done();
}

} // namespace lc::app
