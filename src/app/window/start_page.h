#pragma once

#include "app/base/theme.h"
#include "app/widgets/kept_list.h"

#include <QStringList>
#include <QWidget>

class QLabel;
class QVBoxLayout;

namespace lc::app {

/// A recent file and what it is.
struct RecentFile {
    QString path;
    QString title; ///< of the routine
    QString about; ///< "to “…”, 8 passes, yesterday"
};

/// Shown while there is neither song nor routine: what to do first, and the files of late.
class StartPage : public QWidget {
    Q_OBJECT
public:
    explicit StartPage(const Theme& theme, QWidget* parent = nullptr);
    void setRecent(const QList<RecentFile>& files);
    /// Work that was not saved when the program ended.
    void setUnsaved(const std::vector<KeptRoutine>& routines);
    [[nodiscard]] KeptList* unsaved() const { return m_unsaved; }

Q_SIGNALS:
    void songWanted();
    void routineWanted();
    void demoWanted();
    void structureWanted();
    void fileChosen(const QString& path);

private:
    const Theme& m_theme;
    QLabel* m_unsavedTitle;
    KeptList* m_unsaved;
    QVBoxLayout* m_recent;
};

} // namespace lc::app
