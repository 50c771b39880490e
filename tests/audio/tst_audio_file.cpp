#include "support/audio_support.h"
#include "support/core_support.h"

#include "audio/sound/audio_file.h"
#include "audio/sound/loudness.h"
#include "audio/sound/resample.h"

#include <QProcess>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <functional>
#include <sndfile.h>

using namespace lc;

namespace {
void writeRaw(const QString& path, int rate, int channels, sf_count_t frames,
              const std::function<float(sf_count_t, int)>& value, int format = SF_FORMAT_WAV | SF_FORMAT_FLOAT) {
    SF_INFO info{};
    info.samplerate = rate;
    info.channels = channels;
    info.format = format;
    SNDFILE* file = sf_open(path.toUtf8().constData(), SFM_WRITE, &info);
    QVERIFY2(file, sf_strerror(nullptr));
    std::vector<float> data(static_cast<std::size_t>(frames * channels));
    for (sf_count_t i = 0; i < frames; ++i)
        for (int c = 0; c < channels; ++c) data[static_cast<std::size_t>(i * channels + c)] = value(i, c);
    sf_writef_float(file, data.data(), frames);
    sf_close(file);
}
void writeBytes(const QString& path, const QByteArray& bytes) {
    QFile file(path);
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(bytes);
}
} // namespace

class AudioFileTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;
    QString at(const char* name) const { return m_folder.filePath(name); }
    Result<DecodedSong> decode(const char* name) const { return decodeSong(at(name).toStdString()); }

private Q_SLOTS:
    void usualFormatsAreRead_data() {
        QTest::addColumn<QString>("name");
        QTest::addColumn<int>("format");
        QTest::newRow("wav") << "a.wav" << int(SF_FORMAT_WAV | SF_FORMAT_PCM_16);
        QTest::newRow("flac") << "a.flac" << int(SF_FORMAT_FLAC | SF_FORMAT_PCM_16);
        QTest::newRow("ogg") << "a.ogg" << int(SF_FORMAT_OGG | SF_FORMAT_VORBIS);
        QTest::newRow("mp3") << "a.mp3" << int(SF_FORMAT_MPEG | SF_FORMAT_MPEG_LAYER_III);
        QTest::newRow("aiff") << "a.aiff" << int(SF_FORMAT_AIFF | SF_FORMAT_PCM_16);
    }
    void usualFormatsAreRead() {
        QFETCH(QString, name);
        QFETCH(int, format);
        writeRaw(
            at(qPrintable(name)), 44100, 2, 88200,
            [](sf_count_t i, int) { return 0.3F * static_cast<float>(std::sin(0.05 * static_cast<double>(i))); },
            format);
        const auto song = decode(qPrintable(name));
        QVERIFY2(song, song ? "" : song.error().message.english().c_str());
        QCOMPARE(song->sound.channels, 2);
        QVERIFY(qAbs(song->sound.seconds() - 2.0) < 0.06); // MP3 pads its last frame
        float loudest = 0;
        for (float s : song->sound.samples) loudest = std::max(loudest, std::abs(s));
        QVERIFY(loudest > 0.28F && loudest < 0.34F);
        QCOMPARE(test::q(song->title), "a");
    }
    void aSongStandsAtTheSameTimeInEveryFormat_data() {
        QTest::addColumn<QString>("name");
        QTest::addColumn<QStringList>("encoder");
        const QStringList picture{"-f", "lavfi", "-i", "color=c=gray:s=64x48:r=10:d=6", "-shortest"};
        QTest::newRow("flac") << "same.flac" << QStringList{};
        QTest::newRow("aiff") << "same.aiff" << QStringList{};
        QTest::newRow("ogg vorbis") << "same.ogg" << QStringList{};
        QTest::newRow("opus") << "same.opus" << QStringList{};
        QTest::newRow("mp3, 320 kbit/s") << "same.mp3" << QStringList{"-b:a", "320k"};
        QTest::newRow("mp3, 64 kbit/s") << "low.mp3" << QStringList{"-b:a", "64k"};
        QTest::newRow("m4a, AAC") << "same.m4a" << QStringList{"-c:a", "aac"};
        QTest::newRow("m4a, lossless") << "lossless.m4a" << QStringList{"-c:a", "alac"};
        QTest::newRow("m4a, 22050 Hz") << "slow.m4a" << QStringList{"-c:a", "aac", "-ar", "22050"};
        QTest::newRow("wma") << "same.wma" << QStringList{"-c:a", "wmav2", "-b:a", "192k"};
        QTest::newRow("mka, AAC") << "same.mka" << QStringList{"-c:a", "aac"};
        QTest::newRow("mp4 with a picture") << "film.mp4" << picture + QStringList{"-c:v", "mpeg4", "-c:a", "aac"};
        QTest::newRow("mkv with a picture")
            << "film.mkv" << picture + QStringList{"-c:v", "mpeg4", "-c:a", "libvorbis"};
        QTest::newRow("webm, opus") << "same.webm" << QStringList{"-c:a", "libopus"};
        QTest::newRow("mov with a picture")
            << "film.mov" << picture + QStringList{"-c:v", "mpeg4", "-c:a", "pcm_s16le"};
        QTest::newRow("mka, AC-3") << "ac3.mka" << QStringList{"-c:a", "ac3"};
        QTest::newRow("aac without a container") << "same.aac" << QStringList{};
        QTest::newRow("ac3") << "same.ac3" << QStringList{};
        QTest::newRow("wavpack") << "same.wv" << QStringList{};
    }
    /// Encoded by the ffmpeg program; the shift against the WAV is where the cross-correlation is greatest.
    void aSongStandsAtTheSameTimeInEveryFormat() {
        QFETCH(QString, name);
        QFETCH(QStringList, encoder);
        if (QProcess::execute("sh", {"-c", "command -v ffmpeg >/dev/null"}) != 0) QSKIP("ffmpeg is not here");
        AudioBuffer song = test::ticks({0.3, 0.9, 1.7, 2.2, 3.1, 3.6, 4.4, 5.3}, 6);
        const AudioBuffer ground = test::tone(6, 330, 44100, 1);
        for (std::size_t i = 0; i < song.samples.size(); ++i)
            song.samples[i] = 0.5F * song.samples[i] + 0.2F * ground.samples[i];
        QVERIFY(writeSound(song, at("same.wav").toStdString()));
        QProcess ffmpeg;
        const bool withPicture = encoder.contains("lavfi");
        ffmpeg.start("ffmpeg", QStringList{"-v", "error", "-y", "-i", at("same.wav")} + encoder +
                                   QStringList{"-metadata", "title=Quarry Reel", "-metadata", "artist=The Hall Band"} +
                                   (withPicture ? QStringList{"-map", "0:a", "-map", "1:v"} : QStringList{}) +
                                   QStringList{at(qPrintable(name))});
        QVERIFY(ffmpeg.waitForFinished());
        QVERIFY2(ffmpeg.exitCode() == 0, ffmpeg.readAllStandardError().constData());
        const auto decoded = decode(qPrintable(name));
        QVERIFY2(decoded, decoded ? "" : decoded.error().message.english().c_str());
        const auto reference = resampled(mono(song), decoded->sound.sampleRate);
        const auto sound = mono(decoded->sound);
        const int reach = sound.sampleRate / 10;
        const auto sample = [](const AudioBuffer& b, long i) {
            return i >= 0 && i < static_cast<long>(b.frames())
                       ? static_cast<double>(b.samples[static_cast<std::size_t>(i)])
                       : 0.0;
        };
        double best = 0;
        int shift = 0;
        for (int k = -reach; k <= reach; ++k) {
            double sum = 0;
            for (long i = reach; i < static_cast<long>(reference.frames()); i += 41)
                sum += sample(reference, i) * sample(sound, i + k);
            if (sum > best) {
                best = sum;
                shift = k;
            }
        }
        const double milliseconds = 1000.0 * shift / sound.sampleRate;
        QVERIFY2(qAbs(milliseconds) <= 1.0, qPrintable(QString("%1 ms").arg(milliseconds)));
        QVERIFY2(qAbs(decoded->sound.seconds() - 6) < 0.1, qPrintable(QString("%1 s").arg(decoded->sound.seconds())));
        const bool tagged = !name.endsWith("ac3") && !name.endsWith("aac");
        QCOMPARE(test::q(decoded->title), tagged ? QString("Quarry Reel") : name.section('.', 0, 0));
        if (tagged && !name.endsWith("aiff"))
            QCOMPARE(test::q(decoded->artist), QString("The Hall Band")); // ffmpeg gives AIFF a title only
    }
    void aVideoWithoutSoundIsNoSong() {
        if (QProcess::execute("ffmpeg", {"-v", "error", "-y", "-f", "lavfi", "-i", "color=c=gray:s=64x48:r=10:d=1",
                                         "-c:v", "mpeg4", at("mute.mp4")}) != 0)
            QSKIP("ffmpeg is not here");
        const auto song = decode("mute.mp4");
        QVERIFY(!song);
        QVERIFY(test::q(song.error().message).contains("not a sound file"));
    }
    void anyChannelsAndRatesAreBroughtToTwoChannels_data() {
        QTest::addColumn<int>("rate");
        QTest::addColumn<int>("channels");
        for (int channels = 1; channels <= 8; ++channels)
            QTest::newRow(qPrintable(QString("%1 channels").arg(channels))) << 44100 << channels;
        for (int rate : {8000, 11025, 22050, 32000, 48000, 96000, 192000})
            QTest::newRow(qPrintable(QString("%1 Hz").arg(rate))) << rate << 2;
    }
    void anyChannelsAndRatesAreBroughtToTwoChannels() {
        QFETCH(int, rate);
        QFETCH(int, channels);
        writeRaw(at("c.wav"), rate, channels, rate, [&](sf_count_t i, int) {
            return 0.1F * static_cast<float>(std::sin(2764.6 * static_cast<double>(i) / rate));
        });
        const auto song = decode("c.wav");
        QVERIFY(song);
        QCOMPARE(song->sound.channels, channels == 1 ? 1 : 2);
        QVERIFY(song->sound.sampleRate >= 32000 && song->sound.sampleRate <= 48000);
        QVERIFY(qAbs(song->sound.seconds() - 1.0) < 0.002);
    }
    void badFilesSayWhatIsWrong() {
        const auto says = [&](const char* name, const char* what) {
            const auto song = decode(name);
            return !song && test::q(song.error().message).contains(what);
        };
        QVERIFY(says("nowhere.wav", "no file"));
        QVERIFY(decode("nowhere.wav").error().code == ErrorCode::NotFound);
        writeBytes(at("empty.wav"), "");
        QVERIFY(says("empty.wav", "is empty"));
        writeBytes(at("picture.wav"), QByteArray::fromHex("89504e470d0a1a0a0000000d49484452") + QByteArray(500, 'x'));
        QVERIFY(says("picture.wav", "not a sound file"));
        writeRaw(at("zero.wav"), 44100, 2, 0, [](sf_count_t, int) { return 0.0F; });
        QVERIFY(says("zero.wav", "no sound"));
        QVERIFY(!decodeSong(m_folder.path().toStdString()));
        writeBytes(at("text.mp3"), "these are words");
        QVERIFY(says("text.mp3", "not a sound file"));
    }
    void aFileThatBreaksOffIsReadAsFarAsItGoes() {
        writeRaw(
            at("whole.flac"), 44100, 1, 441000,
            [](sf_count_t i, int) {
                return 0.4F * static_cast<float>(std::sin(0.3 * static_cast<double>(i * i % 9973)));
            },
            SF_FORMAT_FLAC | SF_FORMAT_PCM_16);
        QFile whole(at("whole.flac"));
        QVERIFY(whole.open(QIODevice::ReadOnly));
        writeBytes(at("cut.flac"), whole.readAll().left(static_cast<int>(whole.size() / 2)));
        const auto song = decode("cut.flac");
        QVERIFY2(song, song ? "" : song.error().message.english().c_str());
        QVERIFY(song->sound.seconds() < 6 && song->sound.seconds() > 3);
        QVERIFY2(test::q(song->warning).contains("breaks off"), song->warning.english().c_str());
    }
    /// The head of a FLAC that promises 2³⁶ − 1 samples (18 days), its most, for ten seconds of sound: room is made for
    /// what comes, and what is missing is told.
    void aHeadThatLiesAboutTheLengthIsNotBelieved() {
        writeRaw(
            at("honest.flac"), 44100, 1, 441000,
            [](sf_count_t i, int) { return 0.4F * static_cast<float>(std::sin(0.05 * static_cast<double>(i))); },
            SF_FORMAT_FLAC | SF_FORMAT_PCM_16);
        QFile honest(at("honest.flac"));
        QVERIFY(honest.open(QIODevice::ReadOnly));
        QByteArray bytes = honest.readAll();
        QCOMPARE(bytes.left(4), QByteArray("fLaC"));
        for (int i = 22; i < 26; ++i) bytes[i] = '\xFF'; // RFC 9639, section 8.2: the last 36 bits before the checksum
        bytes[21] = static_cast<char>(bytes[21] | 0x0F);
        writeBytes(at("liar.flac"), bytes);
        const auto song = decode("liar.flac");
        QVERIFY2(song, song ? "" : song.error().message.english().c_str());
        QCOMPARE(song->sound.frames(), std::size_t(441000));
        QVERIFY2(test::q(song->warning).contains("breaks off"), song->warning.english().c_str());
        QVERIFY(song->sound.samples.capacity() * sizeof(float) < 2'000'000'000U); // never more than the longest song
    }
    void samplesThatAreNoNumbersBecomeSilence() {
        writeRaw(at("nan.wav"), 44100, 1, 4410, [](sf_count_t i, int) {
            return i % 10 == 0 ? std::nanf("") : i % 10 == 1 ? HUGE_VALF : 0.2F;
        });
        const auto song = decode("nan.wav");
        QVERIFY(song);
        for (float s : song->sound.samples) QVERIFY(std::isfinite(s));
        QVERIFY(test::q(song->warning).contains("882 samples"));
    }
    void threeHoursAreRefusedCalmly() {
        writeRaw(
            at("long.wav"), 8000, 1, 8000 * 60 * 91, [](sf_count_t, int) { return 0.0F; },
            SF_FORMAT_WAV | SF_FORMAT_PCM_U8);
        const auto song = decode("long.wav");
        QVERIFY(!song);
        QVERIFY(test::q(song.error().message).contains("longer than 90 minutes"));
    }
    void readingCanBeStopped() {
        writeRaw(at("stop.wav"), 44100, 2, 441000, [](sf_count_t, int) { return 0.1F; });
        std::stop_source stop;
        double seen = 0;
        const auto song = decodeSong(at("stop.wav").toStdString(), {[&](double p) {
                                                                        seen = p;
                                                                        stop.request_stop();
                                                                    },
                                                                    stop.get_token()});
        QVERIFY(!song);
        QVERIFY(song.error().code == ErrorCode::Cancelled);
        QVERIFY(seen > 0 && seen < 1);
    }
    /// Resampling keeps a tone where it is: its zero crossings are counted by sox, an independent tool.
    void resamplingKeepsThePitch() {
        if (QProcess::execute("sh", {"-c", "command -v sox >/dev/null"}) != 0) QSKIP("sox is not here");
        QVERIFY(writeSound(resampled(test::tone(2, 440, 96000, 1), 44100), at("tone.wav").toStdString()));
        QProcess sox;
        sox.start("sox", {at("tone.wav"), "-n", "stat"});
        QVERIFY(sox.waitForFinished());
        const QString out = QString::fromUtf8(sox.readAllStandardError());
        const QRegularExpressionMatch m = QRegularExpression("Rough\\s+frequency:\\s+(\\d+)").match(out);
        QVERIFY2(qAbs(m.captured(1).toInt() - 440) <= 3, qPrintable(m.captured(0))); // sox reads its own 440 Hz as 439
    }
    void loudnessFollowsTheSound() {
        AudioBuffer sound = test::tone(1, 300);
        const AudioBuffer quiet = test::silence(1, 44100, 2);
        sound.samples.insert(sound.samples.end(), quiet.samples.begin(), quiet.samples.end());
        const LoudnessCurve curve = loudnessOf(SongSound(sound));
        QVERIFY(qAbs(curve.between(0.2, 0.8) - 1) < 0.02F);
        QCOMPARE(curve.between(1.2, 1.8), 0.0F);
        QCOMPARE(curve.between(5, 6), 0.0F);
        QVERIFY(loudnessOf(SongSound(44100, 2)).values.empty());
    }
};

LIFTCOUNT_TEST(AudioFileTest)
#include "tst_audio_file.moc"
