#include "app/steps/steps_stage.h"

#include "app/base/figure_desk.h"
#include "app/base/languages.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/wording.h"
#include "app/steps/card_page.h"
#include "app/steps/chain_page.h"
#include "app/steps/drill_page.h"
#include "app/steps/figure_column.h"
#include "app/steps/figure_editor.h"
#include "app/steps/fillers_page.h"
#include "app/steps/frame_page.h"
#include "app/steps/versions_page.h"
#include "app/steps/words_page.h"
#include "app/widgets/figure_list.h"
#include "app/widgets/file_asking.h"
#include "app/widgets/notation_edit.h"
#include "audio/playing/figure_sound.h"
#include "core/figures/figure_findings.h"
#include "core/figures/fill_orders.h"
#include "core/routine/routine_figures.h"

#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QResizeEvent>
#include <QScrollArea>
#include <QSplitter>
#include <QStackedWidget>
#include <QStyle>
#include <QTimer>
#include <QVBoxLayout>

namespace lc::app {

StepsStage::StepsStage(const StageContext& context, QWidget* parent)
    : Stage({.id = stage_id::steps,
             .name = tr("Steps"),
             .tip = tr("Figures and their versions"),
             .key = 2,
             .menu = tr("Fi&gures"),
             .whenBlank = WhenBlank::Itself},
            context, parent),
      m_voice(std::make_unique<Voice>(spokenLanguage().toStdString())) {
    Session& session = m_session;
    const Theme& theme = m_theme;
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    m_list = new FigureList(m_desk, theme, this);
    row->addWidget(m_list);

    auto* middle = m_middle = new QSplitter(Qt::Vertical, this);
    middle->setHandleWidth(theme.px(5));
    auto* scroll = new QScrollArea(middle);
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    m_editor = new FigureEditor(m_desk, theme, scroll);
    scroll->setWidget(m_editor);
    middle->addWidget(scroll);
    auto* bench = new QWidget(middle);
    auto* benchColumn = new QVBoxLayout(bench);
    benchColumn->setContentsMargins(theme.px(22), 0, theme.px(16), theme.px(6));
    benchColumn->setSpacing(0);
    benchColumn->addWidget(divider(bench));
    auto* words = new QHBoxLayout;
    words->setSpacing(theme.px(10));
    m_pages = new QStackedWidget(bench);
    m_versions = new VersionsPage(m_desk, theme, m_pages);
    m_fillers = new FillersPage(m_desk, theme, m_pages);
    m_chain = new ChainPage(m_desk, theme, m_pages);
    m_frame = new FramePage(m_desk, theme, m_pages);
    m_drill = new DrillPage(m_desk, theme, m_pages);
    m_card = new CardPage(m_desk, theme, m_pages);
    m_words = new WordsPage(m_desk, theme, m_pages);
    addPage(words, tr("Bench of versions"), Page::Versions, m_versions);
    addPage(words, tr("Fillers"), Page::Fillers, m_fillers);
    addPage(words, tr("Joints"), Page::Chain, m_chain);
    addPage(words, tr("Frame"), Page::Frame, m_frame);
    addPage(words, tr("Drill"), Page::Drill, m_drill);
    addPage(words, tr("Card"), Page::Card, m_card);
    addPage(words, tr("Words"), Page::Words, m_words);
    words->addStretch();
    benchColumn->addLayout(words);
    benchColumn->addWidget(m_pages, 1);
    middle->addWidget(bench);
    middle->setCollapsible(0, false);
    row->addWidget(middle, 1);
    m_column = new FigureColumn(m_desk, session, theme, this);
    row->addWidget(m_column);

    connect(m_versions, &VersionsPage::hearWanted, this, &StepsStage::hear);
    connect(m_drill, &DrillPage::hearWanted, this, &StepsStage::hearDrill);
    connect(middle, &QSplitter::splitterMoved, this, [this] { m_shareFixed = true; });
    connect(&m_desk, &FigureDesk::cardChanged, this, [this] { QTimer::singleShot(0, this, &StepsStage::shareRoom); });
    connect(&session.doc, &DocumentSession::documentChanged, this, &StepsStage::lookAtFigures);
    lookAtFigures();
    setPage(Page::Versions);
}

void StepsStage::shareRoom() {
    if (m_shareFixed || m_middle->height() < m_theme.px(200)) return;
    const int all = m_middle->height() - m_middle->handleWidth();
    const int wanted =
        (m_editor->layout()->hasHeightForWidth() ? m_editor->layout()->totalHeightForWidth(m_editor->width())
                                                 : m_editor->minimumSizeHint().height()) +
        m_theme.px(4);
    const int figure = std::clamp(wanted, all / 3, std::max(all / 3, all - m_theme.px(210)));
    m_middle->setSizes({figure, all - figure});
}

StepsStage::~StepsStage() = default;

void StepsStage::lookAtFigures() {
    const Routine& routine = m_session.doc.document().routine;
    int figures = 0, toMend = 0;
    for (const Figure& figure : routine.figures) {
        if (figure.name.empty()) continue;
        ++figures;
        const FigureCard card = cardOf(routine, figure);
        FigureSurroundings around;
        around.choices = routine.choices;
        for (const FigureFinding& f : inspectFigure(card, readFigure(card, routine.choices), around))
            toMend += f.severity != Severity::Note;
    }
    m_state = {toMend, figures > 0};
    Q_EMIT stateChanged();
}

void StepsStage::addPage(QHBoxLayout* words, const QString& name, Page page, QWidget* widget) {
    m_pages->addWidget(widget);
    auto* button = new QPushButton(name, this);
    button->setProperty("flat", true);
    button->setObjectName(QStringLiteral("page%1").arg(static_cast<int>(page)));
    button->setToolTip(tr("%1 (Alt+Shift+%2)").arg(name).arg(static_cast<int>(page) + 1));
    connect(button, &QPushButton::clicked, this, [this, page] { setPage(page); });
    words->addWidget(button);
    m_pageWords.push_back(button);
}

void StepsStage::setPage(Page page) {
    m_page = page;
    m_pages->setCurrentIndex(static_cast<int>(page));
    for (std::size_t i = 0; i < m_pageWords.size(); ++i) {
        m_pageWords[i]->setProperty("chosen", static_cast<int>(i) == static_cast<int>(page));
        m_pageWords[i]->style()->unpolish(m_pageWords[i]);
        m_pageWords[i]->style()->polish(m_pageWords[i]);
    }
}

void StepsStage::enter() {
    m_desk.open();
    m_desk.lookAgain();
}

void StepsStage::leave() {
    m_desk.keepNow();
    m_session.transport.endHearingFigure();
}

void StepsStage::windowActivated() { m_desk.lookAgain(); }

QWidget* StepsStage::home() { return m_list->list(); }

void StepsStage::beginSearch() { m_list->beginSearch(); }

void StepsStage::newFigure() {
    m_list->search()->clear();
    m_desk.newFigure();
    m_editor->editName();
}

void StepsStage::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    const bool narrow = event->size().width() < m_theme.px(1050);
    if (narrow != m_narrow) m_column->setFolded(narrow); // a person may unfold it all the same
    m_narrow = narrow;
    QTimer::singleShot(0, this, &StepsStage::shareRoom); // when what is in it has its width
}

void StepsStage::hearFigure() { hear(m_desk.reading(), m_desk.musicStart()); }

void StepsStage::addToSound(FigureSoundAsked& asked, const FigureReading& reading, Tick at, Tick musicStart) const {
    const RoleReading& role = reading.roles.front();
    std::vector<SaidCount> said = sayCounts(role.line, m_desk.sayAs(), reading.choices, musicStart, m_desk.set());
    for (const Action& action : role.line.actions) {
        if (action.usesFoot()) asked.steps.push_back(at + action.at);
        if (!action.cue.empty()) // a cue is called in place of the count
            for (SaidCount& count : said)
                if (count.at == action.at) count.text = action.cue;
    }
    for (SaidCount& count : said) asked.said.push_back({at + count.at, std::move(count.text)});
}

void StepsStage::play(FigureSoundAsked asked, Tick musicStart) {
    asked.musicStart = musicStart;
    asked.set = m_desk.set();
    asked.tempo = CountTempo(m_desk.secondsPerCount(), m_desk.countWeights()).startingOn(musicStart);
    FigureSound sound = soundOfFigure(asked, *m_voice);
    if (!sound.problem.empty()) Q_EMIT m_session.messages.told(q(sound.problem));
    m_session.transport.hearFigure(std::make_shared<const SongSound>(sound.sound));
}

void StepsStage::hear(const FigureReading& reading, Tick musicStart) {
    if (m_session.transport.hearingFigure()) return m_session.transport.endHearingFigure();
    if (reading.roles.empty() || reading.length == Tick{})
        return Q_EMIT m_session.messages.told(tr("There is nothing to hear yet: write the figure's counts."));
    FigureSoundAsked asked;
    for (int time = 0; time < 4; ++time) { // a six goes on in the music's numbers: 1 to 6, 7 to 4, …
        const Tick at = reading.length * time;
        addToSound(asked, reading, at, musicCountIn(musicStart - counts(1) + at, counts(m_desk.set())));
    }
    asked.length = reading.length * 4;
    play(std::move(asked), musicStart);
}

void StepsStage::hearDrill() {
    if (m_session.transport.hearingFigure()) return m_session.transport.endHearingFigure();
    const Drill& drill = m_drill->drill();
    if (drill.chain.length == Tick{}) return;
    FigureSoundAsked asked;
    std::size_t joint = 0;
    for (const DrillItem& item : m_drill->danced())
        for (int time = 0; time < item.times; ++time, ++joint)
            addToSound(asked, item.figure, drill.chain.joints[joint].at, drill.chain.joints[joint].musicCount);
    asked.length = drill.chain.length;
    play(std::move(asked), counts(1));
}

void StepsStage::importFigures() {
    const QString path =
        askWhatToRead(this, m_session, FolderFor::Figures, tr("Bring figures in"), tr("Figures (*.json *.csv)"));
    if (!path.isEmpty()) m_desk.importFile(path);
}

void StepsStage::exportFigures() {
    const QString path = askWhereToWrite(this, m_session, FolderFor::Figures,
                                         tr("Write the figures that the search finds"), QStringLiteral("figures"),
                                         {QStringLiteral("json"), QStringLiteral("csv")}, tr("Figures (*.json *.csv)"));
    if (!path.isEmpty()) m_desk.exportFile(path);
}

} // namespace lc::app
