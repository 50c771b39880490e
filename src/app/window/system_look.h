#pragma once

#include "app/base/theme.h"

#include <QObject>

class QDBusVariant;

namespace lc::app {

/// Whether the desktop is bright or dark, and when that changes: as its settings portal says
/// (org.freedesktop.appearance, color-scheme), else by the colours that Qt was given when it began.
class SystemLook : public QObject {
    Q_OBJECT
public:
    explicit SystemLook(QObject* parent = nullptr); ///< before Theme::dress() gives Qt other colours
    [[nodiscard]] Look look() const { return m_look; }

Q_SIGNALS:
    void changed();

private Q_SLOTS:
    void settingChanged(const QString& group, const QString& name, const QDBusVariant& value);

private:
    void take(const QVariant& scheme);

    Look m_atFirst;
    Look m_look;
};

} // namespace lc::app
