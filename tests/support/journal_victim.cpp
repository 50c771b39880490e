// A window without a screen that changes its routine without a pause until it is killed: journal_victim FOLDER SEED.
#include "support/kill_loop.h"

#include "app/base/journal_keeper.h"
#include "audio/playing/silent_output.h"

#include <QCoreApplication>
#include <QTimer>

using namespace lc;

int main(int argc, char** argv) {
    const QCoreApplication program(argc, argv);
    if (argc != 3) return 2;
    const QString folder = QString::fromLocal8Bit(argv[1]);
    test::VictimTells* tells = test::tellsIn(folder + QStringLiteral("/tells"));
    if (!tells) return 2;
    std::mt19937 random(static_cast<unsigned>(std::strtoul(argv[2], nullptr, 10)));

    app::Session session(std::make_unique<SilentOutput>(), Player::Filling::OnPull);
    std::int64_t writing = 0;
    app::JournalKeeper keeper(session, folder + QStringLiteral("/journal"),
                              [&](JournalEntry&) { writing = tells->changes; });
    QObject::connect(&keeper, &app::JournalKeeper::written, [&] { tells->written = writing; });
    const QString file = folder + QStringLiteral("/evening.liftcount");
    QTimer change;
    QObject::connect(&change, &QTimer::timeout, [&] {
        const std::int64_t number = tells->changes + 1;
        if (number >= test::VictimTells::most) return;
        tells->at[static_cast<std::size_t>(number)] = test::monotonicNow();
        session.doc.edit(SetTitle{std::to_string(number)});
        tells->changes = number;
        if (random() % 16 == 0 && session.doc.save(file)) tells->written = number;
        change.setInterval(static_cast<int>(random() % 100));
    });
    change.start(1);
    return QCoreApplication::exec();
}
