#include "app/base/stage.h"

namespace lc::app {

Stage::Stage(About about, const StageContext& context, QWidget* parent)
    : QWidget(parent), m_session(context.session), m_desk(context.desk), m_theme(context.theme),
      m_about(std::move(about)) {}

Stage::~Stage() = default;

bool Stage::is(const QByteArray& id) const { return m_about.id == id; }

QKeySequence Stage::key() const { return QKeySequence(Qt::ALT | static_cast<Qt::Key>(Qt::Key_0 + m_about.key)); }

std::vector<Place> Stage::places(const QString&) { return {}; }

} // namespace lc::app
