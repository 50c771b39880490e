#pragma once

#include "app/base/settings.h"

#include <QString>
#include <QStringList>

class QWidget;

namespace lc {
struct Document;
}

namespace lc::app {

class Session;

enum class Purpose { Read, Write };

/// Where a dialog begins: where the song or the routine is, else the folder of last time (figures: this first), else
/// the user's own for such things. Never the root of the disk, nor the folder of the demo that ships with the program;
/// for writing, only where it can be written.
[[nodiscard]] QString startFolder(const Session& session, FolderFor what, Purpose purpose = Purpose::Read);

/// Asks for a file to read; empty = go back. Qt lists no names that are not UTF-8: such files are opened from the
/// command line, and found by rank.
[[nodiscard]] QString askWhatToRead(QWidget* parent, const Session& session, FolderFor what, const QString& title,
                                    const QString& filter);
[[nodiscard]] QString askForFolder(QWidget* parent, const Session& session, FolderFor what, const QString& title);

/// Asks where to write; empty = go back. A name without one of the endings ("flac", "wav") gets the first, before it is
/// asked whether a file that is there may be replaced.
[[nodiscard]] QString askWhereToWrite(QWidget* parent, const Session& session, FolderFor what, const QString& title,
                                      const QString& name, const QStringList& endings, const QString& filter);

/// The routine's title as the name of a file, or `otherwise` where it has none.
[[nodiscard]] QString titleAsFileName(const Document& document, const QString& otherwise);

/// Writes a file whole or not at all, and tells what became of it; false where it could not be written.
bool writeAndTell(Session& session, const QString& path, const std::string& bytes);

} // namespace lc::app
