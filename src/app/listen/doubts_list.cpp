#include "app/listen/doubts_list.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/wording.h"
#include "app/widgets/marks.h"
#include "core/base/clock_text.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace lc::app {

namespace {

constexpr double unlikely = 0.05;     // a reading with a smaller share waits behind "n less likely"
constexpr std::size_t alwaysSeen = 2; // readings

QString shareText(double share) {
    return share < 0.01 ? QStringLiteral("< 1 %") : QStringLiteral("%1 %").arg(std::lround(100 * share));
}

} // namespace

ReadingChoice::ReadingChoice(const QString& letter, const QString& text, double share, bool chosen, const Theme& theme,
                             QWidget* parent)
    : QAbstractButton(parent), m_letter(letter), m_share(share), m_chosen(chosen), m_theme(theme) {
    setText(text);
    setAccessibleName(QStringLiteral("%1: %2, %3").arg(letter, text, shareText(share)));
    setToolTip(tr("Hear four bars of this reading, with clicks"));
    setFocusPolicy(Qt::StrongFocus);
    QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Minimum);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

void ReadingChoice::setChosen(bool chosen) {
    m_chosen = chosen;
    update();
}

QRect ReadingChoice::textRect(int width) const {
    const int left = m_theme.px(22), right = m_theme.px(44);
    const QFont font = m_theme.words(13, Weight::Bold);
    return QFontMetrics(font).boundingRect(QRect(left, m_theme.px(4), std::max(40, width - left - right), 2000),
                                           Qt::TextWordWrap, text());
}

int ReadingChoice::heightForWidth(int width) const { return textRect(width).bottom() + m_theme.px(13); }
QSize ReadingChoice::sizeHint() const { return {m_theme.px(200), heightForWidth(m_theme.px(210))}; }

void ReadingChoice::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const Palette& c = m_theme.colours();
    if (m_chosen) p.fillRect(rect(), c.sheet);
    if (m_chosen || hasFocus() || underMouse()) {
        const int line = m_chosen || hasFocus() ? 2 : 1;
        p.setPen(QPen(m_chosen || hasFocus() ? c.ink : c.ink3, line));
        p.drawRect(rect().adjusted(line / 2, line / 2, -line + line / 2, -line + line / 2));
    }
    p.setPen(c.ink);
    p.setFont(m_theme.words(13, Weight::Heavy));
    const QRect area = textRect(width());
    p.drawText(QRect(m_theme.px(8), m_theme.px(4), m_theme.px(14), m_theme.px(18)), Qt::AlignLeft | Qt::AlignTop,
               m_letter);
    p.setFont(m_theme.words(13, m_chosen ? Weight::Bold : Weight::Regular));
    p.drawText(QRect(area.left(), area.top(), width() - area.left() - m_theme.px(44), area.height()), Qt::TextWordWrap,
               text());
    p.setFont(m_theme.numbers(12));
    p.setPen(c.ink2);
    p.drawText(QRect(width() - m_theme.px(46), m_theme.px(4), m_theme.px(40), m_theme.px(18)),
               Qt::AlignRight | Qt::AlignTop, shareText(m_share));
    const int y = height() - m_theme.px(7), left = m_theme.px(22), whole = width() - left - m_theme.px(8);
    p.fillRect(QRect(left, y, whole, m_theme.px(3)), c.faint);
    p.fillRect(QRect(left, y, static_cast<int>(whole * m_share), m_theme.px(3)), c.ink);
}

DoubtsList::DoubtsList(Session& session, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_session(session), m_theme(theme) {
    setAccessibleName(tr("Doubts"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(theme.px(5));
    const auto& doubts = session.song.doubts();
    auto* head = new QHBoxLayout;
    head->addWidget(paragraph(tr("Doubts"), theme.words(15, Weight::Heavy), Tone::Ink, this));
    head->addStretch();
    auto* open =
        paragraph(doubts.empty() ? QString() : tr("%1 open").arg(doubts.size()), theme.words(12), Tone::Ink2, this);
    open->setWordWrap(false);
    head->addWidget(open);
    column->addLayout(head);
    column->addWidget(divider(this, Tone::Ink, 2));
    if (doubts.empty())
        column->addWidget(paragraph(tr("None. The song is clear, or you have said what was not."), theme.words(13),
                                    Tone::Ink2, this));
    for (std::size_t d = 0; d < doubts.size(); ++d) build(d, column);
    if (doubts.empty()) return;
    m_choices[0][0]->setChosen(true);
}

void DoubtsList::build(std::size_t doubt, QVBoxLayout* column) {
    const SongDoubt& d = m_session.song.doubts()[doubt];
    const QString about = q(d.about);
    const QString where = d.ofAll ? tr("The whole song") : tr("At %1").arg(q(clockText(d.start)));
    column->addWidget(
        paragraph(tr("%1  %2: %3").arg(doubt + 1).arg(where, about), m_theme.words(13, Weight::Bold), Tone::Ink, this));
    std::vector<ReadingChoice*> choices;
    int folded = 0;
    for (std::size_t r = 0; r < d.readings.size(); ++r) {
        auto* choice = new ReadingChoice(QString(QLatin1Char(static_cast<char>('a' + r))), q(d.readings[r].text),
                                         d.readings[r].share, false, m_theme, this);
        choice->setObjectName(QStringLiteral("reading%1%2").arg(doubt).arg(QLatin1Char(static_cast<char>('a' + r))));
        connect(choice, &QAbstractButton::clicked, this, [this, doubt, r] {
            choose(doubt, r);
            hear();
        });
        column->addWidget(choice);
        choices.push_back(choice);
        if (r < alwaysSeen || d.readings[r].share >= unlikely) continue;
        choice->hide();
        ++folded;
    }
    m_choices.push_back(std::move(choices));
    auto* more = new QPushButton(tr("%n less likely", nullptr, folded), this);
    more->setObjectName(QStringLiteral("lessLikely%1").arg(doubt));
    more->setFlat(true);
    more->setVisible(folded > 0);
    connect(more, &QPushButton::clicked, this, [this, doubt] { unfold(doubt); });
    column->addWidget(more, 0, Qt::AlignLeft);
    m_folds.push_back(more);
    auto* buttons = new QHBoxLayout;
    auto* hearButton = new QPushButton(tr("Hear it"), this);
    hearButton->setObjectName(QStringLiteral("hear%1").arg(doubt));
    hearButton->setToolTip(tr("Four bars of the chosen reading, with clicks; Space stops"));
    connect(hearButton, &QPushButton::clicked, this, [this, doubt] {
        if (m_doubt != doubt) choose(doubt, 0);
        hear();
    });
    auto* acceptButton = new QPushButton(tr("Accept"), this);
    acceptButton->setObjectName(QStringLiteral("accept%1").arg(doubt));
    acceptButton->setProperty("main", doubt == 0);
    acceptButton->setToolTip(tr("State the chosen reading; the rest is worked out again around it"));
    connect(acceptButton, &QPushButton::clicked, this, [this, doubt] {
        if (m_doubt != doubt) choose(doubt, 0);
        accept();
    });
    buttons->addWidget(hearButton);
    buttons->addWidget(acceptButton);
    column->addLayout(buttons);
    column->addWidget(divider(this));
}

void DoubtsList::unfold(std::size_t doubt) {
    const auto first = std::find_if(m_choices[doubt].begin(), m_choices[doubt].end(),
                                    [](const ReadingChoice* choice) { return choice->isHidden(); });
    for (ReadingChoice* choice : m_choices[doubt]) choice->show();
    if (first != m_choices[doubt].end() && m_folds[doubt]->hasFocus())
        (*first)->setFocus(Qt::OtherFocusReason); // the button goes away under the keyboard
    m_folds[doubt]->hide();
}

void DoubtsList::choose(std::size_t doubt, std::size_t reading) {
    if (m_choices[doubt][reading]->isHidden()) unfold(doubt);
    m_choices[m_doubt][m_reading]->setChosen(false);
    m_doubt = doubt;
    m_reading = reading;
    m_choices[m_doubt][m_reading]->setChosen(true);
    m_chosenOnce = true;
}

void DoubtsList::nextDoubt() {
    const auto& doubts = m_session.song.doubts();
    choose(m_chosenOnce ? (m_doubt + 1) % doubts.size() : 0, 0);
    m_choices[m_doubt][m_reading]->setFocus(Qt::ShortcutFocusReason);
    if (const auto at = m_session.doc.landing().grid.tickAt(doubts[m_doubt].start + 0.01))
        m_session.transport.setCaret(counts(wholeCounts(*at)));
}

void DoubtsList::nextReading() {
    choose(m_doubt, (m_reading + 1) % m_choices[m_doubt].size());
    m_choices[m_doubt][m_reading]->setFocus(Qt::ShortcutFocusReason);
}

/// The reading that sounds already is stopped.
void DoubtsList::hear() {
    const std::pair chosen{m_doubt, m_reading};
    if (m_session.transport.hearing() && m_heard == chosen) return m_session.transport.togglePlay();
    m_heard = chosen;
    m_session.song.hearReading(m_doubt, m_reading);
}

void DoubtsList::accept() {
    const auto& doubts = m_session.song.doubts();
    if (m_doubt >= doubts.size() || m_reading >= doubts[m_doubt].readings.size()) return;
    const DoubtReading reading = doubts[m_doubt].readings[m_reading];
    m_session.song.state(reading.facts, q(reading.text)); // this list is rebuilt by it
}

} // namespace lc::app
