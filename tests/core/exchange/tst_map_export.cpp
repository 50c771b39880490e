#include "support/core_support.h"

#include "core/exchange/map_export.h"

#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QTemporaryDir>

using namespace lc;

class MapExportTest : public QObject {
    Q_OBJECT
    const SongMap m_song = test::song(
        "pickup 2 | intro 16 | verse 32 @112 | stop 4 | bar 2 | chorus 32 | outro 16 @112>90", 112, "4/4", 0.731);

private Q_SLOTS:
    void csvHasARowForEachBeat() {
        const QStringList rows = test::q(mapToCsv(m_song)).split('\n');
        QCOMPARE(rows[0], "time_s,bar_index,beat_in_bar,phrase_index");
        QCOMPARE(rows.size(), static_cast<qsizetype>(m_song.beats.size()) + 2);
        QVERIFY(rows[1].endsWith(",-1,3,-1")); // the pick-up ends on its bar's last beat
        QVERIFY(rows[2].endsWith(",-1,4,-1"));
        QVERIFY(rows[3].endsWith(",0,1,0"));
        QCOMPARE(rows[3].section(',', 0, 0).toDouble(), m_song.beats[2].time);
    }
    void jsonHasTheContractsKeys() {
        const QJsonObject o = QJsonDocument::fromJson(QByteArray::fromStdString(mapToJson(m_song))).object();
        QVERIFY(qAbs(o["tempo_bpm"].toDouble() - 112) < 0.01);
        QCOMPARE(o["beats"].toArray().size(), static_cast<qsizetype>(m_song.beats.size()));
        for (const char* key : {"time_s", "bar", "beat", "phrase", "confidence", "confirmed"})
            QVERIFY(o["beats"].toArray()[0].toObject().contains(key));
        for (const char* key : {"start_s", "beats", "grouping"})
            QVERIFY(o["bars"].toArray()[0].toObject().contains(key));
        for (const char* key : {"start_s", "first_beat", "beats", "label"})
            QVERIFY(o["phrases"].toArray()[0].toObject().contains(key));
        QCOMPARE(o["phrases"].toArray()[1].toObject()["beats"].toInt(), 38);
        QCOMPARE(o["stops"].toArray()[0].toObject()["counts"].toString(), "4");
        QVERIFY(o.contains("doubts"));
    }
    void labelsAreStartEndAndName() {
        const QStringList lines = test::q(mapToLabels(m_song)).split('\n', Qt::SkipEmptyParts);
        QCOMPARE(lines.size(), 5);
        QCOMPARE(lines[0].split('\t').at(2), "Intro");
        QCOMPARE(lines[0].split('\t').at(1), lines[1].split('\t').at(0));
        QCOMPARE(lines[4].split('\t').at(2), "stop 4");
    }
    /// Read by python3-mido, an independent MIDI library: its tempo map puts every beat on our time, and its metre and
    /// markers are ours.
    void midiIsReadByAnIndependentLibrary() {
        if (QProcess::execute(test::systemPython(), {"-c", "import mido"}) != 0) QSKIP("python3-mido is not here");
        QTemporaryDir folder;
        const auto bytes = mapToMidi(m_song);
        QVERIFY(bytes);
        QFile file(folder.filePath("map.mid"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(reinterpret_cast<const char*>(bytes->data()), static_cast<qint64>(bytes->size()));
        file.close();
        QProcess python;
        python.start(test::systemPython(),
                     {"-c",
                      "import mido,sys\n"
                      "m=mido.MidiFile(sys.argv[1]); t=0; s=0.0; tempo=500000; out=[]; beats=[]\n"
                      "first=None\n"
                      "ev=m.tracks[0]\n"
                      "grid=[]\n"
                      "for e in ev:\n"
                      "  s+=mido.tick2second(e.time,m.ticks_per_beat,tempo); t+=e.time\n"
                      "  if e.type=='set_tempo':\n"
                      "    tempo=e.tempo; grid.append((t,s))\n"
                      "  if e.type=='time_signature': out.append('ts %d %d %d'%(t,e.numerator,e.denominator))\n"
                      "  if e.type=='marker': out.append('mk %d %s'%(t,e.text))\n"
                      "for a,b in grid: print('b',a,repr(b))\n"
                      "for o in out: print(o)\n"
                      "print('end',repr(s),m.ticks_per_beat,m.type)\n",
                      file.fileName()});
        QVERIFY(python.waitForFinished());
        const QStringList lines = QString::fromUtf8(python.readAllStandardOutput()).split('\n', Qt::SkipEmptyParts);
        QList<double> times;
        QStringList metres;
        QStringList markers;
        for (const QString& line : lines) {
            const QStringList w = line.split(' ');
            if (w[0] == "b" && w[1].toInt() >= 960) times << w[2].toDouble();
            if (w[0] == "ts") metres << w[2] + "/" + w[3];
            if (w[0] == "mk") markers << line.section(' ', 2);
        }
        QCOMPARE(times.size(), static_cast<qsizetype>(m_song.beats.size()));
        for (std::size_t i = 0; i < m_song.beats.size(); ++i)
            QVERIFY(qAbs(times[static_cast<qsizetype>(i)] - m_song.beats[i].time) < 2e-6);
        QCOMPARE(markers, (QStringList{"Intro", "Verse", "Chorus", "Outro"}));
        QCOMPARE(metres.join(' '), "2/4 4/4 2/4 4/4"); // pick-up, bars of four, the odd bar, bars of four
        QVERIFY(qAbs(lines.last().section(' ', 1, 1).toDouble() - m_song.end) < 2e-6);
        QVERIFY(lines.last().endsWith("960 0"));
    }
    void eighthsAreHalfAQuarterInMidi() {
        const auto bytes = mapToMidi(test::song("dance 14", 300, "7/8:3+2+2"));
        QVERIFY(bytes);
        QVERIFY(!mapToMidi(SongMap{}));
        QVERIFY(!mapToMidi(test::song("verse 8", 120, "4/4", -1)));
    }
    void textIsForReading() {
        const QString text = test::q(mapToText(m_song));
        QVERIFY(text.contains("pick-up of 2 beats"));
        QVERIFY(text.contains("a bar of 2"));
        QVERIFY(text.contains("stop of 4 beats"));
        QVERIFY(text.contains("38 beats (+22)"));
    }
};

LIFTCOUNT_TEST(MapExportTest)
#include "tst_map_export.moc"
