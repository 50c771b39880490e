#pragma once

#include "app/base/theme.h"
#include "app/widgets/kept_list.h"

#include <QStringList>
#include <QWidget>

#include <functional>
#include <memory>

class QLabel;

namespace lc::app {

class FlowLayout;
class WhenShown;

/// A recent file and what it is.
struct RecentFile {
    QString path;
    QString title; ///< of the routine
    QString about; ///< "to “…”, 8 passes, yesterday"
};

/// A routine on its song, to be shown in miniature; null where the file cannot be read.
using PageOf = std::function<std::shared_ptr<const Landing>(const QString& path)>;

/// Shown while there is neither song nor routine: what to do first, and recent routines with small pages of themselves.
class StartPage : public QWidget {
    Q_OBJECT
public:
    StartPage(const Theme& theme, PageOf pageOf, QWidget* parent = nullptr);
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
    void showRecent();

    const Theme& m_theme;
    PageOf m_pageOf;
    QList<RecentFile> m_files;
    WhenShown* m_upToDate;
    QLabel* m_unsavedTitle;
    KeptList* m_unsaved;
    QLabel* m_recentTitle;
    FlowLayout* m_recent;
};

} // namespace lc::app
