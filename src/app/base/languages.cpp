#include "app/base/languages.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QLocale>
#include <QTranslator>

#include <memory>

namespace lc::app {

namespace {

/// The words of a language from `folder`; nothing where it has none.
bool install(const QLocale& locale, const QString& name, const QString& folder) {
    auto translator = std::make_unique<QTranslator>(QCoreApplication::instance());
    if (!translator->load(locale, name, QStringLiteral("_"), folder)) return false;
    return QCoreApplication::installTranslator(translator.release());
}

} // namespace

QString languageFolder() { return QStringLiteral(":/languages"); }

QString speak(const QStringList& wanted, const QString& folder) {
    QLocale spoken(QLocale::English);
    for (const QString& language : wanted) {
        const QLocale locale(language);
        if (locale.language() == QLocale::English) { // what is written in the program
            spoken = locale;
            break;
        }
        if (locale.language() == QLocale::C || !install(locale, QStringLiteral("lift-count"), folder)) continue;
        install(locale, QStringLiteral("qtbase"), QLibraryInfo::path(QLibraryInfo::TranslationsPath)); // its dialogs
        spoken = locale;
        break;
    }
    QLocale::setDefault(spoken);
    return spoken.name().section(QLatin1Char('_'), 0, 0);
}

} // namespace lc::app
