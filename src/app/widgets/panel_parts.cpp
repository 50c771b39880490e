#include "app/widgets/panel_parts.h"

#include "app/base/wording.h"

#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace lc::app {

QVBoxLayout* panelColumn(const Theme& theme, QWidget* panel) {
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(theme.px(16), theme.px(6), theme.px(16), theme.px(6));
    column->setSpacing(theme.px(4));
    return column;
}

void addWords(QLayout* row, const QString& text, const Theme& theme, QWidget* panel, bool bold) {
    auto* label =
        paragraph(text, bold ? theme.words(13, Weight::Bold) : theme.words(13), bold ? Tone::Ink : Tone::Ink2, panel);
    label->setWordWrap(false);
    row->addWidget(label);
}

QPushButton* addButton(QLayout* row, const QString& text, const QString& tip, const char* object, QWidget* panel) {
    auto* button = new QPushButton(text, panel);
    button->setObjectName(QString::fromLatin1(object));
    button->setToolTip(tip);
    row->addWidget(button);
    return button;
}

void keepNarrow(QComboBox& box, int letters) {
    box.setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box.setMinimumContentsLength(letters);
}

void labelForReaders(QComboBox& box) {
    if (box.accessibleName().isEmpty() || !box.parentWidget()) return;
    for (const QLabel* label : box.parentWidget()->findChildren<QLabel*>(QString(), Qt::FindDirectChildrenOnly))
        if (label->buddy() == &box) return;
    auto* label = new QLabel(box.accessibleName(), box.parentWidget());
    label->setBuddy(&box);
    label->hide();
}

} // namespace lc::app
