#include "app/window/start_page.h"

#include "app/base/when_shown.h"
#include "app/base/wording.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/mini_page.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLocale>
#include <QPushButton>

#include <algorithm>

namespace lc::app {

StartPage::StartPage(const Theme& theme, PageOf pageOf, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_pageOf(std::move(pageOf)) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(theme.px(64), theme.px(56), theme.px(64), theme.px(32));
    column->setSpacing(theme.px(14));
    column->addWidget(paragraph(tr("Drop a song here"), theme.words(26, Weight::Heavy), Tone::Ink, this));
    column->addWidget(paragraph(
        tr("Any usual sound file, or the sound of a video. It is counted into beats, bars and phrases, a phrase a line. Then type the counts of your dance, "
           "say in which order its parts are danced, and see where every pass lands."),
        theme.words(14), Tone::Ink2, this));
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(theme.px(10));
    const auto add = [&](const QString& text, const QString& tip, const char* name, bool main, auto signal) {
        auto* button = new QPushButton(text, this);
        button->setProperty("main", main);
        button->setToolTip(tip);
        button->setObjectName(QString::fromLatin1(name));
        button->setMinimumHeight(theme.px(32));
        connect(button, &QPushButton::clicked, this, signal);
        buttons->addWidget(button);
    };
    add(tr("Open a song"), tr("Choose a sound file (Ctrl+Shift+O)"), "startSong", true, &StartPage::songWanted);
    add(tr("Open a routine"), tr("Choose a saved routine (Ctrl+O)"), "startRoutine", false, &StartPage::routineWanted);
    add(tr("Type a structure"), tr("A song as text, without a recording"), "startStructure", false,
        &StartPage::structureWanted);
    add(tr("Look at the demo"), tr("A line dance of Quarry Bank hall on its own song"), "startDemo", false,
        &StartPage::demoWanted);
    buttons->addStretch();
    column->addLayout(buttons);
    column->addSpacing(theme.px(18));
    m_unsavedTitle = paragraph({}, theme.words(15, Weight::Heavy), Tone::Ink, this);
    column->addWidget(m_unsavedTitle);
    m_unsaved = new KeptList(theme, this);
    column->addWidget(m_unsaved);
    setUnsaved({});
    m_recentTitle = paragraph(tr("Recent"), theme.words(15, Weight::Heavy), Tone::Ink, this);
    m_recentTitle->hide();
    column->addWidget(m_recentTitle);
    m_recent = new FlowLayout(theme.px(14));
    column->addLayout(m_recent);
    m_upToDate = new WhenShown(this, [this] { showRecent(); }); // files are read for those who see it
    column->addStretch();
    column->addWidget(paragraph(
        tr("Warm up, keep room around kicks, rest between full runs. A qualified teacher and the rules of the house come first."),
        theme.words(12), Tone::Ink3, this));
}

void StartPage::setUnsaved(const std::vector<KeptRoutine>& routines) {
    constexpr std::size_t most = 3; // there is room for; the newest come first
    m_unsaved->show(
        {routines.begin(), routines.begin() + static_cast<std::ptrdiff_t>(std::min(most, routines.size()))});
    m_unsavedTitle->setText(routines.size() <= most
                                ? tr("Not saved when Lift Count ended")
                                : tr("Not saved when Lift Count ended: %1; all are in Routine, Unsaved work")
                                      .arg(QLocale().toString(routines.size())));
    m_unsaved->setVisible(!routines.empty());
    m_unsavedTitle->setVisible(!routines.empty());
}

void StartPage::setRecent(const QList<RecentFile>& files) {
    m_files = files;
    m_upToDate->ask();
}

void StartPage::showRecent() {
    constexpr qsizetype most = 6; // all are in the menu
    clearLayout(m_recent);
    m_recentTitle->setVisible(!m_files.isEmpty());
    for (const RecentFile& file : m_files.first(std::min(most, m_files.size()))) {
        auto* card = new QPushButton(this);
        card->setProperty("card", true);
        card->setAccessibleName(tr("%1, %2").arg(file.title, file.about));
        card->setToolTip(file.path);
        card->setFixedWidth(m_theme.px(224));
        auto* column = new QVBoxLayout(card);
        column->setContentsMargins(m_theme.px(12), m_theme.px(10), m_theme.px(12), m_theme.px(10));
        column->setSpacing(m_theme.px(4));
        if (auto landing = m_pageOf(file.path); landing && !landing->grid.empty())
            column->addWidget(new MiniPage(std::move(landing), m_theme, card));
        column->addStretch();
        for (auto* words : {paragraph(file.title, m_theme.words(14, Weight::Bold), Tone::Ink, card),
                            paragraph(file.about, m_theme.words(12), Tone::Ink2, card)})
            column->addWidget(words);
        for (auto* inside : card->findChildren<QWidget*>()) inside->setAttribute(Qt::WA_TransparentForMouseEvents);
        card->setFixedHeight(std::max(m_theme.px(150), column->totalHeightForWidth(m_theme.px(224))));
        connect(card, &QPushButton::clicked, this, [this, path = file.path] { Q_EMIT fileChosen(path); });
        m_recent->addWidget(card);
    }
}

} // namespace lc::app
