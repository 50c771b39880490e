#pragma once

#include <QMetaObject>
#include <QObject>
#include <QPointer>

class QWidget;

namespace lc::app {

class DocumentSession;

/// Whose turn it is to take something back: of the field that is typed into, or of the routine. The field's, as long as
/// what was typed in it is the newest change; typing that changes the routine is one and the same.
class TypingUndo : public QObject {
    Q_OBJECT
public:
    TypingUndo(const DocumentSession& doc, QObject* parent);
    /// False for what is no field, and for one in which nothing can be taken back (or done again).
    [[nodiscard]] bool isOfField(const QWidget* widget, bool redo) const;

private:
    void follow(QWidget* field);

    const DocumentSession& m_doc;
    QPointer<QWidget> m_field; ///< the one typed into last
    int m_revision = -1;       ///< of the routine, when it was
    QMetaObject::Connection m_watch;
};

} // namespace lc::app
