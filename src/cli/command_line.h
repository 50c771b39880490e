#pragma once

#include "cli/verbs.h"

#include <CLI/CLI.hpp>

#include <functional>

namespace lc::cli {

/// The verbs of lift-count-cli with their options: one table, read by the program, its manual page and the shell that
/// completes its words.
class CommandLine {
public:
    CommandLine();
    CommandLine(const CommandLine&) = delete; // the options of its verbs point into it
    CommandLine& operator=(const CommandLine&) = delete;

    [[nodiscard]] CLI::App& app() { return m_app; }
    /// Runs the verb that was parsed.
    [[nodiscard]] Result<Output> run() const { return m_verb(); }
    /// Whether it lays out pages, for which fonts are needed.
    [[nodiscard]] bool needsFonts() const { return m_sheetVerb->parsed(); }

private:
    void addMap();
    void addCount();
    void addVersions();
    void addFill();
    void addPlan();
    void addRank();
    void addMend();
    void addLand();
    void addFillers();
    void addBodies();
    void addMeet();
    void addSheet();

    CLI::App m_app;
    CLI::App* m_sheetVerb = nullptr;
    std::function<Result<Output>()> m_verb;
    MapOptions m_map;
    CountOptions m_count;
    VersionsOptions m_versions;
    FillOptions m_fill;
    PlanOptions m_plan;
    RankOptions m_rank;
    MendOptions m_mend;
    LandOptions m_land;
    FillersOptions m_fillers;
    BodiesOptions m_bodies;
    MeetOptions m_meet;
    SheetOptions m_sheet;
    bool m_mapJson = false;
    bool m_mayChange = false;
};

} // namespace lc::cli
