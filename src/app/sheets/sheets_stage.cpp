#include "app/sheets/sheets_stage.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/settings.h"
#include "app/base/when_shown.h"
#include "app/base/wording.h"
#include "app/widgets/file_asking.h"
#include "app/widgets/readable.h"

#include <QAbstractTextDocumentLayout>
#include <QHBoxLayout>
#include <QPaintEvent>
#include <QPainter>
#include <QPrintDialog>
#include <QPrinter>
#include <QPushButton>
#include <QScrollArea>
#include <QStyle>
#include <QTextBlock>
#include <QTextTable>

namespace lc::app {

namespace {

/// The pages, one under another, on paper ground.
class Paper : public QWidget, public Readable {
public:
    Paper(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme) {}
    void show(QTextDocument* sheet) {
        m_sheet = sheet;
        setMinimumHeight(sheet ? static_cast<int>((pageHeight() + gap()) * sheet->pageCount()) + 2 * gap() : 0);
        update();
    }

    /// A paragraph each, a row of a table each.
    std::vector<ReadablePiece> pieces() const override {
        std::vector<ReadablePiece> all;
        const QTextTable* lastTable = nullptr;
        int lastRow = -1;
        for (QTextBlock block = m_sheet ? m_sheet->begin() : QTextBlock(); block.isValid(); block = block.next()) {
            if (block.text().trimmed().isEmpty()) continue;
            const QTextTable* table = QTextCursor(block).currentTable();
            const int row = table ? table->cellAt(block.position()).row() : -1;
            const QRectF area = m_sheet->documentLayout()->blockBoundingRect(block);
            const int onPage = static_cast<int>(area.top() / page().height());
            const QRect seen(
                QPointF((width() - pageWidth()) / 2 + area.left() * scale(),
                        gap() + onPage * (pageHeight() + gap()) + (area.top() - onPage * page().height()) * scale())
                    .toPoint(),
                (area.size() * scale()).toSize());
            if (table && table == lastTable && row == lastRow) {
                all.back().text += QStringLiteral(", ") + block.text().trimmed();
                all.back().area |= seen;
            } else
                all.push_back(
                    {block.text().trimmed(), seen,
                     block.blockFormat().headingLevel() > 0 ? QAccessible::Heading : QAccessible::StaticText});
            lastTable = table;
            lastRow = row;
        }
        return all;
    }

protected:
    void resizeEvent(QResizeEvent*) override { show(m_sheet); }
    void paintEvent(QPaintEvent* event) override {
        QPainter p(this);
        p.fillRect(event->rect(), m_theme.colours().paper);
        for (int page = 0; m_sheet && page < m_sheet->pageCount(); ++page) {
            const QRectF area((width() - pageWidth()) / 2, gap() + page * (pageHeight() + gap()), pageWidth(),
                              pageHeight());
            if (!area.intersects(event->rect())) continue;
            p.fillRect(area, Qt::white);
            p.setPen(m_theme.colours().rule);
            p.drawRect(area.adjusted(0, 0, -1, -1));
            p.save();
            p.translate(area.topLeft());
            p.scale(scale(), scale());
            paintSheetPage(p, *m_sheet, page);
            p.restore();
        }
    }

private:
    QSizeF page() const { return m_sheet->pageSize(); }
    double scale() const { return std::min(1.6, (width() - 2.0 * gap()) / page().width()); }
    double pageWidth() const { return page().width() * scale(); }
    double pageHeight() const { return page().height() * scale(); }
    int gap() const { return m_theme.px(16); }
    const Theme& m_theme;
    QTextDocument* m_sheet = nullptr;
};

} // namespace

SheetsStage::SheetsStage(const StageContext& context, QWidget* parent)
    : Stage({.id = stage_id::sheets, .name = tr("Sheets"), .tip = tr("What is printed"), .key = 6}, context, parent) {
    const Theme& theme = m_theme;
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    auto* tools = new QHBoxLayout;
    tools->setContentsMargins(theme.px(16), theme.px(6), theme.px(16), theme.px(6));
    tools->setSpacing(theme.px(10));
    const auto add = [&](const QString& text, const QString& tip, const char* name, bool flat, auto&& what) {
        auto* button = new QPushButton(text, this);
        button->setProperty("flat", flat);
        button->setToolTip(tip);
        button->setObjectName(QString::fromLatin1(name));
        connect(button, &QPushButton::clicked, this, what);
        tools->addWidget(button);
        return button;
    };
    m_floor = add(tr("Floor card"), tr("One page in large letters, to read while dancing"), "floorCard", true,
                  [this] { setKind(SheetKind::Floor); });
    m_full = add(tr("Step sheet"), tr("Every step with its count, and every pass"), "stepSheet", true,
                 [this] { setKind(SheetKind::Full); });
    tools->addStretch();
    add(tr("Print"), tr("Print what is shown (Ctrl+P)"), "printSheet", false, [this] { print(); });
    add(tr("Save as HTML"), tr("One page that any browser opens"), "saveHtml", false,
        [this] { saveAs(QStringLiteral("html")); });
    auto* pdf = add(tr("Save as PDF"), tr("As it is shown (Ctrl+Shift+E)"), "savePdf", false,
                    [this] { saveAs(QStringLiteral("pdf")); });
    pdf->setProperty("main", true);
    column->addLayout(tools);
    column->addWidget(divider(this));
    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    scroll->setAccessibleName(tr("The sheet as it will be printed"));
    m_paper = new Paper(theme, scroll);
    m_paper->setAccessibleName(tr("The sheet as it will be printed"));
    scroll->setWidget(m_paper);
    column->addWidget(scroll, 1);
    auto* upToDate = new WhenShown(this, [this] { refresh(); });
    connect(&m_session.doc, &DocumentSession::documentChanged, upToDate, &WhenShown::ask);
    connect(&m_session.doc, &DocumentSession::documentChanged, this, &Stage::stateChanged);
    setKind(SheetKind::Floor);
}

void SheetsStage::setKind(SheetKind kind) {
    m_kind = kind;
    for (QPushButton* button : {m_floor, m_full}) {
        button->setProperty("chosen", button == (kind == SheetKind::Floor ? m_floor : m_full));
        button->style()->unpolish(button);
        button->style()->polish(button);
    }
    refresh();
}

void SheetsStage::refresh() {
    auto next =
        sheetDocument(m_session.doc.document(), m_session.doc.landing(), m_kind, windowLanguage(), settings::paper());
    static_cast<Paper*>(m_paper)->show(next.get());
    m_sheet = std::move(next);
}

void SheetsStage::print() {
    QPrinter printer(QPrinter::HighResolution);
    printer.setPageSize(QPageSize(settings::paper()));
    printer.setFullPage(true);
    QPrintDialog dialog(&printer, window());
    if (dialog.exec() != QDialog::Accepted) return;
    printSheet(printer, *m_sheet); // as it is shown
}

bool SheetsStage::write(const QString& path, const QString& format) {
    const Document& document = m_session.doc.document();
    const QByteArray bytes =
        format == QStringLiteral("pdf")
            ? sheetPdf(document, m_session.doc.landing(), m_kind, windowLanguage(), settings::paper())
            : sheetHtml(document, m_session.doc.landing(), m_kind, windowLanguage()).toUtf8();
    return writeAndTell(m_session, path, bytes.toStdString());
}

void SheetsStage::saveAs(const QString& format) {
    const QString name = titleAsFileName(m_session.doc.document(), tr("sheet")) +
                         (m_kind == SheetKind::Floor ? tr("-floor") : tr("-steps"));
    const QString path = askWhereToWrite(window(), m_session, FolderFor::Sheets, tr("Save the sheet"), name, {format},
                                         QStringLiteral("*.") + format);
    if (!path.isEmpty()) write(path, format);
}

std::vector<Command> SheetsStage::commands() {
    std::vector<Command> all;
    const auto add = [&all](const char* id, const QString& name, const QKeySequence& key, std::function<void()> run) {
        all.push_back({.id = id,
                       .name = name,
                       .tip = tr("What the Sheets stage shows"),
                       .key = key,
                       .menu = "view",
                       .group = 4,
                       .run = std::move(run)});
    };
    add("sheet.print", tr("Print the sheet …"), QKeySequence::Print, [this] { print(); });
    add("sheet.pdf", tr("Save the sheet as PDF …"), Qt::CTRL | Qt::SHIFT | Qt::Key_E,
        [this] { saveAs(QStringLiteral("pdf")); });
    add("sheet.html", tr("Save the sheet as HTML …"), {}, [this] { saveAs(QStringLiteral("html")); });
    return all;
}

} // namespace lc::app
