#pragma once

// How a session reads a file in the background. For session*.cpp alone.
#include "app/shell/paths.h"
#include "app/shell/session.h"

namespace lc::app {

template <typename Read, typename Take>
void Session::readThen(const QString& path, Read read, Take take) {
    m_reader.start([file = fileName(path), read](const Task& task) { return read(file, task); },
                   [this, take](auto made) {
                       if (!made) return Q_EMIT told(QString::fromStdString(made.error().message));
                       take(std::move(*made));
                   });
}

} // namespace lc::app
