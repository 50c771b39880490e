#pragma once

#include "app/shell/theme.h"
#include "core/base/tick.h"
#include "core/base/ids.h"

#include <QWidget>

class QLabel;
class QSplitter;

namespace lc::app {

class FindingsColumn;
class PartEditor;
class PassList;
class Session;
class StripsView;

/// The routine on the song: parts and order at the top, the strips, the list of passes, and the findings at the right.
class ArrangeStage : public QWidget {
    Q_OBJECT
public:
    ArrangeStage(Session& session, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] StripsView& strips() { return *m_strips; }
    [[nodiscard]] PassList& passes() { return *m_passes; }
    [[nodiscard]] FindingsColumn& findings() { return *m_findings; }
    [[nodiscard]] PartEditor& editor() { return *m_editor; }
    void setPassesShown(bool shown);
    [[nodiscard]] bool passesShown() const;
    void goToPass(PassId pass);
    /// Exceptions of the pass at the caret, typed in numbers.
    void cutAtCaret();
    void tagAtCaret();
    void removePassAtCaret();

Q_SIGNALS:
    void contextMenuWanted(const QPoint& global, lc::Tick at);

private:
    void showPreviewLine();
    [[nodiscard]] std::optional<PassId> passAtCaret() const;

    Session& m_session;
    const Theme& m_theme;
    PartEditor* m_editor;
    QLabel* m_previewLine;
    StripsView* m_strips;
    PassList* m_passes;
    FindingsColumn* m_findings;
    QSplitter* m_splitter;
};

} // namespace lc::app
