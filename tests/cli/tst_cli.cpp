// The command line as a user runs it: what it prints, where, and how it exits.
#include "support/cli_run.h"

#include "core/document/document_file.h"

#include <QJsonArray>
#include <QRegularExpression>

using namespace lc;
using test::demo;
using test::must;
using test::Ran;
using test::run;

class CliTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;
    QString routine(const Document& d, const char* name) {
        const QString path = m_folder.filePath(name);
        if (!saveDocument(d, path.toStdString())) qFatal("cannot save");
        return path;
    }

private Q_SLOTS:
    void countSaysWhatALineMeans() {
        const Ran r = run({"count", "1 side R 2 behind L 3 side R 4 touch", "--json"});
        QCOMPARE(r.exit, 0);
        const QJsonObject o = r.json();
        QCOMPARE(o["length"].toString(), "4");
        QCOMPARE(o["weight_changes"].toInt(), 3);
        QCOMPARE(o["free_foot_in"].toString(), "R");
        QCOMPARE(o["free_foot_out"].toString(), "L");
        const QJsonArray steps = o["steps"].toArray();
        QCOMPARE(steps.size(), 4);
        QCOMPARE(steps[3].toObject()["weight"].toBool(), false);
        QCOMPARE(steps[3].toObject()["foot"].toString(), "L");
        QCOMPARE(steps[2].toObject()["at"].toString(), "2");
    }
    /// The contract's example: phrases 32 32 16 32 32, a dance of 32 with ¼ L done with count 28.
    void planPutsPhrasesRight() {
        const Ran r = run({"plan", "--phrases", "32,32,16,32,32", "--dance", "32", "--cuts", "8,16,24", "--tags",
                           "2,4,8", "--turn", "-1/4@28", "--json"});
        QCOMPARE(r.exit, 0);
        const QJsonArray plans = r.json()["plans"].toArray();
        QCOMPARE(plans.size(), 5);
        const QJsonObject best = plans[0].toObject();
        QCOMPARE(best["cost"].toInt(), 5);
        QCOMPARE(best["misses"].toInt(), 0);
        QCOMPARE(best["restarts"].toArray(), (QJsonArray{QJsonObject{{"pass", 3}, {"after", "16"}}}));
        QVERIFY(best["tags"].toArray().isEmpty());
        QStringList facings, starts;
        for (const auto& value : best["passes"].toArray()) {
            const QJsonObject pass = value.toObject();
            facings << pass["facing"].toString();
            starts << pass["start"].toString();
            QCOMPARE(pass["phrase_offset"].toString(), "0");
        }
        QCOMPARE(facings.join(' '), "12 9 6 6 3");
        QCOMPARE(starts.join(' '), "0 32 64 80 112");
        QCOMPARE(best["ending"].toObject(), (QJsonObject{{"counts", "32"}, {"facing", "12"}}));
        const Ran tags = run({"plan", "--phrases", "32,36,32,32,36,32", "--dance", "32", "--json", "--limit", "1"});
        QCOMPARE(tags.json()["plans"].toArray()[0].toObject()["cost"].toInt(), 6);
        QVERIFY(run({"plan", "--phrases", "32,32,16,32,32", "--dance", "32"})
                    .out.contains("pass 3 restarts after 16; every pass lands"));
        QVERIFY(run({"plan", "--phrases", "32,16,32", "--dance", "32", "--cuts", "none", "--tags", "none"})
                    .out.contains("starts 1 33 65 (misses)"));
        const Ran none = run({"plan", "--phrases", "32,16", "--dance", "32", "--cuts", "none", "--tags", "none"});
        QCOMPARE(none.exit, 0);
        QVERIFY(none.err.contains("Neither cuts nor tags are allowed"));
        const Ran below = run({"plan", "--phrases", "32,16", "--dance", "32", "--cost", "miss=-1"});
        QCOMPARE(below.exit, 1);
        QVERIFY(below.err.contains("The cost of a pass that misses is -1"));
        QCOMPARE(run({"plan", "--phrases", "32,x", "--dance", "32"}).exit, 1);
        for (const QStringList& wrong : {QStringList{"plan"},
                                         {"plan", "--dance", "32"},
                                         {"plan", "--phrases", "32"},
                                         {"plan", demo, "--phrases", "32", "--dance", "32"}})
            QCOMPARE(run(wrong).exit, 2);
    }
    void planMayDoMore() {
        const Ran r = run({"plan", demo, "--json", "--limit", "3", "--bridges", "2", "--figures", "--bars", "--waits",
                           "8", "--differ", "--facing", "12", "--keep", "1", "--cost", "facing=4"});
        QCOMPARE(r.exit, 0);
        QVERIFY(r.err.contains("What is kept costs 0."));
        const QJsonObject best = r.json()["plans"].toArray()[0].toObject();
        QVERIFY(best.contains("changes") && best.contains("opening"));
        const Ran pinned = run({"plan", demo, "--json", "--start", "2@67", "--limit", "1"});
        QCOMPARE(pinned.json()["plans"].toArray()[0].toObject()["passes"].toArray()[1].toObject()["start"].toString(),
                 "66");
        QVERIFY(
            run({"plan", demo, "--cuts", "none", "--tags", "none"}).err.contains("With all that is allowed, at least"));
        for (const auto& [args, says] : {std::pair{QStringList{"--fills", "No such"}, "no figure “No such”"},
                                         {{"--ending", "Z"}, "no part “Z”"},
                                         {{"--keep", "99"}, "There is no pass “99”"},
                                         {{"--start", "3"}, "says no count"},
                                         {{"--facing", "13"}, "13"}}) {
            const Ran wrong = run(QStringList{"plan", demo} + args);
            QCOMPARE(wrong.exit, 1);
            QVERIFY2(wrong.err.contains(says), wrong.err.constData());
        }
        QCOMPARE(run({"plan", "--phrases", "32", "--dance", "32", "--bars"}).exit, 2);
    }
    void rankPutsTheBestSongFirst() {
        const auto song = [&](const QString& name, const QString& structure, int bpm) {
            const QString path = m_folder.filePath(name + ".txt");
            QFile file(path);
            if (!file.open(QIODevice::WriteOnly)) qFatal("not written");
            file.write(QString("Lift Count routine\ntitle: %1\nsong: %2\ntempo: %3\nroles: everyone\npart: A\n")
                           .arg(name, structure)
                           .arg(bpm)
                           .toUtf8());
            return path;
        };
        const QString square = song("square", "verse 32 | chorus 32 | verse 32", 122),
                      odd = song("odd", "verse 30 | chorus 34 | verse 30", 122),
                      slow = song("slow", "verse 32 | chorus 32 | verse 32", 80);
        const Ran r =
            run({"rank", demo, odd, slow, square, m_folder.filePath("missing.mid"), "--family", "cha-cha", "--json"});
        QCOMPARE(r.exit, 0);
        const QJsonArray fits = r.json()["fits"].toArray();
        QCOMPARE(fits.size(), 4);
        QCOMPARE(fits[0].toObject()["name"].toString(), "square");
        QVERIFY(fits[3].toObject()["problem"].toString().contains("There is no file"));
        QCOMPARE(
            run({"rank", demo, square, "--csv"}).out.split('\n')[0],
            "name,file,bpm,metre,tempo_percent,cost,exceptions,misses,stops,ending_counts,last_pass_counts,ending_facing,problem\r");
        QVERIFY(run({"rank", demo, square}).out.startsWith("1. square, 122 bpm: cost "));
        QVERIFY(run({"rank", square, demo, "--routines"}).out.contains("bpm"));
        const Ran wrong = run({"rank", demo, square, "--family", "no such"});
        QCOMPARE(wrong.exit, 1);
        QVERIFY(wrong.err.contains("There are: waltz, tango"));
    }
    void mendCutsTheMusic() {
        const Ran r = run({"mend", demo, "--json"});
        QVERIFY2(r.exit == 0, r.err.constData());
        const QJsonObject best = r.json()["mends"].toArray()[0].toObject();
        QCOMPARE(best["misses"].toInt(), 0);
        QVERIFY(best["joints"].toInt() >= 1);
        QVERIFY(best["bars"].toArray().size() >= 2);
        const QString out = m_folder.filePath("mended.wav");
        QCOMPARE(run({"mend", demo, "-o", out}).exit, 2); // it has to be said that one may
        const Ran written = run({"mend", demo, "-o", out, "--i-may-change-this-recording"});
        QVERIFY2(written.exit == 0, written.err.constData());
        QVERIFY(QFileInfo(out).size() > 1'000'000);
        QCOMPARE(run({"map", "--import", m_folder.filePath("mended.csv"), "--json"}).exit, 0);
        QVERIFY(run({"mend", routine(newDocument(), "none.liftcount")}).err.contains("The song has no bars yet"));
    }
    void planMakesTheDemoLand() {
        const Ran r = run({"plan", demo, "--json", "--limit", "2"});
        QCOMPARE(r.exit, 0);
        const QJsonObject best = r.json()["plans"].toArray()[0].toObject();
        QCOMPARE(best["misses"].toInt(), 0);
        QCOMPARE(best["tags"].toArray()[0].toObject(), (QJsonObject{{"pass", 3}, {"counts", "2"}})); // the verse of 34
        QVERIFY(best["cost"].toInt() <= r.json()["plans"].toArray()[1].toObject()["cost"].toInt());
        const Ran empty = run({"plan", routine(newDocument(), "none.liftcount")});
        QCOMPARE(empty.exit, 1);
        QVERIFY(empty.err.contains("The song has no phrases yet"));
    }
    void versionsListsEveryWay() {
        const Ran r = run({"versions", "1 2 3 4 5", "--stretch", "1", "--to", "8", "--foot", "R", "--json"});
        QCOMPARE(r.exit, 0);
        const QJsonArray all = r.json()["versions"].toArray();
        QCOMPARE(all.size(), 5);
        const QJsonObject third = all[2].toObject();
        QCOMPARE(third["notation"].toString(), "1 2 3:2 5 6");
        QCOMPARE(third["name"].toString(), "6 + 2, step 3");
        QCOMPARE(third["length"].toString(), "6");
        QCOMPARE(third["remainder"].toString(), "2");
        QCOMPARE(third["ends_on_count"].toString(), "6");
        QCOMPARE(third["changed_steps"].toArray(), QJsonArray{3});
        QCOMPARE(third["feet"].toArray(), (QJsonArray{"R", "L", "R", "L", "R"}));
        // what it prints it reads
        QCOMPARE(run({"count", third["notation"].toString(), "--json"}).json()["length"].toString(), "6");
        const QJsonArray doubled =
            run({"versions", "1 2 3 4 5", "--double", "1", "--json"}).json()["versions"].toArray();
        QStringList ends;
        for (const auto& v : doubled) ends << v.toObject()["ends_on_count"].toString();
        QCOMPARE(ends.join(' '), "4 4 4 9/2");
        QCOMPARE(run({"versions", "1 2 3 4 5 6", "--stretch", "2", "--longest", "3", "--json"})
                     .json()["versions"]
                     .toArray()
                     .size(),
                 21);
        QVERIFY(run({"versions", "1 2 3", "--stretch", "1"})
                    .out.startsWith("3 versions\n4 + 4, step 1: 1:2 3 4   LRL, last step on 4\n"));
        QCOMPARE(run({"versions", "1 2 3"}).exit, 2);
        QCOMPARE(run({"versions", "1 2 3", "--stretch", "1", "--double", "1"}).exit, 2);
        const Ran few = run({"versions", "1 2", "--double", "4"});
        QCOMPARE(few.exit, 1);
        QVERIFY(few.out.isEmpty() && few.err.startsWith("At most one pair of this line can share a count"));
    }
    void fillListsCombinationsAndOrders() {
        const Ran r = run({"fill", "40", "--lengths", "6,8", "--orders", "20", "--json"});
        QCOMPARE(r.exit, 0);
        const QJsonArray combinations = r.json()["combinations"].toArray();
        QCOMPARE(combinations.size(), 2);
        QCOMPARE(combinations[1].toObject()["lengths"].toObject(), (QJsonObject{{"6", 4}, {"8", 2}}));
        QCOMPARE(combinations[1].toObject()["orders"].toInt(), 15);
        const QJsonArray orders = r.json()["orders"].toArray();
        QCOMPARE(orders.size(), 16);
        bool found = false;
        for (const auto& order : orders)
            if (order.toObject()["lengths"].toArray() == QJsonArray{"6", "6", "8", "6", "6", "8"}) {
                found = true;
                QCOMPARE(order.toObject()["starts"].toArray(), (QJsonArray{"1", "7", "5", "5", "3", "1"}));
            }
        QVERIFY(found);
        const Ran none = run({"fill", "10", "--lengths", "6,8", "--json"});
        QCOMPARE(none.exit, 0);
        QVERIFY(none.json()["combinations"].toArray().isEmpty());
        QCOMPARE(none.json()["nearest_above"].toString(), "12");
        QCOMPARE(none.err, QByteArray("These lengths do not fill the counts exactly. They fill 8 and 12 counts.\n"));
        QCOMPARE(run({"fill", "10", "--lengths", "six"}).exit, 1);
        QCOMPARE(run({"fill", "10"}).exit, 2);
    }
    void countAsksWhatIsDoubtfulAndCautions() {
        const QJsonObject said =
            run({"count", "[closed] 1 side L 2 close 3 side & 5 kick R \"now\" + clap", "--json"}).json();
        QCOMPARE(said["couple"].toString(), "closed");
        const QJsonArray questions = said["questions"].toArray();
        QCOMPARE(questions.size(), 1);
        const QJsonArray answers = questions[0].toObject()["answers"].toArray();
        QCOMPARE(answers.size(), 3);
        for (const auto& a : answers) { // each answer, said so, is what it promises and asks nothing
            const QJsonObject answer = a.toObject();
            const QJsonObject meant = run({"count", answer["notation"].toString(), "--json"}).json();
            QCOMPARE(meant["length"], answer["length"]);
            QCOMPARE(meant["free_foot_out"], answer["free_foot_out"]);
            QVERIFY(meant["questions"].toArray().isEmpty());
        }
        QCOMPARE(said["care"].toArray()[0].toString(), "clearance");
        const QJsonObject kick = said["steps"].toArray().last().toObject();
        QCOMPARE(kick["cue"].toString(), "now");
        QCOMPARE(kick["beside"].toString(), "clap");
        const QByteArray text = run({"count", "1 2 3 & 5 kick"}).out;
        QVERIFY(text.contains("question: ") && text.contains("read so") && text.contains("care: "));
        QVERIFY(run({"count", "1{11}"}).err.contains("does not divide evenly into 11 parts"));
    }
    void countReadsFeelsLengthsAndFeet() {
        QCOMPARE(run({"count", "1 & 2", "--feel", "swing", "--json"})
                     .json()["steps"]
                     .toArray()[1]
                     .toObject()["at"]
                     .toString(),
                 "2/3");
        QCOMPARE(run({"count", "SQQ", "--slow", "1", "--quick", "1/2", "--json"}).json()["length"].toString(), "2");
        const QJsonObject waits = run({"count", "1 2 3", "--length", "4", "--foot", "R", "--json"}).json();
        QCOMPARE(waits["length"].toString(), "4");
        QVERIFY(waits["steps"].toArray()[3].toObject()["foot"].isNull());
        QCOMPARE(waits["free_foot_out"].toString(), "L");
        QVERIFY(run({"count", "1-13 walk", "--length", "12", "--json"})
                    .json()["notes"]
                    .toArray()[0]
                    .toString()
                    .contains("adds up to 13"));
        QCOMPARE(run({"count", "& 1 2", "--json"}).json()["steps"].toArray()[0].toObject()["at"].toString(), "-1/2");
        QVERIFY(run({"count", "1 2 3&4"}).out.startsWith("4 counts"));
    }
    void mistakesExitWithOneAndASentence() {
        for (const QStringList& args :
             {QStringList{"count", "1 2 2"}, QStringList{"count", "1 2", "--slow", "x"},
              QStringList{"land", "/no/such.liftcount"}, QStringList{"map", "/no/such.wav"},
              QStringList{"map", "--structure", "verse", "--bpm", "100"}, QStringList{"map", "--structure", "verse 8"},
              QStringList{"map", "--structure", "verse 8", "--bpm", "100", "--metre", "4"},
              QStringList{"sheet", demo, "-o", "/no/such/folder/a.pdf"}}) {
            const Ran r = run(args);
            QVERIFY2(r.exit == 1, qPrintable(args.join(' ')));
            QVERIFY(r.out.isEmpty());
            QCOMPARE(r.err.trimmed().count('\n'), 0);
            QVERIFY(r.err.size() > 20);
        }
    }
    void wrongUseExitsWithTwo() {
        for (const QStringList& args : {QStringList{}, QStringList{"dance"}, QStringList{"count"}, QStringList{"map"},
                                        QStringList{"count", "1", "--feel", "jolly"}, QStringList{"sheet", demo},
                                        QStringList{"sheet", demo, "--kind", "poem", "-o", "x"}})
            QCOMPARE(run(args).exit, 2);
        QCOMPARE(run({"--help"}).exit, 0);
    }
    void mapReadsTypedStructure() {
        const QJsonObject o =
            run({"map", "--structure", "pickup 2 | intro 16 | verse 32", "--bpm", "120", "--offset", "1.5", "--json"})
                .json();
        QCOMPARE(o["beats"].toArray().size(), 50);
        QCOMPARE(o["beats"].toArray()[0].toObject()["bar"].toInt(), -1);
        QCOMPARE(o["phrases"].toArray()[0].toObject()["start_s"].toDouble(), 2.5);
        const Ran csv = run({"map", "--structure", "verse 4", "--bpm", "60", "--format", "csv"});
        QCOMPARE(csv.out, "time_s,bar_index,beat_in_bar,phrase_index\n0,0,1,0\n1,0,2,0\n2,0,3,0\n3,0,4,0\n");
    }
    /// What an export writes is imported again, with beats, bars and phrases at the same times.
    void mapsAreExportedAndImported_data() {
        QTest::addColumn<QString>("format");
        QTest::addColumn<double>("within");
        QTest::newRow("csv") << "csv" << 1e-6;
        QTest::newRow("midi") << "midi" << 0.001;
    }
    void mapsAreExportedAndImported() {
        QFETCH(QString, format);
        QFETCH(double, within);
        const QString structure = "pickup 1 | intro 8 | verse 16 @100>90 | bar 2 | chorus 16 | ending 4",
                      file = m_folder.filePath("map." + format);
        QCOMPARE(
            run({"map", "--structure", structure, "--bpm", "112", "--offset", "0.5", "--format", format, "-o", file})
                .exit,
            0);
        const QJsonObject typed =
            run({"map", "--structure", structure, "--bpm", "112", "--offset", "0.5", "--json"}).json();
        const QJsonObject read = run({"map", "--import", file, "--json"}).json();
        const QJsonArray expected = typed["beats"].toArray(), beats = read["beats"].toArray();
        QCOMPARE(beats.size(), expected.size());
        for (int k = 0; k < beats.size(); ++k) {
            QVERIFY(qAbs(beats[k].toObject()["time_s"].toDouble() - expected[k].toObject()["time_s"].toDouble()) <
                    within);
            QCOMPARE(beats[k].toObject()["bar"].toInt(), expected[k].toObject()["bar"].toInt());
            QCOMPARE(beats[k].toObject()["phrase"].toInt(), expected[k].toObject()["phrase"].toInt());
        }
    }
    void labelsAreImported() {
        QFile file(m_folder.filePath("labels.txt"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("0.500\t8.500\tVerse 1\n8.500\t16.500\tChorus 1\n");
        file.close();
        const Ran r = run({"map", "--import", file.fileName(), "--json"});
        QCOMPARE(r.exit, 0);
        const QJsonArray phrases = r.json()["phrases"].toArray();
        QCOMPARE(phrases.size(), 2);
        QCOMPARE(phrases[1].toObject()["label"].toString(), "Chorus 1");
        QVERIFY(qAbs(phrases[1].toObject()["start_s"].toDouble() - 8.5) < 1e-6);
    }
    void phrasesAreWrittenAsCues() {
        const Ran r = run({"map", "--structure", "intro 8 | verse 16 | stop 4", "--bpm", "120", "--format", "vtt"});
        QCOMPARE(r.exit, 0);
        QVERIFY(r.out.startsWith(
            "WEBVTT\n\n1\n00:00:00.000 --> 00:00:04.000\n")); // W3C, "WebVTT: The Web Video Text Tracks Format", 2019
        QCOMPARE(r.out.count("-->"), 3);
        QVERIFY(r.out.contains("stop of 4"));
    }
    void importsThatCannotBeReadSayWhatAndWhere() {
        QFile file(m_folder.filePath("bad.csv"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("time_s,bar_index,beat_in_bar,phrase_index\n0.5,0,1,0\nsoon,0,2,0\n");
        file.close();
        const Ran r = run({"map", "--import", file.fileName()});
        QCOMPARE(r.exit, 1);
        QVERIFY2(r.err.contains("3") && r.err.contains("soon"), r.err);
        QCOMPARE(run({"map", "--import", m_folder.filePath("none.mid")}).exit, 1);
        QCOMPARE(run({"map", "--import", file.fileName(), "--format", "song"}).exit, 2);
    }
    void mapHearsASong() {
        const QString out = m_folder.filePath("demo.csv");
        const Ran r = run({"map", LIFTCOUNT_SOURCE_DIR "/demo/copper-weathervane.ogg", "--format", "csv", "-o", out});
        QVERIFY2(r.exit == 0, r.err.constData());
        QFile file(out);
        QVERIFY(file.open(QIODevice::ReadOnly));
        QVERIFY(file.readAll().count('\n') > 250);
    }
    void landGivesEveryKeyOfTheContract() {
        const Ran r = run({"land", demo, "--json"});
        QCOMPARE(r.exit, 0);
        const QJsonObject pass = r.json()["passes"].toArray()[3].toObject();
        for (const char* key :
             {"id", "pass", "part", "start_count", "counts", "start_s", "music_count", "running_count", "phrase",
              "phrase_offset", "phrase_miss", "facing", "free_foot", "restart_at", "tag", "roles"})
            QVERIFY2(pass.contains(key), key);
        QCOMPARE(pass["start_count"].toString(), "129");
        QCOMPARE(pass["phrase_miss"].toString(), "-2");
        QCOMPARE(pass["facing"].toString(), "9");
        QCOMPARE(pass["tag"].toString(), "0");
        QVERIFY(pass["restart_at"].isNull());
        for (const char* key : {"role", "start_count", "counts", "free_foot", "facing", "place"})
            QVERIFY(pass["roles"].toArray()[0].toObject().contains(key));
        const QJsonObject finding = r.json()["findings"].toArray()[0].toObject();
        for (const char* key : {"code", "severity", "pass", "count", "role", "text", "remedies"})
            QVERIFY(finding.contains(key));
        QVERIFY(r.json().contains("totals"));
    }
    void landFollowsRestartsAndTurns() {
        Document d =
            test::withLine(test::documentOn("a 32 | b 32 | c 16 | d 32 | e 32"), "A", test::walk(32, {{28, "1/4 L"}}));
        const QJsonArray passes =
            run({"land", routine(test::cut(test::withOrder(d, "A x5"), 3, 16), "r.liftcount"), "--json"})
                .json()["passes"]
                .toArray();
        QStringList facings;
        for (const auto& p : passes) {
            facings << p.toObject()["facing"].toString();
            QCOMPARE(p.toObject()["phrase_miss"].toString(), "0");
        }
        QCOMPARE(facings.join(' '), "12 9 6 6 3");
        QCOMPARE(passes[2].toObject()["restart_at"].toString(), "16");
    }
    void landReadsThePlainText() { // S10 as it comes by mail
        const QString path = m_folder.filePath("rows.txt");
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(
            "Lift Count routine\ntitle: Rows\nlevel: improver\nsong: intro 16 | verse 24 | verse 24\ntempo: 120\nroles: row 1, row 2, row 3, row 4, row 5\nstart: 8 s\n"
            "figure: Walk\n  everyone: 1-16 walk\npart: A\n  Walk\norder: A A\npass 1\n  canon 2 apart, ripple\n");
        file.close();
        const Ran r = run({"land", path, "--json"});
        QVERIFY2(r.exit == 0, r.err.constData());
        const QJsonArray passes = r.json()["passes"].toArray();
        const QJsonObject row = passes[0].toObject()["roles"].toArray()[4].toObject();
        QCOMPARE(row["start_count"].toString(), "25"); // 16 of the intro, then 8 of the others
        QCOMPARE(row["counts"].toString(), "16");
        QCOMPARE(row["place"].toString(), "home");
        QCOMPARE(passes[1].toObject()["start_count"].toString(), "41");
        QCOMPARE(r.json()["header"].toObject()["line"].toString(),
                 "16 counts, one wall, improver, 120 bpm, intro 16 counts (0:08.0)");
        QVERIFY(r.json()["header"].toObject()["exceptions"].toArray()[0].toString().startsWith(
            "Canon: pass 1, entering 2 counts apart, every role finishes"));
        QVERIFY(run({"land", path}).out.contains("Everything lands."));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("Lift Count routine\ncolour: red\n");
        file.close();
        const Ran bad = run({"land", path});
        QCOMPARE(bad.exit, 1);
        QVERIFY2(bad.err.contains("rows.txt”: Line 2: “colour” is not known here"), bad.err.constData());
    }
    void sheetsAreWritten() {
        for (const char* kind : {"floor", "full"}) {
            const QString pdf = m_folder.filePath(QString(kind) + ".pdf");
            QCOMPARE(run({"sheet", demo, "--kind", kind, "-o", pdf}).exit, 0);
            QProcess text; // poppler, an independent reader of PDF
            text.start("pdftotext", {"-layout", pdf, "-"});
            if (!text.waitForFinished() || text.error() == QProcess::FailedToStart) QSKIP("poppler-utils is not here");
            const QString words = QString::fromUtf8(text.readAllStandardOutput()).simplified();
            QVERIFY(words.contains("Weathervane"));
            QVERIFY(words.contains("Order of passes"));
            QVERIFY(words.contains("Chorus 2"));
            QVERIFY(words.contains("qualified teacher"));
            if (QString(kind) == "full") QVERIFY(words.contains("behind"));
            QProcess info;
            info.start("pdfinfo", {pdf});
            QVERIFY(info.waitForFinished());
            const QString facts = QString::fromUtf8(info.readAllStandardOutput());
            QVERIFY(facts.contains("A4"));
            if (QString(kind) == "floor") QVERIFY(facts.contains(QRegularExpression("Pages:\\s+1\\b")));
        }
        const QString html = m_folder.filePath("full.html");
        QCOMPARE(run({"sheet", demo, "--kind", "full", "-o", html}).exit, 0);
        QFile file(html);
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QByteArray page = file.readAll();
        QVERIFY(page.contains("<title>Weathervane</title>"));
        QVERIFY(!page.contains("http"));
    }
    /// S04 and S05: six of eight counts stepped at 184 bpm are 138 steps a minute; at 96 bpm "a" falls 0.469 s after
    /// its count, "&" 0.313 s.
    void countTellsMillisecondsAndPace() {
        const QJsonObject o = run({"count", "1 2 3 5 6 7", "--length", "8", "--bpm", "184", "--json"}).json();
        QVERIFY(qAbs(o["pace"].toObject()["steps_per_minute"].toDouble() - 138) < 0.01);
        const QJsonArray a = run({"count", "1 a 2", "--bpm", "96", "--json"}).json()["steps"].toArray(),
                         n = run({"count", "1 & 2", "--bpm", "96", "--json"}).json()["steps"].toArray();
        QCOMPARE(a[1].toObject()["at_ms"].toDouble(), 468.75);
        QCOMPARE(n[1].toObject()["at_ms"].toDouble(), 312.5);
    }
    /// S11: 0.2 s exceed a personal limit of 0.25 s; a full turn in a count at 120 bpm is 720° a second, over a limit
    /// of 360.
    void limitsAreThePersonsOwn() {
        const auto codes = [](const QJsonObject& o) {
            QStringList all;
            for (const QJsonValue& f : o["findings"].toArray()) all << f["code"].toString();
            return all;
        };
        const QJsonObject fast = run({"count", "1 full R 2", "--bpm", "120", "--turn-speed", "360", "--json"}).json();
        QVERIFY(qAbs(fast["pace"].toObject()["turn_degrees_s"].toDouble() - 720) < 1e-6);
        QVERIFY2(codes(fast).contains("figure-turn-speed"), qPrintable(codes(fast).join(' ')));
        QVERIFY(!codes(run({"count", "1 full R 2", "--bpm", "120", "--turn-speed", "800", "--json"}).json())
                     .contains("figure-turn-speed"));
        const QJsonObject quick = run({"count", "1&2&3", "--bpm", "150", "--shortest-step", "0.25", "--json"}).json();
        QVERIFY(qAbs(quick["pace"].toObject()["shortest_step_s"].toDouble() - 0.2) < 1e-9);
        QVERIFY2(codes(quick).join(' ').contains("quick"), qPrintable(codes(quick).join(' ')));
        QVERIFY(!codes(run({"count", "1&2&3", "--bpm", "150", "--shortest-step", "0.15", "--json"}).json())
                     .join(' ')
                     .contains("quick"));
    }
    /// S14: 10 counts are 2½ bars of four, the half bar is flagged; in bars of five it is not.
    void halfBarsAreFlagged() {
        const auto has = [](const Ran& r) { return r.out.contains("figure-half-bar"); };
        QVERIFY(has(run({"count", "S Q Q S S Q Q", "--json"})));
        QVERIFY(!has(run({"count", "S Q Q S S Q Q", "--bar", "5", "--json"})));
    }
    /// S13: on which count of the music a line begins so that it breaks on 1, 2 or 3.
    void theBreakMayFallOnOneOrTwo() {
        const QJsonObject o = run({"count", "1 2 break R 3 4", "--json"}).json();
        QCOMPARE(o["break_steps"].toArray(), QJsonArray{"1"});
        QCOMPARE(o["starts_for_break"].toObject()["2"].toString(), "1");
        QCOMPARE(o["starts_for_break"].toObject()["1"].toString(), "8");
    }
    /// S08: fillers with an odd number of changes for a figure that leaves the other foot.
    void fillersGoByFeet() {
        const QJsonObject o = run({"fillers", "2", "--foot", "R", "--leave", "L", "--json"}).json();
        QVERIFY(!o["fillers"].toArray().isEmpty());
        for (const QJsonValue& f : o["fillers"].toArray()) {
            QCOMPARE(f["weight_changes"].toInt() % 2, 1);
            QCOMPARE(f["free_foot_out"].toString(), "L");
        }
        QVERIFY(run({"fillers", "65"}).exit == 1);
    }
    /// S07: entry 2 + body 2 + close 2; bodies of two counts that leave the same foot fit, others say why not.
    void bodiesFitAFrame() {
        Document d = newDocument();
        FigureCard frame{"Frame", {{"everyone", "1 L 2 R 3 L 4 R 5 L 6 R"}}, std::nullopt, {}};
        frame.facts.entry = counts(2);
        frame.facts.close = counts(2);
        d = must(applyEdit(d, AddFigure{frame, {}}));
        test::addFigure(d, "Two", {"1 L 2 R"});
        test::addFigure(d, "Three", {"1 L 2 R 3 L"});
        test::addFigure(d, "Odd", {"1 L 2 touch R"});
        const Ran r = run({"bodies", routine(d, "frame.liftcount"), "--figure", "Frame", "--json"});
        QCOMPARE(r.exit, 0);
        QMap<QString, QJsonObject> bodies;
        for (const QJsonValue& b : r.json()["bodies"].toArray()) bodies[b["name"].toString()] = b.toObject();
        QVERIFY(bodies["Two"]["fits"].toBool() && !bodies["Three"]["fits"].toBool() && !bodies["Odd"]["fits"].toBool());
        QVERIFY(bodies["Three"]["why"].toString().contains("3 counts"));
        QCOMPARE(run({"bodies", routine(d, "frame.liftcount"), "--figure", "Nobody"}).exit, 1);
    }
    /// Which version puts its slow step on a moment: every version of a line with one step stretched, walked by hand:
    /// the slow step k of version k lies k − 1 counts behind its start.
    void versionsThatMeetAMoment() {
        const Ran r = run({"meet", "1 2 3 4 5", "--moment", "9", "--stretch", "1", "--json"});
        QCOMPARE(r.exit, 0);
        const QJsonArray starts = r.json()["starts"].toArray();
        QCOMPARE(starts.size(), 5);
        for (const QJsonValue& s : starts) {
            QCOMPARE(s["version"].toInt(), s["step"].toInt());
            QCOMPARE(s["start_count"].toString().toInt(), 9 - (s["step"].toInt() - 1));
        }
    }
    void landTellsPaceAndLimits() {
        const QJsonObject calm = run({"land", demo, "--json"}).json(),
                          strict = run({"land", demo, "--shortest-step", "2", "--json"}).json();
        QVERIFY(calm["pace"].toObject()["steps_per_minute"].toDouble() > 10);
        QVERIFY(strict["findings"].toArray().size() > calm["findings"].toArray().size());
    }
    /// Every word of a sheet is found in its PDF by who searches or reads it aloud: no letters are joined to one sign.
    void everyWordOfASheetIsFoundInItsPdf() {
        Document d = test::documentOn("verse 32 | chorus 32 | afternoon drift 16");
        test::addFigure(
            d, "Flat shift with lift",
            {"1 left L 2 touch fifth R 3 shuffle R 4 twist left 1/4 L 5 drift L 6 afterwards offbeat R 7 fit fl ffi L 8 tt ti tf fb ff"});
        test::placeFigure(d, "A", d.routine.figures.back().id, 4);
        d = test::withOrder(must(applyEdit(d, SetTitle{"Afternoon lift of the left foot"})), "A A");
        const QString file = routine(d, "ligatures.liftcount");
        for (const char* kind : {"floor", "full"}) {
            const QString pdf = m_folder.filePath("ligatures.pdf"), html = m_folder.filePath("ligatures.html");
            QCOMPARE(run({"sheet", file, "--kind", kind, "-o", pdf}).exit, 0);
            QCOMPARE(run({"sheet", file, "--kind", kind, "-o", html}).exit, 0);
            QProcess text;
            text.start("pdftotext", {pdf, "-"});
            if (!text.waitForFinished() || text.error() == QProcess::FailedToStart) QSKIP("poppler-utils is not here");
            const QString found = QString::fromUtf8(text.readAllStandardOutput());
            QFile page(html);
            QVERIFY(page.open(QIODevice::ReadOnly));
            QString written = QString::fromUtf8(page.readAll());
            written
                .remove(
                    QRegularExpression("<(style|head)[^>]*>.*</\\1>", QRegularExpression::DotMatchesEverythingOption))
                .replace(QRegularExpression("<[^>]*>"), " ");
            const QStringList words = written.split(QRegularExpression("[^\\p{L}]+"), Qt::SkipEmptyParts);
            QVERIFY(words.size() > 40);
            for (const QString& word : words)
                if (word != "amp" && word != "nbsp")
                    QVERIFY2(found.contains(word), qPrintable(QString(kind) + ": " + word));
        }
    }
};

LIFTCOUNT_TEST(CliTest)
#include "tst_cli.moc"
