#include "support/core_support.h"

#include "core/base/json_text.h"
#include "core/base/plain_text.h"

#include <QStringDecoder>
#include <QStringEncoder>
#include <random>
#include <rapidcheck.h>

using namespace lc;

class PlainTextTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// From RFC 3629, section 7 and the boundaries of its table in section 4.
    void utf8IsKnown_data() {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<bool>("good");
        QTest::newRow("plain") << QByteArray("1 step R") << true;
        QTest::newRow("A not identical alpha") << QByteArray("\x41\xE2\x89\xA2\xCE\x91\x2E") << true;
        QTest::newRow("Korean") << QByteArray("\xED\x95\x9C\xEA\xB5\xAD\xEC\x96\xB4") << true;
        QTest::newRow("beyond the basic plane") << QByteArray("\xEF\xBB\xBF\xF0\xA3\x8E\xB4") << true;
        QTest::newRow("last character") << QByteArray("\xF4\x8F\xBF\xBF") << true;
        QTest::newRow("beyond it") << QByteArray("\xF4\x90\x80\x80") << false;
        QTest::newRow("overlong slash") << QByteArray("\xC0\xAF") << false;
        QTest::newRow("overlong of three") << QByteArray("\xE0\x80\xAF") << false;
        QTest::newRow("overlong of four") << QByteArray("\xF0\x80\x80\xAF") << false;
        QTest::newRow("surrogate") << QByteArray("\xED\xA0\x80") << false;
        QTest::newRow("breaks off") << QByteArray("a\xE2\x89") << false;
        QTest::newRow("continuation alone") << QByteArray("\x80") << false;
        QTest::newRow("Latin-1") << QByteArray("Dreh\xFCng") << false;
    }
    void utf8IsKnown() {
        QFETCH(QByteArray, bytes);
        QFETCH(bool, good);
        QCOMPARE(isUtf8(std::string_view(bytes.constData(), static_cast<std::size_t>(bytes.size()))), good);
    }
    /// Against Qt's decoder, an independent reader of UTF-8, on random bytes near the boundaries.
    void utf8AgreesWithQt() {
        std::mt19937 random(3);
        const unsigned char near[] = {0x00, 0x41, 0x7F, 0x80, 0x8F, 0x90, 0x9F, 0xA0, 0xBF, 0xC0, 0xC1, 0xC2,
                                      0xDF, 0xE0, 0xE1, 0xED, 0xEE, 0xEF, 0xF0, 0xF1, 0xF4, 0xF5, 0xFF};
        int good = 0;
        for (int i = 0; i < 200'000; ++i) {
            std::string bytes;
            for (std::size_t n = random() % 6; n > 0; --n) bytes += static_cast<char>(near[random() % sizeof near]);
            QStringDecoder decoder(QStringDecoder::Utf8, QStringDecoder::Flag::Stateless);
            const QString text = decoder(QByteArrayView(bytes.data(), static_cast<qsizetype>(bytes.size())));
            (void)text;
            if (isUtf8(bytes) != !decoder.hasError()) QFAIL(QByteArray::fromStdString(bytes).toHex().constData());
            good += isUtf8(bytes) ? 1 : 0;
            QVERIFY(isUtf8(shown(bytes)));
        }
        QVERIFY(good > 10'000 && good < 190'000);
    }
    void whatIsShownCannotSteerATerminal() {
        QCOMPARE(test::q(shown("Tango \x1B[31mred\x07\x7F")), QString("Tango ␛[31mred␇␡"));
        QCOMPARE(test::q(shown("\xC2\x9B"
                               "2J")),
                 QString(QChar(0xFFFD)) + "2J"); // the one-character form of the same
        QCOMPARE(test::q(shown("a\xFF"
                               "b")),
                 QString("a") + QChar(0xFFFD) + "b");
        QCOMPARE(test::q(shown("Häuser\n\tund ½ Drehung →")), QString("Häuser\n\tund ½ Drehung →"));
        QCOMPARE(test::q(shownName("/some/where/l\xF6sung.txt")), QString("“l") + QChar(0xFFFD) + "sung.txt”");
    }
    void foreignTextIsCheckedAndConverted() {
        const auto utf8 = test::must(readForeignText("\xEF\xBB\xBFSchritt für Schritt", "“a.txt”"));
        QCOMPARE(test::q(utf8.text), QString("Schritt für Schritt"));
        QVERIFY(!utf8.western && utf8.note("“a.txt”").empty());
        const auto western = test::must(readForeignText("R\xFC"
                                                        "cken \x96 \x84"
                                                        "Dreh\xFCng\x93 \x80",
                                                        "“a.txt”"));
        QCOMPARE(test::q(western.text), QString("Rücken – „Drehüng“ €"));
        QVERIFY(western.western && test::q(western.note("“a.txt”")).contains("not UTF-8"));
        const auto wide = test::must(readForeignText(std::string_view("\xFF\xFE"
                                                                      "1\0 \0\xFC\0=\xD8\x7A\xDC",
                                                                      12),
                                                     "“a.txt”"));
        QCOMPARE(test::q(wide.text), QString("1 ü") + QString::fromUtf8("\xF0\x9F\x91\xBA"));
        QCOMPARE(test::q(test::must(readForeignText(std::string_view("\xFE\xFF\0S\0\xE9", 6), "“a.txt”")).text),
                 QString("Sé"));
    }
    void whatIsNoTextIsRefusedWithItsLine() {
        const auto says = [](std::string_view bytes, const char* what) {
            const auto read = readForeignText(bytes, "“a.txt”");
            return !read && test::q(read.error().message).contains(what) &&
                   test::q(read.error().message).startsWith("“a.txt”");
        };
        QVERIFY(says(std::string_view("one\ntwo\0", 8), "is not text (line 2)"));
        QVERIFY(says("ü\n\nR\xFC"
                     "cken",
                     "not UTF-8 (line 3)")); // some of it is UTF-8: damaged, not Western
        QVERIFY(says("R\xFC"
                     "cken \x81",
                     "is not text (line 1)"));
        QVERIFY(says(std::string_view("\xFF\xFE\0\xDC", 4), "damaged UTF-16"));
    }
    /// windows-1252 as Qt and iconv know it, every byte: the table is the WHATWG Encoding Standard's, but for the five
    /// bytes without a character.
    void everyWesternByteIsRight() {
        for (int c = 0xA0; c < 0x100; ++c) {
            const std::string byte(1, static_cast<char>(c));
            QCOMPARE(test::q(test::must(readForeignText(byte, "x")).text), QString(QChar(c))); // ISO 8859-1
        }
        for (const int c : {0x81, 0x8D, 0x8F, 0x90, 0x9D})
            QVERIFY(!readForeignText(std::string(1, static_cast<char>(c)), "x"));
        QStringEncoder utf8(QStringEncoder::Utf8);
        const std::pair<int, char16_t> some[] = {{0x80, u'€'}, {0x85, u'…'}, {0x91, u'‘'}, {0x92, u'’'},
                                                 {0x93, u'“'}, {0x94, u'”'}, {0x96, u'–'}, {0x97, u'—'},
                                                 {0x99, u'™'}, {0x8A, u'Š'}, {0x9F, u'Ÿ'}};
        for (const auto& [byte, character] : some)
            QCOMPARE(test::q(test::must(readForeignText(std::string(1, static_cast<char>(byte)), "x")).text),
                     QString(QChar(character)));
    }
    void jsonGoesOutWhateverIsInIt() {
        QVERIFY(isUtf8(jsonText(Json{{"name", "a\xFF\xC3"}})));
        rc::check("any bytes", [](const std::string& bytes) { RC_ASSERT(isUtf8(jsonText(Json{{"name", bytes}}))); });
        QCOMPARE(test::q(jsonText(Json{{"a", 1}}, -1)), QString("{\"a\":1}"));
    }
    void jsonBeyondItsBoundsIsKnownBeforeItIsRead() {
        const std::string good = "{\"a\": [1, 2, {\"b\": \"}]},,,:\"}]}",
                          inText = "[\"\\\"[[[[[[\", \"\\\\\"]"; // brackets inside a text count for nothing
        QVERIFY(beyondBounds(good).why.empty());
        QVERIFY(beyondBounds(inText, {1000, 40, 1, 9}).why.empty());
        QVERIFY(beyondBounds(std::string(48, '[') + std::string(48, ']')).why.empty());
        const JsonExcess deep = beyondBounds(std::string(100'000, '['));
        QVERIFY(test::q(deep.why).contains("48 deep"));
        QCOMPARE(deep.byte, std::size_t(48));
        std::string keys = "{";
        for (int i = 0; i < 600; ++i) keys += "\"" + std::to_string(i) + "\":1,";
        QVERIFY(test::q(beyondBounds(keys).why).contains("512 fields"));
        QVERIFY(test::q(beyondBounds("[" + std::string(50, ',') + "]", {1000, 40, 9, 9}).why).contains("40 values"));
        QVERIFY(test::q(beyondBounds(std::string(3 << 20, ' '), {1 << 20}).why).contains("1 MB"));
    }
};

LIFTCOUNT_TEST(PlainTextTest)
#include "tst_plain_text.moc"
