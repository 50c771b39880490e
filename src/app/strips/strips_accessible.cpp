#include "app/strips/strips_accessible.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/strips/strips_view.h"
#include "app/widgets/readable.h"
#include "core/base/clock_text.h"

#include <QAccessible>
#include <QAccessibleWidget>

#include <map>

namespace lc::app {

namespace {

class StripsAccessible;

/// A line of the page, or a count of a line. Made when asked for and kept by its page.
class PieceAccessible : public QAccessibleInterface {
public:
    PieceAccessible(StripsView* view, QAccessibleInterface* page, int line, int count)
        : m_view(view), m_page(page), m_line(line), m_count(count) {}
    ~PieceAccessible() override {
        for (auto& [key, id] : m_children) QAccessible::deleteAccessibleInterface(id);
    }

    bool isValid() const override { return lineOfPage() != nullptr; }
    QObject* object() const override { return nullptr; }
    QWindow* window() const override { return m_page->window(); }
    QAccessibleInterface* parent() const override { return m_page; }
    int childCount() const override { return m_count < 0 && lineOfPage() ? lineOfPage()->counts : 0; }
    int indexOfChild(const QAccessibleInterface* child) const override {
        for (int i = 0; i < childCount(); ++i)
            if (this->child(i) == child) return i;
        return -1;
    }
    QAccessibleInterface* child(int index) const override {
        if (index < 0 || index >= childCount()) return nullptr;
        const int count = lineOfPage()->firstCount + index;
        auto found = m_children.find(count);
        if (found == m_children.end())
            found = m_children
                        .emplace(count, QAccessible::registerAccessibleInterface(new PieceAccessible(
                                            m_view, const_cast<PieceAccessible*>(this), m_line, count)))
                        .first;
        return QAccessible::accessibleInterface(found->second);
    }
    QAccessibleInterface* childAt(int x, int y) const override {
        for (int i = 0; i < childCount(); ++i)
            if (child(i)->rect().contains(x, y)) return child(i);
        return nullptr;
    }
    QRect rect() const override {
        const StripLine* line = lineOfPage();
        if (!line) return {};
        const QRectF area =
            m_count < 0 ? m_view->layoutOfStrips().lineRect(*line) : m_view->layoutOfStrips().countRect(m_count);
        const QPoint shift =
            m_view->viewport()->mapToGlobal(QPoint(0, m_count < 0 ? 0 : 0)) +
            QPoint(0, m_view->pointOf(line->firstCount).y() - static_cast<int>(line->top + line->height / 2));
        return area.toAlignedRect().translated(shift);
    }
    QString text(QAccessible::Text kind) const override {
        const StripLine* line = lineOfPage();
        if (!line || kind != QAccessible::Name) return {};
        if (m_count >= 0) return m_view->describeCount(m_count);
        if (line->folded) return foldInWords(*line->folded, m_view->shownLanding());
        const CountPhrase& phrase =
            m_view->session().doc.landing().grid.phrases()[static_cast<std::size_t>(line->phrase)];
        QString words =
            StripsView::tr("%1, at %2, %3 counts").arg(q(phrase.label), q(clockText(phrase.start))).arg(line->counts);
        const LineVerdict verdict = lineVerdict(*line, m_view->session().doc.landing());
        if (!verdict.amount.isEmpty())
            words += QStringLiteral(", ") + verdict.amount +
                     (verdict.who.isEmpty() ? QString() : QStringLiteral(", ") + verdict.who);
        return words;
    }
    void setText(QAccessible::Text, const QString&) override {}
    QAccessible::Role role() const override { return m_count < 0 ? QAccessible::List : QAccessible::ListItem; }
    QAccessible::State state() const override {
        QAccessible::State s;
        s.selectable = s.focusable = m_count >= 0;
        s.focused = m_count >= 0 && m_view->hasFocus() && wholeCounts(m_view->session().transport.now()) == m_count;
        return s;
    }

private:
    const StripLine* lineOfPage() const {
        const auto& lines = m_view->layoutOfStrips().lines;
        return static_cast<std::size_t>(m_line) < lines.size() ? &lines[static_cast<std::size_t>(m_line)] : nullptr;
    }
    StripsView* m_view;
    QAccessibleInterface* m_page;
    int m_line;
    int m_count;
    mutable std::map<int, QAccessible::Id> m_children;
};

class StripsAccessible : public QAccessibleWidget {
public:
    explicit StripsAccessible(StripsView* view) : QAccessibleWidget(view, QAccessible::List), m_view(view) {}
    ~StripsAccessible() override {
        for (auto& [line, id] : m_lines) QAccessible::deleteAccessibleInterface(id);
    }
    int childCount() const override { return static_cast<int>(m_view->layoutOfStrips().lines.size()); }
    QAccessibleInterface* child(int index) const override {
        if (index < 0 || index >= childCount()) return nullptr;
        auto found = m_lines.find(index);
        if (found == m_lines.end())
            found = m_lines
                        .emplace(index, QAccessible::registerAccessibleInterface(new PieceAccessible(
                                            m_view, const_cast<StripsAccessible*>(this), index, -1)))
                        .first;
        return QAccessible::accessibleInterface(found->second);
    }
    int indexOfChild(const QAccessibleInterface* child) const override {
        for (int i = 0; i < childCount(); ++i)
            if (this->child(i) == child) return i;
        return -1;
    }
    QAccessibleInterface* focusChild() const override {
        const int at = static_cast<int>(wholeCounts(m_view->session().transport.now()));
        const auto line = m_view->hasFocus() ? m_view->layoutOfStrips().lineOf(at) : std::nullopt;
        return line ? child(*line)->child(at -
                                          m_view->layoutOfStrips().lines[static_cast<std::size_t>(*line)].firstCount)
                    : nullptr;
    }

private:
    StripsView* m_view;
    mutable std::map<int, QAccessible::Id> m_lines;
};

QAccessibleInterface* makeInterface(const QString&, QObject* object) {
    if (auto* view = qobject_cast<StripsView*>(object)) return new StripsAccessible(view);
    if (auto* widget = qobject_cast<QWidget*>(object)) return readableInterface(widget);
    return nullptr;
}

} // namespace

void installAccessibility() { QAccessible::installFactory(makeInterface); }

} // namespace lc::app
