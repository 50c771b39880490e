#pragma once

#include "app/base/stage.h"
#include "app/window/command_table.h"
#include "app/window/main_window.h"

#include <functional>

namespace lc::test {

/// Opens what a command opens on each stage, one after the other, and calls `look` with the name of the command at
/// each.
inline void openEverything(app::MainWindow& window, const std::function<void(const QByteArray&)>& look) {
    const QList<std::pair<QByteArray, QList<QByteArray>>> all{
        {app::stage_id::listen,
         {"song.tap", "song.structure", "song.moment", "song.stop", "song.tempo", "song.phrase-name", "song.metre",
          "song.bar-beats"}},
        {app::stage_id::steps,
         {"figure.versions", "figure.fillers", "figure.joints", "figure.frame", "figure.drill", "figure.card",
          "figure.words"}},
        {app::stage_id::arrange,
         {"plan.land", "plan.mend-music", "plan.put-right", "plan.hand-out", "plan.fill", "plan.song", "plan.rank",
          "plan.tempi", "pass.differs", "view.passes"}},
    };
    for (const auto& [stage, commands] : all) {
        window.showStage(stage);
        for (const QByteArray& command : commands) {
            (void)window.commands().run(command);
            look(command);
        }
    }
}

} // namespace lc::test
