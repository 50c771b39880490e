// Papers of other programs: pages, documents and prints are written by Qt's own writers (its ODF writer, its PDF
// engine) and by hand; what is read from them is the dance of the plain text. The text of a print is also checked
// against pdftotext (poppler-utils).
#include "support/core_support.h"

#include "core/base/files.h"
#include "core/exchange/routine_file.h"
#include "core/exchange/routine_text.h"
#include "core/papers/paper_text.h"

#include <QBuffer>
#include <QFile>
#include <QGuiApplication>
#include <QPageSize>
#include <QPainter>
#include <QPdfWriter>
#include <QProcess>
#include <QTemporaryDir>
#include <QTextDocument>
#include <QTextDocumentWriter>

using namespace lc;
using test::must;

namespace {

QByteArray sheetBytes(const char* name) {
    QFile file(QStringLiteral(LIFTCOUNT_SOURCE_DIR "/tests/data/handouts/") + QString::fromLatin1(name));
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

QString sheet(const char* name) { return test::q(must(readForeignText(sheetBytes(name).toStdString(), name)).text); }

std::string odt(const QTextDocument& document) {
    QBuffer out;
    out.open(QIODevice::WriteOnly);
    QTextDocumentWriter writer(&out, "odf");
    if (!writer.write(&document)) qFatal("no ODF");
    return out.data().toStdString();
}

/// `points`: the size of the letters, by which lines are wrapped.
QByteArray pdf(const QTextDocument& document, double points = 8) {
    QBuffer out;
    out.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&out);
        writer.setPageSize(QPageSize(QPageSize::A5)); // several pages
        std::unique_ptr<QTextDocument> copy(document.clone());
        QFont font(QStringLiteral("DejaVu Sans"));
        font.setPointSizeF(points);
        copy->setDefaultFont(font);
        copy->print(&writer);
    }
    return out.data();
}

std::string text(std::string_view bytes) { return must(paperText(bytes, "paper")).text; }

/// What a hand-out comes to, whatever paper it stands on.
std::string dance(const std::string& text) {
    Handout handout = must(readHandout(text));
    for (UnsettledLine& line : handout.document.routine.unsettled) line.number = 1; // papers divide lines otherwise
    return routineToText(handout.document);
}

/// A zip with one stored file (APPNOTE.TXT 6.3.10: local header, central directory, end record; method 0).
QByteArray zipOf(const QByteArray& name, const QByteArray& data) {
    const auto number = [](quint32 value, int bytes) {
        QByteArray out;
        for (int i = 0; i < bytes; ++i) out += static_cast<char>(value >> (8 * i));
        return out;
    };
    quint32 crc = 0xFFFFFFFFU; // ISO 3309
    for (const char c : data) {
        crc ^= static_cast<quint8>(c);
        for (int k = 0; k < 8; ++k) crc = crc & 1U ? (crc >> 1) ^ 0xEDB88320U : crc >> 1;
    }
    const auto size = static_cast<quint32>(data.size()), letters = static_cast<quint32>(name.size());
    const QByteArray shared = number(20, 2) + number(0, 2) + number(0, 2) + number(0, 4) + number(~crc, 4) +
                              number(size, 4) + number(size, 4) + number(letters, 2) + number(0, 2);
    const QByteArray local = number(0x04034B50, 4) + shared + name + data;
    const QByteArray central = number(0x02014B50, 4) + number(20, 2) + shared + number(0, 2) + number(0, 2) +
                               number(0, 2) + number(0, 4) + number(0, 4) + name;
    return local + central + number(0x06054B50, 4) + number(0, 4) + number(1, 2) + number(1, 2) +
           number(static_cast<quint32>(central.size()), 4) + number(static_cast<quint32>(local.size()), 4) +
           number(0, 2);
}

constexpr const char* table =
    "<table><tr><th>Counts</th><th>Leader</th><th>Follower</th></tr><tr><td>1-2</td><td>rock back L, recover R</td><td><p>rock back R, recover L</p></td></tr>"
    "<tr><td>3&amp;4</td><td>triple step L-R-L</td><td>triple step R-L-R</td></tr></table>";

} // namespace

class PapersTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void theDanceIsThatOfThePlainText_data() {
        QTest::addColumn<QString>("name");
        for (const char* name : {"lantern-row.txt", "hofkreis.txt", "cour.txt", "promenade.txt", "mill-waltz.txt",
                                 "plaza.txt", "slipway-six.txt"})
            QTest::newRow(name) << name;
    }
    void theDanceIsThatOfThePlainText() {
        QFETCH(QString, name);
        const QString plain = sheet(qPrintable(name));
        const std::string wanted = dance(plain.toStdString());
        QTextDocument document(plain);
        QCOMPARE(test::q(dance(text(odt(document)))), test::q(wanted));
        QCOMPARE(test::q(dance(text(document.toHtml().toStdString()))),
                 test::q(wanted)); // Qt's own HTML: a paragraph for each line
        QVERIFY2(dance(text(pdf(document).toStdString())) == wanted,
                 (dance(text(pdf(document).toStdString())) + "\n--- but\n" + wanted).c_str());
        QString page = QStringLiteral(
            "<!DOCTYPE html>\n<html><head><title>A hall</title><style>p{color:red}</style><script>var one = '1-4 vine R';</script></head><body><nav></nav>");
        for (const QString& line : plain.split('\n'))
            page += QStringLiteral("<div>%1<br></div>\n").arg(line.trimmed().toHtmlEscaped());
        QCOMPARE(test::q(dance(text(page.toStdString()))), test::q(wanted));
    }
    /// In large letters lines are wrapped: what is read then is the same dance, or says where it may not be.
    void linesThatAreWrappedInPrint_data() { theDanceIsThatOfThePlainText_data(); }
    void linesThatAreWrappedInPrint() {
        QFETCH(QString, name);
        QTextDocument document(sheet(qPrintable(name)));
        const Handout wrapped = must(readHandout(text(pdf(document, 15).toStdString()))),
                      plain = must(readHandout(document.toPlainText().toStdString()));
        const auto lengths = [](const Handout& h) {
            QStringList out;
            for (const PassPerformance& p : land(h.document).performance.passes)
                out << test::q(toCountString(p.counts));
            return out;
        };
        const bool open =
            std::any_of(wrapped.lines.begin(), wrapped.lines.end(), [](const HandoutLine& line) { return line.open; });
        if (!open) QCOMPARE(lengths(wrapped), lengths(plain));
    }
    void textOfAPrintAgainstPdftotext() {
        QTextDocument document(sheet("lantern-row.txt"));
        const QByteArray print = pdf(document);
        QTemporaryDir folder;
        QFile file(folder.filePath("a.pdf"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(print);
        file.close();
        QProcess process;
        process.start(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), file.fileName(), QStringLiteral("-")});
        QVERIFY2(process.waitForFinished(), "pdftotext is missing: see packages.txt");
        const auto words = [](QString all) { return all.replace('\f', ' ').simplified().split(' '); };
        QCOMPARE(words(test::q(text(print.toStdString()))), words(QString::fromUtf8(process.readAllStandardOutput())));
    }
    void tablesBecomeColumns() {
        const std::string wanted =
            "Counts\tLeader\tFollower\n1-2\trock back L, recover R\trock back R, recover L\n3&4\ttriple step L-R-L\ttriple step R-L-R\n";
        QCOMPARE(test::q(text(std::string("<html><body>") + table + "</body></html>")), test::q(wanted));
        QTextDocument document;
        document.setHtml(table);
        QCOMPARE(test::q(text(odt(document))), test::q(wanted));
        const Handout handout = must(readHandout("For Two\n" + wanted));
        QCOMPARE(handout.document.routine.roles.size(), std::size_t{2});
        QCOMPARE(land(handout.document).performance.passes.front().counts, counts(4));
        QVERIFY(handout.document.routine.unsettled.empty());
        QCOMPARE(test::q(lineText(handout.document.routine.figures[0], handout.document.routine.roles[1].id)),
                 "1-2 rock back R, recover L, 3&4 triple step R-L-R");
    }
    /// WordprocessingML by hand: runs inside a paragraph, tabs, breaks, a table, a deleted word that is not read.
    void officeOpenXml() {
        const QByteArray xml =
            "<?xml version=\"1.0\"?><w:document xmlns:w=\"http://schemas.openxmlformats.org/wordprocessingml/2006/main\"><w:body><w:p><w:r><w:t>Yard </w:t></w:r><w:r><w:t>Row</w:t></w:r></w:p>"
            "<w:p><w:r><w:t>1-4 vine R</w:t><w:br/><w:t>5-8</w:t><w:tab/><w:t xml:space=\"preserve\">vine L</w:t></w:r><w:del><w:r><w:delText>x2</w:delText></w:r></w:del></w:p>"
            "<w:tbl><w:tr><w:tc><w:p><w:r><w:t>Lead</w:t></w:r></w:p></w:tc><w:tc><w:p><w:r><w:t>Follow</w:t></w:r></w:p></w:tc></w:tr></w:tbl></w:body></w:document>";
        QCOMPARE(test::q(text(zipOf("word/document.xml", xml).toStdString())),
                 "Yard Row\n1-4 vine R\n5-8\tvine L\nLead\tFollow\n");
    }
    /// A cell over two columns (HTML 4.01, 11.2.6: colspan; OpenDocument 1.2, 9.1.5: covered-table-cell;
    /// ECMA-376, 17.4.17: gridSpan): what stands behind it keeps its column. Tab stops are no tabs.
    void cellsOverSeveralColumns() {
        const std::string wanted = "Lead\tFollow\tboth\nSection 1\t\tall\nend\n";
        QCOMPARE(
            test::q(text(
                "<html><body><table><tr><td>Lead</td><td>Follow</td><td>both</td></tr><tr><td colspan=2>Section 1</td><td>all</td></tr><tr><td colspan=\"3\">end</td></tr></table></body></html>")),
            test::q(wanted));
        const auto w = [](const QByteArray& cells) { return "<w:tr>" + cells + "</w:tr>"; };
        const auto cell = [](const QByteArray& words, const QByteArray& facts = {}) {
            return "<w:tc><w:tcPr>" + facts +
                   "</w:tcPr><w:p><w:pPr><w:tabs><w:tab w:val=\"left\" w:pos=\"720\"/></w:tabs></w:pPr><w:r><w:t>" +
                   words + "</w:t></w:r></w:p></w:tc>";
        };
        const QByteArray word =
            "<w:document xmlns:w=\"http://schemas.openxmlformats.org/wordprocessingml/2006/main\"><w:body><w:tbl>" +
            w(cell("Lead") + cell("Follow") + cell("both")) +
            w(cell("Section 1", "<w:gridSpan w:val=\"2\"/>") + cell("all")) +
            w(cell("end", "<w:gridSpan w:val=\"3\"/>")) + "</w:tbl></w:body></w:document>";
        QCOMPARE(test::q(text(zipOf("word/document.xml", word).toStdString())), test::q(wanted));
        const QByteArray open =
            "<office:document-content xmlns:office=\"o\" xmlns:table=\"t\" xmlns:text=\"x\"><table:table-row><table:table-cell><text:p>Lead</text:p></table:table-cell><table:table-cell><text:p>Follow</text:p></table:table-cell>"
            "<table:table-cell><text:p>both</text:p></table:table-cell></table:table-row><table:table-row><table:table-cell table:number-columns-spanned=\"2\"><text:p>Section 1</text:p></table:table-cell><table:covered-table-cell/>"
            "<table:table-cell><text:p>all</text:p></table:table-cell></table:table-row><table:table-row><table:table-cell><text:p>end</text:p></table:table-cell><table:covered-table-cell/><table:covered-table-cell/></table:table-row></office:document-content>";
        QCOMPARE(test::q(text(zipOf("content.xml", open).toStdString())), test::q(wanted));
    }
    void lettersOfAllKinds() {
        QCOMPARE(
            test::q(text(
                "<html><head><meta charset=\"iso-8859-1\"></head><body><p>Fl\xFC\x67\x65l &amp; F\xFC\xDF\x65</p></body></html>")),
            "Flügel & Füße\n");
        QCOMPARE(test::q(text("<html><body><p>Fl\xFC\x67\x65l \x93so\x94</p></body></html>")),
                 "Flügel “so”\n"); // nothing says what it is: windows-1252
        QCOMPARE(test::q(text("<html><body><p>the charset of F\xFC\xDF\x65</p></body></html>")),
                 "the charset of Füße\n"); // the word alone says nothing
        QCOMPARE(test::q(text("<html><body><p>F\xC3\xBC\xC3\x9F\x65 &frac14; &#189;</p></body></html>")), "Füße ¼ ½\n");
        QCOMPARE(test::q(text("<html><body><pre>1-4 vine R\n5-8 vine L</pre><p>a<b>b</b> c</p></body></html>")),
                 "1-4 vine R\n5-8 vine L\nab c\n");
    }
    void whatItIsIsToldByItsContent() {
        QVERIFY(paperKind("Lantern Row\n1-4 vine R\n") == PaperKind::Text);
        QVERIFY(paperKind("\xEF\xBB\xBF  <!-- saved --><!DOCTYPE HTML>") == PaperKind::Html);
        QVERIFY(paperKind("<1-4> vine") == PaperKind::Text);
        QVERIFY(paperKind("%PDF-1.7") == PaperKind::Pdf);
        QVERIFY(paperKind(zipOf("content.xml", "<a/>").toStdString()) == PaperKind::Odt);
        QVERIFY(paperKind(zipOf("other.txt", "a").toStdString()) == PaperKind::Text);
    }
    void whatCannotBeReadIsSaid_data() {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<QString>("says");
        QTest::newRow("a damaged print") << QByteArray("%PDF-1.7 and nothing") << "damaged";
        QTest::newRow("an empty page") << QByteArray("<html></html>") << "";
        QTest::newRow("a damaged document") << zipOf("content.xml", "<office:document-content><text:p>") << "damaged";
        QTest::newRow("a cut zip") << zipOf("content.xml", "<a>1-4 vine R</a>").chopped(40) << "";
        QTest::newRow("a zip of pictures") << zipOf("picture.png", "\x89PNG") << "";
        QBuffer picture;
        picture.open(QIODevice::WriteOnly);
        {
            QPdfWriter writer(&picture);
            QPainter(&writer).fillRect(100, 100, 500, 500, Qt::black);
        }
        QTest::newRow("a print without text") << picture.data() << "only pictures of text";
    }
    void whatCannotBeReadIsSaid() {
        QFETCH(QByteArray, bytes);
        QFETCH(QString, says);
        QTemporaryDir folder;
        QFile file(folder.filePath("paper"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(bytes);
        file.close();
        const auto read = readRoutineFile(file.fileName().toStdString());
        QVERIFY(!read);
        QVERIFY2(test::q(read.error().message).contains(says), read.error().message.english().c_str());
        QVERIFY(read.error().message.english().find("“paper”") != std::string::npos);
    }
    void tooManyPages() {
        QBuffer out;
        out.open(QIODevice::WriteOnly);
        {
            QPdfWriter writer(&out);
            QPainter painter(&writer);
            for (int n = 0; n < 101; ++n) {
                painter.drawText(100, 100, "1-4 vine R");
                if (n < 100) writer.newPage();
            }
        }
        const auto read = paperText(out.data().toStdString(), "“book”");
        QVERIFY(!read);
        QVERIFY(read.error().message.english().find("101 pages") != std::string::npos);
    }
    /// Of a page that is nested beyond what the parser takes, it reads what comes before; it neither crashes nor goes
    /// on for ever.
    void pagesMayBeNestedDeeply() {
        std::string deep = "<html><body><p>Deep Row</p>";
        for (int n = 0; n < 20'000; ++n) deep += "<div>";
        QVERIFY(text(deep + "1-4 vine R").find("Deep Row") == 0);
        QCOMPARE(test::q(text("<html><body><ul><li>1-4 vine R</li><li>5-8 vine L</li></ul></body></html>")),
                 "1-4 vine R\n5-8 vine L\n");
    }
    void whichFilesArePapers() {
        QTemporaryDir folder;
        const auto is = [&](const char* name, const QByteArray& bytes) {
            QFile file(folder.filePath(name));
            if (!file.open(QIODevice::WriteOnly)) qFatal("cannot write");
            file.write(bytes);
            file.close();
            return isPaper(file.fileName().toStdString());
        };
        QVERIFY(is("a.txt", "Lantern Row\n1-4 vine R\n"));
        QVERIFY(is("a.md", "# Lantern Row\n1-4 vine R\n"));
        QVERIFY(is("b.html", "<html><p>1-4 vine R</p></html>"));
        QVERIFY(is("c", "%PDF-1.4"));
        QVERIFY(is("d.odt", zipOf("content.xml", "<a/>")));
        QVERIFY(!is("labels.txt", "0.5\t16.5\tverse\n")); // a map of the song
        QVERIFY(!is("routine.txt", "Lift Count routine\n"));
        QVERIFY(!is("song.wav", "RIFF0000WAVEfmt "));
        QVERIFY(!is("e.zip", zipOf("picture.png", "\x89PNG")));
        QVERIFY(!isPaper(folder.path().toStdString()));
    }
};

LIFTCOUNT_TEST(PapersTest)
#include "tst_papers.moc"
