#include "app/base/qtext.h"

#include <QCoreApplication>
#include <QLocale>

#include <algorithm>
#include <climits>

namespace lc::app {

namespace {

/// The language that the program's translators speak; English where there is none.
class WindowLanguage : public Language {
public:
    [[nodiscard]] std::string message(const char* english, const char* comment,
                                      std::optional<std::int64_t> n) const override {
        if (!n) return QCoreApplication::translate("Core", english, comment).toStdString();
        const int form =
            static_cast<int>(std::clamp<std::int64_t>(*n, 0, INT_MAX)); // translate() puts its %n in itself
        const QString words = QCoreApplication::translate("Core", english, comment, form);
        const qsizetype divider = words.indexOf(QLatin1Char('|')); // nobody translated it: it has both forms
        if (divider < 0) return words.toStdString();
        return (*n == 1 ? words.left(divider) : words.mid(divider + 1)).toStdString();
    }
    [[nodiscard]] std::string number(std::int64_t n) const override {
        return QLocale().toString(static_cast<qlonglong>(n)).toStdString();
    }
    [[nodiscard]] std::string decimals(double value, int digits) const override {
        return QLocale().toString(value, 'f', digits).toStdString();
    }
};

} // namespace

QString q(const Sentence& sentence) { return q(sentence.inWords(WindowLanguage())); }

QString q(const Text& text) { return q(text.inWords(WindowLanguage())); }

} // namespace lc::app
