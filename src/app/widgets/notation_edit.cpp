#include "app/widgets/notation_edit.h"

#include "app/base/qtext.h"
#include "app/base/wording.h"

#include <QKeyEvent>
#include <QLabel>
#include <QMimeData>
#include <QPainter>
#include <QTextBlock>
#include <QTextLayout>

namespace lc::app {

NotationEdit::NotationEdit(const Theme& theme, QWidget* parent) : QPlainTextEdit(parent), m_theme(theme) {
    setFont(theme.words(14, Weight::Medium));
    setTabChangesFocus(true);
    setUndoRedoEnabled(false); // the document's undo holds what is typed
    setVerticalScrollBarPolicy(Qt::ScrollBarAsNeeded);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setStyleSheet(QStringLiteral("font-size:%1px;font-weight:500;").arg(theme.px(14)));
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

int NotationEdit::characterOf(std::size_t byte) const {
    const QByteArray bytes = toPlainText().toUtf8();
    return static_cast<int>(QString::fromUtf8(bytes.left(static_cast<qsizetype>(
                                                  std::min<std::size_t>(byte, static_cast<std::size_t>(bytes.size())))))
                                .size());
}

void NotationEdit::setReading(const NotationReading& reading, bool spoken) {
    m_places.clear();
    const bool whole = reading.length.value % counts(8).value == 0; // a set is full
    m_next = reading.error || spoken || whole || !reading.questions.empty() ? QString() : q(reading.next);
    const auto label = [](Tick at) {
        return QString::number(wholeCounts(at) + 1) + (isWhole(at) ? QString() : QStringLiteral("&"));
    };
    const auto says = [&](Tick at, Foot free) {
        return free == Foot::Both   ? label(at)
               : free == Foot::Left ? tr("%1, L free").arg(label(at))
                                    : tr("%1, R free").arg(label(at));
    };
    const QByteArray bytes = toPlainText().toUtf8();
    std::size_t upTo = 0; // bytes that are counted, in characters
    int characters = 0;
    const auto toCharacter = [&](std::size_t byte) {
        byte = std::min<std::size_t>(byte, static_cast<std::size_t>(bytes.size()));
        if (byte < upTo) upTo = 0, characters = 0;
        characters += static_cast<int>(
            QString::fromUtf8(bytes.mid(static_cast<qsizetype>(upTo), static_cast<qsizetype>(byte - upTo))).size());
        upTo = byte;
        return characters;
    };
    const auto needed = footNeeded(reading.actions);
    m_places.push_back({0, needed ? says(Tick{}, *needed) : label(Tick{})});
    const auto feet = followFeet(reading.actions, needed.value_or(Foot::Both));
    for (std::size_t i = 0; i < reading.actions.size(); ++i) {
        const Action& a = reading.actions[i];
        const int finish = toCharacter(a.finish);
        const QString told = says(a.end(), needed ? feet[i].freeAfter : Foot::Both);
        if (finish > m_places.back().finish)
            m_places.push_back({finish, told});
        else if (finish == m_places.back().finish)
            m_places.back().says = told; // a wait that is not written, several steps of one word
    }
    if (!m_here) {
        m_here = paragraph({}, m_theme.words(12), Tone::Ink2, this);
        m_here->setObjectName(QStringLiteral("atCaret"));
        m_here->setWordWrap(false);
        m_here->setAlignment(Qt::AlignRight | Qt::AlignTop);
        m_here->setAttribute(Qt::WA_TransparentForMouseEvents);
        setViewportMargins(0, 0, m_theme.px(72), 0);
        connect(this, &QPlainTextEdit::cursorPositionChanged, this, &NotationEdit::showAtCaret);
        placeHere();
        fitHeight();
    }
    showAtCaret();
}

QString NotationEdit::saysAtCaret() const {
    const QTextCursor cursor = textCursor();
    const bool inWord = !cursor.atBlockStart() &&
                        !cursor.block().text()[cursor.positionInBlock() - 1].isSpace(); // its count is not over yet
    const int at = cursor.position() - (inWord ? 1 : 0);
    QString says;
    for (const Place& place : m_places)
        if (place.finish <= at) says = place.says;
    return says;
}

void NotationEdit::showAtCaret() {
    if (!m_here) return;
    m_here->setText(hasFocus() ? saysAtCaret() : QString());
    m_here->setVisible(hasFocus());
    describe();
}

/// What stands at the caret, and what is offered, for people who do not see it.
void NotationEdit::describe() {
    const QString says = !hasFocus()           ? QString()
                         : m_offered.isEmpty() ? saysAtCaret()
                                               : tr("%1; Tab goes on with “%2”").arg(saysAtCaret(), offered());
    if (says != accessibleDescription()) setAccessibleDescription(says);
}

/// To the end of the next count's words; behind the last one the next count is put in, and Tab then leaves.
bool NotationEdit::toNextCount() {
    if (m_places.empty() || !m_touched) return false;
    if (takeBackCount()) return false;
    QTextCursor cursor = textCursor();
    const QString text = toPlainText();
    for (const Place& place : m_places) {
        int finish = std::min(place.finish, static_cast<int>(text.size()));
        while (finish > 0 && text[finish - 1].isSpace()) --finish;
        if (finish <= cursor.position()) continue;
        cursor.setPosition(finish);
        setTextCursor(cursor);
        return true;
    }
    if (m_next.isEmpty() || text.trimmed().isEmpty() || text.mid(cursor.position()).trimmed().size() > 0) return false;
    cursor.movePosition(QTextCursor::End);
    const QString more =
        (text.endsWith(QLatin1Char(' ')) ? QString() : QStringLiteral(" ")) + m_next + QLatin1Char(' ');
    m_beforeCount = text;
    m_countPutIn = text + more;
    cursor.insertText(more);
    setTextCursor(cursor);
    return true;
}

/// A count that Tab put in and nothing was said of goes again when the line is left.
bool NotationEdit::takeBackCount() {
    if (m_countPutIn.isEmpty() || toPlainText() != m_countPutIn) return false;
    m_countPutIn.clear();
    setPlainText(m_beforeCount);
    moveCursor(QTextCursor::End);
    return true;
}

bool NotationEdit::event(QEvent* event) {
    const QEvent::Type type = event->type();
    if (type != QEvent::KeyPress && type != QEvent::StyleChange)
        return QPlainTextEdit::event(event); // which may have been the last: a deletion that was put off
    // The focus also goes on when a field is hidden.
    m_byTab = type == QEvent::KeyPress && static_cast<QKeyEvent*>(event)->key() == Qt::Key_Tab;
    const bool done = QPlainTextEdit::event(event);
    m_byTab = false;
    if (type == QEvent::StyleChange) colour(extraSelections()); // the theme was changed
    return done;
}

bool NotationEdit::focusNextPrevChild(bool next) {
    if (m_manyLines == 0 && next && m_byTab && (takeOffered() || toNextCount())) return true;
    return QPlainTextEdit::focusNextPrevChild(next);
}

/// The longest end of what stands before the caret that begins words which are known.
void NotationEdit::offerCompletion() {
    m_offered.clear();
    m_offer = 0;
    const QTextCursor cursor = textCursor();
    const QString before = cursor.block().text();
    if (cursor.positionInBlock() < before.size() || cursor.hasSelection() || before.isEmpty() ||
        !before.back().isLetter())
        return; // what stands behind the caret is not written over
    int from = static_cast<int>(before.size());
    std::vector<int> starts; // of words, the nearest first
    while (from > 0 && (before[from - 1].isLetter() || before[from - 1] == QLatin1Char(' ') ||
                        before[from - 1] == QLatin1Char('-') || before[from - 1] == QLatin1Char('\''))) {
        --from;
        if (before[from].isLetter() && (from == 0 || !before[from - 1].isLetter())) starts.push_back(from);
    }
    if (starts.empty() || before.size() - starts.front() < 2) return; // one letter is a foot, or begins too much
    constexpr std::size_t mostOfPhrase = 4;
    constexpr qsizetype leastLetters = 2, mostOffered = 8;
    for (std::size_t k = std::min(starts.size(), mostOfPhrase); k-- > 0;) {
        const QString prefix = before.mid(starts[k]).toLower();
        if (prefix.size() < leastLetters) continue;
        if (m_words.contains(prefix)) return; // it is whole already
        for (const QString& word : m_words) {
            if (word.startsWith(prefix)) m_offered << word.mid(prefix.size());
            if (m_offered.size() >= mostOffered) break;
        }
        if (!m_offered.isEmpty()) return;
    }
}

QString NotationEdit::offered() const { return m_offered.isEmpty() ? QString() : m_offered[m_offer]; }

bool NotationEdit::takeOffered() {
    if (m_offered.isEmpty()) return false;
    QTextCursor cursor = textCursor();
    const QString rest = offered();
    m_offered.clear();
    cursor.insertText(rest + QLatin1Char(' '));
    setTextCursor(cursor);
    return true;
}

void NotationEdit::paintEvent(QPaintEvent* event) {
    QPlainTextEdit::paintEvent(event);
    if (m_offered.isEmpty() || !hasFocus()) return;
    QPainter p(viewport());
    p.setFont(font());
    p.setPen(m_theme.colours().ink2);
    const QRect at = cursorRect();
    const QString shown =
        m_offered.size() > 1 ? tr("%1   ↓ %2 more").arg(offered(), QString::number(m_offered.size() - 1)) : offered();
    p.drawText(QPoint(at.left() + 1, at.top() + QFontMetrics(font()).ascent()), shown); // on the line of what is typed
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
    QList<QTextEdit::ExtraSelection> marks;
    if (finish > begin) {
        QTextEdit::ExtraSelection mark;
        mark.cursor = textCursor();
        mark.cursor.setPosition(characterOf(begin));
        mark.cursor.setPosition(characterOf(finish), QTextCursor::KeepAnchor);
        mark.format.setUnderlineStyle(QTextCharFormat::DashUnderline);
        mark.format.setFontWeight(QFont::Black);
        marks << mark;
    }
    colour(marks);
}

void NotationEdit::colour(QList<QTextEdit::ExtraSelection> marks) {
    for (QTextEdit::ExtraSelection& mark : marks) {
        mark.format.setUnderlineColor(m_theme.colours().ink);
        mark.format.setBackground(m_theme.colours().well);
    }
    setExtraSelections(marks);
}

void NotationEdit::keyPressEvent(QKeyEvent* event) {
    if (!m_offered.isEmpty() && event->modifiers() == Qt::NoModifier) {
        const int all = static_cast<int>(m_offered.size());
        switch (event->key()) {
        case Qt::Key_Right: takeOffered(); return;
        case Qt::Key_Down:
            m_offer = (m_offer + 1) % all;
            describe();
            viewport()->update();
            return;
        case Qt::Key_Up:
            m_offer = (m_offer + all - 1) % all;
            describe();
            viewport()->update();
            return;
        case Qt::Key_Escape:
            m_offered.clear();
            viewport()->update();
            return;
        default: break;
        }
    }
    if (event->key() != Qt::Key_Tab && event->key() != Qt::Key_Backtab && event->key() != Qt::Key_Shift)
        m_touched = true;
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
        if (m_manyLines > 0 && event->modifiers() == Qt::NoModifier) return QPlainTextEdit::keyPressEvent(event);
        if (event->modifiers() == Qt::NoModifier) {
            if (QWidget* next = m_enterLeadsTo ? m_enterLeadsTo() : nullptr)
                next->setFocus(Qt::TabFocusReason);
            else
                focusNextChild();
            return;
        }
        event->ignore();
        return;
    }
    if (event->matches(QKeySequence::Undo) || event->matches(QKeySequence::Redo)) {
        event->ignore(); // the window's undo
        return;
    }
    const QString before = toPlainText();
    m_offered.clear();
    QPlainTextEdit::keyPressEvent(event);
    if (toPlainText() != before) offerCompletion();
    describe();
    viewport()->update();
}

void NotationEdit::focusInEvent(QFocusEvent* event) {
    QPlainTextEdit::focusInEvent(event);
    if (event->reason() != Qt::PopupFocusReason && event->reason() != Qt::ActiveWindowFocusReason)
        m_touched = false; // a menu or another window came between
    showAtCaret();
}

void NotationEdit::mousePressEvent(QMouseEvent* event) {
    m_touched = true;
    QPlainTextEdit::mousePressEvent(event);
}

void NotationEdit::focusOutEvent(QFocusEvent* event) {
    QPlainTextEdit::focusOutEvent(event);
    m_offered.clear();
    takeBackCount();
    showAtCaret();
    Q_EMIT left();
}

void NotationEdit::resizeEvent(QResizeEvent* event) {
    QPlainTextEdit::resizeEvent(event);
    placeHere();
    fitHeight();
}

void NotationEdit::placeHere() {
    if (m_here) m_here->setGeometry(width() - m_theme.px(78), m_theme.px(6), m_theme.px(72), m_theme.px(18));
}

void NotationEdit::insertFromMimeData(const QMimeData* source) {
    QString text = source->text();
    if (m_manyLines == 0)
        text.replace(QLatin1Char('\n'), QLatin1Char(' ')).replace(QLatin1Char('\r'), QLatin1Char(' '));
    insertPlainText(text);
}

void NotationEdit::fitHeight() {
    int lines = 0;
    for (QTextBlock block = document()->begin(); block.isValid(); block = block.next())
        lines += std::max(1, block.layout()->lineCount());
    const int height = QFontMetrics(font()).lineSpacing() *
                           std::clamp(lines, std::min(2, std::max(1, m_manyLines)), m_manyLines > 0 ? m_manyLines : 4) +
                       m_theme.px(14);
    if (height != maximumHeight()) setFixedHeight(height);
}

} // namespace lc::app
