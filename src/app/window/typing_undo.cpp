#include "app/window/typing_undo.h"

#include "app/base/document_session.h"

#include <QApplication>
#include <QLineEdit>
#include <QPlainTextEdit>

namespace lc::app {

TypingUndo::TypingUndo(const DocumentSession& doc, QObject* parent) : QObject(parent), m_doc(doc) {
    connect(qApp, &QApplication::focusChanged, this, [this](QWidget*, QWidget* now) { follow(now); });
}

void TypingUndo::follow(QWidget* field) {
    disconnect(m_watch);
    // heard last: what the typing does to the routine belongs to it
    const auto typed = [this, field = QPointer(field)] {
        m_field = field;
        m_revision = m_doc.revision();
    };
    if (auto* line = qobject_cast<QLineEdit*>(field))
        m_watch = connect(line, &QLineEdit::textChanged, this, typed);
    else if (auto* text = qobject_cast<QPlainTextEdit*>(field))
        m_watch = connect(text, &QPlainTextEdit::textChanged, this, typed);
}

bool TypingUndo::isOfField(const QWidget* widget, bool redo) const {
    if (m_field != widget || m_revision != m_doc.revision()) return false;
    if (const auto* line = qobject_cast<const QLineEdit*>(widget))
        return redo ? line->isRedoAvailable() : line->isUndoAvailable();
    if (const auto* text = qobject_cast<const QPlainTextEdit*>(widget))
        return redo ? text->document()->isRedoAvailable() : text->document()->isUndoAvailable();
    return false;
}

} // namespace lc::app
