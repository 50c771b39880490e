#include "app/steps/figure_pages.h"

#include "app/shell/wording.h"
#include "app/steps/figure_desk.h"
#include "app/steps/plain_table.h"
#include "core/base/text_rows.h"
#include "core/figures/frames.h"
#include "core/notation/notation_print.h"

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

namespace lc::app {

namespace {

QString q(const std::string& text) { return QString::fromStdString(text); }

QSpinBox* spin(const char* name, const QString& what, int least, int most, const Theme& theme, QWidget* parent) {
    auto* box = new QSpinBox(parent);
    box->setObjectName(QString::fromLatin1(name));
    box->setAccessibleName(what);
    box->setRange(least, most);
    box->setFixedWidth(theme.px(48));
    return box;
}

QVBoxLayout* pageColumn(const Theme& theme, QWidget* page) {
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, theme.px(4), 0, 0);
    column->setSpacing(theme.px(4));
    return column;
}

QString rolesAtJoint(const Joint& joint, bool facing) {
    QStringList all;
    for (const RoleAtJoint& role : joint.roles) all << (facing ? q(toClock(role.facing)) : q(freeFootInWords(role.free)));
    return all.join(QStringLiteral(" / "));
}

void showJoints(PlainTable& table, const Chain& chain, const std::vector<QString>& names) {
    table.clearRows();
    for (std::size_t i = 0; i < chain.joints.size(); ++i) {
        const Joint& joint = chain.joints[i];
        QStringList breaks;
        for (const std::string& text : joint.breaks) breaks << q(text);
        table.addRow({i < names.size() ? names[i] : QObject::tr("end"), q(toSpokenCount(joint.at + counts(1))), q(toSpokenCount(joint.musicCount)), rolesAtJoint(joint, false), q(toString(joint.couple)),
                      rolesAtJoint(joint, true), breaks.isEmpty() ? QObject::tr("fits") : breaks.join(QStringLiteral("; "))});
    }
}

const QStringList& jointHeads() {
    static const QStringList heads{QObject::tr("begins"), QObject::tr("at count"), QObject::tr("music"), QObject::tr("free foot"), QObject::tr("hold"), QObject::tr("facing"), QObject::tr("joint")};
    return heads;
}

} // namespace

// ---------------------------------------------------------------- fillers

FillersPage::FillersPage(FigureDesk& desk, const Theme& theme, QWidget* parent) : QWidget(parent), m_desk(desk) {
    auto* column = pageColumn(theme, this);
    auto* top = new QHBoxLayout;
    top->addWidget(paragraph(tr("Fill"), theme.words(13), theme.colours().ink2, this));
    m_counts = spin("fillCounts", tr("Counts to fill"), 1, 64, theme, this);
    top->addWidget(m_counts);
    top->addWidget(paragraph(tr("counts and leave free"), theme.words(13), theme.colours().ink2, this));
    m_leave = new QComboBox(this);
    m_leave->setObjectName(QStringLiteral("fillLeave"));
    m_leave->setAccessibleName(tr("Foot that is free after it"));
    for (const QString& words : {tr("the foot it begins with"), tr("the left foot"), tr("the right foot"), tr("either foot")}) m_leave->addItem(words);
    top->addWidget(m_leave);
    top->addStretch();
    m_add = new QPushButton(tr("Write it behind the figure"), this);
    m_add->setObjectName(QStringLiteral("addFiller"));
    m_add->setProperty("main", true);
    m_add->setToolTip(tr("The figure ends with this filler (Enter)"));
    top->addWidget(m_add);
    column->addLayout(top);
    m_says = paragraph({}, theme.words(13), theme.colours().ink2, this);
    m_says->setObjectName(QStringLiteral("fillSays"));
    column->addWidget(m_says);
    m_table = new PlainTable({tr("filler"), tr("pieces"), tr("changes"), tr("leaves free"), tr("made of")}, theme, this);
    m_table->setObjectName(QStringLiteral("fillers"));
    m_table->setAccessibleName(tr("Fillers, cheapest first"));
    column->addWidget(m_table, 1);
    connect(m_counts, qOverload<int>(&QSpinBox::valueChanged), this, [this] { m_ownCounts = true; refresh(); });
    connect(m_leave, qOverload<int>(&QComboBox::currentIndexChanged), this, &FillersPage::refresh);
    connect(m_add, &QPushButton::clicked, this, &FillersPage::addChosen);
    connect(m_table, &QTableWidget::itemActivated, this, &FillersPage::addChosen);
    connect(&desk, &FigureDesk::cardChanged, this, &FillersPage::refresh);
    connect(&desk, &FigureDesk::chosenChanged, this, [this] { m_ownCounts = false; });
    refresh();
}

void FillersPage::refresh() {
    const FigureReading& read = m_desk.reading();
    m_table->clearRows();
    m_add->setEnabled(false);
    if (read.roles.empty() || !read.readable()) {
        m_says->setText(tr("Write the figure's counts first."));
        return;
    }
    const Tick set = counts(m_desk.set());
    const Tick after = m_desk.musicStart() - counts(1) + read.length;
    const std::int64_t over = after.value % set.value;
    const Tick left = over == 0 ? Tick{} : set - Tick{over};
    if (!m_ownCounts) {
        const QSignalBlocker quiet(m_counts);
        m_counts->setValue(static_cast<int>(std::clamp<std::int64_t>(wholeCounts(left), 1, 64)));
    }
    const RoleReading& first = read.roles.front();
    m_pieces = barePieces();
    for (const ShownFigure& figure : m_desk.figures()) {
        if (figure.inRoutine() || figure.digest.couple || !isWhole(figure.digest.length) || figure.digest.length < counts(1) || figure.digest.length > counts(16)) continue;
        const FigureReading body = readFigure(figure.card, m_desk.choices());
        if (!body.readable() || body.untimed) continue;
        m_pieces.push_back({figure.card.name, body.length, body.roles.front().changes, body.roles.front().freeOut != body.roles.front().freeIn, body.roles.front().needs,
                            body.roles.front().text, false});
    }
    FillersAsked asked;
    asked.counts = counts(m_counts->value());
    asked.free = first.freeOut == Foot::Right ? Foot::Right : Foot::Left;
    if (m_leave->currentIndex() == 0) asked.leave = first.freeIn;
    if (m_leave->currentIndex() == 1) asked.leave = Foot::Left;
    if (m_leave->currentIndex() == 2) asked.leave = Foot::Right;
    const auto fillers = fillersFor(asked, m_pieces);
    if (!fillers) return m_says->setText(q(fillers.error().message));
    m_fillers = *fillers;
    QString says = left == Tick{} && !m_ownCounts ? tr("The figure ends before a 1: nothing is left to fill. ") : QString();
    const QString many = m_fillers.all ? tr("%L1 in all").arg(static_cast<qulonglong>(*m_fillers.all)) : tr("more than can be counted");
    says += m_fillers.cheapest.empty() ? tr("Nothing here fills %1 from the %2 foot. Ask for the other foot.").arg(q(countsInWords(asked.counts)), q(freeFootInWords(asked.free)))
                                       : tr("From the %1 foot free: %2, the fewest pieces first.").arg(q(freeFootInWords(asked.free)), many);
    m_says->setText(says);
    for (const Filler& filler : m_fillers.cheapest) {
        QStringList made;
        bool bare = true;
        for (const std::size_t p : filler.pieces) bare = bare && m_pieces[p].bare;
        m_table->addRow({q(fillerName(filler, m_pieces)), QString::number(filler.pieces.size()), QString::number(filler.changes), q(freeFootInWords(filler.leaves)), bare ? tr("bare steps") : tr("vocabulary")});
    }
    if (m_table->rowCount() > 0) {
        m_table->selectRow(0);
        m_add->setEnabled(read.roles.size() == 1);
        m_add->setToolTip(read.roles.size() == 1 ? tr("The figure ends with this filler (Enter)") : tr("A couple's filler is written by hand: each role has its own feet"));
    }
}

void FillersPage::addChosen() {
    const int row = m_table->currentRow();
    if (row < 0 || static_cast<std::size_t>(row) >= m_fillers.cheapest.size() || m_desk.reading().roles.size() != 1) return;
    NotationReading line = m_desk.reading().roles.front().line;
    for (const std::size_t p : m_fillers.cheapest[static_cast<std::size_t>(row)].pieces) {
        const NotationReading piece = readNotation(m_pieces[p].notation, m_desk.choices());
        for (Action action : piece.actions) {
            action.at += line.length;
            action.said.reset(); // the feet follow
            line.actions.push_back(std::move(action));
        }
        line.length += m_pieces[p].length;
    }
    FigureCard card = m_desk.card();
    card.lines.front().text = printNotation(line, m_desk.choices());
    if (card.claimed) card.claimed = line.length;
    m_ownCounts = false;
    m_desk.change(card, tr("add a filler"));
}

// ---------------------------------------------------------------- chain

ChainPage::ChainPage(FigureDesk& desk, const Theme& theme, QWidget* parent) : QWidget(parent), m_desk(desk) {
    auto* column = pageColumn(theme, this);
    m_names = new QLineEdit(this);
    m_names->setObjectName(QStringLiteral("chainNames"));
    m_names->setAccessibleName(tr("Figures one after another"));
    m_names->setPlaceholderText(tr("names with / between, such as: Vine and touch / Step, half turn / Vine and touch"));
    m_names->setToolTip(tr("Names of figures with / between; “this” is the chosen one"));
    column->addWidget(m_names);
    m_says = paragraph({}, theme.words(13), theme.colours().ink2, this);
    m_says->setObjectName(QStringLiteral("chainSays"));
    column->addWidget(m_says);
    m_table = new PlainTable(jointHeads(), theme, this);
    m_table->setObjectName(QStringLiteral("joints"));
    m_table->setAccessibleName(tr("Joints"));
    column->addWidget(m_table, 1);
    m_names->setText(QStringLiteral("this / this"));
    connect(m_names, &QLineEdit::textChanged, this, &ChainPage::refresh);
    connect(&desk, &FigureDesk::cardChanged, this, &ChainPage::refresh);
    refresh();
}

QString ChainPage::says() const { return m_says->text(); }

void ChainPage::add(const QString& name) { m_names->setText(m_names->text().trimmed().isEmpty() ? name : m_names->text() + QStringLiteral(" / ") + name); }

void ChainPage::refresh() {
    const std::string typed = m_names->text().toStdString();
    std::vector<FigureReading> readings;
    std::vector<QString> names;
    for (const std::string_view piece : pieces(typed, '/')) {
        const QString name = QString::fromStdString(std::string(trimmed(piece)));
        if (name.isEmpty()) continue;
        const FigureCard* card = name.compare(tr("this"), Qt::CaseInsensitive) == 0 ? &m_desk.card() : nullptr;
        for (const ShownFigure& figure : m_desk.figures())
            if (!card && q(figure.card.name).compare(name, Qt::CaseInsensitive) == 0) card = &figure.card;
        if (!card) {
            m_table->clearRows();
            return m_says->setText(tr("There is no figure “%1”. Write names as they stand in the list, with / between.").arg(name));
        }
        readings.push_back(readFigure(*card, m_desk.choices()));
        names.push_back(q(card->name));
    }
    std::vector<ChainLink> links;
    for (std::size_t i = 0; i < readings.size(); ++i) links.push_back({names[i].toStdString(), &readings[i]});
    if (links.empty()) {
        m_table->clearRows();
        return m_says->setText(tr("Write which figures follow one another."));
    }
    const Chain chain = chainFigures(links, counts(m_desk.set()));
    const auto broken = std::count_if(chain.joints.begin(), chain.joints.end(), [](const Joint& joint) { return !joint.breaks.empty(); });
    const std::int64_t over = chain.length.value % counts(m_desk.set()).value;
    m_says->setText(tr("%1 in all, %2; %3.").arg(q(countsInWords(chain.length)), over == 0 ? tr("then a 1 again") : tr("%1 to the next 1").arg(q(countsInWords(counts(m_desk.set()) - Tick{over}))),
                                               broken == 0 ? tr("every joint fits") : broken == 1 ? tr("one joint breaks") : tr("%1 joints break").arg(broken)));
    showJoints(*m_table, chain, names);
}

// ---------------------------------------------------------------- frame

FramePage::FramePage(FigureDesk& desk, const Theme& theme, QWidget* parent) : QWidget(parent), m_desk(desk) {
    auto* column = pageColumn(theme, this);
    auto* top = new QHBoxLayout;
    top->addWidget(paragraph(tr("Entry"), theme.words(13), theme.colours().ink2, this));
    m_entry = spin("frameEntry", tr("Counts of the entry"), 0, 64, theme, this);
    top->addWidget(m_entry);
    top->addWidget(paragraph(tr("close"), theme.words(13), theme.colours().ink2, this));
    m_close = spin("frameClose", tr("Counts of the close"), 0, 64, theme, this);
    top->addWidget(m_close);
    m_says = paragraph({}, theme.words(13), theme.colours().ink2, this);
    m_says->setObjectName(QStringLiteral("frameSays"));
    top->addWidget(m_says, 1);
    m_make = new QPushButton(tr("New figure with this body"), this);
    m_make->setObjectName(QStringLiteral("makeBody"));
    m_make->setProperty("main", true);
    top->addWidget(m_make);
    column->addLayout(top);
    m_table = new PlainTable({tr("body"), tr("counts"), tr("fits")}, theme, this);
    m_table->setObjectName(QStringLiteral("bodies"));
    m_table->setAccessibleName(tr("Bodies"));
    column->addWidget(m_table, 1);
    const auto changed = [this] {
        FigureCard card = m_desk.card();
        card.facts.entry = counts(m_entry->value());
        card.facts.close = counts(m_close->value());
        m_desk.change(card, tr("frame"));
    };
    connect(m_entry, qOverload<int>(&QSpinBox::valueChanged), this, changed);
    connect(m_close, qOverload<int>(&QSpinBox::valueChanged), this, changed);
    connect(m_make, &QPushButton::clicked, this, &FramePage::danceChosen);
    connect(m_table, &QTableWidget::itemActivated, this, &FramePage::danceChosen);
    connect(m_table, &QTableWidget::itemSelectionChanged, this, [this] {
        const int row = m_table->currentRow();
        m_make->setEnabled(row >= 0 && static_cast<std::size_t>(row) < m_fits.size() && m_fits[static_cast<std::size_t>(row)]);
    });
    connect(&desk, &FigureDesk::cardChanged, this, &FramePage::refresh);
    refresh();
}

void FramePage::refresh() {
    const FigureCard& card = m_desk.card();
    const FigureReading& read = m_desk.reading();
    {
        const QSignalBlocker a(m_entry), b(m_close);
        m_entry->setValue(static_cast<int>(wholeCounts(card.facts.entry)));
        m_close->setValue(static_cast<int>(wholeCounts(card.facts.close)));
    }
    m_table->clearRows();
    m_bodies.clear();
    m_fits.clear();
    m_make->setEnabled(false);
    const Tick body = read.length - card.facts.entry - card.facts.close;
    if (card.facts.entry + card.facts.close == Tick{}) return m_says->setText(tr("Say how many counts at its head and end stay; what is between can be exchanged."));
    if (body <= Tick{} || !read.readable()) return m_says->setText(tr("Entry and close leave no room for a body."));
    struct Row { const ShownFigure* figure; BodyFit fit; Tick length; };
    std::vector<Row> rows;
    for (const ShownFigure& figure : m_desk.figures()) {
        if (figure.key() == (m_desk.chosen() ? m_desk.chosen()->key() : QString())) continue;
        const FigureReading other = readFigure(figure.card, m_desk.choices());
        rows.push_back({&figure, bodyFits(card, read, other), other.length});
    }
    std::stable_sort(rows.begin(), rows.end(), [&](const Row& a, const Row& b) { // those that fit first, then those of the right length
        const auto rank = [&](const Row& r) { return r.fit.fits ? 0 : r.length == body ? 1 : 2; };
        return rank(a) < rank(b);
    });
    int fitting = 0;
    for (const Row& row : rows) {
        fitting += row.fit.fits;
        m_bodies.push_back(row.figure->card);
        m_fits.push_back(row.fit.fits);
        m_table->addRow({q(row.figure->card.name), q(toSpokenCount(row.length)), row.fit.fits ? tr("fits") : q(row.fit.why)}, !row.fit.fits);
    }
    m_says->setText(tr("The body has %1; figures that fit: %2.").arg(q(countsInWords(body))).arg(fitting));
    if (fitting > 0) m_table->selectRow(0);
}

void FramePage::danceChosen() {
    const int row = m_table->currentRow();
    if (row < 0 || static_cast<std::size_t>(row) >= m_fits.size() || !m_fits[static_cast<std::size_t>(row)]) return;
    const FigureCard& body = m_bodies[static_cast<std::size_t>(row)];
    FigureCard made = withBody(m_desk.card(), m_desk.reading(), body, readFigure(body, m_desk.choices()));
    made.name += ", " + body.name;
    m_desk.duplicate(made);
}

// ---------------------------------------------------------------- drill

DrillPage::DrillPage(FigureDesk& desk, const Theme& theme, QWidget* parent) : QWidget(parent), m_desk(desk) {
    auto* column = pageColumn(theme, this);
    auto* top = new QHBoxLayout;
    for (int i = 0; i < 3; ++i) {
        Item item;
        item.times = spin("drillTimes", tr("How often"), 0, 64, theme, this);
        item.times->setObjectName(QStringLiteral("drillTimes%1").arg(i));
        item.times->setValue(i == 0 ? 4 : 2);
        item.what = new QComboBox(this);
        item.what->setObjectName(QStringLiteral("drillWhat%1").arg(i));
        item.what->setAccessibleName(tr("What is danced"));
        item.what->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        item.what->setMinimumContentsLength(11);
        top->addWidget(item.times);
        top->addWidget(paragraph(QStringLiteral("×"), theme.words(13), theme.colours().ink2, this));
        top->addWidget(item.what, 1);
        m_items.push_back(item);
        connect(item.times, qOverload<int>(&QSpinBox::valueChanged), this, &DrillPage::refresh);
        connect(item.what, qOverload<int>(&QComboBox::activated), this, &DrillPage::refresh);
    }
    m_balance = new QPushButton(tr("Both sides"), this);
    m_balance->setObjectName(QStringLiteral("balanceDrill"));
    m_balance->setCheckable(true);
    m_balance->setToolTip(tr("Adds the other side, so that both feet begin as often"));
    top->addWidget(m_balance);
    auto* hear = new QPushButton(tr("Hear"), this);
    hear->setObjectName(QStringLiteral("hearDrill"));
    hear->setToolTip(tr("All of it with clicks, steps and spoken counts"));
    top->addWidget(hear);
    column->addLayout(top);
    m_says = paragraph({}, theme.words(13), theme.colours().ink2, this);
    m_says->setObjectName(QStringLiteral("drillSays"));
    column->addWidget(m_says);
    m_scaled = paragraph({}, theme.words(12), theme.colours().ink2, this);
    m_scaled->setObjectName(QStringLiteral("drillScaled"));
    column->addWidget(m_scaled);
    m_table = new PlainTable(jointHeads(), theme, this);
    m_table->setObjectName(QStringLiteral("drill"));
    m_table->setAccessibleName(tr("Repetitions"));
    column->addWidget(m_table, 1);
    connect(m_balance, &QPushButton::toggled, this, [this](bool on) { m_balanced = on; refresh(); });
    connect(hear, &QPushButton::clicked, this, [this] { Q_EMIT hearWanted(*this); });
    connect(&desk, &FigureDesk::cardChanged, this, &DrillPage::refresh);
    refresh();
}

QString DrillPage::says() const { return m_says->text() + QStringLiteral("\n") + m_scaled->text(); }

std::vector<DrillItem> DrillPage::items() const {
    std::vector<DrillItem> out;
    const auto& versions = m_desk.card().facts.versions;
    for (const Item& item : m_items) {
        const int what = item.what->currentIndex();
        if (item.times->value() == 0 || what < 0) continue;
        if (what == 0) out.push_back({"as written", item.times->value(), m_desk.reading()});
        else if (static_cast<std::size_t>(what) <= versions.size())
            out.push_back({versions[static_cast<std::size_t>(what) - 1].name, item.times->value(), readFigureLines(versions[static_cast<std::size_t>(what) - 1].lines, m_desk.choices())});
    }
    return out;
}

void DrillPage::refresh() {
    QString offered;
    for (const FigureVersion& version : m_desk.card().facts.versions) offered += q(version.name) + '\n';
    if (offered != m_offered || m_items[0].what->count() == 0) {
        m_offered = offered;
        for (std::size_t i = 0; i < m_items.size(); ++i) {
            const int was = m_items[i].what->currentIndex();
            m_items[i].what->clear();
            m_items[i].what->addItem(tr("as written"));
            for (const FigureVersion& version : m_desk.card().facts.versions) m_items[i].what->addItem(q(version.name));
            m_items[i].what->setCurrentIndex(was > 0 && was < m_items[i].what->count() ? was : i == 1 && m_items[i].what->count() > 1 ? 1 : 0);
        }
    }
    m_table->clearRows();
    m_drill = {};
    m_scaled->clear();
    const FigureReading& read = m_desk.reading();
    if (read.roles.empty() || !read.readable() || read.length == Tick{}) return m_says->setText(tr("Write the figure's counts first."));
    auto all = items();
    if (m_balanced) all = balancedItems(all);
    if (all.empty()) return m_says->setText(tr("Say how often what is danced."));
    m_drill = makeDrill(all, counts(m_desk.set()));
    const Foot less = m_drill.lessUsed();
    const QString versionsHint = m_desk.card().facts.versions.empty() ? tr(" Keep versions on the bench to drill them here.") : QString();
    m_says->setText(tr("%1: %2 at %3 s. Begins %4× left, %5× right%6.%7").arg(q(m_drill.sentence), q(countsInWords(m_drill.chain.length)))
                        .arg(static_cast<double>(m_drill.chain.length.value) / static_cast<double>(ticksPerCount) * m_desk.secondsPerCount(), 0, 'f', 1).arg(m_drill.startsLeft).arg(m_drill.startsRight)
                        .arg(less == Foot::Both ? QString() : tr(": the %1 is less used, “Both sides” adds it").arg(q(freeFootInWords(less))), versionsHint));
    std::vector<QString> names;
    for (const DrillItem& item : all)
        for (int i = 0; i < item.times; ++i) names.push_back(q(item.name));
    showJoints(*m_table, m_drill.chain, names);
    QStringList scaled;
    for (const ScaledSet& set : scaleSet({{m_desk.card().name, &read}}, {4, 2, 1}, {}, counts(m_desk.set()))) {
        QStringList findings;
        for (const std::string& finding : set.findings) findings << q(finding);
        scaled << tr("%1×: %2, %3 changes, %4").arg(set.times).arg(q(countsInWords(set.length))).arg(set.changes).arg(findings.isEmpty() ? tr("fits") : findings.join(QStringLiteral(" and ")));
    }
    m_scaled->setText(tr("In sets: ") + scaled.join(QStringLiteral("; ")) + QStringLiteral("."));
}

// ---------------------------------------------------------------- card

CardPage::CardPage(FigureDesk& desk, const Theme& theme, QWidget* parent) : QWidget(parent), m_desk(desk), m_theme(theme) {
    auto* column = pageColumn(theme, this);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(theme.px(8));
    grid->setVerticalSpacing(theme.px(3));
    const auto list = [](const QString& text) {
        std::vector<std::string> all;
        for (const QString& one : text.split(QLatin1Char(','), Qt::SkipEmptyParts))
            if (!one.trimmed().isEmpty()) all.push_back(one.trimmed().toStdString());
        return all;
    };
    int place = 0;
    const auto field = [&](const char* name, const QString& label, auto&& write) {
        auto* edit = new QLineEdit(this);
        edit->setObjectName(QString::fromLatin1(name));
        edit->setAccessibleName(label);
        const int row = place / 2, col = (place % 2) * 2;
        grid->addWidget(paragraph(label, theme.words(12), theme.colours().ink2, this), row, col);
        grid->addWidget(edit, row, col + 1);
        ++place;
        connect(edit, &QLineEdit::editingFinished, this, [this, edit, write] {
            if (m_showing) return;
            FigureCard card = m_desk.card();
            write(card.facts, edit->text().trimmed());
            m_desk.change(card, tr("card of the figure"));
        });
    };
    field("cardDescription", tr("in one line"), [](FigureFacts& f, const QString& t) { f.description = t.toStdString(); });
    field("cardOtherNames", tr("other names"), [list](FigureFacts& f, const QString& t) { f.otherNames = list(t); });
    field("cardFamily", tr("family"), [](FigureFacts& f, const QString& t) { f.family = t.toStdString(); });
    field("cardLevel", tr("level"), [](FigureFacts& f, const QString& t) { f.level = t.toStdString(); });
    field("cardTags", tr("tags"), [list](FigureFacts& f, const QString& t) { f.tags = list(t); });
    field("cardWords", tr("taught with"), [](FigureFacts& f, const QString& t) { f.words = t.toStdString(); });
    field("cardCautions", tr("cautions"), [](FigureFacts& f, const QString& t) { f.cautions = t.toStdString(); });
    m_own = new QWidget(this);
    auto* own = new QHBoxLayout(m_own);
    own->setContentsMargins(0, 0, 0, 0);
    const auto fraction = [&](const char* name, const QString& letter, Tick NotationChoices::*which) {
        own->addWidget(paragraph(letter, theme.words(12), theme.colours().ink2, this));
        auto* edit = new QLineEdit(m_own);
        edit->setObjectName(QString::fromLatin1(name));
        edit->setAccessibleName(tr("Own fraction of %1").arg(letter));
        edit->setFixedWidth(theme.px(50));
        own->addWidget(edit);
        connect(edit, &QLineEdit::editingFinished, this, [this, edit, which] {
            FigureCard card = m_desk.card();
            NotationChoices choices = m_desk.choices();
            const auto value = parseCount(edit->text().trimmed().toStdString());
            if (value) choices.*which = *value;
            if (!value || !(choices.ownAnd > Tick{} && choices.ownAnd < choices.ownA && choices.ownA < counts(1))) {
                Q_EMIT m_desk.told(tr("“%1” does not do: & lies inside the count and before a, as in 3/5 and 4/5.").arg(edit->text()));
                return refresh();
            }
            card.facts.choices = choices;
            m_desk.change(card, tr("own fractions"));
        });
    };
    fraction("ownAnd", QStringLiteral("&&"), &NotationChoices::ownAnd);
    fraction("ownA", QStringLiteral("a"), &NotationChoices::ownA);
    own->addStretch();
    grid->addWidget(m_own, place / 2, (place % 2) * 2, 1, 2);
    column->addLayout(grid);
    m_notes = new QPlainTextEdit(this);
    m_notes->setObjectName(QStringLiteral("cardNotes"));
    m_notes->setAccessibleName(tr("Own notes"));
    m_notes->setPlaceholderText(tr("own notes"));
    m_notes->setTabChangesFocus(true);
    m_notes->setMaximumHeight(theme.px(64));
    m_notes->setStyleSheet(QStringLiteral("QPlainTextEdit{background:%1;border:1px solid %2;}QPlainTextEdit:focus{border:2px solid %3;}").arg(theme.colours().sheet.name(), theme.colours().ink3.name(), theme.colours().ink.name()));
    column->addWidget(m_notes);
    connect(m_notes, &QPlainTextEdit::textChanged, this, [this] {
        if (m_showing) return;
        FigureCard card = m_desk.card();
        card.facts.notes = m_notes->toPlainText().toStdString();
        m_desk.change(card);
    });
    m_versions = new QWidget(this);
    m_versionsColumn = new QVBoxLayout(m_versions);
    m_versionsColumn->setContentsMargins(0, theme.px(4), 0, 0);
    m_versionsColumn->setSpacing(0);
    column->addWidget(m_versions);
    column->addStretch();
    connect(&desk, &FigureDesk::cardChanged, this, &CardPage::refresh);
    refresh();
}

void CardPage::refresh() {
    m_showing = true;
    const FigureFacts& f = m_desk.card().facts;
    const auto joined = [](const std::vector<std::string>& all) {
        QStringList out;
        for (const std::string& one : all) out << q(one);
        return out.join(QStringLiteral(", "));
    };
    const auto put = [&](const char* name, const QString& text) {
        auto* edit = findChild<QLineEdit*>(QString::fromLatin1(name));
        if (!edit->hasFocus() && edit->text() != text) edit->setText(text);
    };
    put("cardDescription", q(f.description));
    put("cardOtherNames", joined(f.otherNames));
    put("cardFamily", q(f.family));
    put("cardLevel", q(f.level));
    put("cardTags", joined(f.tags));
    put("cardWords", q(f.words));
    put("cardCautions", q(f.cautions));
    const NotationChoices choices = m_desk.choices();
    m_own->setVisible(choices.feel == Feel::Own);
    put("ownAnd", q(toCountString(choices.ownAnd)));
    put("ownA", q(toCountString(choices.ownA)));
    if (m_notes->toPlainText() != q(f.notes)) m_notes->setPlainText(q(f.notes));
    showVersions();
    m_showing = false;
}

void CardPage::showVersions() {
    clearLayout(m_versionsColumn);
    const auto& versions = m_desk.card().facts.versions;
    m_versionsColumn->addWidget(paragraph(versions.empty() ? tr("No versions are kept yet; the bench makes them.") : tr("Versions that are kept"), m_theme.words(12, versions.empty() ? Weight::Regular : Weight::Bold), m_theme.colours().ink2, m_versions));
    for (std::size_t i = 0; i < versions.size(); ++i) {
        auto* row = new QWidget(m_versions);
        auto* inside = new QHBoxLayout(row);
        inside->setContentsMargins(0, 0, 0, 0);
        auto* name = new QLineEdit(q(versions[i].name), row);
        name->setObjectName(QStringLiteral("versionName%1").arg(i));
        name->setAccessibleName(tr("Name of a version"));
        name->setFixedWidth(m_theme.px(140));
        inside->addWidget(name);
        inside->addWidget(paragraph(q(versions[i].lines.empty() ? std::string() : versions[i].lines.front().text), m_theme.words(12), m_theme.colours().ink, row), 1);
        auto* out = new QPushButton(tr("Take out"), row);
        out->setObjectName(QStringLiteral("versionOut%1").arg(i));
        out->setProperty("flat", true);
        inside->addWidget(out);
        m_versionsColumn->addWidget(row);
        connect(name, &QLineEdit::editingFinished, this, [this, i, name] {
            FigureCard card = m_desk.card();
            if (i >= card.facts.versions.size() || name->text().trimmed().isEmpty()) return;
            card.facts.versions[i].name = name->text().trimmed().toStdString();
            m_desk.change(card, tr("name of a version"));
        });
        connect(out, &QPushButton::clicked, this, [this, i] {
            FigureCard card = m_desk.card();
            if (i >= card.facts.versions.size()) return;
            card.facts.versions.erase(card.facts.versions.begin() + static_cast<std::ptrdiff_t>(i));
            m_desk.change(card, tr("take a version out"));
        });
    }
}

} // namespace lc::app
