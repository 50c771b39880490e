#include "app/steps/card_page.h"

#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/base/wording.h"
#include "app/widgets/page_parts.h"
#include "core/figures/figure_fields.h"

#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace lc::app {

namespace {

/// Those that have a line on the card, in their order there.
std::vector<const FigureField*> cardFields() {
    std::vector<const FigureField*> all;
    for (const FigureField& field : figureFields())
        if (field.place > 0) all.push_back(&field);
    std::sort(all.begin(), all.end(), [](const FigureField* a, const FigureField* b) { return a->place < b->place; });
    return all;
}

QString objectOf(const FigureField& field) {
    return QStringLiteral("card.") + QString::fromLatin1(field.key.data(), static_cast<qsizetype>(field.key.size()));
}
} // namespace

CardPage::CardPage(FigureDesk& desk, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_desk(desk), m_theme(theme) {
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
    const auto field = [&](const QString& name, const QString& label, auto&& write) {
        auto* edit = m_fields[name] = new QLineEdit(this);
        edit->setObjectName(name);
        edit->setAccessibleName(label);
        const int row = place / 2, col = (place % 2) * 2;
        grid->addWidget(paragraph(label, theme.words(12), Tone::Ink2, this), row, col);
        grid->addWidget(edit, row, col + 1);
        ++place;
        connect(edit, &QLineEdit::editingFinished, this, [this, edit, write] {
            if (m_showing) return;
            FigureCard card = m_desk.card();
            write(card.facts, edit->text().trimmed());
            m_desk.change(card, tr("card of the figure"));
        });
    };
    for (const FigureField* one : cardFields())
        field(objectOf(*one), q(one->onCard), [list, one](FigureFacts& f, const QString& t) {
            if (one->text)
                f.*one->text = t.toStdString();
            else
                f.*one->list = list(t);
        });
    m_own = new QWidget(this);
    auto* own = new QHBoxLayout(m_own);
    own->setContentsMargins(0, 0, 0, 0);
    const auto fraction = [&](const char* name, const QString& letter, Tick NotationChoices::*which) {
        own->addWidget(paragraph(letter, theme.words(12), Tone::Ink2, this));
        auto* edit = m_fields[QString::fromLatin1(name)] = new QLineEdit(m_own);
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
                Q_EMIT m_desk.told(
                    tr("“%1” does not do: & lies inside the count and before a, as in 3/5 and 4/5.").arg(edit->text()));
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
    const auto put = [&](const QString& name, const QString& text) {
        auto* edit = field(name);
        if (!edit->hasFocus() && edit->text() != text) edit->setText(text);
    };
    for (const FigureField* one : cardFields()) put(objectOf(*one), one->text ? q(f.*one->text) : joined(f.*one->list));
    const NotationChoices choices = m_desk.choices();
    m_own->setVisible(choices.feel == Feel::Own);
    put(QStringLiteral("ownAnd"), q(toCountString(choices.ownAnd)));
    put(QStringLiteral("ownA"), q(toCountString(choices.ownA)));
    if (m_notes->toPlainText() != q(f.notes)) m_notes->setPlainText(q(f.notes));
    showVersions();
    m_showing = false;
}

void CardPage::showVersions() {
    clearLayout(m_versionsColumn);
    const auto& versions = m_desk.card().facts.versions;
    m_versionsColumn->addWidget(paragraph(
        versions.empty() ? tr("No versions are kept yet; the bench makes them.") : tr("Versions that are kept"),
        m_theme.words(12, versions.empty() ? Weight::Regular : Weight::Bold), Tone::Ink2, m_versions));
    for (std::size_t i = 0; i < versions.size(); ++i) {
        auto* row = new QWidget(m_versions);
        auto* inside = new QHBoxLayout(row);
        inside->setContentsMargins(0, 0, 0, 0);
        auto* name = new QLineEdit(q(versions[i].name), row);
        name->setObjectName(QStringLiteral("versionName%1").arg(i));
        name->setAccessibleName(tr("Name of a version"));
        name->setFixedWidth(m_theme.px(140));
        inside->addWidget(name);
        inside->addWidget(paragraph(q(versions[i].lines.empty() ? std::string() : versions[i].lines.front().text),
                                    m_theme.words(12), Tone::Ink, row),
                          1);
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
