// Damaged sound files of every container: whatever the bytes say, a song or a sentence comes of them, never a crash.
// Run with sanitizers this looks for writes beyond buffers. LIFTCOUNT_MUTANTS sets how many of each container are tried
// (60; `.ci/run` takes that, a long run thousands), LIFTCOUNT_MUTANT_SECONDS how long the song is (2.5).
#include "support/audio_support.h"
#include "support/core_support.h"

#include "audio/sound/audio_file.h"
#include "audio/sound/sound_source.h"

#include <QProcess>
#include <QTemporaryDir>
#include <random>

using namespace lc;

namespace {

/// Bytes overwritten, bits turned, stretches cut out, doubled, zeroed: near the head, where lengths and formats stand;
/// in the sound itself, past what says how long it is; or anywhere.
QByteArray mutated(QByteArray bytes, std::mt19937& random) {
    const auto below = [&](qsizetype n) {
        return static_cast<qsizetype>(random() % static_cast<std::uint32_t>(std::max<qsizetype>(1, n)));
    };
    const int changes = 1 << random() % 8; // a little damage comes far, much of it tries the way in
    const auto where = random() % 4;
    for (int i = 0; i < changes && bytes.size() > 64; ++i) {
        const qsizetype size = bytes.size();
        const qsizetype at = where == 0   ? below(std::min<qsizetype>(size, 2048))
                             : where == 1 ? below(size)
                                          : size / 10 + below(size * 7 / 10);
        if (where >= 2) { // lengths stay, so that decoders go on
            bytes[at] = static_cast<char>(where == 2 ? bytes[at] ^ (1 << random() % 8) : static_cast<int>(random()));
            continue;
        }
        switch (random() % 9) {
        case 0: bytes[at] = static_cast<char>(random()); break;
        case 1: bytes[at] = static_cast<char>(bytes[at] ^ (1 << random() % 8)); break;
        case 2: bytes[at] = static_cast<char>(random() % 2 ? 0xFF : 0); break;
        case 3: bytes.remove(at, 1 + below(64)); break;
        case 4: bytes.insert(at, bytes.mid(below(bytes.size()), 1 + below(64))); break;
        case 5:
            for (qsizetype k = at; k < std::min(bytes.size(), at + 4); ++k) bytes[k] = static_cast<char>(random());
            break;
        case 6:
            if (random() % 8 == 0) bytes.truncate(std::max<qsizetype>(64, at));
            break;
        default: bytes[at] = static_cast<char>(bytes[at] ^ (1 << random() % 8)); break;
        }
    }
    return bytes;
}

} // namespace

class MutatedSoundTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;
    QString m_wav;

private Q_SLOTS:
    void initTestCase() {
        if (QProcess::execute("sh", {"-c", "command -v ffmpeg >/dev/null"}) != 0) QSKIP("ffmpeg is not here");
        m_wav = m_folder.filePath("song.wav");
        QCOMPARE(QProcess::execute("ffmpeg", {"-v", "error", "-y", "-ss", "20", "-t",
                                              qEnvironmentVariable("LIFTCOUNT_MUTANT_SECONDS", "2.5"), "-i",
                                              LIFTCOUNT_SOURCE_DIR "/demo/copper-weathervane.ogg", m_wav}),
                 0);
    }
    void damagedFilesEndInASongOrASentence_data() {
        QTest::addColumn<QString>("ending");
        QTest::addColumn<QStringList>("encoder");
        QTest::newRow("m4a") << "m4a" << QStringList{"-c:a", "aac"};
        QTest::newRow("m4a, head first") << "m4a" << QStringList{"-c:a", "aac", "-movflags", "+faststart"};
        QTest::newRow("m4a, lossless") << "m4a" << QStringList{"-c:a", "alac"};
        QTest::newRow("mp3") << "mp3" << QStringList{};
        QTest::newRow("ogg") << "ogg" << QStringList{"-c:a", "libvorbis"};
        QTest::newRow("opus") << "opus" << QStringList{};
        QTest::newRow("flac") << "flac" << QStringList{};
        QTest::newRow("wma") << "wma" << QStringList{"-c:a", "wmav2"};
        QTest::newRow("mkv") << "mkv" << QStringList{"-c:a", "libvorbis"};
        QTest::newRow("mka, ac3") << "mka" << QStringList{"-c:a", "ac3"};
        QTest::newRow("wav") << "wav" << QStringList{"-ac", "2"};
        QTest::newRow("aiff") << "aiff" << QStringList{};
        QTest::newRow("aac") << "aac" << QStringList{};
    }
    void damagedFilesEndInASongOrASentence() {
        QFETCH(QString, ending);
        QFETCH(QStringList, encoder);
        const QString whole = m_folder.filePath("whole." + ending), damaged = m_folder.filePath("damaged." + ending);
        QCOMPARE(
            QProcess::execute("ffmpeg", QStringList{"-v", "error", "-y", "-i", m_wav} + encoder + QStringList{whole}),
            0);
        QFile file(whole);
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QByteArray bytes = file.readAll();
        QVERIFY(decodeSong(whole.toStdString()));
        const int times =
            qEnvironmentVariableIsSet("LIFTCOUNT_MUTANTS") ? qEnvironmentVariableIntValue("LIFTCOUNT_MUTANTS") : 60;
        const auto seed = static_cast<unsigned>(qHash(QString(QTest::currentDataTag()), size_t(1)));
        int songs = 0, sentences = 0;
        for (int i = 0; i < times; ++i) {
            std::mt19937 random(seed + static_cast<unsigned>(i));
            QFile out(damaged);
            QVERIFY(out.open(QIODevice::WriteOnly));
            out.write(mutated(bytes, random));
            out.close();
            const auto song = decodeSong(damaged.toStdString());
            if (!song) {
                ++sentences;
                QVERIFY2(song.error().message.english().size() > 20, song.error().message.english().c_str());
                continue;
            }
            ++songs;
            QVERIFY(song->sound.channels >= 1 && song->sound.channels <= 2);
            QVERIFY(song->sound.sampleRate >= 32000 && song->sound.sampleRate <= 48000);
            QVERIFY(song->sound.frames() > 0);
            QCOMPARE(song->sound.samples.size() % static_cast<std::size_t>(song->sound.channels), std::size_t(0));
            for (const float s : song->sound.samples) QVERIFY(std::abs(s) <= 8.0F); // not so for what is no number
        }
        qInfo("%d songs, %d sentences", songs, sentences);
        QCOMPARE(songs + sentences, times);
        QVERIFY(songs > 0); // the damage is not so great that nothing is tried
    }
    /// Six seconds of a damaged song in which frames claim other channels, some of them in ways that cannot be
    /// converted: it once wrote behind the block that had been made for two channels.
    void claimsOfOtherChannelsAreNotBelieved() {
        const std::string path = LIFTCOUNT_SOURCE_DIR "/tests/data/changing-channels.m4a";
        const auto source = openWithLibav(path);
        QVERIFY(source);
        const int channels = source->channels(), rate = source->sampleRate();
        std::vector<float> block(static_cast<std::size_t>(channels) * 32768);
        while (source->read(block.data(), 32768) > 0) {
            QCOMPARE(source->channels(), channels);
            QCOMPARE(source->sampleRate(), rate);
        }
        const DecodedSong song = test::must(decodeSong(path));
        QCOMPARE(song.sound.channels, 2); // as its head says; two of its three frames claim 41
        QVERIFY2(test::q(song.warning).contains("breaks off"), song.warning.english().c_str());
    }
    /// A source never changes its channels or rate once it is open: buffers are made for them.
    void channelsAndRateStay() {
        const QString path = m_folder.filePath("changing.aac"), second = m_folder.filePath("second.aac");
        for (const auto& [name, channels, rate] : {std::tuple{path, "2", "44100"}, {second, "6", "48000"}})
            QCOMPARE(QProcess::execute("ffmpeg", {"-v", "error", "-y", "-i", m_wav, "-c:a", "aac", "-ac", channels,
                                                  "-ar", rate, name}),
                     0);
        QFile first(path), more(second);
        QVERIFY(first.open(QIODevice::Append) && more.open(QIODevice::ReadOnly));
        first.write(more.readAll());
        first.close();
        const auto source = openWithLibav(path.toStdString());
        QVERIFY(source);
        QCOMPARE(source->channels(), 2);
        std::vector<float> block(2 * 4096);
        std::int64_t read = 0;
        while (const std::int64_t got = source->read(block.data(), 4096)) {
            read += got;
            QCOMPARE(source->channels(), 2);
            QCOMPARE(source->sampleRate(), 44100);
        }
        QVERIFY2(read > 4 * 44100, qPrintable(QString::number(read))); // both were heard: 2.5 s each
    }
};

LIFTCOUNT_TEST(MutatedSoundTest)
#include "tst_mutated_sound.moc"
