// What the command line makes of faulty input and faulty places to write to: one clear sentence, exit 1, nothing lost.
#include "support/audio_support.h"
#include "support/cli_run.h"

#include "audio/sound/audio_file.h"
#include "core/base/plain_text.h"

#include <QDir>
#include <QElapsedTimer>
#include <QJsonArray>

#include <filesystem>
#include <random>
#include <sndfile.h>
#include <sys/stat.h>

using namespace lc;

namespace {
bool oneSentence(const QByteArray& err) {
    return err.size() > 20 && err.count('\n') == 1 && !err.contains("terminate") && !err.contains("should not");
}
} // namespace

class CliFaultsTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;
    QByteArray write(const QByteArray& name, const QByteArray& bytes) const {
        const std::string path = (m_folder.path().toUtf8() + "/" + name).toStdString();
        FILE* file = fopen(path.c_str(), "wb");
        if (!file) qFatal("cannot write");
        fwrite(bytes.constData(), 1, static_cast<std::size_t>(bytes.size()), file);
        fclose(file);
        return QByteArray::fromStdString(path);
    }

private Q_SLOTS:
    void westernTextIsReadAndSaid() {
        const QByteArray routine =
            write("tanz.txt",
                  "Lift Count routine\ntitle: T\xE4nze\nsong: verse 16\ntempo: 120\nroles: everyone\nfigure: R\xFC"
                  "cken\n  everyone: 1-8 walk L\npart: A\n  R\xFC"
                  "cken\norder: A x2\n");
        const test::Ran r = test::runInShell({"land", routine});
        QVERIFY2(r.exit == 0, r.err.constData());
        QVERIFY(r.out.contains("Tänze"));
        QVERIFY(r.err.contains("not UTF-8") && r.err.contains("tanz.txt"));
        const QByteArray labels = write("l.txt", "0.5\t8.5\tRefr\xE3o\n8.5\t16.5\tStr\xF3"
                                                 "fe\n");
        const test::Ran map = test::runInShell({"map", "--import", labels, "--format", "json"});
        QVERIFY2(map.exit == 0, map.err.constData());
        QVERIFY(map.out.contains("Refrão") && map.err.contains("not UTF-8"));
        const QByteArray facts = write("f.txt", "# Takt eins f\xFCr alle\none 0.5\n");
        QCOMPARE(test::runInShell({"map", "--import", labels, "--confirm", facts}).exit, 0);
    }
    void argumentsThatAreNoTextAreNamed() {
        for (const QList<QByteArray>& arguments : {QList<QByteArray>{"count", "1 step\xFF 2"},
                                                   {"map", "--structure", "verse\xC3 16", "--bpm", "120"},
                                                   {"rank", test::demo, test::demo, "--family", "walz\xE4"}}) {
            const test::Ran r = test::runInShell(arguments);
            QCOMPARE(r.exit, 1);
            QVERIFY2(oneSentence(r.err) && r.err.contains("UTF-8") && isUtf8(r.err.toStdString()), r.err.constData());
        }
    }
    void namesThatAreNotUtf8Open() {
        const QByteArray routine = write(
            "l\xF6sung.txt",
            "Lift Count routine\nsong: verse 16\ntempo: 120\nroles: everyone\nfigure: W\n  everyone: 1-8 walk L\npart: A\n  W\norder: A A\n");
        QCOMPARE(test::runInShell({"land", routine}).exit, 0);
        const test::Ran ranked = test::runInShell({"rank", test::demo, routine, "--json"});
        QVERIFY2(ranked.exit == 0, ranked.err.constData());
        QVERIFY(!QJsonDocument::fromJson(ranked.out).object()["fits"].toArray().isEmpty());
        QVERIFY(!ranked.out.contains("UTF-8"));
        const test::Ran western = test::runInShell(
            {"rank", test::demo,
             write("t.txt", "Lift Count routine\ntitle: T\xE4nze\nsong: verse 16\ntempo: 120\nroles: everyone\n"),
             "--json"});
        const test::Ran both = test::runInShell(
            {"rank", test::demo, write("n.txt", "Lift Count routine\ntitle: T\xE4nze\nroles: everyone\n")});
        QVERIFY2(both.out.contains("It has no beats yet. “") && both.out.contains("not UTF-8"), both.out.constData());
        QVERIFY2(QJsonDocument::fromJson(western.out)
                     .object()["fits"]
                     .toArray()[0]
                     .toObject()["remark"]
                     .toString()
                     .contains("not UTF-8"),
                 western.out.constData());
        const test::Ran bad = test::runInShell({"land", write("\xE4.liftcount", "{}")});
        QCOMPARE(bad.exit, 1);
        QVERIFY(oneSentence(bad.err) && isUtf8(bad.err.toStdString()));
    }
    /// 80 mutated inputs of each kind: exit 0 or one sentence; never an end by signal, never bytes that are no text.
    void mutatedTextsNeverAbort_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<QList<QByteArray>>("verb");
        QTest::newRow("routine")
            << QByteArray(
                   "Lift Count routine\ntitle: Rückkehr\nsong: verse 16 | refrain 16\ntempo: 120\nroles: leader, follower\nfigure: Grün\n  leader: 1 step L 2 close R 3&4 triple\n  follower: 1-4 walk R\npart: A\n  Grün\norder: A A\npass 2: restart after 2\n")
            << QList<QByteArray>{"land", "FILE", "--json"};
        QTest::newRow("labels") << QByteArray(
                                       "0.5\t8.5\tStrophe\n8.5\t16.5\tRefrän\n16.5\t18.5\tstop 4\n18.5\t40\tEnde\n")
                                << QList<QByteArray>{"map", "--format", "json", "--import", "FILE"};
        QTest::newRow("structure") << QByteArray("pickup 2 | intro 16 | Strophe 32 @112 | stop 4 | Schluß 16 @112>90")
                                   << QList<QByteArray>{"map", "--bpm", "112", "--json", "--structure", "TEXT"};
        QTest::newRow("notation") << QByteArray("1 rück R 2 close 3&4 triple (5) ¼ R")
                                  << QList<QByteArray>{"count", "--json", "TEXT"};
        QTest::newRow("facts") << QByteArray("one 12.3 # grüß\nbar 3.1 2\ntempo 112\nphrase 4 32\nmetre 4/4\n")
                               << QList<QByteArray>{"map", "--structure", "verse 64",  "--bpm",
                                                    "120", "--json",      "--confirm", "FILE"};
    }
    void mutatedTextsNeverAbort() {
        QFETCH(QByteArray, text);
        QFETCH(QList<QByteArray>, verb);
        std::mt19937 random(11);
        int sentences = 0;
        for (int i = 0; i < (test::sanitized ? 20 : 80); ++i) {
            QByteArray changed = text;
            for (int n = 1 + static_cast<int>(random() % 4); n > 0; --n) {
                const auto at = static_cast<qsizetype>(random() % static_cast<unsigned>(changed.size()));
                switch (random() % 3) {
                case 0: changed[at] = static_cast<char>(random()); break;
                case 1: changed.insert(at, static_cast<char>(0x80 + random() % 128)); break;
                default: changed.remove(at, 1); break;
                }
            }
            changed.replace('\0', ' ');
            QList<QByteArray> arguments = verb;
            for (QByteArray& a : arguments)
                if (a == "FILE")
                    a = write("mutant.txt", changed);
                else if (a == "TEXT")
                    a = changed;
            const test::Ran r = test::runInShell(arguments);
            QVERIFY2(r.exit == 0 || r.exit == 1, (QByteArray::number(r.exit) + ": " + changed).constData());
            if (r.exit == 1) {
                ++sentences;
                QVERIFY2(r.err.size() > 10 && !r.err.contains("should not"), r.err.constData());
            } else
                QVERIFY2(!QJsonDocument::fromJson(r.out).isNull(), changed.constData());
            QVERIFY(isUtf8(r.err.toStdString()));
        }
        QVERIFY2(sentences > 0, "no mutant was refused");
    }
    void escapeCodesDoNotReachTheTerminal() {
        const QByteArray routine = write(
            "esc.txt",
            "Lift Count routine\ntitle: x\nsong: verse 16\ntempo: 120\nroles: everyone\nfigure: W\n  everyone: 1-8 walk L\npart: A\n  W\norder: A A\nmoment: 1 s, lyric, \"y\"\n");
        QVERIFY(!test::runInShell({"land", routine}).out.contains('\x1B'));
        const test::Ran r = test::runInShell({"count", "1 step 2 \x1B[31mred"});
        QVERIFY(!r.out.contains('\x1B') && !r.err.contains('\x1B'));
        const test::Ran missing = test::runInShell({"land", "no\x1B[2Jwhere"});
        QCOMPARE(missing.exit, 1);
        QVERIFY(!missing.err.contains('\x1B'));
    }
    void pipesAndDevicesAreNotReplaced() {
        const QByteArray link = m_folder.path().toUtf8() + "/null";
        std::filesystem::create_symlink("/dev/null", link.toStdString());
        QCOMPARE(
            test::runInShell({"map", "--structure", "verse 16", "--bpm", "120", "--format", "csv", "-o", link}).exit,
            0);
        QVERIFY(std::filesystem::is_character_file("/dev/null"));
        QVERIFY(std::filesystem::is_symlink(link.toStdString()));
        const QByteArray pipe = m_folder.path().toUtf8() + "/pipe";
        QCOMPARE(::mkfifo(pipe.constData(), 0600), 0);
        const test::Ran read =
            test::runInShell({"map", "--structure", "verse 16", "--bpm", "120", "--format", "csv", "-o", pipe},
                             "& cat '" + pipe + "'; wait");
        QVERIFY2(read.out.startsWith("time_s,"), read.out.constData());
        QVERIFY(std::filesystem::is_fifo(pipe.toStdString()));
        const test::Ran nobody = test::runInShell({"map", "--structure", "verse 16", "--bpm", "120", "-o", pipe});
        QCOMPARE(nobody.exit, 1);
        QVERIFY2(oneSentence(nobody.err) && nobody.err.contains("nothing reads"), nobody.err.constData());
        const test::Ran asInput = test::runInShell({"land", pipe});
        QCOMPARE(asInput.exit, 1);
        QVERIFY2(asInput.err.contains("is a pipe"), asInput.err.constData());
        for (const QList<QByteArray>& arguments :
             {QList<QByteArray>{"land", "/dev/zero"},
              {"map", "/dev/zero"},
              {"map", "--import", "/dev/zero"},
              {"map", "--structure", "a 8", "--bpm", "100", "--confirm", "/dev/zero"}}) {
            const test::Ran r = test::runInShell(arguments);
            QCOMPARE(r.exit, 1);
            QVERIFY2(r.err.contains("is a device"), r.err.constData());
        }
        const test::Ran folder =
            test::runInShell({"map", "--structure", "a 8", "--bpm", "100", "--confirm", m_folder.path().toUtf8()});
        QCOMPARE(folder.exit, 1);
        QVERIFY2(folder.err.contains("is a folder"), folder.err.constData());
    }
    void aFullStandardOutputIsAFault() {
        for (const QByteArray format : {"text", "json", "midi"}) {
            const test::Ran r =
                test::runInShell({"map", "--structure", "verse 16", "--bpm", "120", "--format", format}, "> /dev/full");
            QCOMPARE(r.exit, 1);
            QVERIFY2(oneSentence(r.err) && r.err.contains("standard output"), r.err.constData());
        }
    }
    void mendWritesWholeOrNotAtAll() {
        const QByteArray out = m_folder.path().toUtf8() + "/mended.wav",
                         table = m_folder.path().toUtf8() + "/mended.csv";
        write("mended.csv", "somebody else's\n");
        const test::Ran refused = test::runInShell({"mend", test::demo, "-o", out, "--i-may-change-this-recording"});
        QCOMPARE(refused.exit, 1);
        QVERIFY2(oneSentence(refused.err) && refused.err.contains("mended.csv"), refused.err.constData());
        QVERIFY(!QFile::exists(QString::fromUtf8(out)));
        write("mended.wav", "the file from before");
        const test::Ran full = test::runInShell(
            {"mend", test::demo, "-o", out, "--i-may-change-this-recording", "--overwrite"}); // room enough: written
        QCOMPARE(full.exit, 0);
        QVERIFY(QFile(QString::fromUtf8(out)).size() > 1'000'000);
        write("mended.wav", "the file from before");
        QFile::remove(QString::fromUtf8(table));
        QProcess p;
        p.start("sh", {"-c", QString("ulimit -f 100; exec '%1' mend '%2' -o '%3' --i-may-change-this-recording")
                                 .arg(LIFTCOUNT_BINARY_DIR "/lift-count-cli", test::demo, QString::fromUtf8(out))});
        QVERIFY(p.waitForFinished(60000));
        QCOMPARE(p.exitStatus(), QProcess::NormalExit);
        QCOMPARE(p.exitCode(), 1);
        QFile before(QString::fromUtf8(out));
        QVERIFY(before.open(QIODevice::ReadOnly));
        QCOMPARE(before.readAll(), QByteArray("the file from before"));
        QVERIFY(QDir(m_folder.path()).entryList({".*.part*"}, QDir::Files | QDir::Hidden).isEmpty());
    }
    /// Three hours of 8-bit sound: refused as a whole, listened to as far as one asks.
    void aPieceOfAVeryLongRecordingIsHeard() {
        const QByteArray path = m_folder.path().toUtf8() + "/long.wav";
        SF_INFO info{};
        info.samplerate = 8000;
        info.channels = 1;
        info.format = SF_FORMAT_WAV | SF_FORMAT_PCM_U8;
        SNDFILE* file = sf_open(path.constData(), SFM_WRITE, &info);
        QVERIFY(file);
        std::vector<float> block(8000 * 60);
        for (std::size_t i = 0; i < block.size(); ++i)
            block[i] = i % 4000 < 400 ? 0.5F * static_cast<float>(static_cast<int>(i * 7919 % 200) - 100) / 100
                                      : 0.0F; // a tick each half second
        for (int minute = 0; minute < 180; ++minute)
            sf_writef_float(file, block.data(), static_cast<sf_count_t>(block.size()));
        sf_close(file);
        const test::Ran whole = test::runInShell({"map", path});
        QCOMPARE(whole.exit, 1);
        QVERIFY(whole.err.contains("longer than 90 minutes"));
        const test::Ran part = test::runInShell({"map", path, "--seconds-limit", "60", "--json"});
        QVERIFY2(part.exit == 0, part.err.constData());
        const QJsonObject map = QJsonDocument::fromJson(part.out).object();
        QVERIFY(qAbs(map["tempo_bpm"].toDouble() - 120) < 1);
        QVERIFY(map["beats"].toArray().last().toObject()["time_s"].toDouble() < 60.5);
        const QByteArray song = LIFTCOUNT_SOURCE_DIR "/demo/copper-weathervane.ogg";
        const test::Ran all = test::runInShell({"map", song, "--format", "csv"}),
                        huge = test::runInShell({"map", song, "--format", "csv", "--seconds-limit", "900000000"});
        QVERIFY(huge.exit == 0 && huge.out == all.out);
    }
};

LIFTCOUNT_TEST(CliFaultsTest)
#include "tst_cli_faults.moc"
