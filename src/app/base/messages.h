#pragma once

#include "app/base/qtext.h"
#include "core/base/result.h"

#include <QObject>
#include <QString>

namespace lc::app {

/// What a person should read, from wherever it comes.
class Messages : public QObject {
    Q_OBJECT
public:
    void tell(const QString& sentence) { Q_EMIT told(sentence); }
    void tell(const Error& error) { tell(q(error.message)); }

Q_SIGNALS:
    void told(const QString& sentence);
};

} // namespace lc::app
