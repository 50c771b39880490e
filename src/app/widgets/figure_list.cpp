#include "app/widgets/figure_list.h"

#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/base/wording.h"
#include "app/widgets/marks.h"
#include "app/widgets/quiet_view.h"

#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QMimeData>
#include <QPainter>
#include <QPushButton>
#include <QStyledItemDelegate>
#include <QVBoxLayout>

namespace lc::app {

namespace {

/// "left to left", "either, then the other".
QString feetOf(const FigureCard& card, const FigureDigest& digest) {
    if (card.lines.empty() || digest.length == Tick{}) return QObject::tr("nothing written yet");
    const bool flips = digest.eitherFoot && digest.freeOut == Foot::Right; // followed from the left foot
    QString feet = digest.eitherFoot
                       ? (digest.freeOut == Foot::Both ? QObject::tr("either to either")
                          : flips                      ? QObject::tr("either, then the other")
                                                       : QObject::tr("either, the same"))
                       : QObject::tr("%1 to %2").arg(q(footWord(*digest.needs)), q(footWord(digest.freeOut)));
    if (digest.turn.value != 0) feet += QStringLiteral(", ") + q(turnSaid(digest.turn));
    return feet;
}

class FigureRow : public QStyledItemDelegate {
public:
    FigureRow(const Theme& theme, QObject* parent) : QStyledItemDelegate(parent), m_theme(theme) {}

    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override {
        return {m_theme.px(200), m_theme.px(48)};
    }

    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        QPainter& p = *painter;
        const Palette& c = m_theme.colours();
        const auto px = [this](int n) { return m_theme.px(n); };
        const QRect r = option.rect;
        const bool chosen = option.state & QStyle::State_Selected;
        p.save();
        p.fillRect(r, chosen ? c.sheet : c.paper);
        if (chosen) p.fillRect(QRect(r.left(), r.top(), px(6), r.height()), c.ink);
        const QRect badge(r.left() + px(14), r.top() + px(7), px(34), px(34));
        p.fillRect(badge, chosen ? c.ink : c.sheet);
        p.setPen(chosen ? c.ink : c.rule);
        p.drawRect(badge);
        const QString length = index.data(FigureListModel::Counts).toString();
        p.setFont(m_theme.numbers(length.size() > 3 ? 12 : 16, true));
        p.setPen(chosen ? c.onInk : c.ink);
        p.drawText(badge, Qt::AlignCenter, length);
        const int left = badge.right() + px(11);
        const QString used = index.data(FigureListModel::Used).toString();
        p.setFont(m_theme.words(12));
        const int usedWidth = used.isEmpty() ? 0 : p.fontMetrics().horizontalAdvance(used) + px(6);
        p.setPen(c.ink3);
        p.drawText(QRect(left, r.top() + px(6), r.right() - px(10) - left, px(18)), Qt::AlignRight | Qt::AlignVCenter,
                   used);
        p.setFont(m_theme.words(14, Weight::Semibold));
        p.setPen(c.ink);
        const int room = r.right() - px(10) - left - usedWidth;
        p.drawText(QRect(left, r.top() + px(5), room, px(19)), Qt::AlignVCenter | Qt::AlignLeft,
                   p.fontMetrics().elidedText(index.data(Qt::DisplayRole).toString(), Qt::ElideRight, room));
        p.setFont(m_theme.words(12));
        p.setPen(c.ink2);
        const int wide = r.right() - px(10) - left;
        p.drawText(QRect(left, r.top() + px(24), wide, px(17)), Qt::AlignVCenter | Qt::AlignLeft,
                   p.fontMetrics().elidedText(index.data(FigureListModel::Feet).toString(), Qt::ElideRight, wide));
        if (option.state & QStyle::State_HasFocus) {
            p.setPen(QPen(c.ink, 2));
            p.setBrush(Qt::NoBrush);
            p.drawRect(r.adjusted(1, 1, -1, -1));
        }
        p.restore();
    }

private:
    const Theme& m_theme;
};

} // namespace

FigureListModel::FigureListModel(FigureDesk& desk, QObject* parent) : QAbstractListModel(parent), m_desk(desk) {}

int FigureListModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(m_desk.found().size());
}

QVariant FigureListModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const ShownFigure& figure = m_desk.figures()[m_desk.found()[static_cast<std::size_t>(index.row())]];
    const QString used = !figure.inRoutine() ? QString()
                         : figure.used == 0  ? tr("in the routine")
                                             : tr("danced %1×").arg(figure.used);
    switch (role) {
    case Qt::DisplayRole: return q(figure.card.name);
    case Counts: return q(toSpokenCount(figure.digest.length));
    case Feet: return figure.differs.isEmpty() ? feetOf(figure.card, figure.digest) : tr("other than the vocabulary");
    case Used: return used;
    case Key: return figure.key();
    case Qt::ToolTipRole: return q(figure.card.facts.description);
    case Qt::AccessibleTextRole:
        return tr("%1, %2, %3 %4")
            .arg(q(figure.card.name), q(inCounts(figure.digest.length)), feetOf(figure.card, figure.digest), used);
    default: return {};
    }
}

QMimeData* FigureListModel::mimeData(const QModelIndexList& indexes) const {
    auto* mime = new QMimeData;
    if (!indexes.isEmpty())
        mime->setData(QString::fromLatin1(figureMime), indexes.front().data(Key).toString().toUtf8());
    return mime;
}

QModelIndex FigureListModel::indexOf(const QString& key) const {
    for (int row = 0; row < rowCount(); ++row)
        if (data(index(row), Key).toString() == key) return index(row);
    return {};
}

void FigureListModel::reset() {
    beginResetModel();
    endResetModel();
}

FigureList::FigureList(FigureDesk& desk, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_desk(desk), m_theme(theme) {
    setAccessibleName(tr("Figures"));
    setFixedWidth(theme.px(245));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, theme.px(44), 1, theme.px(6));
    column->setSpacing(theme.px(4));
    m_count = paragraph({}, theme.words(12), Tone::Ink2, this);
    m_count->setWordWrap(false);
    m_count->hide(); // painted in the heading line
    m_search = new QLineEdit(this);
    m_search->setObjectName(QStringLiteral("figureSearch"));
    m_search->setPlaceholderText(tr("6 counts, left foot free, ends open"));
    m_search->setAccessibleName(tr("Search the figures"));
    m_search->setToolTip(tr("Counts, feet, positions, turns, or words of any field (Ctrl+F)"));
    m_search->setClearButtonEnabled(true);
    m_search->installEventFilter(this);
    auto* searchRow = new QHBoxLayout;
    searchRow->setContentsMargins(theme.px(14), 0, theme.px(12), 0);
    searchRow->addWidget(m_search);
    column->addLayout(searchRow);
    m_understood = paragraph({}, theme.words(12), Tone::Ink2, this);
    m_understood->setContentsMargins(theme.px(16), 0, theme.px(12), 0);
    column->addWidget(m_understood);
    m_empty = paragraph({}, theme.words(13), Tone::Ink2, this);
    m_empty->setContentsMargins(theme.px(16), theme.px(10), theme.px(12), 0);
    column->addWidget(m_empty);
    m_list = new QuietView<QListView>(this);
    m_list->setObjectName(QStringLiteral("figureList"));
    m_list->setAccessibleName(tr("Figures"));
    m_list->setUniformItemSizes(true);
    m_list->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_list->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    setManner(m_list, Manner::Paper);
    m_model = new FigureListModel(desk, this);
    m_list->setModel(m_model);
    m_list->setDragEnabled(true);
    m_list->setDragDropMode(QAbstractItemView::DragOnly);
    m_list->setItemDelegate(new FigureRow(theme, m_list));
    column->addWidget(m_list, 1);
    connect(m_search, &QLineEdit::textChanged, this, [this](const QString& text) { m_desk.search(text); });
    connect(m_list->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& now) { choose(now); });
    connect(&desk, &FigureDesk::listChanged, this, &FigureList::refresh);
    connect(&desk, &FigureDesk::chosenChanged, this, &FigureList::showChosen);
    connect(&desk, &FigureDesk::cardChanged, m_list->viewport(), qOverload<>(&QWidget::update));
    refresh();
}

void FigureList::beginSearch() {
    m_search->setFocus(Qt::ShortcutFocusReason);
    m_search->selectAll();
}

void FigureList::choose(const QModelIndex& index) {
    if (!m_showing && index.isValid()) m_desk.choose(index.data(FigureListModel::Key).toString());
}

void FigureList::refresh() {
    m_showing = true;
    m_model->reset();
    m_showing = false;
    showChosen();
    if (m_search->text() != m_desk.searchText()) { // a new figure takes the search away
        const QSignalBlocker quiet(m_search);
        m_search->setText(m_desk.searchText());
    }
    const QString understood = m_desk.understood();
    m_understood->setVisible(!understood.isEmpty());
    m_understood->setText(understood);
    const bool none = m_desk.found().empty();
    m_empty->setVisible(none);
    m_empty->setText(!m_desk.problem().isEmpty() ? m_desk.problem()
                     : m_desk.figures().empty()
                         ? tr("No figures yet. Begin with a new one, or bring figures in from a file.")
                         : tr("No figure is like that. Take a word out of the search."));
    update();
}

void FigureList::showChosen() {
    m_showing = true;
    if (const ShownFigure* now = m_desk.chosen()) {
        const QModelIndex index = m_model->indexOf(now->key());
        m_list->setCurrentIndex(index);
        if (index.isValid()) m_list->scrollTo(index);
    }
    m_showing = false;
}

bool FigureList::eventFilter(QObject* watched, QEvent* event) {
    if (watched == m_search && event->type() == QEvent::KeyPress) { // down from the search into what it found
        const auto* key = static_cast<QKeyEvent*>(event);
        if (key->key() == Qt::Key_Down || key->key() == Qt::Key_Return) {
            if (m_model->rowCount() > 0) {
                if (!m_list->currentIndex().isValid() || key->key() == Qt::Key_Return) {
                    if (!m_list->currentIndex().isValid()) m_list->setCurrentIndex(m_model->index(0));
                }
                m_list->setFocus(Qt::OtherFocusReason);
            }
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

void FigureList::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const Palette& c = m_theme.colours();
    const auto px = [this](int n) { return m_theme.px(n); };
    p.fillRect(rect(), c.paper);
    p.fillRect(QRect(width() - 1, 0, 1, height()), c.rule);
    p.setFont(m_theme.words(15, Weight::Heavy));
    p.setPen(c.ink);
    p.drawText(px(16), px(25), tr("Figures"));
    p.setFont(m_theme.words(12));
    p.setPen(c.ink2);
    const auto found = m_desk.found().size(), all = m_desk.figures().size();
    p.drawText(QRect(0, px(10), width() - px(16), px(20)), Qt::AlignRight | Qt::AlignVCenter,
               found == all ? tr("%1, by name   Ctrl+F").arg(all) : tr("%1 of %2   Ctrl+F").arg(found).arg(all));
    p.fillRect(QRect(px(16), px(36), width() - px(32), 2), c.ink);
}

} // namespace lc::app
