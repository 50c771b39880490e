#include "app/base/worker.h"

#include <QMetaObject>

#include <exception>
#include <new>

namespace lc::app {

Worker::Worker(Mode mode, QObject* parent) : QObject(parent), m_mode(mode) {}

Worker::~Worker() {
    m_running.request_stop();
    if (!m_thread.joinable()) return;
    m_thread.request_stop();
    m_wake.notify_all();
    m_thread.join();
}

void Worker::begin(Job job) {
    m_running.request_stop();
    Waiting waiting{++m_job, std::move(job), {}};
    m_running = waiting.stop;
    m_busy = true;
    if (m_mode == Mode::AtOnce) return run(std::move(waiting));
    {
        const std::lock_guard lock(m_lock);
        m_next = std::move(waiting);
    }
    if (!m_thread.joinable()) m_thread = std::jthread([this](const std::stop_token& stop) { threadLoop(stop); });
    m_wake.notify_all();
}

void Worker::threadLoop(const std::stop_token& stop) {
    while (true) {
        Waiting waiting;
        {
            std::unique_lock lock(m_lock);
            if (!m_wake.wait(lock, stop, [this] { return m_next.has_value(); })) return;
            waiting = std::move(*m_next);
            m_next.reset();
        }
        run(std::move(waiting));
    }
}

void Worker::run(Waiting waiting) {
    const int number = waiting.number;
    int percent = -1;
    const Task task{[&](double part) {
                        if (const int now = static_cast<int>(part * 100); now != percent) {
                            percent = now;
                            post(number, [this, part] { Q_EMIT progressed(part); });
                        }
                    },
                    waiting.stop.get_token()};
    std::function<void()> then;
    const auto sorry = [this](const QString& sentence) { return [this, sentence] { Q_EMIT failed(sentence); }; };
    try { // what a library throws ends here
        then = waiting.job(task);
    } catch (const std::bad_alloc&) {
        then = sorry(tr(
            "There is not enough memory for this. Close other programs, or take less at a time. Nothing was changed."));
    } catch (const std::exception& e) {
        then = sorry(
            tr("Something went wrong that should not: %1. Nothing was changed.").arg(QString::fromUtf8(e.what())));
    }
    post(number, [this, then = std::move(then)] {
        m_busy = false;
        then();
        if (!m_busy) Q_EMIT ended(); // it may have begun the next piece
    });
}

void Worker::post(int number, std::function<void()> what) {
    const auto whenWanted = [this, number, what = std::move(what)] {
        if (number == m_job) what();
    };
    if (m_mode == Mode::AtOnce)
        whenWanted();
    else
        QMetaObject::invokeMethod(this, whenWanted, Qt::QueuedConnection);
}

void Worker::drop() {
    m_running.request_stop();
    {
        const std::lock_guard lock(m_lock);
        m_next.reset();
    }
    ++m_job;
    m_busy = false;
}

void Worker::cancel() {
    if (!m_busy) return;
    drop();
    Q_EMIT cancelled();
    Q_EMIT ended();
}

} // namespace lc::app
