#include "sheets/faces.h"

#include <QFontDatabase>

namespace lc {

bool loadFaces() {
    bool all = true;
    for (const char* file :
         {"CountWords-Regular.ttf", "CountWords-Medium.ttf", "CountWords-Semibold.ttf", "CountWords-Bold.ttf",
          "CountWords-Heavy.ttf", "CountWords-Black.ttf", "CountFigures-Regular.otf", "CountFigures-Bold.otf"})
        all = QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/") + QString::fromLatin1(file)) >= 0 && all;
    return all;
}

} // namespace lc
