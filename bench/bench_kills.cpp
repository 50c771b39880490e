// How much work is lost when windows are killed: bench_kills [kills, default 10000] [at a time, default 32].
#include "support/kill_loop.h"

#include <QCoreApplication>

#include <cstdio>

int main(int argc, char** argv) {
    const QCoreApplication program(argc, argv);
    const int kills = argc > 1 ? std::atoi(argv[1]) : 10000;
    const int together = argc > 2 ? std::atoi(argv[2]) : 32;
    const lc::test::KillLoop loop = lc::test::killVictims(QStringLiteral(LIFTCOUNT_VICTIM), kills, together, 1);
    std::vector<std::int64_t> lost = loop.lost;
    std::sort(lost.begin(), lost.end());
    const auto at = [&](double part) {
        return static_cast<long>(lost[static_cast<std::size_t>(part * static_cast<double>(lost.size() - 1))]);
    };
    std::printf("%d windows killed (%d had changed something; the newest state of %d was in the journal alone)\n",
                loop.kills, loop.withChanges, loop.fromJournal);
    if (loop.notStarted > 0) std::printf("%d of them could not be started, or ended by themselves\n", loop.notStarted);
    std::printf("damaged journals or files: %d; kept less than was known to be written: %d\n", loop.damaged,
                loop.forgotten);
    std::printf("work lost before the kill: median %ld ms, 99 %% below %ld ms, most %ld ms\n", at(0.5), at(0.99),
                at(1));
}
