#pragma once

#include "core/base/result.h"
#include "sheets/sheet_html.h"

#include <QByteArray>
#include <QPageSize>
#include <QPagedPaintDevice>
#include <QTextDocument>

#include <memory>

namespace lc {

/// A sheet laid out on pages of a paper (A4, A5, Letter), for the preview, the printer and PDF: the same in all three.
/// A floor card is made smaller until it fits one page.
[[nodiscard]] std::unique_ptr<QTextDocument> sheetDocument(const Document& document, const Landing& landing,
                                                           SheetKind kind, const Language& language = Language(),
                                                           QPageSize::PageSizeId paper = QPageSize::A4);

/// Paints one page, from 0, at the painter's origin in points.
void paintSheetPage(QPainter& painter, QTextDocument& sheet, int page);

/// The sheet as PDF bytes, text selectable, fonts embedded.
[[nodiscard]] QByteArray sheetPdf(const Document& document, const Landing& landing, SheetKind kind,
                                  const Language& language = Language(), QPageSize::PageSizeId paper = QPageSize::A4);

/// Paints all pages on a printer or another paged device.
void printSheet(QPagedPaintDevice& device, QTextDocument& sheet);

} // namespace lc
