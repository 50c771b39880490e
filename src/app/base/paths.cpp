#include "app/base/paths.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QStringList>

#include "core/base/plain_text.h"

namespace lc::app {

std::string fileName(const QString& path) {
    std::string out;
    QString clean;
    for (const QChar c : path) {
        if (c.unicode() < 0xDC80 || c.unicode() > 0xDCFF || (!clean.isEmpty() && clean.back().isHighSurrogate())) {
            clean += c;
            continue;
        }
        out += clean.toStdString();
        clean.clear();
        out += static_cast<char>(static_cast<unsigned char>(c.unicode() - 0xDC00));
    }
    return out + clean.toStdString();
}

QString pathOf(const std::string& fileName) {
    if (isUtf8(fileName)) return QString::fromStdString(fileName);
    QString out;
    for (std::size_t at = 0; at < fileName.size();) {
        std::size_t length = 1;
        while (length <= 4 && at + length <= fileName.size() && !isUtf8(std::string_view(fileName).substr(at, length)))
            ++length;
        if (length > 4 || at + length > fileName.size()) {
            out += QChar(static_cast<char16_t>(0xDC00 + static_cast<unsigned char>(fileName[at++])));
            continue;
        }
        out += QString::fromUtf8(fileName.data() + at, static_cast<qsizetype>(length));
        at += length;
    }
    return out;
}

QString readable(const QString& path) { return QString::fromStdString(shown(fileName(path))); }

QString shippedFolder(const QString& name) {
    const QString program = QCoreApplication::applicationDirPath();
    QStringList places{qEnvironmentVariable("LIFTCOUNT_DATA")};
    for (const char* up : {"", "/..", "/../.."})
        places << program + QString::fromLatin1(up) + QStringLiteral("/share/lift-count");
    for (const QString& place : places)
        if (!place.isEmpty() && QFileInfo(place + QLatin1Char('/') + name).isDir())
            return QDir(place + QLatin1Char('/') + name).canonicalPath();
    return {};
}

} // namespace lc::app
