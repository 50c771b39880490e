#include "app/window/routine_clipboard.h"

#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/window/file_desk.h"
#include "core/edits/dance_on_song.h"
#include "core/exchange/handout.h"
#include "core/exchange/handout_write.h"
#include "core/exchange/routine_text.h"

#include <QClipboard>
#include <QGuiApplication>

namespace lc::app {

RoutineClipboard::RoutineClipboard(Session& session, FigureDesk& desk, FileDesk& files, QObject* parent)
    : QObject(parent), m_session(session), m_desk(desk), m_files(files) {}

void RoutineClipboard::copyText() {
    QGuiApplication::clipboard()->setText(q(routineToText(m_session.doc.document())));
    m_session.messages.tell(tr("The routine is copied as text. Paste it into a mail, or here with Ctrl+Shift+V."));
}

void RoutineClipboard::copyHandout(HandoutManner manner) {
    if (m_session.doc.document().routine.passes.empty())
        return m_session.messages.tell(tr("There is no dance yet: a hand-out needs parts with steps and their order."));
    QGuiApplication::clipboard()->setText(q(handoutText(m_session.doc.document(), manner)));
    m_session.messages.tell(tr("The dance is copied as a hand-out. Paste it into a mail or a page."));
}

bool RoutineClipboard::paste() {
    const std::string text = QGuiApplication::clipboard()->text().toStdString();
    m_desk.open(); // the person's words
    std::vector<HandoutLine> lines;
    Result<Document> read = fail(ErrorCode::BadNotation, {});
    if (looksLikeRoutineText(text))
        read = routineFromText(text);
    else if (auto handout = readHandout(text, m_session.doc.words())) {
        lines = std::move(handout->lines);
        read = std::move(handout->document);
    } else
        read = tl::unexpected(handout.error());
    if (!read) {
        m_session.messages.tell(read.error());
        return false;
    }
    if (!lines.empty() && awaitsDance(m_session.doc.document()))
        m_session.doc.takeDance(std::move(*read), std::move(lines));
    else {
        if (!m_files.mayDiscard()) return false;
        m_session.doc.startWith(std::move(*read), std::move(lines));
    }
    return true;
}

} // namespace lc::app
