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
    for (const QString& language : wanted) {
        const QLocale locale(language);
        if (locale.language() == QLocale::English) break; // what is written in the program
        if (locale.language() == QLocale::C || !install(locale, QStringLiteral("lift-count"), folder)) continue;
        install(locale, QStringLiteral("qtbase"), QLibraryInfo::path(QLibraryInfo::TranslationsPath)); // its dialogs
        return locale.name().section(QLatin1Char('_'), 0, 0);
    }
    return QStringLiteral("en");
}

} // namespace lc::app
