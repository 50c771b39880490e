#pragma once

// Windows that are killed at random: what their journals keep. For the tests, a few hundred; for bench, ten thousand.

#include "core/document/document_file.h"
#include "store/journal.h"

#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QThread>

#include <algorithm>
#include <array>
#include <atomic>
#include <csignal>
#include <memory>
#include <random>
#include <sys/mman.h>
#include <sys/types.h>
#include <vector>

namespace lc::test {

/// What a victim (journal_victim.cpp) tells while it lives, in memory that outlives it. The change number n gives the
/// routine the title "n".
struct VictimTells {
    static constexpr int most = 4000;  // changes; a victim makes some 20 a second
    std::atomic<std::int64_t> changes; ///< made so far
    std::atomic<std::int64_t> written; ///< of the newest change that the journal or the file is known to hold
    std::array<std::atomic<std::int64_t>, most> at; ///< of each change, milliseconds of the monotonic clock
};

inline VictimTells* tellsIn(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadWrite) || !file.resize(sizeof(VictimTells))) return nullptr;
    void* memory = ::mmap(nullptr, sizeof(VictimTells), PROT_READ | PROT_WRITE, MAP_SHARED, file.handle(), 0);
    return memory == MAP_FAILED ? nullptr : static_cast<VictimTells*>(memory);
}

inline std::int64_t monotonicNow() {
    timespec now{};
    ::clock_gettime(CLOCK_MONOTONIC, &now);
    return std::int64_t{now.tv_sec} * 1000 + now.tv_nsec / 1'000'000;
}

struct KillLoop {
    int kills = 0;
    int notStarted = 0;             ///< victims that could not be started, or ended by themselves
    int withChanges = 0;            ///< victims that had begun to change something
    int fromJournal = 0;            ///< whose newest state was in the journal, not in the file
    int damaged = 0;                ///< journals or files that cannot be read
    int forgotten = 0;              ///< victims whose kept state is older than what was known to be written
    std::vector<std::int64_t> lost; ///< for each: ms before the kill of the oldest change that is nowhere; 0 for none
};

/// Starts victims, `together` at a time, and kills each after a random time.
inline KillLoop killVictims(const QString& program, int kills, int together, unsigned seed) {
    KillLoop all;
    std::mt19937 random(seed);
    struct Victim {
        std::unique_ptr<QTemporaryDir> folder;
        std::unique_ptr<QProcess> process;
        VictimTells* tells = nullptr;
        std::int64_t dies = 0;
    };
    std::vector<Victim> alive;
    const auto titleOf = [](const Document& document) { return std::atoll(document.title.c_str()); };
    const auto look = [&](Victim& victim, std::int64_t died) {
        const QString journals = victim.folder->filePath("journal");
        std::vector<Text> unreadable;
        const auto left = leftBehind(journals.toStdString(), &unreadable);
        all.damaged += static_cast<int>(unreadable.size()) + (left.size() > 1 ? 1 : 0);
        std::int64_t inJournal = 0, inFile = 0;
        if (!left.empty() && left.front().entry.document) inJournal = titleOf(*left.front().entry.document);
        const QString file = victim.folder->filePath("evening.liftcount");
        if (QFile::exists(file)) {
            const auto loaded = loadDocument(file.toStdString());
            if (loaded)
                inFile = titleOf(loaded->document);
            else
                ++all.damaged;
        }
        const std::int64_t kept = std::max(inJournal, inFile), made = victim.tells->changes;
        ++all.kills;
        all.withChanges += made > 0;
        all.fromJournal += inJournal > inFile;
        all.forgotten += kept < victim.tells->written;
        all.lost.push_back(kept < made ? died - victim.tells->at[static_cast<std::size_t>(kept + 1)] : 0);
        ::munmap(victim.tells, sizeof(VictimTells));
    };
    while (all.kills < kills) {
        while (static_cast<int>(alive.size()) < together && all.kills + static_cast<int>(alive.size()) < kills) {
            Victim victim{std::make_unique<QTemporaryDir>(), std::make_unique<QProcess>()};
            victim.tells = tellsIn(victim.folder->filePath("tells"));
            victim.process->start(program, {victim.folder->path(), QString::number(random())});
            if (!victim.process->waitForStarted()) qWarning("%s", qPrintable(victim.process->errorString()));
            victim.dies = monotonicNow() + 200 + static_cast<std::int64_t>(random() % 3800);
            alive.push_back(std::move(victim));
        }
        QThread::msleep(2);
        for (std::size_t i = 0; i < alive.size();) {
            if (monotonicNow() < alive[i].dies) {
                ++i;
                continue;
            }
            const std::int64_t died = monotonicNow();
            const auto id = static_cast<pid_t>(alive[i].process->processId());
            if (id > 0) // 0 would be this process and all that it started
                ::kill(id, SIGKILL);
            else
                ++all.notStarted;
            alive[i].process->waitForFinished();
            look(alive[i], died);
            alive.erase(alive.begin() + static_cast<std::ptrdiff_t>(i));
        }
    }
    return all;
}

} // namespace lc::test
