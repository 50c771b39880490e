#include "app/base/settings.h"

#include <QLocale>
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
const QString theme = QStringLiteral("theme");
const QString spoken = QStringLiteral("language");
const QString ownKeys = QStringLiteral("keys");
const QString sheetPaper = QStringLiteral("paper");
const QString device = QStringLiteral("sound/device");
const QString loudness = QStringLiteral("sound/volume");
const QString soundLag = QStringLiteral("sound/lateMilliseconds");
const QString place = QStringLiteral("window");
const QString late = QStringLiteral("tapsLateMilliseconds");
const QString shortestStep = QStringLiteral("limits/shortestStep");
const QString turnSpeed = QStringLiteral("limits/turnSpeed");
const QString recent = QStringLiteral("recent");

} // namespace

int textPercent() { return std::clamp(read(text, 100).toInt(), 100, 200); }
void setTextPercent(int percent) { write(text, percent); }

LookWanted look() { return static_cast<LookWanted>(std::clamp(read(theme, 0).toInt(), 0, 2)); }
void setLook(LookWanted look) { write(theme, static_cast<int>(look)); }

QString language() { return read(spoken).toString(); }
void setLanguage(const QString& language) { write(spoken, language); }

QMap<QByteArray, QString> keys() {
    QMap<QByteArray, QString> all;
    const QVariantMap kept = read(ownKeys).toMap();
    for (auto one = kept.begin(); one != kept.end(); ++one) all.insert(one.key().toLatin1(), one.value().toString());
    return all;
}

void setKeys(const QMap<QByteArray, QString>& keys) {
    QVariantMap kept;
    for (auto one = keys.begin(); one != keys.end(); ++one) kept.insert(QString::fromLatin1(one.key()), one.value());
    write(ownKeys, kept);
}

QPageSize::PageSizeId paper() {
    const bool inches = QLocale().measurementSystem() == QLocale::ImperialUSSystem;
    const int kept = read(sheetPaper, inches ? QPageSize::Letter : QPageSize::A4).toInt();
    return kept == QPageSize::A5 || kept == QPageSize::Letter ? static_cast<QPageSize::PageSizeId>(kept)
                                                              : QPageSize::A4;
}
void setPaper(QPageSize::PageSizeId paper) { write(sheetPaper, static_cast<int>(paper)); }

QByteArray soundDevice() { return read(device).toByteArray(); }
void setSoundDevice(const QByteArray& id) { write(device, id); }
int volume() { return std::clamp(read(loudness, 100).toInt(), 0, 100); }
void setVolume(int percent) { write(loudness, percent); }
int soundLate() { return std::clamp(read(soundLag, 0).toInt(), -500, 500); }
void setSoundLate(int milliseconds) { write(soundLag, milliseconds); }

QByteArray windowPlace() { return read(place).toByteArray(); }
void setWindowPlace(const QByteArray& geometry) { write(place, geometry); }

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
