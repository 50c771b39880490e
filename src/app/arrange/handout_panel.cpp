#include "app/arrange/handout_panel.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/when_shown.h"
#include "app/base/wording.h"
#include "app/widgets/panel_parts.h"
#include "app/widgets/plain_table.h"
#include "core/base/plain_text.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace lc::app {

HandoutPanel::HandoutPanel(Session& session, const Theme& theme, QWidget* parent)
    : AskedFor(parent), m_session(session), m_theme(theme) {
    setAccessibleName(tr("The hand-out, line by line"));
    auto* all = panelColumn(theme, this);
    auto* row = new QHBoxLayout;
    addWords(row, tr("Hand-out"), theme, this, true);
    m_says = paragraph({}, theme.words(13), Tone::Ink2, this);
    row->addWidget(m_says, 1);
    m_next = addButton(row, tr("Next open line"), tr("The next line that waits to be settled"), "nextOpenLine", this);
    m_remarks =
        addButton(row, tr("The rest are remarks"),
                  tr("Keeps each open line that says no steps as a remark of its figure"), "othersAreRemarks", this);
    auto* close = addButton(row, tr("Close"), {}, "closeHandout", this);
    all->addLayout(row);
    auto* sides = new QHBoxLayout;
    sides->setSpacing(theme.px(14));
    m_table = new PlainTable({tr("line"), tr("state"), tr("in the hand-out"), tr("read as")}, theme, this);
    setFocusProxy(m_table);
    m_table->setObjectName(QStringLiteral("handoutLines"));
    m_table->setAccessibleName(tr("Lines of the hand-out"));
    m_table->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff); // what is too long is told in its tip
    m_table->horizontalHeader()->setSectionResizeMode(2, QHeaderView::Fixed);
    m_table->installEventFilter(this);
    sides->addWidget(m_table, 5);
    auto* asked = new QVBoxLayout;
    asked->setSpacing(theme.px(2));
    m_question = paragraph({}, theme.words(13, Weight::Bold), Tone::Ink, this);
    m_question->setObjectName(QStringLiteral("handoutQuestion"));
    asked->addWidget(m_question);
    m_answerColumn = new QVBoxLayout;
    m_answerColumn->setSpacing(0);
    asked->addLayout(m_answerColumn);
    asked->addStretch();
    sides->addLayout(asked, 3);
    all->addLayout(sides, 1);
    hide();
    m_upToDate = new WhenShown(this, [this] { refresh(); });
    connect(m_table, &QTableWidget::currentCellChanged, this, &HandoutPanel::showQuestion);
    connect(m_next, &QPushButton::clicked, this, [this] { goToNextOpen(m_table->currentRow() + 1); });
    connect(m_remarks, &QPushButton::clicked, this, &HandoutPanel::remarksAll);
    connect(close, &QPushButton::clicked, this, &AskedFor::closed);
    connect(&session.doc, &DocumentSession::documentChanged, m_upToDate, &WhenShown::ask);
}

void HandoutPanel::begin() {
    show();
    m_upToDate->finish();
    refresh();
    goToNextOpen(0);
    if (m_open == 0) m_table->setFocus(Qt::OtherFocusReason);
}

QString HandoutPanel::says() const {
    if (m_lines.empty()) return tr("This routine came from no hand-out. Paste one with Ctrl+Shift+V.");
    const QString lines = m_lines.size() == 1 ? tr("1 line") : tr("%1 lines").arg(m_lines.size());
    return m_open == 0   ? tr("%1, all settled.").arg(lines)
           : m_open == 1 ? tr("%1, 1 to be settled.").arg(lines)
                         : tr("%1, %2 to be settled.").arg(lines).arg(m_open);
}

void HandoutPanel::refresh() {
    const auto claims = [this](const HandoutLine& line) { // of counts and walls: settled by the steps, not by an answer
        const auto& unsettled = m_session.doc.document().routine.unsettled;
        return std::any_of(unsettled.begin(), unsettled.end(), [&](const UnsettledLine& one) {
            return one.number == line.number && one.text == line.text;
        });
    };
    const int chosen = m_table->currentRow();
    m_lines = m_session.doc.handout();
    m_questions = openQuestions(m_session.doc.document(), m_lines);
    m_open = 0;
    {
        const QSignalBlocker quiet(m_table);
        m_table->clearRows();
        for (std::size_t i = 0; i < m_lines.size(); ++i) {
            const HandoutLine& line = m_lines[i];
            const bool open = m_questions[i].has_value();
            m_open += open ? 1 : 0;
            const bool settled = line.open && !open; // what was asked of it is answered
            m_table->addRow({QString::number(line.number),
                             open      ? tr("? open")
                             : settled ? tr("■ settled")
                                       : QString(),
                             q(shown(line.text)),
                             !settled       ? q(line.understood)
                             : claims(line) ? tr("agrees with the steps now")
                                            : tr("as you said")},
                            !open);
        }
        if (chosen >= 0 && chosen < m_table->rowCount()) m_table->setCurrentCell(chosen, 0);
    }
    fitColumns();
    m_says->setText(says());
    m_next->setEnabled(m_open > 0);
    m_remarks->setEnabled(!restAsRemarks(m_session.doc.document().routine).empty());
    showQuestion();
}

/// The text of the hand-out and what it was read as share the room.
void HandoutPanel::fitColumns() {
    QHeaderView* header = m_table->horizontalHeader();
    const int room = m_table->viewport()->width() - header->sectionSize(0) - header->sectionSize(1);
    header->resizeSection(2, std::max(m_theme.px(80), room * 2 / 5));
}

void HandoutPanel::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    fitColumns();
    if (const auto* now = m_table->currentItem())
        m_table->scrollToItem(now); // the line that is asked about stays in sight
}

void HandoutPanel::showQuestion() {
    clearLayout(m_answerColumn);
    m_answers.clear();
    const int row = m_table->currentRow();
    const bool there = row >= 0 && row < static_cast<int>(m_questions.size());
    if (!there || !m_questions[static_cast<std::size_t>(row)]) {
        m_question->setText(!there       ? QString()
                            : m_open > 0 ? tr("Nothing is open at this line.")
                                         : tr("Nothing is open any more: the dance is on the strips above."));
        return;
    }
    const HandoutQuestion& question = *m_questions[static_cast<std::size_t>(row)];
    m_question->setText(q(question.text));
    for (std::size_t k = 0; k < question.answers.size(); ++k) {
        auto* button = new QPushButton(onButton(q(question.answers[k].text)), this);
        button->setProperty("flat", true);
        button->setObjectName(QStringLiteral("handoutAnswer"));
        button->installEventFilter(this);
        connect(button, &QPushButton::clicked, this, [this, k] { answer(k); });
        m_answerColumn->addWidget(button, 0, Qt::AlignLeft);
        button->show(); // at once, so that it can take the focus
        m_answers.push_back(button);
    }
    QWidget* before = m_table;
    for (QPushButton* button : m_answers) {
        setTabOrder(before, button);
        before = button;
    }
}

void HandoutPanel::answer(std::size_t number) {
    const int row = m_table->currentRow();
    if (row < 0 || !m_questions[static_cast<std::size_t>(row)]) return;
    const Settling way = m_questions[static_cast<std::size_t>(row)]->answers[number];
    if (m_session.doc.edit(way.edits,
                           tr("settle line %1 of the hand-out").arg(m_lines[static_cast<std::size_t>(row)].number)))
        goToNextOpen(row);
}

void HandoutPanel::apply() {
    const auto at =
        std::find_if(m_answers.begin(), m_answers.end(), [](const QPushButton* b) { return b->hasFocus(); });
    if (at != m_answers.end())
        (*at)->click();
    else if (!m_answers.empty())
        m_answers.front()->setFocus(Qt::ShortcutFocusReason);
}

void HandoutPanel::goToNextOpen(int from) {
    const int rows = static_cast<int>(m_questions.size());
    int next = -1; // what is claimed of the whole dance comes last: it may settle itself
    for (int k = 0; k < rows && (next < 0 || m_questions[static_cast<std::size_t>(next)]->claim); ++k) {
        const int row = (std::max(from, 0) + k) % rows;
        const auto& question = m_questions[static_cast<std::size_t>(row)];
        if (question && (next < 0 || !question->claim)) next = row;
    }
    if (next >= 0) m_table->setCurrentCell(next, 0);
    m_table->setFocus(Qt::OtherFocusReason);
    if (m_open == 0) showQuestion();
}

void HandoutPanel::remarksAll() {
    m_session.doc.edit(restAsRemarks(m_session.doc.document().routine), tr("keep the rest of the hand-out as remarks"));
    goToNextOpen(m_table->currentRow());
}

/// Enter at a line goes to its answers, Enter at an answer gives it, Escape goes back; the arrows go from answer to
/// answer.
bool HandoutPanel::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::KeyPress) return QWidget::eventFilter(watched, event);
    const auto* key = static_cast<QKeyEvent*>(event);
    const bool enter = key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter;
    if (key->modifiers() != Qt::NoModifier && key->modifiers() != Qt::KeypadModifier) return false;
    if (watched == m_table) {
        if (!enter || m_answers.empty()) return false;
        m_answers.front()->setFocus(Qt::TabFocusReason);
        return true;
    }
    const auto at = std::find(m_answers.begin(), m_answers.end(), watched);
    if (at == m_answers.end()) return false;
    if (enter) {
        (*at)->click();
        return true;
    }
    if (key->key() == Qt::Key_Escape) {
        m_table->setFocus(Qt::BacktabFocusReason);
        return true;
    }
    const auto to = key->key() == Qt::Key_Down                            ? std::next(at)
                    : key->key() == Qt::Key_Up && at != m_answers.begin() ? std::prev(at)
                                                                          : m_answers.end();
    if (to == m_answers.end()) return key->key() == Qt::Key_Down || key->key() == Qt::Key_Up;
    (*to)->setFocus(Qt::TabFocusReason);
    return true;
}

} // namespace lc::app
