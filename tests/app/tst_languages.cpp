// The window in a language that is made for this: every message in accented letters, longer, in brackets. What is left
// in plain letters was never given to be translated; what does not fit was laid out for English alone.
#include "support/core_support.h"
#include "support/everything_open.h"
#include "support/pseudo_language.h"
#include "support/shown_words.h"
#include "support/window_rig.h"

#include "app/arrange/handout_panel.h"
#include "app/arrange/mend_panel.h"
#include "app/arrange/plans_panel.h"
#include "app/arrange/rank_panel.h"
#include "app/base/figure_desk.h"
#include "app/base/languages.h"
#include "app/steps/steps_stage.h"
#include "app/window/command_box.h"
#include "app/window/command_table.h"
#include "app/window/kept_work.h"
#include "core/exchange/handout.h"
#include "core/notation/step_words.h"
#include "sheets/sheet_html.h"
#include "store/starter_figures.h"

#include <QComboBox>
#include <QDialog>
#include <QMenu>
#include <QMenuBar>
#include <QTemporaryDir>
#include <QTextDocument>
#include <QToolButton>

using namespace lc;
using namespace lc::app;

namespace {

QTemporaryDir& madeForTests() {
    static QTemporaryDir folder;
    return folder;
}

/// Everything that one .ts file says: by context, message and comment, its forms; none where it is unfinished.
QMap<QString, QStringList> messagesOf(const QString& language) {
    QFile file(QStringLiteral(LIFTCOUNT_SOURCE_DIR "/translations/lift-count") + language + QStringLiteral(".ts"));
    QMap<QString, QStringList> all;
    if (!file.open(QIODevice::ReadOnly)) return all;
    QXmlStreamReader in(&file);
    QString context, source, comment;
    while (!in.atEnd()) {
        if (in.readNext() != QXmlStreamReader::StartElement) continue;
        if (in.name() == QLatin1String("name")) context = in.readElementText();
        if (in.name() == QLatin1String("source")) {
            source = in.readElementText();
            comment.clear();
        }
        if (in.name() == QLatin1String("comment")) comment = in.readElementText();
        if (in.name() != QLatin1String("translation")) continue;
        QStringList& forms = all[context + QChar(4) + source + QChar(4) + comment];
        const bool finished = !in.attributes().hasAttribute(QLatin1String("type"));
        QString text;
        while (!(in.readNext() == QXmlStreamReader::EndElement && in.name() == QLatin1String("translation")))
            if (in.isStartElement())
                forms << in.readElementText();
            else
                text += in.text();
        if (forms.isEmpty()) forms << text;
        if (!finished) forms.clear();
    }
    return all;
}

/// The places of values in a message, each once.
QSet<QString> placesIn(const QString& text) {
    static const QRegularExpression place("%(?:L?[0-9]|n)");
    QSet<QString> all;
    for (auto found = place.globalMatch(text); found.hasNext();) all << found.next().captured();
    return all;
}

void shipped() {
    QTest::addColumn<QString>("language");
    for (const char* language : {"de", "fr", "es"}) QTest::newRow(language) << QString::fromLatin1(language);
}

/// A dance whose own words have no plain letters but those of the notation, so that what is left in plain letters is
/// the program's.
Document danceInGreek() {
    Document d = test::documentOn("Στροφή 32 | Ρεφρέν 36 | Στροφή 32 | Ρεφρέν 32 | Γέφυρα 16 | Ρεφρέν 32");
    d = test::must(applyEdit(d, SetTitle{"Ο ανεμοδείκτης"}));
    d = test::withOrder(test::withLine(d, "A", "1 side R 2 behind L 3 side R 1/4 R 4 touch L 5-32 walk"), "A x5");
    return test::cut(test::tagged(d, 2, 4), 4, 16);
}

} // namespace

class LanguagesTest : public QObject {
    Q_OBJECT

    QSet<QString> m_own; ///< words of the routine and of the notation, which are the same in every language

    /// What is shown now has no plain English and cuts nothing off.
    void look(test::WindowRig& rig, const QString& where) {
        for (int i = 0; i < 3; ++i) QCoreApplication::processEvents();
        look(*rig.window, where);
    }
    void look(QWidget& widget, const QString& where) {
        for (const QString& text : test::shownWords(widget))
            if (const QString plain = test::plainWords(text, m_own); !plain.isEmpty())
                m_plain << where + ": " + plain + " in “" + text.left(160) + "”";
        for (const QString& cut : test::cutOff(widget)) m_cut << where + ": " + cut;
    }
    QStringList m_plain, m_cut;

    void speakIt() {
        QCOMPARE(speak({"et"}, madeForTests().path()), "et"); // for which Qt has no words of its own
        m_own = {"lift", "count"};                            // the program's name
        for (const char* key :
             {"alt", "ctrl", "shift", "return", "del", "pgup", "pgdown", "left", "right", "space", "home", "end"})
            m_own << QString::fromLatin1(key); // Qt names keys
        m_own << "everyone";                   // a role's name, which files keep
        for (const StepWord& word : stepWords()) m_own << QString::fromStdString(std::string(word.word)).toLower();
        const Document d = danceInGreek();
        for (const Figure& figure : d.routine.figures)
            for (const RoleLine& line : figure.lines)
                for (const QString& word : QString::fromStdString(line.text).split(' ')) m_own << word.toLower();
        for (const FigureCard& card : starterFigures())
            for (const FigureLine& line : card.lines)
                for (const QString& word : QString::fromStdString(line.text).split(QRegularExpression("[^A-Za-z]+")))
                    m_own << word.toLower();
    }

private Q_SLOTS:
    void initTestCase() {
        test::prepareProgram("lift-count-languages-test");
        QVERIFY(test::writePseudoLanguage(madeForTests().path(), "et"));
    }
    void cleanup() {
        m_plain.removeDuplicates();
        m_cut.removeDuplicates();
        if (m_plain.isEmpty() && m_cut.isEmpty()) return;
        for (const QString& line : m_plain) qWarning("plain: %s", qPrintable(line));
        for (const QString& line : m_cut) qWarning("cut: %s", qPrintable(line));
        const auto plain = m_plain.size(), cut = m_cut.size();
        m_plain.clear();
        m_cut.clear();
        QFAIL(qPrintable(QString("%1 texts in plain English, %2 cut off").arg(plain).arg(cut)));
    }

    void englishIsSpokenWhereNothingElseIsThere() {
        QCOMPARE(speak({"fr-FR", "es"}, madeForTests().path()), "en");
        QCOMPARE(speak({}, madeForTests().path()), "en");
        QCOMPARE(speak({"en-GB", "et"}, madeForTests().path()), "en"); // who wants English first gets it
    }
    /// Whatever the words: who types a comma for a fraction finds it so.
    void numbersAreThePersonsOwn() {
        const QLocale before;
        for (const auto& [name, shown] :
             {std::pair<const char*, QString>{"en_GB", "1,234.5 over"}, {"de_AT", "1\u00A0234,5 over"}}) {
            QLocale::setDefault(QLocale(QString::fromLatin1(name)));
            QCOMPARE(speak({"en"}, madeForTests().path()), "en");
            QCOMPARE(QLocale().name(), QString::fromLatin1(name));
            QCOMPARE(app::q(Core::sentence("%1 over", AsDecimals{1234.5, 1})), shown);
        }
        QLocale::setDefault(before);
    }
    void theWindowRunsTheWayItsWordsDo() {
        QGuiApplication::setLayoutDirection(Qt::RightToLeft); // a desktop in Hebrew, say
        QCOMPARE(speak({"he", "en"}, madeForTests().path()), "en");
        QCOMPARE(QGuiApplication::layoutDirection(), Qt::LeftToRight);
        QGuiApplication::setLayoutDirection(Qt::RightToLeft);
        speak({"et"}, madeForTests().path());
        QCOMPARE(QGuiApplication::layoutDirection(), Qt::LeftToRight);
        // a language from right to left, of one word
        QTemporaryDir folder;
        QVERIFY(
            QFile::copy(QDir(madeForTests().path()).filePath("lift-count_et.qm"), folder.filePath("lift-count_he.qm")));
        QCOMPARE(speak({"he"}, folder.path()), "he");
        QCOMPARE(QGuiApplication::layoutDirection(), Qt::RightToLeft);
    }
    void aLanguageIsOneFile() {
        QCOMPARE(speak({"fr", "et-EE", "en"}, madeForTests().path()), "et");
        QCOMPARE(app::q(inCounts(counts(1))), test::pseudo("%n count").replace("%n", "1"));
        QCOMPARE(app::q(inCounts(counts(2))), test::pseudo("%n counts").replace("%n", "2"));
        QCOMPARE(app::q(Core::sentence("lands")), test::pseudo("lands"));
    }

    void everyStageSpeaksIt() {
        speakIt();
        test::WindowRig rig;
        look(rig, "start page");
        {
            const auto journal = test::must(Journal::open(JournalKeeper::usualFolder().toStdString()));
            JournalEntry entry;
            entry.document = danceInGreek();
            test::must(journal->write(entry, 1));
        }
        rig.window->kept().lookAgain();
        look(rig, "start page with unsaved work");
        rig.window->kept().showUnsaved();
        look(*rig.window->findChild<QDialog*>("keptWork"), "unsaved work");
        rig.window->kept().throwAwayUnsaved(0);
        rig.session->doc.startWith(danceInGreek());
        for (Stage* stage : rig.window->stages()) {
            rig.window->showStage(*stage);
            look(rig, stage->about().id);
        }
    }

    /// A language that ships says every message, in both numbers, and every value of it.
    void shippedLanguagesAreWhole_data() { shipped(); }
    void shippedLanguagesAreWhole() {
        QFETCH(QString, language);
        const auto english = messagesOf(QString()), said = messagesOf("_" + language);
        QVERIFY(english.size() > 3000);
        QCOMPARE(said.keys(), english.keys()); // tools/messages.sh brings it up to date
        QStringList wrong;
        for (auto message = said.begin(); message != said.end(); ++message) {
            const QString source = message.key().section(QChar(4), 1, 1);
            const bool plural = source.contains('|') && source.contains("%"); // of the core, both numbers in one
            if (message->isEmpty()) wrong << "unfinished: " + source;
            for (int i = 0; i < message->size(); ++i) {
                const QString& form = message->at(i);
                const auto want = placesIn(plural && message->size() > 1 ? source.section('|', -1) : source);
                const auto one = placesIn(source.section('|', 0, 0));
                // one thing may be said in a word; the other way round too
                const bool same = placesIn(form) == want || (i == 0 && message->size() > 1 && placesIn(form) == one) ||
                                  (i == 0 && message->size() > 1 && placesIn(form) + QSet<QString>{"%n"} == want);
                if (!same) wrong << "values: " + source + " → " + form;
                if (form.startsWith(' ') != source.startsWith(' ') || form.endsWith(' ') != source.endsWith(' '))
                    wrong << "space: " + source + " → " + form;
            }
        }
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join("\n")));
    }
    /// The window has room for its words on every stage and panel.
    void shippedLanguagesHaveRoom_data() { shipped(); }
    void shippedLanguagesHaveRoom() {
        QFETCH(QString, language);
        const QTemporaryDir folder;
        QVERIFY(
            test::releaseLanguage(QStringLiteral(LIFTCOUNT_SOURCE_DIR "/translations/lift-count_") + language + ".ts",
                                  folder.path(), language));
        QCOMPARE(speak({language}, folder.path()), language);
        test::WindowRig rig;
        const auto room = [&](const QString& where) {
            for (int i = 0; i < 3; ++i) QCoreApplication::processEvents();
            for (const QString& cut : test::cutOff(*rig.window)) m_cut << where + ": " + cut;
        };
        room("start page");
        rig.session->doc.startWith(danceInGreek());
        for (Stage* stage : rig.window->stages()) {
            rig.window->showStage(*stage);
            room(stage->about().id);
        }
        // "Go to …" types the word for a pass, and finds it
        rig.window->showStage(stage_id::arrange);
        (void)rig.window->commands().run("play.go");
        CommandBox& box = rig.window->commandBox();
        box.begin(box.text() + "3");
        QVERIFY2(box.shown().value(0).endsWith(" 3"), qPrintable(box.text() + ": " + box.shown().join(", ")));
        box.clear();
        test::openEverything(*rig.window, [&](const QByteArray& command) { room(command); });
    }

    /// What is opened below the strips, on the pages of a figure and by keys.
    void everyPanelSpeaksIt() {
        speakIt();
        test::WindowRig rig;
        rig.session->doc.startWith(danceInGreek());
        test::openEverything(*rig.window, [&](const QByteArray& command) { look(rig, command); });
        rig.window->commandBox().begin(QString());
        look(rig.window->commandBox(), "command box");
    }

    /// A sheet may be in another language than what made it.
    void sheetsSpeakIt() {
        speakIt();
        const Document d = danceInGreek();
        const Landing landing = land(d);
        for (const SheetKind kind : {SheetKind::Floor, SheetKind::Full}) {
            QTextDocument sheet;
            sheet.setHtml(sheetHtml(d, landing, kind, windowLanguage()));
            const QString words = sheet.toPlainText();
            QVERIFY2(words.contains(test::pseudo("Order of passes")), qPrintable(words));
            QCOMPARE(test::plainWords(words, m_own), "");
            sheet.setHtml(sheetHtml(d, landing, kind));
            QVERIFY(sheet.toPlainText().contains("Order of passes"));
        }
    }

    /// A hand-out that leaves questions, and findings with remedies.
    void questionsSpeakIt() {
        speakIt();
        test::WindowRig rig;
        auto handout = test::must(
            readHandout("Βόλτα\n32 counts, 4 walls\nSection 1\n1-2 rock back L, recover R\n3-4 zzz zzz\nRestart\n"));
        m_own << "zzz"
              << "rock"
              << "recover"
              << "walls"
              << "counts"
              << "restart"
              << "section";
        rig.session->doc.startWith(std::move(handout.document), std::move(handout.lines));
        rig.window->showStage(stage_id::arrange);
        (void)rig.window->commands().run("plan.hand-out");
        look(rig, "hand-out");
    }
};

LIFTCOUNT_TEST(LanguagesTest)
#include "tst_languages.moc"
