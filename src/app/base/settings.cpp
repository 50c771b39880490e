#include "app/base/settings.h"

#include <QSettings>

#include <algorithm>

namespace lc::app::settings {

namespace {

QString ofFile(const char* what, const QString& path) {
    return QLatin1String(what) + QString::fromLatin1(path.toUtf8().toHex());
}

QString keyOf(FolderFor what) {
    switch (what) {
    case FolderFor::Songs: return QStringLiteral("songFolder");
    case FolderFor::Routines: return QStringLiteral("routineFolder");
    case FolderFor::Sheets: return QStringLiteral("sheetFolder");
    case FolderFor::Figures: return QStringLiteral("figureFolder");
    }
    return {};
}

QVariant read(const QString& key, const QVariant& usual = {}) { return QSettings().value(key, usual); }
void write(const QString& key, const QVariant& value) { QSettings().setValue(key, value); }

const QString text = QStringLiteral("textPercent");
const QString late = QStringLiteral("tapsLateMilliseconds");
const QString shortestStep = QStringLiteral("limits/shortestStep");
const QString turnSpeed = QStringLiteral("limits/turnSpeed");
const QString recent = QStringLiteral("recent");

} // namespace

int textPercent() { return std::clamp(read(text, 100).toInt(), 100, 200); }
void setTextPercent(int percent) { write(text, percent); }

int tapsLate() { return read(late, 0).toInt(); }
void setTapsLate(int milliseconds) { write(late, milliseconds); }

BodyLimits limits() {
    BodyLimits out;
    if (const double step = read(shortestStep).toDouble(); step > 0) out.shortestStepSeconds = step;
    if (const double turn = read(turnSpeed).toDouble(); turn > 0) out.turnDegreesPerSecond = turn;
    return out;
}

void setLimits(const BodyLimits& limits) {
    write(shortestStep, limits.shortestStepSeconds.value_or(0));
    write(turnSpeed, limits.turnDegreesPerSecond.value_or(0));
}

QString folder(FolderFor what) { return read(keyOf(what)).toString(); }
void setFolder(FolderFor what, const QString& folder) { write(keyOf(what), folder); }

QStringList recentFiles() { return read(recent).toStringList(); }
void setRecentFiles(const QStringList& paths) { write(recent, paths); }

FileWords wordsOf(const QString& path) {
    const QStringList words = read(ofFile("about/", path)).toStringList();
    return {words.value(0), words.value(1)};
}
void setWordsOf(const QString& path, const FileWords& words) {
    write(ofFile("about/", path), QStringList{words.title, words.about});
}

QVariantMap viewOf(const QString& path) { return read(ofFile("view/", path)).toMap(); }
void setViewOf(const QString& path, const QVariantMap& view) { write(ofFile("view/", path), view); }

} // namespace lc::app::settings
