#include "app/steps/words_page.h"

#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/base/wording.h"
#include "app/widgets/page_parts.h"
#include "app/widgets/plain_table.h"
#include "core/said/word_meaning.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace lc::app {

WordsPage::WordsPage(FigureDesk& desk, const Theme& theme, QWidget* parent) : QWidget(parent), m_desk(desk) {
    auto* column = pageColumn(theme, this);
    auto* row = new QHBoxLayout;
    row->setSpacing(theme.px(6));
    const auto field = [&](const char* name, const QString& what, const QString& placeholder, const QString& tip,
                           int share) {
        auto* edit = new QLineEdit(this);
        edit->setObjectName(QString::fromLatin1(name));
        edit->setAccessibleName(what);
        edit->setPlaceholderText(placeholder);
        edit->setToolTip(tip);
        connect(edit, &QLineEdit::returnPressed, this, &WordsPage::keep);
        row->addWidget(edit, share);
        return edit;
    };
    m_name = field("wordName", tr("Word"), tr("word"), tr("The word as it is said, one to four words"), 2);
    m_school =
        field("wordSchool", tr("School"), tr("school, if it is not your own"),
              tr("Whose meaning it is; a word can have one meaning for each school, and is then asked about"), 2);
    m_line = field("wordLine", tr("Steps"), tr("1 behind & side 2 side"),
                   tr("Its steps from count 1; empty where it only says how a step is danced"), 3);
    auto* keepButton = new QPushButton(tr("Keep"), this);
    keepButton->setObjectName(QStringLiteral("wordKeep"));
    keepButton->setToolTip(tr("Gives the word this meaning"));
    row->addWidget(keepButton);
    m_forget = new QPushButton(tr("Forget"), this);
    m_forget->setObjectName(QStringLiteral("wordForget"));
    m_forget->setToolTip(tr("The word has this meaning no longer; lines that say it are asked about"));
    row->addWidget(m_forget);
    column->addLayout(row);
    m_table = new PlainTable({tr("word"), tr("school"), tr("means"), tr("steps"), tr("known in")}, theme, this);
    m_table->setObjectName(QStringLiteral("words"));
    m_table->setAccessibleName(tr("Words with a meaning"));
    column->addWidget(m_table, 1);
    connect(keepButton, &QPushButton::clicked, this, &WordsPage::keep);
    connect(m_forget, &QPushButton::clicked, this, &WordsPage::forget);
    connect(m_table, &QTableWidget::currentCellChanged, this, [this](int now) { show(now); });
    connect(&desk, &FigureDesk::cardChanged, this, &WordsPage::refresh);
    connect(&desk.words(), &WordDesk::changed, this, &WordsPage::refresh);
    refresh();
}

void WordsPage::refresh() {
    const int chosen = m_table->currentRow();
    const QSignalBlocker quiet(m_table);
    m_table->clearRows();
    for (const ShownWord& shown : m_desk.words().shown()) {
        const QString where = shown.inRoutine && shown.inVocabulary ? tr("routine and vocabulary")
                              : shown.inRoutine                     ? tr("routine")
                                                                    : tr("vocabulary");
        m_table->addRow({q(shown.word.name), shown.word.school.empty() ? tr("one's own") : q(shown.word.school),
                         q(meaningInWords(shown.word)), q(shown.word.line), where});
    }
    if (m_table->rowCount() == 0) m_table->addRow({tr("No word has a meaning of its own yet."), {}, {}, {}, {}}, true);
    if (chosen >= 0 && chosen < m_table->rowCount()) m_table->setCurrentCell(chosen, 0);
    m_forget->setEnabled(!m_desk.words().shown().empty());
}

void WordsPage::show(int row) {
    const auto words = m_desk.words().shown();
    if (row < 0 || row >= static_cast<int>(words.size())) return;
    const OwnWord& word = words[static_cast<std::size_t>(row)].word;
    m_name->setText(q(word.name));
    m_school->setText(q(word.school));
    m_line->setText(q(word.line));
}

void WordsPage::keep() {
    m_desk.keepWord({m_name->text().trimmed().toStdString(), m_school->text().trimmed().toStdString(),
                     m_line->text().trimmed().toStdString()});
}

void WordsPage::forget() {
    const auto words = m_desk.words().shown();
    const int row = m_table->currentRow();
    if (row >= 0 && row < static_cast<int>(words.size())) m_desk.forgetWord(words[static_cast<std::size_t>(row)].word);
}

} // namespace lc::app
