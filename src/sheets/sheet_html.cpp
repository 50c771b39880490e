#include "sheets/sheet_html.h"

#include "core/base/clock_text.h"
#include "core/planning/exception_rule.h"
#include "core/reports/landing_report.h"
#include "core/reports/sheet_header.h"

#include <QCoreApplication>
#include <QStringList>

#include <cmath>

namespace lc {

namespace {

struct Sheet {
    Q_DECLARE_TR_FUNCTIONS(Sheet)
};
QString q(const std::string& text) { return QString::fromStdString(text); }
QString esc(const std::string& text) { return q(text).toHtmlEscaped(); }

QString style(SheetKind kind) {
    const int base = kind == SheetKind::Floor ? 17 : 10;
    // Margins and padding in px: the rich text engine that lays the sheet out knows no other unit for them.
    return QStringLiteral(
               "body{font-family:Lato,sans-serif;font-variant-ligatures:none;font-size:%1pt;color:#16222C;}"
               "h1{font-size:%2pt;font-weight:800;margin:0px;}h2{font-size:%3pt;font-weight:700;margin-top:%4px;margin-bottom:%5px;}"
               "p{margin-top:3px;margin-bottom:3px;}table{border-collapse:collapse;}"
               "td,th{padding:%5px;border-bottom:1px solid #BFC6C2;text-align:left;vertical-align:%7;}"
               ".n{font-family:\"Count Figures\",B612,sans-serif;}.b{font-weight:800;}.small{font-size:%6pt;color:#46535E;}")
        .arg(base)
        .arg(base * 2 - 4)
        .arg(base + 3)
        .arg(base)
        .arg(kind == SheetKind::Floor ? 5 : 4)
        .arg(kind == SheetKind::Floor ? 9 : 8)
        .arg(kind == SheetKind::Floor ? QStringLiteral("middle") : QStringLiteral("top"));
}

QString tempoLine(const Document& document, const Landing& landing) {
    QStringList words;
    if (!document.song.title.empty()) words << Sheet::tr("to “%1”").arg(esc(document.song.title));
    if (const auto tempo = medianTempo(*document.map)) words << Sheet::tr("%1 bpm").arg(std::lround(*tempo));
    if (!document.map->beats.empty())
        words << esc(toString(document.map->metre)) +
                     Sheet::tr(", counted in %1").arg(q(setNames(landing.grid.regularSet())));
    return words.join(QStringLiteral(", "));
}

QString exceptionCell(const Routine& routine, const PassPerformance& pass) {
    QStringList words;
    if (pass.cut) words << Sheet::tr("RESTART after %1").arg(q(toSpokenCount(pass.counts)));
    if (pass.tag > Tick{}) {
        const Figure* danced = pass.exceptions.tag ? findFigure(routine, pass.exceptions.tag->figure) : nullptr;
        words << Sheet::tr("TAG of %1, %2")
                     .arg(q(toSpokenCount(pass.tag)),
                          danced ? (danced->name.empty() ? Sheet::tr("steps") : esc(danced->name)) : Sheet::tr("wait"));
    }
    if (pass.wait > Tick{} && pass.number > 1) words.prepend(Sheet::tr("WAIT %1").arg(q(toSpokenCount(pass.wait))));
    if (!pass.exceptions.bridges.empty()) words << Sheet::tr("BRIDGE");
    if (pass.exceptions.mirrored) words << Sheet::tr("OTHER SIDE");
    if (pass.exceptions.exchanged) words << Sheet::tr("PLACES EXCHANGED");
    if (pass.exceptions.canon) words << Sheet::tr("CANON");
    if (!pass.exceptions.changes.empty() || (pass.exceptions.ending && pass.exceptions.ending->danced))
        words << Sheet::tr("CHANGED, see above");
    return words.join(Sheet::tr(", then "));
}

QString passTable(const Document& document, const Landing& landing, bool large) {
    QString html = QStringLiteral("<table width=\"100%\"><tr>");
    QStringList heads{Sheet::tr("pass"), Sheet::tr("part"), Sheet::tr("where"), Sheet::tr("face")};
    if (!large)
        heads << Sheet::tr("time") << Sheet::tr("count") << Sheet::tr("music") << Sheet::tr("free foot")
              << Sheet::tr("counts");
    heads << QString();
    for (const QString& head : heads) html += QStringLiteral("<th class=\"small\">%1</th>").arg(head);
    html += QStringLiteral("</tr>");
    for (const PassPerformance& pass : landing.performance.passes) {
        const PassRow row = passRow(document, landing, pass);
        QString where = row.phrase ? esc(row.phraseLabel) : Sheet::tr("after the song");
        if (row.phraseOffset && *row.phraseOffset > Tick{})
            where += Sheet::tr(", count %1").arg(q(toSpokenCount(*row.phraseOffset + counts(1))));
        html += QStringLiteral("<tr><td class=\"n b\">%1</td><td class=\"b\">%2</td><td>%3</td><td class=\"n\">%4</td>")
                    .arg(pass.number)
                    .arg(esc(row.partName), where, q(toClock(row.facing)));
        if (!large)
            html +=
                QStringLiteral(
                    "<td class=\"n\">%1</td><td class=\"n\">%2</td><td class=\"n\">%3</td><td>%4</td><td class=\"n\">%5</td>")
                    .arg(q(row.startClock), q(toSpokenCount(row.startCount)),
                         row.musicCount ? q(toSpokenCount(*row.musicCount)) : QStringLiteral("–"),
                         q(freeFootInWords(row.freeFoot)), q(toSpokenCount(pass.counts)));
        html += QStringLiteral("<td class=\"b\">%1</td></tr>").arg(exceptionCell(document.routine, pass));
    }
    return html + QStringLiteral("</table>");
}

QString stepWords(const Action& action, const FootedAction& footed) {
    QString words = action.kind == ActionKind::Wait && action.words.empty() ? Sheet::tr("wait") : esc(action.words);
    if (words.isEmpty())
        words = action.kind == ActionKind::NoWeight ? Sheet::tr("touch")
                : action.turn.value                 ? QString()
                                                    : Sheet::tr("step");
    if (footed.foot)
        words += QStringLiteral(" ") + (*footed.foot == Foot::Left    ? Sheet::tr("left")
                                        : *footed.foot == Foot::Right ? Sheet::tr("right")
                                                                      : Sheet::tr("both feet"));
    if (action.turn.value) words += QStringLiteral(", ") + q(turnInWords(action.turn));
    return words.trimmed();
}

/// A line of eight counts each: the counts as they are said, the step under each.
QString partTable(const Document& document, const Landing& landing, const PartReading& part) {
    const int set = std::max(1, std::min(12, landing.grid.regularSet()));
    QString html;
    const auto total = static_cast<int>(wholeCounts(part.length + counts(1) - Tick{1}));
    std::vector<std::vector<FootedAction>> footed;
    for (const PartRoleReading& role : part.roles)
        footed.push_back(followFeet(role.actions, role.needs.value_or(Foot::Both)));
    for (int from = 0; from < total; from += set) {
        html += QStringLiteral("<table width=\"100%\"><tr>");
        if (document.routine.roles.size() > 1) html += QStringLiteral("<th width=\"12%\"></th>");
        for (int c = from; c < from + set; ++c)
            html += QStringLiteral("<th class=\"n\" width=\"%1%\">%2</th>")
                        .arg((document.routine.roles.size() > 1 ? 86 : 98) / set)
                        .arg(c < total ? QString::number(c + 1) : QString());
        html += QStringLiteral("</tr>");
        for (std::size_t r = 0; r < part.roles.size(); ++r) {
            html += QStringLiteral("<tr>");
            if (document.routine.roles.size() > 1)
                html += QStringLiteral("<td class=\"b\">%1</td>").arg(esc(document.routine.roles[r].name));
            for (int c = from; c < from + set; ++c) {
                QStringList steps;
                for (std::size_t i = 0; i < part.roles[r].actions.size(); ++i) {
                    const Action& a = part.roles[r].actions[i];
                    const bool here = a.at >= counts(c) && a.at < counts(c + 1);
                    const bool lead = c == 0 && a.at < Tick{};
                    if (!here && !lead) continue;
                    const bool sub = !isWhole(a.at);
                    steps << (sub ? QStringLiteral("<span class=\"n\">%1</span> ").arg(esc(a.label)) : QString()) +
                                 stepWords(a, footed[r][i]);
                }
                html += QStringLiteral("<td>%1</td>").arg(steps.join(QStringLiteral("<br/>")));
            }
            html += QStringLiteral("</tr>");
        }
        html += QStringLiteral("</table>");
    }
    return html;
}

} // namespace

QString cautions() {
    return Sheet::tr(
        "Warm up first. Dry floor, shoes that let the foot turn, room around kicks. Rest between full runs. Music at a comfortable volume. "
        "A qualified teacher and the rules of the house come first.");
}

QString sheetHtml(const Document& document, const Landing& landing, SheetKind kind) {
    const QString title = document.title.empty() ? Sheet::tr("Routine without a name") : esc(document.title);
    QString html =
        QStringLiteral(
            "<!DOCTYPE html><html><head><meta charset=\"utf-8\"/><title>%1</title><style>%2</style></head><body>")
            .arg(title, style(kind));
    html +=
        QStringLiteral("<h1>%1</h1><p>%2</p><p>%3</p>")
            .arg(title, tempoLine(document, landing), q(headerLine(sheetHeader(document, landing))).toHtmlEscaped());
    const QString exceptions = q(exceptionsInWords(document, landing)).toHtmlEscaped();
    if (!exceptions.isEmpty()) html += QStringLiteral("<h2>%1</h2>").arg(exceptions);
    QStringList rules; // how to remember them
    for (const ExceptionRule& rule : exceptionRules(document, landing))
        if (!rule.when.empty()) rules << q(ruleInWords(rule));
    if (!rules.isEmpty())
        html += QStringLiteral("<p>%1</p>")
                    .arg(Sheet::tr("To remember: %1").arg(rules.join(QLatin1Char(' '))).toHtmlEscaped());
    const auto steps = [&] {
        for (const auto& part : landing.performance.parts) {
            if (part->length == Tick{}) continue;
            html +=
                QStringLiteral("<h2>%1</h2>")
                    .arg(Sheet::tr("Part %1, %2")
                             .arg(esc(findPart(document.routine, part->part)->name), q(countsInWords(part->length))));
            html += partTable(document, landing, *part);
        }
    };
    if (kind == SheetKind::Full) steps();
    html += QStringLiteral("<h2>%1</h2>").arg(Sheet::tr("Order of passes")) +
            passTable(document, landing, kind == SheetKind::Floor);
    if (landing.performance.passes.empty()) html += QStringLiteral("<p>%1</p>").arg(Sheet::tr("No passes yet."));
    html += QStringLiteral("<p class=\"small\">%1</p></body></html>").arg(cautions());
    return html;
}

} // namespace lc
