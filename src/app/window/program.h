#pragma once

#include <QApplication>

#include <functional>
#include <memory>

class QSocketNotifier;

namespace lc::app {

/// The application object: no exception leaves a slot, and an end from outside (SIGTERM, SIGHUP, SIGINT) is one that
/// loses nothing.
class Program : public QApplication {
    Q_OBJECT
public:
    Program(int& argc, char** argv);
    ~Program() override;

    /// Called where something went wrong that nobody caught, with the end of a sentence ("there is not enough memory");
    /// and before the program is ended by a signal, with an empty one. It saves what it can.
    void onTrouble(std::function<void(const QString& why)> what) { m_onTrouble = std::move(what); }
    bool notify(QObject* receiver, QEvent* event) override;

private:
    void endBySignal();

    std::function<void(const QString&)> m_onTrouble;
    std::unique_ptr<QSocketNotifier> m_signals;
};

} // namespace lc::app
