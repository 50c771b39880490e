#include "support/core_support.h"

#include "core/exchange/lyrics_file.h"
#include "core/exchange/map_export.h"
#include "core/exchange/map_import.h"

#include <QProcess>
#include <QTemporaryDir>
#include <rapidcheck.h>

using namespace lc;

namespace {

QString importError(const std::string& bytes) {
    const auto map = importMap(bytes, "song.txt");
    return map ? QString() : test::q(map.error().message);
}

/// A song of random phrases, bars, tempos and stops.
SongMap randomSong() {
    const auto whole = [](int from, int to) { return *rc::gen::inRange(from, to + 1); };
    std::string structure;
    if (whole(0, 1) == 1) structure = "pickup " + std::to_string(whole(1, 3)) + " | ";
    const int phrases = whole(1, 5);
    for (int p = 0; p < phrases; ++p) {
        structure += (p == 0 ? "" : " | ") + std::string("verse ") + std::to_string(4 * whole(1, 12));
        if (whole(0, 2) == 0)
            structure += " @" + std::to_string(whole(60, 200)) +
                         (whole(0, 1) == 0 ? ">" + std::to_string(whole(60, 200)) : std::string());
        if (whole(0, 3) == 0) structure += " | bar " + std::to_string(whole(1, 7));
        if (whole(0, 3) == 0) structure += " | stop " + std::to_string(4 * whole(1, 2));
    }
    return test::song(structure, whole(60, 200), "4/4", whole(0, 5000) / 1000.0);
}

QStringList phrasesOf(const SongMap& map) {
    QStringList out;
    for (const Phrase& p : map.phrases) out << test::q(p.label) + QString(" %1+%2").arg(p.firstBar).arg(p.bars);
    return out;
}

std::string midiOf(const SongMap& map) {
    const auto bytes = test::must(mapToMidi(map));
    return {bytes.begin(), bytes.end()};
}

std::vector<std::uint8_t> midi(const std::string& hex) {
    const QByteArray bytes = QByteArray::fromHex(QByteArray::fromStdString(hex));
    return {bytes.begin(), bytes.end()};
}

} // namespace

class MapImportTest : public QObject {
    Q_OBJECT

private Q_SLOTS:
    void csvIsReadBackExactly() {
        QVERIFY(rc::check("import of the CSV export is the identity", [] {
            const SongMap song = randomSong();
            const std::string csv = mapToCsv(song);
            const auto read = importMap(csv, "song.csv");
            RC_ASSERT(read.has_value());
            RC_ASSERT(mapToCsv(read->map) == csv);
            RC_ASSERT(read->map.bars.size() == song.bars.size());
            RC_ASSERT(read->map.pickupBeats == song.pickupBeats);
        }));
    }
    void ourJsonIsReadBackExactly() {
        QVERIFY(rc::check("import of the JSON export is the identity", [] {
            const SongMap song = randomSong();
            const std::string json = mapToJson(song);
            const auto read = importMap(json, "song.json");
            RC_ASSERT(read.has_value());
            RC_ASSERT(mapToJson(read->map) == json);
        }));
    }
    /// As a spreadsheet writes it where the comma is the decimal point.
    void semicolonsAndDecimalCommas() {
        QVERIFY(rc::check("a table with semicolons gives the same map", [] {
            const SongMap song = randomSong();
            std::string csv = mapToCsv(song);
            for (char& c : csv) c = c == ',' ? ';' : c == '.' ? ',' : c;
            const auto read = importMap(csv, "song.csv");
            RC_ASSERT(read.has_value());
            RC_ASSERT(mapToCsv(read->map) == mapToCsv(song));
        }));
    }
    void listsOfBeats_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<int>("pickup");
        QTest::addColumn<QString>("metre");
        QTest::addColumn<QString>("note");
        const QString noBars = "The list says no bars: bars of 4 were drawn from its first beat.";
        QTest::newRow("a time a line") << QByteArray("0.5\n1.0\n1.5\n2.0\n2.5\n3.0\n3.5\n4.0\n") << 0 << "4/4"
                                       << noBars;
        QTest::newRow("decimal commas") << QByteArray("0,5\n1,0\n1,5\n2,0\n2,5\n3,0\n3,5\n4,0\n") << 0 << "4/4"
                                        << noBars;
        QTest::newRow("numbered with tabs")
            << QByteArray("0.5\t3\n1.0\t1\n1.5\t2\n2.0\t3\n2.5\t1\n3.0\t2\n3.5\t3\n4.0\t1\n") << 1 << "3/4"
            << QString();
        QTest::newRow("numbered with spaces, remark")
            << QByteArray("# from the hall\n0.5 4\n1.0 1\n1.5 2\n2.0 3\n2.5 4\n3.0 1\n3.5 2\n4.0 3\n") << 1 << "4/4"
            << QString();
        QTest::newRow("numbered with semicolons")
            << QByteArray("0,5;4\r\n1,0;1\r\n1,5;2\r\n2,0;3\r\n2,5;4\r\n3,0;1\r\n3,5;2\r\n4,0;3\r\n") << 1 << "4/4"
            << QString();
        QTest::newRow("numbered with commas")
            << QByteArray("0.5,4\n1.0,1\n1.5,2\n2.0,3\n2.5,4\n3.0,1\n3.5,2\n4.0,3\n") << 1 << "4/4" << QString();
    }
    void listsOfBeats() {
        QFETCH(QByteArray, text);
        QFETCH(int, pickup);
        QFETCH(QString, metre);
        QFETCH(QString, note);
        const ImportedMap read = test::must(importMap(text.toStdString(), "beats.txt"));
        QCOMPARE(read.map.beats.size(), std::size_t{8});
        for (std::size_t i = 0; i < 8; ++i) QCOMPARE(read.map.beats[i].time, 0.5 * static_cast<double>(i + 1));
        QCOMPARE(read.map.pickupBeats, static_cast<std::size_t>(pickup));
        QCOMPARE(test::q(toString(read.map.metre)), metre);
        QVERIFY2(test::q(read.note).startsWith(note), qPrintable(test::q(read.note)));
        QVERIFY(test::q(read.note).contains("It says no phrases"));
    }
    void listsOfBeatsAreReadBack() {
        QVERIFY(rc::check("import of the list gives the beats and the bars of the song", [] {
            const SongMap song = randomSong();
            const auto read = importMap(mapToBeats(song), "song.beats");
            RC_ASSERT(read.has_value());
            RC_ASSERT(mapToBeats(read->map) == mapToBeats(song));
        }));
    }
    /// Points between phrases are left out, and said.
    void pointsAmongPhrasesAreLeftOut() {
        const ImportedMap read = test::must(importMap("0\t16\tVerse\n8\t8\thit\n16\t32\tChorus\n", "song.txt"));
        QCOMPARE(phrasesOf(read.map).size(), 2);
        QVERIFY2(test::q(read.note).startsWith("One label that is a point in time is left out."),
                 qPrintable(test::q(read.note)));
    }
    void midiIsReadBackToTheMicrosecond() {
        QVERIFY(rc::check("import of the MIDI export gives the song, and its export the same bytes", [] {
            const SongMap song = randomSong();
            const std::string bytes = midiOf(song);
            const auto read = importMap(bytes, "song.mid");
            RC_ASSERT(read.has_value());
            RC_ASSERT(read->map.beats.size() == song.beats.size());
            for (std::size_t i = 0; i < song.beats.size(); ++i)
                RC_ASSERT(std::abs(read->map.beats[i].time - song.beats[i].time) < 2e-6);
            RC_ASSERT(read->map.bars == song.bars);
            RC_ASSERT(phrasesOf(read->map) == phrasesOf(song));
            RC_ASSERT(read->map.stops == song.stops);
            RC_ASSERT(read->map.pickupBeats == song.pickupBeats);
            RC_ASSERT(midiOf(read->map) == bytes);
        }));
    }
    /// A pick-up of two and an odd bar of two beside one bar of four: the song is in four all the same.
    void aShortSongKeepsItsMetreInMidi() {
        const SongMap song = test::song("pickup 2 | verse 4 | bar 2", 60, "4/4");
        const SongMap read = test::must(importMap(midiOf(song), "song.mid")).map;
        QCOMPARE(toString(read.metre), std::string("4/4"));
        QCOMPARE(read.pickupBeats, std::size_t{2});
        QVERIFY(read.bars == song.bars);
    }
    void labelsAreReadBackExactly() {
        QVERIFY(rc::check("import of the label export is the identity", [] {
            SongMap song = randomSong();
            for (std::size_t p = 0; p < song.phrases.size(); ++p)
                song.phrases[p].label = "Part " + std::to_string(p + 1);
            const std::string labels = mapToLabels(song);
            const auto read = importMap(labels, "song.txt");
            RC_ASSERT(read.has_value());
            RC_ASSERT(mapToLabels(read->map) == labels);
        }));
    }
    void groupsAndHeldBeatsSurviveMidi() {
        const SongMap seven = test::song("dance 28", 300, "7/8:3+2+2");
        const SongMap sevenBack = test::must(importMap(midiOf(seven), "a.mid")).map;
        QVERIFY(sevenBack.bars == seven.bars);
        QCOMPARE(toString(sevenBack.metre), std::string("7/8:3+2+2"));
        const SongMap held = test::song("verse 8 | fermata 1 3.2s | verse 8", 100);
        const SongMap back = test::must(importMap(midiOf(held), "a.mid")).map;
        QCOMPARE(back.fermatas.size(), std::size_t{1});
        QVERIFY(qAbs(back.fermatas[0].start - held.fermatas[0].start) < 1e-5);
        QVERIFY(qAbs(back.fermatas[0].beatLength - 0.6) < 1e-5);
    }
    /// Written by python3-mido, an independent library: 90 bpm, 3/4, then 120 bpm in 4/4 from bar 3, in a format 1 file
    /// whose notes are in a second track.
    void midiOfAnotherProgramIsRead() {
        if (QProcess::execute(test::systemPython(), {"-c", "import mido"}) != 0) QSKIP("python3-mido is not here");
        QTemporaryDir folder;
        const QString path = folder.filePath("other.mid");
        QCOMPARE(
            QProcess::execute(
                test::systemPython(),
                {"-c",
                 "import mido,sys\n"
                 "m=mido.MidiFile(type=1,ticks_per_beat=384)\n"
                 "a=mido.MidiTrack(); m.tracks.append(a)\n"
                 "a.append(mido.MetaMessage('set_tempo',tempo=mido.bpm2tempo(90),time=0))\n"
                 "a.append(mido.MetaMessage('time_signature',numerator=3,denominator=4,time=0))\n"
                 "a.append(mido.MetaMessage('set_tempo',tempo=mido.bpm2tempo(120),time=6*384))\n"
                 "a.append(mido.MetaMessage('time_signature',numerator=4,denominator=4,time=0))\n"
                 "b=mido.MidiTrack(); m.tracks.append(b)\n"
                 "for i in range(18):\n"
                 "  b.append(mido.Message('note_on',note=60,velocity=80,time=0)); b.append(mido.Message('note_off',note=60,time=384))\n"
                 "m.save(sys.argv[1])\n",
                 path}),
            0);
        QFile file(path);
        QVERIFY(file.open(QIODevice::ReadOnly));
        const auto read = importMap(file.readAll().toStdString(), "other.mid");
        QVERIFY2(read, read ? "" : read.error().message.english().c_str());
        const SongMap& map = read->map;
        QCOMPARE(map.beats.size(), std::size_t{18});
        QCOMPARE(map.bars.size(), std::size_t{5});
        QCOMPARE(map.bars[2].beats, 4);
        QVERIFY(qAbs(map.beats[6].time - 4.0) < 1e-5);
        QVERIFY(qAbs(map.beats[17].time - 9.5) < 1e-5);
        QCOMPARE(toString(map.metre), std::string("4/4"));
        QVERIFY(test::q(read->note).contains("no markers"));
    }
    /// Running status and a tempo of 500000: worked example of a format 0 file, Standard MIDI Files 1.0 (RP-001),
    /// appendix "Program fragments and example MIDI files": 4/4, 120 quarters a minute, 96 ticks a quarter, 480 ticks
    /// long.
    void theStandardsOwnExampleIsRead() {
        const auto read = mapFromMidi(midi(
            "4d546864 00000006 0000 0001 0060 4d54726b 0000003b 00 ff5804 04021808 00 ff5103 07a120"
            "00 c005 00 c12e 00 c246 00 923060 00 3c60 60 914340 60 904c20 8140 823040 00 3c40 00 814340 00 804c40 00 ff2f00"));
        QVERIFY2(read, read ? "" : read.error().message.english().c_str());
        QCOMPARE(read->map.beats.size(), std::size_t{4});
        QCOMPARE(read->map.beats[3].time, 1.5);
        QCOMPARE(read->map.bars.size(), std::size_t{1});
    }
    void labelsWithoutATempoGetWholeBars() {
        std::string labels; // 32 counts at 124 bpm, of which one phrase has 36
        double at = 3.5;
        for (int beats : {32, 32, 36, 32}) {
            const double end = at + beats * 60.0 / 124;
            labels += std::to_string(at) + "\t" + std::to_string(end) + "\tPart\r\n";
            at = end;
        }
        const auto read = test::must(importMap(labels, "a.txt"));
        QStringList beats;
        for (const Phrase& p : read.map.phrases) beats << QString::number(beatsIn(read.map, p));
        QCOMPARE(beats.join(' '), QString("32 32 36 32"));
        QVERIFY(test::q(read.note).contains("124 bpm"));
        const auto waltz = test::must(importMap("0\t16\tA\n16\t32\tB\n", "a.txt", {Metre{3, 4, {}}, 90.0}));
        QCOMPARE(beatsIn(waltz.map, waltz.map.phrases[0]), 24);
        QVERIFY(waltz.note.empty());
    }
    void wrongFilesAreNamedByTheirPlace_data() {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<QString>("says");
        const QByteArray head = "time_s,bar_index,beat_in_bar,phrase_index\n";
        QTest::newRow("nothing") << QByteArray() << "is not a song map";
        QTest::newRow("a letter") << QByteArray("Dear hall,\n") << "is not a song map";
        QTest::newRow("only the header") << head << "has no beats";
        QTest::newRow("time goes back") << head + "1,0,1,0\n0.5,0,2,0\n"
                                        << "line 3";
        QTest::newRow("no time") << head + "abc,0,1,0\n"
                                 << "“abc” is not a time";
        QTest::newRow("not a number") << head + "nan,0,1,0\n"
                                      << "is not a time";
        QTest::newRow("few columns") << head + "1,0\n"
                                     << "four columns";
        QTest::newRow("a bar is missing") << head + "1,0,1,0\n2,2,1,0\n"
                                          << "bar 2 does not follow bar 0";
        QTest::newRow("a beat is missing") << head + "1,0,1,0\n2,0,3,0\n"
                                           << "beat 3 does not follow beat 1";
        QTest::newRow("a bar begins late") << head + "1,0,2,0\n2,0,3,0\n"
                                           << "begins with beat 2";
        QTest::newRow("a phrase inside a bar") << head + "1,0,1,0\n2,0,2,1\n"
                                               << "phrase 1 does not begin on a bar";
        QTest::newRow("only a pick-up") << head + "1,-1,3,-1\n2,-1,4,-1\n"
                                        << "has no bars";
        QTest::newRow("label without an end") << QByteArray("0\t8\tVerse\nVerse\n") << "tabs between them";
        QTest::newRow("label ends early") << QByteArray("5\t3\tVerse\n") << "ends before it starts";
        QTest::newRow("stop without beats") << QByteArray("0\t8\tVerse\n3\t4\tstop x\n") << "line 2";
        QTest::newRow("points only") << QByteArray("3\t3\tVerse\n7\t7\tChorus\n") << "points in time";
        QTest::newRow("points of two columns") << QByteArray("3\tVerse\n7\tChorus\n") << "points in time";
        QTest::newRow("list that goes back")
            << QByteArray("1.0\n2.0\n1.5\n") << "Beats, line 3: its time does not come after";
        QTest::newRow("list with a word") << QByteArray("1.0\n2.0\nthree\n") << "Beats, line 3: “three” is not a time";
        QTest::newRow("list that is numbered in part") << QByteArray("1.0 1\n2.0\n") << "Beats, line 2: some rows say";
        QTest::newRow("list of one") << QByteArray("1.0\n") << "at least two times";
        QTest::newRow("list without a 1") << QByteArray("1.0 2\n2.0 3\n") << "1 of a bar";
        QTest::newRow("semicolons, a bar is missing")
            << QByteArray("time_s;bar_index;beat_in_bar;phrase_index\n1,0;0;1;0\n2,5;2;1;0\n")
            << "CSV, line 3: bar 2 does not follow bar 0";
        QTest::newRow("json without beats of bars")
            << QByteArray(R"({"beats": [{"time_s": 1}], "phrases": []})") << "beats[0] has no field “bar”";
        QTest::newRow("label of one beat")
            << QByteArray("0\t0.57\tI\n") << "before a second beat"; // found by the fuzzer
        QTest::newRow("midi breaks off") << QByteArray::fromHex("4d54686400000006000000010060") + "MTrk" +
                                                QByteArray::fromHex("0000ffff00")
                                         << "a track breaks off";
        QTest::newRow("midi of film frames") << QByteArray::fromHex("4d546864000000060000000 1e250") << "film frames";
        QTest::newRow("midi of several songs")
            << QByteArray::fromHex("4d5468640000000600020001 0060") << "several songs";
        QTest::newRow("midi event") << QByteArray::fromHex("4d54686400000006000000010060") + "MTrk" +
                                           QByteArray::fromHex("00000003003c40")
                                    << "an event cannot be read";
        QTest::newRow("midi without length")
            << QByteArray::fromHex("4d54686400000006000000010060") + "MTrk" + QByteArray::fromHex("0000000400ff2f00")
            << "over before its second beat";
    }
    void wrongFilesAreNamedByTheirPlace() {
        QFETCH(QByteArray, bytes);
        QFETCH(QString, says);
        const QString sentence = importError(bytes.toStdString());
        QVERIFY2(sentence.contains(says), qPrintable(sentence));
    }
    void lyricsAreReadInTheirVariants() {
        const auto lines = test::must(readLyrics(
            "\xEF\xBB\xBF[ti:Quarry Song]\r\n[offset:+500]\r\n[00:12.50][01:12.50]Round the hall\r\n[00:05:25]<00:05.25>First <00:05.80>light\n[00:20.00]\n[00:30.1][softly] home\n"));
        QCOMPARE(lines.size(), std::size_t{4});
        QCOMPARE(lines[0], (LyricLine{4.75, "First light"}));
        QCOMPARE(lines[1], (LyricLine{12, "Round the hall"}));
        QVERIFY(qAbs(lines[2].at - 29.6) < 1e-9);
        QCOMPARE(test::q(lines[2].text), QString("[softly] home"));
        QCOMPARE(lines[3].at, 72.0);
        QVERIFY(!readLyrics("no times here\n"));
        QVERIFY(test::q(readLyrics("[offset:soon]\n[00:01.00]a\n").error().message).contains("line 1"));
        QCOMPARE(test::must(readLyrics(lyricsToLrc(lines))).size(), lines.size());
    }
    void lyricsSurviveTheirExport() {
        QVERIFY(rc::check("LRC to a hundredth of a second", [] {
            std::vector<LyricLine> lines;
            int at = 0;
            for (int gap : *rc::gen::nonEmpty(rc::gen::container<std::vector<int>>(rc::gen::inRange(1, 3000)))) {
                at += gap;
                lines.push_back({at / 100.0, "line " + std::to_string(at)});
            }
            const auto back = readLyrics(lyricsToLrc(lines));
            RC_ASSERT(back.has_value());
            RC_ASSERT(back->size() == lines.size());
            for (std::size_t i = 0; i < lines.size(); ++i)
                RC_ASSERT(back->at(i).text == lines[i].text && std::abs(back->at(i).at - lines[i].at) < 1e-6);
        }));
    }
    /// FFmpeg's libavformat reads the same files: an independent reader of LRC and WebVTT.
    void lyricsAndVttAreReadByAnIndependentReader() {
        if (QProcess::execute("sh", {"-c", "command -v ffprobe >/dev/null"}) != 0) QSKIP("ffprobe is not here");
        QTemporaryDir folder;
        const auto cues = [&](const QString& name, const std::string& text) {
            QFile file(folder.filePath(name));
            if (!file.open(QIODevice::WriteOnly)) return QStringList{};
            file.write(QByteArray::fromStdString(text));
            file.close();
            QProcess probe;
            probe.start("ffprobe", {"-v", "error", "-show_entries", "packet=pts_time,duration_time", "-of", "csv=p=0",
                                    file.fileName()});
            probe.waitForFinished();
            return QString::fromUtf8(probe.readAllStandardOutput()).split('\n', Qt::SkipEmptyParts);
        };
        const SongMap song = test::song("intro 16 | verse & more 32 | stop 4 | chorus 32", 112, "4/4", 0.731);
        const QStringList vtt = cues("map.vtt", mapToVtt(song));
        QCOMPARE(vtt.size(), 4); // three phrases, one stop
        QVERIFY(qAbs(vtt[1].section(',', 0, 0).toDouble() - song.beats[16].time) < 0.001);
        QVERIFY(qAbs(vtt[1].section(',', 1, 1).toDouble() - 36 * 60.0 / 112) < 0.0015);
        QVERIFY(qAbs(vtt[2].section(',', 0, 0).toDouble() - song.stops[0].start) < 0.001);
        const std::vector<LyricLine> lines{{4.75, "First light"}, {12, "Round the hall"}, {63.04, "home"}};
        const QStringList lrc = cues("words.lrc", lyricsToLrc(lines));
        QCOMPARE(lrc.size(), 3);
        for (int i = 0; i < 3; ++i)
            QVERIFY(qAbs(lrc[i].section(',', 0, 0).toDouble() - lines[static_cast<std::size_t>(i)].at) < 0.006);
    }
    void vttEscapesItsText() {
        SongMap song = test::song("verse 16", 120);
        song.phrases[0].label = "a <b> & c --> d";
        const QString vtt = test::q(mapToVtt(song));
        QVERIFY(vtt.startsWith("WEBVTT\n\n1\n00:00:00.000 --> 00:00:08.000\n"));
        QVERIFY(vtt.contains("a &lt;b&gt; &amp; c --&gt; d\n16 beats\n"));
    }
};

LIFTCOUNT_TEST(MapImportTest)
#include "tst_map_import.moc"
