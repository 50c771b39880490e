#include "app/window/program.h"

#include <QSocketNotifier>

#include <array>
#include <csignal>
#include <exception>
#include <new>
#include <sys/socket.h>
#include <unistd.h>

namespace lc::app {

namespace {
std::array<int, 2> signalSocket{
    -1, -1}; // a handler may do no more than write a byte (signal-safety(7)); the rest is done in the event loop

void onSignal(int number) {
    const auto byte = static_cast<unsigned char>(number);
    [[maybe_unused]] const ssize_t written = ::write(signalSocket[0], &byte, 1);
}
} // namespace

Program::Program(int& argc, char** argv) : QApplication(argc, argv) {
    std::signal(SIGXFSZ, SIG_IGN); // a file beyond the system's limit is an error that is told, not an end
    if (::socketpair(AF_UNIX, SOCK_STREAM | SOCK_CLOEXEC | SOCK_NONBLOCK, 0, signalSocket.data()) != 0) return;
    m_signals = std::make_unique<QSocketNotifier>(signalSocket[1], QSocketNotifier::Read);
    connect(m_signals.get(), &QSocketNotifier::activated, this, &Program::endBySignal);
    struct sigaction action {};
    action.sa_handler = onSignal;
    action.sa_flags = SA_RESTART;
    for (const int number : {SIGTERM, SIGHUP, SIGINT}) ::sigaction(number, &action, nullptr);
}

Program::~Program() {
    for (const int number : {SIGTERM, SIGHUP, SIGINT}) std::signal(number, SIG_DFL);
    m_signals.reset();
    for (int& end : signalSocket) {
        if (end >= 0) ::close(end);
        end = -1;
    }
}

void Program::endBySignal() {
    unsigned char number = 0;
    if (::read(signalSocket[1], &number, 1) != 1) return;
    if (m_onTrouble) m_onTrouble({});
    exit(128 + number);
}

bool Program::notify(QObject* receiver, QEvent* event) {
    try {
        return QApplication::notify(receiver, event);
    } catch (const std::bad_alloc&) {
        if (m_onTrouble) m_onTrouble(tr("there is not enough memory"));
    } catch (const std::exception& e) {
        if (m_onTrouble) m_onTrouble(QString::fromUtf8(e.what()));
    }
    return true;
}

} // namespace lc::app
