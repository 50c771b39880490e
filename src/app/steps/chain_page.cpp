#include "app/steps/chain_page.h"

#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/base/wording.h"
#include "app/widgets/page_parts.h"
#include "app/widgets/plain_table.h"
#include "core/base/text_rows.h"

#include <QLabel>
#include <QLineEdit>
#include <QVBoxLayout>

namespace lc::app {

ChainPage::ChainPage(FigureDesk& desk, const Theme& theme, QWidget* parent) : QWidget(parent), m_desk(desk) {
    auto* column = pageColumn(theme, this);
    m_names = new QLineEdit(this);
    m_names->setObjectName(QStringLiteral("chainNames"));
    m_names->setAccessibleName(tr("Figures one after another"));
    m_names->setPlaceholderText(tr("names with / between, such as: Vine and touch / Step, half turn / Vine and touch"));
    m_names->setToolTip(tr("Names of figures with / between; “this” is the chosen one"));
    column->addWidget(m_names);
    m_says = paragraph({}, theme.words(13), Tone::Ink2, this);
    m_says->setObjectName(QStringLiteral("chainSays"));
    column->addWidget(m_says);
    m_table = new PlainTable(jointHeads(), theme, this);
    m_table->setObjectName(QStringLiteral("joints"));
    m_table->setAccessibleName(tr("Joints"));
    column->addWidget(m_table, 1);
    m_names->setText(tr("this") + QStringLiteral(" / ") + tr("this"));
    connect(m_names, &QLineEdit::textChanged, this, &ChainPage::refresh);
    connect(&desk, &FigureDesk::cardChanged, this, &ChainPage::refresh);
    refresh();
}

QString ChainPage::says() const { return m_says->text(); }

void ChainPage::add(const QString& name) {
    m_names->setText(m_names->text().trimmed().isEmpty() ? name : m_names->text() + QStringLiteral(" / ") + name);
}

void ChainPage::refresh() {
    const std::string typed = m_names->text().toStdString();
    std::vector<FigureReading> readings;
    std::vector<QString> names;
    for (const std::string_view piece : pieces(typed, '/')) {
        const QString name = q(std::string(trimmed(piece)));
        if (name.isEmpty()) continue;
        const FigureCard* card = name.compare(tr("this"), Qt::CaseInsensitive) == 0 ? &m_desk.card() : nullptr;
        for (const ShownFigure& figure : m_desk.figures())
            if (!card && q(figure.card.name).compare(name, Qt::CaseInsensitive) == 0) card = &figure.card;
        if (!card) {
            m_table->clearRows();
            return m_says->setText(
                tr("There is no figure “%1”. Write names as they stand in the list, with / between.").arg(name));
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
    const auto broken = std::count_if(chain.joints.begin(), chain.joints.end(),
                                      [](const Joint& joint) { return !joint.breaks.empty(); });
    const std::int64_t over = chain.length.value % counts(m_desk.set()).value;
    m_says->setText(tr("%1 in all, %2; %3.")
                        .arg(q(inCounts(chain.length)),
                             over == 0 ? tr("then a 1 again")
                                       : tr("%1 to the next 1").arg(q(inCounts(counts(m_desk.set()) - Tick{over}))),
                             broken == 0   ? tr("every joint fits")
                             : broken == 1 ? tr("one joint breaks")
                                           : tr("%1 joints break").arg(broken)));
    showJoints(*m_table, chain, names);
}

} // namespace lc::app
