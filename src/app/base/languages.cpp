#include "app/base/languages.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QGuiApplication>
#include <QLibraryInfo>
#include <QLocale>
#include <QTranslator>

#include <memory>
#include <utility>
#include <vector>

namespace lc::app {

namespace {

/// The words that are spoken now; the application deletes them.
std::vector<QTranslator*>& installed() {
    static std::vector<QTranslator*> all;
    return all;
}

QString& spoken() {
    static QString language = QStringLiteral("en");
    return language;
}

/// The words of a language from `folder`; nothing where it has none.
bool install(const QLocale& locale, const QString& name, const QString& folder) {
    auto translator = std::make_unique<QTranslator>(QCoreApplication::instance());
    if (!translator->load(locale, name, QStringLiteral("_"), folder)) return false;
    installed().push_back(translator.get());
    return QCoreApplication::installTranslator(translator.release());
}

} // namespace

QString languageFolder() { return QStringLiteral(":/languages"); }

QStringList languages(const QString& folder) {
    QStringList all{QStringLiteral("en")};
    for (const QString& file : QDir(folder).entryList({QStringLiteral("lift-count_*.qm")}, QDir::Files, QDir::Name))
        all << QFileInfo(file).completeBaseName().section(QLatin1Char('_'), 1);
    return all;
}

QString languageName(const QString& language) {
    if (language == QLatin1String("en")) return QStringLiteral("English"); // Qt says "American English"
    const QString name = QLocale(language).nativeLanguageName();
    return name.isEmpty() ? language : name.left(1).toUpper() + name.mid(1);
}

QString speak(const QStringList& wanted, const QString& folder) {
    for (QTranslator* words : std::exchange(installed(), {})) delete words; // it takes itself out
    spoken() = QStringLiteral("en");
    for (const QString& language : wanted) {
        const QLocale locale(language);
        if (locale.language() == QLocale::English) break; // what is written in the program
        if (locale.language() == QLocale::C || !install(locale, QStringLiteral("lift-count"), folder)) continue;
        install(locale, QStringLiteral("qtbase"), QLibraryInfo::path(QLibraryInfo::TranslationsPath)); // its dialogs
        spoken() = locale.name().section(QLatin1Char('_'), 0, 0);
        break;
    }
    QGuiApplication::setLayoutDirection(QLocale(spoken()).textDirection());
    return spoken();
}

QString spokenLanguage() { return spoken(); }

} // namespace lc::app
