#pragma once

#include "app/shell/theme.h"

#include <QPlainTextEdit>

#include <functional>

namespace lc::app {

/// One line of count notation, wrapped where it is long. What cannot be read is underlined at its characters.
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
    /// Underlines bytes [begin, finish) of the UTF-8 text; an empty span takes the underline away.
    void markBytes(std::size_t begin, std::size_t finish);

Q_SIGNALS:
    void typed(const QString& text);
    void left(); ///< Enter, Tab or focus going away

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void insertFromMimeData(const QMimeData* source) override;

private:
    void fitHeight();
    const Theme& m_theme;
    bool m_showing = false;
    QString m_notation;
    std::function<QWidget*()> m_enterLeadsTo;
    int m_manyLines = 0; ///< 0 = one line
};

} // namespace lc::app
