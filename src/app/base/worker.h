#pragma once

#include "core/base/result.h"
#include "core/base/task.h"

#include <QObject>
#include <QString>

#include <condition_variable>
#include <functional>
#include <memory>
#include <mutex>
#include <optional>
#include <thread>
#include <type_traits>

namespace lc::app {

/// The one kind of long work: off the interface thread, with progress and a stop token, one piece at a time. A newer
/// piece takes the place of the one before: that is asked to stop, and what it still brings is dropped, as is
/// everything after cancel() and drop(). A piece works on values that it was given (the document of a revision), never
/// on what the interface may change meanwhile. Belongs to the thread that made it.
class Worker : public QObject {
    Q_OBJECT
public:
    /// AtOnce does the work within start(): for tests that look at results and not at threads.
    enum class Mode { InThread, AtOnce };

    explicit Worker(Mode mode = Mode::InThread, QObject* parent = nullptr);
    ~Worker() override; ///< asks the work to stop and waits for it

    /// `make` runs in the worker's thread with a task and gives a value; `take` gets it on this thread, unless it came
    /// too late.
    template <typename Make, typename Take>
    void start(Make make, Take take) {
        using Made = std::invoke_result_t<Make, const Task&>;
        begin([make = std::move(make), take = std::move(take)](const Task& task) -> std::function<void()> {
            auto made = std::make_shared<Made>(make(task)); // std::function wants copies; the value itself is moved on
            return [made, take] { take(std::move(*made)); };
        });
    }
    /// For work that gives values on the way: `tell` hands a function to this thread from inside the work; it is
    /// dropped like any other when it comes too late.
    using Tell = std::function<void(std::function<void()>)>;
    template <typename Work, typename Take>
    void startTelling(Work work, Take done) {
        begin([this, work = std::move(work), done = std::move(done),
               job = m_job + 1](const Task& task) -> std::function<void()> {
            work(task, [this, job](std::function<void()> what) { post(job, std::move(what)); });
            return done;
        });
    }

    void drop();   ///< forgets the work at hand without a word
    void cancel(); ///< the same, and says cancelled() where there was some
    [[nodiscard]] bool busy() const { return m_busy; }

Q_SIGNALS:
    void progressed(double part);
    void cancelled();
    void failed(const QString& sentence); ///< an exception came out of the work, such as too little memory
    void ended();                         ///< after the value was taken, after cancelled() and failed()

private:
    using Job = std::function<std::function<void()>(const Task&)>;
    struct Waiting {
        int number = 0;
        Job job;
        std::stop_source stop;
    };
    void begin(Job job);
    void run(Waiting waiting);
    void post(int number, std::function<void()> what);
    void threadLoop(const std::stop_token& stop);

    Mode m_mode;
    int m_job = 0; ///< of the piece whose value is wanted
    bool m_busy = false;
    std::stop_source m_running;

    std::mutex m_lock; // guards m_next
    std::condition_variable_any m_wake;
    std::optional<Waiting> m_next;
    std::jthread m_thread; ///< begun with the first piece
};

} // namespace lc::app
