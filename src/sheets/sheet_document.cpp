#include "sheets/sheet_document.h"

#include "sheets/faces.h"

#include <QAbstractTextDocumentLayout>
#include <QBuffer>
#include <QPainter>
#include <QPdfWriter>
#include <QRegularExpression>
#include <QTextOption>

namespace lc {

namespace {
constexpr double margin = 40; // points, 14 mm
constexpr double smallestScale = 0.45;

/// All sizes of the style made smaller together.
QString scaled(QString html, double scale) {
    static const QRegularExpression size(QStringLiteral("([0-9.]+)(pt|px)"));
    QString out;
    qsizetype from = 0;
    for (auto it = size.globalMatch(html); it.hasNext();) {
        const auto match = it.next();
        out += html.mid(from, match.capturedStart() - from) +
               QString::number(match.captured(1).toDouble() * scale, 'f', 2) + match.captured(2);
        from = match.capturedEnd();
    }
    return out + html.mid(from);
}
} // namespace

std::unique_ptr<QTextDocument> sheetDocument(const Document& document, const Landing& landing, SheetKind kind,
                                             const Language& language, QPageSize::PageSizeId paper) {
    const QString html = sheetHtml(document, landing, kind, language);
    auto sheet = std::make_unique<QTextDocument>();
    QFont font{QLatin1String(wordsFamily)};
    font.setPointSizeF(10);
    sheet->setDefaultFont(font);
    QTextOption wrap;
    wrap.setWrapMode(QTextOption::WordWrap); // never inside a word
    sheet->setDefaultTextOption(wrap);
    sheet->setDocumentMargin(margin);
    for (double scale = 1; scale >= smallestScale; scale -= 0.05) {
        sheet->setHtml(scaled(html, scale));
        sheet->setPageSize(QPageSize(paper).sizePoints());
        if (kind != SheetKind::Floor || sheet->pageCount() <= 1) break;
    }
    return sheet;
}

void paintSheetPage(QPainter& painter, QTextDocument& sheet, int page) {
    const QSizeF size = sheet.pageSize();
    const QRectF area(0, page * size.height(), size.width(), size.height());
    painter.save();
    painter.translate(0, -area.top());
    painter.setClipRect(area);
    QAbstractTextDocumentLayout::PaintContext context;
    context.clip = area;
    context.palette.setColor(QPalette::Text, Qt::black);
    sheet.documentLayout()->draw(&painter, context);
    painter.restore();
}

void printSheet(QPagedPaintDevice& device, QTextDocument& sheet) {
    QPainter painter(&device);
    const QSizeF size = sheet.pageSize();
    const double scale = std::min(painter.device()->width() / size.width(), painter.device()->height() / size.height());
    painter.scale(scale, scale);
    for (int page = 0; page < sheet.pageCount(); ++page) {
        if (page > 0) device.newPage();
        paintSheetPage(painter, sheet, page);
    }
}

QByteArray sheetPdf(const Document& document, const Landing& landing, SheetKind kind, const Language& language,
                    QPageSize::PageSizeId paper) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    QPdfWriter writer(&buffer);
    writer.setPageSize(QPageSize(paper));
    writer.setPageMargins(QMarginsF(0, 0, 0, 0));
    writer.setTitle(QString::fromStdString(document.title));
    writer.setCreator(QStringLiteral("Lift Count"));
    const auto sheet = sheetDocument(document, landing, kind, language, paper);
    printSheet(writer, *sheet);
    return bytes;
}

} // namespace lc
