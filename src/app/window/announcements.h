#pragma once

class QWidget;

namespace lc::app {

class Session;

/// Says to a screen reader what others see change at the side while they work: each message, and how the routine lands
/// after each change of it. Ends with the window.
void announceTo(QWidget& window, Session& session);

} // namespace lc::app
