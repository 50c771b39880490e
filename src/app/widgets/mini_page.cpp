#include "app/widgets/mini_page.h"

#include "app/base/qtext.h"

#include <QPainter>

namespace lc::app {

namespace {

constexpr int mostLines = 16; // of a page in miniature

/// `before` null = nothing changed.
void paintPage(QPainter& p, const QRectF& area, const Landing& landing, const Landing* before, const Theme& theme) {
    const Palette& c = theme.colours();
    const auto& phrases = landing.grid.phrases();
    if (phrases.empty()) return;
    int longest = 32;
    for (const CountPhrase& phrase : phrases) longest = std::max(longest, phrase.counts);
    const double unit = area.width() / (longest * 1.12);
    const double pitch = theme.px(7);
    const double height = theme.px(5);
    const auto changed = [&](const PassPerformance& pass) {
        if (!before) return false;
        for (const PassPerformance& old : before->performance.passes)
            if (old.id == pass.id) return old.start != pass.start || old.counts != pass.counts || old.tag != pass.tag;
        return true;
    };
    const auto block = [&](double line, Tick from, Tick to, Tick lineStart, const QColor& colour, bool hollow) {
        const double left = area.left() + static_cast<double>((from - lineStart).value) / ticksPerCount * unit;
        const QRectF box(left, area.top() + line * pitch,
                         static_cast<double>((to - from).value) / ticksPerCount * unit - 1, height);
        if (!hollow) return p.fillRect(box, colour);
        p.setPen(colour);
        p.setBrush(Qt::NoBrush);
        p.drawRect(box.adjusted(0.5, 0.5, -0.5, -0.5));
    };
    for (std::size_t l = 0; l < phrases.size() && l < mostLines - 1; ++l) {
        const Tick from = counts(phrases[l].firstCount);
        const Tick to = from + counts(phrases[l].counts);
        block(static_cast<double>(l), from, to, from, c.faint, false);
        for (const PassPerformance& pass : landing.performance.passes) {
            const Tick a = std::max(from, pass.start);
            const Tick b = std::min(to, pass.end());
            if (a < b) block(static_cast<double>(l), a, b, from, changed(pass) ? c.ink : c.ink3, false);
        }
    }
    const Tick end = landing.grid.end();
    if (landing.performance.end > end) {
        const Tick over = std::min(landing.performance.end - end, counts(longest));
        block(static_cast<double>(std::min<std::size_t>(mostLines - 1, phrases.size())), end, end + over, end, c.ink,
              true);
    }
}

QSize pageSize(const Landing& landing, const Theme& theme, int width) {
    const int lines = std::min<int>(mostLines, static_cast<int>(landing.grid.phrases().size()) + 1);
    return {theme.px(width), theme.px(7) * lines};
}

} // namespace

MiniPage::MiniPage(std::shared_ptr<const Landing> landing, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_landing(std::move(landing)), m_theme(theme) {
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    setAccessibleName(tr("The routine on its song, in miniature"));
}

QSize MiniPage::sizeHint() const { return pageSize(*m_landing, m_theme, 150); }

void MiniPage::paintEvent(QPaintEvent*) {
    QPainter p(this);
    paintPage(p, rect(), *m_landing, nullptr, m_theme);
}

MiniPages::MiniPages(const Landing& now, Landing then, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_now(now), m_then(std::move(then)), m_theme(theme) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setAccessibleName(tr("Before and after, in miniature"));
}

void MiniPages::setThen(Landing then) {
    m_then = std::move(then);
    updateGeometry();
    update();
}

QSize MiniPages::sizeHint() const {
    return pageSize(m_now, m_theme, 200) + QSize(0, pageSize(m_then, m_theme, 200).height() + m_theme.px(50));
}

std::vector<ReadablePiece> MiniPages::pieces() const {
    const auto called = [](const QString& when, const Landing& landing) {
        return when.arg(q(inCounts(landing.performance.end - landing.performance.start)));
    };
    const int pitch = m_theme.px(24) + pageSize(m_now, m_theme, 200).height();
    return {{called(tr("now: %1"), m_now), QRect(0, 0, width(), m_theme.px(18))},
            {called(tr("then: %1"), m_then), QRect(0, pitch, width(), m_theme.px(18))}};
}

void MiniPages::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setFont(m_theme.words(12));
    p.setPen(m_theme.colours().ink2);
    const auto page = [&](const ReadablePiece& title, const Landing& landing, const Landing* before) {
        p.drawText(title.area, Qt::AlignLeft | Qt::AlignVCenter, title.text);
        paintPage(p, QRectF(0, title.area.top() + m_theme.px(20), width(), pageSize(landing, m_theme, 200).height()),
                  landing, before, m_theme);
    };
    const auto titles = pieces();
    page(titles[0], m_now, nullptr);
    page(titles[1], m_then, &m_now);
}

} // namespace lc::app
