#include "app/arrange/pass_list.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "core/exchange/routine_text.h"
#include "core/reports/landing_report.h"

#include <QHeaderView>

namespace lc::app {

PassModel::PassModel(Session& session, const Theme& theme, QObject* parent)
    : QAbstractTableModel(parent), m_session(session), m_theme(theme) {
    m_rows = static_cast<int>(session.doc.landing().performance.passes.size());
    connect(&session.doc, &DocumentSession::documentChanged, this, [this] {
        beginResetModel();
        m_rows = static_cast<int>(m_session.doc.landing().performance.passes.size());
        endResetModel();
    });
}

int PassModel::rowCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : m_rows; }
int PassModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : ColumnCount; }

std::optional<PassId> PassModel::passOfRow(int row) const {
    const auto& passes = m_session.doc.landing().performance.passes;
    if (row < 0 || static_cast<std::size_t>(row) >= passes.size()) return std::nullopt;
    return passes[static_cast<std::size_t>(row)].id;
}

std::optional<int> PassModel::rowOfPass(PassId pass) const {
    const auto& passes = m_session.doc.landing().performance.passes;
    for (std::size_t i = 0; i < passes.size(); ++i)
        if (passes[i].id == pass) return static_cast<int>(i);
    return std::nullopt;
}

PassRow PassModel::wordsOf(int row) const {
    const Landing& landing = m_session.doc.landing();
    return passRow(m_session.doc.document(), landing, landing.performance.passes[static_cast<std::size_t>(row)]);
}

QString PassModel::cell(int row, Column column) const {
    const PassPerformance& pass = m_session.doc.landing().performance.passes[static_cast<std::size_t>(row)];
    const PassRow words = wordsOf(row);
    const auto optional = [](const std::optional<Tick>& t) { return t ? q(toSpokenCount(*t)) : QStringLiteral("–"); };
    switch (column) {
    case Number: return QString::number(pass.number);
    case PartName: return q(words.partName);
    case Time: return q(words.startClock);
    case StartCount: return q(toSpokenCount(words.startCount));
    case MusicCount: return optional(words.musicCount);
    case RunningCount: return q(toSpokenCount(words.runningCount));
    case Phrase: return words.phrase ? q(words.phraseLabel) : QStringLiteral("–");
    case Offset: return optional(words.phraseOffset);
    case Facing: return q(toClock(words.facing));
    case FreeFoot: return q(footWord(words.freeFoot));
    case Danced: return q(toSpokenCount(pass.counts));
    case RestartAfter: return pass.cut ? q(toSpokenCount(pass.counts)) : QString();
    case TagCounts: return pass.tag > Tick{} ? q(toSpokenCount(pass.tag)) : QString();
    case Differs: return differs(pass.id);
    case Verdict: return q(verdict(words));
    case ColumnCount: break;
    }
    return {};
}

/// What makes the pass differ beyond its other columns, and whether the music adds to it.
QString PassModel::differs(PassId id) const {
    QStringList out;
    if (const QString own = q(passToText(m_session.doc.document(), id, PassWords::Differences)); !own.isEmpty())
        out << own;
    for (const PassPerformance& pass : m_session.doc.landing().performance.passes)
        if (pass.id == id && !pass.fromMusic.empty()) out << tr("by the music");
    return out.join(QStringLiteral("; "));
}

QVariant PassModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= m_rows) return {};
    const auto column = static_cast<Column>(index.column());
    switch (role) {
    case Qt::DisplayRole:
    case Qt::EditRole: return cell(index.row(), column);
    case Qt::FontRole:
        if (column == Phrase || column == FreeFoot || column == PartName)
            return m_theme.words(13, column == PartName ? Weight::Bold : Weight::Regular);
        if (column == Verdict) {
            const PassRow row = wordsOf(index.row());
            return m_theme.words(13, row.lands && row.phraseOffset == Tick{} ? Weight::Regular : Weight::Bold);
        }
        return m_theme.numbers(12, column == Number);
    case Qt::ForegroundRole:
        return column == Time || column == FreeFoot ? m_theme.colours().ink2 : m_theme.colours().ink;
    case Qt::ToolTipRole:
        if (column == RestartAfter)
            return tr(
                "Counts after which this pass is cut; empty = danced whole. Double-click or F2 in the list to type.");
        if (column == TagCounts)
            return tr("Extra counts after this pass; empty = none. Double-click or F2 in the list to type.");
        return {};
    case Qt::AccessibleTextRole:
        return headerData(index.column(), Qt::Horizontal, Qt::DisplayRole).toString() + QStringLiteral(" ") +
               cell(index.row(), column);
    default: return {};
    }
}

QVariant PassModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
    static const char* const names[] = {QT_TR_NOOP("pass"),      QT_TR_NOOP("part"),      QT_TR_NOOP("starts"),
                                        QT_TR_NOOP("count"),     QT_TR_NOOP("music"),     QT_TR_NOOP("running"),
                                        QT_TR_NOOP("phrase"),    QT_TR_NOOP("counts in"), QT_TR_NOOP("facing"),
                                        QT_TR_NOOP("free foot"), QT_TR_NOOP("danced"),    QT_TR_NOOP("restart after"),
                                        QT_TR_NOOP("tag"),       QT_TR_NOOP("differs"),   QT_TR_NOOP("landing")};
    return tr(names[section]);
}

Qt::ItemFlags PassModel::flags(const QModelIndex& index) const {
    Qt::ItemFlags flags = QAbstractTableModel::flags(index);
    if (index.column() == RestartAfter || index.column() == TagCounts || index.column() == Differs)
        flags |= Qt::ItemIsEditable;
    return flags;
}

bool PassModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    const auto pass = passOfRow(index.row());
    if (role != Qt::EditRole || !pass) return false;
    const QString text = value.toString().trimmed();
    if (text == cell(index.row(), static_cast<Column>(index.column())))
        return true; // looked at, not changed: a figure in the tag stays
    const Pass& written =
        m_session.doc.document().routine.passes[*indexOfPass(m_session.doc.document().routine, *pass)];
    if (index.column() == Differs) {
        QStringList pieces = text.split(QLatin1Char(';'), Qt::SkipEmptyParts);
        for (QString& piece : pieces) piece = piece.trimmed();
        pieces.removeAll(tr("by the music")); // that is only told here
        const auto edits = passFromText(m_session.doc.document(), *pass,
                                        pieces.join(QStringLiteral("; ")).toStdString(), PassWords::Differences);
        if (!edits) Q_EMIT m_session.messages.told(q(edits.error().message));
        return edits && (edits->empty() || m_session.doc.edit(*edits, tr("what makes a pass differ")));
    }
    std::optional<Tick> typed;
    if (!text.isEmpty()) {
        const auto read = parseCount(text.toStdString());
        if (!read) {
            Q_EMIT m_session.messages.told(q(read.error().message));
            return false;
        }
        typed = *read;
    }
    if (index.column() == RestartAfter)
        return m_session.doc.edit(SetRestart{
            *pass, typed ? std::optional(Restart{*typed, written.restart && written.restart->turnOn}) : std::nullopt});
    if (index.column() == TagCounts)
        return m_session.doc.edit(
            SetTag{*pass, typed ? std::optional(Tag{*typed, written.tag && written.tag->countFromOne}) : std::nullopt});
    return false;
}

PassList::PassList(Session& session, const Theme& theme, QWidget* parent)
    : QuietView(parent), m_model(new PassModel(session, theme, this)) {
    setModel(m_model);
    setAccessibleName(tr("Passes"));
    setSelectionBehavior(QAbstractItemView::SelectRows);
    setSelectionMode(QAbstractItemView::ExtendedSelection);
    setShowGrid(false);
    verticalHeader()->hide();
    verticalHeader()->setDefaultSectionSize(theme.px(22));
    horizontalHeader()->setHighlightSections(false);
    horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    horizontalHeader()->setMinimumSectionSize(theme.px(30));
    static constexpr int widths[] = {36, 44, 56, 46, 44, 56, 86, 66, 46, 66, 54, 84, 34, 94, 70};
    for (int c = 0; c < PassModel::ColumnCount; ++c) setColumnWidth(c, theme.px(widths[c]));
    horizontalHeader()->setStretchLastSection(true);
    setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                    QAbstractItemView::AnyKeyPressed);
    setTabKeyNavigation(false);
    connect(selectionModel(), &QItemSelectionModel::currentRowChanged, this, [this](const QModelIndex& now) {
        if (m_following) return;
        if (const auto pass = m_model->passOfRow(now.row())) {
            m_chosen = pass;
            Q_EMIT passChosen(*pass);
        }
    });
    connect(m_model, &QAbstractItemModel::modelReset, this, [this] {
        if (m_chosen) selectPass(*m_chosen);
    });
}

std::vector<PassId> PassList::chosenPasses() const {
    std::vector<PassId> out;
    QModelIndexList rows = selectionModel()->selectedRows();
    std::sort(rows.begin(), rows.end());
    for (const QModelIndex& row : rows)
        if (const auto pass = m_model->passOfRow(row.row())) out.push_back(*pass);
    return out;
}

void PassList::selectPass(PassId pass) {
    m_chosen = pass;
    const auto row = m_model->rowOfPass(pass);
    if (!row) return;
    m_following = true;
    const int column = currentIndex().isValid() ? currentIndex().column() : 0;
    setCurrentIndex(m_model->index(*row, column));
    m_following = false;
}

void PassList::editCell(PassId pass, PassModel::Column column) {
    selectPass(pass);
    const auto row = m_model->rowOfPass(pass);
    if (!row) return;
    const QModelIndex cell = m_model->index(*row, column);
    scrollTo(cell);
    setFocus();
    setCurrentIndex(cell);
    edit(cell);
}

} // namespace lc::app
