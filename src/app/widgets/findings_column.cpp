#include "app/widgets/findings_column.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/when_shown.h"
#include "app/base/wording.h"
#include "app/widgets/mini_page.h"

#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace lc::app {

FindingsColumn::FindingsColumn(Session& session, const Theme& theme, QWidget* parent)
    : FoldingColumn(theme, parent), m_session(session) {
    setAccessibleName(tr("Findings"));
    m_upToDate = new WhenShown(this, [this] { rebuild(); });
    connect(&session.doc, &DocumentSession::documentChanged, m_upToDate, &WhenShown::ask);
    connect(&session.doc, &DocumentSession::previewChanged, this, qOverload<>(&QWidget::update));
    rebuild();
}

int FindingsColumn::open() const {
    const auto& findings = m_session.doc.landing().findings;
    return static_cast<int>(
        std::count_if(findings.begin(), findings.end(), [](const Finding& f) { return f.severity != Severity::Note; }));
}

int FindingsColumn::diamonds() const { return static_cast<int>(m_session.doc.landing().findings.size()); }

const Finding* FindingsColumn::openFindingValue() const {
    const auto& findings = m_session.doc.landing().findings;
    return m_open >= 0 && static_cast<std::size_t>(m_open) < findings.size()
               ? &findings[static_cast<std::size_t>(m_open)]
               : nullptr;
}

void FindingsColumn::rebuild() {
    const auto& findings = m_session.doc.landing().findings;
    int open = findings.empty() ? -1 : 0;
    for (std::size_t i = 0; m_openKey && i < findings.size(); ++i)
        if (findings[i].key == *m_openKey) open = static_cast<int>(i);
    m_open = open;
    m_remedies.clear();
    if (const Finding* f = openFindingValue())
        m_remedies = remediesFor(m_session.doc.document(), m_session.doc.landing(), *f);
    if (QString shown = whatIsShown(); shown == m_shown)
        return; // as mostly while a word is typed
    else
        m_shown = std::move(shown);
    m_remedy = 0;
    m_reason = nullptr;
    m_choices.clear();
    m_mini = nullptr;

    auto* page = new QWidget;
    m_page = page;
    m_cards = new QVBoxLayout(page);
    m_cards->setContentsMargins(m_theme.px(15), m_theme.px(8), m_theme.px(12), m_theme.px(12));
    m_cards->setSpacing(m_theme.px(10));
    if (FindingsColumn::open() == 0) { // words of caution and other notes may follow
        const bool nothing = m_session.doc.landing().performance.passes.empty();
        m_cards->addWidget(paragraph(nothing ? tr("Nothing to find yet.") : tr("Everything lands."),
                                     m_theme.words(15, Weight::Bold), Tone::Ink, page));
        m_cards->addWidget(paragraph(
            nothing
                ? tr("Place figures in a part or type its counts, and give the order of the passes; what does not land will stand here, with ways to mend it.")
                : tr("Every pass starts a phrase, on the foot it needs."),
            m_theme.words(13), Tone::Ink2, page));
    }
    constexpr int mostCards = 40; // beyond, the list of passes is the better place to look
    for (int i = 0; i < std::min<int>(mostCards, static_cast<int>(findings.size())); ++i) buildCard(i);
    buildMuted();
    m_cards->addStretch();
    setPage(page);
}

/// All that the page depends on.
QString FindingsColumn::whatIsShown() const {
    const Landing& landing = m_session.doc.landing();
    std::string all = std::to_string(m_open) + (m_showMuted ? "m" : "-");
    const auto add = [&](const std::string& text) { all += text + '\x1f'; };
    for (const Finding& f : landing.findings) {
        add(f.headline.english());
        add(f.text.english());
    }
    for (const Remedy& r : m_remedies) {
        add(r.title.english());
        add(r.price.english());
    }
    for (const MutedFinding& m : m_session.doc.document().routine.muted) add(m.reason);
    for (const Finding& f : landing.muted) add(f.headline.english());
    for (const PassPerformance& p : landing.performance.passes)
        add(toCountString(p.start) + "+" + toCountString(p.counts) + "+" + toCountString(p.tag)); // the small pages
    for (const CountPhrase& p : landing.grid.phrases()) add(std::to_string(p.counts));
    return q(all);
}

void FindingsColumn::buildCard(int index) {
    const Finding& finding = m_session.doc.landing().findings[static_cast<std::size_t>(index)];
    auto* card = new QVBoxLayout;
    card->setSpacing(m_theme.px(4));
    auto* head = new QHBoxLayout;
    head->setSpacing(m_theme.px(6));
    head->addWidget(new NumberDiamond(index + 1, m_theme, m_page), 0, Qt::AlignTop);
    auto* title = new QPushButton(m_page);
    title->setProperty("flat", true);
    title->setAccessibleName(q(finding.headline));
    title->setToolTip(tr("Open this finding and go to its place (F8 for the next)"));
    auto* titleText = paragraph(q(finding.headline), m_theme.words(15, Weight::Bold), Tone::Ink, title);
    titleText->setAttribute(Qt::WA_TransparentForMouseEvents);
    auto* inside = new QVBoxLayout(title);
    inside->setContentsMargins(0, 0, 0, 0);
    inside->addWidget(titleText);
    title->setMinimumHeight(titleText->heightForWidth(m_theme.px(168)) + 4);
    connect(title, &QPushButton::clicked, this, [this, index] { openFinding(index); });
    head->addWidget(title, 1);
    card->addLayout(head);
    auto* body = new QVBoxLayout;
    body->setContentsMargins(m_theme.px(28), 0, 0, 0);
    body->setSpacing(m_theme.px(4));
    body->addWidget(paragraph(q(finding.text), m_theme.words(13), Tone::Ink2, m_page));
    if (index == m_open) buildRemedies(body);
    card->addLayout(body);
    m_cards->addLayout(card);
    m_cards->addWidget(divider(m_page));
}

void FindingsColumn::buildRemedies(QVBoxLayout* card) {
    if (!m_remedies.empty()) {
        card->addSpacing(m_theme.px(4));
        card->addWidget(paragraph(m_remedies.size() == 1 ? tr("Remedy") : tr("Remedies"),
                                  m_theme.words(12, Weight::Bold), Tone::Ink2, m_page));
    }
    for (std::size_t i = 0; i < m_remedies.size(); ++i) {
        auto* choice = new RemedyChoice(q(m_remedies[i].title), q(m_remedies[i].price), static_cast<int>(i) == m_remedy,
                                        m_theme, m_page);
        choice->setToolTip(tr("Try it on the strips; Esc takes it off"));
        connect(choice, &QAbstractButton::clicked, this, [this, i] { chooseRemedy(static_cast<int>(i)); });
        choice->setObjectName(QStringLiteral("remedy%1").arg(i));
        card->addWidget(choice);
        m_choices.push_back(choice);
    }
    if (!m_remedies.empty()) {
        const auto then = applyEdits(m_session.doc.document(), m_remedies[static_cast<std::size_t>(m_remedy)].edits);
        if (then)
            card->addWidget(m_mini =
                                new MiniPages(m_session.doc.landing(),
                                              land(*then, m_session.doc.landing().grid, m_session.doc.landing().limits),
                                              m_theme, m_page));
        auto* applyButton = new QPushButton(tr("Apply"), m_page);
        applyButton->setObjectName(QStringLiteral("applyRemedy"));
        applyButton->setProperty("main", true);
        applyButton->setToolTip(tr("Do it (Ctrl+Enter); Undo takes it back"));
        connect(applyButton, &QPushButton::clicked, this, &FindingsColumn::applyChosen);
        card->addWidget(applyButton);
    }
    auto* row = new QHBoxLayout;
    m_reason = new QLineEdit(m_page);
    m_reason->setPlaceholderText(tr("Or leave it, because …"));
    m_reason->setAccessibleName(tr("Reason for leaving this finding as it is"));
    m_reason->setToolTip(tr("Type why and press Enter: the finding is put aside and kept in the file"));
    m_reason->setObjectName(QStringLiteral("leaveReason"));
    connect(m_reason, &QLineEdit::returnPressed, this, &FindingsColumn::leaveOpen);
    row->addWidget(m_reason);
    card->addLayout(row);
}

void FindingsColumn::buildMuted() {
    const auto& muted = m_session.doc.landing().muted;
    if (muted.empty()) return;
    auto* toggle = new QPushButton(tr("%1 left as they are").arg(muted.size()), m_page);
    toggle->setProperty("flat", true);
    connect(toggle, &QPushButton::clicked, this, [this] {
        m_showMuted = !m_showMuted;
        rebuild();
    });
    m_cards->addWidget(toggle);
    if (!m_showMuted) return;
    for (const Finding& finding : muted) {
        QString reason;
        for (const MutedFinding& m : m_session.doc.document().routine.muted)
            if (m.key == finding.key) reason = q(m.reason);
        m_cards->addWidget(
            paragraph(q(finding.headline) + (reason.isEmpty() ? QString() : QStringLiteral(": ") + reason),
                      m_theme.words(13), Tone::Ink2, m_page));
        auto* again = new QPushButton(tr("Look at it again"), m_page);
        connect(again, &QPushButton::clicked, this,
                [this, key = finding.key] { m_session.doc.edit(UnmuteFinding{key}); });
        m_cards->addWidget(again, 0, Qt::AlignLeft);
    }
}

void FindingsColumn::openFinding(int index) {
    m_upToDate->finish();
    const auto& findings = m_session.doc.landing().findings;
    if (index < 0 || static_cast<std::size_t>(index) >= findings.size()) return;
    m_session.doc.endPreview();
    m_openKey = findings[static_cast<std::size_t>(index)].key;
    const Tick at = findings[static_cast<std::size_t>(index)].at;
    rebuild();
    Q_EMIT placeChosen(at);
}

void FindingsColumn::nextFinding() {
    m_upToDate->finish();
    const auto size = static_cast<int>(m_session.doc.landing().findings.size());
    if (size > 0) openFinding((m_open + 1) % size);
}

void FindingsColumn::chooseRemedy(int index) {
    m_upToDate->finish();
    if (index < 0 || static_cast<std::size_t>(index) >= m_remedies.size()) return;
    const bool again = index == m_remedy && m_session.doc.previewLanding();
    m_remedy = index;
    for (std::size_t i = 0; i < m_choices.size(); ++i) m_choices[i]->setChosen(static_cast<int>(i) == index);
    if (m_mini)
        if (const auto then = applyEdits(m_session.doc.document(), m_remedies[static_cast<std::size_t>(index)].edits))
            m_mini->setThen(land(*then, m_session.doc.landing().grid, m_session.doc.landing().limits));
    if (again) return m_session.doc.endPreview();
    const Remedy& remedy = m_remedies[static_cast<std::size_t>(index)];
    m_session.doc.preview(remedy.edits, q(remedy.title));
}

void FindingsColumn::nextRemedy() {
    m_upToDate->finish();
    if (m_choices.empty()) return;
    const auto at =
        std::find_if(m_choices.begin(), m_choices.end(), [](const RemedyChoice* choice) { return choice->hasFocus(); });
    const std::size_t next =
        at == m_choices.end() ? 0 : static_cast<std::size_t>(at - m_choices.begin() + 1) % m_choices.size();
    chooseRemedy(static_cast<int>(next));
    m_choices[next]->setFocus(Qt::ShortcutFocusReason);
}

void FindingsColumn::askWhyLeft() {
    m_upToDate->finish();
    if (m_reason) m_reason->setFocus(Qt::ShortcutFocusReason);
}

void FindingsColumn::previewChosen() {
    m_upToDate->finish();
    if (m_session.doc.previewLanding() && m_remedy >= 0 && static_cast<std::size_t>(m_remedy) < m_remedies.size() &&
        m_session.doc.previewTitle() == q(m_remedies[static_cast<std::size_t>(m_remedy)].title))
        return m_session.doc.endPreview();
    if (m_remedy < 0 || static_cast<std::size_t>(m_remedy) >= m_remedies.size()) return;
    const Remedy& remedy = m_remedies[static_cast<std::size_t>(m_remedy)];
    m_session.doc.preview(remedy.edits, q(remedy.title));
}

void FindingsColumn::applyChosen() {
    m_upToDate->finish();
    if (m_remedy < 0 || static_cast<std::size_t>(m_remedy) >= m_remedies.size()) return;
    const Remedy remedy = m_remedies[static_cast<std::size_t>(m_remedy)];
    QString name = q(remedy.title);
    if (name.endsWith(QLatin1Char('.'))) name.chop(1);
    m_session.doc.edit(remedy.edits, name);
}

void FindingsColumn::leaveOpen() {
    m_upToDate->finish();
    const Finding* finding = openFindingValue();
    if (!finding || !m_reason) return;
    m_session.doc.edit(leaveAsItIs(*finding, m_reason->text().trimmed().toStdString()));
}

} // namespace lc::app
