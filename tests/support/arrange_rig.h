#pragma once

#include "support/window_rig.h"

#include "app/arrange/part_chain.h"
#include "app/arrange/pass_panel.h"
#include "app/window/command_box.h"

#include <QAbstractItemView>
#include <QAccessible>
#include <QCompleter>
#include <QLineEdit>

#include <functional>

namespace lc::test {

/// The window on Arrange, with a song typed as structure and an empty routine.
struct ArrangeRig : WindowRig {
    explicit ArrangeRig(const std::string& structure, double bpm = 120) {
        session->doc.startNew();
        TypedStructure typed;
        typed.text = structure;
        typed.bpm = bpm;
        if (!session->song.setStructure(typed)) qFatal("the structure cannot be read");
        window->showStage(app::stage_id::arrange);
    }
    app::ArrangeStage& arrange() const { return window->stage<app::ArrangeStage>(); }
    app::PartChain& chain() const { return arrange().editor().chain(); }
    const Routine& routine() const { return session->doc.document().routine; }
    const Performance& performance() const { return session->doc.landing().performance; }

    /// A figure's name at the caret; where it is new its lines follow.
    void figure(const QString& name, const QStringList& lines = {}) {
        shortcutToField();
        QTest::keyClicks(chain().field(), name);
        if (auto* popup = chain().field()->completer()->popup(); popup && popup->isVisible())
            QTest::keyClick(popup, Qt::Key_Escape);
        QTest::keyClick(chain().field(), Qt::Key_Return);
        for (int r = 0; r < lines.size(); ++r) {
            QTest::mouseClick(arrange().editor().line(static_cast<std::size_t>(r))->viewport(), Qt::LeftButton);
            QTest::keyClicks(arrange().editor().line(static_cast<std::size_t>(r)), lines[r]);
        }
    }
    /// Typed into the command box.
    void doAnything(const QString& typed) const {
        shortcut(Qt::Key_K, Qt::ControlModifier);
        QTest::keyClicks(&window->commandBox(), typed);
        QTest::keyClick(&window->commandBox(), Qt::Key_Return);
    }
    void shortcutToField() const { chain().typeFigure(); }
    void order(const QString& text) const {
        shortcut(Qt::Key_R, Qt::ControlModifier);
        QTest::keyClicks(arrange().editor().order(), text);
        QTest::keyClick(arrange().editor().order(), Qt::Key_Return);
    }
    void clickCount(int count) const {
        arrange().strips().showPlace(counts(count));
        QTest::mouseClick(arrange().strips().viewport(), Qt::LeftButton, Qt::NoModifier,
                          arrange().strips().pointOf(count));
    }
    void clickPass(std::size_t number) const {
        clickCount(static_cast<int>(wholeCounts(performance().passes.at(number - 1).start)));
    }
    /// Typed into the panel of the pass at the caret.
    void passLines(const QStringList& lines) const {
        shortcut(Qt::Key_J, Qt::ControlModifier);
        for (int i = 0; i < lines.size(); ++i) {
            QTest::keyClicks(arrange().passPanel().lines(), lines[i]);
            if (i + 1 < lines.size()) QTest::keyClick(arrange().passPanel().lines(), Qt::Key_Return);
        }
        arrange().strips().setFocus();
    }
    QStringList starts() const {
        QStringList all;
        for (const PassPerformance& p : performance().passes)
            all << QString::fromStdString(toCountString(p.start + counts(1)));
        return all;
    }
    QStringList danced() const {
        QStringList all;
        for (const PassPerformance& p : performance().passes) all << QString::fromStdString(toCountString(p.counts));
        return all;
    }
    QStringList facings() const {
        QStringList all;
        for (const PassPerformance& p : performance().passes)
            all << QString::fromStdString(toClock(p.roles.front().facingIn));
        return all;
    }
    /// All that a screen reader finds under a widget.
    static QString spokenOf(QWidget* widget) {
        QStringList all;
        const std::function<void(QAccessibleInterface*)> look = [&](QAccessibleInterface* face) {
            if (!face) return;
            all << face->text(QAccessible::Name);
            for (int i = 0; i < face->childCount(); ++i) look(face->child(i));
        };
        look(QAccessible::queryAccessibleInterface(widget));
        return all.join('\n');
    }
    QString panel() const { return arrange().passPanel().says(); }
};

} // namespace lc::test
