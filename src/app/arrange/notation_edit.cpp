#include "app/arrange/notation_edit.h"

#include <QKeyEvent>
#include <QMimeData>
#include <QTextBlock>
#include <QTextLayout>

namespace lc::app {

NotationEdit::NotationEdit(const Theme& theme, QWidget* parent) : QPlainTextEdit(parent), m_theme(theme) {
    setFont(theme.words(14, Weight::Medium));
    setTabChangesFocus(true);
    setUndoRedoEnabled(false); // the document's undo holds what is typed
    setVerticalScrollBarPolicy(Qt::ScrollBarAsNeeded);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setStyleSheet(QStringLiteral("QPlainTextEdit{background:%1;border:1px solid %2;font-family:Lato;font-size:%4px;font-weight:500;}QPlainTextEdit:focus{border:2px solid %3;}")
                      .arg(theme.colours().sheet.name(), theme.colours().ink3.name(), theme.colours().ink.name()).arg(theme.px(14)));
    document()->setDocumentMargin(theme.px(4));
    connect(this, &QPlainTextEdit::textChanged, this, [this] {
        fitHeight();
        if (!m_showing) Q_EMIT typed(toPlainText());
    });
    fitHeight();
}

void NotationEdit::showText(const QString& text) {
    if (toPlainText() == text) return;
    m_showing = true;
    const int caret = textCursor().position();
    setPlainText(text);
    QTextCursor cursor = textCursor();
    cursor.setPosition(std::min(caret, static_cast<int>(text.size())));
    setTextCursor(cursor);
    m_showing = false;
}

void NotationEdit::writeNotation() {
    if (m_notation.isEmpty()) return;
    const QString line = m_notation; // typing changes it
    setPlainText(line);
    moveCursor(QTextCursor::End);
}

void NotationEdit::setManyLines(int shown) {
    m_manyLines = shown;
    fitHeight();
}

void NotationEdit::markBytes(std::size_t begin, std::size_t finish) {
    const QByteArray bytes = toPlainText().toUtf8();
    const auto characters = [&](std::size_t byte) {
        return static_cast<int>(QString::fromUtf8(bytes.left(static_cast<int>(std::min<std::size_t>(byte, static_cast<std::size_t>(bytes.size()))))).size());
    };
    QList<QTextEdit::ExtraSelection> marks;
    if (finish > begin) {
        QTextEdit::ExtraSelection mark;
        mark.cursor = textCursor();
        mark.cursor.setPosition(characters(begin));
        mark.cursor.setPosition(characters(finish), QTextCursor::KeepAnchor);
        mark.format.setUnderlineStyle(QTextCharFormat::DashUnderline);
        mark.format.setUnderlineColor(m_theme.colours().ink);
        mark.format.setFontWeight(QFont::Black);
        mark.format.setBackground(m_theme.colours().well);
        marks << mark;
    }
    setExtraSelections(marks);
}

void NotationEdit::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
        if (m_manyLines > 0 && event->modifiers() == Qt::NoModifier) return QPlainTextEdit::keyPressEvent(event);
        if (event->modifiers() == Qt::NoModifier) {
            if (QWidget* next = m_enterLeadsTo ? m_enterLeadsTo() : nullptr) next->setFocus(Qt::TabFocusReason);
            else focusNextChild();
            return;
        }
        event->ignore();
        return;
    }
    if (event->matches(QKeySequence::Undo) || event->matches(QKeySequence::Redo)) {
        event->ignore(); // the window's undo
        return;
    }
    QPlainTextEdit::keyPressEvent(event);
}

void NotationEdit::focusOutEvent(QFocusEvent* event) {
    QPlainTextEdit::focusOutEvent(event);
    Q_EMIT left();
}

void NotationEdit::resizeEvent(QResizeEvent* event) {
    QPlainTextEdit::resizeEvent(event);
    fitHeight();
}

void NotationEdit::insertFromMimeData(const QMimeData* source) {
    QString text = source->text();
    if (m_manyLines == 0) text.replace(QLatin1Char('\n'), QLatin1Char(' ')).replace(QLatin1Char('\r'), QLatin1Char(' '));
    insertPlainText(text);
}

void NotationEdit::fitHeight() {
    int lines = 0;
    for (QTextBlock block = document()->begin(); block.isValid(); block = block.next()) lines += std::max(1, block.layout()->lineCount());
    const int height = QFontMetrics(font()).lineSpacing() * std::clamp(lines, std::min(2, std::max(1, m_manyLines)), m_manyLines > 0 ? m_manyLines : 4) + m_theme.px(14);
    if (height != maximumHeight()) setFixedHeight(height);
}

} // namespace lc::app
