#pragma once

#include "core/figures/body_limits.h"

#include <QByteArray>
#include <QMap>
#include <QPageSize>
#include <QString>
#include <QStringList>
#include <QVariantMap>

namespace lc::app {

/// Where files of a kind were read or written last.
enum class FolderFor { Songs, Routines, Sheets, Figures };

/// What the program remembers between runs, besides routines and the vocabulary: the only place that knows how it is
/// kept. What is not there, or makes no sense, has its usual value.
namespace settings {

inline constexpr int textSizes[] = {100, 115, 130, 160, 200}; ///< in per cent, to be chosen from
[[nodiscard]] int textPercent();                              ///< size of text, 100 to 200
void setTextPercent(int percent);

/// The bright theme, the dark one, or the one that the desktop has.
enum class LookWanted { AsSystem, Bright, Dark };
[[nodiscard]] LookWanted look();
void setLook(LookWanted look);

[[nodiscard]] QString language(); ///< "de", "en"; empty: as the system
void setLanguage(const QString& language);

/// Keys that a person has given to commands, by the ids of these; an empty text takes the key away.
[[nodiscard]] QMap<QByteArray, QString> keys();
void setKeys(const QMap<QByteArray, QString>& keys);

[[nodiscard]] QPageSize::PageSizeId paper(); ///< A4, A5 or Letter; Letter first where inches are used
void setPaper(QPageSize::PageSizeId paper);

[[nodiscard]] QByteArray soundDevice(); ///< as QAudioDevice::id() gives it; empty: that of the system
void setSoundDevice(const QByteArray& id);
[[nodiscard]] int volume(); ///< 0 to 100 %
void setVolume(int percent);
[[nodiscard]] int soundLate(); ///< milliseconds by which the sound is heard later than the device says
void setSoundLate(int milliseconds);

[[nodiscard]] QByteArray windowPlace(); ///< as QWidget::saveGeometry() gives it
void setWindowPlace(const QByteArray& place);

[[nodiscard]] int tapsLate(); ///< by how many milliseconds a person taps late
void setTapsLate(int milliseconds);

[[nodiscard]] BodyLimits limits();
void setLimits(const BodyLimits& limits);

[[nodiscard]] QString folder(FolderFor what); ///< empty while there was none
void setFolder(FolderFor what, const QString& folder);

[[nodiscard]] QStringList recentFiles(); ///< the last one first
void setRecentFiles(const QStringList& paths);

/// What the start page says of a file.
struct FileWords {
    QString title, about;
};
[[nodiscard]] FileWords wordsOf(const QString& path); ///< empty where nothing is known
void setWordsOf(const QString& path, const FileWords& words);

[[nodiscard]] QVariantMap viewOf(const QString& path); ///< how a file was looked at, as the window wrote it
void setViewOf(const QString& path, const QVariantMap& view);

} // namespace settings

} // namespace lc::app
