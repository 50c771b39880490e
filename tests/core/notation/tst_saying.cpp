// Ways of saying the counts, mirrored lines, and sub-beats against music's own note values.
#include "support/core_support.h"

#include "core/notation/mirror.h"
#include "core/notation/notation_print.h"
#include "core/notation/saying.h"

#include <QProcess>

using namespace lc;

namespace {
QString said(const char* line, SayAs say, const NotationChoices& choices = {}, Tick start = counts(1),
             std::int64_t set = 8) {
    return test::q(saidLine(sayCounts(readNotation(line, choices), say, choices, start, set)));
}
} // namespace

class SayingTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void theSameFigureInEveryWay() {
        const char* line = "1 side R 2 close L 3 side R & close L 4 side R 5:2 step 7 touch 9 step 10 step";
        QCOMPARE(said(line, SayAs::Music), "1 2 3 & 4 5 6 7 8 1 2");
        QCOMPARE(said(line, SayAs::EightNumber), "1 2 3 & 4 5 6 7 8 2 2");
        QCOMPARE(said(line, SayAs::Figure), "1 2 3 & 4 5 6 7 8 9 10");
        QCOMPARE(said(line, SayAs::Stepped), "1 2 3 & 4 5 7 1 2");
        QCOMPARE(said(line, SayAs::SlowQuick), "Q Q & & Q S S Q Q");
    }
    void aFigureThatBeginsElsewhereSaysTheMusicsNumbers() {
        QCOMPARE(said("1 2 3 4 5 6", SayAs::Music, {}, counts(7)), "7 8 1 2 3 4");
        QCOMPARE(said("1 2 3 4 5 6", SayAs::EightNumber, {}, counts(7)), "7 8 2 2 3 4");
        QCOMPARE(said("1 2 3 4 5 6 7", SayAs::Music, {}, counts(1), 6), "1 2 3 4 5 6 1");
        QCOMPARE(said("& 1 2", SayAs::Music), "& 1 2");
    }
    /// S16: a line in slow and quick that is six counts, and its extension of eight.
    void s16SlowAndQuick() {
        QCOMPARE(readNotation("S Q Q S").length, counts(6));
        QCOMPARE(readNotation("S Q Q Q Q S").length, counts(8));
        QCOMPARE(said("S Q Q S", SayAs::SlowQuick), "S Q Q S");
        QCOMPARE(said("S Q Q S", SayAs::Music), "1 2 3 4 5 6");
    }
    void theOtherViewingSide() {
        const NotationReading line = readNotation(
            "[closed, L-R] 1 side L 1/4 R @3 \"to the left\" 2 touch R [R-R] + look 3 step 1/2 L:2 4 wait");
        const NotationReading mirror = mirrored(line);
        QCOMPARE(test::q(printNotation(mirror)),
                 "[closed, R-L] 1 side R \"to the right\" @9 1/4 L 2 touch L [L-L] + look 3 step 1/2 R:2 4 wait");
        QVERIFY(sameDance(mirrored(mirror), line));
        const NotationReading feet = withOtherFeet(line);
        QCOMPARE(test::q(printNotation(feet)),
                 "[closed, L-R] 1 side R \"to the left\" @3 1/4 R 2 touch L [R-R] + look 3 step 1/2 L:2 4 wait");
    }
    /// S05: "1 a 2" against "1 & 2" in one routine: at 96 bpm the "a" falls 0.469 s, a two-thirds "a" 0.417 s, the "&"
    /// 0.313 s after the count.
    void s05SubBeatsInSecondsAtATempo() {
        const auto seconds = [](const char* line, Feel feel) {
            const auto reading = readNotation(line, NotationChoices{.feel = feel});
            return static_cast<double>(reading.actions.at(1).at.value) / ticksPerCount * 60 / 96;
        };
        QVERIFY(qAbs(seconds("1 a 2", Feel::Straight) - 0.469) < 0.0005);
        QVERIFY(qAbs(seconds("1 a 2", Feel::RollingThirds) - 0.417) < 0.0005);
        QVERIFY(qAbs(seconds("1 & 2", Feel::Straight) - 0.3125) < 0.0005);
    }
    /// S17: two roles vary the rhythm inside the same counts: both five steps by 4, same start and end.
    void s17TwoRhythmsOfFiveSteps() {
        for (const char* line : {"1 2 a3 4", "1 2 3&4"}) {
            const NotationReading reading = readNotation(line);
            QCOMPARE(weightChanges(reading.actions), 5);
            QCOMPARE(reading.length, counts(4));
            QVERIFY(reading.actions.back().at == counts(3));
        }
    }
    /// S18: 7/8 as 3+2+2: twelve steps over four bars in chunks of 3 4 3 2; with eighths of 0.2 s steps fall at 0,
    /// 0.6, 1.0, 1.4; bar 6 starts at 7.0 s.
    void s18SevenEighths() {
        const SongMap song = test::song("line 56", 300, "7/8:3+2+2"); // beats are eighths: 0.2 s
        const CountGrid grid(song, {CountUnit::BarGroup, 1});
        QStringList at;
        for (int i = 0; i < 4; ++i) at << QString::number(*grid.secondsAt(counts(i)), 'f', 1);
        QCOMPARE(at.join(' '), "0.0 0.6 1.0 1.4");
        QVERIFY(qAbs(*grid.secondsAt(counts(15)) - 7.0) < 1e-9);
        int step = 0;
        QStringList chunks; // where each chunk begins: bar and count
        for (int chunk : {3, 4, 3, 2}) {
            chunks << QString("%1.%2").arg(step / 3 + 1).arg(step % 3 + 1);
            step += chunk;
        }
        QCOMPARE(step, 12);
        QCOMPARE(chunks.join(' '), "1.1 2.1 3.2 4.2");     // chunks may cross bars
        QCOMPARE(readNotation("S Q Q").length, counts(4)); // the same dance to 4/4
    }
    /// Note values at 960 ticks a quarter (the usual MIDI resolution; a count is a quarter here), read back by
    /// python3-mido, an independent MIDI library.
    void subBeatsAreMidiTicks() {
        if (QProcess::execute(test::systemPython(), {"-c", "import mido"}) != 0) QSKIP("python3-mido is not here");
        // Whole, half, quarter, eighth, sixteenth, 32nd, triplets of each kind, quintuplet.
        const char* lines[] = {"1:4 5",  "1:2 3",    "1 2",      "1 & 2",  "1 e & a 2", "1{8} 2",
                               "1{3} 2", "1-2{3} 3", "1-4{3} 5", "1{6} 2", "1{5} 2"};
        QString ours;
        QString durations;
        for (const char* line : lines) {
            const NotationReading reading = readNotation(line);
            QVERIFY(!reading.error);
            for (const Action& a : reading.actions) {
                QCOMPARE(a.length.value % 21, 0); // a whole number of MIDI ticks: 20160 = 21 × 960
                durations += QString::number(a.length.value / 21) + " ";
            }
            durations += "\n";
        }
        // mido writes these durations into a file and tells the seconds at 60 bpm (a quarter = one second).
        QProcess python;
        python.start(
            test::systemPython(),
            {"-c",
             "import mido,sys,io\n"
             "for line in sys.argv[1].split('\\n'):\n"
             "  if not line.strip(): continue\n"
             "  m=mido.MidiFile(ticks_per_beat=960); t=mido.MidiTrack(); m.tracks.append(t)\n"
             "  t.append(mido.MetaMessage('set_tempo',tempo=1000000,time=0))\n"
             "  for d in line.split(): t.append(mido.Message('note_on',note=60,velocity=64,time=0)); t.append(mido.Message('note_off',note=60,time=int(d)))\n"
             "  f=io.BytesIO(); m.save(file=f); f.seek(0); r=mido.MidiFile(file=f)\n"
             "  s=0.0; on=[]\n"
             "  for e in r:\n"
             "    s+=e.time\n"
             "    if e.type=='note_on' and e.velocity: on.append('%.9f'%s)\n"
             "  print(' '.join(on))\n",
             durations});
        QVERIFY(python.waitForFinished());
        const QStringList rows = QString::fromUtf8(python.readAllStandardOutput()).split('\n', Qt::SkipEmptyParts);
        QCOMPARE(rows.size(), qsizetype(std::size(lines)));
        for (int i = 0; i < rows.size(); ++i) {
            const NotationReading reading = readNotation(lines[i]);
            const QStringList seconds = rows[i].split(' ');
            QCOMPARE(seconds.size(), qsizetype(reading.actions.size()));
            for (int k = 0; k < seconds.size(); ++k)
                QVERIFY2(qAbs(seconds[k].toDouble() -
                              static_cast<double>(reading.actions[static_cast<std::size_t>(k)].at.value) /
                                  ticksPerCount) < 1e-8,
                         lines[i]);
        }
    }
    void timingsOfTheHandbooks_data() {
        QTest::addColumn<QString>("line");
        QTest::addColumn<QString>("at");
        QTest::addColumn<QString>("length");
        QTest::addColumn<QString>("slow");
        // From memory: timings as the ballroom and latin syllabi of the teachers' societies print them (The Ballroom
        // Technique, ISTD, 10th ed.; The Revised Technique of Latin American Dancing, Laird, 1961 ff.), slow = 2 beats
        // and quick = 1 in quickstep, foxtrot and tango's beat of a quarter.
        QTest::newRow("foxtrot three step: S Q Q") << "S Q Q"
                                                   << "0 2 3"
                                                   << "4"
                                                   << "2";
        QTest::newRow("quickstep quarter turn: S Q Q S S Q Q S") << "S Q Q S S Q Q S"
                                                                 << "0 2 3 4 6 8 9 10"
                                                                 << "12"
                                                                 << "2";
        QTest::newRow("tango progressive link and closed promenade: Q Q S Q Q S") << "Q Q S Q Q S"
                                                                                  << "0 1/2 1 2 5/2 3"
                                                                                  << "4"
                                                                                  << "1";
        QTest::newRow("rumba: 2 3 4-1") << "1 wait 2 3 4:2"
                                        << "1 2 3"
                                        << "5"
                                        << "2";
        QTest::newRow("cha cha cha: 2 3 4 & 1") << "1 wait 2 3 4 & 5"
                                                << "1 2 3 7/2 4"
                                                << "5"
                                                << "2";
        QTest::newRow("samba bounce: 1 a 2") << "1 a 2"
                                             << "0 3/4 1"
                                             << "2"
                                             << "2";
        QTest::newRow("jive chassés: Q Q Q a Q Q a Q") << "1 2 3 a 4 5 a 6"
                                                       << "0 1 2 8/3 3 4 14/3 5"
                                                       << "6"
                                                       << "2";
        // From memory: folk dance manuals (Handbook of Folk Dance, Lapson; European folk dance, Lawson, 1953):
        // schottische step step step hop, polka hop-step-close-step in 2/4, mazurka in 3/4, a lesnoto as slow quick
        // quick of 3+2+2 eighths.
        QTest::newRow("schottische: step step step hop") << "1 step R 2 step L 3 step R 4 hop R"
                                                         << "0 1 2 3"
                                                         << "4"
                                                         << "2";
        QTest::newRow("polka: & 1 & 2") << "& hop L 1 step R & close L 2 step R"
                                        << "-1/2 0 1/2 1"
                                        << "2"
                                        << "2";
    }
    void timingsOfTheHandbooks() {
        QFETCH(QString, line);
        QFETCH(QString, at);
        QFETCH(QString, length);
        QFETCH(QString, slow);
        NotationChoices choices;
        choices.slow = test::must(parseCount(slow.toStdString()));
        choices.quick = Tick{choices.slow.value / 2};
        if (QString(QTest::currentDataTag()).startsWith("jive"))
            choices.feel = Feel::RollingThirds; // its "a" of a swung beat is at two thirds
        const NotationReading reading = readNotation(line.toStdString(), choices);
        QVERIFY(!reading.error);
        QStringList onsets;
        for (const Action& a : reading.actions)
            if (a.usesFoot()) onsets << test::q(toCountString(a.at));
        QCOMPARE(onsets.join(' '), at);
        QCOMPARE(test::q(toCountString(reading.length)), length);
    }
};

LIFTCOUNT_TEST(SayingTest)
#include "tst_saying.moc"
