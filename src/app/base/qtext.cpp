#include "app/base/qtext.h"

#include <QCoreApplication>
#include <QLocale>

#include <algorithm>
#include <climits>

namespace lc::app {

namespace {

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
    [[nodiscard]] std::string opening(std::string words) const override {
        QString text = q(words);
        if (!text.isEmpty()) text.replace(0, 1, QLocale().toUpper(text.left(1)));
        return text.toStdString();
    }
};

} // namespace

const Language& windowLanguage() {
    static const WindowLanguage language;
    return language;
}

QString q(const Sentence& sentence) { return q(sentence.inWords(windowLanguage())); }

QString q(const Text& text) { return q(text.inWords(windowLanguage())); }

} // namespace lc::app
