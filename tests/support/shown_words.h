#pragma once

#include <QAbstractButton>
#include <QAction>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPaintDevice>
#include <QPaintEngine>
#include <QPlainTextEdit>
#include <QRegularExpression>
#include <QSet>
#include <QStringList>
#include <QWidget>

#include <algorithm>

namespace lc::test {

/// Remembers the texts that are painted on it, and paints nothing.
class TextRecorder : public QPaintDevice {
    class Engine : public QPaintEngine {
    public:
        explicit Engine(QStringList& texts) : QPaintEngine(AllFeatures), m_texts(texts) {}
        bool begin(QPaintDevice*) override { return true; }
        bool end() override { return true; }
        void updateState(const QPaintEngineState&) override {}
        void drawPixmap(const QRectF&, const QPixmap&, const QRectF&) override {}
        void drawPolygon(const QPointF*, int, PolygonDrawMode) override {}
        void drawPath(const QPainterPath&) override {}
        void drawTextItem(const QPointF&, const QTextItem& item) override { m_texts << item.text(); }
        Type type() const override { return User; }

    private:
        QStringList& m_texts;
    };

public:
    explicit TextRecorder(const QWidget& like) : m_like(like), m_engine(texts) {}
    QPaintEngine* paintEngine() const override { return &m_engine; }
    QStringList texts;

protected:
    int metric(PaintDeviceMetric metric) const override {
        switch (metric) {
        case PdmWidth: return m_like.width();
        case PdmHeight: return m_like.height();
        case PdmDepth: return 32;
        case PdmNumColors: return 1 << 24;
        case PdmDevicePixelRatio: return 1;
        case PdmDevicePixelRatioScaled: return static_cast<int>(devicePixelRatioFScale());
        default: return 96; // dots per inch
        }
    }

private:
    const QWidget& m_like;
    mutable Engine m_engine;
};

/// Everything that a widget and those in it say now: what is painted, and what is told to who hovers or listens.
inline QStringList shownWords(QWidget& window) {
    TextRecorder recorder(window);
    window.render(&recorder, {}, {}, QWidget::DrawChildren);
    QStringList texts = recorder.texts;
    QList<QWidget*> all = window.findChildren<QWidget*>();
    all.prepend(&window);
    for (QWidget* widget : std::as_const(all)) {
        if (!widget->isVisibleTo(&window)) continue;
        texts << widget->toolTip() << widget->accessibleName() << widget->accessibleDescription()
              << widget->statusTip();
        if (const auto* box = qobject_cast<QComboBox*>(widget))
            for (int i = 0; i < box->count(); ++i)
                texts << box->itemText(i) << box->itemData(i, Qt::ToolTipRole).toString();
        if (const auto* edit = qobject_cast<QLineEdit*>(widget)) texts << edit->placeholderText();
        if (const auto* edit = qobject_cast<QPlainTextEdit*>(widget)) texts << edit->placeholderText();
    }
    for (const QAction* action : window.findChildren<QAction*>())
        texts << action->text() << action->toolTip() << action->statusTip();
    texts.removeAll(QString());
    texts.removeDuplicates();
    return texts;
}

/// The words of a text in plain letters that are none of `own`; empty where there are none. A single letter is no word.
inline QString plainWords(const QString& text, const QSet<QString>& own) {
    static const QRegularExpression word(QStringLiteral("([A-Za-z]{2,})([….]?)"));
    QStringList out;
    for (auto it = word.globalMatch(text); it.hasNext();) {
        const auto match = it.next();
        const QString found = match.captured(1).toLower();
        const bool cutShort =
            !match.captured(2).isEmpty() && std::any_of(own.begin(), own.end(), [&](const QString& known) {
                return known.startsWith(found); // an own word for which there was not the room
            });
        if (!cutShort && !own.contains(found)) out << match.captured(1);
    }
    return out.join(QLatin1Char(' '));
}

/// What has less room than its words take: labels, buttons and boxes with a tick, with their words.
inline QStringList cutOff(QWidget& window) {
    QStringList out;
    for (QWidget* widget : window.findChildren<QWidget*>()) {
        if (!widget->isVisibleTo(&window)) continue;
        QString text;
        bool cut = false;
        if (const auto* label = qobject_cast<QLabel*>(widget)) {
            text = label->text();
            cut = label->wordWrap() ? label->heightForWidth(label->width()) > label->height() + 1
                                    : label->sizeHint().width() > label->width() + 1;
        } else if (const auto* button = qobject_cast<QAbstractButton*>(widget); button && !button->text().isEmpty()) {
            text = button->text();
            const int needs = button->hasHeightForWidth() ? 0 : button->sizeHint().width();
            cut = needs > button->width() + 1 ||
                  (button->hasHeightForWidth() && button->heightForWidth(button->width()) > button->height() + 1);
        }
        if (cut && !text.isEmpty())
            out << QStringLiteral("%1 %2 (%3 × %4, needs %5): %6")
                       .arg(QString::fromLatin1(widget->metaObject()->className()), widget->objectName())
                       .arg(widget->width())
                       .arg(widget->height())
                       .arg(widget->sizeHint().width())
                       .arg(text.left(120));
    }
    return out;
}

} // namespace lc::test
