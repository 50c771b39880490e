#include "app/arrange/pass_panel.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/wording.h"
#include "app/widgets/notation_edit.h"
#include "core/exchange/routine_text.h"
#include "core/landing/binding.h"
#include "core/reports/landing_report.h"
#include "core/reports/sheet_header.h"
#include "core/routine/music_place.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTextBlock>

namespace lc::app {

PassPanel::PassPanel(Session& session, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_session(session), m_theme(theme) {
    setAccessibleName(tr("This pass"));
    setFixedWidth(theme.findings());
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(theme.px(15), theme.px(8), theme.px(14), theme.px(8));
    all->setSpacing(theme.px(3));
    m_head = paragraph({}, theme.words(15, Weight::Heavy), Tone::Ink, this);
    all->addWidget(m_head);
    m_where = paragraph({}, theme.words(13), Tone::Ink2, this);
    all->addWidget(m_where);
    m_counts = paragraph({}, theme.words(13), Tone::Ink2, this);
    all->addWidget(m_counts);
    m_lines = new NotationEdit(theme, this);
    m_lines->setManyLines(6);
    m_lines->setObjectName(QStringLiteral("passLines"));
    m_lines->setAccessibleName(tr("What makes this pass differ, a line each"));
    m_lines->setPlaceholderText(tr("as written. What differs: restart after 16, tag of 4, mirrored …"));
    m_lines->setToolTip(tr(
        "A line each: restart after 16 · tag of 4 · bridge of 4 after 8 · wait 2 · mirrored · exchanged · last change a touch · without figure 2 · figure 2 in version slow · figure 1 in bars of 3 for 4 · "
        "add after figure 2: Sway · ending End after 16 · canon 2 apart, ripple · pinned to Chorus (Ctrl+J)"));
    all->addWidget(m_lines);
    m_error = paragraph({}, theme.words(12), Tone::Ink, this);
    m_error->hide();
    all->addWidget(m_error);
    auto* row = new QHBoxLayout;
    m_bind = new QPushButton(tr("Bind to the music"), this);
    m_bind->setObjectName(QStringLiteral("bindToMusic"));
    m_bind->setToolTip(
        tr("The line at the text cursor then stays with its place in the song, whichever pass is danced there"));
    connect(m_bind, &QPushButton::clicked, this, &PassPanel::bindLineToMusic);
    row->addWidget(m_bind);
    row->addStretch();
    all->addLayout(row);
    m_opening = new QLineEdit(this);
    m_opening->setObjectName(QStringLiteral("opening"));
    m_opening->setAccessibleName(tr("Opening stance"));
    m_opening->setPlaceholderText(tr("opening: leader: left free, facing 12"));
    m_opening->setToolTip(tr(
        "How the first pass begins, a role each with semicolons between: leader: right free, facing 3; couple: closed, L-R"));
    connect(m_opening, &QLineEdit::editingFinished, this, [this] {
        const QString text = m_opening->text().trimmed();
        if (text == q(openingToText(m_session.doc.document()))) return;
        const auto edit = openingFromText(m_session.doc.document(), text.toStdString());
        if (edit)
            m_session.doc.edit(*edit);
        else
            Q_EMIT m_session.messages.told(q(edit.error().message));
    });
    all->addWidget(m_opening);
    m_mark = new QComboBox(this);
    m_mark->setEditable(true);
    m_mark->setInsertPolicy(QComboBox::NoInsert);
    m_mark->setObjectName(QStringLiteral("passMark"));
    m_mark->setAccessibleName(tr("What dancers remember it by"));
    m_mark->lineEdit()->setPlaceholderText(tr("remembered by …"));
    m_mark->setToolTip(tr("What dancers remember it by; it stands on the sheet. Marks of this place are offered"));
    connect(m_mark, &QComboBox::activated, this, [this] {
        if (m_pass) m_session.doc.edit(SetMark{*m_pass, m_mark->currentText().toStdString()});
    });
    connect(m_mark->lineEdit(), &QLineEdit::editingFinished, this, [this] {
        const auto index = m_pass ? indexOfPass(m_session.doc.document().routine, *m_pass) : std::nullopt;
        if (index && m_session.doc.document().routine.passes[*index].mark != m_mark->currentText().toStdString())
            m_session.doc.edit(SetMark{*m_pass, m_mark->currentText().toStdString()});
    });
    all->addWidget(m_mark);
    m_music = new QVBoxLayout;
    m_music->setSpacing(theme.px(2));
    all->addLayout(m_music);
    connect(m_lines, &NotationEdit::typed, this, &PassPanel::typed);
    connect(m_lines, &NotationEdit::left, this, [this] {
        m_session.doc.closeTyping();
        refresh();
    });
    connect(&session.doc, &DocumentSession::documentChanged, this, &PassPanel::refresh);
    connect(&session.transport, &Transport::nowMoved, this, [this] { // the pass at the caret, or the one that plays
        if (m_lines->hasFocus() || m_mark->hasFocus() || m_mark->lineEdit()->hasFocus()) return;
        const auto index = passAt(m_session.doc.landing().performance, m_session.transport.now());
        if (index) showPass(m_session.doc.landing().performance.passes[*index].id);
    });
    refresh();
}

void PassPanel::showPass(std::optional<PassId> pass) {
    if (pass == m_pass) return;
    m_pass = pass;
    m_error->hide();
    refresh();
}

void PassPanel::editLines() {
    m_lines->setFocus(Qt::ShortcutFocusReason);
    m_lines->moveCursor(QTextCursor::End);
    if (!m_lines->toPlainText().isEmpty() && !m_lines->toPlainText().endsWith(QLatin1Char('\n')))
        m_lines->insertPlainText(QStringLiteral("\n"));
}

QString PassPanel::says() const {
    QStringList all;
    for (const QLabel* label : findChildren<QLabel*>())
        if (!label->isHidden()) all << label->text();
    return all.join(QLatin1Char('\n'));
}

void PassPanel::refresh() {
    const Landing& landing = m_session.doc.landing();
    const PassPerformance* pass = nullptr;
    for (const PassPerformance& p : landing.performance.passes)
        if (m_pass && p.id == *m_pass) pass = &p;
    if (!pass && !landing.performance.passes.empty()) pass = &landing.performance.passes.front();
    m_pass = pass ? std::optional(pass->id) : std::nullopt;
    for (QWidget* widget : std::initializer_list<QWidget*>{m_lines, m_counts}) widget->setVisible(pass != nullptr);
    if (!pass) {
        for (QWidget* widget : std::initializer_list<QWidget*>{m_mark, m_bind, m_opening}) widget->hide();
        m_head->setText(tr("No pass yet"));
        m_where->setText(tr("Place a figure in a part, or type the order of the parts."));
        clearLayout(m_music);
        return;
    }
    const PassRow row = passRow(m_session.doc.document(), landing, *pass);
    m_head->setText(tr("Pass %1, part %2").arg(pass->number).arg(q(row.partName)));
    QString where = landing.grid.empty() ? QString() : q(landing.grid.place(pass->start));
    if (row.startSeconds && // a section that shares its name says its time
        !where.contains(QLatin1Char('(') + q(row.startClock) + QLatin1Char(')')))
        where = tr("%1, %2").arg(where, q(row.startClock));
    where = tr("%1, facing %2, %3 foot free")
                .arg(where, q(facingSaid(m_session.doc.document().routine.formation, row.facing)),
                     q(footWord(row.freeFoot)));
    if (pass->roles.size() > 1 && pass->roles.front().orbitIn.value != 0)
        where = tr("%1, places %2").arg(where, q(orbitSaid(pass->roles.front().orbitIn)));
    m_where->setText(where);
    QString said = tr("%1, %2").arg(q(inCounts(pass->counts)), q(verdict(row)));
    if (row.musicCount && *row.musicCount != row.runningCount)
        said = tr("%1; the music says %2, the dancers who count on %3")
                   .arg(said, q(toSpokenCount(*row.musicCount)), q(toSpokenCount(row.runningCount)));
    m_counts->setText(said);
    if (!m_lines->hasFocus() || !m_error->isVisible()) {
        const auto now = passFromText(m_session.doc.document(), pass->id, m_lines->toPlainText().toStdString(),
                                      PassWords::WithoutMark);
        const bool same = m_lines->hasFocus() && now && now->empty(); // the person's own way of writing it stays
        if (!same)
            m_lines->showText(q(passToText(m_session.doc.document(), pass->id, PassWords::WithoutMark)).trimmed());
    }
    m_mark->blockSignals(true);
    m_mark->clear();
    for (const Sentence& mark :
         memoryMarks(m_session.doc.document(), landing, static_cast<std::size_t>(pass->number - 1)))
        m_mark->addItem(q(mark));
    m_mark->setCurrentIndex(-1);
    m_mark->setEditText(
        q(m_session.doc.document().routine.passes[*indexOfPass(m_session.doc.document().routine, pass->id)].mark));
    m_mark->setVisible(!pass->plain || pass->cut || pass->tag > Tick{} || pass->exceptions.lastChangeIsTouch ||
                       !m_mark->currentText().isEmpty());
    m_mark->blockSignals(false);
    m_bind->setVisible(!m_lines->toPlainText().trimmed().isEmpty());
    m_opening->setVisible(pass->number == 1);
    if (!m_opening->hasFocus()) m_opening->setText(q(openingToText(m_session.doc.document())));
    showMusic();
}

void PassPanel::typed(const QString& text) {
    if (!m_pass) return;
    const auto edits = passFromText(m_session.doc.document(), *m_pass, text.toStdString(), PassWords::WithoutMark);
    m_error->setVisible(!edits);
    if (!edits) {
        m_error->setText(QStringLiteral("◆ ") + q(edits.error().message));
        return;
    }
    if (edits->empty()) return;
    const auto possible = applyEdits(m_session.doc.document(), *edits);
    m_error->setVisible(!possible);
    if (!possible)
        m_error->setText(QStringLiteral("◆ ") + q(possible.error().message));
    else
        m_session.doc.edit(*edits);
    m_bind->setVisible(true);
}

void PassPanel::bindLineToMusic() {
    if (!m_pass) return;
    const auto index = indexOfPass(m_session.doc.document().routine, *m_pass);
    if (!index) return;
    const auto parts = partsOf(m_session.doc.document().routine.passes[*index]);
    int line = 0; // which of the lines that say something the cursor is in
    for (QTextBlock block = m_lines->document()->begin(); block.isValid() && block != m_lines->textCursor().block();
         block = block.next())
        if (!block.text().trimmed().isEmpty()) ++line;
    const auto which = std::min<std::size_t>(static_cast<std::size_t>(line), parts.empty() ? 0 : parts.size() - 1);
    if (parts.empty())
        return Q_EMIT m_session.messages.told(
            tr("This pass has nothing that could be bound. Type what differs first."));
    const auto edits = bindToMusic(m_session.doc.document(), m_session.doc.landing(), *m_pass, parts[which]);
    if (!edits) return Q_EMIT m_session.messages.told(q(edits.error().message));
    m_session.doc.edit(*edits, tr("bind to the music"));
}

/// What the music brings to this pass, each with a way to keep it with the pass or to take it out.
void PassPanel::showMusic() {
    clearLayout(m_music);
    const Routine& routine = m_session.doc.document().routine;
    for (const PassPerformance& pass : m_session.doc.landing().performance.passes) {
        if (pass.id != *m_pass) continue;
        for (ExceptionId id : pass.fromMusic)
            for (const MusicException& m : routine.atMusic) {
                if (m.id != id) continue;
                m_music->addWidget(paragraph(
                    tr("%1: %2").arg(q(placeSaid(m.place)), q(musicToText(m_session.doc.document(), id))
                                                                .trimmed()
                                                                .replace(QLatin1Char('\n'), QStringLiteral("; "))),
                    m_theme.words(13, Weight::Semibold), Tone::Ink, this));
                auto* row = new QHBoxLayout;
                auto* keep = new QPushButton(tr("Bind to this pass"), this);
                keep->setObjectName(QStringLiteral("bindToPass"));
                keep->setToolTip(tr("It then stays with this pass wherever it is danced"));
                connect(keep, &QPushButton::clicked, this, [this, id] {
                    const auto edits = bindToPass(m_session.doc.document(), m_session.doc.landing(), id);
                    if (!edits) return Q_EMIT m_session.messages.told(q(edits.error().message));
                    m_session.doc.edit(*edits, tr("keep with the pass"));
                });
                auto* out = new QPushButton(tr("Take out"), this);
                out->setToolTip(tr("Takes it out of the music; Undo brings it back"));
                connect(out, &QPushButton::clicked, this, [this, id] { m_session.doc.edit(RemoveMusicException{id}); });
                row->addWidget(keep);
                row->addWidget(out);
                row->addStretch();
                m_music->addLayout(row);
            }
    }
}

} // namespace lc::app
