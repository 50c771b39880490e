#pragma once

#include "app/base/session.h"
#include "app/base/stage.h"
#include "app/base/theme.h"
#include "app/widgets/legend.h"
#include "sheets/sheet_document.h"

#include <memory>

class QPushButton;

namespace lc::app {

/// What will be printed, as it will be printed, and the ways to get it out.
class SheetsStage : public Stage {
    Q_OBJECT
public:
    SheetsStage(const StageContext& context, QWidget* parent);
    void setKind(SheetKind kind);
    [[nodiscard]] SheetKind kind() const { return m_kind; }
    [[nodiscard]] int pages() const { return m_sheet ? m_sheet->pageCount() : 0; }

    void print();
    bool write(const QString& path, const QString& format); ///< "pdf" or "html"
    void saveAs(const QString& format);

    [[nodiscard]] std::vector<Command> commands() override;
    void preferencesChanged() override { refresh(); }
    [[nodiscard]] std::vector<LegendLine> legend() const override { return legendOfSteps(m_theme); }
    [[nodiscard]] StageState state() const override { return {0, !m_session.doc.landing().performance.passes.empty()}; }

private:
    void refresh();

    SheetKind m_kind = SheetKind::Floor;
    std::unique_ptr<QTextDocument> m_sheet;
    QWidget* m_paper;
    QPushButton* m_floor;
    QPushButton* m_full;
};

} // namespace lc::app
