// The program of a folder's tests: "notation_tests tst_couple [Qt Test's options]" runs one class of tests, without a
// name it runs them all.
#include "support/test_program.h"

#ifdef LIFTCOUNT_WINDOW_TESTS
#include <QApplication>
using TestApplication = QApplication;
#else
#include <QCoreApplication>
using TestApplication = QCoreApplication;
#endif
#include <QFileInfo>

#include <cstdio>
#include <map>

namespace {

std::map<QString, std::function<int(const QStringList&)>>& allTests() {
    static std::map<QString, std::function<int(const QStringList&)>> all;
    return all;
}

} // namespace

lc::test::Registered::Registered(const char* file, std::function<int(const QStringList&)> run) {
    const QString name = QFileInfo(QString::fromUtf8(file)).completeBaseName();
    if (!allTests().emplace(name, std::move(run)).second) qFatal("Two files of tests are called %s.", file);
}

int main(int argc, char** argv) {
    const TestApplication application(argc, argv);
    QStringList options = QCoreApplication::arguments();
    if (options.size() < 2 || options.at(1).startsWith(QLatin1Char('-'))) {
        int failed = 0;
        for (const auto& [name, run] : allTests()) failed += run(options);
        return failed;
    }
    const auto found = allTests().find(options.takeAt(1));
    if (found != allTests().end()) return found->second(options);
    std::fputs("There is no such test here. There are:\n", stderr);
    for (const auto& [name, run] : allTests()) std::fprintf(stderr, "  %s\n", qPrintable(name));
    return 2;
}
