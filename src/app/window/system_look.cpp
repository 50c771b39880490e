#include "app/window/system_look.h"

#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>
#include <QDBusVariant>
#include <QGuiApplication>
#include <QPalette>

namespace lc::app {

namespace {
const QString appearance = QStringLiteral("org.freedesktop.appearance");
const QString colorScheme = QStringLiteral("color-scheme");
const QString portal = QStringLiteral("org.freedesktop.portal.Desktop");
const QString portalPath = QStringLiteral("/org/freedesktop/portal/desktop");
const QString portalSettings = QStringLiteral("org.freedesktop.portal.Settings");
} // namespace

SystemLook::SystemLook(QObject* parent)
    : QObject(parent),
      m_atFirst(QGuiApplication::palette().color(QPalette::Window).lightness() < 128 ? Look::Dark : Look::Bright),
      m_look(m_atFirst) {
    QDBusConnection bus = QDBusConnection::sessionBus();
    if (!bus.isConnected()) return;
    bus.connect(portal, portalPath, portalSettings, QStringLiteral("SettingChanged"), this,
                SLOT(settingChanged(QString, QString, QDBusVariant)));
    QDBusMessage ask = QDBusMessage::createMethodCall(portal, portalPath, portalSettings, QStringLiteral("Read"));
    ask << appearance << colorScheme;
    auto* asked = new QDBusPendingCallWatcher(bus.asyncCall(ask), this); // nothing waits for a desktop that is slow
    connect(asked, &QDBusPendingCallWatcher::finished, this, [this, asked] {
        const QDBusPendingReply<QDBusVariant> reply = *asked;
        asked->deleteLater();
        if (reply.isValid()) take(reply.value().variant());
    });
}

void SystemLook::settingChanged(const QString& group, const QString& name, const QDBusVariant& value) {
    if (group == appearance && name == colorScheme) take(value.variant());
}

/// 1 prefers dark, 2 bright, 0 neither. Read gives it in one more shell than the signal does.
void SystemLook::take(const QVariant& scheme) {
    const QVariant inner = scheme.canConvert<QDBusVariant>() ? scheme.value<QDBusVariant>().variant() : scheme;
    const Look now = inner.toUInt() == 1 ? Look::Dark : inner.toUInt() == 2 ? Look::Bright : m_atFirst;
    if (now == m_look) return;
    m_look = now;
    Q_EMIT changed();
}

} // namespace lc::app
