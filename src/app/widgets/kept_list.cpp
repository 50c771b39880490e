#include "app/widgets/kept_list.h"

#include "app/base/wording.h"
#include "app/widgets/mini_page.h"

#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

namespace lc::app {

KeptList::KeptList(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme) {
    m_rows = new QVBoxLayout(this);
    m_rows->setContentsMargins(0, 0, 0, 0);
    m_rows->setSpacing(theme.px(10));
}

void KeptList::show(const std::vector<KeptRoutine>& routines) {
    clearLayout(m_rows);
    m_size = static_cast<int>(routines.size());
    QString day;
    for (int i = 0; i < m_size; ++i) {
        const KeptRoutine& kept = routines[static_cast<std::size_t>(i)];
        if (!kept.day.isEmpty() && kept.day != day)
            m_rows->addWidget(paragraph(day = kept.day, m_theme.words(13, Weight::Bold), Tone::Ink2, this));
        auto* line = new QWidget(this);
        auto* row = new QHBoxLayout(line);
        row->setContentsMargins(0, 0, 0, 0);
        row->setSpacing(m_theme.px(14));
        if (kept.landing) row->addWidget(new MiniPage(kept.landing, m_theme, line), 0, Qt::AlignTop);
        auto* words = new QVBoxLayout;
        words->setSpacing(m_theme.px(2));
        words->addWidget(paragraph(kept.title, m_theme.words(14, Weight::Bold), Tone::Ink, line));
        words->addWidget(paragraph(kept.about, m_theme.words(13), Tone::Ink2, line));
        auto* buttons = new QHBoxLayout;
        buttons->setSpacing(m_theme.px(8));
        const auto add = [&](const QString& text, const QString& name, const char* object, auto signal) {
            auto* button = new QPushButton(text, line);
            button->setObjectName(QStringLiteral("%1%2").arg(QString::fromLatin1(object)).arg(i));
            button->setAccessibleName(name);
            connect(button, &QPushButton::clicked, this, [this, signal, i] { Q_EMIT(this->*signal)(i); });
            buttons->addWidget(button);
            return button;
        };
        add(tr("Bring back"), tr("Bring back: %1, %2").arg(kept.title, kept.about), "bringBack",
            &KeptList::broughtBack);
        if (kept.mayGo)
            add(tr("Throw away"), tr("Throw away: %1, %2").arg(kept.title, kept.about), "throwAway",
                &KeptList::thrownAway);
        buttons->addStretch();
        words->addLayout(buttons);
        words->addStretch();
        row->addLayout(words, 1);
        m_rows->addWidget(line);
    }
}

} // namespace lc::app
