#include "app/listen/listen_stage.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/when_shown.h"
#include "app/base/wording.h"
#include "app/listen/hand_statements.h"
#include "app/listen/song_column.h"
#include "app/listen/song_files.h"
#include "app/listen/tap_panel.h"
#include "app/listen/tempo_curve_view.h"
#include "app/strips/strips_view.h"
#include "app/widgets/flow_layout.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QPushButton>

namespace lc::app {

ListenStage::ListenStage(const StageContext& context, QWidget* parent)
    : Stage({.id = stage_id::listen, .name = tr("Listen"), .tip = tr("The song"), .key = 1, .menu = tr("&Song")},
            context, parent),
      m_hand(new HandStatements(context.session, this)), m_files(new SongFiles(context.session, this)) {
    Session& session = m_session;
    const Theme& theme = m_theme;
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    auto* column = new QVBoxLayout;
    column->setSpacing(0);
    row->addLayout(column, 1);
    column->addLayout(buildTools());
    column->addWidget(divider(this));
    m_tap = new TapPanel(session, theme, this);
    m_span = new SpanPanel(session, *m_hand, theme, this);
    m_moment = new MomentPanel(session, *m_hand, theme, this);
    m_structure = new StructurePanel(session, theme, this);
    for (HandPanel* panel : std::initializer_list<HandPanel*>{m_tap, m_span, m_moment, m_structure}) {
        panel->hide();
        column->addWidget(panel);
        connect(panel, &HandPanel::done, this, [this] { show(nullptr); });
    }
    connect(m_tap, &TapPanel::tempoTapped, this, [this](double bpm) {
        m_structure->setBpm(bpm);
        typeStructure();
    });
    m_panelRule = divider(this);
    m_panelRule->hide();
    column->addWidget(m_panelRule);
    m_strips = new StripsView(session, theme, StripContent::Listen, this);
    column->addWidget(m_strips, 1);
    column->addWidget(m_uncounted = buildUncounted(), 1);
    m_tempoRule = divider(this);
    column->addWidget(m_tempoRule);
    m_tempo = new TempoCurveView(session, theme, this);
    column->addWidget(m_tempo);

    m_column = new SongColumn(session, theme, *m_hand, this);
    row->addWidget(m_column);
    auto* songColumn = new WhenShown(m_column, [this] { m_column->rebuild(); });
    connect(&session.doc, &DocumentSession::documentChanged, this, [this, songColumn] {
        songColumn->ask();
        showMetre();
        showCounted();
    });
    connect(&session.song, &SongSession::songReady, this, [this, songColumn] {
        songColumn->ask();
        showCounted();
    });
    connect(&session.song, &SongSession::loadingProgressed, this, &ListenStage::showCounted);
    connect(&session.song, &SongSession::loadingEnded, this, &ListenStage::showCounted);
    connect(m_files, &SongFiles::fileChosen, this, &Stage::fileWanted);
    connect(&session.view, &SharedView::changed, this, [this] { // a song by itself has no words of steps
        const Magnification shown = m_session.view.magnification();
        m_strips->setMagnification(shown == Magnification::Eight ? Magnification::Strip : shown);
    });
    connect(&session.doc, &DocumentSession::documentChanged, this, &Stage::stateChanged);
    connect(&session.song, &SongSession::doubtsChanged, this, [this, songColumn] {
        Q_EMIT stateChanged();
        songColumn->ask();
        m_strips->viewport()->update();
    });
    m_column->rebuild();
    showMetre();
    showCounted();
}

/// What to do where there is no song, or one in which no pulse was found.
QWidget* ListenStage::buildUncounted() {
    auto* page = new QWidget(this);
    page->hide();
    page->setFocusPolicy(Qt::ClickFocus); // while the song is counted there is nothing else to hold the keyboard
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(m_theme.px(16), m_theme.px(60), m_theme.px(60), m_theme.px(16));
    column->setSpacing(m_theme.px(12));
    column->addWidget(m_uncountedTitle = paragraph({}, m_theme.words(20, Weight::Heavy), Tone::Ink, page));
    column->addWidget(m_uncountedText = paragraph({}, m_theme.words(14), Tone::Ink2, page));
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(m_theme.px(10));
    const auto add = [&](const QString& text, const char* name, bool main, auto&& what) {
        auto* button = new QPushButton(text, page);
        button->setProperty("main", main);
        button->setObjectName(QString::fromLatin1(name));
        button->setMinimumHeight(m_theme.px(32));
        connect(button, &QPushButton::clicked, this, what);
        buttons->addWidget(button);
        return button;
    };
    m_uncountedOpen = add(tr("Open a song"), "uncountedOpen", true, [this] { m_files->chooseSong(); });
    m_uncountedTap = add(tr("Tap along"), "uncountedTap", true, [this] { tap(); });
    m_uncountedType = add(tr("Type the structure"), "uncountedType", false, [this] { typeStructure(); });
    buttons->addStretch();
    column->addLayout(buttons);
    column->addStretch();
    return page;
}

QLayout* ListenStage::buildTools() {
    auto* tools = new FlowLayout(m_theme.px(2));
    tools->setContentsMargins(m_theme.px(16), m_theme.px(6), m_theme.px(16), m_theme.px(6));
    m_byHand = paragraph(tr("By hand"), m_theme.words(13, Weight::Bold), Tone::Ink, this);
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
    add(tr("Tap along"), tr("Tap the beats or the 1s while the song plays (T)"), "tapAlong", [this] { tap(); });
    add(tr("This is a 1"), tr("A bar and a set start at the caret; the bars after it follow (1)"), "thisIsAOne",
        [this] { m_hand->thisIsAOne(); });
    auto* bar = m_barBeats = new QComboBox(this);
    bar->setObjectName(QStringLiteral("barBeats"));
    bar->setToolTip(tr("The bar at the caret has this many beats (B)"));
    bar->setAccessibleName(tr("Beats of the bar at the caret"));
    bar->addItem(tr("This bar has …"));
    for (int n = 1; n <= 12; ++n) bar->addItem(n == 1 ? tr("1 beat") : tr("%1 beats").arg(n), n);
    bar->setMinimumWidth(bar->sizeHint().width());
    connect(bar, &QComboBox::activated, this, [this, bar](int index) {
        if (index > 0) m_hand->thisBarHas(bar->itemData(index).toInt());
        bar->setCurrentIndex(0);
    });
    tools->addWidget(bar);
    m_phraseHere = add(tr("A phrase starts here"), tr("A phrase begins with the bar at the caret (H)"), "phraseHere",
                       [this] { m_hand->phraseStartsHere(); });
    add(tr("Stop from, to"), tr("A stop, a held beat, or a part with its own metre or tempo (S)"), "stopFrom",
        [this] { spanFromHere(); });
    m_typeIt = add(tr("Type the structure"), tr("The song as text, with no recording or in its place (Y)"),
                   "typeStructure", [this] { typeStructure(); });
    m_more = add(tr("More …"), tr("Everything else that can be said about the song"), "moreByHand",
                 [this] { Q_EMIT menuWanted("song.more", m_more->mapToGlobal(QPoint(0, m_more->height()))); });
    m_metre = new QComboBox(this);
    m_metre->setObjectName(QStringLiteral("metre"));
    m_metre->setAccessibleName(tr("Metre"));
    m_metre->setToolTip(tr("Beats in a bar, for the whole song"));
    m_metre->addItems(usualMetres());
    connect(m_metre, &QComboBox::activated, this, [this](int index) { m_hand->setMetre(m_metre->itemText(index)); });
    tools->addWidget(m_metre);
    return tools;
}

/// One panel at a time; none closes them all.
void ListenStage::show(HandPanel* panel) {
    const bool hadFocus = focusWidget() && focusWidget()->isVisible();
    for (HandPanel* other : std::initializer_list<HandPanel*>{m_tap, m_span, m_moment, m_structure})
        other->setVisible(other == panel);
    m_panelRule->setVisible(panel != nullptr);
    if (!panel && hadFocus) m_strips->setFocus();
    showCounted();
    if (panel) panel->opened();
}

void ListenStage::tap() {
    if (m_tap->isVisible()) return m_tap->tap();
    show(m_tap);
    if (!m_strips->isVisible()) m_tap->setFocus(); // so that T taps where there are no strips to press it on
}

void ListenStage::spanFromHere() {
    if (m_span->isVisible()) return m_span->press();
    show(m_span);
    m_span->open(SpanPanel::Kind::Stop);
}

void ListenStage::spanFromHereAs(int kind) {
    show(m_span);
    m_span->open(static_cast<SpanPanel::Kind>(kind));
}

void ListenStage::typeStructure() { show(m_structure); }
void ListenStage::markMoment() { show(m_moment); }

void ListenStage::showCounted() {
    const bool room = height() > m_theme.px(480);
    const bool counted = !m_session.doc.landing().grid.empty();
    const bool song = m_session.transport.player().songSeconds() > 0;
    m_uncountedTitle->setText(m_session.song.loading() ? tr("Counting the song …")
                              : song                   ? tr("Not counted yet")
                                                       : tr("No song yet"));
    m_uncountedText->setVisible(!m_session.song.loading());
    m_uncountedText->setText(
        song
            ? tr("No steady pulse was found in this recording. Tap four beats or more while it plays, and it is counted from them; or type its phrases "
                 "and their counts. It can be played as it is.")
            : tr("Drop a sound file on the window, or a video: it is counted into beats, bars and phrases. Or type the song's phrases and their counts."));
    m_uncountedOpen->setVisible(!song && !m_session.song.loading());
    m_uncountedTap->setVisible(song && !m_session.song.loading());
    m_uncountedType->setVisible(!m_session.song.loading());
    // The keyboard goes with what is shown: to the page while there are no strips, and back to them.
    const bool hadFocus = m_strips->hasFocus() || m_uncounted->isAncestorOf(focusWidget());
    m_strips->setVisible(counted);
    m_uncounted->setVisible(!counted);
    m_strips->setFocusProxy(counted                    ? nullptr
                            : m_session.song.loading() ? m_uncounted
                            : song                     ? m_uncountedTap
                                                       : m_uncountedOpen);
    if (hadFocus) m_strips->setFocus();
    const bool curve = room && counted;
    m_tempo->setVisible(curve);
    m_tempoRule->setVisible(curve);
}

void ListenStage::resizeEvent(QResizeEvent*) {
    const bool narrow = width() < m_theme.px(1050); // the window at its smallest: fewer words for the same things
    m_byHand->setVisible(!narrow);
    m_phraseHere->setText(narrow ? tr("Phrase here") : tr("A phrase starts here"));
    m_typeIt->setText(narrow ? tr("Structure") : tr("Type the structure"));
    showCounted();
}

StageState ListenStage::state() const {
    const auto doubts = static_cast<int>(m_session.song.doubts().size());
    return {doubts, !m_session.doc.landing().grid.empty()};
}

QWidget* ListenStage::home() { return m_strips; }

void ListenStage::showPlace(Tick at) { m_strips->showPlace(at); }

void ListenStage::showMetre() {
    const QString metre = q(toString(m_session.doc.document().map->metre));
    if (m_metre->findText(metre) < 0) m_metre->addItem(metre);
    m_metre->setCurrentText(metre);
}

} // namespace lc::app
