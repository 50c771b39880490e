#include "sheets/sheet_html.h"

#include "core/base/list_text.h"
#include "core/planning/exception_rule.h"
#include "core/reports/landing_report.h"
#include "core/reports/sheet_header.h"

#include <QStringList>

#include <cmath>
#include <utility>
#include <vector>

namespace lc {

namespace {

QString esc(const std::string& text) { return QString::fromStdString(text).toHtmlEscaped(); }

QString style(SheetKind kind) {
    const int base = kind == SheetKind::Floor ? 17 : 10;
    // Margins and padding in px: the rich text engine that lays the sheet out knows no other unit for them.
    return QStringLiteral(
               "body{font-family:\"Count Words\",Lato,sans-serif;font-variant-ligatures:none;font-size:%1pt;color:#16222C;}"
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

/// A sheet put together, in a language.
class SheetWriter {
public:
    SheetWriter(const Document& document, const Landing& landing, SheetKind kind, const Language& language)
        : m_document(document), m_landing(landing), m_kind(kind), m_language(language) {}

    QString html() const {
        const QString title = say(m_document.title.empty() ? Core::sentence("Routine without a name")
                                                           : Sentence::verbatim(m_document.title));
        QString html =
            QStringLiteral(
                "<!DOCTYPE html><html><head><meta charset=\"utf-8\"/><title>%1</title><style>%2</style></head><body>")
                .arg(title, style(m_kind));
        html += QStringLiteral("<h1>%1</h1><p>%2</p><p>%3</p>")
                    .arg(title, say(tempoLine()), say(headerLine(sheetHeader(m_document, m_landing))));
        const QString exceptions = say(exceptionsInWords(m_document, m_landing));
        if (!exceptions.isEmpty()) html += QStringLiteral("<h2>%1</h2>").arg(exceptions);
        Text rules; // how to remember them
        for (const ExceptionRule& rule : exceptionRules(m_document, m_landing))
            if (!rule.when.empty()) rules += ruleInWords(rule);
        if (!rules.empty()) html += QStringLiteral("<p>%1</p>").arg(say(Core::sentence("To remember: %1", rules)));
        if (m_kind == SheetKind::Full)
            for (const auto& part : m_landing.performance.parts) {
                if (part->length == Tick{}) continue;
                html += QStringLiteral("<h2>%1</h2>")
                            .arg(say(Core::sentence("Part %1, %2", findPart(m_document.routine, part->part)->name,
                                                    inCounts(part->length))));
                html += partTable(*part);
            }
        html += QStringLiteral("<h2>%1</h2>").arg(say(Core::sentence("Order of passes"))) + passTable();
        if (m_landing.performance.passes.empty())
            html += QStringLiteral("<p>%1</p>").arg(say(Core::sentence("No passes yet.")));
        html += QStringLiteral("<p class=\"small\">%1</p></body></html>").arg(say(cautions()));
        return html;
    }

private:
    /// Words for HTML.
    QString say(const Text& words) const { return esc(words.inWords(m_language)); }

    Sentence tempoLine() const {
        std::vector<Sentence> words;
        if (!m_document.song.title.empty()) words.push_back(Core::sentence("to “%1”", m_document.song.title));
        if (const auto tempo = medianTempo(*m_document.map))
            words.push_back(Core::sentence("%1 bpm", std::lround(*tempo)));
        if (!m_document.map->beats.empty())
            words.push_back(Core::sentence("%1, counted in %2", toString(m_document.map->metre),
                                           setNames(m_landing.grid.regularSet())));
        return words.empty() ? Sentence() : Core::sentence("%1", listed(words, Joined::Commas));
    }

    Sentence exceptionCell(const PassPerformance& pass) const {
        std::vector<Sentence> words;
        if (pass.wait > Tick{} && pass.number > 1) words.push_back(Core::sentence("WAIT %1", AsCount{pass.wait}));
        if (pass.cut) words.push_back(Core::sentence("RESTART after %1", AsCount{pass.counts}));
        if (pass.tag > Tick{}) {
            const Figure* danced =
                pass.exceptions.tag ? findFigure(m_document.routine, pass.exceptions.tag->figure) : nullptr;
            const Sentence what = !danced                ? Core::sentence("wait")
                                  : danced->name.empty() ? Core::sentence("steps")
                                                         : Sentence::verbatim(danced->name);
            words.push_back(Core::sentence("TAG of %1, %2", AsCount{pass.tag}, what));
        }
        if (!pass.exceptions.bridges.empty()) words.push_back(Core::sentence("BRIDGE"));
        if (pass.exceptions.mirrored) words.push_back(Core::sentence("OTHER SIDE"));
        if (pass.exceptions.exchanged) words.push_back(Core::sentence("PLACES EXCHANGED"));
        if (pass.exceptions.canon) words.push_back(Core::sentence("CANON"));
        if (!pass.exceptions.changes.empty() || (pass.exceptions.ending && pass.exceptions.ending->danced))
            words.push_back(Core::sentence("CHANGED, see above"));
        Sentence out;
        for (const Sentence& word : words) out = out.empty() ? word : Core::sentence("%1, then %2", out, word);
        return out;
    }

    QString passTable() const {
        const bool large = m_kind == SheetKind::Floor;
        QString html = QStringLiteral("<table width=\"100%\"><tr>");
        std::vector<Sentence> heads{Core::sentence("pass"), Core::sentence("part"), Core::sentence("where"),
                                    Core::sentence("face")};
        if (!large)
            for (const Sentence& head : {Core::sentence("time"), Core::sentence("count"), Core::sentence("music"),
                                         Core::sentence("free foot"), Core::sentence("counts")})
                heads.push_back(head);
        heads.emplace_back();
        for (const Sentence& head : heads) html += QStringLiteral("<th class=\"small\">%1</th>").arg(say(head));
        html += QStringLiteral("</tr>");
        for (const PassPerformance& pass : m_landing.performance.passes) {
            const PassRow row = passRow(m_document, m_landing, pass);
            Sentence where = row.phrase ? Sentence::verbatim(row.phraseLabel) : Core::sentence("after the song");
            if (row.phraseOffset && *row.phraseOffset > Tick{})
                where = Core::sentence("%1, count %2", where, AsCount{*row.phraseOffset + counts(1)});
            html +=
                QStringLiteral("<tr><td class=\"n b\">%1</td><td class=\"b\">%2</td><td>%3</td><td class=\"n\">%4</td>")
                    .arg(pass.number)
                    .arg(esc(row.partName), say(where), esc(toClock(row.facing)));
            if (!large)
                html +=
                    QStringLiteral(
                        "<td class=\"n\">%1</td><td class=\"n\">%2</td><td class=\"n\">%3</td><td>%4</td><td class=\"n\">%5</td>")
                        .arg(say(row.startClock), esc(toSpokenCount(row.startCount)),
                             row.musicCount ? esc(toSpokenCount(*row.musicCount)) : QStringLiteral("–"),
                             say(footWord(row.freeFoot)), esc(toSpokenCount(pass.counts)));
            html += QStringLiteral("<td class=\"b\">%1</td></tr>").arg(say(exceptionCell(pass)));
        }
        return html + QStringLiteral("</table>");
    }

    static Sentence stepWords(const Action& action, const FootedAction& footed) {
        Sentence words = action.kind == ActionKind::Wait && action.words.empty() ? Core::sentence("wait")
                                                                                 : Sentence::verbatim(action.words);
        if (words.empty() && action.kind == ActionKind::NoWeight) words = Core::sentence("touch");
        if (words.empty() && !action.turn.value) words = Core::sentence("step");
        if (footed.foot) {
            const Sentence foot = *footed.foot == Foot::Left    ? Core::sentence("left")
                                  : *footed.foot == Foot::Right ? Core::sentence("right")
                                                                : Core::sentence("both feet");
            words = words.empty() ? foot : Core::sentence("%1 %2", words, foot);
        }
        if (!action.turn.value) return words;
        return words.empty() ? turnSaid(action.turn) : Core::sentence("%1, %2", words, turnSaid(action.turn));
    }

    /// A line of eight counts each: the counts as they are said, the step under each.
    QString partTable(const PartReading& part) const {
        const int set = std::max(1, std::min(12, m_landing.grid.regularSet()));
        QString html;
        const auto total = static_cast<int>(wholeCounts(part.length + counts(1) - Tick{1}));
        std::vector<std::vector<FootedAction>> footed;
        for (const PartRoleReading& role : part.roles)
            footed.push_back(followFeet(role.actions, role.needs.value_or(Foot::Both)));
        for (int from = 0; from < total; from += set) {
            html += QStringLiteral("<table width=\"100%\"><tr>");
            if (m_document.routine.roles.size() > 1) html += QStringLiteral("<th width=\"12%\"></th>");
            for (int c = from; c < from + set; ++c)
                html += QStringLiteral("<th class=\"n\" width=\"%1%\">%2</th>")
                            .arg((m_document.routine.roles.size() > 1 ? 86 : 98) / set)
                            .arg(c < total ? QString::number(c + 1) : QString());
            html += QStringLiteral("</tr>");
            for (std::size_t r = 0; r < part.roles.size(); ++r) {
                html += QStringLiteral("<tr>");
                if (m_document.routine.roles.size() > 1)
                    html += QStringLiteral("<td class=\"b\">%1</td>").arg(esc(m_document.routine.roles[r].name));
                for (int c = from; c < from + set; ++c) {
                    QStringList steps;
                    for (std::size_t i = 0; i < part.roles[r].actions.size(); ++i) {
                        const Action& a = part.roles[r].actions[i];
                        const bool here = a.at >= counts(c) && a.at < counts(c + 1);
                        const bool lead = c == 0 && a.at < Tick{};
                        if (!here && !lead) continue;
                        const bool sub = !isWhole(a.at);
                        steps << (sub ? QStringLiteral("<span class=\"n\">%1</span> ").arg(esc(a.label)) : QString()) +
                                     say(stepWords(a, footed[r][i]));
                    }
                    html += QStringLiteral("<td>%1</td>").arg(steps.join(QStringLiteral("<br/>")));
                }
                html += QStringLiteral("</tr>");
            }
            html += QStringLiteral("</table>");
        }
        return html;
    }

    const Document& m_document;
    const Landing& m_landing;
    SheetKind m_kind;
    const Language& m_language;
};

} // namespace

Text cautions() {
    Text out = Core::sentence("Warm up first.");
    out += Core::sentence("Dry floor, shoes that let the foot turn, room around kicks.");
    out += Core::sentence("Rest between full runs.");
    out += Core::sentence("Music at a comfortable volume.");
    out += Core::sentence("A qualified teacher and the rules of the house come first.");
    return out;
}

QString sheetHtml(const Document& document, const Landing& landing, SheetKind kind, const Language& language) {
    return SheetWriter(document, landing, kind, language).html();
}

} // namespace lc
