// The window as a screen reader and a keyboard have it: what can be pressed or typed into has a name of its own, every
// one of them is reached by Tab, and is seen then. Roles, names and states are those of Qt's accessible interfaces,
// which on Linux are what AT-SPI gives.
#include "support/core_support.h"
#include "support/everything_open.h"
#include "support/window_rig.h"

#include "app/strips/strips_accessible.h"

#include <QAbstractButton>
#include <QAbstractScrollArea>
#include <QAccessible>
#include <QLabel>

using namespace lc;
using namespace lc::app;

namespace {

Document dance() {
    Document d = test::documentOn("verse 32 | chorus 36 | verse 32 | chorus 32 | bridge 16 | chorus 32");
    return test::withOrder(test::withLine(d, "A", "1 side R 2 behind L 3 side R 1/4 R 4 touch L 5-32 walk"), "A x5");
}

/// What a person can act on here: it takes the keyboard, is shown and not switched off.
QList<QWidget*> controls(QWidget& window) {
    QList<QWidget*> all;
    for (QWidget* widget : window.findChildren<QWidget*>()) // but not in a list that has dropped down
        if (widget->window() == &window && widget->isVisibleTo(&window) && widget->isEnabled() &&
            (widget->focusPolicy() & Qt::TabFocus) && !widget->focusProxy() && widget->width() > 0)
            all << widget;
    return all;
}

/// Its own, or that of its label: a box of choices has its value for a name.
QString nameOf(const QAccessibleInterface& it) {
    for (const auto& [other, kind] : it.relations(QAccessible::Label))
        if (kind & QAccessible::Label) return other->text(QAccessible::Name);
    return it.role() == QAccessible::ComboBox ? QString() : it.text(QAccessible::Name);
}

QString tell(const QWidget& widget) {
    QString path = widget.objectName();
    for (const QWidget* up = widget.parentWidget(); up && path.size() < 60; up = up->parentWidget())
        if (!up->objectName().isEmpty()) path = up->objectName() + "/" + path;
    return QString::fromLatin1(widget.metaObject()->className()) + " " + path;
}

} // namespace

class ScreenReaderTest : public QObject {
    Q_OBJECT

    QStringList m_wrong;

    void look(QWidget& window, const QString& where) {
        for (int i = 0; i < 3; ++i) QCoreApplication::processEvents();
        QHash<QString, QString> named;
        for (QWidget* widget : controls(window)) {
            QAccessibleInterface* it = QAccessible::queryAccessibleInterface(widget);
            if (!it) {
                m_wrong << where + ": nothing is told of " + tell(*widget);
                continue;
            }
            const QString name = nameOf(*it).remove('&').trimmed();
            if (name.isEmpty()) {
                m_wrong << where + ": no name: " + tell(*widget);
                continue;
            }
            const QString said = QString::number(it->role()) + name;
            if (named.contains(said))
                m_wrong << where + ": two are called “" + name + "”: " + named[said] + " and " + tell(*widget);
            named[said] = tell(*widget);
            if (it->state().focused && !widget->hasFocus())
                m_wrong << where + ": says that it has the keyboard: " + tell(*widget);
        }
    }

private Q_SLOTS:
    void initTestCase() {
        test::prepareProgram("lift-count-screen-reader-test");
        installAccessibility();
    }
    void cleanup() {
        m_wrong.removeDuplicates();
        for (const QString& line : m_wrong) qWarning("%s", qPrintable(line));
        const auto wrong = m_wrong.size();
        m_wrong.clear();
        QCOMPARE(wrong, 0);
    }

    void everythingHasANameOfItsOwn() {
        test::WindowRig rig;
        look(*rig.window, "start page");
        rig.session->doc.startWith(dance());
        for (Stage* stage : rig.window->stages()) {
            rig.window->showStage(*stage);
            look(*rig.window, stage->about().id);
        }
        test::openEverything(*rig.window, [&](const QByteArray& command) { look(*rig.window, command); });
    }

    /// Tab goes round: it comes to everything once, shows it, and never leaves the window.
    void tabComesToEverything() {
        test::WindowRig rig;
        rig.session->doc.startWith(dance());
        rig.window->activateWindow();
        for (Stage* stage : rig.window->stages()) {
            rig.window->showStage(*stage);
            for (int i = 0; i < 3; ++i) QCoreApplication::processEvents();
            QSet<QWidget*> come;
            const auto all = controls(*rig.window);
            QVERIFY(all.size() > 5);
            all.front()->setFocus(Qt::TabFocusReason);
            for (qsizetype i = 0; i < 3 * all.size(); ++i) {
                QWidget* now = QApplication::focusWidget();
                if (!now) {
                    m_wrong << stage->about().id + ": Tab leaves the window after " + QString::number(come.size());
                    break;
                }
                if (come.contains(now) && now == all.front() && come.size() > 1) break;
                come << now;
                const auto* scrolled = qobject_cast<QAbstractScrollArea*>(now);
                if ((scrolled ? scrolled->viewport() : now)->visibleRegion().isEmpty())
                    m_wrong << stage->about().id + ": not seen: " + tell(*now);
                QTest::keyClick(now, Qt::Key_Tab);
            }
            for (QWidget* widget : all)
                if (!come.contains(widget))
                    m_wrong << stage->about().id + ": Tab does not come to " + tell(*widget) + " " +
                                   widget->accessibleName();
        }
    }

    /// Stages and controls of the count bar are pressed by keys like any button, and say what is chosen.
    void railAndCountBarAreButtons() {
        test::WindowRig rig;
        rig.session->doc.startWith(dance());
        const auto button = [&](const QString& name) {
            for (auto* b : rig.window->findChildren<QAbstractButton*>())
                if (b->isVisibleTo(rig.window.get()) && b->accessibleName() == name) return b;
            return static_cast<QAbstractButton*>(nullptr);
        };
        QVERIFY(button("Steps") && button("Listen") && button("Legend"));
        button("Steps")->setFocus(Qt::TabFocusReason);
        QTest::keyClick(button("Steps"), Qt::Key_Space);
        QCOMPARE(rig.window->stage().about().id, QString(stage_id::steps));
        QVERIFY(button("Steps")->isChecked());
        QVERIFY(!button("Listen")->isChecked());
        QVERIFY(!rig.session->transport.player().playing()); // Space pressed the button

        QVERIFY(button("Play"));
        button("Play")->setFocus(Qt::TabFocusReason);
        QTest::keyClick(button("Play"), Qt::Key_Space);
        QVERIFY(rig.session->transport.player().playing());
        QVERIFY(button("Pause") && !button("Play"));
        QTest::keyClick(button("Pause"), Qt::Key_Space);
        QVERIFY(!rig.session->transport.player().playing());
        QTest::mouseClick(button("Slower"), Qt::LeftButton);
        QCOMPARE(rig.session->transport.tempoPercent(), 95);
        QVERIFY(button("Slower")->accessibleDescription().contains("95"));
        QVERIFY(!button("Slower")->hasFocus()); // the mouse leaves the keyboard where it is
        QTest::mouseClick(button("Voice"), Qt::LeftButton);
        QVERIFY(!rig.session->transport.clicksHeard());
        QCOMPARE(button("Voice")->accessibleDescription(), "none");
    }
};

LIFTCOUNT_TEST(ScreenReaderTest)
#include "tst_screen_reader.moc"
