#pragma once

#include <QtTest>

#include <functional>

namespace lc::test {

/// Takes a class of tests into the program of its folder under its file's name, tst_<unit>: tests/main.cpp runs it.
struct Registered {
    Registered(const char* file, std::function<int(const QStringList&)> run);
};

} // namespace lc::test

/// Stands at the end of tst_<unit>.cpp, before its moc file is included.
#define LIFTCOUNT_TEST(Class)                                                                                          \
    static const lc::test::Registered registered##Class{__FILE__, [](const QStringList& options) {                     \
                                                            Class tests;                                               \
                                                            return QTest::qExec(&tests, options);                      \
                                                        }};
