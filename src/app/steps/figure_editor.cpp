#include "app/steps/figure_editor.h"

#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/base/wording.h"
#include "app/steps/ruler_view.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/marks.h"
#include "app/widgets/notation_edit.h"
#include "app/widgets/panel_parts.h"
#include "core/figures/moment_starts.h"
#include "core/figures/travel.h"
#include "core/notation/mirror.h"
#include "core/notation/notation_print.h"

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QRegularExpression>
#include <QTimer>
#include <QVBoxLayout>

namespace lc::app {

namespace {

/// A foot as its mark and a word.
class FootLabel : public QWidget {
public:
    FootLabel(Foot foot, bool free, const QString& word, int role, const Theme& theme, QWidget* parent)
        : QWidget(parent), m_foot(foot), m_free(free), m_word(word), m_role(role), m_theme(theme) {
        setFixedHeight(theme.px(20));
        setMinimumWidth(theme.px(20) + QFontMetrics(theme.words(13)).horizontalAdvance(word) + theme.px(6));
        setAccessibleName(word);
    }
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        drawMark(p, m_theme.px(7), height() / 2.0, m_free ? ActionKind::NoWeight : ActionKind::Step, m_foot, false,
                 m_theme.px(12), m_theme.role(m_role));
        p.setFont(m_theme.words(13));
        p.setPen(m_theme.colours().ink);
        p.drawText(QRect(m_theme.px(20), 0, width() - m_theme.px(20), height()), Qt::AlignVCenter | Qt::AlignLeft,
                   m_word);
    }

private:
    Foot m_foot;
    bool m_free;
    QString m_word;
    int m_role;
    const Theme& m_theme;
};

const std::vector<std::pair<Feel, const char*>>& feels() {
    static const std::vector<std::pair<Feel, const char*>> all{
        {Feel::Straight, QT_TRANSLATE_NOOP("lc::app::FigureEditor", "straight: & is ½")},
        {Feel::Swing, QT_TRANSLATE_NOOP("lc::app::FigureEditor", "swung: & and a are ⅔")},
        {Feel::RollingThirds, QT_TRANSLATE_NOOP("lc::app::FigureEditor", "rolling by thirds: & ⅓, a ⅔")},
        {Feel::RollingQuarters, QT_TRANSLATE_NOOP("lc::app::FigureEditor", "rolling by quarters: & ½, a ¾")},
        {Feel::Own, QT_TRANSLATE_NOOP("lc::app::FigureEditor", "own fractions …")}};
    return all;
}

} // namespace

FigureEditor::FigureEditor(FigureDesk& desk, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_desk(desk), m_theme(theme) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(theme.px(22), theme.px(8), theme.px(16), theme.px(4));
    column->setSpacing(theme.px(6));

    auto* head = new QHBoxLayout;
    head->setSpacing(theme.px(8));
    m_name = new QLineEdit(this);
    m_name->setObjectName(QStringLiteral("figureName"));
    m_name->setAccessibleName(tr("Name of the figure"));
    m_name->setToolTip(tr("What the figure is called; click to change it"));
    setManner(m_name, Manner::Quiet);
    m_name->setStyleSheet(QStringLiteral("font-size:%1px;font-weight:800;").arg(theme.px(24)));
    m_name->setMinimumWidth(theme.px(120));
    head->addWidget(m_name, 1);
    m_built = paragraph({}, theme.words(14), Tone::Ink2, this);
    m_built->setWordWrap(false);
    head->addWidget(m_built);
    m_claim = new QLineEdit(this);
    m_claim->setObjectName(QStringLiteral("figureClaim"));
    m_claim->setAccessibleName(tr("Counts it is said to have"));
    m_claim->setToolTip(tr("How many counts it is said to have; empty for as many as it has"));
    m_claim->setFixedWidth(theme.px(44));
    m_claim->setPlaceholderText(QStringLiteral("–"));
    head->addWidget(m_claim);
    column->addLayout(head);
    m_about = paragraph({}, theme.words(13), Tone::Ink2, this);
    m_about->setObjectName(QStringLiteral("figureAbout"));
    column->addWidget(m_about);

    m_grid = new QGridLayout;
    m_grid->setHorizontalSpacing(theme.px(6));
    m_grid->setVerticalSpacing(theme.px(3));
    column->addLayout(m_grid);
    buildChoices(column);
    m_ruler = new RulerView(desk, theme, this);
    m_ruler->setObjectName(QStringLiteral("ruler"));
    column->addWidget(m_ruler);
    m_totals = new QWidget(this);
    m_totalsGrid = new QGridLayout(m_totals);
    m_totalsGrid->setContentsMargins(0, 0, 0, 0);
    m_totalsGrid->setHorizontalSpacing(theme.px(12));
    m_totalsGrid->setVerticalSpacing(0);
    column->addWidget(m_totals);

    connect(m_name, &QLineEdit::textEdited, this, [this](const QString& text) {
        FigureCard card = m_desk.card();
        card.name = text.trimmed().toStdString();
        if (!card.name.empty()) m_desk.change(card);
    });
    connect(m_name, &QLineEdit::returnPressed, this, &FigureEditor::editFirstLine);
    connect(m_name, &QLineEdit::editingFinished, &desk, &FigureDesk::keepNow);
    connect(m_claim, &QLineEdit::editingFinished, this, [this] {
        FigureCard card = m_desk.card();
        const QString text = m_claim->text().trimmed();
        const auto length = parseCount(text.toStdString());
        if (text.isEmpty())
            card.claimed.reset();
        else if (length && *length > Tick{} && *length <= counts(4096))
            card.claimed = *length;
        else {
            Q_EMIT m_desk.told(tr("“%1” is not a number of counts. Write 6, 12 or 13/2, or leave it empty.").arg(text));
            return;
        }
        m_desk.change(card, tr("length of the figure"));
    });
    m_pause = new QTimer(this);
    m_pause->setSingleShot(true);
    m_pause->setInterval(700);
    connect(m_pause, &QTimer::timeout, this, &FigureEditor::refresh);
    connect(&desk, &FigureDesk::cardChanged, this, &FigureEditor::refresh);
    refresh();
}

void FigureEditor::buildChoices(QVBoxLayout* column) {
    auto* row = new FlowLayout(m_theme.px(6)); // words of other languages are longer
    const auto combo = [&](const char* name, const QString& label, const QString& tip) {
        auto* box = new QComboBox(this);
        box->setObjectName(QString::fromLatin1(name));
        box->setAccessibleName(label);
        box->setToolTip(tip);
        keepNarrow(*box, 11);
        row->addWidget(box);
        return box;
    };
    m_feel = combo("feel", tr("Feel"), tr("What & and a are worth in this figure"));
    m_feel->addItem(tr("feel of the routine"));
    for (const auto& [feel, words] : feels()) m_feel->addItem(tr(words));
    m_say = combo("sayAs", tr("Say it as"), tr("How its counts are said and spoken"));
    for (SayAs say : {SayAs::Music, SayAs::EightNumber, SayAs::Figure, SayAs::Stepped, SayAs::SlowQuick})
        m_say->addItem(q(sayInWords(say)), static_cast<int>(say));
    m_start = combo("startCount", tr("Begins on"), tr("The music count on which its count 1 falls"));
    const auto button = [&](const char* name, const QString& text, const QString& tip) {
        auto* b = new QPushButton(text, this);
        b->setObjectName(QString::fromLatin1(name));
        b->setProperty("flat", true);
        b->setCheckable(true);
        b->setToolTip(tip);
        row->addWidget(b);
        return b;
    };
    m_mirror = button("mirror", tr("Seen from the front"), tr("Left and right as a viewer sees them"));
    m_besideButton =
        button("beside", tr("Claps and arms"), tr("What goes on beside the feet: shown, or kept for later"));
    m_besideButton->setChecked(true);
    m_besideButton->setProperty("chosen", true);
    column->addLayout(row);

    connect(m_feel, qOverload<int>(&QComboBox::activated), this, [this](int index) {
        FigureCard card = m_desk.card();
        if (index == 0)
            card.facts.choices.reset();
        else {
            NotationChoices choices = m_desk.choices();
            choices.feel = feels()[static_cast<std::size_t>(index - 1)].first;
            card.facts.choices = choices;
        }
        m_desk.change(card, tr("feel of the figure"));
    });
    connect(m_say, qOverload<int>(&QComboBox::activated), this,
            [this] { m_desk.setSayAs(static_cast<SayAs>(m_say->currentData().toInt())); });
    connect(m_start, qOverload<int>(&QComboBox::activated), this,
            [this](int index) { m_desk.setMusicStart(counts(index + 1)); });
    const auto mark = [](QPushButton* b) {
        b->setProperty("chosen", b->isChecked());
        b->style()->unpolish(b);
        b->style()->polish(b);
    };
    connect(m_mirror, &QPushButton::toggled, this, [this, mark](bool on) {
        mark(m_mirror);
        m_desk.setMirrored(on);
    });
    connect(m_besideButton, &QPushButton::toggled, this, [this, mark](bool on) {
        mark(m_besideButton);
        m_ruler->setBesideShown(on);
    });
}

void FigureEditor::editName() {
    m_name->setFocus(Qt::ShortcutFocusReason);
    m_name->selectAll();
}

void FigureEditor::editFirstLine() {
    if (!m_lines.empty()) m_lines.front().edit->setFocus(Qt::ShortcutFocusReason);
}

QString FigureEditor::remark(std::size_t role) const {
    QStringList all;
    for (auto* label : m_lines.at(role).below->findChildren<QLabel*>()) all << label->text();
    for (auto* button : m_lines.at(role).below->findChildren<QPushButton*>()) all << button->text();
    return all.join(QStringLiteral("\n"));
}

void FigureEditor::addRole() {
    FigureCard card = m_desk.card();
    if (card.lines.size() >= 8) return Q_EMIT m_desk.told(tr("A figure has at most 8 roles."));
    addRoleTo(card);
    m_desk.change(card, tr("another role"));
    m_lines.back().edit->setFocus();
}

void FigureEditor::addRoleTo(FigureCard& card) {
    if (card.lines.size() == 1 && card.lines[0].role == "everyone") card.lines[0].role = "leader";
    std::string name = "follower";
    for (int n = 2;
         std::any_of(card.lines.begin(), card.lines.end(), [&](const FigureLine& l) { return l.role == name; }); ++n)
        name = "row " + std::to_string(n);
    card.lines.push_back({name, ""});
}

void FigureEditor::copyToPartner() {
    if (!m_desk.chosen() || m_lines.empty()) return;
    std::size_t from = 0;
    for (std::size_t r = 0; r < m_lines.size(); ++r)
        if (m_lines[r].edit->hasFocus()) from = r;
    const NotationReading line = m_desk.reading().roles[from].line;
    if (line.error || line.length == Tick{})
        return Q_EMIT m_desk.told(tr("This line cannot be read to its end yet; mend it first."));
    FigureCard card = m_desk.card();
    if (card.lines.size() == 1) addRoleTo(card);
    const std::size_t to = (from + 1) % card.lines.size();
    card.lines[to].text = printNotation(withOtherFeet(line), m_desk.reading().choices);
    m_desk.change(card, tr("copy to the partner"));
    m_lines[to].edit->setFocus();
    m_lines[to].edit->moveCursor(QTextCursor::End);
}

void FigureEditor::rebuildLines() {
    const auto& lines = m_desk.card().lines;
    if (m_lines.size() == lines.size()) return;
    clearLayout(m_grid);
    m_lines.clear();
    for (std::size_t r = 0; r < lines.size(); ++r) {
        Line line;
        line.role = new QLineEdit(this);
        line.role->setAccessibleName(tr("Name of a role"));
        line.role->setToolTip(tr("Who dances this line; delete the name to take the line out"));
        line.role->setFixedWidth(m_theme.px(64));
        line.role->setFocusPolicy(Qt::ClickFocus);
        setManner(line.role, Manner::Quiet);
        setTone(line.role, Theme::roleTone(static_cast<int>(r)));
        line.role->setStyleSheet(QStringLiteral("font-size:%1px;font-weight:500;").arg(m_theme.px(12)));
        line.edit = new NotationEdit(m_theme, this);
        line.edit->setObjectName(QStringLiteral("figureLine%1").arg(r));
        line.edit->setPlaceholderText(r == 0 ? tr("1 side R 2 close L 3 side R 4 touch L") : QString());
        line.read = paragraph({}, m_theme.words(12), Tone::Ink2, this);
        line.read->setWordWrap(false);
        line.read->setMinimumWidth(m_theme.px(78));
        line.below = new QWidget(this);
        line.remarks = new QVBoxLayout(line.below);
        line.remarks->setContentsMargins(0, 0, 0, m_theme.px(2));
        line.remarks->setSpacing(0);
        const int row = static_cast<int>(r) * 2;
        m_grid->addWidget(line.role, row, 0);
        m_grid->addWidget(line.edit, row, 1);
        m_grid->addWidget(line.read, row, 2);
        m_grid->addWidget(line.below, row + 1, 1, 1, 2);
        connect(line.edit, &NotationEdit::typed, this, [this, r](const QString& text) {
            FigureCard card = m_desk.card();
            if (r >= card.lines.size()) return;
            card.lines[r].text = text.toStdString();
            m_pause->start();
            m_desk.change(card);
        });
        connect(line.edit, &NotationEdit::left, &m_desk, &FigureDesk::keepNow);
        connect(line.role, &QLineEdit::editingFinished, this, [this, r] {
            FigureCard card = m_desk.card();
            if (r >= card.lines.size()) return;
            const std::string name = m_lines[r].role->text().trimmed().toStdString();
            if (name == card.lines[r].role) return;
            if (name.empty() && card.lines.size() > 1)
                card.lines.erase(card.lines.begin() + static_cast<std::ptrdiff_t>(r));
            else if (name.empty() || std::any_of(card.lines.begin(), card.lines.end(),
                                                 [&](const FigureLine& l) { return l.role == name; })) {
                m_lines[r].role->setText(q(card.lines[r].role));
                return Q_EMIT m_desk.told(name.empty() ? tr("A figure keeps at least one line.")
                                                       : tr("“%1” has a line already.").arg(q(name)));
            } else
                card.lines[r].role = name;
            m_desk.change(card, tr("name of a role"));
        });
        for (QWidget* widget : std::initializer_list<QWidget*>{line.role, line.edit, line.read, line.below})
            widget->show(); // at once, so that it can take the focus
        m_lines.push_back(line);
    }
    orderTabs();
}

/// Tab goes as one reads: name, length, each line with the answers below it, then how it is counted and seen.
void FigureEditor::orderTabs() {
    QWidget* before = m_claim;
    setTabOrder(m_name, m_claim);
    for (const Line& line : m_lines) {
        setTabOrder(before, line.edit);
        before = line.edit;
        for (auto* answer : line.below->findChildren<QPushButton*>(QString(), Qt::FindDirectChildrenOnly)) {
            setTabOrder(before, answer);
            before = answer;
        }
    }
    for (QWidget* widget : std::initializer_list<QWidget*>{m_feel, m_say, m_start, m_mirror, m_besideButton}) {
        setTabOrder(before, widget);
        before = widget;
    }
}

void FigureEditor::showRemarks(std::size_t r) {
    Line& line = m_lines[r];
    const RoleReading& role = m_desk.reading().roles[r];
    const auto& error = role.line.error;
    QString shown = error ? q(error->text) : QString();
    std::vector<NotationQuestion> questions = role.line.questions;
    if (m_pause->isActive())
        std::erase_if(questions, [&](const NotationQuestion& asked) {
            return asked.finish >= role.text.size();
        }); // the word is still being typed
    for (const auto& question : questions) shown += q(question.text) + q(role.text);
    for (const auto& note : role.line.notes) shown += q(note.text);
    const QString other = m_desk.mirrored() && !error ? q(printNotation(mirrored(role.line), m_desk.reading().choices))
                                                      : QString(); // for the viewer
    shown += other + q(role.notation);
    line.edit->offerNotation(q(role.notation));
    line.edit->setReading(role.line, !role.notation.empty());
    line.edit->setWords(m_desk.words().sayable());
    if (error)
        line.edit->markBytes(error->begin, std::max(error->finish, error->begin + 1));
    else if (!questions.empty())
        line.edit->markBytes(questions[0].begin, questions[0].finish);
    else {
        const auto foot = std::find_if(role.line.notes.begin(), role.line.notes.end(),
                                       [](const NotationRemark& n) { return n.kind == RemarkKind::FootNotFree; });
        if (foot != role.line.notes.end())
            line.edit->markBytes(foot->begin, foot->finish);
        else
            line.edit->markBytes(0, 0);
    }
    if (shown == line.shown) return;
    line.shown = shown;
    clearLayout(line.remarks);
    if (!other.isEmpty())
        line.remarks->addWidget(
            paragraph(tr("From the front: %1").arg(other), m_theme.words(13), Tone::Ink2, line.below));
    if (!role.notation.empty() && !error) {
        auto* says = paragraph(tr("Read as: %1").arg(q(role.notation)), m_theme.words(13), Tone::Ink, line.below);
        says->setObjectName(QStringLiteral("readAs"));
        line.remarks->addWidget(says);
        auto* button = new QPushButton(tr("Write it so: F12"), line.below);
        button->setProperty("flat", true);
        button->setObjectName(QStringLiteral("writeAsRead"));
        button->setToolTip(tr("Puts what was read, in the notation, in the place of the line"));
        connect(button, &QPushButton::clicked, line.edit, [edit = line.edit] {
            edit->writeNotation();
            edit->setFocus();
        });
        line.remarks->addWidget(button, 0, Qt::AlignLeft);
    }
    if (error)
        line.remarks->addWidget(
            paragraph(tr("At character %1: %2").arg(characterNumber(role.text, error->begin)).arg(q(error->text)),
                      m_theme.words(13, Weight::Medium), Tone::Ink, line.below));
    for (const NotationQuestion& question : questions) {
        line.remarks->addWidget(paragraph(q(question.text), m_theme.words(13, Weight::Bold), Tone::Ink, line.below));
        for (const NotationAnswer& answer : question.answers) {
            auto* button = new QPushButton(
                onButton((answer.taken ? tr("%1: %2, then %3 free  (read so now)") : tr("%1: %2, then %3 free"))
                             .arg(q(answer.text), q(inCounts(answer.length)), q(footWord(answer.freeAfter)))),
                line.below);
            button->setProperty("flat", true);
            button->setObjectName(QStringLiteral("answer"));
            button->setToolTip(answer.word
                                   ? tr("Keeps the word with this meaning: here and from now on the line is read as %1")
                                         .arg(q(answer.line))
                                   : tr("Writes it so that only this is meant: %1").arg(q(answer.line)));
            connect(button, &QPushButton::clicked, this, [this, r, text = answer.line, word = answer.word] {
                if (word) {
                    if (m_desk.keepWord(*word)) m_lines[r].edit->setFocus();
                    return;
                }
                FigureCard card = m_desk.card();
                if (r >= card.lines.size()) return;
                card.lines[r].text = text;
                m_desk.change(card, tr("answer a question"));
                m_lines[r].edit->setFocus();
            });
            line.remarks->addWidget(button, 0, Qt::AlignLeft);
        }
    }
    if (!error)
        for (const NotationRemark& note : role.line.notes)
            if (note.kind == RemarkKind::FootNotFree || questions.empty()) {
                line.remarks->addWidget(paragraph(q(note.text), m_theme.words(12), Tone::Ink2, line.below));
                break;
            }
    orderTabs();
}

void FigureEditor::refresh() {
    const FigureCard& card = m_desk.card();
    const FigureReading& read = m_desk.reading();
    const bool any = m_desk.chosen() != nullptr;
    setEnabled(any);
    if (!m_name->hasFocus() || m_name->text().trimmed().toStdString() != card.name) m_name->setText(q(card.name));
    m_built->setText(!any                    ? QString()
                     : read.length == Tick{} ? tr("nothing written yet, said to have")
                                             : tr("%1, said to have").arg(q(inCounts(read.length))));
    if (!m_claim->hasFocus()) m_claim->setText(card.claimed ? q(toCountString(*card.claimed)) : QString());
    const ShownFigure* now = m_desk.chosen();
    QStringList about;
    if (!any) about << tr("No figure is chosen. Choose one at the left, or begin a new one with Ctrl+Shift+N.");
    for (QWidget* widget :
         std::initializer_list<QWidget*>{m_name, m_built, m_claim, m_feel, m_say, m_start, m_mirror, m_ruler, m_totals})
        widget->setVisible(any);
    if (!card.facts.description.empty()) about << q(card.facts.description);
    if (now && !now->differs.isEmpty())
        about << tr("Not as in the vocabulary: %1.").arg(now->differs.join(QStringLiteral(", ")));
    m_about->setText(about.join(QStringLiteral(" ")));
    m_about->setVisible(!about.isEmpty());

    rebuildLines();
    for (std::size_t r = 0; r < m_lines.size() && r < read.roles.size(); ++r) {
        Line& line = m_lines[r];
        if (!line.role->hasFocus()) line.role->setText(q(card.lines[r].role));
        line.edit->showText(q(card.lines[r].text));
        line.edit->setAccessibleName(tr("Line of %1").arg(q(card.lines[r].role)));
        const RoleReading& role = read.roles[r];
        const auto steps = std::count_if(role.line.actions.begin(), role.line.actions.end(),
                                         [](const Action& a) { return a.usesFoot(); });
        line.read->setText(role.line.error ? tr("read to %1").arg(q(toSpokenCount(role.line.length)))
                           : role.line.questions.empty()
                               ? (steps == 1 ? tr("read: 1 step") : tr("read: %1 steps").arg(steps))
                               : tr("a question"));
        showRemarks(r);
    }
    const auto& choices = card.facts.choices;
    m_feel->setItemText(0, tr("as the routine"));
    int feel = 0;
    if (choices)
        for (std::size_t i = 0; i < feels().size(); ++i)
            if (feels()[i].first == choices->feel) feel = static_cast<int>(i) + 1;
    m_feel->setCurrentIndex(feel);
    if (m_start->count() != m_desk.set()) {
        m_start->clear();
        for (std::int64_t n = 1; n <= m_desk.set(); ++n) m_start->addItem(tr("begins on %1").arg(n));
    }
    m_start->setCurrentIndex(static_cast<int>(wholeCounts(m_desk.musicStart())) - 1);
    m_say->setCurrentIndex(m_say->findData(static_cast<int>(m_desk.sayAs())));
    const bool beside = std::any_of(read.roles.begin(), read.roles.end(), [](const RoleReading& role) {
        return std::any_of(role.line.actions.begin(), role.line.actions.end(),
                           [](const Action& a) { return !a.beside.empty(); });
    });
    m_besideButton->setVisible(beside);
    showTotals();
}

void FigureEditor::showTotals() {
    const FigureReading& read = m_desk.reading();
    QString shown;
    for (const RoleReading& role : read.roles)
        shown += QStringLiteral("%1|%2|%3|%4|%5|%6|%7|%8;")
                     .arg(q(role.role))
                     .arg(role.line.length.value)
                     .arg(role.changes)
                     .arg(int(role.freeIn))
                     .arg(int(role.freeOut))
                     .arg(role.turn.value)
                     .arg(q(toString(role.coupleOut)) + q(travelInWords(travelOf(role))),
                          role.needs ? QStringLiteral("n") : QString());
    for (const MeetPoint& meet : read.meetPoints) shown += QLatin1Char(meet.met ? '1' : '0');
    for (const RoleReading& role : read.roles)
        for (Tick at : breakSteps(role.line)) shown += QString::number(at.value);
    shown += QString::number(m_desk.musicStart().value);
    if (shown == m_totalsShown) return;
    m_totalsShown = shown;
    clearLayout(m_totalsGrid);
    if (read.roles.empty() || read.length == Tick{}) return;
    const bool couple =
        std::any_of(read.roles.begin(), read.roles.end(), [](const RoleReading& r) { return !r.coupleOut.empty(); });
    const bool breaks = std::any_of(read.roles.begin(), read.roles.end(),
                                    [](const RoleReading& r) { return !breakSteps(r.line).empty(); });
    QStringList heads{QString(),  tr("counts"), tr("weight changes"), tr("starts on"), tr("free at the end"),
                      tr("turn"), tr("travels")};
    if (breaks) heads << tr("breaks on");
    if (couple) heads << tr("ends");
    if (read.roles.size() > 1) heads << tr("meets");
    for (int col = 0; col < heads.size(); ++col)
        m_totalsGrid->addWidget(paragraph(heads[col], m_theme.words(12), Tone::Ink2, m_totals), 0, col);
    for (std::size_t r = 0; r < read.roles.size(); ++r) {
        const RoleReading& role = read.roles[r];
        const int row = static_cast<int>(r) + 1;
        int col = 0;
        const Tone tone = Theme::roleTone(static_cast<int>(r));
        const auto put = [&](const QString& text, const QFont& font, Tone ink) {
            auto* label = paragraph(text, font, ink, m_totals);
            label->setWordWrap(false);
            m_totalsGrid->addWidget(label, row, col++);
        };
        put(q(role.role), m_theme.words(12, Weight::Medium), tone);
        put(q(toSpokenCount(role.line.length)), m_theme.numbers(14, true), Tone::Ink);
        put(QString::number(role.changes), m_theme.numbers(14, true), Tone::Ink);
        m_totalsGrid->addWidget(new FootLabel(role.freeIn, false, role.needs ? q(footWord(role.freeIn)) : tr("either"),
                                              static_cast<int>(r), m_theme, m_totals),
                                row, col++);
        m_totalsGrid->addWidget(new FootLabel(role.freeOut, true,
                                              role.needs || role.freeOut == Foot::Both ? q(footWord(role.freeOut))
                                              : role.freeOut == role.freeIn            ? tr("the same")
                                                                                       : tr("the other"),
                                              static_cast<int>(r), m_theme, m_totals),
                                row, col++);
        put(q(turnSaid(role.turn)), m_theme.words(13), Tone::Ink);
        put(q(travelInWords(travelOf(role))), m_theme.words(12), Tone::Ink);
        if (breaks) {
            QStringList on;
            for (const Tick at : breakSteps(role.line)) {
                const std::int64_t music = (wholeCounts(m_desk.musicStart()) - 1 + wholeCounts(at)) % m_desk.set();
                on << QString::number(music + 1);
            }
            put(on.join(QStringLiteral(", ")), m_theme.numbers(13, true), Tone::Ink);
        }
        if (couple) put(q(toString(role.coupleOut)), m_theme.words(12), Tone::Ink);
        if (read.roles.size() > 1 && !read.meetPoints.empty()) {
            const bool met =
                std::all_of(read.meetPoints.begin(), read.meetPoints.end(), [](const MeetPoint& m) { return m.met; });
            put(met ? tr("■ end") : tr("□ misses"), m_theme.words(12), Tone::Ink);
        }
        m_totalsGrid->setColumnStretch(col, 1);
    }
}

} // namespace lc::app
