#pragma once

#include "app/base/stage.h"

#include <functional>
#include <vector>

namespace lc::app {

using StageMaker = std::function<Stage*(const StageContext& context, QWidget* parent)>;

/// The stages of the program, in the order of the work: those of LIFTCOUNT_STAGES in src/app/CMakeLists.txt.
[[nodiscard]] std::vector<StageMaker> allStages();

} // namespace lc::app
