#pragma once

#include "app/base/theme.h"
#include "core/notation/notation.h"

#include <QPlainTextEdit>

#include <functional>
#include <vector>

class QLabel;

namespace lc::app {

/// One line of count notation, wrapped where it is long. What cannot be read is underlined at its characters; at the
/// caret it says which count comes and which foot is free, words and figures are completed, and Tab goes from count to
/// count once something was typed.
class NotationEdit : public QPlainTextEdit {
    Q_OBJECT
public:
    NotationEdit(const Theme& theme, QWidget* parent = nullptr);
    /// Puts text in without moving the caret or telling anybody, if it differs.
    void showText(const QString& text);
    /// Enter begins a new line, up to `shown` of which are seen at once; Tab leaves.
    void setManyLines(int shown);
    /// Where Enter leads; where `to` gives nothing, or none was set, to the next field.
    void setEnterLeadsTo(std::function<QWidget*()> to) { m_enterLeadsTo = std::move(to); }
    /// What F12 writes in the place of the text: the same in the notation; empty where it is written so already.
    void offerNotation(const QString& line) { m_notation = line; }
    void writeNotation();
    /// How the text is read now: what is told at the caret, and where Tab goes.
    /// `spoken`: the line is said without the notation's counts.
    void setReading(const NotationReading& reading, bool spoken);
    /// What is told at the caret: "5, R free" is the count that is said there and the foot that is free for it; empty
    /// where nothing can be said.
    [[nodiscard]] QString saysAtCaret() const;
    /// Words and figures that are completed, in small letters.
    void setWords(const QStringList& words) { m_words = words; }
    /// The rest of the word or figure that is being typed, as it stands behind the caret; Tab and Right take it, Down
    /// and Up give another, Escape none.
    [[nodiscard]] QString offered() const;
    /// Underlines bytes [begin, finish) of the UTF-8 text; an empty span takes the underline away.
    void markBytes(std::size_t begin, std::size_t finish);

Q_SIGNALS:
    void typed(const QString& text);
    void left(); ///< Enter, Tab or focus going away

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    bool focusNextPrevChild(bool next) override;
    bool event(QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void insertFromMimeData(const QMimeData* source) override;

private:
    struct Place {      ///< of the caret: behind an action
        int finish = 0; ///< characters
        QString says;
    };
    void placeHere(); ///< what is told at the caret
    void fitHeight();
    void showAtCaret();
    void describe();
    [[nodiscard]] int characterOf(std::size_t byte) const;
    /// Shows marks in the colours of the theme.
    void colour(QList<QTextEdit::ExtraSelection> marks);
    bool toNextCount();
    bool takeBackCount();
    void offerCompletion();
    bool takeOffered();
    const Theme& m_theme;
    bool m_showing = false;
    QString m_notation;
    std::function<QWidget*()> m_enterLeadsTo;
    int m_manyLines = 0;                 ///< 0 = one line
    QLabel* m_here = nullptr;            ///< what is told at the caret
    std::vector<Place> m_places;         ///< ascending; the first is that of the beginning
    QString m_next;                      ///< how the line would go on
    bool m_touched = false;              ///< something was typed, or the caret was moved, since the field has the focus
    QString m_countPutIn, m_beforeCount; ///< the text after and before Tab put the next count in: Tab then leaves
    QStringList m_words;
    QStringList m_offered; ///< ways to go on with the word that is typed
    bool m_byTab = false;  ///< the Tab key is being worked in
    int m_offer = 0;       ///< the one that is shown
};

} // namespace lc::app
