#pragma once

#include "app/base/theme.h"
#include "sheets/sheet_document.h"

#include <QWidget>

class QScrollArea;
class QPushButton;

namespace lc::app {

class Session;

/// What will be printed, as it will be printed, and the ways to get it out.
class SheetsStage : public QWidget {
    Q_OBJECT
public:
    SheetsStage(Session& session, const Theme& theme, QWidget* parent = nullptr);
    void setKind(SheetKind kind);
    [[nodiscard]] SheetKind kind() const { return m_kind; }
    [[nodiscard]] int pages() const { return m_sheet ? m_sheet->pageCount() : 0; }

Q_SIGNALS:
    void saveWanted(const QString& format); ///< "pdf" or "html"
    void printWanted();

private:
    void refresh();
    Session& m_session;
    const Theme& m_theme;
    SheetKind m_kind = SheetKind::Floor;
    std::unique_ptr<QTextDocument> m_sheet;
    QWidget* m_paper;
    QPushButton* m_floor;
    QPushButton* m_full;
};

} // namespace lc::app
