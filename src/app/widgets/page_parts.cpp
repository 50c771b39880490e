#include "app/widgets/page_parts.h"

#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/widgets/plain_table.h"

#include <QLineEdit>
#include <QSpinBox>
#include <QVBoxLayout>

namespace lc::app {

namespace {

QString rolesAtJoint(const Joint& joint, bool facing) {
    QStringList all;
    for (const RoleAtJoint& role : joint.roles) all << (facing ? q(toClock(role.facing)) : q(footWord(role.free)));
    return all.join(QStringLiteral(" / "));
}

} // namespace

QSpinBox* numberField(const char* name, const QString& what, int least, int most, const Theme& theme, QWidget* parent) {
    auto* box = new QSpinBox(parent);
    box->setObjectName(QString::fromLatin1(name));
    box->setAccessibleName(what);
    box->setRange(least, most);
    box->setFixedWidth(theme.px(48));
    return box;
}

QLineEdit* limitField(const char* name, FigureDesk& desk, std::optional<double> BodyLimits::*which, const Theme& theme,
                      QWidget* parent) {
    const std::optional<double> now = desk.limits().*which;
    auto* edit = new QLineEdit(now ? QString::number(*now) : QString(), parent);
    edit->setObjectName(QString::fromLatin1(name));
    edit->setPlaceholderText(QStringLiteral("–"));
    edit->setToolTip(PlainTable::tr("Your own limit; empty for none. The program knows none of its own."));
    edit->setFixedWidth(theme.px(46));
    QObject::connect(edit, &QLineEdit::editingFinished, &desk, [&desk, edit, which] {
        QString text = edit->text().trimmed();
        bool number = false;
        const double typed = text.replace(QLatin1Char(','), QLatin1Char('.')).toDouble(&number);
        if (!text.isEmpty() && (!number || !(typed > 0)))
            return Q_EMIT desk.told(
                PlainTable::tr("“%1” is not a limit. Write a number above 0, or leave it empty.").arg(edit->text()));
        BodyLimits own = desk.limits();
        own.*which = text.isEmpty() ? std::nullopt : std::optional(typed);
        if (!(own == desk.limits())) desk.setLimits(own);
    });
    return edit;
}

QVBoxLayout* pageColumn(const Theme& theme, QWidget* page) {
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, theme.px(4), 0, 0);
    column->setSpacing(theme.px(4));
    return column;
}

void showJoints(PlainTable& table, const Chain& chain, const std::vector<QString>& names) {
    table.clearRows();
    for (std::size_t i = 0; i < chain.joints.size(); ++i) {
        const Joint& joint = chain.joints[i];
        QStringList breaks;
        for (const Sentence& text : joint.breaks) breaks << q(text);
        table.addRow({i < names.size() ? names[i] : QObject::tr("end"), q(toSpokenCount(joint.at + counts(1))),
                      q(toSpokenCount(joint.musicCount)), rolesAtJoint(joint, false), q(toString(joint.couple)),
                      rolesAtJoint(joint, true),
                      breaks.isEmpty() ? QObject::tr("fits") : breaks.join(QStringLiteral("; "))});
    }
}

const QStringList& jointHeads() {
    static const QStringList heads{QObject::tr("begins"),    QObject::tr("at count"), QObject::tr("music"),
                                   QObject::tr("free foot"), QObject::tr("hold"),     QObject::tr("facing"),
                                   QObject::tr("joint")};
    return heads;
}

} // namespace lc::app
