#pragma once

#include "support/core_support.h"

#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QTemporaryDir>

namespace lc::test {

inline const char* const demo = LIFTCOUNT_SOURCE_DIR "/demo/copper-weathervane.liftcount";

/// What the command line program said, and how it ended.
struct Ran {
    int exit = -1;
    QByteArray out, err;
    [[nodiscard]] QJsonObject json() const { return QJsonDocument::fromJson(out).object(); }
};

inline Ran ranTo(QProcess& process) {
    if (!process.waitForFinished(120000)) {
        process.kill();
        return {};
    }
    return {process.exitCode(), process.readAllStandardOutput(), process.readAllStandardError()};
}

inline Ran run(const QStringList& arguments) {
    QProcess process;
    process.start(LIFTCOUNT_BINARY_DIR "/lift-count-cli", arguments);
    return ranTo(process);
}

/// The arguments as bytes: not every name is UTF-8. Through the shell, which hands them on as they are; quoted.
inline Ran runInShell(const QList<QByteArray>& arguments, const QByteArray& redirect = {}) {
    QByteArray line = LIFTCOUNT_BINARY_DIR "/lift-count-cli";
    for (QByteArray argument : arguments) line += " '" + argument.replace("'", "'\\''") + "'";
    QTemporaryDir folder;
    QFile script(folder.filePath("run.sh"));
    if (!script.open(QIODevice::WriteOnly)) qFatal("no script");
    script.write(line + " " + redirect + "\n");
    script.close();
    QProcess process;
    process.start("sh", {script.fileName()});
    return ranTo(process);
}

} // namespace lc::test
