#pragma once

#include <QString>
#include <QStringList>

namespace lc::app {

/// Where the program's languages are: a lift-count_<language>.qm for each translations/lift-count_<language>.ts.
[[nodiscard]] QString languageFolder();

/// The languages that the program has, English first: "en", "de" …
[[nodiscard]] QStringList languages(const QString& folder = languageFolder());

/// What a language is called by those who speak it: "Deutsch".
[[nodiscard]] QString languageName(const QString& language);

/// Speaks the first of the languages that a person wants and that the program has, English where it has none or English
/// comes first, in the place of the one before. Numbers and dates stay as the person has them (QLocale()): a comma that
/// is typed for a fraction is one, whatever the words are. The window runs the way the words do, whatever the desktop's
/// language: English words painted from right to left would be out of order ("100 %" as "% 100"). `wanted` as
/// QLocale::uiLanguages() gives them: "de-AT", "de". Windows that are there keep their words. Gives the language that
/// is spoken: "de", "en".
QString speak(const QStringList& wanted, const QString& folder = languageFolder());
/// The language that speak() took last: "en" before.
[[nodiscard]] QString spokenLanguage();

} // namespace lc::app
