#include "app/window/announcements.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/widgets/readable.h"

#include <QCoreApplication>

#include <utility>

namespace lc::app {

namespace {

struct Announcements {
    Q_DECLARE_TR_FUNCTIONS(Announcements)
};

/// The worst first, as the findings stand in their column; empty before there is anything to land.
QString landingInWords(const Landing& landing) {
    if (landing.performance.passes.empty()) return {};
    if (landing.findings.empty()) return Announcements::tr("Everything lands.");
    return Announcements::tr("Findings: %1. %2")
        .arg(QString::number(landing.findings.size()), q(landing.findings.front().headline));
}

} // namespace

void announceTo(QWidget& window, Session& session) {
    auto* announcer = new Announcer(&window);
    QObject::connect(&session.messages, &Messages::told, announcer, &Announcer::say);
    QObject::connect(&session.doc, &DocumentSession::documentChanged, announcer,
                     [announcer, &session, last = landingInWords(session.doc.landing())]() mutable {
                         const QString now = landingInWords(session.doc.landing());
                         if (std::exchange(last, now) != now) announcer->say(now);
                     });
}

} // namespace lc::app
