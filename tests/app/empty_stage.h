#pragma once

#include "app/base/session.h"
#include "app/base/stage.h"
#include "app/base/theme.h"

#include <QLineEdit>
#include <QPainter>

namespace lc::test {

/// A stage that does nothing of its own: what a new stage needs, and all that it needs.
class EmptyStage : public app::Stage {
public:
    EmptyStage(const app::StageContext& context, QWidget* parent)
        : Stage({.id = "empty",
                 .name = QStringLiteral("Empty"),
                 .tip = QStringLiteral("Nothing at all"),
                 .key = 9,
                 .menu = QStringLiteral("E&mpty"),
                 .whenBlank = WhenBlank::Itself},
                context, parent),
          field(new QLineEdit(this)) {}

    std::vector<app::Command> commands() override {
        return {{.id = "empty.do",
                 .name = QStringLiteral("Do nothing"),
                 .tip = QStringLiteral("It does nothing"),
                 .button = QStringLiteral("Nothing"),
                 .key = Qt::CTRL | Qt::ALT | Qt::Key_N,
                 .menu = "empty",
                 .onStrips = true,
                 .words = QStringLiteral("idle"),
                 .brings = true,
                 .run = [this] { ++done; },
                 .chosen = [this] { return done % 2 == 1; }},
                {.id = "empty.choose",
                 .name = QStringLiteral("Choose"),
                 .menu = "empty",
                 .choices =
                     [this] {
                         return std::vector<app::Choice>{{QStringLiteral("nothing"), [this] { ++done; }}};
                     }},
                {.id = "finding.fold", .onlyHere = true, .run = [this] { ++folded; }}};
    }
    std::vector<QByteArray> heading() const override { return {"empty.do"}; }
    std::vector<app::Place> places(const QString&) override {
        return {{QStringLiteral("void 1"), QStringLiteral("nowhere"), [this] { ++visited; }}};
    }
    std::vector<app::LegendLine> legend() const override {
        return {{QStringLiteral("nothing"),
                 [](QPainter& p, double x, double y) { p.fillRect(QRectF(x - 4, y - 4, 9, 9), QColor(255, 0, 255)); }}};
    }
    app::StageState state() const override { return {open, false}; }
    void enter() override { ++entered; }
    void leave() override { ++left; }
    QWidget* home() override { return field; }
    QVariantMap view() const override { return {{QStringLiteral("kept"), kept}}; }
    void setView(const QVariantMap& view) override { kept = view.value(QStringLiteral("kept"), 0).toInt(); }

    QLineEdit* field;
    int done = 0, folded = 0, visited = 0, entered = 0, left = 0, open = 0, kept = 0;
};

} // namespace lc::test
