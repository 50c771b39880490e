#pragma once

#include "app/base/theme.h"
#include "app/widgets/quiet_view.h"
#include "core/base/ids.h"
#include "core/reports/landing_report.h"

#include <QAbstractTableModel>
#include <QTableView>

#include <optional>
#include <vector>

namespace lc::app {

class Session;

/// The passes as rows: everything the strips show of them in words and numbers. Restart and tag can be typed here.
class PassModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column {
        Number,
        PartName,
        Time,
        StartCount,
        MusicCount,
        RunningCount,
        Phrase,
        Offset,
        Facing,
        FreeFoot,
        Danced,
        RestartAfter,
        TagCounts,
        Differs,
        Verdict,
        ColumnCount
    };

    PassModel(Session& session, const Theme& theme, QObject* parent = nullptr);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;
    [[nodiscard]] std::optional<PassId> passOfRow(int row) const;
    [[nodiscard]] std::optional<int> rowOfPass(PassId pass) const;

private:
    [[nodiscard]] PassRow wordsOf(int row) const;
    [[nodiscard]] QString cell(int row, Column column) const;
    [[nodiscard]] QString differs(PassId id) const;
    Session& m_session;
    const Theme& m_theme;
    int m_rows = 0;
};

class PassList : public QuietView<QTableView> {
    Q_OBJECT
public:
    PassList(Session& session, const Theme& theme, QWidget* parent = nullptr);
    void selectPass(PassId pass);
    void editCell(PassId pass, PassModel::Column column);
    /// Those chosen, in the order they are danced.
    [[nodiscard]] std::vector<PassId> chosenPasses() const;
    [[nodiscard]] PassModel& passes() { return *m_model; }

Q_SIGNALS:
    void passChosen(lc::PassId pass);

private:
    PassModel* m_model;
    std::optional<PassId> m_chosen;
    bool m_following = false;
};

} // namespace lc::app
