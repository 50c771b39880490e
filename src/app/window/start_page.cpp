#include "app/window/start_page.h"

#include "app/base/wording.h"

#include <QHBoxLayout>
#include <QLocale>
#include <QPushButton>

namespace lc::app {

StartPage::StartPage(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme) {
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
    m_recent = new QVBoxLayout;
    m_recent->setSpacing(theme.px(4));
    column->addLayout(m_recent);
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
    while (QLayoutItem* item = m_recent->takeAt(0)) {
        if (item->widget()) item->widget()->deleteLater();
        delete item;
    }
    if (files.isEmpty()) return;
    m_recent->addWidget(paragraph(tr("Recent"), m_theme.words(15, Weight::Heavy), Tone::Ink, this));
    for (const RecentFile& file : files) {
        auto* button = new QPushButton(this);
        button->setProperty("flat", true);
        button->setText(file.title + QStringLiteral("   ") + file.about);
        button->setToolTip(file.path);
        connect(button, &QPushButton::clicked, this, [this, path = file.path] { Q_EMIT fileChosen(path); });
        m_recent->addWidget(button);
    }
}

} // namespace lc::app
