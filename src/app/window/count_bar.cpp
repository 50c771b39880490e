#include "app/window/count_bar.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "core/base/clock_text.h"

#include <QPainter>
#include <QPainterPath>

namespace lc::app {

namespace {
/// Counts of a set that are stronger than others: where bars begin; bars of two counts go in pairs.
std::vector<bool> strongCounts(int lamps, const CountGrid& grid) {
    const int ofBar = std::max(1, grid.regularSet() / std::max(1, grid.scheme().barsPerSet));
    std::vector<bool> out;
    for (int lamp = 0; lamp < lamps; ++lamp) out.push_back(lamp % (ofBar == 2 ? 4 : ofBar) == 0);
    return out;
}
} // namespace

CountBarWords countBarWords(Session& session) {
    CountBarWords words;
    const Landing& landing = session.doc.landing();
    const CountGrid& grid = landing.grid;
    const Tick now = session.transport.now();
    words.lamps = std::min(16, std::max(1, grid.regularSet()));
    words.time = q(clockText(session.transport.player().playing() ? session.transport.player().position()
                                                                  : grid.secondsAt(now).value_or(0)));
    const double length = session.transport.player().songSeconds();
    words.ofTime =
        length > 0 ? CountBar::tr("of %1").arg(q(clockText(length)).section(QLatin1Char('.'), 0, 0)) : QString();
    const CountCell* cell = grid.cellAt(now);
    words.count = QStringLiteral("–");
    if (!cell) {
        words.place = grid.empty()   ? (session.transport.player().songSeconds() > 0 ? CountBar::tr("not counted yet")
                                                                                     : CountBar::tr("no song yet"))
                      : now < Tick{} ? CountBar::tr("before count 1")
                                     : CountBar::tr("after the song");
    } else {
        words.count = QString::number(cell->number);
        words.lit = cell->number;
        if (now - counts(wholeCounts(now)) >= countFraction(1, 2)) words.sub = QStringLiteral("&");
        if (cell->set >= 0) {
            const CountSet& set = grid.sets()[static_cast<std::size_t>(cell->set)];
            words.lamps = set.counts > grid.regularSet() ? std::min(set.counts, 16) : words.lamps;
            words.set = CountBar::tr("%1 of %2")
                            .arg(q(numberedSet(grid.regularSet(), set.inPhrase + 1)))
                            .arg(grid.phrases()[static_cast<std::size_t>(cell->phrase)].sets);
            words.place = q(grid.phrases()[static_cast<std::size_t>(cell->phrase)].label);
        } else
            words.set = CountBar::tr("pick-up");
        words.detail =
            cell->bar >= 0 ? CountBar::tr("bar %1, beat %2").arg(cell->bar + 1).arg(cell->beatInBar) : QString();
    }
    const auto& passes = landing.performance.passes;
    const auto index = passAt(landing.performance, now);
    if (index) {
        const PassPerformance& pass = passes[*index];
        const QString number = CountBar::tr("pass %1").arg(pass.number);
        words.place = words.place.isEmpty() ? number : CountBar::tr("%1, %2").arg(words.place, number);
        words.detail = CountBar::tr("facing %1").arg(q(toClock(pass.roles.front().facingIn)));
        for (std::size_t i = pass.roles.front().firstAction; i < pass.roles.front().endAction; ++i) {
            const PerformedAction& a = landing.performance.roles.front()[i];
            if (a.at > now) break;
            words.detail = CountBar::tr("facing %1").arg(q(toClock(a.facingAfter)));
        }
        const Tick running = runningCount(now, pass.runningFrom, grid.regularSet());
        if (cell && wholeCounts(running) != cell->number)
            words.detail = CountBar::tr("%1, dancers say %2").arg(words.detail, QString::number(wholeCounts(running)));
        if (now >= pass.start + pass.counts)
            words.set = CountBar::tr("tag, %1 left").arg(q(toSpokenCount(pass.end() - counts(wholeCounts(now)))));
    }
    words.strong = strongCounts(words.lamps, grid);
    const PassPerformance* next = nullptr;
    for (const PassPerformance& pass : passes)
        if (pass.start > now) {
            next = &pass;
            break;
        }
    if (next) {
        words.next = CountBar::tr("Pass %1, face %2").arg(next->number).arg(q(toClock(next->roles.front().facingIn)));
        const Tick left = next->start - counts(wholeCounts(now));
        words.nextDetail =
            CountBar::tr("in %1, %2 foot free").arg(q(toSpokenCount(left)), q(footWord(next->roles.front().freeIn)));
        if (index && passes[*index].cut) words.nextDetail = CountBar::tr("restart, in %1").arg(q(inCounts(left)));
    } else if (!passes.empty() && index) {
        words.next = CountBar::tr("The end");
        words.nextDetail = CountBar::tr("in %1").arg(q(inCounts(landing.performance.end - counts(wholeCounts(now)))));
    }
    return words;
}

CountBar::CountBar(Session& session, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_session(session), m_theme(theme) {
    setFixedHeight(theme.countBar());
    setAttribute(Qt::WA_OpaquePaintEvent);
    const auto button = [&](const QString& name, const QString& tip, auto pressed) {
        auto* made = new SpotButton(name, tip, theme, this);
        connect(made, &QAbstractButton::clicked, this, pressed);
        return made;
    };
    m_play = button(tr("Play"), tr("Play or pause (Space)"), [this] { Q_EMIT playClicked(); });
    m_loop = button(tr("Loop"), tr("Loop this pass, or stop looping (O)"), [this] { Q_EMIT loopClicked(); });
    m_slower = button(tr("Slower"), tr("Slower by 5 % (−)"), [this] { Q_EMIT tempoClicked(-1); });
    m_faster = button(tr("Faster"), tr("Faster by 5 % (+)"), [this] { Q_EMIT tempoClicked(1); });
    m_clicks = button(tr("Voice"), tr("Clicks on the counts, on or off (V)"), [this] { Q_EMIT clicksClicked(); });
    connect(&session.transport, &Transport::nowMoved, this, &CountBar::refresh);
    connect(&session.doc, &DocumentSession::documentChanged, this, &CountBar::refresh);
    connect(&session.transport, &Transport::playingChanged, this, &CountBar::refresh);
    connect(&session.song, &SongSession::songReady, this, &CountBar::refresh);
    refresh();
}

QSize CountBar::sizeHint() const { return {m_theme.px(1000), m_theme.countBar()}; }

void CountBar::refresh() {
    const CountBarWords w = countBarWords(m_session);
    const QString said =
        QStringList{w.count + w.sub, w.set, w.place, w.detail, w.next, w.nextDetail}.join(QStringLiteral(", "));
    setAccessibleName(tr("Count bar"));
    setAccessibleDescription(said);
    const auto loop = m_session.transport.loop();
    const QString shown = said + w.time + w.ofTime + QString::number(m_session.transport.tempoPercent()) +
                          (m_session.transport.clicksHeard() ? QStringLiteral("c") : QString()) +
                          (m_session.transport.player().playing() ? QStringLiteral("p") : QString()) +
                          (loop ? QString::number(loop->first.value) : QString());
    if (shown == m_shown) return;
    m_shown = shown;
    const QString tempo = tr("%1 %").arg(m_session.transport.tempoPercent());
    m_play->say(m_session.transport.player().playing() ? tr("Pause") : tr("Play"));
    m_loop->say(tr("Loop"), loopWords());
    m_slower->say(tr("Slower"), tempo);
    m_faster->say(tr("Faster"), tempo);
    m_clicks->say(tr("Voice"), m_session.transport.clicksHeard() ? tr("Clicks") : tr("none"));
    update();
}

QString CountBar::loopWords() const {
    const auto loop = m_session.transport.loop();
    if (!loop) return tr("off");
    const auto pass = passAt(m_session.doc.landing().performance, loop->first);
    return pass ? tr("pass %1").arg(m_session.doc.landing().performance.passes[*pass].number) : tr("on");
}

CountBar::Spots CountBar::spots() const {
    const auto px = [this](int n) { return m_theme.px(n); };
    const int right = width();
    const bool narrow = right < px(1020);
    Spots s;
    s.clicks = QRect(right - px(110), px(10), px(96), px(64));
    s.faster = QRect(s.clicks.left() - px(56), px(10), px(42), px(64));
    s.slower = QRect(s.faster.left() - px(44), px(10), px(44), px(64));
    s.loop = QRect(s.slower.left() - px(110), px(10), px(96), px(64));
    s.play = QRect(s.loop.left() - px(narrow ? 150 : 180), px(16), px(52), px(52));
    return s;
}

void CountBar::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const Palette& c = m_theme.colours();
    const auto px = [this](int n) { return m_theme.px(n); };
    p.fillRect(rect(), c.sheet);
    p.fillRect(QRect(0, 0, width(), 2), c.ink);
    const CountBarWords w = countBarWords(m_session);
    const auto text = [&](int x, int baseline, const QString& words, const QFont& font, const QColor& colour,
                          int room = 10000) {
        p.setFont(font);
        p.setPen(colour);
        p.drawText(x, baseline, QFontMetrics(font).elidedText(words, Qt::ElideRight, room));
    };
    const auto rule = [&](int x) { p.fillRect(QRect(x, px(16), 1, px(52)), c.rule); };
    const Spots s = spots();

    int x = px(16);
    const int lampWidth = w.lamps <= 8 ? px(28) : std::max(px(12), px(256) / w.lamps - px(4));
    for (int i = 1; i <= w.lamps; ++i) {
        const QRect lamp(x, px(16), lampWidth, px(52));
        const bool now = i == w.lit;
        const bool past = w.lit > 0 && i < w.lit;
        p.fillRect(lamp, now ? c.tape : past ? c.faint : c.well);
        if (past) p.fillRect(QRect(x, px(64), lampWidth, px(4)), c.ink3);
        const bool strong = w.strong[static_cast<std::size_t>(i - 1)];
        p.setFont(m_theme.numbers(lampWidth < px(20) ? 10 : strong ? 17 : 14, strong || now));
        const QColor& onTape = c.ink.lightness() < c.onInk.lightness() ? c.ink : c.onInk; // it is bright in every theme
        p.setPen(now ? onTape : past ? c.ink2 : c.ink);
        p.drawText(lamp, Qt::AlignCenter, QString::number(i));
        if (now) {
            p.setPen(QPen(c.ink, 2));
            p.setBrush(Qt::NoBrush);
            p.drawRect(lamp.adjusted(1, 1, -1, -1));
        }
        x += lampWidth + px(4);
    }
    x += px(10);
    const QFont large = m_theme.numbers(62, true);
    const int countWidth = QFontMetrics(large).horizontalAdvance(w.count);
    text(x, px(64), w.count, large, c.ink);
    text(x + countWidth + px(2), px(64), w.sub, m_theme.numbers(20), c.ink3);
    x += std::max(px(44), countWidth) + px(30);
    const bool narrow = width() < px(1020);
    const int infoWidth = std::min(px(narrow ? 132 : 160), s.play.left() - px(20) - x);
    text(x, px(31), w.set, m_theme.words(15, Weight::Bold), c.ink, infoWidth);
    text(x, px(49), w.place, m_theme.words(13), c.ink2, infoWidth);
    text(x, px(66), w.detail, m_theme.words(13), c.ink2, infoWidth);
    x += infoWidth + px(10);
    const int nextRoom = s.play.left() - px(16) - x - px(10);
    if (nextRoom > px(80)) {
        rule(x - px(4));
        x += px(10);
        text(x, px(31), tr("next"), m_theme.words(12), c.ink3);
        const QFont heavy = m_theme.words(18, Weight::Heavy);
        const bool fits = !narrow && QFontMetrics(heavy).horizontalAdvance(w.next) <= nextRoom - px(10);
        text(x, px(50), w.next, fits ? heavy : m_theme.words(15, Weight::Heavy), c.ink, nextRoom - px(10));
        text(x, px(66), w.nextDetail, m_theme.words(12), c.ink2, nextRoom - px(10));
    }

    rule(s.play.left() - px(14));
    p.fillRect(s.play, c.ink);
    if (m_session.transport.player().playing()) {
        p.fillRect(QRect(s.play.left() + px(18), s.play.top() + px(15), px(6), px(22)), c.onInk);
        p.fillRect(QRect(s.play.left() + px(29), s.play.top() + px(15), px(6), px(22)), c.onInk);
    } else {
        QPainterPath path;
        path.moveTo(s.play.left() + px(19), s.play.top() + px(14));
        path.lineTo(s.play.left() + px(38), s.play.top() + px(26));
        path.lineTo(s.play.left() + px(19), s.play.top() + px(38));
        path.closeSubpath();
        p.setRenderHint(QPainter::Antialiasing);
        p.fillPath(path, c.onInk);
        p.setRenderHint(QPainter::Antialiasing, false);
    }
    const int timeX = s.play.right() + px(14);
    text(timeX, px(39), w.time, m_theme.numbers(17, true), c.ink);
    if (!narrow) text(timeX, px(61), w.ofTime, m_theme.words(12), c.ink2);

    const auto group = [&](const QRect& spot, const QString& label, const QString& value, const QString& key) {
        rule(spot.left() - px(4));
        text(spot.left() + px(8), px(31), label, m_theme.words(12), c.ink3);
        text(spot.left() + px(8), px(50), value, m_theme.words(15, Weight::Bold), c.ink, spot.width() - px(8));
        text(spot.left() + px(8), px(66), key, m_theme.words(11), c.ink3);
    };
    group(s.loop, tr("Loop"), loopWords(), QStringLiteral("O"));
    group(s.slower.united(s.faster), tr("Tempo"), tr("%1 %").arg(m_session.transport.tempoPercent()), tr("− and +"));
    group(s.clicks, tr("Voice"), m_session.transport.clicksHeard() ? tr("Clicks") : tr("none"), QStringLiteral("V"));
}

void CountBar::resizeEvent(QResizeEvent*) {
    const Spots s = spots();
    m_play->setGeometry(s.play);
    m_loop->setGeometry(s.loop);
    m_slower->setGeometry(s.slower);
    m_faster->setGeometry(s.faster);
    m_clicks->setGeometry(s.clicks);
}

} // namespace lc::app
