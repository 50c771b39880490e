#include "support/core_support.h"

#include "core/base/files.h"

#include <QDir>
#include <QTemporaryDir>

#include <chrono>
#include <csignal>
#include <fcntl.h>
#include <filesystem>
#include <sys/resource.h>
#include <sys/stat.h>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

using namespace lc;

class FilesTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;
    std::string path(const char* name) const { return m_folder.filePath(name).toStdString(); }
    QByteArray bytes(const char* name) const {
        QFile file(m_folder.filePath(name));
        return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray("not there");
    }
    QStringList scraps() const {
        return QDir(m_folder.path()).entryList({".*"}, QDir::Files | QDir::Hidden | QDir::System);
    }

private Q_SLOTS:
    void whatIsWrittenIsReadAndNoScrapStays() {
        for (const char* text : {"", "one", "a longer text than the one before"}) {
            QVERIFY(writeFileAtomically(path("a"), text));
            QCOMPARE(test::q(test::must(readFile(path("a"), 1000))), QString(text));
        }
        QVERIFY(scraps().isEmpty());
        const std::string large(5'000'000, 'x');
        QVERIFY(writeFileAtomically(path("large"), large));
        QVERIFY(test::must(readFile(path("large"), 6'000'000)) == large);
        const auto refused = readFile(path("large"), 4U << 20);
        QVERIFY(!refused && test::q(refused.error().message).contains("more than 4 MB"));
    }
    /// Neither a pipe without a writer nor an endless device is waited for. In a child that an alarm would end.
    void onlyRegularFilesAreRead() {
        QCOMPARE(::mkfifo(path("pipe").c_str(), 0600), 0);
        const pid_t child = fork();
        if (child == 0) {
            alarm(20);
            const auto says = [](const std::string& name, const char* what) {
                const auto read = readFile(name, 1U << 20);
                return !read && read.error().code == ErrorCode::Unreadable &&
                       test::q(read.error().message).contains(what);
            };
            const bool good = says(path("pipe"), "is a pipe") && says("/dev/zero", "is a device") &&
                              says(m_folder.path().toStdString(), "is a folder");
            _exit(good ? 0 : 1);
        }
        int status = -1;
        waitpid(child, &status, 0);
        QVERIFY(WIFEXITED(status) && WEXITSTATUS(status) == 0);
        QVERIFY(readFile(path("nowhere"), 10).error().code == ErrorCode::NotFound);
    }
    /// A read that fails half way, as from a bad stick: the memory of this process is a regular file to stat(2), and
    /// reading its first page is EIO (proc(5)).
    void aFaultWhileReadingIsSaid() {
        const auto read = readFile("/proc/self/mem", 1U << 20);
        QVERIFY(!read && read.error().code == ErrorCode::Unreadable);
        QVERIFY2(test::q(read.error().message).contains("could not be read to its end"),
                 read.error().message.english().c_str());
    }
    void readingCanBeStopped() {
        QVERIFY(writeFileAtomically(path("b"), "text"));
        std::stop_source stop;
        stop.request_stop();
        QVERIFY(readFile(path("b"), 10, {{}, stop.get_token()}).error().code == ErrorCode::Cancelled);
    }
    void linksAreWrittenThrough() {
        QVERIFY(writeFileAtomically(path("real"), "before"));
        QCOMPARE(::symlink(path("real").c_str(), path("link").c_str()), 0);
        QVERIFY(writeFileAtomically(path("link"), "after"));
        QVERIFY(std::filesystem::is_symlink(path("link")));
        QCOMPARE(bytes("real"), QByteArray("after"));
    }
    /// A pipe stays a pipe, and who reads from it gets the bytes; without a reader it is refused at once.
    void aPipeIsWrittenIntoAndNotReplaced() {
        QCOMPARE(::mkfifo(path("out").c_str(), 0600), 0);
        const auto alone = writeFileAtomically(path("out"), "x");
        QVERIFY(!alone && test::q(alone.error().message).contains("nothing reads"));
        const int reader = ::open(path("out").c_str(), O_RDONLY | O_NONBLOCK);
        QVERIFY(reader >= 0);
        QVERIFY(writeFileAtomically(path("out"), "through"));
        char got[16] = {};
        QCOMPARE(::read(reader, got, sizeof got), ssize_t(7));
        QCOMPARE(QByteArray(got), QByteArray("through"));
        ::close(reader);
        struct stat there {};
        QCOMPARE(::stat(path("out").c_str(), &there), 0);
        QVERIFY(S_ISFIFO(there.st_mode));
        QVERIFY(replaceFile(path("out"), [](const std::string&) -> Result<void> { return {}; }).error().code ==
                ErrorCode::Unwritable);
    }
    void devicesStayDevices() {
        QCOMPARE(::symlink("/dev/null", path("null").c_str()), 0);
        QVERIFY(writeFileAtomically(path("null"), "gone"));
        QVERIFY(std::filesystem::is_symlink(path("null")) && std::filesystem::is_character_file("/dev/null"));
        QCOMPARE(::symlink("/dev/full", path("full").c_str()), 0); // a device that is always full (full(4))
        const auto full = writeFileAtomically(path("full"), "no room");
        QVERIFY(!full && test::q(full.error().message).contains("disk is full"));
        QVERIFY(std::filesystem::is_character_file("/dev/full"));
    }
    /// Of programs that are gone and of this process number, after ten minutes; never those of a program that runs,
    /// never other files.
    void oldScrapsAreClearedAway() {
        const auto old = std::filesystem::file_time_type::clock::now() - std::chrono::hours(1);
        const auto scrap = [&](const std::string& name, bool isOld) {
            const std::string at = path(name.c_str());
            QVERIFY(writeFileAtomically(at + "~", "scrap"));
            std::filesystem::rename(at + "~", at);
            if (isOld) std::filesystem::last_write_time(at, old);
        };
        const pid_t gone = fork();
        if (gone == 0) _exit(0);
        waitpid(gone, nullptr, 0);
        const std::string mine = std::to_string(::getpid()), parent = std::to_string(::getppid()),
                          dead = std::to_string(gone);
        scrap(".c." + dead + ".part", true);
        scrap(".c." + dead + "-77.part.txt", true);
        scrap(".c." + mine + ".part", true);
        scrap(".c." + dead + "-78.part", false);
        scrap(".c." + parent + "-1.part", true);
        scrap(".other." + dead + ".part", true);
        scrap(".c." + dead + ".notes", true);
        QVERIFY(writeFileAtomically(path("c"), "new"));
        QStringList left = scraps(), expected{QString::fromStdString(".c." + dead + "-78.part"),
                                              QString::fromStdString(".c." + dead + ".notes"),
                                              QString::fromStdString(".c." + parent + "-1.part"),
                                              QString::fromStdString(".other." + dead + ".part")};
        left.sort();
        expected.sort();
        QCOMPARE(left, expected);
        for (const QString& name : left) QFile::remove(m_folder.filePath(name));
    }
    /// Three hundred kills at random moments of a program that saves without end: what is there is always one of the
    /// two texts, whole.
    void aKillWhileSavingNeverDamages() {
        const std::string one(200'000, '1'), two(300'000, '2');
        QVERIFY(writeFileAtomically(path("k"), one));
        std::srand(5);
        for (int i = 0; i < (test::sanitized ? 40 : 300); ++i) {
            const pid_t child = fork();
            if (child == 0)
                for (bool odd = false;; odd = !odd) (void)writeFileAtomically(path("k"), odd ? one : two);
            std::this_thread::sleep_for(
                std::chrono::microseconds(std::rand() % 3000)); // when it is hit is the point, not how long it takes
            kill(child, SIGKILL);
            waitpid(child, nullptr, 0);
            const std::string now = test::must(readFile(path("k"), 1U << 20));
            QVERIFY(now == one || now == two);
        }
        for (const QString& name : scraps())
            QFile::remove(m_folder.filePath(name)); // of the killed; cleared by themselves after ten minutes
    }
    /// Beyond the system's limit for a file: the old one stays, no scrap is left, and the program lives.
    void aFileBeyondTheLimitIsAnError() {
        QVERIFY(writeFileAtomically(path("limit"), "before"));
        const pid_t child = fork();
        if (child == 0) {
            signal(SIGXFSZ, SIG_IGN);
            const rlimit limit{512, 512};
            setrlimit(RLIMIT_FSIZE, &limit);
            const auto written = writeFileAtomically(path("limit"), std::string(4000, 'x'));
            _exit(!written && test::q(written.error().message).contains("larger than the system allows") ? 0 : 1);
        }
        int status = -1;
        waitpid(child, &status, 0);
        QVERIFY(WIFEXITED(status) && WEXITSTATUS(status) == 0);
        QCOMPARE(bytes("limit"), QByteArray("before"));
        QVERIFY(scraps().isEmpty());
    }
    void aFailedLibraryLeavesTheOldFile() {
        QVERIFY(writeFileAtomically(path("lib.wav"), "before"));
        const auto failed = replaceFile(path("lib.wav"), [](const std::string& scrap) -> Result<void> {
            if (!QString::fromStdString(scrap).endsWith(".wav")) qFatal("the ending is lost");
            return fail(ErrorCode::Unwritable, Core::sentence("no"));
        });
        QVERIFY(!failed);
        QCOMPARE(bytes("lib.wav"), QByteArray("before"));
        QVERIFY(scraps().isEmpty());
    }
    void longNamesAreWritten() {
        const std::string name = m_folder.path().toStdString() + "/" + std::string(240, 'n') + ".txt";
        QVERIFY(writeFileAtomically(name, "x"));
        QVERIFY(!writeFileAtomically(m_folder.path().toStdString() + "/" + std::string(300, 'n'), "x"));
    }
};

LIFTCOUNT_TEST(FilesTest)
#include "tst_files.moc"
